import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ClassDocument, Thing } from "../document/document.ts";
import type { SetSizing } from "../document/document-kinds.ts";
import { thingDocument } from "../document/thing-document.ts";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { faceShare, letterHeight, setScales } from "./set-sizes.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;
const lid: Thing = {
  ...tin,
  id: "lid",
  title: "Lid",
  blank: { ...tin.blank, name: "Lid", shape: { kind: "round", diameter: 60 } },
};
const board: Thing = {
  ...tin,
  id: "board",
  title: "Board",
  blank: { ...tin.blank, name: "Board", shape: { kind: "flat", width: 300, height: 120 } },
};
const set: ClassDocument = {
  ...tins,
  seats: tins.seats.slice(0, 5),
  things: [tin, lid, board],
  scraps: [],
  accepted: [],
};
const plan = (setSizing: SetSizing | undefined, more: Partial<ClassDocument> = {}) =>
  makePlan({ ...set, ...more, ...(setSizing ? { setSizing } : {}) }, testFonts);
const heights = (made: ReturnType<typeof plan>) =>
  made.things.map((thing) => letterHeight(thing, thingDocument(made.document, thing.id)) ?? 0);
const shares = (made: ReturnType<typeof plan>) => made.things.map((thing) => faceShare(thing) ?? 0);

describe("sizing across a set", () => {
  const each = plan("each");

  it("each by itself is what is planned when nothing is said", () => {
    expect(heights(plan(undefined))).toEqual(heights(each));
    expect(each.things.every(({ most }) => most === null)).toBe(true);
  });

  it("one letter height: that of the thing with the lowest letters; nothing grows", () => {
    const made = plan("sameHeight");
    const least = Math.min(...heights(each));
    for (const [i, height] of heights(made).entries()) {
      expect(height).toBeCloseTo(least, 3);
      expect(height).toBeLessThanOrEqual((heights(each)[i] ?? 0) + 1e-6);
    }
    expect(made.things.filter(({ most }) => most !== null).map(({ id }) => id)).toEqual(
      each.things.filter((_, i) => (heights(each)[i] ?? 0) > least + 1e-6).map(({ id }) => id),
    );
  });

  it("the same share of each face: that of the thing that fills its face least", () => {
    const made = plan("sameShare");
    const least = Math.min(...shares(each));
    for (const share of shares(made)) expect(share).toBeCloseTo(least, 3);
  });

  it("what is held by the set is not blamed on a long name", () => {
    const long = {
      seats: [
        ...set.seats.slice(0, 4),
        { seat: "5", fields: { ...set.seats[0]?.fields, name: "Bartholomew-Maximilian" } },
      ],
    };
    const held = plan("sameHeight", long);
    const free = new Set(held.things.filter(({ most }) => most === null).map(({ id }) => id));
    for (const { code, where } of held.findings)
      if (code === "longName") expect(free).toContain(where.thing);
  });

  it("one thing alone, or things without letters, keep their size", () => {
    expect(
      setScales("sameHeight", each.things.slice(0, 1), (id) => thingDocument(each.document, id))
        .size,
    ).toBe(0);
    expect(setScales("each", each.things, (id) => thingDocument(each.document, id)).size).toBe(0);
  });

  it("never takes more film than each by itself", () => {
    fc.assert(
      fc.property(
        fc.constantFrom<SetSizing>("sameHeight", "sameShare"),
        fc.integer({ min: 40, max: 110 }),
        fc.integer({ min: 120, max: 400 }),
        (rule, across, wide) => {
          const things = [
            tin,
            {
              ...lid,
              blank: { ...lid.blank, shape: { kind: "round" as const, diameter: across } },
            },
            {
              ...board,
              blank: { ...board.blank, shape: { kind: "flat" as const, width: wide, height: 90 } },
            },
          ];
          const area = (made: ReturnType<typeof plan>) =>
            made.kits.reduce(
              (sum, { pieces }) => sum + pieces.reduce((all, { areaMm2 }) => all + areaMm2, 0),
              0,
            );
          expect(area(plan(rule, { things, seats: set.seats.slice(0, 2) }))).toBeLessThanOrEqual(
            area(plan("each", { things, seats: set.seats.slice(0, 2) })) * (1 + 1e-6),
          );
        },
      ),
      { seed: 909, numRuns: 12 },
    );
  });
});
