/**
 * Step cards, care cards, placement sheets and the run sheet: pages, fonts, words, and lengths as
 * they are drawn.
 */
import { inflateSync } from "node:zlib";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { placingsOf } from "@elm-basket/core/plan/placing.ts";
import { makePlan } from "@elm-basket/core/plan/plan.ts";
import type { Plan, ThingPlan } from "@elm-basket/core/stages/stages.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { testFonts } from "@elm-basket/core/testing/fonts.ts";
import { describe, expect, it } from "vitest";
import { careCardsPdf } from "./care-cards.ts";
import { cueCardsPdf } from "./cue-cards.ts";
import { PAPERS, type Paper } from "./pages.ts";
import { pieceDrawing } from "./piece-drawing.ts";
import { placementPdf, RULER_MM } from "./placement.ts";
import { runSheetPdf } from "./run-sheet.ts";
import { stepCardsPdf } from "./step-cards.ts";

const few = (name: string, seats = 2): ClassDocument => {
  const document = demoClass(name);
  return { ...document, seats: document.seats.slice(0, seats) };
};
const slate = makePlan(few("slate-numbers"), testFonts);
const bytesOf = (pdf: Uint8Array): string => new TextDecoder("latin1").decode(pdf);
const pages = (pdf: string): number => pdf.match(/\/Type \/Page\b(?!s)/gu)?.length ?? 0;

/** The drawing commands of each page, in the order of the file. */
function contents(pdf: Uint8Array): string[] {
  const text = bytesOf(pdf);
  const streams = [
    ...text.matchAll(/\/Length (\d+)[^>]*\/Filter \/FlateDecode[^>]*>>\s*stream\n/gu),
  ].map((found) => {
    const from = (found.index ?? 0) + found[0].length;
    return Buffer.from(pdf.slice(from, from + Number(found[1])));
  });
  return streams.flatMap((stream) => {
    try {
      const body = inflateSync(stream).toString("latin1");
      return / (re|l|m|c)\n/u.test(body) ? [body] : [];
    } catch {
      return [];
    }
  });
}

/** Straight strokes of a page in mm on paper: every matrix that is set is followed. */
function strokes(page: string): { x1: number; y1: number; x2: number; y2: number }[] {
  type Matrix = [number, number, number, number, number, number];
  let now: Matrix = [1, 0, 0, 1, 0, 0];
  const kept: Matrix[] = [];
  const found: { x1: number; y1: number; x2: number; y2: number }[] = [];
  const put = ([a, b, c, d, e, f]: Matrix, x: number, y: number): [number, number] => [
    ((a * x + c * y + e) * 25.4) / 72,
    ((b * x + d * y + f) * 25.4) / 72,
  ];
  let at: [number, number] | null = null;
  for (const line of page.split("\n")) {
    const parts = line.trim().split(/\s+/u);
    const op = parts.at(-1);
    const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = parts.map(Number);
    if (op === "q") kept.push(now);
    else if (op === "Q") now = kept.pop() ?? now;
    else if (op === "cm") {
      const [m0, m1, m2, m3, m4, m5] = now;
      now = [
        m0 * a + m2 * b,
        m1 * a + m3 * b,
        m0 * c + m2 * d,
        m1 * c + m3 * d,
        m0 * e + m2 * f + m4,
        m1 * e + m3 * f + m5,
      ];
    } else if (op === "m") at = put(now, a, b);
    else if (op === "l" && at) {
      const next = put(now, a, b);
      found.push({ x1: at[0], y1: at[1], x2: next[0], y2: next[1] });
      at = next;
    } else if (op === "c") at = put(now, e, f);
  }
  return found;
}
const lengthOf = ({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }): number =>
  Math.hypot(x2 - x1, y2 - y1);

