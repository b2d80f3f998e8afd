"use client";

import {
  OWN_FAULT_WORDS,
  OWN_KINDS,
  type OwnKind,
  ownCup,
} from "@elm-basket/core/blanks/own-cup.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import { type LengthUnit, parseLength } from "@elm-basket/core/units/length.ts";
import { useState } from "react";
import { Field } from "@/ui/field.tsx";

const KIND_WORDS: Record<OwnKind, string> = {
  straight: "straight",
  tapered: "wider at one end",
  bulged: "widest in the middle",
};
/** Wall of a cup from the side, in a square of 40. */
const WALL: Record<OwnKind, string> = {
  straight: "M10 5V35H30V5",
  tapered: "M6 5L12 35H28L34 5",
  bulged: "M12 5Q2 20 12 35H28Q38 20 28 5",
};

interface Props {
  readonly title: string;
  readonly unit: LengthUnit;
  readonly disabled: boolean;
  readonly onShape: (shape: BlankShape | null) => void;
}

/**
 * A cup measured at home: what kind it is, and what the tape says. A guide in a few lines, no more
 * than is needed.
 */
export function OwnCup({ title, unit, disabled, onShape }: Props) {
  const [kind, setKind] = useState<OwnKind>("straight");
  const [typed, setTyped] = useState<Partial<Record<Figure, string>>>({});
  const read = readCup(kind, typed, unit);
  const change = (next: { kind?: OwnKind; typed?: typeof typed }) => {
    setKind(next.kind ?? kind);
    setTyped(next.typed ?? typed);
    const answer = readCup(next.kind ?? kind, next.typed ?? typed, unit);
    onShape(answer.state === "cup" ? answer.shape : null);
  };
  return (
    <fieldset className="mt-4 border-rule border-t pt-3" disabled={disabled}>
      <legend className="font-bold text-lg">Measure your own: {title}</legend>
      <ol className="mb-3 list-decimal pl-5 text-soft">
        <li>Empty and dry, the handle away from you.</li>
        <li>
          Lay a soft tape, or a strip of paper, all the way round. Read it where it meets itself.
        </li>
        <li>Stand it on the table: its height is from the table to the rim.</li>
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
            {KIND_WORDS[one]}
          </label>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-3">
        {NEEDED[kind].map((figure) => (
          <Field key={figure} label={labelOf(kind, figure)}>
            {(props) => (
              <input
                {...props}
                className="min-h-11 w-full"
                inputMode="decimal"
                maxLength={20}
                placeholder={`such as ${EXAMPLE[figure]}`}
                value={typed[figure] ?? ""}
                onChange={(event) => change({ typed: { ...typed, [figure]: event.target.value } })}
              />
            )}
          </Field>
        ))}
      </div>
      {read.state === "cup" && (
        <p className="mt-2 text-elm-dark">That can be a cup. Your decal is drawn on it above.</p>
      )}
      {read.state === "wrong" && (
        <p role="alert" className="mt-2 text-brick">
          {read.words}
        </p>
      )}
      {read.state === "open" && (
        <p className="mt-2 text-soft">
          Still to measure:{" "}
          {read.missing.map((figure) => labelOf(kind, figure).toLowerCase()).join("; ")}. Until then
          it is drawn on a cup like the host's.
        </p>
      )}
    </fieldset>
  );
}

type Figure = "top" | "widest" | "foot" | "height";
const NEEDED: Record<OwnKind, readonly Figure[]> = {
  straight: ["top", "height"],
  tapered: ["top", "foot", "height"],
  bulged: ["top", "widest", "foot", "height"],
};
/** What a tape shows round an everyday mug. */
const EXAMPLE: Record<Figure, string> = {
  top: "26 cm",
  widest: "29 cm",
  foot: "22 cm",
  height: "9.5 cm",
};
const PLACES: Record<Figure, string> = {
  top: "Once round, at the rim",
  widest: "Once round, at the widest",
  foot: "Once round, at the foot",
  height: "Height",
};
const labelOf = (kind: OwnKind, figure: Figure): string =>
  kind === "straight" && figure === "top" ? "Once round" : PLACES[figure];

type CupRead =
  | { readonly state: "cup"; readonly shape: BlankShape }
  | { readonly state: "open"; readonly missing: readonly Figure[] }
  | { readonly state: "wrong"; readonly words: string };

/**
 * Figures that were typed, with or without their unit; what is missing is missing, no example
 * stands in for it.
 */
function readCup(kind: OwnKind, typed: Partial<Record<Figure, string>>, unit: LengthUnit): CupRead {
  const missing = NEEDED[kind].filter((figure) => (typed[figure] ?? "").trim() === "");
  const lengths = new Map<Figure, number>();
  for (const figure of NEEDED[kind]) {
    if (missing.includes(figure)) continue;
    const length = parseLength(typed[figure] ?? "", unit);
    if (!length.ok)
      return {
        state: "wrong",
        words: `${labelOf(kind, figure)}: type a length such as ${EXAMPLE[figure]} or 10 1/4 in.`,
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
    : { state: "wrong", words: OWN_FAULT_WORDS[read.fault] };
}
