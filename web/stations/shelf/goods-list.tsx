"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { bringList, type ListAnswer } from "./actions.ts";

const SHOWN = 12;
const listed = (names: readonly string[]): string =>
  names.length === 0
    ? "none"
    : `${names.slice(0, SHOWN).join(", ")}${names.length > SHOWN ? ` and ${names.length - SHOWN} more` : ""}`;

/** The shelf as a list, out and in: what a list would change is told before it does. */
export function GoodsList() {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [answer, setAnswer] = useState<ListAnswer | null>(null);
  const [busy, start] = useTransition();
  const look = (next: string) => {
    setText(next);
    setAnswer(null);
    if (next.trim() !== "") start(async () => setAnswer(await bringList(next, false)));
  };
  const take = () =>
    start(async () => {
      setAnswer(await bringList(text, true));
      router.refresh();
    });
  const changes = answer ? answer.fresh.length + answer.changed.length : 0;
  return (
    <p className="mt-2 flex flex-wrap gap-x-6">
      <a className="verb min-h-11 content-center" href="/shelf/goods.csv" download>
        The whole shelf as a list, CSV
      </a>
      <button type="button" className="verb min-h-11" onClick={() => setOpen(true)}>
        Bring a list in
      </button>
      <Dialog open={open} onOpenChange={setOpen} title="A list of goods" wide>
        <p className="mb-3 text-soft">
          CSV with a line of headings: “name” is enough; kind, unit, here, keep, shop, pack and
          price where they are known. A second line of the same good is a second offer. Nothing that
          the list does not name is changed.
        </p>
        <label className="block">
          <span className="mb-1 block text-sm">A file</span>
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="min-h-11"
            onChange={async (event) => look((await event.target.files?.[0]?.text()) ?? "")}
          />
        </label>
        <label className="mt-3 block">
          <span className="mb-1 block text-sm">Or pasted</span>
          <textarea
            rows={7}
            className="w-full font-mono text-sm"
            value={text}
            onChange={(event) => look(event.target.value)}
          />
        </label>
        <div role="status" className="mt-3 min-h-6">
          {busy && !answer && "Looking …"}
          {answer && (
            <ul>
              <li>
                <b>
                  {answer.taken ? "Put on the shelf" : "New"}: {answer.fresh.length}.
                </b>{" "}
                {listed(answer.fresh)}
              </li>
              <li>
                <b>Changed: {answer.changed.length}.</b> {listed(answer.changed)}
              </li>
              <li>The same as now: {answer.same}.</li>
              {answer.trouble.slice(0, SHOWN).map((one) => (
                <li key={one} className="text-brick">
                  {one}
                </li>
              ))}
              {answer.trouble.length > SHOWN && (
                <li className="text-brick">
                  {answer.trouble.length - SHOWN} more lines are left out.
                </li>
              )}
            </ul>
          )}
        </div>
        <div className="mt-4 flex justify-end">
          <Button
            tone="main"
            disabled={busy || changes === 0 || answer?.taken === true}
            onClick={take}
          >
            {answer?.taken ? "Done" : `Take ${changes === 1 ? "this one" : `these ${changes}`}`}
          </Button>
        </div>
      </Dialog>
    </p>
  );
}
