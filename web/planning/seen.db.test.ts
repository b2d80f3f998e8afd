/**
 * What a studio's log comes to, out of the database: what counts, what was taken back, whose it is;
 * trials and pictures.
 */
import { learnWeeding } from "@elm-basket/core/learning/weeding.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { trialSchema } from "@elm-basket/core/trials/trial.ts";
import sharp from "sharp";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { insertClass } from "../data/class-documents.ts";
import { closePool, type Sql, withoutStudio, withStudio } from "../data/client.ts";
import {
  addFigureAct,
  comingClasses,
  driedCoats,
  filmsSeen,
  guessOfCut,
  studioFigures,
  taughtSteps,
  weededKits,
  weedingAhead,
} from "../data/learning.ts";
import { addLog, type LogKind, studioLog } from "../data/log.ts";
import { savePlan } from "../data/making.ts";
import { migrate } from "../data/migrate.ts";
import { addPicture, dropPictures, readPicture } from "../data/pictures.ts";
import type { ComputedPlan } from "../data/prints.ts";
import { openStudio } from "../data/sign-in.ts";
import { addTrial, changeTrial, dropTrial, listTrials } from "../data/trials.ts";
import { smallPicture } from "../pictures/small.ts";
import { answer as run } from "../workers/plan.server.ts";
import { documentHash } from "./document-hash.ts";
import { modelViews } from "./seen.ts";
import { withOwnFigures } from "./studio-figures.ts";

const tins = demoClass("seed-tins");
const COUNTS = {
  base: 1,
  perPiece: 7,
  perCounter: 3,
  perSmallPart: 0,
  perMetreOutline: 0.7,
  perTail: 0,
  perThinStroke: 0,
  perTightInside: 0,
};
let [ours, theirs, id] = ["", "", ""];
let n = 0;
const us = <T>(work: (sql: Sql) => Promise<T>) => withStudio(ours, work);
const log = (kind: LogKind, more: Omit<Parameters<typeof addLog>[3], "kind"> = {}) =>
  us((sql) => addLog(sql, ours, id, { kind, ...more }));
const weeded = (minutes: number, at: string, vinyl = "harbour") =>
  log("weeded", {
    seat: "1",
    minutes,
    at: new Date(at),
    body: { film: `1:${vinyl}`, vinyl, ...COUNTS },
  });

beforeAll(async () => migrate(process.env.ELM_OWNER_URL ?? ""));
beforeEach(async () => {
  n += 1;
  const open = (email: string) =>
    withoutStudio((sql) =>
      openStudio(sql, {
        studio: email,
        person: "Host",
        email,
        passwordHash: "x",
        unit: "mm",
        zone: "Europe/London",
      }),
    );
  ours = (await open(`seen-ours-${n}@test.example`))?.studioId ?? "";
  theirs = (await open(`seen-theirs-${n}@test.example`))?.studioId ?? "";
  id = await us((sql) => insertClass(sql, ours, tins, null));
});
afterAll(closePool);

