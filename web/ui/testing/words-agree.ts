import { expect, it } from "vitest";
import { LANGUAGES, type Language } from "../language.ts";

/** Every word by its place; functions are called with something of each kind that they take. */
function flat(words: unknown, at = ""): [string, string][] {
  if (typeof words === "string") return [[at, words]];
  if (typeof words === "function")
    return [true, false, null, 2, "Zoë", ["Höhe"]].flatMap((given) => {
      try {
        return flat(words(given, 40, true), `${at}(${JSON.stringify(given)})`);
      } catch {
        return [];
      }
    });
  return Object.entries(words as object).flatMap(([key, value]) => flat(value, `${at}.${key}`));
}

/** @param alike places whose words may be the same in two languages: examples, names */
export function wordsAgree(wordsOf: (language: Language) => object, alike: RegExp): void {
  const english = new Map(flat(wordsOf("en")));

  it.each(LANGUAGES)("%s leaves nothing out", (language) => {
    const words = new Map(flat(wordsOf(language)));
    expect([...words.keys()].sort()).toEqual([...english.keys()].sort());
    for (const [at, text] of words) expect(text.trim(), at).not.toBe("");
  });

  it.each(LANGUAGES.filter((language) => language !== "en"))(
    "%s says it otherwise than English",
    (language) => {
      const same = flat(wordsOf(language)).filter(([at, text]) => english.get(at) === text);
      expect(same.filter(([at]) => !alike.test(at))).toEqual([]);
    },
  );
}
