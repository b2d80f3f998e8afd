import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { unionRings } from "../geometry/boolean.ts";
import {
  boxOf,
  boxWidth,
  mapPoints,
  placed,
  polygonsArea,
  type Ring,
  rectRing,
} from "../geometry/polygon.ts";
import { testFace, testFonts } from "../testing/fonts.ts";
import { composeSet, designOf, layersOf } from "./compose.ts";
import { letterLine } from "./line.ts";
import { designSchema } from "./recipe.ts";
import { applyCase, slotsOf } from "./recipe-reads.ts";
import { STUDIO_FONTS } from "./studio-fonts.ts";
import { thinnestStroke, thinPlaces } from "./thinnest.ts";

const line = (font: string, text: string, more: { join?: boolean; trackingEm?: number } = {}) =>
  letterLine(testFace(font), { text, join: false, trackingEm: 0, ...more }, 0.0005);

describe("fonts", () => {
  it("ships at least eight, three of them joined scripts, each readable", () => {
    expect(STUDIO_FONTS.length).toBeGreaterThanOrEqual(8);
    expect(STUDIO_FONTS.filter(({ joined }) => joined).length).toBeGreaterThanOrEqual(3);
    for (const { id } of STUDIO_FONTS) {
      const face = testFace(id);
      expect(face.capHeight, id).toBeGreaterThan(0.5);
      expect(face.xHeight, id).toBeGreaterThan(0.2);
      expect(face.xHeight, id).toBeLessThan(face.capHeight);
    }
  });

  it("measures the cap height on the drawn H", () => {
    for (const id of ["oswald", "pacifico"]) {
      const box = boxOf(line(id, "H").polygons);
      expect(-box.minY).toBeCloseTo(testFace(id).capHeight, 3);
    }
  });

  it("refuses bytes that are no font", async () => {
    const { FontFace } = await import("./font-face.ts");
    expect(() => new FontFace("x", new Uint8Array([1, 2, 3]))).toThrow(/not a readable/u);
  });
});

describe("letterLine", () => {
  it("joins a script name into one piece, whatever the script", () => {
    for (const { id } of STUDIO_FONTS.filter(({ joined }) => joined))
      expect(line(id, "Bartholomew", { join: true }).polygons, id).toHaveLength(1);
  });

  it("keeps counters: e, o, a, d each have one", () => {
    const polygons = line("poppins", "oead").polygons;
    expect(polygons).toHaveLength(4);
    expect(polygons.map((polygon) => polygon.length)).toEqual([2, 2, 2, 2]);
  });

  it("unites overlapping letters without losing or doubling area", () => {
    const face = testFace("pacifico");
    const text = "Ruairí";
    const lifted = face
      .shape(text)
      .flatMap((glyph) =>
        face
          .rings(glyph.glyph, 0.0005)
          .map((ring): Ring => ring.map(([x, y]) => [(x + glyph.x) * 100, (y + glyph.y) * 100])),
      );
    const own = mapPoints(line("pacifico", text).polygons, ([x, y]) => [x * 100, y * 100]);
    expect(polygonsArea(own)).toBeCloseTo(polygonsArea(unionRings(lifted)), 3);
  });

  it("names letters the font lacks, and draws the rest", () => {
    const result = line("poppins", "Nguyễn");
    expect(result.missing).toEqual([{ text: "ễ", index: 4 }]);
    expect(result.polygons.length).toBeGreaterThan(3);
    expect(line("pacifico", "李").missing).toEqual([{ text: "李", index: 0 }]);
    expect(line("pacifico", "李").polygons).toEqual([]);
  });

  it("draws composed and decomposed accents alike", () => {
    expect(polygonsArea(line("oswald", "Zoe\u0308").polygons)).toBeCloseTo(
      polygonsArea(line("oswald", "Zo\u00eb").polygons),
      6,
    );
  });

  it("spaces by tracking", () => {
    const plain = boxWidth(boxOf(line("oswald", "DILL").polygons));
    expect(boxWidth(boxOf(line("oswald", "DILL", { trackingEm: 0.1 }).polygons))).toBeCloseTo(
      plain + 0.3,
      6,
    );
  });

  it.each(["", "   ", "\u200b"])("takes %j without fuss", (text) => {
    expect(line("oswald", text).polygons).toEqual([]);
  });
});

