import { demoClass, demoDocument, withNames } from "@elm-basket/core/testing/documents.ts";
import { testFonts } from "@elm-basket/core/testing/fonts.ts";
import { makePlan } from "@elm-basket/core/testing/one-thing.ts";
import { beforeAll, describe, expect, it } from "vitest";
import { addressLabelsPdf } from "./address-labels.ts";
import { blankLabels, classLabelsPdf, filmLabels, spans, tableLabels } from "./class-labels.ts";
import { kitLabelsPdf } from "./kit-labels.ts";
import {
  ALL_SHEETS,
  KIT_SHEETS,
  LABEL_SHEETS,
  labelAt,
  sheetWords,
  usualSheet,
} from "./label-sheets.ts";
import { PAPERS } from "./pages.ts";

const NAMES = [
  "Zoë-Maëlys O'Hara",
  "Bo",
  "Wilhelmina-Bartholomea van der Oudekerkstraat",
  "李小龍",
  "Ines",
  "Mette",
  "Jo",
  "Ulla",
  "Siân",
];
let plan: ReturnType<typeof makePlan>;
beforeAll(() => {
  plan = makePlan(withNames(demoDocument("seed-tins"), NAMES), testFonts);
});
const text = (bytes: Uint8Array) => new TextDecoder("latin1").decode(bytes);
const pages = (pdf: string) => pdf.match(/\/Type \/Page\b(?!s)/gu)?.length ?? 0;

describe("sheets of labels", () => {
  it.each(ALL_SHEETS)("%s lies on its paper, and labels do not overlap", (id) => {
    const sheet = LABEL_SHEETS[id];
    const paper = PAPERS[sheet.paper];
    const all = Array.from({ length: sheet.columns * sheet.rows }, (_, place) =>
      labelAt(sheet, place),
    );
    for (const { x, y } of all) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(x + sheet.width).toBeLessThanOrEqual(paper.width + 0.05);
      expect(y + sheet.height).toBeLessThanOrEqual(paper.height + 0.05);
    }
    for (const [i, a] of all.entries())
      for (const b of all.slice(i + 1))
        expect(
          a.x + sheet.width <= b.x + 1e-6 ||
            b.x + sheet.width <= a.x + 1e-6 ||
            a.y + sheet.height <= b.y + 1e-6 ||
            b.y + sheet.height <= a.y + 1e-6,
        ).toBe(true);
    // The margins left and right are alike, as sheets are sold.
    expect(
      sheet.left * 2 + sheet.columns * sheet.width + (sheet.columns - 1) * sheet.gap,
    ).toBeCloseTo(paper.width, 0);
  });

  it("are told as they are sold: A4 in millimetres, Letter in inches", () => {
    expect(sheetWords("a4-21")).toBe("A4, 21 of 63.5 × 38.1 mm");
    expect(sheetWords("letter-10")).toBe("Letter, 10 of 4 × 2 in");
    expect(sheetWords(usualSheet("a4"))).toMatch(/plain paper/u);
  });
});

describe("what labels say", () => {
  it("runs of seats are told short, spares by number", () => {
    expect(spans(["1", "2", "3", "5", "spare-1", "spare-2"])).toBe("seats 1–3, 5, 2 spare");
    expect(spans(["7"])).toBe("seat 7");
    expect(spans(["A1", "12", "13"])).toBe("seats 12–13, A1");
    expect(spans(["spare-1"])).toBe("1 spare");
  });

  it("a load of film says which it is, whose kits are on it, and from what it was cut", () => {
    const labels = filmLabels(plan, "mm");
    expect(labels).toHaveLength(plan.laidOut.sheets.length);
    expect(labels[0]?.lines[0]).toMatch(/^Load 1 of \d+ · /u);
    expect(labels.every(({ foot }) => foot?.includes(plan.document.when.date))).toBe(true);
    // Every kit is on the label of one load.
    const kits = labels.reduce(
      (sum, { lines }) => sum + Number(/^(\d+) kits?/u.exec(lines[1] ?? "")?.[1]),
      0,
    );
    expect(kits).toBe(plan.laidOut.sheets.reduce((sum, sheet) => sum + sheet.kits.length, 0));
  });

  it("a blank says whose it is and where its design goes, in the studio's unit", () => {
    const labels = blankLabels(plan, "inDecimal");
    expect(labels).toHaveLength(NAMES.length);
    expect(labels[1]?.lines.join(" ")).toMatch(/Seat 2 · .*Letters begin .* in below the rim/u);
  });

  it("every seat sits at one table", () => {
    const labels = tableLabels(plan);
    expect(labels.map(({ head }) => head)).toEqual(["Table 1", "Table 2", "Table 3"]);
    expect(labels.flatMap(({ lines }) => lines[0]?.split(", ") ?? [])).toHaveLength(NAMES.length);
  });
});

describe("as files", () => {
  it.each(KIT_SHEETS)("kits on %s: as many pages as it takes, on its paper", async (id) => {
    const sheet = LABEL_SHEETS[id];
    const pdf = text(await kitLabelsPdf(plan, id));
    expect(pages(pdf)).toBe(Math.ceil(NAMES.length / (sheet.columns * sheet.rows)));
    expect(pdf).toMatch(
      sheet.paper === "a4" ? /\/MediaBox \[0 0 595\.28 841\.89\]/u : /\/MediaBox \[0 0 612 792\]/u,
    );
  });

  it("the same labels are the same bytes; nothing to print is a page that says so", async () => {
    const once = async () => text(await classLabelsPdf(plan, "table", "letter-30", "mm"));
    expect(await once()).toBe(await once());
    const empty = makePlan(withNames(demoDocument("seed-tins"), []), testFonts);
    expect(pages(text(await classLabelsPdf(empty, "film", "a4-65", "mm")))).toBe(1);
  });

  it("letters that no face here has are left to be written by hand: no boxes", async () => {
    const read = async (name: string) =>
      text(
        await addressLabelsPdf(
          [{ seat: "6", address: { name, lines: ["12 Reed Lane"], country: "" } }],
          { title: "T", date: "2026-12-05", sheet: "a4-21" },
        ),
      );
    // Two names that cannot be written leave the same line.
    expect(await read("李小龍")).toBe(await read("王"));
    expect(await read("Nguyễn")).not.toBe(await read("李小龍"));
  });

  it("addresses take any sheet, also the smallest, and any name", async () => {
    const labels = NAMES.map((name, i) => ({
      seat: String(i + 1),
      address: {
        name,
        lines: ["Long Lane House, Upper Flat", "12 Reed Lane", "EM4 2QQ Elmford"],
        country: i % 2 ? "Norway" : "",
      },
    }));
    for (const sheet of ALL_SHEETS)
      expect(
        pages(
          text(
            await addressLabelsPdf(labels, {
              title: "Tins",
              date: demoClass("seed-tins").when.date,
              sheet,
            }),
          ),
        ),
      ).toBe(Math.ceil(labels.length / (LABEL_SHEETS[sheet].columns * LABEL_SHEETS[sheet].rows)));
  });
});
