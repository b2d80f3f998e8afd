/**
 * What a blank gets before any film lies on it: sanded, sealed, stained or painted, by whom, and
 * how often.
 */
import * as z from "zod";
import { GROUND_BY, GROUND_FACES, GROUND_WORKS } from "./ground-kinds.ts";

export const groundSchema = z
  .strictObject({
    what: z.enum(GROUND_WORKS),
    by: z
      .enum(GROUND_BY)
      .default("host")
      .describe("bought as it is, made by the host before the class, or by participants in it"),
    coats: z.number().int().min(1).max(6).default(1),
    faces: z.enum(GROUND_FACES).default("front"),
    sand: z.boolean().default(true).describe("sanded first; left out where a rough look is wanted"),
  })
  .describe("what the blank gets before the film; worked out from its material when left out");
export type Ground = z.infer<typeof groundSchema>;
