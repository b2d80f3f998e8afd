/** Minutes of a practised hand over one kit, beside weeding: first values from practice. */

/** Bag, label, step card and count. */
export const PACK_MINUTES_PER_KIT = 2;
/** Tape laid on its film and rubbed. */
export const TAPE_MINUTES_PER_KIT = 1.5;
/** A parcel closed, addressed and handed in; a first guess. */
export const POST_MINUTES_PER_PARCEL = 1;
/** The way to the post and back, for each day on which something has to go; a first guess. */
export const POST_TRIP_MINUTES = 20;
/** Shops opened, and each thing looked up, ordered and written down; first guesses. */
export const ORDER_MINUTES = 5;
export const ORDER_MINUTES_PER_THING = 1;
/** Labels and cards out of the printer and cut apart; a first guess. */
export const PRINT_MINUTES = 15;
