/**
 * What belongs into a seat's bag and into the box for the room, line by line: each is put in, or
 * its lack is noted.
 */

import type { Supply } from "../supplies/supply.ts";
import { comesBack, kitTakes, roomTakes } from "./taking.ts";

/** A film of the seat's decals, as the plan has it. */
export interface BagFilm {
  readonly film: string;
  readonly thing: string;
  readonly copy: number;
  readonly vinyl: string;
  readonly pieces: number;
  readonly ready: boolean;
}

export type BagLine =
  | { readonly id: string; readonly what: "film"; readonly film: BagFilm }
  | {
      readonly id: string;
      readonly what: "material";
      readonly name: string;
      readonly unit: string;
      readonly amount: number;
      readonly comesBack: boolean;
    };

const filmLine = (film: BagFilm): BagLine => ({ id: `film:${film.film}`, what: "film", film });
const supplyLine = ({ id, name, unit, ...supply }: Supply, amount: number): BagLine => ({
  id: `line:${id}`,
  what: "material",
  name,
  unit,
  amount,
  comesBack: comesBack(supply),
});

/**
 * The decals first: a bag that lacks one is of no use. `count` says how many of a thing the seat
 * makes.
 */
export function bagOf(
  films: readonly BagFilm[],
  supplies: readonly Supply[],
  count: (thing: string) => number,
): BagLine[] {
  const takes = kitTakes(supplies, count);
  return [
    ...films.map(filmLine),
    ...supplies.flatMap((supply) =>
      takes.has(supply.id) ? [supplyLine(supply, takes.get(supply.id) ?? 0)] : [],
    ),
  ];
}

/** What is shared or comes back, and the spares. `need` and `made` as for what the room takes. */
export function roomBox(
  supplies: readonly Supply[],
  need: (line: string) => number,
  made: (thing: string | undefined) => readonly number[],
): BagLine[] {
  const takes = roomTakes(supplies, need, made);
  return supplies.flatMap((supply) => {
    const amount = comesBack(supply) ? need(supply.id) : (takes.get(supply.id) ?? 0);
    return amount > 0 ? [supplyLine(supply, amount)] : [];
  });
}

export type BagMarks = ReadonlyMap<string, "in" | "lack">;

/** What is neither in nor noted as lacking: before that is said the bag stays open. */
export const openLines = (lines: readonly BagLine[], marks: BagMarks): BagLine[] =>
  lines.filter(({ id }) => !marks.has(id));
export const lackingLines = (lines: readonly BagLine[], marks: BagMarks): BagLine[] =>
  lines.filter(({ id }) => marks.get(id) === "lack");

/** Whose label it is: two classes of one day have seats of one number. */
export interface LabelledClass {
  readonly title: string;
  readonly date: string;
}

/** Tells titles apart: FNV-1a (Fowler, Noll and Vo), 32 bits, over the code units. */
const checkOf = (title: string): string =>
  [...title]
    .reduce(
      (hash, sign) => Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 0x01000193) >>> 0,
      0x811c9dc5,
    )
    .toString(36);

/**
 * What stands in the QR code of a kit's label: the day of its class, its seat, and a check of the
 * class's title.
 */
export const bagCode = ({ title, date }: LabelledClass, seat: string): string =>
  `EB/${date}/${seat}/${checkOf(title)}`;

export type ReadCode =
  | { readonly ok: true; readonly seat: string }
  | { readonly ok: false; readonly why: "foreign" | "otherClass"; readonly date: string };

/** Reads what a camera or a scanner read. */
export function readBagCode(text: string, own: LabelledClass): ReadCode {
  const [mark, day = "", seat = "", check = "", ...more] = text.trim().split("/");
  if (mark !== "EB" || seat === "" || check === "" || more.length > 0)
    return { ok: false, why: "foreign", date: "" };
  return day === own.date && check === checkOf(own.title)
    ? { ok: true, seat }
    : { ok: false, why: "otherClass", date: day };
}
