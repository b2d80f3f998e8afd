import { describe, expect, it } from "vitest";
import { LANGUAGES } from "@/ui/language.ts";
import { chooseWords } from "./words.ts";

/** Every word by its place: functions are called with something of each kind that they take. */
function flat(words: unknown, at = ""): [string, string][] {
  if (typeof words === "string") return [[at, words]];
  if (typeof words === "function")
    return [true, 2, "Zoë", ["Höhe"]].flatMap((given) => {
      try {
        return flat(words(given, 40), `${at}(${typeof given})`);
      } catch {
        return [];
      }
    });
  return Object.entries(words as object).flatMap(([key, value]) => flat(value, `${at}.${key}`));
}

describe("the words of choosing", () => {
  const english = new Map(flat(chooseWords("en")));

  it.each(LANGUAGES)("%s leaves nothing out", (language) => {
    const words = new Map(flat(chooseWords(language)));
    expect([...words.keys()].sort()).toEqual([...english.keys()].sort());
    for (const [at, text] of words) expect(text.trim(), at).not.toBe("");
  });

  it("are others in German, but for examples and names", () => {
    const same = flat(chooseWords("de"))
      .filter(([at, text]) => english.get(at) === text)
      .map(([at]) => at);
    expect(same.every((at) => /examples|slots|decal/u.test(at))).toBe(true);
  });

  it("one piece and several are told apart", () => {
    for (const language of LANGUAGES) {
      const { creases } = chooseWords(language);
      expect(creases(1, null)).not.toBe(creases(2, null));
      expect(creases(2, 60)).toContain("60 %");
    }
  });
});
