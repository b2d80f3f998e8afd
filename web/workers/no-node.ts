/**
 * Stands for Node's own modules in the browser: the shaper's loader names one, and never uses it
 * there.
 */
export const createRequire = undefined;
