/**
 * A kit moved or turned by hand on its load: whether it may lie there, and what the document keeps
 * of it.
 */
import {
  type Box,
  boxOf,
  mapPoints,
  moved,
  type Point,
  type Polygons,
  pointInPolygon,
} from "../geometry/polygon.ts";
import { validateShapes } from "../nesting/validate-shapes.ts";

export interface HandKit {
  readonly name: string;
  /** Where it lies on its own film or scrap, before any mirroring. */
  readonly own: {
    readonly bin: string;
    readonly x: number;
    readonly y: number;
    readonly turn: number;
  };
  /** As it lies on the sheet. */
  readonly polygons: Polygons;
}

export interface HandSheet {
  readonly width: number;
  readonly mirrored: boolean;
  readonly clearance: number;
  /** Whether kits may lie in counters of others. */
  readonly counters: boolean;
  /** Where the blade may go, as on the sheet. */
  readonly usable: Polygons;
  /**
   * Films and scraps of the load, and where each starts, before any mirroring; the outline as on
   * the sheet, null for film.
   */
  readonly bins: readonly {
    readonly bin: string;
    readonly x: number;
    readonly y: number;
    readonly outline: Polygons | null;
  }[];
  readonly kits: readonly HandKit[];
}

export interface HandMove {
  readonly kit: string;
  /** As on the sheet, mm. */
  readonly dx: number;
  readonly dy: number;
  /** About the middle of its box, degrees clockwise as on the sheet. */
  readonly turn: 0 | 90 | 180 | 270;
}

export type Laid =
  | { readonly ok: true; readonly own: HandKit["own"] }
  | { readonly ok: false; readonly reason: "gone" | "outside" | "tooNear"; readonly by: string };

/** Outlines on screen are simplified by up to a twentieth of a millimetre on both sides. */
const DRAWING_SLACK_MM = 0.1;

export function layByHand(sheet: HandSheet, move: HandMove): Laid {
  return layAllByHand(sheet, [move]).get(move.kit) ?? { ok: false, reason: "gone", by: "" };
}

/** Several at once: two kits may change places. By the name of each kit. */
export function layAllByHand(sheet: HandSheet, moves: readonly HandMove[]): Map<string, Laid> {
  const wanted = new Map(moves.map((move) => [move.kit, move]));
  const lying = sheet.kits.map((kit) => ({
    name: kit.name,
    polygons: wanted.has(kit.name) ? movedKit(kit, wanted.get(kit.name) as HandMove) : kit.polygons,
  }));
  return new Map(moves.map((move) => [move.kit, laidAt(sheet, move, lying)]));
}

function laidAt(sheet: HandSheet, move: HandMove, all: readonly Lies[]): Laid {
  const kit = sheet.kits.find(({ name }) => name === move.kit);
  const from = sheet.bins.find(({ bin }) => bin === kit?.own.bin);
  const lying = all.find(({ name }) => name === move.kit)?.polygons;
  if (!kit || !from || !lying) return { ok: false, reason: "gone", by: "" };
  const fault = faultOf(sheet, move.kit, all);
  if (fault) return fault;
  const [first] = lying.flat(2) as Point[];
  const to =
    sheet.bins.find(({ outline }) =>
      outline?.some((polygon) => pointInPolygon(first as Point, polygon)),
    ) ?? from;
  const flip = ([x, y]: Point): Point => [sheet.mirrored ? sheet.width - x : x, y];
  const [cx, cy] = flip(middleOf(boxOf(kit.polygons)));
  const turn = sheet.mirrored ? (360 - move.turn) % 360 : move.turn;
  const [c, s] = QUARTERS[turn as keyof typeof QUARTERS];
  const [ox, oy] = [from.x + kit.own.x - cx, from.y + kit.own.y - cy];
  return {
    ok: true,
    own: {
      bin: to.bin,
      x: cx + c * ox - s * oy + (sheet.mirrored ? -move.dx : move.dx) - to.x,
      y: cy + s * ox + c * oy + move.dy - to.y,
      turn: (kit.own.turn + turn) % 360,
    },
  };
}

interface Lies {
  readonly name: string;
  readonly polygons: Polygons;
}

/** Cosine and sine. */
const QUARTERS = { 0: [1, 0], 90: [0, 1], 180: [-1, 0], 270: [0, -1] } as const;

const middleOf = (box: Box): Point => [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];

function movedKit({ polygons }: HandKit, { dx, dy, turn }: HandMove): Polygons {
  const [cx, cy] = middleOf(boxOf(polygons));
  const [c, s] = QUARTERS[turn];
  return moved(
    mapPoints(polygons, ([x, y]) => [
      cx + c * (x - cx) - s * (y - cy),
      cy + s * (x - cx) + c * (y - cy),
    ]),
    dx,
    dy,
  );
}

function faultOf(
  { usable, clearance, counters }: HandSheet,
  name: string,
  all: readonly Lies[],
): Laid | null {
  const items = all.map(({ name: id, polygons }) => ({ id, polygons, turns: [0] }));
  const placements = items.map(({ id }) => ({ id, bin: "load", x: 0, y: 0, turn: 0 }));
  const faults = validateShapes(
    {
      items,
      scraps: [{ id: "load", polygon: usable }],
      stock: null,
      clearance: clearance + DRAWING_SLACK_MM,
      counters,
      seed: 0,
      seconds: 0,
    },
    { placements, unplaced: [], sheets: 0, length: 0 },
  ).filter(({ ids }) => ids.includes(name));
  if (faults.some(({ code }) => code === "outside"))
    return { ok: false, reason: "outside", by: "" };
  const near = faults.find(({ code }) => code === "tooNear");
  return near
    ? { ok: false, reason: "tooNear", by: near.ids.find((id) => id !== name) ?? "" }
    : null;
}
