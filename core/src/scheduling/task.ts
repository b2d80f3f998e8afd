/**
 * Work on blanks before the class, by the host: how long it takes, what it follows, how long it
 * rests.
 */
import * as z from "zod";

const taskId = z.string().regex(/^[a-z][a-z0-9-]{0,40}$/u, "a short id such as paint-1");

export const taskSchema = z
  .strictObject({
    id: taskId,
    title: z.string().trim().min(1).max(120),
    minutes: z.number().int().min(1).max(10_000).describe("of the host's hands, for all pieces"),
    after: z
      .array(taskId)
      .max(20)
      .default([])
      .describe("tasks that come before, their waits included"),
    waitMinutes: z
      .number()
      .int()
      .min(0)
      .max(20_000)
      .default(0)
      .describe("drying or curing of one round, before what follows"),
    atOnce: z
      .number()
      .int()
      .min(1)
      .max(10_000)
      .optional()
      .describe("how many pieces rest at once; further ones make another round"),
    say: z.string().max(600).default(""),
    care: z.string().max(600).default(""),
    thing: z.string().max(31).optional().describe("the thing whose blanks it is about"),
  })
  .describe("one task of the preparation");
export type Task = z.infer<typeof taskSchema>;
