/**
 * Materials of one more thing: its own blank and tape, counted by how many of it are made, and what
 * its technique needs that the class does not have yet.
 */

import type { Thing } from "../document/document.ts";
import type { Supply } from "../supplies/supply.ts";
import { materialsOf } from "./materials/materials.ts";
import type { SetWays } from "./set-steps.ts";
import { situationOf } from "./situation.ts";

/** Starter lines of which each thing takes its own; of the others one serves all. */
const OWN: ReadonlySet<string> = new Set([
  "blank",
  "tape",
  "tape-strong",
  "paint",
  "spray",
  "edge-seal",
  "border-tape",
  "ground",
  "twine",
  "ribbon",
  "bead",
  "frame-strip",
  "frame-stain",
  "frame-paint",
]);
const BLANK = "blank";

const sameName = (a: Pick<Supply, "name">, b: Pick<Supply, "name">): boolean =>
  a.name.trim().toLowerCase() === b.name.trim().toLowerCase();

export function withSuppliesOf(
  supplies: readonly Supply[],
  before: readonly Thing[],
  thing: Thing,
  ways: SetWays,
): Supply[] {
  const first = before[0];
  // As long as there was one thing all lines were everybody's; now what it takes itself is its own.
  const lines =
    before.length === 1 && first
      ? supplies.map((line) =>
          OWN.has(line.id) && line.thing === undefined ? { ...line, thing: first.id } : line,
        )
      : [...supplies];
  for (const line of ownLines(thing, before, ways)) {
    if (line.id === BLANK && thing.sideOf !== undefined) continue;
    if (
      !OWN.has(line.id) &&
      lines.some((there) => there.thing === undefined && sameName(there, line))
    )
      continue;
    lines.push({ ...line, id: freeSupplyId(lines, `${line.id}-${thing.id}`), thing: thing.id });
  }
  return lines;
}

/** Takes back what the thing brought along. */
export function withoutSuppliesOf(
  supplies: readonly Supply[],
  left: readonly Thing[],
  gone: Pick<Thing, "id">,
): Supply[] {
  return supplies.flatMap((line) => {
    const { thing, ...everybody } = line;
    if (thing === gone.id) return [];
    return [left.length === 1 && thing === left[0]?.id ? everybody : line];
  });
}

/** All materials of a class that makes these things, from nothing. */
export const suppliesOfSet = (things: readonly Thing[], ways: SetWays): Supply[] =>
  things.reduce<Supply[]>(
    (lines, thing, i) =>
      i === 0 ? firstLines(thing, ways) : withSuppliesOf(lines, things.slice(0, i), thing, ways),
    [],
  );

/**
 * Of a single thing all lines are everybody's, but where each makes several: then its own are
 * counted by them.
 */
const firstLines = (thing: Thing, ways: SetWays): Supply[] =>
  ownLines(thing, [], ways).map((line) =>
    thing.perSeat > 1 && OWN.has(line.id) ? { ...line, thing: thing.id } : line,
  );

const ownLines = (
  thing: Thing,
  before: readonly Thing[],
  { document, schools, facts }: SetWays,
): Supply[] =>
  materialsOf(
    situationOf(
      { ...document, things: [...before.filter(({ id }) => id !== thing.id), thing] },
      thing.id,
      schools,
      facts?.get(thing.id),
    ),
  );

function freeSupplyId(supplies: readonly Pick<Supply, "id">[], stem: string): string {
  const base = stem.slice(0, 36);
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!supplies.some((line) => line.id === id)) return id;
  }
}
