/** A good: one thing of the studio's shelf, how it is bought, and from when on it is to be bought again. */
import { z } from "zod";
import {
  ADHESIVES,
  stockSchema,
  type Vinyl,
  type VinylStock,
  vinylColour,
  vinylSchema,
} from "../weeding/vinyl.ts";

export const GOOD_KINDS = [
  "film",
  "tape",
  "blank",
  "paint",
  "part",
  "consumable",
  "packaging",
  "tool",
  "blade",
  "mat",
] as const;
export type GoodKind = (typeof GOOD_KINDS)[number];

export const MOST_OFFERS = 8;
export const MOST_AMOUNT = 1_000_000;

export const offerSchema = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9]{0,9}$/u),
  /** Where; empty where nobody said. */
  shop: z.string().trim().max(80).default(""),
  size: z.number().positive("more than 0").max(MOST_AMOUNT).default(1),
  /** Of one piece or roll, mm: tapes are compared by their area. */
  each: z
    .strictObject({
      width: z.number().positive().max(10_000),
      height: z.number().positive().max(1_000_000),
    })
    .optional(),
  /** Minor units; without one what it costs is not known, which is not the same as nothing. */
  price: z.number().int().min(0).max(1_000_000_000).optional(),
});
export type Offer = z.infer<typeof offerSchema>;

/** What a film is, apart from its name, its price and how much of it is there. */
export const filmFactsSchema = vinylSchema
  .pick({ family: true, colour: true, turns: true, passes: true })
  .extend({
    backing: vinylColour.optional(),
    adhesive: z.enum(ADHESIVES).optional(),
    finish: vinylSchema.shape.finish,
    proved: vinylSchema.shape.proved,
    stock: z.discriminatedUnion("kind", [
      stockSchema.options[0].omit({ have: true, price: true }),
      stockSchema.options[1].omit({ have: true, price: true }),
      stockSchema.options[2].omit({ have: true, price: true }),
    ]),
  });
export type FilmFacts = z.infer<typeof filmFactsSchema>;

export const goodSchema = z
  .strictObject({
    kind: z.enum(GOOD_KINDS),
    name: z.string().trim().min(1, "Say what it is.").max(120),
    unit: z.string().trim().max(20).default("piece"),
    film: filmFactsSchema.optional(),
    /** The first is the usual one. */
    offers: z.array(offerSchema).max(MOST_OFFERS).default([]),
    /** Buy again when no more than this is free; left out where nobody said. */
    reorderAt: z.number().min(0).max(MOST_AMOUNT).optional(),
  })
  .refine(({ kind, film }) => (kind === "film") === (film !== undefined), {
    message: "a film says what film it is, and nothing else does",
    path: ["film"],
  })
  .refine(({ offers }) => new Set(offers.map(({ id }) => id)).size === offers.length, {
    message: "every offer has an id of its own",
    path: ["offers"],
  });
export type Good = z.infer<typeof goodSchema>;

const USUAL: Offer = { id: "a", shop: "", size: 1 };
/** The offer that is meant, or the usual one. */
export const offerOf = ({ offers }: Pick<Good, "offers">, id?: string | null): Offer =>
  offers.find((offer) => offer.id === id) ?? offers[0] ?? USUAL;

/** The next free id of an offer. */
export function freeOfferId(offers: readonly Offer[]): string {
  for (let n = 0; ; n++) {
    const id = n < 26 ? String.fromCharCode(97 + n) : `o${n}`;
    if (!offers.some((offer) => offer.id === id)) return id;
  }
}

/** What a class document says of a film, taken apart: facts, name and price belong to the shelf. */
export function factsOf({ id: _, name: __, stock, ...rest }: Vinyl): FilmFacts {
  const { have: ___, price: ____, ...form } = stock;
  return filmFactsSchema.parse({ ...rest, stock: form });
}

/** A film of the shelf as class documents name it. */
export function vinylOf(
  id: string,
  { name, film, offers }: Pick<Good, "name" | "offers"> & { readonly film: FilmFacts },
  onHand: number,
  offer?: string | null,
): Vinyl {
  const { price } = offerOf({ offers }, offer);
  return vinylSchema.parse({
    id,
    ...film,
    name,
    stock: { ...film.stock, have: onHand, ...(price === undefined ? {} : { price }) },
  });
}

/** What a good of this form is counted in. */
export const filmUnit = ({ kind }: Pick<VinylStock, "kind">): string =>
  kind === "roll" ? "roll" : "sheet";

/** Same film: whoever takes the one may take the other. Size and how it is sold count, as plans depend on them. */
export const sameFilm = (a: FilmFacts, b: FilmFacts): boolean =>
  JSON.stringify(filmFactsSchema.parse(a)).toLowerCase() ===
  JSON.stringify(filmFactsSchema.parse(b)).toLowerCase();

/** Those that make up what a film is; the rest are facts about it that may be learned later. */
export function filmIdentity({ family, colour, stock }: FilmFacts): string {
  return JSON.stringify([family, colour.toLowerCase(), stock]);
}

/** A first guess of the kind of a material; the host says otherwise on the shelf. */
export function guessKind({
  id,
  name,
  per,
  uses,
}: {
  readonly id: string;
  readonly name: string;
  readonly per: string;
  readonly uses: number;
}): GoodKind {
  const words = `${id} ${name}`.toLowerCase();
  const says = (...stems: string[]) =>
    stems.some((stem) => new RegExp(`\\b${stem}(?:s|es)?\\b`, "u").test(words));
  if (per === "application" || says("transfer tape", "masking tape", "tape")) return "tape";
  if (says("paint", "primer", "varnish", "spray", "sealer", "seal", "medium", "clear coat"))
    return "paint";
  if (says("bag", "box", "envelope", "label", "card", "parcel", "tissue")) return "packaging";
  if (
    says(
      "scraper",
      "hook",
      "gun",
      "brush",
      "scissors",
      "knife",
      "iron",
      "fan",
      "tweezers",
      "ruler",
    ) ||
    uses > 1
  )
    return "tool";
  if (
    id.startsWith("blank") ||
    says(
      "blank",
      "mug",
      "tin",
      "pot",
      "board",
      "bottle",
      "cloche",
      "slate",
      "tag",
      "fob",
      "clipboard",
    )
  )
    return "blank";
  if (says("ring", "lid", "cord", "chain", "screw", "string", "ribbon", "magnet")) return "part";
  return "consumable";
}
