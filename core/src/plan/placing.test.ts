import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema, type Thing } from "../document/document.ts";
import { thingDocument } from "../document/thing-document.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { placingsOf, rangeOf } from "./placing.ts";
import { makePlan } from "./plan.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;
const shaped = (
  shape: Thing["blank"]["shape"],
  more: Partial<Thing["blank"]> = {},
): ClassDocument =>
  classDocumentSchema.parse({
    ...tins,
    seats: tins.seats.slice(0, 4),
    things: [
      {
        ...tin,
        blank: { ...tin.blank, shape, ...more },
        design: {
          ...tin.design,
          items: [
            {
              ...PLAIN_LINE,
              id: "first-name",
              slot: "name",
              font: "zilla-slab",
              vinyl: "harbour",
              size: 12,
            },
          ],
        },
      },
    ],
  });
const placings = (document: ClassDocument) => {
  const plan = makePlan(document, testFonts);
  const [own] = plan.things;
  return { plan, rows: own ? placingsOf(own, thingDocument(document)) : [] };
};

describe("where a design lies on its piece", () => {
  it("on a board: edges, letters and what is between add up to the board", () => {
    const { plan, rows } = placings(shaped({ kind: "flat", width: 200, height: 80 }));
    for (const { seat, left, right, above, below } of rows) {
      const design = plan.things[0]?.lettered.seats.find((row) => row.seat === seat);
      expect((left ?? 0) + (right ?? 0) + (design?.width ?? 0)).toBeCloseTo(200, 6);
      expect(above + below + (design?.height ?? 0)).toBeCloseTo(80, 6);
      expect(left).toBeCloseTo(right ?? 0, 3);
    }
  });

  it("with twine above, the letters keep clear of it and are measured from the whole board's edge", () => {
    const { rows } = placings(
      shaped(
        { kind: "flat", width: 200, height: 80 },
        { reserve: [{ side: "top", mm: 20, what: "twine" }] },
      ),
    );
    for (const { above } of rows) expect(above).toBeGreaterThan(20);
  });

  it("on a straight cup from rim and foot: together the cup's height", () => {
    const { plan, rows } = placings(
      shaped({
        kind: "straightCup",
        diameter: 82,
        height: 95,
        rimClearance: 25,
        footClearance: 6,
        wrapAngle: 120,
      }),
    );
    for (const { seat, left, above, below } of rows) {
      expect(left).toBeNull();
      expect(above).toBeGreaterThanOrEqual(25);
      expect(
        above +
          below +
          (plan.things[0]?.lettered.seats.find((row) => row.seat === seat)?.height ?? 0),
      ).toBeCloseTo(95, 6);
    }
  });

  it("a pair of one shape and one letter height stands at one height", () => {
    const one = shaped({
      kind: "straightCup",
      diameter: 82,
      height: 95,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    });
    const [thing] = one.things as [Thing];
    const text = (words: string) => ({
      ...thing.design,
      items: thing.design.items.map((item) =>
        item.kind === "text"
          ? {
              ...PLAIN_LINE,
              id: "first-name",
              text: words,
              font: "zilla-slab",
              vinyl: "harbour",
              size: 12,
            }
          : item,
      ),
    });
    const pair = classDocumentSchema.parse({
      ...one,
      setSizing: "sameHeight",
      things: [
        { ...thing, design: text("HERON") },
        { ...thing, id: "second", title: "Second", design: text("OF THE YARD") },
      ],
    });
    const plan = makePlan(pair, testFonts);
    const [a, b] = plan.things.map((own) =>
      rangeOf(placingsOf(own, thingDocument(pair, own.id)), ({ below }) => below),
    );
    // Round letters hang a hair below the line on which flat ones stand.
    expect(Math.abs((a?.least ?? 0) - (b?.least ?? 1))).toBeLessThan(0.5);
  });

  it("of nothing lettered there is no range", () => {
    expect(rangeOf([], ({ above }) => above)).toBeNull();
  });
});
