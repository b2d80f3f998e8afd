import { describe, expect, it } from "vitest";
import { schoolsSchema } from "../studio/settings.ts";
import { demoClass } from "../testing/documents.ts";
import { tapingWays } from "./taping.ts";

const usual = schoolsSchema.parse({});
const tins = demoClass("seed-tins");
// Clean glass bears any tape: only the film decides.
const onGlass = {
  ...tins,
  things: tins.things.map((thing) => ({
    ...thing,
    blank: { ...thing.blank, material: "glass" as const },
  })),
};
const glitter = {
  ...onGlass,
  vinyls: tins.vinyls.map((vinyl, i) =>
    i === 0 ? vinyl : { ...vinyl, family: "glitter" as const },
  ),
};

describe("tape laid beforehand", () => {
  it("layers gathered on one tape are one piece, single ones a piece each", () => {
    expect(tapingWays(tins, usual, new Map()).map(({ vinyls }) => vinyls.length)).toEqual([
      tins.vinyls.length,
    ]);
    expect(tapingWays(tins, { ...usual, layers: "single" }, new Map())).toHaveLength(
      tins.vinyls.length,
    );
  });

  it("glitter lies apart on strong tape, with the reason; the rest keeps its own", () => {
    const ways = tapingWays(glitter, usual, new Map());
    expect(ways.map(({ tack, apart }) => [tack, apart])).toEqual([
      ["medium", false],
      ["strong", true],
    ]);
    expect(ways.every(({ because }) => because.length > 10)).toBe(true);
  });

  it("is cut larger than the design on each side; film with a liner of its own needs none", () => {
    for (const { width, height, pieces, rollMm } of tapingWays(tins, usual, new Map())) {
      expect(width).toBeGreaterThan(0);
      expect(height).toBeGreaterThan(0);
      expect(pieces).toBeGreaterThan(0);
      expect(rollMm).toBeGreaterThan(0);
    }
    const ironOn = {
      ...tins,
      things: tins.things.map((thing) => ({ ...thing, technique: "ironOnStencil" as const })),
    };
    expect(tapingWays(ironOn, usual, new Map())).toEqual([]);
  });
});
