/** Cutter and mat profiles: data, not code. */
import { z } from "zod";

export const cutterSchema = z.strictObject({
  name: z.string().trim().min(1).max(80),
  /** What the machine can cut on its mat, mm: the mat less the edge that is never cut. */
  cutWidth: z.number().positive().max(5000),
  cutHeight: z.number().positive().max(50_000),
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
