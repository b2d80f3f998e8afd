/**
 * Benchmarks of the core: each a ratio to a named baseline in the same run, and growth with size.
 */

import { readFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { fileURLToPath } from "node:url";
import { creaseOf } from "@elm-basket/core/blanks/crease.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { type ClassDocument, readClassDocument } from "@elm-basket/core/document/document.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { unionRings } from "@elm-basket/core/geometry/boolean.ts";
import { ringPath } from "@elm-basket/core/geometry/path.ts";
import type { Ring } from "@elm-basket/core/geometry/polygon.ts";
import { seededRandom } from "@elm-basket/core/geometry/random.ts";
import { widestPlace } from "@elm-basket/core/geometry/widest-place.ts";
import { LetteringMemory } from "@elm-basket/core/lettering/lettering-memory.ts";
import { thinnestOf } from "@elm-basket/core/lettering/thinnest.ts";
import type { Bin, Item } from "@elm-basket/core/nesting/problem.ts";
import { shelves } from "@elm-basket/core/nesting/strategies/shelves.ts";
import { layTrimmerFriendly, trimsOf } from "@elm-basket/core/nesting/trimmer.ts";
import { makePlan } from "@elm-basket/core/plan/plan.ts";
import type { RehearsalProblem, RehearsalStep } from "@elm-basket/core/rehearsal/problem.ts";
import { rehearse } from "@elm-basket/core/rehearsal/rehearse.ts";
import { letterSet } from "@elm-basket/core/stages/letter-set.ts";
import { measureStrokes } from "@elm-basket/core/stages/measure-strokes.ts";
import { PlanMemory } from "@elm-basket/core/stages/plan-memory.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { FillRule, PathBoolean, PathBooleanOperation, pathFromPathData } from "path-bool";
import { madeUpNames } from "../core/src/testing/documents.ts";
import { plainEvening, plainTables } from "../core/src/testing/plain-rehearsal.ts";
import { type NestRow, nestRows } from "./nesting.ts";

interface Row {
  readonly name: string;
  readonly baseline: string;
  readonly size: number;
  readonly ms: number;
  readonly baselineMs: number;
  /**
   * Of time where two ways do the same; of vinyl where the result is what counts. Below 1 is better
   * than the baseline.
   */
  readonly ratio: number;
  readonly ratioOf: "time" | "vinyl";
}

const SEED = 2026;
const fonts = diskFonts();
const read = readClassDocument(
  JSON.parse(
    readFileSync(fileURLToPath(new URL("../demo/seed-tins.json", import.meta.url)), "utf8"),
  ),
);
if (!read.ok) throw new Error(read.message);
const classOfTins = read.value;
const tins = thingDocument(classOfTins);

/** Median of three, after one run to warm up. */
function timed(work: () => void): number {
  work();
  const runs = [0, 1, 2].map(() => {
    const started = performance.now();
    work();
    return performance.now() - started;
  });
  return runs.sort((a, b) => a - b)[1] ?? 0;
}

const seatsOf = (count: number) =>
  madeUpNames(count, seededRandom(SEED)).map((name, i) => ({
    seat: String(i + 1),
    fields: { name, word: "Kale" },
  }));

/** The least that must be done: the outlines of the names, united. */
function straightUnion(count: number): void {
  const face = fonts("pacifico");
  if (!face) throw new Error("pacifico is missing");
  for (const { fields } of seatsOf(count)) {
    const rings = face
      .shape(fields.name)
      .flatMap((glyph) =>
        face
          .rings(glyph.glyph, 0.0005)
          .map((ring): Ring => ring.map(([x, y]) => [(x + glyph.x) * 30, y * 30])),
      );
    unionRings(rings);
  }
}

function letterRow(count: number): Row {
  const face = readFace(tins.blank);
  const ms = timed(() => letterSet(tins.design, seatsOf(count), face, fonts));
  const baselineMs = timed(() => straightUnion(count));
  return {
    name: "letter, size and unite the names",
    baseline: "uniting the name lines alone",
    size: count,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

/** One name of two hundred is typed into: texts lettered before are used again. */
function againRow(count: number): Row {
  const face = readFace(tins.blank);
  const memory = new LetteringMemory();
  let n = 0;
  const typed = () =>
    seatsOf(count).map((seat, i) =>
      i === 5 ? { ...seat, fields: { ...seat.fields, name: `Ines ${n++}` } } : seat,
    );
  const ms = timed(() => letterSet(tins.design, typed(), face, fonts, { memory }));
  const baselineMs = timed(() => letterSet(tins.design, typed(), face, fonts));
  return {
    name: "letter again after one name changed, texts kept",
    baseline: "lettering all of them anew",
    size: count,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

/** The seat that is typed into, alone, at the size the set has. */
function oneSeatRow(count: number): Row {
  const face = readFace(tins.blank);
  const memory = new LetteringMemory();
  const all = seatsOf(count);
  const whole = letterSet(tins.design, all, face, fonts, { memory });
  const design = {
    ...tins.design,
    school: "fixedHeight" as const,
    fixedScale: whole.sizing.seats[0]?.scale ?? 1,
  };
  let n = 0;
  const ms = timed(() =>
    letterSet(design, [{ seat: "6", fields: { name: `Ines ${n++}`, word: "Kale" } }], face, fonts, {
      memory,
    }),
  );
  const baselineMs = timed(() => letterSet(tins.design, all, face, fonts, { memory }));
  return {
    name: "show the seat that is typed into",
    baseline: "lettering the whole set again",
    size: count,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

/** Strokes measured once a glyph, against once a letter of every name. */
function strokeRow(count: number): Row {
  const set = letterSet(tins.design, seatsOf(count), readFace(tins.blank), fonts);
  const cold = () => diskFonts();
  const ms = timed(() => measureStrokes(set, cold()));
  const sample = seatsOf(6);
  const lines = letterSet(tins.design, sample, readFace(tins.blank), fonts);
  const perSeat = timed(() => {
    for (const seat of lines.seats)
      for (const polygons of seat.layers.values()) thinnestOf(polygons);
  });
  const baselineMs = (perSeat * count) / sample.length;
  return {
    name: "measure all strokes, fonts freshly opened",
    baseline: "measuring every piece of every seat (from six seats)",
    size: count,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

/** The same rings by a second library, which keeps curves and so works on paths. */
function unionRow(count: number): Row {
  const face = fonts("pacifico");
  if (!face) throw new Error("pacifico is missing");
  const names = seatsOf(count).map(({ fields }) =>
    face
      .shape(fields.name)
      .flatMap((glyph) =>
        face
          .rings(glyph.glyph, 0.002)
          .map((ring): Ring => ring.map(([x, y]) => [(x + glyph.x) * 30, y * 30])),
      ),
  );
  const ms = timed(() => {
    for (const rings of names) unionRings(rings);
  });
  const baselineMs = timed(() => {
    for (const rings of names) {
      const path = pathFromPathData(rings.map(ringPath).join(""));
      new PathBoolean([{ path, fillRule: FillRule.NonZero }]).get(PathBooleanOperation.Union);
    }
  });
  return {
    name: "unite the letters of names",
    baseline: "path-bool on the same outlines",
    size: count,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

/** Weeding's other question: where does it crease. Most letters need no closer look. */
function creaseRow(count: number): Row {
  const set = letterSet(tins.design, seatsOf(count), readFace(tins.blank), fonts);
  const pieces = set.seats.flatMap((seat) => [...seat.layers.values()].flat());
  const ms = timed(() => void pieces.map((piece) => creaseOf(piece, 9.8)));
  const baselineMs = timed(() => void pieces.map((piece) => widestPlace(piece)));
  return {
    name: "judge every piece for creases",
    baseline: "looking for the widest place of every piece",
    size: count,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

function kits(count: number): Item[] {
  const random = seededRandom(SEED);
  return Array.from({ length: count }, (_, i) => ({
    id: String(i),
    width: 30 + random() * 55,
    height: 28 + random() * 14,
    mayTurn: true,
  }));
}

const SHEET: Bin = { width: 286, height: 286 };

function layoutRow(count: number): Row {
  const items = kits(count);
  const byId = new Map(items.map((item) => [item.id, item]));
  const used = (trims: readonly Bin[]) =>
    trims.reduce((sum, trim) => sum + trim.width * trim.height, 0);
  const ms = timed(() => void layTrimmerFriendly(items, SHEET));
  const baselineMs = timed(() => void shelves(items, SHEET));
  return {
    name: "lay out kits, straight cuts",
    baseline: "plain shelf packing of the boxes",
    size: count,
    ms,
    baselineMs,
    ratio:
      used(layTrimmerFriendly(items, SHEET).trims) / used(trimsOf(shelves(items, SHEET), byId)),
    ratioOf: "vinyl",
  };
}

/** A class of so many seats and 25 steps, with talks, two heat guns, late ones and stuck ones. */
function rehearsedRoom(seats: number): RehearsalProblem {
  const steps = Array.from({ length: 25 }, (_, i): RehearsalStep => {
    const who = i % 8 === 0 ? "host" : i % 8 === 5 ? "queue" : "together";
    return {
      id: `s${i}`,
      who,
      median: 5,
      sigma: 0.5,
      law: "lognormal",
      after: i > 0 ? [{ step: `s${i - 1}`, wait: i % 6 === 0 ? 10 : 0 }] : [],
      tools: who === "queue" ? { gun: 2 } : {},
      gate: "threeQuarters",
    };
  });
  return {
    steps,
    tools: { gun: 4 },
    seats,
    helpers: 0,
    endAt: 300,
    ownPace: 0.5,
    late: { share: 0.05, minutes: 8 },
    stuck: { chance: 0.05, minutes: 2 },
  };
}

/** Runs are independent of each other: the plain one is timed over fewer. */
function rehearsalRow(runs: number): Row {
  const problem = rehearsedRoom(30);
  const few = Math.ceil(runs / 100);
  const tables = plainTables(problem);
  const ms = timed(() => void rehearse(problem, runs, SEED));
  const baselineMs =
    timed(() => {
      for (let run = 0; run < few; run++) plainEvening(problem, SEED, run, tables);
    }) *
    (runs / few);
  return {
    name: "play a class of 30 seats and 25 steps so many times",
    baseline: "a plain rehearsal, people and steps as objects (from a hundredth of the runs)",
    size: runs,
    ms,
    baselineMs,
    ratio: ms / baselineMs,
    ratioOf: "time",
  };
}

type Edit = readonly [string, (document: ClassDocument, n: number) => ClassDocument];

const EDITS: readonly Edit[] = [
  [
    "one name",
    (d, n) => ({
      ...d,
      seats: d.seats.map((seat, i) =>
        i === 5 ? { ...seat, fields: { ...seat.fields, name: `Ines ${n}` } } : seat,
      ),
    }),
  ],
  [
    "a step's minutes",
    (d, n) => ({
      ...d,
      steps: d.steps.map((step, i) => (i === 0 ? { ...step, minutes: 5 + n } : step)),
    }),
  ],
  [
    "a price",
    (d, n) => ({
      ...d,
      vinyls: d.vinyls.map((vinyl) => ({ ...vinyl, stock: { ...vinyl.stock, price: 100 + n } })),
    }),
  ],
  ["the pad", (d, n) => ({ ...d, layout: { ...d.layout, weedPad: 2 + (n % 3) } })],
  [
    "a line's size",
    (d, n) => ({
      ...d,
      things: d.things.map((thing) => ({
        ...thing,
        design: {
          ...thing.design,
          items: thing.design.items.map((item) =>
            item.kind === "text" ? { ...item, size: item.size * (1 + n / 50) } : item,
          ),
        },
      })),
    }),
  ],
];

/**
 * The whole plan again after an edit, by whoever planned it before; read anew, as a server does.
 */
function planRows(count: number): Row[] {
  const document: ClassDocument = { ...classOfTins, seats: seatsOf(count) };
  return EDITS.map(([name, edit]) => {
    const memory = new PlanMemory();
    const read = (n: number): ClassDocument => JSON.parse(JSON.stringify(edit(document, n)));
    makePlan(document, fonts, memory);
    let n = 0;
    const ms = timed(() => void makePlan(read(++n), fonts, memory));
    const baselineMs = timed(() => void makePlan(read(++n), fonts));
    return {
      name: `plan again after ${name}`,
      baseline: "planning anew",
      size: count,
      ms,
      baselineMs,
      ratio: ms / baselineMs,
      ratioOf: "time",
    };
  });
}

/** Exponent p of time ~ size^p between two rows. */
const growth = (a: Row, b: Row): number => Math.log(b.ms / a.ms) / Math.log(b.size / a.size);

const letters = [letterRow(200), letterRow(1000)] as const;
const depth = [againRow(200), oneSeatRow(200), strokeRow(200), unionRow(20), creaseRow(100)];
const layouts = [layoutRow(500), layoutRow(1000)] as const;
const rows: Row[] = [
  ...planRows(200),
  ...letters,
  ...depth,
  layoutRow(200),
  ...layouts,
  rehearsalRow(10_000),
];
const grows = { letter: growth(...letters), layout: growth(...layouts) };

/**
 * Layout searches: 20 s and 60 s each, or what `--seconds` says, of one instance a kind or of as
 * many as `--seeds` says; `--quick` leaves them out.
 */
const said = (name: string): number | null => {
  const at = process.argv.indexOf(name);
  return at > 0 ? Number(process.argv[at + 1]) : null;
};
const seconds = said("--seconds");
const times = process.argv.includes("--quick") ? [] : seconds ? [seconds] : [20, 60];
const sayRow = (row: NestRow) =>
  process.stderr.write(
    `${row.name}, ${row.seconds} s (took ${row.tookSeconds.toFixed(1)} s): ${row.ratio.toFixed(3)} of ${row.baseline}, worst ${row.worst.toFixed(3)}${row.goal === null ? "" : `, goal in 60 s ${row.goal}`}\n`,
  );
const nesting = times.flatMap((own) => nestRows(own, said("--seeds") ?? 1, sayRow));

if (process.argv.includes("--json"))
  process.stdout.write(`${JSON.stringify({ rows, nesting, growth: grows }, null, 2)}\n`);
else {
  for (const row of rows)
    process.stdout.write(
      `${row.name}, ${row.size}: ${row.ms.toFixed(0)} ms; ${row.ratioOf} ${row.ratio.toFixed(3)} of ${row.baseline} (${row.baselineMs.toFixed(0)} ms)\n`,
    );
  process.stdout.write(
    `growth with size: letter n^${grows.letter.toFixed(2)}, layout n^${grows.layout.toFixed(2)}\n`,
  );
}
