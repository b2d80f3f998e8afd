/** Union, difference and offset: a thin typed shell round the clipping library. */
import {
  Clipper,
  ClipType,
  EndType,
  FillRule,
  JoinType,
  type Path64,
  type Paths64,
  type PolyPath64,
  PolyTree64,
} from "clipper2-ts";
import {
  boxHeight,
  boxOfPoints,
  boxWidth,
  joinBoxes,
  type Point,
  type Polygon,
  type Polygons,
  type Ring,
  ringArea,
} from "./polygon.ts";
import { CLIP_UNITS_PER_MM, DUST_AREA_MM2 } from "./tolerance.ts";

/** Outlines from variable fonts overlap themselves, so filling is always non-zero. */
const FILL = FillRule.NonZero;

function toPath(ring: Ring, across: boolean): Path64 {
  return ring.map(([x, y]) => {
    const [a, b] = [Math.round(x * CLIP_UNITS_PER_MM), Math.round(y * CLIP_UNITS_PER_MM)];
    return across ? { x: b, y: a } : { x: a, y: b };
  });
}

/**
 * Without points that lie on the line through their neighbours, also where the line turns back on
 * itself: such spikes fill
 * nothing, and the library then loses area beside them (seen on one icon in fifteen hundred).
 */
function withoutSpikes(path: Path64): Path64 {
  const kept: Path64 = [];
  const turns = (a: Path64[number], b: Path64[number], c: Path64[number]) =>
    (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) !== 0;
  for (const point of path) {
    while (
      kept.length > 1 &&
      !turns(
        kept[kept.length - 2] as Path64[number],
        kept[kept.length - 1] as Path64[number],
        point,
      )
    )
      kept.pop();
    const last = kept[kept.length - 1];
    if (!last || last.x !== point.x || last.y !== point.y) kept.push(point);
  }
  while (
    kept.length > 2 &&
    !turns(
      kept[kept.length - 2] as Path64[number],
      kept[kept.length - 1] as Path64[number],
      kept[0] as Path64[number],
    )
  )
    kept.pop();
  while (
    kept.length > 2 &&
    !turns(
      kept[kept.length - 1] as Path64[number],
      kept[0] as Path64[number],
      kept[1] as Path64[number],
    )
  )
    kept.shift();
  return kept;
}

function toRing(path: Path64, across: boolean): Ring {
  const ring = path.map(
    ({ x, y }): Point =>
      across
        ? [y / CLIP_UNITS_PER_MM, x / CLIP_UNITS_PER_MM]
        : [x / CLIP_UNITS_PER_MM, y / CLIP_UNITS_PER_MM],
  );
  return across ? ring.reverse() : ring;
}

const flat = (polygons: Polygons): Ring[] => polygons.flatMap(orient);

/**
 * The sweep costs (points) x (edges it crosses at once). Lettering is wide and low, so it is swept
 * along its
 * length, by handing the library x and y exchanged: several times faster for names, with the same
 * result.
 */
function run(
  type: ClipType,
  subject: readonly Ring[],
  clip: readonly Ring[] | null,
  fill: FillRule = FILL,
): Polygons {
  const box = joinBoxes(subject.map(boxOfPoints));
  const across = boxWidth(box) > boxHeight(box);
  const tree = new PolyTree64();
  const paths = (rings: readonly Ring[]): Paths64 =>
    rings.map((ring) => withoutSpikes(toPath(ring, across)));
  Clipper.booleanOpWithPolyTree(type, paths(subject), clip ? paths(clip) : null, tree, fill);
  const found: Polygon[] = [];
  collectInto(found, tree, across);
  return found;
}

