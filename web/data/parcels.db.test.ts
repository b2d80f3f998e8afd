/** Parcels: addresses are one studio's own, and go on their day; what is posted stays. */

import { addressSchema, postingSchema } from "@elm-basket/core/posting/posting.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { insertClass } from "./class-documents.ts";
import { closePool, withoutStudio, withStudio } from "./client.ts";
import { migrate } from "./migrate.ts";
import {
  earlierDays,
  eraseAddresses,
  eraseNow,
  listParcels,
  markPosted,
  parcelsOf,
  postingsOf,
  putAddresses,
  readPosting,
  savePosting,
  seatsThere,
} from "./parcels.ts";
import { newStudio } from "./testing/studio.ts";

const tins = demoClass("seed-tins");
let [ours, theirs] = ["", ""];
const make = (date: string) =>
  withStudio(ours, (sql) =>
    insertClass(sql, ours, { ...tins, when: { ...tins.when, date } }, null),
  );
const address = addressSchema.parse({ name: "Mette Reed", lines: ["1 Quay Road", "Elmford"] });
const put = (id: string, seat = "1") =>
  withStudio(ours, (sql) => putAddresses(sql, ours, id, [{ seat, address }]));
const list = (id: string, studio = ours) => withStudio(studio, (sql) => listParcels(sql, id));
const day = (away: number) => new Date(Date.now() + away * 86_400_000).toISOString().slice(0, 10);

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("parcels-ours@example.org")).studioId;
  theirs = (await newStudio("parcels-theirs@example.org")).studioId;
}, 60_000);
afterAll(() => closePool());

