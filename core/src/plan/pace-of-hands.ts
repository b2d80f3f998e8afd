/** Minutes of a practised hand over one kit, beside weeding: first values from practice. */

/** Bag, label, step card and count. */
export const PACK_MINUTES_PER_KIT = 2;
/** Tape laid on its film and rubbed. */
export const TAPE_MINUTES_PER_KIT = 1.5;
