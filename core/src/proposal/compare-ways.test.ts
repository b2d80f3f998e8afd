import { describe, expect, it } from "vitest";
import { schoolsSchema } from "../studio/settings.ts";
import { SCHOOLS, type SchoolName } from "../studio/settings-kinds.ts";
import { demoClass } from "../testing/documents.ts";
import { compareWays } from "./compare-ways.ts";
import { concernedSchools } from "./concerned.ts";

const given = { schools: schoolsSchema.parse({}), facts: new Map() };
const slate = demoClass("slate-numbers");

describe("ways beside each other", () => {
  it("the edges of a stencil: without sealing no such step, no medium, and fewer minutes", () => {
    const rows = compareWays(slate, "edgeSeal", given);
    expect(rows.map(({ way }) => way)).toEqual([...SCHOOLS.edgeSeal]);
    const of = (way: string) => rows.find((row) => row.way === way);
    const seal = (way: string) => of(way)?.steps.find(({ id }) => id === "seal-edges");
    expect(seal("none")?.say).toBeNull();
    expect(seal("medium")?.say).toMatch(/medium/u);
    expect(seal("ground")?.say).not.toBe(seal("medium")?.say);
    expect(of("none")?.minutes).toBeLessThan(of("medium")?.minutes ?? 0);
    expect(of("medium")?.materials.some((name) => /medium/iu.test(name))).toBe(true);
    expect(of("none")?.materials).toEqual([]);
  });

  it("every school that concerns a class changes something of it", () => {
    for (const name of ["slate-numbers", "seed-tins", "moth-cloche", "night-sky-clipboard"]) {
      const document = demoClass(name);
      for (const school of concernedSchools(document) as readonly SchoolName[]) {
        const rows = compareWays(document, school, given);
        for (const { steps } of rows) expect(steps.length).toBe(rows[0]?.steps.length);
      }
    }
  });

  it("a school of something else comes to the same, and is not compared", () => {
    expect(compareWays(demoClass("rowing-bottles"), "edgeSeal", given)).toEqual([]);
  });
});
