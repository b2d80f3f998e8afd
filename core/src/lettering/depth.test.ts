import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { unionPolygons } from "../geometry/boolean.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Polygon,
  type Polygons,
  placed,
  pointInPolygon,
  polygonArea,
  polygonsArea,
  rectRing,
} from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { madeUpNames } from "../testing/documents.ts";
import { testFace, testFonts } from "../testing/fonts.ts";
import { composeSet, designOf } from "./compose.ts";
import { letterLine } from "./line.ts";
import { withMarks } from "./marks.ts";
import { openedRings, slitPlates } from "./open-rings.ts";
import { PLAIN_LINE } from "./plain-line.ts";
import { type Design, designSchema, stencilSchema } from "./recipe.ts";
import { mergedVinyl, vinylsOf } from "./recipe-reads.ts";
import { bridgeIslands } from "./stencil.ts";
import { measureThinShare, STUDIO_FONTS, smallestSafeCap } from "./studio-fonts.ts";
import { countersOf, openCounters, thicken } from "./thicken.ts";
import { thinnestStroke } from "./thinnest.ts";

const ring = (outer: number, inner: number): Polygon => [
  rectRing(-outer, -outer, outer, outer),
  [...rectRing(-inner, -inner, inner, inner)].reverse(),
];
const lineOf = (font: string, text: string, capMm: number, more: object = {}): Polygons => {
  const face = testFace(font);
  return placed(
    letterLine(face, { text, trackingEm: 0, join: false, ...more }, 0.0005).polygons,
    capMm / face.capHeight,
    0,
    0,
  );
};
const design = (items: object[], more: object = {}): Design =>
  designSchema.parse({ items, ...more });
const text = (id: string, more: object = {}) => ({
  ...PLAIN_LINE,
  id,
  font: "oswald",
  vinyl: "blue",
  size: 10,
  ...(Object.hasOwn(more, "text") ? {} : { slot: "name" }),
  ...more,
});
const seats = (...names: string[]) =>
  names.map((name, i) => ({ seat: String(i + 1), fields: { name } }));

describe("the shipped fonts", () => {
  it("are at least sixteen, each with what its measured stroke says", () => {
    expect(STUDIO_FONTS.length).toBeGreaterThanOrEqual(16);
    for (const { id, thinShare } of STUDIO_FONTS)
      expect(measureThinShare(testFace(id)) / thinShare, id).toBeCloseTo(1, 1);
  });

  it("a film that needs wider strokes needs larger letters", () => {
    expect(smallestSafeCap(0.08, "permanentGloss")).toBeCloseTo(10, 9);
    expect(smallestSafeCap(0.08, "glitter")).toBeCloseTo(20, 9);
  });
});

describe("dots and accents", () => {
  const parts = (font: string, letter: string) => {
    const face = testFace(font);
    return face.parts(face.shape(letter)[0]?.glyph ?? 0, 0.0005);
  };

  it("an i has two parts; joined or bridged it is one, dropped it has lost its dot", () => {
    const i = parts("poppins", "i");
    expect(i).toHaveLength(2);
    expect(withMarks(i, "i", "joined")).toHaveLength(1);
    expect(withMarks(i, "i", "bridged")).toHaveLength(1);
    expect(withMarks(i, "i", "dropped")).toHaveLength(1);
    expect(withMarks(i, "i", "asDrawn")).toEqual(i);
  });

  it("joining moves the dot and keeps its size; a bridge adds to it", () => {
    const i = parts("poppins", "i");
    expect(polygonsArea(withMarks(i, "i", "joined")) / polygonsArea(i)).toBeCloseTo(1, 1);
    expect(boxHeight(boxOf(withMarks(i, "i", "joined")))).toBeLessThan(boxHeight(boxOf(i)));
    expect(polygonsArea(withMarks(i, "i", "bridged"))).toBeGreaterThan(polygonsArea(i));
    expect(boxHeight(boxOf(withMarks(i, "i", "bridged")))).toBeCloseTo(boxHeight(boxOf(i)), 6);
  });

  it("both dots of ë, and no accent is ever dropped: that would be another name", () => {
    const e = parts("poppins", "ë");
    expect(e).toHaveLength(3);
    expect(withMarks(e, "ë", "joined")).toHaveLength(1);
    expect(withMarks(e, "ë", "dropped")).toEqual(e);
  });

  it("signs that are no letters are left alone", () => {
    const colon = parts("poppins", ":");
    expect(withMarks(colon, ":", "joined")).toEqual(colon);
  });

  it("over a whole name: every letter is one piece", () => {
    const pieces = (marks: string) => lineOf("poppins", "Ruairí", 12, { marks }).length;
    expect(pieces("asDrawn")).toBe(8);
    expect(pieces("joined")).toBe(6);
    expect(pieces("bridged")).toBe(6);
    expect(pieces("dropped")).toBe(7);
  });
});

