import { describe, expect, it } from "vitest";
import { MOST_CHORDS } from "../geometry/outline.ts";
import { drawingPath, readPiecePath } from "../geometry/path.ts";
import { sheetFiles } from "../plan/files.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "../testing/one-thing.ts";
import { compareSheet, type PlannedPiece, readCutSheet } from "./read-sheet.ts";

const plan = makePlan(demoDocument("seed-tins"), testFonts);
const sheet = plan.laidOut.sheets[0];
if (!sheet) throw new Error("the demo has no sheet");
const svg = [...sheetFiles(plan)].find(([name]) => name.endsWith(".svg"))?.[1] ?? "";
const planned: PlannedPiece[] = sheet.kits.flatMap((kit) =>
  kit.pieces.map(({ id, polygon }) => ({ id, seat: kit.name, polygons: [polygon] })),
);
const verdicts = (text: string) => compareSheet(readCutSheet(text) ?? { pieces: [] }, planned);
const first = sheet.kits.find(({ pieces }) => pieces.length > 1)?.name ?? "";
/** What a drawing program writes when somebody drags a kit: a transform on its group. */
const dragged = (to: string) =>
  svg.replace(
    `<g class="kit" data-seat="${first}"`,
    `<g class="kit" data-seat="${first}" transform="${to}"`,
  );

describe("a cut sheet that comes back", () => {
  it("is recognised as the load it was, with its kits and pieces", () => {
    const read = readCutSheet(svg);
    expect(read).toMatchObject({ vinyl: sheet.vinyl, sheet: 1, stock: "sheet", mirrored: false });
    expect(new Set(read?.pieces.map(({ id }) => id))).toEqual(new Set(planned.map(({ id }) => id)));
    expect(new Set(read?.pieces.map(({ seat }) => seat))).toEqual(
      new Set(sheet.kits.map(({ seat }) => seat)),
    );
  });

  it("untouched, every kit is as planned", () => {
    const { kits, unknown } = verdicts(svg);
    expect(kits.every(({ is }) => is === "asPlanned")).toBe(true);
    expect(kits).toHaveLength(sheet.kits.length);
    expect(unknown).toEqual([]);
  });

  it("held against the simpler outlines of the screen, dots of a millimetre are still as planned", () => {
    const shown = planned.map((piece) => ({
      ...piece,
      polygons: [readPiecePath(drawingPath(piece.polygons, 0.05))],
    }));
    expect(
      compareSheet(readCutSheet(svg) ?? { pieces: [] }, shown).kits.filter(
        ({ is }) => is !== "asPlanned",
      ),
    ).toEqual([]);
  });

  it("a dragged kit is moved by so much, also when the page was given another unit", () => {
    expect(
      verdicts(dragged("translate(12.5 -4)")).kits.filter(({ is }) => is !== "asPlanned"),
    ).toEqual([
      { kit: first, is: "moved", dx: expect.closeTo(12.5, 3), dy: expect.closeTo(-4, 3) },
    ]);
    const [, w, h] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/u.exec(svg) ?? [];
    const inTenths = dragged("translate(5 0)")
      .replace(/viewBox="[^"]*"/u, `viewBox="0 0 ${Number(w) * 10} ${Number(h) * 10}"`)
      .replace(/<svg [^>]*>/u, (tag) => `${tag}<g transform="scale(10)">`)
      .replace("</svg>", "</g></svg>");
    expect(verdicts(inTenths).kits.filter(({ is }) => is !== "asPlanned")).toEqual([
      { kit: first, is: "moved", dx: expect.closeTo(5, 2), dy: expect.closeTo(0, 2) },
    ]);
  });

  it("turned, enlarged or with a piece moved alone it is changed; with a piece gone it is incomplete", () => {
    expect(verdicts(dragged("rotate(20)")).kits.find(({ kit }) => kit === first)?.is).toBe(
      "changed",
    );
    expect(verdicts(dragged("scale(1.1)")).kits.find(({ kit }) => kit === first)?.is).toBe(
      "changed",
    );
    const gone = planned.find(({ seat }) => seat === first)?.id ?? "";
    const without = svg.replace(
      new RegExp(`<path class="cut" data-piece="${gone}"[^>]*/>`, "u"),
      "",
    );
    expect(verdicts(without).kits.find(({ kit }) => kit === first)).toEqual({
      kit: first,
      is: "incomplete",
      missing: [gone],
    });
    const lone = svg.replace(
      `data-piece="${gone}"`,
      `data-piece="${gone}" transform="translate(3 0)"`,
    );
    expect(verdicts(lone).kits.find(({ kit }) => kit === first)?.is).toBe("changed");
  });

  it("pieces the plan does not know are named; any other drawing is no cut sheet", () => {
    expect(
      verdicts(svg.replace(`data-piece="${planned[0]?.id}"`, 'data-piece="99-x-1"')).unknown,
    ).toEqual(["99-x-1"]);
    expect(
      readCutSheet(
        '<svg xmlns="http://www.w3.org/2000/svg" width="10mm" height="10mm"><path d="M0 0L9 0L9 9Z"/></svg>',
      ),
    ).toBeNull();
    expect(readCutSheet("no drawing at all")).toBeNull();
  });
});

describe("a file made to take everything", () => {
  const file = (d: string) =>
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9" data-vinyl="white" data-sheet="1"><path data-piece="a" d="${d}"/></svg>`;

  it("a curve wider than any workshop ends at a bounded number of points", () => {
    for (const d of ["M0 0Q1e30 1e30 5 0Z", "M0 0C1e300 0 1e300 9 5 0Z", "M0 0A1e9 1e9 0 1 1 5 5Z"])
      expect(readCutSheet(file(d))?.pieces[0]?.polygons.flat(2).length ?? 0, d).toBeLessThanOrEqual(
        4 * MOST_CHORDS,
      );
  });

  it("a hundred of them are refused in words", () => {
    const apart = Array.from({ length: 100 }, () => "M0 0Q1e30 1e30 5 0Z").join("");
    const inOne = `M0 0${"Q1e30 1e30 5 0".repeat(300_000)}`;
    const manyInOne = "M0 0Q1e30 1e30 5 0Z".repeat(200_000);
    for (const many of [apart, inOne, manyInOne])
      expect(() => readCutSheet(file(many))).toThrow("more points than any load");
  });

  it("a zigzag over itself is refused before anybody waits for it", () => {
    const zigzag = Array.from({ length: 6000 }, (_, i) =>
      i % 2 === 0 ? `L${i * 1e-3} ${i * 0.1}` : `L${200 - i * 1e-3} ${(6000 - i) * 0.1}`,
    );
    expect(() => readCutSheet(file(`M0 0${zigzag.join("")}Z`))).toThrow("cross themselves");
  });

  it("what crosses itself a little is read", () => {
    expect(readCutSheet(file("M0 0L4 4L4 0L0 4Z"))?.pieces[0]?.polygons.length).toBe(2);
  });
});
