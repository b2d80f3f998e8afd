import { demoDocument, withNames } from "@elm-basket/core/testing/documents.ts";
import { testFonts } from "@elm-basket/core/testing/fonts.ts";
import { makePlan, wholeClass } from "@elm-basket/core/testing/one-thing.ts";
import { describe, expect, it } from "vitest";
import { handleNote, kitLabelsPdf } from "./kit-labels.ts";

const labels = async (names: readonly string[]) =>
  new TextDecoder("latin1").decode(
    await kitLabelsPdf(makePlan(withNames(demoDocument("seed-tins"), names), testFonts)),
  );
const pages = (pdf: string) => pdf.match(/\/Type \/Page\b(?!s)/gu)?.length ?? 0;

describe("kit labels", () => {
  it("eight to a page, with embedded fonts, on A4", async () => {
    const names = Array.from({ length: 17 }, (_, i) => `Name ${i}`);
    const pdf = await labels(names);
    expect(pdf.startsWith("%PDF-")).toBe(true);
    expect(pages(pdf)).toBe(3);
    expect(pdf).toMatch(/\/FontFile2/u);
    expect(pdf).toMatch(/\/MediaBox \[0 0 595\.28 841\.89\]/u);
  });

  it("are the same bytes for the same plan", async () => {
    expect(await labels(["Zoë-Maëlys O'Hara"])).toBe(await labels(["Zoë-Maëlys O'Hara"]));
  });

  it("say on which side the handle is, by school and hand", () => {
    const document = demoDocument("seed-tins");
    const note = (school: "drinker" | "guest" | "both", hand?: "left") =>
      handleNote(
        {
          document: wholeClass({
            ...document,
            blank: { ...document.blank, handle: { school, clear: 20 } },
            seats: [{ seat: "1", fields: {}, ...(hand ? { hand } : {}) }],
          }),
        },
        "1",
      );
    expect([note("drinker"), note("drinker", "left"), note("guest"), note("both")]).toEqual([
      "handle at the right of the design",
      "handle at the left of the design",
      "handle at the left of the design",
      "both sides of the cup",
    ]);
    expect(handleNote({ document: wholeClass(document) }, "1")).toBe("");
  });

  it("nobody yet is one page, not an error; names no font holds do not stop them", async () => {
    expect(pages(await labels([]))).toBe(1);
    expect(pages(await labels(["李", "", "x".repeat(120)]))).toBe(1);
  });
});
