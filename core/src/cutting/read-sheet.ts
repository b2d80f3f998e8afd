/**
 * A cut sheet that comes back: which load it is, which kits it holds, and what has become of them
 * outside.
 */
import { applied, IDENTITY, type Matrix, readTransform, times } from "../art/matrix.ts";
import { contoursOf, SHAPES } from "../art/svg-shapes.ts";
import { readTree, type SvgNode } from "../art/svg-tree.ts";
import { plainFault } from "../faults/plan-fault.ts";
import { fillRings } from "../geometry/boolean.ts";
import { crossingsUpTo } from "../geometry/crossings.ts";
import { flattenLines } from "../geometry/outline.ts";
import {
  type Box,
  boxHeight,
  boxOf,
  boxWidth,
  type Polygons,
  polygonsArea,
  type Ring,
  ringLength,
} from "../geometry/polygon.ts";
import { CURVE_TOLERANCE_MM } from "../geometry/tolerance.ts";

export interface ReadPiece {
  readonly id: string;
  readonly seat: string;
  readonly polygons: Polygons;
}

export interface ReadCutSheet {
  readonly vinyl: string;
  readonly sheet: number;
  readonly stock: string;
  readonly mirrored: boolean;
  /** Of the page, mm. */
  readonly height: number;
  readonly pieces: readonly ReadPiece[];
}

/** Points of a whole load: ours of two hundred kits have some forty thousand. */
const MOST_POINTS = 200_000;
/** Pieces of ours cross nothing; what another program has made of them may a little. */
const MOST_CROSSINGS = 20_000;

/**
 * Null when the file is no cut sheet of ours: any other drawing.
 * @throws PlanFault when it holds more points than any load of ours, or is a tangle
 */
export function readCutSheet(text: string): ReadCutSheet | null {
  const tree = readTree(text);
  if (!tree.ok) return null;
  const { attributes } = tree.root;
  const sheet = Number(attributes["data-sheet"]);
  if (!attributes["data-vinyl"] || !Number.isInteger(sheet) || sheet < 1) return null;
  const pieces: ReadPiece[] = [];
  walkInto({ pieces, points: 0, crossings: 0 }, tree.root, rootMatrix(tree.root), "");
  return {
    vinyl: attributes["data-vinyl"],
    sheet,
    stock: attributes["data-stock"] ?? "",
    mirrored: attributes["data-mirrored"] === "true",
    height: pageHeight(attributes),
    pieces,
  };
}

function pageHeight({ viewBox = "", height = "" }: SvgNode["attributes"]): number {
  const own = Number(viewBox.trim().split(/[\s,]+/u)[3]);
  return Number.isFinite(own) ? own : Number.parseFloat(height) || 0;
}

/**
 * Files of ours are in millimetres throughout; another program may have given the page other units.
 */
function rootMatrix({ attributes }: SvgNode): Matrix {
  const [, , width] = (attributes.viewBox ?? "")
    .trim()
    .split(/[\s,]+/u)
    .map(Number);
  const mm = /^([\d.]+)mm$/u.exec(attributes.width ?? "")?.[1];
  const scale = mm && width ? Number(mm) / width : 1;
  return Number.isFinite(scale) && scale > 0 ? [scale, 0, 0, scale, 0, 0] : IDENTITY;
}

interface Reading {
  readonly pieces: ReadPiece[];
  points: number;
  crossings: number;
}

function walkInto(reading: Reading, node: SvgNode, matrix: Matrix, seat: string): void {
  for (const child of node.children) {
    const own =
      child.attributes.transform === undefined
        ? matrix
        : times(matrix, readTransform(child.attributes.transform) ?? IDENTITY);
    const inSeat = child.attributes["data-seat"] ?? seat;
    const id = child.attributes["data-piece"];
    if (id !== undefined && SHAPES.has(child.name)) {
      const rings = ringsOf(child, own, MOST_POINTS - reading.points);
      reading.points += rings.reduce((sum, ring) => sum + ring.length, 0);
      reading.crossings += crossingsUpTo(rings, MOST_CROSSINGS - reading.crossings);
      if (!Number.isFinite(reading.crossings)) throw plainFault("fileTooTangled");
      reading.pieces.push({ id, seat: inSeat, polygons: fillRings(rings, "evenodd") });
    } else walkInto(reading, child, own, inSeat);
  }
}

