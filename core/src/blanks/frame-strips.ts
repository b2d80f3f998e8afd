/** Strips of a frame, and how many lengths are bought for them. */
import type { Frame } from "./finishing.ts";

export interface CutStrip {
  readonly mm: number;
  readonly count: number;
}
/**
 * Four strips round a board: two along the longer sides run past the corners, two stand between
 * them. Mm.
 */
export function frameStrips(
  { width, height }: { readonly width: number; readonly height: number },
  { strip, ledge }: Frame,
): CutStrip[] {
  const [outerWidth, outerHeight] = [width + 2 * (strip - ledge), height + 2 * (strip - ledge)];
  return [
    { mm: outerWidth, count: 2 },
    { mm: outerHeight - 2 * strip, count: 2 },
  ];
}
/**
 * Lengths to buy for so many frames, longest pieces first into the first length that has room
 * (first fit decreasing), with the saw's width.
 */
export function lengthsToBuy(
  strips: readonly CutStrip[],
  frames: number,
  { sold, kerf }: Pick<Frame, "sold" | "kerf">,
): number {
  const pieces = strips
    .flatMap(({ mm, count }) => Array.from({ length: count * frames }, () => mm))
    .sort((a, b) => b - a);
  const left: number[] = [];
  for (const piece of pieces) {
    const at = left.findIndex((room) => room >= piece);
    if (at < 0) left.push(Math.max(0, sold - piece - kerf));
    else left[at] = Math.max(0, (left[at] ?? 0) - piece - kerf);
  }
  return left.length;
}
