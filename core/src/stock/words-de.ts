/** German words for the shelf. */
import { withComma } from "../units/comma.ts";
import { amountText } from "./amounts.ts";
import type { GoodKind } from "./good-kinds.ts";
import type { GoodsFinding } from "./goods-csv.ts";
import type { MoveKind } from "./ledger.ts";

export const GOOD_WORDS: Record<GoodKind, string> = {
  film: "Folie",
  tape: "Transferfolie",
  blank: "Rohling",
  paint: "Farbe",
  part: "Zubehör",
  consumable: "Verbrauchsmaterial",
  packaging: "Verpackung",
  tool: "Werkzeug",
  blade: "Messer",
  mat: "Matte",
};

export const MOVE_WORDS: Record<MoveKind, string> = {
  received: "gekommen",
  counted: "gezählt",
  taken: "verbraucht",
  spoiled: "verdorben",
  returned: "zurückgekommen",
};

const FAULTS: Record<GoodsFinding["code"], (text: string) => string> = {
  noHeadings: () =>
    "keine Überschriften gefunden; die erste Zeile nennt die Spalten, und eine davon ist „name“",
  noName: () => "kein Name",
  kind: (text) =>
    `die Art „${text}“ gibt es nicht; die Arten heißen in der Datei ${KINDS.join(", ")}`,
  number: (text) => `keine brauchbare Zahl: ${text}`,
  price: (text) => `kein Preis: „${text}“`,
  currency: (text) => `der Preis ist in ${text}, das Studio rechnet in einer anderen Währung`,
  film: (text) =>
    `keine Folie: ${text}. Eine Folie hat eine Familie, eine Farbe wie #1F4E79 und eine Größe`,
  tooManyOffers: (text) => `mehr Angebote für ${text}, als aufbewahrt werden`,
  tooManyLines: (text) => `mehr als ${text} Waren; der Rest wird ausgelassen`,
  twice: (text) => `${text} gibt es schon, und diese Zeile bietet nichts Neues`,
};
/** As a file says them, in whatever language they are read. */
const KINDS = Object.keys(GOOD_WORDS);

export const sayGoodsFinding = ({ line, code, text }: GoodsFinding): string =>
  `Zeile ${line}: ${FAULTS[code](text)}.`;

/** `3,5`, without needless digits. */
export const tidyAmount = (amount: number): string => withComma(amountText(amount));
/** A unit beside a name. */
export const unitWord = (unit: string): string => unitFor(1, unit);

/** `3 Rollen` where the unit is known, else as the studio wrote it. */
export function countedIn(amount: number, unit: string): string {
  return `${tidyAmount(amount)} ${unitFor(amount, unit)}`.trim();
}

function unitFor(amount: number, unit: string): string {
  const words = Object.hasOwn(UNITS, unit) ? UNITS[unit] : undefined;
  if (!words) return unit;
  return Math.abs(amount) === 1 ? words.one : words.many;
}

/** Units that the application gives by itself; a studio's own stay as they were written. */
const UNITS: Readonly<Record<string, { readonly one: string; readonly many: string }>> = {
  piece: { one: "Stück", many: "Stück" },
  sheet: { one: "Bogen", many: "Bogen" },
  roll: { one: "Rolle", many: "Rollen" },
  bottle: { one: "Flasche", many: "Flaschen" },
  box: { one: "Schachtel", many: "Schachteln" },
  can: { one: "Dose", many: "Dosen" },
  pot: { one: "Topf", many: "Töpfe" },
  length: { one: "Länge", many: "Längen" },
  pack: { one: "Packung", many: "Packungen" },
  pair: { one: "Paar", many: "Paar" },
};
