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
  oddScraps,
  SHEET_MM,
  STRIP_MM,
} from "./instances.ts";

export interface NestRow {
  readonly name: string;
  readonly baseline: string;
  readonly seconds: number;
  readonly tookSeconds: number;
  /** Of length for strips, of area placed for sheets and scraps. Strips: below 1 is better. */
  readonly ratio: number;
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

function stripRow(name: string, items: readonly ShapeItem[], seconds: number): NestRow {
  const { layout, tookSeconds } = laid(base(items, seconds));
  const boxes = boxesOnStrip(items, CLEARANCE_MM, seconds);
  return {
    name,
    baseline: "best of the rectangle packer on boxes",
    seconds,
    tookSeconds,
    ratio: layout.length / boxes,
  };
}

function modeRow(mode: "trimmer" | "bySeat", count: number, seconds: number): NestRow {
  const items = nameItems(count, SEED).map((item) => ({ ...item, seat: item.id }));
  const started = performance.now();
  const packed = pack({
    items,
    scraps: [],
    stock: { kind: "strip", width: STRIP_MM },
    clearance: CLEARANCE_MM,
    counters: true,
    seed: 1,
    seconds,
    mode,
  });
  return {
    name: `${count} names, ${mode === "trimmer" ? "straight cuts" : "by seat"}`,
    baseline: "best of the rectangle packer on boxes",
    seconds,
    tookSeconds: (performance.now() - started) / 1000,
    ratio: packed.used.length / boxesOnStrip(items, CLEARANCE_MM, seconds),
  };
}

function sheetRow(
  name: string,
  instances: readonly (readonly ShapeItem[])[],
  seconds: number,
): NestRow {
  const shares = instances.map((items) => {
    const { layout, tookSeconds } = laid({
      ...base(items, seconds),
      stock: { kind: "sheet", width: SHEET_MM, height: SHEET_MM },
      clearance: 0,
    });
    const first = new Set(
      layout.placements.filter(({ bin }) => bin === "sheet-1").map(({ id }) => id),
    );
    return { share: areaOn(items, first) / SHEET_MM ** 2, tookSeconds };
  });
  const mean = (pick: (one: (typeof shares)[number]) => number) =>
    shares.reduce((sum, one) => sum + pick(one), 0) / shares.length;
  return {
    name,
    baseline: "the sheet they were cut from",
    seconds,
    tookSeconds: mean(({ tookSeconds }) => tookSeconds),
    ratio: mean(({ share }) => share),
  };
}

function scrapRow(
  name: string,
  items: readonly ShapeItem[],
  scraps: ShapeProblem["scraps"],
  seconds: number,
): NestRow {
  const { layout, tookSeconds } = laid({ ...base(items, seconds), stock: null, scraps });
  const placed = areaOn(items, new Set(layout.placements.map(({ id }) => id)));
  return {
    name,
    baseline: "boxes on the largest rectangle of each scrap",
    seconds,
    tookSeconds,
    ratio: placed / boxesOnScraps(items, scraps, CLEARANCE_MM),
  };
}

const SHEETS_CUT_UP = [20, 30, 40, 60];

export function nestRows(seconds: number, say: (row: NestRow) => void): NestRow[] {
  const makers: (() => NestRow)[] = [
    () => stripRow("40 names on a strip", nameItems(40, SEED), seconds),
    () => stripRow("200 names on a strip", nameItems(200, SEED), seconds),
    () => stripRow("1000 names on a strip", nameItems(1000, SEED), seconds),
    () => stripRow("45 rings, stars and leaves on a strip", artItems(45, SEED), seconds),
    () => modeRow("trimmer", 200, seconds),
    () => modeRow("bySeat", 200, seconds),
    () =>
      scrapRow(
        "art on 12 odd scraps with a large rectangle in each, area placed",
        artItems(60, SEED),
        oddScraps(12, SEED),
        seconds,
      ),
    () =>
      scrapRow(
        "small art on what is left between round kits, area placed",
        artItems(200, SEED, [4, 14]),
        cutOutScraps(SEED),
        seconds,
      ),
    () =>
      sheetRow(
        "a sheet cut into 20 to 60 irregular pieces, on the first sheet",
        SHEETS_CUT_UP.map((pieces) => cutUpSheet(pieces, SEED)),
        seconds,
      ),
    () =>
      sheetRow(
        "a sheet cut into 20 to 60 rectangles, on the first sheet",
        SHEETS_CUT_UP.map((pieces) => cutUpRectangles(pieces, SEED)),
        seconds,
      ),
  ];
  return makers.map((make) => {
    const row = make();
    say(row);
    return row;
  });
}
