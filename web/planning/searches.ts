/**
 * Searches for tighter layouts that go on while the host does something else: one a studio, stopped
 * by hand or after a while. Those of several studios take turns.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Improvement } from "@elm-basket/core/plan/improve.ts";
import { searchLayouts } from "./compute.ts";
import { fontsOf } from "./fonts-of.ts";
import { Turns } from "./turns.ts";

interface Search {
  readonly classId: string;
  readonly since: number;
  readonly stop: AbortController;
  latest: Improvement | null;
  running: boolean;
}

export interface SearchStatus {
  readonly running: boolean;
  readonly seconds: number;
  readonly round: number;
  readonly plannedMm2: number;
  readonly bestMm2: number;
  readonly loads: number;
}

/** A host who went home must not keep the machine busy. */
const LONGEST_MS = 10 * 60_000;
const holder = globalThis as typeof globalThis & {
  elmSearches?: Map<string, Search>;
  elmTurns?: Turns;
};

function searches(): Map<string, Search> {
  holder.elmSearches ??= new Map();
  return holder.elmSearches;
}

/** False when the studio already searches. */
export async function beginSearch(
  studioId: string,
  classId: string,
  document: ClassDocument,
): Promise<boolean> {
  if (searches().get(studioId)?.running) return false;
  const search: Search = {
    classId,
    since: Date.now(),
    stop: new AbortController(),
    latest: null,
    running: true,
  };
  searches().set(studioId, search);
  const fonts = await fontsOf(studioId, document);
  const tooLong = setTimeout(() => search.stop.abort(), LONGEST_MS);
  tooLong.unref();
  holder.elmTurns ??= new Turns();
  void holder.elmTurns
    .take(async (giveWay) => {
      const { signal } = search.stop;
      const before = search.latest;
      if (signal.aborted) return false;
      await searchLayouts(document, fonts, before, { stop: signal, giveWay }, (step) => {
        search.latest = step;
      });
      // Where there is nothing to lay no round comes, and no turn after this one helps.
      return search.latest !== before;
    })
    // Stopping ends the thread, which is told as a failure; so is a thread that broke. What was
    // found until then counts.
    .catch(() => undefined)
    .finally(() => {
      search.running = false;
      clearTimeout(tooLong);
    });
  return true;
}

export function searchStatus(studioId: string, classId: string): SearchStatus | null {
  const search = searches().get(studioId);
  if (search?.classId !== classId) return null;
  const { latest } = search;
  return {
    running: search.running,
    seconds: Math.round((Date.now() - search.since) / 1000),
    round: latest?.round ?? 0,
    plannedMm2: latest?.plannedMm2 ?? 0,
    bestMm2: latest?.bestMm2 ?? 0,
    loads: latest?.loads ?? 0,
  };
}

/** Ends the search and hands over the best it found; null when there is none. */
export function endSearch(studioId: string, classId: string): Improvement | null {
  const search = searches().get(studioId);
  if (search?.classId !== classId) return null;
  search.stop.abort();
  searches().delete(studioId);
  return search.latest;
}
