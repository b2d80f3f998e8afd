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
  const tour = orOpt(twoOpt(nearestNext(pieces.map((piece) => ({ piece, at: middle(piece.polygon[0] ?? []) })))));
  let pen: Point = [0, 0];
  return tour.flatMap(({ piece }) => {
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
      const away = left.map((ring) => Math.min(...ring.map((point) => distance(pen, point))));
      cut(left.splice(away.indexOf(Math.min(...away)), 1)[0] as Ring);
    }
    if (outer) cut(outer);
    return cuts;
  });
}

interface Stop {
  readonly piece: CutPiece;
  readonly at: Point;
}

const middle = (ring: Ring): Point => [ring.reduce((s, p) => s + p[0], 0) / Math.max(1, ring.length), ring.reduce((s, p) => s + p[1], 0) / Math.max(1, ring.length)];
const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

function nearestNext(stops: readonly Stop[]): Stop[] {
  const left = [...stops];
  const tour: Stop[] = [];
  let pen: Point = [0, 0];
  while (left.length > 0) {
    let best = 0;
    for (let i = 1; i < left.length; i++) if (distance(pen, (left[i] as Stop).at) < distance(pen, (left[best] as Stop).at)) best = i;
    const [next] = left.splice(best, 1) as [Stop];
    pen = next.at;
    tour.push(next);
  }
  return tour;
}

/** Lin 1965: reverse a stretch of the tour wherever that shortens it. */
function twoOpt(tour: Stop[]): Stop[] {
  if (tour.length > TWO_OPT_UP_TO) return tour;
  const at = (i: number): Point => (i < 0 ? [0, 0] : (tour[i] as Stop).at);
  let improved = true;
  for (let round = 0; improved && round < TWO_OPT_ROUNDS; round++) {
    improved = false;
    for (let i = 0; i < tour.length - 1; i++) {
      for (let j = i + 1; j < tour.length; j++) {
        const after = j + 1 < tour.length ? distance(at(j), at(j + 1)) : 0;
        const crossed = j + 1 < tour.length ? distance(at(i), at(j + 1)) : 0;
        if (distance(at(i - 1), at(j)) + crossed < distance(at(i - 1), at(i)) + after - 1e-9) {
          tour.splice(i, j - i + 1, ...tour.slice(i, j + 1).reverse());
          improved = true;
        }
      }
    }
  }
  return tour;
}

/** Or 1976: a stretch of up to three pieces is cut elsewhere in the tour, either way round, wherever that shortens it. */
function orOpt(given: Stop[]): Stop[] {
  if (given.length > TWO_OPT_UP_TO) return given;
  let tour = given;
  const gap = (a: Stop | undefined, b: Stop | undefined) => (b ? distance(a ? a.at : [0, 0], b.at) : 0);
  for (let round = 0, improved = true; improved && round < TWO_OPT_ROUNDS; round++) {
    improved = false;
    for (let length = 1; length <= 3; length++) {
      for (let i = 0; i + length <= tour.length; i++) {
        const stretch = tour.slice(i, i + length);
        const rest = [...tour.slice(0, i), ...tour.slice(i + length)];
        const [first, last] = [stretch[0] as Stop, stretch[length - 1] as Stop];
        const saved = gap(tour[i - 1], first) + gap(last, tour[i + length]) - gap(tour[i - 1], tour[i + length]);
        let best = { gain: 1e-9, at: -1, turned: false };
        for (let at = 0; at <= rest.length; at++) {
          const [before, after] = [rest[at - 1], rest[at]];
          for (const turned of [false, true]) {
            const gain = saved - (gap(before, turned ? last : first) + gap(turned ? first : last, after) - gap(before, after));
            if (gain > best.gain) best = { gain, at, turned };
          }
        }
        if (best.at < 0) continue;
        tour = [...rest.slice(0, best.at), ...(best.turned ? stretch.reverse() : stretch), ...rest.slice(best.at)];
        improved = true;
      }
    }
  }
  return tour;
}

function startNearest(ring: Ring, pen: Point): Ring {
  let best = 0;
  ring.forEach((point, i) => {
    if (distance(pen, point) < distance(pen, ring[best] as Point)) best = i;
  });
  return [...ring.slice(best), ...ring.slice(0, best)];
}
