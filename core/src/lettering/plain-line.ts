import type { TextItem } from "./recipe.ts";

/** What a new line of text starts from, but for its words, font and vinyl. */
export const PLAIN_LINE = {
  kind: "text",
  by: "capHeight",
  align: "centre",
  letterCase: "asTyped",
  trackingEm: 0,
  join: false,
  nudges: {},
  marks: "asDrawn",
  thickenMm: 0,
  openCountersMm: 0,
  mayNarrow: false,
  run: "across",
} as const satisfies Partial<TextItem>;
