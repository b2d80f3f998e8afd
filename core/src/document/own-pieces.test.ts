/** Forty people, five cups to choose from, and some who bring their own. */
import { describe, expect, it } from "vitest";
import { ownCup } from "../blanks/own-cup.ts";
import type { BlankShape } from "../blanks/shape.ts";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { isRemedy } from "../testing/remedies.ts";
import { type ClassDocument, classDocumentSchema, type Thing } from "./document.ts";
import { thingDocument, withShape, withThing } from "./thing-document.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;
const cup = (id: string, diameter: number, more: Partial<Thing> = {}): Thing => ({
  ...tin,
  id,
  title: id,
  choice: "cup",
  blank: {
    ...tin.blank,
    shape: {
      kind: "straightCup",
      diameter,
      height: 95,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    },
  },
  ...more,
});
const measured = (
  kind: "straight" | "tapered" | "bulged",
  top: number,
  foot: number,
  widest: number,
  height: number,
): BlankShape => {
  const read = ownCup({ kind, top, foot, widest, height });
  if (!read.ok) throw new Error(read.fault);
  return read.shape;
};
const things = [
  cup("mug", 82),
  cup("beaker", 70),
  cup("tall", 76),
  cup("small", 62),
  cup("wide", 98),
  cup("home", 82, { brought: true, title: "their own" }),
];
const seats = Array.from({ length: 40 }, (_, i) => ({
  seat: String(i + 1),
  fields: { name: `Ines ${i}`, word: "Kale" },
  choices: { cup: i < 37 ? (things[i % 5] as Thing).id : "home" },
}));
const document: ClassDocument = classDocumentSchema.parse({
  ...tins,
  things,
  seats: seats.map((seat, i) =>
    i === 37
      ? withShape(seat, "home", measured("tapered", 250, 200, 0, 100))
      : i === 38
        ? withShape(seat, "home", measured("bulged", 230, 200, 330, 90))
        : seat,
  ),
});
const plan = makePlan(document, testFonts);
const home = plan.things.find(({ id }) => id === "home");

describe("pieces that seats bring", () => {
  it("everybody makes one cup, and everybody's is planned", () => {
    expect(
      new Set(plan.kits.filter(({ seat }) => !seat.startsWith("spare-")).map(({ seat }) => seat))
        .size,
    ).toBe(40);
    for (const { seat } of seats)
      expect(
        new Set(plan.kits.filter((kit) => kit.seat === seat).map(({ thing }) => thing)).size,
      ).toBe(1);
    expect(home?.lettered.seats.map(({ seat }) => seat).sort()).toEqual(["38", "39", "40"]);
  });

  it("each is fitted to its own face, and never makes the others smaller", () => {
    expect([...(home?.ownFaces.keys() ?? [])].sort()).toEqual(["38", "39"]);
    const scale = (seat: string, of = home) =>
      of?.lettered.seats.find((row) => row.seat === seat)?.scale ?? 0;
    const tiny = measured("straight", 130, 0, 0, 50);
    const smaller = makePlan(
      {
        ...document,
        seats: document.seats.map((seat) =>
          seat.seat === "38" ? withShape(seat, "home", tiny) : seat,
        ),
      },
      testFonts,
    ).things.find(({ id }) => id === "home");
    expect(scale("38", smaller)).toBeLessThan(scale("38"));
    expect(scale("40", smaller)).toBe(scale("40"));
    for (const { seat, width, height } of smaller?.lettered.seats ?? []) {
      const face = smaller?.ownFaces.get(seat) ?? smaller?.face;
      expect(width).toBeLessThanOrEqual((face?.width ?? 0) + 0.01);
      expect(height).toBeLessThanOrEqual((face?.height ?? 0) + 0.01);
    }
  });

  it("what creases on the one that is brought is told under its seat, and only that seat is set smaller", () => {
    const moths = demoClass("moth-cloche");
    const dome = moths.things[0] as Thing;
    const [first, second] = moths.seats as [
      ClassDocument["seats"][number],
      ClassDocument["seats"][number],
    ];
    const flat: BlankShape = {
      kind: "straightCup",
      diameter: 140,
      height: 220,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    };
    const mixed = {
      ...moths,
      things: [{ ...dome, brought: true, blank: { ...dome.blank, shape: flat } }],
      seats: [first, withShape(second, dome.id, dome.blank.shape)],
    };
    const found = makePlan(mixed, testFonts).findings.filter(
      ({ code }) => code === "creases" || code === "mayCrease",
    );
    expect(found.map(({ where }) => where.seat)).toEqual([second.seat]);
    const remedies = found.flatMap(({ remedies: all }) => all);
    expect(remedies.some(({ code }) => code === "setSize")).toBe(false);
    for (const { values } of remedies.filter(isRemedy("ownSize")))
      expect(values.seats).toBe(second.seat);
  });

  it("who has not measured is told, and counted", () => {
    expect(plan.findings.find(({ code }) => code === "ownUnmeasured")).toMatchObject({
      severity: "check",
      values: { seats: 1, of: 3 },
    });
  });

  it("a measure is kept when the thing is seen alone and put back, and passed over where nobody brings", () => {
    expect(withThing(document, thingDocument(document, "home"))).toEqual(document);
    const mine = { ...document, things: document.things.map(({ brought: _, ...thing }) => thing) };
    expect(makePlan(mine, testFonts).things.find(({ id }) => id === "home")?.ownFaces.size).toBe(0);
  });
});
