import { describe, expect, it } from "vitest";
import { languageFor } from "./language.ts";

describe("the language of a participant's page", () => {
  it.each([
    ["de-AT,de;q=0.9,en;q=0.5", "de"],
    ["en-GB,en;q=0.9,de;q=0.8", "en"],
    ["de;q=0.2, en;q=0.7", "en"],
    ["fr-FR, fr;q=0.9, de;q=0.3", "de"],
    ["fr", "en"],
    ["de;q=0", "en"],
    ["*", "en"],
    ["", "en"],
    ["DE", "de"],
    ["deutsch", "en"],
    [";;;q=,,", "en"],
  ])("%s: %s", (accepted, language) => {
    expect(languageFor(accepted)).toBe(language);
  });

  it("is English where nothing is said", () => {
    expect(languageFor(null)).toBe("en");
  });
});
