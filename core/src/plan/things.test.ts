/** Classes that make more than one thing. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ClassDocument, readClassDocument, type Thing } from "../document/document.ts";
import {
  countOf,
  thingDocument,
  withCount,
  withOwn,
  withThing,
} from "../document/thing-document.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "./plan.ts";
import { planJson } from "./plan-json.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;
const few: ClassDocument = { ...tins, seats: tins.seats.slice(0, 4) };
const lid: Thing = {
  ...tin,
  id: "lid",
  title: "Lid",
  blank: { ...tin.blank, name: "Lid", shape: { kind: "round", diameter: 60 } },
};
const two: ClassDocument = { ...few, things: [tin, lid] };
const plan = (document: ClassDocument) => makePlan(document, testFonts);

describe("two things a seat", () => {
  it("every seat gets both, each on its own blank", () => {
    const made = plan(two);
    expect(made.things.map(({ id }) => id)).toEqual([tin.id, "lid"]);
    for (const { seat } of two.seats)
      expect(
        new Set(made.kits.filter((kit) => kit.seat === seat).map(({ thing }) => thing)),
      ).toEqual(new Set([tin.id, "lid"]));
    expect(made.things[0]?.face).not.toEqual(made.things[1]?.face);
  });

  it("minutes, film and supplies are those of both together", () => {
    const [one, other, both] = [few, { ...few, things: [lid] }, two].map((document) =>
      plan(document),
    );
    expect(both?.preparation.weeding).toBeCloseTo(
      (one?.preparation.weeding ?? 0) + (other?.preparation.weeding ?? 0),
      6,
    );
    const kits = (made: typeof both) => made?.kits.length ?? 0;
    expect(kits(both)).toBe(kits(one) + kits(other));
  });

  it("what is planned once is the same whether it is alone or beside another", () => {
    const size = (document: ClassDocument) =>
      plan(document)
        .things.find(({ id }) => id === tin.id)
        ?.lettered.seats.map(({ seat, scale, width }) => ({ seat, scale, width }));
    expect(size(two)).toEqual(size(few));
  });

  it("kits are told apart in every list, and a piece belongs to one of them", () => {
    const made = plan(two);
    const ids = made.kits.map(({ stem, vinyl }) => `${stem} ${vinyl}`);
    expect(new Set(ids).size).toBe(ids.length);
    const pieces = made.kits.flatMap((kit) => kit.pieces.map(({ id }) => id));
    expect(new Set(pieces).size).toBe(pieces.length);
  });

  it("the plan's JSON tells of each thing its blank and how many are made", () => {
    const json = planJson(plan(two)) as { things: { id: string; count?: number }[] };
    expect(json.things.map(({ id }) => id)).toEqual([tin.id, "lid"]);
  });

  it("what a seat has of its own on one thing leaves the other alone", () => {
    const seats = two.seats.map((seat, i) =>
      i === 0 ? withOwn(seat, "lid", { "first-name": { size: 0.5 } }) : seat,
    );
    const scales = (thing: string, document: ClassDocument) =>
      plan(document).things.find(({ id }) => id === thing)?.lettered.seats[0]?.width ?? 0;
    const changed = { ...two, seats };
    expect(scales("lid", changed)).toBeLessThan(scales("lid", two));
    expect(scales(tin.id, changed)).toBe(scales(tin.id, two));
  });
});

describe("how many of a thing", () => {
  it.each([
    ["three each", 3],
    ["none", 0],
  ])("%s", (_, count) => {
    const seats = two.seats.map((seat, i) =>
      i === 0 ? withCount(seat, "lid", count, lid.perSeat) : seat,
    );
    const made = plan({ ...two, seats });
    const first = made.kits.filter((kit) => kit.seat === two.seats[0]?.seat && kit.thing === "lid");
    expect(new Set(first.map(({ copy }) => copy)).size).toBe(count);
  });

  it("set to what is planned anyway it is not kept", () => {
    const seat = two.seats[0] as ClassDocument["seats"][number];
    expect(withCount(withCount(seat, "lid", 3, 1), "lid", 1, 1)).toEqual(seat);
    expect(
      withOwn(withOwn(seat, "lid", { "first-name": { size: 0.5 } }), "lid", undefined),
    ).toEqual(seat);
  });

  it("the back of a thing is made as often as the thing", () => {
    const back: Thing = { ...tin, id: "back", title: "Back", sideOf: tin.id };
    const document = { ...few, things: [tin, back] };
    const seats = few.seats.map((seat) => withCount(seat, tin.id, 2, tin.perSeat));
    for (const seat of seats) expect(countOf({ ...document }, seat, back)).toBe(2);
  });

  it("of alternatives a seat makes the one it has, the first unless it says", () => {
    const choice = "size";
    const document: ClassDocument = {
      ...few,
      things: [
        { ...tin, choice },
        { ...lid, choice },
      ],
      seats: few.seats.map((seat, i) => (i === 1 ? { ...seat, choices: { size: "lid" } } : seat)),
    };
    const made = plan(document);
    for (const [i, { seat }] of few.seats.entries())
      expect(
        new Set(made.kits.filter((kit) => kit.seat === seat).map(({ thing }) => thing)),
      ).toEqual(new Set([i === 1 ? "lid" : tin.id]));
    expect(thingDocument(document, "lid").seats.map(({ seat }) => seat)).toEqual([
      few.seats[1]?.seat,
    ]);
  });
});

describe("a thing seen alone and put back", () => {
  it("changes nothing that was not changed", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(tin.id, "lid"),
        fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 4, maxLength: 4 }),
        (id, counts) => {
          const document = {
            ...two,
            seats: two.seats.map((seat, i) => withCount(seat, "lid", counts[i] ?? 1, 1)),
          };
          expect(withThing(document, thingDocument(document, id))).toEqual(document);
        },
      ),
      { seed: 16, numRuns: 60 },
    );
  });
});

describe("what cannot be is refused with its place", () => {
  const read = (change: Partial<Record<keyof ClassDocument, unknown>>) =>
    readClassDocument(JSON.parse(JSON.stringify({ ...two, ...change })));
  it.each([
    ["two things of one name", { things: [tin, tin] }, "$.things"],
    [
      "the side of what is not there",
      { things: [tin, { ...lid, sideOf: "shelf" }] },
      "$.things[1].sideOf",
    ],
    [
      "a seat's own on a thing that is not made",
      { seats: [{ ...two.seats[0], things: { shelf: { count: 2 } } }] },
      "$.seats[0].things",
    ],
    [
      "an alternative that is none",
      { seats: [{ ...two.seats[0], choices: { size: "lid" } }] },
      "$.seats[0].choices",
    ],
    ["a version that is still to come", { version: 3 }, "$.version"],
    ["nothing to make", { things: [] }, "$.things"],
  ])("%s", (_, change, path) => {
    const answer = read(change);
    expect(answer.ok).toBe(false);
    if (!answer.ok) expect(answer.path.startsWith(path)).toBe(true);
  });
});
