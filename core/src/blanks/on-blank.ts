/**
 * Where a point of the design, as it is cut, lies on the blank itself; and how that looks from the
 * front.
 */
import { mapPoints, type Point, type Polygons } from "../geometry/polygon.ts";
import { heightAlong, radiusAt } from "./bulge.ts";
import { heightOfProfile } from "./profile.ts";
import type { FaceReading } from "./read-face.ts";
import { rollUp } from "./tapered-cup.ts";

/**
 * A place on a blank of revolution: angle round it (0 at the front), radius there, height below the
 * top, mm.
 */
export interface Place {
  readonly angle: number;
  readonly radius: number;
  readonly fromTop: number;
}

/** Null on flat blanks, which look as they are. */
export function placeOn(reading: FaceReading, [x, y]: Point): Place | null {
  const { shape } = reading;
  switch (shape.kind) {
    case "straightCup": {
      const radius = shape.diameter / 2;
      return {
        angle: x / radius,
        radius,
        fromTop:
          shape.rimClearance + (shape.height - shape.rimClearance - shape.footClearance) / 2 + y,
      };
    }
    case "taperedCup": {
      if (!reading.taper) return null;
      const { sector, baseline } = reading.taper;
      const [across, ahead, up] = rollUp([x, y], baseline, sector);
      const foot = Math.sqrt(
        Math.max(
          0,
          sector.innerRadius ** 2 - ((sector.innerRadius * sector.angle) / (2 * Math.PI)) ** 2,
        ),
      );
      return {
        angle: Math.atan2(across, ahead),
        radius: Math.hypot(across, ahead),
        fromTop: sector.wideTop ? shape.height - (up - foot) : up - foot,
      };
    }
    case "bulgedCup": {
      const top = (shape.profile[0]?.fromTop ?? 0) + shape.rimClearance;
      const fromTop = heightAlong(shape.profile, top, y + reading.height / 2);
      const radius = radiusAt(shape.profile, fromTop);
      return { angle: x / radius, radius, fromTop: fromTop - (shape.profile[0]?.fromTop ?? 0) };
    }
    case "ball": {
      const radius = shape.diameter / 2;
      const tilt = y / radius;
      const around = radius * Math.cos(tilt);
      return {
        angle: around < 1e-6 ? 0 : x / around,
        radius: around,
        fromTop: radius + radius * Math.sin(tilt),
      };
    }
    default:
      return null;
  }
}

/** Radius of the blank's outline at a height below its top, mm: the silhouette. */
export function silhouetteRadius(reading: Pick<FaceReading, "shape">, fromTop: number): number {
  const { shape } = reading;
  switch (shape.kind) {
    case "straightCup":
      return shape.diameter / 2;
    case "taperedCup":
      return (
        (shape.topDiameter +
          ((shape.bottomDiameter - shape.topDiameter) * fromTop) / shape.height) /
        2
      );
    case "bulgedCup":
      return radiusAt(shape.profile, (shape.profile[0]?.fromTop ?? 0) + fromTop);
    case "ball":
      return Math.sqrt(
        Math.max(0, (shape.diameter / 2) ** 2 - (fromTop - shape.diameter / 2) ** 2),
      );
    default:
      return 0;
  }
}

export function heightOfBlank({ shape }: Pick<FaceReading, "shape">): number {
  switch (shape.kind) {
    case "bulgedCup":
      return heightOfProfile(shape.profile);
    case "ball":
      return shape.diameter;
    case "straightCup":
    case "taperedCup":
      return shape.height;
    default:
      return 0;
  }
}

/**
 * The design as it looks straight from the front, the blank turned by `turn` radians: x across, y
 * below the top, mm.
 * What is round the back is drawn together at the edge, where it goes out of sight.
 */
export function seenOn(reading: FaceReading, polygons: Polygons, turn: number): Polygons {
  return mapPoints(polygons, (point) => {
    const place = placeOn(reading, point);
    if (!place) return point;
    const angle = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, place.angle + turn));
    return [place.radius * Math.sin(angle), place.fromTop];
  });
}

/** Share of the width between two points of the design that can be seen from the front. */
export function visibleShare(reading: FaceReading, width: number, turn: number): number {
  const [left, right] = [placeOn(reading, [-width / 2, 0]), placeOn(reading, [width / 2, 0])];
  if (!left || !right || width <= 0) return 1;
  const [a, b] = [left.angle + turn, right.angle + turn];
  const seen = Math.min(b, Math.PI / 2) - Math.max(a, -Math.PI / 2);
  return Math.max(0, Math.min(1, seen / (b - a)));
}
