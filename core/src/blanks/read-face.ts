/**
 * From a blank to the face the design is fitted into, with margin, keep-outs and, on curves, the
 * way it is cut.
 */
import { plainFault } from "../faults/plan-fault.ts";
import { cutToBox } from "../geometry/cut-to-box.ts";
import {
  boxOfPoints,
  type Point,
  type Polygons,
  type Ring,
  rectRing,
  ringArea,
} from "../geometry/polygon.ts";
import type { Blank, KeepOut, Reserve } from "./blank.ts";
import { MARGIN_RULES } from "./blank-kinds.ts";
import {
  type Bulge,
  bulgeFromRadii,
  heightAlong,
  largestPatch,
  radiusAt,
  sharpestBulge,
  wallLength,
} from "./bulge.ts";
import { type Face, faceOutline } from "./face.ts";
import { heightOfProfile } from "./profile.ts";
import type { BlankShape } from "./shape.ts";
import { isRound } from "./shape-size.ts";
import { type Spread, smallestShape } from "./smallest-shape.ts";
import { baselineRadius, type Sector, unroll, warp, warpPoint } from "./tapered-cup.ts";

/**
 * Pieces up to four inches take a quarter-inch margin, boards and trays up to 16 inches half an
 * inch, signs an inch.
 */
const SMALL_UP_TO_MM = 102;
const BOARD_UP_TO_MM = 406;

export interface CupReading {
  /** Radius at the middle of the face, mm. */
  readonly radius: number;
  /** Degrees covered by the face. */
  readonly angleDeg: number;
}

export interface TaperReading {
  readonly sector: Sector;
  /** Radius of the line through the middle of the face, about the tip, mm. */
  readonly baseline: number;
  readonly warped: boolean;
}

export interface BulgeReading extends Bulge {
  /** Largest geodesic radius that lies down, mm. */
  readonly largestPatch: number;
}

export interface FaceReading {
  /** What the design is fitted into; on a warped taper that is the face before it is bent. */
  readonly face: Face;
  readonly marginMm: number;
  readonly marginRule: keyof typeof MARGIN_RULES | "byHand";
  /** Size of the face before the margin, mm. */
  readonly width: number;
  readonly height: number;
  /** Keep-outs, grown by their clearance. */
  readonly keepOuts: Polygons;
  readonly cup: CupReading | null;
  readonly taper: TaperReading | null;
  readonly bulge: BulgeReading | null;
  /** The shape planned with: the smallest of the measured ones. */
  readonly shape: BlankShape;
  readonly spread: { readonly across: Spread | null; readonly down: Spread | null };
}

/** @throws PlanFault when what is reserved or the handle leaves no face */
export function readFace(blank: Blank): FaceReading {
  const { shape, across, down } = smallestShape(blank);
  const whole = faceOf(shape, blank);
  const face = lessReserved(whole.face, blank.reserve);
  const box = boxOfPoints(faceOutline(face));
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const marginRule =
    blank.margin.rule === "bySize" ? ruleBySize(Math.max(width, height)) : blank.margin.rule;
  const marginMm =
    blank.margin.rule === "byHand"
      ? blank.margin.mm
      : MARGIN_RULES[marginRule as keyof typeof MARGIN_RULES];
  return {
    ...whole,
    face,
    width,
    height,
    marginMm,
    marginRule,
    keepOuts: blank.keepOuts.map((keepOut) => [ringOf(keepOut)]),
    shape,
    spread: { across, down },
  };
}

/** Outline of a flat blank, whole, in the face's coordinates; null where the face is a wall. */
export function blankOutline(blank: Blank): Ring | null {
  const { shape } = smallestShape(blank);
  return isRound(shape) ? null : faceOutline(faceOf(shape, blank).face);
}

type Whole = Pick<FaceReading, "face" | "cup" | "taper" | "bulge">;
const plain = (face: Face): Whole => ({ face, cup: null, taper: null, bulge: null });

