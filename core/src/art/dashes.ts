/** Dashed lines as the pieces they are drawn in. */
import type { Point, Ring } from "../geometry/polygon.ts";

export interface Line {
  readonly points: Ring;
  readonly closed: boolean;
}

/** More dashes than this in one drawing is a texture, not art to cut. */
const MOST_DASHES = 20_000;

/**
 * Cuts lines by a pattern of dash and gap lengths; an odd pattern is repeated once, as SVG says.
 */
export function dashed(lines: readonly Line[], pattern: readonly number[]): Line[] {
  const steps = pattern.length % 2 === 1 ? [...pattern, ...pattern] : pattern;
  const period = steps.reduce((sum, step) => sum + step, 0);
  if (!(period > 0) || steps.some((step) => step < 0)) return [...lines];
  const total = lines.reduce((sum, line) => sum + lengthOf(line), 0);
  if ((total / period) * steps.length > MOST_DASHES) return [...lines];
  return lines.flatMap((line) => cutLine(line, steps));
}

function around({ points, closed }: Line): readonly Point[] {
  return closed ? [...points, points[0] as Point] : points;
}

function lengthOf(line: Line): number {
  const path = around(line);
  return path
    .slice(1)
    .reduce(
      (sum, b, i) => sum + Math.hypot(b[0] - (path[i] as Point)[0], b[1] - (path[i] as Point)[1]),
      0,
    );
}

function cutLine(line: Line, steps: readonly number[]): Line[] {
  const path = around(line);
  const out: Line[] = [];
  let [step, left] = [0, steps[0] as number];
  let now: Point[] = [path[0] as Point];
  const finish = () => {
    if (step % 2 === 0 && now.length > 1) out.push({ points: now, closed: false });
  };
  for (let i = 1; i < path.length; i++) {
    let a = path[i - 1] as Point;
    const b = path[i] as Point;
    let rest = Math.hypot(b[0] - a[0], b[1] - a[1]);
    while (rest > left) {
      const t = left / rest;
      a = [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t];
      rest -= left;
      now.push(a);
      finish();
      now = [a];
      step = (step + 1) % steps.length;
      left = steps[step] as number;
      // A gap or dash of nothing must not hold us here for ever.
      if (left === 0 && steps[(step + 1) % steps.length] === 0) return out;
    }
    left -= rest;
    now.push(b);
  }
  finish();
  return out;
}
