/** What is sent: the rest of a load, a test cut, a DXF, and what is looked at before. */
import { describe, expect, it } from "vitest";
import { rectRing } from "../geometry/polygon.ts";
import { sheetFiles, sheetHpgl } from "../plan/files.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "../testing/one-thing.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { hpgl } from "./hpgl.ts";
import { cutTime } from "./minutes.ts";
import { orderCuts } from "./order.ts";
import { bladePaths } from "./paths.ts";
import { preflight, unanswered } from "./preflight.ts";
import { onlyPieces, piecesOfHpgl, withSetting } from "./rest.ts";
import { sheetPieces } from "./sheet.ts";
import { testCutHpgl, testCutPage } from "./test-cut.ts";

const tins = demoDocument("seed-tins");
const plan = makePlan(tins, testFonts);
const sheet = plan.laidOut.sheets[0];
if (!sheet) throw new Error("the demo has no sheet");
const text = sheetHpgl(sheet, tins);
const { cutter } = tins;

describe("the rest of a load", () => {
  it("holds the pieces asked for, line by line as before, and nothing else", () => {
    const pieces = piecesOfHpgl(text);
    expect(new Set(pieces)).toEqual(
      new Set([...sheetPieces(sheet).map(({ id }) => id), "weed-line"]),
    );
    const wanted = new Set(pieces.filter((_, i) => i % 3 === 1));
    const rest = onlyPieces(text, wanted);
    expect(new Set(piecesOfHpgl(rest))).toEqual(wanted);
    const others = onlyPieces(text, new Set(pieces.filter((piece) => !wanted.has(piece))));
    const downs = (hpglText: string) =>
      hpglText.split("\n").filter((line) => line.startsWith("PD"));
    expect([...downs(rest), ...downs(others)].sort()).toEqual(downs(text).sort());
    expect(onlyPieces(text, new Set(pieces))).toBe(text);
    for (const part of [rest, others]) expect(part.startsWith("IN;\nSP1;\nVS")).toBe(true);
    expect(rest.endsWith("PU0,0;\nSP0;\n")).toBe(true);
  });

  it("carries the force and speed of the last test cut, before the first stroke", () => {
    const lines = withSetting(text, { force: 120, speed: 42 }).split("\n");
    expect(lines.indexOf("FS120;")).toBeGreaterThan(0);
    expect(lines.indexOf("FS120;")).toBeLessThan(lines.findIndex((line) => line.startsWith("PD")));
    expect(
      lines
        .filter((line) => line.startsWith("VS"))
        .every((line) => ["VS4.2;", "VS2.5;"].includes(line)),
    ).toBe(true);
  });

  it("a thin or tiny part is cut with less force and slower, also when it is sent alone, and what follows is not", () => {
    const square = (id: string, at: number, lighter: boolean) => ({
      id,
      lighter,
      polygon: [rectRing(at, 0, at + 5, 5)],
    });
    const mixed = hpgl(
      bladePaths({
        pieces: [square("a", 0, false), square("b", 10, true), square("c", 20, false)],
        overcut: 0,
      }),
      30,
      { knifeOffset: 0, cutSpeed: 60 },
    );
    const setting = (piece: string) =>
      withSetting(onlyPieces(mixed, new Set([piece])), { force: 100, speed: 50 })
        .split("\n")
        .filter((line) => /^[FV]S/u.test(line))
        .slice(-2);
    expect(setting("a")).toEqual(["FS100;", "VS5;"]);
    expect(setting("b")).toEqual(["FS85;", "VS3;"]);
    expect(setting("c")).toEqual(["FS100;", "VS5;"]);
  });

  it("two passes run every contour twice, one after the other, and take twice the time of cutting", () => {
    const pieces = [{ id: "a", polygon: [rectRing(0, 0, 60, 60)] }];
    const once = bladePaths({ pieces, overcut: 0 });
    const twice = bladePaths({ pieces, overcut: 0, passes: 2 });
    expect(twice.map(({ points }) => points)).toEqual([once[0]?.points, once[0]?.points]);
    expect(cutTime(twice, cutter).cutLength).toBe(2 * cutTime(once, cutter).cutLength);
  });

  it("the minutes count the slower speed of thin parts", () => {
    const time = (lighter: boolean) =>
      cutTime(
        bladePaths({
          pieces: [{ id: "a", lighter, polygon: [rectRing(0, 0, 600, 600)] }],
          overcut: 0,
        }),
        { ...cutter, cornerSeconds: 0, liftSeconds: 0 },
      );
    expect(time(true).minutes / time(false).minutes).toBeCloseTo(1 / 0.6, 6);
  });

  it("a film that wants a slower cut is cut with exactly that share of the speed", () => {
    expect(hpgl([], 10, { knifeOffset: 0, cutSpeed: 60 }, 0.8)).toContain("VS4.8;");
  });
});

