/** Lengths of SVG, and how a drawing with a viewBox lies in its width and height. */
import { IDENTITY, type Matrix } from "./matrix.ts";

/** A drawing without a unit is in pixels, 96 to the inch. */
export const MM_PER_PX = 25.4 / 96;

const PX_PER: Readonly<Record<string, number>> = {
  "": 1,
  px: 1,
  in: 96,
  cm: 96 / 2.54,
  mm: 96 / 25.4,
  q: 96 / 101.6,
  pt: 96 / 72,
  pc: 16,
  em: 16,
  rem: 16,
  ex: 8,
};

/** Pixels of a length; percentages of `whole`; null when it is no length. */
export function readLength(text: string | undefined, whole: number): number | null {
  const match = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*(%|[a-z]*)\s*$/iu.exec(text ?? "");
  if (!match) return null;
  if (match[2] === "%") return (Number(match[1]) / 100) * whole;
  const factor = PX_PER[(match[2] ?? "").toLowerCase()];
  return factor === undefined ? null : Number(match[1]) * factor;
}

export interface ViewBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export function readViewBox(text: string | undefined): ViewBox | null {
  const [x, y, width, height] = (text ?? "")
    .trim()
    .split(/[\s,]+/u)
    .map(Number);
  const numbers = [x, y, width, height];
  if (
    numbers.some((n) => n === undefined || !Number.isFinite(n)) ||
    !(Number(width) > 0) ||
    !(Number(height) > 0)
  )
    return null;
  return { x: x as number, y: y as number, width: width as number, height: height as number };
}

/** The transform of a viewBox into a viewport of this size at (0, 0), by `preserveAspectRatio`. */
export function viewTransform(
  view: ViewBox | null,
  width: number,
  height: number,
  aspect: string | undefined,
): Matrix {
  if (!view) return IDENTITY;
  const [sx, sy] = [width / view.width, height / view.height];
  const rule = (aspect ?? "xMidYMid meet").trim().split(/\s+/u);
  if (rule[0] === "none") return [sx, 0, 0, sy, -view.x * sx, -view.y * sy];
  const s = rule[1] === "slice" ? Math.max(sx, sy) : Math.min(sx, sy);
  const place = (name: string, free: number): number =>
    name.includes("Min") ? 0 : name.includes("Max") ? free : free / 2;
  const along = /^x(Min|Mid|Max)Y(Min|Mid|Max)$/u.exec(rule[0] ?? "");
  const dx = place(along?.[1] ?? "Mid", width - view.width * s);
  const dy = place(along?.[2] ?? "Mid", height - view.height * s);
  return [s, 0, 0, s, dx - view.x * s, dy - view.y * s];
}
