/**
 * The largest upright rectangle inside a stock of any shape: what straight cuts can use of a scrap.
 */
import { type Box, boxHeight, boxOf, boxWidth, type Polygons } from "../geometry/polygon.ts";
import { outsideOf } from "./raster.ts";

const COLUMNS = 60;

/**
 * Never sticks out; up to a column short of the true largest on each side. Null when there is none.
 */
export function inscribedBox(stock: Polygons): Box | null {
  const box = boxOf(stock);
  const column = boxWidth(box) / COLUMNS;
  if (!(column > 0) || !(boxHeight(box) > 0)) return null;
  const cell = boxHeight(box) / 1000;
  const raster = outsideOf(stock, { column, cell });
  // Free stretches of each column: between one blocked span and the next.
  const free = Array.from({ length: raster.columns }, (_, k) => {
    const stretches: [number, number][] = [];
    for (let i = raster.first[k] as number; i + 1 < (raster.first[k + 1] as number); i++)
      stretches.push([raster.to[i] as number, raster.from[i + 1] as number]);
    return stretches;
  });
  let best: Box | null = null;
  let largest = 0;
  for (let from = 0; from < free.length; from++) {
    let common = free[from] as [number, number][];
    for (let to = from; to < free.length && common.length > 0; to++) {
      common = overlapOf(common, free[to] as [number, number][]);
      for (const [a, b] of common) {
        const area = (to - from + 1) * column * (b - a) * cell;
        if (area <= largest) continue;
        largest = area;
        best = {
          minX: box.minX + from * column,
          minY: box.minY + a * cell,
          maxX: Math.min(box.maxX, box.minX + (to + 1) * column),
          maxY: box.minY + b * cell,
        };
      }
    }
  }
  return best;
}

function overlapOf(
  a: readonly [number, number][],
  b: readonly [number, number][],
): [number, number][] {
  return a.flatMap(([from, to]) =>
    b
      .map(([f, t]): [number, number] => [Math.max(from, f), Math.min(to, t)])
      .filter(([f, t]) => t > f),
  );
}
