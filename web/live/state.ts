/** Reads what the stage and the phones know of a class and its run. */
import { instantOf } from "@elm-basket/core/calendar/zones.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { dryingOf, guessedPace } from "@elm-basket/core/figures/figured.ts";
import { toolLine } from "@elm-basket/core/live/run.ts";
import { sayPlacing } from "@elm-basket/core/plan/placing-words-en.ts";
import { careOf } from "@elm-basket/core/proposal/care.ts";
import { deedOf } from "@elm-basket/core/proposal/order.ts";
import { schoolsOf, situationOf } from "@elm-basket/core/proposal/situation.ts";
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { readClass } from "../data/class-documents.ts";
import { withStudio } from "../data/client.ts";
import { currentRun, lastAct, type RunRow } from "../data/live-runs.ts";
import { dryMarks, readyMarks, type StepEnd, seatMarks, stepEnds } from "../data/log.ts";
import { readPlan, type StoredPlan } from "../data/making.ts";
import { askingPhones } from "../data/phone-seats.ts";
import { studioWays } from "../data/sign-in.ts";
import { factsByThing } from "../planning/proposal.ts";
import { type LiveClass, type LiveStep, type StageState, stepsOfRun } from "./live-class.ts";

export async function liveClass(studioId: string, workshopId: string): Promise<LiveClass | null> {
  return withStudio(studioId, async (sql) => {
    const stored = await readClass(sql, workshopId);
    const plan = await readPlan(sql, workshopId);
    if (!stored || !plan) return null;
    const ways = await studioWays(sql);
    const { document } = stored;
    const { when } = document;
    const before = new Map(document.steps.map((step, i) => [step.id, document.steps[i - 1]?.id]));
    return {
      title: document.title,
      zone: when.zone,
      clock: ways.clock,
      unit: ways.unit,
      date: when.date,
      beginsAt: instantOf(when.date, when.time, when.zone),
      atHome: document.setting.kind === "craftAlong",
      farewell: farewell(document, plan.facts, ways.schools),
      drying: dryingOf(document),
      endMinute: plan.runSheet.endMinute,
      seats: plan.seats.map(({ seat, label }) => ({ seat, label })),
      steps: plan.runSheet.steps.flatMap((row): LiveStep[] => {
        const step = document.steps.find(({ id }) => id === row.id);
        if (!step) return [];
        const placing = deedOf(step) === "place" ? placedIn(step, document, plan.placing) : [];
        const first = before.get(step.id);
        const tool =
          step.who === "queue" ? document.tools.find(({ id }) => id === step.tool) : undefined;
        return [
          {
            id: step.id,
            title: titleOfStep(step, document.things),
            minutes: row.minutes,
            startMinute: row.startMinute,
            who: step.who,
            tool:
              step.who === "queue" ? { name: tool?.name ?? "", places: tool?.count ?? 1 } : null,
            after: step.after ?? (first === undefined ? [] : [{ step: first, wait: 0 }]),
            say: step.say,
            show: step.show,
            check: step.check,
            care: step.care,
            slip: step.slip ?? "",
            doIt: step.doIt,
            lies: sayPlacing(placing, ways.unit),
            thing: step.thing ?? null,
            guess: row.minutes / guessedPace(document, step.id),
          },
        ];
      }),
    };
  });
}

/** What is true of each thing at home; what is true of several is told once. */
function farewell(document: ClassDocument, facts: StoredPlan["facts"], schools: Schools): string {
  const known = factsByThing(facts);
  const own = schoolsOf(document, schools);
  return [
    ...new Set(
      document.things.map(
        ({ id }) => careOf(situationOf(document, id, own, known.get(id))).participant,
      ),
    ),
    "Enjoy it.",
  ].join(" ");
}

/** Of the thing that the step is about. */
function placedIn(
  { thing }: Step,
  { things }: ClassDocument,
  placing: StoredPlan["placing"],
): StoredPlan["placing"] {
  const of = thing ?? things[0]?.id;
  return placing.filter((row) => row.thing === undefined || row.thing === of);
}

const NOT_BEGUN: RunRow = {
  id: "",
  version: 0,
  stepId: "",
  startedAt: new Date(0),
  endedAt: null,
  stepStartedAt: new Date(0),
  extraSeconds: 0,
  heldAt: null,
  heldSeconds: 0,
  skipped: [],
  inserted: [],
};

/** Everything there is to know of the run that goes on, or of the last one. */
export async function stageState(
  studioId: string,
  workshopId: string,
  live: LiveClass,
): Promise<StageState> {
  return withStudio(studioId, async (sql) => {
    const run = await currentRun(sql, workshopId);
    const running = run !== null && run.endedAt === null;
    const own = run ?? NOT_BEGUN;
    const steps = stepsOfRun(live, own.inserted);
    const at = steps.findIndex(({ id }) => id === own.stepId);
    const step = steps[at];
    const ends = run ? await stepEnds(sql, workshopId, run.startedAt) : new Map<string, StepEnd>();
    const dry = run ? await dryMarks(sql, workshopId, run.startedAt) : {};
    const marks =
      running && step
        ? await seatMarks(
            sql,
            workshopId,
            [step.id, ...steps.slice(Math.max(0, at - 1), at).map(({ id }) => id)],
            own.startedAt,
          )
        : [];
    const here = marks.filter((mark) => mark.kind === "done" && mark.step === own.stepId);
    const before = new Map(
      marks.flatMap((mark) =>
        mark.kind === "done" && mark.step !== own.stepId
          ? [[mark.seat, mark.at.getTime()] as const]
          : [],
      ),
    );
    return {
      version: own.version,
      running,
      ended: run !== null && !running,
      stepId: own.stepId,
      now: Date.now(),
      startedAt: own.startedAt.getTime(),
      stepStartedAt: own.stepStartedAt.getTime(),
      extraSeconds: own.extraSeconds,
      dry,
      heldAt: own.heldAt?.getTime() ?? null,
      heldSeconds: own.heldSeconds,
      ends: Object.fromEntries([...ends].map(([id, end]) => [id, end.at.getTime()])),
      skipped: own.skipped,
      inserted: own.inserted,
      done: here.length,
      stuck: marks.filter(({ kind }) => kind === "stuck").length,
      line:
        running && step?.tool
          ? toolLine(
              live.seats.map(({ seat }) => seat),
              before,
              new Set(here.map(({ seat }) => seat)),
              step.tool.places,
            )
          : null,
      marks: marks.map((mark) => ({ ...mark, at: mark.at.getTime() })),
      last: running && run ? ((await lastAct(sql, run.id))?.act ?? null) : null,
      ready: running ? [] : await readyMarks(sql, workshopId),
      phones: (await askingPhones(sql, workshopId)).map(({ seat, at }) => ({
        seat,
        at: at.getTime(),
      })),
    };
  });
}
