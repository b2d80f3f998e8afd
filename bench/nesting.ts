/**
 * True-shape layout against the best of a maintained rectangle packer on bounding boxes, in the
 * same time.
 */
import { performance } from "node:perf_hooks";
import { boxOf, polygonsArea } from "@elm-basket/core/geometry/polygon.ts";
import { seededRandom } from "@elm-basket/core/geometry/random.ts";
import { inscribedBox } from "@elm-basket/core/nesting/inscribed.ts";
import { pack } from "@elm-basket/core/nesting/pack.ts";
import type { ShapeItem, ShapeProblem } from "@elm-basket/core/nesting/problem.ts";
import { layTight } from "@elm-basket/core/nesting/tight.ts";
import { validateShapes } from "@elm-basket/core/nesting/validate-shapes.ts";
import { MaxRectsPacker, PACKING_LOGIC, Rectangle } from "maxrects-packer/dist/maxrects-packer.mjs";
import {
  artItems,
  cutOutScraps,
  cutUpRectangles,
  cutUpSheet,
  nameItems,
  SHEET_MM,
  STRIP_MM,
} from "./instances.ts";
import { cutUpOddly, facesNames, holedScraps, mixedArt } from "./unseen.ts";

export interface NestRow {
  readonly name: string;
  readonly baseline: string;
  readonly seconds: number;
  readonly tookSeconds: number;
  /**
   * Of length for strips, of area placed for sheets and scraps. Strips: below 1 is better. The mean
   * over the seeds.
   */
  readonly ratio: number;
  readonly worst: number;
  /** What is to be reached in 60 s; null where nothing is set. */
  readonly goal: number | null;
}

interface Tried {
  readonly ratio: number;
  readonly tookSeconds: number;
}

interface Kind {
  readonly name: string;
  readonly baseline: string;
  readonly goal: number | null;
  /** More is worse, as for lengths. */
  readonly lessIsBetter: boolean;
  readonly run: (seed: number, seconds: number) => Tried;
}

const CLEARANCE_MM = 2;
const LONG_MM = 1e5;
const SEED = 2026;
const SORTS: readonly ((r: Box) => number)[] = [
  (r) => r.h,
  (r) => r.w,
  (r) => r.w * r.h,
  (r) => Math.max(r.w, r.h),
  (r) => r.w + r.h,
];

interface Box {
  readonly w: number;
  readonly h: number;
}

/**
 * Least length of a strip by bounding boxes: all sort orders and heuristics, then a search over
 * orders.
 */
function boxesOnStrip(items: readonly ShapeItem[], clearance: number, seconds: number): number {
  const boxes = items.map((item): Box => {
    const box = boxOf(item.polygons);
    return { w: box.maxX - box.minX + clearance, h: box.maxY - box.minY + clearance };
  });
  const turn = items.some(({ turns }) => turns.includes(90));
  const lengthOf = (order: readonly Box[], logic: PACKING_LOGIC): number => {
    const packer = new MaxRectsPacker(STRIP_MM + clearance, LONG_MM, 0, {
      smart: false,
      pot: false,
      square: false,
      allowRotation: turn,
      logic,
    });
    for (const { w, h } of order) packer.add(new Rectangle(w, h));
    return (
      Math.max(...(packer.bins[0]?.rects ?? []).map((rect) => rect.y + rect.height)) - clearance
    );
  };
  let best = {
    order: boxes as readonly Box[],
    logic: PACKING_LOGIC.MAX_EDGE,
    length: Number.POSITIVE_INFINITY,
  };
  for (const key of SORTS) {
    for (const logic of [PACKING_LOGIC.MAX_EDGE, PACKING_LOGIC.MAX_AREA]) {
      const order = [...boxes].sort((a, b) => key(b) - key(a));
      const length = lengthOf(order, logic);
      if (length < best.length) best = { order, logic, length };
    }
  }
  const random = seededRandom(SEED);
  const started = performance.now();
  while (performance.now() - started < seconds * 1000) {
    const order = [...best.order];
    const [i, j] = [Math.floor(random() * order.length), Math.floor(random() * order.length)];
    [order[i], order[j]] = [order[j] as Box, order[i] as Box];
    const length = lengthOf(order, best.logic);
    if (length <= best.length) best = { ...best, order, length };
  }
  return best.length;
}

/**
 * Area of the items that boxes find room for on the largest rectangle of each scrap, largest first.
 */
export function boxesOnScraps(
  items: readonly ShapeItem[],
  scraps: ShapeProblem["scraps"],
  clearance: number,
): number {
  let left = items
    .map((item) => ({ item, box: boxOf(item.polygons), area: polygonsArea(item.polygons) }))
    .sort((a, b) => b.area - a.area);
  let placed = 0;
  for (const { polygon } of scraps) {
    const room = inscribedBox(polygon);
    if (!room) continue;
    const packer = new MaxRectsPacker(
      room.maxX - room.minX + clearance,
      room.maxY - room.minY + clearance,
      0,
      {
        smart: false,
        pot: false,
        square: false,
        allowRotation: true,
        logic: PACKING_LOGIC.MAX_EDGE,
      },
    );
    const taken = new Set<unknown>();
    for (const one of left) {
      const rect = new Rectangle(
        one.box.maxX - one.box.minX + clearance,
        one.box.maxY - one.box.minY + clearance,
      );
      packer.add(rect);
      if (packer.bins[0]?.rects.includes(rect)) taken.add(one);
    }
    placed += left.filter((one) => taken.has(one)).reduce((sum, { area }) => sum + area, 0);
    left = left.filter((one) => !taken.has(one));
  }
  return placed;
}

