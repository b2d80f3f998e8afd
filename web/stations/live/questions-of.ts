/**
 * What people are stuck with, as a host answers it: the same question once, however many ask it.
 */
import type { StageState } from "@/live/live-class.ts";

type Mark = StageState["marks"][number];

export interface Question {
  readonly step: string;
  readonly what: string;
  /** Who asks, the first first. */
  readonly seats: readonly { readonly seat: string; readonly at: number }[];
}

/** Those of the step that goes on first; then what most ask; then what has waited longest. */
export function questionsOf(stuck: readonly Mark[], here: string): Question[] {
  const groups = new Map<
    string,
    { step: string; what: string; seats: { seat: string; at: number }[] }
  >();
  for (const { seat, step, what, at } of stuck) {
    const key = JSON.stringify([step, what]);
    const own = groups.get(key) ?? { step, what, seats: [] };
    own.seats.push({ seat, at });
    groups.set(key, own);
  }
  return [...groups.values()]
    .map((own) => ({ ...own, seats: own.seats.sort((a, b) => a.at - b.at) }))
    .sort(
      (a, b) =>
        Number(b.step === here) - Number(a.step === here) ||
        b.seats.length - a.seats.length ||
        (a.seats[0]?.at ?? 0) - (b.seats[0]?.at ?? 0),
    );
}
