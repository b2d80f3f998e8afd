/**
 * Where weeding a film begins and which way the waste is drawn off; for a stencil, where each
 * letter is lifted.
 */
import {
  type Box,
  type Point,
  type Polygon,
  pointInPolygon,
  type Ring,
  ringArea,
} from "../geometry/polygon.ts";
import { widestPlace } from "../geometry/widest-place.ts";
import { type Arm, armsOf } from "./arms.ts";

export const CORNERS = ["topLeft", "topRight", "bottomLeft", "bottomRight"] as const;
export type Corner = (typeof CORNERS)[number];

/** Why the peel goes as it does; words are made from it elsewhere. */
export type PeelReason =
  | { readonly code: "room" }
  | { readonly code: "along" | "last"; readonly lengthMm: number; readonly widthMm: number }
  | { readonly code: "small"; readonly count: number };

export interface Peel {
  readonly corner: Corner;
  /** The corner of the film, mm. */
  readonly from: Point;
  /** Unit vector in which the waste is drawn off. */
  readonly direction: Point;
  /** How far the waste comes off before the hand meets something fragile; null when nothing is. */
  readonly safeMm: number | null;
  /**
   * Where waste that has grown long is cut off: lines across the film, where least of it is to be
   * cut.
   */
  readonly cuts: readonly (readonly [Point, Point])[];
  readonly arms: readonly Arm[];
  readonly reasons: readonly PeelReason[];
}

export interface PeelProblem {
  readonly pieces: readonly Polygon[];
  /** The kit's own film, mm. */
  readonly film: Box;
  /** Thinnest stroke that the film bears, mm. */
  readonly minStroke: number;
  readonly isSmall: (index: number) => boolean;
}

/**
 * What the rules weigh against each other: an arm pulled against is worst, then small parts met
 * early, then a crowded corner.
 */
const WEIGHTS = { wrong: 10, arm: 1, small: 0.35, room: 0.6, safe: 0.3 } as const;
/** A hair-thin arm counts so many times a merely long one. */
const MOST_FRAGILE = 3;
/** Waste longer than a hand falls back on the design, mm. */
export const HAND_MM = 180;
/** The cut may come this much earlier where less is to be cut. */
const CUT_EARLY = 0.35;
const CUT_TRIES = 24;
/** Met in the last third, it is left for the last. */
const LAST = 2 / 3;
/** Within 45 degrees the hand goes along it. */
const ALONG = Math.SQRT1_2 - 1e-9;

const dot = ([ax, ay]: Point, [bx, by]: Point): number => ax * bx + ay * by;

interface Way {
  readonly corner: Corner;
  readonly from: Point;
  readonly direction: Point;
}

function waysOf({ minX, minY, maxX, maxY }: Box): Way[] {
  return CORNERS.flatMap((corner) => {
    const [left, top] = [corner.endsWith("Left"), corner.startsWith("top")];
    const [sx, sy] = [left ? 1 : -1, top ? 1 : -1];
    const from: Point = [left ? minX : maxX, top ? minY : maxY];
    const ways: Point[] = [
      [sx * Math.SQRT1_2, sy * Math.SQRT1_2],
      [sx, 0],
      [0, sy],
    ];
    return ways.map((direction) => ({ corner, from, direction }));
  });
}

/**
 * @returns the way of twelve (each corner, along an edge or across) that costs least; ties go to
 * the first
 */
export function peelOf(problem: PeelProblem): Peel {
  const { pieces, film, minStroke, isSmall } = problem;
  const arms = armsOf(pieces, minStroke);
  const outlines = pieces.map(([outer = []]) => outer);
  const small = outlines.filter((_, i) => isSmall(i));
  const ways = waysOf(film).map((way) => ({
    way,
    ...judged(way, { film, arms, outlines, small, minStroke }),
  }));
  const { way, safeMm } = ways.reduce((best, one) => (one.cost < best.cost - 1e-9 ? one : best));
  return {
    ...way,
    safeMm,
    cuts: cutsOf(way, film, outlines),
    arms,
    reasons: reasonsOf(way, film, arms, small.length),
  };
}

interface Field {
  readonly film: Box;
  readonly arms: readonly Arm[];
  readonly outlines: readonly Ring[];
  readonly small: readonly Ring[];
  readonly minStroke: number;
}

