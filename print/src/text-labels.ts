/** Labels of words: for films, blanks, tables and parcels. */
import { LABEL_SHEETS, type LabelSheet, type LabelSheetId, labelAt } from "./label-sheets.ts";
import { addPage, at, cutRound, FAINT, fitted, fittedInto, INK, makePdf, type Pdf, sayOnPage, writeRows } from "./pages.ts";

export interface TextLabel {
  readonly head: string;
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
const LINES = { most: 11, least: 5.5 };

export async function textLabelsPdf(title: string, date: string, id: LabelSheetId, labels: readonly TextLabel[], nothing: string): Promise<Uint8Array> {
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

function drawTextLabel(pdf: Pdf, sheet: LabelSheet, { head, lines, swatch, foot }: TextLabel, place: number): void {
  const { x, y } = labelAt(sheet, place);
  if (sheet.cut) cutRound(pdf, x, y, sheet.width, sheet.height);
  const [width, height] = [at(sheet.width - 2 * INNER), at(sheet.height - 2 * INNER)];
  const [left, top] = [at(x + INNER), at(y + INNER)];
  const beside = swatch ? at(8) : 0;
  const footRows = foot ? fitted(pdf, foot, { face: "body", most: 7.5, least: 5, width, lines: 1 }) : null;
  const room = height - (footRows ? footRows.size * 1.4 : 0);
  const first = head === "" ? null : fitted(pdf, head, { face: "head", most: Math.min(HEAD.most, room / 3), least: HEAD.least, width: width - beside, lines: 2 });
  if (swatch)
    pdf
      .lineWidth(0.4)
      .rect(left, top + 1, at(6), at(6))
      .fillAndStroke(swatch, FAINT);
  pdf.fillColor(INK);
  const below = first ? writeRows(pdf, first, left + beside, top) + 2 : swatch ? at(8) : 0;
  const text = lines.filter((line) => line !== "").join("\n");
  if (text !== "") writeRows(pdf, fittedInto(pdf, text, { width, height: room - below, ...LINES }), left, top + below);
  if (footRows) writeRows(pdf, footRows, left, top + height - footRows.size * 1.32);
}
