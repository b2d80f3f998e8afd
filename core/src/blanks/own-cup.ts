/**
 * A cup measured at home with a soft tape, in three or four figures, and what in them cannot be.
 */
import type { BlankShape } from "./shape.ts";
import { fromCircumference } from "./soft-tape.ts";

export const OWN_KINDS = ["straight", "tapered", "bulged"] as const;
export type OwnKind = (typeof OWN_KINDS)[number];

/** Once round and heights, mm; of a straight cup only the first, of a tapered one top and foot. */
export interface OwnFigures {
  readonly kind: OwnKind;
  readonly top: number;
  readonly foot: number;
  readonly widest: number;
  readonly height: number;
}

/** What people drink from and fill: an espresso cup is some 15 cm round, a jug some 60. */
const [LEAST_ROUND, MOST_ROUND] = [120, 900];
const [LEAST_HEIGHT, MOST_HEIGHT] = [45, 500];
/** Above this share round, a wall is not straight: its ends would run off level. */
const STRAIGHT_WITHIN = 0.015;
/** A wall that narrows more than this a side for its height is a funnel, or a slip of the tape. */
const STEEPEST = 0.6;

export type OwnFault =
  | "roundTooSmall"
  | "roundTooLarge"
  | "heightTooSmall"
  | "heightTooLarge"
  | "isStraight"
  | "tooSteep"
  | "notBulged";

const [RIM_MM, FOOT_MM] = [25, 6];
/** In hand one sees about a third of the way round. */
const WRAP_DEGREES = 120;

/** @returns what cannot be, or the shape: rim kept clear as always */
export function ownCup({
  kind,
  top,
  foot,
  widest,
  height,
}: OwnFigures):
  | { readonly ok: true; readonly shape: BlankShape }
  | { readonly ok: false; readonly fault: OwnFault } {
  const rounds =
    kind === "straight" ? [top] : kind === "tapered" ? [top, foot] : [top, widest, foot];
  const fault = faultOf(kind, rounds, height);
  if (fault) return { ok: false, fault };
  const [rimClearance, footClearance] =
    height < 2 * (RIM_MM + FOOT_MM)
      ? [Math.round(height * 0.35), Math.round(height * 0.1)]
      : [RIM_MM, FOOT_MM];
  const clear = { rimClearance, footClearance, wrapAngle: WRAP_DEGREES };
  const d = fromCircumference;
  switch (kind) {
    case "straight":
      return { ok: true, shape: { kind: "straightCup", diameter: d(top), height, ...clear } };
    case "tapered":
      return {
        ok: true,
        shape: {
          kind: "taperedCup",
          topDiameter: d(top),
          bottomDiameter: d(foot),
          height,
          warp: true,
          ...clear,
        },
      };
    case "bulged":
      return {
        ok: true,
        shape: {
          kind: "bulgedCup",
          profile: [
            { fromTop: 0, diameter: d(top) },
            { fromTop: Math.round(height / 2), diameter: d(widest) },
            { fromTop: height, diameter: d(foot) },
          ],
          ...clear,
        },
      };
  }
}

function faultOf(kind: OwnKind, rounds: readonly number[], height: number): OwnFault | null {
  if (rounds.some((round) => !(round >= LEAST_ROUND))) return "roundTooSmall";
  if (rounds.some((round) => round > MOST_ROUND)) return "roundTooLarge";
  if (!(height >= LEAST_HEIGHT)) return "heightTooSmall";
  if (height > MOST_HEIGHT) return "heightTooLarge";
  const [top = 0, second = 0, foot = second] = rounds;
  if (kind === "tapered") {
    if (Math.abs(top - second) <= STRAIGHT_WITHIN * top) return "isStraight";
    if (Math.abs(top - second) / (2 * Math.PI) > STEEPEST * height) return "tooSteep";
  }
  if (kind === "bulged") {
    if (second <= Math.max(top, foot) * (1 + STRAIGHT_WITHIN)) return "notBulged";
    if ((second - Math.min(top, foot)) / (2 * Math.PI) > (STEEPEST * height) / 2) return "tooSteep";
  }
  return null;
}
