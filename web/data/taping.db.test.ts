/**
 * Tape laid beforehand, pieces of tape in hand, blade and mats, and the private calendar: each
 * studio's own.
 */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { finishSheet } from "../cutting/finish.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import {
  calendarFor,
  calendarLink,
  renewCalendarLink,
  revokeCalendarLinks,
} from "./calendar-links.ts";
import { insertClass } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { endFilm, listFilms } from "./films.ts";
import { listSheets, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import type { ComputedPlan } from "./prints.ts";
import type { Signed } from "./sign-in.ts";
import {
  addTapePiece,
  dropTapePiece,
  listTapePieces,
  listTaping,
  markTaped,
  useTapePiece,
} from "./taping.ts";
import { newStudio } from "./testing/studio.ts";
import {
  addMat,
  bladeFilms,
  bladeMm,
  cleanMat,
  dropMat,
  listMats,
  newBlade,
  putMatIn,
  toolWear,
} from "./wear.ts";
import { workBySeat, workLeft } from "./work-left.ts";

const tins = {
  ...demoClass("seed-tins"),
  seats: demoClass("seed-tins").seats.slice(0, 3),
  handsOver: "taped" as const,
};
let ours: Signed = { studioId: "", personId: "" };
let theirs = ours;
let id = "";
const us = <T>(work: Parameters<typeof withStudio<T>>[1]) => withStudio(ours.studioId, work);
const them = <T>(work: Parameters<typeof withStudio<T>>[1]) => withStudio(theirs.studioId, work);

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = await newStudio("tape-ours@example.org");
  theirs = await newStudio("tape-theirs@example.org");
  id = await us((sql) => insertClass(sql, ours.studioId, tins, null));
  const computed = (await run({
    kind: "plan",
    document: tins,
    fonts: [],
    hash: documentHash(tins),
  })) as ComputedPlan;
  await us((sql) => savePlan(sql, ours.studioId, id, computed));
}, 120_000);
afterAll(() => closePool());

describe("blade and mats", () => {
  it("a load that is marked counts its metres for the blade and one use for the mat in use; unmarked it does not", async () => {
    await us((sql) => addMat(sql, ours.studioId, "Green"));
    await us((sql) => addMat(sql, ours.studioId, "Blue"));
    expect(await us((sql) => addMat(sql, ours.studioId, "Green"))).toBe(false);
    const sheets = await us((sql) => listSheets(sql, id));
    const all = sheets.reduce((sum, sheet) => sum + sheet.meta.cutLengthMm, 0);
    expect(all).toBeGreaterThan(0);
    const mark = async (cut: boolean) => {
      for (const sheet of await us((sql) => listSheets(sql, id)))
        await us((sql) => finishSheet(sql, ours.studioId, id, sheet, cut));
    };
    await mark(true);
    await mark(true);
    expect(await us(bladeMm)).toBeCloseTo(all, 6);
    expect((await us(bladeFilms)).reduce((sum, { mm }) => sum + mm, 0)).toBeCloseTo(all, 6);
    expect((await us(listMats)).map(({ name, uses, inUse }) => [name, uses, inUse])).toEqual([
      ["Green", sheets.length, true],
      ["Blue", 0, false],
    ]);
    await mark(false);
    expect(await us(bladeMm)).toBe(0);
    await mark(true);
    const [green, blue] = await us(listMats);
    expect(await us((sql) => cleanMat(sql, green?.id ?? ""))).toBe(true);
    expect(await us((sql) => putMatIn(sql, blue?.id ?? ""))).toBe(true);
    expect(
      (await us(listMats)).map(({ uses, allUses, cleanings, inUse }) => [
        uses,
        allUses,
        cleanings,
        inUse,
      ]),
    ).toEqual([
      [0, sheets.length, 1, false],
      [0, 0, 0, true],
    ]);
  });

  it("a new blade begins at nothing; another studio's is not ours, nor its mats", async () => {
    expect((await them(toolWear)).films).toEqual([]);
    const [green] = await us(listMats);
    for (const touch of [putMatIn, cleanMat, dropMat])
      expect(await them((sql) => touch(sql, green?.id ?? ""))).toBe(false);
    await us((sql) => newBlade(sql, ours.studioId));
    expect(await us(bladeMm)).toBe(0);
    expect((await us(toolWear)).since).toBeInstanceOf(Date);
  });
});

