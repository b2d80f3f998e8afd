/** Affine transforms as in SVG: x' = a·x + c·y + e, y' = b·x + d·y + f. */
import type { Point } from "../geometry/polygon.ts";

export type Matrix = readonly [number, number, number, number, number, number];

export const IDENTITY: Matrix = [1, 0, 0, 1, 0, 0];

/** First `inner`, then `outer`. */
export function times(outer: Matrix, inner: Matrix): Matrix {
  const [a, b, c, d, e, f] = outer;
  const [g, h, i, j, k, l] = inner;
  return [
    a * g + c * h,
    b * g + d * h,
    a * i + c * j,
    b * i + d * j,
    a * k + c * l + e,
    b * k + d * l + f,
  ];
}

export const applied = ([a, b, c, d, e, f]: Matrix, [x, y]: Point): Point => [
  a * x + c * y + e,
  b * x + d * y + f,
];

/** Mean magnification. */
export const scaleOf = ([a, b, c, d]: Matrix): number => Math.sqrt(Math.abs(a * d - b * c));

const rotation = (degrees: number): Matrix => {
  const angle = (degrees * Math.PI) / 180;
  return [Math.cos(angle), Math.sin(angle), -Math.sin(angle), Math.cos(angle), 0, 0];
};
const moved = (x: number, y: number): Matrix => [1, 0, 0, 1, x, y];
const tangent = (degrees: number): number => Math.tan((degrees * Math.PI) / 180);

/** Reads a `transform` attribute; null when it is not understood. */
export function readTransform(text: string): Matrix | null {
  let matrix = IDENTITY;
  let rest = text.trim();
  while (rest !== "") {
    const match = /^(matrix|translate|scale|rotate|skewX|skewY)\s*\(([^)]*)\)[\s,]*/u.exec(rest);
    const one = match
      ? single(
          match[1] as string,
          (match[2] ?? "").match(/[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?/giu)?.map(Number) ?? [],
        )
      : null;
    if (!match || !one) return null;
    matrix = times(matrix, one);
    rest = rest.slice(match[0].length);
  }
  return matrix;
}

function single(name: string, n: readonly number[]): Matrix | null {
  const [p = 0, q, r] = n;
  if (n.length === 0) return null;
  switch (name) {
    case "matrix":
      return n.length === 6 ? ([...n] as unknown as Matrix) : null;
    case "translate":
      return moved(p, q ?? 0);
    case "scale":
      return [p, 0, 0, q ?? p, 0, 0];
    case "rotate":
      return q === undefined
        ? rotation(p)
        : times(times(moved(q, r ?? 0), rotation(p)), moved(-q, -(r ?? 0)));
    case "skewX":
      return [1, 0, tangent(p), 1, 0, 0];
    default:
      return [1, tangent(p), 0, 1, 0, 0];
  }
}
