import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { intersection, unionPolygons } from "../geometry/boolean.ts";
import {
  type Box,
  boxHeight,
  boxOf,
  boxWidth,
  type Polygon,
  polygonArea,
  polygonsArea,
  rectRing,
} from "../geometry/polygon.ts";
import { crossBox, crossLines } from "./crosses.ts";
import type { SplitPiece } from "./seams.ts";
import { nameHalves, partBox, partPolygons, splitDesign } from "./split.ts";

const rect = (id: string, x: number, y: number, w: number, h: number): SplitPiece => ({
  id,
  polygon: [rectRing(x, y, x + w, y + h)],
});
const done = (
  pieces: readonly SplitPiece[],
  width: number,
  height: number,
  more: { overlap?: number; mayTurn?: boolean } = {},
) => {
  const split = splitDesign(pieces, {
    cut: { width, height },
    overlap: more.overlap ?? 2,
    mayTurn: more.mayTurn ?? false,
  });
  if (!split.ok) throw new Error(split.reason);
  return split;
};

describe("what is longer than the cut", () => {
  it("is parted in the gap between two words, not between letters", () => {
    // Letters of 20 mm, 4 mm apart; between the words 18 mm.
    const letters = [0, 24, 48, 86, 110, 134].map((x, i) => rect(`l${i + 1}`, x, 0, 20, 30));
    const { parts, seams } = done(letters, 100, 60);
    expect(parts.map(({ pieces }) => pieces.map(({ id }) => id))).toEqual([
      ["l1", "l2", "l3"],
      ["l4", "l5", "l6"],
    ]);
    expect(seams).toEqual([
      {
        axis: "x",
        at: 77,
        line: [
          [77, 0],
          [77, 30],
        ],
        through: [],
      },
    ]);
    // A cross above and one below, the same in both parts.
    expect(parts[0]?.marks).toEqual(parts[1]?.marks);
    expect(parts[0]?.marks).toHaveLength(2);
  });

  it("takes the fewest parts before the cleanest seam", () => {
    const letters = Array.from({ length: 9 }, (_, i) =>
      rect(`l${i + 1}`, i * 22 + (i > 0 ? 30 : 0), 0, 20, 20),
    );
    // The one wide gap comes after the first letter; cutting only there would leave 196 mm.
    expect(done(letters, 130, 60).parts).toHaveLength(2);
  });

  it("goes through a straight stroke where there is no gap, with the overlap on both halves", () => {
    // Two discs joined by a thin level bar: only the bar is a clean place.
    const bar: SplitPiece = {
      id: "3-blue-1",
      polygon: unionPolygons([
        [rectRing(0, 0, 60, 60)],
        [rectRing(60, 27, 120, 33)],
        [rectRing(120, 0, 180, 60)],
      ])[0] as Polygon,
    };
    const { parts, seams } = done([bar], 110, 90);
    expect(seams[0]?.through).toEqual(["3-blue-1"]);
    expect(seams[0]?.at).toBeGreaterThan(60);
    expect(seams[0]?.at).toBeLessThan(120);
    expect(nameHalves(parts).flatMap(({ pieces }) => pieces.map(({ id }) => id))).toEqual([
      "3-blue-1a",
      "3-blue-1b",
    ]);
    expect(parts.reduce((sum, part) => sum + polygonsArea(partPolygons(part)), 0)).toBeCloseTo(
      polygonArea(bar.polygon) + 2 * 6,
      3,
    );
  });

  it("a ring is met at its straight sides, and both halves keep their true size", () => {
    const ring: SplitPiece = {
      id: "r",
      polygon: [rectRing(0, 0, 200, 40), [...rectRing(10, 10, 190, 30)].reverse()],
    };
    const { parts } = done([ring], 120, 70, { overlap: 0 });
    expect(parts).toHaveLength(2);
    expect(polygonsArea(unionPolygons(parts.flatMap(partPolygons)))).toBeCloseTo(
      polygonArea(ring.polygon),
      3,
    );
  });

  it("too high and too wide is parted both ways, a quarter turn spares a seam", () => {
    const grid = Array.from({ length: 16 }, (_, i) =>
      rect(`g${i}`, (i % 4) * 50, Math.floor(i / 4) * 50, 40, 40),
    );
    expect(done(grid, 120, 120).parts).toHaveLength(4);
    const row = [rect("a", 0, 0, 100, 40), rect("b", 110, 0, 100, 40)];
    expect(done(row, 60, 240, { mayTurn: true }).parts).toHaveLength(1);
  });

  it("says when no part could carry its crosses", () => {
    expect(
      splitDesign([rect("a", 0, 0, 100, 100)], {
        cut: { width: 10, height: 50 },
        overlap: 2,
        mayTurn: true,
      }),
    ).toEqual({ ok: false, reason: "cutTooSmall" });
  });

  it("crosses are two arms each", () => {
    expect(crossLines([[10, 20]])).toEqual([
      [
        [7.5, 20],
        [12.5, 20],
      ],
      [
        [10, 17.5],
        [10, 22.5],
      ],
    ]);
  });

  it("names more halves than there are letters", () => {
    const parts = Array.from({ length: 28 }, () => ({
      pieces: [rect("p", 0, 0, 1, 1)],
      marks: [],
    }));
    expect(
      nameHalves(parts)
        .flatMap(({ pieces }) => pieces.map(({ id }) => id))
        .slice(24),
    ).toEqual(["py", "pz", "paa", "pab"]);
  });
});

