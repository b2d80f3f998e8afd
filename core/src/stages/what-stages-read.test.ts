import { describe, expect, it } from "vitest";
import type { ClassDocument, Thing } from "../document/document.ts";
import { makePlan } from "../plan/plan.ts";
import { planJson } from "../plan/plan-json.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { PlanMemory } from "./plan-memory.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;
const two: ClassDocument = {
  ...tins,
  things: [
    tin,
    {
      ...tin,
      id: "lid",
      title: "Lid",
      blank: { ...tin.blank, shape: { kind: "round", diameter: 60 } },
    },
  ],
};
const changed = (id: string, change: (thing: Thing) => Thing): ClassDocument => ({
  ...two,
  things: two.things.map((thing) => (thing.id === id ? change(thing) : thing)),
});
const font = (thing: Thing): Thing => ({
  ...thing,
  design: {
    ...thing.design,
    items: thing.design.items.map((item) =>
      item.kind === "text" ? { ...item, font: "lobster" } : item,
    ),
  },
});

describe("what was lettered before", () => {
  const memory = new PlanMemory();
  const first = makePlan(two, testFonts, memory);

  it("an edit of one thing letters only that thing, and the plan is what it would be from nothing", () => {
    const document = changed("lid", font);
    const next = makePlan(document, testFonts, memory);
    expect(next.things[0]).toBe(first.things[0]);
    expect(next.things[1]).not.toBe(first.things[1]);
    expect(planJson(next)).toEqual(planJson(makePlan(document, testFonts)));
  });

  it.each<[string, ClassDocument]>([
    [
      "a price",
      {
        ...two,
        vinyls: two.vinyls.map((vinyl) => ({ ...vinyl, stock: { ...vinyl.stock, price: 999 } })),
      },
    ],
    ["a step", { ...two, steps: two.steps.slice(1).map(({ after: _, ...step }) => step) }],
    ["the date", { ...two, when: { ...two.when, date: "2027-05-01" } }],
    ["a kept place", { ...two, layout: { ...two.layout, seed: 7 } }],
  ])("%s letters nothing", (_, document) => {
    expect(
      makePlan(document, testFonts, memory).things.map((thing, i) => thing === first.things[i]),
    ).toEqual([true, true]);
  });

  it.each<[string, ClassDocument]>([
    [
      "a name",
      {
        ...two,
        seats: two.seats.map((seat, i) =>
          i === 0 ? { ...seat, fields: { ...seat.fields, name: "Quill" } } : seat,
        ),
      },
    ],
    [
      "the film's family",
      { ...two, vinyls: two.vinyls.map((vinyl) => ({ ...vinyl, family: "glitter" as const })) },
    ],
    ["the cutter", { ...two, cutter: { ...two.cutter, cutWidth: 60 } }],
    ["the pad", { ...two, layout: { ...two.layout, weedPad: 9 } }],
  ])("%s letters both", (_, document) => {
    const next = makePlan(document, testFonts, memory);
    expect(next.things.map((thing, i) => thing === first.things[i])).toEqual([false, false]);
    expect(planJson(next)).toEqual(planJson(makePlan(document, testFonts)));
  });

  it("is no way to letters of a font one does not have", () => {
    const own = changed("lid", font);
    makePlan(own, testFonts, memory);
    expect(() =>
      makePlan(own, (id) => (id === "lobster" ? undefined : testFonts(id)), memory),
    ).toThrow(/no font "lobster"/u);
  });
});
