import { describe, expect, it } from "vitest";
import { applyRemedy } from "../advice/remedy.ts";
import type { ClassDocument, Thing } from "../document/document.ts";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { colourDistance, labOf } from "./contrast.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;

describe("how far apart colours look", () => {
  it.each([
    // Published values of L*a*b* for the primaries of sRGB under D65.
    ["#FFFFFF", [100, 0, 0]],
    ["#000000", [0, 0, 0]],
    ["#FF0000", [53.24, 80.09, 67.2]],
    ["#00FF00", [87.73, -86.18, 83.18]],
    ["#0000FF", [32.3, 79.19, -107.86]],
  ] as const)("%s", (colour, lab) => {
    for (const [i, value] of labOf(colour).entries())
      expect(value).toBeCloseTo(lab[i] as number, 1);
  });

  it("is nothing for the same, the same both ways, and a hundred from black to white", () => {
    expect(colourDistance("#1F4E79", "#1f4e79")).toBe(0);
    expect(colourDistance("#1F4E79", "#D0473B")).toBeCloseTo(
      colourDistance("#D0473B", "#1F4E79"),
      12,
    );
    expect(colourDistance("#000000", "#FFFFFF")).toBeCloseTo(100, 3);
  });
});

describe("white on white", () => {
  const on = (
    blank: Partial<Thing["blank"]>,
    film: string,
    more: Partial<Thing> = {},
  ): ClassDocument => ({
    ...tins,
    seats: tins.seats.slice(0, 2),
    accepted: [],
    scraps: [],
    vinyls: tins.vinyls.map((vinyl, i) => (i === 0 ? { ...vinyl, colour: film } : vinyl)),
    things: [{ ...tin, ...more, blank: { ...tin.blank, ...blank } }],
  });
  const found = (document: ClassDocument, code: string) =>
    makePlan(document, testFonts).findings.filter((one) => one.code === code);

  it("is told, with a film of the class that is seen; taken, the words are cut from that", () => {
    const document = on({ colour: "#F7F5EF" }, "#FDFDFB");
    const [finding] = found(document, "barelySeen");
    expect(finding).toMatchObject({ severity: "check", where: { vinyl: tins.vinyls[0]?.id } });
    const remedy = finding?.remedies.find(({ code }) => code === "useVinyl");
    expect(remedy).toBeDefined();
    if (remedy)
      expect(JSON.stringify(applyRemedy(document, remedy).things[0]?.design)).not.toBe(
        JSON.stringify(document.things[0]?.design),
      );
  });

  it("is not told of what is well seen, of clear blanks, or of a stencil that is painted", () => {
    expect(found(on({ colour: "#1F2A2E" }, "#FDFDFB"), "barelySeen")).toEqual([]);
    expect(found(on({ colour: "#F7F5EF", material: "glass" }, "#FDFDFB"), "barelySeen")).toEqual(
      [],
    );
    expect(
      found(on({ colour: "#F7F5EF" }, "#FDFDFB", { technique: "openStencil" }), "barelySeen"),
    ).toEqual([]);
  });

  it("of film on its own backing: how the cut lines are found all the same", () => {
    const document = on({ colour: "#1F2A2E" }, "#FDFDFB");
    const backed = (backing: string): ClassDocument => ({
      ...document,
      vinyls: document.vinyls.map((vinyl, i) => (i === 0 ? { ...vinyl, backing } : vinyl)),
    });
    expect(found(backed("#FFFFFF"), "unseenCuts")).toHaveLength(1);
    expect(found(backed("#9FC5E8"), "unseenCuts")).toEqual([]);
    expect(found(document, "unseenCuts")).toEqual([]);
  });
});
