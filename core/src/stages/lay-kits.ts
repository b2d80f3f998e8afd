/**
 * The kits of one vinyl on scraps and fresh film: what lies on which load, before anything is drawn
 * or cut.
 */

import type { ClassDocument } from "../document/document.ts";
import type { Scrap } from "../document/scrap.ts";
import { scrapPolygon } from "../document/scrap-polygon.ts";
import { intersection, offset } from "../geometry/boolean.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  moved,
  type Polygons,
  type Ring,
  rectRing,
} from "../geometry/polygon.ts";
import { sheetBin, sheetNumber } from "../nesting/bins.ts";
import { inscribedBox } from "../nesting/inscribed.ts";
import type {
  Bin,
  Item,
  PlacedItem,
  ShapeItem,
  ShapePlacement,
  ShapeProblem,
} from "../nesting/problem.ts";
import { rows } from "../nesting/strategies/rows.ts";
import { layTight } from "../nesting/tight.ts";
import { layTrimmerFriendly } from "../nesting/trimmer.ts";
import { turnedBy } from "../nesting/turned.ts";
import { validateLayout } from "../nesting/validate.ts";
import { validateShapes } from "../nesting/validate-shapes.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { type Kit, kitName } from "./kits.ts";
import { crossSquares } from "./parts.ts";

/**
 * A kit where it lies on its load: turned about the start of its own coordinates, then moved, mm.
 */
export interface LaidKit {
  readonly kit: Kit;
  /** Where it lies on its film or scrap, in that film's own coordinates: what a document keeps. */
  readonly own: {
    readonly bin: string;
    readonly x: number;
    readonly y: number;
    readonly turn: number;
  };
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  /** What is cut round it, or its own box where nothing is. */
  readonly box: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
}

export interface LaidScrap {
  readonly label: string;
  /** Where its own box starts on the mat. */
  readonly x: number;
  readonly y: number;
  readonly outline: Polygons;
}

export interface LaidLoad {
  readonly kits: readonly LaidKit[];
  /** The film to lay on the mat: a rectangle to cut off, or scraps. */
  readonly width: number;
  readonly height: number;
  readonly scraps: readonly LaidScrap[];
  /** Where the blade may go. */
  readonly usable: Polygons;
}

export interface LaidVinyl {
  readonly loads: readonly LaidLoad[];
  readonly unplaced: readonly { readonly kit: Kit; readonly reason: "tooLarge" | "noRoom" }[];
}

export interface LayWishes {
  readonly kits: readonly Kit[];
  readonly layout: ClassDocument["layout"];
  /** What the film's pattern allows. */
  readonly turns: Vinyl["turns"];
  readonly scraps: readonly Scrap[];
  /** Usable area of fresh film on one load. */
  readonly bin: Bin;
  /** What the cutter reaches, and what it keeps free inside any edge of film. */
  readonly mat: Bin;
  readonly edge: number;
}

/** A usable part of a scrap smaller than this on a side takes no kit. */
const LEAST_SIDE_MM = 8;
/** Apart on one mat, so that they can be laid by hand. */
const SCRAP_GAP_MM = 3;

/** @throws Error when an independent check finds a fault: a bug, never to be cut. */
export function layKits(wishes: LayWishes): LaidVinyl {
  const ready = wishes.layout.useScraps
    ? wishes.scraps.flatMap((scrap) => usableScrap(scrap, wishes.edge, wishes.mat))
    : [];
  const placed = wishes.layout.mode === "tight" ? tightest(wishes, ready) : straight(wishes, ready);
  const byBin = new Map<string, LaidKit[]>();
  for (const kit of placed.laid) byBin.set(kit.own.bin, [...(byBin.get(kit.own.bin) ?? []), kit]);
  return {
    loads: [...scrapLoads(byBin, ready, wishes), ...filmLoads(byBin, wishes)],
    unplaced: placed.unplaced,
  };
}

interface UsableScrap {
  readonly scrap: Scrap;
  /** From the corner of its own box, mm. */
  readonly outline: Polygons;
  readonly usable: Polygons;
}

/**
 * Without the edge that is never cut; nothing when no kit could lie there. What reaches beyond the
 * mat hangs over, or is cut off.
 */
