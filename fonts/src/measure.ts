/**
 * Measures the letters of the shipped fonts once, so that nobody waits for it: `npm run
 * measure-fonts`, after a font was added or changed.
 */
import { createHash } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { FontFace, type GlyphMeasures } from "@elm-basket/core/lettering/font-face.ts";
import { STUDIO_FONTS } from "@elm-basket/core/lettering/studio-fonts.ts";
import { fontFile, measuresFile } from "./read.ts";

/**
 * Latin with its accents, as European languages and Vietnamese write it; figures and the marks
 * beside words.
 */
const RANGES = [
  [0x21, 0x7e],
  [0xa1, 0x17f],
  [0x1a0, 0x1b0],
  [0x218, 0x21b],
  [0x1e80, 0x1e85],
  [0x1ea0, 0x1ef9],
  [0x2013, 0x2026],
] as const;
/** A ten-millionth of an em is a few millionths of a millimetre on a decal. */
const DIGITS = 7;

export const digestOf = (bytes: Uint8Array): string =>
  createHash("sha256").update(bytes).digest("hex");

export function glyphsOf(face: FontFace): number[] {
  const letters = RANGES.flatMap(([from, to]) =>
    Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)),
  );
  // Letters alone and between others: joined scripts have other forms there.
  const shaped = letters.flatMap((letter) =>
    [letter, `a${letter}a`].flatMap((text) => face.shape(text).map(({ glyph }) => glyph)),
  );
  return [...new Set(shaped)].filter((glyph) => glyph > 0).sort((a, b) => a - b);
}

const rounded = (value: number): number => Number(value.toFixed(DIGITS));

export function measuresOf(face: FontFace, font: string): GlyphMeasures {
  const glyphs = glyphsOf(face).map((glyph) => {
    const [thinnest, counter] = [face.thinnest(glyph), face.tightestCounter(glyph)];
    return [
      glyph,
      [rounded(thinnest), Number.isFinite(counter) ? rounded(counter) : null],
    ] as const;
  });
  return { font, glyphs: Object.fromEntries(glyphs) };
}

if (process.argv[1]?.endsWith("measure.ts")) {
  for (const { id } of STUDIO_FONTS) {
    const bytes = new Uint8Array(readFileSync(fontFile(id)));
    const measures = measuresOf(new FontFace(id, bytes), digestOf(bytes));
    writeFileSync(measuresFile(id), `${JSON.stringify(measures)}\n`);
    process.stdout.write(`${id}: ${Object.keys(measures.glyphs).length} letters\n`);
  }
}
