import { type RehearsalStep, sigmaOfTenth } from "@elm-basket/core/rehearsal/problem.ts";
import { rehearse as play } from "@elm-basket/core/rehearsal/rehearse.ts";
import { MOST_SEATS } from "@elm-basket/core/roster/roster.ts";
import { circleOf, sayCircle } from "@elm-basket/core/scheduling/circle.ts";
import { GATES } from "@elm-basket/core/scheduling/step-kinds.ts";
import * as z from "zod";
import { InputError } from "../errors.ts";
import { defineVerb, tidy } from "./shapes.ts";

const MOST_RUNS = 100_000;
/** Seats times steps times runs: a minute or two. */
const MOST_WORK = 1_000_000_000;
/** Steps times runs, whose times are all kept. */
const MOST_KEPT = 20_000_000;
const minutes = z.number().min(0).max(100_000);
// What is looked up by name in a plain object must not be one of its own parts.
const name = z
  .string()
  .min(1)
  .max(100)
  .refine((id) => id !== "__proto__", "not usable as an id; call it anything else");
const gate = z
  .enum(GATES)
  .describe("the room goes on when all are done, all but one, or three quarters");
const spread = z.strictObject({ p10: z.number(), p50: z.number(), p90: z.number() });

const stepShape = z
  .strictObject({
    id: name,
    median: minutes.describe(
      "minutes within which half of the seats are done; at a tool, of one seat",
    ),
    p90: minutes
      .optional()
      .describe("within which nine in ten are; the same as the median when left out"),
    law: z.enum(["lognormal", "exponential", "fixed"]).default("lognormal"),
    after: z
      .array(z.strictObject({ step: z.string(), wait: minutes.default(0) }))
      .max(50)
      .default([]),
    tools: z.record(name, z.number().int().min(0).max(10_000)).default({}),
    who: z
      .enum(["host", "together", "queue"])
      .optional()
      .describe(
        "the host alone, all at once, or one after the other at a tool; a step with tools is a queue when left out",
      ),
    gate: gate.optional(),
    seats: z
      .array(z.number().int().min(0))
      .optional()
      .describe("which take part, counted from 0; all when left out"),
  })
  .refine(({ median, p90 }) => p90 === undefined || p90 >= median, {
    message: "less than the median",
    path: ["p90"],
  });

