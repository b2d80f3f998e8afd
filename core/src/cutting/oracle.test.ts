/** Cut files read back by a plotter written for the test: what the machine would really do. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Point, type Polygon, polygonArea, rectRing } from "../geometry/polygon.ts";
import { sheetFiles } from "../plan/files.ts";
import { pathsOf } from "../stages/sheets.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "../testing/one-thing.ts";
import { readSheet } from "../testing/sheet-reader.ts";
import { cutterSchema } from "./cutter.ts";
import { hpgl } from "./hpgl.ts";
import { cutTime } from "./minutes.ts";
import { orderCuts } from "./order.ts";
import { bladePaths, penPath, weedLines } from "./paths.ts";

const UNITS = 40;
const cutter = cutterSchema.parse({ name: "test", cutWidth: 300, cutHeight: 300 });

interface Stroke {
  readonly piece: string;
  readonly points: Point[];
}

/** A plotter: pen up, pen down, absolute moves, comments. Anything else is a fault. */
function plot(text: string, height: number): { strokes: Stroke[]; travel: number } {
  const strokes: Stroke[] = [];
  let pen: Point = [0, 0];
  let down = false;
  let piece = "";
  let travel = 0;
  for (const command of text
    .split(";")
    .map((part) => part.trim())
    .filter(Boolean)) {
    const move = /^(PU|PD|PA)((?:-?\d+,-?\d+,?)*)$/u.exec(command);
    const comment = /^CO "(.*)"$/u.exec(command);
    if (comment) piece = comment[1] as string;
    else if (move) {
      if (move[1] === "PU") down = false;
      if (move[1] === "PD") {
        if (!down) strokes.push({ piece, points: [pen] });
        down = true;
      }
      const numbers = (move[2] ?? "").split(",").filter(Boolean).map(Number);
      for (let i = 0; i + 1 < numbers.length; i += 2) {
        const to: Point = [
          (numbers[i] as number) / UNITS,
          height - (numbers[i + 1] as number) / UNITS,
        ];
        if (down) strokes[strokes.length - 1]?.points.push(to);
        else travel += Math.hypot(to[0] - pen[0], to[1] - pen[1]);
        pen = to;
      }
    } else if (!/^(IN|SP\d*|VS\d+(\.\d+)?|FS\d+)$/u.test(command))
      throw new Error(`the plotter does not know ${command}`);
  }
  return { strokes, travel };
}

const lengthOf = (points: readonly Point[]): number =>
  points
    .slice(1)
    .reduce(
      (sum, b, i) =>
        sum + Math.hypot(b[0] - (points[i] as Point)[0], b[1] - (points[i] as Point)[1]),
      0,
    );

describe.each(["seed-tins", "rowing-bottles", "slate-numbers", "leaf-pot", "moth-cloche"])(
  "the cut files of %s",
  (name) => {
    const plan = makePlan(demoDocument(name), testFonts);
    const files = new Map(sheetFiles(plan));

    it("cut every contour of the drawing, and nothing else, in millimetres of the same place", () => {
      for (const sheet of plan.laidOut.sheets) {
        const base = `${String(sheet.nn).padStart(2, "0")}-${sheet.vinyl}`;
        const { strokes } = plot(files.get(`${base}.hpgl`) ?? "", sheet.height);
        const drawn = readSheet(files.get(`${base}.svg`) ?? "");
        const contours = drawn.paths
          .filter(({ className }) => className === "cut")
          .reduce((sum, { rings }) => sum + rings.length, 0);
        const lines = drawn.paths.filter(({ className }) => className === "weed-line").length;
        expect(strokes).toHaveLength(contours + lines);
        const corner = (points: readonly (readonly [number, number])[]) =>
          [Math.min(...points.map(([x]) => x)), Math.min(...points.map(([, y]) => y))] as const;
        for (const { className, piece, rings } of drawn.paths) {
          if (className !== "cut") continue;
          const [x, y] = corner(rings[0] ?? []);
          const mine = strokes
            .filter((stroke) => stroke.piece === piece)
            .map(({ points }) => corner(points));
          expect(
            mine.some(([px, py]) => Math.abs(px - x) < 0.03 && Math.abs(py - y) < 0.03),
            piece,
          ).toBe(true);
        }
      }
    });

    it("cut counters before the outline round them, and weed lines last", () => {
      for (const sheet of plan.laidOut.sheets) {
        const paths = pathsOf(sheet, plan.document.cutter);
        const firstLine = paths.findIndex(({ id }) => id === "weed-line");
        if (firstLine >= 0)
          expect(paths.slice(firstLine).every(({ id }) => id === "weed-line")).toBe(true);
        for (const piece of new Set(paths.map(({ id }) => id))) {
          if (piece === "weed-line") continue;
          const areas = paths
            .filter(({ id }) => id === piece)
            .map(({ points }) => Math.abs(polygonArea([points])));
          expect(areas.at(-1)).toBe(Math.max(...areas));
        }
      }
    });

    it("take the minutes that length, travel, corners and lifts add up to", () => {
      for (const sheet of plan.laidOut.sheets) {
        const paths = pathsOf(sheet, plan.document.cutter);
        const time = cutTime(paths, plan.document.cutter);
        expect(time.cutLength).toBeCloseTo(
          paths.reduce((sum, { points }) => sum + lengthOf(points), 0),
          4,
        );
        expect(time.minutes * 60).toBeGreaterThan(
          time.cutLength / plan.document.cutter.cutSpeed +
            time.travel / plan.document.cutter.travelSpeed,
        );
        expect(sheet.travelMm).toBeCloseTo(time.travel, 6);
      }
    });
  },
);

