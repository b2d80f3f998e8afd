/** Kits longer than a load, from the document to the files. */
import { describe, expect, it } from "vitest";
import { speak } from "../advice/words-en.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { sheetSvg } from "../cutting/svg.ts";
import { sheetFiles } from "../plan/files.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  applyRemedy,
  type OneThing as ClassDocument,
  oneThingSchema as classDocumentSchema,
  makePlan,
  oneThing,
  readOneThing,
} from "../testing/one-thing.ts";
import { insideEvenOdd, readSheet } from "../testing/sheet-reader.ts";
import { kitName } from "./kits.ts";

const tins = demoDocument("seed-tins");
/** A sign of a metre: two words, much longer than the mat. */
const sign = (layout: Partial<ClassDocument["layout"]> = {}, more: Partial<ClassDocument> = {}) =>
  makePlan(
    classDocumentSchema.parse({
      ...tins,
      blank: {
        ...tins.blank,
        handle: undefined,
        shape: { kind: "flat", width: 1000, height: 220 },
      },
      seats: tins.seats.slice(0, 2),
      spareKits: 1,
      ...more,
      layout: { ...tins.layout, ...layout },
    }),
    testFonts,
  );

describe.each(["trimmer", "tight", "bySeat"] as const)(
  "a sign longer than the mat, laid %s",
  (mode) => {
    const plan = sign({ mode, seconds: 0.1 });

    it("is cut in parts, each on some load, with nothing left over", () => {
      expect(plan.laidOut.unplaced).toEqual([]);
      const parts = plan.kits.filter(({ part }) => part !== null);
      expect(parts.length).toBeGreaterThan(3);
      const laid = plan.laidOut.sheets.flatMap((sheet) =>
        sheet.kits.map(({ name }) => `${sheet.vinyl} ${name}`),
      );
      expect([...laid].sort()).toEqual(
        plan.kits.map((kit) => `${kit.vinyl} ${kitName(kit)}`).sort(),
      );
      const ids = plan.kits.flatMap(({ pieces }) => pieces.map(({ id }) => id));
      expect(new Set(ids).size).toBe(ids.length);
    });

    it("the files carry the crosses, cut last, inside the edge and outside every piece", () => {
      let crosses = 0;
      for (const sheet of plan.laidOut.sheets) {
        const { paths } = readSheet(sheetSvg(sheet));
        const edge = paths.find(({ className }) => className === "edge")?.rings ?? [];
        const cuts = paths.filter(({ className }) => className === "cut");
        for (const point of cuts.flatMap(({ rings }) => rings.flat()))
          expect(insideEvenOdd(point, edge, 0.01)).toBe(true);
        const marks = paths.filter(({ className }) => className === "mark");
        crosses += marks.length / 2;
        for (const point of marks.flatMap(({ rings }) => rings.flat())) {
          expect(insideEvenOdd(point, edge, 0.01)).toBe(true);
          for (const { rings } of cuts) expect(insideEvenOdd(point, rings, 0)).toBe(false);
        }
        const seats = paths.filter(({ className }) => className === "cut").map(({ seat }) => seat);
        expect(sheetSvg(sheet).match(/<g class="kit"/gu)?.length ?? 0).toBe(new Set(seats).size);
      }
      expect(crosses).toBeGreaterThan(3);
      const files = [...sheetFiles(plan)];
      for (const [, text] of files.filter(
        ([name, own]) => name.endsWith(".hpgl") && own.includes('CO "mark"'),
      ))
        expect(text.lastIndexOf('CO "mark"')).toBeGreaterThan(text.lastIndexOf('CO "1-'));
      expect(files.some(([name, text]) => name.endsWith(".dxf") && text.includes("\nmark\n"))).toBe(
        true,
      );
    });

    it("the labels on the film number the parts", () => {
      const notes = plan.laidOut.sheets.flatMap((sheet) => sheet.kits.map(({ note }) => note));
      expect(notes.filter((note) => /\d\/\d$/u.test(note)).length).toBe(
        plan.kits.filter(({ part }) => part).length,
      );
    });
  },
);

