/**
 * A strip pressed together: searched with shapes as fields of distances, first coarse, then fine,
 * and made exact at last. What comes out is never worse than what went in.
 */
import { simplified } from "../../geometry/path.ts";
import type { Point } from "../../geometry/polygon.ts";
import type { Turned } from "../raster.ts";
import { Floor, type Lay } from "./floor.ts";
import { type Form, formOf, type Grain, marginOf } from "./form.ts";
import { type Pressed, press, squeeze } from "./press.ts";
import { tighten } from "./tighten.ts";

/**
 * Cells over the shorter side of a middling shape, fewer where there is little time; points of
 * rims are so many cells apart.
 */
const COARSE_CELLS = [30, 22, 16, 12];
const FINE_CELLS = [60, 44, 30, 20];
const GAP_CELLS = 2.5;
const LEAST_CELL_MM = 0.1;
/** Corners nearer than this to the line between their neighbours are left out, mm. */
const PLAIN_MM = 4e-3;
/** Of more, one try takes longer than anybody waits: boxes are what there is. */
const MOST_PRESSED = 4000;
/** Outlines that differ by less look the same, mm. */
const SAME_MM = 1e-6;
/** Shares of the work: for the coarse search, and at most for making its fields. */
const PRESS_SHARE = 0.75;
const MAKING_SHARE = 0.25;
/** Of what is left then: at most for making the fine fields, and for making the lay exact. */
const FINE_SHARE = 0.4;
const EXACT_SHARE = 0.3;
/**
 * Grown by so much more, in cells, until the lay can be made exact; the first only where the
 * clearance is so many cells. A try after the first has this share of the work.
 */
const FURTHER = 0.4;
const FURTHER_CELLS = [0, FURTHER, 1];
const SAFE_CELLS = 2;
const AGAIN_SHARE = 0.15;
/** Points that settling on the fine grid may take for each shape, however little time is left. */
const SETTLING_A_SHAPE = 25e4;
/**
 * Work in the unit of the caller, of which a usual machine does 42 a µs: measured as 88 points of a
 * rim a µs, 0.36 µs for each cell of a field, and 0.15 µs for each projection of the exact part.
 */
const POINT_WORK = 0.48;
const CELL_WORK = 15;
/** Fields take four bytes a cell: so much work makes 300 MB of them. */
const MOST_MAKING = 75e6 * CELL_WORK;
const EXACT_WORK = 6.5;

export interface StripWishes {
  readonly clearance: number;
  readonly width: number;
  readonly fixed: ReadonlySet<number>;
  readonly random: () => number;
  readonly work: number;
}

export interface PressedStrip extends Pressed {
  readonly work: number;
}

/**
 * @param shapes each in all its turns
 * @param start where they lie, nothing nearer than the clearance
 * @returns null where there is no time to make the fields, or nothing better was found
 */
export function pressStrip(
  shapes: readonly (readonly Turned[])[],
  start: Lay,
  { clearance, width, fixed, random, work }: StripWishes,
): PressedStrip | null {
  // Leaving out corners may move an outline by so much, on either side.
  const apart = clearance + 2 * PLAIN_MM;
  if (shapes.length > MOST_PRESSED) return null;
  const plain = shapes.map((turns) => turns.map(withoutDetail));
  const way = affordable(plain, start.turn, apart, MAKING_SHARE * work);
  if (!way) return null;
  const { chosen, sets } = way;
  const coarse = grownFor(way.coarse, apart);
  const begin = { ...start, turn: start.turn.map((t, i) => (chosen[i] as number[]).indexOf(t)) };
  const forms = formsOf(sets, coarse);
  const was = endOf(forms, begin);
  const floor = new Floor(forms, coarse, width, was);
  floor.restore(begin);
  for (let i = 0; i < floor.count; i++) floor.settle(i);
  const making = makingOf(sets.distinct, coarse);
  const begun = floor.work;
  const searching = (work - making) / POINT_WORK;
  const pressed = press(floor, { random, fixed, workUpTo: begun + searching * PRESS_SHARE });
  const spent = making + (floor.work - begun) * POINT_WORK;
  const turn = pressed.lay.turn.map((t, i) => (chosen[i] as number[])[t] as number);
  const found = finish(
    plain.map((turns, i) => turns[turn[i] as number] as Turned),
    pressed,
    { clearance: apart, width, fixed, random, work: work - spent, coarse },
  );
  return found && found.length < was
    ? { lay: { ...found.lay, turn }, length: found.length, work: spent + found.work }
    : null;
}

/**
 * On a fine grid, each in the turn in which it lies; then exactly. Where the grid was not fine
 * enough for that, once more with shapes that are grown further: an hour's search is not given up
 * for a hair's breadth.
 */
