"use client";

import { type Blank, blankSchema, MARGIN_RULES, MATERIALS } from "@elm-basket/core/blanks/blank.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import { viewOnCup } from "@elm-basket/core/blanks/straight-cup.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import { type ReactNode, useState } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Field, LengthField } from "@/ui/field.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { BlankDrawing } from "./blank-drawing.tsx";

const MATERIAL_WORDS: Record<(typeof MATERIALS)[number], string> = {
  glazed: "glazed ceramic",
  glass: "glass",
  rawWood: "raw wood",
  sealedWood: "sealed wood",
  paintedWood: "painted wood",
  metal: "bare metal",
  paintedMetal: "painted metal",
  powderCoat: "powder coat",
  stone: "stone",
  firedClay: "fired clay",
  paper: "paper",
  leather: "leather",
  rubber: "rubber",
  coir: "coir",
};
const RULE_WORDS = { small: "pieces up to four inches: a quarter inch a side", board: "boards and trays: half an inch a side", sign: "signs: an inch a side", byHand: "set by hand" } as const;

function shapeOf(kind: BlankShape["kind"], from: BlankShape): BlankShape {
  const width = from.kind === "flat" ? from.width : from.diameter;
  const height = from.kind === "round" ? from.diameter : from.height;
  if (kind === "flat") return { kind, width, height };
  if (kind === "round") return { kind, diameter: width };
  return { kind, diameter: width, height: Math.max(height, 60), rimClearance: 25, footClearance: 6, wrapAngle: 120 };
}

