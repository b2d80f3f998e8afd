"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { labOf } from "@elm-basket/core/blanks/contrast.ts";
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { handleSides } from "@elm-basket/core/blanks/handle.ts";
import { heightOfBlank, seenOn, visibleShare } from "@elm-basket/core/blanks/on-blank.ts";
import { asCut, type FaceReading, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { frontSize, isCup } from "@elm-basket/core/blanks/shape-size.ts";
import { polygonsPath, ringPath } from "@elm-basket/core/geometry/path.ts";
import { boxOf, boxWidth, type Polygons, type Ring } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useMemo, useState } from "react";
import { silhouette } from "@/ui/blank-sketch.tsx";
import { Dimension, Hatch } from "@/ui/dimension.tsx";
import { showLength } from "@/ui/figures.ts";
import type { DesignPiece } from "./design-piece.ts";
import { DRAWN_PX } from "./flat-drawing.tsx";
import { type Dashed, useDashed } from "./use-dashed.ts";
import { cupDrawingWords } from "./words.ts";

/**
 * How much the ellipses of rim and foot are opened, as a share of their radius: seen a little from
 * above.
 */
const OPEN = 0.09;
const MOST_TURN = 180;
/** Lightness (L*) below which what is written on a blank is light. */
const DARK = 50;

/**
 * A cup, pot or ball from the front, which can be turned: the design foreshortened as it will look.
 */
export function CupDrawing({
  blank,
  unit,
  pieces,
  widest,
  dashed,
}: {
  blank: Blank;
  unit: LengthUnit;
  pieces: readonly DesignPiece[];
  widest: number;
  dashed: Dashed | null;
}) {
  const say = cupDrawingWords();
  const [turnDeg, setTurn] = useState(0);
  const turn = (turnDeg * Math.PI) / 180;
  const reading = useMemo(() => readFace(blank), [blank]);
  const { width, height } = frontSize(reading.shape);
  const px = Math.max(width * 1.32, height * 1.2) / DRAWN_PX;
  const seen = (polygons: Polygons) => seenOn(reading, polygons, turn);
  const face = seen(asCut([[faceOutline(reading.face)]], reading));
  const usable = seen(asCut(useDashed(blank, reading, dashed), reading));
  const box = boxOf(face);
  const share = visibleShare(reading, widest, turn);
  const ink = {
    stroke: "var(--color-ink)",
    strokeWidth: px * 1.4,
    strokeLinejoin: "round" as const,
  };
  const isDark = labOf(blank.colour)[0] < DARK;
  const outline = silhouette(reading);
  const round = reading.shape.kind === "ball" ? 0 : OPEN;
  const [radiusTop, radiusFoot] = [radiusAt(outline, 0), radiusAt(outline, heightOfBlank(reading))];
  const [rim, foot] = [radiusTop * round, radiusFoot * round];
  const body = withFoot(outline, radiusFoot, foot);
  return (
    <figure>
      <svg
        viewBox={`${-width / 2 - 84 * px} ${-62 * px} ${width + 130 * px} ${height + foot + 118 * px}`}
        className="max-h-[520px] w-full"
        role="img"
        aria-label={say.fromTheFrontInTrue(
          blank.name,
          showLength(width, unit),
          showLength(height, unit),
          turnDeg,
        )}
        data-true-width={width}
        data-true-height={height}
      >
        <defs>
          <Hatch id="not-used" px={px} />
        </defs>
        <Handle blank={blank} reading={reading} turnDeg={turnDeg} px={px} />
        <path d={body} fill={blank.colour} />
        <path data-part="blank" d={ringPath(outline)} fill={blank.colour} />
        <path d={body} fill="url(#not-used)" {...ink} />
        <path
          d={polygonsPath(face)}
          fill={blank.colour}
          stroke="var(--color-soft)"
          strokeWidth={px}
        />
        <path
          d={polygonsPath(usable)}
          fill="none"
          stroke={isDark ? "var(--color-paper)" : "var(--color-soft)"}
          strokeWidth={px * 1.2}
          strokeDasharray={`${6 * px} ${4 * px}`}
        />
        {pieces.map((piece) => (
          <path
            key={piece.id}
            d={polygonsPath(seen([piece.polygon]))}
            fill={piece.colour}
            fillRule="evenodd"
          />
        ))}
        {rim > 0 && radiusTop > 0 && (
          <ellipse cx="0" cy="0" rx={radiusTop} ry={rim} fill={blank.colour} {...ink} />
        )}
        {isCup(reading.shape) && reading.shape.rimClearance > 0 && (
          <text
            x="0"
            y={reading.shape.rimClearance / 2 + rim / 2}
            fontSize={13 * px}
            textAnchor="middle"
            dominantBaseline="central"
            fill={isDark ? "var(--color-paper)" : "var(--color-ink)"}
            stroke={blank.colour}
            strokeWidth={4 * px}
            paintOrder="stroke"
          >
            {say.clearOfTheRim(showLength(reading.shape.rimClearance, unit))}
          </text>
        )}
        <Dimension
          from={-width / 2}
          to={width / 2}
          at={-40 * px}
          text={showLength(width, unit)}
          px={px}
        />
        <Dimension
          from={0}
          to={heightOfBlank(reading)}
          at={-width / 2 - 34 * px}
          text={showLength(heightOfBlank(reading), unit)}
          px={px}
          vertical
        />
        {boxWidth(box) > 4 * px && (
          <Dimension
            from={box.minX}
            to={box.maxX}
            at={height + foot + 30 * px}
            text={say.looks(showLength(boxWidth(box), unit))}
            px={px}
          />
        )}
      </svg>
      <figcaption className="mt-1 grid justify-items-center gap-1 text-soft text-sm">
        <label className="flex min-h-11 flex-wrap items-center gap-3">
          {say.turnIt}
          <input
            type="range"
            min={-MOST_TURN}
            max={MOST_TURN}
            step={5}
            value={turnDeg}
            onChange={(event) => setTurn(Number(event.target.value))}
            className="w-56 border-0 bg-transparent p-0"
            aria-label={say.turnTheBlankDegrees}
          />
          <span className="w-12 text-ink">{turnDeg}°</span>
          <button
            type="button"
            className="verb"
            onClick={() => setTurn(0)}
            disabled={turnDeg === 0}
          >
            {say.front}
          </button>
        </label>
        {widest > 0 && (
          <span data-visible-share>{say.ofTheWidestDesign(Math.round(share * 100))}</span>
        )}
      </figcaption>
    </figure>
  );
}