describe("placement sheets", () => {
  it.each(["a4", "letter"] as const)(
    "on %s: ruler and blank are as long on paper as in life, within 0.3 mm",
    async (paper: Paper) => {
      const file = await placementPdf(slate, { paper });
      expect(bytesOf(file)).toMatch(/\/FontFile2/u);
      const first = strokes(contents(file)[0] ?? "");
      expect(first.some((stroke) => Math.abs(lengthOf(stroke) - RULER_MM) < 0.05)).toBe(true);
      // The slate is 200 x 120 mm: its four sides are on the sheet.
      const sides = first
        .map(lengthOf)
        .filter((mm) => Math.abs(mm - 200) < 0.3 || Math.abs(mm - 120) < 0.3);
      expect(sides.length).toBeGreaterThanOrEqual(4);
    },
  );

  it("gaps on paper are the gaps that are said", async () => {
    const own = slate.things[0] as ThingPlan;
    const placing = placingsOf(own, thingDocument(slate.document, own.id))[0];
    const drawing = pieceDrawing(slate, own, slate.document.seats[0]?.seat ?? "");
    const file = await placementPdf(slate);
    const gap = strokes(contents(file)[0] ?? "").map(lengthOf);
    expect(gap.some((mm) => Math.abs(mm - (placing?.above ?? 0)) < 0.3)).toBe(true);
    expect(drawing?.placing).toEqual(placing);
  });

  it("a board longer than the page comes in tiles that cover it; one that fits turned is turned", async () => {
    const document = few("slate-numbers", 1);
    const long = {
      ...document,
      things: document.things.map((thing) => ({
        ...thing,
        blank: {
          ...thing.blank,
          shape: { kind: "flat" as const, width: 620, height: 300 },
          keepOuts: [],
        },
      })),
    };
    const plan = makePlan(long, testFonts);
    const count = pages(bytesOf(await placementPdf(plan)));
    const room = (page: { width: number; height: number }) =>
      Math.ceil(620 / (page.width - 16)) * Math.ceil(300 / (page.height - 44));
    expect(count).toBe(
      Math.min(room(PAPERS.a4), room({ width: PAPERS.a4.height, height: PAPERS.a4.width })),
    );
    // 200 mm lie on a page turned, not on one upright.
    expect(pages(bytesOf(await placementPdf(slate)))).toBe(2);
  });

  it("a tapered wall lies flat: rim and foot are arcs about the cone's tip as far apart as the wall is long, the design between them as it is cut", async () => {
    const pot = makePlan(few("leaf-pot"), testFonts);
    const [own] = pot.things as [ThingPlan];
    const seat = own.lettered.seats[0];
    const drawing = pieceDrawing(pot, own, seat?.seat ?? "")?.unrolled;
    const { taper, shape } = own.face;
    if (!drawing || !taper || shape.kind !== "taperedCup") throw new Error("no tapered wall");
    const tip: [number, number] = [0, taper.sector.wideTop ? taper.baseline : -taper.baseline];
    const away = (ring: readonly (readonly [number, number])[]) =>
      ring.map(([x, y]) => Math.hypot(x - tip[0], y - tip[1]));
    const spread = (values: readonly number[]) => Math.max(...values) - Math.min(...values);
    for (const arc of [drawing.rim, drawing.foot]) expect(spread(away(arc))).toBeLessThan(1e-6);
    // Hand-worked: s = sqrt(h² + (r1 - r2)²), and the rim lies s·r1/(r1 - r2) from the tip.
    const [r1, r2] = [shape.topDiameter / 2, shape.bottomDiameter / 2];
    const slant = Math.hypot(shape.height, r1 - r2);
    expect(Math.abs((away(drawing.rim)[0] ?? 0) - (away(drawing.foot)[0] ?? 0))).toBeCloseTo(
      slant,
      3,
    );
    expect(away(drawing.rim)[0]).toBeCloseTo((slant * r1) / Math.abs(r1 - r2), 3);
    expect(drawing.layers.map(({ polygons }) => polygons)).toEqual([
      ...(seat?.layers.values() ?? []),
    ]);
    const file = await placementPdf(pot);
    const page = strokes(contents(file)[0] ?? "");
    const rim = page.filter((stroke) => lengthOf(stroke) < 20);
    expect(rim.length).toBeGreaterThan(90);
  });

  it("says so where nothing has letters, and tells how far it is", async () => {
    const told: string[] = [];
    await placementPdf(slate, { onSeat: (done, all) => told.push(`${done}/${all}`) });
    expect(told).toEqual(["1/2", "2/2"]);
    expect(
      pages(
        bytesOf(await placementPdf(makePlan({ ...few("slate-numbers"), seats: [] }, testFonts))),
      ),
    ).toBe(1);
  });
});

describe("cards", () => {
  const set = makePlan(few("quay-market-sets"), testFonts);
  it("a step card for every step, four to a page, in the order of the run sheet", async () => {
    const file = bytesOf(await stepCardsPdf(slate));
    expect(pages(file)).toBe(Math.ceil(slate.document.steps.length / 4));
    expect(file).toMatch(/\/FontFile2/u);
  });
  it("a cue card for every step, four to a page, no word of it below its card, however much there is to say", async () => {
    const long = {
      ...slate,
      document: {
        ...slate.document,
        steps: slate.document.steps.map((step) => ({
          ...step,
          say: "word ".repeat(118).trim(),
          care: "care ".repeat(110).trim(),
          slip: "slip ".repeat(110).trim(),
        })),
      },
    };
    for (const plan of [slate, long]) {
      const file = bytesOf(await cueCardsPdf(plan, { paper: "letter" }));
      expect(pages(file)).toBe(Math.ceil(slate.document.steps.length / 4));
      expect(file).toMatch(/\/MediaBox \[0 0 612 792\]/u);
    }
    expect(
      pages(bytesOf(await cueCardsPdf({ ...slate, runSheet: { ...slate.runSheet, steps: [] } }))),
    ).toBe(1);
  });
  it("a care card a seat, eight to a page; on Letter paper where that is at hand", async () => {
    expect(pages(bytesOf(await careCardsPdf(set)))).toBe(1);
    expect(bytesOf(await careCardsPdf(set, { paper: "letter" }))).toMatch(
      /\/MediaBox \[0 0 612 792\]/u,
    );
  });
  it("the same bytes for the same plan", async () => {
    for (const make of [stepCardsPdf, cueCardsPdf, careCardsPdf, placementPdf, runSheetPdf] as ((
      plan: Plan,
    ) => Promise<Uint8Array>)[])
      expect(bytesOf(await make(set))).toBe(bytesOf(await make(set)));
  });
  it("names in any script that the lettering knows are written with a face that has them", async () => {
    const document = few("seed-tins", 1);
    const named = (name: string) =>
      makePlan(
        {
          ...document,
          seats: document.seats.map((seat) => ({ ...seat, fields: { ...seat.fields, name } })),
        },
        testFonts,
      );
    const fonts = async (name: string) =>
      new Set(bytesOf(await careCardsPdf(named(name))).match(/\/FontName \/[^\s]+/gu)).size;
    // Cyrillic is in neither text face alone: one that has it is embedded, too.
    expect(await fonts("Łucja Ünal")).toBeGreaterThan(0);
    expect(await fonts("Юлия")).toBeGreaterThanOrEqual(await fonts("Julia"));
  });
});
