import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { insertClass, readClass, savePart } from "../data/class-documents.ts";
import { closePool, withoutStudio, withStudio } from "../data/client.ts";
import { giveBackLapsed, HEARD_SECONDS, listFilms } from "../data/films.ts";
import { listLog } from "../data/log.ts";
import { listKits, listSheets, markSheet, savePlan } from "../data/making.ts";
import { migrate } from "../data/migrate.ts";
import { newStudio } from "../data/testing/studio.ts";
import { linkCode, revokeLinks, workshopForCode } from "../data/tokens.ts";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { tellBench } from "./marks.ts";
import type { Mark } from "./marks-schema.ts";

const owner = process.env.ELM_OWNER_URL ?? "";
const tins = { ...demoClass("seed-tins"), seats: demoClass("seed-tins").seats.slice(0, 3) };
const [ANNE, BO] = ["hands-of-anne", "hands-of-bo"];
let [ours, theirs, id] = ["", "", ""];
let count = 0;

beforeAll(async () => {
  await migrate(owner);
  ours = (await newStudio("bench-ours@example.org")).studioId;
  theirs = (await newStudio("bench-theirs@example.org")).studioId;
}, 120_000);
afterAll(() => closePool());

const planned = async () => {
  const stored = await withStudio(ours, (sql) => readClass(sql, id));
  if (!stored) throw new Error("no class");
  const computed = await run({
    kind: "plan",
    document: stored.document,
    fonts: [],
    hash: documentHash(stored.document),
  });
  await withStudio(ours, (sql) => savePlan(sql, ours, id, computed as never));
};
beforeEach(async () => {
  id = await withStudio(ours, (sql) => insertClass(sql, ours, tins, null));
  await planned();
}, 120_000);

const mark = (act: Mark["act"], film: string, more: Partial<Mark> = {}): Mark => {
  count += 1;
  return {
    mark: `mark-number-${count}`,
    at: Date.now(),
    film,
    act,
    worked: 0,
    pieces: [],
    reason: "",
    through: false,
    ...more,
  };
};
const tell = async (hands: string, ...marks: Mark[]) =>
  (
    await tellBench(
      { studioId: ours, workshopId: id, host: null },
      { hands, name: hands.slice(9), holding: "", marks },
    )
  ).answers;
const films = () => withStudio(ours, (sql) => listFilms(sql, id));
const film = async (name: string) => (await films()).find((row) => row.film === name);
const log = async (kind: string) =>
  (await withStudio(ours, (sql) => listLog(sql, id))).filter((row) => row.kind === kind);
const [vinyl, second] = tins.vinyls.map((row) => row.id) as [string, string];

