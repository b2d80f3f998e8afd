/** Blade paths of a sheet, in cutting order: pieces, then weed lines, then alignment marks. */
import type { Point, Ring } from "../geometry/polygon.ts";
import { type CutPiece, orderCuts } from "./order.ts";

export interface BladePath {
  /** Piece id, "weed-line" or "mark". */
  readonly id: string;
  readonly points: readonly Point[];
  /** Share of the speed of this film at which it is cut. */
  readonly speedShare: number;
}

/** Thin and tiny parts tear under a fast blade: first guess from practice. */
export const LIGHTER_SPEED_SHARE = 0.6;
/** And are cut with less force, a share of what the test cut found. */
export const LIGHTER_FORCE_SHARE = 0.85;
/** Paths that are no piece of anybody's kit. */
export const isPiece = (id: string): boolean => id !== "weed-line" && id !== "mark";

export type Line = readonly [Point, Point];

export interface Cuts {
  readonly pieces: readonly CutPiece[];
  readonly weedLines?: readonly Line[];
  readonly marks?: readonly Line[];
  /** How far the blade runs on along a closed contour past its start, mm. */
  readonly overcut: number;
  /** Rounds along every contour. */
  readonly passes?: number;
}

export function bladePaths({
  pieces,
  weedLines = [],
  marks = [],
  overcut,
  passes = 1,
}: Cuts): BladePath[] {
  const cuts = orderCuts(pieces).flatMap(({ piece, ring, lighter }) => {
    const path = {
      id: piece,
      points: closed(ring, overcut),
      speedShare: lighter ? LIGHTER_SPEED_SHARE : 1,
    };
    return Array.from({ length: passes }, () => path);
  });
  const lines = (id: string, given: readonly Line[]) =>
    given.map((line) => ({ id, points: line, speedShare: 1 }));
  return [...cuts, ...lines("weed-line", weedLines), ...lines("mark", marks)];
}

function closed(ring: Ring, overcut: number): Point[] {
  const points = [...ring, ring[0] as Point];
  let left = overcut;
  for (let i = 1; left > 0 && i < ring.length; i++) {
    const [a, b] = [ring[i - 1] as Point, ring[i] as Point];
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const t = Math.min(1, left / length);
    points.push([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]);
    left -= length;
  }
  return points;
}

/**
 * Drag knife: the blade trails the pen by `offset`, so the pen runs ahead and swings round each
 * corner.
 */
export function penPath(blade: readonly Point[], offset: number): Point[] {
  if (offset === 0) return [...blade];
  const pen: Point[] = [];
  let before: number | null = null;
  for (let i = 1; i < blade.length; i++) {
    const [a, b] = [blade[i - 1] as Point, blade[i] as Point];
    if (a[0] === b[0] && a[1] === b[1]) continue;
    const angle = Math.atan2(b[1] - a[1], b[0] - a[0]);
    const swings = before === null ? [angle] : swing(before, angle);
    for (const at of swings) pen.push([a[0] + offset * Math.cos(at), a[1] + offset * Math.sin(at)]);
    pen.push([b[0] + offset * Math.cos(angle), b[1] + offset * Math.sin(angle)]);
    before = angle;
  }
  return pen;
}

/** Swings are drawn in steps of at most 15°. */
const SWING_STEP = Math.PI / 12;

function swing(from: number, to: number): number[] {
  const turn = Math.atan2(Math.sin(to - from), Math.cos(to - from));
  const steps = Math.max(1, Math.ceil(Math.abs(turn) / SWING_STEP));
  return Array.from({ length: steps }, (_, i) => from + (turn * (i + 1)) / steps);
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Weed boxes as lines to cut: boxes that share an edge share the cut, so the knife never runs the
 * same line twice.
 */
export function weedLines(boxes: readonly Box[]): Line[] {
  const across = new Map<number, [number, number][]>();
  const down = new Map<number, [number, number][]>();
  for (const { x, y, width, height } of boxes) {
    for (const at of [y, y + height]) addInto(across, at, [x, x + width]);
    for (const at of [x, x + width]) addInto(down, at, [y, y + height]);
  }
  const lines: Line[] = [];
  for (const [y, spans] of sortedEntries(across))
    for (const [a, b] of merged(spans))
      lines.push([
        [a, y],
        [b, y],
      ]);
  for (const [x, spans] of sortedEntries(down))
    for (const [a, b] of merged(spans))
      lines.push([
        [x, a],
        [x, b],
      ]);
  return lines;
}

function addInto(lines: Map<number, [number, number][]>, at: number, span: [number, number]): void {
  const key = Math.round(at * 1000) / 1000;
  lines.set(key, [...(lines.get(key) ?? []), span]);
}

const sortedEntries = (lines: Map<number, [number, number][]>) =>
  [...lines].sort((a, b) => a[0] - b[0]);

/** Spans that touch or overlap become one; half a micrometre apart still counts as touching. */
function merged(spans: readonly [number, number][]): [number, number][] {
  const out: [number, number][] = [];
  for (const [a, b] of [...spans].sort((p, q) => p[0] - q[0])) {
    const last = out[out.length - 1];
    if (last && a <= last[1] + 5e-4) last[1] = Math.max(last[1], b);
    else out.push([a, b]);
  }
  return out;
}
