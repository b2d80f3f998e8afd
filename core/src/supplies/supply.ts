/**
 * One line of what a class needs besides vinyl, and how it is bought. Money is in integer minor
 * units.
 */
import * as z from "zod";

const amount = z.number().min(0).max(1_000_000);
const money = z.number().int().min(0).max(1_000_000_000);

export const SUPPLY_RULES = ["seat", "table", "every", "shared", "application"] as const;
/**
 * `seat`: per participant and spare; `table`: per table; `every`: one amount for so many seats
 * begun; `shared`: for the room;
 * `application`: pieces of tape, used again up to `uses` times by one seat.
 */
export type SupplyRule = (typeof SUPPLY_RULES)[number];

export const supplySchema = z
  .strictObject({
    id: z.string().regex(/^[a-z][a-z0-9-]{0,40}$/u, "a short id such as transfer-tape"),
    name: z.string().trim().min(1).max(120),
    per: z.enum(SUPPLY_RULES),
    amount: amount.default(1),
    /** For how many seats one amount serves; at a table, how many sit there. */
    seats: z
      .number()
      .int()
      .min(1)
      .max(1000)
      .optional()
      .describe("with table and every: how many seats one amount serves"),
    unit: z.string().max(20).default("piece"),
    /** Without a price what it costs is not known, which is not the same as nothing. */
    pack: z
      .strictObject({ size: z.number().positive().max(1_000_000), price: money.optional() })
      .default({ size: 1 }),
    have: amount.default(0),
    /**
     * How often one thing serves: tape for applications one after another, a tool over its life.
     */
    uses: z.number().int().positive().max(100_000).default(1),
    substitute: z.string().max(200).optional(),
    spares: z.boolean().default(true),
    thing: z
      .string()
      .max(31)
      .optional()
      .describe("of this thing only: counted by how many of it a seat makes"),
  })
  .describe("one line of the materials list");
export type Supply = z.infer<typeof supplySchema>;
