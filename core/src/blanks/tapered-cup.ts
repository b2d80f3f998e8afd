/**
 * A tapered cup unrolls to a sector of a ring; a design is bent to it so that it runs level on the
 * cup.
 */
import { plainFault } from "../faults/plan-fault.ts";
import { mapPoints, type Point, type Polygons, type Ring } from "../geometry/polygon.ts";
import { CURVE_TOLERANCE_MM } from "../geometry/tolerance.ts";

export interface Sector {
  /** Length of the wall from rim to foot, along the slope, mm. */
  readonly slant: number;
  /** Distance of the wider edge from the tip of the cone, mm. */
  readonly outerRadius: number;
  readonly innerRadius: number;
  /** Angle of the whole unrolled wall, radians. */
  readonly angle: number;
  /** Whether the wider edge is at the top: then the tip lies below. */
  readonly wideTop: boolean;
}

/**
 * The unrolled wall of a frustum: s = sqrt(h² + (r1 − r2)²), outer radius s·r1/(r1 − r2), angle
 * 2π(r1 − r2)/s.
 * @param top, bottom diameters, mm
 * @throws PlanFault when both are equal: that is a straight cup, whose tip is infinitely far
 */
export function unroll(top: number, bottom: number, height: number): Sector {
  const difference = Math.abs(top - bottom) / 2;
  if (difference === 0) throw plainFault("equallyWide");
  const slant = Math.hypot(height, difference);
  const outerRadius = (slant * Math.max(top, bottom)) / 2 / difference;
  return {
    slant,
    outerRadius,
    innerRadius: outerRadius - slant,
    angle: (2 * Math.PI * difference) / slant,
    wideTop: top > bottom,
  };
}

/** Radius of the baseline that lies `fromTop` mm down the slope. */
export function baselineRadius(sector: Sector, fromTop: number): number {
  return sector.wideTop ? sector.outerRadius - fromTop : sector.innerRadius + fromTop;
}

/**
 * How far the ends of a design of this width run off level when it is cut straight: L(1 −
 * cos(w/2L)), mm.
 */
export function endRise(radius: number, width: number): number {
  return radius * (1 - Math.cos(width / (2 * radius)));
}

/**
 * Bends a point: x becomes an angle x/L about the tip, y a distance from it, so that lengths on the
 * baseline (y = 0)
 * are kept. The middle of the baseline stays where it is.
 */
export function warpPoint([x, y]: Point, radius: number, wideTop: boolean): Point {
  const angle = x / radius;
  const r = wideTop ? radius - y : radius + y;
  return [
    r * Math.sin(angle),
    wideTop ? radius - r * Math.cos(angle) : r * Math.cos(angle) - radius,
  ];
}

/** The point that `warpPoint` took here. */
export function unwarpPoint([x, y]: Point, radius: number, wideTop: boolean): Point {
  const down = wideTop ? radius - y : radius + y;
  const r = Math.hypot(x, down);
  return [radius * Math.atan2(x, down), wideTop ? radius - r : r - radius];
}

/**
 * Bends whole shapes; edges are divided so finely that no chord strays more than the curve
 * tolerance.
 */
export function warp(polygons: Polygons, radius: number, wideTop: boolean): Polygons {
  const longest = Math.sqrt(8 * radius * CURVE_TOLERANCE_MM);
  const fine = polygons.map((polygon) => polygon.map((ring) => divided(ring, longest)));
  return mapPoints(fine, (point) => warpPoint(point, radius, wideTop));
}

/** The same ring with no edge longer than `longest` sideways: only sideways runs are bent. */
function divided(ring: Ring, longest: number): Ring {
  return ring.flatMap((a, i) => {
    const b = ring[(i + 1) % ring.length] as Point;
    const parts = Math.max(1, Math.ceil(Math.abs(b[0] - a[0]) / longest));
    return Array.from(
      { length: parts },
      (_, k): Point => [a[0] + ((b[0] - a[0]) * k) / parts, a[1] + ((b[1] - a[1]) * k) / parts],
    );
  });
}

/**
 * Where a point of the unrolled wall lies on the cup itself: x, y across, z up from the tip's
 * plane, mm.
 */
export function rollUp(
  [x, y]: Point,
  radius: number,
  sector: Sector,
): readonly [number, number, number] {
  const down = sector.wideTop ? radius - y : radius + y;
  const fromTip = Math.hypot(x, down);
  const around = (Math.atan2(x, down) * 2 * Math.PI) / sector.angle;
  const across = (fromTip * sector.angle) / (2 * Math.PI);
  return [
    across * Math.sin(around),
    across * Math.cos(around),
    Math.sqrt(Math.max(0, fromTip * fromTip - across * across)),
  ];
}
