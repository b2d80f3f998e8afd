/** Class documents from outside: what is wrong is named by its path, whatever it is. */
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { readClassDocument } from "./document.ts";

/** A document as the first version wrote it: read for ever. */
const tins = JSON.parse(
  readFileSync(fileURLToPath(new URL("../testing/version-1.json", import.meta.url)), "utf8"),
);
type Json = Record<string, unknown>;

/** The demo document with one place changed; a path of undefined takes the place out. */
function changed(path: string, value: unknown): unknown {
  const copy = JSON.parse(JSON.stringify(tins)) as Json;
  const keys = path.split(".");
  const last = keys.pop() as string;
  const holder = keys.reduce<Json>((at, key) => at[key] as Json, copy);
  if (value === undefined) delete holder[last];
  else holder[last] = value;
  return copy;
}

describe("what is wrong is named by its path", () => {
  it.each([
    ["title", "", "$.title"],
    ["title", undefined, "$.title"],
    ["when.date", "2026-02-30", "$.when.date"],
    ["when.time", "25:00", "$.when.time"],
    ["when.zone", "Mars/Olympus", "$.when.zone"],
    ["when.minutes", 5, "$.when.minutes"],
    ["blank.shape.kind", "teapot", "$.blank.shape.kind"],
    ["blank.shape.diameter", -4, "$.blank.shape.diameter"],
    ["blank.colour", "blue", "$.blank.colour"],
    ["blank.material", "cheese", "$.blank.material"],
    ["vinyls.0.id", "Harbour Blue", "$.vinyls[0].id"],
    ["vinyls.0.stock.width", 0, "$.vinyls[0].stock.width"],
    ["cutter.cutWidth", "wide", "$.cutter.cutWidth"],
    ["design.school", "loudest", "$.design.school"],
    ["design.items.0.vinyl", "velvet", "$.design.items[0].vinyl"],
    ["design.items.0.marks", "eaten", "$.design.items[0].marks"],
    ["design.items.0.thickenMm", 40, "$.design.items[0].thickenMm"],
    ["design.offered", ["velvet"], "$.design.offered[0]"],
    ["seats.0.seat", "../x", "$.seats[0].seat"],
    ["seats.1.seat", "1", "$.seats[1].seat"],
    ["seats.1.seat", "spare-1", "$.seats[1].seat"],
    ["seats.1.seat", "recut-12", "$.seats[1].seat"],
    ["seats.0.fields.salary", "1", "$.seats[0].fields.salary"],
    ["seats.0.hand", "both", "$.seats[0].hand"],
    ["seats.0.own", { "first-name": { size: 9 } }, "$.seats[0].own.first-name.size"],
    ["use", { washing: "soda" }, "$.use.washing"],
    ["layout.clearance", -1, "$.layout.clearance"],
    ["prices.currency", "pounds", "$.prices.currency"],
    ["supplies.0.per", "moon", "$.supplies[0].per"],
    ["steps.0.minutes", 0, "$.steps[0].minutes"],
    ["steps.1.after", [{ step: "nowhere" }], "$.steps[1].after[0].step"],
    [
      "preparation",
      [{ id: "coat", title: "Coat", minutes: 5, after: ["sand"] }],
      "$.preparation[0].after[0]",
    ],
    [
      "preparation",
      [
        { id: "coat", title: "Coat", minutes: 5 },
        { id: "coat", title: "Coat", minutes: 5 },
      ],
      "$.preparation[1].id",
    ],
    [
      "preparation",
      [
        { id: "coat", title: "Coat", minutes: 5, after: ["sand"] },
        { id: "sand", title: "Sand", minutes: 5, after: ["coat"] },
      ],
      "$.preparation[0].after",
    ],
    [
      "preparation",
      [{ id: "coat", title: "Coat", minutes: 5, thing: "nobody" }],
      "$.preparation[0].thing",
    ],
    ["version", 3, "$.version"],
    ["colour", "red", "$"],
  ])("%s = %j", (path, value, wanted) => {
    const read = readClassDocument(changed(path, value));
    expect(read.ok).toBe(false);
    expect(!read.ok && read.path).toBe(wanted);
    expect(!read.ok && read.message.length).toBeGreaterThan(3);
  });

  it.each([null, 4, "class", [], {}])("%j is no document", (given) => {
    expect(readClassDocument(given).ok).toBe(false);
  });
});

