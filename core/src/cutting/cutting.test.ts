import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Point, Polygon } from "../geometry/polygon.ts";
import { rectRing, ringLength } from "../geometry/polygon.ts";
import { cutterSchema } from "./cutter.ts";
import { hpgl } from "./hpgl.ts";
import { cutTime } from "./minutes.ts";
import { orderCuts } from "./order.ts";
import { bladePaths, penPath, weedLines } from "./paths.ts";
import { escapeXml } from "./svg.ts";

const cutter = cutterSchema.parse({
  name: "test",
  cutWidth: 292,
  cutHeight: 292,
  cutSpeed: 50,
  travelSpeed: 100,
  liftSeconds: 0.1,
  cornerSeconds: 0.5,
  overcut: 0,
});
const square = (id: string, x: number, y: number, size = 10): { id: string; polygon: Polygon } => ({
  id,
  polygon: [rectRing(x, y, x + size, y + size)],
});

describe("cutTime", () => {
  it("adds up by hand: a 10 mm square 30 mm away", () => {
    const time = cutTime(bladePaths({ pieces: [square("a", 30, 0)], overcut: 0 }), cutter);
    expect(time.cutLength).toBeCloseTo(40, 9);
    expect(time.travel).toBeCloseTo(30, 9);
    // 40/50 s cutting + 30/100 s travel + 3 corners x 0.5 s + 2 lifts x 0.1 s
    expect(time.minutes * 60).toBeCloseTo(0.8 + 0.3 + 1.5 + 0.2, 9);
  });

  it("a film that bears half the speed takes longer to cut, not to travel", () => {
    const paths = bladePaths({ pieces: [square("a", 0, 0)], overcut: 0 });
    expect(
      (cutTime(paths, cutter, 0.5).minutes - cutTime(paths, cutter, 1).minutes) * 60,
    ).toBeCloseTo(0.8, 9);
  });
});

describe("orderCuts", () => {
  it("cuts counters before the outline they lie in", () => {
    const letter = { id: "o", polygon: [rectRing(0, 0, 20, 20), rectRing(5, 5, 15, 15)] };
    const order = orderCuts([letter]);
    expect(order.map(({ ring }) => ringLength(ring))).toEqual([40, 80]);
  });

  it("keeps every piece once, and travels no farther than the order given on a shuffled grid", () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(
          Array.from({ length: 30 }, (_, i) => i),
          { minLength: 2 },
        ),
        (cells) => {
          const pieces = cells.map((cell) =>
            square(String(cell), (cell % 6) * 20, Math.floor(cell / 6) * 20),
          );
          const ordered = orderCuts(pieces);
          expect(ordered.map(({ piece }) => piece).sort()).toEqual(
            pieces.map(({ id }) => id).sort(),
          );
          const travel = (points: readonly Point[]) =>
            points.reduce(
              (sum, p, i) =>
                sum +
                (i === 0
                  ? 0
                  : Math.hypot(
                      p[0] - (points[i - 1] as Point)[0],
                      p[1] - (points[i - 1] as Point)[1],
                    )),
              0,
            );
          const corner = (id: string) =>
            pieces.find((piece) => piece.id === id)?.polygon[0]?.[0] as Point;
          expect(
            travel([[0, 0], ...ordered.map(({ piece }) => corner(piece))]),
          ).toBeLessThanOrEqual(travel([[0, 0], ...pieces.map(({ id }) => corner(id))]) + 1e-9);
        },
      ),
      { seed: 4, numRuns: 50 },
    );
  });
});

describe("blade and pen", () => {
  it("runs on past the start by the overcut", () => {
    const [path] = bladePaths({ pieces: [square("a", 0, 0)], overcut: 2 });
    expect(path?.points[path.points.length - 1]).toEqual([2, 0]);
  });

  it("without an offset the pen goes where the blade goes", () => {
    expect(
      penPath(
        [
          [0, 0],
          [5, 0],
        ],
        0,
      ),
    ).toEqual([
      [0, 0],
      [5, 0],
    ]);
  });

  it("with an offset the pen runs ahead and swings round corners at that distance", () => {
    const pen = penPath(
      [
        [0, 0],
        [10, 0],
        [10, 10],
      ],
      0.5,
    );
    expect(pen[0]).toEqual([0.5, 0]);
    expect(pen[pen.length - 1]).toEqual([10, 10.5]);
    for (const [x, y] of pen.slice(2, -1)) expect(Math.hypot(x - 10, y)).toBeCloseTo(0.5, 9);
  });
});

describe("weedLines", () => {
  it("cuts an edge that two boxes share once", () => {
    const lines = weedLines([
      { x: 0, y: 0, width: 10, height: 10 },
      { x: 10, y: 0, width: 10, height: 10 },
    ]);
    const length = lines.reduce((sum, [a, b]) => sum + Math.hypot(b[0] - a[0], b[1] - a[1]), 0);
    expect(length).toBe(20 + 20 + 30);
    expect(lines).toHaveLength(5);
  });
});

describe("hpgl", () => {
  it("writes 40 units a millimetre, y upwards, a comment before each piece", () => {
    const text = hpgl(bladePaths({ pieces: [square("1-blue-1", 10, 20)], overcut: 0 }), 100, {
      knifeOffset: 0,
      cutSpeed: 60,
    });
    expect(text).toContain('CO "1-blue-1";\nPU400,3200;\nPD800,3200,800,2800,400,2800,400,3200;');
    expect(text.startsWith("IN;\nSP1;\nVS6;\n")).toBe(true);
  });

  it("says in a comment that the path is compensated", () => {
    expect(hpgl([], 100, { knifeOffset: 0.25, cutSpeed: 60 })).toContain("0.25 mm");
  });
});

describe("escapeXml", () => {
  it("makes any name harmless", () => {
    expect(escapeXml(`<O'Hara & "Zoë"\u0000>`)).toBe("&lt;O&#39;Hara &amp; &quot;Zoë&quot;&gt;");
  });
});
