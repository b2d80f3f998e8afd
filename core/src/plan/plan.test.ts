import { describe, expect, it } from "vitest";
import { readClassDocument } from "../document/document.ts";
import { boxOf, type Point, polygonsArea } from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { starterClass } from "../proposal/starter.ts";
import { demoClass, demoDocument, madeUpNames, withNames } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { applyRemedy, makePlan, readOneThing } from "../testing/one-thing.ts";
import { distanceBetween, evenOddArea, insideEvenOdd, readSheet } from "../testing/sheet-reader.ts";
import { planFiles, sheetFiles } from "./files.ts";
import { planJson, planJsonSchema } from "./plan-json.ts";

const tins = demoDocument("seed-tins");
const DEMOS = ["seed-tins", "rowing-bottles", "slate-numbers"];

describe.each(DEMOS)("the cut sheets of %s, read back by themselves", (name) => {
  const plan = makePlan(demoDocument(name), testFonts);
  const sheets = [...sheetFiles(plan)]
    .filter(([file]) => file.endsWith(".svg"))
    .map(([file, svg]) => ({ file, sheet: readSheet(svg) }));

  it("are in millimetres and numbered like their files", () => {
    sheets.forEach(({ file, sheet }, i) => {
      expect(sheet.attributes.viewBox).toBe(`0 0 ${sheet.width} ${sheet.height}`);
      expect(sheet.attributes["data-sheet"]).toBe(String(i + 1));
      expect(file).toBe(`${String(i + 1).padStart(2, "0")}-${sheet.attributes["data-vinyl"]}.svg`);
      expect(["true", "false"]).toContain(sheet.attributes["data-mirrored"]);
    });
  });

  it("hold every piece once, inside the edge, counters intact, areas true within half a percent", () => {
    const cut = sheets.flatMap(({ sheet }) =>
      sheet.paths.filter(({ className }) => className === "cut"),
    );
    const wanted = plan.kits.flatMap((kit) =>
      kit.pieces.map((piece) => ({ seat: kit.seat, ...piece })),
    );
    expect(cut.map(({ piece }) => piece).sort()).toEqual(wanted.map(({ id }) => id).sort());
    for (const piece of wanted) {
      const read = cut.find((path) => path.piece === piece.id);
      expect(read?.seat).toBe(piece.seat);
      expect(read?.rings.length).toBe(piece.counters + 1);
      expect(evenOddArea(read?.rings ?? []) / piece.areaMm2).toBeCloseTo(1, 2);
    }
    for (const { sheet } of sheets) {
      const edges = sheet.paths.filter(({ className }) => className === "edge");
      expect(edges).toHaveLength(1);
      for (const path of sheet.paths)
        for (const point of path.rings.flat())
          expect(insideEvenOdd(point, edges[0]?.rings ?? [], 2e-3)).toBe(true);
    }
  });

  it("keep the clearance between kits, and no weed line runs through a piece", () => {
    for (const { sheet } of sheets) {
      const clearance = Number(sheet.attributes["data-clearance"]);
      const kits = [
        ...new Set(
          sheet.paths.filter(({ className }) => className === "cut").map(({ seat }) => seat),
        ),
      ].map((seat) =>
        sheet.paths.filter((path) => path.seat === seat).flatMap(({ rings }) => rings),
      );
      const boxes = kits.map((rings) => boxOf([[rings.flat() as Point[]]]));
      kits.forEach((rings, i) => {
        const near = kits.filter(
          (_, j) =>
            j > i &&
            (boxes[i]?.maxX ?? 0) + clearance > (boxes[j]?.minX ?? 0) &&
            (boxes[j]?.maxX ?? 0) + clearance > (boxes[i]?.minX ?? 0) &&
            (boxes[i]?.maxY ?? 0) + clearance > (boxes[j]?.minY ?? 0) &&
            (boxes[j]?.maxY ?? 0) + clearance > (boxes[i]?.minY ?? 0),
        );
        for (const other of near)
          expect(distanceBetween(rings, other)).toBeGreaterThanOrEqual(clearance - 1e-3);
      });
      for (const line of sheet.paths.filter(({ className }) => className === "weed-line")) {
        const [[ax, ay], [bx, by]] = line.rings[0] as unknown as [
          [number, number],
          [number, number],
        ];
        for (const box of boxes)
          expect(
            Math.max(ax, bx) <= box.minX ||
              Math.min(ax, bx) >= box.maxX ||
              Math.max(ay, by) <= box.minY ||
              Math.min(ay, by) >= box.maxY,
          ).toBe(true);
      }
    }
  });

  it("lettering lies inside the face less its margin", () => {
    const { face, lettered } = plan;
    for (const seat of lettered.seats) {
      for (const [x, y] of [...seat.layers.values()].flat(3) as unknown as Point[]) {
        expect(Math.abs(x)).toBeLessThanOrEqual(face.width / 2 - face.marginMm + 1e-3);
        expect(Math.abs(y)).toBeLessThanOrEqual(face.height / 2 - face.marginMm + 1e-3);
      }
    }
  });

  it("are the same bytes every time, and the plan keeps its schema", () => {
    const again = planFiles(makePlan(demoDocument(name), testFonts));
    expect([...again]).toEqual([...planFiles(plan)]);
    expect(() => planJsonSchema.parse(planJson(plan))).not.toThrow();
  });
});