describe("a document of the first version", () => {
  const read = (text: string) => {
    const answer = readClassDocument(JSON.parse(text));
    if (!answer.ok) throw new Error(`${answer.path}: ${answer.message}`);
    return `${JSON.stringify(answer.value, null, 2)}\n`;
  };

  it("exported, brought in and exported again: the same bytes, and the same plan", () => {
    const first = read(JSON.stringify(tins));
    expect(read(first)).toBe(first);
    expect(JSON.parse(first).version).toBe(2);
    const plans = [tins, JSON.parse(first)].map((json) => {
      const answer = readClassDocument(json);
      return answer.ok ? makePlan(answer.value, testFonts).laidOut.sheets : null;
    });
    expect(plans[1]).toEqual(plans[0]);
  });

  it("a price of nothing stood where nobody had said one: it is missing, not free", () => {
    const supplies = tins.supplies.map((row: Json) => ({ ...row, pack: { size: 1, price: 0 } }));
    expect(
      JSON.parse(read(JSON.stringify({ ...tins, supplies }))).supplies.every(
        ({ pack }: { pack: Json }) => !("price" in pack),
      ),
    ).toBe(true);
  });
});

describe("every demo document", () => {
  const names = readdirSync(fileURLToPath(new URL("../../../demo", import.meta.url)))
    .filter((name) => name.endsWith(".json"))
    .map((name) => name.replace(/\.json$/u, ""));

  it.each(names)("%s is read, planned without a stop, and comes back as it was", (name) => {
    const document = demoClass(name);
    const again = readClassDocument(JSON.parse(JSON.stringify(document)));
    expect(again.ok && again.value).toEqual(document);
    expect(document.seats.length).toBeGreaterThan(0);
    const plan = makePlan(document, testFonts);
    expect(plan.findings.filter(({ severity }) => severity === "stop")).toEqual([]);
    expect(plan.laidOut.unplaced).toEqual([]);
    expect(plan.things.flatMap(({ lettered }) => lettered.empty)).toEqual([]);
  });

  it("say nothing of real places: addresses end in .example, if there are any", () => {
    for (const name of names)
      expect(
        readFileSync(fileURLToPath(new URL(`../../../demo/${name}.json`, import.meta.url)), "utf8"),
      ).not.toMatch(/https?:\/\/(?!\S*\.example)/u);
  });
});

describe("documents that nobody wrote", () => {
  it("are refused or planned, never a crash", () => {
    const number = fc.oneof(
      fc.constant(0),
      fc.constant(-1),
      fc.constant(1e9),
      fc.constant(Number.NaN),
      fc.double(),
    );
    const value = fc.oneof(
      number,
      fc.string({ maxLength: 8 }),
      fc.constant(null),
      fc.boolean(),
      fc.constant([]),
      fc.constant({}),
    );
    const path = fc.constantFrom(
      "blank.shape.diameter",
      "blank.shape.height",
      "blank.shape.wrapAngle",
      "blank.margin",
      "design.items.0.size",
      "design.items.0.trackingEm",
      "design.fixedScale",
      "seats",
      "vinyls.0.stock",
      "cutter.edgeMargin",
      "layout.weedPad",
      "spareKits",
      "when.minutes",
    );
    fc.assert(
      fc.property(path, value, (at, what) => {
        const read = readClassDocument(changed(at, what));
        if (!read.ok) return;
        try {
          makePlan({ ...read.value, seats: read.value.seats.slice(0, 2) }, testFonts);
        } catch (error) {
          expect(error).toBeInstanceOf(RangeError);
        }
      }),
      { seed: 111, numRuns: 150 },
    );
  });
});
