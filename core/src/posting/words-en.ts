/** English words for lists of addresses. */
import type { AddressCode, AddressFinding } from "./address-list.ts";

const WORDS: Record<AddressCode, (text: string) => string> = {
  noHeadings: () =>
    "the first line has to name the columns: seat or name, then street, postcode, town and, where it is abroad, country",
  noAddress: (text) => `no address for ${text}`,
  noSuchSeat: (text) => `there is no seat ${text}`,
  nobody: (text) =>
    `nobody in this class is called ${text || "so"}: say the seat in a column of its own`,
  ambiguous: (text) =>
    `more than one seat or line is called ${text}: say the seat in a column of its own`,
  twice: (text) => `seat ${text} has an address above; this one is left out`,
  unusable: (text) => text,
  tooMany: (text) => `more than ${text} lines; the rest is left out`,
  unusedColumn: (text) => `the column “${text}” is not printed`,
  guessed: (text) => `${text}: taken by the first name alone; look at it`,
};

export const sayAddressFinding = ({ line, code, text }: AddressFinding): string =>
  `Line ${line}: ${WORDS[code](text)}.`;
