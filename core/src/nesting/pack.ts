/**
 * One door to all ways of laying out: what goes where, what it takes, and how that stands against
 * bounds and plain boxes.
 */
import { intersection } from "../geometry/boolean.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Point,
  type Polygons,
  polygonsArea,
  rectRing,
} from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { STRIP, sheetBin } from "./bins.ts";
import { type Block, blockOf, sharedTurns } from "./blocks.ts";
import { inscribedBox } from "./inscribed.ts";
import type {
  Item,
  ShapeItem,
  ShapeLayout,
  ShapePlacement,
  ShapeScrap,
  ShapeStock,
} from "./problem.ts";
import { type BoxFill, searchBoxes } from "./strategies/skyline.ts";
import { layTight } from "./tight.ts";
import { layTrimmerFriendly } from "./trimmer.ts";
import { type Turned, turnedBy } from "./turned.ts";

export type PackMode = "tight" | "trimmer" | "bySeat";

export interface PackItem extends ShapeItem {
  /** Items of one group keep their places to each other. */
  readonly group?: string | undefined;
  readonly seat?: string | undefined;
}

export interface PackProblem {
  readonly items: readonly PackItem[];
  readonly scraps: readonly ShapeScrap[];
  readonly stock: ShapeStock;
  readonly clearance: number;
  readonly counters: boolean;
  readonly seed: number;
  readonly seconds: number;
  readonly mode: PackMode;
}

export interface Packed {
  readonly placements: readonly ShapePlacement[];
  readonly unplaced: ShapeLayout["unplaced"];
  /**
   * New sheets begun, and the length cut off in all: of the strip, or of the sheets one after the
   * other.
   */
  readonly used: { readonly sheets: number; readonly length: number };
  /** What area alone would need: length of the strip, or sheets. */
  readonly bound: number;
  /** Share of the film used that ends up in items, scraps aside. */
  readonly share: number;
  /** What laying bounding boxes needs, by a search of its own. */
  readonly boxes: { readonly sheets: number; readonly length: number };
  /** Rest of each bin worth keeping. */
  readonly leftovers: readonly { readonly bin: string; readonly polygon: Polygons }[];
}

/** Less than this on its shorter side is waste. */
const WORTH_KEEPING_MM = 40;
/** Seconds for the plain boxes that a result is held against. */
const BOXES_SECONDS = 0.2;
const ENDLESS_MM = 1e6;

export function pack(problem: PackProblem): Packed {
  const blocks = blocksOf(problem);
  const shapes = {
    items: blocks.map(({ item }) => item),
    scraps: problem.scraps,
    stock: problem.stock,
    clearance: problem.clearance,
    counters: problem.counters,
    seed: problem.seed,
    seconds: problem.seconds,
  };
  const boxes = layBoxes(shapes.items, problem);
  const searched = problem.mode === "trimmer" ? straightCuts(shapes) : layTight(shapes);
  const reasons = new Map(searched.unplaced.map((one) => [one.id, one]));
  const layout =
    problem.mode === "tight" && problem.scraps.length === 0 && fewer(boxes, searched, problem.stock)
      ? { ...boxes, unplaced: boxes.unplaced.map((one) => reasons.get(one.id) ?? one) }
      : searched;
  const byId = new Map(blocks.map((block) => [block.item.id, block]));
  const placements = layout.placements.flatMap((at) =>
    (byId.get(at.id) as Block).members.map((member) => ({ ...member.placed(at), bin: at.bin })),
  );
  const unplaced = layout.unplaced.flatMap(({ id, reason }) =>
    (byId.get(id) as Block).members.map((member) => ({ id: member.id, reason })),
  );
  const ends = endsOf(layout.placements, shapes.items);
  const { stock } = problem;
  const own = [...ends].filter(([bin]) => !problem.scraps.some(({ id }) => id === bin));
  const length = own.reduce((sum, [, end]) => sum + end, 0);
  const onStock = new Set(
    layout.placements
      .filter(({ bin }) => !problem.scraps.some(({ id }) => id === bin))
      .map(({ id }) => id),
  );
  const area = blocks
    .filter(({ item }) => onStock.has(item.id))
    .reduce((sum, { item }) => sum + polygonsArea(item.polygons), 0);
  return {
    placements,
    unplaced,
    used: { sheets: layout.sheets, length },
    bound:
      stock.kind === "strip"
        ? area / stock.width
        : Math.ceil(area / (stock.width * stock.height) - 1e-9),
    share: length > 0 ? area / (stock.width * length) : 0,
    boxes: boxesNeed(boxes, shapes.items, problem),
    leftovers: leftoversOf(problem, ends),
  };
}

interface Rigid {
  readonly seat: string | undefined;
  readonly item: ShapeItem;
  readonly members: readonly string[];
}

/**
 * Groups are rigid; by seat, what a seat has lies side by side in one block. What shares no turn
 * with what it belongs to cannot lie with it in one piece: then each of them lies for itself.
 */