describe("tape laid beforehand", () => {
  it("lies only on what is weeded, counts once, and is taken back", async () => {
    const films = await us((sql) => listFilms(sql, id));
    const seat = films[0]?.seat ?? "";
    const own = films.filter((film) => film.seat === seat).map(({ film }) => film);
    const left = async () =>
      (await us((sql) => workLeft(sql, 2))).find((row) => row.id === id)?.tapeLeft;
    expect(await left()).toBe(films.length);
    expect(await us((sql) => markTaped(sql, id, own, true))).toBe(0);
    for (const film of own)
      await us((sql) =>
        endFilm(sql, id, film, { by: "", at: new Date(), worked: 60, flawed: false }),
      );
    expect(await us((sql) => markTaped(sql, id, own, true))).toBe(own.length);
    await us((sql) => markTaped(sql, id, own, true));
    expect(await left()).toBe(films.length - own.length);
    expect(
      (await us((sql) => workBySeat(sql, [id]))).get(id)?.find((row) => row.seat === seat),
    ).toMatchObject({ weedLeft: 0, tapeLeft: 0, packed: false });
    expect((await us((sql) => listTaping(sql, id))).filter(({ taped }) => taped)).toHaveLength(
      own.length,
    );
    expect(await them((sql) => markTaped(sql, id, own, false))).toBe(0);
    expect(await us((sql) => markTaped(sql, id, own, false))).toBe(own.length);
    expect(await left()).toBe(films.length);
  });

  it("pieces in hand are counted, never below nothing, and are nobody else's", async () => {
    const piece = { tack: "medium" as const, width: 120, height: 80, most: 4 };
    const labels = await Promise.all(
      [1, 2, 3].map(() => us((sql) => addTapePiece(sql, ours.studioId, piece))),
    );
    expect([...labels].sort()).toEqual(["T1", "T2", "T3"]);
    const [first] = await us(listTapePieces);
    const use = (by: 1 | -1) => us((sql) => useTapePiece(sql, first?.id ?? "", by));
    expect([await use(-1), await use(1), await use(1), await use(-1)]).toEqual([
      false,
      true,
      true,
      true,
    ]);
    expect((await us(listTapePieces))[0]?.uses).toBe(1);
    expect(await them(listTapePieces)).toEqual([]);
    expect(await them((sql) => dropTapePiece(sql, first?.id ?? ""))).toBe(false);
    expect(await us((sql) => dropTapePiece(sql, first?.id ?? ""))).toBe(true);
  });
});

describe("the private address of the calendar", () => {
  it("one is in use at a time; taken back it opens nothing", async () => {
    const [first, second] = ["a".repeat(40), "b".repeat(40)];
    await us((sql) => renewCalendarLink(sql, ours, first));
    expect(await withoutStudio((sql) => calendarFor(sql, first))).toEqual(ours);
    await us((sql) => renewCalendarLink(sql, ours, second));
    expect(await withoutStudio((sql) => calendarFor(sql, first))).toBeNull();
    expect(await us((sql) => calendarLink(sql, ours))).toBe(second);
    await them((sql) => revokeCalendarLinks(sql, ours));
    expect(await withoutStudio((sql) => calendarFor(sql, second))).toEqual(ours);
    await us((sql) => revokeCalendarLinks(sql, ours));
    expect(await withoutStudio((sql) => calendarFor(sql, second))).toBeNull();
    expect(await us((sql) => calendarLink(sql, ours))).toBeNull();
  });
});