function faceOf(shape: BlankShape, blank: Pick<Blank, "handle">): Whole {
  switch (shape.kind) {
    case "flat":
      return plain({ kind: "rect", width: shape.width, height: shape.height });
    case "roundedFlat":
      return plain({
        kind: "roundedRect",
        width: shape.width,
        height: shape.height,
        radius: shape.radius,
      });
    case "round":
      return plain({ kind: "round", diameter: shape.diameter });
    case "oval":
      return plain({ kind: "oval", width: shape.width, height: shape.height });
    case "outline":
      return plain({ kind: "outline", outline: centred(shape.outline) });
    case "straightCup": {
      const radius = shape.diameter / 2;
      const angle = freeAngle(shape.wrapAngle, radius, blank);
      return {
        ...plain({
          kind: "rect",
          width: radius * angle,
          height: shape.height - shape.rimClearance - shape.footClearance,
        }),
        cup: { radius, angleDeg: degrees(angle) },
      };
    }
    case "taperedCup":
      return taperedFace(shape, blank);
    case "bulgedCup":
      return bulgedFace(shape, blank);
    case "ball": {
      const radius = shape.diameter / 2;
      const bulge = bulgeFromRadii(radius, radius);
      const angle = radians(shape.wrapAngle);
      return {
        ...plain({ kind: "round", diameter: radius * angle }),
        cup: { radius, angleDeg: shape.wrapAngle },
        bulge: { ...bulge, largestPatch: largestPatch(bulge.curvature) },
      };
    }
  }
}

const radians = (deg: number): number => (deg * Math.PI) / 180;
const degrees = (angle: number): number => (angle * 180) / Math.PI;

/**
 * A handle stands a quarter turn from the middle of the design and keeps its distance on both
 * sides.
 */
function freeAngle(wrapAngle: number, radius: number, { handle }: Pick<Blank, "handle">): number {
  if (!handle) return radians(wrapAngle);
  const free = Math.PI - (2 * handle.clear) / radius;
  if (free <= 0) throw plainFault("noRoomBesideHandle");
  return Math.min(radians(wrapAngle), free);
}

function taperedFace(
  shape: Extract<BlankShape, { kind: "taperedCup" }>,
  blank: Pick<Blank, "handle">,
): Whole {
  const sector = unroll(shape.topDiameter, shape.bottomDiameter, shape.height);
  const height = sector.slant - shape.rimClearance - shape.footClearance;
  if (height <= 0) throw plainFault("noHeight");
  const middle = shape.rimClearance + height / 2;
  const baseline = baselineRadius(sector, middle);
  const radius = (baseline * sector.angle) / (2 * Math.PI);
  const angle = freeAngle(shape.wrapAngle, radius, blank);
  const width = radius * angle;
  const flat: Face = { kind: "rect", width, height };
  const face: Face = shape.warp
    ? flat
    : { kind: "outline", outline: straightOnSector(width, height, baseline, sector.wideTop) };
  return {
    face,
    cup: { radius, angleDeg: degrees(angle) },
    taper: { sector, baseline, warped: shape.warp },
    bulge: null,
  };
}

const SECTOR_POINTS = 24;

/**
 * Part of the unrolled face that a straight design may use: the sector cut level where its hollow
 * edge is highest.
 * What is lost lies in the two hollow corners; what is left is convex, so that the fit is exact.
 */
function straightOnSector(width: number, height: number, baseline: number, wideTop: boolean): Ring {
  const bent = (x: number, y: number): Point => warpPoint([x, y], baseline, wideTop);
  const hollow = wideTop ? height / 2 : -height / 2;
  const arched = -hollow;
  const xs = Array.from({ length: SECTOR_POINTS + 1 }, (_, i) => width * (i / SECTOR_POINTS - 0.5));
  const arch = xs.map((x) => bent(x, arched));
  const level = bent(0, hollow)[1];
  const side = (sign: 1 | -1): Point => {
    const [ax, ay] = bent((sign * width) / 2, arched);
    const [bx, by] = bent((sign * width) / 2, hollow);
    const t = (level - ay) / (by - ay);
    return [ax + (bx - ax) * t, level];
  };
  return [...arch, side(1), side(-1)];
}

