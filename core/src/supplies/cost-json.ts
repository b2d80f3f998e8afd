import * as z from "zod";
import { COST_KINDS, type Cost } from "./cost.ts";

/** What a class costs, as files and the command line tell it. */
export const costSchema = z.strictObject({
  materials: z.number(),
  labour: z.number().describe("all hours that count"),
  venue: z.number(),
  post: z.number(),
  total: z.number(),
  kinds: z
    .array(z.strictObject({ kind: z.enum(COST_KINDS), minor: z.number() }))
    .describe("the total by what it is spent on; kinds that cost nothing are left out"),
  oneMore: z.number().describe("what one seat more adds, minor units, not rounded"),
  complete: z.boolean().describe("false when something needed has no price"),
  missing: z.array(z.string()).describe("ids of supplies without a price"),
  perSeat: z.number().nullable(),
  price: z.number().nullable(),
  breakEvenSeats: z.number().nullable(),
});

export const costJson = (cost: Cost): z.infer<typeof costSchema> => ({
  ...cost,
  kinds: cost.kinds.map((row) => ({ ...row })),
  oneMore: Math.round(cost.oneMore * 100) / 100,
  missing: [...cost.missing],
});
