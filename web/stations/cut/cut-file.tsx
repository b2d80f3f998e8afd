"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { type FileAnswer, layAsInFile, lookAtCutFile } from "./layout-actions.ts";
import { cutFileWords } from "./words.ts";

/** A cut file that was changed elsewhere is held against the plan. */
export function CutFile({ classId }: { classId: string }) {
  const say = cutFileWords();
  const router = useRouter();
  const [answer, setAnswer] = useState<FileAnswer | null>(null);
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const look = (file: File | undefined) =>
    file &&
    start(async () => {
      setSaid("");
      setAnswer(
        await lookAtCutFile(classId, await file.text()).catch(
          (): FileAnswer => ({ ok: false, message: say.thatFileCould }),
        ),
      );
    });
  const take = (found: Extract<FileAnswer, { ok: true }>) =>
    start(async () => {
      const done = await layAsInFile(classId, found.nn, found.hash, found.moves);
      setSaid(done.ok ? say.laidLike : done.message);
      if (done.ok) setAnswer(null);
      router.refresh();
    });
  return (
    <div className="grid gap-2 pt-3 text-sm" aria-busy={busy}>
      <label className="grid gap-1">
        {say.lookAtACutFile}
        <input
          type="file"
          accept=".svg,image/svg+xml"
          className="max-w-full"
          onChange={(event) => look(event.target.files?.[0])}
        />
      </label>
      <div role="status">
        {answer?.ok === false && <p className="text-brick">{answer.message}</p>}
        {answer?.ok && (
          <ul>
            {answer.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
        {said}
      </div>
      {answer?.ok && answer.moves.length > 0 && (
        <Button disabled={busy} onClick={() => take(answer)}>
          {say.layTheMovedOnesLike}
        </Button>
      )}
    </div>
  );
}
