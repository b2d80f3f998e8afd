/** What a blank may get before any film lies on it. */
export const GROUND_WORKS = ["none", "seal", "stain", "paint"] as const;
export const GROUND_BY = ["bought", "host", "class"] as const;
export const GROUND_FACES = ["front", "both", "inside", "back"] as const;
