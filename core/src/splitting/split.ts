/**
 * What is longer than the cut, in parts: seams run through gaps between pieces where there are any,
 * through a short straight
 * stroke where there are none. Every piece keeps its true size. Lengths in mm.
 *
 * Seams by dynamic programming over positions along one side, then along the other; fewest parts
 * first, then the cleanest
 * seams.
 */
import { intersection } from "../geometry/boolean.ts";
import {
  type Box,
  boxOf,
  boxWidth,
  joinBoxes,
  mapPoints,
  type Point,
  type Polygon,
  type Polygons,
  rectRing,
} from "../geometry/polygon.ts";
import { crossBox, crossesOn, MARK_ARM_MM } from "./crosses.ts";
import { type Boxed, cheapest, positions, type SplitPiece, seamCost } from "./seams.ts";

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

export type Split =
  | { readonly ok: true; readonly parts: readonly SplitPart[]; readonly seams: readonly Seam[] }
  | { readonly ok: false; readonly reason: "cutTooSmall" };

export interface SplitWishes {
  /** What one load takes. */
  readonly cut: { readonly width: number; readonly height: number };
  /** How far both halves of a piece that is cut through run past the seam together. */
  readonly overlap: number;
  /** Parts may be laid a quarter turned. */
  readonly mayTurn: boolean;
}

/** Below this no part of a design could be told from its marks. */
const LEAST_CUT_MM = 15;

export function splitDesign(
  pieces: readonly SplitPiece[],
  { cut, overlap, mayTurn }: SplitWishes,
): Split {
  if (Math.min(cut.width, cut.height) < LEAST_CUT_MM) return { ok: false, reason: "cutTooSmall" };
  const ways = [
    cut,
    ...(mayTurn && cut.width !== cut.height ? [{ width: cut.height, height: cut.width }] : []),
  ].flatMap((size) => bothWays(pieces, size, overlap) ?? []);
  const best = ways.sort((a, b) => a.parts.length - b.parts.length || a.cost - b.cost)[0];
  return best
    ? { ok: true, parts: paired(best.parts), seams: best.seams }
    : { ok: false, reason: "cutTooSmall" };
}

/** A cross that lost its twin because there was no room for it tells nobody anything. */
function paired(parts: readonly SplitPart[]): SplitPart[] {
  const same = ([x, y]: Point, [u, v]: Point) => x === u && y === v;
  return parts.map((part) => ({
    ...part,
    marks: part.marks.filter(
      (mark) => parts.filter(({ marks }) => marks.some((other) => same(mark, other))).length > 1,
    ),
  }));
}

interface Way {
  readonly parts: readonly SplitPart[];
  readonly seams: readonly Seam[];
  readonly cost: number;
}

/**
 * Along one side first, what is still too long along the other after; the order with fewer parts.
 */
function bothWays(
  pieces: readonly SplitPiece[],
  size: { width: number; height: number },
  overlap: number,
): Way | null {
  const orders = (["x", "y"] as const).flatMap((first) => {
    const whole = { parts: [{ pieces, marks: [] }], seams: [], cost: 0 } satisfies Way;
    const once = each(whole, first, size, overlap);
    const twice = once && each(once, first === "x" ? "y" : "x", size, overlap);
    return twice ? [twice] : [];
  });
  return orders.sort((a, b) => a.parts.length - b.parts.length || a.cost - b.cost)[0] ?? null;
}

function each(
  way: Way,
  axis: "x" | "y",
  size: { width: number; height: number },
  overlap: number,
): Way | null {
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
    seams.push(
      ...cutUp.seams.map((seam) =>
        swapped
          ? { ...seam, axis: "y" as const, line: [flip(seam.line[0]), flip(seam.line[1])] as const }
          : seam,
      ),
    );
    cost += cutUp.cost;
  }
  return { parts, seams, cost };
}

const flip = ([x, y]: Point): Point => [y, x];
/** Sides exchanged; rings keep their sense by being read backwards. */
const exchanged = ({ pieces, marks }: SplitPart): SplitPart => ({
  pieces: pieces.map(({ id, polygon }) => ({
    id,
    polygon: (mapPoints([polygon], flip)[0] as Polygon).map((ring) => [...ring].reverse()),
  })),
  marks: marks.map(flip),
});

interface Limits {
  readonly along: number;
  readonly across: number;
  readonly overlap: number;
}

