/** Lines to write on, and what stands beside a word. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boxOf } from "../geometry/polygon.ts";
import { testFonts } from "../testing/fonts.ts";
import { composeSet } from "./compose.ts";
import { PLAIN_LINE } from "./plain-line.ts";
import { type Design, designSchema, type RecipeItem } from "./recipe.ts";
import { withoutItem } from "./recipe-reads.ts";

const word = {
  ...PLAIN_LINE,
  id: "word",
  slot: "word",
  font: "zilla-slab",
  vinyl: "chalk",
  size: 20,
} as const;
const rule = (at: "baseline" | "xHeight" | "capHeight", more: object = {}) =>
  ({
    kind: "shape",
    id: `line-${at.toLowerCase()}`,
    form: "line",
    vinyl: "chalk",
    size: 1,
    on: { item: "word", at },
    ...more,
  }) as const;
const design = (...items: object[]): Design => designSchema.parse({ items });
const seats = ["Hx", "mum", "Apfelxx"].map((text, i) => ({
  seat: String(i + 1),
  fields: { word: text },
}));
const compose = (of: Design) => composeSet(of, seats, testFonts, 0.001);
const partOf = (row: ReturnType<typeof compose>[number] | undefined, item: string) =>
  boxOf(row?.art.filter((part) => part.item === item).flatMap(({ ink }) => ink.polygons) ?? []);

describe("lines to write on", () => {
  const rows = compose(
    design(word, rule("capHeight"), rule("xHeight", { dash: { on: 6, off: 4 } }), rule("baseline")),
  );
  const alone = compose(design(word));

  it("letters stand on the lowest and touch the upper ones: capital and x-height meet them", () => {
    const face = testFonts("zilla-slab");
    const x = (20 * (face?.xHeight ?? 0)) / (face?.capHeight ?? 1);
    // "Hx" has no overshoot: its feet are flat.
    const letters = boxOf(rows[0]?.lines[0]?.ink.polygons ?? []);
    expect(partOf(rows[0], "line-baseline").minY).toBeCloseTo(letters.maxY, 2);
    expect(partOf(rows[0], "line-baseline").maxY - letters.maxY).toBeCloseTo(1, 6);
    expect(partOf(rows[0], "line-capheight").maxY).toBeCloseTo(letters.minY, 2);
    const middle = partOf(rows[0], "line-xheight");
    expect((middle.minY + middle.maxY) / 2).toBeCloseTo(letters.maxY - x, 2);
  });

  it("are equally wide and lie level for all seats, wider than the widest word", () => {
    const widest = Math.max(
      ...rows
        .map(({ lines }) => boxOf(lines[0]?.ink.polygons ?? []))
        .map((box) => box.maxX - box.minX),
    );
    for (const at of ["baseline", "capheight"]) {
      const boxes = rows.map((row) => partOf(row, `line-${at}`));
      expect(
        new Set(
          boxes.map((box) =>
            [box.minX, box.minY, box.maxX, box.maxY].map((value) => value.toFixed(6)).join(),
          ),
        ).size,
      ).toBe(1);
      expect((boxes[0]?.maxX ?? 0) - (boxes[0]?.minX ?? 0)).toBeGreaterThan(widest);
    }
  });

  it("a dashed one has whole dashes", () => {
    const dashes = rows[0]?.art.find(({ item }) => item === "line-xheight")?.ink.polygons ?? [];
    expect(dashes.length).toBeGreaterThan(3);
    for (const [ring = []] of dashes)
      expect(Math.max(...ring.map(([px]) => px)) - Math.min(...ring.map(([px]) => px))).toBeCloseTo(
        6,
        6,
      );
  });

  it("leave the letters where they were, and a row below keeps clear of them", () => {
    const shape = (row: (typeof rows)[number] | undefined) =>
      boxOf(row?.lines[0]?.ink.polygons ?? []);
    for (const [i, row] of rows.entries())
      expect(shape(row).maxX - shape(row).minX).toBeCloseTo(
        shape(alone[i]).maxX - shape(alone[i]).minX,
        9,
      );
    const two = compose(
      design({ ...word, slot: undefined, text: "Hx" }, rule("baseline", { size: 5 }), {
        ...word,
        id: "below",
        slot: undefined,
        text: "Hx",
      }),
    );
    expect(boxOf(two[0]?.lines[1]?.ink.polygons ?? []).minY).toBeGreaterThanOrEqual(
      partOf(two[0], "line-baseline").maxY - 1e-6,
    );
  });

  it("a seat without the word has none", () => {
    const [row] = composeSet(
      design(word, rule("baseline")),
      [{ seat: "1", fields: {} }, ...seats],
      testFonts,
      0.001,
    );
    expect(row?.art).toEqual([]);
  });
});

const square = [
  [
    [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ],
  ],
];
const star = (side: "left" | "right", gap = 3) => ({
  kind: "art",
  id: "leaf",
  name: "Leaf",
  size: 10,
  layers: [{ vinyl: "chalk", polygons: square }],
  on: { item: "word", side, gap },
});

describe("beside a word", () => {
  it.each(["left", "right"] as const)(
    "%s: at the gap, its foot on the word's, the whole in the middle",
    (side) => {
      const rows = compose(design(word, star(side)));
      // Baselines lie level through the set, and "Hx" has flat feet.
      const foot = boxOf(rows[0]?.lines[0]?.ink.polygons ?? []).maxY;
      for (const row of rows) {
        const [letters, leaf] = [boxOf(row.lines[0]?.ink.polygons ?? []), partOf(row, "leaf")];
        expect(side === "left" ? letters.minX - leaf.maxX : leaf.minX - letters.maxX).toBeCloseTo(
          3,
          6,
        );
        expect(leaf.maxY).toBeCloseTo(foot, 2);
        expect(Math.min(letters.minX, leaf.minX)).toBeCloseTo(
          -Math.max(letters.maxX, leaf.maxX),
          6,
        );
      }
    },
  );

  it("is never closer than its gap, whatever the word", () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom(..."ABgjxyHo"), minLength: 1, maxLength: 9 }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (text, gap) => {
          const [row] = composeSet(
            design(word, star("left", gap)),
            [{ seat: "1", fields: { word: text } }],
            testFonts,
            0.01,
          );
          expect(
            boxOf(row?.lines[0]?.ink.polygons ?? []).minX - partOf(row, "leaf").maxX,
          ).toBeCloseTo(gap, 6);
        },
      ),
      { seed: 4, numRuns: 40 },
    );
  });
});

describe("what cannot be stood on", () => {
  it.each([
    ["itself", [{ ...word, on: { item: "word" } }]],
    ["what is not there", [word, { ...rule("baseline"), on: { item: "nothing" } }]],
    [
      "what stands on another",
      [
        word,
        { ...word, id: "second", on: { item: "word", side: "right" } },
        { ...rule("baseline"), on: { item: "second" } },
      ],
    ],
    ["what runs down", [{ ...word, run: "down" }, rule("baseline")]],
  ])("%s", (_, items) => {
    expect(designSchema.safeParse({ items }).success).toBe(false);
  });

  it("a word that is taken out takes its lines along; what stood beside it gets a row of its own", () => {
    const items = design(word, rule("baseline"), star("left"), { ...word, id: "other" })
      .items as RecipeItem[];
    const left = withoutItem(items, "word");
    expect(left.map(({ id }) => id)).toEqual(["leaf", "other"]);
    expect(designSchema.safeParse({ items: left }).success).toBe(true);
  });
});
