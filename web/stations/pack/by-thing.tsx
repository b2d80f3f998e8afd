"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { useState, useTransition } from "react";
import type { StoredPlan } from "@/data/making.ts";
import type { Effect } from "@/planning/effect.ts";
import { EffectTable } from "@/stations/frame/effect-table.tsx";
import { moneyText, showSize } from "@/ui/figures.ts";
import { Reckoned } from "@/ui/reckoned.tsx";
import { withoutThings } from "./what-if-actions.ts";
import { byThingWords } from "./words.ts";

type Share = NonNullable<StoredPlan["thingShares"]>[number];

interface Props {
  readonly classId: string;
  readonly shares: readonly Share[];
  readonly titles: Readonly<Record<string, string>>;
  readonly films: Readonly<Record<string, string>>;
  readonly names: Readonly<Record<string, string>>;
  readonly seats: number;
  readonly currency: string;
  readonly unit: LengthUnit;
}

/** What each thing takes for a seat and for all; and what it would be without one of them. */
export function ByThing({ classId, shares, titles, films, names, seats, currency, unit }: Props) {
  const say = byThingWords();
  const [out, setOut] = useState<readonly string[]>([]);
  const [effect, setEffect] = useState<Effect | null>(null);
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const things = shares.flatMap((share) =>
    share.thing === null ? [] : [{ ...share, thing: share.thing }],
  );
  const shared = shares.find(({ thing }) => thing === null);
  const each = (value: number) => (seats > 0 ? value / seats : 0);
  // The currency stands once, at the head of the column.
  const amount = (materials: number) =>
    moneyText(Math.ceil(each(materials) - 1e-6), currency).replace(/ [A-Z]{3}$/u, "");
  const money = (share: Share) =>
    share.missing.length > 0
      ? say.withoutAPrice(
          share.materials > 0 ? say.and(amount(share.materials)) : "",
          share.missing.length,
        )
      : amount(share.materials);
  const total = (pick: (share: Share) => number) =>
    shares.reduce((sum, share) => sum + pick(share), 0);
  const missing = [...new Set(shares.flatMap((share) => share.missing))];
  const ask = (thing: string, on: boolean) => {
    const next = on ? out.filter((id) => id !== thing) : [...out, thing];
    setOut(next);
    setEffect(null);
    setSaid("");
    if (next.length === 0) return;
    start(async () => {
      const answer = await withoutThings(classId, next);
      setEffect(answer);
      if (!answer) setSaid(say.withoutAllOfThemThere);
    });
  };
  return (
    <section aria-label={say.byThing} aria-busy={busy} className="mt-7">
      <h2 className="mb-1 text-lg">{say.forEachSeat}</h2>
      <table className="w-full text-left text-sm tabular-nums">
        <thead className="text-soft">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">{say.makes}</th>
            <th className="text-right font-normal">{say.pieces}</th>
            <th className="pl-2 text-right font-normal">{say.weeding}</th>
            <th className="pl-2 text-right font-normal">{say.materials(currency)}</th>
          </tr>
        </thead>
        <tbody>
          {things.map((share) => (
            <tr key={share.thing} className="border-rule border-b align-top">
              <th scope="row" className="py-1 font-normal">
                <label className="flex min-h-9 items-center gap-2">
                  <input
                    type="checkbox"
                    checked={!out.includes(share.thing)}
                    onChange={(event) => ask(share.thing, event.target.checked)}
                    aria-label={say.withSaid(titles[share.thing], share.thing)}
                  />
                  <span>
                    <b>{titles[share.thing] ?? share.thing}</b>
                    <span className="block text-soft">
                      {share.made} {say.inAll}
                      {share.tape.width > 0 ? say.tape(showSize(share.tape, unit)) : ""}
                    </span>
                  </span>
                </label>
              </th>
              <td className="py-2 text-right">{Math.round(10 * each(share.pieces)) / 10}</td>
              <td className="py-2 pl-2 text-right">{showMinutes(each(share.weedMinutes))}</td>
              <td className="py-2 pl-2 text-right">{money(share)}</td>
            </tr>
          ))}
          {shared && (
            <tr className="border-rule-strong border-b">
              <th scope="row" className="py-2 font-normal">
                {say.forAllOfThem}
              </th>
              <td />
              <td />
              <td className="py-2 pl-2 text-right">{money(shared)}</td>
            </tr>
          )}
          <tr>
            <th scope="row" className="py-2">
              {say.theSet}
            </th>
            <td className="py-2 text-right font-bold">
              {Math.round(10 * each(total(({ pieces }) => pieces))) / 10}
            </td>
            <td className="py-2 pl-2 text-right font-bold">
              {showMinutes(each(total(({ weedMinutes }) => weedMinutes)))}
            </td>
            <td className="py-2 pl-2 text-right font-bold">
              {missing.length > 0 ? (
                <span className="text-ochre">{say.withoutAPrice2(missing.length)}</span>
              ) : (
                <Reckoned
                  reckoning={{
                    title: say.ofMaterialsASeat(
                      moneyText(
                        Math.ceil(each(total(({ materials }) => materials)) - 1e-6),
                        currency,
                      ),
                    ),
                    lines: shares.map((share) => ({
                      what:
                        share.thing === null
                          ? say.forAllOfThem
                          : (titles[share.thing] ?? share.thing),
                      value: moneyText(Math.round(share.materials), currency),
                    })),
                    rule: say.filmByTheBoxes,
                    rounding: say.upToTheNextWhole,
                  }}
                >
                  {amount(total(({ materials }) => materials))}
                </Reckoned>
              )}
            </td>
          </tr>
        </tbody>
      </table>
      {missing.length > 0 && (
        <p className="text-soft text-sm">
          {say.withoutAPrice3(missing.map((id) => names[id] ?? id).join(", "))}
        </p>
      )}
      <p className="mt-1 text-soft text-sm">{say.takeATickOff}</p>
      {out.length > 0 && (
        <p role="status" className="mt-1 text-sm">
          {busy
            ? say.planningItWithout
            : effect
              ? say.withoutPlannedAnew(out.map((id) => titles[id] ?? id).join(say.and2))
              : said}
        </p>
      )}
      {effect && out.length > 0 && (
        <EffectTable
          effect={effect}
          otherwise="without"
          nameOf={(vinyl) => films[vinyl] ?? vinyl}
        />
      )}
    </section>
  );
}
