import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  boxOf,
  boxWidth,
  type Point,
  type Polygon,
  polygonArea,
  type Ring,
  rectRing,
} from "../geometry/polygon.ts";
import { widestPlace } from "../geometry/widest-place.ts";
import {
  bulgeAt,
  heightAlong,
  largestPatch,
  radiusAt,
  sharpestBulge,
  wallLength,
} from "./bulge.ts";
import { creaseOf } from "./crease.ts";
import { snipLines, TAPE_BEYOND_MM } from "./snips.ts";
import {
  baselineRadius,
  endRise,
  rollUp,
  unroll,
  unwarpPoint,
  warp,
  warpPoint,
} from "./tapered-cup.ts";

const circle = (radius: number, cx = 0, cy = 0, count = 180): Ring =>
  Array.from(
    { length: count },
    (_, i): Point => [
      cx + radius * Math.cos((2 * Math.PI * i) / count),
      cy + radius * Math.sin((2 * Math.PI * i) / count),
    ],
  );
const ring = (outer: number, inner: number): Polygon => [
  circle(outer),
  [...circle(inner)].reverse(),
];

describe("a tapered cup unrolled", () => {
  // Worked by hand: r1 = 40, r2 = 30, h = 100: s = sqrt(10100) = 100.4988, L1 = s·40/10 = 401.995,
  // angle = 2π·10/s = 0.62519 rad = 35.821°.
  const cup = unroll(80, 60, 100);

  it("has the slant, radius and angle worked by hand", () => {
    expect(cup.slant).toBeCloseTo(100.4988, 4);
    expect(cup.outerRadius).toBeCloseTo(401.995, 3);
    expect((cup.angle * 180) / Math.PI).toBeCloseTo(35.821, 3);
    expect(cup.innerRadius).toBeCloseTo(301.496, 3);
  });

  it("its edges are as long as rim and foot", () => {
    expect(cup.outerRadius * cup.angle).toBeCloseTo(Math.PI * 80, 9);
    expect(cup.innerRadius * cup.angle).toBeCloseTo(Math.PI * 60, 9);
  });

  it("is the same cup upside down", () => {
    const turned = unroll(60, 80, 100);
    expect([turned.slant, turned.outerRadius, turned.angle]).toEqual([
      cup.slant,
      cup.outerRadius,
      cup.angle,
    ]);
    expect([cup.wideTop, turned.wideTop]).toEqual([true, false]);
    expect(baselineRadius(cup, 30)).toBeCloseTo(cup.outerRadius - 30, 9);
    expect(baselineRadius(turned, 30)).toBeCloseTo(turned.innerRadius + 30, 9);
  });

  it("a straight cut runs off level by L(1 − cos(w/2L)): 100 mm at L = 350 is 3.57 mm", () => {
    expect(endRise(350, 100)).toBeCloseTo(350 * (1 - Math.cos(100 / 700)), 9);
    expect(endRise(350, 100)).toBeCloseTo(3.565, 3);
  });

  it("refuses equal diameters: the tip would be infinitely far", () => {
    expect(() => unroll(70, 70, 90)).toThrow("straight cup");
  });
});

