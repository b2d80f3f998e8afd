"use client";

import { useRef, useState } from "react";
import { goodsWords } from "@/ui/craft/goods.ts";
import { NumberField } from "@/ui/fields.tsx";
import { moneyText } from "@/ui/figures.ts";
import { freshId } from "@/ui/fresh-id.ts";
import { useAct } from "@/ui/use-act.ts";
import { buyLineWords } from "../words.ts";
import { takeBack, tickOff } from "./shopping-actions.ts";
import { priceOf, type ShoppingLine } from "./shopping-list.ts";

/** One line to buy: as many packs as were bought go onto the shelf with one press. */
export function BuyLine({
  line,
  currency,
  orderBy,
}: {
  line: ShoppingLine;
  currency: string;
  orderBy: string;
}) {
  const say = buyLineWords();
  const [packs, setPacks] = useState(line.packs);
  const { busy, said, act } = useAct();
  // The same press made twice, because its answer was lost, counts once.
  const mark = useRef("");
  const buy = () => {
    mark.current ||= freshId();
    act(
      () =>
        tickOff({ mark: mark.current, good: line.good, packs, size: line.size, shop: line.shop }),
      () => {
        mark.current = "";
      },
    );
  };
  const price = priceOf({ ...line, packs });
  const alone = line.size === 1;
  return (
    <li
      className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-1 border-rule border-b py-2 sm:grid-cols-[auto_1fr_auto]"
      aria-busy={busy}
    >
      <button
        type="button"
        disabled={busy}
        onClick={buy}
        aria-label={say.bought(line.name)}
        className="size-11 rounded-card border-2 border-elm bg-paper hover:bg-elm-tint print:border-ink"
      >
        {busy ? "…" : ""}
      </button>
      <div className="min-w-0">
        <p className="font-bold leading-tight [overflow-wrap:anywhere]">{line.name}</p>
        <p className="text-soft text-sm">
          {goodsWords().countedIn(line.lacking, line.unit)} {say.lacking}
          {alone ? "" : say.inPacks(goodsWords().countedIn(line.size, line.unit))}
          {line.for.length > 0 ? say.forSaid(line.for.join(", ")) : say.toBeKept}
          {orderBy && ` · ${orderBy}`}
        </p>
        {said && (
          <p role="alert" className="text-brick text-sm">
            {said}
          </p>
        )}
      </div>
      <div className="col-start-2 flex items-center gap-3 sm:col-start-3">
        <span className="w-24 print:hidden">
          <NumberField
            label=""
            name={buyLineWords().packsOf(line.name)}
            value={packs}
            least={1}
            most={10_000}
            onChange={setPacks}
          />
        </span>
        <span className="hidden font-bold print:inline">{say.text(packs)}</span>
        <span
          className={`w-28 whitespace-nowrap text-right ${price === null ? "text-ochre text-sm" : ""}`}
        >
          {price === null ? say.priceNotKnown : moneyText(price, currency)}
        </span>
      </div>
    </li>
  );
}

/** What was ticked off can be taken back, as long as it is there. */
export function NotBought({ mark, name }: { mark: string; name: string }) {
  const say = buyLineWords();
  const { busy, said, act } = useAct();
  return (
    <>
      <button
        type="button"
        disabled={busy}
        className="verb min-h-11"
        aria-label={say.notBoughtAfterAll(name)}
        onClick={() => act(() => takeBack(mark))}
      >
        {say.notBoughtAfterAll2}
      </button>
      {said && (
        <span role="alert" className="block text-brick text-sm">
          {said}
        </span>
      )}
    </>
  );
}

export function PrintButton() {
  return (
    <button type="button" className="verb min-h-11 print:hidden" onClick={() => window.print()}>
      {buyLineWords().print}
    </button>
  );
}
