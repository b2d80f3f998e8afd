/**
 * Cutting a load: begun, followed, and written down as it goes. Whatever the machine forgets, the
 * studio knows.
 */
import {
  onlyPieces,
  piecesOfHpgl,
  shiftedHpgl,
  withSetting,
} from "@elm-basket/core/cutting/rest.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { withStudio } from "@/data/client.ts";
import {
  beginJob,
  type CutJob,
  type JobProgress,
  type JobState,
  jobsOf,
  lastTestCut,
  recordProgress,
  runningJob,
} from "@/data/cut-jobs.ts";
import { guessOfCut } from "@/data/learning.ts";
import { addLog } from "@/data/log.ts";
import { listSheets, type SheetRow, type SheetText } from "@/data/making.ts";
import { filmOf } from "@/data/scraps.ts";
import { finishSheet } from "./finish.ts";
import {
  type Control,
  CutterSilent,
  type CutterStatus,
  control,
  cutterResult,
  cutterStatus,
  type Load,
  loadFilm,
  sendLines,
  waitingFilm,
} from "./port.ts";
import { cutterOf } from "./whose.ts";

export type Begun =
  | { readonly ok: true; readonly job: CutJob }
  | {
      readonly ok: false;
      readonly reason: "gone" | "busy" | "silent" | "nothingLeft" | "otherFilm";
    };

export interface Begin {
  readonly studioId: string;
  readonly workshopId: string;
  readonly document: ClassDocument;
  readonly nn: number;
  readonly preflight: unknown;
  /** Writes the file of a sheet; null where there is no such sheet any more. */
  readonly textOf: (nn: number) => Promise<Pick<SheetText, "hash" | "hpgl"> | null>;
}

/**
 * Sends what of the load is not yet through. The job stands in the database before the machine
 * hears of it.
 */
export async function beginCutting({
  studioId,
  workshopId,
  document,
  nn,
  preflight,
  textOf,
}: Begin): Promise<Begun> {
  const found = await withStudio(studioId, async (sql) => {
    const sheet = (await listSheets(sql, workshopId)).find((row) => row.nn === nn);
    const vinyl = document.vinyls.find(({ id }) => id === sheet?.vinyl);
    return {
      sheet,
      jobs: await jobsOf(sql, workshopId),
      setting: vinyl ? await lastTestCut(sql, filmOf(vinyl)) : null,
    };
  });
  const { sheet, setting } = found;
  const file = sheet ? await textOf(nn) : null;
  // Planned anew in between: what stands on the screen is another load.
  if (!sheet || !file || file.hash !== sheet.hash) return { ok: false, reason: "gone" };
  const done = throughOf(found.jobs, sheet);
  const pieces = piecesOfHpgl(file.hpgl).filter((piece) => !done.has(piece));
  if (pieces.length === 0) return { ok: false, reason: "nothingLeft" };
  const cutter = await cutterOf(studioId);
  const before = await cutterStatus(cutter).catch(silently);
  if (!before) return { ok: false, reason: "silent" };
  if (isBusy(before)) return { ok: false, reason: "busy" };
  const { meta } = sheet;
  const load = loadOf(document, meta);
  const waiting = waitingFilm(before);
  if (waiting && !sameSize(waiting, load)) return { ok: false, reason: "otherFilm" };
  const job = await withStudio(studioId, (sql) =>
    beginJob(sql, studioId, workshopId, {
      nn,
      sheetHash: sheet.hash,
      pieces,
      cutMm: sheet.meta.cutLengthMm,
      preflight,
    }),
  );
  if (!job) return { ok: false, reason: "busy" };
  const own = onlyPieces(file.hpgl, new Set(pieces));
  // On a shared mat the film lies away from the corner; y counts from the far end.
  const rest = meta.mat
    ? shiftedHpgl(own, meta.mat.x, meta.mat.height - meta.mat.y - meta.height)
    : own;
  const lines = setting ? withSetting(rest, setting) : rest;
  const status = await (waiting
    ? sendLines(cutter, lines, job.id)
    : loadFilm(cutter, load).then(() => sendLines(cutter, lines, job.id))
  ).catch(silently);
  if (!status) {
    await withStudio(studioId, (sql) =>
      recordProgress(
        sql,
        job.id,
        { state: "stopped", cut: [], seconds: 0, ofSeconds: 0, fault: "silent" },
        true,
      ),
    );
    return { ok: false, reason: "silent" };
  }
  follow(studioId);
  return { ok: true, job };
}

/** Lines are on their way no longer than this: the port waits three seconds for each answer. */
const SENDING_MS = 10_000;

const isBusy = ({ state }: CutterStatus): boolean =>
  state === "cutting" || state === "paused" || state === "jammed";
const SAME_MM = 0.05;
const sameSize = (a: Pick<Load, "width" | "height">, b: Pick<Load, "width" | "height">): boolean =>
  Math.abs(a.width - b.width) < SAME_MM && Math.abs(a.height - b.height) < SAME_MM;

const loadOf = ({ cutter }: ClassDocument, meta: SheetRow["meta"]): Load => ({
  width: meta.mat?.width ?? meta.width,
  height: meta.mat?.height ?? meta.height,
  motion: {
    travelSpeed: cutter.travelSpeed,
    liftSeconds: cutter.liftSeconds,
    cornerSeconds: cutter.cornerSeconds,
  },
});

/**
 * The film of a load goes in; its lines are sent by `beginCutting`. Film that is still in comes
 * out.
 */
