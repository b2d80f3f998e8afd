/** What followers and the stage know of a run. Server time is the truth; clients keep an offset. */
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import { readClass } from "../data/class-documents.ts";
import { withStudio } from "../data/client.ts";
import { currentRun, type RunRow } from "../data/live-runs.ts";
import { seatMarks } from "../data/log.ts";
import { readPlan } from "../data/making.ts";

export interface LiveStep {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly startMinute: number;
  readonly say: string;
  readonly show: string;
  readonly check: string;
  readonly care: string;
  readonly drying: readonly string[];
}

export interface LiveClass {
  readonly title: string;
  readonly steps: readonly LiveStep[];
  readonly seats: readonly { readonly seat: string; readonly label: string }[];
  readonly endMinute: number;
  readonly zone: string;
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
  readonly marks: readonly { readonly seat: string; readonly kind: "done" | "stuck"; readonly at: number }[];
}

export async function liveClass(studioId: string, workshopId: string): Promise<LiveClass | null> {
  return withStudio(studioId, async (sql) => {
    const stored = await readClass(sql, workshopId);
    const plan = await readPlan(sql, workshopId);
    if (!stored || !plan) return null;
    const steps = new Map(stored.document.steps.map((step) => [step.id, step]));
    return {
      title: stored.document.title,
      zone: stored.document.when.zone,
      endMinute: plan.runSheet.endMinute,
      seats: plan.seats.map(({ seat, label }) => ({ seat, label })),
      steps: plan.runSheet.steps.flatMap((row) => {
        const step = steps.get(row.id);
        return step ? [liveStep(step, row)] : [];
      }),
    };
  });
}

function liveStep(step: Step, row: { startMinute: number; minutes: number }): LiveStep {
  return { id: step.id, title: step.title, minutes: row.minutes, startMinute: row.startMinute, say: step.say, show: step.show, check: step.check, care: step.care, drying: [] };
}

export function stateOf(run: RunRow | null, marks: readonly { seat: string; kind: "done" | "stuck"; at: Date }[] = []): LiveState {
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
    marks: marks.map((mark) => ({ seat: mark.seat, kind: mark.kind, at: mark.at.getTime() })),
  };
}

export async function liveState(studioId: string, workshopId: string, steps: readonly LiveStep[]): Promise<LiveState> {
  return withStudio(studioId, async (sql) => {
    const run = await currentRun(sql, workshopId);
    const step = run ? steps[run.stepIndex] : undefined;
    const marks = run && step && !run.endedAt ? await seatMarks(sql, workshopId, step.id, run.stepStartedAt) : [];
    return stateOf(run, marks);
  });
}
