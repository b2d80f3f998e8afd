/** Fits against brute force: a dense grid of places and sizes, tested by the definition alone. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Face } from "../blanks/face.ts";
import {
  type Point,
  type Polygon,
  type Polygons,
  pointInPolygon,
  type Ring,
  rectRing,
} from "../geometry/polygon.ts";
import { fitSpace, nearestPosition } from "./largest-fit.ts";
import { schools } from "./schools.ts";

const box = (w: number, h: number): Polygons => [[rectRing(-w / 2, -h / 2, w / 2, h / 2)]];

/**
 * A rectangle of the design at a place: does it lie in the face and clear of every keep-out? By its
 * corners and edges.
 */
function lies(
  outline: Ring,
  keepOuts: readonly Ring[],
  w: number,
  h: number,
  x: number,
  y: number,
): boolean {
  const edge: Point[] = [];
  for (let k = 0; k <= 12; k++) {
    const [u, v] = [x + w * (k / 12 - 0.5), y + h * (k / 12 - 0.5)];
    edge.push([u, y - h / 2], [u, y + h / 2], [x - w / 2, v], [x + w / 2, v]);
  }
  const inFace = edge.every((point) => pointInPolygon(point, [outline]));
  const overKeepOut = keepOuts.some(
    (ring) =>
      edge.some((point) => pointInPolygon(point, [ring])) ||
      ring.some(([px, py]) => Math.abs(px - x) < w / 2 && Math.abs(py - y) < h / 2),
  );
  return inFace && !overKeepOut;
}

/** Largest scale over a grid of places: a little less than the true one. */
function bruteForce(outline: Ring, keepOuts: readonly Ring[], w: number, h: number): number {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  let best = 0;
  const steps = 24;
  for (let i = 1; i < steps; i++)
    for (let j = 1; j < steps; j++) {
      const x = Math.min(...xs) + ((Math.max(...xs) - Math.min(...xs)) * i) / steps;
      const y = Math.min(...ys) + ((Math.max(...ys) - Math.min(...ys)) * j) / steps;
      if (!lies(outline, keepOuts, w * best * 1.001 + 1e-6, h * best * 1.001 + 1e-6, x, y))
        continue;
      let [low, high] = [best, 40];
      for (let k = 0; k < 18; k++) {
        const s = (low + high) / 2;
        if (lies(outline, keepOuts, w * s, h * s, x, y)) low = s;
        else high = s;
      }
      best = Math.max(best, low);
    }
  return best;
}

describe("keep-outs on a convex face", () => {
  const keepOut = fc.record({
    x: fc.integer({ min: -45, max: 45 }),
    y: fc.integer({ min: -25, max: 25 }),
    w: fc.integer({ min: 4, max: 30 }),
    h: fc.integer({ min: 4, max: 30 }),
  });
  const face: Face = { kind: "rect", width: 100, height: 60 };
  const outline = rectRing(-50, -30, 50, 30);

  it("the design never lies over one, and is as large as brute force finds", () => {
    fc.assert(
      fc.property(
        fc.array(keepOut, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 4, max: 20 }),
        fc.integer({ min: 4, max: 20 }),
        (list, w, h) => {
          const rings = list.map(({ x, y, w: kw, h: kh }) =>
            rectRing(x - kw / 2, y - kh / 2, x + kw / 2, y + kh / 2),
          );
          const wanted = bruteForce(outline, rings, w, h);
          fc.pre(wanted > 0.05);
          const { largest } = fitSpace(
            face,
            0,
            box(w, h),
            rings.map((ring): Polygon => [ring]),
          );
          expect(
            lies(
              rectRing(-50.001, -30.001, 50.001, 30.001),
              rings,
              w * largest.scale - 2e-3,
              h * largest.scale - 2e-3,
              largest.x,
              largest.y,
            ),
          ).toBe(true);
          expect(largest.scale).toBeGreaterThanOrEqual(wanted * 0.999);
        },
      ),
      { seed: 151, numRuns: 40 },
    );
  });

  it("round keep-outs too, by the distance to their middle", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -30, max: 30 }),
        fc.integer({ min: -15, max: 15 }),
        fc.integer({ min: 3, max: 12 }),
        (x, y, radius) => {
          const ring: Ring = Array.from(
            { length: 32 },
            (_, i): Point => [
              x + radius * Math.cos((Math.PI * i) / 16),
              y + radius * Math.sin((Math.PI * i) / 16),
            ],
          );
          const { largest } = fitSpace(face, 2, box(20, 8), [[ring]]);
          const [w, h] = [10 * largest.scale, 4 * largest.scale];
          const away = Math.hypot(
            Math.max(0, Math.abs(x - largest.x) - w),
            Math.max(0, Math.abs(y - largest.y) - h),
          );
          expect(away).toBeGreaterThanOrEqual(radius * Math.cos(Math.PI / 32) - 1e-3);
          expect(Math.abs(largest.x) + w).toBeLessThanOrEqual(48 + 1e-3);
          expect(Math.abs(largest.y) + h).toBeLessThanOrEqual(28 + 1e-3);
        },
      ),
      { seed: 152, numRuns: 60 },
    );
  });
});

