import { spawnSync } from "node:child_process";
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { distanceBetween, readSheet } from "@elm-basket/core/testing/sheet-reader.ts";
import { afterAll, describe, expect, it } from "vitest";
import type * as z from "zod";
import { COMMANDS } from "./commands.ts";
import { InputError } from "./errors.ts";
import { fit, wrap } from "./verbs/faces.ts";
import { cut, nest, split } from "./verbs/layout.ts";
import { letter, weed } from "./verbs/lettering.ts";
import { schedule, supplies } from "./verbs/organising.ts";
import { rehearse } from "./verbs/rehearse.ts";
import type { Verb } from "./verbs/shapes.ts";

const ROOT = fileURLToPath(new URL("../../", import.meta.url));
const folder = mkdtempSync(join(tmpdir(), "elm-cli-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** The program as a user runs it. */
function elm(
  args: readonly string[],
  stdin = "",
): { status: number | null; out: string; err: string } {
  const done = spawnSync(process.execPath, [join(ROOT, "scripts/elm.mjs"), ...args], {
    cwd: folder,
    env: { ...process.env, INIT_CWD: folder },
    input: stdin,
    encoding: "utf8",
  });
  return { status: done.status, out: done.stdout, err: done.stderr };
}

/** A verb with its input and output checked by its own schemas. */
function run<I extends z.ZodType, O extends z.ZodType>(
  verb: Verb<I, O>,
  input: unknown,
): z.infer<O> {
  return verb.output.parse(verb.run(verb.input.parse(input)));
}

const file = (name: string, text: string): string => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};
const box = (w: number, h: number, x = 0, y = 0) => [
  [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ],
];

describe("exit codes", () => {
  it("0, and one JSON object, when it is done", () => {
    const { status, out, err } = elm(["fonts"]);
    expect([status, err]).toEqual([0, ""]);
    expect(JSON.parse(out).length).toBeGreaterThanOrEqual(16);
  });

  it("0 for help, which goes to stderr and names every verb", () => {
    for (const word of ["help", "--help", "-h"]) {
      const { status, out, err } = elm([word]);
      expect([status, out]).toEqual([0, ""]);
      for (const verb of ["plan", "wrap", "import-svg", "schema"]) expect(err).toContain(verb);
    }
  });

  it("2, and one line that says what and where, when the input is unusable", () => {
    for (const [args, stdin, words] of [
      [["letter"], "{", "stdin: not JSON"],
      [["letter"], '{"text": "a", "font": "nowhere", "size": {"height": 5}}', "$.font"],
      [
        ["wrap"],
        '{"blank": {"kind": "tapered", "topDiameter": 80, "bottomDiameter": 80, "height": 90}, "design": [[[[0,0],[9,0],[9,9]]]]}',
        "$.blank.bottomDiameter",
      ],
      [["sing"], "", "unknown verb"],
      [["plan", "nowhere.json", "--out", "x"], "", "cannot be read"],
      [["import-svg"], "", "give the path"],
    ] as const) {
      const { status, out, err } = elm(args, stdin);
      expect([status, out]).toEqual([2, ""]);
      expect(err.trim().split("\n")).toHaveLength(1);
      expect(err).toContain(words);
      expect(err).not.toMatch(/^\s+at /mu);
    }
  });

  it("1 when the work could not be done: a margin that leaves no face", () => {
    const document = JSON.parse(readFileSync(join(ROOT, "demo/rowing-bottles.json"), "utf8"));
    document.things[0].blank.margin = { rule: "byHand", mm: 90 };
    const { status, err } = elm([
      "plan",
      file("narrow.json", JSON.stringify(document)),
      "--out",
      "nothing",
    ]);
    expect(status).toBe(1);
    expect(err).toContain("leaves no face");
  });
});

describe("propose", () => {
  const document = JSON.parse(readFileSync(join(ROOT, "demo/slate-numbers.json"), "utf8"));
  it("answers with steps, materials, preparation, placing, cautions and care, each with its reason", () => {
    const { status, out } = elm(["propose"], JSON.stringify(document));
    expect(status).toBe(0);
    const answer = JSON.parse(out);
    expect(Object.keys(answer)).toEqual([
      "minutes",
      "steps",
      "materials",
      "preparation",
      "placing",
      "cautions",
      "care",
    ]);
    for (const list of ["steps", "materials", "preparation", "placing", "cautions", "care"])
      for (const row of answer[list]) expect(row.because).not.toBe("");
  });
  it("reads what is no class document with exit 2 and one line", () => {
    const { status, err } = elm(["propose"], '{"format": "elm-basket/class", "version": 9}');
    expect(status).toBe(2);
    expect(err).toMatch(/stdin: \$\.version/u);
  });
  it("a document that leaves its lists out is planned as it is proposed", () => {
    const { steps: _, supplies: __, preparation: ___, proposed: ____, ...bare } = document;
    const file = join(folder, "bare.json");
    writeFileSync(file, JSON.stringify(bare));
    const out = join(folder, "bare");
    expect(elm(["plan", file, "--out", out, "--paper", "letter"]).status).toBe(0);
    const plan = JSON.parse(readFileSync(join(out, "plan.json"), "utf8"));
    expect(plan.runSheet.steps.length).toBeGreaterThan(8);
    expect(plan.supplies.some(({ id }: { id: string }) => id === "edge-seal")).toBe(true);
    expect(elm(["plan", file, "--out", out, "--paper", "a5"]).err).toMatch(/a4 or letter/u);
  });
});

describe("plan", () => {
  const out = join(folder, "out");
  const planned = elm(["plan", join(ROOT, "demo/seed-tins.json"), "--out", out]);

  it("writes the whole job", () => {
    expect(planned.status).toBe(0);
    expect(readdirSync(out).sort()).toEqual([
      "care-cards.pdf",
      "cue-cards.pdf",
      "labels.pdf",
      "placement.pdf",
      "plan.json",
      "run-sheet.csv",
      "run-sheet.ics",
      "run-sheet.pdf",
      "sheets",
      "step-cards.pdf",
      "supplies.csv",
    ]);
    expect(readdirSync(join(out, "sheets")).sort()).toEqual([
      "01-harbour.dxf",
      "01-harbour.hpgl",
      "01-harbour.svg",
      "02-poppy.dxf",
      "02-poppy.hpgl",
      "02-poppy.svg",
    ]);
  });

  it("is the same bytes the second time, with nothing left of an earlier plan", () => {
    const first = new Map(
      readdirSync(out, { recursive: true, withFileTypes: true }).flatMap((entry) =>
        entry.isFile()
          ? [[entry.name, readFileSync(join(entry.parentPath, entry.name))] as const]
          : [],
      ),
    );
    // An earlier plan had more loads, and its list says so; what the host put beside them is not
    // ours to take away.
    writeFileSync(join(out, "sheets", "09-poppy.svg"), "old");
    writeFileSync(join(out, "sheets", "photo.svg"), "mine");
    writeFileSync(join(out, "notes.txt"), "mine");
    const listed = JSON.parse(readFileSync(join(out, "plan.json"), "utf8"));
    writeFileSync(
      join(out, "plan.json"),
      JSON.stringify({
        ...listed,
        files: [...listed.files, "sheets/09-poppy.svg", "notes.txt", "../outside.svg"],
      }),
    );
    elm(["plan", join(ROOT, "demo/seed-tins.json"), "--out", out]);
    expect(existsSync(join(out, "sheets", "09-poppy.svg"))).toBe(false);
    expect(existsSync(join(out, "sheets", "photo.svg"))).toBe(true);
    expect(existsSync(join(out, "notes.txt"))).toBe(true);
    for (const [name, bytes] of first)
      expect(
        readFileSync(join(out, name.match(/^\d/u) ? "sheets" : "", name)).equals(bytes),
        name,
      ).toBe(true);
  });

  it("takes a roster, whatever its separators, and keeps what is in it", () => {
    const roster = file(
      "names.csv",
      "name;word\nZoë-Maëlys O'Hara;Leek\nNguyễn Thị Ánh;Kale\n\nØyvind;Dill\n",
    );
    expect(
      elm([
        "plan",
        join(ROOT, "demo/seed-tins.json"),
        "--roster",
        roster,
        "--out",
        join(folder, "r"),
      ]).status,
    ).toBe(0);
    const plan = JSON.parse(readFileSync(join(folder, "r", "plan.json"), "utf8"));
    expect(plan.seats.map(({ fields }: { fields: { name: string } }) => fields.name)).toEqual([
      "Zoë-Maëlys O'Hara",
      "Nguyễn Thị Ánh",
      "Øyvind",
    ]);
    const sheet = readSheet(readFileSync(join(folder, "r", "sheets", "01-harbour.svg"), "utf8"));
    const seats = new Set(
      sheet.paths.filter(({ className }) => className === "cut").map(({ seat }) => seat),
    );
    expect([...seats].sort()).toEqual(["1", "2", "3", "spare-1"]);
  });

  it("a seat twice in the roster is refused with its line", () => {
    const roster = file("twice.csv", "seat,name\n1,Ines\n1,Bo\n");
    const { status, err } = elm([
      "plan",
      join(ROOT, "demo/seed-tins.json"),
      "--roster",
      roster,
      "--out",
      join(folder, "t"),
    ]);
    expect(status).toBe(2);
    expect(err).toContain("line 3");
  });

  it("a field that is wrong is named by its path", () => {
    const document = JSON.parse(readFileSync(join(ROOT, "demo/seed-tins.json"), "utf8"));
    document.vinyls[0].family = "velvet";
    const { status, err } = elm([
      "plan",
      file("velvet.json", JSON.stringify(document)),
      "--out",
      join(folder, "v"),
    ]);
    expect(status).toBe(2);
    expect(err).toContain("$.vinyls[0].family");
  });
});

describe("letter", () => {
  it("gives each size as asked, by what is drawn", () => {
    const cap = run(letter, { text: "H", font: "oswald", size: { capHeight: 20 } });
    expect(cap.height).toBeCloseTo(20, 2);
    expect(run(letter, { text: "x", font: "oswald", size: { xHeight: 9 } }).height).toBeCloseTo(
      9,
      2,
    );
    expect(run(letter, { text: "Ines", font: "poppins", size: { height: 15 } }).height).toBeCloseTo(
      15,
      1,
    );
    expect(run(letter, { text: "Ines", font: "poppins", size: { width: 60 } }).width).toBeCloseTo(
      60,
      1,
    );
  });

  it("joins a script by itself, and names what is missing", () => {
    expect(
      run(letter, { text: "Bartholomew", font: "pacifico", size: { xHeight: 8 } }).pieces,
    ).toHaveLength(1);
    expect(run(letter, { text: "Bo 李", font: "pacifico", size: { xHeight: 8 } }).missing).toEqual([
      { text: "李", index: 3 },
    ]);
    expect(run(letter, { text: "", font: "pacifico", size: { xHeight: 8 } })).toMatchObject({
      pieces: [],
      width: 0,
      thinnest: 0,
    });
  });

  it("takes a path to a font file", () => {
    expect(
      run(letter, {
        text: "a",
        font: join(ROOT, "fonts/files/oswald.ttf"),
        size: { capHeight: 10 },
      }).pieces,
    ).toHaveLength(1);
  });
});

describe("fit", () => {
  const design = [box(30, 10)];

  it("every kind of face", () => {
    expect(
      run(fit, { face: { kind: "rect", width: 72, height: 50 }, margin: 6, design }).scale,
    ).toBeCloseTo(2, 5);
    expect(
      run(fit, { face: { kind: "round", diameter: 100 }, margin: 0, design }).scale,
    ).toBeCloseTo(100 / Math.hypot(30, 10), 4);
    expect(
      run(fit, { face: { kind: "oval", width: 100, height: 60 }, margin: 0, design }).scale,
    ).toBeGreaterThan(2.5);
    expect(
      run(fit, {
        face: { kind: "roundedRect", width: 72, height: 32, radius: 16 },
        margin: 0,
        design,
      }).scale,
    ).toBeLessThan(2.4);
    expect(
      run(fit, { face: { kind: "outline", outline: box(60, 20)[0] }, margin: 0, design }).scale,
    ).toBeCloseTo(2, 5);
  });

  it("turns only when asked", () => {
    const face = { kind: "rect", width: 20, height: 60 };
    expect(run(fit, { face, margin: 0, design })).toMatchObject({ turned: false });
    expect(run(fit, { face, margin: 0, design, turn: true })).toMatchObject({ turned: true });
  });

  it("keeps clear of keep-outs, as large as can be beside them", () => {
    const result = run(fit, {
      face: { kind: "rect", width: 100, height: 40 },
      margin: 0,
      keepOuts: [box(10, 40, -5, -20)],
      design: [box(10, 10)],
    });
    expect(result.scale).toBeCloseTo(4, 4);
    expect(Math.abs(result.x + 5 * result.scale)).toBeGreaterThan(5);
  });

  it("nothing to fit, or nowhere to fit it, is unusable", () => {
    expect(() =>
      run(fit, { face: { kind: "rect", width: 10, height: 10 }, margin: 0, design: [] }),
    ).toThrow(InputError);
    expect(() =>
      run(fit, { face: { kind: "rect", width: 10, height: 10 }, margin: 5, design }),
    ).toThrow("$.margin");
    expect(() =>
      run(fit, {
        face: { kind: "rect", width: 10, height: 10 },
        margin: 0,
        keepOuts: [box(20, 20, -10, -10)],
        design,
      }),
    ).toThrow("no place");
  });
});

describe("wrap", () => {
  const design = [box(80, 10, -40, -5)];

  it("a straight cup: angle, chord, foreshortening", () => {
    const view = run(wrap, { blank: { kind: "straight", diameter: 80 }, design }) as {
      angle: number;
      chord: number;
      edgeForeshortening: number;
      visibleShare: number;
    };
    expect(view.angle).toBeCloseTo((80 / 40) * (180 / Math.PI), 4);
    expect(view.chord).toBeCloseTo(80 * Math.sin(1), 4);
    expect(view.edgeForeshortening).toBeCloseTo(Math.cos(1), 5);
  });

  it("a tapered cup: the values worked by hand, lengths on the baseline kept", () => {
    const out = run(wrap, {
      blank: { kind: "tapered", topDiameter: 80, bottomDiameter: 60, height: 100 },
      design: [box(80, 10, -40, 0)],
      baselineFromTop: 40,
    }) as {
      slant: number;
      outerRadius: number;
      sectorAngle: number;
      baselineRadius: number;
      warped: number[][][][];
    };
    expect(out).toMatchObject({
      slant: 100.498756,
      outerRadius: 401.995025,
      sectorAngle: 35.821339,
    });
    expect(out.baselineRadius).toBeCloseTo(361.995, 3);
    const onBaseline = (out.warped[0]?.[0] ?? []).filter(
      ([x = 0, y = 0]) =>
        Math.abs(Math.hypot(x, out.baselineRadius - y) - out.baselineRadius) < 0.01,
    );
    const angles = onBaseline.map(
      ([x = 0, y = 0]) => Math.atan2(x, out.baselineRadius - y) * out.baselineRadius,
    );
    expect(Math.max(...angles) - Math.min(...angles)).toBeCloseTo(80, 1);
  });

  it("a bulged cup: patch, verdicts, snips", () => {
    const out = run(wrap, {
      blank: { kind: "bulged", radiusAcross: 40, radiusDown: 40 },
      design: [box(5, 5), box(60, 60, 20, 0)],
    }) as {
      aMax: number;
      pieces: { verdict: string }[];
      snips: unknown[];
    };
    expect(out.aMax).toBeCloseTo(9.798, 3);
    expect(out.pieces.map(({ verdict }) => verdict)).toEqual(["lies", "creases"]);
    expect(out.snips.length).toBeGreaterThan(4);
  });

  it("a baseline below the foot is refused", () => {
    expect(() =>
      run(wrap, {
        blank: { kind: "tapered", topDiameter: 80, bottomDiameter: 60, height: 100 },
        design,
        baselineFromTop: 120,
      }),
    ).toThrow("$.baselineFromTop");
  });
});

describe("weed", () => {
  it("counts what slows the hand", () => {
    const ring = [...box(20, 20), ...box(10, 10, 5, 5)];
    const out = run(weed, {
      polygons: [ring, box(1, 1, 40, 0)[0] ? box(1, 1, 40, 0) : []],
      vinyl: "permanentGloss",
    });
    expect(out).toMatchObject({ counters: 1, smallParts: 1, wastePieces: 2 });
    expect(out.outlineLength).toBeCloseTo(80 + 40 + 4, 6);
    expect(run(weed, { polygons: [] })).toMatchObject({ minutes: 0, wastePieces: 0 });
  });
});

describe("split", () => {
  const letters = [0, 24, 48, 86, 110, 134].map((x) => box(20, 30, x, 0));

  it("cuts a row of letters in two at the widest gap, with the same crosses in both parts", () => {
    const out = run(split, { polygons: letters, cut: { width: 100, height: 60 }, mayTurn: false });
    expect(out.parts.map(({ pieces }: { pieces: string[] }) => pieces)).toEqual([
      ["p1", "p2", "p3"],
      ["p4", "p5", "p6"],
    ]);
    expect(out.seams).toEqual([{ axis: "x", at: 77, through: [] }]);
    expect(out.parts[0]?.marks).toEqual(out.parts[1]?.marks);
    for (const { width, height } of out.parts) expect(width <= 100 && height <= 60).toBe(true);
  });

  it("goes through what has no gap, and names the halves", () => {
    const out = run(split, {
      polygons: [box(300, 20)],
      cut: { width: 200, height: 60 },
      overlap: 0,
    });
    expect(out.parts.flatMap(({ pieces }: { pieces: string[] }) => pieces)).toEqual(["p1a", "p1b"]);
    expect(out.seams[0]?.through).toEqual(["p1"]);
  });

  it("a design that fits is one part; nothing, no area or a cut too small is unusable", () => {
    expect(run(split, { polygons: letters, cut: { width: 300, height: 60 } })).toMatchObject({
      seams: [],
      parts: [{ marks: [] }],
    });
    expect(() =>
      run(split, {
        polygons: [
          [
            [
              [0, 0],
              [5, 0],
              [9, 0],
            ],
          ],
        ],
        cut: { width: 100, height: 100 },
      }),
    ).toThrow("$.polygons[0]: covers no area");
    expect(() => run(split, { polygons: [box(300, 20)], cut: { width: 10, height: 10 } })).toThrow(
      "$.cut",
    );
    expect(split.input.safeParse({ polygons: [], cut: { width: 10, height: 10 } }).success).toBe(
      false,
    );
  });
});

describe("the built program", () => {
  it("is not built again while no source is newer, and runs where it is called", () => {
    const entry = join(ROOT, ".built/elm/elm.js");
    elm(["help"]);
    const before = statSync(entry).mtimeMs;
    const { status, out } = elm(["fonts"]);
    expect([status, statSync(entry).mtimeMs]).toEqual([0, before]);
    expect(JSON.parse(out).length).toBeGreaterThan(3);
    writeFileSync(join(folder, "here.csv"), "name\nInes\n");
    expect(elm(["import-roster", "here.csv"]).status).toBe(0);
  });

  it("knows every verb, and loads none for a word it does not know", () => {
    for (const what of Object.keys(COMMANDS)) expect(elm(["help"]).err).toContain(what);
    expect(elm(["weather"])).toMatchObject({ status: 2, out: "" });
  });
});

describe("a cut sheet among drawings", () => {
  it("is told apart by import-svg, with its kits", async () => {
    const file = join(folder, "out", "sheets", "01-harbour.svg");
    const read = (await COMMANDS["import-svg"]?.([file])) as {
      cutSheet: { vinyl: string; sheet: number; kits: { seat: string; pieces: string[] }[] };
    };
    expect(read.cutSheet).toMatchObject({
      vinyl: "harbour",
      sheet: 1,
      stock: "sheet",
      mirrored: false,
    });
    expect(read.cutSheet.kits.find(({ seat }) => seat === "3")?.pieces[0]).toMatch(/^3-harbour-/u);
    const other = join(folder, "leaf.svg");
    writeFileSync(
      other,
      '<svg xmlns="http://www.w3.org/2000/svg" width="10mm" height="10mm"><path d="M0 0L9 0L9 9Z"/></svg>',
    );
    expect(await COMMANDS["import-svg"]?.([other])).not.toHaveProperty("cutSheet");
  });
});

describe("nest", () => {
  const items = Array.from({ length: 30 }, (_, i) => ({
    id: `i${i}`,
    seat: `s${i % 10}`,
    polygons: [box(20 + (i % 7) * 5, 8 + (i % 5) * 4)],
    allowedTurns: [0, 90],
  }));

  it.each(["trimmer", "bySeat"])("mode %s: all there once, inside, apart", (mode) => {
    const out = run(nest, {
      sheet: { width: 200, height: 150 },
      clearance: 2,
      seed: 1,
      seconds: 1,
      mode,
      items,
    });
    expect(out.unplaced).toEqual([]);
    expect(out.placements.map(({ id }) => id).sort()).toEqual(items.map(({ id }) => id).sort());
    const placed = out.placements.map((at) => {
      const ring = items.find(({ id }) => id === at.id)?.polygons[0]?.[0] ?? [];
      const turned = ring.map(([x = 0, y = 0]) =>
        at.turn === 90
          ? ([-y, x] as const)
          : at.turn === 270
            ? ([y, -x] as const)
            : ([x, y] as const),
      );
      return { bin: at.bin, ring: turned.map(([x, y]) => [x + at.x, y + at.y] as const) };
    });
    for (const { ring } of placed)
      for (const [x, y] of ring)
        expect(x >= -1e-6 && y >= -1e-6 && x <= 200 + 1e-6 && y <= 150 + 1e-6).toBe(true);
    placed.forEach((a, i) => {
      for (const b of placed.slice(i + 1))
        if (a.bin === b.bin)
          expect(distanceBetween([a.ring], [b.ring])).toBeGreaterThanOrEqual(2 - 1e-6);
    });
  });

  it("an item that cannot fit is said, not hung over", () => {
    const out = run(nest, {
      strip: { width: 100 },
      clearance: 2,
      seed: 1,
      seconds: 1,
      mode: "trimmer",
      items: [{ id: "big", polygons: [box(300, 110)], allowedTurns: [0, 90] }],
    });
    expect(out).toMatchObject({ placements: [], unplaced: [{ id: "big", reason: "tooLarge" }] });
  });

  it("two items of one id, or neither sheet nor strip, are unusable", () => {
    expect(() =>
      run(nest, { strip: { width: 100 }, mode: "trimmer", items: [items[0], items[0]] }),
    ).toThrow("same id");
    expect(nest.input.safeParse({ mode: "trimmer", items: [] }).success).toBe(false);
  });
});

describe("cut", () => {
  it("a square: 80 mm of cutting and its overcut, in the units of the plotter", () => {
    const out = run(cut, {
      polygons: [box(20, 20)],
      height: 100,
      knife: { offset: 0, overcut: 0 },
    });
    expect(out.cutLength).toBeCloseTo(80, 3);
    expect(out.hpgl).toContain("IN;");
    const points = [...out.hpgl.matchAll(/P[UD](-?\d+),(-?\d+)/gu)].map((m) => [
      Number(m[1]),
      Number(m[2]),
    ]);
    expect(Math.max(...points.map(([, y = 0]) => y))).toBe(100 * 40);
    expect(out.minutes).toBeGreaterThan(80 / 60 / 60);
  });
});

describe("supplies and schedule", () => {
  it("packs after stock; a spare share is whole kits", () => {
    const out = run(supplies, {
      supplies: [
        { id: "tin", name: "Tin", per: "seat", amount: 1, pack: { size: 6, price: 1080 }, have: 4 },
      ],
      seats: 14,
      spares: { share: 0.1 },
    });
    expect(out.total).toEqual([{ id: "tin", amount: 16 }]);
    expect(out.buy).toEqual([{ id: "tin", packs: 2, amount: 12, price: 2160 }]);
    expect(out.stockLeft).toEqual([{ id: "tin", amount: 0 }]);
  });

  it("waits and tools", () => {
    const out = run(schedule, {
      steps: [
        { id: "coat", minutes: 6 },
        { id: "next", minutes: 6, after: [{ step: "coat", wait: 20 }] },
        { id: "talk", minutes: 10 },
      ],
    });
    expect(out.start).toMatchObject({ coat: 0, next: 26 });
    expect(out.end).toBe(32);
    expect(out.critical).toEqual(expect.arrayContaining(["coat", "next"]));
  });

  it("a circle is unusable", () => {
    const step = (id: string, after: string) => ({ id, minutes: 1, after: [{ step: after }] });
    expect(() => run(schedule, { steps: [step("a", "b"), step("b", "a")] })).toThrow("$.steps");
  });
});

describe("rehearse", () => {
  const input = (more: object = {}) =>
    rehearse.input.parse({
      steps: [
        { id: "gun", median: 3, p90: 5, tools: { gun: 1 } },
        { id: "place", median: 6, p90: 10 },
      ],
      tools: { gun: 1 },
      seats: 10,
      runs: 400,
      seed: 3,
      endAt: 60,
      ...more,
    });

  it("says how likely it ends in time, who waits, and where the line is; the same twice", () => {
    const out = rehearse.run(input());
    expect(out.p90).toBeGreaterThan(out.p50);
    expect(out.queues).toMatchObject([{ step: "gun", tools: ["gun"] }]);
    expect(out.byStep.map(({ id }) => id)).toEqual(["gun", "place"]);
    expect(rehearse.output.parse(out)).toEqual(out);
    expect(JSON.stringify(rehearse.run(input()))).toBe(JSON.stringify(out));
    expect(rehearse.run(input({ tools: { gun: 5 } })).p50).toBeLessThan(out.p50 - 15);
    expect(rehearse.run(input({ gate: "threeQuarters" })).p50).toBeLessThan(out.p50);
  });

  it("takes steps in any order that can be gone through", () => {
    const steps = [
      { id: "peel", median: 2, after: [{ step: "place", wait: 10 }] },
      { id: "place", median: 5 },
    ];
    expect(rehearse.run(input({ steps, tools: {} }))).toMatchObject({
      p50: 17,
      byStep: [{ id: "place" }, { id: "peel" }],
      waiting: { drying: 10 },
    });
  });

  it("names what is wrong", () => {
    const refused = (more: object) => () => rehearse.run(input(more));
    expect(refused({ tools: {} })).toThrow("$.steps[0].tools.gun: needs 1, there are 0");
    expect(refused({ steps: [{ id: "a", median: 1, after: [{ step: "b" }] }] })).toThrow(
      '$.steps[0].after: there is no step "b"',
    );
    expect(refused({ steps: [{ id: "a", median: 1, after: [{ step: "a" }] }] })).toThrow(
      "comes after itself",
    );
    expect(
      refused({
        steps: [
          { id: "a", median: 1 },
          { id: "a", median: 1 },
        ],
      }),
    ).toThrow("same id");
    expect(
      refused({
        seats: 2000,
        runs: 100_000,
        steps: Array.from({ length: 10 }, (_, i) => ({ id: `s${i}`, median: 1 })),
      }),
    ).toThrow("$.runs");
    expect(
      refused({
        seats: 1,
        runs: 100_000,
        steps: Array.from({ length: 400 }, (_, i) => ({ id: `s${i}`, median: 1 })),
      }),
    ).toThrow("50000 would do");
    expect(() => input({ steps: [{ id: "a", median: 3, p90: 2 }] })).toThrow(
      "less than the median",
    );
  });
});

describe("what the application would read", () => {
  it("import-svg gives layers in millimetres, or says why not", async () => {
    const art = (await COMMANDS["import-svg"]?.([
      file(
        "art.svg",
        '<svg width="20mm" height="10mm" viewBox="0 0 20 10"><rect width="10" height="10" fill="#1F4E79"/></svg>',
      ),
    ])) as {
      layers: { colour: string; area: number }[];
      width: number;
    };
    expect(art.width).toBe(20);
    expect(art.layers).toMatchObject([{ colour: "#1F4E79", area: 100 }]);
    await expect(
      COMMANDS["import-svg"]?.([file("text.svg", "<svg><text>x</text></svg>")]),
    ).rejects.toThrow("Convert it to outlines");
    await expect(COMMANDS["import-svg"]?.([file("no.svg", "no svg")])).rejects.toThrow(InputError);
  });

  it("import-roster gives rows, columns and what is odd", async () => {
    expect(
      await COMMANDS["import-roster"]?.([file("odd.csv", "name,word\nInes,Kale,more\n")]),
    ).toMatchObject({ columns: ["name", "word"], findings: [{ line: 2, code: "extraCells" }] });
  });

  it("every schema can be printed, and says what is known of the unknown", async () => {
    for (const what of [
      "class",
      "plan",
      "letter",
      "fit",
      "wrap",
      "weed",
      "nest",
      "split",
      "cut",
      "supplies",
      "schedule",
      "rehearse",
    ])
      expect(JSON.stringify(await COMMANDS.schema?.([what]))).toContain('"type"');
    await expect(COMMANDS.schema?.(["weather"])).rejects.toThrow("known: class");
  });
});

describe("faults of the giver are told as such", () => {
  const refusal = (verb: Verb, input: unknown): string => {
    const read = verb.input.safeParse(input);
    if (!read.success)
      return read.error.issues
        .map(({ path, message }) => `$.${path.join(".")}: ${message}`)
        .join("; ");
    try {
      verb.run(read.data);
      return "";
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      return error.message;
    }
  };

  it("a file that is no font", () => {
    const words = refusal(letter, {
      text: "Ines",
      font: file("no.ttf", "this is no font"),
      size: { height: 10 },
    });
    expect(words).toMatch(/^\$\.font: .*no TTF or OTF/u);
    const { status, err } = elm(
      ["letter"],
      JSON.stringify({
        text: "Ines",
        font: file("no.ttf", "this is no font"),
        size: { height: 10 },
      }),
    );
    expect([status, err.trim().split("\n").length]).toEqual([2, 1]);
  });

  it("a circle of steps names all of them, in order", () => {
    const step = (id: string, before: string) => ({ id, minutes: 5, after: [{ step: before }] });
    expect(
      refusal(schedule, {
        steps: [step("cut", "weed"), step("weed", "tape"), step("tape", "cut")],
      }),
    ).toMatch(/wait for each other: (cut, weed, tape, cut)/u);
  });

  it("a step called as a part of every object", () => {
    expect(refusal(schedule, JSON.parse('{"steps":[{"id":"__proto__","minutes":5}]}'))).toMatch(
      /id/u,
    );
  });

  it("an outline without area is not blamed on the margin", () => {
    const words = refusal(fit, {
      face: {
        kind: "outline",
        outline: [
          [0, 0],
          [50, 0],
          [100, 0],
        ],
      },
      margin: 5,
      design: [box(10, 10)],
    });
    expect(words).toMatch(/^\$\.face: .*no area/u);
  });
});

describe("cut", () => {
  it("takes the path of a sheet, and cuts all of its pieces on its own page", () => {
    const svg =
      '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="80mm" viewBox="0 0 100 80" data-vinyl="a" data-sheet="1"><g data-seat="1"><path class="cut" data-piece="1-1" d="M10 10L30 10L30 30L10 30Z"/><path class="cut" data-piece="1-2" d="M50 50L60 50L60 60L50 60Z"/></g></svg>';
    const bySheet = run(cut, { polygons: file("01-a.svg", svg) });
    const byHand = run(cut, { polygons: [box(20, 20, 10, 10), box(10, 10, 50, 50)], height: 80 });
    expect(bySheet.cutLength).toBeCloseTo(byHand.cutLength, 3);
    expect(bySheet.hpgl).toBe(byHand.hpgl);
  });

  it("refuses any other file by name", () => {
    expect(() =>
      run(cut, {
        polygons: file(
          "other.svg",
          '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0L9 0L9 9Z"/></svg>',
        ),
      }),
    ).toThrow(/no cut sheet/u);
  });
});

describe("the true shape is fitted", () => {
  it("an L in an L grows by what both allow, not by its hull", () => {
    const ell = (s: number) => [
      [
        [0, 0],
        [s * 40, 0],
        [s * 40, s * 10],
        [s * 10, s * 10],
        [s * 10, s * 40],
        [0, s * 40],
      ],
    ];
    const face = { kind: "outline", outline: ell(2.25)[0] };
    const { scale } = run(fit, { face, margin: 0, design: [ell(1)] }) as { scale: number };
    expect(scale).toBeGreaterThan(2.245);
    expect(scale).toBeLessThanOrEqual(2.25 + 1e-6);
  });
});
