/** Materials of one more thing: its own blank and tape, counted by how many of it are made, and what its technique needs that the class does not have yet. */
import { vinylsOfItem } from "../lettering/recipe.ts";
import type { Schools } from "../studio/settings.ts";
import type { Supply } from "../supplies/supply.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { Thing } from "./document.ts";
import { starterSupplies } from "./starter.ts";

/** Starter lines of which each thing takes its own; of the others one serves all. */
const OWN: ReadonlySet<string> = new Set(["blank", "tape", "paint", "spray"]);
const BLANK = "blank";

const sameName = (a: Pick<Supply, "name">, b: Pick<Supply, "name">): boolean => a.name.trim().toLowerCase() === b.name.trim().toLowerCase();

export function withSuppliesOf(supplies: readonly Supply[], before: readonly Thing[], thing: Thing, vinyls: readonly Vinyl[], schools: Schools): Supply[] {
  const first = before[0];
  // As long as there was one thing all lines were everybody's; now what it takes itself is its own.
  const lines = before.length === 1 && first ? supplies.map((line) => (OWN.has(line.id) && line.thing === undefined ? { ...line, thing: first.id } : line)) : [...supplies];
  for (const line of starterLines(thing, vinyls, schools)) {
    if (line.id === BLANK && thing.sideOf !== undefined) continue;
    if (!OWN.has(line.id) && lines.some((there) => there.thing === undefined && sameName(there, line))) continue;
    lines.push({ ...line, id: freeSupplyId(lines, `${line.id}-${thing.id}`), thing: thing.id });
  }
  return lines;
}

/** Takes back what the thing brought along. */
export function withoutSuppliesOf(supplies: readonly Supply[], left: readonly Thing[], gone: Pick<Thing, "id">): Supply[] {
  return supplies.flatMap((line) => {
    const { thing, ...everybody } = line;
    if (thing === gone.id) return [];
    return [left.length === 1 && thing === left[0]?.id ? everybody : line];
  });
}

function starterLines({ technique, blank, design }: Thing, vinyls: readonly Vinyl[], schools: Schools): Supply[] {
  const film = design.items.flatMap(vinylsOfItem)[0];
  const family = (vinyls.find(({ id }) => id === film) ?? vinyls[0])?.family ?? "permanentMatte";
  return starterSupplies({ technique, material: blank.material, family, blankName: blank.name, shape: blank.shape, schools });
}

function freeSupplyId(supplies: readonly Pick<Supply, "id">[], stem: string): string {
  const base = stem.slice(0, 36);
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!supplies.some((line) => line.id === id)) return id;
  }
}