describe("what is seen", () => {
  it("kits weeded with the clock, by evening; after midnight is the same evening", async () => {
    await weeded(3, "2026-11-20T20:00:00Z");
    await weeded(3, "2026-11-21T00:30:00Z");
    await weeded(3, "2026-11-21T20:00:00Z");
    await log("weeded", { seat: "2", body: { film: "2:harbour", ...COUNTS } });
    await log("weeded", { seat: "2", minutes: 4 });
    const kits = await us(weededKits);
    expect(kits).toHaveLength(3);
    expect(new Set(kits.map(({ group }) => group)).size).toBe(2);
    expect(learnWeeding(kits)).toMatchObject({ observations: 3, classes: 1 });
    expect(await withStudio(theirs, weededKits)).toEqual([]);
  });

  it("steps against their first guess; what was taken back is not among them, and what takes it back may be, too", async () => {
    await log("liveStep", { step: "place", minutes: 12, body: { guess: 8 } });
    const slip = await log("liveStep", { step: "peel", minutes: 1, body: { guess: 4 } });
    await log("liveStep", { step: "clean", minutes: 3 });
    const undone = await log("undone", { body: { of: slip } });
    expect((await us(taughtSteps)).map(({ step, ratio }) => [step, ratio])).toEqual([
      ["place", 1.5],
    ]);
    await log("undone", { body: { of: undone } });
    expect((await us(taughtSteps)).map(({ step }) => step).sort()).toEqual(["peel", "place"]);
  });

  it("paint found dry before its time, or after it was found wet; not what was touched long after", async () => {
    const dry = (minutes: number, isDry: boolean, step: string, at: string) =>
      log("dry", { step, minutes, at: new Date(at), body: { dry: isDry, until: 0, guess: 20 } });
    await dry(14, true, "coat-1", "2026-11-20T19:14:00Z");
    await dry(50, true, "coat-2", "2026-11-20T20:14:00Z");
    await dry(25, false, "coat-3", "2026-11-20T21:00:00Z");
    await dry(31, true, "coat-3", "2026-11-20T21:06:00Z");
    // By the studio's own figure it was planned at 30 minutes: 26 is before its time.
    await log("dry", {
      step: "coat-1",
      minutes: 26,
      at: new Date("2026-11-21T19:26:00Z"),
      body: { dry: true, until: 0, guess: 20, wait: 30 },
    });
    const rows = await us(driedCoats);
    expect(rows.map(({ step, ratio }) => [step, ratio]).sort()).toEqual([
      ["coat-1", 0.7],
      ["coat-1", 1.3],
      ["coat-3", 1.55],
    ]);
    expect(rows[0]).toMatchObject({ place: tins.setting.place, date: tins.when.date });
  });

  it("films by what was lost of them; what was found again was not lost", async () => {
    await weeded(3, "2026-11-20T20:00:00Z");
    await weeded(3, "2026-11-20T20:05:00Z", "poppy");
    const lost = await log("lost", { seat: "1", body: { film: "1:harbour", reason: "folded" } });
    await log("lost", { seat: "1", body: { film: "1+tin+2:poppy", reason: "torn" } });
    await log("found", { seat: "1", body: { lost } });
    expect(await us(filmsSeen)).toEqual([
      { film: "Poppy gloss", kits: 2, lost: 1 },
      { film: "Harbour gloss", kits: 1, lost: 0 },
    ]);
  });

  it("a load's first guess has the cutter's own pace taken out again", async () => {
    expect(await us((sql) => guessOfCut(sql, id, 6))).toEqual({
      cutter: tins.cutter.name,
      guess: 6,
    });
    await us(
      (sql) =>
        sql`update workshops set body = body || ${sql.json({ figures: { cutting: [{ cutter: tins.cutter.name, factor: 1.5, observations: 4, classes: 2 }] } })} where id = ${id}`,
    );
    expect(await us((sql) => guessOfCut(sql, id, 6))).toEqual({
      cutter: tins.cutter.name,
      guess: 4,
    });
  });
});

describe("what is used", () => {
  const figures = {
    minutes: Object.fromEntries(Object.keys(COUNTS).map((term) => [term, 1])),
    observations: 30,
    classes: 3,
  };

  it("is the host's last word, and nobody else's", async () => {
    const say = (act: "taken" | "refused" | "guess", own: unknown) =>
      us((sql) =>
        addFigureAct(sql, ours, { model: "weeding", act, figures: own, observations: 30 }),
      );
    expect(await us(studioFigures)).toEqual({});
    await say("taken", figures);
    expect((await us(studioFigures)).weeding?.minutes.base).toBe(1);
    await say("refused", null);
    expect((await us(studioFigures)).weeding?.minutes.base).toBe(1);
    expect(await withStudio(theirs, studioFigures)).toEqual({});
    const own = await withOwnFigures(
      ours,
      (await import("@elm-basket/core/studio/settings.ts")).schoolsSchema.parse({}),
      tins,
    );
    expect(own.figures?.weeding?.observations).toBe(30);
    await say("guess", null);
    expect(await us(studioFigures)).toEqual({});
  });

  it("what was refused is offered again when a quarter more has been seen", async () => {
    for (let i = 0; i < 12; i++) await weeded(9, `2026-11-${10 + i}T20:00:00Z`);
    const view = async () =>
      (await us(modelViews)).views.find(({ offer }) => offer.model === "weeding");
    expect(await view()).toMatchObject({ asks: true, refused: false, since: null });
    await us((sql) =>
      addFigureAct(sql, ours, {
        model: "weeding",
        act: "refused",
        figures: null,
        observations: 12,
      }),
    );
    expect(await view()).toMatchObject({ asks: false, refused: true });
    for (let i = 0; i < 4; i++) await weeded(9, `2026-11-${25 + i}T20:00:00Z`);
    expect(await view()).toMatchObject({ asks: true, refused: false });
  });

  it("moves classes to come, with what is still to be weeded for them", async () => {
    const computed = (await run({
      kind: "plan",
      document: tins,
      fonts: [],
      hash: documentHash(tins),
    })) as ComputedPlan;
    await us((sql) => savePlan(sql, ours, id, computed));
    expect(await us((sql) => comingClasses(sql, tins.when.date))).toEqual([id]);
    const films = await us((sql) => weedingAhead(sql, [id]));
    expect(films.length).toBe(computed.films.length);
    expect(films[0]?.counts.base).toBe(1);
    await us(
      (sql) =>
        sql`insert into runs (studio_id, workshop_id, step_id) values (${ours}, ${id}, 'welcome')`,
    );
    expect(await us((sql) => comingClasses(sql, tins.when.date))).toEqual([]);
  });
});