export function MeasureBench({
  classId,
  blank: initial,
  version,
  unit,
  widest,
  tallest,
  children,
}: {
  classId: string;
  blank: Blank;
  version: number;
  unit: LengthUnit;
  widest: number;
  tallest: number;
  children: ReactNode;
}) {
  const editor = usePart<Blank>(classId, "blank", initial, version, (answer) => (answer.document as ClassDocument).blank);
  const [refused, setRefused] = useState<string>();
  const blank = editor.value;
  const { shape } = blank;
  const change = (next: Blank, label: string) => {
    const read = blankSchema.safeParse(next);
    setRefused(read.success ? undefined : read.error.issues[0]?.message);
    if (read.success) editor.change(read.data, label);
  };
  const setShape = (patch: Partial<BlankShape>, label: string) => change({ ...blank, shape: { ...shape, ...patch } as BlankShape }, label);
  const length = (label: string, mm: number, set: (mm: number) => void, allowZero = false) => <LengthField label={label} mm={mm} unit={unit} onChange={set} allowZero={allowZero} />;
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[270px_1fr_310px]">
      <section className="grid content-start gap-3">
        <h2 className="text-lg">The blank</h2>
        <Field label="What it is">
          {(props) => <input {...props} value={blank.name} maxLength={120} onChange={(event) => event.target.value.trim() && change({ ...blank, name: event.target.value }, "Name of the blank")} />}
        </Field>
        <Field label="Shape">
          {(props) => (
            <select {...props} value={shape.kind} onChange={(event) => change({ ...blank, shape: shapeOf(event.target.value as BlankShape["kind"], shape) }, "Shape of the blank")}>
              <option value="flat">flat, rectangular face</option>
              <option value="round">flat, round face</option>
              <option value="straightCup">straight cup</option>
            </select>
          )}
        </Field>
        {shape.kind === "flat" && (
          <div className="grid grid-cols-2 gap-3">
            {length("Width", shape.width, (width) => setShape({ width }, "Width of the face"))}
            {length("Height", shape.height, (height) => setShape({ height }, "Height of the face"))}
          </div>
        )}
        {shape.kind === "round" && length("Diameter", shape.diameter, (diameter) => setShape({ diameter }, "Diameter of the face"))}
        {shape.kind === "straightCup" && (
          <div className="grid grid-cols-2 gap-3">
            {length("Diameter", shape.diameter, (diameter) => setShape({ diameter }, "Diameter of the cup"))}
            {length("Height", shape.height, (height) => setShape({ height }, "Height of the cup"))}
            {length("Clear of the rim", shape.rimClearance, (rimClearance) => setShape({ rimClearance }, "Rim clearance"), true)}
            {length("Clear of the foot", shape.footClearance, (footClearance) => setShape({ footClearance }, "Foot clearance"), true)}
            <Field label="Way round, degrees">
              {(props) => <input {...props} type="number" min={10} max={350} value={shape.wrapAngle} onChange={(event) => setShape({ wrapAngle: Number(event.target.value) }, "Way round the cup")} />}
            </Field>
          </div>
        )}
        <Field label="Margin">
          {(props) => (
            <select
              {...props}
              value={blank.margin.rule}
              onChange={(event) =>
                change({ ...blank, margin: event.target.value === "byHand" ? { rule: "byHand", mm: readFace(blank).marginMm } : { rule: event.target.value as "bySize" } }, "Margin rule")
              }
            >
              <option value="bySize">by the size of the piece</option>
              <option value="small">a quarter inch a side</option>
              <option value="board">half an inch a side</option>
              <option value="sign">an inch a side</option>
              <option value="byHand">by hand</option>
            </select>
          )}
        </Field>
        {blank.margin.rule === "byHand" && length("Margin a side", blank.margin.mm, (mm) => change({ ...blank, margin: { rule: "byHand", mm } }, "Margin"), true)}
        <Field label="Made of">
          {(props) => (
            <select {...props} value={blank.material} onChange={(event) => change({ ...blank, material: event.target.value as Blank["material"] }, "Material")}>
              {MATERIALS.map((material) => (
                <option key={material} value={material}>
                  {MATERIAL_WORDS[material]}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Colour">
          {(props) => <input {...props} type="color" className="h-11 w-full p-1" value={blank.colour} onChange={(event) => change({ ...blank, colour: event.target.value }, "Colour of the blank")} />}
        </Field>
        {refused && (
          <p role="alert" className="text-brick text-sm">
            {refused}
          </p>
        )}
        <SaveNote editor={editor} />
      </section>
      <section>
        <BlankDrawing blank={blank} unit={unit} />
      </section>
      <section>
        <Figures blank={blank} unit={unit} widest={widest} tallest={tallest} />
        <h2 className="mt-6 text-lg">Findings</h2>
        {children}
      </section>
    </div>
  );
}

function Figures({ blank, unit, widest, tallest }: { blank: Blank; unit: LengthUnit; widest: number; tallest: number }) {
  const reading = readFace(blank);
  const { shape } = blank;
  const show = (mm: number) => showLength(mm, unit);
  const usableW = reading.width - 2 * reading.marginMm;
  const usableH = reading.height - 2 * reading.marginMm;
  const view = reading.cup && widest > 0 ? viewOnCup(reading.cup.radius, widest) : null;
  return (
    <>
      <FigureRow
        name="Face"
        reckoning={{
          title: `Face ${show(reading.width)} × ${show(reading.height)}`,
          lines:
            shape.kind === "straightCup"
              ? [
                  { what: "Radius of the cup", value: show(shape.diameter / 2) },
                  { what: "Way round", value: `${shape.wrapAngle}° = ${((shape.wrapAngle * Math.PI) / 180).toFixed(3)} rad` },
                  { what: "Width = radius × angle", value: show(reading.width) },
                  { what: "Height − rim − foot", value: `${show(shape.height)} − ${show(shape.rimClearance)} − ${show(shape.footClearance)}` },
                ]
              : [
                  { what: "Width as measured", value: show(reading.width) },
                  { what: "Height as measured", value: show(reading.height) },
                ],
          rule:
            shape.kind === "straightCup"
              ? "A straight cup unrolls to a rectangle: the width along the wall is the radius times the angle. Measure with a soft tape laid on the curve."
              : "The part that may carry the design: inside a groove, a frame, below a handle.",
          rounding: "For showing only; the sums keep hundredths of a millimetre.",
        }}
      >
        {show(reading.width)} × {show(reading.height)}
      </FigureRow>
      <FigureRow
        name="Margin a side"
        reckoning={{
          title: `Margin ${show(reading.marginMm)}`,
          lines: [
            { what: "Longest side of the face", value: show(Math.max(reading.width, reading.height)) },
            { what: "Rule", value: RULE_WORDS[reading.marginRule] },
            ...Object.entries(MARGIN_RULES).map(([rule, mm]) => ({ what: RULE_WORDS[rule as keyof typeof RULE_WORDS], value: show(mm) })),
          ],
          rule: "Equal gaps on opposite sides look right. More where flowers or a bow are added later.",
          school: blank.margin.rule === "bySize" ? "By the size of the piece" : "Chosen by hand",
        }}
      >
        {show(reading.marginMm)}
      </FigureRow>
      <FigureRow
        name="For the design"
        reckoning={{
          title: shape.kind === "round" ? `Circle of ${show(usableW)}` : `${show(usableW)} × ${show(usableH)}`,
          lines: [
            { what: "Face", value: `${show(reading.width)} × ${show(reading.height)}` },
            { what: "Less the margin, twice", value: `2 × ${show(reading.marginMm)}` },
          ],
          rule: shape.kind === "round" ? "On a round face the corners of a rectangle decide, not its width: the design is fitted by its least enclosing circle." : "What is left inside the margin.",
        }}
      >
        {shape.kind === "round" ? `⌀ ${show(usableW)}` : `${show(usableW)} × ${show(usableH)}`}
      </FigureRow>
      {widest > 0 && (
        <FigureRow name="Widest design now">
          {show(widest)} × {show(tallest)}
        </FigureRow>
      )}
      {view && reading.cup && (
        <>
          <FigureRow
            name="Seen from the front"
            reckoning={{
              title: `${Math.round(view.visibleShare * 100)} % of the widest design is in view`,
              lines: [
                { what: "Width on the wall", value: show(widest) },
                { what: "Angle = width ÷ radius", value: `${((view.angle * 180) / Math.PI).toFixed(1)}°` },
                { what: "Seen from the front", value: `2 × ${show(reading.cup.radius)} × sin(half the angle) = ${show(view.chord)}` },
                { what: "Letters at the edge look", value: `${Math.round(view.edgeForeshortening * 100)} % as wide` },
              ],
              rule: "Up to half the way round everything is in view, though narrowed at the edges. Beyond 120° a name cannot be read from one side.",
            }}
          >
            {Math.round(view.visibleShare * 100)} %
          </FigureRow>
          <FigureRow name="The widest looks">{show(view.chord)}</FigureRow>
          <FigureRow name="Letters at the edge look">{Math.round(view.edgeForeshortening * 100)} % as wide</FigureRow>
        </>
      )}
    </>
  );
}
