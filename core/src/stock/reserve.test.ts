import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Claim, claimKey, promise, shelved, wantedOf } from "./reserve.ts";

const claim = (workshop: string, date: string, need: number, more: Partial<Claim> = {}): Claim => ({
  workshop,
  order: date + workshop,
  date,
  line: "tin",
  good: "tin",
  need,
  returns: false,
  ...more,
});

describe("what is promised", () => {
  const claims = [claim("late", "2026-12-20", 24), claim("early", "2026-12-12", 15)];

  it("goes to the earlier date first, whichever was made first", () => {
    const found = promise(claims, new Map([["tin", 20]]), new Map());
    expect(found.get(claimKey("early", "tin"))).toMatchObject({ onHand: 20, kept: 0 });
    expect(found.get(claimKey("late", "tin"))).toMatchObject({ onHand: 20, kept: 15 });
  });

  it("what the earlier class has taken already is no longer kept for it", () => {
    const found = promise(claims, new Map([["tin", 8]]), new Map([[claimKey("early", "tin"), 12]]));
    expect(found.get(claimKey("early", "tin"))).toMatchObject({ taken: 12, kept: 0 });
    expect(found.get(claimKey("late", "tin"))).toMatchObject({ taken: 0, kept: 3 });
  });

  it("what comes back after a class is kept from another of the same day only", () => {
    const guns = [
      claim("a", "2026-12-12", 2, { returns: true }),
      claim("b", "2026-12-12", 2, { returns: true }),
      claim("c", "2026-12-13", 2, { returns: true }),
    ];
    const found = promise(guns, new Map([["tin", 3]]), new Map());
    expect(["a", "b", "c"].map((one) => found.get(claimKey(one, "tin"))?.kept)).toEqual([0, 2, 0]);
    expect(wantedOf(guns, new Map()).get("tin")).toBe(4);
  });

  it("two lines of one class that draw on one good do not both get the whole of it", () => {
    const two = [
      claim("a", "2026-12-12", 5, { line: "front" }),
      claim("a", "2026-12-12", 5, { line: "back" }),
    ];
    const found = promise(two, new Map([["tin", 6]]), new Map([[claimKey("a", "tin"), 7]]));
    expect(found.get(claimKey("a", "front"))).toMatchObject({ taken: 5, kept: 0 });
    expect(found.get(claimKey("a", "back"))).toMatchObject({ taken: 2, kept: 0 });
  });

  it("all classes buy together exactly what the shelf lacks, when packs hold one", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            day: fc.integer({ min: 1, max: 28 }),
            need: fc.integer({ min: 0, max: 30 }),
            taken: fc.integer({ min: 0, max: 30 }),
          }),
          { minLength: 1, maxLength: 8 },
        ),
        fc.integer({ min: 0, max: 120 }),
        (classes, there) => {
          const all = classes.map(({ day, need }, i) =>
            claim(`w${i}`, `2026-12-${String(day).padStart(2, "0")}`, need),
          );
          const taken = new Map(
            classes.map(({ taken: own, need }, i) => [
              claimKey(`w${i}`, "tin"),
              Math.min(own, need),
            ]),
          );
          const found = promise(all, new Map([["tin", there]]), taken);
          const line = {
            need: 0,
            have: 0,
            packs: 0,
            packSize: 1,
            buy: 0,
            leftAfter: 0,
            price: null,
            buyPrice: 0,
          };
          const bought = all.reduce(
            (sum, one) =>
              sum +
              shelved(
                { ...line, need: one.need },
                found.get(claimKey(one.workshop, "tin")) as never,
              ).buy,
            0,
          );
          const wanted = wantedOf(all, taken).get("tin") ?? 0;
          expect(bought).toBe(Math.max(0, wanted - there));
        },
      ),
      { seed: 903, numRuns: 300 },
    );
  });
});

describe("a line against the shelf", () => {
  const line = {
    need: 15,
    have: 0,
    packs: 0,
    packSize: 6,
    buy: 0,
    leftAfter: 0,
    price: 1080,
    buyPrice: 0,
  };

  it("buys what is neither taken nor free, in packs, and says what stays", () => {
    expect(shelved(line, { onHand: 9, taken: 0, kept: 5 })).toMatchObject({
      have: 9,
      packs: 2,
      buy: 12,
      leftAfter: 1,
      buyPrice: 2160,
      kept: 5,
    });
    expect(shelved(line, { onHand: 3, taken: 12, kept: 0 })).toMatchObject({
      packs: 0,
      buy: 0,
      leftAfter: 0,
      taken: 12,
    });
    expect(shelved(line, { onHand: 0, taken: 15, kept: 0 })).toMatchObject({
      packs: 0,
      leftAfter: 0,
    });
  });
});
