/** Steps of a class, and the tools they take. */
import * as z from "zod";
import { GATES } from "./step-kinds.ts";

const stepId = z.string().regex(/^[a-z][a-z0-9-]{0,40}$/u, "a short id such as seal-edges");

export const stepSchema = z.strictObject({
  id: stepId,
  title: z.string().trim().min(1).max(120),
  /** Minutes for a beginner's group; with a tool queue, minutes for one seat at the tool. */
  minutes: z
    .number()
    .int()
    .min(1)
    .max(24 * 60),
  who: z.enum(["host", "together", "queue"]).default("together"),
  tool: stepId.optional(),
  /**
   * Waits for drying or curing, elapsed minutes; without this the step follows the one before it.
   */
  after: z
    .array(z.strictObject({ step: stepId, wait: z.number().int().min(0).max(10_000).default(0) }))
    .max(20)
    .optional(),
  say: z.string().max(600).default(""),
  show: z.string().max(600).default(""),
  check: z.string().max(600).default(""),
  care: z.string().max(600).default(""),
  /** What participants read on their phones and cards; without it the step's title alone. */
  doIt: z.string().max(600).default(""),
  half: z
    .number()
    .int()
    .min(1)
    .max(24 * 60)
    .optional()
    .describe(
      "minutes after which half of the beginners are done; minutes hold for the slowest quarter",
    ),
  gate: z
    .enum(GATES)
    .optional()
    .describe(
      "when the room goes on to the next step: all are done, all but one, or three quarters; as the class says when left out",
    ),
  slip: z.string().max(600).optional().describe("what usually goes wrong, and how it is rescued"),
  thing: z.string().max(31).optional().describe("the thing it belongs to; all when left out"),
  like: stepId
    .optional()
    .describe(
      "the step in which the same was done on another thing: the second time it goes quicker",
    ),
});
export type Step = z.infer<typeof stepSchema>;

export const toolSchema = z.strictObject({
  id: stepId,
  name: z.string().min(1).max(80),
  count: z.number().int().min(1).max(1000),
  hot: z.boolean().default(false),
});
export type Tool = z.infer<typeof toolSchema>;
