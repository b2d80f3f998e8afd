import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Point, type Polygons, type Ring, rectRing } from "../geometry/polygon.ts";
import { stuffCounters } from "./counters.ts";
import type { ShapeItem, ShapeProblem } from "./problem.ts";
import { prepare, turnIndex } from "./ready.ts";
import { layTight } from "./tight.ts";
import { validateShapes } from "./validate-shapes.ts";

const circle = (r: number, n = 24): Ring =>
  Array.from(
    { length: n },
    (_, i): Point => [r * Math.cos((2 * Math.PI * i) / n), r * Math.sin((2 * Math.PI * i) / n)],
  );
const ring = (
  id: string,
  outer: number,
  inner: number,
  turns: readonly number[] = [0, 90, 180, 270],
): ShapeItem => ({ id, polygons: [[circle(outer), [...circle(inner)].reverse()]], turns });
const bar = (
  id: string,
  width: number,
  height: number,
  turns: readonly number[] = [0, 90],
): ShapeItem => ({ id, polygons: [[rectRing(0, 0, width, height)]], turns });
const wishes = { clearance: 2, seed: 5, seconds: 0.6 };
const strip = (items: readonly ShapeItem[], over: Partial<ShapeProblem> = {}): ShapeProblem => ({
  items,
  scraps: [],
  stock: { kind: "strip", width: 150 },
  clearance: 2,
  counters: true,
  seed: 5,
  seconds: 0.2,
  ...over,
});

describe("counters that are filled first", () => {
  it("take what fits, the smaller rings in the larger with all they hold, and everything keeps its clearance", () => {
    const items = [
      ring("large", 40, 34),
      ring("middling", 25, 20),
      ring("small", 14, 10),
      bar("dot", 8, 8),
      bar("long", 100, 12),
    ];
    const stuffed = stuffCounters(items, wishes, layTight);
    expect(stuffed?.items.map(({ id }) => id).sort()).toEqual(["large", "long"]);
    const problem = strip(items);
    const layout = layTight(strip(stuffed?.items ?? [], { counters: false }));
    const placements = stuffed?.members(layout.placements) ?? [];
    expect(placements).toHaveLength(items.length);
    expect(validateShapes(problem, { ...layout, placements, unplaced: [] })).toEqual([]);
  });

  it("are left alone where nothing fits", () => {
    expect(stuffCounters([ring("a", 20, 15), bar("b", 60, 60)], wishes, layTight)).toBeNull();
    expect(stuffCounters([bar("a", 20, 15), bar("b", 10, 10)], wishes, layTight)).toBeNull();
    // Not turned at all is not allowed: nothing is reckoned in that frame.
    expect(stuffCounters([ring("a", 30, 25, [45]), bar("b", 10, 10)], wishes, layTight)).toBeNull();
  });

  it("hold nothing where the item's own pieces lie, whatever the counters", () => {
    const jagged = fc.array(fc.double({ min: 0.6, max: 1, noNaN: true }), {
      minLength: 5,
      maxLength: 16,
    });
    const around = (radii: readonly number[], size: number): Ring =>
      radii.map(
        (r, i): Point => [
          r * size * Math.cos((2 * Math.PI * i) / radii.length),
          r * size * Math.sin((2 * Math.PI * i) / radii.length),
        ],
      );
    let held = 0;
    fc.assert(
      fc.property(
        jagged,
        fc.double({ min: 2, max: 14, noNaN: true }),
        fc.constantFrom(0, 1.5, 3),
        (radii, dot, clearance) => {
          const target: ShapeItem = {
            id: "t",
            polygons: [[circle(40), [...around(radii, 37)].reverse()], [circle(dot)]],
            turns: [0, 90],
          };
          const items = [target, bar("a", 14, 6), bar("b", 9, 9), bar("c", 5, 16)];
          const stuffed = stuffCounters(items, { ...wishes, clearance, seconds: 0.1 }, layTight);
          for (const turn of stuffed?.items.find(({ id }) => id === "t")?.turns ?? []) {
            const placements =
              stuffed?.members([{ id: "t", bin: "strip", x: 40, y: 40, turn }]) ?? [];
            const there = new Set(placements.map(({ id }) => id));
            held += there.size - 1;
            expect(
              validateShapes(
                strip(
                  items.filter(({ id }) => there.has(id)),
                  { clearance },
                ),
                { placements, unplaced: [], sheets: 0, length: 0 },
              ),
            ).toEqual([]);
          }
        },
      ),
      { seed: 92, numRuns: 40 },
    );
    expect(held).toBeGreaterThan(60);
  });

  it("turn only as all that they hold may turn", () => {
    fc.assert(
      fc.property(
        fc.constantFrom([0], [0, 180], [90, 270], [0, 90, 180, 270]),
        fc.constantFrom([0], [0, 180], [0, 90, 180, 270]),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        (own, host, width) => {
          const items = [
            ring("r", 30, 26, host),
            bar("b", 40 * width, 9, own),
            bar("c", 7, 12, own),
          ];
          const stuffed = stuffCounters(items, { ...wishes, seconds: 0.2 }, layTight);
          const group = stuffed?.items.find(({ id }) => id === "r");
          expect(group?.turns.length).toBeGreaterThan(0);
          for (const turn of group?.turns ?? []) {
            const placements =
              stuffed?.members([{ id: "r", bin: "strip", x: 40, y: 40, turn }]) ?? [];
            const there = new Set(placements.map(({ id }) => id));
            const problem = strip(items.filter(({ id }) => there.has(id)));
            expect(
              validateShapes(problem, { placements, unplaced: [], sheets: 0, length: 0 }),
            ).toEqual([]);
          }
        },
      ),
      { seed: 91, numRuns: 25 },
    );
  });

  it("shorten a strip of rings and bars that would else lie side by side", () => {
    const items = Array.from({ length: 5 }, (_, i) => [
      ring(`r${i}`, 30, 26),
      bar(`b${i}`, 30, 18),
    ]).flat();
    const problem = strip(items, { seconds: 7 });
    const layout = layTight(problem);
    expect(validateShapes(problem, layout)).toEqual([]);
    // Rings alone: two beside each other on 150 mm, three rows of 62 mm with the last one alone;
    // closer when rows interlock.
    expect(layout.length).toBeLessThan(3 * 62);
  });
});

describe("turnIndex", () => {
  it("finds the turn that looks the same where another stands for it", () => {
    const square: Polygons = [[rectRing(-5, -5, 5, 5)]];
    const ready = prepare({ id: "s", polygons: square, turns: [0, 90, 180, 45] }, true);
    expect(ready.turns).toEqual([0, 45]);
    expect([0, 90, 180, 45].map((turn) => turnIndex(ready, turn))).toEqual([0, 0, 0, 1]);
    expect(turnIndex(ready, 30)).toBe(-1);
  });
});
