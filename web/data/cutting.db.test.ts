/**
 * The scrap box and cutting jobs: each studio's own, nothing recorded is lost, one load at a time.
 */
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { demoClass } from "../../core/src/testing/documents.ts";
import { finishSheet } from "../cutting/finish.ts";
import { insertClass, readClass } from "./class-documents.ts";
import { closePool, withStudio } from "./client.ts";
import {
  beginJob,
  jobsOf,
  keepTestCut,
  lastTestCut,
  recordProgress,
  runningJob,
} from "./cut-jobs.ts";
import { listSheets, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import type { PlanRows } from "./prints.ts";
import { type Film, keepLeftovers, listScraps, takeScraps, throwAway } from "./scraps.ts";
import { newStudio } from "./testing/studio.ts";
import { bladeMm, newBlade } from "./wear.ts";

const bottles = demoClass("rowing-bottles");
const film: Film = { name: "Regatta white gloss", family: "permanentGloss", colour: "#FDFDFB" };
let [ours, theirs] = ["", ""];
let [first, second] = ["", ""];

const meta = (over: object = {}) => ({
  stock: "sheet",
  width: 200,
  height: 100,
  kits: [],
  scraps: [],
  leftovers: [],
  film: 1,
  cutMinutes: 1,
  loadMinutes: 1,
  cutLengthMm: 3000,
  ...over,
});
const plan = (sheets: readonly { nn: number; meta: object }[]): PlanRows => ({
  hash: "h",
  plan: { title: "x" } as never,
  sheets: sheets.map((sheet) => ({
    nn: sheet.nn,
    vinyl: "white",
    meta: sheet.meta as never,
    hash: `sheet-${sheet.nn}`,
  })),
  pieces: [],
  kits: [],
  films: [],
});

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("cutting-ours@test.example")).studioId;
  theirs = (await newStudio("cutting-theirs@test.example")).studioId;
  first = await withStudio(ours, (sql) => insertClass(sql, ours, bottles, null));
  second = await withStudio(ours, (sql) =>
    insertClass(sql, ours, { ...bottles, scraps: [] }, null),
  );
});
afterAll(closePool);

const scrapsOf = async (id: string) =>
  (await withStudio(ours, (sql) => readClass(sql, id)))?.document.scraps.map(
    ({ label }) => label,
  ) ?? [];

describe("the scrap box", () => {
  it("takes the scraps of a class document, and offers them to every class of the same film", async () => {
    expect((await withStudio(ours, (sql) => readClass(sql, first)))?.document.scraps).toEqual(
      bottles.scraps,
    );
    expect(await scrapsOf(second)).toEqual(bottles.scraps.map(({ label }) => label));
    const tins = await withStudio(ours, (sql) =>
      insertClass(sql, ours, demoClass("seed-tins"), null),
    );
    expect(await scrapsOf(tins)).toEqual([]);
  });

  it("is not another studio's: they see none, and cannot use or throw away ours", async () => {
    await withStudio(theirs, async (sql) => {
      expect(await listScraps(sql)).toEqual([]);
      await throwAway(sql, "R-01");
      await takeScraps(sql, second, 1, ["R-02"], true);
    });
    expect((await withStudio(ours, listScraps)).map(({ label }) => label)).toEqual(
      bottles.scraps.map(({ label }) => label),
    );
  });

  it("a scrap that is cut up stays in the plan of the class that cut it, and leaves the box; back again when it was not", async () => {
    await withStudio(ours, async (sql) => {
      await savePlan(
        sql,
        ours,
        first,
        plan([{ nn: 1, meta: meta({ stock: "scrap", scraps: [{ label: "R-03", path: "" }] }) }]),
      );
      const [sheet] = await listSheets(sql, first);
      if (sheet) await finishSheet(sql, ours, first, sheet, true);
    });
    expect(await scrapsOf(first)).toContain("R-03");
    expect(await scrapsOf(second)).not.toContain("R-03");
    await withStudio(ours, async (sql) => {
      const [sheet] = await listSheets(sql, first);
      if (sheet) await finishSheet(sql, ours, first, sheet, false);
    });
    expect(await scrapsOf(second)).toContain("R-03");
  });

  it("what a load leaves gets the next label of its film, and never moves the loads of the class that is being cut", async () => {
    const before = await scrapsOf(second);
    const kept = await withStudio(ours, async (sql) => {
      await savePlan(
        sql,
        ours,
        second,
        plan([
          {
            nn: 1,
            meta: meta({
              leftovers: [
                {
                  outline: [
                    [0, 0],
                    [300, 0],
                    [300, 120],
                    [0, 120],
                  ],
                  holes: [],
                  width: 300,
                  height: 120,
                },
              ],
            }),
          },
        ]),
      );
      const [sheet] = await listSheets(sql, second);
      return sheet ? finishSheet(sql, ours, second, sheet, true) : [];
    });
    expect(kept).toEqual(["R-13"]);
    // Its own rest comes last, and only for what is cut again.
    expect(await scrapsOf(second)).toEqual([...before, "R-13"]);
    const later = (await withStudio(ours, (sql) => readClass(sql, second)))?.document.scraps
      .filter((scrap) => scrap.later)
      .map(({ label }) => label);
    expect(later).toEqual(["R-13"]);
    expect(await scrapsOf(first)).toContain("R-13");
    await withStudio(ours, async (sql) => {
      const [sheet] = await listSheets(sql, second);
      if (sheet) expect(await finishSheet(sql, ours, second, sheet, true)).toEqual([]);
      if (sheet) await finishSheet(sql, ours, second, sheet, false);
      expect((await listScraps(sql)).map(({ label }) => label)).not.toContain("R-13");
      expect(
        await keepLeftovers(sql, ours, second, 1, [
          {
            film,
            outline: [
              [0, 0],
              [90, 0],
              [0, 90],
            ],
            holes: [],
          },
        ]),
      ).toEqual(["R-13"]);
    });
  });
});

