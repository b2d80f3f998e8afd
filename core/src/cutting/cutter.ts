/** Cutter and mat profiles: data, not code. */
import { z } from "zod";

export const cutterSchema = z.strictObject({
  name: z.string().trim().min(1).max(80),
  /** What the machine can cut on its mat, mm: the mat less the edge that is never cut. */
  cutWidth: z.number().positive().max(5000),
  cutHeight: z.number().positive().max(50_000),
  /** Cuts without a mat, which only films on a thick backing bear. */
  matless: z.boolean().default(false),
  /** Kept free inside the edge of the vinyl itself, mm. */
  edgeMargin: z.number().min(0).max(50).default(3),
  cutSpeed: z.number().positive().max(2000).default(60).describe("mm/s"),
  travelSpeed: z.number().positive().max(5000).default(200).describe("mm/s"),
  liftSeconds: z.number().min(0).max(10).default(0.15),
  cornerSeconds: z.number().min(0).max(1).default(0.012),
  loadMinutes: z.number().min(0).max(60).default(2.5),
  knifeOffset: z.number().min(0).max(2).default(0),
  overcut: z.number().min(0).max(5).default(0.5),
});
export type Cutter = z.infer<typeof cutterSchema>;

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
  const cutter = cutterSchema.parse(own);
  return { id, cutter, most: most ?? { width: cutter.cutWidth, height: cutter.cutHeight } };
};

/** What people cut with, to begin from: about a quarter inch round a mat is never cut; on the long mat a little more is left than the machine asks for. */
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
