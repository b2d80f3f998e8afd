import { describe, expect, it } from "vitest";
import { LANGUAGES } from "@/ui/language.ts";
import { wordsAgree } from "@/ui/testing/words-agree.ts";
import { followWords } from "./follow-words.ts";

describe("the words of the participant's phone", () => {
  wordsAgree(followWords, /picture|place/u);

  it("what is told goes to the host in the host's words, in whichever it is shown", () => {
    const told = (language: (typeof LANGUAGES)[number]) => [
      Object.keys(followWords(language).acts.stuckWith),
      Object.keys(followWords(language).felt.paces),
    ];
    const { acts, felt } = followWords("en");
    for (const language of LANGUAGES) expect(told(language)).toEqual(told("en"));
    for (const [words, shown] of Object.entries({ ...acts.stuckWith, ...felt.paces }))
      expect(shown).toBe(words);
  });
});
