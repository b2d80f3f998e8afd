"use client";

import { OWN_KINDS, type OwnKind, ownCup } from "@elm-basket/core/blanks/own-cup.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import { type LengthUnit, parseLength } from "@elm-basket/core/units/length.ts";
import { useState } from "react";
import { Field } from "@/ui/field.tsx";
import type { ChooseWords, Figure } from "./words-en.ts";

/** Wall of a cup from the side, in a square of 40. */
const WALL: Record<OwnKind, string> = {
  straight: "M10 5V35H30V5",
  tapered: "M6 5L12 35H28L34 5",
  bulged: "M12 5Q2 20 12 35H28Q38 20 28 5",
};

type CupWords = ChooseWords["cup"];

interface Props {
  readonly title: string;
  readonly say: CupWords;
  readonly unit: LengthUnit;
  readonly disabled: boolean;
  readonly onShape: (shape: BlankShape | null) => void;
}

/**
 * A cup measured at home: what kind it is, and what the tape says. A guide in a few lines, no more
 * than is needed.
 */
export function OwnCup({ title, say, unit, disabled, onShape }: Props) {
  const [kind, setKind] = useState<OwnKind>("straight");
  const [typed, setTyped] = useState<Partial<Record<Figure, string>>>({});
  const read = readCup(kind, typed, unit, say);
  const change = (next: { kind?: OwnKind; typed?: typeof typed }) => {
    setKind(next.kind ?? kind);
    setTyped(next.typed ?? typed);
    const answer = readCup(next.kind ?? kind, next.typed ?? typed, unit, say);
    onShape(answer.state === "cup" ? answer.shape : null);
  };
  return (
    <fieldset className="mt-4 border-rule border-t pt-3" disabled={disabled}>
      <legend className="font-bold text-lg">{say.legend(title)}</legend>
      <ol className="mb-3 list-decimal pl-5 text-soft">
        {say.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <div className="mb-3 grid grid-cols-3 gap-2">
        {OWN_KINDS.map((one) => (
          <label
            key={one}
            className={`grid min-h-24 cursor-pointer justify-items-center gap-1 border-[1.5px] p-2 text-center text-sm ${one === kind ? "border-elm bg-elm-tint font-bold" : "border-rule-strong"}`}
          >
            <input
              type="radio"
              name={`kind-${title}`}
              className="sr-only"
              checked={one === kind}
              onChange={() => change({ kind: one })}
            />
            <svg viewBox="0 0 40 40" className="h-12" aria-hidden>
              <path
                d={WALL[one]}
                fill="none"
                stroke="currentColor"
                strokeWidth="2"
                strokeLinejoin="round"
              />
            </svg>
            {say.kinds[one]}
          </label>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-3">
        {NEEDED[kind].map((figure) => (
          <Field key={figure} label={labelOf(kind, figure, say)}>
            {(props) => (
              <input
                {...props}
                className="min-h-11 w-full"
                inputMode="decimal"
                maxLength={20}
                placeholder={say.suchAs(say.examples[figure])}
                value={typed[figure] ?? ""}
                onChange={(event) => change({ typed: { ...typed, [figure]: event.target.value } })}
              />
            )}
          </Field>
        ))}
      </div>
      {read.state === "cup" && <p className="mt-2 text-elm-dark">{say.can}</p>}
      {read.state === "wrong" && (
        <p role="alert" className="mt-2 text-brick">
          {read.words}
        </p>
      )}
      {read.state === "open" && (
        <p className="mt-2 text-soft">
          {say.stillToMeasure(read.missing.map((figure) => labelOf(kind, figure, say)))}
        </p>
      )}
    </fieldset>
  );
}

const NEEDED: Record<OwnKind, readonly Figure[]> = {
  straight: ["top", "height"],
  tapered: ["top", "foot", "height"],
  bulged: ["top", "widest", "foot", "height"],
};
const labelOf = (kind: OwnKind, figure: Figure, say: CupWords): string =>
  kind === "straight" && figure === "top" ? say.once : say.places[figure];

type CupRead =
  | { readonly state: "cup"; readonly shape: BlankShape }
  | { readonly state: "open"; readonly missing: readonly Figure[] }
  | { readonly state: "wrong"; readonly words: string };

/**
 * Figures that were typed, with or without their unit; what is missing is missing, no example
 * stands in for it.
 */
function readCup(
  kind: OwnKind,
  typed: Partial<Record<Figure, string>>,
  unit: LengthUnit,
  say: CupWords,
): CupRead {
  const missing = NEEDED[kind].filter((figure) => (typed[figure] ?? "").trim() === "");
  const lengths = new Map<Figure, number>();
  for (const figure of NEEDED[kind]) {
    if (missing.includes(figure)) continue;
    const length = parseLength(typed[figure] ?? "", unit);
    if (!length.ok)
      return {
        state: "wrong",
        words: say.typeLength(labelOf(kind, figure, say), say.examples[figure]),
      };
    lengths.set(figure, length.mm);
  }
  if (missing.length > 0) return { state: "open", missing };
  const of = (figure: Figure) => lengths.get(figure) ?? 0;
  const read = ownCup({
    kind,
    top: of("top"),
    foot: of("foot"),
    widest: of("widest"),
    height: of("height"),
  });
  return read.ok
    ? { state: "cup", shape: read.shape }
    : { state: "wrong", words: say.faults[read.fault] };
}
