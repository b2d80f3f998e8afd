/** Kits longer than a load, from the document to the files. */
import { describe, expect, it } from "vitest";
import { applyRemedy } from "../advice/remedy.ts";
import { speak } from "../advice/words-en.ts";
import { sheetSvg } from "../cutting/svg.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { insideEvenOdd, readSheet } from "../testing/sheet-reader.ts";
import { type ClassDocument, classDocumentSchema } from "./document.ts";
import { sheetFiles } from "./files.ts";
import { kitName } from "./kits.ts";
import { makePlan } from "./plan.ts";

const tins = demoDocument("seed-tins");
/** A sign of a metre: two words, much longer than the mat. */
const sign = (layout: Partial<ClassDocument["layout"]> = {}, more: Partial<ClassDocument> = {}) =>
  makePlan(
    classDocumentSchema.parse({
      ...tins,
      blank: { ...tins.blank, handle: undefined, shape: { kind: "flat", width: 1000, height: 220 } },
      seats: tins.seats.slice(0, 2),
      spareKits: 1,
      ...more,
      layout: { ...tins.layout, ...layout },
    }),
    testFonts,
  );

describe.each(["trimmer", "tight", "bySeat"] as const)("a sign longer than the mat, laid %s", (mode) => {
  const plan = sign({ mode, seconds: 0.1 });

  it("is cut in parts, each on some load, with nothing left over", () => {
    expect(plan.laidOut.unplaced).toEqual([]);
    const parts = plan.kits.filter(({ part }) => part !== null);
    expect(parts.length).toBeGreaterThan(3);
    const laid = plan.laidOut.sheets.flatMap((sheet) => sheet.kits.map(({ name }) => `${sheet.vinyl} ${name}`));
    expect([...laid].sort()).toEqual(plan.kits.map((kit) => `${kit.vinyl} ${kitName(kit)}`).sort());
    const ids = plan.kits.flatMap(({ pieces }) => pieces.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
  });

  it("the files carry the crosses, cut last, inside the edge and outside every piece", () => {
    let crosses = 0;
    for (const sheet of plan.laidOut.sheets) {
      const { paths } = readSheet(sheetSvg(sheet));
      const edge = paths.find(({ className }) => className === "edge")?.rings ?? [];
      const cuts = paths.filter(({ className }) => className === "cut");
      for (const point of cuts.flatMap(({ rings }) => rings.flat())) expect(insideEvenOdd(point, edge, 0.01)).toBe(true);
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
    for (const [, text] of files.filter(([name, own]) => name.endsWith(".hpgl") && own.includes('CO "mark"'))) expect(text.lastIndexOf('CO "mark"')).toBeGreaterThan(text.lastIndexOf('CO "1-'));
    expect(files.some(([name, text]) => name.endsWith(".dxf") && text.includes("\nmark\n"))).toBe(true);
  });

  it("the labels on the film number the parts", () => {
    const notes = plan.laidOut.sheets.flatMap((sheet) => sheet.kits.map(({ note }) => note));
    expect(notes.filter((note) => /\d\/\d$/u.test(note)).length).toBe(plan.kits.filter(({ part }) => part).length);
  });
});

describe("what the host is told of parts", () => {
  it("one finding a vinyl, with the size at which the whole fits, and the remedy makes it whole", () => {
    const plan = sign({}, { blank: { ...tins.blank, shape: { kind: "flat", width: 420, height: 260 } } as never });
    const found = plan.findings.filter(({ code }) => code === "kitInParts");
    expect(found.length).toBeGreaterThan(0);
    expect(speak(found[0] as never, "mm", (seat) => `seat ${seat}`).sentence).toMatch(/is cut in \d parts with crosses/u);
    const remedy = found[0]?.remedies.find(({ code }) => code === "setSize");
    expect(remedy).toBeDefined();
    const whole = makePlan(applyRemedy(plan.document, remedy as never), testFonts);
    expect(whole.kits.filter((kit) => kit.vinyl === found[0]?.where.vinyl && kit.part)).toEqual([]);
  });

  it("kept whole on request, it is a kit that no load takes", () => {
    const plan = sign({ split: false });
    expect(plan.kits.every(({ part }) => part === null)).toBe(true);
    expect(plan.findings.some(({ code, severity }) => code === "kitTooLarge" && severity === "stop")).toBe(true);
  });
});