describe("thicker", () => {
  it("by t on every side: the thinnest stroke grows by 2t", () => {
    const names = fc.constantFrom("Ines", "Bo", "Øyvind", "Mette");
    fc.assert(
      fc.property(
        names,
        fc.constantFrom("oswald", "quicksand", "pacifico"),
        fc.double({ min: 0.05, max: 0.5, noNaN: true }),
        (name, font, t) => {
          const before = lineOf(font, name, 14);
          expect(thinnestStroke(thicken(before, t))).toBeGreaterThanOrEqual(
            thinnestStroke(before) + 2 * t - 0.12,
          );
        },
      ),
      { seed: 31, numRuns: 12 },
    );
  });

  it("a bar by hand: 10 × 2 grown by 0.5 is 11 × 3, corners rounded", () => {
    const area = polygonsArea(thicken([[rectRing(0, 0, 10, 2)]], 0.5));
    expect(area).toBeCloseTo(20 + 2 * 12 * 0.5 + Math.PI * 0.25, 1);
  });

  it("nothing is nothing", () => {
    const bar: Polygons = [[rectRing(0, 0, 10, 2)]];
    expect(thicken(bar, 0)).toBe(bar);
  });
});

describe("tight insides", () => {
  it("are opened to the width asked for; wide ones are left", () => {
    const [opened] = openCounters([ring(10, 0.4)], 1.6);
    expect(thinnestStroke([[[...(opened?.[1] ?? [])].reverse()]])).toBeGreaterThanOrEqual(1.5);
    const wide: Polygons = [ring(10, 3)];
    expect(openCounters(wide, 1.6)).toEqual(wide);
    expect(openCounters(wide, 0)).toBe(wide);
  });

  it("are known per letter: the e of a bold face is tighter than its o", () => {
    const face = testFace("alfa-slab-one");
    const width = (letter: string) => face.tightestCounter(face.shape(letter)[0]?.glyph ?? 0);
    expect(width("e")).toBeLessThan(width("o"));
    expect(width("l")).toBe(Number.POSITIVE_INFINITY);
  });

  it("that overlapping letters close are counted", () => {
    const face = testFace("poppins");
    const loose = letterLine(face, { text: "oo", trackingEm: 0, join: false, nudges: {} }, 0.001);
    const piled = letterLine(
      face,
      { text: "oo", trackingEm: -0.55, join: false, nudges: {} },
      0.001,
    );
    expect(loose.closedCounters).toBe(0);
    expect(countersOf(loose.polygons)).toBe(2);
    expect(piled.polygons).toHaveLength(1);
  });
});

