import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Good } from "./good.ts";
import { GOOD_KINDS } from "./good-kinds.ts";
import { type CountedGood, goodKey, goodsCsv, readGoodsCsv } from "./goods-csv.ts";

const film: Good = {
  kind: "film",
  name: "Harbour gloss",
  unit: "sheet",
  film: {
    family: "permanentGloss",
    colour: "#1F4E79",
    turns: "half",
    passes: 2,
    backing: "#F0F0E0",
    adhesive: "weak",
    stock: { kind: "pack", pack: "Sea colours", width: 304.8, height: 304.8, count: 2, sheets: 12 },
  },
  offers: [{ id: "a", shop: "Quay Crafts, back room", size: 1, price: 1295 }],
};

describe("the shelf as a list", () => {
  it("comes back as it went out", () => {
    const goods: CountedGood[] = [
      { good: film, here: 4 },
      {
        good: {
          kind: "blank",
          name: "Seed tin; with lid",
          unit: "piece",
          offers: [
            { id: "a", shop: "", size: 6, price: 1080 },
            { id: "b", shop: "=Lane", size: 24, price: 3600 },
          ],
          reorderAt: 6,
        },
        here: 12,
      },
      { good: { kind: "tool", name: "Scraper", unit: "piece", offers: [] }, here: 0 },
    ];
    const { goods: back, findings } = readGoodsCsv(goodsCsv(goods, "GBP"), "GBP");
    expect(findings).toEqual([]);
    expect(back).toEqual(goods);
  });

  it("any goods come back", () => {
    const text = fc
      .stringMatching(/^[A-Za-zé,;"'=+ -]{1,20}$/u)
      .map((one) => one.trim())
      .filter((one) => one !== "");
    const good = fc.record({
      kind: fc.constantFrom(...GOOD_KINDS.filter((kind) => kind !== "film")),
      name: text,
      unit: fc.constantFrom("piece", "m", "pot"),
      offers: fc.array(
        fc.record({
          shop: text,
          size: fc.integer({ min: 1, max: 60 }),
          price: fc.integer({ min: 0, max: 99_999 }),
        }),
        { maxLength: 3 },
      ),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.record({ good, here: fc.integer({ min: 0, max: 90 }) }), {
          selector: ({ good: own }) => goodKey(own as Good),
          maxLength: 12,
        }),
        (list) => {
          const goods = list.map(({ good: own, here }) => ({
            good: {
              ...own,
              offers: own.offers.map((offer, i) => ({ id: "abc"[i] as string, ...offer })),
            },
            here,
          }));
          expect(readGoodsCsv(goodsCsv(goods, "EUR"), "EUR").goods).toEqual(goods);
        },
      ),
      { seed: 905, numRuns: 200 },
    );
  });

  it("a name is enough; what is said wrong is told by its line and left out, and nothing else is lost", () => {
    const { goods, findings } = readGoodsCsv(
      "My shelf\nname,kind,here,price\nTwine,part,20,0.05\n,part,3,\nRibbon,sash,3,\nCord,part,many,\nBead,part,5,free\n\nBag\n",
      "GBP",
    );
    expect(
      goods.map(({ good, here }) => [good.name, good.kind, here, good.offers[0]?.price ?? null]),
    ).toEqual([
      ["Twine", "part", 20, 5],
      ["Bag", "consumable", null, null],
    ]);
    expect(findings.map(({ line, code }) => [line, code])).toEqual([
      [4, "noName"],
      [5, "kind"],
      [6, "number"],
      [7, "price"],
    ]);
  });

  it("without headings, in another currency, or a film that is none: said, not guessed", () => {
    expect(readGoodsCsv("Twine,20", "GBP").findings[0]?.code).toBe("noHeadings");
    expect(readGoodsCsv("name,price,currency\nTwine,1,EUR", "GBP").findings[0]?.code).toBe(
      "currency",
    );
    expect(
      readGoodsCsv("name,kind,colour,family\nGloss,film,blue,permanentGloss", "GBP").findings[0]
        ?.code,
    ).toBe("film");
    expect(readGoodsCsv("name,kind\nGloss,film", "GBP").findings[0]?.code).toBe("film");
  });
});