export async function loadSheet({
  studioId,
  workshopId,
  document,
  nn,
}: Omit<Begin, "preflight" | "textOf">): Promise<"loaded" | "gone" | "busy" | "silent"> {
  const sheet = (await withStudio(studioId, (sql) => listSheets(sql, workshopId))).find(
    (row) => row.nn === nn,
  );
  if (!sheet) return "gone";
  const cutter = await cutterOf(studioId);
  const before = await cutterStatus(cutter).catch(silently);
  if (!before) return "silent";
  if (isBusy(before) || (await withStudio(studioId, runningJob))) return "busy";
  return (await loadFilm(cutter, loadOf(document, sheet.meta)).catch(silently))
    ? "loaded"
    : "silent";
}

const piecesOn = ({ meta }: Pick<SheetRow, "meta">): string[] =>
  meta.kits.flatMap(({ pieces }) => pieces.map(({ id }) => id));

/** Pieces of a load that are through, over all attempts. */
export function throughOf(
  jobs: readonly CutJob[],
  sheet: Pick<SheetRow, "nn" | "hash">,
): Set<string> {
  const own = jobs.filter((job) => job.nn === sheet.nn && job.sheetHash === sheet.hash);
  const latest = new Map<string, boolean>();
  for (const job of own)
    for (const piece of job.cut)
      latest.set(piece, (job.outcomes[piece] ?? "through") === "through");
  return new Set([...latest].filter(([, through]) => through).map(([piece]) => piece));
}

function silently(error: unknown): null {
  if (error instanceof CutterSilent) return null;
  throw error;
}

/**
 * Brings what is written down up to what the machine says. Returns the job as it is now, or null
 * when none runs.
 */
export async function syncCutting(
  studioId: string,
): Promise<{ job: CutJob; silent: boolean } | null> {
  const job = await withStudio(studioId, runningJob);
  if (!job) return null;
  const cutter = await cutterOf(studioId);
  const status = await cutterStatus(cutter).catch(silently);
  if (!status) return { job, silent: true };
  const own = status.job === job.id;
  const sending = job.state === "sending" && Date.now() - job.startedAt.getTime() < SENDING_MS;
  // Between the row in the database and the first line at the machine its answer is still that of
  // the job before: it counts for nothing.
  if (!own && sending) return { job, silent: false };
  const ended =
    !own ||
    status.state === "done" ||
    status.state === "empty" ||
    (status.state === "ready" && (status.received || !sending));
  const finished =
    own &&
    status.state === "done" &&
    status.received &&
    job.pieces.every((piece) => status.cut.includes(piece));
  // A result that could not be read says nothing of any piece: it is asked for again, and the job
  // goes on until then.
  const result =
    own && ended && status.state === "done" ? await cutterResult(cutter).catch(() => null) : [];
  if (result === null) return { job, silent: true };
  const outcomes = Object.fromEntries(result.map(({ piece, outcome }) => [piece, outcome]));
  const progress: JobProgress = {
    state: !ended ? stateOf(status) : finished ? "finished" : "stopped",
    cut: own ? known(status.cut, job) : [],
    seconds: own ? status.seconds : 0,
    ofSeconds: own ? status.ofSeconds : 0,
    fault: status.fault ?? (ended && !finished ? "stopped" : null),
    outcomes,
  };
  const now = await withStudio(studioId, async (sql) => {
    const recorded = await recordProgress(sql, job.id, progress, ended);
    if (!recorded?.endedAt) return recorded;
    const sheet = (await listSheets(sql, job.workshopId)).find(
      (row) => row.nn === job.nn && row.hash === job.sheetHash,
    );
    const all = sheet ? piecesOn(sheet) : [];
    // Only a load that went through whole, in one go, says how long it takes.
    const whole =
      recorded.state === "finished" && sheet && all.every((piece) => job.pieces.includes(piece));
    await addLog(sql, studioId, job.workshopId, {
      kind: "cut",
      minutes: recorded.seconds / 60,
      body: {
        sheet: job.nn,
        state: recorded.state,
        cut: recorded.cut.length,
        of: job.pieces.length,
        ...(recorded.fault ? { fault: recorded.fault } : {}),
        ...(whole ? await guessOfCut(sql, job.workshopId, sheet.meta.cutMinutes) : {}),
      },
    });
    const through = sheet ? throughOf(await jobsOf(sql, job.workshopId), sheet) : new Set<string>();
    if (sheet && all.every((piece) => through.has(piece)))
      await finishSheet(sql, studioId, job.workshopId, sheet, true);
    return recorded;
  });
  return { job: now ?? job, silent: false };
}

const known = (cut: readonly string[], job: CutJob): string[] =>
  cut.filter((piece) => job.pieces.includes(piece));

/** Of a job that has not ended: film that is in and waits has its lines still on their way. */
const stateOf = ({ state }: CutterStatus): JobState =>
  state === "paused" || state === "jammed" ? state : state === "cutting" ? "cutting" : "sending";

export async function steer(studioId: string, what: Control): Promise<boolean> {
  const done = await control(await cutterOf(studioId), what).catch(silently);
  await syncCutting(studioId);
  return done !== null;
}

const FOLLOW_MS = 700;
const holder = globalThis as typeof globalThis & { elmFollowing?: Set<string> };

/** Looks after a running job also when no window is open. One watch a studio and server. */
export function follow(studioId: string): void {
  holder.elmFollowing ??= new Set();
  if (holder.elmFollowing.has(studioId)) return;
  holder.elmFollowing.add(studioId);
  const look = async () => {
    const now = await syncCutting(studioId).catch(() => ({ silent: true }));
    if (now) setTimeout(() => void look(), FOLLOW_MS).unref();
    else holder.elmFollowing?.delete(studioId);
  };
  setTimeout(() => void look(), FOLLOW_MS).unref();
}