function usableScrap(scrap: Scrap, edge: number, mat: Bin): UsableScrap[] {
  const whole = [scrapPolygon(scrap)];
  const box = boxOf(whole);
  const outline =
    boxWidth(box) > mat.width || boxHeight(box) > mat.height
      ? intersection(whole, [[rectRing(0, 0, mat.width, mat.height)]])
      : whole;
  const parts = edge > 0 ? offset(outline, -edge, "miter") : outline;
  const usable = parts.filter(
    (part) => Math.min(boxWidth(boxOf([part])), boxHeight(boxOf([part]))) >= LEAST_SIDE_MM,
  );
  return usable.length > 0 ? [{ scrap, outline, usable }] : [];
}

interface Placed {
  readonly laid: readonly LaidKit[];
  readonly unplaced: LaidVinyl["unplaced"];
}

const scrapBin = (label: string): string => `scrap ${label}`;

/**
 * More angles ask for more of the search than they give back now and then: the better of with and
 * without them is kept.
 */
function tightest(wishes: LayWishes, scraps: readonly UsableScrap[]): Placed {
  const first = tight(wishes, scraps);
  if (!wishes.layout.anyAngle || wishes.turns !== "free" || !wishes.layout.mayTurn) return first;
  const upright = tight({ ...wishes, layout: { ...wishes.layout, anyAngle: false } }, scraps);
  return measure(upright) < measure(first) ? upright : first;
}

/** What is left out weighs most, then fresh loads, then how far down the last of them is used. */
function measure({ laid, unplaced }: Placed): number {
  const sheets = laid.filter(({ own }) => sheetNumber(own.bin) !== null);
  const loads = new Set(sheets.map(({ own }) => own.bin));
  const used = [...loads].reduce(
    (sum, bin) =>
      sum +
      Math.max(...sheets.filter(({ own }) => own.bin === bin).map(({ box }) => box.y + box.height)),
    0,
  );
  return unplaced.length * 1e9 + loads.size * 1e6 + used;
}

/**
 * True shapes; kits keep the clearance, and counters stay free unless the host allows otherwise.
 */
function tight({ kits, layout, turns, bin }: LayWishes, scraps: readonly UsableScrap[]): Placed {
  const allowed = turnsOf(layout, turns);
  const items = kits.map(
    (kit): ShapeItem => ({ id: kitName(kit), polygons: outlines(kit), turns: allowed }),
  );
  const names = new Set(kits.map(kitName));
  const pinned = layout.kept.filter(({ vinyl, kit }) => vinyl === kits[0]?.vinyl && names.has(kit));
  const problem = {
    items,
    scraps: scraps.map(({ scrap, usable }) => ({ id: scrapBin(scrap.label), polygon: usable })),
    stock: { kind: "sheet" as const, ...bin },
    clearance: layout.clearance,
    counters: layout.counters,
    seed: layout.seed,
    seconds: layout.seconds,
  };
  const found = layTight({ ...problem, pinned: stillClean(problem, pinned) });
  const faults = validateShapes(problem, found);
  if (faults.length > 0)
    throw new Error(
      `layout of ${kits[0]?.vinyl ?? ""} failed its check: ${JSON.stringify(faults[0])}`,
    );
  const byId = new Map(kits.map((kit) => [kitName(kit), kit]));
  return {
    laid: found.placements.map(({ id, bin: own, x, y, turn }) => {
      const kit = byId.get(id) as Kit;
      const { minX, minY, width, height } = turnedBy(outlines(kit), turn);
      return {
        own: { bin: own, x, y, turn },
        kit,
        x,
        y,
        turn,
        box: { x: x + minX, y: y + minY, width, height },
      };
    }),
    unplaced: found.unplaced.map(({ id, reason }) => ({ kit: byId.get(id) as Kit, reason })),
  };
}

/**
 * What was kept holds only as long as it would still cut clean: what lies wrong is laid afresh, of
 * two too near what was not laid by hand.
 */
