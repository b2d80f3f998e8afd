/** Trimmer-friendly layout: the best of several guillotine strategies and orders. */
import { SAME_MM } from "../geometry/tolerance.ts";
import { type Bin, type Item, type Layout, lyingSize, type PlacedItem } from "./problem.ts";
import { columns } from "./strategies/columns.ts";
import { type Choice, guillotine, type Split } from "./strategies/guillotine.ts";
import { shelves } from "./strategies/shelves.ts";

const CHOICES: readonly Choice[] = ["shortSide", "longSide", "area", "topLeft"];
const SPLITS: readonly Split[] = ["shorterLeftover", "longerLeftover", "across", "down"];
const ORDERS: readonly ((a: Item, b: Item) => number)[] = [
  (a, b) => b.height - a.height || b.width - a.width,
  (a, b) => b.width - a.width || b.height - a.height,
  (a, b) => b.width * b.height - a.width * a.height,
];
/**
 * Guillotine search looks at every free rectangle for every item: beyond this many items one order
 * suffices.
 */
const MANY_ITEMS = 400;

/** Lays items on as few bins as it can, then with the least vinyl cut off. Deterministic. */
export function layTrimmerFriendly(items: readonly Item[], bin: Bin): Layout {
  const fitting = items.filter((item) => fits(item, bin));
  const unplaced = items
    .filter((item) => !fits(item, bin))
    .map(({ id }) => ({ id, reason: "tooLarge" as const }));
  const byId = new Map(fitting.map((item) => [item.id, item]));
  let best: { placed: PlacedItem[]; trims: Bin[]; cost: readonly number[] } | null = null;
  for (const placed of candidates(fitting, bin)) {
    const trims = trimsOf(placed, byId);
    const cost = [trims.length, trims.reduce((sum, trim) => sum + trim.width * trim.height, 0)];
    if (!best || less(cost, best.cost)) best = { placed, trims, cost };
  }
  return { placed: best?.placed ?? [], unplaced, trims: best?.trims ?? [] };
}

function* candidates(items: readonly Item[], bin: Bin): Generator<PlacedItem[]> {
  if (items.length === 0) return;
  yield shelves(items, bin);
  yield columns(items, bin, false);
  yield columns(items, bin, true);
  for (const order of items.length > MANY_ITEMS ? ORDERS.slice(0, 1) : ORDERS) {
    const sorted = [...items].sort((a, b) => order(a, b) || (a.id < b.id ? -1 : 1));
    for (const choice of items.length > MANY_ITEMS ? CHOICES.slice(0, 1) : CHOICES)
      for (const split of SPLITS) yield guillotine(sorted, bin, choice, split);
  }
}

const less = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((value, i) => Math.abs(value - (b[i] ?? 0)) > SAME_MM);
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0);
};

function fits(item: Item, bin: Bin): boolean {
  const lies = (turned: boolean) => {
    const { width, height } = lyingSize(item, turned);
    return width <= bin.width + SAME_MM && height <= bin.height + SAME_MM;
  };
  return lies(false) || (item.mayTurn && lies(true));
}

/** The used rectangle of each load. */
export function trimsOf(placed: readonly PlacedItem[], items: ReadonlyMap<string, Item>): Bin[] {
  const trims: Bin[] = [];
  for (const at of placed) {
    const item = items.get(at.id);
    if (!item) continue;
    const size = lyingSize(item, at.turned);
    const before = trims[at.bin] ?? { width: 0, height: 0 };
    trims[at.bin] = {
      width: Math.max(before.width, at.x + size.width),
      height: Math.max(before.height, at.y + size.height),
    };
  }
  return trims;
}

/** Fewest loads that the area alone would allow: no layout of these boxes can do with less. */
export function loadsBound(items: readonly Item[], bin: Bin): number {
  const area = items.reduce((sum, item) => sum + item.width * item.height, 0);
  return Math.ceil(area / (bin.width * bin.height) - SAME_MM);
}
