/**
 * What is longer than the cut, in parts: seams run through gaps between pieces where there are any, through a short straight
 * stroke where there are none. Every piece keeps its true size. Lengths in mm.
 *
 * Seams by dynamic programming over positions along one side, then along the other; fewest parts first, then the cleanest
 * seams.
 */
import { intersection } from "../geometry/boolean.ts";
import { type Box, boxHeight, boxOf, boxWidth, joinBoxes, mapPoints, type Point, type Polygon, type Polygons, rectRing } from "../geometry/polygon.ts";

export interface SplitPiece {
  readonly id: string;
  readonly polygon: Polygon;
}

export interface SplitPart {
  readonly pieces: readonly SplitPiece[];
  /** Centres of alignment crosses; the same point stands in both parts of a seam. */
  readonly marks: readonly Point[];
}

export interface Seam {
  /** "x": an upright line at x = `at`; "y": a level line. */
  readonly axis: "x" | "y";
  readonly at: number;
  /** The line itself, across what it divides. */
  readonly line: readonly [Point, Point];
  /** Pieces it goes through. */
  readonly through: readonly string[];
}

export type Split = { readonly ok: true; readonly parts: readonly SplitPart[]; readonly seams: readonly Seam[] } | { readonly ok: false; readonly reason: "cutTooSmall" };

export interface SplitWishes {
  /** What one load takes. */
  readonly cut: { readonly width: number; readonly height: number };
  /** How far both halves of a piece that is cut through run past the seam together. */
  readonly overlap: number;
  /** Parts may be laid a quarter turned. */
  readonly mayTurn: boolean;
}

/** Arms of a cross, from its centre. */
export const MARK_ARM_MM = 2.5;
/** Kept free between a cross and any piece. */
const MARK_GAP_MM = 2;
const MARK_ROOM_MM = 2 * MARK_ARM_MM + MARK_GAP_MM;
/** Positions tried across a piece that is too long. */
const STEP_MM = 1;
/** A design this often longer than the cut is a slip of the tape measure. */
const MOST_POSITIONS = 4000;
/** Below this no part of a design could be told from its marks. */
const LEAST_CUT_MM = 15;

export function splitDesign(pieces: readonly SplitPiece[], { cut, overlap, mayTurn }: SplitWishes): Split {
  if (Math.min(cut.width, cut.height) < LEAST_CUT_MM) return { ok: false, reason: "cutTooSmall" };
  const ways = [cut, ...(mayTurn && cut.width !== cut.height ? [{ width: cut.height, height: cut.width }] : [])].flatMap((size) => bothWays(pieces, size, overlap) ?? []);
  const best = ways.sort((a, b) => a.parts.length - b.parts.length || a.cost - b.cost)[0];
  return best ? { ok: true, parts: paired(best.parts), seams: best.seams } : { ok: false, reason: "cutTooSmall" };
}

/** A cross that lost its twin because there was no room for it tells nobody anything. */
function paired(parts: readonly SplitPart[]): SplitPart[] {
  const same = ([x, y]: Point, [u, v]: Point) => x === u && y === v;
  return parts.map((part) => ({ ...part, marks: part.marks.filter((mark) => parts.filter(({ marks }) => marks.some((other) => same(mark, other))).length > 1) }));
}

interface Way {
  readonly parts: readonly SplitPart[];
  readonly seams: readonly Seam[];
  readonly cost: number;
}

/** Along one side first, what is still too long along the other after; the order with fewer parts. */
function bothWays(pieces: readonly SplitPiece[], size: { width: number; height: number }, overlap: number): Way | null {
  const orders = (["x", "y"] as const).flatMap((first) => {
    const whole = { parts: [{ pieces, marks: [] }], seams: [], cost: 0 } satisfies Way;
    const once = each(whole, first, size, overlap);
    const twice = once && each(once, first === "x" ? "y" : "x", size, overlap);
    return twice ? [twice] : [];
  });
  return orders.sort((a, b) => a.parts.length - b.parts.length || a.cost - b.cost)[0] ?? null;
}

function each(way: Way, axis: "x" | "y", size: { width: number; height: number }, overlap: number): Way | null {
  const parts: SplitPart[] = [];
  const seams: Seam[] = [...way.seams];
  let { cost } = way;
  for (const part of way.parts) {
    // Along y is along x of the picture with its sides exchanged.
    const swapped = axis === "y";
    const [along, across] = swapped ? [size.height, size.width] : [size.width, size.height];
    const cutUp = alongX(swapped ? exchanged(part) : part, { along, across, overlap });
    if (!cutUp) return null;
    parts.push(...cutUp.parts.map((own) => (swapped ? exchanged(own) : own)));
    seams.push(...cutUp.seams.map((seam) => (swapped ? { ...seam, axis: "y" as const, line: [flip(seam.line[0]), flip(seam.line[1])] as const } : seam)));
    cost += cutUp.cost;
  }
  return { parts, seams, cost };
}

