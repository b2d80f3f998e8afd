/**
 * A plan writes what changed and nothing else, and one of an older document never takes the place
 * of a newer one's.
 */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { insertClass, readClass, type StoredClass } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { isOfVersion, listKits, listSheets, markSheet, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import { type ComputedPlan, printsOf } from "./prints.ts";
import { openStudio } from "./sign-in.ts";

const tins = demoClass("seed-tins");
let studio = "";
let id = "";
const us = <T>(work: Parameters<typeof withStudio<T>>[1]) => withStudio(studio, work);
const planned = async (document: typeof tins) =>
  (await run({ kind: "plan", document, fonts: [], hash: documentHash(document) })) as ComputedPlan;
const named = (name: string): typeof tins => ({
  ...tins,
  seats: tins.seats.map((seat, i) =>
    i === 4 ? { ...seat, fields: { ...seat.fields, name } } : seat,
  ),
});

/** By row, the transaction that wrote it. */
const written = (table: "sheets" | "pieces" | "films" | "kits", key: string) =>
  us(
    async (sql) =>
      new Map(
        (
          await sql<
            { key: string; by: string }[]
          >`select ${sql(key)}::text as key, xmin::text as by from ${sql(table)} where workshop_id = ${id}`
        ).map((row) => [row.key, row.by]),
      ),
  );

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  studio =
    (
      await withoutStudio((sql) =>
        openStudio(sql, {
          studio: "Prints",
          person: "Host",
          email: "prints@example.org",
          passwordHash: "x",
          unit: "mm",
          zone: "UTC",
        }),
      )
    )?.studioId ?? "";
}, 60_000);
beforeEach(async () => {
  id = await us((sql) => insertClass(sql, studio, tins, null));
  const computed = await planned(tins);
  await us((sql) => savePlan(sql, studio, id, computed));
}, 60_000);
afterAll(() => closePool());

describe("a plan that is saved again", () => {
  it("as it was writes no row of sheets and pieces", async () => {
    const before = { sheets: await written("sheets", "nn"), pieces: await written("pieces", "id") };
    const computed = await planned(tins);
    await us((sql) => savePlan(sql, studio, id, computed));
    expect(await written("sheets", "nn")).toEqual(before.sheets);
    expect(await written("pieces", "id")).toEqual(before.pieces);
  }, 60_000);

  it("with another name writes that seat's pieces, and every row is what saving it from nothing gives", async () => {
    const before = await written("pieces", "id");
    const other = await planned(named("Ada"));
    await us((sql) => savePlan(sql, studio, id, other));
    const after = await written("pieces", "id");
    const same = [...after].filter(([piece, by]) => before.get(piece) === by);
    expect(same.length).toBeGreaterThan(0);
    expect(
      same.every(([piece]) => other.pieces.find(({ id: one }) => one === piece)?.seat !== "5"),
    ).toBe(true);
    const rows = () =>
      us(
        (sql) =>
          sql`select id, seat, thing, copy, vinyl, sheet, position, counters, islands, small, path, film from pieces where workshop_id = ${id} order by id`,
      );
    const kept = [...(await rows())];
    await us((sql) => sql`delete from pieces where workshop_id = ${id}`);
    await us((sql) => sql`update kits set print = null where workshop_id = ${id}`);
    await us((sql) => savePlan(sql, studio, id, other));
    expect([...(await rows())]).toEqual(kept);
  }, 60_000);

  it("keeps what was cut, and brings a seat's record back with the seat", async () => {
    await us(async (sql) => {
      for (const { nn } of await listSheets(sql, id)) await markSheet(sql, id, nn, true);
    });
    const cut = async () =>
      (await us((sql) => listKits(sql, id))).filter((kit) => kit.cut).map(({ seat }) => seat);
    const before = await cut();
    expect(before.length).toBeGreaterThan(0);
    const fewer = { ...tins, seats: tins.seats.filter(({ seat }) => seat !== before[0]) };
    const without = await planned(fewer);
    await us((sql) => savePlan(sql, studio, id, without));
    expect(await cut()).not.toContain(before[0]);
    const again = await planned(tins);
    await us((sql) => savePlan(sql, studio, id, again));
    expect(await cut()).toEqual(before);
  }, 60_000);

  it("without fingerprints of the worker says the same", async () => {
    const { prints, ...rows } = await planned(tins);
    expect(printsOf(rows)).toEqual(prints);
  }, 60_000);
});

describe("a plan of an older document", () => {
  const stored = () => us((sql) => readClass(sql, id)) as Promise<StoredClass>;

  it("is told from one of the document as it is, whatever part changed", async () => {
    const { versions } = await stored();
    expect(await us((sql) => isOfVersion(sql, id, versions))).toBe(true);
    const changes = [
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`update workshops set version = version + 1 where id = ${id}`,
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`update workshops set roster_version = roster_version + 1 where id = ${id}`,
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`update things set design_version = design_version + 1 where workshop_id = ${id}`,
      (sql: Parameters<Parameters<typeof withStudio>[1]>[0]) =>
        sql`update things set blank_version = blank_version + 1 where workshop_id = ${id}`,
    ];
    for (const change of changes) {
      const { versions: before } = await stored();
      await us(async (sql) => void (await change(sql)));
      expect(await us((sql) => isOfVersion(sql, id, before))).toBe(false);
    }
    expect(
      await us(async (sql) =>
        isOfVersion(sql, id, (await readClass(sql, id))?.versions ?? versions),
      ),
    ).toBe(true);
  });
});
