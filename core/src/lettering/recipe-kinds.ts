/** What kinds of things a recipe knows, and what is usual of them. */
export const MARKS = ["asDrawn", "joined", "bridged", "dropped"] as const;
export type MarkRule = (typeof MARKS)[number];

export const RUNS = ["across", "down", "up", "stacked"] as const;
export type Run = (typeof RUNS)[number];
export const SHAPE_FORMS = ["line", "dot", "star", "ring", "frame"] as const;

/** A painted stencil until the host says otherwise. */
export const USUAL_STENCIL = {
  islands: "onTape",
  bridgeMm: 2,
  filmMargin: 15,
  angles: {},
} as const;
