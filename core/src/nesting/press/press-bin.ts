/**
 * A sheet or scrap filled with as much area as goes in: searched on a rough grid, then laid on a
 * fine one, and made exact at last.
 */
import type { Turned } from "../turned.ts";
import { type BinWishes, Filling, type Spot } from "./filling.ts";
import type { Form, Grain } from "./form.ts";
import {
  formsOf,
  grainOf,
  grownFor,
  MOST_MAKING,
  makingOf,
  PLAIN_MM,
  setsOf,
  withoutDetail,
} from "./forms.ts";

/** Cells over the shorter side of a middling shape, fewer where there is little time. */
const ROUGH_CELLS = [30, 22, 16, 12];
const FINE_CELLS = [60, 44, 30, 20];
/** Shares of the work: at most for making the fields, and of each pass for what makes it exact. */
const MAKING_SHARE = 0.3;
const EXACT_SHARE = 0.15;
const FINE_MAKING_SHARE = 0.5;
/** Shares of what is left: what the fine grid took out again, the next pass may replace. */
const PASSES = [0.6, 0.6, 1];
/** Grown by so much more than the clearance wants, in cells: what lies then can be made exact. */
const MORE_CELLS = 0.12;
/** Points that settling on the fine grid may take for each shape, however little time is left. */
const SETTLING_A_SHAPE = 25e4;
/** Work in the unit of the caller: see `press-strip.ts`. */
const POINT_WORK = 0.48;
const EXACT_WORK = 6.5;
/** Leaving out what does not count and finding what looks the same: 1 µs a corner. */
const CORNER_WORK = 42;

export interface PressedBin {
  readonly spots: readonly (Spot | null)[];
  readonly work: number;
}

/**
 * @param shapes each in all its turns
 * @param start where some of them lie already, nothing nearer than the clearance
 * @param work in the unit of the caller
 * @returns null where there is no time to make the fields
 */
export function pressIntoBin(
  shapes: readonly (readonly Turned[])[],
  start: readonly (Spot | null)[],
  wishes: BinWishes,
  work: number,
): PressedBin | null {
  const looking = CORNER_WORK * cornersOf(shapes);
  if (looking > MAKING_SHARE * work) return null;
  const plain = shapes.map((turns) => turns.map(withoutDetail));
  const sets = setsOf(plain);
  const clearance = wishes.clearance + 2 * PLAIN_MM;
  const rough = ROUGH_CELLS.map((cells) => grainOf(plain, cells, clearance)).find(
    (grain) => makingOf(sets.distinct, grain) <= Math.min(MAKING_SHARE * work, MOST_MAKING),
  );
  if (!rough) return null;
  const safe = grownFor(rough, clearance);
  const grain = { ...safe, clearance: safe.clearance + MORE_CELLS * safe.cell };
  const forms = formsOf(sets, grain);
  const areaOf = (spots: PressedBin["spots"]) =>
    spots.reduce((sum, spot, i) => sum + (spot ? wishes.areaOf(i) : 0), 0);
  let best = start;
  let spent = looking + makingOf(sets.distinct, grain);
  for (const share of PASSES) {
    const left = share * (work - spent);
    const filling = new Filling(forms, grain, wishes, ((1 - EXACT_SHARE) * left) / POINT_WORK);
    filling.begin(best);
    filling.fill();
    const found = finish(plain, filling.spots(), wishes, grain, EXACT_SHARE * left);
    spent += filling.work * POINT_WORK + found.work;
    if (areaOf(found.spots) > areaOf(best)) best = found.spots;
    if (best.every((spot) => spot !== null) || filling.gaveUp) break;
  }
  return { spots: best, work: spent };
}

const cornersOf = (shapes: readonly (readonly Turned[])[]): number =>
  shapes.reduce(
    (sum, turns) =>
      sum + turns.length * (turns[0]?.polygons.flat().reduce((n, ring) => n + ring.length, 0) ?? 0),
    0,
  );

/** On a fine grid, each in the turn in which it lies; then exactly. */
function finish(
  plain: readonly (readonly Turned[])[],
  spots: readonly (Spot | null)[],
  wishes: BinWishes,
  rough: Grain,
  work: number,
): PressedBin {
  const lying = spots.flatMap((spot, i) => (spot ? [{ i, spot }] : []));
  const single = lying.map(({ i, spot }) => [(plain[i] as readonly Turned[])[spot.turn] as Turned]);
  const sets = setsOf(single);
  const clearance = wishes.clearance + 2 * PLAIN_MM;
  const fine =
    FINE_CELLS.map((cells) => grainOf(single, cells, clearance)).find(
      (grain) => makingOf(sets.distinct, grain) <= Math.min(FINE_MAKING_SHARE * work, MOST_MAKING),
    ) ?? rough;
  const grain = grownFor(fine, clearance);
  const forms: readonly (readonly Form[])[] = formsOf(sets, grain);
  const making = makingOf(sets.distinct, grain);
  const filling = new Filling(
    forms,
    grain,
    {
      ...wishes,
      fixed: new Set(lying.flatMap(({ i }, k) => (wishes.fixed.has(i) ? [k] : []))),
      areaOf: (k) => wishes.areaOf((lying[k] as { readonly i: number }).i),
    },
    Math.max(SETTLING_A_SHAPE * lying.length, (work - making) / POINT_WORK),
  );
  filling.begin(lying.map(({ spot }) => ({ ...spot, turn: 0 })));
  const exact = filling.exactly(clearance, PLAIN_MM);
  const found = new Array<Spot | null>(spots.length).fill(null);
  exact.spots.forEach((spot, k) => {
    const { i, spot: was } = lying[k] as (typeof lying)[number];
    if (spot) found[i] = wishes.fixed.has(i) ? was : { ...spot, turn: was.turn };
  });
  return { spots: found, work: making + filling.work * POINT_WORK + exact.work * EXACT_WORK };
}
