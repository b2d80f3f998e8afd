"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { undoLast } from "./actions.ts";

export function Undo({ classId, label }: { classId: string; label: string | null }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <span className="text-sm">
      {label && (
        <button
          type="button"
          className="verb"
          disabled={busy}
          onClick={() =>
            start(async () => {
              const answer = await undoLast(classId);
              setSaid(answer.ok ? `Put back: ${answer.label}.` : "Nothing could be put back.");
              window.dispatchEvent(new Event("elm:undone"));
              router.refresh();
            })
          }
        >
          Undo: {label}
        </button>
      )}
      <span role="status" className="ml-2 text-soft">
        {busy ? "putting back …" : said}
      </span>
    </span>
  );
}
