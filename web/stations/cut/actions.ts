"use server";

import { preflight, unanswered } from "@elm-basket/core/cutting/preflight.ts";
import { testCutHpgl, testCutPage } from "@elm-basket/core/cutting/test-cut.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireMember } from "@/account/session.ts";
import { finishSheet } from "@/cutting/finish.ts";
import { beginCutting, loadSheet, steer, syncCutting } from "@/cutting/job.ts";
import { CutterSilent, cutterStatus, loadFilm, sendLines } from "@/cutting/port.ts";
import { cutterOf } from "@/cutting/whose.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import { keepTestCut, lastTestCut } from "@/data/cut-jobs.ts";
import { addLog } from "@/data/log.ts";
import { listSheets } from "@/data/making.ts";
import { filmOf, scrapsTaken } from "@/data/scraps.ts";
import { bladeMm, newBlade } from "@/data/wear.ts";
import { sheetTexts } from "@/planning/compute.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import { isId, plannedClass } from "@/planning/planned-class.ts";
import { act, no, takes } from "@/requests/act.ts";
import { TEST_FORCES, TEST_SHARES } from "./test-grid.ts";
import { actionsWords } from "./words.ts";

/** Cut on another machine, or not after all. */
export const markLoad = act(
  [takes.id, takes.count, takes.on],
  () => false,
  async (id: string, nn: number, cut: boolean): Promise<boolean> => {
    const host = await requireMember();
    if (!Number.isInteger(nn)) return false;
    const done = await withStudio(host.studioId, async (sql) => {
      const sheet = (await listSheets(sql, id)).find((row) => row.nn === nn);
      if (!sheet || (cut && (await lostScrap(sql, id, nn)))) return false;
      await finishSheet(sql, host.studioId, id, sheet, cut);
      if (cut)
        await addLog(sql, host.studioId, id, {
          kind: "cut",
          body: {
            sheet: nn,
            vinyl: sheet.vinyl,
            plannedMinutes: sheet.meta.cutMinutes + sheet.meta.loadMinutes,
          },
        });
      return true;
    });
    if (done) revalidatePath(`/classes/${id}`, "layout");
    return done;
  },
);

/** Whether a load lies on a scrap that was cut up or thrown away meanwhile. */
const lostScrap = async (sql: Sql, id: string, nn: number): Promise<boolean> =>
  (await scrapsTaken(sql, id)).some((one) => one.nn === nn && one.how !== "planned");

const answersSchema = z.object({
  ticked: z.array(z.string().max(40)).max(20),
  reasons: z.record(z.string().max(40), z.string().max(300)),
});
export type StartAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

const refused = () =>
  ({
    gone: actionsWords().thisLoadIsNoLonger,
    scrap: actionsWords().aScrapOfThisLoad,
    busy: actionsWords().theCutterIsAtWork,
    silent: actionsWords().theCutterDoesNotAnswer,
    nothingLeft: actionsWords().everyPieceOfThisLoad,
    otherFilm: actionsWords().theFilmInTheCutter,
  }) as const;

/** Sends the load, once everything is looked at or answered with a reason. */
export const startCutting = act(
  [takes.id, takes.count, takes.anything],
  no,
  async (id: string, nn: number, answers: unknown): Promise<StartAnswer> => {
    const host = await requireMember();
    const read = answersSchema.safeParse(answers);
    if (!Number.isInteger(nn) || !read.success) return { ok: false, message: refused().gone };
    const planned = await plannedClass(host.studioId, id);
    if (!planned?.ok) return { ok: false, message: refused().gone };
    const { document, plan } = planned.value;
    const lines = await withStudio(host.studioId, async (sql) => {
      const sheet = (await listSheets(sql, id)).find((row) => row.nn === nn);
      const vinyl = document.vinyls.find((own) => own.id === sheet?.vinyl);
      if (!sheet || !vinyl) return null;
      if (await lostScrap(sql, id, nn)) return "scrap" as const;
      return preflight({
        sheet: sheet.meta,
        vinyl,
        mat: document.cutter,
        bladeMm: await bladeMm(sql),
        testCut: await lastTestCut(sql, filmOf(vinyl)),
        findings: plan.findings as never,
      });
    });
    if (lines === "scrap") return { ok: false, message: refused().scrap };
    if (!lines) return { ok: false, message: refused().gone };
    const open = unanswered(lines, read.data);
    if (open.length > 0)
      return {
        ok: false,
        message: actionsWords().stillOpenBeforeYouPress(open.length),
      };
    const begun = await beginCutting({
      studioId: host.studioId,
      workshopId: id,
      document,
      nn,
      preflight: { lines, ...read.data },
      textOf: async (sheet) =>
        (await sheetTexts(id, document, await fontsOf(host.studioId, document), sheet))[0] ?? null,
    });
    if (!begun.ok) return { ok: false, message: refused()[begun.reason] };
    return { ok: true };
  },
);

