import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { polygonsPath, ringPath } from "@elm-basket/core/geometry/path.ts";
import { boxOfPoints } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useMemo } from "react";
import { Dimension, Hatch } from "@/ui/dimension.tsx";
import { showLength } from "@/ui/figures.ts";
import type { DesignPiece } from "./design-piece.ts";
import { type Dashed, useDashed } from "./use-dashed.ts";
import { flatDrawingWords } from "./words.ts";

/** Pixels the drawing is about wide: strokes and lettering are set for this. */
export const DRAWN_PX = 560;

/** A flat face as a pattern sheet: true proportion, dimensions, hatched where no vinyl goes. */
export function FlatDrawing({
  blank,
  unit,
  pieces,
  dashed,
}: {
  blank: Blank;
  unit: LengthUnit;
  pieces: readonly DesignPiece[];
  dashed: Dashed | null;
}) {
  const say = flatDrawingWords();
  const reading = useMemo(() => readFace(blank), [blank]);
  const whole = faceOutline(readFace({ ...blank, reserve: [] }).face);
  const box = boxOfPoints(whole);
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const px = Math.max(width * 1.32, height * 1.2) / DRAWN_PX;
  const usable = useDashed(blank, reading, dashed);
  return (
    <figure>
      <svg
        viewBox={`${box.minX - 64 * px} ${box.minY - 50 * px} ${width + 88 * px} ${height + 74 * px}`}
        className="max-h-[545px] w-full"
        role="img"
        aria-label={say.drawnInTrueProportion(
          blank.name,
          showLength(width, unit),
          showLength(height, unit),
        )}
        data-true-width={width}
        data-true-height={height}
      >
        <defs>
          <Hatch id="not-used" px={px} />
        </defs>
        <path data-part="blank" d={ringPath(whole)} fill={blank.colour} />
        <path
          d={ringPath(whole)}
          fill="url(#not-used)"
          stroke="var(--color-ink)"
          strokeWidth={px * 1.4}
          strokeLinejoin="round"
        />
        <path
          d={polygonsPath(usable)}
          fill={blank.colour}
          fillRule="evenodd"
          stroke="var(--color-soft)"
          strokeWidth={px * 1.2}
          strokeDasharray={`${6 * px} ${4 * px}`}
        />
        {reading.keepOuts.map((polygon, i) => (
          <path
            key={ringPath(polygon[0] ?? [])}
            d={polygonsPath([polygon])}
            fill="url(#not-used)"
            stroke="var(--color-soft)"
            strokeWidth={px}
            data-keep-out={i}
          />
        ))}
        {pieces.map((piece) => (
          <path
            key={piece.id}
            d={polygonsPath([piece.polygon])}
            fill={piece.colour}
            fillRule="evenodd"
          />
        ))}
        <Dimension
          from={box.minX}
          to={box.maxX}
          at={box.minY - 28 * px}
          text={showLength(width, unit)}
          px={px}
        />
        <Dimension
          from={box.minY}
          to={box.maxY}
          at={box.minX - 34 * px}
          text={showLength(height, unit)}
          px={px}
          vertical
        />
      </svg>
      <figcaption className="mt-2 text-center text-soft text-sm">
        {say.trueProportionHatchedNoVinyl(pieces.length)}
      </figcaption>
    </figure>
  );
}