describe("cutting jobs", () => {
  const begin = (studio: string, id: string, nn = 1) =>
    withStudio(studio, (sql) =>
      beginJob(sql, studio, id, {
        nn,
        sheetHash: "sheet-1",
        pieces: ["a", "b", "c"],
        cutMm: 4000,
        preflight: {},
      }),
    );

  it("one load at a time, also when two windows press at once", async () => {
    const begun = await Promise.all([begin(ours, first), begin(ours, first), begin(ours, second)]);
    expect(begun.filter((job) => job !== null)).toHaveLength(1);
    expect(await withStudio(theirs, runningJob)).toBeNull();
  });

  it("what is recorded as cut stays recorded, whatever the cutter says later", async () => {
    const job = await withStudio(ours, runningJob);
    const say = (cut: string[], seconds: number, ended = false) =>
      withStudio(ours, (sql) =>
        recordProgress(
          sql,
          job?.id ?? "",
          {
            state: ended ? "stopped" : "cutting",
            cut,
            seconds,
            ofSeconds: 100,
            fault: ended ? "powerLoss" : null,
            outcomes: ended ? { a: "through" } : {},
          },
          ended,
        ),
      );
    await say(["a"], 20);
    await say(["a", "b"], 50);
    const last = await say([], 0, true);
    expect([...(last?.cut ?? [])].sort()).toEqual(["a", "b"]);
    expect(last).toMatchObject({ seconds: 50, fault: "powerLoss", outcomes: { a: "through" } });
    expect(await say(["c"], 90)).toBeNull();
    expect(await withStudio(ours, runningJob)).toBeNull();
    expect(await withStudio(theirs, (sql) => jobsOf(sql, first))).toEqual([]);
  });

  it("jobs of a load that is planned differently now no longer count", async () => {
    await withStudio(ours, async (sql) => {
      await savePlan(sql, ours, first, plan([{ nn: 1, meta: meta() }]));
      const mine = (await jobsOf(sql, first)).length + (await jobsOf(sql, second)).length;
      expect(mine).toBe(1);
      for (const id of [first, second])
        await savePlan(sql, ours, id, plan([{ nn: 2, meta: meta() }]));
      expect([...(await jobsOf(sql, first)), ...(await jobsOf(sql, second))]).toEqual([]);
    });
  });

  it("a blade ages by what was really cut, a new one begins at nothing; the newest test cut counts", async () => {
    await withStudio(ours, async (sql) => {
      expect(await bladeMm(sql)).toBeCloseTo(2000, 6);
      await keepTestCut(sql, ours, film, { force: 100, speed: 60, bladeMm: 2000 });
      await keepTestCut(sql, ours, film, { force: 120, speed: 42, bladeMm: 2000 });
      expect(await lastTestCut(sql, film)).toMatchObject({ force: 120, speed: 42, bladeMm: 2000 });
      expect(await lastTestCut(sql, { ...film, name: "Another" })).toBeNull();
    });
    await withStudio(ours, (sql) => newBlade(sql, ours));
    expect(await withStudio(ours, bladeMm)).toBe(0);
    expect(await withStudio(theirs, (sql) => lastTestCut(sql, film))).toBeNull();
  });
});
