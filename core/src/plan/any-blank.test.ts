/**
 * Whole plans on every kind of blank: checked by sampling and by reading the files back, not by the
 * planner's own tests.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { placeOn, silhouetteRadius } from "../blanks/on-blank.ts";
import { readFace } from "../blanks/read-face.ts";
import { unwarpPoint } from "../blanks/tapered-cup.ts";
import { boxOf, type Point, type Polygons, pointInPolygon } from "../geometry/polygon.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  type OneThing as ClassDocument,
  oneThingSchema as classDocumentSchema,
  makePlan,
  readOneThing,
} from "../testing/one-thing.ts";
import { distanceBetween, evenOddArea, readSheet } from "../testing/sheet-reader.ts";
import { sheetFiles } from "./files.ts";

const tins = demoDocument("seed-tins");
const NAMES = ["Ines", "Bartholomew", "Zoë-Maëlys O'Hara", "Jo", "Nguyễn", "Øyvind"];

function document(
  shape: object,
  blank: object = {},
  more: object = {},
  names: readonly string[] = NAMES,
): ClassDocument {
  return classDocumentSchema.parse({
    ...tins,
    accepted: [],
    vinyls: tins.vinyls.slice(0, 1),
    blank: { name: "piece", shape, ...blank },
    design: {
      items: [
        {
          ...PLAIN_LINE,
          id: "line",
          slot: "name",
          font: "pacifico",
          vinyl: tins.vinyls[0]?.id,
          size: 10,
          join: true,
        },
      ],
    },
    seats: names.map((name, i) => ({ seat: String(i + 1), fields: { name } })),
    ...more,
  });
}

const outlinePoints = (layers: Iterable<Polygons>): Point[] =>
  [...layers].flatMap((polygons) => polygons.flatMap((polygon) => [...(polygon[0] ?? [])]));
const DOME = [0, 30, 60, 90, 120].map((fromTop, i) => ({
  fromTop,
  diameter: [60, 96, 110, 112, 108][i],
}));

describe("lettering stays inside the face, by the face's own formula", () => {
  const width = 90;
  const height = 60;

  it("a rectangle with rounded corners", () => {
    const radius = 20;
    const plan = makePlan(
      document(
        { kind: "roundedFlat", width, height, radius },
        { margin: { rule: "byHand", mm: 4 } },
      ),
      testFonts,
    );
    for (const [x, y] of plan.lettered.seats.flatMap(({ flat }) => outlinePoints(flat.values()))) {
      const [cx, cy] = [
        Math.max(0, Math.abs(x) - (width / 2 - radius)),
        Math.max(0, Math.abs(y) - (height / 2 - radius)),
      ];
      expect(Math.hypot(cx, cy)).toBeLessThanOrEqual(radius - 4 + 1e-3);
    }
  });

  it("a frame round everything lies in the middle of the face, the same for every seat", () => {
    const items = [
      ...document({ kind: "flat", width, height }).design.items,
      { kind: "shape", id: "frame", form: "frame", vinyl: tins.vinyls[0]?.id, size: 1, around: 3 },
    ];
    const plan = makePlan(
      document({ kind: "flat", width, height }, {}, { design: { items } }),
      testFonts,
    );
    expect(plan.lettered.seats).toHaveLength(NAMES.length);
    for (const { flat } of plan.lettered.seats) {
      const box = boxOf([...flat.values()].flat());
      expect(box.minY + box.maxY).toBeCloseTo(0, 6);
      expect(box.minX + box.maxX).toBeCloseTo(0, 6);
    }
  });

  it("an oval", () => {
    const plan = makePlan(
      document({ kind: "oval", width, height }, { margin: { rule: "byHand", mm: 0 } }),
      testFonts,
    );
    for (const [x, y] of plan.lettered.seats.flatMap(({ flat }) => outlinePoints(flat.values())))
      expect(((2 * x) / width) ** 2 + ((2 * y) / height) ** 2).toBeLessThanOrEqual(1 + 1e-6);
  });

  it("a round face", () => {
    const plan = makePlan(
      document({ kind: "round", diameter: 80 }, { margin: { rule: "byHand", mm: 5 } }),
      testFonts,
    );
    for (const point of plan.lettered.seats.flatMap(({ flat }) => outlinePoints(flat.values())))
      expect(Math.hypot(...point)).toBeLessThanOrEqual(35 + 1e-6);
  });

  it("an outline with a notch, which is not convex", () => {
    const outline: [number, number][] = [
      [0, 0],
      [120, 0],
      [120, 60],
      [70, 60],
      [70, 30],
      [50, 30],
      [50, 60],
      [0, 60],
    ];
    const plan = makePlan(
      document({ kind: "outline", outline }, { margin: { rule: "byHand", mm: 0 } }),
      testFonts,
    );
    const centred: Point[] = outline.map(([x, y]) => [x - 60, y - 30]);
    for (const [x, y] of plan.lettered.seats.flatMap(({ flat }) => outlinePoints(flat.values())))
      expect(pointInPolygon([x * 0.9999, y * 0.9999 - 1e-4], [centred]) || Math.abs(y) > 29.9).toBe(
        true,
      );
  });

  it("keep-outs, space for later and the handle are kept clear of", () => {
    const limits = {
      margin: { rule: "byHand", mm: 2 },
      keepOuts: [
        { kind: "hole", form: "round", x: 0, y: -20, width: 10, height: 10, clearance: 4 },
      ],
      reserve: [{ side: "bottom", mm: 8, what: "twine" }],
    };
    const plan = makePlan(document({ kind: "flat", width: 100, height: 70 }, limits), testFonts);
    for (const [x, y] of plan.lettered.seats.flatMap(({ flat }) => outlinePoints(flat.values()))) {
      expect(Math.hypot(x, y + 20)).toBeGreaterThanOrEqual(9 - 1e-3);
      expect(y).toBeLessThanOrEqual(35 - 8 - 2 + 1e-3);
    }
    const cup = makePlan(
      document(
        { kind: "straightCup", diameter: 82, height: 95, wrapAngle: 300 },
        { handle: { school: "drinker", clear: 30 } },
      ),
      testFonts,
    );
    for (const [x] of cup.lettered.seats.flatMap(({ flat }) => outlinePoints(flat.values())))
      expect(Math.abs(x)).toBeLessThanOrEqual((Math.PI / 2) * 41 - 30);
  });

  it.each([
    ["wide at the top", 100, 70],
    ["wide at the foot", 70, 100],
  ])(
    "a bent taper, %s: unbent again it is the lettering; on the cup it keeps off rim and foot",
    (_, topDiameter, bottomDiameter) => {
      const blank = document({
        kind: "taperedCup",
        topDiameter,
        bottomDiameter,
        height: 100,
        rimClearance: 20,
        footClearance: 10,
        wrapAngle: 140,
      });
      const plan = makePlan(blank, testFonts);
      const reading = readFace(blank.blank);
      const { baseline, sector } = reading.taper ?? {
        baseline: 1,
        sector: { wideTop: true, slant: 0 },
      };
      const slope = Math.hypot(100, 15);
      for (const seat of plan.lettered.seats) {
        const [bent, flat] = [
          outlinePoints(seat.layers.values()),
          outlinePoints(seat.flat.values()),
        ];
        const back = bent.map((point) => unwarpPoint(point, baseline, sector.wideTop));
        const [a, b] = [boxOf([[back]]), boxOf([[flat]])];
        expect(a.minX).toBeCloseTo(b.minX, 2);
        expect(a.maxX).toBeCloseTo(b.maxX, 2);
        for (const point of bent) {
          const place = placeOn(reading, point);
          expect(place?.fromTop).toBeGreaterThanOrEqual((20 * 100) / slope - 1e-3);
          expect(place?.fromTop).toBeLessThanOrEqual(100 - (10 * 100) / slope + 1e-3);
          expect(place?.radius).toBeCloseTo(silhouetteRadius(reading, place?.fromTop ?? 0), 3);
        }
      }
    },
  );

  it("a dome and a ball: within the angle that may be decorated", () => {
    for (const shape of [
      { kind: "bulgedCup", profile: DOME, rimClearance: 25, footClearance: 10, wrapAngle: 100 },
      { kind: "ball", diameter: 120, wrapAngle: 80 },
    ]) {
      const blank = document(shape);
      const reading = readFace(blank.blank);
      for (const seat of makePlan(blank, testFonts).lettered.seats)
        for (const point of outlinePoints(seat.layers.values()))
          expect(Math.abs(placeOn(reading, point)?.angle ?? 9)).toBeLessThanOrEqual(
            (shape.wrapAngle / 2) * (Math.PI / 180) * 1.02,
          );
    }
  });
});

describe("the sheets of any blank and recipe, read back by themselves", () => {
  const size = fc.integer({ min: 30, max: 160 });
  const shapes = fc.oneof(
    fc.record({ kind: fc.constant("flat"), width: size, height: size }),
    fc.record({ kind: fc.constant("oval"), width: size, height: size }),
    fc.record({ kind: fc.constant("round"), diameter: size }),
    fc.record({
      kind: fc.constant("taperedCup"),
      topDiameter: fc.integer({ min: 60, max: 100 }),
      bottomDiameter: fc.integer({ min: 40, max: 58 }),
      height: fc.integer({ min: 70, max: 140 }),
      warp: fc.boolean(),
    }),
    fc.record({
      kind: fc.constant("straightCup"),
      diameter: fc.integer({ min: 50, max: 100 }),
      height: fc.integer({ min: 70, max: 140 }),
    }),
  );
  const rules = fc.record({
    font: fc.constantFrom("pacifico", "oswald", "baloo-2", "alfa-slab-one"),
    marks: fc.constantFrom("asDrawn", "joined", "bridged"),
    thickenMm: fc.constantFrom(0, 0.2),
    openCountersMm: fc.constantFrom(0, 1),
    letterCase: fc.constantFrom("asTyped", "upper"),
  });

  it("hold every piece once, with its counters, its area and its distance", () => {
    fc.assert(
      fc.property(
        shapes,
        rules,
        fc.constantFrom("longest", "fillBox", "sameWidth"),
        fc.boolean(),
        (shape, line, school, bridged) => {
          const vinyl = tins.vinyls[0]?.id;
          const items = [
            { ...PLAIN_LINE, id: "line", slot: "name", vinyl, size: 10, ...line },
            { kind: "gap", id: "gap", size: 2 },
            { kind: "shape", id: "star", form: "star", vinyl, size: 6 },
          ];
          const made = document(
            shape,
            { margin: { rule: "byHand", mm: 3 } },
            {
              design: {
                school,
                items,
                ...(bridged ? { stencil: { islands: "bridged", bridgeMm: 1 } } : {}),
              },
            },
          );
          const plan = makePlan(made, testFonts);
          const wanted = plan.kits
            .flatMap(({ pieces }) => pieces)
            .filter(({ id }) => !plan.laidOut.unplaced.some((lost) => lost.id === id));
          const sheets = [...sheetFiles(plan)]
            .filter(([name]) => name.endsWith(".svg"))
            .map(([, svg]) => readSheet(svg));
          const cut = sheets.flatMap(({ paths }) =>
            paths.filter(({ className }) => className === "cut"),
          );
          expect(cut.map(({ piece }) => piece).sort()).toEqual(wanted.map(({ id }) => id).sort());
          for (const piece of wanted) {
            const path = cut.find((one) => one.piece === piece.id);
            expect(path?.rings).toHaveLength(piece.counters + 1);
            expect(Math.abs(evenOddArea(path?.rings ?? []) - piece.areaMm2)).toBeLessThanOrEqual(
              0.005 * piece.areaMm2 + 0.01,
            );
            if (bridged) expect(piece.counters).toBe(0);
          }
          for (const { paths } of sheets) {
            const kits = new Map<string, Point[][]>();
            for (const path of paths.filter(({ className }) => className === "cut"))
              kits.set(path.seat, [
                ...(kits.get(path.seat) ?? []),
                ...path.rings.map((ring) => [...ring]),
              ]);
            const all = [...kits.values()];
            // Neighbours in the file, a few a sheet: every pair is measured in the demo's sheets.
            all.slice(0, 2).forEach((a, i) => {
              const next = all[i + 1];
              if (next) expect(distanceBetween(a, next)).toBeGreaterThanOrEqual(2 - 1e-3);
            });
          }
        },
      ),
      { seed: 77, numRuns: 12 },
    );
  });

  it("is the same plan from the same document, whatever was planned before", () => {
    const first = document({
      kind: "taperedCup",
      topDiameter: 90,
      bottomDiameter: 70,
      height: 100,
    });
    const once = [...sheetFiles(makePlan(first, testFonts))];
    makePlan(document({ kind: "round", diameter: 50 }), testFonts);
    expect([...sheetFiles(makePlan(first, testFonts))]).toEqual(once);
  });
});

describe("seats that are exceptions", () => {
  const own = (more: object, rest: object = {}) =>
    document(
      { kind: "flat", width: 90, height: 50 },
      {},
      {
        ...rest,
        seats: NAMES.map((name, i) => ({
          seat: String(i + 1),
          fields: { name },
          ...(i === 2 ? { own: { line: more } } : {}),
        })),
      },
    );

  it("a smaller long name lets the others grow", () => {
    const height = (made: ClassDocument) =>
      makePlan(made, testFonts).lettered.seats[0]?.lines[0]?.heightMm ?? 0;
    expect(height(own({ size: 0.5 }))).toBeGreaterThan(height(own({})) * 1.2);
  });

  it("another vinyl puts that seat's pieces on another sheet", () => {
    const made = own({ vinyl: tins.vinyls[1]?.id }, { vinyls: tins.vinyls });
    const plan = makePlan(made, testFonts);
    expect(plan.kits.filter(({ seat }) => seat === "3").map(({ vinyl }) => vinyl)).toEqual([
      tins.vinyls[1]?.id,
    ]);
    expect(plan.laidOut.sheets.map(({ vinyl }) => vinyl).sort()).toEqual(
      [tins.vinyls[0]?.id, tins.vinyls[1]?.id].sort(),
    );
  });

  it("another font is measured for that seat, and named where it lacks a letter", () => {
    const plan = makePlan(own({ font: "poppins" }), testFonts);
    expect(plan.lettered.seats[2]?.lines[0]?.font).toBe("poppins");
    expect(plan.lettered.seats[1]?.lines[0]?.font).toBe("pacifico");
  });

  it("a vinyl that is not there is refused by its path", () => {
    const read = readOneThing({
      ...own({}),
      seats: [{ seat: "1", fields: { name: "x" }, own: { line: { vinyl: "velvet" } } }],
    });
    expect(read).toMatchObject({ ok: false, path: "$.seats[0].own.line.vinyl" });
  });
});
