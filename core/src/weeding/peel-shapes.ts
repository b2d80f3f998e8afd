/**
 * Shapes with one fragile arm each, by which the proposed peel is tried and drawn in the documents.
 */
import { type Box, type Point, type Polygon, rectRing } from "../geometry/polygon.ts";

export interface FragileShape {
  readonly name: string;
  readonly pieces: readonly Polygon[];
  readonly film: Box;
  readonly root: Point;
  readonly tip: Point;
}

/** A line of points drawn with a pen of this width. */
function stroke(points: readonly Point[], widthMm: number): Point[] {
  const half = widthMm / 2;
  const side = (sign: 1 | -1): Point[] =>
    points.map((point, i) => {
      const [before, after] = [
        points[Math.max(0, i - 1)] as Point,
        points[Math.min(points.length - 1, i + 1)] as Point,
      ];
      const length = Math.hypot(after[0] - before[0], after[1] - before[1]) || 1;
      return [
        point[0] - (sign * half * (after[1] - before[1])) / length,
        point[1] + (sign * half * (after[0] - before[0])) / length,
      ];
    });
  return [...side(1), ...side(-1).reverse()];
}

const circle = (x: number, y: number, radius: number, from: number, to: number, n = 40): Point[] =>
  Array.from({ length: n + 1 }, (_, i): Point => {
    const angle = from + ((to - from) * i) / n;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** A round body whose outline opens into an arm drawn along the points. */
function bodied(
  x: number,
  y: number,
  radius: number,
  arm: readonly Point[],
  widthMm: number,
): Polygon {
  const [first, second] = [arm[0] as Point, arm[1] as Point];
  const angle = Math.atan2(second[1] - first[1], second[0] - first[0]);
  const gap = Math.asin(Math.min(1, widthMm / 2 / radius));
  const around = circle(x, y, radius, angle + gap, angle + 2 * Math.PI - gap);
  const root: Point = [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  return [[...around, ...stroke([root, ...arm.slice(1)], widthMm).reverse()]];
}

const FILM: Box = { minX: 0, minY: 0, maxX: 100, maxY: 64 };

function shape(
  name: string,
  body: Point,
  radius: number,
  arm: readonly Point[],
  widthMm: number,
  others: readonly Polygon[] = [],
): FragileShape {
  const all: readonly Point[] = [body, ...arm];
  return {
    name,
    film: FILM,
    pieces: [bodied(body[0], body[1], radius, all, widthMm), ...others],
    root: body,
    tip: arm.at(-1) as Point,
  };
}

export const FRAGILE_SHAPES: readonly FragileShape[] = [
  shape("a kite's tail to the right", [24, 32], 12, [[88, 32]], 0.9),
  shape("a comet to the left", [78, 30], 12, [[14, 38]], 1),
  shape("a leaf on a stalk downwards", [50, 18], 11, [[50, 58]], 0.8),
  shape("a balloon's string upwards", [52, 48], 11, [[48, 6]], 0.8),
  shape("a cherry with its stem aslant", [28, 46], 11, [[74, 10]], 0.9),
  shape("a tadpole between two words", [30, 32], 9, [[72, 36]], 1, [
    [rectRing(10, 6, 90, 14)],
    [rectRing(10, 52, 90, 60)],
  ]),
  shape(
    "a whip that bends",
    [20, 44],
    10,
    [
      [50, 42],
      [84, 18],
    ],
    0.9,
  ),
  shape("an arm beside a crowd", [70, 46], 10, [[70, 8]], 0.9, [
    [rectRing(6, 6, 20, 20)],
    [rectRing(26, 6, 40, 20)],
    [rectRing(6, 40, 20, 56)],
    [rectRing(26, 40, 40, 56)],
  ]),
];