describe("the test cut", () => {
  it("has a square for every force and speed, apart and inside, each with its own setting", () => {
    const page = testCutPage([80, 120, 160], [1, 0.5], 60);
    expect(page.squares).toHaveLength(6);
    for (const { x, y } of page.squares)
      expect(x >= 0 && y >= 0 && x + 9 <= page.width && y + 9 <= page.height).toBe(true);
    const own = testCutHpgl(page, { knifeOffset: 0, cutSpeed: 60, overcut: 0.5 });
    expect(piecesOfHpgl(own)).toEqual(page.squares.map(({ id }) => id));
    expect(own.match(/^FS\d+;$/gmu)).toEqual(page.squares.map(({ force }) => `FS${force};`));
    expect(own.match(/^VS[\d.]+;$/gmu)).toEqual(
      page.squares.map(({ speed }) => `VS${speed / 10};`),
    );
  });
});

describe("before the blade goes down, on a shared mat", () => {
  it("asks whether all films lie as drawn", () => {
    const vinyl: Vinyl = {
      id: "blue",
      name: "Blue gloss",
      family: "permanentGloss",
      colour: "#112233",
      turns: "free",
      passes: 1,
      stock: { kind: "sheet", width: 300, height: 300, have: 1, price: 0 },
    };
    const ask = (mat: { mat: number } | null) =>
      preflight({
        sheet: { width: 100, height: 80, mirrored: false, stock: "sheet", mat, kits: [] },
        vinyl,
        mat: cutter,
        bladeMm: 0,
        testCut: null,
        findings: [],
      }).filter(({ code }) => code === "matShared");
    expect(ask({ mat: 2 })).toEqual([{ code: "matShared", kind: "ask", values: { mat: 2 } }]);
    expect(ask(null)).toEqual([]);
  });
});

describe("before the blade goes down", () => {
  const vinyl: Vinyl = {
    id: "blue",
    name: "Blue gloss",
    family: "permanentGloss",
    colour: "#112233",
    turns: "free",
    passes: 1,
    stock: { kind: "sheet", width: 300, height: 300, have: 1, price: 0 },
  };
  const input = {
    sheet: {
      width: 200,
      height: 100,
      mirrored: false,
      stock: "sheet",
      kits: [{ seat: "1" }, { seat: "2" }],
    },
    vinyl,
    mat: { cutWidth: 292, cutHeight: 292 },
    bladeMm: 5000,
    testCut: { force: 100, speed: 60, bladeMm: 4000 },
    findings: [],
  };
  const kinds = (lines: ReturnType<typeof preflight>) =>
    Object.fromEntries(lines.map(({ code, kind }) => [code, kind]));

  it("asks what it cannot know, and passes what it does", () => {
    expect(kinds(preflight(input))).toEqual({
      faceUp: "ask",
      rightFilm: "ask",
      force: "pass",
      bladeAge: "pass",
    });
    expect(
      kinds(preflight({ ...input, sheet: { ...input.sheet, mirrored: true, stock: "scrap" } })),
    ).toMatchObject({ mirroredFaceDown: "ask", scrapsLaid: "ask" });
  });

  it("stops for a film without a test cut, an old one, another blade, a worn blade, too much film and thin parts", () => {
    expect(kinds(preflight({ ...input, testCut: null })).noTestCut).toBe("stop");
    expect(kinds(preflight({ ...input, bladeMm: 30_000 })).oldTestCut).toBe("stop");
    expect(kinds(preflight({ ...input, bladeMm: 100 })).oldTestCut).toBe("stop");
    expect(kinds(preflight({ ...input, bladeMm: 61_000 })).bladeAge).toBe("stop");
    expect(
      kinds(preflight({ ...input, sheet: { ...input.sheet, height: 292.2 } })).tooLargeForMat,
    ).toBe("stop");
    expect(
      kinds(preflight({ ...input, sheet: { ...input.sheet, height: 292.1 } })).tooLargeForMat,
    ).toBeUndefined();
    const thin = (seat: string) =>
      kinds(preflight({ ...input, findings: [{ code: "thinStroke", where: { seat } }] })).thinParts;
    expect([thin("2"), thin("9")]).toEqual(["stop", undefined]);
  });

  it("lets a load go only when every question is ticked and every stop has a reason", () => {
    const lines = preflight({ ...input, testCut: null });
    expect(unanswered(lines, { ticked: [], reasons: {} })).toEqual([
      "faceUp",
      "rightFilm",
      "noTestCut",
    ]);
    expect(
      unanswered(lines, { ticked: ["faceUp", "rightFilm"], reasons: { noTestCut: " x " } }),
    ).toEqual(["noTestCut"]);
    expect(
      unanswered(lines, {
        ticked: ["faceUp", "rightFilm"],
        reasons: { noTestCut: "same film as last week" },
      }),
    ).toEqual([]);
  });
});

