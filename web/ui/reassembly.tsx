import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import { boxOf, boxWidth, growBox, type Point } from "@elm-basket/core/geometry/polygon.ts";
import type { PlanJson } from "@elm-basket/core/plan/plan-json.ts";
import { reassemblyWords } from "./words.ts";

interface Props {
  readonly split: PlanJson["splits"][number];
  readonly pieces: readonly { readonly id: string; readonly path: string }[];
  readonly colour: string;
  readonly name: string;
}

const ARM_MM = 2.5;

/** How the parts of a long kit go together: numbered, seams dashed, cross upon cross. */
export function Reassembly({ split, pieces, colour, name }: Props) {
  const say = reassemblyWords();
  const shapes = pieces.map(({ id, path }) => ({ id, path, polygon: readPiecePath(path) }));
  const marks = split.parts.flatMap((part) => part.marks);
  const box = growBox(
    boxOf([
      ...shapes.map(({ polygon }) => polygon),
      ...marks.map(([x, y]): Point[][] => [[[x, y]]]),
    ]),
    ARM_MM * 2,
  );
  const px = boxWidth(box) / 560;
  return (
    <figure>
      <svg
        viewBox={`${box.minX} ${box.minY - 26 * px} ${box.maxX - box.minX} ${box.maxY - box.minY + 26 * px}`}
        className="w-full border border-rule bg-paper"
        role="img"
        aria-label={say.partsPutTogether(name, split.parts.length)}
      >
        {split.parts.map((part) => {
          const own = shapes.filter(({ id }) => part.pieces.includes(id));
          const extent = boxOf(own.map(({ polygon }) => polygon));
          const middle = (extent.minX + extent.maxX) / 2;
          return (
            <g key={part.n}>
              {own.map(({ id, path }) => (
                <path
                  key={id}
                  d={path}
                  fill={colour}
                  fillRule="evenodd"
                  fillOpacity={part.n % 2 === 1 ? 1 : 0.65}
                />
              ))}
              <circle cx={middle} cy={box.minY - 10 * px} r={11 * px} fill="var(--color-ink)" />
              <text
                x={middle}
                y={box.minY - 5 * px}
                textAnchor="middle"
                fontSize={14 * px}
                fontWeight="700"
                fill="var(--color-white)"
              >
                {part.n}
              </text>
            </g>
          );
        })}
        {split.seams.map(({ from, to }) => (
          <line
            key={`${from} ${to}`}
            x1={from[0]}
            y1={from[1]}
            x2={to[0]}
            y2={to[1]}
            stroke="var(--color-ink)"
            strokeWidth={1.4 * px}
            strokeDasharray={`${6 * px} ${4 * px}`}
          />
        ))}
        {[...new Map(marks.map((mark) => [mark.join(" "), mark])).values()].map(([x, y]) => (
          <path
            key={`${x} ${y}`}
            d={`M${x - ARM_MM} ${y}H${x + ARM_MM}M${x} ${y - ARM_MM}V${y + ARM_MM}`}
            fill="none"
            stroke="var(--color-elm)"
            strokeWidth={2 * px}
          />
        ))}
      </svg>
      <figcaption className="mt-1 text-soft text-sm">
        {say.partsLayCrossUponCross(name, split.parts.length)}
      </figcaption>
    </figure>
  );
}
