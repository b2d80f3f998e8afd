/** What a finished thing goes through: washing, weather, food, and for how long. */
import * as z from "zod";

export const WASHING = ["none", "hand", "dishwasher"] as const;
export const FOOD = ["none", "drink", "served", "worked"] as const;
/** What touches it: lips at a rim, food that lies on it, or dough and hands that work with it. */
export type Food = (typeof FOOD)[number];

export const useSchema = z.strictObject({
  washing: z.enum(WASHING).default("none"),
  outdoors: z.boolean().default(false),
  months: z.number().int().min(1).max(240).default(24).describe("how long it should hold"),
  paintedOver: z.boolean().default(false),
  food: z
    .enum(FOOD)
    .optional()
    .describe(
      "what of food touches it; when left out, cups are drunk from that are washed, or of what one drinks from and not outdoors; nothing else meets food",
    ),
});
export type Use = z.infer<typeof useSchema>;
