/** Kits moved by hand and layouts searched on: what a document keeps is what is cut. */
import { describe, expect, it } from "vitest";
import { boxOf, type Polygons, rectRing } from "../geometry/polygon.ts";
import { improveLayout } from "../plan/improve.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  type OneThing as ClassDocument,
  oneThingSchema as classDocumentSchema,
  makePlan,
  type OnePlan as Plan,
} from "../testing/one-thing.ts";
import { type HandMove, type HandSheet, layAllByHand, layByHand } from "./by-hand.ts";
import type { PlanSheet } from "./sheets.ts";

const tins = demoDocument("seed-tins");
const planOf = (layout: Partial<ClassDocument["layout"]>, over: Partial<ClassDocument> = {}) =>
  makePlan(
    classDocumentSchema.parse({
      ...tins,
      spareKits: 0,
      ...over,
      layout: { ...tins.layout, mode: "tight", seconds: 0.1, trim: false, ...layout },
    }),
    testFonts,
  );

/** A load as the screen knows it. */
const handSheet = (sheet: PlanSheet): HandSheet => ({
  width: sheet.width,
  mirrored: sheet.mirrored,
  clearance: sheet.clearance,
  counters: false,
  usable: sheet.usable,
  bins: [
    ...new Map(
      sheet.kits.map(({ own, x, y }) => [
        own.bin,
        { bin: own.bin, x: x - own.x, y: y - own.y, outline: null },
      ]),
    ).values(),
  ],
  kits: sheet.kits.map(({ name, own, pieces }) => ({
    name,
    own,
    polygons: pieces.map(({ polygon }) => polygon),
  })),
});
const first = (plan: Plan): PlanSheet => plan.laidOut.sheets[0] as PlanSheet;
const outlineOf = (plan: Plan, kit: string): Polygons =>
  first(plan)
    .kits.find(({ name }) => name === kit)
    ?.pieces.map(({ polygon }) => polygon) ?? [];
/** All kits of the first load kept where they are, one of them moved. */
const kept = (plan: Plan, kit: string, own: HandSheet["kits"][number]["own"]) =>
  first(plan).kits.map(({ name, own: before }) => ({
    kit: name,
    vinyl: first(plan).vinyl,
    ...(name === kit ? own : before),
    hand: name === kit,
  }));

describe.each([false, true])("a kit moved by hand, film cut mirrored: %s", (mirrored) => {
  const film = mirrored
    ? { vinyls: tins.vinyls.map((vinyl) => ({ ...vinyl, family: "ironOn" as const })) }
    : {};
  const plan = planOf({}, film);
  const sheet = handSheet(first(plan));
  // The lowest kit has free film below it.
  const low =
    [...first(plan).kits].sort((a, b) => b.box.y + b.box.height - (a.box.y + a.box.height))[0]
      ?.name ?? "";
  const free = sheet.usable[0]?.[0]
    ? boxOf(sheet.usable).maxY - boxOf(outlineOf(plan, low)).maxY
    : 0;

  it.each([0, 180] as const)(
    "lies in the files where it was put on the screen, turned by %s",
    (turn) => {
      expect(free).toBeGreaterThan(10);
      const move: HandMove = { kit: low, dx: 0, dy: free - 2, turn };
      const laid = layByHand(sheet, move);
      if (!laid.ok) throw new Error(laid.reason);
      const again = planOf({ kept: kept(plan, low, laid.own) }, film);
      const [was, is] = [boxOf(outlineOf(plan, low)), boxOf(outlineOf(again, low))];
      expect(is.minX).toBeCloseTo(was.minX, 6);
      expect(is.minY).toBeCloseTo(was.minY + free - 2, 6);
      for (const { name } of first(plan).kits.filter((kit) => kit.name !== low))
        expect(outlineOf(again, name)).toEqual(outlineOf(plan, name));
    },
  );

  it("is refused over another, nearer than the clearance, or off the film, and says which", () => {
    const [a, b] = first(plan).kits;
    if (!a || !b) throw new Error("two kits are needed");
    const over = layByHand(sheet, {
      kit: a.name,
      dx: b.box.x - a.box.x,
      dy: b.box.y - a.box.y,
      turn: 0,
    });
    expect(over.ok ? "" : over.reason).toBe("tooNear");
    expect(over.ok ? "" : first(plan).kits.map(({ name }) => name)).toContain(
      over.ok ? "" : over.by,
    );
    expect(layByHand(sheet, { kit: low, dx: 0, dy: free + 5, turn: 0 })).toEqual({
      ok: false,
      reason: "outside",
      by: "",
    });
    expect(layByHand(sheet, { kit: "none", dx: 0, dy: 0, turn: 0 })).toEqual({
      ok: false,
      reason: "gone",
      by: "",
    });
  });
});

