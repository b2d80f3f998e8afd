/**
 * A face that is not convex: the design is moved over a grid, then nearer the best place, first as
 * its hull, then as its true shape; every try is tested exactly.
 */

import earcut from "earcut";
import { plainFault } from "../faults/plan-fault.ts";
import { hullOf } from "../geometry/hull.ts";
import {
  type Box,
  boxHeight,
  boxOf,
  boxOfPoints,
  boxWidth,
  type Point,
  type Polygons,
  pointInPolygon,
  type Ring,
  ringArea,
} from "../geometry/polygon.ts";
import { FIT_SLACK_MM } from "../geometry/tolerance.ts";
import type { FitSpace } from "./fit-space.ts";

const GRID = 17;
const REFINE_ROUNDS = 5;
const BISECTIONS = 22;
/** Less than this is not worth another step. */
const LEAST_GAIN = 1 + 1e-6;
const LEAST_STEP_MM = 1e-4;
const MOST_STEPS = 120;
const AROUND: readonly Point[] = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [
  Math.cos((i * Math.PI) / 4),
  Math.sin((i * Math.PI) / 4),
]);

/**
 * @param usable what is left of the face inside its margin and outside its keep-outs
 * @throws PlanFault when nothing is left, or no place was found
 */
export function searchedSpace(usable: Polygons, hull: Ring, design: Polygons = []): FitSpace {
  if (usable.length === 0) throw plainFault("nothingLessKeepOuts");
  const byHull = search(usable, hull, [hull], null);
  const parts = convexParts(design);
  if (parts.length < 2) return finished(usable, hull, [hull], byHull);
  // What lies in the hollows of a design is free for the face's own corners: from the hull's place
  // on it grows as its true shape.
  return finished(usable, hull, parts, search(usable, hull, parts, byHull));
}

/**
 * An outline of more corners than this, as of a letter, counts as its own hull; fewer are cut into
 * triangles, exactly.
 */
const MOST_CORNERS = 80;
/**
 * More convex parts than this are looked at as one hull: a name of fifty letters gains nothing by
 * its gaps.
 */
const MOST_PARTS = 120;

/**
 * Convex rings that together cover the design; counters are filled, because a face has no part in
 * them.
 */
function convexParts(design: Polygons): Ring[] {
  const parts = design.flatMap(([outer]): Ring[] => {
    if (!outer || outer.length < 3) return [];
    if (outer.length > MOST_CORNERS) return [hullOf([[outer]])];
    const corners = earcut(outer.flat());
    return Array.from({ length: corners.length / 3 }, (_, i) =>
      [0, 1, 2].map((k) => outer[corners[3 * i + k] as number] as Point),
    ).map(counterwise);
  });
  return parts.length > MOST_PARTS ? [] : parts;
}

const counterwise = (ring: Ring): Ring => (ringArea(ring) < 0 ? [...ring].reverse() : ring);

interface Place {
  readonly s: number;
  readonly mx: number;
  readonly my: number;
}

/** @param from a place that is known to fit, to begin from */
function search(usable: Polygons, hull: Ring, parts: readonly Ring[], from: Place | null): Place {
  const area = boxOf(usable);
  const design = boxOfPoints(hull);
  const [cx, cy] = [(design.minX + design.maxX) / 2, (design.minY + design.maxY) / 2];
  const most = Math.min(boxWidth(area) / boxWidth(design), boxHeight(area) / boxHeight(design));
  const inside = insideAt(usable, parts);
  const scaleAt = (mx: number, my: number, atLeast: number): number => {
    if (atLeast > 0 && !inside(atLeast, mx - atLeast * cx, my - atLeast * cy)) return 0;
    let [low, high] = [atLeast, most];
    for (let i = 0; i < BISECTIONS; i++) {
      const s = (low + high) / 2;
      if (inside(s, mx - s * cx, my - s * cy)) low = s;
      else high = s;
    }
    return low;
  };
  let best: Place = from ?? {
    s: 0,
    mx: (area.minX + area.maxX) / 2,
    my: (area.minY + area.maxY) / 2,
  };
  const wide: Place = {
    s: best.s,
    mx: (area.minX + area.maxX) / 2,
    my: (area.minY + area.maxY) / 2,
  };
  let [spanX, spanY] = [boxWidth(area), boxHeight(area)];
  for (let round = 0; round < REFINE_ROUNDS; round++) {
    const middle = round === 0 ? wide : best;
    for (let i = 0; i < GRID * GRID; i++) {
      const mx = middle.mx + spanX * ((i % GRID) / (GRID - 1) - 0.5);
      const my = middle.my + spanY * (Math.floor(i / GRID) / (GRID - 1) - 0.5);
      const s = scaleAt(mx, my, best.s);
      if (s > best.s) best = { s, mx, my };
    }
    spanX /= GRID / 3;
    spanY /= GRID / 3;
  }
  if (best.s <= 0) throw plainFault("noPlaceForDesign");
  // Two arms in two arms grow along a ridge that is narrower than the grid: walked in ever smaller
  // steps.
  let step = Math.max(boxWidth(area), boxHeight(area)) / GRID;
  for (let tries = 0; tries < MOST_STEPS && step > LEAST_STEP_MM; tries++) {
    const next = AROUND.map(([dx, dy]) => [best.mx + dx * step, best.my + dy * step] as const)
      .map(([mx, my]): Place => ({ s: scaleAt(mx, my, best.s), mx, my }))
      .reduce((p, q) => (p.s >= q.s ? p : q));
    if (next.s > best.s * LEAST_GAIN) best = next;
    else step /= 2;
  }
  return best;
}

