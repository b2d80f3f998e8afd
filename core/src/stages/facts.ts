/**
 * What of the lettered designs decides minutes, tape and paint: counted, not guessed, once the
 * thing is lettered.
 */
import * as z from "zod";
import { VINYL_FAMILIES } from "../weeding/families.ts";

const count = z.number().min(0);
const mm = z.number().min(0);

const layerFacts = z.strictObject({
  vinyl: z.string(),
  name: z.string(),
  family: z.enum(VINYL_FAMILIES),
  pieces: count.describe("of the median kit"),
});
export type LayerFacts = z.infer<typeof layerFacts>;

export const factsSchema = z.strictObject({
  pieces: count.describe("of the median seat's kits, all films together"),
  insides: count,
  small: count,
  thinnest: mm.describe("thinnest stroke of the set, mm; 0 where none was measured"),
  weedHalf: count.describe("minutes of weeding the median seat's kit takes a practised hand"),
  weedSlow: count.describe("and that of the hard quarter of names"),
  width: mm.describe("of the largest design, mm"),
  height: mm,
  layers: z.array(layerFacts),
  parts: z.number().int().min(1).describe("in which the longest layer is cut"),
  lettersMm2: count.describe(
    "area of the letters of the median seat: painted through a stencil, left bare by a mask",
  ),
  filmWidth: mm.describe(
    "of the film of a stencil with its border, mm; of other designs themselves",
  ),
  filmHeight: mm,
  tape: z
    .strictObject({ rollMm: mm, pieces: count, width: mm, height: mm, across: count })
    .describe("one piece for each seat's whole design, across a roll"),
  counted: z
    .boolean()
    .describe("false where nothing is lettered yet: then it is a design of the usual size"),
});
export type Facts = z.infer<typeof factsSchema>;
