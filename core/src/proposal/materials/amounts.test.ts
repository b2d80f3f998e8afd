/** Amounts against hand-worked values, and tape against the best of a rectangle packer. */
import fc from "fast-check";
import { MaxRectsPacker, PACKING_LOGIC, Rectangle } from "maxrects-packer/dist/maxrects-packer.mjs";
import { describe, expect, it } from "vitest";
import { loopMm } from "../../blanks/finishing-of.ts";
import { frameStrips, lengthsToBuy } from "../../blanks/frame-strips.ts";
import { coatsFor, surfaceOf } from "../../blanks/ground-of.ts";
import { faceAreaMm2 } from "../../blanks/shape-size.ts";
import { TAPE_BEYOND_MM } from "../../blanks/snips.ts";
import { paintFor } from "./paint.ts";
import { piecesFor, ROLL_MM, tapeForPieces } from "./tape.ts";

describe("tape", () => {
  const grown = 2 * TAPE_BEYOND_MM;
  it("by hand: fourteen pieces of 82 x 29 mm lie three beside each other, or turned seven", () => {
    const need = tapeForPieces(Array.from({ length: 14 }, () => ({ width: 82, height: 29 })));
    const [w, h] = [82 + grown, 29 + grown];
    expect(need.rollMm).toBeCloseTo(
      Math.min(
        Math.ceil(14 / Math.floor(ROLL_MM / w)) * h,
        Math.ceil(14 / Math.floor(ROLL_MM / h)) * w,
      ),
      6,
    );
    expect(need).toMatchObject({ pieces: 14, width: w, height: h });
  });
  it("wider than the roll it lies along it; wider both ways, in lengths beside each other", () => {
    expect(tapeForPieces([{ width: 500, height: 100 }]).rollMm).toBeCloseTo(500 + grown, 6);
    expect(tapeForPieces([{ width: 800, height: 400 }]).rollMm).toBeCloseTo(2 * (800 + grown), 6);
  });
  it("one seat's piece serves again; laid on beforehand each is gone", () => {
    expect([piecesFor(4, 3, "weeded"), piecesFor(4, 3, "taped"), piecesFor(1, 3, "cut")]).toEqual([
      2, 4, 1,
    ]);
  });
  it("no more than a tenth over the best of a rectangle packer, pieces of like kind", () => {
    const size = fc.record({
      width: fc.integer({ min: 20, max: 140 }),
      height: fc.integer({ min: 12, max: 60 }),
    });
    const worst: number[] = [];
    fc.assert(
      fc.property(
        size,
        fc.array(fc.integer({ min: 70, max: 100 }), { minLength: 10, maxLength: 40 }),
        ({ width, height }, shares) => {
          const sizes = shares.map((share) => ({
            width: (width * share) / 100,
            height: (height * share) / 100,
          }));
          const ours = tapeForPieces(sizes).rollMm;
          worst.push(
            ours /
              packed(
                sizes.map((one) => ({ width: one.width + grown, height: one.height + grown })),
              ),
          );
        },
      ),
      { seed: 99, numRuns: 60 },
    );
    expect(worst.reduce((sum, share) => sum + share, 0) / worst.length).toBeLessThan(1.1);
    expect(Math.max(...worst)).toBeLessThan(1.35);
  });
});

/** The shortest strip into which the packer puts all, over its own ways of trying. */
function packed(pieces: readonly { width: number; height: number }[]): number {
  const area = pieces.reduce((sum, { width, height }) => sum + width * height, 0);
  let [low, high] = [
    area / ROLL_MM,
    pieces.reduce((sum, { width, height }) => sum + Math.max(width, height), 0),
  ];
  for (let i = 0; i < 24; i++) {
    const length = (low + high) / 2;
    const packer = new MaxRectsPacker(ROLL_MM, length, 0, {
      smart: false,
      pot: false,
      square: false,
      allowRotation: true,
      logic: PACKING_LOGIC.MAX_EDGE,
    });
    for (const { width, height } of [...pieces].sort(
      (a, b) => b.width * b.height - a.width * a.height,
    ))
      packer.add(new Rectangle(width, height));
    if (packer.bins.length <= 1) high = length;
    else low = length;
  }
  return high;
}

describe("paint", () => {
  it("by hand: 400 cm² in two coats are 10 ml, a ml in the sponge, and 15 % that stays in the pot", () => {
    expect(paintFor(40_000, 2, "paint").ml).toBe(13);
    expect(paintFor(0, 1, "paint").ml).toBe(1);
  });
  it("covers in two coats; white, yellow and red in three", () => {
    expect(["#22292B", "#1F4E79", "#2D5A45"].map(coatsFor)).toEqual([2, 2, 2]);
    expect(["#FBF9F4", "#D9A21B", "#C0271D"].map(coatsFor)).toEqual([3, 3, 3]);
  });
  it("the face of each shape, by hand", () => {
    expect(faceAreaMm2({ kind: "round", diameter: 100 })).toBeCloseTo(7853.98, 1);
    expect(
      faceAreaMm2({
        kind: "straightCup",
        diameter: 80,
        height: 100,
        rimClearance: 25,
        footClearance: 6,
        wrapAngle: 120,
      }),
    ).toBeCloseTo(25_132.7, 1);
    expect(faceAreaMm2({ kind: "ball", diameter: 80, wrapAngle: 90 })).toBeCloseTo(20_106.2, 1);
    expect(faceAreaMm2({ kind: "roundedFlat", width: 100, height: 60, radius: 10 })).toBeCloseTo(
      5914.2,
      1,
    );
    expect(
      faceAreaMm2({
        kind: "outline",
        outline: [
          [0, 0],
          [100, 0],
          [100, 50],
          [0, 50],
        ],
      }),
    ).toBe(5000);
  });
  it("what film meets is what the blank was made into", () => {
    expect([
      surfaceOf("rawWood", { what: "paint" }),
      surfaceOf("rawWood", { what: "seal" }),
      surfaceOf("glass", { what: "paint" }),
    ]).toEqual(["paintedWood", "sealedWood", "glass"]);
  });
});

describe("finishing", () => {
  it("by hand: a frame of 25 mm strips with a ledge of 10 round 300 x 220", () => {
    const frame = {
      strip: 25,
      ledge: 10,
      fixed: "loose",
      finish: "stained",
      by: "host",
      sold: 2400,
      kerf: 3,
    } as const;
    expect(frameStrips({ width: 300, height: 220 }, frame)).toEqual([
      { mm: 330, count: 2 },
      { mm: 200, count: 2 },
    ]);
    // Two long and two short with four cuts take 1072 of 2400 mm: two frames a length.
    expect(
      [1, 2, 3, 14].map((frames) =>
        lengthsToBuy(frameStrips({ width: 300, height: 220 }, frame), frames, frame),
      ),
    ).toEqual([1, 1, 2, 7]);
  });
  it("a loop is three times the longer side, and never under 250 mm", () => {
    expect([
      loopMm({ kind: "round", diameter: 60 }),
      loopMm({ kind: "flat", width: 120, height: 70 }),
    ]).toEqual([250, 360]);
  });
});
