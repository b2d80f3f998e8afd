/**
 * What weeding a kit takes: counts of what slows the hand, minutes from them, advice on technique.
 */

import { minutesOf, type WeedingCoefficients, type WeedingCounts } from "../figures/terms.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Polygon,
  type Polygons,
  polygonArea,
  ringLength,
} from "../geometry/polygon.ts";
import { FAMILY_TRAITS, type VinylFamily } from "./families.ts";

/**
 * Minutes per thing, for a practised hand: first guesses, meant to be refitted from the studio's
 * log.
 * A kit of eleven plain letters with six counters comes to about four minutes, as hosts report.
 */
export const WEEDING_COEFFICIENTS: WeedingCoefficients = {
  base: 0.8,
  perPiece: 0.12,
  perCounter: 0.15,
  perSmallPart: 0.25,
  perMetreOutline: 0.6,
  perTail: 0.2,
  perThinStroke: 0.4,
  /** An inside as good as closed; one nearer to what a hook likes takes its share of this. */
  perTightInside: 0.8,
};

/** Whether cut shapes stay (a decal, a mask) or are taken out of the film (a stencil). */
export type Goes = "stays" | "out";

/** A part much longer than wide whose end can lift: hosts call it a tail. */
const TAIL_ASPECT = 5;

export interface WeedInput {
  readonly polygons: Polygons;
  readonly family: VinylFamily;
  /** Thinnest stroke of each letter and part of the art, mm. */
  readonly strokes: readonly number[];
  /** Width of the tightest inside of each letter that has one, mm. */
  readonly insides?: readonly number[];
  /** What becomes of the shapes; they stay unless it is said. */
  readonly goes?: Goes;
  /** The studio's own, in the place of the first guesses. */
  readonly coefficients?: WeedingCoefficients | undefined;
}

export type Technique = "plain" | "lighterCut" | "reverse" | "bolder";

export interface WeedReport {
  readonly pieces: number;
  /** Insides that are picked out; of a stencil none. */
  readonly counters: number;
  /** Insides that must stay while the letter round them is lifted: only of a stencil. */
  readonly islands: number;
  readonly smallParts: number;
  readonly tails: number;
  readonly thinStrokes: number;
  /** Thinnest stroke, mm; 0 when nothing was measured. */
  readonly thinnest: number;
  /** Narrowest inside, mm; 0 when there is none or none was measured. */
  readonly tightest: number;
  readonly outlineLength: number;
  /**
   * What its minutes are made of. An inside as good as closed counts one tight inside, one less
   * narrow its share.
   */
  readonly counts: WeedingCounts;
  readonly minutes: number;
  readonly technique: Technique;
  /** What strokes and small parts alone ask for: how the blade is set. */
  readonly finest: Technique;
}

/**
 * Of a decal the waste is the field round the pieces and every counter; of a stencil the pieces,
 * and field and islands stay.
 */
export function weedReport({
  polygons,
  family,
  strokes,
  insides = [],
  goes = "stays",
  coefficients = WEEDING_COEFFICIENTS,
}: WeedInput): WeedReport {
  const traits = FAMILY_TRAITS[family];
  const out = goes === "out";
  const inner = polygons.reduce((sum, polygon) => sum + polygon.length - 1, 0);
  const islands = out
    ? polygons.flatMap((polygon) => polygon.slice(1).map((ring) => polygonArea([ring])))
    : [];
  // What gets lost is what must stay: small pieces of a decal, small islands of a stencil.
  const smallParts = (out ? islands : polygons.map((polygon) => polygonArea(polygon))).filter(
    (area) => area < traits.smallPartMm2,
  ).length;
  const tails = out ? 0 : polygons.filter(isTail).length;
  const thinStrokes = strokes.filter((width) => width < traits.minStrokeMm).length;
  const tightInsides = out
    ? 0
    : insides.reduce(
        (sum, width) => sum + Math.max(0, 1 - Math.max(0, width) / traits.minCounterMm),
        0,
      );
  const outlineLength = polygons.reduce(
    (sum, polygon) => sum + polygon.reduce((all, ring) => all + ringLength(ring), 0),
    0,
  );
  const thinnest = strokes.length === 0 ? 0 : Math.min(...strokes);
  const tightest = insides.length === 0 ? 0 : Math.max(Math.min(...insides), CLOSED_MM);
  const counts: WeedingCounts = {
    base: polygons.length === 0 ? 0 : 1,
    perPiece: polygons.length,
    perCounter: inner,
    perSmallPart: smallParts,
    perMetreOutline: outlineLength / 1000,
    perTail: tails,
    perThinStroke: polygons.length === 0 ? 0 : thinStrokes,
    perTightInside: polygons.length === 0 ? 0 : tightInsides,
  };
  const finest = techniqueFor(thinnest, smallParts, traits.minStrokeMm);
  const technique =
    finest === "plain" && !out && tightest > 0 && tightest < traits.minCounterMm / 2
      ? "reverse"
      : finest;
  return {
    pieces: polygons.length,
    counters: out ? 0 : inner,
    islands: islands.length,
    smallParts,
    tails,
    thinStrokes,
    thinnest,
    tightest,
    outlineLength,
    counts,
    minutes: minutesOf(counts, coefficients),
    technique,
    finest,
  };
}

/** An inside that is as good as closed still counts as the tightest, mm. */
const CLOSED_MM = 0.01;

/**
 * The outline is compared with that of a compact shape of the same area: 4πA/P² of a strip of
 * aspect k is about π/k.
 */
function isTail(polygon: Polygon): boolean {
  const box = boxOf([polygon]);
  const long = Math.max(boxWidth(box), boxHeight(box));
  return (
    long > 0 && polygonArea(polygon) / (long * long) < 1 / (TAIL_ASPECT * 2) && polygon.length === 1
  );
}

/** A stroke under half the limit tears whatever one does; many small parts stay better on tape. */
export const TECHNIQUE_LIMITS = { manySmall: 4, reverseShare: 0.75, bolderShare: 0.5 } as const;

function techniqueFor(thinnest: number, smallParts: number, minStroke: number): Technique {
  if (thinnest === 0) return smallParts >= TECHNIQUE_LIMITS.manySmall ? "reverse" : "plain";
  if (thinnest < minStroke * TECHNIQUE_LIMITS.bolderShare) return "bolder";
  if (
    thinnest < minStroke * TECHNIQUE_LIMITS.reverseShare ||
    smallParts >= TECHNIQUE_LIMITS.manySmall
  )
    return "reverse";
  return thinnest < minStroke ? "lighterCut" : "plain";
}