const cornersOf = ({ minX, minY, maxX, maxY }: Box): Point[] => [
  [minX, minY],
  [maxX, minY],
  [maxX, maxY],
  [minX, maxY],
];

/** How far the film reaches in a direction: where the peel begins and ends. */
function reach(film: Box, direction: Point): { start: number; length: number } {
  const along = cornersOf(film).map((corner) => dot(corner, direction));
  const start = Math.min(...along);
  return { start, length: Math.max(Math.max(...along) - start, 1e-9) };
}

/** Of a strip by itself either end may come first. */
const agreement = (arm: Arm, direction: Point): number => {
  const length = Math.hypot(arm.tip[0] - arm.root[0], arm.tip[1] - arm.root[1]) || 1;
  const along = dot(
    [(arm.tip[0] - arm.root[0]) / length, (arm.tip[1] - arm.root[1]) / length],
    direction,
  );
  return arm.loose ? Math.abs(along) : along;
};

/** Share of the film that is off when the peel first meets an arm. */
function metAt(
  arm: Arm,
  direction: Point,
  { start, length }: { start: number; length: number },
): number {
  return Math.max(
    0,
    Math.min(1, (Math.min(dot(arm.root, direction), dot(arm.tip, direction)) - start) / length),
  );
}

const goesWell = (arm: Arm, direction: Point, range: { start: number; length: number }): boolean =>
  agreement(arm, direction) >= ALONG || metAt(arm, direction, range) >= LAST;

function judged(
  { from, direction }: Way,
  { film, arms, outlines, small, minStroke }: Field,
): { cost: number; safeMm: number | null } {
  const range = reach(film, direction);
  const diagonal = Math.hypot(film.maxX - film.minX, film.maxY - film.minY) || 1;
  const first = (ring: Ring) =>
    ring.reduce(
      (least, point) => Math.min(least, dot(point, direction)),
      Number.POSITIVE_INFINITY,
    ) - range.start;
  const weightOf = (arm: Arm) =>
    Math.min(
      MOST_FRAGILE,
      minStroke / Math.max(arm.widthMm, 1e-6) + arm.lengthMm / (20 * Math.max(arm.widthMm, 1e-6)),
    );
  const against = arms.reduce(
    (sum, arm) =>
      sum +
      weightOf(arm) * ((1 - agreement(arm, direction)) / 2) * (1 - metAt(arm, direction, range)),
    0,
  );
  // What is neither gone along nor left for the last outweighs everything else.
  const wrong = arms
    .filter((arm) => !goesWell(arm, direction, range))
    .reduce((sum, arm) => sum + weightOf(arm), 0);
  const early = small.reduce((sum, ring) => sum + (1 - Math.min(1, first(ring) / range.length)), 0);
  const room = Math.min(
    diagonal,
    ...outlines.map((ring) =>
      ring.reduce(
        (least, [x, y]) => Math.min(least, Math.hypot(x - from[0], y - from[1])),
        Number.POSITIVE_INFINITY,
      ),
    ),
  );
  const fragile = [
    ...arms
      .filter((arm) => agreement(arm, direction) < ALONG)
      .map((arm) => metAt(arm, direction, range) * range.length),
    ...small.map(first),
  ];
  const safeMm = fragile.length === 0 ? null : Math.max(0, Math.min(...fragile));
  const cost =
    WEIGHTS.wrong * wrong +
    WEIGHTS.arm * against +
    WEIGHTS.small * early -
    WEIGHTS.room * (room / diagonal) -
    WEIGHTS.safe * ((safeMm ?? range.length) / range.length);
  return { cost, safeMm };
}

function reasonsOf(
  { direction }: Way,
  film: Box,
  arms: readonly Arm[],
  smallParts: number,
): PeelReason[] {
  const range = reach(film, direction);
  const longest = [...arms].sort((a, b) => b.lengthMm / b.widthMm - a.lengthMm / a.widthMm)[0];
  const of = longest && { lengthMm: longest.lengthMm, widthMm: longest.widthMm };
  const arm: PeelReason[] =
    !longest || !of
      ? []
      : agreement(longest, direction) >= ALONG
        ? [{ code: "along", ...of }]
        : metAt(longest, direction, range) >= LAST
          ? [{ code: "last", ...of }]
          : [];
  return [
    ...arm,
    ...(smallParts > 0 ? [{ code: "small" as const, count: smallParts }] : []),
    ...(arm.length === 0 ? [{ code: "room" as const }] : []),
  ];
}

