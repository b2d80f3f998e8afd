import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { onlyPieces, piecesOfHpgl, shiftedHpgl } from "../cutting/rest.ts";
import { sheetSvg } from "../cutting/svg.ts";
import { sheetHpgl } from "../plan/files.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "../testing/one-thing.ts";
import { shareMats } from "./mats.ts";

const tins = demoDocument("seed-tins");
const plans = [false, true].map((shareMat) =>
  makePlan({ ...tins, layout: { ...tins.layout, shareMat } }, testFonts),
);
const [alone, shared] = plans as [(typeof plans)[number], (typeof plans)[number]];

describe("several colours on one mat", () => {
  it("are loaded once: the evening is shorter by the loading, and the files are the same", () => {
    expect(shared.laidOut.sheets.map(({ mat }) => mat?.mat)).toEqual([1, 1]);
    const saved = alone.preparation.cutting - shared.preparation.cutting;
    expect(saved).toBeCloseTo(tins.cutter.loadMinutes, 9);
    expect(shared.laidOut.sheets.map(sheetSvg)).toEqual(alone.laidOut.sheets.map(sheetSvg));
  });

  it("films of one mat are cut one after another, whatever the number of colours and loads", () => {
    const night = demoDocument("night-sky-clipboard");
    const plan = makePlan(
      {
        ...night,
        seats: night.seats.slice(0, 60),
        layout: { ...night.layout, shareMat: true, trim: true },
      },
      testFonts,
    );
    const mats = plan.laidOut.sheets.map(({ mat }) => mat?.mat ?? null);
    expect(new Set(mats.filter((mat) => mat !== null)).size).toBeGreaterThan(0);
    for (const mat of new Set(mats.filter((one) => one !== null))) {
      const [from, to] = [mats.indexOf(mat), mats.lastIndexOf(mat)];
      expect(mats.slice(from, to + 1).every((one) => one === mat)).toBe(true);
    }
    expect(plan.laidOut.sheets.map(({ nn }) => nn)).toEqual(
      plan.laidOut.sheets.map((_, i) => i + 1),
    );
  });

  it("stay where they lie when a kit is cut again", () => {
    const recuts = [{ seat: "3", vinyl: tins.vinyls[0]?.id ?? "", round: 1, copy: 1 }];
    const again = makePlan(
      { ...tins, recuts, layout: { ...tins.layout, shareMat: true } },
      testFonts,
    );
    const count = shared.laidOut.sheets.length;
    expect(again.laidOut.sheets.slice(0, count).map(({ mat }) => mat)).toEqual(
      shared.laidOut.sheets.map(({ mat }) => mat),
    );
    expect(again.laidOut.sheets.slice(count).map(({ mat }) => mat)).toEqual([null]);
  });

  it("lie apart on the mat, and inside it", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 5, max: 290 }), fc.integer({ min: 5, max: 290 })), {
          minLength: 1,
          maxLength: 12,
        }),
        (sizes) => {
          const films = sizes.map(([width, height], i) => ({ nn: i + 1, width, height }));
          const places = shareMats(films, { cutWidth: 292, cutHeight: 292 });
          const on = films.flatMap((film) =>
            places.has(film.nn)
              ? [{ ...film, at: places.get(film.nn) as NonNullable<ReturnType<typeof places.get>> }]
              : [],
          );
          for (const a of on) {
            expect(a.at.x + a.width).toBeLessThanOrEqual(292 + 1e-6);
            expect(a.at.y + a.height).toBeLessThanOrEqual(292 + 1e-6);
            expect(on.filter(({ at }) => at.mat === a.at.mat).length).toBeGreaterThan(1);
            for (const b of on)
              if (b.nn > a.nn && b.at.mat === a.at.mat)
                expect(
                  a.at.x + a.width + 3 <= b.at.x + 1e-6 ||
                    b.at.x + b.width + 3 <= a.at.x + 1e-6 ||
                    a.at.y + a.height + 3 <= b.at.y + 1e-6 ||
                    b.at.y + b.height + 3 <= a.at.y + 1e-6,
                ).toBe(true);
          }
        },
      ),
      { seed: 41, numRuns: 200 },
    );
  });

  it("what is sent is the same cuts, shifted to where the film lies", () => {
    const sheet = shared.laidOut.sheets[1];
    if (!sheet) throw new Error("two loads are needed");
    const text = sheetHpgl(sheet, tins);
    const moved = shiftedHpgl(text, 10, 25);
    const numbers = (hpgl: string) =>
      hpgl
        .split("\n")
        .flatMap((line) =>
          /^P[UD]\d/u.test(line) && line !== "PU0,0;"
            ? line.slice(2, -1).split(",").map(Number)
            : [],
        );
    const [before, after] = [numbers(text), numbers(moved)];
    expect(after.length).toBe(before.length);
    expect(
      after.every((value, i) => value - (before[i] as number) === (i % 2 === 0 ? 400 : 1000)),
    ).toBe(true);
    expect(piecesOfHpgl(moved)).toEqual(piecesOfHpgl(text));
    expect(shiftedHpgl(onlyPieces(text, new Set(piecesOfHpgl(text).slice(0, 2))), 0, 0)).toBe(
      onlyPieces(text, new Set(piecesOfHpgl(text).slice(0, 2))),
    );
  });
});
