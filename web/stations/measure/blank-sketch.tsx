import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";

/** The blank, small and in true proportion, with its face dashed. For cards and lists. */
export function BlankSketch({ blank }: { blank: Blank }) {
  const { shape, colour } = blank;
  const face = readFace(blank);
  const w = shape.kind === "flat" ? shape.width : shape.diameter;
  const h = shape.kind === "flat" ? shape.height : shape.kind === "round" ? shape.diameter : shape.height;
  const pad = Math.max(w, h) * 0.06;
  const line = Math.max(w, h) / 130;
  return (
    <svg viewBox={`${-w / 2 - pad} ${-pad} ${w + 2 * pad} ${h + 2 * pad}`} className="max-h-32 w-full" role="img" aria-label={`${blank.name} in true proportion`}>
      {shape.kind === "round" ? (
        <circle cx="0" cy={h / 2} r={w / 2} fill={colour} stroke="var(--color-ink)" strokeWidth={line} />
      ) : (
        <rect x={-w / 2} y="0" width={w} height={h} rx={shape.kind === "straightCup" ? w * 0.04 : 0} fill={colour} stroke="var(--color-ink)" strokeWidth={line} />
      )}
      {shape.kind === "straightCup" && (
        <rect
          x={-seenHalf(face.width, shape.diameter)}
          y={shape.rimClearance}
          width={2 * seenHalf(face.width, shape.diameter)}
          height={face.height}
          fill="none"
          stroke="var(--color-faint)"
          strokeWidth={line}
          strokeDasharray={`${line * 4} ${line * 3}`}
        />
      )}
    </svg>
  );
}

function seenHalf(width: number, diameter: number): number {
  return (diameter / 2) * Math.sin(Math.min(Math.PI / 2, width / diameter));
}
