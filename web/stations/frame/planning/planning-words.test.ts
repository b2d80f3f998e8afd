import { describe, expect, it } from "vitest";
import { planningWords } from "./planning-words.ts";

describe("how far a plan has come", () => {
  it("reads as what is being done", () => {
    expect(planningWords({ stage: "letters", share: 0.256 })).toBe("Setting the letters, 26 %");
    expect(planningWords({ stage: "film", share: null })).toBe("Laying out the film");
    for (const none of [null, undefined]) expect(planningWords(none)).toBe("Fetching the page");
  });
});
