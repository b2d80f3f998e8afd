/** How many controls there are, and how many lie in a row. */
export interface Rows {
  readonly count: number;
  readonly perRow: number;
}

/** @param tops where each control is from the top, px: those of a row are equal */
export function rowsOf(tops: readonly number[]): Rows {
  const second = tops.findIndex((top) => top > (tops[0] ?? 0) + 1);
  return { count: tops.length, perRow: second < 0 ? tops.length : second };
}

/**
 * Where a key goes from one of many controls laid out in rows.
 * @returns the place to go to; null for other keys and where there is none
 */
export function roved(key: string, from: number, { count, perRow }: Rows): number | null {
  const to = {
    ArrowRight: from + 1,
    ArrowLeft: from - 1,
    ArrowDown: from + perRow,
    ArrowUp: from - perRow,
    Home: 0,
    End: count - 1,
  }[key];
  return to === undefined || to < 0 || to >= count || to === from ? null : to;
}
