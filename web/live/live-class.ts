/**
 * What is known of a class that is followed, and of its run: by the stage, and by the phones.
 * Server time is the truth; clients keep an offset.
 */
import {
  type RunMoment,
  type RunStepTimes,
  type ToolLine,
  withInserted,
} from "@elm-basket/core/live/run.ts";
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Clock } from "@elm-basket/core/units/time.ts";
import type { Inserted } from "../data/live-runs.ts";

export interface LiveStep extends RunStepTimes {
  readonly title: string;
  readonly startMinute: number;
  readonly who: Step["who"];
  /** Of a queue: the tool, and how many of it. */
  readonly tool: { readonly name: string; readonly places: number } | null;
  readonly say: string;
  readonly show: string;
  readonly check: string;
  readonly care: string;
  readonly slip: string;
  /** What participants read; the host's own words are not for them. */
  readonly doIt: string;
  /** Where it lies, in figures a hand can measure; empty where nothing is laid. */
  readonly lies: string;
  /** The thing it is about; null for all of them. */
  readonly thing: string | null;
  /**
   * Minutes as they were first guessed, where the studio's own figures stand in the place of the
   * guess.
   */
  readonly guess: number;
}

export interface LiveClass {
  readonly title: string;
  readonly steps: readonly LiveStep[];
  readonly seats: readonly { readonly seat: string; readonly label: string }[];
  readonly endMinute: number;
  readonly zone: string;
  /** How times are written. */
  readonly clock: Clock;
  readonly unit: LengthUnit;
  readonly date: string;
  /** When it begins, epoch milliseconds. */
  readonly beginsAt: number;
  /** Whether everybody is at home, in zones of their own. */
  readonly atHome: boolean;
  /** How much longer paint is expected to dry than first guessed. */
  readonly drying: number;
  /** What participants take home, in a sentence that is true of what they made. */
  readonly farewell: string;
}

/** What everybody knows of a run. */
export interface LiveState extends RunMoment {
  readonly version: number;
  readonly running: boolean;
  readonly ended: boolean;
  /** Epoch milliseconds of the server. */
  readonly now: number;
  readonly startedAt: number;
  readonly inserted: readonly Inserted[];
  /** How many are done with the step, and how many are stuck at any. */
  readonly done: number;
  readonly stuck: number;
  /** Of a step at a tool; null otherwise. */
  readonly line: ToolLine | null;
}

/**
 * Versions count within a run, and a new run begins at 1 again: an older run is never newer,
 * however far it went.
 */
export const isNewer = (
  next: Pick<LiveState, "startedAt" | "version">,
  old: Pick<LiveState, "startedAt" | "version">,
): boolean =>
  next.startedAt > old.startedAt ||
  (next.startedAt === old.startedAt && next.version >= old.version);

/** What only the host knows. */
export interface StageState extends LiveState {
  readonly marks: readonly {
    readonly seat: string;
    readonly step: string;
    readonly kind: "done" | "stuck";
    readonly at: number;
    readonly what: string;
  }[];
  /** The last act, which can be taken back. */
  readonly last: string | null;
  /** Before the class: who has everything, and who lacks what. */
  readonly ready: readonly {
    readonly seat: string;
    readonly kind: "ready" | "missing";
    readonly what: string;
  }[];
  /** For whose seat a second phone asks, and since when. */
  readonly phones: readonly { readonly seat: string; readonly at: number }[];
}

/** As participants may know it: nothing of the host's own words. */
export type FollowedStep = Omit<LiveStep, "say" | "show" | "guess">;
export type FollowedClass = Omit<LiveClass, "steps" | "drying"> & {
  readonly steps: readonly FollowedStep[];
};

export const followed = ({ steps, drying: _, ...live }: LiveClass): FollowedClass => ({
  ...live,
  steps: steps.map(({ say: __, show: ___, guess: ____, ...step }) => step),
});

/** The steps of the class with those that were put in on the evening. */
export function stepsOfRun<T extends FollowedStep>(
  live: { readonly steps: readonly T[] },
  inserted: readonly Inserted[],
): readonly T[] {
  return withInserted(
    live.steps,
    inserted.map(({ step, behind }) => ({ behind, step: { ...PUT_IN, ...step } as unknown as T })),
  );
}

const PUT_IN: Omit<LiveStep, "id" | "title" | "minutes"> = {
  guess: 0,
  startMinute: 0,
  who: "together",
  tool: null,
  after: [],
  say: "",
  show: "",
  check: "",
  care: "",
  slip: "",
  doIt: "",
  lies: "",
  thing: null,
};

export function publicState({
  marks: _,
  last: __,
  ready: ___,
  phones: ____,
  ...state
}: StageState): LiveState {
  return state;
}
