"use client";

import { useTransition } from "react";
import { renewCode } from "@/live/actions.ts";
import { renewLinkWords } from "./words.ts";

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
      {renewLinkWords().makeANewLink}
    </button>
  );
}
