/** English words for the shelf. */
import { amountText } from "./amounts.ts";
import type { GoodKind } from "./good-kinds.ts";
import type { GoodsFinding } from "./goods-csv.ts";
import type { MoveKind } from "./ledger.ts";

export const GOOD_WORDS: Record<GoodKind, string> = {
  film: "film",
  tape: "tape",
  blank: "blank",
  paint: "paint",
  part: "part",
  consumable: "consumable",
  packaging: "packaging",
  tool: "tool",
  blade: "blade",
  mat: "mat",
};

export const MOVE_WORDS: Record<MoveKind, string> = {
  received: "came in",
  counted: "counted",
  taken: "used",
  spoiled: "spoiled",
  returned: "came back",
};

const FAULTS: Record<GoodsFinding["code"], (text: string) => string> = {
  noHeadings: () =>
    "no headings found; the first line names the columns, and one of them is “name”",
  noName: () => "no name",
  kind: (text) => `there is no kind “${text}”; kinds are ${Object.keys(GOOD_WORDS).join(", ")}`,
  number: (text) => `not a usable number: ${text}`,
  price: (text) => `not a price: “${text}”`,
  currency: (text) => `the price is in ${text}, the studio reckons in another currency`,
  film: (text) => `not a film: ${text}. A film has a family, a colour such as #1F4E79, and a size`,
  tooManyOffers: (text) => `more offers of ${text} than are kept`,
  tooManyLines: (text) => `more than ${text} goods; the rest is left out`,
  twice: (text) => `${text} is there already, and this line offers nothing new`,
};
export const sayGoodsFinding = ({ line, code, text }: GoodsFinding): string =>
  `Line ${line}: ${FAULTS[code](text)}.`;

/** `3.5`, without needless digits. */
export const tidyAmount = amountText;
/** A unit beside a name. */
export const unitWord = (unit: string): string => unit;
/** `3 rolls`, `1 sheet`; words that are measures stay as they are. */
export function countedIn(amount: number, unit: string): string {
  const plural =
    Math.abs(amount) === 1 || /^(m|cm|mm|g|kg|l|ml|pair)$/u.test(unit) || unit === ""
      ? unit
      : unit.endsWith("s")
        ? unit
        : unit.endsWith("ch") || unit.endsWith("x")
          ? `${unit}es`
          : `${unit}s`;
  return `${tidyAmount(amount)} ${plural}`.trim();
}