function blocksOf({ items, mode, clearance }: PackProblem): Block[] {
  const own = ({ id, polygons, turns, seat }: PackItem): Rigid => ({
    seat,
    item: { id, polygons, turns },
    members: [id],
  });
  const rigid = together(items, ({ group }) => group).flatMap((members): Rigid[] => {
    const turns = sharedTurns(members);
    if (members.length === 1 || turns.length === 0) return members.map(own);
    return [
      {
        seat: members.find(({ seat }) => seat !== undefined)?.seat,
        members: members.map(({ id }) => id),
        item: { id: "", polygons: members.flatMap(({ polygons }) => polygons), turns },
      },
    ];
  });
  const blocks =
    mode === "bySeat" ? together(rigid, ({ seat }) => seat) : rigid.map((one) => [one]);
  return blocks
    .flatMap((parts) =>
      sharedTurns(parts.map(({ item }) => item)).length > 0 ? [parts] : parts.map((one) => [one]),
    )
    .map((parts, n) => blockOf(`${n}`, parts, clearance));
}

/** By what they share, in the order in which each comes first; what shares nothing alone. */
function together<T>(list: readonly T[], of: (one: T) => string | undefined): T[][] {
  const known = new Map<string, T[]>();
  const all: T[][] = [];
  for (const one of list) {
    const key = of(one);
    const others = key === undefined ? undefined : known.get(key);
    if (others) others.push(one);
    else {
      all.push([one]);
      if (key !== undefined) known.set(key, all[all.length - 1] as T[]);
    }
  }
  return all;
}

interface Shapes {
  readonly items: readonly ShapeItem[];
  readonly scraps: readonly ShapeScrap[];
  readonly stock: ShapeStock;
  readonly clearance: number;
}

/**
 * Straight edge-to-edge cuts: on the largest rectangle of each scrap, then on sheets or the strip.
 */
function straightCuts({ items, scraps, stock, clearance }: Shapes): ShapeLayout {
  const boxed = items.map((item) => boxedOf(item, clearance));
  const byId = new Map(boxed.map((one) => [one.item.id, one]));
  const placements: ShapePlacement[] = [];
  const place = (id: string, bin: string, x: number, y: number, turned: boolean) => {
    placements.push(liesAt(byId.get(id) as Boxed, bin, x, y, turned));
  };
  let left = boxed;
  for (const { id, polygon } of scraps) {
    const room = inscribedBox(polygon);
    if (!room) continue;
    const laid = layTrimmerFriendly(
      left.map(({ box }) => box),
      { width: boxWidth(room) + clearance, height: boxHeight(room) + clearance },
    );
    const here = laid.placed.filter(({ bin }) => bin === 0);
    for (const at of here) place(at.id, id, at.x + room.minX, at.y + room.minY, at.turned);
    const taken = new Set(here.map((at) => at.id));
    left = left.filter(({ item }) => !taken.has(item.id));
  }
  const height =
    stock.kind === "sheet"
      ? stock.height
      : left.reduce((sum, { box }) => sum + Math.max(box.width, box.height), 1);
  const laid = layTrimmerFriendly(
    left.map(({ box }) => box),
    { width: stock.width + clearance, height: height + clearance },
  );
  const most = stock.kind === "sheet" ? (stock.most ?? Number.POSITIVE_INFINITY) : 1;
  for (const at of laid.placed)
    if (at.bin < most)
      place(at.id, stock.kind === "strip" ? STRIP : sheetBin(at.bin + 1), at.x, at.y, at.turned);
  const out = new Set(placements.map(({ id }) => id));
  const tooLarge = new Set(laid.unplaced.map(({ id }) => id));
  return {
    placements,
    unplaced: items
      .filter(({ id }) => !out.has(id))
      .map(({ id }) => ({ id, reason: tooLarge.has(id) ? "tooLarge" : "noRoom" })),
    sheets: stock.kind === "sheet" ? Math.min(most, laid.trims.length) : 0,
    length: Math.max(0, ...laid.trims.slice(-1).map((trim) => trim.height - clearance)),
  };
}

/** Lowest edge reached in each bin, mm from its start. */
function endsOf(
  placements: readonly ShapePlacement[],
  items: readonly ShapeItem[],
): Map<string, number> {
  const byId = new Map(items.map((item) => [item.id, item]));
  const ends = new Map<string, number>();
  for (const { id, bin, y, turn } of placements) {
    const { minY, height } = turnedBy((byId.get(id) as ShapeItem).polygons, turn);
    ends.set(bin, Math.max(ends.get(bin) ?? 0, y + minY + height));
  }
  return ends;
}