/** Lays, checks with the independent validator, and tells how long it took. */
function laid(problem: ShapeProblem) {
  const started = performance.now();
  const layout = layTight(problem);
  const tookSeconds = (performance.now() - started) / 1000;
  const faults = validateShapes(problem, layout);
  if (faults.length > 0) throw new Error(`a layout failed its check: ${JSON.stringify(faults[0])}`);
  return { layout, tookSeconds };
}

const base = (items: readonly ShapeItem[], seconds: number): ShapeProblem => ({
  items,
  scraps: [],
  stock: { kind: "strip", width: STRIP_MM },
  clearance: CLEARANCE_MM,
  counters: true,
  seed: 1,
  seconds,
});
const areaOn = (items: readonly ShapeItem[], ids: ReadonlySet<string>) =>
  items
    .filter(({ id }) => ids.has(id))
    .reduce((sum, { polygons }) => sum + polygonsArea(polygons), 0);

const BOXES = "best of the rectangle packer on boxes";

const strip = (
  name: string,
  make: (seed: number) => readonly ShapeItem[],
  goal: number | null,
): Kind => ({
  name,
  baseline: BOXES,
  goal,
  lessIsBetter: true,
  run: (seed, seconds) => {
    const items = make(seed);
    const { layout, tookSeconds } = laid(base(items, seconds));
    return { ratio: layout.length / boxesOnStrip(items, CLEARANCE_MM, seconds), tookSeconds };
  },
});

const mode = (name: string, own: "trimmer" | "bySeat", count: number, goal: number): Kind => ({
  name,
  baseline: BOXES,
  goal,
  lessIsBetter: true,
  run: (seed, seconds) => {
    const items = nameItems(count, seed).map((item) => ({ ...item, seat: item.id }));
    const started = performance.now();
    const stock = { kind: "strip", width: STRIP_MM } as const;
    const packed = pack({ ...base(items, seconds), items, stock, mode: own });
    return {
      ratio: packed.used.length / boxesOnStrip(items, CLEARANCE_MM, seconds),
      tookSeconds: (performance.now() - started) / 1000,
    };
  },
});

const sheet = (
  name: string,
  make: (seed: number) => readonly ShapeItem[],
  goal: number | null,
): Kind => ({
  name,
  baseline: "the sheet they were cut from",
  goal,
  lessIsBetter: false,
  run: (seed, seconds) => {
    const items = make(seed);
    const { layout, tookSeconds } = laid({
      ...base(items, seconds),
      stock: { kind: "sheet", width: SHEET_MM, height: SHEET_MM },
      clearance: 0,
    });
    const first = new Set(
      layout.placements.filter(({ bin }) => bin === "sheet-1").map(({ id }) => id),
    );
    return { ratio: areaOn(items, first) / SHEET_MM ** 2, tookSeconds };
  },
});

const scraps = (
  name: string,
  make: (seed: number) => readonly [readonly ShapeItem[], ShapeProblem["scraps"]],
  goal: number | null,
): Kind => ({
  name,
  baseline: "boxes on the largest rectangle of each scrap",
  goal,
  lessIsBetter: false,
  run: (seed, seconds) => {
    const [items, own] = make(seed);
    const { layout, tookSeconds } = laid({ ...base(items, seconds), stock: null, scraps: own });
    const placed = areaOn(items, new Set(layout.placements.map(({ id }) => id)));
    return { ratio: placed / boxesOnScraps(items, own, CLEARANCE_MM), tookSeconds };
  },
});

/** Goals are ratios, so that they hold for any seed. */
const KINDS: readonly Kind[] = [
  strip("40 names in three faces on a strip", (seed) => facesNames(40, seed), 0.843),
  strip("200 names in three faces on a strip", (seed) => facesNames(200, seed), 0.886),
  strip("1000 names in three faces on a strip", (seed) => facesNames(1000, seed), 0.909),
  strip("52 pieces of mixed art on a strip", (seed) => mixedArt(52, seed), 0.713),
  strip("45 rings, stars and leaves on a strip", (seed) => artItems(45, seed), null),
  mode("200 names, straight cuts", "trimmer", 200, 0.98),
  mode("200 names, by seat", "bySeat", 200, 0.9),
  scraps("mixed art on 8 odd scraps", (seed) => [mixedArt(60, seed), holedScraps(8, seed)], null),
  scraps(
    "small art on what is left between round kits",
    (seed) => [artItems(200, seed, [4, 14]), cutOutScraps(seed)],
    null,
  ),
  ...([20, 40, 60] as const).flatMap((pieces) => [
    sheet(
      `a sheet cut into ${pieces} rectangles`,
      (seed) => cutUpRectangles(pieces, seed),
      pieces === 20 ? 0.995 : 0.99,
    ),
    sheet(
      `a sheet cut into ${pieces} irregular pieces`,
      (seed) => cutUpOddly(pieces, seed),
      pieces === 20 ? 0.92 : 0.9,
    ),
  ]),
  sheet("a sheet cut into 40 convex pieces, not turned", (seed) => cutUpSheet(40, seed), null),
];

/** `seeds` instances of each kind, beginning with one that no build was tried on. */
export function nestRows(seconds: number, seeds: number, say: (row: NestRow) => void): NestRow[] {
  return KINDS.map(({ name, baseline, goal, lessIsBetter, run }) => {
    const tried = Array.from({ length: seeds }, (_, k) => run(SEED + k, seconds));
    const ratios = tried.map(({ ratio }) => ratio);
    const mean = (values: readonly number[]) =>
      values.reduce((sum, value) => sum + value, 0) / values.length;
    const row: NestRow = {
      name,
      baseline,
      seconds,
      tookSeconds: mean(tried.map(({ tookSeconds }) => tookSeconds)),
      ratio: mean(ratios),
      worst: lessIsBetter ? Math.max(...ratios) : Math.min(...ratios),
      goal,
    };
    say(row);
    return row;
  });
}
