/** A cutter as a class document has it. */
import * as z from "zod";
import { USUAL_CUTTER } from "./usual-cutter.ts";

export const cutterSchema = z.strictObject({
  name: z.string().trim().min(1).max(80),
  /** What the machine can cut on its mat, mm: the mat less the edge that is never cut. */
  cutWidth: z.number().positive().max(5000),
  cutHeight: z.number().positive().max(50_000),
  /** Cuts without a mat, which only films on a thick backing bear. */
  matless: z.boolean().default(USUAL_CUTTER.matless),
  /** Kept free inside the edge of the vinyl itself, mm. */
  edgeMargin: z.number().min(0).max(50).default(USUAL_CUTTER.edgeMargin),
  cutSpeed: z.number().positive().max(2000).default(USUAL_CUTTER.cutSpeed).describe("mm/s"),
  travelSpeed: z.number().positive().max(5000).default(USUAL_CUTTER.travelSpeed).describe("mm/s"),
  liftSeconds: z.number().min(0).max(10).default(USUAL_CUTTER.liftSeconds),
  cornerSeconds: z.number().min(0).max(1).default(USUAL_CUTTER.cornerSeconds),
  loadMinutes: z.number().min(0).max(60).default(USUAL_CUTTER.loadMinutes),
  knifeOffset: z.number().min(0).max(2).default(USUAL_CUTTER.knifeOffset),
  overcut: z.number().min(0).max(5).default(USUAL_CUTTER.overcut),
});
export type Cutter = z.infer<typeof cutterSchema>;