export const rehearse = defineVerb({
  input: z.strictObject({
    steps: z.array(stepShape).max(500),
    tools: z.record(name, z.number().int().min(0).max(10_000)).default({}),
    seats: z.number().int().min(0).max(MOST_SEATS),
    runs: z.number().int().min(1).max(MOST_RUNS).default(1000),
    seed: z.number().int().min(0).max(4_294_967_295).default(1),
    gate: gate.default("all"),
    endAt: minutes.describe("minutes after which it is to be over"),
    helpers: z.number().int().min(0).max(100).default(0),
    ownPace: z
      .number()
      .min(0)
      .max(1)
      .default(0.5)
      .describe("share of the scatter that belongs to the person"),
    late: z
      .strictObject({ share: z.number().min(0).max(1), minutes })
      .default({ share: 0, minutes: 0 }),
    stuck: z
      .strictObject({ chance: z.number().min(0).max(1), minutes })
      .default({ chance: 0, minutes: 0 }),
  }),
  output: z.strictObject({
    pOnTime: z.number(),
    p50: z.number(),
    p90: z.number(),
    mean: z.number(),
    waiting: z
      .strictObject({
        mean: z.number(),
        p90: z.number(),
        room: z.number(),
        drying: z.number(),
        tools: z.number(),
        help: z.number(),
      })
      .describe("minutes of a seat"),
    queues: z.array(
      z.strictObject({
        step: z.string(),
        tools: z.array(z.string()),
        waiting: z.number(),
        longest: spread,
        from: z.number(),
        to: z.number(),
      }),
    ),
    byStep: z.array(
      z.strictObject({
        id: z.string(),
        begins: spread,
        ends: spread,
        waiting: z.number(),
        unfinished: z.number(),
      }),
    ),
  }),
  run({ steps, tools, runs, seed, gate: usual, ...room }) {
    const rows = inOrder(steps);
    const work = runs * room.seats * rows.length;
    if (work > MOST_WORK)
      throw new InputError(
        `$.runs: ${runs} runs of ${room.seats} seats and ${rows.length} steps are too many; ${Math.floor(MOST_WORK / (room.seats * rows.length))} would do`,
      );
    if (runs * rows.length > MOST_KEPT)
      throw new InputError(
        `$.runs: ${runs} runs of ${rows.length} steps are too many; ${Math.floor(MOST_KEPT / rows.length)} would do`,
      );
    rows.forEach(({ id, tools: own }) => {
      for (const [tool, count] of Object.entries(own)) {
        const there = Object.hasOwn(tools, tool) ? (tools[tool] ?? 0) : 0;
        if (count > there)
          throw new InputError(
            `$.steps[${steps.findIndex((step) => step.id === id)}].tools.${tool}: needs ${count}, there are ${there}`,
          );
      }
    });
    const found = play(
      {
        ...room,
        tools,
        steps: rows.map(
          ({
            id,
            median,
            p90 = median,
            law,
            after,
            tools: own,
            who,
            gate: ownGate,
            seats,
          }): RehearsalStep => ({
            id,
            who: who ?? (Object.keys(own).length > 0 ? "queue" : "together"),
            median,
            sigma: sigmaOfTenth(median, p90),
            law,
            after,
            tools: own,
            gate: ownGate ?? usual,
            ...(seats ? { taking: [...new Set(seats)] } : {}),
          }),
        ),
      },
      runs,
      seed,
    );
    const tidied = ({ p10, p50, p90 }: z.infer<typeof spread>) => ({
      p10: tidy(p10),
      p50: tidy(p50),
      p90: tidy(p90),
    });
    const { waiting } = found;
    return {
      pOnTime: tidy(found.pOnTime),
      p50: tidy(found.p50),
      p90: tidy(found.p90),
      mean: tidy(found.mean),
      waiting: {
        mean: tidy(waiting.mean),
        p90: tidy(waiting.p90),
        room: tidy(waiting.room),
        drying: tidy(waiting.drying),
        tools: tidy(waiting.tools),
        help: tidy(waiting.help),
      },
      queues: found.queues.map((queue) => ({
        ...queue,
        tools: [...queue.tools],
        waiting: tidy(queue.waiting),
        longest: tidied(queue.longest),
        from: tidy(queue.from),
        to: tidy(queue.to),
      })),
      byStep: found.byStep.map((row) => ({
        id: row.id,
        begins: tidied(row.begins),
        ends: tidied(row.ends),
        waiting: tidy(row.waiting),
        unfinished: tidy(row.unfinished),
      })),
    };
  },
});

type Row = z.infer<typeof stepShape>;

/** As they are written, but each behind what it follows. */
function inOrder(steps: readonly Row[]): Row[] {
  const known = new Set(steps.map(({ id }) => id));
  if (known.size < steps.length) throw new InputError("$.steps: two steps have the same id");
  steps.forEach(({ after }, i) => {
    const missing = after.find(({ step }) => !known.has(step));
    if (missing) throw new InputError(`$.steps[${i}].after: there is no step "${missing.step}"`);
  });
  const circle = circleOf(steps);
  if (circle.length > 0) throw new InputError(`$.steps: ${sayCircle(circle)}`);
  const rows: Row[] = [];
  const placed = new Set<string>();
  for (let left = [...steps]; left.length > 0; ) {
    const next = left.find(({ after }) => after.every(({ step }) => placed.has(step))) as Row;
    rows.push(next);
    placed.add(next.id);
    left = left.filter((step) => step !== next);
  }
  return rows;
}
