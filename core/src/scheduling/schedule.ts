/**
 * Serial schedule generation (Kolisch 1996) with the latest-start priority, improved by seeded random priorities.
 * Slack comes from the same generation run backwards: the right-justified schedule of the same length.
 */

import { seededRandom } from "../geometry/random.ts";
import { circleOf, sayCircle } from "./circle.ts";
import { type Schedule, ScheduleError, type ScheduleProblem, type ScheduleStep } from "./problem.ts";

const RANDOM_TRIES = 60;
const SEED = 20_041;

/** @throws ScheduleError for an unknown step, a circle, or a step that needs more tools than there are. */
export function schedule(problem: ScheduleProblem): Schedule {
  const order = topological(problem);
  checkTools(problem);
  const tails = chainTails(problem, order);
  const bound = Math.max(0, ...order.map((id) => tails.heads[id] ?? 0).map((head, i) => head + (tails.tails[order[i] as string] ?? 0)), toolBound(problem));
  let best = justified(
    problem,
    generate(problem, (id) => -(tails.tails[id] ?? 0), order),
    order,
  );
  const random = seededRandom(SEED);
  for (let i = 0; i < RANDOM_TRIES && best.end > bound; i++) {
    const keys = new Map(order.map((id) => [id, -(tails.tails[id] ?? 0) * (0.5 + random())]));
    const next = justified(
      problem,
      generate(problem, (id) => keys.get(id) ?? 0, order),
      order,
    );
    if (next.end < best.end) best = next;
  }
  // As long as no other order ends sooner, steps come in the order in which they were written.
  const place = new Map(order.map((id, i) => [id, i]));
  const written = generate(problem, (id) => place.get(id) ?? 0, order);
  if (written.end <= best.end) best = written;
  const late = rightJustified(problem, best);
  const slack = Object.fromEntries(order.map((id) => [id, (late[id] ?? 0) - (best.start[id] ?? 0)]));
  return { start: best.start, end: best.end, critical: order.filter((id) => slack[id] === 0), slack, bound };
}

function topological({ steps }: ScheduleProblem): string[] {
  const known = new Map(steps.map((step) => [step.id, step]));
  const done = new Set<string>();
  const order: string[] = [];
  const visit = (step: ScheduleStep): void => {
    if (done.has(step.id)) return;
    for (const { step: before } of step.after) {
      const found = known.get(before);
      if (!found) throw new ScheduleError(step.id, `step "${step.id}" comes after "${before}", which does not exist`);
      visit(found);
    }
    done.add(step.id);
    order.push(step.id);
  };
  if (known.size < steps.length) throw new ScheduleError("", "two steps have the same id");
  const circle = circleOf(steps);
  if (circle.length > 0) throw new ScheduleError(circle[0] as string, sayCircle(circle));
  for (const step of steps) visit(step);
  return order;
}

function checkTools({ steps, tools }: ScheduleProblem): void {
  for (const step of steps) {
    for (const [tool, count] of Object.entries(step.tools)) {
      if (count > (tools[tool] ?? 0)) throw new ScheduleError(step.id, `step "${step.id}" needs ${count} of "${tool}", there are ${tools[tool] ?? 0}`);
    }
  }
}

/** Longest chain before each step and from its start to the end, waits included, tools ignored. */
function chainTails({ steps }: ScheduleProblem, order: readonly string[]): { heads: Record<string, number>; tails: Record<string, number> } {
  const known = new Map(steps.map((step) => [step.id, step]));
  const heads: Record<string, number> = {};
  const tails: Record<string, number> = {};
  for (const id of order) {
    const step = known.get(id) as ScheduleStep;
    heads[id] = Math.max(0, ...step.after.map(({ step: before, wait }) => (heads[before] ?? 0) + (known.get(before)?.minutes ?? 0) + wait));
  }
  for (const id of [...order].reverse()) {
    const own = (known.get(id) as ScheduleStep).minutes;
    const nexts = steps.flatMap((next) => next.after.filter(({ step }) => step === id).map(({ wait }) => wait + (tails[next.id] ?? 0)));
    tails[id] = own + Math.max(0, ...nexts);
  }
  return { heads, tails };
}

