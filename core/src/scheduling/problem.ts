/** Resource-constrained scheduling of steps, in whole minutes. */
import { PlanFault } from "../faults/plan-fault.ts";

export interface ScheduleStep {
  readonly id: string;
  readonly minutes: number;
  /** Steps that come before, each with an elapsed wait (drying, curing) in between. */
  readonly after: readonly { readonly step: string; readonly wait: number }[];
  /** How many of each shared tool the step holds. */
  readonly tools: Readonly<Record<string, number>>;
}

export interface ScheduleProblem {
  readonly steps: readonly ScheduleStep[];
  readonly tools: Readonly<Record<string, number>>;
}

export interface Schedule {
  readonly start: Readonly<Record<string, number>>;
  /** The same length, each step as late as may be. */
  readonly late: Readonly<Record<string, number>>;
  readonly end: number;
  readonly critical: readonly string[];
  readonly slack: Readonly<Record<string, number>>;
  /** No schedule can be shorter: the longest chain, or the busiest span of a tool. */
  readonly bound: number;
}

export class ScheduleError extends PlanFault {
  readonly step: string;
  constructor(step: string, message: string) {
    super({ code: "steps", values: { step, message } });
    this.name = "ScheduleError";
    this.step = step;
  }
}
