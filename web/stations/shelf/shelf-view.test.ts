import { describe, expect, it } from "vitest";
import type { GoodRow } from "@/data/goods.ts";
import { lackingOf, shelfGoods, tabOf } from "./shelf-view.ts";

const good = (id: string, more: Partial<GoodRow> = {}) =>
  ({ id, kind: "blank", name: id, onHand: 0, reorderAt: null, ...more }) as GoodRow;
const want = (amount: number) => ({ amount, classes: [] });

describe("what the shelf shows of a good", () => {
  it("stands where its kind is looked for", () => {
    expect(tabOf({ kind: "film" })).toBe("film");
    for (const kind of ["tool", "blade", "mat"] as const) expect(tabOf({ kind })).toBe("tools");
    for (const kind of ["tape", "blank", "paint", "part", "consumable", "packaging"] as const)
      expect(tabOf({ kind })).toBe("goods");
  });

  it("is free as far as no class wants it, to a ten-thousandth", () => {
    const [jugs, tape, cord] = shelfGoods(
      [good("jugs", { onHand: 12 }), good("tape", { onHand: 0.3 }), good("cord", { onHand: 5 })],
      new Map([
        ["jugs", want(13)],
        ["tape", want(0.1)],
      ]),
    );
    expect([jugs?.free, tape?.free, cord?.free]).toEqual([-1, 0.2, 5]);
    expect(cord?.wanted).toEqual({ amount: 0, classes: [] });
  });

  it("is to be bought for what lacks, or to come back above its mark", () => {
    expect(lackingOf({ free: -3, reorderAt: null })).toBe(3);
    // What the classes lack is what is bought; the mark counts once they have theirs.
    expect(lackingOf({ free: -3, reorderAt: 5 })).toBe(3);
    expect(lackingOf({ free: 2, reorderAt: 5 })).toBe(3);
    expect(lackingOf({ free: 5, reorderAt: 5 })).toBe(0);
    expect(lackingOf({ free: 0, reorderAt: null })).toBe(0);
  });
});