function toolBound({ steps, tools }: ScheduleProblem): number {
  return Math.max(0, ...Object.entries(tools).map(([tool, count]) => Math.ceil(steps.reduce((sum, step) => sum + step.minutes * (step.tools[tool] ?? 0), 0) / Math.max(1, count))));
}

interface Starts {
  readonly start: Record<string, number>;
  readonly end: number;
}

/** Each step in turn, the ready one with the least key first, at its earliest time with all its tools free. */
function generate({ steps, tools }: ScheduleProblem, key: (id: string) => number, order: readonly string[]): Starts {
  const known = new Map(steps.map((step) => [step.id, step]));
  const rank = new Map(order.map((id, i) => [id, i]));
  const start: Record<string, number> = {};
  const booked: { step: ScheduleStep; from: number; to: number }[] = [];
  const waiting = new Set(order);
  let end = 0;
  while (waiting.size > 0) {
    const ready = [...waiting].filter((id) => known.get(id)?.after.every(({ step }) => step in start));
    const id = ready.reduce((a, b) => (key(b) < key(a) || (key(b) === key(a) && (rank.get(b) ?? 0) < (rank.get(a) ?? 0)) ? b : a));
    const step = known.get(id) as ScheduleStep;
    const earliest = Math.max(0, ...step.after.map(({ step: before, wait }) => (start[before] ?? 0) + (known.get(before)?.minutes ?? 0) + wait));
    const at = firstFree(step, earliest, booked, tools);
    start[id] = at;
    booked.push({ step, from: at, to: at + step.minutes });
    end = Math.max(end, at + step.minutes);
    waiting.delete(id);
  }
  return { start, end };
}

function firstFree(step: ScheduleStep, earliest: number, booked: readonly { step: ScheduleStep; from: number; to: number }[], tools: ScheduleProblem["tools"]): number {
  const moments = [earliest, ...booked.map(({ to }) => to).filter((to) => to > earliest)].sort((a, b) => a - b);
  const fits = (at: number) =>
    Object.entries(step.tools).every(([tool, count]) => {
      const during = booked.filter((b) => b.from < at + step.minutes && b.to > at && (b.step.tools[tool] ?? 0) > 0);
      const instants = [at, ...during.map((b) => b.from).filter((from) => from > at)];
      return instants.every((instant) => during.reduce((sum, b) => sum + (b.from <= instant && b.to > instant ? (b.step.tools[tool] ?? 0) : 0), 0) + count <= (tools[tool] ?? 0));
    });
  return moments.find(fits) ?? (moments[moments.length - 1] as number);
}

/** Double justification (Valls, Ballestín and Quintanilla 2005): pushed to the right and then to the left a schedule is never longer, and often shorter. */
function justified(problem: ScheduleProblem, forward: Starts, order: readonly string[]): Starts {
  const late = rightJustified(problem, forward);
  const again = generate(problem, (id) => late[id] ?? 0, order);
  return again.end < forward.end ? again : forward;
}

/** Latest starts: the problem mirrored in time, steps taken in the order of their ends. */
function rightJustified({ steps, tools }: ScheduleProblem, forward: Starts): Record<string, number> {
  const mirrored: ScheduleStep[] = steps.map((step) => ({
    ...step,
    after: steps.flatMap((next) => next.after.filter(({ step: before }) => before === step.id).map(({ wait }) => ({ step: next.id, wait }))),
  }));
  const endOf = (id: string) => (forward.start[id] ?? 0) + (steps.find((step) => step.id === id)?.minutes ?? 0);
  const order = steps.map(({ id }) => id).sort((a, b) => endOf(b) - endOf(a) || (forward.start[b] ?? 0) - (forward.start[a] ?? 0));
  const back = generate({ steps: mirrored, tools }, (id) => order.indexOf(id), order);
  const length = Math.max(forward.end, back.end);
  return Object.fromEntries(steps.map((step) => [step.id, Math.max(forward.start[step.id] ?? 0, Math.min(forward.end, length) - (back.start[step.id] ?? 0) - step.minutes)]));
}
