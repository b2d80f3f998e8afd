/** When a group goes on to its next step: when all are done, all but one, or three quarters. */
export const GATES = ["all", "allButOne", "threeQuarters"] as const;
export type Gate = (typeof GATES)[number];
/** As many as a class has. */
export const MOST_STEPS = 60;
