/** German words for lists of addresses. */
import type { AddressCode, AddressFinding } from "./address-list.ts";

const WORDS: Record<AddressCode, (text: string) => string> = {
  noHeadings: () =>
    "die erste Zeile muss die Spalten nennen: Platz oder Name, dann Straße, PLZ, Ort und, wo es ins Ausland geht, Land",
  noAddress: (text) => `keine Anschrift für ${text}`,
  noSuchSeat: (text) => `einen Platz ${text} gibt es nicht`,
  nobody: (text) =>
    `niemand in diesem Kurs heißt ${text || "so"}: Nennen Sie den Platz in einer eigenen Spalte`,
  ambiguous: (text) =>
    `mehr als ein Platz oder eine Zeile heißt ${text}: Nennen Sie den Platz in einer eigenen Spalte`,
  twice: (text) => `Platz ${text} hat oben schon eine Anschrift; diese wird ausgelassen`,
  unusable: (text) => `nicht zu gebrauchen: ${text}`,
  tooMany: (text) => `mehr als ${text} Zeilen; der Rest wird ausgelassen`,
  unusedColumn: (text) => `die Spalte „${text}“ wird nicht gedruckt`,
  guessed: (text) => `${text}: nur nach dem Vornamen zugeordnet; sehen Sie es nach`,
};

export const sayAddressFinding = ({ line, code, text }: AddressFinding): string =>
  `Zeile ${line}: ${WORDS[code](text)}.`;
