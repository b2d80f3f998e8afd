/** What followers and the stage know of a run. Server time is the truth; clients keep an offset. */
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { sayPlacing } from "@elm-basket/core/plan/placing-words-en.ts";
import { titleOfStep } from "@elm-basket/core/plan/set-steps.ts";
import { careOf } from "@elm-basket/core/proposal/care.ts";
import { deedOf } from "@elm-basket/core/proposal/order.ts";
import { schoolsOf, situationOf } from "@elm-basket/core/proposal/situation.ts";
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Clock } from "@elm-basket/core/units/time.ts";
import { readClass } from "../data/class-documents.ts";
import { type Sql, withStudio } from "../data/client.ts";
import { currentRun, type RunRow } from "../data/live-runs.ts";
import { seatMarks, stepEnds } from "../data/log.ts";
import { readPlan, type StoredPlan } from "../data/making.ts";
import { studioWays } from "../data/sign-in.ts";
import { factsByThing } from "../planning/proposal.ts";

export interface LiveStep {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly startMinute: number;
  readonly say: string;
  readonly show: string;
  readonly check: string;
  readonly care: string;
  /** What participants read; the host's own words are not for them. */
  readonly doIt: string;
  /** Where it lies, in figures a hand can measure; empty where nothing is laid. */
  readonly lies: string;
  /** The same of each seat: left, right, above, below and round the wall from the handle, mm. */
  readonly places: Readonly<Record<string, readonly (number | null)[]>>;
  /** What must have dried or cured before it, and how many minutes. */
  readonly waits: readonly { readonly step: string; readonly minutes: number }[];
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
  /** What participants take home, in a sentence that is true of what they made. */
  readonly farewell: string;
}

export interface LiveState {
  readonly version: number;
  readonly running: boolean;
  readonly ended: boolean;
  readonly stepIndex: number;
  /** Epoch milliseconds of the server. */
  readonly now: number;
  readonly startedAt: number;
  readonly stepStartedAt: number;
  readonly extraSeconds: number;
  readonly heldAt: number | null;
  readonly heldSeconds: number;
  /** Before this moment the step must not begin, because something dries; epoch milliseconds. */
  readonly notBefore: number | null;
  readonly marks: readonly { readonly seat: string; readonly kind: "done" | "stuck"; readonly at: number }[];
}

export async function liveClass(studioId: string, workshopId: string): Promise<LiveClass | null> {
  return withStudio(studioId, async (sql) => {
    const stored = await readClass(sql, workshopId);
    const plan = await readPlan(sql, workshopId);
    if (!stored || !plan) return null;
    const ways = await studioWays(sql);
    const steps = new Map(stored.document.steps.map((step) => [step.id, step]));
    return {
      title: stored.document.title,
      zone: stored.document.when.zone,
      clock: ways.clock,
      unit: ways.unit,
      date: stored.document.when.date,
      farewell: farewell(stored.document, plan.facts, ways.schools),
      endMinute: plan.runSheet.endMinute,
      seats: plan.seats.map(({ seat, label }) => ({ seat, label })),
      steps: plan.runSheet.steps.flatMap((row) => {
        const step = steps.get(row.id);
        return step ? [liveStep({ ...step, title: titleOfStep(step, stored.document.things) }, row, deedOf(step) === "place" ? placedIn(step, stored.document, plan.placing) : [], ways.unit)] : [];
      }),
    };
  });
}

/** What is true of each thing at home; what is true of several is told once. */
function farewell(document: ClassDocument, facts: StoredPlan["facts"], schools: Schools): string {
  const known = factsByThing(facts);
  const own = schoolsOf(document, schools);
  return [...new Set(document.things.map(({ id }) => careOf(situationOf(document, id, own, known.get(id))).participant)), "Enjoy it."].join(" ");
}

/** Of the thing that the step is about. */
function placedIn({ thing }: Step, { things }: ClassDocument, placing: StoredPlan["placing"]): StoredPlan["placing"] {
  const of = thing ?? things[0]?.id;
  return placing.filter((row) => row.thing === undefined || row.thing === of);
}

function liveStep(step: Step, row: { startMinute: number; minutes: number }, placing: StoredPlan["placing"], unit: LengthUnit): LiveStep {
  return {
    id: step.id,
    title: step.title,
    minutes: row.minutes,
    startMinute: row.startMinute,
    say: step.say,
    show: step.show,
    check: step.check,
    care: step.care,
    doIt: step.doIt,
    lies: sayPlacing(placing, unit),
    places: Object.fromEntries(placing.map(({ seat, left, right, above, below, arcFromHandle }) => [seat, [left, right, above, below, ...(arcFromHandle === undefined ? [] : [arcFromHandle])]])),
    waits: (step.after ?? []).flatMap(({ step: before, wait }) => (wait > 0 ? [{ step: before, minutes: wait }] : [])),
  };
}

export function stateOf(run: RunRow | null, marks: readonly { seat: string; kind: "done" | "stuck"; at: Date }[] = [], notBefore: number | null = null): LiveState {
  return {
    version: run?.version ?? 0,
    running: !!run && !run.endedAt,
    ended: !!run?.endedAt,
    stepIndex: run?.stepIndex ?? 0,
    now: Date.now(),
    startedAt: run?.startedAt.getTime() ?? 0,
    stepStartedAt: run?.stepStartedAt.getTime() ?? 0,
    extraSeconds: run?.extraSeconds ?? 0,
    heldAt: run?.heldAt?.getTime() ?? null,
    heldSeconds: run?.heldSeconds ?? 0,
    notBefore,
    marks: marks.map((mark) => ({ seat: mark.seat, kind: mark.kind, at: mark.at.getTime() })),
  };
}

export async function liveState(studioId: string, workshopId: string, steps: readonly LiveStep[]): Promise<LiveState> {
  return withStudio(studioId, async (sql) => {
    const run = await currentRun(sql, workshopId);
    const step = run ? steps[run.stepIndex] : undefined;
    const marks = run && step && !run.endedAt ? await seatMarks(sql, workshopId, step.id, run.stepStartedAt) : [];
    return stateOf(run, marks, run && step && !run.endedAt ? await dryUntil(sql, workshopId, run, step) : null);
  });
}

/** When everything the step waits for has dried, counted from when that really was done in this run. */
export async function dryUntil(sql: Sql, workshopId: string, run: Pick<RunRow, "startedAt">, { waits }: Pick<LiveStep, "waits">): Promise<number | null> {
  if (waits.length === 0) return null;
  const ended = await stepEnds(sql, workshopId, run.startedAt);
  const times = waits.flatMap(({ step, minutes }) => {
    const at = ended.get(step);
    return at ? [at.getTime() + minutes * 60_000] : [];
  });
  return times.length === 0 ? null : Math.max(...times);
}
