"use client";

import { fetchedWords } from "./words.ts";

/** Stands in until it is there; seen only where that takes a while. */
export function Fetching() {
  return (
    <p
      role="status"
      className="appears-late fixed right-4 bottom-4 z-50 border border-rule-strong bg-paper px-4 py-2"
    >
      {fetchedWords().oneMomentWithoutNetwork}
    </p>
  );
}