function stillClean(
  problem: ShapeProblem,
  pinned: ClassDocument["layout"]["kept"],
): ShapePlacement[] {
  let left = pinned.filter(({ kit }, i) => pinned.findIndex((other) => other.kit === kit) === i);
  for (;;) {
    const placements = left.map(
      ({ kit, bin, x, y, turn }): ShapePlacement => ({ id: kit, bin, x, y, turn }),
    );
    const there = new Set(placements.map(({ id }) => id));
    const faults = validateShapes(
      { ...problem, items: problem.items.filter(({ id }) => there.has(id)) },
      { placements, unplaced: [], sheets: 0, length: 0 },
    );
    if (faults.length === 0) return placements;
    const byHand = new Set(left.filter(({ hand }) => hand).map(({ kit }) => kit));
    const out = new Set(
      faults.flatMap(({ code, ids }) =>
        code === "tooNear" ? [ids.find((id) => !byHand.has(id)) ?? ids[1] ?? ""] : ids,
      ),
    );
    left = left.filter(({ kit }) => !out.has(kit));
  }
}

/**
 * What a kit takes up: the film of a stencil whole; of a decal its pieces, and the crosses of a
 * part as squares.
 */
const outlines = (kit: Kit): Polygons =>
  kit.pad > 0 || kit.film
    ? [[filmRing(kit)]]
    : [...kit.pieces.map(({ polygon }) => polygon), ...crossSquares(kit.part?.marks ?? [])];

/** The film that belongs to a kit, in its own coordinates. */
export const filmRing = ({ box, pad, film }: Pick<Kit, "box" | "pad" | "film">): Ring =>
  film ?? rectRing(box.minX - pad, box.minY - pad, box.maxX + pad, box.maxY + pad);

const TURNS = { free: [0, 90, 180, 270], half: [0, 180], none: [0] } as const;
const ANY_ANGLE = Array.from({ length: 12 }, (_, i) => i * 30);

function turnsOf(
  { mayTurn, anyAngle }: ClassDocument["layout"],
  turns: Vinyl["turns"],
): readonly number[] {
  if (!mayTurn) return [0];
  return anyAngle && turns === "free" ? ANY_ANGLE : TURNS[turns];
}

/**
 * Boxes with film round the letters, so that straight cuts separate them; row by row in the order
 * of the roster by seat.
 */
function straight({ kits, layout, turns, bin }: LayWishes, scraps: readonly UsableScrap[]): Placed {
  const boxed = kits.map(
    (kit): Item => ({
      id: kitName(kit),
      width: boxWidth(kit.box) + 2 * kit.pad,
      height: boxHeight(kit.box) + 2 * kit.pad,
      mayTurn: layout.mayTurn && turns === "free",
    }),
  );
  const byId = new Map(kits.map((kit, i) => [kitName(kit), { kit, item: boxed[i] as Item }]));
  const laid: LaidKit[] = [];
  const take = (at: PlacedItem, own: string, x: number, y: number) => {
    const { kit, item } = byId.get(at.id) as { kit: Kit; item: Item };
    const [width, height] = at.turned ? [item.height, item.width] : [item.width, item.height];
    const box = { x: at.x + x, y: at.y + y, width, height };
    const { pad } = kit;
    // A quarter turn about the start of the kit's coordinates, then its box to the corner of its
    // place.
    const place = at.turned
      ? { x: box.x + pad + kit.box.maxY, y: box.y + pad - kit.box.minX, turn: 90 }
      : { x: box.x + pad - kit.box.minX, y: box.y + pad - kit.box.minY, turn: 0 };
    laid.push({ own: { bin: own, ...place }, kit, ...place, box });
  };
  let left = boxed;
  for (const { scrap, usable } of scraps) {
    const room = inscribedBox(usable);
    if (!room || left.length === 0) continue;
    const on = layTrimmerFriendly(left, {
      width: boxWidth(room),
      height: boxHeight(room),
    }).placed.filter((at) => at.bin === 0);
    for (const at of on) take(at, scrapBin(scrap.label), room.minX, room.minY);
    left = left.filter(({ id }) => !on.some((at) => at.id === id));
  }
  const fits = left.filter(
    ({ width, height, mayTurn }) =>
      (width <= bin.width && height <= bin.height) ||
      (mayTurn && height <= bin.width && width <= bin.height),
  );
  const layoutOf =
    layout.mode === "bySeat" || layout.mode === "byThing"
      ? { placed: rows(fits, bin), unplaced: [], trims: [] }
      : layTrimmerFriendly(fits, bin);
  const faults = validateLayout(layoutOf, fits, bin, true);
  if (faults.length > 0)
    throw new Error(
      `layout of ${kits[0]?.vinyl ?? ""} failed its check: ${JSON.stringify(faults[0])}`,
    );
  for (const at of layoutOf.placed) take(at, sheetBin(at.bin + 1), 0, 0);
  const out = new Set(laid.map(({ kit }) => kitName(kit)));
  return {
    laid,
    unplaced: kits
      .filter((kit) => !out.has(kitName(kit)))
      .map((kit) => ({ kit, reason: "tooLarge" as const })),
  };
}

