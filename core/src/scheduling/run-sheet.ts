/** The steps of a class on the clock: when each begins, why then, and what dries meanwhile. */
import type { ScheduleProblem, ScheduleStep } from "./problem.ts";
import { schedule } from "./schedule.ts";
import type { Step, Tool } from "./step.ts";

export interface RunStep {
  readonly id: string;
  /** Minutes from the start of the class. */
  readonly startMinute: number;
  readonly minutes: number;
  /** How many turns a queue takes; 1 for everybody at once. */
  readonly waves: number;
  /**
   * How much later it may begin without making the end later; counted back from the end, how much
   * sooner.
   */
  readonly slack: number;
  readonly critical: boolean;
  /** Steps whose drying or curing is running while this step goes on. */
  readonly drying: readonly string[];
  /** Why it begins when it does, and not sooner. */
  readonly begins: Begins;
}
/**
 * First of all; when a step is done; when it has dried; when whoever does another step is free; or
 * as late as another one that follows allows.
 */
export type Begins =
  | { readonly why: "first" }
  | { readonly why: "after" | "free" | "late"; readonly step: string }
  | { readonly why: "dries" | "lateToDry"; readonly step: string; readonly wait: number };

export interface RunSheet {
  readonly steps: readonly RunStep[];
  readonly endMinute: number;
  readonly bound: number;
}
/**
 * The group can attend to one step at a time; host and helpers each to one, and a queue at a tool
 * wants one of them.
 */
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
/**
 * Alone, the host stands at the tool, and the room waits; with a helper there it goes on with what
 * does not follow from the queue.
 */
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
