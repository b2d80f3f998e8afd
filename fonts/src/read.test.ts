import { existsSync, readFileSync, statSync } from "node:fs";
import { STUDIO_FONTS } from "@elm-basket/core/lettering/studio-fonts.ts";
import { describe, expect, it } from "vitest";
import { diskFonts, fontFile } from "./read.ts";

describe("shipped fonts", () => {
  it.each(STUDIO_FONTS.map(({ id, licence }) => [id, licence] as const))("%s is there, with its licence text, and reads", (id, licence) => {
    const text = readFileSync(fontFile(id).replace(/\.ttf$/u, ".licence.txt"), "utf8");
    expect(text).toContain(licence.startsWith("SIL") ? "SIL OPEN FONT LICENSE" : "Apache License");
    expect(statSync(fontFile(id)).size).toBeLessThan(1_000_000);
    expect(diskFonts()(id)?.id).toBe(id);
  });

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

  it("a path is only read where it is allowed", () => {
    expect(diskFonts()(fontFile("oswald"))).toBeUndefined();
    expect(diskFonts(true)(fontFile("oswald"))).toBeDefined();
    expect(diskFonts(true)("/nowhere/at/all.ttf")).toBeUndefined();
    expect(existsSync(fontFile("oswald"))).toBe(true);
  });
});
