/** Largest similar copy of a design inside a face; never one that sticks out. */
import { type Face, faceOutline, isConvex, usableArea } from "../blanks/face.ts";
import { difference } from "../geometry/boolean.ts";
import { hullOf, leastCircle } from "../geometry/hull.ts";
import { boxHeight, boxOf, boxOfPoints, boxWidth, type Point, type Polygons, placed, polygonsArea, type Ring, ringArea } from "../geometry/polygon.ts";
import { FIT_SLACK_MM } from "../geometry/tolerance.ts";

export interface Fit {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
  /** What stops it from being larger. */
  readonly binding: "width" | "height" | "circle" | "edges";
}

/**
 * Where a scaled design may lie. `admits` tells whether scale·design + (x, y) is inside;
 * `largest` is the best fit on its own.
 */
export interface FitSpace {
  readonly largest: Fit;
  admits(scale: number, x: number, y: number): boolean;
  /** A position at which the scale fits, if any. */
  position(scale: number): Point | null;
}

/** @throws RangeError when the design is empty or the margin leaves no face. */
export function fitSpace(face: Face, marginMm: number, design: Polygons, keepOuts: Polygons = []): FitSpace {
  const hull = hullOf(design);
  if (hull.length < 3) throw new RangeError("the design has no area to fit");
  if (face.kind === "round" && keepOuts.length === 0) return roundSpace(face.diameter / 2 - marginMm, hull);
  const outline = faceOutline(face);
  if (keepOuts.length === 0 && isConvex(outline)) return convexSpace(outline, marginMm, hull);
  return searchedSpace(usableArea(face, marginMm, keepOuts), hull);
}

/** The design's least enclosing circle against the face's circle. */
function roundSpace(radius: number, hull: Ring): FitSpace {
  if (radius <= 0) throw new RangeError("the margin leaves no face: make it smaller than half the diameter");
  const circle = leastCircle(hull);
  const scale = (radius - FIT_SLACK_MM) / circle.radius;
  const at = (s: number): Point => [-s * circle.x, -s * circle.y];
  const admits = (s: number, x: number, y: number) => hull.every(([px, py]) => Math.hypot(s * px + x, s * py + y) <= radius);
  const [x, y] = at(scale);
  return { largest: { scale, x, y, binding: "circle" }, admits, position: (s) => (s <= scale * (1 + 1e-12) ? at(Math.min(s, scale)) : null) };
}

interface HalfPlane {
  readonly nx: number;
  readonly ny: number;
  readonly b: number;
  /** Support of the design's hull in this direction. */
  readonly h: number;
}

/**
 * The linear program max s with s·h(n) + n·t <= b for every edge, solved by bisection on s:
 * for a given s the translations that fit are an intersection of half planes, clipped edge by edge.
 */
function convexSpace(outline: Ring, marginMm: number, hull: Ring): FitSpace {
  const planes = halfPlanes(outline, marginMm, hull);
  const face = boxOfPoints(outline);
  const design = boxOfPoints(hull);
  const reach = 10 * (boxWidth(face) + boxHeight(face));
  let high = Math.min(boxWidth(face) / Math.max(boxWidth(design), 1e-9), boxHeight(face) / Math.max(boxHeight(design), 1e-9));
  let low = 0;
  if (translations(planes, 0, reach).length === 0) throw new RangeError("the margin leaves no face: make it smaller");
  for (let step = 0; step < 60; step++) {
    const s = (low + high) / 2;
    if (translations(planes, s, reach).length > 0) low = s;
    else high = s;
  }
  const position = (s: number): Point | null => middleOf(translations(planes, s, reach));
  const [x, y] = position(low) ?? [0, 0];
  const admits = (s: number, tx: number, ty: number) => planes.every((p) => s * p.h + p.nx * tx + p.ny * ty <= p.b + FIT_SLACK_MM / 2);
  return { largest: { scale: low, x, y, binding: bindingOf(planes, low, x, y) }, admits, position };
}

function halfPlanes(outline: Ring, marginMm: number, hull: Ring): HalfPlane[] {
  const ring = ringArea(outline) > 0 ? outline : [...outline].reverse();
  return ring.map((a, i) => {
    const b = ring[(i + 1) % ring.length] as Point;
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const nx = (b[1] - a[1]) / length;
    const ny = -(b[0] - a[0]) / length;
    const h = hull.reduce((most, [x, y]) => Math.max(most, nx * x + ny * y), Number.NEGATIVE_INFINITY);
    return { nx, ny, b: nx * a[0] + ny * a[1] - marginMm - FIT_SLACK_MM, h };
  });
}

