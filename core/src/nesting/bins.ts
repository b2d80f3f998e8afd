/** What is laid on: sheets, counted from 1, one strip without end, or scraps by their own ids. */

export type SheetBin = `sheet-${number}`;
export const STRIP = "strip";

const SHEET = /^sheet-([1-9]\d*)$/u;

export const sheetBin = (n: number): SheetBin => `sheet-${n}`;
/** Which sheet it is, from 1; null for the strip and for scraps. */
export const sheetNumber = (bin: string): number | null => {
  const n = SHEET.exec(bin)?.[1];
  return n === undefined ? null : Number(n);
};
/** What no scrap may be called. */
export const isFresh = (bin: string): boolean => bin === STRIP || /^sheet-/u.test(bin);