/** Whether boxes alone take less: little time may not suffice for as much. */
function fewer(boxes: ShapeLayout, searched: ShapeLayout, stock: ShapeStock): boolean {
  if (stock.kind === "sheet" && boxes.sheets > (stock.most ?? boxes.sheets)) return false;
  if (boxes.unplaced.length !== searched.unplaced.length)
    return boxes.unplaced.length < searched.unplaced.length;
  return (
    boxes.sheets < searched.sheets ||
    (boxes.sheets === searched.sheets && boxes.length < searched.length - 1e-6)
  );
}

/** Film that boxes take, all sheets one after the other. */
function boxesNeed(
  boxes: ShapeLayout,
  items: readonly ShapeItem[],
  { stock }: PackProblem,
): Packed["boxes"] {
  const length = [...endsOf(boxes.placements, items).values()].reduce((sum, end) => sum + end, 0);
  return { sheets: stock.kind === "sheet" ? boxes.sheets : 0, length };
}

/** Bounding boxes, each in the first of its turns or a quarter turn from it. */
function layBoxes(
  items: readonly ShapeItem[],
  { stock, clearance: c, seed }: Pick<PackProblem, "stock" | "clearance" | "seed">,
): ShapeLayout {
  const boxed = items.map((item) => boxedOf(item, c));
  const boxes = boxed.map(({ box }) => box);
  const height = stock.kind === "sheet" ? stock.height : ENDLESS_MM;
  const random = seededRandom(seed);
  const placements: ShapePlacement[] = [];
  let left = boxes.map((_, i) => i);
  let sheets = 0;
  let length = 0;
  while (left.length > 0) {
    const better = (a: BoxFill, b: BoxFill) =>
      a.area > b.area + 1e-6 || (a.area > b.area - 1e-6 && a.length < b.length - 1e-6);
    const fill = searchBoxes(boxes, left, stock.width + c, height + c, {
      work: (BOXES_SECONDS * 50e6) / (sheets + 1) ** 2,
      random,
      better,
    });
    if (fill.spots.length === 0) break;
    sheets++;
    length = fill.length - c;
    const bin = stock.kind === "strip" ? STRIP : sheetBin(sheets);
    for (const { index, x, y, turned } of fill.spots)
      placements.push(liesAt(boxed[index] as Boxed, bin, x, y, turned));
    const taken = new Set(fill.spots.map(({ index }) => index));
    left = left.filter((i) => !taken.has(i));
  }
  return {
    placements,
    unplaced: left.map((i) => ({ id: (items[i] as ShapeItem).id, reason: "noRoom" as const })),
    sheets: stock.kind === "sheet" ? sheets : 0,
    length,
  };
}

interface Boxed {
  readonly item: ShapeItem;
  readonly first: Turned & { readonly turn: number };
  readonly quarter: (Turned & { readonly turn: number }) | undefined;
  /** With the clearance. */
  readonly box: Item;
}

function boxedOf(item: ShapeItem, clearance: number): Boxed {
  const [first, ...others] = (item.turns.length > 0 ? item.turns : [0]).map((turn) => ({
    turn,
    ...turnedBy(item.polygons, turn),
  })) as [Boxed["first"], ...Boxed["first"][]];
  const quarter = others.find(({ turn }) => (((turn - first.turn) % 180) + 180) % 180 === 90);
  const box = {
    id: item.id,
    width: first.width + clearance,
    height: first.height + clearance,
    mayTurn: quarter !== undefined,
  };
  return { item, first, quarter, box };
}

function liesAt(
  { item, first, quarter }: Boxed,
  bin: string,
  x: number,
  y: number,
  turned: boolean,
): ShapePlacement {
  const lies = turned && quarter ? quarter : first;
  return { id: item.id, bin, x: x - lies.minX, y: y - lies.minY, turn: lies.turn };
}

function leftoversOf(
  { scraps, stock }: PackProblem,
  ends: ReadonlyMap<string, number>,
): Packed["leftovers"] {
  const rest = (
    bin: string,
    width: number,
    from: number,
    to: number,
    minX = 0,
  ): { bin: string; polygon: Polygons }[] =>
    Math.min(width, to - from) < WORTH_KEEPING_MM
      ? []
      : [{ bin, polygon: [[rectRing(minX, from, minX + width, to) as readonly Point[]]] }];
  return [...ends].flatMap(([bin, end]) => {
    const scrap = scraps.find(({ id }) => id === bin);
    if (!scrap) return stock.kind === "sheet" ? rest(bin, stock.width, end, stock.height) : [];
    const box = boxOf(scrap.polygon);
    const below = inscribedBox(belowCut(scrap.polygon, end, box));
    return below ? rest(bin, boxWidth(below), below.minY, below.maxY, below.minX) : [];
  });
}

/**
 * The part of a scrap below a straight cut, as the rectangle test sees it: the scrap with
 * everything above blocked.
 */
function belowCut(
  polygon: Polygons,
  from: number,
  box: { minX: number; maxX: number; maxY: number },
): Polygons {
  return intersection(polygon, [[rectRing(box.minX - 1, from, box.maxX + 1, box.maxY + 1)]]);
}
