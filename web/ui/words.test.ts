/** Every file of words beside its German one: the same things are said, and all of them in German. */
import { readdirSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";

const ROOT = fileURLToPath(new URL("../..", import.meta.url));
/** `web/ui/` of `web/ui/words-en.ts`, `core/src/films/film-` of `core/src/films/film-words-en.ts`. */
const folders = ["web", "core/src"].flatMap((folder) =>
  readdirSync(`${ROOT}${folder}`, { recursive: true, encoding: "utf8" })
    .map((file) => `${folder}/${file}`)
    .filter(
      (file) =>
        (folder === "web" ? /\/words-en\.ts$/u : /words-en\.ts$/u).test(file) &&
        // Advice has a test of its own, with what each sentence takes.
        !/node_modules|\.next|src\/advice\/words-en/u.test(file),
    )
    .map((file) => file.replace(/words-en\.ts$/u, "")),
);

type Words = string | ((...given: never[]) => unknown) | { readonly [key: string]: Words };

/** Names of the product, signs, units and what programs read: alike in both. */
const ALIKE =
  /^([\s\d.,:;·()%°×÷²+=−✓→←□/–-]|rad|address|mm|cm|dm|min|g|s|CSV|PDF|HPGL|Elm Basket|%s|Name|Text|Passkeys?|Start|Pause|Minuten?|Test|Band|Material|Marigold|Henriette|Ned|Ines|Bartholomew|Odile|Rosalind|Letter|Live|7:30 pm|not known|in a pack|order by|on the label|post by|weight|length|width|height|seat|name|country|und|oder)*$/u;

function* leaves(words: Words, path: string): Generator<readonly [string, Words]> {
  if (typeof words === "object")
    for (const [key, value] of Object.entries(words)) yield* leaves(value, `${path}.${key}`);
  else yield [path, words];
}

/** Its sections; where it has but one, as participants' pages do, that by itself. */
const exported = async (file: string): Promise<Words> => {
  const found = {
    ...((await import(/* @vite-ignore */ `${ROOT}${file}`)) as { [key: string]: Words }),
  };
  const [only, ...more] = Object.values(found);
  return only && more.length === 0 ? only : found;
};

describe("words", () => {
  it("have a German file in every folder", () => {
    expect(folders.length).toBeGreaterThan(35);
  });

  it.each(folders)("%s: the same keys, nothing empty, nothing left in English", async (folder) => {
    const [english, german] = [
      new Map(leaves(await exported(`${folder}words-en.ts`), "")),
      new Map(leaves(await exported(`${folder}words-de.ts`), "")),
    ];
    expect([...german.keys()].sort()).toEqual([...english.keys()].sort());
    const left: string[] = [];
    for (const [path, words] of english) {
      const other = german.get(path);
      expect(typeof other, path).toBe(typeof words);
      if (typeof words !== "string" || typeof other !== "string") continue;
      if (words !== "" && other === "") left.push(`${path} is empty`);
      if (words === other && !ALIKE.test(words)) left.push(`${path}: ${words}`);
    }
    expect(left).toEqual([]);
  });

  it.each(folders)("%s: what is said with figures and names is German, too", async (folder) => {
    const [english, german] = [
      new Map(leaves(await exported(`${folder}words-en.ts`), "")),
      new Map(leaves(await exported(`${folder}words-de.ts`), "")),
    ];
    const left: string[] = [];
    for (const [path, words] of english) {
      const other = german.get(path);
      if (typeof words !== "function" || typeof other !== "function") continue;
      for (const given of GIVEN) {
        const [said, gesagt] = [saidWith(words, given), saidWith(other, given)];
        // What a word does not take, its twin may not take either.
        if (said === null || gesagt === null) continue;
        if (said !== "" && gesagt === "") left.push(`${path} is empty`);
        if (said === gesagt && !ALIKE.test(withoutGiven(said))) left.push(`${path}: ${said}`);
      }
    }
    expect([...new Set(left)]).toEqual([]);
  });
});

/** Figures, names and answers of each kind, as often as a word takes any. */
const GIVEN: readonly unknown[] = [
  0,
  1,
  2,
  40,
  true,
  false,
  null,
  undefined,
  "Zqx",
  ["Zqx", "Zqy"],
];
const withoutGiven = (text: string): string =>
  text.replace(/Zq[xy]|true|false|null|undefined|NaN|\d+/gu, " ");

/** What a word says when it is given one thing for all it takes; null where it cannot. */
function saidWith(words: (...given: never[]) => unknown, given: unknown): string | null {
  try {
    const said = (words as (...all: unknown[]) => unknown)(...Array(12).fill(given));
    return typeof said === "string" ? said : null;
  } catch {
    return null;
  }
}
