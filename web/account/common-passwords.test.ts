import { describe, expect, it } from "vitest";
import { whyCommon } from "./common-passwords.ts";

const OWN = ["Ines of Lantern Lane", "ines@lantern-lane.example", "Lantern Lane Workroom"];

describe("a password", () => {
  it("is refused where it is guessed first", () => {
    for (const one of [
      "password123",
      "Passw0rd!!!!",
      "1234567890",
      "0987654321",
      "qwertyuiop",
      "QWERTZuiop",
      "aaaaaaaaaa",
      "abcabcabcabc",
      "12341234123",
      "iloveyou2026",
      "letmein123456",
      "2026202620",
      "Chocolate99",
      "abcdefghij",
    ])
      expect(whyCommon(one, OWN), one).not.toBeNull();
  });

  it("is refused where it is what everybody knows of the host", () => {
    for (const one of ["Lantern Lane Workroom", "lanternlaneworkroom1", "Ines-of-Lantern-Lane!"])
      expect(whyCommon(one, OWN), one).toContain("others know it");
  });

  it("is taken otherwise, in any language and with any signs", () => {
    for (const one of [
      "eleven herons in a yard",
      "three leaves of an elm",
      "lantern-lane-demo",
      "Żółta łódka na rzece",
      "kT9#vv2mQx",
      "ゆっくりはさみで切ります",
    ])
      expect(whyCommon(one, OWN), one).toBeNull();
  });
});
