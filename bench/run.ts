/** Benchmarks of the core: each a ratio to a named baseline in the same run, and growth with size. */

import { readFileSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { fileURLToPath } from "node:url";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import { unionRings } from "@elm-basket/core/geometry/boolean.ts";
import type { Ring } from "@elm-basket/core/geometry/polygon.ts";
import { seededRandom } from "@elm-basket/core/geometry/random.ts";
import type { Bin, Item } from "@elm-basket/core/nesting/problem.ts";
import { shelves } from "@elm-basket/core/nesting/strategies/shelves.ts";
import { layTrimmerFriendly, trimsOf } from "@elm-basket/core/nesting/trimmer.ts";
import { readClassDocument } from "@elm-basket/core/plan/document.ts";
import { letterSet } from "@elm-basket/core/plan/letter-set.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { madeUpNames } from "../core/src/testing/documents.ts";

interface Row {
  readonly name: string;
  readonly baseline: string;
  readonly size: number;
  readonly ms: number;
  readonly baselineMs: number;
  /** Of time where two ways do the same; of vinyl where the result is what counts. Below 1 is better than the baseline. */
  readonly ratio: number;
  readonly ratioOf: "time" | "vinyl";
}

const SEED = 2026;
const fonts = diskFonts();
const read = readClassDocument(JSON.parse(readFileSync(fileURLToPath(new URL("../demo/seed-tins.json", import.meta.url)), "utf8")));
if (!read.ok) throw new Error(read.message);
const tins = read.value;

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

const seatsOf = (count: number) => madeUpNames(count, seededRandom(SEED)).map((name, i) => ({ seat: String(i + 1), fields: { name, word: "Kale" } }));

/** The least that must be done: the outlines of the names, united. */
function straightUnion(count: number): void {
  const face = fonts("pacifico");
  if (!face) throw new Error("pacifico is missing");
  for (const { fields } of seatsOf(count)) {
    const rings = face.shape(fields.name).flatMap((glyph) => face.rings(glyph.glyph, 0.0005).map((ring): Ring => ring.map(([x, y]) => [(x + glyph.x) * 30, y * 30])));
    unionRings(rings);
  }
}

function letterRow(count: number): Row {
  const face = readFace(tins.blank);
  const ms = timed(() => letterSet(tins.design, seatsOf(count), face, fonts));
  const baselineMs = timed(() => straightUnion(count));
  return { name: "letter, size and unite the names", baseline: "uniting the name lines alone", size: count, ms, baselineMs, ratio: ms / baselineMs, ratioOf: "time" };
}

function kits(count: number): Item[] {
  const random = seededRandom(SEED);
  return Array.from({ length: count }, (_, i) => ({ id: String(i), width: 30 + random() * 55, height: 28 + random() * 14, mayTurn: true }));
}

const SHEET: Bin = { width: 286, height: 286 };

function layoutRow(count: number): Row {
  const items = kits(count);
  const byId = new Map(items.map((item) => [item.id, item]));
  const used = (trims: readonly Bin[]) => trims.reduce((sum, trim) => sum + trim.width * trim.height, 0);
  const ms = timed(() => void layTrimmerFriendly(items, SHEET));
  const baselineMs = timed(() => void shelves(items, SHEET));
  return {
    name: "lay out kits, straight cuts",
    baseline: "plain shelf packing of the boxes",
    size: count,
    ms,
    baselineMs,
    ratio: used(layTrimmerFriendly(items, SHEET).trims) / used(trimsOf(shelves(items, SHEET), byId)),
    ratioOf: "vinyl",
  };
}

/** Exponent p of time ~ size^p between two rows. */
const growth = (a: Row, b: Row): number => Math.log(b.ms / a.ms) / Math.log(b.size / a.size);

const letters = [letterRow(50), letterRow(200)] as const;
const layouts = [layoutRow(500), layoutRow(1000)] as const;
const rows: Row[] = [...letters, layoutRow(200), ...layouts];
const grows = { letter: growth(...letters), layout: growth(...layouts) };

if (process.argv.includes("--json")) process.stdout.write(`${JSON.stringify({ rows, growth: grows }, null, 2)}\n`);
else {
  for (const row of rows) process.stdout.write(`${row.name}, ${row.size}: ${row.ms.toFixed(0)} ms; ${row.ratioOf} ${row.ratio.toFixed(3)} of ${row.baseline} (${row.baselineMs.toFixed(0)} ms)\n`);
  process.stdout.write(`growth with size: letter n^${grows.letter.toFixed(2)}, layout n^${grows.layout.toFixed(2)}\n`);
}
