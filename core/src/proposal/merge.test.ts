/** A proposal, the host's change, and the proposal as it is now. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema } from "../document/document.ts";
import type { Step } from "../scheduling/step.ts";
import { demoClass } from "../testing/documents.ts";
import { differences, keptAsIs, moved, noted, withProposal } from "./merge.ts";
import { refusedOrder } from "./order.ts";
import { type Proposal, propose } from "./propose.ts";
import { starterClass } from "./starter.ts";

const base = starterClass({
  title: "Signs",
  when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 120 },
  setting: { kind: "room", place: "" },
  blankName: "Board",
  material: "paintedWood",
  blankColour: "#22292B",
  shape: { kind: "flat", width: 300, height: 220 },
  technique: "openStencil",
  films: [demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number]],
  seats: [{ seat: "1", fields: { name: "Ned" } }],
});
const now = propose(base);
const stepOf = (document: ClassDocument, id: string) =>
  document.steps.find((step) => step.id === id) as Step;
const changed = (document: ClassDocument, id: string, patch: Partial<Step>): ClassDocument =>
  noted(document, {
    ...document,
    steps: document.steps.map((step) => (step.id === id ? { ...step, ...patch } : step)),
  });
/** As if the design had moved on: a step takes longer. */
const longer = (proposal: Proposal, id: string, minutes: number): Proposal => ({
  ...proposal,
  steps: proposal.steps.map((step) => (step.id === id ? { ...step, minutes } : step)),
});

