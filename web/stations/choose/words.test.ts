import { describe, expect, it } from "vitest";
import { LANGUAGES } from "@/ui/language.ts";
import { wordsAgree } from "@/ui/testing/words-agree.ts";
import { chooseWords } from "./words.ts";

describe("the words of choosing", () => {
  wordsAgree(chooseWords, /examples/u);

  it("one piece and several are told apart", () => {
    for (const language of LANGUAGES) {
      const { creases } = chooseWords(language);
      expect(creases(1, null)).not.toBe(creases(2, null));
      expect(creases(2, 60)).toContain("60 %");
    }
  });
});
