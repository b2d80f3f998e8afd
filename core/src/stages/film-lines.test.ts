/** Film on the materials list. */
import { describe, expect, it } from "vitest";
import type { ClassDocument } from "../document/document.ts";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { filmLines } from "./film-lines.ts";
import type { VinylUse } from "./sheets.ts";

const tins = demoClass("seed-tins");
const film = (id: string, stock: Vinyl["stock"]): Vinyl => ({
  ...(tins.vinyls[0] as Vinyl),
  id,
  name: id,
  stock,
});
const use = (vinyl: string, more: Partial<VinylUse> = {}): VinylUse => ({
  ...(makePlanUse as VinylUse),
  vinyl,
  freshSheets: 1,
  usedMm2: 20_000,
  testMm2: 400,
  rollLength: 0,
  ...more,
});
const makePlanUse = makePlan({ ...tins, seats: tins.seats.slice(0, 2), scraps: [] }, testFonts)
  .laidOut.use[0];
const seats = tins.seats.slice(0, 10);
const sheet = { width: 300, height: 300 };

describe("need of film", () => {
  it("kits that all lie on scraps need no fresh film, and none is bought", () => {
    const [line] = filmLines(
      { vinyls: [film("a", { kind: "sheet", ...sheet, have: 0, price: 190 })], seats },
      [use("a", { freshSheets: 0, usedMm2: 0, testMm2: 0 })],
    );
    expect(line).toMatchObject({ need: 0, buy: 0, packs: 0, usedValue: 0 });
  });

  it("sheets are bought whole and charged by the share that is used, the test cut with it", () => {
    const [line] = filmLines(
      { vinyls: [film("a", { kind: "sheet", ...sheet, have: 1, price: 200 })], seats },
      [use("a", { freshSheets: 3 })],
    );
    expect(line).toMatchObject({ need: 3, buy: 2, buyPrice: 400 });
    expect(line?.usedValue).toBeCloseTo((20_400 / 90_000) * 200, 6);
  });

  it("off a roll by the length", () => {
    const [line] = filmLines(
      {
        vinyls: [film("a", { kind: "roll", width: 300, height: 5000, have: 0.5, price: 900 })],
        seats,
      },
      [use("a", { rollLength: 1250 })],
    );
    expect(line?.need).toBeCloseTo(0.25, 9);
    expect(line?.buy).toBe(0);
  });

  it("a pack of colours is bought as often as its scarcest colour asks, and paid once", () => {
    const stock = {
      kind: "pack" as const,
      pack: "Twelve",
      ...sheet,
      count: 2,
      sheets: 12,
      have: 0,
      price: 1200,
    };
    const lines = filmLines(
      { vinyls: [film("a", stock), film("b", { ...stock, have: 1 })], seats },
      [use("a", { freshSheets: 5 }), use("b", { freshSheets: 2 })],
    );
    expect(lines.map(({ packs, buy, buyPrice }) => ({ packs, buy, buyPrice }))).toEqual([
      { packs: 3, buy: 6, buyPrice: 3600 },
      { packs: 3, buy: 6, buyPrice: 0 },
    ]);
    // One sheet of twelve, and of that the used share.
    expect(lines[0]?.usedValue).toBeCloseTo((20_400 / 90_000) * 100, 6);
  });

  it("without a price none is claimed", () => {
    const [line] = filmLines({ vinyls: [film("a", { kind: "sheet", ...sheet, have: 0 })], seats }, [
      use("a"),
    ]);
    expect(line?.priced).toBe(false);
  });
});

describe("in a plan", () => {
  const small: ClassDocument = { ...tins, seats: tins.seats.slice(0, 2), scraps: [] };
  const harbour = (document: ClassDocument) =>
    makePlan(document, testFonts).supplies.find(({ id }) => id === `vinyl-${tins.vinyls[0]?.id}`);

  it("a scrap that holds all takes the need away", () => {
    const id = tins.vinyls[0]?.id ?? "";
    const before = harbour(small)?.need ?? 0;
    expect(before).toBe(1);
    const outline: [number, number][] = [
      [0, 0],
      [280, 0],
      [280, 280],
      [0, 280],
    ];
    const after = harbour({
      ...small,
      scraps: [{ label: "H-01", vinyl: id, outline, holes: [], later: false }],
    });
    expect(after).toMatchObject({ need: 0, buy: 0 });
  });

  it("more seats never need less film or cost less", () => {
    let before = 0;
    for (const count of [0, 2, 5, 9, 14]) {
      const value = harbour({ ...small, seats: tins.seats.slice(0, count) })?.usedValue ?? 0;
      expect(value).toBeGreaterThanOrEqual(before);
      before = value;
    }
  });
});
