/**
 * Where a key goes from one of many controls laid out in rows.
 * @param tops where each is from the top, px: those of a row are equal
 * @returns the place to go to; null for other keys and where there is none
 */
export function roved(key: string, from: number, tops: readonly number[]): number | null {
  const second = tops.findIndex((top) => top > (tops[0] ?? 0) + 1);
  const perRow = second < 0 ? tops.length : second;
  const to = {
    ArrowRight: from + 1,
    ArrowLeft: from - 1,
    ArrowDown: from + perRow,
    ArrowUp: from - perRow,
    Home: 0,
    End: tops.length - 1,
  }[key];
  return to === undefined || to < 0 || to >= tops.length || to === from ? null : to;
}
