/** What is asked when there is no class yet. */
import * as z from "zod";
import { MATERIALS } from "../blanks/blank-kinds.ts";
import { blankShapeSchema } from "../blanks/shape.ts";
import { VINYL_FAMILIES } from "../weeding/families.ts";
import { TECHNIQUES } from "../weeding/techniques.ts";
import { vinylColour } from "../weeding/vinyl.ts";
import { MOST_NAMES } from "./limits.ts";

export const questionSchema = z.strictObject({
  blank: z.strictObject({
    name: z.string().trim().min(1, "Say what it is, such as mug or board.").max(120),
    material: z.enum(MATERIALS),
    colour: vinylColour,
    shape: blankShapeSchema,
  }),
  technique: z.enum(TECHNIQUES),
  family: z.enum(VINYL_FAMILIES),
  words: z
    .array(z.string().trim().min(1).max(60))
    .min(1, "Give at least one name or word.")
    .max(40)
    .describe("names that are to go on it; each comes as often as the others"),
  names: z.number().int().min(1).max(MOST_NAMES),
});
export type Question = z.infer<typeof questionSchema>;
