/** Classes that are followed, kept in this process for a moment: a thousand phones that come at once read one class once. */
import type { LiveClass } from "./live-class.ts";
import { liveClass } from "./state.ts";

const KEEP_MS = 4000;

interface Kept {
  readonly at: number;
  readonly live: Promise<LiveClass | null>;
}

const holder = globalThis as typeof globalThis & { elmKeptClasses?: Map<string, Kept> };

export function keptClass(studioId: string, workshopId: string): Promise<LiveClass | null> {
  holder.elmKeptClasses ??= new Map();
  const kept = holder.elmKeptClasses;
  const now = Date.now();
  for (const [key, { at }] of kept) if (now - at > KEEP_MS) kept.delete(key);
  const key = `${studioId} ${workshopId}`;
  const there = kept.get(key);
  if (there) return there.live;
  const live = liveClass(studioId, workshopId);
  kept.set(key, { at: now, live });
  // What failed is not kept.
  live.catch(() => kept.delete(key));
  return live;
}
