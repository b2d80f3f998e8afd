/** What pages are sent of the words: each section by itself, and all of them. */
import { readdirSync, readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import ts from "typescript";
import { describe, expect, it } from "vitest";

const { list, one } = createRequire(import.meta.url)("./sections.cjs") as {
  list(source: string): string;
  one(source: string, english: string, section: string): string;
};

const WEB = fileURLToPath(new URL("..", import.meta.url));
const files = readdirSync(WEB, { recursive: true, encoding: "utf8" })
  .filter((file) => /(^|\/)words\.ts$/u.test(file) && !/node_modules|\.next/u.test(file))
  .filter((file) => readFileSync(join(WEB, file), "utf8").includes("import * as en"));

const read = (file: string) => ({
  source: readFileSync(join(WEB, file), "utf8"),
  english: readFileSync(join(WEB, dirname(file), "words-en.ts"), "utf8"),
});

const WORDS = `import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";
export const oneWords = /* @__PURE__ */ inLanguage(en.one, () => german().one);
export const twoWords = /* @__PURE__ */ inLanguage(
  en.two,
  () => german().two,
);
`;
const ENGLISH = `import { counted } from "@elm-basket/core/units/counted.ts";

export const one = {
  hello: "Hello",
  nested: {
    more: "More",
  },
};

export const two = {
  seats: (n: number): string => counted(n, "seat"),
};
`;

describe("sections", () => {
  it("are found in every folder of words", () => {
    expect(files.length).toBeGreaterThan(18);
  });

  it.each(files)("%s: each of its words is in one module, that can be read", (file) => {
    const { source, english } = read(file);
    const sections = [...list(source).matchAll(/export \{ (\w+) \} from .*section=(\w+)"/gu)];
    expect(sections.map(([, name]) => name)).toEqual(
      [...source.matchAll(/^export const (\w+)/gmu)].map(([, name]) => name),
    );
    expect(sections.map(([, , section]) => section).sort()).toEqual(
      [...english.matchAll(/^export const (\w+)/gmu)].map(([, name]) => name).sort(),
    );
    for (const [, name, section] of sections) {
      const module = one(source, english, section ?? "");
      const { diagnostics } = ts.transpileModule(module, { reportDiagnostics: true });
      expect(diagnostics).toEqual([]);
      expect(module.match(/^export const \w+/gmu)).toEqual([`export const ${name}`]);
      expect(module.includes("counted("), section).toBe(module.includes("import { counted }"));
    }
  });

  it("hold their own words and imports, and no other's", () => {
    const first = one(WORDS, ENGLISH, "one");
    expect(first).toContain('hello: "Hello"');
    expect(first).toContain('more: "More"');
    expect(first).not.toContain("seats");
    expect(first).not.toContain("counted");
    expect(first).toContain("export const oneWords = /* @__PURE__ */ inLanguage(en, ");
    expect(one(WORDS, ENGLISH, "two")).toContain("import { counted }");
  });

  it("are refused where a word would be lost", () => {
    expect(() =>
      one(WORDS, ENGLISH.replace("export const two", "export const three"), "two"),
    ).toThrow("there is no section two");
    expect(() => one(WORDS, `const HI = "Hi";\n${ENGLISH}`, "one")).toThrow("HI stands beside");
    expect(() => list(`${WORDS}export const three = 3;\n`)).toThrow("1 exports are no accessors");
  });
});
