import { existsSync, readFileSync, statSync } from "node:fs";
import { seededRandom } from "@elm-basket/core/geometry/random.ts";
import { FontFace, type GlyphMeasures } from "@elm-basket/core/lettering/font-face.ts";
import { STUDIO_FONTS } from "@elm-basket/core/lettering/studio-fonts.ts";
import { describe, expect, it } from "vitest";
import { digestOf, glyphsOf } from "./measure.ts";
import { diskFonts, fontFile, measuresFile } from "./read.ts";

describe("shipped fonts", () => {
  it.each(STUDIO_FONTS.map(({ id, licence }) => [id, licence] as const))(
    "%s is there, with its licence text, and reads",
    (id, licence) => {
      const text = readFileSync(fontFile(id).replace(/\.ttf$/u, ".licence.txt"), "utf8");
      expect(text).toContain(
        licence.startsWith("SIL") ? "SIL OPEN FONT LICENSE" : "Apache License",
      );
      expect(statSync(fontFile(id)).size).toBeLessThan(1_000_000);
      expect(diskFonts()(id)?.id).toBe(id);
    },
  );

  it("every Latin letter of a name that one lacks, another has", () => {
    const fonts = diskFonts();
    for (const letter of "ëéèêáàâåäãçñöøóòôõüúùûýÿßœæłđðþşğışžčćšřěůőűąęėįųūțșĂẾễẩịạ")
      expect(
        STUDIO_FONTS.some(({ id }) =>
          fonts(id)
            ?.shape(letter)
            .every(({ glyph }) => glyph !== 0),
        ),
        letter,
      ).toBe(true);
  });

  it.each(STUDIO_FONTS.map(({ id }) => id))(
    "%s: what was measured is of these bytes, of all its letters, and what measuring anew finds",
    (id) => {
      const bytes = new Uint8Array(readFileSync(fontFile(id)));
      const measures: GlyphMeasures = JSON.parse(readFileSync(measuresFile(id), "utf8"));
      expect(measures.font).toBe(digestOf(bytes));
      const face = new FontFace(id, bytes);
      const glyphs = glyphsOf(face);
      expect(Object.keys(measures.glyphs).map(Number)).toEqual(glyphs);
      const random = seededRandom(id.length * 7 + 1);
      for (const glyph of [0, 1, 2].map(
        () => glyphs[Math.floor(random() * glyphs.length)] as number,
      )) {
        const [thinnest, counter] = measures.glyphs[glyph] ?? [Number.NaN, null];
        expect(thinnest, `stroke of glyph ${glyph}`).toBeCloseTo(face.thinnest(glyph), 6);
        expect(counter ?? Number.POSITIVE_INFINITY, `inside of glyph ${glyph}`).toBeCloseTo(
          face.tightestCounter(glyph),
          6,
        );
        expect(diskFonts()(id)?.thinnest(glyph)).toBe(thinnest);
      }
    },
  );

  it("a path is only read where it is allowed", () => {
    expect(diskFonts()(fontFile("oswald"))).toBeUndefined();
    expect(diskFonts(true)(fontFile("oswald"))).toBeDefined();
    expect(diskFonts(true)("/nowhere/at/all.ttf")).toBeUndefined();
    expect(existsSync(fontFile("oswald"))).toBe(true);
  });
});
