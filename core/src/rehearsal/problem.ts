/**
 * A class as it is played through: who takes how long at what, what is shared, and when the room
 * goes on.
 */
import { PlanFault } from "../faults/plan-fault.ts";
import type { Gate } from "../scheduling/step-kinds.ts";

/** How minutes scatter round their median. */
export type Law = "lognormal" | "exponential" | "fixed";

export interface RehearsalStep {
  readonly id: string;
  /** The host alone, everybody at once, or one after the other at a shared tool. */
  readonly who: "host" | "together" | "queue";
  /** Minutes within which half are done; of a queue, of one seat at the tool. */
  readonly median: number;
  /** Of the logarithm of the minutes; 0: everybody takes the same. */
  readonly sigma: number;
  readonly law: Law;
  /** Steps that come before, each with an elapsed wait (drying, curing) in between. */
  readonly after: readonly { readonly step: string; readonly wait: number }[];
  /** What a seat holds of each shared tool while it is at it. */
  readonly tools: Readonly<Record<string, number>>;
  readonly gate: Gate;
  /** Seats that take part, by place; all when left out. */
  readonly taking?: readonly number[];
}

export interface RehearsalProblem {
  /** In the order in which the host goes through them. */
  readonly steps: readonly RehearsalStep[];
  readonly tools: Readonly<Record<string, number>>;
  readonly seats: number;
  /**
   * Beside the host. With one a queue goes on while the others do the next step, and two people
   * help who is stuck.
   */
  readonly helpers: number;
  /** Minutes after which the class is to be over. */
  readonly endAt: number;
  /**
   * How much of the scatter belongs to the person and is the same at every step: 0 none, 1 all of
   * it.
   */
  readonly ownPace: number;
  readonly late: {
    /** Share of seats that come late. */
    readonly share: number;
    /** Minutes by which they do, in the mean. */
    readonly minutes: number;
  };
  readonly stuck: {
    /** Chance that a seat cannot go on by itself, at each step that all do. */
    readonly chance: number;
    /** Minutes of help it then takes, in the mean. */
    readonly minutes: number;
  };
}

/** Of a lognormal whose quartile lies so far above its median; 0.6745 is the normal quartile. */
export const sigmaOfQuartile = (median: number, quartile: number): number =>
  quartile > median && median > 0 ? Math.log(quartile / median) / 0.674489750196082 : 0;
/** The same from the 90 % point; 1.2816 is the normal one. */
export const sigmaOfTenth = (median: number, p90: number): number =>
  p90 > median && median > 0 ? Math.log(p90 / median) / 1.2815515655446004 : 0;

/** How many of those who take part have to be done before the room goes on. */
export function gateCount(gate: Gate, taking: number): number {
  if (taking <= 1) return taking;
  return gate === "all" ? taking : gate === "allButOne" ? taking - 1 : Math.ceil(0.75 * taking);
}

/** What cannot be played, and where. */
export class RehearsalError extends PlanFault {
  readonly step: string;
  constructor(step: string, message: string) {
    super({ code: "steps", values: { step, message } });
    this.name = "RehearsalError";
    this.step = step;
  }
}

/**
 * @throws RehearsalError for an unknown step, one that comes after a later one, or more of a tool
 * than there is
 */
export function checkRehearsal({ steps, tools }: Pick<RehearsalProblem, "steps" | "tools">): void {
  const before = new Set<string>();
  for (const step of steps) {
    if (before.has(step.id)) throw new RehearsalError(step.id, `two steps are called "${step.id}"`);
    for (const { step: first } of step.after)
      if (!before.has(first))
        throw new RehearsalError(
          step.id,
          steps.some(({ id }) => id === first)
            ? `step "${step.id}" comes after "${first}", which stands behind it`
            : `step "${step.id}" comes after "${first}", which does not exist`,
        );
    for (const [tool, count] of Object.entries(step.tools))
      if (count > (Object.hasOwn(tools, tool) ? (tools[tool] ?? 0) : 0))
        throw new RehearsalError(
          step.id,
          `step "${step.id}" needs ${count} of "${tool}", there are ${Object.hasOwn(tools, tool) ? tools[tool] : 0}`,
        );
    before.add(step.id);
  }
}
