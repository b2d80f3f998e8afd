/**
 * A step as the knowledge puts it: minutes as a span, the reason beside it; and how it becomes a
 * step of a class.
 */
import type { Step } from "../scheduling/step.ts";
import type { Span } from "./minutes.ts";
import type { Situation } from "./situation.ts";

export interface Told
  extends Partial<
    Pick<Step, "who" | "tool" | "after" | "say" | "show" | "check" | "care" | "slip">
  > {
  readonly id: string;
  readonly title: string;
  readonly minutes: Span;
  /** What participants read. */
  readonly doIt: string;
  /** Why it is there, and why it takes as long. */
  readonly because: string;
}

export interface ProposedStep extends Step {
  readonly because: string;
  readonly practisedMinutes: number;
}

const LONGEST = 600;
const cut = (words: string | undefined): string =>
  (words ?? "").replace(/\s+/gu, " ").trim().slice(0, LONGEST);

export function asStep({
  id,
  title,
  minutes,
  who = "together",
  tool,
  after,
  say,
  show,
  check,
  care,
  slip,
  doIt,
  because,
}: Told): ProposedStep {
  return {
    id,
    title,
    minutes: minutes.slow,
    ...(minutes.half < minutes.slow ? { half: minutes.half } : {}),
    who,
    ...(tool === undefined ? {} : { tool }),
    ...(after ? { after: [...after] } : {}),
    say: cut(say),
    show: cut(show),
    check: cut(check),
    care: cut(care),
    ...(slip ? { slip: cut(slip) } : {}),
    doIt: cut(doIt),
    because,
    practisedMinutes: Math.round(minutes.practised * 10) / 10,
  };
}

/** A row of a proposal as a class keeps it. */
export function kept<T extends object>(row: T): T {
  const {
    because: _,
    practisedMinutes: __,
    ...rest
  } = row as T & { because?: string; practisedMinutes?: number };
  return rest as unknown as T;
}

export type Telling = (s: Situation) => readonly Told[];

/** Sentences, those that are not true of this piece left out. */
export const words = (...parts: readonly (string | false | null | undefined)[]): string =>
  parts.filter(Boolean).join(" ");