/** Half the width of an outline of revolution at a height, mm; 0 where it does not reach. */
const radiusAt = (outline: Ring, height: number): number =>
  Math.max(0, ...outline.filter(([, y]) => Math.abs(y - height) < 1e-6).map(([x]) => x));

/**
 * The outline with the near half of its foot, an ellipse like the rim's, in the place of a straight
 * edge.
 */
function withFoot(outline: Ring, radius: number, open: number): string {
  const half = outline.length / 2;
  const line = (points: Ring) => points.map(([x, y]) => `${x} ${y}`).join("L");
  return open > 0
    ? `M${line(outline.slice(0, half))}A${radius} ${open} 0 0 1 ${line(outline.slice(half))}Z`
    : ringPath(outline);
}

/** A handle stands a quarter turn from the design, on the side that hand and school say. */
function Handle({
  blank,
  reading,
  turnDeg,
  px,
}: {
  blank: Blank;
  reading: FaceReading;
  turnDeg: number;
  px: number;
}) {
  if (!blank.handle) return null;
  const height = heightOfBlank(reading);
  const outline = silhouette(reading);
  const radius = Math.max(...outline.map(([x]) => x));
  const side = handleSides(blank.handle.school, "right")[0] === "right" ? 1 : -1;
  const at = Math.sin(((90 * side + turnDeg) * Math.PI) / 180) * radius;
  const reach = Math.sin(((90 * side + turnDeg) * Math.PI) / 180) * radius * 0.42;
  return (
    <path
      d={`M${at} ${height * 0.24}C${at + reach * 1.3} ${height * 0.2} ${at + reach * 1.3} ${height * 0.78} ${at} ${height * 0.72}`}
      fill="none"
      stroke="var(--color-ink)"
      strokeWidth={9 * px}
      strokeLinecap="round"
      opacity={0.85}
    />
  );
}
