import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";
import { isWholeFont } from "./whole-font.ts";

const folder = fileURLToPath(new URL("../../../fonts/files/", import.meta.url));
const fonts = readdirSync(folder).filter((name) => name.endsWith(".ttf"));

describe("isWholeFont", () => {
  it("takes every font there is, and none that was cut off anywhere", () => {
    expect(fonts.length).toBeGreaterThan(10);
    for (const name of fonts) {
      const bytes = new Uint8Array(readFileSync(`${folder}${name}`));
      expect(isWholeFont(bytes), name).toBe(true);
      for (const share of [0, 0.001, 0.3, 0.5, 0.9, 0.99])
        expect(isWholeFont(bytes.subarray(0, Math.floor(share * bytes.length))), name).toBe(false);
    }
  });

  it("takes nothing that is no font, whatever it says of its tables", () => {
    expect(isWholeFont(new Uint8Array())).toBe(false);
    expect(isWholeFont(new TextEncoder().encode("<svg>not a font at all</svg>"))).toBe(false);
    const many = new Uint8Array(400).fill(255);
    many.set([0, 1, 0, 0]);
    expect(isWholeFont(many)).toBe(false);
  });
});
