import { describe, expect, it } from "vitest";
import { demoClass } from "../testing/documents.ts";
import { farewell } from "./care.ts";

const tins = demoClass("seed-tins");
const [thing] = tins.things;
if (!thing) throw new Error("no thing");
const dry = { ...tins.use, washing: "none" as const, outdoors: false };

describe("what whoever takes a piece home is told", () => {
  it("a painted board is not told to be washed", () => {
    for (const technique of ["openStencil", "mask", "ironOnStencil"] as const) {
      const words = farewell({ things: [{ ...thing, technique }], use: { ...dry, washing: "hand" } });
      expect(words).not.toMatch(/wash|soak/iu);
      expect(words).toMatch(/paint dry/u);
    }
  });

  it("a decal that is never washed is wiped; one that is, rests for two days first", () => {
    expect(farewell({ things: [{ ...thing, technique: "decal" }], use: dry })).not.toMatch(/wash/u);
    expect(farewell({ things: [{ ...thing, technique: "decal" }], use: { ...dry, washing: "hand" } })).toMatch(/two days before it is washed/u);
  });

  it("outdoors is spoken of only where something stands outdoors", () => {
    const painted = { ...thing, technique: "openStencil" as const };
    expect(farewell({ things: [painted], use: dry })).not.toMatch(/outdoors/iu);
    expect(farewell({ things: [painted], use: { ...dry, outdoors: true } })).toMatch(/outdoors/iu);
  });

  it("each thing by its own use: a washed mug beside a board that stays dry", () => {
    const mug = { ...thing, technique: "decal" as const, use: { ...dry, washing: "hand" as const } };
    expect(farewell({ things: [{ ...thing, id: "board", technique: "openStencil" as const }, mug], use: dry })).toMatch(/washed/u);
  });
});