describe("several kits at once", () => {
  it("two of the same size change places, which one alone could not", () => {
    const square = (name: string, x: number) => ({
      name,
      own: { bin: "sheet-1", x, y: 10, turn: 0 },
      polygons: [[rectRing(x, 10, x + 20, 30)]] as Polygons,
    });
    const sheet: HandSheet = {
      width: 100,
      mirrored: false,
      clearance: 2,
      counters: false,
      usable: [[rectRing(0, 0, 100, 50)]],
      bins: [{ bin: "sheet-1", x: 0, y: 0, outline: null }],
      kits: [square("a", 10), square("b", 40)],
    };
    const moves: HandMove[] = [
      { kit: "a", dx: 30, dy: 0, turn: 0 },
      { kit: "b", dx: -30, dy: 0, turn: 0 },
    ];
    expect(layByHand(sheet, moves[0] as HandMove)).toEqual({
      ok: false,
      reason: "tooNear",
      by: "b",
    });
    const both = layAllByHand(sheet, moves);
    expect(both.get("a")).toEqual({ ok: true, own: { bin: "sheet-1", x: 40, y: 10, turn: 0 } });
    expect(both.get("b")).toEqual({ ok: true, own: { bin: "sheet-1", x: 10, y: 10, turn: 0 } });
  });

  it("put on another scrap it belongs to that scrap", () => {
    const scrap = (bin: string, x: number) => ({
      bin,
      x,
      y: 0,
      outline: [[rectRing(x, 0, x + 60, 50)]] as Polygons,
    });
    const kit = {
      name: "a",
      own: { bin: "scrap K-01", x: 10, y: 10, turn: 0 },
      polygons: [[rectRing(10, 10, 30, 30)]] as Polygons,
    };
    const usable: Polygons = [[rectRing(2, 2, 58, 48), rectRing(72, 2, 128, 48)]];
    const sheet: HandSheet = {
      width: 130,
      mirrored: false,
      clearance: 2,
      counters: false,
      usable,
      bins: [scrap("scrap K-01", 0), scrap("scrap K-02", 70)],
      kits: [kit],
    };
    expect(layByHand(sheet, { kit: "a", dx: 80, dy: 5, turn: 0 })).toEqual({
      ok: true,
      own: { bin: "scrap K-02", x: 20, y: 15, turn: 0 },
    });
    expect(layByHand(sheet, { kit: "a", dx: 45, dy: 0, turn: 0 })).toMatchObject({
      ok: false,
      reason: "outside",
    });
  });
});

