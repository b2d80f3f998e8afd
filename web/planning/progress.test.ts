import { describe, expect, it } from "vitest";
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
});
