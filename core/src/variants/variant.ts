/**
 * Variants of a project: another season, colourway, size, or the reverse of a panel. Each says only
 * where it differs; the rest is the project's.
 */

import * as z from "zod";
import type { BlankShape } from "../blanks/shape.ts";
import { blankShapeSchema } from "../blanks/shape.ts";
import { isRound } from "../blanks/shape-size.ts";
import type { ClassDocument, Thing } from "../document/document.ts";
import { MOST_THINGS } from "../document/document-kinds.ts";
import { otherSideOf } from "../document/new-thing.ts";
import { withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import { SEASONS } from "../starters/spec.ts";
import type { Schools } from "../studio/settings.ts";
import { USUAL_SCHOOLS } from "../studio/settings-kinds.ts";
import { VINYL_FAMILIES } from "../weeding/families.ts";
import { vinylColour } from "../weeding/vinyl.ts";
import { LEAST_SCALE, MOST_SCALE } from "./limits.ts";

export const variantSchema = z.strictObject({
  id: z.string().regex(/^[a-z][a-z0-9-]{0,19}$/u, "a short id such as autumn"),
  name: z.string().trim().min(1, "Say what it is, such as Autumn or Large.").max(60),
  season: z.enum(SEASONS).default("any"),
  films: z
    .array(
      z.strictObject({
        id: z.string().max(60),
        name: z.string().trim().min(1).max(80),
        family: z.enum(VINYL_FAMILIES),
        colour: vinylColour,
      }),
    )
    .max(12)
    .default([])
    .describe("other films in the place of the project's, by their ids"),
  blanks: z
    .array(z.strictObject({ thing: z.string().max(31), colour: vinylColour }))
    .max(MOST_THINGS)
    .default([])
    .describe("blanks of another colour"),
  scale: z
    .number()
    .min(LEAST_SCALE)
    .max(MOST_SCALE)
    .default(1)
    .describe("every blank so many times as large; the design follows its face"),
  reverse: z.boolean().default(false).describe("flat pieces are made on their other side, too"),
  shopPrice: z
    .number()
    .int()
    .min(0)
    .max(1_000_000_000)
    .optional()
    .describe("what such a thing costs finished in shops, minor units"),
});
export type Variant = z.infer<typeof variantSchema>;

/**
 * The class document that the variant is: steps, materials and tasks follow the change where the
 * project follows a proposal.
 */
export function variantOf(
  project: ClassDocument,
  variant: Variant,
  schools: Schools = USUAL_SCHOOLS,
): ClassDocument {
  const films = new Map(variant.films.map((film) => [film.id, film]));
  const colours = new Map(variant.blanks.map(({ thing, colour }) => [thing, colour]));
  const changed: ClassDocument = {
    ...project,
    title: `${project.title}, ${variant.name}`.slice(0, 120),
    vinyls: project.vinyls.map((vinyl) => {
      const film = films.get(vinyl.id);
      // What the other film costs and how much is there is not known of this one.
      return film
        ? {
            ...vinyl,
            name: film.name,
            family: film.family,
            colour: film.colour,
            stock: unpriced(vinyl.stock),
          }
        : vinyl;
    }),
    things: project.things.map((thing) => ({
      ...thing,
      blank: {
        ...thing.blank,
        colour: colours.get(thing.id) ?? thing.blank.colour,
        shape: scaled(thing.blank.shape, variant.scale),
      },
    })),
    prices: {
      ...project.prices,
      ...(variant.shopPrice === undefined ? {} : { shopPrice: variant.shopPrice }),
    },
  };
  const made = variant.reverse ? { ...changed, things: reversed(changed.things) } : changed;
  return project.proposed ? withProposal(made, propose(made, { schools })) : made;
}

function unpriced<T extends { readonly price?: number | undefined; readonly have: number }>(
  stock: T,
): T {
  const { price: _, ...rest } = stock;
  return { ...rest, have: 0 } as T;
}

/** Flat pieces that have no other side yet get one. */
function reversed(things: readonly Thing[]): Thing[] {
  const all = [...things];
  for (const thing of things) {
    const isPanel =
      thing.sideOf === undefined &&
      !isRound(thing.blank.shape) &&
      !things.some(({ sideOf }) => sideOf === thing.id);
    if (isPanel && all.length < MOST_THINGS) all.push(otherSideOf(all, thing));
  }
  return all;
}

const LENGTHS: ReadonlySet<string> = new Set([
  "width",
  "height",
  "diameter",
  "topDiameter",
  "bottomDiameter",
  "radius",
  "fromTop",
]);

/**
 * Clearances of rim and foot stay: lips are as large at any cup. Rounded to a tenth of a
 * millimetre, as one measures.
 */
export function scaled(shape: BlankShape, scale: number): BlankShape {
  if (scale === 1) return shape;
  const times = (value: number) => Math.round(value * scale * 10) / 10;
  const walk = (value: unknown, key: string): unknown => {
    if (typeof value === "number")
      return LENGTHS.has(key) || key === "outline" ? times(value) : value;
    if (Array.isArray(value)) return value.map((one) => walk(one, key));
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([name, own]) => [name, walk(own, name)]));
  };
  return blankShapeSchema.parse(walk(shape, ""));
}

/**
 * A project's variants that still say something of it: films and things that it has no more are
 * left out.
 */
export const soundVariant = <V extends Pick<Variant, "films" | "blanks">>(
  project: Pick<ClassDocument, "vinyls" | "things">,
  variant: V,
): V => ({
  ...variant,
  films: variant.films.filter(({ id }) => project.vinyls.some((vinyl) => vinyl.id === id)),
  blanks: variant.blanks.filter(({ thing }) => project.things.some(({ id }) => id === thing)),
});

export function freeVariantId(variants: readonly Pick<Variant, "id">[], name: string): string {
  const stem =
    (name.toLowerCase().match(/[a-z0-9]+/gu) ?? [])
      .join("-")
      .replace(/^[^a-z]+/u, "")
      .slice(0, 16)
      .replace(/-$/u, "") || "variant";
  for (let n = 1; ; n++) {
    const id = n === 1 ? stem : `${stem}-${n}`;
    if (!variants.some((one) => one.id === id)) return id;
  }
}