describe("the log as it is searched", () => {
  it("by class, film, word and kind; signs of LIKE stand for themselves; older behind a mark", async () => {
    await weeded(3, "2026-11-20T20:00:00Z");
    await log("lost", {
      seat: "4",
      at: new Date("2026-11-20T20:01:00Z"),
      body: { film: "4:poppy", reason: "100% torn" },
    });
    await log("note", { at: new Date("2026-11-20T20:02:00Z"), body: { note: "more light" } });
    const find = (text: string, more: Partial<Parameters<typeof studioLog>[1]> = {}) =>
      us((sql) => studioLog(sql, { text, group: null, before: null, ...more }, 50));
    expect((await find("")).map(({ kind }) => kind)).toEqual(["note", "lost", "weeded"]);
    expect((await find("ALLOTMENT society")).length).toBe(3);
    expect((await find("Seed tin")).length).toBe(3);
    expect((await find("100%")).map(({ kind }) => kind)).toEqual(["lost"]);
    expect((await find("%")).map(({ kind }) => kind)).toEqual(["lost"]);
    expect((await find("poppy gloss")).map(({ kind, film }) => [kind, film])).toEqual([
      ["note", null],
      ["lost", "Poppy gloss"],
    ]);
    expect((await find("", { group: "flaws" })).map(({ kind }) => kind)).toEqual(["lost"]);
    const [, second] = await find("");
    expect((await find("", { before: second?.id ?? "" })).map(({ kind }) => kind)).toEqual([
      "weeded",
    ]);
    expect(
      await withStudio(theirs, (sql) =>
        studioLog(sql, { text: "", group: null, before: null }, 50),
      ),
    ).toEqual([]);
  });
});

describe("trials and pictures", () => {
  const trial = trialSchema.parse({
    film: "Harbour gloss",
    material: "glazed",
    began: "2026-10-01",
    cureHours: 72,
    wear: "hand",
    rounds: 1,
    samples: [{ id: "a", label: "bold" }],
  });

  it("are the studio's own; the second of two windows is told", async () => {
    const made = (await us((sql) => addTrial(sql, ours, trial))) ?? "";
    expect(await withStudio(theirs, listTrials)).toEqual([]);
    expect(await us((sql) => changeTrial(sql, made, { ...trial, rounds: 2 }, 1))).toBe(2);
    expect(await us((sql) => changeTrial(sql, made, { ...trial, rounds: 9 }, 1))).toBeNull();
    expect((await us(listTrials)).map((row) => row.trial.rounds)).toEqual([2]);
    await withStudio(theirs, (sql) => dropTrial(sql, made));
    expect(await us(listTrials)).toHaveLength(1);
  });

  it("a picture is made small and upright, and tells nothing of where it was taken", async () => {
    const photo = await sharp({
      create: { width: 3000, height: 2000, channels: 3, background: "#88aa66" },
    })
      .withExif({ IFD0: { Artist: "Somebody", Make: "Camera" }, IFD3: { GPSLatitudeRef: "N" } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    const small = await smallPicture(photo);
    expect([small?.width, small?.height]).toEqual([853, 1280]);
    expect((small?.bytes.length ?? 0) < 200_000).toBe(true);
    const meta = await sharp(small?.bytes).metadata();
    expect([meta.format, meta.exif, meta.orientation]).toEqual(["jpeg", undefined, undefined]);
    expect(
      await smallPicture(
        Buffer.from(
          '<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><rect width="40" height="30"/></svg>',
        ),
      ),
    ).toBeNull();
    expect(await smallPicture(Buffer.from("no picture at all"))).toBeNull();
  });

  it("what nothing speaks of any more is dropped, and only that; another studio does not see it", async () => {
    const bytes = await sharp({
      create: { width: 30, height: 20, channels: 3, background: "#88aa66" },
    })
      .jpeg()
      .toBuffer();
    const keep = () => us((sql) => addPicture(sql, ours, { bytes, width: 30, height: 20 }));
    const [noted, tried, loose] = [
      (await keep()) ?? "",
      (await keep()) ?? "",
      (await keep()) ?? "",
    ];
    await log("note", { body: { note: "", picture: noted } });
    await us((sql) =>
      addTrial(sql, ours, {
        ...trial,
        samples: [{ id: "a", label: "bold", note: "", picture: tried }],
      }),
    );
    await us((sql) => dropPictures(sql, [noted, tried, loose]));
    expect(
      await Promise.all(
        [noted, tried, loose].map(
          async (one) => (await us((sql) => readPicture(sql, one))) !== null,
        ),
      ),
    ).toEqual([true, true, false]);
    expect(await withStudio(theirs, (sql) => readPicture(sql, noted))).toBeNull();
  });
});
