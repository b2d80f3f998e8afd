/** Marks that the server has not heard of yet, kept in the browser until it has: a reload or a closed tab loses none. */

import { type Mark, markSchema } from "@/bench/marks-schema.ts";
import { freshId } from "@/ui/fresh-id.ts";

const PREFIX = "elm-bench";
const keyOf = (bench: string, hands: string): string => `${PREFIX}:${bench}:${hands}`;

function stored(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    // Storage is switched off: marks live as long as the page.
    return null;
  }
}

export function readOutbox(bench: string, hands: string): Mark[] {
  try {
    const read = markSchema.array().safeParse(JSON.parse(stored(keyOf(bench, hands)) ?? "[]"));
    return read.success ? read.data : [];
  } catch {
    return [];
  }
}

export function writeOutbox(bench: string, hands: string, marks: readonly Mark[]): void {
  try {
    if (marks.length === 0) localStorage.removeItem(keyOf(bench, hands));
    else localStorage.setItem(keyOf(bench, hands), JSON.stringify(marks));
  } catch {
    // As above.
  }
}

/** Hands of tabs that were closed before all was told. */
export function leftBehind(bench: string, hands: string): string[] {
  try {
    const begin = `${PREFIX}:${bench}:`;
    return Object.keys(localStorage).flatMap((key) =>
      key.startsWith(begin) && key !== keyOf(bench, hands) ? [key.slice(begin.length)] : [],
    );
  } catch {
    return [];
  }
}

/** One pair of hands a tab: two tabs on one tablet are two. */
export function handsOf(bench: string): string {
  const key = `${PREFIX}-hands:${bench}`;
  try {
    const known = sessionStorage.getItem(key);
    if (known) return known;
    const fresh = freshId();
    sessionStorage.setItem(key, fresh);
    return fresh;
  } catch {
    return freshId();
  }
}