const flip = ([x, y]: Point): Point => [y, x];
/** Sides exchanged; rings keep their sense by being read backwards. */
const exchanged = ({ pieces, marks }: SplitPart): SplitPart => ({
  pieces: pieces.map(({ id, polygon }) => ({ id, polygon: (mapPoints([polygon], flip)[0] as Polygon).map((ring) => [...ring].reverse()) })),
  marks: marks.map(flip),
});

interface Limits {
  readonly along: number;
  readonly across: number;
  readonly overlap: number;
}

interface Boxed {
  readonly piece: SplitPiece;
  readonly box: Box;
  readonly middle: number;
  /** Longer than any part: it is cut through wherever a seam meets it. */
  readonly long: boolean;
}

function alongX(part: SplitPart, limits: Limits): Way | null {
  const whole = boxOf(part.pieces.map(({ polygon }) => polygon));
  if (boxWidth(whole) <= limits.along + 1e-9) return { parts: [withRoom(part, limits.along)], seams: [], cost: 0 };
  const extent = joinBoxes([whole, ...part.marks.map(crossBox)]);
  // A cross beside a seam takes its arm on both sides.
  const room = limits.along - 2 * MARK_ARM_MM;
  const boxed = part.pieces.map((piece): Boxed => {
    const box = boxOf([piece.polygon]);
    return { piece, box, middle: (box.minX + box.maxX) / 2, long: boxWidth(box) > room };
  });
  const at = positions(boxed, whole);
  if (!at) return null;
  const costs = at.map((x) => seamCost(boxed, x));
  const chain = (crosses: boolean) => cheapest(at, costs, (a, b) => partFits(boxed, crosses, a, b, limits));
  // Parts that can be joined by crosses, even if they are more; without where pieces lie too far apart for that.
  const chosen = chain(true) ?? chain(false);
  if (!chosen) return null;
  return assemble({ part, boxed, extent, limits, seams: chosen.map((i) => at[i] as number), cost: chosen.reduce((sum, i) => sum + (costs[i] as number), 0) });
}

/** Without the crosses of earlier seams that would make the part too long: nearest to its pieces stay. */
function withRoom(part: SplitPart, along: number): SplitPart {
  const { minX, maxX } = boxOf(partPolygons(part));
  const away = ([x]: Point) => Math.max(minX - x, x - maxX, 0);
  const kept: Point[] = [];
  for (const mark of [...part.marks].sort((a, b) => away(a) - away(b))) if (boxWidth(partBox({ pieces: part.pieces, marks: [...kept, mark] })) <= along + 1e-9) kept.push(mark);
  return { pieces: part.pieces, marks: kept };
}

export const crossBox = ([x, y]: Point): Box => ({ minX: x - MARK_ARM_MM, maxX: x + MARK_ARM_MM, minY: y - MARK_ARM_MM, maxY: y + MARK_ARM_MM });

/** Where a seam may be: in the middle of gaps and between middles of neighbours, and every millimetre across what is too long. Null when there are too many. */
function positions(boxed: readonly Boxed[], whole: Box): number[] | null {
  const found = new Set<number>();
  const sorted = [...boxed].sort((a, b) => a.middle - b.middle);
  let reach = Number.NEGATIVE_INFINITY;
  for (const { box } of [...boxed].sort((a, b) => a.box.minX - b.box.minX)) {
    if (box.minX > reach && reach > Number.NEGATIVE_INFINITY) found.add((reach + box.minX) / 2);
    reach = Math.max(reach, box.maxX);
  }
  sorted.forEach((one, i) => {
    const next = sorted[i + 1];
    if (next && next.middle > one.middle) found.add((one.middle + next.middle) / 2);
  });
  for (const { box } of boxed.filter(({ long }) => long)) for (let x = Math.ceil(box.minX) + STEP_MM / 2; x < box.maxX; x += STEP_MM) found.add(x);
  const inside = [...found].filter((x) => x > whole.minX && x < whole.maxX).sort((a, b) => a - b);
  return inside.length > MOST_POSITIONS ? null : inside;
}

/** Cutting through weighs more than any interlocking of whole pieces, and that more than a narrow gap. */
const THROUGH_COST = 100;
const SLANT_COST = 20;
const WIDE_GAP_MM = 10;