describe("letters moved by hand", () => {
  it("a pair's nudge moves all that follows, and only that pair", () => {
    const plain = boxOf(lineOf("oswald", "Wow", 10));
    const apart = boxOf(lineOf("oswald", "Wow", 10, { nudges: { Wo: 0.2 } }));
    const em = 10 / testFace("oswald").capHeight;
    expect(boxWidth(apart) - boxWidth(plain)).toBeCloseTo(0.2 * em, 2);
    expect(boxWidth(boxOf(lineOf("oswald", "Wow", 10, { nudges: { xy: 0.2 } })))).toBeCloseTo(
      boxWidth(plain),
      6,
    );
  });

  it("joining never needs more than one piece a word, over many names and scripts", () => {
    for (const name of madeUpNames(12, seededRandom(4)).map((n) => n.replace(/[éø]/gu, "a")))
      for (const font of ["pacifico", "lobster", "yellowtail"]) {
        const { polygons, apart } = letterLine(
          testFace(font),
          { text: name, trackingEm: 0, join: true, marks: "joined" },
          0.001,
        );
        if (apart.length === 0) expect(polygons, `${font} ${name}`).toHaveLength(1);
      }
  });
});

describe("stencil bridges", () => {
  const rule = stencilSchema.parse({ islands: "bridged", bridgeMm: 2 });
  const noLetter = () => "";

  it("hold every island: no counters are left, and the island is field again", () => {
    const { polygons, bridges } = bridgeIslands([ring(10, 5)], rule, noLetter);
    expect(countersOf(polygons)).toBe(0);
    expect(bridges).toHaveLength(1);
    expect(polygons.some((polygon) => pointInPolygon([0, 0], polygon))).toBe(false);
    // A strip of 2 mm across 5 mm of stroke.
    expect(polygonsArea(polygons)).toBeCloseTo(400 - 100 - 10, 1);
  });

  it("go where the stroke is thinnest: off-centre, towards the near side", () => {
    const off: Polygon = [rectRing(0, 0, 30, 20), [...rectRing(20, 6, 27, 14)].reverse()];
    const { bridges } = bridgeIslands([off], rule, noLetter);
    expect(bridges[0]?.angleDeg).toBe(90);
    expect(bridges[0]?.length).toBeCloseTo(3, 6);
  });

  it("or where the host says, by the letter", () => {
    const { bridges } = bridgeIslands([ring(10, 5)], { ...rule, angles: { "0": 180 } }, () => "0");
    expect(bridges[0]).toMatchObject({ letter: "0", angleDeg: 180 });
  });

  it("over digits and letters of a real face", () => {
    for (const word of ["4680", "BADGE", "oath"]) {
      const before = lineOf("alfa-slab-one", word, 40);
      const { polygons, bridges } = bridgeIslands(before, rule, noLetter);
      expect(countersOf(polygons)).toBe(0);
      expect(bridges).toHaveLength(countersOf(before));
      expect(polygonsArea(polygons)).toBeGreaterThan(0.85 * polygonsArea(before));
    }
  });

  it("leave letters without islands alone", () => {
    const bar: Polygons = [[rectRing(0, 0, 10, 2)]];
    expect(bridgeIslands(bar, rule, noLetter).polygons).toEqual(bar);
  });
});

describe("simple shapes", () => {
  const only = (item: object) =>
    composeSet(
      design([
        text("a"),
        { kind: "gap", id: "g", size: 2 },
        { kind: "shape", id: "s", vinyl: "blue", ...item },
      ]),
      seats("Ines"),
      testFonts,
      0.001,
    )[0]?.art ?? [];

  it.each([
    ["line", { form: "line", size: 1, width: 30 }, 30, 30],
    ["dot", { form: "dot", size: 8 }, 8, Math.PI * 16],
    ["ring", { form: "ring", size: 20, band: 2 }, 20, Math.PI * (100 - 64)],
    ["frame", { form: "frame", size: 10, width: 30, band: 1 }, 30, 300 - 8 * 28],
  ])("%s", (_, item, width, area) => {
    const polygons = only(item)[0]?.ink.polygons ?? [];
    expect(boxWidth(boxOf(polygons))).toBeCloseTo(width, 1);
    expect(polygonsArea(polygons) / area).toBeCloseTo(1, 2);
  });

  it("a star has its points, and stands on one line with the rest", () => {
    const [star] = only({ form: "star", size: 10, points: 6 })[0]?.ink.polygons ?? [];
    expect(star?.[0]).toHaveLength(12);
    expect(boxHeight(boxOf([star as Polygon]))).toBeCloseTo(10, 0);
  });

  it("a frame round everything is the same for all seats, round the widest", () => {
    const framed = composeSet(
      design([
        text("a"),
        { kind: "shape", id: "s", form: "frame", vinyl: "red", size: 1, around: 3, band: 1 },
      ]),
      seats("Bo", "Maximiliane", ""),
      testFonts,
      0.001,
    );
    const frames = framed.map((seat) => seat.art[0]?.ink.polygons ?? []);
    expect(frames[0]).toEqual(frames[1]);
    expect(frames[2]).toEqual([]);
    const widest = boxOf(framed[1]?.lines[0]?.ink.polygons ?? []);
    expect(boxWidth(boxOf(frames[1] ?? [])) - boxWidth(widest)).toBeCloseTo(8, 6);
    expect(only({ form: "ring", size: 1, around: 2 })[0]?.ink.polygons).toHaveLength(1);
  });

  it("only rings and frames go round", () => {
    expect(
      designSchema.safeParse({
        items: [{ kind: "shape", id: "s", form: "dot", vinyl: "red", size: 1, around: 3 }],
      }).success,
    ).toBe(false);
  });
});

