/** English words for what the reading of a list noticed. */
import { LONGEST_FIELD, MOST_SEATS, type RosterFinding } from "./roster.ts";

const WORDS: Record<RosterFinding["code"], (text: string) => string> = {
  emptyLine: () => "an empty line was passed over",
  extraCells: (text) => `“${text}” stands beyond the last column and was left out`,
  sameSeat: (text) => `seat ${text} is there twice; give every line its own seat`,
  tooLong: (text) => `“${text}…” is longer than ${LONGEST_FIELD} letters and was cut short`,
  tooManyRows: (text) =>
    `${text} people; a class holds at most ${MOST_SEATS}: make two classes of it`,
  noName: () => "there is no name",
  spaces: (text) => `there is more than one space in “${text}”`,
  controlCharacters: (text) => `hidden characters were taken out of “${text}”`,
  lineBreak: (text) => `a line break was read as a space: “${text}”`,
  openQuote: (text) => `a quotation mark is opened and never closed: ${text}`,
  titleLine: (text) => `“${text}” was taken for a title`,
  unusedColumn: (text) => `the column “${text}” is not used`,
  headerUnsure: (text) => `“${text}” may be headings: say what the columns are`,
  nobody: () => "there is nobody in it",
};

export const sayRosterFinding = ({ line, code, text }: RosterFinding): string =>
  `Line ${line}: ${WORDS[code](text)}.`;
