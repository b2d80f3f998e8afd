import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { demoClass } from "../../core/src/testing/documents.ts";
import { insertClass, readClass, savePart } from "./class-documents.ts";
import { closePool, withStudio } from "./client.ts";
import { migrate } from "./migrate.ts";
import { doneTasks, markTask } from "./task-marks.ts";
import { newStudio } from "./testing/studio.ts";

const sets = demoClass("quay-market-sets");
let [ours, theirs, id] = ["", "", ""];

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("tasks-ours@test.example")).studioId;
  theirs = (await newStudio("tasks-theirs@test.example")).studioId;
  id = await withStudio(ours, (sql) => insertClass(sql, ours, sets, null));
});
afterAll(closePool);

const done = (studio: string) =>
  withStudio(studio, async (sql) =>
    [...((await doneTasks(sql, [id])).get(id)?.keys() ?? [])].sort(),
  );
const mark = (studio: string, task: string, on: boolean) =>
  withStudio(studio, (sql) => markTask(sql, studio, id, task, on));

describe("tasks of the preparation", () => {
  it("are done when somebody says so, once, and not after all when they say so", async () => {
    expect(await mark(ours, "sand", true)).toBe(true);
    expect(await mark(ours, "sand", true)).toBe(true);
    expect(await mark(ours, "paint-1", true)).toBe(true);
    expect(await done(ours)).toEqual(["paint-1", "sand"]);
    expect(await mark(ours, "paint-1", false)).toBe(true);
    expect(await mark(ours, "paint-1", false)).toBe(false);
    expect(await done(ours)).toEqual(["sand"]);
  });

  it("know when they were done: what follows has to wait from there", async () => {
    const at = (await withStudio(ours, (sql) => doneTasks(sql, [id]))).get(id)?.get("sand");
    expect(Math.abs((at?.getTime() ?? 0) - Date.now())).toBeLessThan(3_600_000);
  });

  it("of another name are refused", async () => {
    expect(await mark(ours, "dance", true)).toBe(false);
    expect(await done(ours)).toEqual(["sand"]);
  });

  it("stay done through every save and plan of the class", async () => {
    await withStudio(ours, async (sql) => {
      const stored = await readClass(sql, id);
      if (!stored) throw new Error("gone");
      await savePart(
        sql,
        ours,
        id,
        "class",
        { ...stored.document, preparation: [] },
        stored.versions.class,
        stored.document,
      );
    });
    expect(await done(ours)).toEqual(["sand"]);
  });

  it("another studio neither sees nor makes them", async () => {
    expect(await done(theirs)).toEqual([]);
    expect(await mark(theirs, "sand", true)).toBe(false);
    expect(await mark(theirs, "sand", false)).toBe(false);
    expect(await done(ours)).toEqual(["sand"]);
  });

  it("a proposal that was taken comes back with the class as it was stored", async () => {
    const stored = await withStudio(ours, (sql) => readClass(sql, id));
    expect(stored?.document.proposed).toEqual(sets.proposed);
    expect(stored?.document.steps).toEqual(sets.steps);
  });
});
