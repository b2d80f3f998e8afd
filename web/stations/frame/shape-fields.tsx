"use client";

import { heightOfProfile } from "@elm-basket/core/blanks/profile.ts";
import type { BlankShape, ShapeKind } from "@elm-basket/core/blanks/shape.ts";
import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import {
  circumference,
  curvedHeight,
  curvedWidth,
  curvedWidthLimits,
  fromCircumference,
  isCurved,
  mostCurvedHeight,
  wallHeight,
  withCurvedHeight,
  withCurvedWidth,
  withWallHeight,
} from "@elm-basket/core/blanks/soft-tape.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useState } from "react";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { Rows } from "@/ui/rows.tsx";
import { OutlineField } from "./outline-field.tsx";
import { shapeFieldsWords } from "./words.ts";

/** The nearest shape of another kind: measures that still mean something are kept. */
export function shapeAs(kind: ShapeKind, from: BlankShape): BlankShape {
  const { width, height } = frontSize(from);
  const cup = {
    rimClearance: "rimClearance" in from ? from.rimClearance : 25,
    footClearance: "footClearance" in from ? from.footClearance : 6,
    wrapAngle: "wrapAngle" in from ? from.wrapAngle : 120,
  };
  const tall = Math.max(height, cup.rimClearance + cup.footClearance + 30);
  switch (kind) {
    case "flat":
    case "oval":
      return { kind, width, height };
    case "roundedFlat":
      return { kind, width, height, radius: Math.round(Math.min(width, height) / 8) };
    case "round":
      return { kind, diameter: width };
    case "ball":
      return { kind, diameter: width, wrapAngle: 90 };
    case "outline": {
      const [x, y] = [width / 2, height / 2];
      return {
        kind,
        outline: [
          [-x, -y],
          [x, -y],
          [x, y],
          [-x, y],
        ],
      };
    }
    case "straightCup":
      return { kind, diameter: width, height: tall, ...cup };
    case "taperedCup":
      return {
        kind,
        topDiameter: width,
        bottomDiameter: Math.round(width * 0.8),
        height: tall,
        ...cup,
        warp: true,
      };
    case "bulgedCup":
      return {
        kind,
        profile: [0.85, 1, 0.9].map((share, i) => ({
          fromTop: Math.round((tall * i) / 2),
          diameter: Math.round(width * share),
        })),
        ...cup,
      };
  }
}

/** No soft tape tells more than a tenth of a millimetre. */
const shown = (mm: number): number => Math.round(mm * 10) / 10;

interface Props {
  readonly shape: BlankShape;
  readonly unit: LengthUnit;
  readonly onChange: (shape: BlankShape, label: string) => void;
}