function seamCost(boxed: readonly Boxed[], x: number): number {
  let cost = 0;
  let gap = WIDE_GAP_MM;
  for (const { piece, box, long } of boxed) {
    if (box.minX >= x || box.maxX <= x) gap = Math.min(gap, Math.max(box.minX - x, x - box.maxX));
    else if (long) cost += crossingsCost(piece.polygon, x);
    else {
      cost += Math.min(box.maxX - x, x - box.minX);
      gap = 0;
    }
  }
  return cost + (WIDE_GAP_MM - gap) / WIDE_GAP_MM;
}

/** Few, short and square crossings: a straight stroke is met at right angles. */
function crossingsCost(polygon: Polygon, x: number): number {
  const hits: { y: number; slant: number }[] = [];
  for (const ring of polygon)
    ring.forEach(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length] as Point;
      if (ax > x === bx > x) return;
      hits.push({ y: ay + ((x - ax) / (bx - ax)) * (by - ay), slant: Math.abs(by - ay) / Math.hypot(bx - ax, by - ay) });
    });
  hits.sort((a, b) => a.y - b.y);
  let cost = 0;
  for (let i = 0; i + 1 < hits.length; i += 2) {
    const [a, b] = [hits[i], hits[i + 1]] as [(typeof hits)[number], (typeof hits)[number]];
    cost += THROUGH_COST + (b.y - a.y) + SLANT_COST * (a.slant + b.slant);
  }
  return cost;
}

/** What lies between two seams must go into one load, with the crosses of these seams where they are wanted. */
function partFits(boxed: readonly Boxed[], crosses: boolean, from: number, to: number, { along, overlap }: Limits): boolean {
  let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  const take = (a: number, b: number) => {
    low = Math.min(low, a);
    high = Math.max(high, b);
  };
  if (crosses && Number.isFinite(from)) take(from - MARK_ARM_MM, from + MARK_ARM_MM);
  if (crosses && Number.isFinite(to)) take(to - MARK_ARM_MM, to + MARK_ARM_MM);
  let any = false;
  for (const { box, middle, long } of boxed) {
    if (long ? box.maxX <= from || box.minX >= to : middle <= from || middle > to) continue;
    any = true;
    if (long) take(Math.max(box.minX, from - overlap / 2), Math.min(box.maxX, to + overlap / 2));
    else take(box.minX, box.maxX);
  }
  return any && high - low <= along + 1e-9;
}

/** Dynamic programme: fewest parts up to each position, then least cost. Indexes of the seams, or null when no chain fits. */
function cheapest(at: readonly number[], costs: readonly number[], fits: (from: number, to: number) => boolean): number[] | null {
  interface Best {
    readonly parts: number;
    readonly cost: number;
    readonly before: number;
  }
  const ends = [...at, Number.POSITIVE_INFINITY];
  const best: (Best | null)[] = [];
  for (const [i, to] of ends.entries()) {
    let found: Best | null = fits(Number.NEGATIVE_INFINITY, to) ? { parts: 1, cost: costs[i] ?? 0, before: -1 } : null;
    // Further back the part only grows: the first that is too long ends the search, once one has fitted.
    let fitted = false;
    for (let j = i - 1; j >= 0; j--) {
      const earlier = best[j];
      const here = fits(at[j] as number, to);
      if (fitted && !here) break;
      fitted ||= here;
      if (!earlier || !here) continue;
      const [parts, cost] = [earlier.parts + 1, earlier.cost + (costs[i] ?? 0)];
      if (!found || parts < found.parts || (parts === found.parts && cost < found.cost - 1e-9)) found = { parts, cost, before: j };
    }
    best.push(found);
  }
  const chain: number[] = [];
  let last = best[ends.length - 1];
  if (!last) return null;
  while (last && last.before >= 0) {
    chain.unshift(last.before);
    last = best[last.before] ?? null;
  }
  return chain;
}

interface Assembly {
  readonly part: SplitPart;
  readonly boxed: readonly Boxed[];
  /** Of its pieces and earlier crosses. */
  readonly extent: Box;
  readonly limits: Limits;
  readonly seams: readonly number[];
  readonly cost: number;
}

