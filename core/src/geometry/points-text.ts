/**
 * Outlines as people type them: a point a line, x and y in millimetres, apart by space, comma or
 * semicolon.
 */
import type { Point } from "./polygon.ts";

export type PointsText =
  | { readonly ok: true; readonly points: [number, number][] }
  | { readonly ok: false; readonly code: "notANumber"; readonly line: number }
  | { readonly ok: false; readonly code: "tooFew" };

export function readPoints(text: string): PointsText {
  const rows = text
    .trim()
    .split(/\n+/u)
    .map((line) =>
      line
        .split(/[\s,;]+/u)
        .filter(Boolean)
        .map(Number),
    );
  const bad = rows.findIndex((row) => row.length !== 2 || row.some((n) => !Number.isFinite(n)));
  if (bad >= 0 && text.trim() !== "") return { ok: false, code: "notANumber", line: bad + 1 };
  return rows.length < 3
    ? { ok: false, code: "tooFew" }
    : { ok: true, points: rows as [number, number][] };
}

export const writePoints = (points: readonly Point[]): string =>
  points.map((point) => point.join(", ")).join("\n");