function ringsOf(node: SvgNode, matrix: Matrix, most: number): Ring[] {
  const lines = flattenLines(contoursOf(node, NO_VIEW) ?? [], CURVE_TOLERANCE_MM, most);
  if (!lines) throw plainFault("fileTooFine");
  return lines.map((line): Ring => line.map((point) => applied(matrix, point)));
}

const NO_VIEW = { x: 0, y: 0, width: 100, height: 100 };

export interface PlannedPiece {
  readonly id: string;
  readonly seat: string;
  readonly polygons: Polygons;
}

export type KitVerdict =
  | { readonly kit: string; readonly is: "asPlanned" | "changed" }
  | { readonly kit: string; readonly is: "moved"; readonly dx: number; readonly dy: number }
  /** Pieces of it that are gone. */
  | { readonly kit: string; readonly is: "incomplete"; readonly missing: readonly string[] };

export interface SheetComparison {
  readonly kits: readonly KitVerdict[];
  /** Pieces that the plan does not know on this load. */
  readonly unknown: readonly string[];
}

/** Screen outlines and rounding differ by less; a hand moves further, mm. */
const SAME_PLACE_MM = 0.15;
/**
 * Outlines on screen are simplified by a twentieth of a millimetre: the area of small dots changes
 * most.
 */
const OUTLINE_SLACK_MM = 0.06;

/** @param planned pieces of the load as it is planned now, by the name of their kit in `seat` */
export function compareSheet(
  read: Pick<ReadCutSheet, "pieces">,
  planned: readonly PlannedPiece[],
): SheetComparison {
  const found = new Map(read.pieces.map((piece) => [piece.id, piece]));
  const known = new Set(planned.map(({ id }) => id));
  const kits = [...new Set(planned.map(({ seat }) => seat))].map(
    (kit): KitVerdict =>
      verdictOf(
        kit,
        planned.filter(({ seat }) => seat === kit),
        found,
      ),
  );
  return { kits, unknown: read.pieces.map(({ id }) => id).filter((id) => !known.has(id)) };
}

function verdictOf(
  kit: string,
  planned: readonly PlannedPiece[],
  found: ReadonlyMap<string, ReadPiece>,
): KitVerdict {
  const missing = planned.filter(({ id }) => !found.has(id)).map(({ id }) => id);
  if (missing.length > 0) return { kit, is: "incomplete", missing };
  const pairs = planned.map(({ id, polygons }) => ({
    was: polygons,
    is: (found.get(id) as ReadPiece).polygons,
  }));
  if (pairs.some(({ was, is }) => !alike(was, is))) return { kit, is: "changed" };
  const shifts = pairs.map(({ was, is }) => shiftOf(boxOf(was), boxOf(is)));
  const [dx, dy] = shifts[0] as [number, number];
  // A kit is held together: pieces that went different ways are another design.
  if (shifts.some(([x, y]) => Math.hypot(x - dx, y - dy) > SAME_PLACE_MM))
    return { kit, is: "changed" };
  return Math.hypot(dx, dy) <= SAME_PLACE_MM
    ? { kit, is: "asPlanned" }
    : { kit, is: "moved", dx, dy };
}

/** Same size and area: turned or redrawn shapes differ in one of them. */
function alike(was: Polygons, is: Polygons): boolean {
  const [a, b] = [boxOf(was), boxOf(is)];
  const outline = was.flat().reduce((sum, ring) => sum + ringLength(ring), 0);
  return (
    Math.abs(boxWidth(a) - boxWidth(b)) <= SAME_PLACE_MM &&
    Math.abs(boxHeight(a) - boxHeight(b)) <= SAME_PLACE_MM &&
    Math.abs(polygonsArea(is) - polygonsArea(was)) <= OUTLINE_SLACK_MM * outline
  );
}

const shiftOf = (was: Box, is: Box): [number, number] => [
  (is.minX + is.maxX - was.minX - was.maxX) / 2,
  (is.minY + is.maxY - was.minY - was.maxY) / 2,
];
