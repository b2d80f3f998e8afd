/**
 * Marks that the server has not heard of yet, kept in the browser until it has: a reload or a
 * closed tab loses none.
 */

import type { Mark } from "@/bench/marks-schema.ts";
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

/**
 * Written by an earlier page of ours: another release may have written it otherwise. The server
 * reads it closely.
 */
const isMark = (value: unknown): value is Mark =>
  typeof value === "object" &&
  value !== null &&
  ["mark", "film", "act", "reason"].every((key) => typeof Reflect.get(value, key) === "string") &&
  ["at", "worked"].every((key) => typeof Reflect.get(value, key) === "number") &&
  Array.isArray(Reflect.get(value, "pieces"));

export function readOutbox(bench: string, hands: string): Mark[] {
  try {
    const read: unknown = JSON.parse(stored(keyOf(bench, hands)) ?? "[]");
    return Array.isArray(read) ? read.filter(isMark) : [];
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