function bulgedFace(
  shape: Extract<BlankShape, { kind: "bulgedCup" }>,
  blank: Pick<Blank, "handle">,
): Whole {
  const { profile } = shape;
  const top = (profile[0]?.fromTop ?? 0) + shape.rimClearance;
  const bottom = (profile[0]?.fromTop ?? 0) + heightOfProfile(profile) - shape.footClearance;
  const height = wallLength(profile, top, bottom);
  const middle = heightAlong(profile, top, height / 2);
  const radius = radiusAt(profile, middle);
  const angle = freeAngle(shape.wrapAngle, radius, blank);
  const rows = Array.from({ length: SECTOR_POINTS + 1 }, (_, i) => {
    const along = (height * i) / SECTOR_POINTS;
    return {
      y: along - height / 2,
      half: (radiusAt(profile, heightAlong(profile, top, along)) * angle) / 2,
    };
  });
  const outline: Ring = [
    ...rows.map(({ y, half }): Point => [half, y]),
    ...[...rows].reverse().map(({ y, half }): Point => [-half, y]),
  ];
  const bulge = sharpestBulge(profile, top, bottom);
  return {
    face: { kind: "outline", outline },
    cup: { radius, angleDeg: degrees(angle) },
    taper: null,
    bulge: { ...bulge, largestPatch: largestPatch(bulge.curvature) },
  };
}

function centred(outline: Ring): Ring {
  const box = boxOfPoints(outline);
  return outline.map(
    ([x, y]): Point => [x - (box.minX + box.maxX) / 2, y - (box.minY + box.maxY) / 2],
  );
}

/**
 * Space kept for later trimmings comes off its side; the face is not centred again, the design
 * moves away from it.
 */
function lessReserved(face: Face, reserve: readonly Reserve[]): Face {
  if (reserve.length === 0) return face;
  const box = boxOfPoints(faceOutline(face));
  const taken = (side: Reserve["side"]) =>
    reserve.filter((row) => row.side === side).reduce((sum, row) => sum + row.mm, 0);
  const [left, right, top, bottom] = [
    box.minX + taken("left"),
    box.maxX - taken("right"),
    box.minY + taken("top"),
    box.maxY - taken("bottom"),
  ];
  const outline =
    left < right && top < bottom
      ? cutToBox(faceOutline(face), { minX: left, minY: top, maxX: right, maxY: bottom })
      : [];
  if (Math.abs(ringArea(outline)) === 0) throw plainFault("nothingLessReserved");
  return { kind: "outline", outline };
}

const ROUND_POINTS = 32;

function ringOf({ form, x, y, width, height, clearance }: KeepOut): Ring {
  const [w, h] = [width / 2 + clearance, height / 2 + clearance];
  if (form === "rect") return rectRing(x - w, y - h, x + w, y + h);
  // A circumscribed polygon: a keep-out must never be drawn too small.
  const out = 1 / Math.cos(Math.PI / ROUND_POINTS);
  return Array.from({ length: ROUND_POINTS }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / ROUND_POINTS;
    return [x + w * out * Math.cos(angle), y + h * out * Math.sin(angle)];
  });
}

function ruleBySize(longestMm: number): keyof typeof MARGIN_RULES {
  if (longestMm <= SMALL_UP_TO_MM) return "small";
  return longestMm <= BOARD_UP_TO_MM ? "board" : "sign";
}

/** The shapes as they are cut: bent on a warped taper, otherwise as placed. */
export function asCut(polygons: Polygons, reading: Pick<FaceReading, "taper">): Polygons {
  const { taper } = reading;
  return taper?.warped ? warp(polygons, taper.baseline, taper.sector.wideTop) : polygons;
}

/**
 * Outline of the face as it lies on the table: the sector on a taper, otherwise the face itself.
 */
export function drawnFace(reading: Pick<FaceReading, "face" | "taper">): Ring {
  return asCut([[faceOutline(reading.face)]], reading)[0]?.[0] ?? [];
}

/** What the margin leaves of the face, mm; nothing of it where either is not above 0. */
export function lessMargin({ face, marginMm }: Pick<FaceReading, "face" | "marginMm">): {
  readonly width: number;
  readonly height: number;
} {
  const box = boxOfPoints(faceOutline(face));
  return { width: box.maxX - box.minX - 2 * marginMm, height: box.maxY - box.minY - 2 * marginMm };
}
