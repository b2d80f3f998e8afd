"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { markTaskDone } from "@/stations/frame/task-actions.ts";
import { CheckField } from "@/ui/choice.tsx";
import { printedTickWords } from "./words.ts";

/** Tonight asks for labels and cards until they are printed. */
export function PrintedTick({
  classId,
  task,
  printed,
}: {
  classId: string;
  task: string;
  printed: boolean;
}) {
  const say = printedTickWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <div aria-busy={busy} className="mt-1">
      <CheckField
        label={say.labelsAndCardsArePrinted}
        checked={printed}
        onChange={(on) =>
          start(async () => {
            const done = await markTaskDone(classId, task, on).catch(() => false);
            setSaid(say.thatWasNotKeptTry(done));
            router.refresh();
          })
        }
      />
      {said && (
        <p role="alert" className="text-brick text-sm">
          {said}
        </p>
      )}
    </div>
  );
}
