/** Shapes made ready for a floor: what looks the same is made once. */
import { simplified } from "../../geometry/path.ts";
import type { Point } from "../../geometry/polygon.ts";
import type { Turned } from "../turned.ts";
import { type Form, formOf, type Grain, marginOf } from "./form.ts";

/** Points of rims are so many cells apart. */
const GAP_CELLS = 2.5;
const LEAST_CELL_MM = 0.1;
/** Corners nearer than this to the line between their neighbours are left out, mm. */
export const PLAIN_MM = 4e-3;
/** Outlines that differ by less look the same, mm. */
const SAME_MM = 1e-6;
/** Grown by so much more, in cells, where the clearance is less than so many cells. */
export const FURTHER = 0.4;
export const SAFE_CELLS = 2;
/**
 * Work in the unit of the caller, of which a usual machine does 42 a µs: measured as 0.36 µs for
 * each cell of a field.
 */
const CELL_WORK = 15;
/** Fields take four bytes a cell: so much work makes 300 MB of them. */
export const MOST_MAKING = 75e6 * CELL_WORK;

/** Shapes that may almost touch are kept as far apart as the grid is exact: else they would cross. */
export const grownFor = (grain: Grain, clearance: number): Grain =>
  clearance < SAFE_CELLS * grain.cell
    ? { ...grain, clearance: clearance + FURTHER * grain.cell }
    : grain;

export const withoutDetail = (turned: Turned): Turned => ({
  ...turned,
  polygons: turned.polygons.map((polygon) => polygon.map((ring) => simplified(ring, PLAIN_MM))),
});

/** Of each shape in each turn, which of the distinct outlines it is. */
export interface Sets {
  readonly distinct: readonly Turned[];
  readonly which: readonly (readonly number[])[];
}

/** Kits of one design look the same: their fields are made once. */
export function setsOf(shapes: readonly (readonly Turned[])[]): Sets {
  const distinct: Turned[] = [];
  const known = new Map<string, number[]>();
  const same = (a: Turned, b: Turned): boolean =>
    a.polygons.every((polygon, p) =>
      polygon.every((ring, r) => {
        const other = b.polygons[p]?.[r];
        return (
          other?.length === ring.length &&
          ring.every(([x, y], k) => {
            const [ox, oy] = other[k] as Point;
            return (
              Math.abs(x - a.minX - ox + b.minX) < SAME_MM &&
              Math.abs(y - a.minY - oy + b.minY) < SAME_MM
            );
          })
        );
      }),
    );
  const which = shapes.map((turns) =>
    turns.map((turned) => {
      const { width, height, polygons } = turned;
      const points = polygons.reduce((n, polygon) => polygon.reduce((m, r) => m + r.length, n), 0);
      const key = `${width.toFixed(3)} ${height.toFixed(3)} ${polygons.length} ${points}`;
      const alike = known.get(key) ?? [];
      const found = alike.find((n) => same(distinct[n] as Turned, turned));
      if (found !== undefined) return found;
      known.set(key, [...alike, distinct.length]);
      return distinct.push(turned) - 1;
    }),
  );
  return { distinct, which };
}

export function formsOf({ distinct, which }: Sets, grain: Grain): Form[][] {
  const made = distinct.map((turned) => formOf(turned, grain));
  return which.map((turns) => turns.map((n) => made[n] as Form));
}

export function grainOf(
  shapes: readonly (readonly Turned[])[],
  cells: number,
  clearance: number,
): Grain {
  const sides = shapes
    .map((turns) =>
      turns.reduce((s, t) => Math.min(s, t.width, t.height), Number.POSITIVE_INFINITY),
    )
    .sort((a, b) => a - b);
  const cell = Math.max(LEAST_CELL_MM, (sides[Math.floor(sides.length / 2)] ?? 1) / cells);
  return { cell, gap: GAP_CELLS * cell, clearance };
}

export function makingOf(distinct: readonly Turned[], grain: Grain): number {
  const margin = marginOf(grain);
  const across = (size: number) => (size + 2 * margin) / grain.cell;
  return distinct.reduce((sum, t) => sum + across(t.width) * across(t.height) * CELL_WORK, 0);
}
