/** Order of cuts: inside before outside, nearest next, then 2-opt and Or-opt over the pieces. */
import type { Point, Polygon, Ring } from "../geometry/polygon.ts";

export interface CutPiece {
  readonly id: string;
  readonly polygon: Polygon;
  /** Thin or tiny: cut lighter and slower. */
  readonly lighter?: boolean;
}

/** Closed contour with its start rotated to where the blade comes down. */
export interface CutContour {
  readonly piece: string;
  readonly ring: Ring;
  readonly lighter: boolean;
}

/** 2-opt compares all pairs: above this many pieces nearest-next alone is kept. */
const TWO_OPT_UP_TO = 400;
const TWO_OPT_ROUNDS = 12;

/** Pieces in a short order from (0, 0); each piece's counters come before its outer ring. */
export function orderCuts(pieces: readonly CutPiece[]): CutContour[] {
  let pen: Point = [0, 0];
  return shortTour(pieces.map(({ polygon }) => middle(polygon[0] ?? []))).flatMap((index) => {
    const piece = pieces[index] as CutPiece;
    const [outer, ...holes] = piece.polygon;
    const cuts: CutContour[] = [];
    const cut = (ring: Ring) => {
      const started = startNearest(ring, pen);
      pen = started[0] ?? pen;
      cuts.push({ piece: piece.id, ring: started, lighter: piece.lighter ?? false });
    };
    // Of the counters the nearest next; the outline last, so that the piece holds still till then.
    const left = [...holes];
    while (left.length > 0) {
      const away = left.map((ring) => away2(ring, pen));
      cut(left.splice(away.indexOf(Math.min(...away)), 1)[0] as Ring);
    }
    if (outer) cut(outer);
    return cuts;
  });
}

/** Square of the distance from a point to the nearest corner. */
const away2 = (ring: Ring, [px, py]: Point): number =>
  ring.reduce(
    (least, [x, y]) => Math.min(least, (x - px) ** 2 + (y - py) ** 2),
    Number.POSITIVE_INFINITY,
  );

function middle(ring: Ring): Point {
  let [x, y] = [0, 0];
  for (const point of ring) {
    x += point[0];
    y += point[1];
  }
  const count = Math.max(1, ring.length);
  return [x / count, y / count];
}

/**
 * Stops of a tour as plain numbers: every sheet compares hundreds of thousands of pairs. The start
 * (0, 0) comes after the last stop.
 */
class Stops {
  private readonly x: Float64Array;
  private readonly y: Float64Array;

  constructor(at: readonly Point[]) {
    this.x = Float64Array.from([...at.map((point) => point[0]), 0]);
    this.y = Float64Array.from([...at.map((point) => point[1]), 0]);
  }

  /** Of nothing comes after the last stop, at no distance. */
  gap(a: number, b: number): number {
    if (b < 0) return 0;
    const from = a < 0 ? this.x.length - 1 : a;
    const dx = (this.x[from] as number) - (this.x[b] as number);
    const dy = (this.y[from] as number) - (this.y[b] as number);
    return Math.sqrt(dx * dx + dy * dy);
  }
}

/** Indexes of the stops in a short order from (0, 0): nearest next, then 2-opt and Or-opt. */
function shortTour(at: readonly Point[]): number[] {
  const stops = new Stops(at);
  const tour = nearestNext(stops, at.length);
  return tour.length > TWO_OPT_UP_TO ? tour : orOpt(stops, twoOpt(stops, tour));
}

/** No stop: the start before the first, nothing after the last. */
const NONE = -1;
const stopAt = (tour: readonly number[], i: number): number =>
  i < 0 || i >= tour.length ? NONE : (tour[i] as number);

function nearestNext(stops: Stops, count: number): number[] {
  const left = Array.from({ length: count }, (_, i) => i);
  const tour: number[] = [];
  let pen = NONE;
  while (left.length > 0) {
    let best = 0;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i < left.length; i++) {
      const gap = stops.gap(pen, left[i] as number);
      if (gap >= least) continue;
      least = gap;
      best = i;
    }
    pen = left[best] as number;
    left.splice(best, 1);
    tour.push(pen);
  }
  return tour;
}

