import { describe, expect, it } from "vitest";
import { boxOf, boxWidth, rectRing } from "../geometry/polygon.ts";
import { blankSchema } from "./blank.ts";
import { heightOfBlank, placeOn, seenOn, silhouetteRadius, visibleShare } from "./on-blank.ts";
import { asCut, readFace } from "./read-face.ts";

const reading = (shape: object) => readFace(blankSchema.parse({ name: "x", shape }));
const straight = reading({
  kind: "straightCup",
  diameter: 80,
  height: 100,
  rimClearance: 20,
  footClearance: 10,
  wrapAngle: 180,
});
const tapered = reading({
  kind: "taperedCup",
  topDiameter: 100,
  bottomDiameter: 70,
  height: 100,
  rimClearance: 20,
  footClearance: 10,
  wrapAngle: 150,
});
const upturned = reading({
  kind: "taperedCup",
  topDiameter: 70,
  bottomDiameter: 100,
  height: 100,
  rimClearance: 20,
  footClearance: 10,
  wrapAngle: 150,
});
const ball = reading({ kind: "ball", diameter: 80, wrapAngle: 90 });
const dome = reading({
  kind: "bulgedCup",
  profile: [0, 40, 80, 120].map((fromTop, i) => ({ fromTop, diameter: [60, 100, 110, 106][i] })),
  rimClearance: 20,
  footClearance: 10,
});

describe("placeOn", () => {
  it("a straight cup: the middle of the face, a quarter turn at radius times π/2", () => {
    expect(placeOn(straight, [0, 0])).toEqual({ angle: 0, radius: 40, fromTop: 55 });
    expect(placeOn(straight, [40 * (Math.PI / 2), -35])).toMatchObject({
      angle: Math.PI / 2,
      fromTop: 20,
    });
  });

  it("a tapered cup: the top of the face lies at the rim's clearance along the slope", () => {
    const top = placeOn(tapered, [0, -tapered.height / 2]);
    const slope = Math.hypot(100, 15);
    expect(top?.fromTop).toBeCloseTo((20 * 100) / slope, 6);
    expect(top?.radius).toBeCloseTo(silhouetteRadius(tapered, top?.fromTop ?? 0), 6);
  });

  it("and upside down too", () => {
    const top = placeOn(upturned, [0, -upturned.height / 2]);
    const slope = Math.hypot(100, 15);
    expect(top?.fromTop).toBeCloseTo((20 * 100) / slope, 6);
    expect(top?.radius).toBeCloseTo(silhouetteRadius(upturned, top?.fromTop ?? 0), 6);
  });

  it("bent designs lie level on a taper, at the silhouette's radius everywhere", () => {
    const line = asCut([[rectRing(-40, -2, 40, 2)]], tapered)[0]?.[0] ?? [];
    for (const point of line) {
      const place = placeOn(tapered, point);
      expect(place?.radius).toBeCloseTo(silhouetteRadius(tapered, place?.fromTop ?? 0), 4);
    }
  });

  it("a ball and a dome keep to their outline", () => {
    for (const [face, y] of [
      [ball, 12],
      [ball, -20],
      [dome, 10],
    ] as const) {
      const place = placeOn(face, [5, y]);
      expect(place?.radius).toBeCloseTo(silhouetteRadius(face, place?.fromTop ?? 0), 6);
    }
  });

  it("flat blanks have no turning", () => {
    const flat = reading({ kind: "flat", width: 70, height: 40 });
    expect(placeOn(flat, [1, 1])).toBeNull();
    expect(seenOn(flat, [[rectRing(0, 0, 10, 10)]], 1)).toEqual([[rectRing(0, 0, 10, 10)]]);
    expect([heightOfBlank(flat), silhouetteRadius(flat, 0)]).toEqual([0, 0]);
  });
});

describe("seen from the front", () => {
  it("a design looks as wide as its chord: 2R·sin(w/2R)", () => {
    const seen = boxWidth(boxOf(seenOn(straight, [[rectRing(-30, -5, 30, 5)]], 0)));
    expect(seen).toBeCloseTo(80 * Math.sin(30 / 40), 6);
  });

  it("turned away it narrows, and is gone round the back", () => {
    const at = (turn: number) =>
      boxWidth(boxOf(seenOn(straight, [[rectRing(-20, -5, 20, 5)]], turn)));
    expect(at(0.8)).toBeLessThan(at(0));
    expect(at(Math.PI)).toBeCloseTo(0, 6);
  });

  it("the visible share is what the angles say", () => {
    expect(visibleShare(straight, 60, 0)).toBe(1);
    expect(visibleShare(straight, 40 * Math.PI * 1.5, 0)).toBeCloseTo(1 / 1.5, 6);
    expect(visibleShare(straight, 40, Math.PI / 2)).toBeCloseTo(0.5, 6);
    expect(visibleShare(straight, 40, Math.PI)).toBe(0);
  });

  it("heights of the blanks", () => {
    expect([straight, tapered, ball, dome].map(heightOfBlank)).toEqual([100, 100, 80, 120]);
  });
});
