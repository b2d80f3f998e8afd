/** An independent check of a layout; shares nothing with the strategies. */
import type { Bin, Item, Layout } from "./problem.ts";

export interface LayoutFault {
  readonly code: "lost" | "twice" | "outside" | "overlap" | "notGuillotine";
  readonly ids: readonly string[];
}

/** Half a micrometre: more is a fault. */
const CHECK_SLACK_MM = 5e-4;

interface Lies {
  readonly id: string;
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/**
 * Everything placed once, inside its load, no overlap, and separable by straight cuts where that
 * was promised.
 */
export function validateLayout(
  layout: Layout,
  items: readonly Item[],
  bin: Bin,
  guillotine: boolean,
): LayoutFault[] {
  const faults: LayoutFault[] = [];
  const seen = new Map<string, number>();
  for (const { id } of [...layout.placed, ...layout.unplaced])
    seen.set(id, (seen.get(id) ?? 0) + 1);
  for (const { id } of items) if (!seen.has(id)) faults.push({ code: "lost", ids: [id] });
  for (const [id, times] of seen) if (times > 1) faults.push({ code: "twice", ids: [id] });
  const sizes = new Map(items.map((item) => [item.id, item]));
  const loads = new Map<number, Lies[]>();
  for (const at of layout.placed) {
    const item = sizes.get(at.id);
    if (!item) continue;
    const [w, h] = at.turned ? [item.height, item.width] : [item.width, item.height];
    const lies = { id: at.id, left: at.x, top: at.y, right: at.x + w, bottom: at.y + h };
    if (
      lies.left < -CHECK_SLACK_MM ||
      lies.top < -CHECK_SLACK_MM ||
      lies.right > bin.width + CHECK_SLACK_MM ||
      lies.bottom > bin.height + CHECK_SLACK_MM ||
      (at.turned && !item.mayTurn)
    )
      faults.push({ code: "outside", ids: [at.id] });
    loads.set(at.bin, [...(loads.get(at.bin) ?? []), lies]);
  }
  for (const load of loads.values()) {
    faults.push(...overlaps(load));
    if (guillotine && !separable(load))
      faults.push({ code: "notGuillotine", ids: load.map(({ id }) => id) });
  }
  return faults;
}

function overlaps(load: readonly Lies[]): LayoutFault[] {
  const sorted = [...load].sort((a, b) => a.left - b.left);
  const faults: LayoutFault[] = [];
  sorted.forEach((a, i) => {
    for (let j = i + 1; j < sorted.length; j++) {
      const b = sorted[j] as Lies;
      if (b.left >= a.right - CHECK_SLACK_MM) break;
      if (b.top < a.bottom - CHECK_SLACK_MM && a.top < b.bottom - CHECK_SLACK_MM)
        faults.push({ code: "overlap", ids: [a.id, b.id] });
    }
  });
  return faults;
}

/**
 * A set is separable when some straight line parts it without touching a box, and both parts are
 * separable.
 */
function separable(load: readonly Lies[]): boolean {
  if (load.length <= 1) return true;
  for (const [low, high] of [
    ["left", "right"],
    ["top", "bottom"],
  ] as const) {
    const sorted = [...load].sort((a, b) => a[low] - b[low]);
    let reach = Number.NEGATIVE_INFINITY;
    for (let i = 0; i < sorted.length; i++) {
      const box = sorted[i] as Lies;
      if (i > 0 && box[low] >= reach - CHECK_SLACK_MM)
        return separable(sorted.slice(0, i)) && separable(sorted.slice(i));
      reach = Math.max(reach, box[high]);
    }
  }
  return false;
}