describe("bending a design to the taper", () => {
  const radius = 350;

  it("keeps lengths on the baseline, and its middle", () => {
    const [x, y] = warpPoint([0, 0], radius, true);
    expect([x, y]).toEqual([0, 0]);
    const end = warpPoint([50, 0], radius, true);
    expect(Math.atan2(end[0], radius - end[1]) * radius).toBeCloseTo(50, 9);
    expect(Math.hypot(end[0], radius - end[1])).toBeCloseTo(radius, 9);
  });

  it("unroll, then roll back: points return within a hundredth of a millimetre", () => {
    const point = fc.tuple(
      fc.double({ min: -150, max: 150, noNaN: true }),
      fc.double({ min: -60, max: 60, noNaN: true }),
    );
    fc.assert(
      fc.property(
        point,
        fc.double({ min: 150, max: 3000, noNaN: true }),
        fc.boolean(),
        ([x, y], r, wideTop) => {
          const back = unwarpPoint(warpPoint([x, y], r, wideTop), r, wideTop);
          expect(Math.hypot(back[0] - x, back[1] - y)).toBeLessThan(0.01);
        },
      ),
      { seed: 7, numRuns: 300 },
    );
  });

  it("a level line of the design lies level on the cup: all its points at one height", () => {
    const sector = unroll(90, 66, 110);
    const baseline = baselineRadius(sector, 55);
    const heights = [-60, -30, 0, 30, 60].map(
      (x) => rollUp(warpPoint([x, 4], baseline, true), baseline, sector)[2],
    );
    for (const z of heights) expect(z).toBeCloseTo(heights[0] ?? 0, 9);
    // The same line cut straight does not.
    const straight = [0, 60].map((x) => rollUp([x, 4], baseline, sector)[2]);
    expect(Math.abs((straight[1] ?? 0) - (straight[0] ?? 0))).toBeGreaterThan(1);
  });

  it("on the rolled cup a point is as far round as its arc says", () => {
    const sector = unroll(90, 66, 110);
    const baseline = baselineRadius(sector, sector.slant / 2);
    const [x, y] = rollUp(warpPoint([40, 0], baseline, true), baseline, sector);
    const across = Math.hypot(x, y);
    expect(across).toBeCloseTo((90 + 66) / 4, 6);
    expect(Math.atan2(x, y) * across).toBeCloseTo(40, 6);
  });

  it("divides long edges, so that a straight one follows the arc within the curve tolerance", () => {
    const [bent] = warp([[rectRing(-80, -10, 80, 10)]], radius, true);
    const edge = bent?.[0] ?? [];
    expect(edge.length).toBeGreaterThan(20);
    edge.forEach((a, i) => {
      const b = edge[(i + 1) % edge.length] as Point;
      const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
      const r = Math.hypot(middle[0], radius - middle[1]);
      const ends = [a, b].map(([x, y]) => Math.hypot(x, radius - y));
      if (Math.abs((ends[0] ?? 0) - (ends[1] ?? 0)) < 1e-9)
        expect((ends[0] ?? 0) - r).toBeLessThan(0.021);
    });
  });

  it("the area grows or shrinks as the ring sector's does", () => {
    const area = warp([[rectRing(-80, -10, 80, 10)]], radius, true).reduce(
      (sum, polygon) => sum + polygonArea(polygon),
      0,
    );
    // Sector between 340 and 360 over an angle of 160/350.
    expect(area / (((360 ** 2 - 340 ** 2) / 2) * (160 / 350))).toBeCloseTo(1, 3);
  });
});

describe("a face curved both ways", () => {
  it("a sphere of 40 mm and one per cent gives patches of 9.8 mm", () => {
    expect(largestPatch(1 / 40 ** 2, 0.01)).toBeCloseTo(9.798, 3);
    expect(largestPatch(0)).toBe(Number.POSITIVE_INFINITY);
    expect(largestPatch(-1 / 40 ** 2)).toBeCloseTo(9.798, 3);
  });

  it("measured heights of a sphere give its radius both ways", () => {
    const sphere = Array.from({ length: 7 }, (_, i) => ({
      fromTop: 10 + i * 10,
      diameter: 2 * Math.sqrt(40 ** 2 - (40 - (10 + i * 10)) ** 2),
    }));
    const equator = bulgeAt(sphere, 40);
    expect(equator.radiusAcross).toBeCloseTo(40, 1);
    expect(equator.radiusDown / 40).toBeGreaterThan(0.9);
    expect(equator.radiusDown / 40).toBeLessThan(1.1);
    expect(largestPatch(sharpestBulge(sphere, 35, 45).curvature)).toBeCloseTo(9.798, 0);
  });

  it("a straight cup, measured at three heights, has no curvature and no limit", () => {
    const cup = [0, 50, 100].map((fromTop) => ({ fromTop, diameter: 80 }));
    expect(bulgeAt(cup, 50).curvature).toBeCloseTo(0, 12);
    expect(bulgeAt(cup, 50).radiusDown).toBe(Number.POSITIVE_INFINITY);
  });

  it("a waist curves the other way", () => {
    const waist = [
      { fromTop: 0, diameter: 90 },
      { fromTop: 50, diameter: 70 },
      { fromTop: 100, diameter: 90 },
    ];
    expect(bulgeAt(waist, 50).curvature).toBeLessThan(0);
  });

  it("lengths along the wall are measured along the wall: a 3-4-5 slope", () => {
    const cone = [0, 40, 80].map((fromTop) => ({ fromTop, diameter: 60 + 1.5 * fromTop }));
    expect(wallLength(cone, 0, 40)).toBeCloseTo(50, 9);
    expect(radiusAt(cone, 20)).toBeCloseTo(45, 9);
    expect(heightAlong(cone, 0, 50)).toBeCloseTo(40, 6);
  });
});