/** Film in, as it lies on the mat; nothing is cut yet. */
export const loadCutter = act(
  [takes.id, takes.count],
  no,
  async (id: string, nn: number): Promise<StartAnswer> => {
    const host = await requireMember();
    const planned = Number.isInteger(nn) ? await plannedClass(host.studioId, id) : null;
    if (!planned?.ok) return { ok: false, message: refused().gone };
    const done = await loadSheet({
      studioId: host.studioId,
      workshopId: id,
      document: planned.value.document,
      nn,
    });
    return done === "loaded" ? { ok: true } : { ok: false, message: refused()[done] };
  },
);

export const steerCutting = act(
  [takes.id, z.enum(["pause", "resume", "cancel", "unload"])],
  () => false,
  async (id: string, what: "pause" | "resume" | "cancel" | "unload"): Promise<boolean> => {
    const host = await requireMember();
    if (!["pause", "resume", "cancel", "unload"].includes(what)) return false;
    const done = await steer(host.studioId, what);
    revalidatePath(`/classes/${id}`, "layout");
    return done;
  },
);

async function vinylOf(studioId: string, id: string, vinylId: string) {
  const planned = await plannedClass(studioId, id);
  const document = planned?.ok ? planned.value.document : null;
  const vinyl = document?.vinyls.find((own) => own.id === vinylId);
  return document && vinyl ? { document, vinyl } : null;
}

/** Sends the grid of test squares to the cutter. */
export const cutTestSquares = act(
  [takes.id, takes.text],
  no,
  async (id: string, vinylId: string): Promise<StartAnswer> => {
    const host = await requireMember();
    const found = await vinylOf(host.studioId, id, vinylId);
    if (!found) return { ok: false, message: refused().gone };
    const { cutter } = found.document;
    const page = testCutPage(TEST_FORCES, TEST_SHARES, cutter.cutSpeed);
    try {
      if (await syncCutting(host.studioId)) return { ok: false, message: refused().busy };
      const own = await cutterOf(host.studioId);
      const { state } = await cutterStatus(own);
      if (state === "cutting" || state === "paused" || state === "jammed")
        return { ok: false, message: refused().busy };
      await loadFilm(own, { width: page.width, height: page.height, motion: cutter });
      await sendLines(own, testCutHpgl(page, cutter));
      return { ok: true };
    } catch (error) {
      if (error instanceof CutterSilent) return { ok: false, message: refused().silent };
      throw error;
    }
  },
);

/** The square whose waste lifted clean. */
export const keepSetting = act(
  [takes.id, takes.text, takes.number, takes.number],
  () => false,
  async (id: string, vinylId: string, force: number, speed: number): Promise<boolean> => {
    const host = await requireMember();
    const found = await vinylOf(host.studioId, id, vinylId);
    if (!found || !TEST_FORCES.includes(force) || !(speed > 0 && speed <= 2000)) return false;
    await withStudio(host.studioId, async (sql) =>
      keepTestCut(sql, host.studioId, filmOf(found.vinyl), {
        force,
        speed,
        bladeMm: await bladeMm(sql),
      }),
    );
    revalidatePath(`/classes/${id}`, "layout");
    return true;
  },
);

export const changeBlade = act(
  [takes.id],
  () => undefined,
  async (id: string): Promise<void> => {
    const host = await requireMember();
    await withStudio(host.studioId, (sql) => newBlade(sql, host.studioId));
    if (isId(id)) revalidatePath(`/classes/${id}`, "layout");
  },
);
