"use client";

import { useState, useTransition } from "react";
import { markTaskDone } from "@/stations/frame/task-actions.ts";

/** Tasks of the blanks, ticked off where they are listed. */
export function TickTasks({ classId, marks }: { classId: string; marks: readonly { readonly id: string; readonly title: string }[] }) {
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <ul className="mt-1" aria-busy={busy}>
      {marks.map(({ id, title }) => (
        <li key={id}>
          <label className="flex min-h-9 items-center gap-2">
            <input type="checkbox" disabled={busy} onChange={() => start(async () => setSaid((await markTaskDone(classId, id, true).catch(() => false)) ? "" : "That was not kept. Try again."))} />{" "}
            {title}
          </label>
        </li>
      ))}
      {said && (
        <li role="alert" className="text-brick">
          {said}
        </li>
      )}
    </ul>
  );
}
