/**
 * The largest fit in a convex face as a linear program; keep-outs are kept clear of by a line
 * between.
 */
import { PlanFault, plainFault } from "../faults/plan-fault.ts";
import { convexHull } from "../geometry/hull.ts";
import {
  boxHeight,
  boxOfPoints,
  boxWidth,
  type Point,
  type Ring,
  ringArea,
} from "../geometry/polygon.ts";
import { FIT_SLACK_MM } from "../geometry/tolerance.ts";
import type { Fit, FitSpace } from "./fit-space.ts";

/** Scale s and move t fit when s·h + n·t <= b. */
interface HalfPlane {
  readonly nx: number;
  readonly ny: number;
  readonly b: number;
  /** Support of the design's hull in this direction. */
  readonly h: number;
}

interface Solution {
  readonly planes: readonly HalfPlane[];
  readonly scale: number;
  readonly at: Point;
}

/**
 * Keep-outs are tried side by side; more combinations than this would take longer than they gain.
 */
const MOST_BRANCHES = 400;
const STEPS = 60;

/**
 * max s with s·h(n) + n·t <= b for every edge: solved by bisection on s, since for a given s the
 * moves that fit are an
 * intersection of half planes, clipped edge by edge. A design clear of a convex keep-out has a line
 * between the two;
 * the lines along the keep-out's edges and the eight compass directions are tried, by branch and
 * bound.
 * @throws PlanFault when margin and keep-outs leave no face
 */
export function convexSpace(
  outline: Ring,
  marginMm: number,
  hull: Ring,
  keepOuts: readonly Ring[] = [],
): FitSpace {
  const edges = edgePlanes(outline, marginMm, hull);
  const [face, design] = [boxOfPoints(outline), boxOfPoints(hull)];
  const reach = 10 * (boxWidth(face) + boxHeight(face));
  const most = Math.min(
    boxWidth(face) / Math.max(boxWidth(design), 1e-9),
    boxHeight(face) / Math.max(boxHeight(design), 1e-9),
  );
  const apart = keepOuts.map((keepOut) => separations(keepOut, hull));
  const solve = (planes: readonly HalfPlane[]) => solved(planes, most, reach);
  if (translations(edges, 0, reach).length === 0)
    throw new PlanFault({ code: "nothingLessMargin", values: { of: "side" } });
  const best = branchAndBound(edges, apart, solve);
  if (!best) throw plainFault("nothingLessKeepOuts");
  const position = (s: number): Point | null => middleOf(translations(best.planes, s, reach));
  const holds = (p: HalfPlane, s: number, tx: number, ty: number) =>
    s * p.h + p.nx * tx + p.ny * ty <= p.b + FIT_SLACK_MM / 2;
  const admits = (s: number, tx: number, ty: number) =>
    edges.every((p) => holds(p, s, tx, ty)) &&
    apart.every((lines) => lines.some((p) => holds(p, s, tx, ty)));
  const [x, y] = best.at;
  return { largest: { scale: best.scale, x, y, binding: bindingOf(best, x, y) }, admits, position };
}

function branchAndBound(
  edges: readonly HalfPlane[],
  apart: readonly (readonly HalfPlane[])[],
  solve: (planes: readonly HalfPlane[]) => Solution | null,
): Solution | null {
  const root = solve(edges);
  const open: Solution[] = root ? [root] : [];
  let best: Solution | null = null;
  for (let tried = 0; open.length > 0 && tried < MOST_BRANCHES; tried++) {
    const next = open.reduce((a, b) => (b.scale > a.scale ? b : a));
    open.splice(open.indexOf(next), 1);
    if (best && next.scale <= best.scale) continue;
    const clash = apart.find(
      (lines) =>
        !lines.some(
          (p) => next.scale * p.h + p.nx * next.at[0] + p.ny * next.at[1] <= p.b + FIT_SLACK_MM / 2,
        ),
    );
    if (!clash) best = next;
    else
      for (const line of clash) {
        const child = solve([...next.planes, line]);
        if (child && child.scale > (best?.scale ?? 0)) open.push(child);
      }
  }
  return best;
}

function solved(planes: readonly HalfPlane[], most: number, reach: number): Solution | null {
  let [low, high] = [0, most];
  for (let step = 0; step < STEPS; step++) {
    const s = (low + high) / 2;
    if (translations(planes, s, reach).length > 0) low = s;
    else high = s;
  }
  const at = low > 0 ? middleOf(translations(planes, low, reach)) : null;
  return at ? { planes, scale: low, at } : null;
}

const support = (hull: Ring, nx: number, ny: number): number =>
  hull.reduce((most, [x, y]) => Math.max(most, nx * x + ny * y), Number.NEGATIVE_INFINITY);

/** Outward normals of a ring's edges. */
function normals(outline: Ring): Point[] {
  const ring = ringArea(outline) > 0 ? outline : [...outline].reverse();
  return ring.flatMap((a, i): Point[] => {
    const b = ring[(i + 1) % ring.length] as Point;
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    return length === 0 ? [] : [[(b[1] - a[1]) / length, (a[0] - b[0]) / length]];
  });
}

function edgePlanes(outline: Ring, marginMm: number, hull: Ring): HalfPlane[] {
  return normals(outline).map(([nx, ny]) => ({
    nx,
    ny,
    b: support(outline, nx, ny) - marginMm - FIT_SLACK_MM,
    h: support(hull, nx, ny),
  }));
}

const DIAGONAL = Math.SQRT1_2;
const COMPASS: readonly Point[] = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
  [DIAGONAL, DIAGONAL],
  [DIAGONAL, -DIAGONAL],
  [-DIAGONAL, DIAGONAL],
  [-DIAGONAL, -DIAGONAL],
];

/**
 * Ways to lie wholly on one side of a keep-out: beyond the line that touches it with outward normal
 * n.
 */
function separations(keepOut: Ring, hull: Ring): HalfPlane[] {
  const ring = convexHull(keepOut);
  return [...COMPASS, ...normals(ring)].map(([nx, ny]) => ({
    nx: -nx,
    ny: -ny,
    b: -support(ring, nx, ny) - FIT_SLACK_MM,
    h: support(hull, -nx, -ny),
  }));
}

/** Polygon of moves at which scale `s` fits; empty when there is none. */
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
    if (da <= 0 !== db <= 0)
      out.push([a[0] + ((b[0] - a[0]) * da) / (da - db), a[1] + ((b[1] - a[1]) * da) / (da - db)]);
    if (db <= 0) out.push(b);
  });
  return out;
}

function middleOf(region: readonly Point[]): Point | null {
  if (region.length === 0) return null;
  return [
    region.reduce((sum, p) => sum + p[0], 0) / region.length,
    region.reduce((sum, p) => sum + p[1], 0) / region.length,
  ];
}

const TIGHT_MM = 1e-3;

function bindingOf({ planes, scale }: Solution, x: number, y: number): Fit["binding"] {
  const tight = planes.filter((p) => p.b - (scale * p.h + p.nx * x + p.ny * y) < TIGHT_MM);
  if (tight.length > 0 && tight.every((p) => Math.abs(p.ny) < 1e-9)) return "width";
  return tight.length > 0 && tight.every((p) => Math.abs(p.nx) < 1e-9) ? "height" : "edges";
}
