/**
 * Cups and balls by what a soft tape measures: once round, along the wall, and across the face that
 * carries the design.
 */
import { heightAlong, radiusAt, wallLength } from "./bulge.ts";
import { heightOfProfile } from "./profile.ts";
import type { BlankShape } from "./shape.ts";
import type { CupShape } from "./shape-size.ts";

export type CurvedShape = CupShape | Extract<BlankShape, { kind: "ball" }>;
export const isCurved = (shape: BlankShape): shape is CurvedShape => "wrapAngle" in shape;

const LEAST_DEGREES = 10;
const mostDegrees = ({ kind }: CurvedShape): number => (kind === "ball" ? 180 : 350);
/**
 * Lengths are typed to the hundredth, angles kept to the thousandth: the width reads back as it was
 * typed.
 */
const kept = (degrees: number): number => Math.round(degrees * 1000) / 1000;

export const circumference = (diameter: number): number => Math.PI * diameter;
export const fromCircumference = (mm: number): number => Math.round((mm / Math.PI) * 1000) / 1000;

/** From rim to foot along the wall, mm; on a straight cup that is its height. */
export function wallHeight(shape: CupShape): number {
  switch (shape.kind) {
    case "straightCup":
      return shape.height;
    case "taperedCup":
      return Math.hypot(shape.height, (shape.topDiameter - shape.bottomDiameter) / 2);
    case "bulgedCup":
      return wallLength(shape.profile, topOf(shape), topOf(shape) + heightOfProfile(shape.profile));
  }
}

/** Where the face is in the middle, mm: there its width is measured. */
export function middleDiameter(shape: CurvedShape): number {
  switch (shape.kind) {
    case "ball":
    case "straightCup":
      return shape.diameter;
    case "taperedCup": {
      const share =
        (shape.rimClearance + (wallHeight(shape) - shape.footClearance)) / 2 / wallHeight(shape);
      return shape.topDiameter + (shape.bottomDiameter - shape.topDiameter) * share;
    }
    case "bulgedCup": {
      const from = topOf(shape) + shape.rimClearance;
      return 2 * radiusAt(shape.profile, heightAlong(shape.profile, from, curvedHeight(shape) / 2));
    }
  }
}

/** Width of the face along the curve, mm: arc = angle x radius. */
export const curvedWidth = (shape: CurvedShape): number =>
  (circumference(middleDiameter(shape)) * shape.wrapAngle) / 360;
export const curvedWidthLimits = (shape: CurvedShape): { least: number; most: number } => {
  const around = circumference(middleDiameter(shape));
  return { least: (around * LEAST_DEGREES) / 360, most: (around * mostDegrees(shape)) / 360 };
};
/** The shape whose face is so wide along the curve. @param mm within `curvedWidthLimits` */
export function withCurvedWidth<S extends CurvedShape>(shape: S, mm: number): S {
  const degrees = (360 * mm) / circumference(middleDiameter(shape));
  return {
    ...shape,
    wrapAngle: kept(Math.min(mostDegrees(shape), Math.max(LEAST_DEGREES, degrees))),
  };
}

/**
 * Height of the face along the wall, mm: what is clear between rim and foot. On a bulge clearances
 * are measured straight down, as elsewhere.
 */
export function curvedHeight(shape: CupShape): number {
  if (shape.kind !== "bulgedCup")
    return wallHeight(shape) - shape.rimClearance - shape.footClearance;
  return wallLength(
    shape.profile,
    topOf(shape) + shape.rimClearance,
    topOf(shape) + heightOfProfile(shape.profile) - shape.footClearance,
  );
}

/** The most that `withCurvedHeight` can give: everything below what is clear of the rim. */
export const mostCurvedHeight = (shape: CupShape): number =>
  curvedHeight({ ...shape, footClearance: 0 });

/**
 * The shape whose face is so high along the wall: the rim stays clear as it is, the foot gets the
 * rest. @param mm at most `mostCurvedHeight`
 */
export function withCurvedHeight<S extends CupShape>(shape: S, mm: number): S {
  const foot =
    shape.kind === "bulgedCup"
      ? topOf(shape) +
        heightOfProfile(shape.profile) -
        heightAlong(shape.profile, topOf(shape) + shape.rimClearance, mm)
      : wallHeight(shape) - shape.rimClearance - mm;
  return { ...shape, footClearance: Math.round(Math.max(0, foot) * 1000) / 1000 };
}

const topOf = ({ profile }: Extract<CupShape, { kind: "bulgedCup" }>): number =>
  profile[0]?.fromTop ?? 0;

/** The tapered cup whose wall is so long. @param mm longer than the cup is drawn in */
export function withWallHeight<S extends Extract<CupShape, { kind: "straightCup" | "taperedCup" }>>(
  shape: S,
  mm: number,
): S {
  const inward = shape.kind === "taperedCup" ? (shape.topDiameter - shape.bottomDiameter) / 2 : 0;
  return {
    ...shape,
    height: Math.round(Math.sqrt(Math.max(0, mm ** 2 - inward ** 2)) * 1000) / 1000,
  };
}