function alongX(part: SplitPart, limits: Limits): Way | null {
  const whole = boxOf(part.pieces.map(({ polygon }) => polygon));
  if (boxWidth(whole) <= limits.along + 1e-9)
    return { parts: [withRoom(part, limits.along)], seams: [], cost: 0 };
  const extent = joinBoxes([whole, ...part.marks.map(crossBox)]);
  // A cross beside a seam takes its arm on both sides.
  const room = limits.along - 2 * MARK_ARM_MM;
  const boxed = part.pieces.map((piece): Boxed => {
    const box = boxOf([piece.polygon]);
    return { piece, box, middle: (box.minX + box.maxX) / 2, long: boxWidth(box) > room };
  });
  const at = positions(boxed);
  if (!at) return null;
  const costs = at.map((x) => seamCost(boxed, x));
  const chain = (crosses: boolean) =>
    cheapest(at, costs, (a, b) => partFits(boxed, crosses, a, b, limits));
  // Parts that can be joined by crosses, even if they are more; without where pieces lie too far
  // apart for that.
  const chosen = chain(true) ?? chain(false);
  if (!chosen) return null;
  return assemble({
    part,
    boxed,
    extent,
    limits,
    seams: chosen.map((i) => at[i] as number),
    cost: chosen.reduce((sum, i) => sum + (costs[i] as number), 0),
  });
}

/**
 * Without the crosses of earlier seams that would make the part too long: nearest to its pieces
 * stay.
 */
function withRoom(part: SplitPart, along: number): SplitPart {
  const { minX, maxX } = boxOf(partPolygons(part));
  const away = ([x]: Point) => Math.max(minX - x, x - maxX, 0);
  const kept: Point[] = [];
  for (const mark of [...part.marks].sort((a, b) => away(a) - away(b)))
    if (boxWidth(partBox({ pieces: part.pieces, marks: [...kept, mark] })) <= along + 1e-9)
      kept.push(mark);
  return { pieces: part.pieces, marks: kept };
}

/**
 * What lies between two seams must go into one load, with the crosses of these seams where they are
 * wanted.
 */
function partFits(
  boxed: readonly Boxed[],
  crosses: boolean,
  from: number,
  to: number,
  { along, overlap }: Limits,
): boolean {
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
      const strip = rectRing(
        Math.max(from - half, box.minX - 1),
        box.minY - 1,
        Math.min(to + half, box.maxX + 1),
        box.maxY + 1,
      );
      return intersection([piece.polygon], [[strip]]).map((polygon) => ({ id: piece.id, polygon }));
    });
    return withRoom(
      { pieces, marks: part.marks.filter(([x]) => x > from && x <= to) },
      limits.along,
    );
  });
  const parts = bare.map((own) => ({ ...own, marks: [...own.marks] }));
  seams.forEach((x, n) => {
    const crosses = crossesOn(x, boxed, extent, limits.across);
    const sides = [parts[n], parts[n + 1]] as [(typeof parts)[number], (typeof parts)[number]];
    if (
      sides.every(
        (own) =>
          boxWidth(partBox({ ...own, marks: [...own.marks, ...crosses] })) <= limits.along + 1e-9,
      )
    )
      for (const own of sides) own.marks.push(...crosses);
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
      through: boxed
        .filter(({ box, long }) => long && box.minX < x && box.maxX > x)
        .map(({ piece }) => piece.id),
    })),
  };
}

/**
 * Ids of halves: `3-ivory-1` in two becomes `3-ivory-1a`, `3-ivory-1b`; whole pieces keep theirs.
 */
export function nameHalves(parts: readonly SplitPart[]): SplitPart[] {
  const counts = new Map<string, number>();
  for (const { id } of parts.flatMap(({ pieces }) => pieces))
    counts.set(id, (counts.get(id) ?? 0) + 1);
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

const letters = (n: number): string =>
  (n < 26 ? "" : letters(Math.floor(n / 26) - 1)) + String.fromCharCode(97 + (n % 26));

/** Pieces and crosses of a part. */
export const partBox = (part: SplitPart): Box =>
  joinBoxes([boxOf(partPolygons(part)), ...part.marks.map(crossBox)]);

export const partPolygons = ({ pieces }: SplitPart): Polygons =>
  pieces.map(({ polygon }) => polygon);
