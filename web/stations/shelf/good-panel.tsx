"use client";

import { MOST_AMOUNT } from "@elm-basket/core/stock/good-kinds.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import type { MoveRow } from "@/data/goods.ts";
import { Button } from "@/ui/button.tsx";
import { goodsWords } from "@/ui/craft/goods.ts";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { historyOf, putGoodAway, recordMove } from "./actions.ts";
import { OfferList } from "./offer-list.tsx";
import { lackingOf, type ShelfGood } from "./shelf-view.ts";
import type { GoodEditor } from "./use-good.ts";
import { goodPanelWords } from "./words.ts";

const happenedSaid = () =>
  ({
    received: goodPanelWords().cameIn,
    counted: goodPanelWords().countedThisMuchIsHere,
    spoiled: goodPanelWords().spoiledOrLost,
  }) as const;
const SHOWN = 8;

/** Of the good in hand: what happened to it, and where it can be had. */
export function GoodPanel({
  good,
  editor,
  unit,
  currency,
}: {
  good: ShelfGood;
  editor: GoodEditor;
  unit: LengthUnit;
  currency: string;
}) {
  const say = goodPanelWords();
  const router = useRouter();
  const [moves, setMoves] = useState<readonly MoveRow[] | null>(null);
  const [all, setAll] = useState(false);
  const [kind, setKind] = useState<keyof ReturnType<typeof happenedSaid>>("received");
  const [amount, setAmount] = useState(0);
  const [note, setNote] = useState("");
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const { id, onHand } = good;
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is here tells that something has moved
  useEffect(() => {
    let gone = false;
    historyOf(id).then((rows) => !gone && setMoves(rows));
    return () => {
      gone = true;
    };
  }, [id, onHand]);
  const write = () =>
    start(async () => {
      const answer = await recordMove(id, { kind, amount, note });
      setSaid(
        answer.ok
          ? say.writtenDownHereNow(goodsWords().countedIn(answer.onHand, editor.value.unit))
          : answer.message,
      );
      if (!answer.ok) return;
      setAmount(0);
      setNote("");
      router.refresh();
    });
  const day = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short" });
  const shown = all ? (moves ?? []) : (moves ?? []).slice(0, SHOWN);
  return (
    <div className="mt-3 grid gap-x-10 lg:grid-cols-[1.2fr_1fr]">
      <section aria-label={say.whatHappened}>
        <h3 className="border-rule border-b pb-1 font-head text-base">
          {say.whatHappenedNewestFirstNothing}
        </h3>
        <form
          className="mt-2 grid grid-cols-[1fr_92px] items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            write();
          }}
        >
          <SelectField
            label={say.whatHappened}
            value={kind}
            words={happenedSaid()}
            onChange={setKind}
          />
          <NumberField
            label={say.howMany}
            value={amount}
            least={0}
            most={MOST_AMOUNT}
            digits={3}
            onChange={setAmount}
          />
          <TextField label={say.note} value={note} maxLength={300} onChange={setNote} />
          <Button type="submit" disabled={busy || (kind !== "counted" && amount === 0)}>
            {say.writeIt}
          </Button>
        </form>
        <p role="status" className="min-h-5 text-sm">
          {said}
        </p>
        {moves === null ? (
          <p className="text-soft text-sm">{say.lookingItUp}</p>
        ) : moves.length === 0 ? (
          <p className="text-soft text-sm">{say.nothingYet}</p>
        ) : (
          <table className="w-full text-sm">
            <tbody>
              {shown.map((move) => (
                <tr key={move.id} className="border-rule border-b">
                  <td className="py-2 text-soft">{day.format(new Date(move.at))}</td>
                  <td className="px-2">{goodsWords().MOVE_WORDS[move.kind]}</td>
                  <td className="text-right font-bold">
                    {move.change > 0 ? "+" : "−"}
                    {goodsWords().tidyAmount(Math.abs(move.change))}
                  </td>
                  <td className="pl-3 text-soft [overflow-wrap:anywhere]">
                    {[workWords(move), move.note].filter(Boolean).join(" ")}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {!all && (moves?.length ?? 0) > SHOWN && (
          <button type="button" className="verb min-h-11 text-sm" onClick={() => setAll(true)}>
            {say.showAll(moves?.length)}
          </button>
        )}
      </section>
      <div>
        <OfferList
          good={editor.value}
          currency={currency}
          unit={unit}
          lacking={lackingOf(good)}
          onChange={(offers, label) => editor.change({ ...editor.value, offers }, label)}
        />
        {good.classes === 0 && (
          <button
            type="button"
            className="verb mt-4 min-h-11"
            disabled={busy}
            onClick={() =>
              start(async () => {
                setSaid(say.aClassDraws(await putGoodAway(id)));
                router.refresh();
              })
            }
          >
            {say.takeItOffTheShelf}
          </button>
        )}
      </div>
    </div>
  );
}

function workWords({ work, title }: MoveRow): string {
  const say = goodPanelWords();
  if (!work) return "";
  const what = work.startsWith("load:")
    ? say.aLoad
    : work.startsWith("kit:")
      ? say.seatOf(work.slice(4))
      : say.forTheRoom;
  return say.text(what, title);
}
