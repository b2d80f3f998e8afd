/** German words for what the reading of a list noticed. */
import { LONGEST_FIELD, MOST_SEATS, type RosterFinding } from "./roster.ts";

const WORDS: Record<RosterFinding["code"], (text: string) => string> = {
  emptyLine: () => "eine leere Zeile wurde übergangen",
  extraCells: (text) => `„${text}“ steht hinter der letzten Spalte und wurde ausgelassen`,
  sameSeat: (text) => `Platz ${text} gibt es zweimal; geben Sie jeder Zeile einen eigenen Platz`,
  tooLong: (text) => `„${text}…“ ist länger als ${LONGEST_FIELD} Buchstaben und wurde gekürzt`,
  tooManyRows: (text) =>
    `${text} Personen; ein Kurs fasst höchstens ${MOST_SEATS}: Machen Sie zwei Kurse daraus`,
  noName: () => "es gibt keinen Namen",
  spaces: (text) => `in „${text}“ steht mehr als ein Leerzeichen`,
  controlCharacters: (text) => `versteckte Zeichen wurden aus „${text}“ entfernt`,
  lineBreak: (text) => `ein Zeilenumbruch wurde als Leerzeichen gelesen: „${text}“`,
  openQuote: (text) => `ein Anführungszeichen wird geöffnet und nie geschlossen: ${text}`,
  titleLine: (text) => `„${text}“ wurde als Titel genommen`,
  unusedColumn: (text) => `die Spalte „${text}“ wird nicht benutzt`,
  headerUnsure: (text) =>
    `„${text}“ sind vielleicht Überschriften: Sagen Sie, was die Spalten sind`,
  nobody: () => "es steht niemand darin",
};

export const sayRosterFinding = ({ line, code, text }: RosterFinding): string =>
  `Zeile ${line}: ${WORDS[code](text)}.`;