describe("faces that are not convex", () => {
  const notched: Ring = [
    [0, 0],
    [100, 0],
    [100, 70],
    [60, 70],
    [60, 40],
    [40, 40],
    [40, 70],
    [0, 70],
  ];

  it("the search comes within a few per cent of brute force, and never sticks out", () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 24 }), fc.integer({ min: 4, max: 24 }), (w, h) => {
        const { largest } = fitSpace({ kind: "outline", outline: notched }, 0, box(w, h));
        expect(
          lies(
            notched,
            [],
            w * largest.scale - 1e-3,
            h * largest.scale - 1e-3,
            largest.x,
            largest.y,
          ),
        ).toBe(true);
        expect(largest.scale).toBeGreaterThanOrEqual(0.97 * bruteForce(notched, [], w, h));
      }),
      { seed: 153, numRuns: 25 },
    );
  });

  it("a hole in the middle is gone round", () => {
    const { largest } = fitSpace({ kind: "outline", outline: notched }, 0, box(10, 10), [
      [rectRing(20, 10, 80, 35)],
    ]);
    expect(largest.scale).toBeGreaterThan(1.8);
    expect(
      lies(
        notched,
        [rectRing(20, 10, 80, 35)],
        10 * largest.scale - 1e-3,
        10 * largest.scale - 1e-3,
        largest.x,
        largest.y,
      ),
    ).toBe(true);
  });
});

describe("where a design of a given size lies", () => {
  it("nearest to where it was wanted, and still inside", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -80, max: 80 }),
        fc.integer({ min: -80, max: 80 }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (x, y, share) => {
          const space = fitSpace({ kind: "rect", width: 100, height: 60 }, 5, box(20, 10));
          const scale = space.largest.scale * share;
          const at = nearestPosition(space, scale, [x, y]);
          expect(at).not.toBeNull();
          if (!at) return;
          expect(space.admits(scale, ...at)).toBe(true);
          const [freeX, freeY] = [45 - 10 * scale, 25 - 5 * scale];
          if (Math.abs(x) <= freeX && Math.abs(y) <= freeY) expect(at).toEqual([x, y]);
        },
      ),
      { seed: 154, numRuns: 120 },
    );
  });

  it("every school gives each seat a size it bears", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 5, max: 90 }), fc.integer({ min: 4, max: 20 })), {
          minLength: 1,
          maxLength: 12,
        }),
        fc.double({ min: 0.1, max: 20, noNaN: true }),
        (sizes, fixed) => {
          const seats = sizes.map(([w, h], i) => ({
            seat: String(i),
            width: w,
            space: fitSpace({ kind: "rect", width: 100, height: 60 }, 5, box(w, h)),
          }));
          for (const school of Object.values(schools))
            for (const { seat, scale } of school(seats, fixed).seats)
              expect(scale).toBeLessThanOrEqual(
                (seats[Number(seat)]?.space.largest.scale ?? 0) * (1 + 1e-9),
              );
          expect(new Set(schools.longest(seats, fixed).seats.map(({ scale }) => scale)).size).toBe(
            1,
          );
        },
      ),
      { seed: 155, numRuns: 60 },
    );
  });
});