describe("lines held together", () => {
  const two = (align: string) =>
    composeSet(
      design([
        text("a", { text: "Wide words here" }),
        { kind: "gap", id: "g", size: 2 },
        text("b", { text: "in", align }),
      ]),
      seats("x"),
      testFonts,
      0.001,
    )[0];

  it("align left, right or in the middle, by the widest", () => {
    const edges = (align: string) =>
      (two(align)?.lines ?? []).map(({ ink }) => boxOf(ink.polygons));
    expect(edges("left")[1]?.minX).toBeCloseTo(edges("left")[0]?.minX ?? 0, 6);
    expect(edges("right")[1]?.maxX).toBeCloseTo(edges("right")[0]?.maxX ?? 0, 6);
    const [wide, narrow] = edges("centre");
    expect(((narrow?.minX ?? 0) + (narrow?.maxX ?? 0)) / 2).toBeCloseTo(
      ((wide?.minX ?? 0) + (wide?.maxX ?? 0)) / 2,
      6,
    );
  });

  it("art of several colours keeps its parts together", () => {
    const art = {
      kind: "art",
      id: "moth",
      name: "moth",
      size: 20,
      layers: [
        { vinyl: "blue", polygons: [[rectRing(0, 0, 10, 40).map((p) => [...p])]] },
        { vinyl: "red", polygons: [[rectRing(20, 10, 24, 14).map((p) => [...p])]] },
      ],
    };
    const parts =
      composeSet(design([text("a"), art]), seats("Ines"), testFonts, 0.001)[0]?.art ?? [];
    expect(parts.map(({ vinyl }) => vinyl)).toEqual(["blue", "red"]);
    const [blue, red] = parts.map(({ ink }) => boxOf(ink.polygons));
    expect((red?.minX ?? 0) - (blue?.minX ?? 0)).toBeCloseTo(10, 6);
    expect((red?.minY ?? 0) - (blue?.minY ?? 0)).toBeCloseTo(5, 6);
    expect(vinylsOf(design([text("a"), art]))).toEqual(["blue", "red"]);
  });
});

