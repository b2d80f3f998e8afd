import type { Language } from "./language.ts";

/** Set on the server, where every request has a reader of its own. */
const holder = globalThis as typeof globalThis & { elmReads?: () => Language };

export function readersTongue(): Language {
  if (typeof document === "undefined") return holder.elmReads?.() ?? "en";
  return document.documentElement.lang === "de" ? "de" : "en";
}

/** How every request's reader is found. */
export function readsBy(find: () => Language): void {
  holder.elmReads = find;
}
