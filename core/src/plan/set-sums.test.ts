/**
 * A set is what its things are, planned one by one and added: counts, minutes and amounts; and it
 * never asks for more film.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema, type Thing } from "../document/document.ts";
import { copyOf } from "../document/new-thing.ts";
import { countOf, madeOf, withCount } from "../document/thing-document.ts";
import { withThing } from "../proposal/add-thing.ts";
import { SECOND_SHARE } from "../scheduling/pace.ts";
import { thingShares } from "../stages/by-thing.ts";
import type { Plan } from "../stages/stages.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "./plan.ts";
import { planJson } from "./plan-json.ts";

const tins = demoClass("seed-tins");
const base: ClassDocument = {
  ...tins,
  seats: tins.seats.slice(0, 5),
  spareKits: 0,
  spareSupplies: 0,
  scraps: [],
};
const tin = base.things[0] as Thing;
const blanks: readonly Thing["blank"]["shape"][] = [
  tin.blank.shape,
  { kind: "flat", width: 140, height: 60 },
  { kind: "round", diameter: 64 },
  { kind: "flat", width: 70, height: 160 },
];
const ways = { schools: schoolsSchema.parse({}), share: SECOND_SHARE, document: base };

interface Made {
  readonly shape: number;
  readonly perSeat: number;
  readonly out: boolean;
}
const setOf = (
  rows: readonly Made[],
  mode: ClassDocument["layout"]["mode"],
  counts: readonly number[],
): ClassDocument => {
  const things = rows.map(
    ({ shape, perSeat, out }, i): Thing => ({
      ...tin,
      id: `thing${i}`,
      title: `Thing ${i}`,
      perSeat,
      technique: out ? "openStencil" : "decal",
      blank: { ...tin.blank, shape: blanks[shape] as Thing["blank"]["shape"] },
    }),
  );
  const first = things[0] as Thing;
  const seats = base.seats.map((seat, i) =>
    withCount(seat, first.id, counts[i] ?? 1, first.perSeat),
  );
  return classDocumentSchema.parse({
    ...base,
    things,
    seats,
    layout: { ...base.layout, mode, seconds: 0.05 },
  });
};
const alone = (document: ClassDocument, id: string): ClassDocument => {
  const thing = document.things.find((one) => one.id === id) as Thing;
  return {
    ...document,
    things: [thing],
    supplies: document.supplies.filter((line) => line.thing === undefined || line.thing === id),
    seats: document.seats.map(({ things, ...seat }) =>
      things?.[id] ? { ...seat, things: { [id]: things[id] } } : seat,
    ),
  };
};
const sum = <T>(rows: readonly T[], of: (row: T) => number) =>
  rows.reduce((all, row) => all + of(row), 0);
const made = fc.record({
  shape: fc.integer({ min: 0, max: 3 }),
  perSeat: fc.integer({ min: 1, max: 3 }),
  out: fc.boolean(),
});
const pieces = (plan: Plan) => sum(plan.kits, (kit) => kit.pieces.length);

describe("a set and its things one by one", () => {
  it("kits, pieces, weeding and what belongs to each add up; film is never more", () => {
    fc.assert(
      fc.property(
        fc.array(made, { minLength: 2, maxLength: 3 }),
        fc.constantFrom("trimmer", "bySeat", "byThing"),
        fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 5, maxLength: 5 }),
        (rows, mode, counts) => {
          const document = setOf(rows, mode, counts);
          const whole = makePlan(document, testFonts);
          const each = document.things.map(({ id }) => makePlan(alone(document, id), testFonts));
          expect(whole.kits.length).toBe(sum(each, ({ kits }) => kits.length));
          expect(pieces(whole)).toBe(sum(each, pieces));
          expect(whole.preparation.weeding).toBeCloseTo(
            sum(each, ({ preparation }) => preparation.weeding),
            6,
          );
          expect(sum(whole.laidOut.sheets, ({ kits }) => kits.length)).toBe(
            sum(each, ({ laidOut }) => sum(laidOut.sheets, ({ kits }) => kits.length)),
          );
          for (const { vinyl, loads } of whole.laidOut.use) {
            const parts = each.flatMap(({ laidOut }) =>
              laidOut.use.filter((own) => own.vinyl === vinyl),
            );
            expect(loads, vinyl).toBeLessThanOrEqual(sum(parts, (own) => own.loads));
            expect(
              whole.laidOut.use.find((own) => own.vinyl === vinyl)?.freshSheets ?? 0,
            ).toBeLessThanOrEqual(sum(parts, ({ freshSheets }) => freshSheets));
          }
        },
      ),
      { seed: 33, numRuns: 25 },
    );
  }, 240_000);

  it("of a roll never a longer piece is cut off", () => {
    fc.assert(
      fc.property(
        fc.array(made, { minLength: 2, maxLength: 3 }),
        fc.constantFrom("trimmer", "bySeat"),
        (rows, mode) => {
          const rolls = base.vinyls.map((vinyl) => ({
            ...vinyl,
            stock: { kind: "roll" as const, width: 304.8, height: 5000, have: 1 },
          }));
          const document = { ...setOf(rows, mode, [1, 1, 1, 1, 1]), vinyls: rolls };
          const length = (plan: Plan) => sum(plan.laidOut.sheets, ({ height }) => height);
          expect(length(makePlan(document, testFonts))).toBeLessThanOrEqual(
            sum(
              document.things.map(({ id }) => makePlan(alone(document, id), testFonts)),
              length,
            ) + 0.11,
          );
        },
      ),
      { seed: 34, numRuns: 15 },
    );
  }, 240_000);

  it("materials of a thing are counted by how many are made; what is shared is counted once", () => {
    const pair = classDocumentSchema.parse({
      ...base,
      ...withThing(base, { ...copyOf(base.things, tin), perSeat: 2 }, ways),
    });
    const second = pair.things[1] as Thing;
    const seats = pair.seats.map((seat, i) => (i === 0 ? withCount(seat, second.id, 0, 2) : seat));
    const document = { ...pair, seats };
    const plan = makePlan(document, testFonts);
    const blank = pair.supplies.find(
      ({ thing, id }) => thing === second.id && id.startsWith("blank"),
    );
    expect(plan.supplies.find(({ id }) => id === blank?.id)?.need).toBe(2 * (seats.length - 1));
    expect(madeOf(document, second.id)).toEqual([2, 2, 2, 2]);
    expect(sum(seats, (seat) => countOf(document, seat, second))).toBe(8);
  });

  it("what each thing takes and what all share is together the whole", () => {
    const document = setOf(
      [
        { shape: 0, perSeat: 2, out: false },
        { shape: 1, perSeat: 1, out: true },
      ],
      "trimmer",
      [2, 2, 2, 2, 2],
    );
    const plan = makePlan(document, testFonts);
    const shares = thingShares({
      ...plan,
      madeOf: (id) => sum(madeOf(document, id), (count) => count),
    });
    expect(sum(shares, ({ pieces: own }) => own)).toBe(pieces(plan));
    expect(sum(shares, ({ weedMinutes }) => weedMinutes)).toBeCloseTo(plan.preparation.weeding, 6);
    expect(sum(shares, ({ cutMinutes }) => cutMinutes)).toBeCloseTo(plan.preparation.cutting, 6);
    expect(sum(shares, ({ materials }) => materials)).toBeCloseTo(
      sum(plan.supplies, ({ usedValue }) => usedValue),
      6,
    );
    expect(new Set(shares.flatMap(({ missing }) => missing))).toEqual(new Set(plan.cost.missing));
    const json = planJson(plan);
    expect(json.thingShares?.map(({ thing }) => thing)).toEqual(["thing0", "thing1", null]);
    expect(planJson(makePlan(alone(document, "thing0"), testFonts)).thingShares).toBeUndefined();
  });
});