/** Lin 1965: reverse a stretch of the tour wherever that shortens it. */
function twoOpt(stops: Stops, tour: number[]): number[] {
  let improved = true;
  for (let round = 0; improved && round < TWO_OPT_ROUNDS; round++) {
    improved = false;
    for (let i = 0; i < tour.length - 1; i++) {
      for (let j = i + 1; j < tour.length; j++) {
        const [before, first, last, after] = [
          stopAt(tour, i - 1),
          tour[i] as number,
          tour[j] as number,
          stopAt(tour, j + 1),
        ];
        if (
          stops.gap(before, last) + stops.gap(first, after) >=
          stops.gap(before, first) + stops.gap(last, after) - LEAST_GAIN_MM
        )
          continue;
        for (let a = i, b = j; a < b; a++, b--)
          [tour[a], tour[b]] = [tour[b] as number, tour[a] as number];
        improved = true;
      }
    }
  }
  return tour;
}

const LEAST_GAIN_MM = 1e-9;
const LONGEST_STRETCH = 3;

/**
 * Or 1976: a stretch of up to three pieces is cut elsewhere in the tour, either way round, wherever
 * that shortens it.
 */
function orOpt(stops: Stops, given: number[]): number[] {
  let tour = given;
  for (let round = 0, improved = true; improved && round < TWO_OPT_ROUNDS; round++) {
    improved = false;
    for (let length = 1; length <= LONGEST_STRETCH; length++) {
      for (let i = 0; i + length <= tour.length; i++) {
        const moved = stretchMoved(stops, tour, i, length);
        if (!moved) continue;
        tour = moved;
        improved = true;
      }
    }
  }
  return tour;
}

function stretchMoved(
  stops: Stops,
  tour: readonly number[],
  i: number,
  length: number,
): number[] | null {
  const [first, last] = [tour[i] as number, tour[i + length - 1] as number];
  const [prior, next] = [stopAt(tour, i - 1), stopAt(tour, i + length)];
  const saved = stops.gap(prior, first) + stops.gap(last, next) - stops.gap(prior, next);
  if (saved <= LEAST_GAIN_MM) return null;
  // The tour without the stretch has the same neighbours but for those of the stretch itself.
  const rest = tour.length - length;
  let gain = LEAST_GAIN_MM;
  let best = -1;
  let turned = false;
  let before = NONE;
  let [fromFirst, fromLast] = [stops.gap(NONE, first), stops.gap(NONE, last)];
  for (let at = 0; at <= rest; at++) {
    const after = at < rest ? (tour[at < i ? at : at + length] as number) : NONE;
    const [toFirst, toLast] = [stops.gap(first, after), stops.gap(last, after)];
    const open = saved + stops.gap(before, after);
    const straight = open - fromFirst - toLast;
    const reversed = open - fromLast - toFirst;
    if (straight > gain) [gain, best, turned] = [straight, at, false];
    if (reversed > gain) [gain, best, turned] = [reversed, at, true];
    before = after;
    fromFirst = toFirst;
    fromLast = toLast;
  }
  if (best < 0) return null;
  const stretch = tour.slice(i, i + length);
  const left = [...tour.slice(0, i), ...tour.slice(i + length)];
  return [...left.slice(0, best), ...(turned ? stretch.reverse() : stretch), ...left.slice(best)];
}

function startNearest(ring: Ring, pen: Point): Ring {
  let best = 0;
  let least = Number.POSITIVE_INFINITY;
  ring.forEach(([x, y], i) => {
    const away = (x - pen[0]) ** 2 + (y - pen[1]) ** 2;
    if (away >= least) return;
    least = away;
    best = i;
  });
  return [...ring.slice(best), ...ring.slice(0, best)];
}
