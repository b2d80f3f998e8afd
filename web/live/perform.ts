/**
 * What a host does to a run: each act once, on the run as the caller saw it, and kept so that a
 * slip can be taken back.
 */

import { nextStep, notBefore, type RunMoment } from "@elm-basket/core/live/run.ts";
import { isWet, mayDry } from "@elm-basket/core/proposal/paced.ts";
import * as z from "zod";
import type { Sql } from "../data/client.ts";
import {
  addTime,
  endRun,
  hold,
  insertSteps,
  lastAct,
  lockOpenRun,
  lockRun,
  type RunRow,
  recordAct,
  startRun,
  tellFollowers,
  toStep,
  undoAct,
} from "../data/live-runs.ts";
import { addLog, dryMarks, seatMarks, stepEnds } from "../data/log.ts";
import { decidePhones } from "../data/phone-seats.ts";
import { freshCode } from "./link-code.ts";
import { type LiveClass, type LiveStep, stepsOfRun } from "./live-class.ts";

const id = z.string().min(1).max(60);
const text = z.string().trim().max(300);
export const stageActSchema = z.discriminatedUnion("act", [
  z.strictObject({ act: z.literal("begin") }),
  // What is done instead of waiting for the next one.
  z.strictObject({ act: z.literal("next"), to: id.optional() }),
  z.strictObject({ act: z.literal("back") }),
  z.strictObject({ act: z.literal("skip") }),
  z.strictObject({ act: z.literal("hold") }),
  z.strictObject({ act: z.literal("minutes"), by: z.number().int().min(-30).max(30) }),
  z.strictObject({
    act: z.literal("insert"),
    title: z.string().trim().min(1).max(80),
    minutes: z.number().int().min(1).max(240),
  }),
  z.strictObject({ act: z.literal("undo") }),
  z.strictObject({ act: z.literal("end") }),
  z.strictObject({ act: z.literal("note"), note: text.min(1) }),
  z.strictObject({ act: z.literal("flaw"), seat: id, reason: text }),
  z.strictObject({ act: z.literal("helped"), seat: id, step: id }),
  // One answer for all who are stuck with the same at the same step.
  z.strictObject({ act: z.literal("answered"), step: id, what: z.string().max(200) }),
  z.strictObject({ act: z.literal("seatDone"), seat: id }),
  // A second phone that says it is this seat, or all that do: let in, or turned away.
  z.strictObject({ act: z.literal("phone"), seat: id.nullable(), letIn: z.boolean() }),
  // Touched while it dries: it is dry, or not yet.
  z.strictObject({ act: z.literal("dry"), of: id, dry: z.boolean() }),
]);
export type StageAct = z.infer<typeof stageActSchema>;

/** What is not dry when it is touched is touched again after this, minutes. */
const LATER_MINUTES = 5;
/** Steps put in on one evening. */
const MOST_INSERTED = 40;

interface Where {
  readonly studioId: string;
  readonly workshopId: string;
  readonly live: LiveClass;
}

/**
 * Does nothing where the run is not as the caller saw it any more, or where the act names what is
 * not there.
 */