describe("thinnestStroke", () => {
  it("measures bars by hand-worked widths", () => {
    expect(thinnestStroke([[rectRing(0, 0, 30, 2)]])).toBeCloseTo(2, 1);
    const cross = unionRings([rectRing(0, 0, 30, 4), rectRing(14, -10, 15.5, 14)]);
    expect(thinnestStroke(cross)).toBeGreaterThan(1.4);
    expect(thinnestStroke(cross)).toBeLessThan(1.6);
  });

  it("grows with the shape: scaled by s, the stroke is s times as wide", () => {
    const a = placed(line("oswald", "e").polygons, 20, 0, 0);
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 3, noNaN: true }), (s) => {
        expect(thinnestStroke(placed(a, s, 0, 0)) / (s * thinnestStroke(a))).toBeCloseTo(1, 1);
      }),
      { seed: 2, numRuns: 8 },
    );
  });

  it("finds the thin place, not the bold one", () => {
    const dumbbell = unionRings([
      rectRing(0, 0, 10, 10),
      rectRing(9, 4.7, 21, 5.3),
      rectRing(20, 0, 30, 10),
    ]);
    const places = thinPlaces(dumbbell, 1);
    expect(places).toHaveLength(1);
    expect(places[0]?.x).toBeCloseTo(15, 0);
    expect(thinPlaces(dumbbell, 0.5)).toEqual([]);
  });
});

describe("composeSet", () => {
  const design = designSchema.parse({
    items: [
      {
        kind: "text",
        id: "name",
        slot: "name",
        font: "pacifico",
        vinyl: "blue",
        size: 12,
        join: true,
      },
      { kind: "gap", id: "gap", size: 2 },
      {
        kind: "text",
        id: "word",
        slot: "word",
        font: "oswald",
        vinyl: "blue",
        size: 7,
        letterCase: "upper",
        mayNarrow: true,
      },
    ],
  });
  const seats = [
    { seat: "1", fields: { name: "Jo", word: "I till the hill lift the till" } },
    { seat: "2", fields: { name: "Bartholomew", word: "Kale" } },
    { seat: "3", fields: { name: "", word: "" } },
  ];

  it("keeps baselines level over the set, and lines apart", () => {
    const [jo, bart] = composeSet(design, seats, testFonts, 0.001);
    const [joWord, bartWord] = [jo?.lines[1], bart?.lines[1]];
    expect(boxOf(joWord?.ink.polygons ?? []).maxY).toBeCloseTo(
      boxOf(bartWord?.ink.polygons ?? []).maxY,
      1,
    );
    expect(boxOf(bart?.lines[0]?.ink.polygons ?? []).maxY).toBeLessThan(
      boxOf(bartWord?.ink.polygons ?? []).minY,
    );
  });

  it("narrows a long word to the widest name of the set, not to its own short one", () => {
    const [jo, bart] = composeSet(design, seats, testFonts, 0.001);
    expect(jo?.lines[1]?.narrowed).toBe(true);
    expect(boxWidth(boxOf(jo?.lines[1]?.ink.polygons ?? []))).toBeCloseTo(
      boxWidth(boxOf(bart?.lines[0]?.ink.polygons ?? [])),
      6,
    );
  });

  it("leaves an empty seat empty", () => {
    expect(designOf(composeSet(design, seats, testFonts, 0.001)[2] as never)).toEqual([]);
  });

  it("unites parts of one vinyl that touch", () => {
    const bar = (id: string, y: number) => ({
      kind: "art" as const,
      id,
      name: id,
      size: 4,
      licence: "own",
      layers: [
        {
          vinyl: "blue",
          polygons: [[rectRing(0, y, 20, y + 4).map(([x, yy]): [number, number] => [x, yy])]],
        },
      ],
    });
    const touching = designSchema.parse({
      items: [bar("a", 0), { kind: "gap", id: "g", size: 0 }, bar("b", 0)],
    });
    const [seat] = composeSet(touching, [{ seat: "1", fields: {} }], testFonts, 0.001);
    expect(
      layersOf((seat?.art ?? []).map(({ vinyl, ink }) => ({ vinyl, polygons: ink.polygons }))).get(
        "blue",
      ),
    ).toHaveLength(1);
  });

  it("refuses a font that was not handed in", () => {
    const unknown = designSchema.parse({
      items: [{ kind: "text", id: "n", slot: "name", font: "nowhere", vinyl: "blue" }],
    });
    expect(() => composeSet(unknown, seats, testFonts, 0.001)).toThrow(/no font "nowhere"/u);
  });

  it("knows its slots", () => {
    expect(slotsOf(design)).toEqual(["name", "word"]);
  });
});

describe("applyCase", () => {
  it.each([
    ["zoë-maëlys o'hara", "title", "Zoë-Maëlys O'hara"],
    ["Straße", "upper", "STRASSE"],
    ["ÉMILE", "lower", "émile"],
    ["dIll", "asTyped", "dIll"],
  ] as const)("%s as %s", (text, rule, expected) => {
    expect(applyCase(text, rule)).toBe(expected);
  });
});