function assemble({ part, boxed, extent, limits, seams, cost }: Assembly): Way {
  const bounds = [Number.NEGATIVE_INFINITY, ...seams, Number.POSITIVE_INFINITY];
  const bare = bounds.slice(1).map((to, n): SplitPart => {
    const from = bounds[n] as number;
    const pieces = boxed.flatMap(({ piece, box, middle, long }): SplitPiece[] => {
      if (!long) return middle > from && middle <= to ? [piece] : [];
      if (box.maxX <= from || box.minX >= to) return [];
      const half = limits.overlap / 2;
      const strip = rectRing(Math.max(from - half, box.minX - 1), box.minY - 1, Math.min(to + half, box.maxX + 1), box.maxY + 1);
      return intersection([piece.polygon], [[strip]]).map((polygon) => ({ id: piece.id, polygon }));
    });
    return withRoom({ pieces, marks: part.marks.filter(([x]) => x > from && x <= to) }, limits.along);
  });
  const parts = bare.map((own) => ({ ...own, marks: [...own.marks] }));
  seams.forEach((x, n) => {
    const crosses = crossesOn(x, boxed, extent, limits.across);
    const sides = [parts[n], parts[n + 1]] as [(typeof parts)[number], (typeof parts)[number]];
    if (sides.every((own) => boxWidth(partBox({ ...own, marks: [...own.marks, ...crosses] })) <= limits.along + 1e-9)) for (const own of sides) own.marks.push(...crosses);
  });
  return {
    parts,
    cost,
    seams: seams.map((x) => ({
      axis: "x",
      at: x,
      line: [
        [x, extent.minY],
        [x, extent.maxY],
      ],
      through: boxed.filter(({ box, long }) => long && box.minX < x && box.maxX > x).map(({ piece }) => piece.id),
    })),
  };
}

/** Two crosses on a seam, as far apart as the load allows: outside the design where there is room, else in gaps between its pieces. */
function crossesOn(x: number, boxed: readonly Boxed[], extent: Box, across: number): Point[] {
  const slack = across - boxHeight(extent);
  const above = extent.minY - MARK_GAP_MM - MARK_ARM_MM;
  const below = extent.maxY + MARK_GAP_MM + MARK_ARM_MM;
  if (slack >= 2 * MARK_ROOM_MM) return [at(x, above), at(x, below)];
  const inside: number[] = [];
  for (let y = extent.minY + MARK_ARM_MM; y <= extent.maxY - MARK_ARM_MM; y += STEP_MM) if (boxed.every(({ box }) => clearOf(box, x, y))) inside.push(y);
  const own = slack >= MARK_ROOM_MM ? [above, ...inside] : inside;
  if (own.length === 0) return [];
  const [first, last] = [Math.min(...own), Math.max(...own)];
  return last - first < 2 * MARK_ROOM_MM ? [at(x, first)] : [at(x, first), at(x, last)];
}

const at = (x: number, y: number): Point => [x, y];
const clearOf = ({ minX, minY, maxX, maxY }: Box, x: number, y: number): boolean => {
  const free = MARK_ARM_MM + MARK_GAP_MM;
  return x + free <= minX || x - free >= maxX || y + free <= minY || y - free >= maxY;
};

/** Arms of the crosses, as lines to cut. */
export function crossLines(marks: readonly Point[]): (readonly [Point, Point])[] {
  return marks.flatMap(([x, y]): (readonly [Point, Point])[] => [
    [
      [x - MARK_ARM_MM, y],
      [x + MARK_ARM_MM, y],
    ],
    [
      [x, y - MARK_ARM_MM],
      [x, y + MARK_ARM_MM],
    ],
  ]);
}

/** Ids of halves: `3-ivory-1` in two becomes `3-ivory-1a`, `3-ivory-1b`; whole pieces keep theirs. */
export function nameHalves(parts: readonly SplitPart[]): SplitPart[] {
  const counts = new Map<string, number>();
  for (const { id } of parts.flatMap(({ pieces }) => pieces)) counts.set(id, (counts.get(id) ?? 0) + 1);
  const given = new Map<string, number>();
  return parts.map(({ pieces, marks }) => ({
    marks,
    pieces: pieces.map(({ id, polygon }) => {
      if (counts.get(id) === 1) return { id, polygon };
      const n = given.get(id) ?? 0;
      given.set(id, n + 1);
      return { id: id + letters(n), polygon };
    }),
  }));
}

const letters = (n: number): string => (n < 26 ? "" : letters(Math.floor(n / 26) - 1)) + String.fromCharCode(97 + (n % 26));

/** Pieces and crosses of a part. */
export const partBox = (part: SplitPart): Box => joinBoxes([boxOf(partPolygons(part)), ...part.marks.map(crossBox)]);

export const partPolygons = ({ pieces }: SplitPart): Polygons => pieces.map(({ polygon }) => polygon);
