/**
 * A film is finish, glue and liner; what a host has found of one bought film counts before what is
 * said of its kind.
 */
import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema, type Thing } from "../document/document.ts";
import { type Use, useSchema } from "../document/use.ts";
import { adviseOn, adviseOnFilm } from "../films/film-choice.ts";
import { makePlan } from "../plan/plan.ts";
import { starterClass } from "../proposal/starter.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { applyRemedy } from "./remedy.ts";

const use = (more: Partial<Use>): Use => useSchema.parse({ months: 12, ...more });
const gloss = { family: "permanentGloss" } as const;

describe("one bought film", () => {
  it("without anything of its own is judged as its family", () => {
    for (const washing of ["none", "hand", "dishwasher"] as const)
      expect(adviseOnFilm(gloss, use({ washing }), "glazed")).toEqual(
        adviseOn("permanentGloss", use({ washing }), "glazed"),
      );
  });

  it("glossy with a weak glue: not washed, not outdoors, not for years; but as a stencil it lifts fewer fibres", () => {
    const weak = { ...gloss, adhesive: "weak" } as const;
    expect(adviseOnFilm(weak, use({ washing: "hand" }), "glazed").verdict).toBe("unsuited");
    expect(adviseOnFilm(weak, use({ outdoors: true }), "glass").verdict).toBe("unsuited");
    expect(adviseOnFilm(weak, use({ months: 60 }), "glass")).toMatchObject({
      verdict: "unsuited",
      reasons: ["weakGlue"],
    });
    expect(adviseOn("permanentGloss", use({ paintedOver: true }), "rawWood").verdict).toBe(
      "unsuited",
    );
    expect(adviseOnFilm(weak, use({ paintedOver: true }), "rawWood")).toMatchObject({
      verdict: "suits",
      reasons: ["fewerFibres"],
    });
  });

  it("that came through the dishwasher suits, and says by whom it was found", () => {
    const proved = { ...gloss, proved: { washing: "dishwasher" as const, note: "five washes" } };
    expect(adviseOnFilm(proved, use({ washing: "dishwasher" }), "glazed")).toMatchObject({
      verdict: "suits",
    });
    expect(adviseOnFilm(proved, use({ washing: "dishwasher" }), "glazed").reasons).toContain(
      "provedHere",
    );
    expect(
      adviseOnFilm({ family: "glitter" }, use({ washing: "dishwasher" }), "glazed").verdict,
    ).toBe("unsuited");
  });

  it("that bears washing by hand is not thereby for the dishwasher", () => {
    const proved = { family: "removable" as const, proved: { washing: "hand" as const, note: "" } };
    expect(adviseOnFilm(proved, use({ washing: "hand" }), "glazed").verdict).toBe("suits");
    expect(adviseOnFilm(proved, use({ washing: "dishwasher" }), "glazed").verdict).toBe("unsuited");
  });
});

const film = demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number];
const made = (more: {
  family?: typeof film.family;
  material?: Thing["blank"]["material"];
  technique?: Thing["technique"];
  font?: string;
  width?: number;
  name?: string;
  kind?: "room" | "craftAlong";
  shape?: Thing["blank"]["shape"];
}): ClassDocument => {
  const document = starterClass({
    title: "A class",
    when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 90 },
    setting: { kind: more.kind ?? "room", place: "" },
    blankName: "Board",
    material: more.material ?? "glass",
    blankColour: "#FBF9F4",
    shape: more.shape ?? { kind: "flat", width: more.width ?? 60, height: 30 },
    technique: more.technique ?? "decal",
    films: [{ ...film, family: more.family ?? "permanentGloss" }],
    seats: [{ seat: "1", fields: { name: more.name ?? "Anneliese" } }],
  });
  const [thing] = document.things as [Thing];
  return classDocumentSchema.parse({
    ...document,
    things: [
      {
        ...thing,
        design: {
          ...thing.design,
          items: thing.design.items.map((item) =>
            item.kind === "text" ? { ...item, font: more.font ?? item.font } : item,
          ),
        },
      },
    ],
  });
};
const codes = (document: ClassDocument) =>
  makePlan(document, testFonts).findings.map(({ code }) => code);

describe("what a host is told of ground, film and home", () => {
  it("every stop for strokes too thin has a way out, and it helps when it is taken", () => {
    for (const font of ["great-vibes", "sacramento", "dancing-script"]) {
      const document = made({ family: "glitter", font });
      const stops = makePlan(document, testFonts).findings.filter(
        ({ code, severity }) => code === "thinStroke" && severity === "stop",
      );
      for (const stop of stops) {
        expect(stop.remedies.length, font).toBeGreaterThan(0);
        for (const remedy of stop.remedies) {
          const after = makePlan(applyRemedy(document, remedy), testFonts).findings.find(
            ({ code, where }) => code === "thinStroke" && where.field === stop.where.field,
          );
          expect(
            after?.severity === "stop"
              ? Number(after.values.width) - Number(after.values.limit)
              : 0,
            `${font} ${remedy.code}`,
          ).toBeGreaterThan(Number(stop.values.width) - Number(stop.values.limit) - 1e-9);
        }
      }
    }
  });

  it("a plain film bears another name, and no price that was not said of it", () => {
    const document = made({ family: "glitter" });
    const next = applyRemedy(document, {
      code: "plainFilm",
      values: { vinyl: film.id, name: film.name },
    });
    expect(next.vinyls[0]).toMatchObject({ family: "permanentMatte", colour: film.colour });
    expect(next.vinyls[0]?.name).not.toBe(film.name);
    expect(next.vinyls[0]?.stock.price).toBeUndefined();
    expect(() => classDocumentSchema.parse(next)).not.toThrow();
  });

  it("insides of a stencil are wider on canvas and coir than on smooth wood", () => {
    const small = {
      technique: "openStencil",
      font: "zilla-slab",
      width: 70,
      name: "Bobbed geese",
    } as const;
    expect(codes(made({ ...small, material: "canvas" }))).toContain("insideBelowGround");
    expect(codes(made({ ...small, material: "sealedWood" }))).not.toContain("insideBelowGround");
  });

  it("at home a straight wall raises nothing; what bulges or tapers is told before the list goes out", () => {
    const straight = {
      kind: "straightCup",
      diameter: 82,
      height: 95,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    } as const;
    const tapered = {
      kind: "taperedCup",
      topDiameter: 90,
      bottomDiameter: 60,
      height: 120,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
      warp: true,
    } as const;
    expect(codes(made({ kind: "craftAlong", shape: straight }))).not.toContain("homeBlanks");
    expect(codes(made({ kind: "craftAlong", shape: tapered }))).toContain("homeBlanks");
    expect(codes(made({ kind: "room", shape: tapered }))).not.toContain("homeBlanks");
  });
});
