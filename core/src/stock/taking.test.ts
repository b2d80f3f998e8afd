import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SUPPLY_RULES, supplySchema } from "../supplies/supply.ts";
import { supplyLines } from "../supplies/supply-lines.ts";
import { comesBack, kitTakes, perKit, roomTakes } from "./taking.ts";

const supply = (more: object) => supplySchema.parse({ id: "x", name: "X", per: "seat", ...more });

describe("what a bag takes", () => {
  it.each([
    ["two rings a seat", { amount: 2 }, 2],
    [
      "three applications, each piece of tape for two",
      { per: "application", amount: 3, uses: 2 },
      2,
    ],
    ["a scraper that serves forty times comes back", { uses: 40 }, 0],
    ["what is for the table is in no bag", { per: "table", amount: 1 }, 0],
    ["what is for the room is in no bag", { per: "shared", amount: 1 }, 0],
  ])("%s", (_, more, amount) => {
    expect(perKit(supply(more))).toBe(amount);
  });

  it("of one thing only where the seat makes it", () => {
    const lid = supply({ thing: "lid" });
    expect(kitTakes([lid], (thing) => (thing === "lid" ? 3 : 0)).get("x")).toBe(3);
    expect(kitTakes([lid], () => 0).size).toBe(0);
  });

  it("bags and the box for the room take together exactly what is needed", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SUPPLY_RULES),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 1, max: 4 }),
        fc.boolean(),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 4 }),
        (per, amount, uses, spares, seats, kits) => {
          const one = supply({ per, amount, uses, spares });
          const need = supplyLines({ supplies: [one], seats, spares: kits })[0]?.need ?? 0;
          const bags = (kitTakes([one], () => 1).get("x") ?? 0) * seats;
          const room =
            roomTakes(
              [one],
              () => need,
              () => Array.from({ length: seats }, () => 1),
            ).get("x") ?? 0;
          expect(bags + room).toBe(comesBack(one) ? 0 : need);
        },
      ),
      { seed: 906, numRuns: 400 },
    );
  });
});