export async function perform(
  sql: Sql,
  { studioId, workshopId, live }: Where,
  act: StageAct,
  version: number,
): Promise<void> {
  const log = (entry: Parameters<typeof addLog>[3]) => addLog(sql, studioId, workshopId, entry);
  if (act.act === "begin") {
    const [first] = live.steps;
    if (first && (await startRun(sql, studioId, workshopId, first.id)))
      await log({ kind: "liveStart" });
    return;
  }
  if (act.act === "phone") {
    await decidePhones(sql, workshopId, act.seat, act.letIn);
    await tellFollowers(sql, workshopId, version);
    return;
  }
  if (
    act.act === "note" ||
    act.act === "flaw" ||
    act.act === "helped" ||
    act.act === "answered" ||
    act.act === "seatDone"
  ) {
    await said(sql, { studioId, workshopId, live }, act);
    return;
  }
  const locked = await lockRun(sql, workshopId, version);
  if (!locked) return;
  const { run, spentMinutes } = locked;
  const steps = stepsOfRun(live, run.inserted);
  const step = steps.find((one) => one.id === run.stepId);
  const ends = await stepEnds(sql, workshopId, run.startedAt);
  const moment = {
    ...momentOf(run, new Map([...ends].map(([key, end]) => [key, end.at.getTime()]))),
    dry: await dryMarks(sql, workshopId, run.startedAt),
  };
  const keep = (logged: readonly string[] = []) =>
    recordAct(sql, studioId, workshopId, run, act.act, logged);
  const ended = async () => [
    await log({
      kind: "liveStep",
      step: run.stepId,
      minutes: workedMinutes(step, run, moment, spentMinutes),
      ...(step?.guess ? { body: { guess: step.guess } } : {}),
    }),
  ];
  switch (act.act) {
    case "next": {
      const after: RunMoment = { ...moment, ends: { ...moment.ends, [run.stepId]: Date.now() } };
      const to =
        act.to === undefined
          ? nextStep(steps, after)
          : steps.find((one) => one.id === act.to && !Object.hasOwn(after.ends, one.id));
      if (!to || to.id === run.stepId) return;
      await keep(await ended());
      await toStep(sql, run.id, to.id, { skipped: run.skipped.filter((one) => one !== to.id) });
      return;
    }
    case "skip": {
      const to = nextStep(steps, { ...moment, skipped: [...run.skipped, run.stepId] });
      if (!to) return;
      await keep([await log({ kind: "skipped", step: run.stepId })]);
      await toStep(sql, run.id, to.id, { skipped: [...run.skipped, run.stepId] });
      return;
    }
    case "back": {
      const [last] = [...ends]
        .filter(([key]) => steps.some((one) => one.id === key))
        .sort((a, b) => b[1].at.getTime() - a[1].at.getTime());
      if (!last) return;
      await keep([await log({ kind: "undone", step: last[0], body: { of: last[1].id } })]);
      await toStep(sql, run.id, last[0], { spent: last[1].minutes });
      return;
    }
    case "hold":
      await keep();
      await hold(sql, run.id);
      return;
    case "minutes":
      await keep();
      await addTime(sql, run.id, 60 * act.by);
      return;
    case "insert": {
      if (run.inserted.length >= MOST_INSERTED) return;
      await keep();
      await insertSteps(sql, run.id, [
        ...run.inserted,
        {
          step: { id: `in-${freshCode(8)}`, title: act.title, minutes: act.minutes },
          behind: run.stepId,
        },
      ]);
      return;
    }
    case "dry": {
      const done = ends.get(act.of)?.at.getTime();
      const wait = Math.max(
        0,
        ...steps.flatMap(({ after }) =>
          after.flatMap((before) => (before.step === act.of ? [before.wait] : [])),
        ),
      );
      if (done === undefined || wait === 0 || !mayDry(act.of)) return;
      const now = Date.now();
      const until = act.dry ? now : now + LATER_MINUTES * 60_000;
      await keep([
        await log({
          kind: "dry",
          step: act.of,
          minutes: (now - done) / 60_000,
          body: { dry: act.dry, until, wait, guess: wait / (isWet(act.of) ? live.drying : 1) },
        }),
      ]);
      await tellFollowers(sql, workshopId, run.version);
      return;
    }
    case "undo": {
      const last = await lastAct(sql, run.id);
      if (!last) return;
      await undoAct(sql, run.id, last);
      if (last.logged.length > 0)
        await log({ kind: "undone", body: { of: last.logged.join(" ") } });
      return;
    }
    case "end":
      await ended();
      await endRun(sql, run.id);
      await log({ kind: "liveEnd", minutes: (Date.now() - run.startedAt.getTime()) / 60_000 });
  }
}

/**
 * What is said of a seat or of the evening: the run itself stays as it is. A note and a flaw can be
 * taken back like any act.
 */
async function said(
  sql: Sql,
  { studioId, workshopId, live }: Where,
  act: Extract<StageAct, { act: "note" | "flaw" | "helped" | "answered" | "seatDone" }>,
): Promise<void> {
  const run = await lockOpenRun(sql, workshopId);
  if (
    act.act !== "note" &&
    act.act !== "answered" &&
    !live.seats.some(({ seat }) => seat === act.seat)
  )
    return;
  const log = (entry: Parameters<typeof addLog>[3]) => addLog(sql, studioId, workshopId, entry);
  if (act.act === "note" || act.act === "flaw") {
    const at = run ? { step: run.stepId } : {};
    const id = await (act.act === "note"
      ? log({ kind: "note", ...at, body: { note: act.note } })
      : log({ kind: "flaw", seat: act.seat, ...at, body: { reason: act.reason } }));
    if (run) await recordAct(sql, studioId, workshopId, run, act.act, [id]);
  } else if (!run) return;
  else if (act.act === "answered") {
    const stuck = (await seatMarks(sql, workshopId, [], run.startedAt)).filter(
      ({ kind, step, what }) => kind === "stuck" && step === act.step && what === act.what,
    );
    for (const { seat } of stuck) await log({ kind: "helped", seat, step: act.step });
  } else if (act.act === "seatDone") await log({ kind: "done", seat: act.seat, step: run.stepId });
  else if (!stepsOfRun(live, run.inserted).some((step) => step.id === act.step)) return;
  else await log({ kind: "helped", seat: act.seat, step: act.step });
  await tellFollowers(sql, workshopId, run?.version ?? 0);
}

const momentOf = (run: RunRow, ends: ReadonlyMap<string, number>): RunMoment => ({
  stepId: run.stepId,
  stepStartedAt: run.stepStartedAt.getTime(),
  extraSeconds: run.extraSeconds,
  heldAt: run.heldAt?.getTime() ?? null,
  heldSeconds: run.heldSeconds,
  ends: Object.fromEntries(ends),
  skipped: run.skipped,
});

/** Drying that kept the step is no work at it. */
function workedMinutes(
  step: LiveStep | undefined,
  run: RunRow,
  moment: RunMoment,
  spentMinutes: number,
): number {
  const until = step ? notBefore(step, moment) : null;
  const dried =
    until === null
      ? 0
      : Math.max(0, Math.min(Date.now(), until) - run.stepStartedAt.getTime()) / 60_000;
  return Math.max(0, spentMinutes - dried);
}