describe("order of cuts", () => {
  const piece = fc.record({
    x: fc.integer({ min: 0, max: 250 }),
    y: fc.integer({ min: 0, max: 250 }),
    hole: fc.boolean(),
  });

  it("keeps every contour once, whatever lies where", () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 40 }), (list) => {
        const pieces = list.map(({ x, y, hole }, i) => ({
          id: `p${i}`,
          polygon: [
            rectRing(x, y, x + 10, y + 10),
            ...(hole ? [[...rectRing(x + 3, y + 3, x + 7, y + 7)].reverse()] : []),
          ] as Polygon,
        }));
        const order = orderCuts(pieces);
        expect(order).toHaveLength(list.length + list.filter(({ hole }) => hole).length);
        for (const { id, polygon } of pieces)
          expect(order.filter((cut) => cut.piece === id)).toHaveLength(polygon.length);
      }),
      { seed: 61, numRuns: 60 },
    );
  });

  it("travels at most as far as the order in which the pieces were drawn, column by column", () => {
    const pieces = Array.from({ length: 60 }, (_, i) => ({
      id: `p${i}`,
      polygon: [
        rectRing((i * 97) % 280, (i * 53) % 280, ((i * 97) % 280) + 8, ((i * 53) % 280) + 8),
      ] as Polygon,
    }));
    const travel = (paths: readonly { points: readonly Point[] }[]) =>
      paths.reduce(
        (sum, { points }, i) =>
          sum +
          Math.hypot(
            (points[0] as Point)[0] - (paths[i - 1]?.points.at(-1)?.[0] ?? 0),
            (points[0] as Point)[1] - (paths[i - 1]?.points.at(-1)?.[1] ?? 0),
          ),
        0,
      );
    const drawn = pieces.map(({ polygon }) => ({ points: polygon[0] as Point[] }));
    expect(travel(bladePaths({ pieces, overcut: 0 }))).toBeLessThan(0.6 * travel(drawn));
  });
});

describe("the drag knife", () => {
  it("the blade trails the pen by the offset: pulled along, it cuts the path it was asked for", () => {
    const square: Point[] = [
      [10, 10],
      [40, 10],
      [40, 30],
      [10, 30],
      [10, 10],
    ];
    const offset = 0.4;
    const pen = penPath(square, offset);
    // The blade is dragged: it stays `offset` behind the pen, on the line towards it.
    let blade: Point = [10, 10];
    const cut: Point[] = [];
    for (let i = 1; i < pen.length; i++)
      for (let k = 1; k <= 40; k++) {
        const [a, b] = [pen[i - 1] as Point, pen[i] as Point];
        const at: Point = [a[0] + ((b[0] - a[0]) * k) / 40, a[1] + ((b[1] - a[1]) * k) / 40];
        const gap = Math.hypot(at[0] - blade[0], at[1] - blade[1]);
        if (gap > offset)
          blade = [
            at[0] + ((blade[0] - at[0]) * offset) / gap,
            at[1] + ((blade[1] - at[1]) * offset) / gap,
          ];
        cut.push(blade);
      }
    for (const [x, y] of cut) {
      const off = Math.min(Math.abs(x - 10), Math.abs(x - 40), Math.abs(y - 10), Math.abs(y - 30));
      expect(off).toBeLessThan(0.06);
    }
    for (const corner of square)
      expect(
        Math.min(...cut.map(([x, y]) => Math.hypot(x - corner[0], y - corner[1]))),
      ).toBeLessThan(0.1);
  });

  it("the file says when a path is compensated", () => {
    const paths = bladePaths({
      pieces: [{ id: "p", polygon: [rectRing(0, 0, 10, 10)] }],
      overcut: 0,
    });
    expect(hpgl(paths, 20, { ...cutter, knifeOffset: 0.25 })).toContain("0.25");
    expect(plot(hpgl(paths, 20, cutter), 20).strokes).toHaveLength(1);
  });
});

describe("weed lines", () => {
  it("cover every edge of every box once: the total is the union of the edges", () => {
    const grid = fc.record({
      columns: fc.integer({ min: 1, max: 5 }),
      rows: fc.integer({ min: 1, max: 5 }),
    });
    fc.assert(
      fc.property(grid, ({ columns, rows }) => {
        const boxes = Array.from({ length: columns * rows }, (_, i) => ({
          x: (i % columns) * 30,
          y: Math.floor(i / columns) * 20,
          width: 30,
          height: 20,
        }));
        const total = weedLines(boxes).reduce(
          (sum, [a, b]) => sum + Math.hypot(b[0] - a[0], b[1] - a[1]),
          0,
        );
        expect(total).toBeCloseTo((rows + 1) * columns * 30 + (columns + 1) * rows * 20, 6);
      }),
      { seed: 62, numRuns: 25 },
    );
  });
});