/**
 * Whether all parts lie inside. The one that stuck out last is tried first: most tries fail, and
 * neighbouring ones by the same part.
 */
function insideAt(
  usable: Polygons,
  parts: readonly Ring[],
): (s: number, x: number, y: number) => boolean {
  const lies = insideTest(usable);
  const order = [...parts];
  return (s, x, y) => {
    if (!(s > 0)) return false;
    for (let i = 0; i < order.length; i++) {
      const part = order[i] as Ring;
      if (lies(part, s, x, y)) continue;
      order.splice(i, 1);
      order.unshift(part);
      return false;
    }
    return true;
  };
}

function finished(usable: Polygons, hull: Ring, parts: readonly Ring[], best: Place): FitSpace {
  const design = boxOfPoints(hull);
  const [cx, cy] = [(design.minX + design.maxX) / 2, (design.minY + design.maxY) / 2];
  const inside = insideAt(usable, parts);
  const at = (s: number): Point => [best.mx - s * cx, best.my - s * cy];
  const [x, y] = at(best.s);
  return {
    largest: { scale: best.s, x, y, binding: "edges" },
    admits: inside,
    position: (s) => (inside(s, ...at(s)) ? at(s) : null),
  };
}

interface Edge {
  readonly a: Point;
  readonly b: Point;
  readonly minX: number;
  readonly maxX: number;
  readonly minY: number;
  readonly maxY: number;
}

/**
 * Whether a convex ring lies inside: one of its corners does, no edge of the face comes into it,
 * and so no hole is in it.
 * Touching is allowed within the fit's slack.
 */
function insideTest(usable: Polygons): (part: Ring, s: number, x: number, y: number) => boolean {
  const edges = usable.flatMap((polygon) => polygon.flatMap(edgesOf));
  const boxes = new Map<Ring, Box>();
  return (part, s, x, y) => {
    const [first] = part;
    if (!first) return false;
    const own = boxes.get(part) ?? boxOfPoints(part);
    boxes.set(part, own);
    const [minX, minY, maxX, maxY] = [
      own.minX * s + x,
      own.minY * s + y,
      own.maxX * s + x,
      own.maxY * s + y,
    ];
    // Its corners are worked out only where an edge comes near.
    let ring: Ring | null = null;
    for (let i = 0; i < edges.length; i++) {
      const e = edges[i] as Edge;
      if (e.maxX <= minX || e.minX >= maxX || e.maxY <= minY || e.minY >= maxY) continue;
      ring ??= part.map(([px, py]): Point => [px * s + x, py * s + y]);
      if (!entersConvex(e.a, e.b, ring)) continue;
      // The edge that came into it last is tried first.
      edges.splice(i, 1);
      edges.unshift(e);
      return false;
    }
    const corner: Point = [first[0] * s + x, first[1] * s + y];
    return usable.some((polygon) => pointInPolygon(corner, polygon));
  };
}

function edgesOf(ring: Ring): Edge[] {
  return ring.map((a, i) => {
    const b = ring[(i + 1) % ring.length] as Point;
    return {
      a,
      b,
      minX: Math.min(a[0], b[0]),
      maxX: Math.max(a[0], b[0]),
      minY: Math.min(a[1], b[1]),
      maxY: Math.max(a[1], b[1]),
    };
  });
}

/**
 * Clips the segment by every edge of the convex ring (Cyrus and Beck 1978): does more than the
 * slack of it remain inside?
 */
function entersConvex(a: Point, b: Point, ring: Ring): boolean {
  let [from, to] = [0, 1];
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const p = ring[j] as Point;
    const q = ring[i] as Point;
    const length = Math.hypot(q[0] - p[0], q[1] - p[1]);
    if (length === 0) continue;
    const [nx, ny] = [(q[1] - p[1]) / length, (p[0] - q[0]) / length];
    const outside = nx * (a[0] - p[0]) + ny * (a[1] - p[1]) + FIT_SLACK_MM;
    const along = nx * dx + ny * dy;
    if (along === 0) {
      if (outside > 0) return false;
    } else if (along > 0) to = Math.min(to, -outside / along);
    else from = Math.max(from, -outside / along);
    if (from >= to) return false;
  }
  return from < to;
}
