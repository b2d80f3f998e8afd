/** What weeding a kit takes: counts of what slows the hand, minutes from them, advice on technique. */
import { boxHeight, boxOf, boxWidth, type Polygon, type Polygons, polygonArea, ringLength } from "../geometry/polygon.ts";
import { FAMILY_TRAITS, type VinylFamily } from "./vinyl.ts";

/**
 * Minutes per thing, for a practised hand: first guesses, meant to be refitted from the studio's log.
 * A kit of eleven plain letters with six counters comes to about four minutes, as hosts report.
 */
export const WEEDING_COEFFICIENTS = {
  base: 0.8,
  perPiece: 0.12,
  perCounter: 0.15,
  perSmallPart: 0.25,
  perMetreOutline: 0.6,
  perTail: 0.2,
  perThinStroke: 0.4,
} as const;

/** A part much longer than wide whose end can lift: hosts call it a tail. */
const TAIL_ASPECT = 5;

export interface WeedInput {
  readonly polygons: Polygons;
  readonly family: VinylFamily;
  /** Thinnest stroke of each letter and part of the art, mm. */
  readonly strokes: readonly number[];
}

export type Technique = "plain" | "lighterCut" | "reverse" | "bolder";

export interface WeedReport {
  readonly pieces: number;
  readonly counters: number;
  readonly smallParts: number;
  readonly tails: number;
  readonly thinStrokes: number;
  /** Thinnest stroke, mm; 0 when nothing was measured. */
  readonly thinnest: number;
  readonly outlineLength: number;
  readonly minutes: number;
  readonly technique: Technique;
}

/** Waste to take away is the field round the pieces and every counter. */
export function weedReport({ polygons, family, strokes }: WeedInput): WeedReport {
  const traits = FAMILY_TRAITS[family];
  const counters = polygons.reduce((sum, polygon) => sum + polygon.length - 1, 0);
  const smallParts = polygons.filter((polygon) => polygonArea(polygon) < traits.smallPartMm2).length;
  const tails = polygons.filter(isTail).length;
  const thinStrokes = strokes.filter((width) => width < traits.minStrokeMm).length;
  const outlineLength = polygons.reduce((sum, polygon) => sum + polygon.reduce((all, ring) => all + ringLength(ring), 0), 0);
  const thinnest = strokes.length === 0 ? 0 : Math.min(...strokes);
  const c = WEEDING_COEFFICIENTS;
  const minutes =
    polygons.length === 0
      ? 0
      : c.base + c.perPiece * polygons.length + c.perCounter * counters + c.perSmallPart * smallParts + (c.perMetreOutline * outlineLength) / 1000 + c.perTail * tails + c.perThinStroke * thinStrokes;
  return { pieces: polygons.length, counters, smallParts, tails, thinStrokes, thinnest, outlineLength, minutes, technique: techniqueFor(thinnest, smallParts, traits.minStrokeMm) };
}

/** The outline is compared with that of a compact shape of the same area: 4πA/P² of a strip of aspect k is about π/k. */
function isTail(polygon: Polygon): boolean {
  const box = boxOf([polygon]);
  const long = Math.max(boxWidth(box), boxHeight(box));
  return long > 0 && polygonArea(polygon) / (long * long) < 1 / (TAIL_ASPECT * 2) && polygon.length === 1;
}

/** A stroke under half the limit tears whatever one does; many small parts stay better on tape. */
const MANY_SMALL_PARTS = 4;

function techniqueFor(thinnest: number, smallParts: number, minStroke: number): Technique {
  if (thinnest === 0) return smallParts >= MANY_SMALL_PARTS ? "reverse" : "plain";
  if (thinnest < minStroke / 2) return "bolder";
  if (thinnest < minStroke * 0.75 || smallParts >= MANY_SMALL_PARTS) return "reverse";
  return thinnest < minStroke ? "lighterCut" : "plain";
}
