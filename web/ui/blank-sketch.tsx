import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { heightOfBlank, seenOn, silhouetteRadius } from "@elm-basket/core/blanks/on-blank.ts";
import { asCut, type FaceReading, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import { ringPath } from "@elm-basket/core/geometry/path.ts";
import type { Point, Ring } from "@elm-basket/core/geometry/polygon.ts";
import { blankSketchWords } from "./words.ts";

const STEPS = 32;

/** Outline of a blank of revolution from the front, rim at y = 0. */
export function silhouette(reading: FaceReading): Ring {
  const height = heightOfBlank(reading);
  const heights = Array.from({ length: STEPS + 1 }, (_, i) => (height * i) / STEPS);
  const right = heights.map((y): Point => [silhouetteRadius(reading, y), y]);
  return [...right, ...[...right].reverse().map(([x, y]): Point => [-x, y])];
}

/** The blank, small and in true proportion, with its face dashed. For cards and lists. */
export function BlankSketch({ blank }: { blank: Blank }) {
  const reading = readFace(blank);
  const { width: w, height: h } = frontSize(reading.shape);
  const round = heightOfBlank(reading) > 0;
  const pad = Math.max(w, h) * 0.06;
  const line = Math.max(w, h) / 130;
  const face = faceOutline(reading.face);
  const shown = round ? seenOn(reading, asCut([[face]], reading), 0)[0]?.[0] : undefined;
  const top = round ? 0 : -h / 2;
  return (
    <svg
      viewBox={`${-w / 2 - pad} ${top - pad} ${w + 2 * pad} ${h + 2 * pad}`}
      className="max-h-32 w-full"
      role="img"
      aria-label={blankSketchWords().inTrueProportion(blank.name)}
    >
      <path
        d={ringPath(round ? silhouette(reading) : face)}
        fill={blank.colour}
        stroke="var(--color-ink)"
        strokeWidth={line}
        strokeLinejoin="round"
      />
      {shown && (
        <path
          d={ringPath(shown)}
          fill="none"
          stroke="var(--color-faint)"
          strokeWidth={line}
          strokeDasharray={`${line * 4} ${line * 3}`}
        />
      )}
    </svg>
  );
}
