/**
 * Pictures and counts of many classes at once: of the own studio only, and true after what is
 * marked.
 */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { insertClass } from "./class-documents.ts";
import { classFaces, kitCounts } from "./class-faces.ts";
import { closePool, withStudio } from "./client.ts";
import { markSheet, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import type { ComputedPlan } from "./prints.ts";
import { newStudio } from "./testing/studio.ts";

const tins = {
  ...demoClass("seed-tins"),
  seats: demoClass("seed-tins").seats.slice(0, 3),
  spareKits: 1,
};
const bare = { ...tins, title: "Without names", seats: [] };
let [ours, theirs, planned, empty] = ["", "", "", ""];

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("faces-ours@example.org")).studioId;
  theirs = (await newStudio("faces-theirs@example.org")).studioId;
  [planned, empty] = await withStudio(
    ours,
    async (sql) =>
      [await insertClass(sql, ours, tins, null), await insertClass(sql, ours, bare, null)] as const,
  );
  const computed = (await run({
    kind: "plan",
    document: tins,
    fonts: [],
    hash: documentHash(tins),
  })) as ComputedPlan;
  await withStudio(ours, (sql) => savePlan(sql, ours, planned, computed));
}, 120_000);
afterAll(() => closePool());

describe("classes at a glance", () => {
  it("show the first seat's pieces in the colours of their films; without names the blank alone", async () => {
    const faces = await withStudio(ours, (sql) => classFaces(sql, [planned, empty]));
    const [own, without] = [planned, empty].map((id) => faces.find((face) => face.id === id));
    expect(own?.seat).toBe(tins.seats[0]?.seat);
    expect(own?.pieces.length).toBeGreaterThan(2);
    expect(own?.pieces.every(({ seat }) => seat === own.seat)).toBe(true);
    expect(own?.vinyls).toMatchObject(tins.vinyls.map(({ id, colour }) => ({ id, colour })));
    expect(without).toMatchObject({
      seat: null,
      pieces: [],
      blank: { name: tins.things[0]?.blank.name },
    });
  });

  it("count the kits of seats, spares aside, as they are cut", async () => {
    const counts = () => withStudio(ours, (sql) => kitCounts(sql, [planned, empty]));
    expect(await counts()).toEqual([{ id: planned, kits: 3, cut: 0, weeded: 0, packed: 0 }]);
    await withStudio(ours, async (sql) => {
      for (const { nn } of await sql<
        { nn: number }[]
      >`select nn from sheets where workshop_id = ${planned}`)
        await markSheet(sql, planned, nn, true);
    });
    expect(await counts()).toMatchObject([{ kits: 3, cut: 3, weeded: 0 }]);
  });

  it("are nothing to another studio", async () => {
    expect(await withStudio(theirs, (sql) => classFaces(sql, [planned, empty]))).toEqual([]);
    expect(await withStudio(theirs, (sql) => kitCounts(sql, [planned]))).toEqual([]);
  });
});
