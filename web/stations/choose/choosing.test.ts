import { classDocumentSchema } from "@elm-basket/core/document/document.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { describe, expect, it } from "vitest";
import { allowedChoice, seatAlone } from "./choosing.ts";

const tins = demoClass("seed-tins");
const offering = classDocumentSchema.parse({
  ...tins,
  things: tins.things.map((thing) => ({
    ...thing,
    design: { ...thing.design, offered: ["poppy"] },
  })),
});
const open = {
  studioId: "s",
  workshopId: "w",
  document: offering,
  labels: new Map(),
  locked: false,
  unit: "mm" as const,
  scales: new Map([["thing", 0.9]]),
};

describe("what a participant may ask for", () => {
  it("the slots of the design, a colour on offer, a hand", () => {
    expect(
      allowedChoice(offering, {
        fields: { name: "Zoé", word: "Leek" },
        vinyl: "poppy",
        hand: "left",
      }),
    ).toEqual({ fields: { name: "Zoé", word: "Leek" }, vinyl: "poppy", hand: "left" });
  });

  it("other fields are left out, other colours refused", () => {
    expect(allowedChoice(offering, { fields: { name: "Zoé", salary: "1" } })).toEqual({
      fields: { name: "Zoé" },
    });
    expect(allowedChoice(offering, { fields: {}, vinyl: "harbour" })).toBeNull();
    expect(allowedChoice(tins, { fields: {}, vinyl: "poppy" })).toBeNull();
  });

  it("a piece of one's own only for what is brought, and only one that can be a cup with a face", () => {
    const cup = {
      kind: "straightCup",
      diameter: 82,
      height: 95,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    };
    const bringing = classDocumentSchema.parse({
      ...tins,
      things: tins.things.map((thing) => ({ ...thing, brought: true })),
    });
    const asked = (thing: string, shape: object) => ({ fields: {}, brings: { thing, shape } });
    expect(allowedChoice(bringing, asked("thing", cup))?.brings).toMatchObject({
      thing: "thing",
      shape: { diameter: 82 },
    });
    expect(allowedChoice(tins, asked("thing", cup))).toBeNull();
    expect(allowedChoice(bringing, asked("lid", cup))).toBeNull();
    expect(
      allowedChoice(bringing, asked("thing", { kind: "flat", width: 900, height: 900 })),
    ).toBeNull();
    expect(
      allowedChoice(bringing, asked("thing", { ...cup, diameter: 1, wrapAngle: 10 })),
    ).toBeNull();
    expect(
      allowedChoice(bringing, asked("thing", { ...cup, height: 5000, diameter: 1e9 })),
    ).toBeNull();
  });

  it("an alternative only of the choice it belongs to", () => {
    const [thing] = tins.things;
    const document = classDocumentSchema.parse({
      ...tins,
      things: [
        { ...thing, choice: "kind" },
        { ...thing, id: "lid", choice: "kind" },
        { ...thing, id: "spoon" },
      ],
    });
    expect(allowedChoice(document, { fields: {}, choices: { kind: "lid" } })).toEqual({
      fields: {},
      choices: { kind: "lid" },
    });
    expect(allowedChoice(document, { fields: {}, choices: { kind: "spoon" } })).toBeNull();
    expect(allowedChoice(document, { fields: {}, choices: { other: "lid" } })).toBeNull();
  });

  it.each([
    null,
    "name",
    4,
    [],
    { fields: null },
    { fields: { name: "x".repeat(121) } },
    { fields: {}, hand: "both" },
    { fields: { name: 4 } },
    { fields: {}, more: true },
  ])("%j makes no sense", (given) => {
    expect(allowedChoice(offering, given)).toBeNull();
  });
});

describe("the seat alone", () => {
  it("is the same class with that one seat, at the set's size", () => {
    const alone = seatAlone(open, "3", { fields: { name: "Inés" }, vinyl: "poppy" });
    expect(alone.seats).toHaveLength(1);
    expect(alone.seats[0]?.fields).toMatchObject({
      name: "Inés",
      word: tins.seats[2]?.fields.word,
    });
    expect(alone.things[0]?.design).toMatchObject({ school: "fixedHeight", fixedScale: 0.9 });
    expect(alone.seats[0]?.things?.thing?.own?.["first-name"]).toEqual({ vinyl: "poppy" });
    expect(() => classDocumentSchema.parse(alone)).not.toThrow();
  });

  it("keeps what the seat has of its own", () => {
    const document = {
      ...offering,
      seats: offering.seats.map((seat) =>
        seat.seat === "3"
          ? { ...seat, things: { thing: { own: { "first-name": { font: "lobster" } } } } }
          : seat,
      ),
    };
    const alone = seatAlone({ ...open, document }, "3", { fields: {}, vinyl: "poppy" });
    expect(alone.seats[0]?.things?.thing?.own?.["first-name"]).toEqual({
      font: "lobster",
      vinyl: "poppy",
    });
    expect(
      seatAlone({ ...open, document }, "3", { fields: {} }).seats[0]?.things?.thing?.own?.[
        "first-name"
      ],
    ).toEqual({ font: "lobster" });
  });
});