describe("what creases", () => {
  const limit = 9.8;

  it("a small disc lies down, a large one creases, one at the limit is borderline", () => {
    expect(creaseOf([circle(5)], limit).verdict).toBe("lies");
    expect(creaseOf([circle(9.8)], limit).verdict).toBe("borderline");
    expect(creaseOf([circle(15)], limit)).toMatchObject({
      verdict: "creases",
      cause: "plate",
      remedies: ["cutPlate", "smaller"],
    });
  });

  it("a closed ring holds what is inside it; opened, it follows", () => {
    expect(creaseOf(ring(20, 17), limit)).toMatchObject({
      verdict: "creases",
      cause: "ring",
      remedies: ["openRing", "smaller"],
    });
    const open: Polygon = [[...arc(20, 0.2, 6.0), ...arc(17, 6.0, 0.2)]];
    expect(creaseOf(open, limit).verdict).toBe("lies");
  });

  it("long open arms are only as wide as they are", () => {
    expect(creaseOf([rectRing(0, 0, 120, 6)], limit).verdict).toBe("lies");
    expect(creaseOf([rectRing(0, 0, 120, 30)], limit).verdict).toBe("creases");
  });

  it("finds the widest place: the middle of a square, beside a hole", () => {
    const square = widestPlace([rectRing(0, 0, 20, 20)]);
    expect(square.radius).toBeCloseTo(10, 1);
    expect(square.at[0]).toBeCloseTo(10, 0);
    expect(widestPlace([rectRing(0, 0, 40, 20), rectRing(1, 1, 19, 19)]).at[0]).toBeGreaterThan(20);
  });

  it("never calls a shape worse when it shrinks", () => {
    const order = ["lies", "borderline", "creases"];
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (radius, share) => {
          const big = order.indexOf(creaseOf([circle(radius)], limit).verdict);
          expect(
            order.indexOf(creaseOf([circle(radius * share)], limit).verdict),
          ).toBeLessThanOrEqual(big);
        },
      ),
      { seed: 3, numRuns: 100 },
    );
  });
});

function arc(radius: number, from: number, to: number): Point[] {
  return Array.from({ length: 91 }, (_, i): Point => {
    const angle = from + ((to - from) * i) / 90;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  });
}

describe("snip lines", () => {
  const design: Polygon[] = [
    [rectRing(0, 0, 18, 12)],
    [rectRing(24, 0, 42, 12)],
    [rectRing(48, 0, 60, 12)],
  ];
  const widest = 19.6;
  const snips = snipLines(design, widest);

  it("no tab is wider than asked", () => {
    const across = [
      ...new Set(snips.filter(([a, b]) => a[0] === b[0] && a[1] < 6).map(([a]) => a[0])),
    ].sort((a, b) => a - b);
    const ends = [-TAPE_BEYOND_MM, ...across, 60 + TAPE_BEYOND_MM];
    for (let i = 1; i < ends.length; i++)
      expect((ends[i] ?? 0) - (ends[i - 1] ?? 0)).toBeLessThanOrEqual(widest + 0.5);
  });

  it("stop short of the vinyl, start at the edge of the tape", () => {
    for (const [from, to] of snips) {
      const onEdge = [
        from[0] + TAPE_BEYOND_MM,
        from[1] + TAPE_BEYOND_MM,
        60 + TAPE_BEYOND_MM - from[0],
        12 + TAPE_BEYOND_MM - from[1],
      ].some((gap) => Math.abs(gap) < 1e-6);
      expect(onEdge).toBe(true);
      for (const polygon of design) {
        const box = boxOf([polygon]);
        const away = Math.hypot(
          Math.max(box.minX - to[0], 0, to[0] - box.maxX),
          Math.max(box.minY - to[1], 0, to[1] - box.maxY),
        );
        expect(away).toBeGreaterThanOrEqual(1.4);
      }
    }
  });

  it("run along the gaps: the deepest go in between two pieces", () => {
    const deepest = snips
      .filter(([a, b]) => a[0] === b[0])
      .reduce((best, snip) =>
        Math.abs(snip[1][1] - snip[0][1]) > Math.abs(best[1][1] - best[0][1]) ? snip : best,
      );
    const x = deepest[0][0];
    expect((x > 18 && x < 24) || (x > 42 && x < 48)).toBe(true);
  });

  it("never meet: no corner of the tape falls off", () => {
    const tall: Polygon[] = [[rectRing(0, 0, 30, 60)], [rectRing(40, 0, 70, 60)]];
    const all = snipLines(tall, 15);
    const upright = all.filter(([a, b]) => a[0] === b[0]);
    const level = all.filter(([a, b]) => a[1] === b[1]);
    expect(level.length).toBeGreaterThan(2);
    for (const [a, b] of level)
      for (const [c, d] of upright) {
        const crosses =
          c[0] > Math.min(a[0], b[0]) &&
          c[0] < Math.max(a[0], b[0]) &&
          a[1] > Math.min(c[1], d[1]) &&
          a[1] < Math.max(c[1], d[1]);
        expect(crosses).toBe(false);
      }
  });

  it("a flat face needs none, nor does nothing", () => {
    expect(snipLines(design, Number.POSITIVE_INFINITY)).toEqual([]);
    expect(snipLines([], 10)).toEqual([]);
    expect(boxWidth(boxOf(design))).toBe(60);
  });
});
