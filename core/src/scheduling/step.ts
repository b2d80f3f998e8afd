/** Steps of a class and the run sheet made from them. */
import { z } from "zod";
import type { ScheduleProblem, ScheduleStep } from "./problem.ts";
import { schedule } from "./schedule.ts";

const stepId = z.string().regex(/^[a-z][a-z0-9-]{0,40}$/u, "a short id such as seal-edges");

/** When a group goes on to its next step: when all are done, all but one, or three quarters. */
export const GATES = ["all", "allButOne", "threeQuarters"] as const;
export type Gate = (typeof GATES)[number];

/** As many as a class has. */
export const MOST_STEPS = 60;

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
  /** Waits for drying or curing, elapsed minutes; without this the step follows the one before it. */
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

export interface RunStep {
  readonly id: string;
  /** Minutes from the start of the class. */
  readonly startMinute: number;
  readonly minutes: number;
  /** How many turns a queue takes; 1 for everybody at once. */
  readonly waves: number;
  /** How much later it may begin without making the end later; counted back from the end, how much sooner. */
  readonly slack: number;
  readonly critical: boolean;
  /** Steps whose drying or curing is running while this step goes on. */
  readonly drying: readonly string[];
  /** Why it begins when it does, and not sooner. */
  readonly begins: Begins;
}

/** First of all; when a step is done; when it has dried; when whoever does another step is free; or as late as another one that follows allows. */
export type Begins =
  | { readonly why: "first" }
  | { readonly why: "after" | "free" | "late"; readonly step: string }
  | { readonly why: "dries" | "lateToDry"; readonly step: string; readonly wait: number };

export interface RunSheet {
  readonly steps: readonly RunStep[];
  readonly endMinute: number;
  readonly bound: number;
}

/** The group can attend to one step at a time; host and helpers each to one, and a queue at a tool wants one of them. */
const [ROOM, OVERSEER] = ["room-attention", "overseer"];

export interface RunSheetWays {
  /** How many seats make a thing, and so take part in its steps; all of them when left out. */
  readonly making?: (thing: string) => number;
  /** Beside the host: with one a queue at a tool goes on while the others do the next step. */
  readonly helpers?: number;
  /** Counted back from the end: each step as late as may be. */
  readonly fromEnd?: boolean;
}

/** @throws ScheduleError */
export function runSheet(
  steps: readonly Step[],
  tools: readonly Tool[],
  seats: number,
  { making, helpers = 0, fromEnd = false }: RunSheetWays = {},
): RunSheet {
  const taking = ({ thing }: Step) => (thing === undefined ? seats : (making?.(thing) ?? seats));
  const problem = toProblem(steps, tools, taking, helpers);
  const plan = schedule(problem);
  const start = fromEnd ? plan.late : plan.start;
  const byStart = [...problem.steps].sort((a, b) => (start[a.id] ?? 0) - (start[b.id] ?? 0));
  const rows = byStart.map((step): RunStep => {
    const startMinute = start[step.id] ?? 0;
    const source = steps.find(({ id }) => id === step.id) as Step;
    return {
      id: step.id,
      startMinute,
      minutes: step.minutes,
      waves: wavesOf(source, tools, taking(source)),
      slack: plan.slack[step.id] ?? 0,
      critical: plan.critical.includes(step.id),
      drying: dryingDuring(problem, start, startMinute, step.minutes),
      begins: fromEnd ? beginsLate(problem, start, step) : beginsWhen(problem, start, step),
    };
  });
  return { steps: rows, endMinute: plan.end, bound: plan.bound };
}

function toProblem(
  steps: readonly Step[],
  tools: readonly Tool[],
  taking: (step: Step) => number,
  helpers: number,
): ScheduleProblem {
  const rows = steps.map((step, index): ScheduleStep => {
    const before = steps[index - 1];
    return {
      id: step.id,
      minutes: step.minutes * wavesOf(step, tools, taking(step)),
      after: step.after ?? (before ? [{ step: before.id, wait: 0 }] : []),
      tools: resourcesOf(step, helpers),
    };
  });
  const held = new Set(
    steps.flatMap(({ who, tool }) => (who === "queue" && tool !== undefined ? [tool] : [])),
  );
  return {
    steps: rows,
    tools: {
      [ROOM]: 1,
      [OVERSEER]: 1 + helpers,
      ...Object.fromEntries([...held].map((tool) => [toolLane(tool), 1])),
    },
  };
}

const toolLane = (tool: string): string => `tool ${tool}`;

/** Alone, the host stands at the tool, and the room waits; with a helper there it goes on with what does not follow from the queue. */
function resourcesOf({ who, tool }: Step, helpers: number): Record<string, number> {
  if (who !== "queue") return { [ROOM]: 1, [OVERSEER]: 1 };
  return {
    [OVERSEER]: 1,
    ...(helpers === 0 ? { [ROOM]: 1 } : {}),
    ...(tool === undefined ? {} : { [toolLane(tool)]: 1 }),
  };
}

function beginsWhen(
  { steps }: ScheduleProblem,
  start: Readonly<Record<string, number>>,
  own: ScheduleStep,
): Begins {
  const at = start[own.id] ?? 0;
  const endOf = (id: string) =>
    (start[id] ?? 0) + (steps.find((step) => step.id === id)?.minutes ?? 0);
  const held = own.after.find(({ step, wait }) => endOf(step) + wait === at);
  if (held)
    return held.wait > 0
      ? { why: "dries", step: held.step, wait: held.wait }
      : { why: "after", step: held.step };
  const busy = steps.find(({ id }) => id !== own.id && endOf(id) === at);
  return busy ? { why: "free", step: busy.id } : { why: "first" };
}

/** What would come too late if it began later. */
function beginsLate(
  { steps }: ScheduleProblem,
  start: Readonly<Record<string, number>>,
  own: ScheduleStep,
): Begins {
  const end = (start[own.id] ?? 0) + own.minutes;
  for (const next of steps) {
    const arc = next.after.find(
      ({ step, wait }) => step === own.id && end + wait === start[next.id],
    );
    if (arc)
      return arc.wait > 0
        ? { why: "lateToDry", step: next.id, wait: arc.wait }
        : { why: "late", step: next.id };
  }
  const next = steps.find(({ id }) => id !== own.id && start[id] === end);
  return next ? { why: "late", step: next.id } : { why: "first" };
}

export function wavesOf(step: Step, tools: readonly Tool[], seats: number): number {
  if (step.who !== "queue") return 1;
  const count = tools.find(({ id }) => id === step.tool)?.count ?? 1;
  return Math.max(1, Math.ceil(seats / count));
}

function dryingDuring(
  problem: ScheduleProblem,
  start: Readonly<Record<string, number>>,
  from: number,
  minutes: number,
): string[] {
  return problem.steps.flatMap((next) =>
    next.after
      .filter(({ step, wait }) => {
        const dried =
          (start[step] ?? 0) + (problem.steps.find(({ id }) => id === step)?.minutes ?? 0);
        return wait > 0 && dried < from + minutes && dried + wait > from;
      })
      .map(({ step }) => step),
  );
}