describe("DXF", () => {
  it("holds every stroke of the HPGL as a polyline in mm, y upwards, and the edge", () => {
    const dxf =
      new Map(sheetFiles(plan)).get("01-harbour.dxf") ??
      [...sheetFiles(plan)].find(([name]) => name.endsWith(".dxf"))?.[1] ??
      "";
    const lines = dxf.split("\n");
    const pairs = Array.from(
      { length: lines.length >> 1 },
      (_, i) => [lines[2 * i], lines[2 * i + 1]] as const,
    );
    const polylines: { layer: string; points: [number, number][] }[] = [];
    for (const [code, value] of pairs) {
      const last = polylines[polylines.length - 1];
      if (code === "0" && value === "POLYLINE") polylines.push({ layer: "", points: [] });
      else if (code === "0" && value === "VERTEX") last?.points.push([0, 0]);
      else if (code === "8" && last && last.layer === "") last.layer = value ?? "";
      else if ((code === "10" || code === "20") && last && last.points.length > 0)
        (last.points[last.points.length - 1] as [number, number])[code === "10" ? 0 : 1] =
          Number(value);
    }
    const strokes = text.split("\n").filter((line) => line.startsWith("PD"));
    expect(polylines.filter(({ layer }) => layer !== "edge")).toHaveLength(strokes.length);
    expect(polylines.filter(({ layer }) => layer === "edge")).toHaveLength(1);
    strokes.forEach((stroke, i) => {
      const end = stroke.slice(2, -1).split(",").slice(-2).map(Number);
      const own = polylines[i]?.points.slice(-1)[0] ?? [0, 0];
      expect(Math.abs((end[0] as number) / 40 - own[0])).toBeLessThan(0.02);
      expect(Math.abs((end[1] as number) / 40 - own[1])).toBeLessThan(0.02);
    });
  });
});

describe("the order of cuts", () => {
  it.each(["seed-tins", "rowing-bottles", "leaf-pot", "slate-numbers", "moth-cloche"])(
    "travels at most 0.6 of the order in which the shapes were drawn: %s",
    (name) => {
      const own = name === "seed-tins" ? plan : makePlan(demoDocument(name), testFonts);
      const way = (rings: readonly (readonly (readonly [number, number])[])[]) => {
        let pen: readonly [number, number] = [0, 0];
        return rings.reduce((sum, ring) => {
          const start = ring[0] ?? pen;
          const step = Math.hypot(start[0] - pen[0], start[1] - pen[1]);
          pen = start;
          return sum + step;
        }, 0);
      };
      // As drawn: seat by seat in the order of the roster, outlines where they begin.
      const drawn = own.laidOut.sheets.reduce(
        (sum, one) =>
          sum +
          way(
            [...one.kits]
              .sort((a, b) => a.seat.localeCompare(b.seat, "en", { numeric: true }))
              .flatMap((kit) => kit.pieces.flatMap(({ polygon }) => polygon)),
          ),
        0,
      );
      const cut = own.laidOut.sheets.reduce(
        (sum, one) => sum + way(orderCuts(sheetPieces(one)).map(({ ring }) => ring)),
        0,
      );
      expect(cut / drawn).toBeLessThanOrEqual(0.6);
    },
  );
});