describe("names nobody here made up", () => {
  const tins = demoDocument("seed-tins");

  it("letters diacritics, hyphens and apostrophes; names what a font lacks; leaves empty seats out", () => {
    const plan = makePlan(
      withNames(tins, [
        "Zoë-Maëlys O'Hara",
        "Nguyễn Thị Ánh",
        "Øyvind",
        "李",
        "",
        "Mette",
        "Mette",
      ]),
      testFonts,
    );
    const missing = plan.findings.filter(
      ({ code }) => code === "missingGlyph" || code === "noFontHasGlyph",
    );
    expect(missing.map(({ where, values }) => [where.seat, values.letters])).toEqual([["4", "李"]]);
    expect(missing[0]?.severity).toBe("stop");
    expect(plan.findings.find(({ code }) => code === "sameName")?.values.name).toBe("Mette");
    expect(plan.labels.get("6")).toBe("Mette (seat 6)");
    expect(plan.lettered.seats.map(({ seat }) => seat)).toEqual([
      "1",
      "2",
      "3",
      "4",
      "5",
      "6",
      "7",
    ]);
  });

  it("a single line: the seat with only foreign letters, and the empty one, come out empty and are said", () => {
    const single = {
      ...tins,
      design: { ...tins.design, items: tins.design.items.slice(0, 1) },
      vinyls: tins.vinyls.slice(0, 1),
    };
    const plan = makePlan(withNames(single, ["Ines", "李", ""]), testFonts);
    expect(plan.lettered.empty).toEqual(["2", "3"]);
    expect(
      plan.findings.filter(({ code }) => code === "emptySeat").map(({ where }) => where.seat),
    ).toEqual(["2", "3"]);
    expect(
      plan.findings.some(({ code, where }) => code === "noFontHasGlyph" && where.seat === "2"),
    ).toBe(true);
    expect(plan.laidOut.sheets[0]?.kits.map(({ seat }) => seat).sort()).toEqual(["1", "spare-1"]);
  });

  it("a name of sixty letters sets the size and is said", () => {
    const plan = makePlan(
      withNames(tins, ["Ines", "Wolfeschlegelsteinhausenbergerdorffwelchevoralternwarengewissen"]),
      testFonts,
    );
    expect(plan.findings.find(({ code }) => code === "longName")?.where.seat).toBe("2");
    expect(plan.findings.some(({ code }) => code === "tooSmall")).toBe(true);
  });

  it("one name that sets ten others small is told, with what each way out brings; taken, it brings that", () => {
    const names = [
      "Ines",
      "Bo",
      "Jo",
      "Mette",
      "Zoë",
      "Siân",
      "Tom",
      "Ada",
      "Lev",
      "Una",
      "Bartholomew-Maximilian",
    ];
    const plan = makePlan(withNames(tins, names), testFonts);
    const found = plan.findings.find(({ code }) => code === "longName");
    expect(found?.where.seat).toBe("11");
    expect(Number(found?.values.others)).toBeGreaterThan(1.2 * Number(found?.values.height));
    const line = (own: ReturnType<typeof makePlan>) =>
      own.lettered.seats.find(({ seat }) => seat === "1")?.lines[0]?.heightMm ?? 0;
    for (const code of ["ownSize", "breakLine"] as const) {
      const remedy = found?.remedies.find((one) => one.code === code);
      expect(remedy, code).toBeDefined();
      if (remedy)
        expect(
          line(makePlan(applyRemedy(withNames(tins, names), remedy), testFonts)),
        ).toBeGreaterThan(line(plan) * 1.1);
    }
  });

  it("two hundred names: all on sheets, none lost", () => {
    const plan = makePlan(withNames(tins, madeUpNames(200, seededRandom(12))), testFonts);
    expect(
      new Set(plan.laidOut.sheets.flatMap(({ kits }) => kits.map(({ seat }) => seat))).size,
    ).toBe(201);
    expect(plan.laidOut.unplaced).toEqual([]);
    for (const use of plan.laidOut.use) expect(use.loads).toBeGreaterThanOrEqual(use.loadsBound);
  });

  it("a face of 20 mm still gets its letters, and the truth about them", () => {
    const small = {
      ...withNames(tins, ["Ines"]),
      blank: { ...tins.blank, shape: { kind: "flat" as const, width: 20, height: 20 } },
    };
    expect(
      makePlan(small, testFonts).findings.some(
        ({ code, severity }) => code === "thinStroke" && severity === "stop",
      ),
    ).toBe(true);
    const none = {
      ...small,
      blank: { ...small.blank, shape: { kind: "flat" as const, width: 10, height: 10 } },
    };
    expect(() => makePlan(none, testFonts)).toThrow(/margin leaves no face/u);
  });

  it("no seats: a plan with nothing to cut, and one finding", () => {
    const plan = makePlan({ ...tins, seats: [] }, testFonts);
    expect(plan.laidOut.sheets).toEqual([]);
    expect(plan.findings.map(({ code }) => code)).toContain("noSeats");
  });
});

