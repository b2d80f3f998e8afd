/** Bags and what they take off the shelf: what is noted as lacking is not taken, whatever it is. */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { documentHash } from "../planning/document-hash.ts";
import { answer as run } from "../workers/plan.server.ts";
import { bagMarks, clearLines, lackCounts, markLines, ROOM_BAG } from "./bags.ts";
import { insertClass } from "./class-documents.ts";
import { closePool, withStudio } from "./client.ts";
import { listGoods } from "./goods.ts";
import { listKits, lockBag, markKit, savePlan } from "./making.ts";
import { migrate } from "./migrate.ts";
import type { ComputedPlan } from "./prints.ts";
import { takeKit, takeRoom } from "./stock-taking.ts";
import { newStudio } from "./testing/studio.ts";

const tins = { ...demoClass("seed-tins"), seats: demoClass("seed-tins").seats.slice(0, 2) };
let [ours, theirs, id] = ["", "", ""];

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("bags-ours@example.org")).studioId;
  theirs = (await newStudio("bags-theirs@example.org")).studioId;
  id = await withStudio(ours, (sql) => insertClass(sql, ours, tins, null));
  const computed = (await run({
    kind: "plan",
    document: tins,
    fonts: [],
    hash: documentHash(tins),
  })) as ComputedPlan;
  await withStudio(ours, (sql) => savePlan(sql, ours, id, computed));
}, 120_000);
afterAll(() => closePool());

const line = (name: RegExp) => `line:${tins.supplies.find((supply) => name.test(supply.name))?.id}`;
const onHand = async (name: RegExp) =>
  (await withStudio(ours, listGoods)).find((good) => name.test(good.name))?.onHand ?? 0;

describe("a bag", () => {
  it("takes what is in, and not what lacks; late it takes that, too", async () => {
    const before = await onHand(/^Twine/u);
    await withStudio(ours, (sql) =>
      markLines(sql, ours, id, "1", [line(/^Twine/u)], "lack", "none left"),
    );
    await withStudio(ours, (sql) => takeKit(sql, ours, id, "1", true));
    expect(await onHand(/^Twine/u)).toBe(before);
    await withStudio(ours, (sql) => markLines(sql, ours, id, "1", [line(/^Twine/u)], "in"));
    await withStudio(ours, (sql) => takeKit(sql, ours, id, "1", true));
    expect(await onHand(/^Twine/u)).toBeLessThan(before);
    await withStudio(ours, (sql) => takeKit(sql, ours, id, "1", false));
    expect(await onHand(/^Twine/u)).toBe(before);
  });

  it("for the room takes no more than is in it, either", async () => {
    const before = await onHand(/^Parcel bag/u);
    const take = (on: boolean) =>
      withStudio(ours, (sql) =>
        takeRoom(
          sql,
          ours,
          id,
          on,
          (own) => (`line:${own}` === line(/^Parcel bag/u) ? 3 : 0),
          () => [1, 1],
        ),
      );
    await withStudio(ours, (sql) =>
      markLines(sql, ours, id, ROOM_BAG, [line(/^Parcel bag/u)], "lack"),
    );
    await take(true);
    expect(await onHand(/^Parcel bag/u)).toBe(before);
    await withStudio(ours, (sql) => clearLines(sql, id, ROOM_BAG, [line(/^Parcel bag/u)]));
  });

  it("is closed though a film of it is not ready, where that is noted, until its letters change", async () => {
    const packed = async () =>
      (await withStudio(ours, (sql) => listKits(sql, id))).find(({ seat }) => seat === "2")?.packed;
    expect(await withStudio(ours, (sql) => markKit(sql, id, "2", "packed", true))).toBe(false);
    expect(await withStudio(ours, (sql) => markKit(sql, id, "2", "packed", true, true))).toBe(true);
    expect(await packed()).toBe(true);
    expect(await withStudio(ours, (sql) => lockBag(sql, id, "2"))).toEqual({ packed: true });
    const other = {
      ...tins,
      seats: tins.seats.map((seat) =>
        seat.seat === "2" ? { ...seat, fields: { ...seat.fields, name: "Somebody else" } } : seat,
      ),
    };
    const computed = (await run({
      kind: "plan",
      document: other,
      fonts: [],
      hash: documentHash(other),
    })) as ComputedPlan;
    await withStudio(ours, (sql) => savePlan(sql, ours, id, computed));
    expect(await packed()).toBe(false);
  }, 120_000);

  it("of another studio is not seen", async () => {
    await withStudio(ours, (sql) => markLines(sql, ours, id, "1", [line(/^Twine/u)], "lack"));
    expect((await withStudio(ours, (sql) => lackCounts(sql, id))).get("1")).toBe(1);
    expect(await withStudio(theirs, (sql) => bagMarks(sql, id))).toEqual([]);
    await expect(
      withStudio(theirs, (sql) => markLines(sql, theirs, id, "1", ["line:x"], "in")),
    ).rejects.toThrow();
  });
});
