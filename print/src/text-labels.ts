/** Labels of words: for films, blanks, tables and parcels. */
import { LABEL_SHEETS, type LabelSheet, type LabelSheetId, labelAt } from "./label-sheets.ts";
import {
  addPage,
  at,
  canWriteAll,
  cutRound,
  FAINT,
  type Fitted,
  fitted,
  INK,
  makePdf,
  type Pdf,
  sayOnPage,
  writeRows,
} from "./pages.ts";

export interface TextLabel {
  readonly head: string;
  /** What stands there instead where no face here has the letters of the head. */
  readonly insteadOfHead?: string;
  readonly lines: readonly string[];
  /** A colour to show beside the head. */
  readonly swatch?: string;
  /** In small letters at the foot. */
  readonly foot?: string;
}

/** Room inside a label, mm: printers and peeling are not exact. */
const INNER = 3;
/** Sizes, points: the head is read at arm's length where there is room for it. */
const HEAD = { most: 17, least: 6 };
const LINES = { most: 11, least: 5 };
const FOOT = { most: 7.5, least: 5 };
const LEAST_SHARE = 0.4;
/** A line to write on: boxes would tell nobody anything. */
const BY_HAND = "____________________";

export async function textLabelsPdf(
  title: string,
  date: string,
  id: LabelSheetId,
  labels: readonly TextLabel[],
  nothing: string,
): Promise<Uint8Array> {
  const sheet = LABEL_SHEETS[id];
  return makePdf(title, date, (pdf) => {
    if (labels.length === 0) sayOnPage(pdf, nothing);
    labels.forEach((label, index) => {
      const place = index % (sheet.columns * sheet.rows);
      if (place === 0) addPage(pdf, sheet.paper);
      drawTextLabel(pdf, sheet, label, place);
    });
  });
}

function drawTextLabel(pdf: Pdf, sheet: LabelSheet, label: TextLabel, place: number): void {
  const { x, y } = labelAt(sheet, place);
  if (sheet.cut) cutRound(pdf, x, y, sheet.width, sheet.height);
  const [left, top] = [at(x + INNER), at(y + INNER)];
  const [width, height] = [at(sheet.width - 2 * INNER), at(sheet.height - 2 * INNER)];
  const { first, text, foot, below } = setWithin(pdf, label, width, height);
  if (label.swatch)
    pdf
      .lineWidth(0.4)
      .rect(left, top + 1, at(SWATCH_MM), at(SWATCH_MM))
      .fillAndStroke(label.swatch, FAINT);
  pdf.fillColor(INK);
  if (first) writeRows(pdf, first, left + besideOf(label), top);
  if (text) writeRows(pdf, text, left, top + below);
  if (foot) writeRows(pdf, foot, left, top + height - foot.size * 1.32);
}

const SWATCH_MM = 6;
const besideOf = ({ swatch }: TextLabel): number => (swatch ? at(SWATCH_MM + 2) : 0);

interface SetLabel {
  readonly first: Fitted | null;
  readonly text: Fitted | null;
  readonly foot: Fitted | null;
  /** Where the lines begin, points from the top. */
  readonly below: number;
}

/**
 * Head, lines and foot together in the largest letters with which all of them have room; at the
 * smallest, what has none is left out at the end.
 */
function setWithin(pdf: Pdf, label: TextLabel, width: number, height: number): SetLabel {
  const { lines, foot } = label;
  const head = canWriteAll(pdf, label.head) ? label.head : (label.insteadOfHead ?? BY_HAND);
  const words = lines
    .filter((line) => line !== "")
    .map((line) => (canWriteAll(pdf, line) ? line : BY_HAND))
    .join("\n");
  const footRows = foot
    ? fitted(pdf, foot, { face: "body", most: FOOT.most, least: FOOT.least, width, lines: 1 })
    : null;
  const room = height - (footRows ? footRows.size * 1.32 : 0);
  for (let share = 1; ; share -= 0.05) {
    const last = share <= LEAST_SHARE;
    const first =
      head === ""
        ? null
        : fitted(pdf, head, {
            face: "head",
            most: Math.max(HEAD.least, HEAD.most * share),
            least: HEAD.least,
            width: width - besideOf(label),
            lines: 2,
          });
    const headHeight = first ? first.rows.length * first.size * 1.32 + 1 : 0;
    const below = Math.max(headHeight, label.swatch ? at(SWATCH_MM + 1) : 0);
    const size = Math.max(LINES.least, LINES.most * share);
    const text =
      words === ""
        ? null
        : fitted(pdf, words, {
            face: "body",
            most: size,
            least: size,
            width,
            lines: Math.max(1, Math.floor((room - below) / (size * 1.32))),
          });
    if (last || (!text?.cut && !first?.cut && below < room))
      return { first, text, foot: footRows, below };
  }
}
