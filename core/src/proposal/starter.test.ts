/** A class made from nothing is whole, and does not contradict the advice beside it. */
import { describe, expect, it } from "vitest";
import { MATERIALS } from "../blanks/blank-kinds.ts";
import { type ClassDocument, readClassDocument } from "../document/document.ts";
import { surfaceAdvice, tapeAdvice } from "../films/film-choice.ts";
import { makePlan } from "../plan/plan.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { TECHNIQUES, type Technique } from "../weeding/techniques.ts";
import { type StarterInput, starterClass } from "./starter.ts";

const tins = demoClass("seed-tins");
const input = (technique: Technique, more: Partial<StarterInput> = {}): StarterInput => ({
  title: "A class",
  when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 90 },
  setting: { kind: "room", place: "" },
  blankName: "Board",
  material: "sealedWood",
  blankColour: "#D9C29A",
  shape: { kind: "flat", width: 70, height: 40 },
  technique,
  films: [tins.vinyls[0] as ClassDocument["vinyls"][number]],
  cutter: tins.cutter,
  seats: [],
  ...more,
});
const wordsOf = ({ steps, supplies }: ClassDocument) =>
  JSON.stringify([steps, supplies.map(({ name }) => name)]).toLowerCase();

describe.each(TECHNIQUES)("%s from nothing", (technique) => {
  it.each(MATERIALS)(
    "on %s: a document that reads, cleaned as the surface bears, taped as it bears",
    (material) => {
      const document = starterClass(input(technique, { material }));
      const read = readClassDocument(JSON.parse(JSON.stringify(document)));
      expect(read.ok ? "" : `${read.path}: ${read.message}`).toBe("");
      const { clean } = surfaceAdvice(material);
      // One source decides cleaning: where it says no alcohol, none is bought and no step asks for
      // it.
      if (clean !== "alcohol") {
        expect(document.supplies.some(({ name }) => /alcohol/iu.test(name))).toBe(false);
        expect(
          document.steps.some(
            ({ doIt = "" }) => /alcohol/iu.test(doIt) && !/no alcohol/iu.test(doIt),
          ),
        ).toBe(false);
      }
      // A mask's wood is painted before any film lies on it.
      const surface =
        technique === "mask" && ["rawWood", "sealedWood"].includes(material)
          ? "paintedWood"
          : material;
      const { tack } = tapeAdvice(document.vinyls[0]?.family ?? "permanentGloss", surface);
      const tapes = document.supplies
        .filter(({ name }) => /tape/iu.test(name) && /tack|strong|low|medium/iu.test(name))
        .map(({ name }) => name.toLowerCase());
      if (tack !== "none" && technique !== "ironOnStencil")
        expect(tapes.every((name) => name.includes(tack))).toBe(true);
    },
  );

  it("every step tells participants what to do, and the host what to say; minutes add up to a plan", () => {
    const document = starterClass(input(technique));
    expect(document.steps.length).toBeGreaterThan(4);
    for (const { title, minutes, doIt } of document.steps) {
      expect(title).not.toBe("");
      expect(minutes).toBeGreaterThan(0);
      expect(doIt ?? "").not.toMatch(/finished piece, then the kit/u);
    }
    expect(
      makePlan({ ...document, seats: [{ seat: "1", fields: { name: "Ines" } }] }, testFonts)
        .runSheet.endMinute,
    ).toBeGreaterThan(30);
  });

  it("claims no price, for nothing has one yet", () => {
    const plan = makePlan(
      {
        ...starterClass(
          input(technique, {
            films: [
              {
                ...(tins.vinyls[0] as ClassDocument["vinyls"][number]),
                stock: { kind: "sheet", width: 304.8, height: 304.8, have: 0 },
              },
            ],
          }),
        ),
        seats: [{ seat: "1", fields: { name: "Ines" } }],
      },
      testFonts,
    );
    expect(plan.cost).toMatchObject({ complete: false, perSeat: null, breakEvenSeats: null });
    expect(plan.cost.missing.length).toBeGreaterThan(0);
  });
});

describe("schools change what is told", () => {
  const schools = (change: object) => schoolsSchema.parse(change);
  it("sizing comes into the design", () => {
    for (const sizing of ["longest", "sameWidth"] as const)
      expect(
        starterClass(input("decal", { schools: schools({ sizing }) })).things[0]?.design.school,
      ).toBe(sizing);
  });
  it("an edge is sealed by what the studio seals with, or not at all", () => {
    const named = (edgeSeal: "ground" | "medium" | "none") =>
      wordsOf(starterClass(input("openStencil", { schools: schools({ edgeSeal }) })));
    expect(named("none")).not.toMatch(/seal-edges|edge-seal/u);
    expect(named("ground")).not.toBe(named("medium"));
  });
  it("peeled damp or dry", () => {
    expect(
      wordsOf(starterClass(input("openStencil", { schools: schools({ peel: "damp" }) }))),
    ).not.toBe(wordsOf(starterClass(input("openStencil", { schools: schools({ peel: "dry" }) }))));
  });
});
