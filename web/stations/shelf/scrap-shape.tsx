import { boxHeight, boxOfPoints, boxWidth } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showLength } from "@/ui/figures.ts";
import { scrapShapeWords } from "./words.ts";

type Ring = readonly (readonly [number, number])[];

interface Props {
  readonly outline: Ring;
  readonly holes: readonly Ring[];
  readonly colour: string;
  readonly unit: LengthUnit;
  readonly label: string;
  /**
   * Millimetres that the whole width of the picture stands for; the scrap's own size when left out.
   */
  readonly scale?: number;
}

/** A scrap in true proportion. */
export function ScrapShape({ outline, holes, colour, unit, label, scale }: Props) {
  const box = boxOfPoints(outline);
  const [width, height] = [boxWidth(box), boxHeight(box)];
  const full = scale ?? Math.max(width, height);
  const px = full / 150;
  return (
    <svg
      viewBox={`${box.minX - px} ${box.minY - px} ${full + 2 * px} ${height + 2 * px}`}
      className="w-full"
      role="img"
      aria-label={scrapShapeWords().by(label, showLength(width, unit), showLength(height, unit))}
    >
      <path
        d={[outline, ...holes]
          .map((ring) => `M${ring.map(([a, b]) => `${a} ${b}`).join("L")}Z`)
          .join("")}
        fill={colour}
        fillRule="evenodd"
        stroke="var(--color-ink)"
        strokeWidth={1.2 * px}
      />
    </svg>
  );
}
