/** Names go when their day comes, wherever they stand; what was recorded stays. */
import { addressSchema } from "@elm-basket/core/posting/posting.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import postgres from "postgres";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { makeChoice } from "./choices.ts";
import { insertClass, readClass, savePart } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { addLog, listLog } from "./log.ts";
import { listKits, listSheets, readPlan, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import { eraseClassNames, eraseNames, namedDays } from "./names.ts";
import { putAddresses } from "./parcels.ts";
import type { ComputedPlan } from "./prints.ts";
import { newStudio } from "./testing/studio.ts";
import { linkCode, workshopForCode } from "./tokens.ts";

const NAME = "Quillfeather";
const tins = demoClass("seed-tins");
const owner = postgres(process.env.ELM_OWNER_URL ?? "", { max: 1 });
let [ours, theirs] = ["", ""];
let id = "";
const us = <T>(work: Parameters<typeof withStudio<T>>[1]) => withStudio(ours, work);
const day = (away: number) => new Date(Date.now() + away * 86_400_000).toISOString().slice(0, 10);
const documentOn = (date: string): typeof tins => ({
  ...tins,
  when: { ...tins.when, date },
  seats: tins.seats.map((seat, i) =>
    i === 4
      ? {
          ...seat,
          fields: { ...seat.fields, name: NAME },
          things: { thing: { own: { "first-name": { size: 0.9 } }, count: 1 } },
        }
      : seat,
  ),
});
const make = (date: string, studio = ours) =>
  withStudio(studio, (sql) => insertClass(sql, studio, documentOn(date), null));
const keep = (months: number | null) =>
  us(
    (sql) =>
      sql`update studios set settings = settings || ${sql.json({ keepNamesMonths: months })}`,
  );
const erasedAt = async (of: string, studio = ours) =>
  (await withStudio(studio, (sql) => readClass(sql, of)))?.namesErasedAt ?? null;

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("names-ours@test.example")).studioId;
  theirs = (await newStudio("names-theirs@test.example")).studioId;
});
beforeEach(async () => {
  await keep(null);
  id = await make(day(-40));
});
afterAll(async () => {
  await closePool();
  await owner.end();
});

/** Tables that hold the name in a row of the class, in any column. */
async function told(): Promise<string[]> {
  const tables = await owner<
    { name: string }[]
  >`select table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'workshop_id'`;
  const found: string[] = [];
  for (const { name } of tables) {
    const [row] = await owner`
      select 1 from ${owner(name)} t where t.workshop_id = ${id} and to_jsonb(t)::text like ${`%${NAME}%`} limit 1`;
    if (row) found.push(name);
  }
  const [head] = await owner`
    select 1 from workshops t where t.id = ${id} and to_jsonb(t)::text like ${`%${NAME}%`}`;
  return [...found, ...(head ? ["workshops"] : [])].sort();
}

describe("names of a class", () => {
  it("are gone from every table, with the drawings; marks, minutes and notes stay", async () => {
    const stored = await us((sql) => readClass(sql, id));
    const document = stored?.document as typeof tins;
    const computed = (await run({
      kind: "plan",
      document,
      fonts: [],
      hash: documentHash(document),
    })) as ComputedPlan;
    const seat = tins.seats[4]?.seat as string;
    await us(async (sql) => {
      await savePlan(sql, ours, id, computed);
      await sql`update films set weeded_hash = content_hash, weeded_at = now(), weeded_by = ${NAME}, held_name = ${NAME}, weeding_seconds = 90 where workshop_id = ${id} and seat = ${seat}`;
      await sql`insert into edits (studio_id, workshop_id, part, label, before) values (${ours}, ${id}, 'seats', 'names', ${sql.json(document.seats as never)})`;
      await putAddresses(sql, ours, id, [
        { seat, address: addressSchema.parse({ name: NAME, lines: ["1 Quay Road"] }) },
      ]);
      await makeChoice(sql, ours, id, seat, { fields: { word: NAME } } as never, "a phone");
      await addLog(sql, ours, id, { kind: "weeded", seat, minutes: 3, body: { by: NAME } });
      await addLog(sql, ours, id, { kind: "note", body: { note: "the room was cold" } });
    });
    const code = await us((sql) => linkCode(sql, ours, id, "follow", `names${Date.now()}`));
    expect(await told()).toEqual([
      "choices",
      "edits",
      "films",
      "log_events",
      "parcels",
      "seats",
      "sheets",
      "workshops",
    ]);
    const kits = await us((sql) => listKits(sql, id));
    const log = await us((sql) => listLog(sql, id));

    expect(await us((sql) => eraseClassNames(sql, id))).toBe(true);

    expect(await told()).toEqual([]);
    const after = await us((sql) => readClass(sql, id));
    // How many of a thing it makes is no word of anybody's.
    expect(after?.document.seats[4]).toEqual({ seat, fields: {}, things: { thing: { count: 1 } } });
    expect(await us((sql) => listSheets(sql, id))).toEqual([]);
    expect(await us((sql) => sql`select 1 from pieces where workshop_id = ${id}`)).toEqual([]);
    expect(await withoutStudio((sql) => workshopForCode(sql, code, "follow"))).toBeNull();
    expect(await us((sql) => listKits(sql, id))).toEqual(kits);
    const { by: _, ...nobody } = log.find(({ kind }) => kind === "weeded")?.body ?? {};
    expect(await us((sql) => listLog(sql, id))).toEqual(
      log.map((row) => (row.kind === "weeded" ? { ...row, body: nobody } : row)),
    );
    const plan = await us((sql) => readPlan(sql, id));
    expect(plan?.seats.map(({ label, fields }) => [label, fields])).toEqual(
      tins.seats.map((own) => [own.seat, {}]),
    );
    expect(plan?.runSheet).toEqual(JSON.parse(JSON.stringify(computed.plan.runSheet)));
  });

  it("a window that still holds them cannot save them back; names put in anew count", async () => {
    const before = await us((sql) => readClass(sql, id));
    await us((sql) => eraseClassNames(sql, id));
    const after = await us((sql) => readClass(sql, id));
    const save = (version: number) =>
      us((sql) => savePart(sql, ours, id, "seats", documentOn(day(-40)), version, tins));
    expect(await save(before?.versions.seats ?? 0)).toBeNull();
    expect(await erasedAt(id)).not.toBeNull();
    expect(await save(after?.versions.seats ?? 0)).not.toBeNull();
    expect(await erasedAt(id)).toBeNull();
  });

  it("are not erased before the class is over, nor by another studio", async () => {
    const ahead = await make(day(3));
    expect(await us((sql) => eraseClassNames(sql, ahead))).toBe(false);
    expect(await withStudio(theirs, (sql) => eraseClassNames(sql, id))).toBe(false);
    expect([await erasedAt(ahead), await erasedAt(id)]).toEqual([null, null]);
  });

  it("go by the clock where the studio says so, on their day and not before, and once", async () => {
    const [fresh, theirOld] = [await make(day(-20)), await make(day(-400), theirs)];
    await withoutStudio(eraseNames);
    expect(await erasedAt(id)).toBeNull();
    await keep(1);
    expect(await us(namedDays)).toContain(day(-40));
    expect(await withoutStudio(eraseNames)).toBeGreaterThanOrEqual(1);
    const at = await erasedAt(id);
    expect(at).not.toBeNull();
    expect(await erasedAt(fresh)).toBeNull();
    expect(await erasedAt(theirOld, theirs)).toBeNull();
    expect(await us(namedDays)).not.toContain(day(-40));
    expect(await withoutStudio(eraseNames)).toBe(0);
    expect(await erasedAt(id)).toEqual(at);
  });
});
