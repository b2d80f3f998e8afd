/**
 * Boxes in a bin: the lowest gap of the skyline takes the box that suits it best (Burke, Kendall
 * and Whitwell 2004; scores
 * after Leung, Zhang and Sim 2011), and the order in which boxes are asked is searched. Exact in
 * millimetres, so that boxes
 * without a tenth to spare still go in.
 */
import { SAME_MM } from "../../geometry/tolerance.ts";

export interface SkylineBox {
  readonly width: number;
  readonly height: number;
  readonly mayTurn: boolean;
}

export interface BoxSpot {
  readonly index: number;
  readonly x: number;
  readonly y: number;
  readonly turned: boolean;
}

export interface BoxFill {
  readonly spots: readonly BoxSpot[];
  /** Area of the boxes laid, mm². */
  readonly area: number;
  /** Lowest edge reached, mm. */
  readonly length: number;
}

interface Gap {
  x: number;
  y: number;
  width: number;
}

/** Lays boxes in the order given as long as they find room; the rest is left out. */
export function skyline(
  boxes: readonly SkylineBox[],
  order: readonly number[],
  width: number,
  height: number,
): BoxFill {
  const gaps: Gap[] = [{ x: 0, y: 0, width }];
  const left = [...order];
  const spots: BoxSpot[] = [];
  let area = 0;
  let length = 0;
  while (left.length > 0) {
    let at = 0;
    for (let i = 1; i < gaps.length; i++)
      if ((gaps[i] as Gap).y < (gaps[at] as Gap).y - SAME_MM) at = i;
    const gap = gaps[at] as Gap;
    const walls = [
      at > 0 ? (gaps[at - 1] as Gap).y - gap.y : Number.POSITIVE_INFINITY,
      at + 1 < gaps.length ? (gaps[at + 1] as Gap).y - gap.y : Number.POSITIVE_INFINITY,
    ] as const;
    const choice = suits(boxes, left, gap, height, walls);
    if (!choice) {
      const up = Math.min(...walls);
      if (!Number.isFinite(up)) break;
      gap.y += up;
      joinEqualInto(gaps);
      continue;
    }
    const [index] = left.splice(choice.at, 1) as [number];
    const box = boxes[index] as SkylineBox;
    const [w, h] = choice.turned ? [box.height, box.width] : [box.width, box.height];
    // Beside the higher wall, so that the room that stays is next to the lower one.
    const atRight = walls[1] > walls[0] && Number.isFinite(walls[1]);
    const x = atRight ? gap.x + gap.width - w : gap.x;
    spots.push({ index, x, y: gap.y, turned: choice.turned });
    area += w * h;
    length = Math.max(length, gap.y + h);
    const rest = gap.width - w;
    const raised = { x, y: gap.y + h, width: w };
    const free = { x: atRight ? gap.x : gap.x + w, y: gap.y, width: rest };
    gaps.splice(
      at,
      1,
      ...(rest <= SAME_MM
        ? [{ ...raised, x: gap.x, width: gap.width }]
        : atRight
          ? [free, raised]
          : [raised, free]),
    );
    joinEqualInto(gaps);
  }
  return { spots, area, length };
}

/**
 * The first box with the best score: filling the gap and levelling with a wall beats all; then
 * filling; then levelling.
 */
function suits(
  boxes: readonly SkylineBox[],
  left: readonly number[],
  gap: Gap,
  height: number,
  walls: readonly [number, number],
): { at: number; turned: boolean } | null {
  let best: { at: number; turned: boolean } | null = null;
  let score = -1;
  const upTo = Math.min(left.length, MOST_LOOKED_AT);
  for (let at = 0; at < upTo; at++) {
    const box = boxes[left[at] as number] as SkylineBox;
    for (let turned = 0; turned <= (box.mayTurn ? 1 : 0); turned++) {
      const w = turned ? box.height : box.width;
      const h = turned ? box.width : box.height;
      if (w > gap.width + SAME_MM || gap.y + h > height + SAME_MM) continue;
      const fills = Math.abs(w - gap.width) < LEVEL_MM ? 2 : 0;
      const levels =
        Math.abs(h - walls[0]) < LEVEL_MM ||
        Math.abs(h - walls[1]) < LEVEL_MM ||
        Math.abs(gap.y + h - height) < LEVEL_MM
          ? 1
          : 0;
      if (fills + levels > score) {
        score = fills + levels;
        best = { at, turned: turned === 1 };
        if (score === 3) return best;
      }
    }
  }
  return best;
}

