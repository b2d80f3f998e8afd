import { describe, expect, it } from "vitest";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "../testing/one-thing.ts";
import { speak } from "./words-en.ts";

const tins = demoDocument("seed-tins");
const planned = (prices: Partial<typeof tins.prices>, document = tins) =>
  makePlan({ ...document, prices: { ...document.prices, ...prices } }, testFonts);
const found = (plan: ReturnType<typeof planned>) =>
  plan.findings.find(({ code }) => code === "overBudget");

describe("what a seat may cost", () => {
  it("is said when it is passed, to the unit, with what most of it is; not when it is met", () => {
    const perSeat = planned({}).cost.perSeat ?? 0;
    expect(found(planned({ budget: perSeat }))).toBeUndefined();
    const over = found(planned({ budget: perSeat - 1 }));
    expect(over?.values).toMatchObject({ over: 1, perSeat, budget: perSeat - 1 });
    expect(over && speak(over, "mm", String).sentence).toMatch(
      /£0\.01 more than it may\. Most of it, \d+ %, is /u,
    );
    expect(found(planned({}))).toBeUndefined();
  });

  it("prices that are missing are said, never counted as nothing", () => {
    const [first, ...rest] = tins.supplies;
    if (!first) throw new Error("no materials");
    const { price: _, ...pack } = first.pack;
    const plan = planned({ budget: 1 }, { ...tins, supplies: [{ ...first, pack }, ...rest] });
    expect(plan.cost.perSeat).toBeNull();
    const over = found(plan);
    expect(over && speak(over, "mm", String).sentence).toContain("without what has no price yet");
  });
});
