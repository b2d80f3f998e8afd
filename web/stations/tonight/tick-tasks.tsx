"use client";

import { useState, useTransition } from "react";
import { markTaskDone } from "@/stations/frame/task-actions.ts";
import { tickTasksWords } from "./words.ts";

/** Tasks of the blanks, ticked off where they are listed. */
export function TickTasks({
  classId,
  marks,
}: {
  classId: string;
  marks: readonly { readonly id: string; readonly title: string }[];
}) {
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const [ticked, setTicked] = useState<string | null>(null);
  const tick = (id: string) => {
    setTicked(id);
    start(async () => {
      const done = await markTaskDone(classId, id, true).catch(() => false);
      setSaid(tickTasksWords().thatWasNotKeptTry(done));
      if (!done) setTicked(null);
    });
  };
  return (
    <ul className="mt-1" aria-busy={busy}>
      {marks.map(({ id, title }) => (
        <li key={id}>
          <label className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              disabled={busy}
              checked={ticked === id}
              onChange={() => tick(id)}
            />{" "}
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