describe("cutter and mat", () => {
  const on = (id: string) => CUTTER_PROFILES.find((profile) => profile.id === id)?.cutter;

  it("profiles are data that a document may hold, and none reaches further than its machine", () => {
    for (const { cutter, most } of CUTTER_PROFILES) {
      expect(readOneThing({ ...tins, cutter }).ok).toBe(true);
      expect(most.width).toBeGreaterThanOrEqual(cutter.cutWidth);
      expect(most.height).toBeGreaterThanOrEqual(cutter.cutHeight);
    }
    expect(new Set(CUTTER_PROFILES.map(({ cutter }) => cutter.name)).size).toBe(
      CUTTER_PROFILES.length,
    );
  });

  it("a wide roll cutter takes in one what the small mat takes in parts", () => {
    const roll = tins.vinyls.map((vinyl) => ({
      ...vinyl,
      stock: { kind: "roll" as const, width: 610, height: 5000, have: 1, price: 2000 },
    }));
    const wide = sign({}, { vinyls: roll, cutter: on("wide") } as never);
    expect(wide.kits.every(({ part }) => part === null)).toBe(true);
    expect(wide.laidOut.unplaced).toEqual([]);
    expect(wide.laidOut.use.every(({ rollLength }) => rollLength > 0)).toBe(true);
  });

  it("without a mat, film on a thin backing is stopped, by name", () => {
    const found = sign({}, { cutter: on("narrowFree") } as never).findings.filter(
      ({ code }) => code === "needsMat",
    );
    expect(found.map(({ where }) => where.vinyl)).toEqual(tins.vinyls.map(({ id }) => id));
    expect(speak(found[0] as never, "mm", String).sentence).toContain(tins.vinyls[0]?.name);
    const thick = tins.vinyls.map((vinyl) => ({ ...vinyl, family: "thickBacked" as const }));
    expect(
      sign({}, { cutter: on("narrowFree"), vinyls: thick } as never).findings.some(
        ({ code }) => code === "needsMat",
      ),
    ).toBe(false);
  });

  it("film with a direction: kits lie upright, or upside down at most, however they are laid", () => {
    for (const [turns, allowed] of [
      ["none", [0]],
      ["half", [0, 180]],
    ] as const)
      for (const mode of ["tight", "trimmer", "bySeat"] as const) {
        const plan = makePlan(
          classDocumentSchema.parse({
            ...tins,
            vinyls: tins.vinyls.map((vinyl) => ({ ...vinyl, turns })),
            layout: { ...tins.layout, mode, seconds: 0.2 },
          }),
          testFonts,
        );
        for (const { turn } of plan.laidOut.sheets.flatMap((sheet) => sheet.kits))
          expect(allowed).toContain(turn);
      }
  });
});

describe("what the host is told of parts", () => {
  it("one finding a vinyl, with the size at which the whole fits, and the remedy makes it whole", () => {
    const plan = sign(
      {},
      { blank: { ...tins.blank, shape: { kind: "flat", width: 420, height: 260 } } as never },
    );
    const found = plan.findings.filter(({ code }) => code === "kitInParts");
    expect(found.length).toBeGreaterThan(0);
    expect(speak(found[0] as never, "mm", (seat) => `seat ${seat}`).sentence).toMatch(
      /is cut in \d parts with crosses/u,
    );
    const remedy = found[0]?.remedies.find(({ code }) => code === "setSize");
    expect(remedy).toBeDefined();
    const whole = makePlan(applyRemedy(oneThing(plan.document), remedy as never), testFonts);
    expect(whole.kits.filter((kit) => kit.vinyl === found[0]?.where.vinyl && kit.part)).toEqual([]);
  });

  it("kept whole on request, it is a kit that no load takes", () => {
    const plan = sign({ split: false });
    expect(plan.kits.every(({ part }) => part === null)).toBe(true);
    expect(
      plan.findings.some(({ code, severity }) => code === "kitTooLarge" && severity === "stop"),
    ).toBe(true);
  });
});
