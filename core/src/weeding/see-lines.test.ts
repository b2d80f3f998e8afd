import { describe, expect, it } from "vitest";
import { rectRing } from "../geometry/polygon.ts";
import { SEE_WORDS, sayLifts, sayPeel, sayTechnique } from "./bench-words-en.ts";
import { peelOf } from "./peel.ts";
import { FRAGILE_SHAPES } from "./peel-shapes.ts";
import { luminance, seeLines } from "./see-lines.ts";

describe("seeing cut lines", () => {
  it("luminance as in WCAG", () => {
    expect(luminance("#FFFFFF")).toBeCloseTo(1, 9);
    expect(luminance("#000000")).toBe(0);
    expect(luminance("#808080")).toBeCloseTo(0.2159, 4);
  });

  it.each([
    ["white on white", { family: "permanentGloss", colour: "#FFFFFF" }, "white"],
    ["cream", { family: "permanentGloss", colour: "#E8DCC0" }, "light"],
    [
      "white on a blue backing",
      { family: "permanentGloss", colour: "#FFFFFF", backing: "#3B6EA5" },
      "tint",
    ],
    ["black", { family: "permanentMatte", colour: "#111111" }, "roll"],
    ["dark glitter", { family: "glitter", colour: "#202040" }, "powder"],
    ["holographic", { family: "holographic", colour: "#C0C8D8" }, "sheen"],
    ["clear", { family: "permanentGloss", colour: "#FFFFFF", finish: "clear" }, "light"],
    [
      "white, backing white",
      { family: "removable", colour: "#FFFFFF", backing: "#FFFFFF" },
      "white",
    ],
  ] as const)("%s", (_, film, by) => {
    expect(seeLines(film)[0]).toBe(by);
  });

  it("powder comes with its caution", () => {
    expect(SEE_WORDS.powder).toContain("not breathed");
  });
});

describe("what the bench says", () => {
  it("where to start, which way and why", () => {
    const [kite] = FRAGILE_SHAPES;
    if (!kite) throw new Error("no shape");
    const said = sayPeel(peelOf({ ...kite, minStroke: 0.8, isSmall: () => false }), "mm");
    expect(said[0]).toMatch(/^Start at the .* draw the waste .*right/u);
    expect(said[1]).toMatch(/along the thin arm of \d+ mm by 0\.9 mm/u);
  });

  it("of a stencil what comes out, what rides on the tape, and what to do with an inside that stays behind", () => {
    const said = sayLifts({ pieces: 5, islands: 3 }).join(" ");
    expect(said).toMatch(/Lift the 5 letters/u);
    expect(said).toMatch(/3 insides stay/u);
    expect(said).toMatch(/stays on the backing.*set it on the tape/u);
    expect(sayLifts({ pieces: 1, islands: 0 })).toHaveLength(1);
  });

  it("a dot that went off with the waste is looked for, and goes back", () => {
    const film = { minX: 0, minY: 0, maxX: 100, maxY: 60 };
    const said = sayPeel(
      peelOf({
        pieces: [[rectRing(20, 20, 60, 40)], [rectRing(70, 20, 72, 22)]],
        film,
        minStroke: 0.8,
        isSmall: (i) => i === 1,
      }),
      "mm",
    ).join(" ");
    expect(said).toMatch(/went off with the waste.*straight back/u);
  });

  it("which way of weeding, by what of the film", () => {
    const weed = { thinnest: 0.55, tightest: 2, smallParts: 0 };
    expect(sayTechnique({ ...weed, technique: "reverse" }, "permanentGloss", "mm")).toContain(
      "the thinnest stroke is 0.55 mm where this film bears 0.8 mm",
    );
    expect(
      sayTechnique({ ...weed, technique: "reverse", smallParts: 6 }, "permanentGloss", "mm"),
    ).toContain("6 small parts");
    expect(
      sayTechnique(
        { ...weed, thinnest: 2, tightest: 0.3, technique: "reverse" },
        "permanentGloss",
        "mm",
      ),
    ).toContain("tightest inside is 0.3 mm");
    expect(
      sayTechnique({ ...weed, thinnest: 0.7, technique: "lighterCut" }, "permanentGloss", "mm"),
    ).toContain("Next time cut it lighter");
  });
});
