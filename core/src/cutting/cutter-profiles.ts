/** Cutters and mats to begin from: data, not code. */
import type { Cutter } from "./cutter.ts";
import { USUAL_CUTTER } from "./usual-cutter.ts";

export interface CutterProfile {
  readonly id: string;
  readonly cutter: Cutter;
  /** How far the machine reaches if one dares: beyond what is planned with, mm. */
  readonly most: { readonly width: number; readonly height: number };
}
const IN = 25.4;
const profile = (
  id: string,
  own: Partial<Cutter> & Pick<Cutter, "name" | "cutWidth" | "cutHeight">,
  most?: CutterProfile["most"],
): CutterProfile => {
  const { name, cutWidth, cutHeight, ...rest } = own;
  const cutter = { name, cutWidth, cutHeight, ...USUAL_CUTTER, ...rest };
  return { id, cutter, most: most ?? { width: cutter.cutWidth, height: cutter.cutHeight } };
};
/**
 * What people cut with, to begin from: about a quarter inch round a mat is never cut; on the long
 * mat a little more is left than the machine asks for.
 */
export const CUTTER_PROFILES: readonly CutterProfile[] = [
  profile("small", {
    name: "Small matted cutter, 12 in mat",
    cutWidth: 11.5 * IN,
    cutHeight: 11.5 * IN,
  }),
  profile(
    "long",
    {
      name: "Small matted cutter, 24 in mat",
      cutWidth: 11.5 * IN,
      cutHeight: 23.2 * IN,
      loadMinutes: 3,
    },
    { width: 11.5 * IN, height: 23.4 * IN },
  ),
  profile("narrow", {
    name: "Narrow cutter, with its mat",
    cutWidth: 4.25 * IN,
    cutHeight: 11.5 * IN,
    cutSpeed: 40,
  }),
  profile("narrowFree", {
    name: "Narrow cutter, without a mat",
    cutWidth: 4.25 * IN,
    cutHeight: 3600,
    cutSpeed: 40,
    matless: true,
    loadMinutes: 1.5,
  }),
  profile(
    "wide",
    {
      name: "Wide roll cutter, 24 in",
      cutWidth: 23.4 * IN,
      cutHeight: 5000,
      cutSpeed: 150,
      travelSpeed: 400,
      edgeMargin: 10,
      loadMinutes: 4,
    },
    { width: 23.8 * IN, height: 8000 },
  ),
];