describe("what a document keeps", () => {
  it("a quarter turn is about the middle of the kit", () => {
    const plan = planOf({ trim: false });
    const sheet = handSheet(first(plan));
    const lone = { ...sheet, kits: sheet.kits.slice(0, 1) };
    const kit = lone.kits[0];
    if (!kit) throw new Error("a kit is needed");
    const middle = {
      x: (boxOf(sheet.usable).maxX + boxOf(sheet.usable).minX) / 2,
      y: (boxOf(sheet.usable).maxY + boxOf(sheet.usable).minY) / 2,
    };
    const box = boxOf(kit.polygons);
    const laid = layByHand(lone, {
      kit: kit.name,
      dx: middle.x - (box.minX + box.maxX) / 2,
      dy: middle.y - (box.minY + box.maxY) / 2,
      turn: 90,
    });
    if (!laid.ok) throw new Error(laid.reason);
    expect(laid.own.turn).toBe((kit.own.turn + 90) % 360);
    const again = planOf({
      trim: false,
      kept: [{ kit: kit.name, vinyl: first(plan).vinyl, ...laid.own, hand: true }],
    });
    const is = boxOf(outlineOf(again, kit.name));
    expect((is.minX + is.maxX) / 2).toBeCloseTo(middle.x, 6);
    expect((is.minY + is.maxY) / 2).toBeCloseTo(middle.y, 6);
    expect(is.maxX - is.minX).toBeCloseTo(box.maxY - box.minY, 6);
  });

  it("when a name grows, only what lies in its way is laid afresh", () => {
    const plan = planOf({});
    // A short name: the longest already fills its face.
    const [grows, beside, apart] = [...first(plan).kits].sort(
      (p, q) => p.box.width * p.box.height - q.box.width * q.box.height,
    ) as [PlanSheet["kits"][number], PlanSheet["kits"][number], PlanSheet["kits"][number]];
    const at = (kit: PlanSheet["kits"][number], x: number, y: number) => {
      const { box } = plan.kits.find(
        (own) => own.seat === kit.seat && own.vinyl === first(plan).vinyl,
      ) as Plan["kits"][number];
      return {
        kit: kit.name,
        vinyl: first(plan).vinyl,
        bin: "sheet-1",
        x: x - box.minX,
        y: y - box.minY,
        turn: 0,
        hand: false,
        right: x + box.maxX - box.minX,
      };
    };
    // Side by side with little more than the clearance between them; the third far below.
    const one = at(grows, 0, 0);
    const two = at(beside, one.right + tins.layout.clearance + 0.1, 0);
    const kept = [one, two, at(apart, 0, 200)].map(({ right, ...place }) => place);
    const ownOf = (of: Plan, name: string) =>
      of.laidOut.sheets.flatMap((sheet) => sheet.kits).find((kit) => kit.name === name)?.own;
    const before = planOf({ kept });
    for (const { kit, bin, x, y } of kept) expect(ownOf(before, kit)).toMatchObject({ bin, x, y });
    const seats = tins.seats.map((seat) =>
      seat.seat === grows.seat
        ? {
            ...seat,
            fields: Object.fromEntries(
              Object.entries(seat.fields).map(([slot, text]) => [slot, `${text}ina`]),
            ),
          }
        : seat,
    );
    const longer = planOf(
      { kept },
      {
        seats,
        design: {
          ...tins.design,
          school: "fixedHeight",
          fixedScale: before.lettered.seats[0]?.scale ?? 1,
        },
      },
    );
    expect(longer.laidOut.unplaced).toEqual([]);
    const stayed = kept
      .filter(
        ({ kit, x, y, bin }) =>
          JSON.stringify(ownOf(longer, kit)) === JSON.stringify({ bin, x, y, turn: 0 }),
      )
      .map(({ kit }) => kit);
    expect(stayed).toContain(apart.name);
    expect(stayed).toHaveLength(2);
  });

  it("a search that goes on finds no worse, and what it keeps is planned at once as it was found", () => {
    const plan = planOf({ trim: true });
    const rounds = [];
    for (const step of improveLayout(plan.document, plan.kits)) {
      rounds.push(step);
      if (rounds.length === 2) break;
    }
    const [one, two] = rounds as [(typeof rounds)[number], (typeof rounds)[number]];
    expect(one.bestMm2).toBeLessThanOrEqual(one.plannedMm2);
    expect(two.bestMm2).toBeLessThanOrEqual(one.bestMm2);
    expect(two.searched).toBeGreaterThan(one.searched);
    expect(two.kept).toHaveLength(plan.kits.length);
    const again = planOf({ trim: true, kept: [...two.kept] });
    expect(again.laidOut.use.reduce((sum, { usedMm2 }) => sum + usedMm2, 0)).toBeCloseTo(
      two.bestMm2,
      3,
    );
  });

  it("a search that gave way goes on from where it was, as if it had not", () => {
    const plan = planOf({ trim: true });
    const rounds = [];
    for (const step of improveLayout(plan.document, plan.kits)) {
      rounds.push(step);
      if (rounds.length === 2) break;
    }
    const [one, two] = rounds as [(typeof rounds)[number], (typeof rounds)[number]];
    const [again] = improveLayout(plan.document, plan.kits, one);
    expect(again).toMatchObject({
      round: 2,
      searched: two.searched,
      plannedMm2: one.plannedMm2,
      loads: two.loads,
    });
    expect(again?.bestMm2).toBeCloseTo(two.bestMm2, 3);
  });

  it("a kit laid by hand stays in every round of a search", () => {
    const plan = planOf({});
    const pin = first(plan).kits[2];
    if (!pin) throw new Error("a kit is needed");
    const document = {
      ...plan.document,
      layout: {
        ...plan.document.layout,
        kept: [{ kit: pin.name, vinyl: first(plan).vinyl, ...pin.own, hand: true }],
      },
    };
    const [step] = improveLayout(document, plan.kits);
    expect(
      step?.kept.find(({ kit, vinyl }) => kit === pin.name && vinyl === first(plan).vinyl),
    ).toEqual({ kit: pin.name, vinyl: first(plan).vinyl, ...pin.own, hand: true });
  });
});
