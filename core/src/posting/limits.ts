/** Limits of what is posted, and how they are said. */
export const MOST_TRAVEL_DAYS = 120;
export const MOST_KEEP_DAYS = 365;

export const ADDRESS_LIMITS = { name: 120, line: 80, lines: 6, country: 60 } as const;

export const ADDRESS_WORDS = {
  name: "whose parcel it is",
  lines: "at least a street or a town",
  manyLines: `${ADDRESS_LIMITS.lines} lines at most`,
} as const;
