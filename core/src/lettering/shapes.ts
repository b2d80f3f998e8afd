/** Simple shapes of a recipe, centred on x = 0 with their lower edge at y = 0. */
import {
  type Box,
  boxHeight,
  boxWidth,
  type Point,
  type Polygons,
  type Ring,
  rectRing,
} from "../geometry/polygon.ts";
import { CURVE_TOLERANCE_MM } from "../geometry/tolerance.ts";
import type { ShapeItem } from "./recipe.ts";

/** Inner radius of a star's notches, as a share of its points'. */
const STAR_NOTCH = 0.45;

export function shapePolygons(item: ShapeItem): Polygons {
  const { size } = item;
  switch (item.form) {
    case "line": {
      const width = item.width ?? size * 20;
      return item.dash
        ? dashes(width, size, item.dash)
        : [[rectRing(-width / 2, -size, width / 2, 0)]];
    }
    case "dot":
      return [[circle(size / 2, -size / 2)]];
    case "star":
      return [[star(size / 2, item.points)]];
    case "ring":
      return [
        band(circle(size / 2, -size / 2), circle(Math.max(0, size / 2 - item.band), -size / 2)),
      ];
    case "frame": {
      const width = item.width ?? size * 2;
      const inner = Math.min(item.band, width / 2, size / 2);
      return [
        band(
          rectRing(-width / 2, -size, width / 2, 0),
          rectRing(-width / 2 + inner, -size + inner, width / 2 - inner, -inner),
        ),
      ];
    }
  }
}

/** Whole dashes only, the same at both ends: as many as fit the width. */
function dashes(
  width: number,
  size: number,
  { on, off }: NonNullable<ShapeItem["dash"]>,
): Polygons {
  const count = Math.max(1, Math.floor((width + off) / (on + off) + 1e-9));
  const start = -(count * on + (count - 1) * off) / 2;
  return Array.from({ length: count }, (_, i) => [
    rectRing(start + i * (on + off), -size, start + i * (on + off) + on, 0),
  ]);
}

/**
 * A ring or frame round a box, `gap` away from it; round boxes of names a ring goes through their
 * corners' circle.
 */
export function shapeAround(item: ShapeItem, box: Box): Polygons {
  const gap = item.around ?? 0;
  const [cx, cy] = [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
  if (item.form === "ring") {
    const inner = Math.hypot(boxWidth(box), boxHeight(box)) / 2 + gap;
    return [band(circle(inner + item.band, cy, cx), circle(inner, cy, cx))];
  }
  const [w, h] = [boxWidth(box) / 2 + gap, boxHeight(box) / 2 + gap];
  return [
    band(
      rectRing(cx - w - item.band, cy - h - item.band, cx + w + item.band, cy + h + item.band),
      rectRing(cx - w, cy - h, cx + w, cy + h),
    ),
  ];
}

const band = (outer: Ring, inner: Ring): Ring[] => [outer, [...inner].reverse()];

/** So many corners that no chord strays more than the curve tolerance: n = π / acos(1 − t/r). */
function circle(radius: number, cy: number, cx = 0): Ring {
  const count = Math.max(
    64,
    Math.ceil(
      Math.PI /
        Math.acos(1 - Math.min(1, CURVE_TOLERANCE_MM / Math.max(radius, CURVE_TOLERANCE_MM))),
    ),
  );
  return Array.from({ length: count }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / count;
    return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
  });
}

function star(radius: number, points: number): Ring {
  return Array.from({ length: points * 2 }, (_, i): Point => {
    const angle = (Math.PI * i) / points - Math.PI / 2;
    const r = i % 2 === 0 ? radius : radius * STAR_NOTCH;
    return [r * Math.cos(angle), -radius + r * Math.sin(angle)];
  });
}