describe("kits", () => {
  it("spares are cut for the hardest seats and named so", () => {
    const plan = makePlan({ ...demoDocument("rowing-bottles"), spareKits: 2 }, testFonts);
    const minutes = (seat: string) =>
      plan.kits.filter((kit) => kit.seat === seat).reduce((sum, kit) => sum + kit.weed.minutes, 0);
    const spares = plan.kits.filter(({ seat }) => seat.startsWith("spare-"));
    expect(spares.map(({ seat }) => seat)).toEqual(["spare-1", "spare-2"]);
    const hardest = Math.max(...plan.document.seats.map(({ seat }) => minutes(seat)));
    expect(minutes(spares[0]?.of ?? "")).toBeCloseTo(hardest, 9);
    for (const { seat, pieces } of spares)
      for (const piece of pieces) expect(piece.id.startsWith(`${seat}-`)).toBe(true);
  });

  it("a kit too large for the mat is named with what would fit", () => {
    const tins = demoDocument("slate-numbers");
    const plan = makePlan(
      { ...tins, cutter: { ...tins.cutter, cutWidth: 26, cutHeight: 26 } },
      testFonts,
    );
    expect(plan.laidOut.unplaced.length).toBeGreaterThan(0);
    expect(plan.findings.find(({ code }) => code === "kitTooLarge")?.severity).toBe("stop");
  });

  it("iron-on is mirrored: the same areas, the other way round", () => {
    const tins = demoDocument("seed-tins");
    const plan = makePlan(
      { ...tins, vinyls: tins.vinyls.map((vinyl) => ({ ...vinyl, family: "ironOn" as const })) },
      testFonts,
    );
    const straight = makePlan(tins, testFonts);
    const sheet = plan.laidOut.sheets[0];
    expect(sheet?.mirrored).toBe(true);
    const [a, b] = [plan, straight].map(
      (p) => p.laidOut.sheets[0]?.kits[0]?.pieces[0]?.polygon ?? [],
    );
    expect(polygonsArea([a ?? []])).toBeCloseTo(polygonsArea([b ?? []]), 6);
    expect(boxOf([a ?? []]).minX).toBeCloseTo((sheet?.width ?? 0) - boxOf([b ?? []]).maxX, 6);
  });
});

