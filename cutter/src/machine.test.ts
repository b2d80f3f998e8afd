import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cutTime } from "../../core/src/cutting/minutes.ts";
import { piecesOfHpgl } from "../../core/src/cutting/rest.ts";
import { sheetHpgl } from "../../core/src/plan/files.ts";
import { makePlan } from "../../core/src/plan/plan.ts";
import { pathsOf } from "../../core/src/stages/sheets.ts";
import { demoClass } from "../../core/src/testing/documents.ts";
import { testFonts } from "../../core/src/testing/fonts.ts";
import { HpglReader } from "./hpgl-reader.ts";
import { type Fault, Machine } from "./machine.ts";

const MOTION = { travelSpeed: 200, liftSeconds: 0.15, cornerSeconds: 0.012 };
const FILM = { width: 200, height: 100, motion: MOTION };
const square = (piece: string, x: number, y: number, side = 20) => {
  const at = (a: number, b: number) => `${(x + a) * 40},${(y + b) * 40}`;
  return `CO "${piece}";\nPU${at(0, 0)};\nPD${at(side, 0)},${at(side, side)},${at(0, side)},${at(0, 0)};\n`;
};
const job = (...squares: string[]) => `IN;\nSP1;\nVS6;\n${squares.join("")}PU0,0;\nSP0;\n`;
const loaded = (text: string, fault?: Fault): Machine => {
  const machine = new Machine();
  machine.load(FILM);
  machine.receive(text);
  if (fault) machine.inject(fault);
  return machine;
};
const outcomes = (machine: Machine) =>
  Object.fromEntries(machine.result().map(({ piece, outcome }) => [piece, outcome]));

describe("HpglReader", () => {
  it("reads the same strokes however the text is cut up on its way", () => {
    const text = job(square("a;1", 0, 0), square("b", 50, 10));
    const whole = new HpglReader().read(text);
    expect(whole.map(({ piece }) => piece)).toEqual(["a;1", "b"]);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: text.length }), { maxLength: 8 }), (cuts) => {
        const reader = new HpglReader();
        const ends = [0, ...[...cuts].sort((a, b) => a - b), text.length];
        const strokes = ends.slice(1).flatMap((end, i) => reader.read(text.slice(ends[i], end)));
        expect(strokes).toEqual(whole);
        expect(reader.ended).toBe(true);
      }),
      { seed: 51, numRuns: 60 },
    );
  });

  it("notes what it does not understand, and goes on", () => {
    const reader = new HpglReader();
    expect(reader.read("IN;XX1,2;PU0,0;PD40,0;PU;")).toHaveLength(1);
    expect(reader.unknown).toEqual(["XX1,2"]);
  });
});

describe("Machine", () => {
  it("takes the seconds that lengths, corners, lifts and travel make", () => {
    const machine = loaded(job(square("a", 0, 0)));
    // 80 mm at 60 mm/s, three sharp corners, one lift down and up, no way to go.
    expect(machine.status().ofSeconds).toBeCloseTo(80 / 60 + 3 * 0.012 + 0.3, 6);
  });

  it.each(["seed-tins", "rowing-bottles", "slate-numbers"])(
    "needs the minutes the plan says, within 3 %%: %s",
    (name) => {
      const document = demoClass(name);
      const plan = makePlan(document, testFonts);
      expect(plan.laidOut.sheets.length).toBeGreaterThan(0);
      for (const sheet of plan.laidOut.sheets) {
        const machine = new Machine();
        machine.load({ width: sheet.width, height: sheet.height, motion: document.cutter });
        machine.receive(sheetHpgl(sheet, document));
        const planned = sheet.cutMinutes * 60;
        expect(Math.abs(machine.status().ofSeconds - planned) / planned).toBeLessThan(0.03);
        expect(cutTime(pathsOf(sheet, document.cutter), document.cutter).cutLength).toBeGreaterThan(
          0,
        );
        machine.pass(1e6);
        expect([...machine.status().cut].sort()).toEqual(
          piecesOfHpgl(sheetHpgl(sheet, document)).sort(),
        );
      }
    },
  );

  it("cuts piece by piece, pauses, goes on, and is done", () => {
    const machine = loaded(job(square("a", 0, 0), square("b", 100, 0)));
    machine.pass(1.8);
    expect(machine.status()).toMatchObject({ state: "cutting", cut: ["a"], piece: "b" });
    machine.pause();
    machine.pass(60);
    expect(machine.status()).toMatchObject({ state: "paused", cut: ["a"] });
    machine.resume();
    machine.pass(60);
    expect(machine.status()).toMatchObject({ state: "done", cut: ["a", "b"] });
    expect(outcomes(machine)).toEqual({ a: "through", b: "through" });
  });

  it("without film nothing is cut, and a second load forgets the first", () => {
    const machine = new Machine();
    machine.receive(job(square("a", 0, 0)));
    expect(machine.status()).toMatchObject({ state: "empty", pieces: 0 });
    machine.load(FILM);
    machine.receive(job(square("a", 0, 0)));
    machine.pass(60);
    machine.load(FILM);
    expect(machine.status()).toMatchObject({ state: "ready", cut: [] });
  });

  it("stops where it is when it is cancelled; what is cut stays cut", () => {
    const machine = loaded(job(square("a", 0, 0), square("b", 100, 0)));
    machine.pass(1.8);
    machine.cancel();
    machine.pass(60);
    expect(machine.status()).toMatchObject({ state: "done", cut: ["a"] });
  });

  it("each fault shows as it would on the film", () => {
    const text = job(
      square("far", 20, 2),
      square("near", 20, 70),
      square("edge", 179.5, 40),
      square("dot", 100, 60, 3),
    );
    const after = (fault: Fault) => {
      const machine = loaded(text, fault);
      machine.pass(1e4);
      machine.resume();
      machine.pass(1e4);
      return outcomes(machine);
    };
    expect(new Set(Object.values(after("wrongForce")))).toEqual(new Set(["kissed"]));
    expect(after("dullBlade")).toEqual({
      far: "through",
      near: "through",
      edge: "through",
      dot: "kissed",
    });
    expect(after("skewed").edge).toBe("missed");
    expect(after("skewed").near).toBe("through");
    expect(after("tooShort")).toMatchObject({ far: "missed", near: "through" });
    expect(new Set(Object.values(after("jam")))).toEqual(new Set(["through"]));
  });

  it("a jam waits for hands; power loss forgets everything at once, also when it is paused", () => {
    const machine = loaded(job(square("a", 0, 0), square("b", 100, 0)), "jam");
    for (let i = 0; i < 100; i++) machine.pass(0.05);
    expect(machine.status()).toMatchObject({ state: "jammed", fault: "jam" });
    machine.inject("powerLoss");
    expect(machine.status()).toMatchObject({ state: "empty", fault: "powerLoss", cut: [] });
  });
});
