/**
 * A strip pressed together: searched with shapes as fields of distances, first coarse, then fine,
 * and made exact at last. What comes out is never worse than what went in.
 */
import type { Turned } from "../turned.ts";
import { Floor, type Lay } from "./floor.ts";
import type { Form, Grain } from "./form.ts";
import {
  FURTHER,
  formsOf,
  grainOf,
  grownFor,
  MOST_MAKING,
  makingOf,
  PLAIN_MM,
  SAFE_CELLS,
  type Sets,
  setsOf,
  withoutDetail,
} from "./forms.ts";
import { type Pressed, press, squeeze } from "./press.ts";
import { tighten } from "./tighten.ts";

/** Cells over the shorter side of a middling shape, fewer where there is little time. */
const COARSE_CELLS = [30, 22, 16, 12];
const FINE_CELLS = [60, 44, 30, 20];
/** Of more, one try takes longer than anybody waits: boxes are what there is. */
const MOST_PRESSED = 4000;
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
const FURTHER_CELLS = [0, FURTHER, 1];
const AGAIN_SHARE = 0.15;
/** Points that settling on the fine grid may take for each shape, however little time is left. */
const SETTLING_A_SHAPE = 25e4;
/**
 * Work in the unit of the caller, of which a usual machine does 42 a µs: measured as 88 points of a
 * rim a µs, and 0.15 µs for each projection of the exact part.
 */
const POINT_WORK = 0.48;
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

function endOf(forms: readonly (readonly Form[])[], { turn, y }: Lay): number {
  return forms.reduce(
    (end, turns, i) => Math.max(end, (y[i] as number) + (turns[turn[i] as number] as Form).height),
    0,
  );
}
