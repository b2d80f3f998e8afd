/** Limits of variants. */
export const MOST_VARIANTS = 12;
export const [LEAST_SCALE, MOST_SCALE] = [0.25, 4] as const;