/** Fresh film, trimmed to what is used. */
function filmLoads(
  byBin: ReadonlyMap<string, readonly LaidKit[]>,
  { edge, bin, layout }: LayWishes,
): LaidLoad[] {
  const numbers = [...byBin.keys()].flatMap((own) => sheetNumber(own) ?? []).sort((a, b) => a - b);
  return numbers.map((n) => {
    const kits = (byBin.get(sheetBin(n)) ?? []).map((kit) => shifted(kit, edge, edge));
    const width = layout.trim
      ? roundUp(Math.max(...kits.map(({ box }) => box.x + box.width)) + edge)
      : bin.width + 2 * edge;
    const height = layout.trim
      ? roundUp(Math.max(...kits.map(({ box }) => box.y + box.height)) + edge)
      : bin.height + 2 * edge;
    return {
      kits: inOrder(kits),
      width,
      height,
      scraps: [],
      usable: [[rectRing(edge, edge, width - edge, height - edge)]],
    };
  });
}

/** Scraps share mats as far as they fit beside each other. */
function scrapLoads(
  byBin: ReadonlyMap<string, readonly LaidKit[]>,
  scraps: readonly UsableScrap[],
  { mat }: LayWishes,
): LaidLoad[] {
  const used = scraps.filter(({ scrap }) => byBin.has(scrapBin(scrap.label)));
  if (used.length === 0) return [];
  const boxes = used.map(
    ({ scrap, outline }): Item => ({
      id: scrap.label,
      width: boxWidth(boxOf(outline)) + SCRAP_GAP_MM,
      height: boxHeight(boxOf(outline)) + SCRAP_GAP_MM,
      mayTurn: false,
    }),
  );
  const onMats = layTrimmerFriendly(boxes, {
    width: mat.width + SCRAP_GAP_MM,
    height: mat.height + SCRAP_GAP_MM,
  });
  return onMats.trims.map((trim, n) => {
    const here = onMats.placed.filter((at) => at.bin === n);
    const lying = here.map((at) => ({
      at,
      own: used.find(({ scrap }) => scrap.label === at.id) as UsableScrap,
    }));
    return {
      kits: inOrder(
        lying.flatMap(({ at, own }) =>
          (byBin.get(scrapBin(own.scrap.label)) ?? []).map((kit) => shifted(kit, at.x, at.y)),
        ),
      ),
      width: roundUp(trim.width - SCRAP_GAP_MM),
      height: roundUp(trim.height - SCRAP_GAP_MM),
      scraps: lying.map(({ at, own }) => ({
        label: own.scrap.label,
        x: at.x,
        y: at.y,
        outline: moved(own.outline, at.x, at.y),
      })),
      usable: lying.flatMap(({ at, own }) => moved(own.usable, at.x, at.y)),
    };
  });
}

const shifted = (kit: LaidKit, x: number, y: number): LaidKit => ({
  ...kit,
  x: kit.x + x,
  y: kit.y + y,
  box: { ...kit.box, x: kit.box.x + x, y: kit.box.y + y },
});
const inOrder = (kits: readonly LaidKit[]): LaidKit[] =>
  [...kits].sort((a, b) => a.box.y - b.box.y || a.box.x - b.box.x);

/** Film is trimmed by hand with a ruler: whole tenths of a millimetre, never less than needed. */
const roundUp = (mm: number): number => Math.ceil(mm * 10 - 1e-6) / 10;
