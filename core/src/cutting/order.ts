/** Order of cuts: inside before outside, nearest next, then 2-opt over the pieces. */
import type { Point, Polygon, Ring } from "../geometry/polygon.ts";

export interface CutPiece {
  readonly id: string;
  readonly polygon: Polygon;
}

/** Closed contour with its start rotated to where the blade comes down. */
export interface CutContour {
  readonly piece: string;
  readonly ring: Ring;
}

/** 2-opt compares all pairs: above this many pieces nearest-next alone is kept. */
const TWO_OPT_UP_TO = 400;
const TWO_OPT_ROUNDS = 12;

/** Pieces in a short order from (0, 0); each piece's counters come before its outer ring. */
export function orderCuts(pieces: readonly CutPiece[]): CutContour[] {
  const tour = twoOpt(nearestNext(pieces.map((piece) => ({ piece, at: middle(piece.polygon[0] ?? []) }))));
  let pen: Point = [0, 0];
  return tour.flatMap(({ piece }) => {
    const [outer, ...holes] = piece.polygon;
    return [...holes, ...(outer ? [outer] : [])].map((ring) => {
      const started = startNearest(ring, pen);
      pen = started[0] ?? pen;
      return { piece: piece.id, ring: started };
    });
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

function startNearest(ring: Ring, pen: Point): Ring {
  let best = 0;
  ring.forEach((point, i) => {
    if (distance(pen, point) < distance(pen, ring[best] as Point)) best = i;
  });
  return [...ring.slice(best), ...ring.slice(0, best)];
}
