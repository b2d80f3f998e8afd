import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import type { SheetRow } from "@/data/making.ts";
import { Dimension, Hatch } from "@/ui/dimension.tsx";

const DRAWN_PX = 560;

/** The load as it lies: the trimmed vinyl in true proportion, the rest of the mat hatched, the corner to align to marked. */
export function SheetDrawing({ sheet, colour, film, unit, bin }: { sheet: SheetRow; colour: string; film: string; unit: LengthUnit; bin: { width: number; height: number } }) {
  const { meta } = sheet;
  const shownHeight = Math.min(Math.max(bin.height, meta.height), meta.width * 1.25);
  const rest = shownHeight - meta.height;
  const px = Math.max(bin.width + 60, shownHeight) / DRAWN_PX;
  const edge = { left: 46 * px, top: 40 * px, right: 14 * px, bottom: 14 * px };
  const width = Math.max(bin.width, meta.width);
  // White films are drawn on a tinted backing, as they are sold.
  const pale = luminance(colour) > 0.8;
  return (
    <figure>
      <svg
        viewBox={`${-edge.left} ${-edge.top} ${width + edge.left + edge.right} ${shownHeight + edge.top + edge.bottom}`}
        className="max-h-[620px] w-full"
        role="img"
        aria-label={`Load ${sheet.nn}, ${film}: ${meta.kits.length} kits on ${showLength(meta.width, unit)} by ${showLength(meta.height, unit)}`}
      >
        <defs>
          <Hatch id="rest" px={px} />
        </defs>
        <rect x="0" y="0" width={width} height={shownHeight} fill="url(#rest)" stroke="var(--color-rule-strong)" strokeWidth={px} strokeDasharray={`${6 * px} ${4 * px}`} />
        <rect x="0" y="0" width={meta.width} height={meta.height} fill={pale ? "var(--color-backing)" : "var(--color-white)"} stroke="var(--color-ink)" strokeWidth={1.4 * px} />
        {meta.kits.map((kit) => (
          <g key={kit.seat}>
            <title>{kit.label}</title>
            <rect
              x={kit.x}
              y={kit.y}
              width={kit.width}
              height={kit.height}
              fill={sheet.cutAt ? "var(--color-elm-tint)" : "none"}
              fillOpacity="0.6"
              stroke={pale ? "var(--color-ink)" : "var(--color-faint)"}
              strokeWidth={0.9 * px}
              strokeDasharray={`${4 * px} ${3 * px}`}
            />
            <path d={kit.path} fill={colour} fillRule="evenodd" />
          </g>
        ))}
        <path d={`M${-4 * px} ${34 * px}V${-4 * px}H${34 * px}`} fill="none" stroke="var(--color-elm)" strokeWidth={6 * px} />
        <Dimension from={0} to={meta.width} at={-22 * px} text={showLength(meta.width, unit)} px={px} />
        <Dimension from={0} to={meta.height} at={-26 * px} text={showLength(meta.height, unit)} px={px} vertical />
        {rest > 40 * px && (
          <text x={width / 2} y={meta.height + rest / 2} textAnchor="middle" fontSize={16 * px} fill="var(--color-soft)" stroke="var(--color-card)" strokeWidth={5 * px} paintOrder="stroke">
            {meta.stock === "roll" ? "stays on the roll" : "stays in the folder"}
          </text>
        )}
      </svg>
      <figcaption className="mt-1 text-center text-soft text-sm">Green corner: where the cutter starts, lay the vinyl's corner there. Dashed: weed boxes, cut last.</figcaption>
    </figure>
  );
}

function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
