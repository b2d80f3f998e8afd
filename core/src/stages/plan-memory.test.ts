/**
 * A plan made with a memory is the plan made without one, whatever was changed before; and what a
 * change does not touch is not made again.
 */
import { describe, expect, it } from "vitest";
import type { ClassDocument } from "../document/document.ts";
import { seededRandom } from "../geometry/random.ts";
import { sheetFiles } from "../plan/files.ts";
import { makePlan } from "../plan/plan.ts";
import { planJson } from "../plan/plan-json.ts";
import { demoClass, madeUpNames } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { PlanMemory } from "./plan-memory.ts";

type Change = readonly [string, (document: ClassDocument, random: () => number) => ClassDocument];

const pick = <T>(rows: readonly T[], random: () => number): T =>
  rows[Math.floor(random() * rows.length)] as T;
const seatChanged = (
  document: ClassDocument,
  random: () => number,
  change: (seat: ClassDocument["seats"][number]) => ClassDocument["seats"][number],
): ClassDocument => {
  const { seat } = pick(document.seats, random);
  return {
    ...document,
    seats: document.seats.map((row) => (row.seat === seat ? change(row) : row)),
  };
};
const designChanged = (
  document: ClassDocument,
  change: (
    item: ClassDocument["things"][number]["design"]["items"][number],
  ) => ClassDocument["things"][number]["design"]["items"][number],
): ClassDocument => ({
  ...document,
  things: document.things.map((thing, i) =>
    i === 0
      ? { ...thing, design: { ...thing.design, items: thing.design.items.map(change) } }
      : thing,
  ),
});

const CHANGES: readonly Change[] = [
  [
    "a name",
    (d, random) =>
      seatChanged(d, random, (seat) => ({
        ...seat,
        fields: { ...seat.fields, name: pick(madeUpNames(20, random), random) },
      })),
  ],
  [
    "a name taken away",
    (d, random) =>
      seatChanged(d, random, (seat) => ({ ...seat, fields: { ...seat.fields, name: "" } })),
  ],
  [
    "a seat less",
    (d, random) =>
      d.seats.length > 3
        ? { ...d, seats: d.seats.filter(({ seat }) => seat !== pick(d.seats, random).seat) }
        : d,
  ],
  ["another order", (d) => ({ ...d, seats: [...d.seats].reverse() })],
  [
    "a line's size",
    (d, random) =>
      designChanged(d, (item) =>
        item.kind === "text" ? { ...item, size: item.size * (0.9 + random() * 0.2) } : item,
      ),
  ],
  [
    "thicker letters",
    (d, random) =>
      designChanged(d, (item) =>
        item.kind === "text" ? { ...item, thickenMm: random() < 0.5 ? 0.1 : 0 } : item,
      ),
  ],
  ["a spare kit", (d, random) => ({ ...d, spareKits: Math.floor(random() * 3) })],
  [
    "a step",
    (d, random) => ({
      ...d,
      steps: d.steps.map((step, i) =>
        i === 0 ? { ...step, minutes: 3 + Math.floor(random() * 9) } : step,
      ),
    }),
  ],
  [
    "a price",
    (d, random) => ({
      ...d,
      vinyls: d.vinyls.map((vinyl) => ({
        ...vinyl,
        stock: { ...vinyl.stock, price: Math.floor(random() * 900) },
      })),
    }),
  ],
  [
    "the pad",
    (d, random) => ({ ...d, layout: { ...d.layout, weedPad: 2 + Math.floor(random() * 4) } }),
  ],
  [
    "the way of laying",
    (d, random) => ({
      ...d,
      layout: { ...d.layout, mode: pick(["trimmer", "bySeat", "byThing"] as const, random) },
    }),
  ],
  [
    "the cutter",
    (d, random) => ({ ...d, cutter: { ...d.cutter, cutWidth: 200 + Math.floor(random() * 100) } }),
  ],
  [
    "what fails",
    (d, random) => ({
      ...d,
      recuts:
        random() < 0.5
          ? []
          : [{ seat: pick(d.seats, random).seat, copy: 1, vinyl: d.vinyls[0]?.id ?? "", round: 1 }],
    }),
  ],
  ["the date", (d) => ({ ...d, when: { ...d.when, date: "2027-03-06" } })],
];

const DEMOS = ["seed-tins", "slate-numbers", "quay-market-sets"] as const;
/** A set of several things on faces that are not convex takes a while from nothing. */
const ROUNDS = { "seed-tins": 9, "slate-numbers": 9, "quay-market-sets": 2 };

describe.each(DEMOS)("a memory over changes of %s", (demo) => {
  it.each([11, 12])("never changes what is planned (seed %i)", (seed) => {
    const random = seededRandom(seed);
    const memory = new PlanMemory();
    let document = demoClass(demo);
    makePlan(document, testFonts, memory);
    const told: string[] = [];
    for (let round = 0; round < ROUNDS[demo]; round++) {
      const [name, change] = pick(CHANGES, random);
      told.push(name);
      document = change(document, random);
      // Read anew for every change, as a server does.
      const read = JSON.parse(JSON.stringify(document)) as ClassDocument;
      const kept = makePlan(read, testFonts, memory);
      const fresh = makePlan(read, testFonts);
      expect(planJson(kept), told.join(", ")).toEqual(planJson(fresh));
      expect([...sheetFiles(kept)], told.join(", ")).toEqual([...sheetFiles(fresh)]);
    }
  });
});

describe("what a change does not touch", () => {
  const tins = demoClass("seed-tins");
  const memory = new PlanMemory();
  const before = makePlan(tins, testFonts, memory);
  const read = (document: ClassDocument) => JSON.parse(JSON.stringify(document)) as ClassDocument;

  it("a name letters its own seat, and the others stay the same objects", () => {
    const changed = read(tins);
    const seat = changed.seats[3] as ClassDocument["seats"][number];
    // As long as the old one, so that the size of the set stays.
    seat.fields = { ...seat.fields, name: "Ada" };
    const after = makePlan(changed, testFonts, memory);
    const old = new Map(before.kits.map((kit) => [`${kit.seat} ${kit.vinyl}`, kit]));
    const same = after.kits.filter((kit) => old.get(`${kit.seat} ${kit.vinyl}`) === kit);
    const own = after.kits.filter((kit) => kit.of === seat.seat);
    expect(after.things[0]?.lettered.sizing.binding?.seat).toBe(
      before.things[0]?.lettered.sizing.binding?.seat,
    );
    expect(same.length).toBeGreaterThanOrEqual(
      after.kits.length -
        own.length -
        before.kits.filter(({ seat: spare }) => spare.startsWith("spare")).length,
    );
    expect(same.some(({ seat: id }) => id === seat.seat)).toBe(false);
  });

  it("a step neither letters nor lays nor draws", () => {
    const changed = read(tins);
    changed.steps = changed.steps.map((step) => ({ ...step, minutes: step.minutes + 1 }));
    const after = makePlan(changed, testFonts, memory);
    expect(after.kits.every((kit, i) => kit === before.kits[i])).toBe(true);
    expect(
      after.laidOut.sheets.every((sheet, i) => sheet.kits === before.laidOut.sheets[i]?.kits),
    ).toBe(true);
  });

  it("tells how far it has come", () => {
    const told: string[] = [];
    makePlan(
      tins,
      testFonts,
      new PlanMemory(),
      (stage) => told.at(-1) !== stage && told.push(stage),
    );
    expect(told).toEqual(["letters", "film", "advice"]);
  });
});
