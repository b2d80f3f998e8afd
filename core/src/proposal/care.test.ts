/** What is told at home is true of what was made. */
import { describe, expect, it } from "vitest";
import type { ClassDocument } from "../document/document.ts";
import { starterProject } from "../starters/starter-projects.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { careOf } from "./care.ts";
import { guessedFacts } from "./facts-of.ts";
import { situationOf } from "./situation.ts";

const project = (id: string): ClassDocument => {
  const found = starterProject(id);
  if (!found) throw new Error(id);
  return found;
};
const care = (document: ClassDocument, schools: object = {}, facts: object = {}) => {
  const thing = document.things[0] as ClassDocument["things"][number];
  const own = { ...guessedFacts(thing.blank, document.vinyls), ...facts };
  return careOf(situationOf(document, thing.id, schoolsSchema.parse(schools), own));
};

describe("care", () => {
  it("of paint speaks of drying and never of washing; outdoors of a coat", () => {
    const boards = project("ferry-board");
    expect(care(boards).participant).toMatch(/dry overnight/u);
    expect(care(boards).participant).not.toMatch(/wash|two days/iu);
    expect(care({ ...boards, use: { ...boards.use, outdoors: true } }).participant).toMatch(
      /top coat/u,
    );
  });
  it("of a decal that is not washed does not speak of washing; of one that is, of two days and hands", () => {
    const rim = /Drink from the side/u;
    for (const drunk of ["walkers-mugs", "canal-glasses", "club-bottles"] as const)
      expect(care(project(drunk)).participant).toMatch(rim);
    for (const not of ["herb-pots", "seed-tins", "jam-jars", "porch-lanterns", "puddle-boots"])
      expect(care(project(not)).participant).not.toMatch(rim);
    expect(care(project("field-notebooks")).participant).not.toMatch(/wash/iu);
    expect(care(project("walkers-mugs")).participant).toMatch(/two days.*by hand/u);
    expect(care(project("canal-glasses")).participant).toMatch(/Glitter fades/u);
  });
  it("lets bold letters in permanent gloss into a dishwasher by that school only, and thin ones never", () => {
    const mugs = project("choir-mugs");
    expect(
      care(mugs, { dishwasher: "bold" }, { counted: true, thinnest: 3, small: 0 }).participant,
    ).toMatch(/may go in a dishwasher/u);
    expect(
      care(mugs, { dishwasher: "bold" }, { counted: true, thinnest: 0.9, small: 0 }).participant,
    ).toMatch(/too thin for a dishwasher.*by hand/u);
    const never = { ...mugs, schools: { dishwasher: "never" as const } };
    expect(care(never, {}, { counted: true, thinnest: 3, small: 0 }).participant).toMatch(
      /no dishwasher/u,
    );
  });
  it("of what lasts an evening does not ask for two days", () => {
    for (const id of ["party-balloons", "paper-lights"])
      expect(care(project(id)).participant).not.toMatch(/two days/u);
  });
  it("counts from the class: glue two days, paint a night", () => {
    expect(care(project("walkers-mugs")).from).toEqual([
      { hours: 48, what: "first wash, by hand" },
    ]);
    expect(care(project("ferry-board")).from.map(({ hours }) => hours)).toEqual([12, 24]);
  });
});