describe("parcels", () => {
  it("an address is written over, what is posted keeps its moment", async () => {
    const id = await make(day(20));
    await put(id);
    const mark = (on: boolean) =>
      withStudio(ours, (sql) => markPosted(sql, ours, id, ["1", "2"], on));
    await mark(true);
    const [first] = await list(id);
    await mark(true);
    await withStudio(ours, (sql) =>
      putAddresses(sql, ours, id, [{ seat: "1", address: { ...address, name: "Mette Quay" } }]),
    );
    expect(
      (await list(id)).map(({ seat, address: to, postedAt }) => [
        seat,
        to?.name,
        postedAt?.getTime(),
      ]),
    ).toEqual([
      ["1", "Mette Quay", first?.postedAt?.getTime()],
      ["2", undefined, first?.postedAt?.getTime()],
    ]);
    await mark(false);
    expect((await list(id)).every(({ postedAt }) => postedAt === null)).toBe(true);
    expect((await withStudio(ours, (sql) => parcelsOf(sql, [id]))).get(id)).toHaveLength(2);
  });

  it("ways are kept by version; who comes second is told", async () => {
    const id = await make(day(20));
    const posting = postingSchema.parse({ travel: [{ country: "Norway", days: 9 }] });
    const save = (version: number) =>
      withStudio(ours, (sql) => savePosting(sql, ours, id, posting, version));
    expect(await withStudio(ours, (sql) => readPosting(sql, id))).toEqual({
      posting: postingSchema.parse({}),
      version: 0,
    });
    expect(await save(0)).toBe(1);
    expect(await save(0)).toBeNull();
    expect(await save(1)).toBe(2);
    expect((await withStudio(ours, (sql) => postingsOf(sql, [id]))).get(id)).toEqual(posting);
  });

  it("another studio sees no address, writes none and marks none", async () => {
    const id = await make(day(20));
    await put(id);
    expect(await list(id, theirs)).toEqual([]);
    expect(await withStudio(theirs, (sql) => seatsThere(sql, id))).toEqual(new Set());
    await expect(
      withStudio(theirs, (sql) => putAddresses(sql, theirs, id, [{ seat: "1", address: null }])),
    ).rejects.toThrow();
    await expect(
      withStudio(theirs, (sql) => markPosted(sql, theirs, id, ["1"], true)),
    ).rejects.toThrow();
    expect(
      await withStudio(theirs, (sql) => savePosting(sql, theirs, id, postingSchema.parse({}), 0)),
    ).toBeNull();
    expect(await withStudio(theirs, (sql) => eraseNow(sql, id))).toBe(0);
    expect((await list(id))[0]?.address).toEqual(address);
  });

  it("what travels farther is due earlier, in days and nothing else", async () => {
    const id = await withStudio(ours, (sql) =>
      insertClass(
        sql,
        ours,
        {
          ...tins,
          setting: { kind: "craftAlong", place: "" },
          when: { ...tins.when, date: day(60) },
        },
        null,
      ),
    );
    await withStudio(ours, async (sql) => {
      await putAddresses(sql, ours, id, [
        { seat: "1", address },
        { seat: "2", address: { ...address, country: "Norway" } },
      ]);
      await savePosting(
        sql,
        ours,
        id,
        postingSchema.parse({
          noSundays: false,
          reserveDays: 2,
          travel: [{ country: "norway", days: 20 }],
        }),
        0,
      );
    });
    expect([...(await withStudio(ours, (sql) => earlierDays(sql, id)))]).toEqual([["2", 12]]);
    expect(await withStudio(theirs, (sql) => earlierDays(sql, id))).toEqual(new Map());
    await withStudio(ours, (sql) => markPosted(sql, ours, id, ["2"], true));
    expect(await withStudio(ours, (sql) => earlierDays(sql, id))).toEqual(new Map());
  });

  it("an address stays with who it was written for: a seat that changes hands is asked about, and nothing is due for it", async () => {
    const id = await withStudio(ours, (sql) =>
      insertClass(
        sql,
        ours,
        {
          ...tins,
          setting: { kind: "craftAlong", place: "" },
          when: { ...tins.when, date: day(60) },
        },
        null,
      ),
    );
    await withStudio(ours, (sql) =>
      putAddresses(sql, ours, id, [{ seat: "1", address: { ...address, country: "Norway" } }]),
    );
    await withStudio(ours, (sql) =>
      savePosting(
        sql,
        ours,
        id,
        postingSchema.parse({ travel: [{ country: "Norway", days: 30 }] }),
        0,
      ),
    );
    expect((await list(id)).map(({ sure }) => sure)).toEqual([true]);
    await withStudio(
      ours,
      (sql) =>
        sql`update seats set fields = fields || '{"name": "Somebody else"}' where workshop_id = ${id} and seat = '1'`,
    );
    expect((await list(id)).map(({ sure, called }) => [sure, called])).toEqual([
      [false, tins.seats[0]?.fields.name],
    ]);
    expect(await withStudio(ours, (sql) => earlierDays(sql, id))).toEqual(new Map());
    await withStudio(ours, (sql) => putAddresses(sql, ours, id, [{ seat: "1", address }]));
    expect((await list(id)).map(({ sure, called }) => [sure, called])).toEqual([
      [true, "Somebody else"],
    ]);
  });

  it("on their day addresses go, in every studio, and not a day before", async () => {
    const [kept, usual, short] = [await make(day(-25)), await make(day(-40)), await make(day(-3))];
    for (const id of [kept, usual, short]) await put(id);
    await withStudio(ours, (sql) => markPosted(sql, ours, usual, ["1"], true));
    await withStudio(ours, (sql) =>
      savePosting(sql, ours, short, postingSchema.parse({ keepDays: 1 }), 0),
    );
    // Whoever asks: also a process that serves no studio.
    expect(await withoutStudio(eraseAddresses)).toBeGreaterThanOrEqual(2);
    expect((await list(kept))[0]?.address).toEqual(address);
    for (const id of [usual, short])
      expect((await list(id))[0]).toMatchObject({ address: null, erased: true });
    expect((await list(usual))[0]?.postedAt).not.toBeNull();
    expect(await withoutStudio(eraseAddresses)).toBe(0);
  });

  it("a class that is taken out takes its addresses along", async () => {
    const id = await make(day(20));
    await put(id);
    await withStudio(ours, (sql) => sql`delete from workshops where id = ${id}`);
    expect(await list(id)).toEqual([]);
  });
});
