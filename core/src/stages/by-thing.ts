/**
 * What each thing takes for itself: pieces, minutes, film, tape and materials; what all share is
 * told apart.
 */

import type { ClassDocument } from "../document/document.ts";
import { boxHeight, boxWidth } from "../geometry/polygon.ts";
import type { SupplyLine } from "../supplies/supply-lines.ts";
import type { Kit } from "./kits.ts";
import type { LaidOut } from "./sheets.ts";
import type { ThingPlan } from "./stages.ts";

export interface ThingShare {
  /** Null: what all things share. */
  readonly thing: string | null;
  /** How many are made in the class. */
  readonly made: number;
  readonly kits: number;
  readonly pieces: number;
  readonly weedMinutes: number;
  /** Its share of the minutes at the cutter, by the boxes of its kits on each load. */
  readonly cutMinutes: number;
  /** Transfer tape of the largest design, mm; none where the film brings its own liner. */
  readonly tape: { readonly width: number; readonly height: number };
  /** Value of what is used up, minor units, of what has a price. */
  readonly materials: number;
  /** Ids of what it needs that has no price. */
  readonly missing: readonly string[];
}

export interface ShareInput {
  readonly document: Pick<ClassDocument, "things" | "supplies">;
  readonly things: readonly Pick<ThingPlan, "id" | "tape">[];
  readonly kits: readonly Kit[];
  readonly laidOut: Pick<LaidOut, "sheets">;
  readonly supplies: readonly SupplyLine[];
  readonly madeOf: (thing: string) => number;
}

const boxArea = ({ box, pad }: Pick<Kit, "box" | "pad">): number =>
  (boxWidth(box) + 2 * pad) * (boxHeight(box) + 2 * pad);

/** In the order of the things, what is shared last; together they are the whole class. */
export function thingShares({
  document,
  things,
  kits,
  laidOut,
  supplies,
  madeOf,
}: ShareInput): ThingShare[] {
  const ownLine = new Map(document.supplies.map(({ id, thing }) => [id, thing]));
  const filmOf = filmShares(kits);
  const cutting = cutMinutes(laidOut);
  const valueFor = (thing: string | null, line: SupplyLine): number => {
    const film = line.id.startsWith(FILM) ? filmOf.get(line.id.slice(FILM.length)) : undefined;
    if (film) return thing === null ? 0 : line.usedValue * (film.get(thing) ?? 0);
    return (ownLine.get(line.id) ?? null) === thing ? line.usedValue : 0;
  };
  const needs = (thing: string | null, line: SupplyLine): boolean =>
    line.id.startsWith(FILM)
      ? thing !== null && (filmOf.get(line.id.slice(FILM.length))?.get(thing) ?? 0) > 0
      : (ownLine.get(line.id) ?? null) === thing;
  const share = (thing: string | null): ThingShare => {
    const own = kits.filter((kit) => kit.thing === thing);
    return {
      thing,
      made: thing === null ? 0 : madeOf(thing),
      kits: new Set(own.map(({ stem }) => stem)).size,
      pieces: own.reduce((sum, { pieces }) => sum + pieces.length, 0),
      weedMinutes: own.reduce((sum, { weed }) => sum + weed.minutes, 0),
      cutMinutes: thing === null ? 0 : (cutting.get(thing) ?? 0),
      tape: things.find(({ id }) => id === thing)?.tape ?? { width: 0, height: 0 },
      materials: supplies.reduce((sum, line) => sum + valueFor(thing, line), 0),
      missing: supplies.filter((line) => !line.priced && needs(thing, line)).map(({ id }) => id),
    };
  };
  return [...things.map(({ id }) => share(id)), share(null)];
}

/** Films stand on the materials list under their own ids. */
const FILM = "vinyl-";

/** By film, the share of each thing by the boxes of its kits. */
function filmShares(kits: readonly Kit[]): Map<string, Map<string, number>> {
  const areas = new Map<string, Map<string, number>>();
  for (const kit of kits) {
    const own = areas.get(kit.vinyl) ?? new Map<string, number>();
    own.set(kit.thing, (own.get(kit.thing) ?? 0) + boxArea(kit));
    areas.set(kit.vinyl, own);
  }
  for (const own of areas.values()) {
    const all = [...own.values()].reduce((sum, area) => sum + area, 0);
    for (const [thing, area] of own) own.set(thing, area / all);
  }
  return areas;
}

/** Minutes of each load, loading included, go to its things by their boxes. */
function cutMinutes({ sheets }: Pick<LaidOut, "sheets">): Map<string, number> {
  const found = new Map<string, number>();
  for (const { kits, cutMinutes: cut, loadMinutes } of sheets) {
    const areas = kits.map(({ box }) => box.width * box.height);
    const all = areas.reduce((sum, area) => sum + area, 0);
    kits.forEach(({ thing }, i) => {
      if (thing !== null)
        found.set(thing, (found.get(thing) ?? 0) + ((cut + loadMinutes) * (areas[i] ?? 0)) / all);
    });
  }
  return found;
}
