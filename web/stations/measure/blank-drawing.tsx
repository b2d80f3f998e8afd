import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { seenFromFront } from "@elm-basket/core/blanks/straight-cup.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import { Dimension, Hatch } from "@/ui/dimension.tsx";

/** Pixels the drawing is about wide: strokes and lettering are set for this. */
const DRAWN_PX = 560;

/** The blank as a pattern sheet: true proportion, dimensions, hatched where no vinyl goes. */
export function BlankDrawing({ blank, unit }: { blank: Blank; unit: LengthUnit }) {
  const { shape } = blank;
  const width = shape.kind === "flat" ? shape.width : shape.diameter;
  const height = shape.kind === "round" ? shape.diameter : shape.height;
  const px = Math.max(width * 1.32, height * 1.2) / DRAWN_PX;
  const pad = { left: 64 * px, right: 24 * px, top: (shape.kind === "straightCup" ? 62 : 50) * px, bottom: shape.kind === "straightCup" ? 54 * px : 24 * px };
  const view = `${-width / 2 - pad.left} ${-pad.top} ${width + pad.left + pad.right} ${height + pad.top + pad.bottom}`;
  return (
    <figure>
      <svg
        viewBox={view}
        className="max-h-[545px] w-full"
        role="img"
        aria-label={`${blank.name}, drawn in true proportion, ${showLength(width, unit)} by ${showLength(height, unit)}`}
        data-true-width={width}
        data-true-height={height}
      >
        <defs>
          <Hatch id="not-used" px={px} />
        </defs>
        {shape.kind === "straightCup" ? <CupFront blank={blank} px={px} unit={unit} /> : <FlatFace blank={blank} px={px} unit={unit} />}
        <Dimension from={-width / 2} to={width / 2} at={shape.kind === "straightCup" ? -40 * px : -28 * px} text={showLength(width, unit)} px={px} />
        <Dimension from={0} to={height} at={-width / 2 - 34 * px} text={showLength(height, unit)} px={px} vertical />
      </svg>
      <figcaption className="mt-2 text-center text-soft text-sm">
        {shape.kind === "straightCup"
          ? "Front view. Hatched: no vinyl. Dashed: the face, as wide as it looks from the front."
          : "True proportion. Hatched: the margin. Dashed: where the design may go."}
      </figcaption>
    </figure>
  );
}

interface PartProps {
  readonly blank: Blank;
  readonly px: number;
  readonly unit: LengthUnit;
}

function FlatFace({ blank, px }: PartProps) {
  const { width, height, marginMm } = readFace(blank);
  const round = blank.shape.kind === "round";
  const inner = { w: Math.max(0, width - 2 * marginMm), h: Math.max(0, height - 2 * marginMm) };
  const edge = { stroke: "var(--color-ink)", strokeWidth: px * 1.4 };
  const dash = { fill: blank.colour, stroke: "var(--color-soft)", strokeWidth: px * 1.2, strokeDasharray: `${6 * px} ${4 * px}` };
  if (round) {
    return (
      <>
        <circle data-part="blank" cx="0" cy={height / 2} r={width / 2} fill={blank.colour} />
        <circle cx="0" cy={height / 2} r={width / 2} fill="url(#not-used)" {...edge} />
        <circle cx="0" cy={height / 2} r={inner.w / 2} {...dash} />
      </>
    );
  }
  return (
    <>
      <rect data-part="blank" x={-width / 2} y="0" width={width} height={height} fill={blank.colour} />
      <rect x={-width / 2} y="0" width={width} height={height} fill="url(#not-used)" {...edge} />
      <rect x={-inner.w / 2} y={marginMm} width={inner.w} height={inner.h} {...dash} />
    </>
  );
}

/** How much the rim's ellipse is opened, as a share of the diameter: seen a little from above. */
const RIM_OPEN = 0.045;

function CupFront({ blank, px, unit }: PartProps) {
  const { shape } = blank;
  if (shape.kind !== "straightCup") return null;
  const { width, height, marginMm } = readFace(blank);
  const radius = shape.diameter / 2;
  const half = seenFromFront(radius, width / 2) ?? radius;
  const inner = seenFromFront(radius, Math.max(0, width / 2 - marginMm)) ?? radius;
  const rim = radius * 2 * RIM_OPEN;
  const body = `M${-radius} 0V${shape.height - rim}A${radius} ${rim} 0 0 0 ${radius} ${shape.height - rim}V0`;
  const edge = { stroke: "var(--color-ink)", strokeWidth: px * 1.4 };
  return (
    <>
      <path data-part="blank" d={`${body}Z`} fill={blank.colour} />
      <path d={`${body}Z`} fill="url(#not-used)" {...edge} />
      <ellipse cx="0" cy="0" rx={radius} ry={rim} fill={blank.colour} {...edge} />
      <rect x={-half} y={shape.rimClearance} width={2 * half} height={height} fill={blank.colour} stroke="var(--color-soft)" strokeWidth={px} />
      <rect
        x={-inner}
        y={shape.rimClearance + marginMm}
        width={2 * inner}
        height={Math.max(0, height - 2 * marginMm)}
        fill="none"
        stroke="var(--color-soft)"
        strokeWidth={px * 1.2}
        strokeDasharray={`${6 * px} ${4 * px}`}
      />
      <text
        x="0"
        y={shape.rimClearance / 2 + rim / 2}
        fontSize={13 * px}
        textAnchor="middle"
        dominantBaseline="central"
        fill="var(--color-ink)"
        stroke={blank.colour}
        strokeWidth={4 * px}
        paintOrder="stroke"
      >
        {shape.rimClearance > 0 ? `${showLength(shape.rimClearance, unit)} clear of the rim` : ""}
      </text>
      <Dimension from={-half} to={half} at={shape.height + 30 * px} text={`looks ${showLength(2 * half, unit)}`} px={px} />
    </>
  );
}
