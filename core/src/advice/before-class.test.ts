/** What a class waits for: grounds that are wet, and minutes in which nobody has anything to do. */
import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema } from "../document/document.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { makePlan } from "../plan/plan.ts";
import { NOTHING_TAKEN, withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import { MOST_STEPS } from "../scheduling/step-kinds.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { isRemedy } from "../testing/remedies.ts";
import { applyRemedy, blanksOf } from "./remedy.ts";

const slate = demoClass("slate-numbers");
const sign = (by: "host" | "class"): ClassDocument => {
  const bare: ClassDocument = {
    ...slate,
    seats: slate.seats.slice(0, 4),
    things: slate.things.map((thing) => ({
      ...thing,
      blank: {
        ...thing.blank,
        material: "rawWood" as const,
        ground: { what: "stain" as const, by, coats: 1, faces: "front" as const, sand: true },
      },
    })),
    steps: [],
    supplies: [],
    preparation: [],
    tools: [],
    proposed: NOTHING_TAKEN,
  };
  return withProposal(bare, propose(bare));
};
const found = (document: ClassDocument, code: string) =>
  makePlan(document, testFonts).findings.filter((one) => one.code === code);

describe("a ground that is made in the class", () => {
  it("is told, and done at home by one press: no step of it, tasks with its drying, the blank says so, everything else as it was", () => {
    const document = sign("class");
    const [finding] = found(document, "wetGround");
    expect(finding).toMatchObject({ severity: "check", values: { what: "stain" } });
    const remedy = finding?.remedies.find(isRemedy("groundBefore"));
    if (!remedy) throw new Error("no remedy");
    expect(blanksOf(document, remedy)).toEqual(["thing"]);
    const next = applyRemedy(document, remedy);
    expect(classDocumentSchema.safeParse(next).error?.issues ?? []).toEqual([]);
    expect(next.steps.filter(({ id }) => id.startsWith("ground"))).toEqual([]);
    expect(next.preparation.map(({ id }) => id)).toEqual(expect.arrayContaining(["sand", "stain"]));
    expect(next.things[0]?.blank.ground?.by).toBe("host");
    expect(found(next, "wetGround")).toEqual([]);
    expect(Number(remedy.values.saves)).toBe(
      Math.max(0, runSheetOf(document).endMinute - runSheetOf(next).endMinute),
    );
    expect(Number(remedy.values.costs)).toBe(
      next.preparation.reduce((sum, { minutes }) => sum + minutes, 0) -
        document.preparation.reduce((sum, { minutes }) => sum + minutes, 0),
    );
    expect(next.supplies).toEqual(document.supplies);
    // Taken in two saves, the second finds nothing more to do but the blank.
    expect(applyRemedy({ ...next, things: document.things }, remedy).preparation).toEqual(
      next.preparation,
    );
  });

  it("on a face where no film lies it waits for nobody: neither told, nor held against the laying", () => {
    const back = (faces: "front" | "back"): ClassDocument => {
      const bare = {
        ...sign("class"),
        steps: [],
        supplies: [],
        preparation: [],
        tools: [],
        proposed: NOTHING_TAKEN,
      };
      const made: ClassDocument = {
        ...bare,
        things: bare.things.map((thing) => ({
          ...thing,
          technique: "decal",
          blank: {
            ...thing.blank,
            material: "clearPlastic",
            ground: { what: "paint", by: "class", coats: 1, faces, sand: false },
          },
        })),
      };
      return withProposal(made, propose(made));
    };
    expect(found(back("front"), "wetGround")).toHaveLength(1);
    expect(found(back("back"), "wetGround")).toEqual([]);
    const waits = (document: ClassDocument) =>
      document.steps.find(({ id }) => id === "place")?.after?.map(({ step }) => step) ?? [];
    expect(waits(back("front"))).toContain("ground-1");
    expect(waits(back("back"))).not.toContain("ground-1");
  });

  it("made at home it is not told", () => {
    expect(found(sign("host"), "wetGround")).toEqual([]);
  });
});

describe("a wait with nothing to do", () => {
  const step = (id: string, minutes: number, more: object = {}) => ({
    id,
    title: id,
    minutes,
    who: "together" as const,
    say: "",
    show: "",
    check: "",
    care: "",
    doIt: "",
    ...more,
  });
  const waiting: ClassDocument = {
    ...slate,
    seats: slate.seats.slice(0, 2),
    steps: [step("coat", 10), step("peel", 5, { after: [{ step: "coat", wait: 20 }] })],
    tools: [],
  };

  it("is told, and becomes a break without a later end", () => {
    const [finding] = found(waiting, "idleWait");
    expect(finding).toMatchObject({
      severity: "tip",
      where: { step: "peel" },
      values: { minutes: 20 },
    });
    const remedy = finding?.remedies.find(({ code }) => code === "pauseHere");
    if (!remedy) throw new Error("no remedy");
    const next = applyRemedy(waiting, remedy);
    expect(classDocumentSchema.safeParse(next).error?.issues ?? []).toEqual([]);
    expect(next.steps.map(({ id }) => id)).toEqual(["coat", "pause", "peel"]);
    expect(runSheetOf(next).endMinute).toBe(runSheetOf(waiting).endMinute);
    expect(found(next, "idleWait")).toEqual([]);
  });

  it("where a class has no room for another step the break is not offered: pressed, nothing would happen", () => {
    const full = {
      ...waiting,
      steps: [
        ...Array.from({ length: MOST_STEPS - 2 }, (_, i) => step(`s${i}`, 1)),
        step("coat", 10),
        step("peel", 5, { after: [{ step: "coat", wait: 20 }] }),
      ],
    };
    const [finding] = found(full, "idleWait");
    expect(finding?.remedies.map(({ code }) => code)).toEqual(["leaveIt"]);
  });

  it("that something else fills, or that is short, is none", () => {
    expect(
      found(
        {
          ...waiting,
          steps: [...waiting.steps, step("hanger", 18, { after: [{ step: "coat", wait: 0 }] })],
        },
        "idleWait",
      ),
    ).toEqual([]);
    expect(
      found(
        {
          ...waiting,
          steps: [step("coat", 10), step("peel", 5, { after: [{ step: "coat", wait: 5 }] })],
        },
        "idleWait",
      ),
    ).toEqual([]);
  });

  it("a step that follows without saying what does not wait for the break", () => {
    const more = {
      ...waiting,
      steps: [...waiting.steps.slice(0, 1), step("look", 3), ...waiting.steps.slice(1)],
    };
    const [finding] = found(more, "idleWait");
    const remedy = finding?.remedies.find(({ code }) => code === "pauseHere");
    if (!remedy) throw new Error("no remedy");
    expect(runSheetOf(applyRemedy(more, remedy)).endMinute).toBe(runSheetOf(more).endMinute);
  });
});
