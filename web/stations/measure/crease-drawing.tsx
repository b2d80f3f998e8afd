import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { creaseOf } from "@elm-basket/core/blanks/crease.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { snipLines, TAPE_BEYOND_MM } from "@elm-basket/core/blanks/snips.ts";
import { polygonsPath } from "@elm-basket/core/geometry/path.ts";
import { boxHeight, boxOf, boxWidth, growBox } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showLength } from "@/ui/figures.ts";
import type { DesignPiece } from "./design-piece.ts";
import { DRAWN_PX } from "./flat-drawing.tsx";
import { creaseDrawingWords } from "./words.ts";

const words = () =>
  ({
    creases: (n: number) => creaseDrawingWords().n1PieceCreasesPiecesCrease(n),
    borderline: (n: number) => (n === 1 ? "1 is borderline" : `${n} are borderline`),
    lies: (n: number) => creaseDrawingWords().n1LiesDownLieDown(n),
  }) as const;
const EDGE = {
  creases: "var(--color-brick)",
  borderline: "var(--color-ochre)",
  lies: "var(--color-soft)",
} as const;

/** The design on its tape: which piece creases on the bulge, and where to snip the tape. */
export function CreaseDrawing({
  blank,
  unit,
  pieces,
}: {
  blank: Blank;
  unit: LengthUnit;
  pieces: readonly DesignPiece[];
}) {
  const say = creaseDrawingWords();
  const { bulge } = readFace(blank);
  if (!bulge || pieces.length === 0)
    return <p className="py-10 text-center text-soft">{say.theCreaseMapComes}</p>;
  const read = pieces.map((piece) => ({ piece, ...creaseOf(piece.polygon, bulge.largestPatch) }));
  const tape = growBox(boxOf(pieces.map(({ polygon }) => polygon)), TAPE_BEYOND_MM);
  const snips = snipLines(
    pieces.map(({ polygon }) => polygon),
    2 * bulge.largestPatch,
  );
  const px = Math.max(boxWidth(tape) * 1.1, boxHeight(tape) * 1.2) / DRAWN_PX;
  const count = (verdict: keyof ReturnType<typeof words>) =>
    read.filter((row) => row.verdict === verdict).length;
  return (
    <figure>
      <svg
        viewBox={`${tape.minX - 10 * px} ${tape.minY - 10 * px} ${boxWidth(tape) + 20 * px} ${boxHeight(tape) + 20 * px}`}
        className="max-h-[500px] w-full"
        role="img"
        aria-label={say.creaseMap(
          words().creases(count("creases")),
          words().borderline(count("borderline")),
          words().lies(count("lies")),
          snips.length,
        )}
      >
        <rect
          x={tape.minX}
          y={tape.minY}
          width={boxWidth(tape)}
          height={boxHeight(tape)}
          fill="var(--color-paper)"
          stroke="var(--color-rule-strong)"
          strokeWidth={px * 1.4}
        />
        {read.map(({ piece, verdict }) => (
          <path
            key={piece.id}
            d={polygonsPath([piece.polygon])}
            fill={piece.colour}
            fillRule="evenodd"
            stroke={EDGE[verdict]}
            strokeWidth={verdict === "lies" ? px * 0.6 : px * 2.4}
            data-verdict={verdict}
          />
        ))}
        {read
          .filter(({ verdict }) => verdict !== "lies")
          .map(({ piece, at, patch, verdict }) => (
            <circle
              key={piece.id}
              cx={at[0]}
              cy={at[1]}
              r={patch}
              fill="none"
              stroke={EDGE[verdict]}
              strokeWidth={px * 1.2}
              strokeDasharray={`${2 * px} ${3 * px}`}
            />
          ))}
        {snips.map(([a, b]) => (
          <line
            key={`${a.join()}-${b.join()}`}
            x1={a[0]}
            y1={a[1]}
            x2={b[0]}
            y2={b[1]}
            stroke="var(--color-slate)"
            strokeWidth={px * 1.8}
            strokeDasharray={`${7 * px} ${4 * px}`}
          />
        ))}
      </svg>
      <figcaption className="mt-2 text-center text-soft text-sm">
        {say.dashedBlueSnipTheTape(
          (["creases", "borderline", "lies"] as const)
            .filter((verdict) => count(verdict) > 0)
            .map((verdict) => words()[verdict](count(verdict)))
            .join(", "),
          showLength(2 * bulge.largestPatch, unit),
        )}
      </figcaption>
    </figure>
  );
}