describe("three ways", () => {
  it("what nobody touched follows, what the host changed stays and is told, by both figures", () => {
    const mine = changed(base, "place", { minutes: 33 });
    const later = longer(longer(now, "place", 40), "clean", 9);
    const open = differences(mine, later);
    expect(
      open.fields.map(({ id, field, here, was, now: next, yours }) => [
        id,
        field,
        here,
        was,
        next,
        yours,
      ]),
    ).toEqual([
      ["clean", "minutes", stepOf(base, "clean").minutes, stepOf(base, "clean").minutes, 9, false],
      ["place", "minutes", 33, stepOf(base, "place").minutes, 40, true],
    ]);
    const taken = withProposal(mine, later);
    expect(stepOf(taken, "clean").minutes).toBe(9);
    expect(stepOf(taken, "place").minutes).toBe(33);
    expect(differences(taken, later).fields.map(({ id }) => id)).toEqual(["place"]);
  });

  it("taken by one press, or kept by one: then nothing waits for a word", () => {
    const mine = changed(base, "place", { minutes: 33 });
    const later = longer(now, "place", 40);
    expect(moved(differences(mine, later)).fields).toHaveLength(1);
    const taken = withProposal(mine, later, {
      list: "steps",
      id: "place",
      field: "minutes",
      overYours: true,
    });
    expect(stepOf(taken, "place").minutes).toBe(40);
    expect(differences(taken, later).fields).toEqual([]);
    const kept = keptAsIs(mine, later, { list: "steps", id: "place", field: "minutes" });
    expect(stepOf(kept, "place").minutes).toBe(33);
    expect(moved(differences(kept, later)).fields).toEqual([]);
    // Still theirs, and still told in the row.
    expect(differences(kept, later).fields).toMatchObject([{ yours: true, here: 33, now: 40 }]);
  });

  it("what was set back to what was proposed is not the host's any more", () => {
    const there = changed(changed(base, "place", { minutes: 33 }), "place", {
      minutes: stepOf(base, "place").minutes,
    });
    expect(there.proposed).toEqual(base.proposed);
  });

  it("a step that the host took out stays out; one they put in stays where it is", () => {
    const out = noted(base, { ...base, steps: base.steps.filter(({ id }) => id !== "tidy") });
    const own: Step = {
      id: "tea",
      title: "Tea",
      minutes: 10,
      who: "together",
      say: "",
      show: "",
      check: "",
      care: "",
      doIt: "Tea.",
    };
    const at = out.steps.findIndex(({ id }) => id === "coat-2");
    const mine = noted(out, {
      ...out,
      steps: [...out.steps.slice(0, at), own, ...out.steps.slice(at)],
    });
    const again = withProposal(mine, longer(now, "clean", 9));
    const ids = again.steps.map(({ id }) => id);
    expect(ids).not.toContain("tidy");
    expect(ids.indexOf("tea")).toBe(ids.indexOf("coat-2") - 1);
  });

  it("a school switches wording, steps and materials at once, but not what the host wrote", () => {
    const mine = changed(base, "peel-film", { say: "My own words." });
    const dry = { ...mine, schools: { peel: "dry" as const, edgeSeal: "none" as const } };
    const next = withProposal(dry, propose(dry));
    expect(next.steps.some(({ id }) => id === "seal-edges")).toBe(false);
    expect(next.supplies.some(({ id }) => id === "edge-seal")).toBe(false);
    expect(stepOf(next, "peel-film").say).toBe("My own words.");
    expect(stepOf(next, "peel-film").doIt).toMatch(/quite dry/u);
    expect(stepOf(next, "coat-1").after?.[0]?.step).toBe("press");
  });

  it("prices, packs and what is at hand are never the proposal's", () => {
    const priced = noted(base, {
      ...base,
      supplies: base.supplies.map((line) => ({ ...line, have: 3, pack: { size: 12, price: 480 } })),
    });
    expect(priced.proposed).toEqual(base.proposed);
    expect(differences(priced, now)).toEqual({ fields: [], rows: [] });
    expect(
      withProposal(priced, now).supplies.every(
        ({ have, pack }) => have === 3 && pack.price === 480,
      ),
    ).toBe(true);
  });

  it("a class that never took a proposal is never told of one", () => {
    const { proposed: _, ...old } = base;
    expect(differences({ ...old, steps: [] }, now)).toEqual({ fields: [], rows: [] });
  });

  it("whatever a host changes: it stays through any later proposal, the document reads, and merging twice is merging once", () => {
    const ids = base.steps.map(({ id }) => id);
    const edit = fc.record({
      id: fc.constantFrom(...ids),
      what: fc.constantFrom("minutes", "say", "out"),
      minutes: fc.integer({ min: 1, max: 90 }),
    });
    const move = fc.record({
      id: fc.constantFrom(...ids),
      minutes: fc.integer({ min: 1, max: 90 }),
    });
    fc.assert(
      fc.property(
        fc.array(edit, { maxLength: 8 }),
        fc.array(move, { maxLength: 8 }),
        fc.constantFrom("damp", "dry"),
        (edits, moves, peel) => {
          let mine = base;
          for (const { id, what, minutes } of edits) {
            if (what === "out")
              mine = noted(mine, {
                ...mine,
                steps: mine.steps
                  .filter((step) => step.id !== id)
                  .map((step) => ({
                    ...step,
                    after: step.after?.filter((row) => row.step !== id) ?? [],
                  }))
                  .map(({ after, ...step }) => (after.length > 0 ? { ...step, after } : step)),
              });
            else if (mine.steps.some((step) => step.id === id))
              mine = changed(
                mine,
                id,
                what === "minutes" ? { minutes } : { say: `Mine ${minutes}` },
              );
          }
          const later = moves.reduce(
            (proposal, { id, minutes }) => longer(proposal, id, minutes),
            propose({ ...mine, schools: { peel } }),
          );
          const next = withProposal(mine, later);
          classDocumentSchema.parse(next);
          for (const { id, was } of mine.proposed?.steps ?? []) {
            const own = mine.steps.find((step) => step.id === id);
            const there = next.steps.find((step) => step.id === id);
            if (!own) expect(there).toBeUndefined();
            for (const field of Object.keys(was ?? {}) as (keyof Step)[])
              if (own && field !== "after") expect(there?.[field]).toEqual(own[field]);
          }
          expect(withProposal(next, later)).toEqual(next);
        },
      ),
      { seed: 1010, numRuns: 60 },
    );
  });
});

describe("an order that the craft forbids", () => {
  const swap = (a: string, b: string): Step[] => {
    const steps = [...base.steps];
    const [i, j] = [steps.findIndex(({ id }) => id === a), steps.findIndex(({ id }) => id === b)];
    [steps[i], steps[j]] = [steps[j] as Step, steps[i] as Step];
    return steps;
  };
  it.each([
    ["clean", "place", /dust and grease/u],
    ["seal-edges", "coat-1", /unsealed edge/u],
    ["coat-2", "peel-film", /nothing to paint through/u],
    ["weed", "tape", /nothing is weeded/u],
  ])("%s does not come after %s, with the reason", (first, later, why) => {
    expect(refusedOrder(base.steps, swap(first, later))?.why).toMatch(why);
  });
  it("what may be done in any order may", () => {
    expect(refusedOrder(base.steps, swap("clean", "weed"))).toBeNull();
    expect(refusedOrder(base.steps, base.steps)).toBeNull();
  });
});
