/** Stencil film cut to the blank's own outline centres itself. */
import { describe, expect, it } from "vitest";
import { applyRemedy } from "../advice/remedy.ts";
import { type ClassDocument, classDocumentSchema, type Thing } from "../document/document.ts";
import { boxOf, boxOfPoints } from "../geometry/polygon.ts";
import { starterClass } from "../proposal/starter.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "./plan.ts";

const film = demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number];
const made = (
  shape: Thing["blank"]["shape"],
  mode: ClassDocument["layout"]["mode"] = "trimmer",
  own: "margin" | "blank" = "blank",
): ClassDocument => {
  const document = starterClass({
    title: "Signs",
    when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 90 },
    setting: { kind: "room", place: "" },
    blankName: "Board",
    material: "sealedWood",
    blankColour: "#D9C29A",
    shape,
    technique: "openStencil",
    films: [{ ...film, family: "stencil" }],
    cutter: demoClass("seed-tins").cutter,
    seats: ["Mette", "Bo"].map((name, i) => ({ seat: String(i + 1), fields: { name } })),
  });
  const [thing] = document.things as [Thing];
  const stencil = {
    ...(thing.design.stencil as NonNullable<Thing["design"]["stencil"]>),
    ...(own === "blank" ? { film: own } : {}),
  };
  return classDocumentSchema.parse({
    ...document,
    layout: { ...document.layout, mode, seconds: 0.1 },
    things: [{ ...thing, design: { ...thing.design, stencil } }],
  });
};
const round = { kind: "round", diameter: 120 } as const;
const flat = { kind: "flat", width: 140, height: 80 } as const;

describe("film cut to the blank's own outline", () => {
  it.each([
    ["rectangle", flat, 140, 80],
    ["round", round, 120, 120],
  ] as const)(
    "%s: is as large as the blank, the letters where they lie on it",
    (_, shape, width, height) => {
      for (const mode of ["trimmer", "tight", "bySeat"] as const) {
        const plan = makePlan(made(shape, mode), testFonts);
        expect(plan.laidOut.unplaced).toEqual([]);
        for (const kit of plan.kits) {
          const box = boxOfPoints(kit.film ?? []);
          expect([box.maxX - box.minX, box.maxY - box.minY].map((mm) => Math.round(mm))).toEqual([
            width,
            height,
          ]);
          const letters = boxOf(kit.pieces.map(({ polygon }) => polygon));
          expect(letters.minX).toBeGreaterThan(box.minX);
          expect(letters.maxY).toBeLessThan(box.maxY);
        }
        // Its edge is cut: on a round one by its own outline.
        const lines = plan.laidOut.sheets.reduce((sum, { weedLines }) => sum + weedLines.length, 0);
        expect(lines).toBeGreaterThan(shape.kind === "round" ? 40 : 3);
        for (const sheet of plan.laidOut.sheets)
          for (const [[ax, ay], [bx, by]] of sheet.weedLines) {
            expect(Math.min(ax, bx)).toBeGreaterThanOrEqual(sheet.edgeMargin - 1e-6);
            expect(Math.max(ay, by)).toBeLessThanOrEqual(sheet.height - sheet.edgeMargin + 1e-6);
          }
        expect(plan.things[0]?.tape.width).toBeGreaterThanOrEqual(width);
      }
    },
  );

  it("a blank that no load takes keeps its margin, as does a cup", () => {
    expect(
      makePlan(made({ kind: "flat", width: 700, height: 500 }), testFonts).kits.every(
        (kit) => kit.film === null,
      ),
    ).toBe(true);
    const cup = {
      kind: "straightCup",
      diameter: 82,
      height: 95,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    } as const;
    expect(makePlan(made(cup), testFonts).kits.every((kit) => kit.film === null)).toBe(true);
  });

  it("is offered where the border is larger than the face, and then there is nothing to trim", () => {
    const small = made({ kind: "flat", width: 90, height: 30 }, "trimmer", "margin");
    const found = makePlan(small, testFonts).findings.find(({ code }) => code === "borderOverFace");
    const remedy = found?.remedies.find(({ code }) => code === "filmToBlank");
    expect(remedy).toBeDefined();
    if (remedy)
      expect(
        makePlan(applyRemedy(small, remedy), testFonts).findings.map(({ code }) => code),
      ).not.toContain("borderOverFace");
  });
});
