import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { drawnFace, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { endRise, warpPoint } from "@elm-basket/core/blanks/tapered-cup.ts";
import { polygonsPath, ringPath } from "@elm-basket/core/geometry/path.ts";
import { boxOfPoints, type Point } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { Dimension, Hatch } from "@/ui/dimension.tsx";
import { decimal, showLength } from "@/ui/figures.ts";
import type { DesignPiece } from "./design-piece.ts";
import { DRAWN_PX } from "./flat-drawing.tsx";
import { unrolledDrawingWords } from "./words.ts";

const STEPS = 40;

/** The wall of a tapered cup laid flat: a piece of ring; how far a straight cut runs off it. */
export function UnrolledDrawing({
  blank,
  unit,
  pieces,
  widest,
}: {
  blank: Blank;
  unit: LengthUnit;
  pieces: readonly DesignPiece[];
  widest: number;
}) {
  const say = unrolledDrawingWords();
  const reading = readFace(blank);
  const { taper } = reading;
  if (!taper) return null;
  const { sector, baseline, warped } = taper;
  const span = Math.min(
    sector.angle / 2,
    ((reading.cup?.angleDeg ?? 120) / 360) * sector.angle * 0.75,
  );
  const near = (y: number) =>
    Array.from(
      { length: STEPS + 1 },
      (_, i): Point =>
        warpPoint([baseline * span * ((2 * i) / STEPS - 1), y], baseline, sector.wideTop),
    );
  const toRim =
    reading.shape.kind === "taperedCup" ? reading.height / 2 + reading.shape.rimClearance : 0;
  const toFoot =
    reading.shape.kind === "taperedCup" ? reading.height / 2 + reading.shape.footClearance : 0;
  const wall = [...near(-toRim), ...near(toFoot).reverse()];
  const face = drawnFace(
    warped
      ? reading
      : readFace({ ...blank, shape: { ...reading.shape, warp: true } as Blank["shape"] }),
  );
  const box = boxOfPoints(wall);
  const px = Math.max((box.maxX - box.minX) * 1.15, (box.maxY - box.minY) * 1.3) / DRAWN_PX;
  const rise = endRise(baseline, widest);
  const level = warpPoint([widest / 2, 0], baseline, sector.wideTop)[1];
  const arc = Array.from(
    { length: STEPS + 1 },
    (_, i): Point => warpPoint([widest * (i / STEPS - 0.5), 0], baseline, sector.wideTop),
  );
  return (
    <figure>
      <svg
        viewBox={`${box.minX - 30 * px} ${box.minY - 20 * px} ${box.maxX - box.minX + 60 * px} ${box.maxY - box.minY + 70 * px}`}
        className="max-h-[520px] w-full"
        role="img"
        aria-label={say.theWallOfLaidFlat(blank.name)}
      >
        <defs>
          <Hatch id="not-used-flat" px={px} />
        </defs>
        <path d={ringPath(wall)} fill={blank.colour} />
        <path
          d={ringPath(wall)}
          fill="url(#not-used-flat)"
          stroke="var(--color-ink)"
          strokeWidth={px * 1.4}
        />
        <path
          d={ringPath(face)}
          fill={blank.colour}
          stroke="var(--color-soft)"
          strokeWidth={px * 1.2}
          strokeDasharray={`${6 * px} ${4 * px}`}
        />
        {pieces.map((piece) => (
          <path
            key={piece.id}
            d={polygonsPath([piece.polygon])}
            fill={piece.colour}
            fillRule="evenodd"
          />
        ))}
        {widest > 0 && (
          <g fill="none" stroke="var(--color-brick)" strokeWidth={px * 1.3}>
            <polyline points={arc.map((point) => point.join(",")).join(" ")} />
            <line
              x1={-widest / 2}
              x2={widest / 2}
              y1={0}
              y2={0}
              strokeDasharray={`${3 * px} ${3 * px}`}
            />
          </g>
        )}
        {widest > 0 && (
          <Dimension
            from={Math.min(0, level)}
            to={Math.max(0, level)}
            at={widest / 2 + 14 * px}
            text={showLength(rise, unit)}
            px={px}
            vertical
          />
        )}
        <text
          x="0"
          y={box.maxY + 26 * px}
          textAnchor="middle"
          fontSize={13 * px}
          fill="var(--color-soft)"
        >
          {say.radiusAtTheWiderEdge(
            showLength(sector.outerRadius, unit),
            decimal((sector.angle * 180) / Math.PI, 1),
          )}
        </text>
      </svg>
      <figcaption className="mt-2 text-center text-soft text-sm">
        {say.laidFlatTheDesign(warped)}
      </figcaption>
    </figure>
  );
}
