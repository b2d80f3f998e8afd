/**
 * A good: one thing of the studio's shelf, how it is bought, and from when on it is to be bought
 * again.
 */
import * as z from "zod";
import { ADHESIVES } from "../weeding/families.ts";
import { stockSchema, vinylColour, vinylSchema } from "../weeding/vinyl.ts";
import { GOOD_KINDS, MOST_AMOUNT, MOST_OFFERS } from "./good-kinds.ts";

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

/**
 * Same film: whoever takes the one may take the other. Size and how it is sold count, as plans
 * depend on them.
 */
export const sameFilm = (a: FilmFacts, b: FilmFacts): boolean =>
  JSON.stringify(filmFactsSchema.parse(a)).toLowerCase() ===
  JSON.stringify(filmFactsSchema.parse(b)).toLowerCase();

/** Those that make up what a film is; the rest are facts about it that may be learned later. */
export function filmIdentity({ family, colour, stock }: FilmFacts): string {
  return JSON.stringify([family, colour.toLowerCase(), stock]);
}
