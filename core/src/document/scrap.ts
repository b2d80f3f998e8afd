/** Scraps: film left from earlier cutting, of any shape, with a label. */
import * as z from "zod";
import { polygonArea } from "../geometry/polygon.ts";
import { vinylId } from "../weeding/vinyl-id.ts";
import { scrapPolygon } from "./scrap-polygon.ts";

const coordinate = z.number().min(-100_000).max(100_000);
const ringSchema = z
  .array(z.tuple([coordinate, coordinate]))
  .min(3, "an outline has at least three corners")
  .max(400);
/** Smaller than a thumbnail is no scrap, mm². */
export const LEAST_SCRAP_MM2 = 100;

export const scrapSchema = z
  .strictObject({
    label: z
      .string()
      .trim()
      .regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/u, "a label such as K-07"),
    vinyl: vinylId,
    outline: ringSchema,
    holes: z.array(ringSchema).max(20).default([]),
    bought: z
      .string()
      .regex(/^\d{4}-\d{2}-\d{2}$/u, "a date like 2026-12-05")
      .optional(),
    later: z
      .boolean()
      .default(false)
      .describe("came into the box after cutting began: only for what is cut again"),
  })
  .refine((scrap) => polygonArea(scrapPolygon(scrap)) >= LEAST_SCRAP_MM2, {
    message: `an outline round at least ${LEAST_SCRAP_MM2} mm²`,
    path: ["outline"],
  });
export type Scrap = z.infer<typeof scrapSchema>;
