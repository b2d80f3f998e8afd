/**
 * Decal, stencil, mask and iron-on stencil: what stays, what is taken out, what is mirrored, and
 * what is said of it.
 */
import { describe, expect, it } from "vitest";
import type { ClassDocument, Thing } from "../document/document.ts";
import { boxOf } from "../geometry/polygon.ts";
import { makePlan } from "../plan/plan.ts";
import { starterClass } from "../proposal/starter.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { goesOf, isPainted, needsTape } from "./technique.ts";
import { TECHNIQUE_WORDS } from "./technique-words-en.ts";
import { TECHNIQUES, type Technique } from "./techniques.ts";

const film = (demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number]) ?? undefined;
const made = (technique: Technique, name = "Mette"): ClassDocument => ({
  ...starterClass({
    title: "A class",
    when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 90 },
    setting: { kind: "room", place: "" },
    blankName: "Board",
    material: technique === "ironOnStencil" ? "coir" : "rawWood",
    blankColour: "#D9C29A",
    shape: { kind: "flat", width: 150, height: 80 },
    technique,
    films: [{ ...film, family: technique === "ironOnStencil" ? "ironOn" : "removable" }],
    cutter: demoClass("seed-tins").cutter,
    seats: [],
  }),
  seats: [{ seat: "1", fields: { name } }],
});
const kitOf = (technique: Technique, name?: string) =>
  makePlan(made(technique, name), testFonts).kits[0];
/** Insides of "Mette" are those of its two e. */
const INSIDES = 2;

describe("what goes and what stays", () => {
  it.each(TECHNIQUES)("%s has words for everything a host reads", (technique) => {
    expect(TECHNIQUE_WORDS[technique].name).not.toBe("");
    expect(TECHNIQUE_WORDS[technique].what).toMatch(/\.$|\w$/u);
  });

  it("a decal and a mask keep their letters, stencils lose them", () => {
    expect(TECHNIQUES.filter((technique) => goesOf(technique) === "out").sort()).toEqual([
      "ironOnStencil",
      "openStencil",
    ]);
    expect(TECHNIQUES.filter(isPainted).sort()).toEqual(["ironOnStencil", "mask", "openStencil"]);
    expect(TECHNIQUES.filter((technique) => !needsTape(technique))).toEqual(["ironOnStencil"]);
  });

  it("insides of a decal are picked out; those of a stencil stay and are not counted as picked", () => {
    const decal = kitOf("decal");
    const stencil = kitOf("openStencil");
    expect(decal?.goes).toBe("stays");
    expect(stencil?.goes).toBe("out");
    expect(
      decal?.pieces.reduce((sum, { polygon }) => sum + polygon.length - 1, 0),
    ).toBeGreaterThanOrEqual(INSIDES);
  });

  it("iron-on is cut mirrored, the others as they read", () => {
    const xs = (technique: Technique) => {
      const sheet = makePlan(made(technique, "L"), testFonts).laidOut.sheets[0];
      return sheet?.mirrored ?? false;
    };
    expect(xs("ironOnStencil")).toBe(true);
    for (const technique of ["decal", "openStencil", "mask"] as const)
      expect(xs(technique)).toBe(false);
  });

  it("a stencil needs film all round, and tape that carries it; a decal only round its letters", () => {
    const [decal, stencil, ironOn] = (["decal", "openStencil", "ironOnStencil"] as const).map(
      (technique) => makePlan(made(technique), testFonts),
    );
    const letters = (plan: typeof decal) => plan?.things[0]?.lettered.seats[0];
    const margin = stencil?.document.things[0]?.design.stencil?.filmMargin ?? 0;
    expect(margin).toBeGreaterThan(0);
    expect(stencil?.things[0]?.tape.width).toBeGreaterThanOrEqual(
      (letters(stencil)?.width ?? 0) + 2 * margin - 0.01,
    );
    expect(decal?.things[0]?.tape.width).toBeLessThan((letters(decal)?.width ?? 0) + 2 * margin);
    expect(ironOn?.things[0]?.tape).toMatchObject({ width: 0, height: 0 });
  });
});

