import { scrapPolygon } from "@elm-basket/core/document/scrap-polygon.ts";
import { demoDocument } from "@elm-basket/core/testing/documents.ts";
import { describe, expect, it } from "vitest";
import { type ScrapLabel, scrapLabelsPdf } from "./scrap-labels.ts";

const bottles = demoDocument("rowing-bottles");
const scraps = bottles.scraps.map(
  (scrap): ScrapLabel => ({
    label: scrap.label,
    film: { name: "Regatta white gloss", family: "permanentGloss", colour: "#FDFDFB" },
    polygons: [scrapPolygon(scrap)],
    bought: scrap.bought ?? null,
  }),
);
const text = async (labels: readonly ScrapLabel[]) =>
  new TextDecoder("latin1").decode(await scrapLabelsPdf(labels, "mm"));
const pages = (pdf: string) => pdf.match(/\/Type \/Page\b(?!s)/gu)?.length ?? 0;

describe("scrap labels", () => {
  it("twenty-four to an A4 page, fonts embedded, the same bytes every time", async () => {
    const many = Array.from({ length: 25 }, (_, i) => ({
      ...(scraps[i % scraps.length] as ScrapLabel),
      label: `K-${i}`,
    }));
    const pdf = await text(many);
    expect(pages(pdf)).toBe(2);
    expect(pages(await text(many.slice(0, 24)))).toBe(1);
    expect(pdf).toMatch(/\/FontFile2/u);
    expect(pdf).toMatch(/\/MediaBox \[0 0 595\.28 841\.89\]/u);
    expect(await text(many)).toBe(pdf);
  });

  it("an empty box says so on its page", async () => {
    expect(pages(await text([]))).toBe(1);
  });
});
