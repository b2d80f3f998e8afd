/**
 * What is done beforehand instead of in the class: each remedy is tried, and saves what it says.
 */
import { describe, expect, it } from "vitest";
import { applyRemedy } from "../advice/remedy.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { makePlan } from "../plan/plan.ts";
import { starterProject } from "../starters/starter-projects.ts";
import { testFonts } from "../testing/fonts.ts";
import { isRemedy } from "../testing/remedies.ts";

const project = starterProject("choir-mugs");
if (!project) throw new Error("no such project");
const long = { ...project, handsOver: "cut" as const, when: { ...project.when, minutes: 30 } };

describe("a class that is too long", () => {
  const plan = makePlan(long, testFonts);
  const found = plan.findings.find(({ code }) => code === "runsOver");

  it("may be shortened by what is weeded or taped beforehand: as much as is said", () => {
    const remedies = found?.remedies.filter(isRemedy("weedBefore", "tapeBefore")) ?? [];
    expect(remedies.map(({ code }) => code)).toEqual(["weedBefore", "tapeBefore"]);
    for (const remedy of remedies) {
      const after = applyRemedy(long, remedy);
      expect(plan.runSheet.endMinute - runSheetOf(after).endMinute).toBe(remedy.values.saves);
      expect(Number(remedy.values.costs)).toBeGreaterThan(0);
      expect(after.handsOver).toBe(remedy.code === "weedBefore" ? "weeded" : "taped");
      expect(after.steps.some(({ id }) => id === "tape")).toBe(remedy.code === "weedBefore");
    }
  });

  it("a helper is offered only where that makes the end sooner", () => {
    // Nobody queues at a tool here: a second pair of hands ends nothing sooner.
    expect(found?.remedies.some(({ code }) => code === "helper")).toBe(false);
  });
});

describe("the host's evenings", () => {
  const evenings = (handsOver: "cut" | "weeded" | "taped") =>
    makePlan({ ...project, handsOver }, testFonts).preparation;
  it("have no weeding where it is done in the class, and the taping where that is done before", () => {
    expect(evenings("cut").weeding).toBe(0);
    expect(evenings("weeded").weeding).toBeGreaterThan(0);
    expect(evenings("taped").packing).toBeGreaterThan(evenings("weeded").packing);
  });
});
