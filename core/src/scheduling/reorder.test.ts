import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { freeStepId, movedStep, soundOrder, withoutStep } from "./reorder.ts";
import { type Step, stepSchema } from "./step.ts";

const step = (id: string, after?: Step["after"]): Step =>
  stepSchema.parse({ id, title: id, minutes: 5, ...(after ? { after } : {}) });
const coats = [
  step("press"),
  step("seal", [{ step: "press", wait: 0 }]),
  step("coat", [{ step: "seal", wait: 15 }]),
  step("peel", [{ step: "coat", wait: 20 }]),
];

/** Every wait names a step that stands before. */
function isSound(steps: readonly Step[]): boolean {
  const earlier = new Set<string>();
  return steps.every(({ id, after }) => {
    const sound = (after ?? []).every(({ step: before }) => earlier.has(before));
    earlier.add(id);
    return sound;
  });
}

describe("steps that are moved and taken out", () => {
  it("a step moved before what it waited for waits for it no more; the others keep their waits", () => {
    const moved = movedStep(coats, 2, 0);
    expect(moved.map(({ id }) => id)).toEqual(["coat", "press", "seal", "peel"]);
    expect(moved[0]?.after).toBeUndefined();
    expect(moved[3]?.after).toEqual([{ step: "coat", wait: 20 }]);
  });

  it("who waited for a step that is taken out waits for what that waited for", () => {
    const left = withoutStep(coats, "coat");
    expect(left.map(({ id }) => id)).toEqual(["press", "seal", "peel"]);
    expect(left[2]?.after).toEqual([{ step: "seal", wait: 15 }]);
  });

  it("whatever is moved and taken out, the list stays sound and loses nothing else", () => {
    const moves = fc.array(fc.tuple(fc.constantFrom("move", "out"), fc.nat(7), fc.nat(7)), {
      maxLength: 12,
    });
    const lists = fc.array(fc.array(fc.tuple(fc.nat(7), fc.nat(30)), { maxLength: 3 }), {
      minLength: 1,
      maxLength: 8,
    });
    fc.assert(
      fc.property(lists, moves, (rows, acts) => {
        let steps = soundOrder(
          rows.map((after, i) =>
            step(
              `s${i}`,
              after.length > 0
                ? [
                    ...new Map(
                      after.map(([to, wait]) => [`s${to}`, { step: `s${to}`, wait }]),
                    ).values(),
                  ]
                : undefined,
            ),
          ),
        );
        for (const [act, from, to] of acts) {
          const before = steps.map(({ id }) => id);
          const [a, b] = [from % Math.max(1, steps.length), to % Math.max(1, steps.length)];
          steps = act === "move" ? movedStep(steps, a, b) : withoutStep(steps, before[a] ?? "");
          expect(isSound(steps)).toBe(true);
          expect(steps.map(({ id }) => id).sort()).toEqual(
            (act === "move" ? before : before.filter((_, i) => i !== a)).sort(),
          );
          for (const { after } of steps) expect(after === undefined || after.length > 0).toBe(true);
        }
      }),
      { seed: 311, numRuns: 200 },
    );
  });

  it("ids are short words that are free", () => {
    expect(freeStepId(coats, "Peel")).toBe("peel-2");
    expect(freeStepId(coats, "Später trocknen!")).toBe("spa-ter-trocknen");
    expect(freeStepId(coats, "123")).toBe("step");
  });
});
