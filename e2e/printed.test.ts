/**
 * Printed pages, measured as they are rendered: labels lie where the sheet has them, decals have
 * their size, and no name is cut off.
 */
import { boxHeight, boxOf, boxWidth } from "@elm-basket/core/geometry/polygon.ts";
import { demoDocument, withNames } from "@elm-basket/core/testing/documents.ts";
import { testFonts } from "@elm-basket/core/testing/fonts.ts";
import { makePlan } from "@elm-basket/core/testing/one-thing.ts";
import { addressLabelsPdf } from "@elm-basket/print/address-labels.ts";
import { classLabelsPdf } from "@elm-basket/print/class-labels.ts";
import { kitLabelsPdf } from "@elm-basket/print/kit-labels.ts";
import {
  ADDRESS_SHEETS,
  KIT_SHEETS,
  LABEL_SHEETS,
  type LabelSheetId,
  labelAt,
} from "@elm-basket/print/label-sheets.ts";
import { PAPERS } from "@elm-basket/print/pages.ts";
import { beforeAll, describe, expect, it } from "vitest";
import { type Rendered, rendered, wordsOf } from "./rendered.ts";

/** What a ruler on paper shows. */
const RULER_MM = 0.3;
/** Sheets are fed a little askew: nothing may stand nearer to a label's edge. */
const EDGE_MM = 1.5;
const LONG = "Wilhelmina-Bartholomea van der Oudekerke";
const NAMES = [
  LONG,
  "Bo",
  "Zoë-Maëlys O'Hara",
  "Nguyễn Thị Ánh",
  "Mette",
  "Jo",
  "Ines",
  "Ulla",
  "Siân",
];

let plan: ReturnType<typeof makePlan>;
beforeAll(() => {
  expect([...LONG]).toHaveLength(40);
  plan = makePlan(withNames(demoDocument("seed-tins"), NAMES), testFonts);
});

/** Ink is inside labels only, away from their edges. */
function insideLabels(page: Rendered, id: LabelSheetId, count: number): void {
  const sheet = LABEL_SHEETS[id];
  const paper = PAPERS[sheet.paper];
  expect(Math.abs(page.width - paper.width)).toBeLessThan(RULER_MM);
  expect(Math.abs(page.height - paper.height)).toBeLessThan(RULER_MM);
  for (let place = 0; place < sheet.columns * sheet.rows; place++) {
    const { x, y } = labelAt(sheet, place);
    const all = page.ink(x, y, sheet.width, sheet.height);
    if (place >= count) {
      expect(all).toBeNull();
      continue;
    }
    const own = page.ink(
      x + EDGE_MM,
      y + EDGE_MM,
      sheet.width - 2 * EDGE_MM,
      sheet.height - 2 * EDGE_MM,
    );
    expect(own, `label ${place + 1} on ${id}`).not.toBeNull();
    if (!sheet.cut) expect(all, `label ${place + 1} on ${id}`).toEqual(own);
  }
  // Between and beside the labels there is nothing.
  if (!sheet.cut && sheet.gap > 0)
    expect(page.ink(sheet.left + sheet.width, 0, sheet.gap, paper.height)).toBeNull();
  if (!sheet.cut && sheet.left > 0) expect(page.ink(0, 0, sheet.left, paper.height)).toBeNull();
}

/** Lines may be broken anywhere: only the letters count. */
const letters = (text: string): string => text.normalize("NFC").replace(/\s+/gu, "");

describe("labels on their sheets", () => {
  it.each(KIT_SHEETS)("kits on %s", async (id) => {
    const pdf = await kitLabelsPdf(plan, id);
    const sheet = LABEL_SHEETS[id];
    insideLabels(rendered(pdf), id, Math.min(NAMES.length, sheet.columns * sheet.rows));
    const words = letters(wordsOf(pdf));
    for (const name of NAMES)
      expect(words).toContain(letters(plan.labels.get(String(NAMES.indexOf(name) + 1)) ?? name));
  });

  it.each(ADDRESS_SHEETS)("addresses on %s, with names and towns that are long", async (id) => {
    const labels = NAMES.map((name, i) => ({
      seat: String(i + 1),
      address: {
        name,
        lines: ["Long Lane House, Upper Flat", "12 Reed Lane", "EM4 2QQ Elmford-upon-Rush"],
        country: i === 0 ? "Norway" : "",
      },
    }));
    const pdf = await addressLabelsPdf(labels, { title: "Tins", date: "2026-12-05", sheet: id });
    const sheet = LABEL_SHEETS[id];
    insideLabels(rendered(pdf), id, Math.min(NAMES.length, sheet.columns * sheet.rows));
    const words = letters(wordsOf(pdf));
    for (const name of NAMES) expect(words).toContain(letters(name));
    expect(words).toContain("NORWAY");
    expect(words).toContain(letters("EM4 2QQ Elmford-upon-Rush"));
  });

  it.each(["film", "blank", "table"] as const)(
    "%s labels, on the sheets of either paper",
    async (what) => {
      for (const id of ["a4-21", "letter-30"] as const) {
        const pdf = await classLabelsPdf(plan, what, id, "mm");
        const count =
          what === "film"
            ? plan.laidOut.sheets.length
            : what === "blank"
              ? NAMES.length
              : Math.ceil(NAMES.length / 4);
        insideLabels(rendered(pdf), id, count);
      }
    },
  );
});

describe("true measure", () => {
  it("lines to cut along stand where the sheet has them", async () => {
    const page = rendered(await kitLabelsPdf(plan, "a4-cut-8"));
    for (const x of [10, 105, 200]) {
      // Where no label's own ink is: in the band along the upper edge.
      const line = page.ink(x - 1, 10.5, 2, 3);
      expect(Math.abs(((line?.left ?? 0) + (line?.right ?? 0)) / 2 - x)).toBeLessThan(RULER_MM);
    }
    for (const y of [10, 79.25, 148.5]) {
      const line = page.ink(12, y - 1, 60, 2);
      expect(Math.abs(((line?.top ?? 0) + (line?.bottom ?? 0)) / 2 - y)).toBeLessThan(RULER_MM);
    }
  });

  it("a decal that has room is as large as it is cut", async () => {
    const page = rendered(await kitLabelsPdf(plan, "letter-6"));
    const sheet = LABEL_SHEETS["letter-6"];
    const seat = "2";
    const box = boxOf(
      plan.kits
        .filter((kit) => kit.seat === seat && kit.copy === 1)
        .flatMap((kit) => kit.pieces.map(({ polygon }) => polygon)),
    );
    const { x, y } = labelAt(sheet, 1);
    // Between the head with its code and the list of what is in the bag.
    const ink = page.ink(x + 2, y + 25.5, sheet.width - 4, sheet.height - 25.5 - 9.5);
    expect(boxWidth(box)).toBeLessThan(sheet.width - 10);
    // The outline that shows pale film on white paper is 0.12 mm wide.
    expect(Math.abs((ink?.right ?? 0) - (ink?.left ?? 0) - boxWidth(box))).toBeLessThan(RULER_MM);
    expect(Math.abs((ink?.bottom ?? 0) - (ink?.top ?? 0) - boxHeight(box))).toBeLessThan(RULER_MM);
  });
});
