import { describe, expect, it } from "vitest";
import { tidyName } from "./tidy.ts";

describe("a name as it was probably meant", () => {
  it.each([
    // All small, all capitals: each part begins large.
    ["bell hooks", "Bell Hooks"],
    ["ANNE-MARIE O'HARA", "Anne-Marie O'Hara"],
    ["jean d’arc", "Jean D’Arc"],
    ["øyvind", "Øyvind"],
    ["ÉLOÏSE", "Éloïse"],
    // Mixed: somebody has thought about it.
    ["van der Meer", "van der Meer"],
    ["McAdam", "McAdam"],
    // Short ones in capitals may be initials; short ones in small letters are none.
    ["JP", "JP"],
    ["ABC", "ABC"],
    ["ABCD", "Abcd"],
    ["J.P.R.", "J.P.R."],
    ["jo", "Jo"],
    // No two letters together: a number, a sign, an initial.
    ["b 7", "b 7"],
    ["42", "42"],
    // Spaces in every case.
    ["  Ines \t Reed ", "Ines Reed"],
  ])("%s becomes %s", (typed, meant) => {
    expect(tidyName(typed)).toBe(meant);
  });

  it("leaves letters alone where only the spaces are meant", () => {
    expect(tidyName("  bell   hooks ", true)).toBe("bell hooks");
    expect(tidyName("ANNE  MARIE", true)).toBe("ANNE MARIE");
  });
});
