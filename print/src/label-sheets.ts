/**
 * Sheets of labels as they are sold, and paper to be cut apart: where each label lies, mm from the
 * page's top left.
 */
import type { Paper } from "./pages.ts";

export interface LabelSheet {
  readonly paper: Paper;
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  /** Between two columns; rows stand edge to edge. */
  readonly gap: number;
  /** Plain paper: lines to cut along are printed. */
  readonly cut: boolean;
}

const sheet = (
  paper: Paper,
  columns: number,
  rows: number,
  width: number,
  height: number,
  left: number,
  top: number,
  gap: number,
  cut = false,
): LabelSheet => ({
  paper,
  columns,
  rows,
  width,
  height,
  left,
  top,
  gap,
  cut,
});

export const LABEL_SHEETS = {
  "a4-cut-8": sheet("a4", 2, 4, 95, 69.25, 10, 10, 0, true),
  "a4-14": sheet("a4", 2, 7, 99.1, 38.1, 4.65, 15.15, 2.5),
  "a4-18": sheet("a4", 3, 6, 63.5, 46.6, 7.25, 8.7, 2.5),
  "a4-21": sheet("a4", 3, 7, 63.5, 38.1, 7.25, 15.15, 2.5),
  "a4-24": sheet("a4", 3, 8, 70, 37, 0, 0.5, 0),
  "a4-65": sheet("a4", 5, 13, 38.1, 21.2, 4.75, 10.7, 2.5),
  "letter-cut-8": sheet("letter", 2, 4, 97.95, 64.85, 10, 10, 0, true),
  "letter-6": sheet("letter", 2, 3, 101.6, 84.66, 3.97, 12.7, 4.76),
  "letter-10": sheet("letter", 2, 5, 101.6, 50.8, 3.97, 12.7, 4.76),
  "letter-30": sheet("letter", 3, 10, 66.67, 25.4, 4.76, 12.7, 3.18),
} as const satisfies Record<string, LabelSheet>;
export type LabelSheetId = keyof typeof LABEL_SHEETS;

export const isLabelSheet = (id: string): id is LabelSheetId => Object.hasOwn(LABEL_SHEETS, id);

/** What every printer has: paper to cut apart. */
export const usualSheet = (paper: Paper): LabelSheetId =>
  paper === "a4" ? "a4-cut-8" : "letter-cut-8";

/** A picture of the decal and all that is in the bag need room. */
export const KIT_SHEETS: readonly LabelSheetId[] = [
  "a4-cut-8",
  "a4-14",
  "a4-18",
  "a4-21",
  "a4-24",
  "letter-cut-8",
  "letter-6",
  "letter-10",
];
/** An address that a post can read has no room on the smallest. */
export const ADDRESS_SHEETS: readonly LabelSheetId[] = [...KIT_SHEETS, "letter-30"];
export const ALL_SHEETS = Object.keys(LABEL_SHEETS) as readonly LabelSheetId[];

const size = (mm: number, paper: Paper): string =>
  paper === "a4" ? `${Number(mm.toFixed(1))}` : `${Number((mm / 25.4).toFixed(2))}`;

/** `A4, 21 of 63.5 × 38.1 mm`; of Letter in inches. */
export function sheetWords(id: LabelSheetId): string {
  const { paper, columns, rows, width, height, cut } = LABEL_SHEETS[id];
  return `${paper === "a4" ? "A4" : "Letter"}, ${columns * rows} of ${size(width, paper)} × ${size(height, paper)} ${paper === "a4" ? "mm" : "in"}${cut ? ", plain paper to cut apart" : ""}`;
}

/** Top left of a label by its number on the page. */
export const labelAt = (
  { columns, width, height, left, top, gap }: LabelSheet,
  place: number,
): { readonly x: number; readonly y: number } => ({
  x: left + (place % columns) * (width + gap),
  y: top + Math.floor(place / columns) * height,
});
