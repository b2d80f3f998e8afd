import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { SheetRow } from "@/data/making.ts";
import { showLength } from "@/ui/figures.ts";
import { matPlanWords } from "./words.ts";

interface Props {
  /** Films of one mat. */
  readonly sheets: readonly SheetRow[];
  readonly chosen: number;
  readonly colourOf: (vinyl: string) => string;
  readonly nameOf: (vinyl: string) => string;
  readonly unit: LengthUnit;
}

/** Several films on one mat, each at its place from the green corner. */
export function MatPlan({ sheets, chosen, colourOf, nameOf, unit }: Props) {
  const say = matPlanWords();
  const mat = sheets[0]?.meta.mat;
  if (!mat) return null;
  const px = Math.max(mat.width, mat.height) / 260;
  return (
    <figure className="mt-4 flex flex-wrap items-start gap-4">
      <svg
        viewBox={`${-6 * px} ${-6 * px} ${mat.width + 12 * px} ${mat.height + 12 * px}`}
        className="max-h-64 w-64"
        role="img"
        aria-label={say.matWith(mat.mat, sheets.length)}
      >
        {sheets.map(({ nn, vinyl, meta }) =>
          meta.mat ? (
            <g key={nn}>
              <rect
                x={meta.mat.x}
                y={meta.mat.y}
                width={meta.width}
                height={meta.height}
                fill={colourOf(vinyl)}
                fillOpacity={0.25}
                stroke={nn === chosen ? "var(--color-ink)" : "var(--color-rule-strong)"}
                strokeWidth={(nn === chosen ? 2.5 : 1.2) * px}
              />
              <text
                x={meta.mat.x + meta.width / 2}
                y={meta.mat.y + meta.height / 2}
                textAnchor="middle"
                dominantBaseline="central"
                fontSize={16 * px}
                fontWeight="700"
                fill="var(--color-ink)"
              >
                {nn}
              </text>
            </g>
          ) : null,
        )}
        <path
          d={`M${-3 * px} ${22 * px}V${-3 * px}H${22 * px}`}
          fill="none"
          stroke="var(--color-elm)"
          strokeWidth={5 * px}
        />
      </svg>
      <figcaption className="text-sm">
        <p className="mb-1 font-bold">{say.matLayAllOfThese(mat.mat)}</p>
        <ol>
          {sheets.map(({ nn, vinyl, meta }) => (
            <li key={nn}>
              {say.fromTheLeft(
                nn,
                nameOf(vinyl),
                showLength(meta.mat?.x ?? 0, unit),
                showLength(meta.mat?.y ?? 0, unit),
              )}
            </li>
          ))}
        </ol>
      </figcaption>
    </figure>
  );
}
