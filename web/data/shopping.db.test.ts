/** Ticked off the shopping list: comes in once, is taken back once, and the ledger adds up. */
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { closePool, withStudio } from "./client.ts";
import { addGood, addMoves, goodsById, movesOf } from "./goods.ts";
import { migrate } from "./migrate.ts";
import { boughtSince, buy, unbuy } from "./shopping.ts";
import { newStudio } from "./testing/studio.ts";

let [ours, theirs, rings] = ["", "", ""];
const onHand = async () =>
  (await withStudio(ours, (sql) => goodsById(sql, [rings]))).get(rings)?.onHand;
const take = (mark: string, amount = 12) =>
  withStudio(ours, (sql) => buy(sql, ours, { mark, good: rings, amount, note: "2 packs" }));

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  ours = (await newStudio("shop-ours@example.org")).studioId;
  theirs = (await newStudio("shop-theirs@example.org")).studioId;
  rings =
    (await withStudio(ours, (sql) =>
      addGood(sql, ours, { kind: "part", name: "Split rings", unit: "piece", offers: [] }, true),
    )) ?? "";
}, 60_000);
afterAll(() => closePool());

describe("shopping", () => {
  it("a press made several times at once comes in once", async () => {
    expect(await Promise.all(Array.from({ length: 6 }, () => take("press-0001")))).toEqual(
      Array.from({ length: 6 }, () => true),
    );
    expect(await onHand()).toBe(12);
    expect(
      (await withStudio(ours, (sql) => boughtSince(sql, 1))).map(({ mark, amount }) => [
        mark,
        amount,
      ]),
    ).toEqual([["press-0001", 12]]);
  });

  it("is taken back once, and then is not listed", async () => {
    const back = () => withStudio(ours, (sql) => unbuy(sql, ours, "press-0001"));
    expect(await Promise.all([back(), back(), back()])).toEqual(["done", "done", "done"]);
    expect(await onHand()).toBe(0);
    expect(await withStudio(ours, (sql) => boughtSince(sql, 1))).toEqual([]);
    expect(
      (await withStudio(ours, (sql) => movesOf(sql, rings))).reduce(
        (sum, { change }) => sum + change,
        0,
      ),
    ).toBe(0);
  });

  it("what has been used since cannot be taken back", async () => {
    await take("press-0002", 5);
    await withStudio(ours, (sql) => addMoves(sql, ours, rings, [{ kind: "spoiled", change: -1 }]));
    expect(await withStudio(ours, (sql) => unbuy(sql, ours, "press-0002"))).toBe("used");
    expect(await onHand()).toBe(4);
    expect(await withStudio(ours, (sql) => unbuy(sql, ours, "no-such-press"))).toBe("gone");
  });

  it("another studio buys nothing for ours and takes nothing back", async () => {
    expect(
      await withStudio(theirs, (sql) =>
        buy(sql, theirs, { mark: "press-0003", good: rings, amount: 1, note: "" }),
      ),
    ).toBe(false);
    expect(await withStudio(theirs, (sql) => unbuy(sql, theirs, "press-0002"))).toBe("gone");
    expect(await onHand()).toBe(4);
  });
});
