"use client";

import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { bringList, type ListAnswer } from "./actions.ts";
import { goodsListWords } from "./words.ts";

const SHOWN = 12;
const listed = (names: readonly string[]): string =>
  names.length === 0
    ? "none"
    : goodsListWords().text(names.slice(0, SHOWN).join(", "), names.length, SHOWN);

/** The shelf as a list, out and in: what a list would change is told before it does. */
export function GoodsList() {
  const say = goodsListWords();
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
        {say.theWholeShelf}
      </a>
      <button type="button" className="verb min-h-11" onClick={() => setOpen(true)}>
        {say.bringAList}
      </button>
      <Dialog open={open} onOpenChange={setOpen} title={say.aListOfGoods} wide>
        <p className="mb-3 text-soft">{say.csvWithALine}</p>
        <label className="block">
          <span className="mb-1 block text-sm">{say.aFile}</span>
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="min-h-11"
            onChange={async (event) => look((await event.target.files?.[0]?.text()) ?? "")}
          />
        </label>
        <label className="mt-3 block">
          <span className="mb-1 block text-sm">{say.orPasted}</span>
          <textarea
            rows={7}
            className="w-full font-mono text-sm"
            value={text}
            onChange={(event) => look(event.target.value)}
          />
        </label>
        <div role="status" className="mt-3 min-h-6">
          {busy && !answer && say.looking}
          {answer && (
            <ul>
              <li>
                <b>{say.text2(answer.taken, answer.fresh.length)}</b> {listed(answer.fresh)}
              </li>
              <li>
                <b>{say.changed(answer.changed.length)}</b> {listed(answer.changed)}
              </li>
              <li>{say.theSameAsNow(answer.same)}</li>
              {answer.trouble.slice(0, SHOWN).map((one) => (
                <li key={one} className="text-brick">
                  {one}
                </li>
              ))}
              {answer.trouble.length > SHOWN && (
                <li className="text-brick">
                  {say.moreLinesAreLeftOut(answer.trouble.length, SHOWN)}
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
            {say.doneTake(answer?.taken, changes)}
          </Button>
        </div>
      </Dialog>
    </p>
  );
}
