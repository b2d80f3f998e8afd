/**
 * The picture of docs/weeding.md: shapes with one fragile arm each, and the peel that is proposed
 * for them.
 */
import { polygonsPath } from "../geometry/path.ts";
import type { Point } from "../geometry/polygon.ts";
import { peelOf } from "../weeding/peel.ts";
import { FRAGILE_SHAPES, type FragileShape } from "../weeding/peel-shapes.ts";

const COLUMNS = 4;
const CELL = { width: 116, height: 92 };
const MIN_STROKE_MM = 0.8;

const text = (value: number): string => String(Number(value.toFixed(2)));

function arrow([x, y]: Point, [dx, dy]: Point, length: number): string {
  const [tx, ty] = [x + dx * length, y + dy * length];
  const wing = (side: 1 | -1) =>
    `${text(tx - dx * 3 - side * dy * 2)} ${text(ty - dy * 3 + side * dx * 2)}`;
  return `M${text(x)} ${text(y)}L${text(tx)} ${text(ty)}M${wing(1)}L${text(tx)} ${text(ty)}L${wing(-1)}`;
}

function cell(shape: FragileShape, i: number): string {
  const { film, pieces, name } = shape;
  const peel = peelOf({ pieces, film, minStroke: MIN_STROKE_MM, isSmall: () => false });
  const [width, height] = [film.maxX - film.minX, film.maxY - film.minY];
  return `<g transform="translate(${(i % COLUMNS) * CELL.width + 8} ${Math.floor(i / COLUMNS) * CELL.height + 10})">
<rect width="${width}" height="${height}" fill="#FBF9F4" stroke="#5A6365" stroke-width="0.5" stroke-dasharray="2.4 1.6"/>
<path d="${polygonsPath(pieces)}" fill="#22567B" fill-rule="evenodd"/>
<circle cx="${text(peel.from[0])}" cy="${text(peel.from[1])}" r="2" fill="#9E3A2B"/>
<path d="${arrow([peel.from[0] + peel.direction[0] * 4, peel.from[1] + peel.direction[1] * 4], peel.direction, 16)}" fill="none" stroke="#9E3A2B" stroke-width="1.2"/>
<text y="${height + 8}" font-family="sans-serif" font-size="5.6" fill="#22292B">${name}: ${peel.reasons[0]?.code === "last" ? "left for the last" : "gone along"}</text>
</g>`;
}

export function peelPicture(): string {
  const rows = Math.ceil(FRAGILE_SHAPES.length / COLUMNS);
  const [width, height] = [COLUMNS * CELL.width + 8, rows * CELL.height + 8];
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width * 2}" height="${height * 2}" viewBox="0 0 ${width} ${height}"><rect width="${width}" height="${height}" fill="#F1EDE3"/>
${FRAGILE_SHAPES.map(cell).join("\n")}
</svg>
`;
}
