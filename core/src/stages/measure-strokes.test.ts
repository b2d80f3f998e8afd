import { describe, expect, it } from "vitest";
import { readFace } from "../blanks/read-face.ts";
import { thingDocument } from "../document/thing-document.ts";
import { rectRing } from "../geometry/polygon.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { letterSet } from "./letter-set.ts";
import { measureStrokes } from "./measure-strokes.ts";

const tins = thingDocument(demoClass("seed-tins"));
const vinyl = tins.vinyls[0]?.id ?? "";
/**
 * Width of the thinnest measured part is known to this share of its smaller side (nine bisections).
 */
const STEP = 1 / 2 ** 9;

describe("strokes of art", () => {
  it("are measured layer by layer, also where two layers are cut from one film", () => {
    const layer = (x: number, width: number) => ({
      vinyl,
      polygons: [[rectRing(x, 0, x + width, 40).map(([px, py]) => [px, py] as [number, number])]],
    });
    const items = tins.design.items.map((item) =>
      item.kind === "art"
        ? { ...item, size: 40, layers: [layer(0, 10), layer(20, 1)], others: [] }
        : item,
    );
    const set = measureStrokes(
      letterSet(
        { ...tins.design, items, school: "fixedHeight", fixedScale: 1 },
        tins.seats,
        readFace(tins.blank),
        testFonts,
      ),
      testFonts,
    );
    expect(set.seats.length).toBeGreaterThan(1);
    for (const { artStrokes, scale } of set.seats) {
      const [thick = 0, thin = 0] = artStrokes.map(({ width }) => width / scale);
      expect(artStrokes).toHaveLength(2);
      expect(Math.abs(thick - 10)).toBeLessThanOrEqual(10 * STEP + 0.02);
      expect(Math.abs(thin - 1)).toBeLessThanOrEqual(1 * STEP + 0.02);
    }
  });
});