describe("a film", () => {
  it("is one of each colour of each kit, and of spares", async () => {
    const rows = await films();
    expect(rows.filter(({ seat }) => seat === "1").map((row) => row.film)).toEqual([
      `1:${vinyl}`,
      `1:${second}`,
    ]);
    expect(new Set(rows.map((row) => row.film)).size).toBe(rows.length);
  });

  it("that one has in hand is no other's, until it is given back", async () => {
    const name = `1:${vinyl}`;
    expect(await tell(ANNE, mark("take", name))).toMatchObject([{ ok: true }]);
    expect(await tell(BO, mark("take", name))).toMatchObject([
      { ok: false, why: "held", by: "anne" },
    ]);
    expect(await tell(BO, mark("done", name))).toMatchObject([{ ok: false, why: "held" }]);
    await tell(ANNE, mark("give", name));
    expect(await tell(BO, mark("take", name))).toMatchObject([{ ok: true }]);
  });

  it("two that reach for it in the same moment: it is one's", async () => {
    const name = `2:${vinyl}`;
    const answers = await Promise.all([
      tell(ANNE, mark("take", name)),
      tell(BO, mark("take", name)),
    ]);
    expect(answers.flat().filter(({ ok }) => ok)).toHaveLength(1);
  });

  it("counts once however often it is told, with the time the device kept", async () => {
    const name = `1:${vinyl}`;
    const now = Date.now();
    const [took, ended] = [
      mark("take", name, { at: now - 180_000 }),
      mark("done", name, { at: now - 60_000, worked: 120 }),
    ];
    await tell(ANNE, took, ended);
    await tell(ANNE, took, ended);
    expect(await log("weeded")).toHaveLength(1);
    expect((await log("weeded"))[0]).toMatchObject({
      seat: "1",
      body: { film: name, by: "anne", flawed: false },
    });
    expect((await film(name))?.seconds).toBeCloseTo(120, 0);
  });

  it("is given back by a device that is not heard of; what that finished meanwhile counts, its time once", async () => {
    const name = `1:${vinyl}`;
    const began = Date.now() - 600_000;
    await tell(ANNE, mark("take", name, { at: began }));
    await withStudio(
      ours,
      (sql) =>
        sql`update films set heard_at = now() - make_interval(secs => ${HEARD_SECONDS + 60}) where film = ${name} and workshop_id = ${id}`,
    );
    await withStudio(ours, (sql) => giveBackLapsed(sql, id));
    expect(await film(name)).toMatchObject({ heldBy: null, since: null });
    expect((await film(name))?.seconds).toBeCloseTo(300, 0);
    expect(await tell(BO, mark("take", name))).toMatchObject([{ ok: true }]);
    expect(await tell(ANNE, mark("done", name, { worked: 540 }))).toMatchObject([{ ok: true }]);
    expect(await tell(BO, mark("done", name))).toMatchObject([
      { ok: false, why: "already", by: "anne" },
    ]);
    expect(await log("weeded")).toHaveLength(1);
  });

  it("taken back, it is to be weeded again, and its bag is open", async () => {
    const names = [`1:${vinyl}`, `1:${second}`];
    for (const name of names) await tell(ANNE, mark("take", name), mark("done", name));
    const kit = async () =>
      (await withStudio(ours, (sql) => listKits(sql, id))).find(({ seat }) => seat === "1");
    expect((await kit())?.weeded).toBe(true);
    await tell(ANNE, mark("reopen", names[0] ?? ""));
    expect((await kit())?.weeded).toBe(false);
  });

  it("of which pieces were lost is through; what is cut again is a film of its own", async () => {
    const name = `1:${vinyl}`;
    const pieces = await withStudio(
      ours,
      (sql) =>
        sql<
          { id: string }[]
        >`select id from pieces where workshop_id = ${id} and film = ${name} order by position`,
    );
    await tell(
      ANNE,
      mark("take", name),
      mark("lost", name, { pieces: [pieces[0]?.id ?? ""], reason: "torn", through: true }),
      mark("take", `1:${second}`),
      mark("done", `1:${second}`),
    );
    await planned();
    const again = (await films()).find((row) => row.again);
    expect(again).toMatchObject({ film: `recut-1:${vinyl}`, seat: "1", pieces: 1, state: "uncut" });
    expect(await film(name)).toMatchObject({ state: "done" });
    const kit = async () =>
      (await withStudio(ours, (sql) => listKits(sql, id))).find(({ seat }) => seat === "1");
    expect(await kit()).toMatchObject({ weeded: false, recutReason: "torn" });
    await tell(BO, mark("take", again?.film ?? ""), mark("done", again?.film ?? ""));
    await planned();
    expect(await kit()).toMatchObject({ weeded: true, recutReason: null });
  });

  it("that others have in hand is lost by none of the rest", async () => {
    const name = `1:${vinyl}`;
    await tell(ANNE, mark("take", name));
    expect(await tell(BO, mark("lost", name, { reason: "torn" }))).toMatchObject([
      { ok: false, why: "held", by: "anne" },
    ]);
    expect(await log("lost")).toEqual([]);
  });

  it("whose loss is taken back is cut, as its load is", async () => {
    const name = `3:${vinyl}`;
    const sheets = await withStudio(ours, (sql) => listSheets(sql, id));
    for (const { nn } of sheets) await withStudio(ours, (sql) => markSheet(sql, id, nn, true));
    await tell(ANNE, mark("take", name), mark("lost", name, { reason: "torn" }));
    await planned();
    expect(await film(name)).toBeUndefined();
    const stored = await withStudio(ours, (sql) => readClass(sql, id));
    if (!stored) throw new Error("no class");
    await withStudio(ours, (sql) =>
      savePart(
        sql,
        ours,
        id,
        "class",
        { ...stored.document, recuts: [] },
        stored.versions.class,
        stored.document,
      ),
    );
    await planned();
    expect(await film(name)).toMatchObject({ state: "waiting" });
    const kit = (await withStudio(ours, (sql) => listKits(sql, id))).find(
      ({ seat }) => seat === "3",
    );
    expect(kit).toMatchObject({ cut: true, recutReason: null });
  });

  it("that failed whole is on the bench under its new cut only", async () => {
    const name = `2:${vinyl}`;
    await tell(ANNE, mark("take", name), mark("lost", name, { reason: "folded on itself" }));
    await planned();
    expect(await film(name)).toBeUndefined();
    expect(await film(`recut-1:${vinyl}`)).toMatchObject({ seat: "2", state: "uncut" });
  });

  it("that the plan does not have is refused", async () => {
    expect(await tell(ANNE, mark("take", "99:none"), mark("lost", "99:none"))).toMatchObject([
      { ok: false, why: "gone" },
      { ok: false, why: "gone" },
    ]);
  });
});

describe("whose bench it is", () => {
  it("another studio sees no film and marks none", async () => {
    expect(await withStudio(theirs, (sql) => listFilms(sql, id))).toEqual([]);
    const { answers } = await tellBench(
      { studioId: theirs, workshopId: id, host: null },
      { hands: BO, name: "Bo", holding: "", marks: [] },
    );
    expect(answers).toEqual([]);
    await expect(
      tellBench(
        { studioId: theirs, workshopId: id, host: null },
        { hands: BO, name: "Bo", holding: "", marks: [mark("take", `1:${vinyl}`)] },
      ),
    ).rejects.toThrow();
  });

  it("a helper's link opens one bench until it is taken back", async () => {
    const code = await withStudio(ours, (sql) => linkCode(sql, ours, id, "bench", "benchbenchxx"));
    const opens = () => withoutStudio((sql) => workshopForCode(sql, code, "bench"));
    expect(await opens()).toEqual({ workshopId: id, studioId: ours });
    expect(await withoutStudio((sql) => workshopForCode(sql, code, "follow"))).toBeNull();
    await withStudio(ours, (sql) => revokeLinks(sql, id, "bench"));
    expect(await opens()).toBeNull();
  });
});
