/**
 * Snip lines: straight cuts in the transfer tape, from its edge up to the vinyl, so that each tab
 * lies down by itself.
 */
import { type Box, boxOf, growBox, type Point, type Polygons } from "../geometry/polygon.ts";

export type Snip = readonly [Point, Point];

/** Tape reaches this far past the design, mm: about 3/8 in. */
export const TAPE_BEYOND_MM = 9;
/** Scissors stop this far from the vinyl, mm. */
const CLEARANCE_MM = 1.5;
/** Possible places for a snip, this far apart, mm. */
const STEP_MM = 0.5;

/**
 * Snips from all four edges; between two neighbours, and between the corner and the first, a tab is
 * at most `widest` mm wide.
 * Within that reach the place that can be cut deepest is taken: that is a gap between pieces.
 */
export function snipLines(design: Polygons, widest: number, clearance = CLEARANCE_MM): Snip[] {
  if (design.length === 0 || !Number.isFinite(widest)) return [];
  const tape = growBox(boxOf(design), TAPE_BEYOND_MM);
  const flipped = design.map((polygon) =>
    polygon.map((ring) => ring.map(([x, y]): Point => [y, x])),
  );
  const across = edgeSnips(design, tape, widest, clearance);
  const down = edgeSnips(
    flipped,
    { minX: tape.minY, minY: tape.minX, maxX: tape.maxY, maxY: tape.maxX },
    widest,
    clearance,
  );
  const sideways = down.map(
    ([a, b]): Snip => [
      [a[1], a[0]],
      [b[1], b[0]],
    ],
  );
  return [...across, ...sideways.flatMap((snip) => beforeCrossing(snip, across, clearance))];
}

/**
 * A snip ends before it would meet one from above or below: otherwise a corner of the tape falls
 * off.
 */
function beforeCrossing([from, to]: Snip, across: readonly Snip[], clearance: number): Snip[] {
  const right = to[0] > from[0];
  const ends = across.flatMap(([a, b]) => {
    const [low, high] = [Math.min(a[1], b[1]) - clearance, Math.max(a[1], b[1]) + clearance];
    return from[1] >= low && from[1] <= high ? [right ? a[0] - clearance : a[0] + clearance] : [];
  });
  const end = right ? Math.min(to[0], ...ends) : Math.max(to[0], ...ends);
  return (right ? end > from[0] : end < from[0]) ? [[from, [end, to[1]]]] : [];
}

/** Vertical snips from the upper and the lower edge of the tape. */
function edgeSnips(design: Polygons, tape: Box, widest: number, clearance: number): Snip[] {
  const count = Math.max(1, Math.round((tape.maxX - tape.minX) / STEP_MM));
  const places = Array.from(
    { length: count + 1 },
    (_, i) => tape.minX + ((tape.maxX - tape.minX) * i) / count,
  );
  const reach = places.map((x) => depths(design, x, clearance, tape));
  return (["upper", "lower"] as const).flatMap((side) =>
    chosen(
      places,
      reach.map((depth) => depth[side]),
      widest,
    ).map((i): Snip => {
      const x = places[i] as number;
      const depth = reach[i]?.[side] ?? 0;
      return side === "upper"
        ? [
            [x, tape.minY],
            [x, tape.minY + depth],
          ]
        : [
            [x, tape.maxY],
            [x, tape.maxY - depth],
          ];
    }),
  );
}

/**
 * How deep one can cut at x from above and from below before coming within `clearance` of vinyl.
 */
function depths(
  design: Polygons,
  x: number,
  clearance: number,
  tape: Box,
): { upper: number; lower: number } {
  let [top, bottom] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const [outer] of design) {
    outer?.forEach((a, i) => {
      const b = outer[(i + 1) % outer.length] as Point;
      const [low, high] = [
        Math.max(Math.min(a[0], b[0]), x - clearance),
        Math.min(Math.max(a[0], b[0]), x + clearance),
      ];
      if (low > high) return;
      for (const at of [low, high]) {
        const t = a[0] === b[0] ? 0 : (at - a[0]) / (b[0] - a[0]);
        const ys = a[0] === b[0] ? [a[1], b[1]] : [a[1] + (b[1] - a[1]) * t];
        top = Math.min(top, ...ys);
        bottom = Math.max(bottom, ...ys);
      }
    });
  }
  const middle = (tape.minY + tape.maxY) / 2;
  // Nothing in the way: stop at the middle, so that the tape stays one piece.
  if (!Number.isFinite(top))
    return { upper: middle - tape.minY - clearance, lower: tape.maxY - middle - clearance };
  return {
    upper: Math.max(0, Math.min(top - clearance, middle) - tape.minY),
    lower: Math.max(0, tape.maxY - Math.max(bottom + clearance, middle)),
  };
}

function chosen(places: readonly number[], depth: readonly number[], widest: number): number[] {
  const taken: number[] = [];
  let from = places[0] ?? 0;
  const end = places[places.length - 1] ?? 0;
  while (end - from > widest) {
    const within = places.flatMap((x, i) =>
      x > from + widest / 2 && x <= from + widest ? [i] : [],
    );
    const best = within.reduce(
      (a, i) => ((depth[i] ?? 0) > (depth[a] ?? 0) + 1e-9 ? i : a),
      within[within.length - 1] ?? -1,
    );
    if (best < 0) break;
    taken.push(best);
    from = places[best] as number;
  }
  return taken.filter((i) => (depth[i] ?? 0) > 0);
}