describe("one seat's own", () => {
  const one = design([text("a"), { kind: "gap", id: "g", size: 3 }, text("b", { text: "club" })]);
  const compose = (own?: object) =>
    composeSet(
      one,
      [
        {
          seat: "1",
          fields: { name: "Maximiliane von Ahlen" },
          ...(own ? { own: { a: own } } : {}),
        },
        ...seats("x", "Bo").slice(1),
      ],
      testFonts,
      0.001,
    );

  it("font, vinyl and size touch that seat only", () => {
    const [first, second] = compose({ font: "pacifico", vinyl: "red", size: 0.5 });
    expect(first?.lines[0]).toMatchObject({ font: "pacifico", vinyl: "red" });
    expect(second?.lines[0]).toMatchObject({ font: "oswald", vinyl: "blue" });
    const plain = compose()[1];
    expect(boxOf(designOf(second as never))).toEqual(boxOf(designOf(plain as never)));
  });

  it("a line broken in two is narrower and taller, and pushes nobody else", () => {
    const [broken, other] = compose({ breakAfter: 1 });
    const [whole, same] = compose();
    const width = (seat: typeof whole) => boxWidth(boxOf(seat?.lines[0]?.ink.polygons ?? []));
    expect(width(broken)).toBeLessThan(width(whole) * 0.8);
    expect(boxHeight(boxOf(broken?.lines[0]?.ink.polygons ?? []))).toBeGreaterThan(
      boxHeight(boxOf(whole?.lines[0]?.ink.polygons ?? [])) * 1.5,
    );
    expect(boxOf(designOf(other as never))).toEqual(boxOf(designOf(same as never)));
    // Nothing of the first line runs into the second.
    expect(unionPolygons(broken?.lines[0]?.ink.polygons ?? []).length).toBe(
      (whole?.lines[0]?.ink.polygons ?? []).length,
    );
  });

  it("a single word is not broken", () => {
    const [short] = composeSet(
      one,
      [{ seat: "1", fields: { name: "Bo" }, own: { a: { breakAfter: 1 } } }],
      testFonts,
      0.001,
    );
    expect(short?.lines[0]?.text).toBe("Bo");
  });
});

describe("colours", () => {
  it("two near ones merged are one layer everywhere", () => {
    const before = design(
      [
        text("a"),
        text("b", { text: "x", vinyl: "sky" }),
        { kind: "shape", id: "s", form: "dot", vinyl: "sky", size: 3 },
      ],
      { offered: ["sky", "blue"] },
    );
    const after = mergedVinyl(before, "sky", "blue");
    expect(vinylsOf(after)).toEqual(["blue"]);
    expect(after.offered).toEqual(["blue"]);
    expect(vinylsOf(before)).toEqual(["blue", "sky"]);
  });
});

describe("wide plates slit", () => {
  const plate = {
    kind: "art",
    id: "p",
    name: "plate",
    size: 40,
    layers: [
      {
        vinyl: "blue",
        polygons: [
          [rectRing(0, 0, 60, 40).map((point) => [...point])],
          [rectRing(70, 0, 74, 40).map((point) => [...point])],
        ],
      },
    ],
  };

  it("no part is wider than asked, narrow ones are left, little is lost", () => {
    const before = design([text("a"), plate]);
    const item = slitPlates(before, "p", 0.4).items[1];
    if (item?.kind !== "art") throw new Error("no art");
    const parts = item.layers[0]?.polygons as unknown as Polygons;
    expect(parts.length).toBeGreaterThan(3);
    for (const part of parts)
      expect(boxWidth(boxOf([part]))).toBeLessThanOrEqual(2 * 20 * 0.4 + 1e-6);
    expect(polygonsArea(parts)).toBeGreaterThan(0.8 * (2400 + 160));
    expect(slitPlates(before, "a", 0.4)).toEqual(before);
    expect(slitPlates(before, "p", 2)).toEqual(before);
  });
});

describe("closed rings opened", () => {
  it("in art and in rings of the recipe; what goes round everything stays", () => {
    const before = design([
      text("a"),
      { kind: "shape", id: "r", form: "ring", vinyl: "blue", size: 30 },
      { kind: "shape", id: "f", form: "frame", vinyl: "blue", size: 1, around: 2 },
    ]);
    const opened = openedRings(before, "r").items[1];
    if (opened?.kind !== "art") throw new Error("the ring did not become art");
    const polygons = opened.layers[0]?.polygons as unknown as Polygons;
    expect(countersOf(polygons)).toBe(0);
    expect(polygons).toHaveLength(1);
    expect(polygonArea(polygons[0] as Polygon)).toBeGreaterThan(100);
    expect(openedRings(before, "f")).toEqual(before);
    expect(polygons[0]?.[0]?.length ?? 0).toBeGreaterThan(20);
  });
});
