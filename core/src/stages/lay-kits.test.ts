/** Kits on scraps and fresh film, read back from the files that are cut. */
import { describe, expect, it } from "vitest";
import { sheetSvg } from "../cutting/svg.ts";
import { scrapSchema } from "../document/scrap.ts";
import { scrapPolygon } from "../document/scrap-polygon.ts";
import { boxOfPoints } from "../geometry/polygon.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  type OneThing as ClassDocument,
  oneThingSchema as classDocumentSchema,
  makePlan,
  type OnePlan as Plan,
  readOneThing,
} from "../testing/one-thing.ts";
import { distanceBetween, evenOddArea, insideEvenOdd, readSheet } from "../testing/sheet-reader.ts";

const bottles = demoDocument("rowing-bottles");
const tins = demoDocument("seed-tins");
const planOf = (
  document: ClassDocument,
  layout: Partial<ClassDocument["layout"]> = {},
  over: Partial<ClassDocument> = {},
): Plan =>
  makePlan(
    classDocumentSchema.parse({
      ...document,
      ...over,
      layout: { ...document.layout, seconds: 0.1, ...layout },
    }),
    testFonts,
  );

/**
 * Every kit on some load once, inside the edge, no two kits nearer than the clearance; pieces as
 * large as planned.
 */
function check(plan: Plan): void {
  const areas = new Map(
    plan.kits.flatMap((kit) => kit.pieces.map((piece) => [piece.id, piece.areaMm2] as const)),
  );
  const seen = new Set<string>();
  for (const sheet of plan.laidOut.sheets) {
    const { paths } = readSheet(sheetSvg(sheet));
    const edges = paths.filter(({ className }) => className === "edge");
    expect(edges).toHaveLength(1);
    const edge = edges[0]?.rings ?? [];
    const cuts = paths.filter(({ className }) => className === "cut");
    for (const { piece, rings } of cuts) {
      expect(seen.has(piece)).toBe(false);
      seen.add(piece);
      expect(Math.abs(evenOddArea(rings) - (areas.get(piece) ?? Number.NaN))).toBeLessThan(
        0.02 * (areas.get(piece) ?? 1) + 0.05,
      );
      for (const point of rings[0] ?? []) expect(insideEvenOdd(point, edge, 0.01)).toBe(true);
    }
    const kits = [...new Set(cuts.map(({ seat }) => seat))].map((seat) =>
      cuts.filter((cut) => cut.seat === seat).flatMap(({ rings }) => rings),
    );
    kits.forEach((a, i) => {
      for (const b of kits.slice(i + 1))
        if (boxesNearer(a, b, plan.document.layout.clearance))
          expect(distanceBetween(a, b)).toBeGreaterThan(plan.document.layout.clearance - 0.01);
    });
  }
  expect(seen.size + plan.laidOut.unplaced.length).toBe(areas.size);
}

type Rings = readonly (readonly (readonly [number, number])[])[];

/** Boxes farther apart than this need no closer look. */
function boxesNearer(a: Rings, b: Rings, mm: number): boolean {
  const [p, q] = [a, b].map((rings) => boxOfPoints(rings.flat()));
  return (
    !!p &&
    !!q &&
    p.minX - mm < q.maxX &&
    q.minX - mm < p.maxX &&
    p.minY - mm < q.maxY &&
    q.minY - mm < p.maxY
  );
}

describe("scraps first", () => {
  it("the bottles are cut from the scrap box as far as it goes, several scraps on a mat", () => {
    const plan = planOf(bottles);
    check(plan);
    const [load] = plan.laidOut.sheets;
    expect(load?.stock).toBe("scrap");
    expect(load?.scraps.length).toBeGreaterThan(1);
    expect(plan.laidOut.use[0]?.scrapKits).toBeGreaterThan(10);
    expect(plan.laidOut.use[0]?.usedMm2).toBeLessThan(plan.laidOut.use[0]?.boxesMm2 ?? 0);
    expect(sheetSvg(load as NonNullable<typeof load>)).toContain('data-stock="scrap"');
  });

  it("what scraps do not hold goes on fresh film, and none are used when the host says so", () => {
    const few = planOf(bottles, {}, { scraps: bottles.scraps.slice(0, 1) });
    check(few);
    expect(new Set(few.laidOut.sheets.map(({ stock }) => stock))).toEqual(
      new Set(["scrap", "roll"]),
    );
    const none = planOf(bottles, { useScraps: false });
    check(none);
    expect(none.laidOut.sheets.every(({ stock }) => stock === "roll")).toBe(true);
  });

  it("straight cuts use the largest rectangle of a scrap", () => {
    const plan = planOf(bottles, { mode: "trimmer" });
    check(plan);
    expect(plan.laidOut.sheets[0]?.stock).toBe("scrap");
    expect(plan.laidOut.sheets[0]?.weedLines.length).toBeGreaterThan(0);
  });

  it("a scrap larger than the mat is used as far as the mat reaches; one thinner than twice the edge stays in the box", () => {
    const [any] = bottles.scraps;
    const scraps = [
      {
        ...any,
        label: "huge",
        outline: [
          [0, 0],
          [400, 0],
          [400, 700],
        ],
      },
      {
        ...any,
        label: "strip",
        outline: [
          [0, 0],
          [200, 0],
          [200, 12],
          [0, 12],
        ],
      },
    ];
    const plan = planOf(bottles, {}, { scraps: scraps as ClassDocument["scraps"] });
    check(plan);
    expect(plan.laidOut.sheets.flatMap((sheet) => sheet.scraps.map(({ label }) => label))).toEqual([
      "huge",
    ]);
    const [load] = plan.laidOut.sheets;
    expect(load?.width).toBeLessThanOrEqual(bottles.cutter.cutWidth);
    expect(load?.height).toBeLessThanOrEqual(bottles.cutter.cutHeight);
  });
});