function collectInto(found: Polygon[], parent: PolyPath64, across: boolean): void {
  for (let i = 0; i < parent.count; i++) {
    const outer = parent.child(i);
    const holes: Ring[] = [];
    for (let j = 0; j < outer.count; j++) {
      const hole = outer.child(j);
      const inner = toRing(hole.poly ?? [], across);
      if (Math.abs(ringArea(inner)) > DUST_AREA_MM2) holes.push(inner);
      collectInto(found, hole, across);
    }
    const ring = toRing(outer.poly ?? [], across);
    if (Math.abs(ringArea(ring)) > DUST_AREA_MM2) found.push([ring, ...holes]);
  }
}

/** Unites loose rings (turning direction decides what is a hole) into connected polygons. */
export function unionRings(rings: readonly Ring[]): Polygons {
  return run(ClipType.Union, rings, null);
}

/**
 * Unites polygons whose holes may have any direction: holes are turned against their outer ring
 * first.
 */
export function unionPolygons(polygons: Polygons): Polygons {
  return unionRings(polygons.flatMap(orient));
}

function orient(polygon: Polygon): readonly Ring[] {
  return polygon.map((ring, index) =>
    ringArea(ring) > 0 === (index === 0) ? ring : [...ring].reverse(),
  );
}

export function difference(subject: Polygons, clip: Polygons): Polygons {
  return run(ClipType.Difference, flat(subject), flat(clip));
}

export function intersection(subject: Polygons, clip: Polygons): Polygons {
  return run(ClipType.Intersection, flat(subject), flat(clip));
}

/**
 * Grows (or shrinks, with a negative distance) by mm. Corners are mitred up to `MITER_LIMIT`, or
 * rounded.
 */
export function offset(
  polygons: Polygons,
  distanceMm: number,
  corners: "miter" | "round" = "round",
  miterLimit = MITER_LIMIT,
): Polygons {
  const paths = Clipper.inflatePaths(
    flat(polygons).map((ring) => toPath(ring, false)),
    distanceMm * CLIP_UNITS_PER_MM,
    corners === "miter" ? JoinType.Miter : JoinType.Round,
    EndType.Polygon,
    miterLimit,
    ARC_TOLERANCE_MM * CLIP_UNITS_PER_MM,
  );
  return unionRings(paths.map((path) => toRing(path, false)));
}

const MITER_LIMIT = 4;
const ARC_TOLERANCE_MM = 0.005;

/** Fills loose rings by SVG's rules. */
export function fillRings(rings: readonly Ring[], rule: "nonzero" | "evenodd"): Polygons {
  return run(ClipType.Union, rings, null, rule === "evenodd" ? FillRule.EvenOdd : FILL);
}

export type LineJoin = "miter" | "round" | "bevel";
export type LineCap = "butt" | "round" | "square";

const JOINS: Record<LineJoin, JoinType> = {
  miter: JoinType.Miter,
  round: JoinType.Round,
  bevel: JoinType.Bevel,
};
const CAPS: Record<LineCap, EndType> = {
  butt: EndType.Butt,
  round: EndType.Round,
  square: EndType.Square,
};

export interface Pen {
  readonly width: number;
  readonly join: LineJoin;
  readonly cap: LineCap;
  readonly miterLimit: number;
}

/** What a pen of this width covers along lines; closed ones have no ends. */
export function strokeLines(
  lines: readonly { readonly points: Ring; readonly closed: boolean }[],
  pen: Pen,
  arcToleranceMm: number,
): Polygons {
  const covered = (["closed", "open"] as const).flatMap((kind) => {
    const paths = lines
      .filter(({ closed }) => closed === (kind === "closed"))
      .map(({ points }) => toPath(points, false));
    if (paths.length === 0) return [];
    const end = kind === "closed" ? EndType.Joined : CAPS[pen.cap];
    return Clipper.inflatePaths(
      paths,
      (pen.width / 2) * CLIP_UNITS_PER_MM,
      JOINS[pen.join],
      end,
      pen.miterLimit,
      arcToleranceMm * CLIP_UNITS_PER_MM,
    );
  });
  return unionRings(covered.map((path) => toRing(path, false)));
}
