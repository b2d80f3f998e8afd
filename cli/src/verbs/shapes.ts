/** Shapes that several verbs share. */
import * as z from "zod";

const number = z.number().min(-1e6).max(1e6);
export const pointSchema = z.tuple([number, number]);
export const ringSchema = z
  .array(pointSchema)
  .min(3, "a ring has at least three points")
  .max(200_000);
export const polygonsSchema = z.array(z.array(ringSchema).min(1)).max(20_000);
export const mm = z.number().positive().max(100_000);

/** A verb: one computation, JSON in, JSON out. */
export interface Verb<I extends z.ZodType = z.ZodType, O extends z.ZodType = z.ZodType> {
  readonly input: I;
  readonly output: O;
  run(input: z.infer<I>): z.infer<O>;
}

export const defineVerb = <I extends z.ZodType, O extends z.ZodType>(
  verb: Verb<I, O>,
): Verb<I, O> => verb;
export const tidy = (value: number, digits = 6): number => Number(value.toFixed(digits));