describe("three ways to lay", () => {
  it.each(["tight", "trimmer", "bySeat"] as const)(
    "%s: cut files hold every kit once, inside and apart",
    (mode) => check(planOf(tins, { mode })),
  );

  it("tight takes less film than boxes; by seat follows the roster", () => {
    const tight = planOf(tins, { mode: "tight" });
    for (const use of tight.laidOut.use) expect(use.usedMm2).toBeLessThan(use.boxesMm2);
    const rows = planOf(tins, { mode: "bySeat" }, { spareKits: 0 });
    const order = rows.laidOut.sheets
      .filter(({ vinyl }) => vinyl === tins.vinyls[0]?.id)
      .flatMap((sheet) => sheet.kits.map(({ seat }) => seat));
    expect(order).toEqual(tins.seats.map(({ seat }) => seat));
  });

  it("the whole sheet on the mat, or only what is used", () => {
    const whole = planOf(tins, { trim: false });
    for (const sheet of whole.laidOut.sheets)
      expect(Math.abs(sheet.width - Math.min(304.8, tins.cutter.cutWidth))).toBeLessThan(0.11);
    for (const sheet of planOf(tins).laidOut.sheets)
      expect(sheet.width).toBeLessThanOrEqual(tins.cutter.cutWidth);
  });

  it("film that keeps its direction is not turned", () => {
    const plan = planOf(tins, { mode: "tight", mayTurn: false });
    check(plan);
    expect(
      new Set(plan.laidOut.sheets.flatMap((sheet) => sheet.kits.map(({ turn }) => turn))),
    ).toEqual(new Set([0]));
  });

  it("a kit laid by hand stays there; one that would overlap is laid afresh with the rest", () => {
    const vinyl = tins.vinyls[0]?.id ?? "";
    const free = planOf(tins, { mode: "tight" });
    const kit = free.kits.find((own) => own.vinyl === vinyl && own.seat === "3");
    const at = {
      hand: true,
      kit: "3",
      vinyl,
      bin: "sheet-1",
      x: 60 - (kit?.box.minX ?? 0),
      y: 40 - (kit?.box.minY ?? 0),
      turn: 0,
    };
    const plan = planOf(tins, { mode: "tight", kept: [at] });
    check(plan);
    const where = plan.laidOut.sheets
      .find((sheet) => sheet.vinyl === vinyl)
      ?.kits.find(({ seat }) => seat === "3");
    expect(where?.x).toBeCloseTo(at.x + tins.cutter.edgeMargin, 6);
    expect(where?.y).toBeCloseTo(at.y + tins.cutter.edgeMargin, 6);
    check(planOf(tins, { mode: "tight", kept: [at, { ...at, kit: "4" }] }));
  });
});

describe("scraps in a document", () => {
  const scrap = {
    label: "K-07",
    vinyl: "white",
    outline: [
      [5, 5],
      [105, 5],
      [5, 105],
    ],
  };

  it("start at their own corner", () => {
    const read = scrapSchema.parse(scrap);
    expect(scrapPolygon(read)[0]).toEqual([
      [0, 0],
      [100, 0],
      [0, 100],
    ]);
  });

  it.each([
    [
      "two corners",
      {
        ...scrap,
        outline: [
          [0, 0],
          [9, 9],
        ],
      },
      "$.scraps[0].outline",
    ],
    [
      "no area",
      {
        ...scrap,
        outline: [
          [0, 0],
          [50, 50],
          [100, 100],
        ],
      },
      "$.scraps[0].outline",
    ],
    ["a label with spaces", { ...scrap, label: "top left" }, "$.scraps[0].label"],
    ["a film that is not there", { ...scrap, vinyl: "blue" }, "$.scraps[0].vinyl"],
  ])("are refused with their path: %s", (_, bad, path) => {
    const read = readOneThing({ ...bottles, scraps: [bad] });
    expect(read.ok ? "" : read.path).toBe(path);
  });

  it("the same label twice is refused", () => {
    const read = readOneThing({ ...bottles, scraps: [scrap, scrap] });
    expect(read.ok ? "" : read.path).toBe("$.scraps[1].label");
  });
});
