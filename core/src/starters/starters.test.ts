/** Every project to start from is complete, and together they cover the craft. */
import { describe, expect, it } from "vitest";
import { groundOf } from "../blanks/ground-of.ts";
import { makePlan } from "../plan/plan.ts";
import { differences } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import { testFonts } from "../testing/fonts.ts";
import { TECHNIQUES } from "../weeding/techniques.ts";
import { DRAWING_NAMES, drawn } from "./art.ts";
import { FIRST_STARTER, STARTERS } from "./specs.ts";
import { starterProject } from "./starter-projects.ts";

describe.each(STARTERS.map(({ id }) => id))("%s", (id) => {
  const document = starterProject(id);
  it("is planned without a stop, ends in its time, and stands as it is proposed", () => {
    if (!document) throw new Error("no such project");
    const plan = makePlan(document, testFonts);
    expect(
      plan.findings.filter(({ severity }) => severity === "stop").map(({ code }) => code),
    ).toEqual([]);
    expect(plan.runSheet.endMinute).toBeLessThanOrEqual(document.when.minutes);
    expect(plan.laidOut.unplaced).toEqual([]);
    expect(document.steps.length).toBeGreaterThan(5);
    expect(document.supplies.length).toBeGreaterThan(5);
    expect(differences(document, propose(document))).toEqual({ fields: [], rows: [] });
  });
});

describe("together", () => {
  const documents = STARTERS.map(({ id }) => starterProject(id)).filter(
    (document) => document !== undefined,
  );
  const things = documents.flatMap(({ things: own }) => own);
  it("a first class begins with one that everybody manages", () => {
    expect(STARTERS.find(({ id }) => id === FIRST_STARTER)).toMatchObject({ difficulty: 1 });
    expect(
      starterProject(FIRST_STARTER)?.preparation.filter(({ waitMinutes }) => waitMinutes > 0),
    ).toEqual([]);
  });

  it("there are at least 24, of both formats, of small budget and large, each with a name of its own", () => {
    expect(STARTERS.length).toBeGreaterThanOrEqual(24);
    expect(new Set(STARTERS.map(({ id }) => id)).size).toBe(STARTERS.length);
    expect(new Set(STARTERS.map(({ title }) => title)).size).toBe(STARTERS.length);
    expect(new Set(documents.map(({ setting }) => setting.kind))).toEqual(
      new Set(["room", "craftAlong"]),
    );
    expect(new Set(STARTERS.map(({ budget }) => budget))).toEqual(new Set(["small", "large"]));
  });
  it("they cover every technique, shape, ground and finishing", () => {
    expect(new Set(things.map(({ technique }) => technique))).toEqual(new Set(TECHNIQUES));
    const kinds = new Set<string>(things.map(({ blank }) => blank.shape.kind));
    for (const kind of ["flat", "round", "oval", "straightCup", "taperedCup", "bulgedCup", "ball"])
      expect(kinds).toContain(kind);
    const materials = new Set<string>(things.map(({ blank }) => blank.material));
    for (const material of [
      "glazed",
      "glass",
      "enamel",
      "metal",
      "paintedMetal",
      "powderCoat",
      "clearPlastic",
      "rawWood",
      "stainedWood",
      "paintedWood",
      "sealedWood",
      "stone",
      "firedClay",
      "coir",
      "canvas",
      "paper",
      "leather",
      "rubber",
      "balloon",
      "cork",
      "laminate",
    ])
      expect(materials).toContain(material);
    expect(
      new Set(
        things
          .map(({ blank, technique }) => groundOf(blank, technique, false, true))
          .flatMap(({ what, faces }) => [what, faces]),
      ),
    ).toEqual(new Set(["none", "seal", "stain", "paint", "front", "both", "inside", "back"]));
    expect(new Set(things.flatMap(({ blank }) => blank.frame?.fixed ?? []))).toEqual(
      new Set(["glued", "loose"]),
    );
    const supplies = new Set(
      documents.flatMap((document) =>
        document.supplies.map(({ id }) => id.replace(/-(front|back)$/u, "")),
      ),
    );
    for (const part of [
      "ring-large",
      "ring-small",
      "tassel",
      "bead",
      "twine",
      "ribbon",
      "hanger",
      "frame-strip",
    ])
      expect(supplies).toContain(part);
  });
  it("no two share a text that does not fit both: what is said of paint is said of nothing else", () => {
    for (const document of documents) {
      const painted = document.things.some(({ technique }) => technique !== "decal");
      const words = JSON.stringify(document.steps.map(({ say, doIt }) => [say, doIt]));
      if (!painted) expect(words).not.toMatch(/sponge|stencil|coat dries/iu);
      if (
        document.things.every(
          ({ blank }) => blank.material !== "glass" && blank.material !== "glazed",
        )
      )
        expect(words).not.toMatch(/half a minute/iu);
    }
  });
  it("there is no project of another name, and every drawing has something to cut", () => {
    expect(starterProject("nothing")).toBeUndefined();
    for (const name of DRAWING_NAMES)
      for (const layer of drawn(name)) expect(layer.length).toBeGreaterThan(0);
  });
});
