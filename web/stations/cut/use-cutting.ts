"use client";

import { useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState } from "react";

export interface Cutting {
  readonly mine: boolean;
  readonly nn: number;
  readonly state: "sending" | "cutting" | "paused" | "jammed" | "finished" | "stopped";
  readonly cut: readonly string[];
  readonly pieces: number;
  readonly seconds: number;
  readonly ofSeconds: number;
  readonly fault: string | null;
}

interface Seen {
  readonly job: Cutting | null;
  readonly silent: boolean;
  /** Film in the cutter, whoever loaded it, mm; waiting as long as nothing was sent for it. */
  readonly film: {
    readonly width: number;
    readonly height: number;
    readonly waiting: boolean;
  } | null;
}

const WATCH_MS = 600;
const IDLE_MS = 4000;

/**
 * Watches the cutter while it works, and now and then otherwise; the page is refreshed when a job
 * ends.
 */
export function useCutting(
  classId: string,
): Seen & { offline: boolean; look(): void; begun(): void } {
  const router = useRouter();
  const [seen, setSeen] = useState<Seen>({ job: null, silent: false, film: null });
  const [offline, setOffline] = useState(false);
  const working = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  /** The page was left: an answer that is still on its way asks for no other. */
  const left = useRef(false);
  const look = useCallback(async () => {
    clearTimeout(timer.current);
    const answer = await fetch(`/classes/${classId}/cutting`, { cache: "no-store" })
      .then((response) => (response.ok ? (response.json() as Promise<Seen>) : null))
      .catch(() => null);
    if (left.current) return;
    setOffline(answer === null);
    if (answer) {
      const now =
        answer.job !== null && answer.job.state !== "finished" && answer.job.state !== "stopped";
      if (working.current && !now) router.refresh();
      working.current = now;
      setSeen(answer);
    }
    timer.current = setTimeout(
      () => void look(),
      working.current || answer === null ? WATCH_MS : IDLE_MS,
    );
  }, [classId, router]);
  useEffect(() => {
    left.current = false;
    void look();
    return () => {
      left.current = true;
      clearTimeout(timer.current);
    };
  }, [look]);
  // A short second pass may be over, and written down, before it is looked at for the first time:
  // the page is refreshed then, too.
  const begun = useCallback(() => {
    working.current = true;
    void look();
  }, [look]);
  return { ...seen, offline, look: () => void look(), begun };
}
