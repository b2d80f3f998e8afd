/** The rest of a scrap's box, as one more shape on the floor that stays. */
import { boxOf, type Polygons, rectRing } from "../../geometry/polygon.ts";
import { type Form, formOf, type Grain } from "./form.ts";

/** How far it reaches beyond the box, mm: its top left lies so far above and left of the box's. */
export const ROUND_MM = 12;

interface Rounded {
  /** Of the bin, from the top left of its box. */
  readonly outline: Polygons;
  readonly width: number;
  readonly height: number;
  readonly clearance: number;
}

/** What of the box, and a little beyond, is not the bin: others may touch it. */
export function roundForm(
  { outline, width, height, clearance }: Rounded,
  grain: Grain,
  forms: readonly (readonly Form[])[],
): Form {
  const frame = rectRing(-ROUND_MM, -ROUND_MM, width + ROUND_MM, height + ROUND_MM);
  const polygons = [[frame, ...outline.flat()]];
  const size = { width: width + 2 * ROUND_MM, height: height + 2 * ROUND_MM };
  const level = grain.clearance / 2 - clearance;
  const form = formOf({ ...boxOf(polygons), ...size, polygons }, grain, level);
  // As heavy as one of them: an overlap with it counts as much as one with another.
  const hefts = forms.map((turns) => (turns[0] as Form).heft).sort((a, b) => a - b);
  return { ...form, heft: hefts[Math.floor(hefts.length / 2)] ?? form.heft };
}