/** Lines across the peel, no farther apart than a hand, each where the least waste is cut. */
function cutsOf({ direction }: Way, film: Box, outlines: readonly Ring[]): [Point, Point][] {
  const { start, length } = reach(film, direction);
  const cuts: [Point, Point][] = [];
  for (let last = 0; length - last > HAND_MM; ) {
    const tries = Array.from(
      { length: CUT_TRIES },
      (_, i) => last + HAND_MM * (1 - (CUT_EARLY * i) / (CUT_TRIES - 1)),
    );
    const lines = tries.flatMap((at) => {
      const line = across(film, direction, start + at);
      return line ? [{ at, line, waste: wasteAlong(line, outlines) }] : [];
    });
    const best = lines.reduce<(typeof lines)[number] | null>(
      (least, one) => (!least || one.waste < least.waste - 1e-9 ? one : least),
      null,
    );
    if (!best) break;
    cuts.push(best.line);
    last = best.at;
  }
  return cuts;
}

/** Where the line of points with this reach crosses the film's edges. */
function across(film: Box, direction: Point, at: number): [Point, Point] | null {
  const corners = cornersOf(film);
  const hits = corners.flatMap((a, i): Point[] => {
    const b = corners[(i + 1) % corners.length] as Point;
    const [from, to] = [dot(a, direction), dot(b, direction)];
    if (from === to || (at - from) * (at - to) > 0) return [];
    const share = (at - from) / (to - from);
    return [[a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])]];
  });
  const [first] = hits;
  const second =
    first && hits.find((point) => Math.hypot(point[0] - first[0], point[1] - first[1]) > 1e-6);
  return first && second ? [first, second] : null;
}

const WASTE_SAMPLES = 60;

/** How much of the line lies in waste, mm: what stays is not cut. */
function wasteAlong([a, b]: [Point, Point], outlines: readonly Ring[]): number {
  const points = Array.from(
    { length: WASTE_SAMPLES },
    (_, i): Point => [
      a[0] + ((i + 0.5) / WASTE_SAMPLES) * (b[0] - a[0]),
      a[1] + ((i + 0.5) / WASTE_SAMPLES) * (b[1] - a[1]),
    ],
  );
  const free = points.filter(
    (point) => !outlines.some((outline) => pointInPolygon(point, [outline])),
  ).length;
  return (free / WASTE_SAMPLES) * Math.hypot(b[0] - a[0], b[1] - a[1]);
}

export interface Lift {
  /** Where the hook goes in. */
  readonly at: Point;
  /** Where the letter is drawn to from there. */
  readonly towards: Point;
}

/** A corner sharper than this takes a hook, radians. */
const HOOK_TURN = Math.PI / 3;

/**
 * Of a stencil: each letter is lifted by the corner farthest from its insides, which stay; without
 * insides by the corner nearest to its widest place.
 */
export function liftOf(polygon: Polygon): Lift {
  const [outer = [], ...islands] = polygon;
  const towards = widestPlace(polygon).at;
  // Corners that stick out: where two parts meet inwards no hook gets under.
  const sign = Math.sign(ringArea(outer)) || 1;
  const corners = outer.filter(
    (point, i) =>
      sign *
        turn(
          outer[(i + outer.length - 1) % outer.length] as Point,
          point,
          outer[(i + 1) % outer.length] as Point,
        ) >
      HOOK_TURN,
  );
  const candidates = corners.length > 0 ? corners : outer;
  const away = (point: Point) =>
    Math.min(
      ...islands.flatMap((ring) => ring.map(([x, y]) => Math.hypot(x - point[0], y - point[1]))),
    );
  const near = (point: Point) => -Math.hypot(point[0] - towards[0], point[1] - towards[1]);
  const good = islands.length > 0 ? away : near;
  return {
    at: candidates.reduce(
      (best, point) => (good(point) > good(best) + 1e-9 ? point : best),
      candidates[0] ?? towards,
    ),
    towards,
  };
}

/** How far the way turns at b, radians; positive as the ring's own area counts. */
function turn(a: Point, b: Point, c: Point): number {
  const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]];
  return Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy);
}