const overlaps = (a: Box, b: Box) =>
  a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY;

describe("over random designs", () => {
  const side = fc.integer({ min: 4, max: 160 });
  const place = fc.integer({ min: 0, max: 500 });
  const design = fc.array(
    fc.tuple(place, fc.integer({ min: 0, max: 60 }), side, fc.integer({ min: 4, max: 60 })),
    { minLength: 1, maxLength: 14 },
  );

  it("parts go into the cut, hold every piece once, and meet only where a piece is cut through", () => {
    let cutThrough = 0;
    fc.assert(
      fc.property(
        design,
        fc.integer({ min: 60, max: 200 }),
        fc.integer({ min: 60, max: 160 }),
        fc.integer({ min: 0, max: 4 }),
        (boxes, width, height, overlap) => {
          // What overlaps is one piece, as everywhere.
          const pieces = unionPolygons(
            boxes.map(([x, y, w, h]) => [rectRing(x, y, x + w, y + h)]),
          ).map((polygon, i): SplitPiece => ({ id: `p${i}`, polygon }));
          const { parts, seams } = done(pieces, width, height, { overlap });
          for (const part of parts) {
            const box = partBox(part);
            expect(boxWidth(box)).toBeLessThanOrEqual(width + 1e-3);
            expect(boxHeight(box)).toBeLessThanOrEqual(height + 1e-3);
          }
          for (const { id, polygon } of pieces) {
            const own = parts
              .flatMap((part) => part.pieces.filter((piece) => piece.id === id))
              .map((piece) => piece.polygon);
            expect(polygonsArea(unionPolygons(own))).toBeCloseTo(polygonArea(polygon), 1);
            const through = seams.some((seam) => seam.through.includes(id));
            expect(own.length > 1).toBe(through);
            if (through) cutThrough++;
            else expect(own[0]).toEqual(polygon);
          }
          const names = nameHalves(parts).flatMap((part) => part.pieces.map(({ id }) => id));
          expect(new Set(names).size).toBe(names.length);
          // Crosses come in pairs of parts.
          for (const mark of parts.flatMap(({ marks }) => marks))
            expect(
              parts.filter((part) => part.marks.some(([x, y]) => x === mark[0] && y === mark[1]))
                .length,
            ).toBeGreaterThanOrEqual(2);
        },
      ),
      { seed: 20261126, numRuns: 150 },
    );
    expect(cutThrough).toBeGreaterThan(20);
  });

  it("crosses lie clear of every piece of a row", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 8, max: 50 }),
            fc.integer({ min: 1, max: 20 }),
            fc.integer({ min: 10, max: 90 }),
          ),
          { minLength: 6, maxLength: 14 },
        ),
        (row) => {
          let x = 0;
          const pieces = row.map(([w, gap, h], i) => {
            x += gap;
            const piece = rect(`p${i}`, x, 0, w, h);
            x += w;
            return piece;
          });
          const { parts } = done(pieces, 120, 100);
          const boxes = pieces.map(({ polygon }) => boxOf([polygon]));
          for (const mark of parts.flatMap(({ marks }) => marks))
            expect(boxes.some((box) => overlaps(box, crossBox(mark)))).toBe(false);
          expect(
            intersection(
              partPolygons(parts[0] as never),
              partPolygons(parts[1] ?? ({ pieces: [], marks: [] } as never)),
            ),
          ).toEqual([]);
        },
      ),
      { seed: 7, numRuns: 100 },
    );
  });
});

describe("parted both ways", () => {
  // Four rows of four, 40 mm each, 10 mm apart.
  const grid = Array.from({ length: 16 }, (_, i) =>
    rect(`g${i}`, (i % 4) * 50, Math.floor(i / 4) * 50, 40, 40),
  );

  it("crosses of the first seam go to the parts they lie in, those of the second to both sides", () => {
    const { parts, seams } = done(grid, 120, 120);
    expect(seams.map(({ axis, at, line }) => [axis, at, line])).toEqual([
      [
        "x",
        95,
        [
          [95, 0],
          [95, 190],
        ],
      ],
      ["y", 95, expect.anything()],
      ["y", 95, expect.anything()],
    ]);
    expect(parts.map(({ pieces }) => pieces.map(({ id }) => id).join(" "))).toEqual([
      "g0 g1 g4 g5",
      "g8 g9 g12 g13",
      "g2 g3 g6 g7",
      "g10 g11 g14 g15",
    ]);
    // The upright seam's stand at both ends of the gap between the columns.
    const upright = parts.map(({ marks }) => marks.filter(([x, y]) => x === 95 && y !== 95));
    expect(upright.map((marks) => marks.map(([, y]) => y))).toEqual([
      [2.5],
      [187.5],
      [2.5],
      [187.5],
    ]);
    for (const { marks } of parts) expect(marks.filter(([, y]) => y === 95)).toHaveLength(2);
  });

  it("a part may fill its load to the last tenth with its crosses, and no farther", () => {
    // Two of 50 mm with 20 mm between: a seam in the middle, its crosses 2.5 mm past it.
    const two = [rect("a", 0, 0, 50, 20), rect("b", 70, 0, 50, 20)];
    expect(done(two, 62.5, 40).parts.map(({ marks }) => marks.length)).toEqual([2, 2]);
    expect(done(two, 62.4, 40).parts.map(({ marks }) => marks.length)).toEqual([0, 0]);
  });
});
