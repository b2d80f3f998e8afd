import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { OWN_KINDS, type OwnFigures, ownCup } from "./own-cup.ts";
import { readFace } from "./read-face.ts";
import { blankShapeSchema } from "./shape.ts";

const figures = (more: Partial<OwnFigures>): OwnFigures => ({
  kind: "straight",
  top: 257.6,
  foot: 220,
  widest: 300,
  height: 95,
  ...more,
});
const blank = (shape: ReturnType<typeof blankShapeSchema.parse>) => ({
  name: "Own cup",
  material: "glazed" as const,
  colour: "#FBF9F4",
  shape,
  margin: { rule: "bySize" as const },
  keepOuts: [],
  reserve: [],
  specimens: [],
});

describe("a cup measured at home", () => {
  it("257.6 mm once round is 82 mm across, with the rim kept clear", () => {
    const read = ownCup(figures({}));
    expect(read).toMatchObject({
      ok: true,
      shape: { kind: "straightCup", height: 95, rimClearance: 25 },
    });
    if (read.ok && read.shape.kind === "straightCup")
      expect(read.shape.diameter).toBeCloseTo(82, 2);
  });

  it.each([
    [{ top: 82 }, "roundTooSmall"],
    [{ top: 2600 }, "roundTooLarge"],
    [{ height: 9.5 }, "heightTooSmall"],
    [{ height: 950 }, "heightTooLarge"],
    [{ kind: "tapered", foot: 257 }, "isStraight"],
    [{ kind: "tapered", top: 800, foot: 200, height: 60 }, "tooSteep"],
    [{ kind: "bulged", widest: 257 }, "notBulged"],
    [{ kind: "bulged", widest: 890, height: 60 }, "tooSteep"],
    [{ top: Number.NaN }, "roundTooSmall"],
  ] as const)("%j cannot be: %s", (more, fault) => {
    expect(ownCup(figures(more as Partial<OwnFigures>))).toEqual({ ok: false, fault });
  });

  it("whatever is taken is a blank with a face", () => {
    let taken = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...OWN_KINDS),
        fc.double({ min: 100, max: 950, noNaN: true }),
        fc.double({ min: 100, max: 950, noNaN: true }),
        fc.double({ min: 100, max: 950, noNaN: true }),
        fc.double({ min: 40, max: 520, noNaN: true }),
        (kind, top, foot, widest, height) => {
          const read = ownCup({ kind, top, foot, widest, height });
          if (!read.ok) return;
          taken++;
          const face = readFace(blank(blankShapeSchema.parse(read.shape)));
          expect(face.width).toBeGreaterThan(0);
          expect(face.height).toBeGreaterThan(0);
        },
      ),
      { seed: 40, numRuns: 600 },
    );
    expect(taken).toBeGreaterThan(100);
  });
});
