"use client";

import { useTransition } from "react";
import { makeSample } from "./actions.ts";
import { sampleClassWords } from "./words.ts";

/** A class with names to look round in, by one press. */
export function SampleClass() {
  const [busy, start] = useTransition();
  return (
    <button
      type="button"
      className="verb min-h-11"
      disabled={busy}
      onClick={() => start(() => makeSample())}
    >
      {sampleClassWords().makingItJustLookRound(busy)}
    </button>
  );
}
