/** A scheduling problem by index, checked: what the search and the bounds run on. */
import { circleOf, sayCircle } from "./circle.ts";
import { ScheduleError, type ScheduleProblem } from "./problem.ts";

/** Another step by its index, with the wait in between. */
export interface Arc {
  readonly to: number;
  readonly wait: number;
}

export interface Network {
  /** Ids, each after what it follows. */
  readonly ids: readonly string[];
  readonly minutes: readonly number[];
  readonly before: readonly (readonly Arc[])[];
  readonly after: readonly (readonly Arc[])[];
  /** By step: which resources it holds, and how many of each. */
  readonly holds: readonly (readonly { readonly resource: number; readonly count: number }[])[];
  readonly capacity: readonly number[];
  /** Longest chain of work and waits before each step begins. */
  readonly heads: readonly number[];
  /** Longest chain from each step's beginning to the end, itself included. */
  readonly tails: readonly number[];
}

/**
 * @throws ScheduleError for an unknown step, two of one id, a circle, or a step that needs more
 * tools than there are
 */
export function networkOf(problem: ScheduleProblem): Network {
  const { steps, tools } = problem;
  const known = new Map(steps.map((step) => [step.id, step]));
  if (known.size < steps.length) throw new ScheduleError("", "two steps have the same id");
  const circle = circleOf(steps);
  if (circle.length > 0) throw new ScheduleError(circle[0] as string, sayCircle(circle));
  const ids = topological(problem);
  const index = new Map(ids.map((id, i) => [id, i]));
  const names = Object.keys(tools);
  const ordered = ids.flatMap((id) => known.get(id) ?? []);
  const before = ordered.map(({ after }) =>
    after.map(({ step, wait }) => ({ to: index.get(step) as number, wait })),
  );
  const after = ids.map((): Arc[] => []);
  before.forEach((arcs, i) => {
    for (const { to, wait } of arcs) after[to]?.push({ to: i, wait });
  });
  const holds = ordered.map((step) =>
    Object.entries(step.tools).flatMap(([tool, count]) => {
      if (count > (tools[tool] ?? 0))
        throw new ScheduleError(
          step.id,
          `step "${step.id}" needs ${count} of "${tool}", there are ${tools[tool] ?? 0}`,
        );
      return count > 0 ? [{ resource: names.indexOf(tool), count }] : [];
    }),
  );
  const minutes = ordered.map((step) => step.minutes);
  const heads: number[] = [];
  for (const arcs of before)
    heads.push(
      Math.max(0, ...arcs.map(({ to, wait }) => (heads[to] ?? 0) + (minutes[to] ?? 0) + wait)),
    );
  const tails: number[] = [];
  for (let i = ids.length - 1; i >= 0; i--)
    tails[i] =
      (minutes[i] ?? 0) +
      Math.max(0, ...(after[i] ?? []).map(({ to, wait }) => wait + (tails[to] ?? 0)));
  return {
    ids,
    minutes,
    before,
    after,
    holds,
    capacity: names.map((name) => tools[name] ?? 0),
    heads,
    tails,
  };
}

/** The same steps with time running backwards. */
export const mirrored = (net: Network): Network => ({
  ...net,
  before: net.after,
  after: net.before,
});

function topological({ steps }: ScheduleProblem): string[] {
  const known = new Map(steps.map((step) => [step.id, step]));
  const done = new Set<string>();
  const visit = (id: string): void => {
    if (done.has(id)) return;
    for (const { step } of known.get(id)?.after ?? []) {
      if (!known.has(step))
        throw new ScheduleError(id, `step "${id}" comes after "${step}", which does not exist`);
      visit(step);
    }
    done.add(id);
  };
  for (const { id } of steps) visit(id);
  return [...done];
}