/** The measures of a shape, in the order one takes them. */
export function ShapeFields({ shape, unit, onChange }: Props) {
  const say = shapeFieldsWords();
  const [soft, setSoft] = useState(false);
  const set = (patch: object, label: string) =>
    onChange({ ...shape, ...patch } as BlankShape, label);
  const length = (label: string, mm: number, key: string, zero = false) => (
    <LengthField
      label={label}
      mm={mm}
      unit={unit}
      onChange={(value) => set({ [key]: value }, label)}
      allowZero={zero}
    />
  );
  const across = (label: string, round: string, mm: number, key: string) =>
    soft ? (
      <LengthField
        label={round}
        mm={shown(circumference(mm))}
        unit={unit}
        onChange={(value) => set({ [key]: fromCircumference(value) }, round)}
      />
    ) : (
      length(label, mm, key)
    );
  const tape = isCurved(shape) && soft && (
    <>
      <LengthField
        label={say.widthOfTheFace}
        mm={shown(curvedWidth(shape))}
        unit={unit}
        least={curvedWidthLimits(shape).least}
        most={curvedWidthLimits(shape).most}
        onChange={(width) => onChange(withCurvedWidth(shape, width), say.widthOfTheFace2)}
      />
      {shape.kind !== "ball" && (
        <LengthField
          label={say.heightOfTheFaceAlong}
          mm={shown(curvedHeight(shape))}
          unit={unit}
          least={1}
          most={mostCurvedHeight(shape)}
          onChange={(height) => onChange(withCurvedHeight(shape, height), say.heightOfTheFace)}
        />
      )}
    </>
  );
  const angle = "wrapAngle" in shape && !soft && (
    <NumberField
      label={say.wayRoundDegrees}
      value={shape.wrapAngle}
      least={10}
      most={shape.kind === "ball" ? 180 : 350}
      step={5}
      digits={1}
      onChange={(wrapAngle) => set({ wrapAngle }, say.wayRoundTheCup)}
    />
  );
  const clearances = "rimClearance" in shape && (
    <>
      {length(say.clearOfTheRim, shape.rimClearance, "rimClearance", true)}
      {length(say.clearOfTheFoot, shape.footClearance, "footClearance", true)}
    </>
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {"width" in shape && length(say.width, shape.width, "width")}
      {(shape.kind === "flat" || shape.kind === "roundedFlat" || shape.kind === "oval") &&
        length(say.height, shape.height, "height")}
      {shape.kind === "roundedFlat" && length(say.radiusOfTheCorners, shape.radius, "radius", true)}
      {isCurved(shape) && (
        <label className="col-span-2 flex min-h-10 items-center gap-2 text-sm">
          <input
            type="checkbox"
            checked={soft}
            onChange={(event) => setSoft(event.target.checked)}
          />
          {say.measuredWithASoftTape}
        </label>
      )}
      {shape.kind === "round" && length(say.diameter, shape.diameter, "diameter")}
      {(shape.kind === "ball" || shape.kind === "straightCup") &&
        across(say.diameter, say.onceRound, shape.diameter, "diameter")}
      {shape.kind === "straightCup" && length(say.height, shape.height, "height")}
      {shape.kind === "taperedCup" && (
        <>
          {across(say.diameterAtTheTop, say.onceRoundTheTop, shape.topDiameter, "topDiameter")}
          {across(
            say.diameterAtTheFoot,
            say.onceRoundTheFoot,
            shape.bottomDiameter,
            "bottomDiameter",
          )}
          {soft ? (
            <LengthField
              label={say.alongTheWallRim}
              mm={shown(wallHeight(shape))}
              unit={unit}
              least={Math.abs(shape.topDiameter - shape.bottomDiameter) / 2 + 1}
              onChange={(mm) => onChange(withWallHeight(shape, mm), say.lengthOfTheWall)}
            />
          ) : (
            length(say.height, shape.height, "height")
          )}
        </>
      )}
      {clearances}
      {tape}
      {angle}
      {shape.kind === "taperedCup" && (
        <label className="col-span-2 flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            checked={shape.warp}
            onChange={(event) =>
              set({ warp: event.target.checked }, say.bentToTheTaperCut(event.target.checked))
            }
          />
          {say.bendTheDesign}
        </label>
      )}
      {shape.kind === "bulgedCup" && (
        <ProfileFields shape={shape} unit={unit} around={soft} onChange={onChange} />
      )}
      {shape.kind === "outline" && (
        <OutlineField
          outline={shape.outline}
          onChange={(outline) => onChange({ ...shape, outline }, say.outlineOfTheFace)}
        />
      )}
    </div>
  );
}

/** A profile by the widths at a few heights; a soft tape gives circumferences. */
function ProfileFields({
  shape,
  unit,
  around,
  onChange,
}: Props & { shape: Extract<BlankShape, { kind: "bulgedCup" }>; around: boolean }) {
  const say = shapeFieldsWords();
  const set = (profile: typeof shape.profile, label: string) =>
    onChange({ ...shape, profile }, label);
  const factor = around ? Math.PI : 1;
  const add = () => {
    const last = shape.profile[shape.profile.length - 1] ?? { fromTop: 0, diameter: 80 };
    set(
      [
        ...shape.profile,
        {
          fromTop:
            last.fromTop +
            Math.max(10, Math.round(heightOfProfile(shape.profile) / shape.profile.length)),
          diameter: last.diameter,
        },
      ],
      say.oneMoreHeight,
    );
  };
  return (
    <div className="col-span-2 grid gap-2">
      <Rows
        rows={shape.profile}
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        out={{
          name: (i) => say.removeHeight(i),
          words: say.remove,
          label: say.aHeightRemoved,
          least: 3,
        }}
        onChange={set}
      >
        {(row, change, i) => (
          <>
            <LengthField
              label={say.fromTheTop(i)}
              name={shapeFieldsWords().heightFromTheTop(i + 1)}
              mm={row.fromTop}
              unit={unit}
              allowZero
              onChange={(fromTop) => change({ ...row, fromTop }, say.heightOfAMeasure)}
            />
            <LengthField
              label={say.roundDiameter(i, around)}
              name={shapeFieldsWords().acrossOrRound(around, i + 1)}
              mm={row.diameter * factor}
              unit={unit}
              onChange={(mm) => change({ ...row, diameter: mm / factor }, say.widthAtAHeight)}
            />
          </>
        )}
      </Rows>
      {shape.profile.length < 12 && (
        <button type="button" className="verb justify-self-start text-sm" onClick={add}>
          {say.oneMoreHeight}
        </button>
      )}
    </div>
  );
}
