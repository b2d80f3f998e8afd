/** What a host says about money. Integer minor units. */
import * as z from "zod";

export const pricesSchema = z.strictObject({
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/u, "three letters such as GBP")
    .default("GBP"),
  hourlyRate: z.number().int().min(0).max(10_000_000).default(0),
  venue: z.number().int().min(0).max(1_000_000_000).default(0),
  margin: z.number().min(0).max(0.95).default(0.3).describe("share of the price that is to remain"),
  seatPrice: z.number().int().min(0).max(1_000_000_000).optional(),
  shopPrice: z
    .number()
    .int()
    .min(0)
    .max(1_000_000_000)
    .optional()
    .describe("what such a thing costs finished in shops"),
  countsClass: z
    .boolean()
    .optional()
    .describe("whether the hours of the class itself are paid, too"),
  minutesAfter: z
    .number()
    .int()
    .min(0)
    .max(1440)
    .optional()
    .describe("clearing up and writing down after the class, paid as the rest"),
  post: z.number().int().min(0).max(1_000_000_000).optional().describe("postage of one kit"),
  budget: z
    .number()
    .int()
    .min(0)
    .max(1_000_000_000)
    .optional()
    .describe("what a seat may cost at most"),
});
export type Prices = z.infer<typeof pricesSchema>;
