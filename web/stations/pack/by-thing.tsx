"use client";

import { moneyText } from "@elm-basket/core/supplies/money.ts";
import { type LengthUnit, showSize } from "@elm-basket/core/units/length.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { useState, useTransition } from "react";
import type { StoredPlan } from "@/data/making.ts";
import type { Effect } from "@/planning/effect.ts";
import { EffectTable } from "@/stations/frame/effect-table.tsx";
import { Reckoned } from "@/ui/reckoned.tsx";
import { withoutThings } from "./what-if-actions.ts";

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
      ? `${share.materials > 0 ? `${amount(share.materials)} and ` : ""}${share.missing.length} without a price`
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
      if (!answer) setSaid("Without all of them there is nothing to plan.");
    });
  };
  return (
    <section aria-label="By thing" aria-busy={busy} className="mt-7">
      <h2 className="mb-1 text-lg">For each seat</h2>
      <table className="w-full text-left text-sm tabular-nums">
        <thead className="text-soft">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">makes</th>
            <th className="text-right font-normal">pieces</th>
            <th className="pl-2 text-right font-normal">weeding</th>
            <th className="pl-2 text-right font-normal">materials, {currency}</th>
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
                    aria-label={`With ${titles[share.thing] ?? share.thing}`}
                  />
                  <span>
                    <b>{titles[share.thing] ?? share.thing}</b>
                    <span className="block text-soft">
                      {share.made} in all
                      {share.tape.width > 0 ? `, tape ${showSize(share.tape, unit)}` : ""}
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
                for all of them
              </th>
              <td />
              <td />
              <td className="py-2 pl-2 text-right">{money(shared)}</td>
            </tr>
          )}
          <tr>
            <th scope="row" className="py-2">
              the set
            </th>
            <td className="py-2 text-right font-bold">
              {Math.round(10 * each(total(({ pieces }) => pieces))) / 10}
            </td>
            <td className="py-2 pl-2 text-right font-bold">
              {showMinutes(each(total(({ weedMinutes }) => weedMinutes)))}
            </td>
            <td className="py-2 pl-2 text-right font-bold">
              {missing.length > 0 ? (
                <span className="text-ochre">{missing.length} without a price</span>
              ) : (
                <Reckoned
                  reckoning={{
                    title: `${moneyText(Math.ceil(each(total(({ materials }) => materials)) - 1e-6), currency)} of materials a seat`,
                    lines: shares.map((share) => ({
                      what:
                        share.thing === null
                          ? "for all of them"
                          : (titles[share.thing] ?? share.thing),
                      value: moneyText(Math.round(share.materials), currency),
                    })),
                    rule: "Film by the boxes of each thing's kits; what belongs to a thing to that thing; the rest is for all. For the whole class, then shared by its seats.",
                    rounding: "Up to the next whole penny a seat.",
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
          Without a price: {missing.map((id) => names[id] ?? id).join(", ")}.
        </p>
      )}
      <p className="mt-1 text-soft text-sm">
        Take a tick off to see what the class would be without it. Nothing is changed.
      </p>
      {out.length > 0 && (
        <p role="status" className="mt-1 text-sm">
          {busy
            ? "Planning it without …"
            : effect
              ? `Without ${out.map((id) => titles[id] ?? id).join(" and ")}, planned anew:`
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
