/**
 * fast-check with a fifth of the runs, 40 at most: most faults fall to the first few, and a fault
 * that survives has to sit through all.
 */
import fc from "fast-check";

const assert: typeof fc.assert = (property, given) =>
  fc.assert(property as never, {
    ...given,
    numRuns: Math.min(40, Math.max(5, Math.round((given?.numRuns ?? 100) / 5))),
  });

export * from "fast-check";
export default { ...fc, assert } as typeof fc;
