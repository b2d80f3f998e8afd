"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import { redoLast, undoLast } from "./actions.ts";
import { flushParts } from "./pending.ts";
import type { UndoAnswer } from "./step-back.ts";
import { undoWords } from "./words.ts";

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
  const say = undoWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const act = (way: "undo" | "redo") =>
    start(async () => {
      if (!(await flushParts())) return setSaid(say.notEverythingIsSavedYet);
      const answer: UndoAnswer = await (way === "undo" ? undoLast(classId) : redoLast(classId));
      setSaid(say.nothingCouldBePutBack(answer.ok, way, answer.label));
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
          {say.undo(label)}
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
          {say.redo(redo)}
        </button>
      )}
      <span role="status" className="ml-2 text-soft">
        {say.puttingBack(busy, said)}
      </span>
    </span>
  );
}
