import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seededRandom } from "../../geometry/random.ts";
import { DEEP_MM } from "../grain.ts";
import { searchJoined } from "./joining.ts";
import type { BoxFill, SkylineBox } from "./skyline.ts";

const SIDE = 200;
const fuller = (a: BoxFill, b: BoxFill) => a.area > b.area;

/** A sheet cut in two by a straight cut, and its parts, and theirs; some of them turned. */
function cutUp(pieces: number, random: () => number, grain = 0): SkylineBox[] {
  const parts: [number, number][] = [[SIDE, SIDE]];
  while (parts.length < pieces) {
    parts.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
    const [w, h] = parts.shift() as [number, number];
    const share = 0.25 + 0.5 * random();
    const at = (side: number) =>
      grain > 0 ? Math.round((side * share) / grain) * grain : side * share;
    if (w > h) parts.push([at(w), h], [w - at(w), h]);
    else parts.push([w, at(h)], [w, h - at(h)]);
  }
  return parts.map(([w, h]) =>
    random() < 0.5
      ? { width: w, height: h, mayTurn: true }
      : { width: h, height: w, mayTurn: true },
  );
}

const search = (boxes: readonly SkylineBox[], random: () => number, work = 4e7, give = DEEP_MM) =>
  searchJoined(
    boxes,
    boxes.map((_, i) => i),
    SIDE,
    SIDE,
    { work, random, better: fuller, give },
  );

/** The boxes of a layout as they lie: left, top, right, bottom. */
const lying = (boxes: readonly SkylineBox[], { spots }: BoxFill) =>
  spots.map(({ index, x, y, turned }) => {
    const { width, height } = boxes[index] as SkylineBox;
    return [x, y, x + (turned ? height : width), y + (turned ? width : height)] as const;
  });
function deepest(boxes: readonly SkylineBox[], fill: BoxFill): number {
  const all = lying(boxes, fill);
  return Math.max(
    0,
    ...all.flatMap(([l, t, r, b], i) => [
      -l,
      -t,
      r - SIDE,
      b - SIDE,
      ...all
        .slice(i + 1)
        .map(([l2, t2, r2, b2]) =>
          Math.min(Math.min(r, r2) - Math.max(l, l2), Math.min(b, b2) - Math.max(t, t2)),
        ),
    ]),
  );
}

describe("boxes with a side in common", () => {
  it.each([
    [20, 31, 0],
    [60, 32, 0],
    [60, 33, 0.01],
  ])("come together to the sheet they were cut from (%i boxes, seed %i)", (pieces, seed, grain) => {
    const random = seededRandom(seed);
    const boxes = cutUp(pieces, random, grain);
    const { fill } = search(boxes, random);
    expect(fill?.spots).toHaveLength(pieces);
    expect(deepest(boxes, fill as BoxFill)).toBeLessThan(1e-6);
  });

  it("also where each side is rounded by itself, within what that is", () => {
    const random = seededRandom(34);
    const thousandths = (mm: number) => Math.round(mm * 1000) / 1000;
    const boxes = cutUp(40, random).map(({ width, height }) => ({
      width: thousandths(width),
      height: thousandths(height),
      mayTurn: true,
    }));
    const { fill } = search(boxes, random, 4e7, 4e-3);
    expect(fill?.spots).toHaveLength(40);
    expect(deepest(boxes, fill as BoxFill)).toBeLessThan(4e-3);
  });

  it("that may not turn are not turned, and none lies on another, whatever they are", () => {
    const box = fc.record({
      width: fc.integer({ min: 4, max: 80 }),
      height: fc.integer({ min: 4, max: 80 }),
      mayTurn: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(box, { minLength: 2, maxLength: 25 }), fc.nat(), (boxes, seed) => {
        const { fill } = search(boxes, seededRandom(seed), 2e6);
        if (!fill) return;
        expect(deepest(boxes, fill)).toBeLessThan(1e-5);
        expect(new Set(fill.spots.map(({ index }) => index)).size).toBe(fill.spots.length);
        for (const { index, turned } of fill.spots)
          expect(turned && !(boxes[index] as SkylineBox).mayTurn).toBe(false);
      }),
      { seed: 35, numRuns: 60 },
    );
  });

  it("takes no work where it is given none, and has nothing to say where no side is shared", () => {
    const random = seededRandom(36);
    expect(search(cutUp(20, random), random, 0)).toEqual({ fill: null, work: 0 });
    const apart = [
      { width: 10, height: 20, mayTurn: true },
      { width: 30, height: 40, mayTurn: true },
    ];
    expect(search(apart, random).fill).toBeNull();
  });
});