describe("the class document", () => {
  it("round trips: what is read is what is written", () => {
    for (const name of DEMOS) {
      const document = demoClass(name);
      expect(readClassDocument(JSON.parse(JSON.stringify(document)))).toEqual({
        ok: true,
        value: document,
      });
    }
  });

  it("a class from nothing is a sound document", () => {
    const document = starterClass({
      title: "x",
      when: { date: "2026-12-05", time: "10:00", zone: "UTC", minutes: 60 },
      setting: { kind: "room", place: "" },
      blankName: "Tag",
      material: "sealedWood",
      blankColour: "#FBF9F4",
      shape: { kind: "flat", width: 70, height: 40 },
      technique: "decal",
      films: tins.vinyls.slice(0, 1),
      seats: [],
    });
    expect(readClassDocument(document)).toEqual({ ok: true, value: document });
  });

  const bad = (change: (document: ReturnType<typeof demoDocument>) => unknown) => {
    const read = readOneThing(change(demoDocument("seed-tins")));
    return read.ok ? "ok" : `${read.path}: ${read.message}`;
  };
  it.each([
    [
      "a seat twice",
      (d: ReturnType<typeof demoDocument>) => ({ ...d, seats: [...d.seats, d.seats[0]] }),
      /^\$\.seats\[14\]\.seat: .*twice/u,
    ],
    [
      "an unknown vinyl",
      (d: ReturnType<typeof demoDocument>) => ({ ...d, vinyls: d.vinyls.slice(1) }),
      /^\$\.design\.items\[0\]\.vinyl: .*no vinyl "harbour"/u,
    ],
    [
      "a wrong date",
      (d: ReturnType<typeof demoDocument>) => ({ ...d, when: { ...d.when, date: "5.12." } }),
      /^\$\.when\.date: a date like/u,
    ],
    [
      "a wrong zone",
      (d: ReturnType<typeof demoDocument>) => ({ ...d, when: { ...d.when, zone: "Here" } }),
      /^\$\.when\.zone/u,
    ],
    [
      "a queue without a tool",
      (d: ReturnType<typeof demoDocument>) => ({
        ...d,
        steps: d.steps.map((s, i) => (i === 0 ? { ...s, who: "queue" } : s)),
      }),
      /^\$\.steps\[0\]\.tool/u,
    ],
    [
      "a step before its time",
      (d: ReturnType<typeof demoDocument>) => ({
        ...d,
        steps: d.steps.map((s, i) => (i === 0 ? { ...s, after: [{ step: "peel", wait: 0 }] } : s)),
      }),
      /^\$\.steps\[0\]\.after\[0\]\.step/u,
    ],
    [
      "a slot the design lacks",
      (d: ReturnType<typeof demoDocument>) => ({
        ...d,
        seats: [{ seat: "1", fields: { hat: "x" } }],
      }),
      /^\$\.seats\[0\]\.fields\.hat/u,
    ],
    ["an unknown field", (d: ReturnType<typeof demoDocument>) => ({ ...d, extra: 1 }), /extra/u],
    ["no object", () => [], /^\$: /u],
  ])("refuses %s, by its path", (_, change, expected) => {
    expect(bad(change as never)).toMatch(expected);
  });
});
