/** The demo studio tells a story: what it says is cut stays cut when a station is opened. */

import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import { runLog } from "@elm-basket/core/look-back/run-log.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { bagMarks } from "./bags.ts";
import { listClasses, readClass } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { listLog, readyMarks } from "./log.ts";
import { listKits, listSheets, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import type { ComputedPlan } from "./prints.ts";
import { seedDemo } from "./seed-demo.ts";
import { demoPerson } from "./sign-in.ts";

let studio = "";

beforeAll(async () => {
  const owner = process.env.ELM_OWNER_URL ?? "";
  await migrate(owner);
  await seedDemo(owner);
  studio = (await withoutStudio((sql) => demoPerson(sql)))?.studioId ?? "";
}, 120_000);
afterAll(closePool);

/** Plans the class as it is read back, as opening it does. */
async function opened(title: string) {
  const found = (await withStudio(studio, listClasses)).find((row) => row.title.startsWith(title));
  const stored = found ? await withStudio(studio, (sql) => readClass(sql, found.id)) : null;
  if (!found || !stored) throw new Error(`the demo has no ${title}`);
  const computed = (await run({
    kind: "plan",
    document: stored.document,
    fonts: [],
    hash: documentHash(stored.document),
  })) as ComputedPlan;
  await withStudio(studio, (sql) => savePlan(sql, studio, found.id, computed));
  return {
    document: stored.document,
    sheets: await withStudio(studio, (sql) => listSheets(sql, found.id)),
    kits: await withStudio(studio, (sql) => listKits(sql, found.id)),
  };
}

describe("the demo studio", () => {
  it("has the rowing bottles cut from its dozen odd scraps as far as it goes", async () => {
    const { document, sheets, kits } = await opened("Rowing");
    expect(document.scraps).toHaveLength(12);
    expect(document.scraps.some(({ later }) => later)).toBe(false);
    expect(sheets.filter(({ meta }) => meta.scraps.length > 0).length).toBeGreaterThan(0);
    expect(sheets.every(({ cutAt }) => cutAt !== null)).toBe(true);
    expect(kits.every(({ cut, changed, weeded }) => cut && !changed && weeded)).toBe(true);
  });

  it("has the seed tins cut and partly weeded", async () => {
    const { sheets, kits } = await opened("Seed tins");
    expect(sheets.every(({ cutAt }) => cutAt !== null)).toBe(true);
    expect(kits.every(({ cut, changed }) => cut && !changed)).toBe(true);
    expect(kits.filter(({ weeded }) => weeded)).toHaveLength(4);
  });

  it("has half the clipboards packed, with two flaws, a lack, and a piece to be cut again", async () => {
    const { sheets, kits } = await opened("Night-sky");
    expect(kits.filter(({ packed }) => packed)).toHaveLength(79);
    expect(kits.filter(({ flawed }) => flawed)).toHaveLength(2);
    expect(kits.filter(({ recutReason }) => recutReason)).toMatchObject([
      { seat: "12", cut: false, weeded: false },
    ]);
    expect(sheets.filter(({ cutAt }) => cutAt === null)).toHaveLength(1);
    const found = (await withStudio(studio, listClasses)).find((row) =>
      row.title.startsWith("Night-sky"),
    );
    expect(await withStudio(studio, (sql) => bagMarks(sql, found?.id ?? "", "20"))).toContainEqual({
      bag: "20",
      line: "line:wipe",
      state: "lack",
      note: "none left",
    });
  });

  it("has one class looked back on, and one about to go live", async () => {
    const classes = await withStudio(studio, listClasses);
    const idOf = (title: string) => classes.find((row) => row.title.startsWith(title))?.id ?? "";
    const log = (await withStudio(studio, (sql) => listLog(sql, idOf("Rowing")))).map((row) => ({
      ...row,
      at: row.at.getTime(),
    }));
    const document = (await withStudio(studio, (sql) => readClass(sql, idOf("Rowing"))))?.document;
    const taught = runLog(log, runSheetOf(document as never).steps, []);
    expect(taught.leftOut).toEqual([]);
    expect(taught.steps).toHaveLength(document?.steps.length ?? 0);
    expect(taught.flaws).toHaveLength(3);
    expect(taught.stuck.every(({ minutes }) => minutes !== null && minutes > 0.2)).toBe(true);
    const ready = await withStudio(studio, (sql) => readyMarks(sql, idOf("Night-sky")));
    expect([ready.filter(({ kind }) => kind === "missing").length, ready.length > 80]).toEqual([
      3,
      true,
    ]);
  });

  it("is loaded once", async () => {
    const before = await withStudio(studio, listClasses);
    await seedDemo(process.env.ELM_OWNER_URL ?? "");
    expect(await withStudio(studio, listClasses)).toEqual(before);
  });
});
