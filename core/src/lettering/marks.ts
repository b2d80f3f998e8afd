/**
 * Dots and accents that stand apart from their letter: left, brought together with it, bridged or
 * dropped.
 */
import { unionPolygons } from "../geometry/boolean.ts";
import {
  boxOf,
  moved,
  type Point,
  type Polygon,
  type Polygons,
  polygonArea,
} from "../geometry/polygon.ts";
import type { MarkRule } from "./recipe-kinds.ts";

/** How deep a mark is pushed into its letter, em. */
const JOIN_DEPTH_EM = 0.015;
/**
 * Width of a bridge, em: about a millimetre at a 20 mm em, what a beginner lifts without tearing.
 */
const BRIDGE_EM = 0.05;

const LETTER = /^\p{L}/u;
const DOTTED = /^[ij]$/u;

/**
 * @param parts the separate parts of one glyph, em
 * @param text the letter it stands for
 */
export function withMarks(parts: Polygons, text: string, rule: MarkRule): Polygons {
  if (rule === "asDrawn" || parts.length < 2 || !LETTER.test(text)) return parts;
  const [base, ...marks] = [...parts].sort((a, b) => polygonArea(b) - polygonArea(a)) as [
    Polygon,
    ...Polygon[],
  ];
  if (rule === "dropped") return DOTTED.test(text) ? [base] : parts;
  const treated = marks.map((mark) =>
    rule === "joined" ? broughtTo(mark, base) : bridged(mark, base),
  );
  return unionPolygons([base, ...treated.flat()]);
}

/**
 * Moves the mark straight to the letter along the shortest way between them, and a little into it.
 */
function broughtTo(mark: Polygon, base: Polygon): Polygons {
  const { from, to, distance } = nearest(mark, base);
  const share = distance === 0 ? 1 : (distance + JOIN_DEPTH_EM) / distance;
  return moved([mark], (to[0] - from[0]) * share, (to[1] - from[1]) * share);
}

function bridged(mark: Polygon, base: Polygon): Polygons {
  const { from, to, distance } = nearest(mark, base);
  if (distance === 0) return [mark];
  const [ux, uy] = [(to[0] - from[0]) / distance, (to[1] - from[1]) / distance];
  const [wx, wy] = [(-uy * BRIDGE_EM) / 2, (ux * BRIDGE_EM) / 2];
  const deep = BRIDGE_EM / 2;
  const [a, b]: [Point, Point] = [
    [from[0] - ux * deep, from[1] - uy * deep],
    [to[0] + ux * deep, to[1] + uy * deep],
  ];
  const strip: Polygon = [
    [
      [a[0] + wx, a[1] + wy],
      [b[0] + wx, b[1] + wy],
      [b[0] - wx, b[1] - wy],
      [a[0] - wx, a[1] - wy],
    ],
  ];
  return [mark, strip];
}

/** Nearest corners of two shapes. Flattened curves have corners close enough together. */
function nearest(a: Polygon, b: Polygon): { from: Point; to: Point; distance: number } {
  const box = boxOf([b]);
  let best = {
    from: [0, 0] as Point,
    to: [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] as Point,
    distance: Number.POSITIVE_INFINITY,
  };
  for (const from of a[0] ?? [])
    for (const to of b[0] ?? []) {
      const distance = Math.hypot(from[0] - to[0], from[1] - to[1]);
      if (distance < best.distance) best = { from, to, distance };
    }
  return best;
}
