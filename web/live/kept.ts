/**
 * What is read for many at once, kept in this process for a moment: a thousand phones that come
 * together read one class once.
 */
import { readClass } from "../data/class-documents.ts";
import { suppliesOfClass } from "../data/class-goods.ts";
import { withoutStudio, withStudio } from "../data/client.ts";
import { readPlan } from "../data/making.ts";
import { studioWays } from "../data/sign-in.ts";
import { workshopForCode } from "../data/tokens.ts";
import type { LiveClass } from "./live-class.ts";
import { liveClass } from "./state.ts";

const KEEP_MS = 4000;

interface Kept {
  readonly at: number;
  readonly value: Promise<unknown>;
}

const holder = globalThis as typeof globalThis & { elmKept?: Map<string, Kept> };

/** One reading whoever asks; what failed is not kept. */
function once<T>(key: string, read: () => Promise<T>): Promise<T> {
  holder.elmKept ??= new Map();
  const kept = holder.elmKept;
  const now = Date.now();
  for (const [other, { at }] of kept) if (now - at > KEEP_MS) kept.delete(other);
  const there = kept.get(key);
  if (there) return there.value as Promise<T>;
  const value = read();
  kept.set(key, { at: now, value });
  value.catch(() => kept.delete(key));
  return value;
}

export const keptClass = (studioId: string, workshopId: string): Promise<LiveClass | null> =>
  once(`class ${studioId} ${workshopId}`, () => liveClass(studioId, workshopId));

/** The link of participants. */
export const keptLink = (code: string): Promise<{ studioId: string; workshopId: string } | null> =>
  once(`link ${code}`, () =>
    withoutStudio((sql) => workshopForCode(sql, code.slice(0, 60), "follow")),
  );

/** A link was taken back: none is known any more, until it is asked for. */
export function forgetLinks(): void {
  for (const key of holder.elmKept?.keys() ?? [])
    if (key.startsWith("link ")) holder.elmKept?.delete(key);
}

/** What every seat's page is made of. */
export const keptParts = (studioId: string, workshopId: string) =>
  once(`parts ${studioId} ${workshopId}`, () =>
    withStudio(studioId, async (sql) => {
      const stored = await readClass(sql, workshopId);
      const plan = await readPlan(sql, workshopId);
      return stored && plan
        ? {
            document: stored.document,
            placing: plan.placing,
            supplies: await suppliesOfClass(sql, workshopId),
            unit: (await studioWays(sql)).unit,
          }
        : null;
    }),
  );
