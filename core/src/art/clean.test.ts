/**
 * Art is cut as it looks: crossings are resolved, what has no area is refused, and what was left
 * out is told.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { polygonsArea } from "../geometry/polygon.ts";
import { cleanArt, hasArea } from "./clean.ts";
import { importSvg } from "./import-svg.ts";
import { sayArtFault } from "./words-en.ts";

const square = (x: number, y: number, side: number) => [
  [
    [x, y],
    [x + side, y],
    [x + side, y + side],
    [x, y + side],
  ] as [number, number][],
];
const bow = [
  [
    [0, 0],
    [10, 10],
    [10, 0],
    [0, 10],
  ] as [number, number][],
];

describe("cleanArt", () => {
  it("leaves sound art as it is, to the point", () => {
    const art = [square(0, 0, 10), square(20, 0, 5)];
    expect(cleanArt(art)).toEqual({ polygons: art, repaired: false });
  });

  it("a bow that crosses itself becomes its two triangles", () => {
    const { polygons, repaired } = cleanArt([bow]);
    expect(repaired).toBe(true);
    expect(polygonsArea(polygons)).toBeCloseTo(50, 3);
  });

  it("what has no area is none", () => {
    expect(
      hasArea([
        [
          [
            [0, 0],
            [10, 0],
            [5, 0],
          ],
        ],
      ]),
    ).toBe(false);
    expect(hasArea([square(0, 0, 1)])).toBe(true);
  });

  it("any star of points has after it the area that an even-odd fill shows", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })), {
          minLength: 3,
          maxLength: 9,
        }),
        (points) => {
          const ring = points as [number, number][];
          const { polygons } = cleanArt([[ring]]);
          // Counted by looking: a point is in where a line to the left crosses the ring an odd
          // number of times.
          let seen = 0;
          const grid = 121;
          for (let i = 0; i < grid; i++)
            for (let j = 0; j < grid; j++) {
              const [x, y] = [(i + 0.503) * (60 / grid), (j + 0.497) * (60 / grid)];
              const crossings = ring.filter(([ax, ay], k) => {
                const [bx, by] = ring[(k + 1) % ring.length] as [number, number];
                return ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax);
              });
              if (crossings.length % 2 === 1) seen++;
            }
          const area = (seen * 3600) / grid ** 2;
          expect(Math.abs(polygonsArea(polygons) - area)).toBeLessThan(45);
        },
      ),
      { seed: 921, numRuns: 60 },
    );
  });
});

describe("drawings say what of them was left out", () => {
  const svg = (inside: string, attributes = 'width="40mm" height="40mm" viewBox="0 0 40 40"') =>
    importSvg(`<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`);
  const codes = (read: ReturnType<typeof svg>) => read.findings.map(({ code }) => code);

  it.each([
    ["a path that breaks off", '<path d="M0 0L10 0L10 10Z M20 20 L30 x"/>'],
    [
      "a shape of another namespace",
      '<path d="M0 0L10 0L10 10Z"/><q:rect xmlns:q="urn:q" width="9" height="9"/>',
    ],
    ["a marker", '<path d="M0 0L10 0L10 10Z" marker-end="url(#m)"/>'],
    ["a negative size", '<path d="M0 0L10 0L10 10Z"/><rect x="1" y="1" width="-4" height="4"/>'],
  ])("%s", (_, inside) => {
    const read = svg(inside);
    expect(read.ok).toBe(true);
    expect(codes(read).length).toBeGreaterThan(0);
  });

  it("a size that is not stated is said to be assumed; a stated one is not", () => {
    const body = '<rect width="10" height="10"/>';
    expect(codes(svg(body, 'viewBox="0 0 40 40"')).length).toBeGreaterThan(0);
    expect(codes(svg(body))).toEqual([]);
  });

  it("a drawing of lines without area is refused by name", () => {
    const read = svg('<path d="M0 0L10 0" fill="#000000"/>');
    expect(read.ok).toBe(false);
    if (!read.ok) expect(sayArtFault(read)).toMatch(/\w{4}/u);
  });
});
