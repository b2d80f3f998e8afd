/** Steps of a rehearsal as its loop reads them: by number, with what holds up whom. */
import type { Gate } from "../scheduling/step-kinds.ts";
import { nameKey } from "./chance.ts";
import type { RehearsalProblem } from "./problem.ts";

/** The host speaks; all at once; a line while the room waits; a line beside the next step. */
type Kind = "talk" | "group" | "line" | "side";

/** A step as the loop reads it. */
export interface Part {
  readonly kind: Kind;
  readonly key: number;
  readonly median: number;
  readonly sigma: number;
  /** Which of the sigmas that there are. */
  readonly scatter: number;
  readonly law: "lognormal" | "exponential" | "fixed";
  readonly gate: Gate;
  /** Seats that take part. */
  readonly seats: Int32Array;
  readonly before: readonly { readonly step: number; readonly wait: number }[];
  /** Of these, what keeps a seat by its own piece. */
  readonly own: readonly { readonly step: number; readonly wait: number }[];
  readonly holds: readonly { readonly tool: number; readonly count: number }[];
}

/** How far minutes scatter: each that there is, once. */
export const sigmasOf = (steps: RehearsalProblem["steps"]): number[] => [
  ...new Set(steps.map(({ sigma }) => sigma)),
];

export function partsOf({ steps, seats, tools, helpers }: RehearsalProblem): Part[] {
  const place = new Map(steps.map(({ id }, i) => [id, i]));
  const names = Object.keys(tools);
  const sigmas = sigmasOf(steps);
  const everybody = Int32Array.from({ length: seats }, (_, i) => i);
  const kinds = steps.map(
    ({ who, tools: held }): Kind =>
      who === "host"
        ? "talk"
        : who === "queue"
          ? helpers > 0
            ? "side"
            : "line"
          : Object.keys(held).length > 0
            ? "line"
            : "group",
  );
  return steps.map((step, s) => {
    const before = step.after.map(({ step: first, wait }) => ({
      step: place.get(first) ?? 0,
      wait,
    }));
    return {
      kind: kinds[s] as Kind,
      key: nameKey(step.id),
      median: step.median,
      sigma: step.sigma,
      scatter: sigmas.indexOf(step.sigma),
      law: step.sigma === 0 && step.law === "lognormal" ? "fixed" : step.law,
      gate: step.gate,
      seats:
        step.who === "host"
          ? new Int32Array(0)
          : step.taking
            ? Int32Array.from(step.taking.filter((seat) => seat < seats)).sort()
            : everybody,
      before,
      own: before.filter(({ step: first, wait }) => wait > 0 || kinds[first] === "side"),
      holds: Object.entries(step.tools).flatMap(([tool, count]) =>
        count > 0 ? [{ tool: names.indexOf(tool), count }] : [],
      ),
    };
  });
}
