"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { type Sql, withoutStudio, withStudio } from "@/data/client.ts";
import { addTime, currentRun, endRun, hold, moveStep, startRun, tellFollowers } from "@/data/live-runs.ts";
import { addLog } from "@/data/log.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { linkCode, revokeLinks, workshopForCode } from "@/data/tokens.ts";
import { isId } from "@/planning/planned-class.ts";
import { freshCode } from "./link-code.ts";
import { dryUntil, type LiveState, type LiveStep, liveClass, liveState } from "./state.ts";

export type StageAct = "begin" | "next" | "back" | "hold" | "minute" | "end";

/** Acts on the run if it is still as the caller saw it; either way the answer is what is true now. */
export async function stageAct(id: string, act: StageAct, version: number): Promise<LiveState | null> {
  const host = await requireHost();
  if (!isId(id)) return null;
  const live = await liveClass(host.studioId, id);
  if (!live || live.steps.length === 0) return null;
  await withStudio(host.studioId, (sql) => perform(sql, host.studioId, id, live.steps, act, version));
  if (act === "begin" || act === "end") revalidatePath(`/classes/${id}`, "layout");
  return liveState(host.studioId, id, live.steps);
}

async function perform(sql: Sql, studioId: string, id: string, steps: readonly LiveStep[], act: StageAct, version: number): Promise<void> {
  const run = await currentRun(sql, id);
  if (act === "begin") {
    await startRun(sql, studioId, id);
    await addLog(sql, studioId, id, { kind: "liveStart" });
    return;
  }
  if (!run || run.endedAt) return;
  const step = steps[run.stepIndex];
  const until = step ? await dryUntil(sql, id, run, step) : null;
  // Drying is no work at the step: it is taken out of what the step took.
  const dried = until === null ? 0 : Math.max(0, Math.min(Date.now(), until) - run.stepStartedAt.getTime()) / 60_000;
  const log = (minutes: number) => addLog(sql, studioId, id, { kind: "liveStep", step: step?.id, minutes: Math.max(0, minutes - dried) });
  if (act === "next" || act === "back") {
    const to = run.stepIndex + (act === "next" ? 1 : -1);
    if (to < 0 || to >= steps.length) return;
    const moved = await moveStep(sql, id, version, to);
    if (moved && act === "next") await log(moved.spentMinutes);
  } else if (act === "hold") await hold(sql, id, version);
  else if (act === "minute") await addTime(sql, id, version, 60);
  else {
    const ended = await endRun(sql, id, version);
    if (!ended) return;
    await log(ended.spentMinutes);
    await addLog(sql, studioId, id, { kind: "liveEnd", minutes: (Date.now() - ended.run.startedAt.getTime()) / 60_000 });
  }
}

export async function renewCode(id: string): Promise<void> {
  const host = await requireHost();
  if (!isId(id)) return;
  await withStudio(host.studioId, async (sql) => {
    await revokeLinks(sql, id, "follow");
    await linkCode(sql, host.studioId, id, "follow", freshCode());
  });
  revalidatePath(`/classes/${id}/teach`);
}

/** A participant says done or stuck. The link allows this and reading, nothing else. */
export async function seatSays(code: string, seat: string, kind: "done" | "stuck", stepId: string): Promise<{ ok: boolean; message: string }> {
  if (kind !== "done" && kind !== "stuck") return { ok: false, message: "That cannot be said." };
  const found = await withoutStudio((sql) => workshopForCode(sql, String(code).slice(0, 60), "follow"));
  if (!found) return { ok: false, message: "This link is not in use any more. Ask your host." };
  const allowed = await withoutStudio((sql) => attemptAllowed(sql, `says:${code}:${String(seat).slice(0, 40)}`, 40, 600));
  if (!allowed) return { ok: false, message: "That was often. Wait a little." };
  const live = await liveClass(found.studioId, found.workshopId);
  if (!live?.seats.some((row) => row.seat === seat) || !live.steps.some((step) => step.id === stepId)) return { ok: false, message: "Choose your name first." };
  await withStudio(found.studioId, async (sql) => {
    const run = await currentRun(sql, found.workshopId);
    if (!run || run.endedAt) return;
    await addLog(sql, found.studioId, found.workshopId, { kind, seat, step: stepId });
    await tellFollowers(sql, found.workshopId, run.version);
  });
  return { ok: true, message: kind === "done" ? "Your host sees that you are done." : "Your host sees that you are stuck." };
}
