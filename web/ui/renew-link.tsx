"use client";

import { useTransition } from "react";
import { renewCode } from "@/live/actions.ts";

/** A link to follow or to choose by is made anew; whoever has the old one is out. */
export function RenewLink({
  classId,
  kind = "follow",
}: {
  classId: string;
  kind?: "follow" | "choose";
}) {
  const [busy, start] = useTransition();
  return (
    <button
      type="button"
      className="verb text-sm"
      disabled={busy}
      onClick={() => start(() => renewCode(classId, kind))}
    >
      Make a new link (the old one stops)
    </button>
  );
}