describe("film round a stencil", () => {
  const MARGIN = 12;
  const names = ["Mette", "Bo", "Zoë", "Anneliese", "Jo", "Ines"];
  const many = (technique: Technique, mode: ClassDocument["layout"]["mode"]): ClassDocument => {
    const one = made(technique);
    const [thing] = one.things as [Thing];
    return {
      ...one,
      things: [
        {
          ...thing,
          design: {
            ...thing.design,
            stencil: {
              ...(thing.design.stencil as NonNullable<Thing["design"]["stencil"]>),
              filmMargin: MARGIN,
            },
          },
        },
      ],
      layout: { ...one.layout, mode, seconds: 0.1 },
      seats: names.map((name, i) => ({ seat: String(i + 1), fields: { name } })),
    };
  };

  it.each(["openStencil", "mask"] as const)(
    "%s: is kept in every way of laying, from kit to kit and from kit to edge",
    (technique) => {
      for (const mode of ["tight", "trimmer", "bySeat"] as const) {
        const plan = makePlan(many(technique, mode), testFonts);
        expect(plan.laidOut.unplaced).toEqual([]);
        for (const sheet of plan.laidOut.sheets) {
          const letters = sheet.kits.map(({ pieces }) =>
            boxOf(pieces.map(({ polygon }) => polygon)),
          );
          for (const [i, a] of letters.entries()) {
            expect(
              Math.min(a.minX, a.minY, sheet.width - a.maxX, sheet.height - a.maxY),
              `${mode}: to the edge`,
            ).toBeGreaterThanOrEqual(MARGIN - 0.01);
            for (const b of letters.slice(i + 1))
              expect(
                Math.max(b.minX - a.maxX, a.minX - b.maxX, b.minY - a.maxY, a.minY - b.maxY),
                `${mode}: apart`,
              ).toBeGreaterThanOrEqual(2 * MARGIN - 0.01);
          }
        }
      }
    },
  );
});

describe("what is bought and told follows", () => {
  const named = (technique: Technique) =>
    made(technique).supplies.map(({ name }) => name.toLowerCase());
  it("paint for what is painted, none for a decal; no tape for iron-on", () => {
    expect(named("decal").some((name) => name.includes("paint"))).toBe(false);
    for (const technique of ["openStencil", "mask", "ironOnStencil"] as const)
      expect(named(technique).some((name) => /paint|spray/u.test(name))).toBe(true);
    expect(made("ironOnStencil").supplies.some(({ id }) => id === "tape")).toBe(false);
    expect(made("ironOnStencil").tools.some(({ hot }) => hot)).toBe(true);
  });

  it("coats wait to dry: the step after a coat is not at once", () => {
    for (const technique of ["openStencil", "mask"] as const) {
      const waits = made(technique)
        .steps.flatMap(({ after }) => after ?? [])
        .filter((one) => typeof one === "object" && (one as { wait?: number }).wait);
      expect(waits.length, technique).toBeGreaterThan(0);
    }
  });

  it("a film that does not iron on is a stop, with a remedy that is true", () => {
    const document = made("ironOnStencil");
    const wrong = {
      ...document,
      vinyls: document.vinyls.map((vinyl) => ({ ...vinyl, family: "permanentGloss" as const })),
    };
    const found = makePlan(wrong, testFonts).findings.find(({ code }) => code === "notIronOn");
    expect(found).toMatchObject({ severity: "stop", remedies: [{ code: "setFamily" }] });
    expect(makePlan(document, testFonts).findings.some(({ code }) => code === "notIronOn")).toBe(
      false,
    );
  });

  it("islands that ride on a tape are spoken of only where there is tape", () => {
    const said = (technique: Technique) =>
      makePlan(made(technique, "Bobbed geese"), testFonts).findings.map(({ code }) => code);
    expect(said("openStencil")).toContain("looseIslands");
    expect(said("ironOnStencil")).not.toContain("looseIslands");
    expect(said("decal")).not.toContain("looseIslands");
  });

  it("technique of a thing, not of the class: a decal and a stencil in one class", () => {
    const document = made("decal");
    const [thing] = document.things as [Thing];
    const both: ClassDocument = {
      ...document,
      things: [thing, { ...(made("openStencil").things[0] as Thing), id: "sign" }],
    };
    const plan = makePlan(both, testFonts);
    expect(new Set(plan.kits.map(({ thing: id, goes }) => `${id} ${goes}`))).toEqual(
      new Set([`${thing.id} stays`, "sign out"]),
    );
  });
});
