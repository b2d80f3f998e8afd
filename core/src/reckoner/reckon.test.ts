import { describe, expect, it } from "vitest";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { PlanFault } from "../faults/plan-fault.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { pricesSchema } from "../supplies/price.ts";
import { testFonts } from "../testing/fonts.ts";
import { type Question, questionSchema } from "./question.ts";
import { type Answer, classOf, reckon } from "./reckon.ts";

const schools = schoolsSchema.parse({});
const given = {
  schools,
  prices: pricesSchema.parse({}),
  cutter: (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter,
  goods: [],
};
const ask = (
  more: Partial<Question> = {},
  goods: Parameters<typeof classOf>[1]["goods"] = [],
): Answer => {
  const question = questionSchema.parse({
    blank: {
      name: "Board",
      material: "sealedWood",
      colour: "#D9C29A",
      shape: { kind: "flat", width: 200, height: 100 },
    },
    technique: "decal",
    family: "permanentGloss",
    words: ["Ned", "Henriette"],
    names: 6,
    ...more,
  });
  return reckon(classOf(question, { ...given, goods }), schools, testFonts);
};

describe("the reckoner", () => {
  it("a board of 200 by 100: the design keeps the margin of boards, the widest word decides", () => {
    const answer = ask();
    expect([answer.face.width, answer.face.height]).toEqual([200, 100]);
    expect(answer.design.widest).toBe("Henriette");
    expect(answer.design.width).toBeLessThanOrEqual(200 - 2 * answer.face.margin + 1e-6);
    expect(answer.design.height).toBeLessThanOrEqual(100 - 2 * answer.face.margin + 1e-6);
    expect(answer.film.sheets).toBeGreaterThan(0);
    expect(answer.stops).toBe(0);
    expect(answer.endRise).toBeNull();
    expect(answer.largestPatch).toBeNull();
  });

  it("twice the names take about twice the film and no fewer loads", () => {
    const [six, twelve] = [ask(), ask({ names: 12 })];
    expect(twelve.film.cm2PerName).toBeCloseTo(six.film.cm2PerName, 3);
    expect(twelve.film.weedMinutes / six.film.weedMinutes).toBeCloseTo(2, 1);
    expect(twelve.film.loads).toBeGreaterThanOrEqual(six.film.loads);
  });

  it("a taper tells how far its ends run off level: L(1 - cos(w/2L)), by hand", () => {
    const answer = ask({
      blank: {
        name: "Pot",
        material: "stone",
        colour: "#B5653C",
        shape: {
          kind: "taperedCup",
          topDiameter: 140,
          bottomDiameter: 100,
          height: 120,
          rimClearance: 25,
          footClearance: 10,
          wrapAngle: 120,
          warp: true,
        },
      },
    });
    const slant = Math.hypot(120, 20);
    const rim = (slant * 70) / 20;
    const baseline = rim - (slant * (25 + (120 - 25 - 10) / 2)) / 120;
    expect(answer.endRise).toBeCloseTo(
      baseline * (1 - Math.cos(answer.design.width / (2 * baseline))),
      0,
    );
    expect(answer.endRise).toBeGreaterThan(0);
  });

  it("a bulge tells the largest piece that lies down; paint is told in coats and millilitres", () => {
    expect(
      ask({
        blank: {
          name: "Ball",
          material: "paintedMetal",
          colour: "#FFFFFF",
          shape: { kind: "ball", diameter: 90, wrapAngle: 90 },
        },
      }).largestPatch,
    ).toBeGreaterThan(2);
    const mask = ask({
      technique: "mask",
      family: "stencil",
      blank: {
        name: "Sign",
        material: "rawWood",
        colour: "#FFFFFF",
        shape: { kind: "flat", width: 300, height: 200 },
      },
    });
    expect(mask.preparation.filter(({ title }) => /coat/iu.test(title)).length).toBeGreaterThan(1);
    expect(mask.materials.filter(({ unit }) => unit === "ml").length).toBeGreaterThan(0);
  });

  it("money is that of the shelf, and what has no price is named", () => {
    const bare = ask();
    expect(bare.cost.materials).toBe(0);
    expect(bare.cost.missing.length).toBe(bare.materials.length + 1);
    const priced = ask({}, [
      {
        name: bare.materials[0]?.name ?? "",
        unit: bare.materials[0]?.unit ?? "",
        offers: [{ id: "a", shop: "", size: 1, price: 250 }],
      },
    ]);
    expect(priced.cost.materials).toBeGreaterThan(0);
    expect(priced.cost.missing).not.toContain(bare.materials[0]?.name);
  });

  it("a blank without a face says so", () => {
    expect(() =>
      ask({
        blank: {
          name: "Chip",
          material: "glass",
          colour: "#FFFFFF",
          shape: { kind: "flat", width: 4, height: 4 },
        },
      }),
    ).toThrow(PlanFault);
  });
});
