import { describe, expect, it } from "vitest";
import { planningWords } from "../stations/frame/planning/planning-words.ts";
import { planningOf, tellProgress } from "./progress.ts";

describe("how far a plan has come", () => {
  it("is told to its own studio only, until it is over", () => {
    tellProgress("one", "class", { stage: "letters", share: 0.25 });
    expect(planningOf("one", "class")).toEqual({ stage: "letters", share: 0.25 });
    expect(planningOf("other", "class")).toBeNull();
    expect(planningOf("one", "another class")).toBeNull();
    tellProgress("one", "class", null);
    expect(planningOf("one", "class")).toBeNull();
  });

  it("reads as what is being done", () => {
    expect(planningWords({ stage: "letters", share: 0.256 })).toBe("Setting the letters, 26 %");
    expect(planningWords({ stage: "film", share: null })).toBe("Laying out the film");
    for (const none of [null, undefined]) expect(planningWords(none)).toBe("Fetching the page");
  });
});
