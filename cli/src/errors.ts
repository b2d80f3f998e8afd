/**
 * The input is unusable: exit 2, one line that says file, field, what is wrong and what would be
 * right.
 */
export class InputError extends Error {}
/** The work could not be done: exit 1. */
export class WorkError extends Error {}
