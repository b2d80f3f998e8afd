/** Projects and their variants, and where a led class stands: each studio's own. */
import { variantSchema } from "@elm-basket/core/variants/variant.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { demoClass } from "../../core/src/testing/documents.ts";
import { insertClass } from "./class-documents.ts";
import { closePool, withStudio } from "./client.ts";
import { readGuide, setGuide } from "./guide.ts";
import { migrate } from "./migrate.ts";
import {
  describeProject,
  dropProject,
  dropVariant,
  insertProject,
  listProjects,
  putVariant,
  readProject,
} from "./projects.ts";
import { newStudio } from "./testing/studio.ts";

const tins = demoClass("seed-tins");
let [ours, theirs, id] = ["", "", ""];

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("projects-ours@test.example")).studioId;
  theirs = (await newStudio("projects-theirs@test.example")).studioId;
  id = await withStudio(ours, (sql) => insertProject(sql, ours, tins));
});
afterAll(closePool);

const variant = (name: string, more: object = {}) =>
  variantSchema.parse({ id: name, name, ...more });
const variants = async () =>
  (await withStudio(ours, (sql) => readProject(sql, id)))?.variants.map(({ id: own }) => own);

describe("a project", () => {
  it("is kept without people, under the words it is given", async () => {
    const project = await withStudio(ours, (sql) => readProject(sql, id));
    expect(project?.document.seats).toEqual([]);
    expect(
      await withStudio(ours, (sql) =>
        describeProject(sql, id, { title: "Tins", summary: "Small ones.", shopPrice: 1250 }),
      ),
    ).toBe(true);
    expect(await withStudio(ours, (sql) => readProject(sql, id))).toMatchObject({
      title: "Tins",
      document: { title: "Tins", summary: "Small ones.", prices: { shopPrice: 1250 } },
    });
    await withStudio(ours, (sql) =>
      describeProject(sql, id, { title: "Tins", summary: "", shopPrice: null }),
    );
    expect(
      (await withStudio(ours, (sql) => readProject(sql, id)))?.document.prices.shopPrice,
    ).toBeUndefined();
  });

  it("has variants: put, changed in its place, taken out; of two said at once both stay", async () => {
    const put = (name: string, more: object = {}) =>
      withStudio(ours, (sql) => putVariant(sql, id, variant(name, more)));
    expect(
      await Promise.all([
        put("autumn"),
        put("large", { scale: 1.5 }),
        put("small", { scale: 0.5 }),
      ]),
    ).toEqual([true, true, true]);
    expect((await variants())?.sort()).toEqual(["autumn", "large", "small"]);
    const before = await variants();
    await put("large", { scale: 2 });
    expect(await variants()).toEqual(before);
    expect(
      (await withStudio(ours, (sql) => readProject(sql, id)))?.variants.find(
        ({ id: own }) => own === "large",
      )?.scale,
    ).toBe(2);
    expect(await withStudio(ours, (sql) => dropVariant(sql, id, "small"))).toBe(true);
    expect(await withStudio(ours, (sql) => dropVariant(sql, id, "small"))).toBe(false);
  });

  it("of two new ones of one name at once neither takes the other's place", async () => {
    const { id: _, ...nameless } = variant("twin");
    const before = (await variants())?.length ?? 0;
    const add = () => withStudio(ours, (sql) => putVariant(sql, id, nameless));
    expect(await Promise.all([add(), add()])).toEqual([true, true]);
    expect(await variants()).toHaveLength(before + 2);
    expect(new Set(await variants()).size).toBe(before + 2);
  });

  it("has no more of them than a page shows", async () => {
    for (let n = 0; n < 20; n++)
      await withStudio(ours, (sql) => putVariant(sql, id, variant(`v${n}`)));
    expect((await variants())?.length).toBe(12);
  });

  it("is not another studio's to see, change or take out", async () => {
    await withStudio(theirs, async (sql) => {
      expect(await readProject(sql, id)).toBeNull();
      expect(await listProjects(sql)).toEqual([]);
      expect(await putVariant(sql, id, variant("theirs"))).toBe(false);
      expect(await dropVariant(sql, id, "autumn")).toBe(false);
      expect(await describeProject(sql, id, { title: "Mine", summary: "", shopPrice: 0 })).toBe(
        false,
      );
      expect(await dropProject(sql, id)).toBe(false);
    });
    expect(await variants()).toContain("autumn");
  });

  it("goes, and a class that was made of it stays", async () => {
    const made = await withStudio(ours, (sql) => insertClass(sql, ours, tins, id, "project"));
    expect(await withStudio(ours, (sql) => dropProject(sql, id))).toBe(true);
    expect(
      await withStudio(ours, (sql) => sql`select 1 from workshops where id = ${made}`),
    ).toHaveLength(1);
  });
});

describe("a led class", () => {
  it("stands where it was left, for its own studio alone", async () => {
    const made = await withStudio(ours, (sql) => insertClass(sql, ours, tins, null));
    expect(await withStudio(ours, (sql) => readGuide(sql, made))).toBeNull();
    expect(await withStudio(ours, (sql) => setGuide(sql, made, "measure"))).toBe(true);
    expect(await withStudio(theirs, (sql) => setGuide(sql, made, "names"))).toBe(false);
    expect(await withStudio(theirs, (sql) => readGuide(sql, made))).toBeNull();
    expect(await withStudio(ours, (sql) => readGuide(sql, made))).toBe("measure");
    await withStudio(ours, (sql) => setGuide(sql, made, null));
    expect(await withStudio(ours, (sql) => readGuide(sql, made))).toBeNull();
  });
});