/** Polygon of translations at which scale `s` fits; empty when there is none. */
function translations(planes: readonly HalfPlane[], s: number, reach: number): Point[] {
  let region: Point[] = [
    [-reach, -reach],
    [reach, -reach],
    [reach, reach],
    [-reach, reach],
  ];
  for (const plane of planes) {
    region = clipped(region, plane, plane.b - s * plane.h);
    if (region.length === 0) return region;
  }
  return region;
}

function clipped(region: readonly Point[], { nx, ny }: HalfPlane, limit: number): Point[] {
  const out: Point[] = [];
  region.forEach((b, i) => {
    const a = region[(i + region.length - 1) % region.length] as Point;
    const da = nx * a[0] + ny * a[1] - limit;
    const db = nx * b[0] + ny * b[1] - limit;
    if (da <= 0 !== db <= 0) out.push([a[0] + ((b[0] - a[0]) * da) / (da - db), a[1] + ((b[1] - a[1]) * da) / (da - db)]);
    if (db <= 0) out.push(b);
  });
  return out;
}

function middleOf(region: readonly Point[]): Point | null {
  if (region.length === 0) return null;
  return [region.reduce((sum, p) => sum + p[0], 0) / region.length, region.reduce((sum, p) => sum + p[1], 0) / region.length];
}

const TIGHT_MM = 1e-3;

function bindingOf(planes: readonly HalfPlane[], s: number, x: number, y: number): Fit["binding"] {
  const tight = planes.filter((p) => p.b - (s * p.h + p.nx * x + p.ny * y) < TIGHT_MM);
  if (tight.length > 0 && tight.every((p) => Math.abs(p.ny) < 1e-9)) return "width";
  return tight.length > 0 && tight.every((p) => Math.abs(p.nx) < 1e-9) ? "height" : "edges";
}

const GRID = 21;
const REFINE_ROUNDS = 5;

/** Not convex or with keep-outs: the hull is moved over a grid, then nearer the best place; each try is tested exactly. */
function searchedSpace(usable: Polygons, hull: Ring): FitSpace {
  if (usable.length === 0) throw new RangeError("margin and keep-outs leave no face");
  const area = boxOf(usable);
  const design = boxOfPoints(hull);
  const [cx, cy] = [(design.minX + design.maxX) / 2, (design.minY + design.maxY) / 2];
  const most = Math.min(boxWidth(area) / boxWidth(design), boxHeight(area) / boxHeight(design));
  const inside = (s: number, x: number, y: number) => s > 0 && polygonsArea(difference(placed([[hull]], s, x, y), usable)) < 1e-6;
  const scaleAt = (mx: number, my: number, atLeast: number): number => {
    if (atLeast > 0 && !inside(atLeast, mx - atLeast * cx, my - atLeast * cy)) return 0;
    let [low, high] = [atLeast, most];
    for (let i = 0; i < 24; i++) {
      const s = (low + high) / 2;
      if (inside(s, mx - s * cx, my - s * cy)) low = s;
      else high = s;
    }
    return low;
  };
  let best = { s: 0, mx: (area.minX + area.maxX) / 2, my: (area.minY + area.maxY) / 2 };
  let [spanX, spanY] = [boxWidth(area), boxHeight(area)];
  for (let round = 0; round < REFINE_ROUNDS; round++) {
    const middle = best;
    for (let i = 0; i < GRID * GRID; i++) {
      const mx = middle.mx + spanX * ((i % GRID) / (GRID - 1) - 0.5);
      const my = middle.my + spanY * (Math.floor(i / GRID) / (GRID - 1) - 0.5);
      const s = scaleAt(mx, my, best.s);
      if (s > best.s) best = { s, mx, my };
    }
    spanX /= GRID / 3;
    spanY /= GRID / 3;
  }
  if (best.s <= 0) throw new RangeError("no place was found where the design fits");
  const at = (s: number): Point => [best.mx - s * cx, best.my - s * cy];
  const [x, y] = at(best.s);
  return {
    largest: { scale: best.s, x, y, binding: "edges" },
    admits: inside,
    position: (s) => (inside(s, ...at(s)) ? at(s) : null),
  };
}

/**
 * Position nearest to `wanted` at which the scale still fits, searched along the line from a
 * position known to fit (the set of fitting translations is convex for convex faces).
 */
export function nearestPosition(space: FitSpace, scale: number, wanted: Point): Point | null {
  if (space.admits(scale, wanted[0], wanted[1])) return wanted;
  const from = space.position(scale);
  if (!from) return null;
  let [low, high] = [0, 1];
  for (let step = 0; step < 40; step++) {
    const t = (low + high) / 2;
    if (space.admits(scale, from[0] + (wanted[0] - from[0]) * t, from[1] + (wanted[1] - from[1]) * t)) low = t;
    else high = t;
  }
  return [from[0] + (wanted[0] - from[0]) * low, from[1] + (wanted[1] - from[1]) * low];
}
