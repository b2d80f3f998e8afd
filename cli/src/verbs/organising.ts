import { MOST_SEATS } from "@elm-basket/core/roster/roster.ts";
import { ScheduleError } from "@elm-basket/core/scheduling/problem.ts";
import { schedule as makeSchedule } from "@elm-basket/core/scheduling/schedule.ts";
import { costOf } from "@elm-basket/core/supplies/cost.ts";
import { costJson, costSchema } from "@elm-basket/core/supplies/cost-json.ts";
import { pricesSchema } from "@elm-basket/core/supplies/price.ts";
import { supplySchema } from "@elm-basket/core/supplies/supply.ts";
import { supplyLines } from "@elm-basket/core/supplies/supply-lines.ts";
import * as z from "zod";
import { InputError } from "../errors.ts";
import { defineVerb, tidy } from "./shapes.ts";

const line = z.strictObject({ id: z.string(), amount: z.number() });

export const supplies = defineVerb({
  input: z.strictObject({
    supplies: z.array(supplySchema).max(1000),
    seats: z.number().int().min(0).max(MOST_SEATS),
    spares: z
      .union([z.number().int().min(0), z.strictObject({ share: z.number().min(0).max(1) })])
      .default(0),
    prepMinutes: z.number().min(0).default(0),
    prices: pricesSchema.default({ currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 }),
  }),
  output: z.strictObject({
    perSeat: z.array(line),
    total: z.array(line),
    buy: z.array(
      z.strictObject({ id: z.string(), packs: z.number(), amount: z.number(), price: z.number() }),
    ),
    stockLeft: z.array(line),
    cost: costSchema,
  }),
  run({ supplies: wanted, seats, spares, prepMinutes, prices }) {
    const whole = typeof spares === "number" ? spares : Math.ceil(seats * spares.share - 1e-9);
    const lines = supplyLines({ supplies: wanted, seats, spares: whole });
    const pick = (value: (l: (typeof lines)[number]) => number) =>
      lines.map((l) => ({ id: l.id, amount: tidy(value(l)) }));
    return {
      perSeat: pick((l) => l.perSeat),
      total: pick((l) => l.need),
      buy: lines.map((l) => ({ id: l.id, packs: l.packs, amount: tidy(l.buy), price: l.buyPrice })),
      stockLeft: pick((l) => l.leftAfter),
      cost: costJson(costOf({ lines, prepMinutes, seats }, prices)),
    };
  },
});

const minutes = z.number().int().min(0).max(100_000);

export const schedule = defineVerb({
  input: z.strictObject({
    steps: z
      .array(
        z.strictObject({
          // What is looked up by name in a plain object must not be one of its own parts.
          id: z
            .string()
            .min(1)
            .refine((id) => id !== "__proto__", "not usable as an id; call the step anything else"),
          minutes,
          after: z
            .array(z.strictObject({ step: z.string(), wait: minutes.default(0) }))
            .default([]),
          tools: z.record(z.string(), z.number().int().min(0)).default({}),
          who: z.string().optional(),
        }),
      )
      .max(500),
    tools: z.record(z.string(), z.number().int().min(0)).default({}),
    start: z.number().optional(),
    end: z.number().optional(),
  }),
  output: z.strictObject({
    start: z.record(z.string(), z.number()),
    end: z.number(),
    critical: z.array(z.string()),
    slack: z.record(z.string(), z.number()),
    bound: z.number(),
  }),
  run({ steps, tools, start = 0 }) {
    try {
      const plan = makeSchedule({ steps, tools });
      return {
        start: Object.fromEntries(Object.entries(plan.start).map(([id, at]) => [id, at + start])),
        end: plan.end + start,
        critical: [...plan.critical],
        slack: { ...plan.slack },
        bound: plan.bound + start,
      };
    } catch (error) {
      if (error instanceof ScheduleError) throw new InputError(`$.steps: ${error.message}`);
      throw error;
    }
  },
});
