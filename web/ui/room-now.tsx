"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { RoomState } from "@/room/state.ts";
import { sayPhones } from "./room-words-en.ts";

const LOOK_MS = 4000;

/** How many are connected; where the network has changed, the page is read anew with its codes. */
export function RoomNow({ initial }: { initial: RoomState }) {
  const router = useRouter();
  const [state, setState] = useState(initial);
  useEffect(() => {
    const stop = new AbortController();
    const look = async () => {
      const response = await fetch("/room/state", { signal: stop.signal });
      const next = response.ok ? ((await response.json()) as RoomState | null) : null;
      if (next?.address !== initial.address || next.fault !== initial.fault) router.refresh();
      if (next) setState(next);
    };
    // Without an answer the last news stand, and the next look may have one.
    const timer = setInterval(() => void look().catch(() => {}), LOOK_MS);
    return () => {
      stop.abort();
      clearInterval(timer);
    };
  }, [initial, router]);
  return (
    <span role="status" data-phones>
      {sayPhones(state.phones)}
    </span>
  );
}