function finish(
  shapes: readonly Turned[],
  pressed: Pressed,
  wishes: StripWishes & { readonly coarse: Grain },
): PressedStrip | null {
  const single = shapes.map((turned) => [turned]);
  const sets = setsOf(single);
  const fine =
    FINE_CELLS.map((cells) => grainOf(single, cells, wishes.clearance)).find(
      (grain) => makingOf(sets.distinct, grain) <= Math.min(FINE_SHARE * wishes.work, MOST_MAKING),
    ) ?? wishes.coarse;
  let spent = 0;
  for (const [n, more] of FURTHER_CELLS.entries()) {
    // As wide apart as that, outlines never cross for want of a finer grid.
    if (n === 0 && wishes.clearance < SAFE_CELLS * fine.cell) continue;
    const work = n === 0 || spent === 0 ? wishes.work : AGAIN_SHARE * wishes.work;
    const grain = { ...fine, clearance: wishes.clearance + more * fine.cell };
    const found = settled(sets, grain, pressed, { ...wishes, work });
    spent += found.work;
    if (found.exact) return { ...found.exact, work: spent };
  }
  return null;
}

/** Shapes that may almost touch are kept as far apart as the grid is exact: else they would cross. */
const grownFor = (grain: Grain, clearance: number): Grain =>
  clearance < SAFE_CELLS * grain.cell
    ? { ...grain, clearance: clearance + FURTHER * grain.cell }
    : grain;

function settled(
  sets: Sets,
  grain: Grain,
  { length, lay }: Pressed,
  { clearance, width, fixed, random, work }: StripWishes,
): { exact: Pressed | null; work: number } {
  const making = makingOf(sets.distinct, grain);
  const forms = formsOf(sets, grain);
  const floor = new Floor(forms, grain, width, length);
  const begun = floor.work;
  const left = (work - making) * (1 - EXACT_SHARE);
  const start: Pressed = { length, lay: { ...lay, turn: new Int32Array(lay.turn.length) } };
  const squeezed = squeeze(floor, start, {
    random,
    fixed,
    workUpTo: begun + Math.max(SETTLING_A_SHAPE * forms.length, left / POINT_WORK),
  });
  const spent = making + (floor.work - begun) * POINT_WORK;
  const from = squeezed ?? start;
  const exact = tighten(
    { outlines: forms, clearance, width, fixed },
    from.lay,
    from.length,
    Math.max(0, work - spent) / EXACT_WORK,
  );
  return { exact, work: spent + (exact?.work ?? 0) * EXACT_WORK };
}

const withoutDetail = (turned: Turned): Turned => ({
  ...turned,
  polygons: turned.polygons.map((polygon) => polygon.map((ring) => simplified(ring, PLAIN_MM))),
});

/** Of each shape in each turn, which of the distinct outlines it is. */
interface Sets {
  readonly distinct: readonly Turned[];
  readonly which: readonly (readonly number[])[];
}

/** Kits of one design look the same: their fields are made once. */
function setsOf(shapes: readonly (readonly Turned[])[]): Sets {
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

/**
 * The finest grid, and for little time fewer of the turns, for which all fields can be made.
 */
function affordable(
  shapes: readonly (readonly Turned[])[],
  lies: Int32Array,
  clearance: number,
  most: number,
): { coarse: Grain; chosen: number[][]; sets: Sets } | null {
  const turns = shapes.reduce((n, own) => Math.max(n, own.length), 1);
  for (let stride = 1; stride <= turns; stride *= 2) {
    const chosen = shapes.map((own, i) =>
      own.map((_, t) => t).filter((t) => (t - (lies[i] as number)) % stride === 0),
    );
    const sets = setsOf(
      shapes.map((own, i) => (chosen[i] as number[]).map((t) => own[t] as Turned)),
    );
    for (const cells of COARSE_CELLS) {
      const coarse = grainOf(shapes, cells, clearance);
      if (makingOf(sets.distinct, coarse) <= Math.min(most, MOST_MAKING))
        return { coarse, chosen, sets };
    }
  }
  return null;
}

function formsOf({ distinct, which }: Sets, grain: Grain): Form[][] {
  const made = distinct.map((turned) => formOf(turned, grain));
  return which.map((turns) => turns.map((n) => made[n] as Form));
}

function grainOf(shapes: readonly (readonly Turned[])[], cells: number, clearance: number): Grain {
  const sides = shapes
    .map((turns) =>
      turns.reduce((s, t) => Math.min(s, t.width, t.height), Number.POSITIVE_INFINITY),
    )
    .sort((a, b) => a - b);
  const cell = Math.max(LEAST_CELL_MM, (sides[Math.floor(sides.length / 2)] ?? 1) / cells);
  return { cell, gap: GAP_CELLS * cell, clearance };
}

function makingOf(distinct: readonly Turned[], grain: Grain): number {
  const margin = marginOf(grain);
  const across = (size: number) => (size + 2 * margin) / grain.cell;
  return distinct.reduce((sum, t) => sum + across(t.width) * across(t.height) * CELL_WORK, 0);
}

function endOf(forms: readonly (readonly Form[])[], { turn, y }: Lay): number {
  return forms.reduce(
    (end, turns, i) => Math.max(end, (y[i] as number) + (turns[turn[i] as number] as Form).height),
    0,
  );
}
