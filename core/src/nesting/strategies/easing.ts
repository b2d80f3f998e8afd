/** Pieces whose corners are rounded reach into each other by some micrometres: moved apart again. */
import { DEEP_MM } from "../grain.ts";
import type { NoFit } from "../no-fit.ts";

/** A chain across a sheet has some ten pieces, and a push goes from one to the next. */
const ROUNDS = 60;

/** A shape and where it lies: the top left of its bare box, mm. */
export interface Lies {
  readonly shape: number;
  readonly x: number;
  readonly y: number;
}

/** What the pieces are to each other, and the room they have. */
interface Room {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly { readonly width: number; readonly height: number }[];
  pair(a: number, b: number): NoFit;
}

/**
 * Of each two that overlap both are pushed half the way out, again and again as long as it helps.
 * Where they fill the rectangle there is no room, and what is left is shared by all.
 */
export function eased(room: Room, lying: readonly Lies[]): Lies[] {
  const at = lying.map((one) => inside(room, one));
  for (let round = 0, moved = true; moved && round < ROUNDS; round++) {
    moved = false;
    for (let i = 0; i < at.length; i++)
      for (let j = i + 1; j < at.length; j++) {
        const [a, b] = [at[i] as Lies, at[j] as Lies];
        const out = wayOut(room.pair(a.shape, b.shape), b.x - a.x, b.y - a.y);
        if (!out) continue;
        const [dx, dy] = [out[0] / 2, out[1] / 2];
        at[i] = inside(room, { ...a, x: a.x - dx, y: a.y - dy });
        at[j] = inside(room, { ...b, x: b.x + dx, y: b.y + dy });
        moved = true;
      }
  }
  return at;
}

function inside({ width, height, shapes }: Room, { shape, x, y }: Lies): Lies {
  const own = shapes[shape] as { readonly width: number; readonly height: number };
  const between = (value: number, most: number) => Math.max(0, Math.min(value, most));
  return { shape, x: between(x, width - own.width), y: between(y, height - own.height) };
}

/** How the second is pushed out of the part of the first in which it is deepest; null outside. */
function wayOut({ parts }: NoFit, x: number, y: number): readonly [number, number] | null {
  let deepest = DEEP_MM;
  let out: readonly [number, number] | null = null;
  for (const corners of parts) {
    const way = wayOutOf(corners, x, y);
    const deep = way ? Math.hypot(...way) : 0;
    if (deep > deepest) [deepest, out] = [deep, way];
  }
  return out;
}

/** Over the nearest edge of a convex part. */
function wayOutOf(corners: Float64Array, x: number, y: number): readonly [number, number] | null {
  let least = Number.POSITIVE_INFINITY;
  let way: readonly [number, number] | null = null;
  let px = corners[corners.length - 2] as number;
  let py = corners[corners.length - 1] as number;
  for (let i = 0; i < corners.length; i += 2) {
    const [qx, qy] = [corners[i] as number, corners[i + 1] as number];
    const [ex, ey] = [qx - px, qy - py];
    const length = Math.hypot(ex, ey);
    const deep = (ex * (y - py) - ey * (x - px)) / length;
    if (deep <= 0) return null;
    if (deep < least) [least, way] = [deep, [(ey * deep) / length, (-ex * deep) / length]];
    [px, py] = [qx, qy];
  }
  return way;
}
