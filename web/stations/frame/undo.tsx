"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import { redoLast, undoLast } from "./actions.ts";
import { flushParts } from "./pending.ts";
import type { UndoAnswer } from "./step-back.ts";

/**
 * Puts back the last edit, and does it again. What was just typed is saved first, so that it is
 * what is undone.
 */
export function Undo({
  classId,
  label,
  redo,
}: {
  classId: string;
  label: string | null;
  redo: string | null;
}) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const act = (way: "undo" | "redo") =>
    start(async () => {
      if (!(await flushParts())) return setSaid("Not everything is saved yet: see what is marked.");
      const answer: UndoAnswer = await (way === "undo" ? undoLast(classId) : redoLast(classId));
      setSaid(
        answer.ok
          ? `${way === "undo" ? "Put back" : "Done again"}: ${answer.label}.`
          : "Nothing could be put back.",
      );
      router.refresh();
    });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (
        !(event.ctrlKey || event.metaKey) ||
        event.altKey ||
        target?.closest("input, textarea, select, [contenteditable]")
      )
        return;
      const key = event.key.toLowerCase();
      if (key === "z" && !event.shiftKey) act("undo");
      else if ((key === "z" && event.shiftKey) || key === "y") act("redo");
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
  return (
    <span className="text-sm">
      {label && (
        <button
          type="button"
          className="verb"
          disabled={busy}
          onClick={() => act("undo")}
          aria-keyshortcuts="Control+Z"
        >
          Undo: {label}
        </button>
      )}
      {redo && (
        <button
          type="button"
          className="verb ml-3"
          disabled={busy}
          onClick={() => act("redo")}
          aria-keyshortcuts="Control+Shift+Z"
        >
          Redo: {redo}
        </button>
      )}
      <span role="status" className="ml-2 text-soft">
        {busy ? "putting back …" : said}
      </span>
    </span>
  );
}
