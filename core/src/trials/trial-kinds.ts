/** How samples are worn, and how they come out. */
export const WEARS = ["hand", "dishwasher", "weather", "rubbing"] as const;
export type Wear = (typeof WEARS)[number];
/** From nothing to see to gone, in the order in which samples fail. */
export const OUTCOMES = ["held", "faded", "lifting", "off"] as const;
export type Outcome = (typeof OUTCOMES)[number];

export const MOST_SAMPLES = 24;
export const MOST_TRIALS = 300;