/** Of a long row only the next are looked at: any of them fills a gap as well. */
const MOST_LOOKED_AT = 400;

/** Edges nearer than this are level: a hair's breadth makes no new step. */
const LEVEL_MM = 0.02;

function joinEqualInto(gaps: Gap[]): void {
  for (let i = gaps.length - 2; i >= 0; i--) {
    const [a, b] = [gaps[i] as Gap, gaps[i + 1] as Gap];
    if (Math.abs(a.y - b.y) > SAME_MM) continue;
    a.width += b.width;
    a.y = Math.max(a.y, b.y);
    gaps.splice(i + 1, 1);
  }
}

/**
 * A skyline of n boxes looks at n² / 2 boxes as long as these are few, each as dear as several
 * pairs of spans.
 */
export const lookCost = (count: number): number =>
  80 * count + 1.6 * count * Math.min(count, 2 * MOST_LOOKED_AT);

export interface BoxSearch {
  readonly work: number;
  readonly random: () => number;
  /** Fill the bin, or (when all go in) need the least length. */
  readonly better: (a: BoxFill, b: BoxFill) => boolean;
}

/** Searches over orders by swapping and moving, from the usual sortings. */
export function searchBoxes(
  boxes: readonly SkylineBox[],
  among: readonly number[],
  width: number,
  height: number,
  { work, random, better }: BoxSearch,
): BoxFill {
  const size = (i: number) => boxes[i] as SkylineBox;
  const keys: ((i: number) => number)[] = [
    (i) => size(i).width * size(i).height,
    (i) => size(i).height,
    (i) => size(i).width,
    (i) => Math.max(size(i).width, size(i).height),
    (i) => size(i).width + size(i).height,
  ];
  let best: BoxFill | null = null;
  let bestOrder: number[] = [...among];
  const step = lookCost(among.length);
  // At least one order is laid, and of the others as many as there is time for.
  const sorted = Math.max(1, Math.min(keys.length, Math.floor(work / step)));
  for (const key of keys.slice(0, sorted)) {
    const order = [...among].sort((a, b) => key(b) - key(a) || a - b);
    const fill = skyline(boxes, order, width, height);
    if (!best || better(fill, best)) [best, bestOrder] = [fill, order];
  }
  let current = best as BoxFill;
  let order = bestOrder;
  const total = among.reduce((sum, i) => sum + size(i).width * size(i).height, 0);
  // Everything is in and nothing is shorter than the area allows.
  const perfect = (fill: BoxFill) =>
    fill.spots.length === among.length && total >= width * fill.length * (1 - 1e-9);
  let idle = 0;
  for (
    let spent = sorted * step;
    spent < work && among.length > 1 && !perfect(best as BoxFill);
    spent += step
  ) {
    const next = [...order];
    const i = Math.floor(random() * next.length);
    const j = Math.floor(random() * next.length);
    if (random() < 0.5) [next[i], next[j]] = [next[j] as number, next[i] as number];
    else next.splice(j, 0, ...next.splice(i, 1));
    const fill = skyline(boxes, next, width, height);
    idle++;
    if (!better(current, fill)) {
      if (better(fill, current)) idle = 0;
      current = fill;
      order = next;
      if (better(fill, best as BoxFill)) [best, bestOrder] = [fill, next];
    }
    if (idle > RESTART_AFTER) {
      // A stalled search goes on from the best, well stirred.
      idle = 0;
      order = [...bestOrder];
      for (let k = 0; k < STIRS; k++) {
        const a = Math.floor(random() * order.length);
        const b = Math.floor(random() * order.length);
        [order[a], order[b]] = [order[b] as number, order[a] as number];
      }
      current = skyline(boxes, order, width, height);
    }
  }
  return best as BoxFill;
}

const RESTART_AFTER = 1500;
const STIRS = 4;
