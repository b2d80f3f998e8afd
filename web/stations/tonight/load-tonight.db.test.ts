/** Tonight asks the database as often for many classes as for one. */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, expect, it } from "vitest";
import { insertClass, listClasses, readClass, readClasses } from "@/data/class-documents.ts";
import { closePool, withStudio } from "@/data/client.ts";
import { savePlan } from "@/data/making.ts";
import { migrate } from "@/data/migrate.ts";
import type { ComputedPlan } from "@/data/prints.ts";
import { readStudio } from "@/data/sign-in.ts";
import { newStudio } from "@/data/testing/studio.ts";
import { queries } from "@/operation/metrics.ts";
import { documentHash } from "@/planning/document-hash.ts";
import { answer as run } from "@/workers/plan.server.ts";
import { type Desk, loadTonight } from "./load-tonight.ts";

let desk: Desk;
const us = <T>(work: Parameters<typeof withStudio<T>>[1]) => withStudio(desk.studioId, work);
const tins = demoClass("seed-tins");
/** With parcels, so that these are read as well. */
async function make(away: number): Promise<string> {
  const date = new Date(Date.now() + away * 86_400_000).toISOString().slice(0, 10);
  const setting = { ...tins.setting, kind: "craftAlong" as const };
  const id = await us((sql) =>
    insertClass(sql, desk.studioId, { ...tins, setting, when: { ...tins.when, date } }, null),
  );
  const stored = await us((sql) => readClass(sql, id));
  const document = stored?.document as typeof tins;
  const computed = (await run({
    kind: "plan",
    document,
    fonts: [],
    hash: documentHash(document),
  })) as ComputedPlan;
  await us((sql) => savePlan(sql, desk.studioId, id, computed));
  return id;
}
const asked = async (work: () => Promise<unknown>) => {
  const before = (await queries.get()).values[0]?.value ?? 0;
  await work();
  return ((await queries.get()).values[0]?.value ?? 0) - before;
};

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  const opened = await newStudio("tonight-queries@test.example");
  const studio = await withStudio(opened.studioId, (sql) => readStudio(sql, opened));
  if (!studio) throw new Error("no studio");
  desk = { studioId: opened.studioId, studio };
});
afterAll(closePool);

it("asks as often for four classes as for one", async () => {
  await make(10);
  const one = await asked(() => loadTonight(desk));
  for (const away of [12, 14, 16]) await make(away);
  const view = await loadTonight(desk);
  expect(view.classes).toHaveLength(4);
  expect(await asked(() => loadTonight(desk))).toBe(one);
  expect(one).toBeLessThan(40);
});

it("reads many classes as it reads each", async () => {
  const ids = (await us(listClasses)).map(({ id }) => id);
  const all = await us((sql) => readClasses(sql, ids));
  expect([...all.keys()].sort()).toEqual([...ids].sort());
  for (const id of ids) expect(all.get(id)).toEqual(await us((sql) => readClass(sql, id)));
  expect(await us((sql) => readClasses(sql, []))).toEqual(new Map());
});
