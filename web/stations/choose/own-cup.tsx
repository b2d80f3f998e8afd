"use client";

import { OWN_FAULT_WORDS, OWN_KINDS, type OwnFigures, type OwnKind, ownCup } from "@elm-basket/core/blanks/own-cup.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useState } from "react";
import { LengthField } from "@/ui/fields.tsx";

const KIND_WORDS: Record<OwnKind, string> = { straight: "straight", tapered: "wider at one end", bulged: "widest in the middle" };
/** Halves of what a tape shows round an everyday mug, mm. */
const FIRST: Omit<OwnFigures, "kind"> = { top: 260, foot: 220, widest: 290, height: 95 };
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

/** A cup measured at home: what kind it is, and what the tape says. A guide in a few lines, no more than is needed. */
export function OwnCup({ title, unit, disabled, onShape }: Props) {
  const [figures, setFigures] = useState<OwnFigures>({ kind: "straight", ...FIRST });
  const [touched, setTouched] = useState(false);
  const read = ownCup(figures);
  const change = (patch: Partial<OwnFigures>) => {
    const next = { ...figures, ...patch };
    setFigures(next);
    setTouched(true);
    const answer = ownCup(next);
    onShape(answer.ok ? answer.shape : null);
  };
  const { kind } = figures;
  const round = (label: string, key: "top" | "foot" | "widest") => <LengthField label={label} mm={figures[key]} unit={unit} most={2000} disabled={disabled} onChange={(mm) => change({ [key]: mm })} />;
  return (
    <fieldset className="mt-4 border-rule border-t pt-3" disabled={disabled}>
      <legend className="font-bold text-lg">Measure your own: {title}</legend>
      <ol className="mb-3 list-decimal pl-5 text-soft">
        <li>Empty and dry, the handle away from you.</li>
        <li>Lay a soft tape, or a strip of paper, all the way round. Read it where it meets itself.</li>
        <li>Stand it on the table: its height is from the table to the rim.</li>
      </ol>
      <div className="mb-3 grid grid-cols-3 gap-2">
        {OWN_KINDS.map((one) => (
          <label
            key={one}
            className={`grid min-h-24 cursor-pointer justify-items-center gap-1 border-[1.5px] p-2 text-center text-sm ${one === kind ? "border-elm bg-elm-tint font-bold" : "border-rule-strong"}`}
          >
            <input type="radio" name={`kind-${title}`} className="sr-only" checked={one === kind} onChange={() => change({ kind: one })} />
            <svg viewBox="0 0 40 40" className="h-12" aria-hidden>
              <path d={WALL[one]} fill="none" stroke="currentColor" strokeWidth="2" strokeLinejoin="round" />
            </svg>
            {KIND_WORDS[one]}
          </label>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-3">
        {kind === "straight" ? round("Once round", "top") : round("Once round, at the rim", "top")}
        {kind === "bulged" && round("Once round, at the widest", "widest")}
        {kind !== "straight" && round("Once round, at the foot", "foot")}
        <LengthField label="Height" mm={figures.height} unit={unit} most={1000} disabled={disabled} onChange={(height) => change({ height })} />
      </div>
      {touched && !read.ok && (
        <p role="alert" className="mt-2 text-brick">
          {OWN_FAULT_WORDS[read.fault]}
        </p>
      )}
      {!touched && <p className="mt-2 text-soft">These are only an example: put yours in their place.</p>}
      {touched && read.ok && <p className="mt-2 text-elm-dark">That can be a cup. Your decal is drawn on it above.</p>}
    </fieldset>
  );
}
