/**
 * The independent check of a true-shape layout: straight from the outlines, sharing nothing with
 * any strategy.
 */
import type { ShapeLayout, ShapeProblem } from "./problem.ts";

export interface ShapeFault {
  readonly code: "lost" | "twice" | "outside" | "tooNear" | "notAllowedTurn" | "noSuchBin";
  readonly ids: readonly string[];
}

/** Five micrometres: a plotter step is twenty-five. */
const SLACK_MM = 5e-3;

type Ring = readonly (readonly [number, number])[];
interface Lies {
  readonly id: string;
  readonly polygons: readonly (readonly Ring[])[];
  readonly edges: Float64Array;
  readonly box: readonly [number, number, number, number];
}

/**
 * Everything placed once or said to be unplaced, turned only as allowed, inside its bin, and
 * nothing nearer than the clearance.
 */
export function validateShapes(problem: ShapeProblem, layout: ShapeLayout): ShapeFault[] {
  const faults: ShapeFault[] = [];
  const seen = new Map<string, number>();
  for (const { id } of [...layout.placements, ...layout.unplaced])
    seen.set(id, (seen.get(id) ?? 0) + 1);
  for (const { id } of problem.items) if (!seen.has(id)) faults.push({ code: "lost", ids: [id] });
  for (const [id, times] of seen) if (times > 1) faults.push({ code: "twice", ids: [id] });
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const bins = new Map<string, Lies[]>();
  for (const { id, bin, x, y, turn } of layout.placements) {
    const item = items.get(id);
    if (!item) continue;
    if (!item.turns.includes(turn) && !(item.turns.length === 0 && turn === 0))
      faults.push({ code: "notAllowedTurn", ids: [id] });
    const angle = (turn * Math.PI) / 180;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const polygons = item.polygons.map((polygon) =>
      (problem.counters ? polygon : polygon.slice(0, 1)).map((ring) =>
        ring.map(([px, py]): [number, number] => [c * px - s * py + x, s * px + c * py + y]),
      ),
    );
    const lies = { id, polygons, ...edgesOf(polygons) };
    bins.set(bin, [...(bins.get(bin) ?? []), lies]);
  }
  for (const [bin, lying] of bins) {
    const rim = rimOf(problem, bin);
    if (!rim) faults.push({ code: "noSuchBin", ids: lying.map(({ id }) => id) });
    else
      for (const one of lying)
        if (sticksOut(one, rim)) faults.push({ code: "outside", ids: [one.id] });
    const sorted = [...lying].sort((a, b) => a.box[0] - b.box[0]);
    sorted.forEach((a, i) => {
      for (
        let j = i + 1;
        j < sorted.length && (sorted[j] as Lies).box[0] < a.box[2] + problem.clearance;
        j++
      )
        if (tooNear(a, sorted[j] as Lies, problem.clearance - SLACK_MM))
          faults.push({ code: "tooNear", ids: [a.id, (sorted[j] as Lies).id] });
    });
  }
  return faults;
}

function rimOf(problem: ShapeProblem, bin: string): readonly (readonly Ring[])[] | null {
  const scrap = problem.scraps.find(({ id }) => id === bin);
  if (scrap) return scrap.polygon;
  const { stock } = problem;
  const far = 1e7;
  const rectangle = (w: number, h: number): readonly (readonly Ring[])[] => [
    [
      [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
      ],
    ],
  ];
  if (stock?.kind === "strip" && bin === "strip") return rectangle(stock.width, far);
  return stock?.kind === "sheet" &&
    /^sheet-[1-9]\d*$/u.test(bin) &&
    Number(bin.slice(6)) <= (stock.most ?? far)
    ? rectangle(stock.width, stock.height)
    : null;
}

function edgesOf(polygons: readonly (readonly Ring[])[]): {
  edges: Float64Array;
  box: [number, number, number, number];
} {
  const rings = polygons.flat();
  const edges = new Float64Array(4 * rings.reduce((sum, ring) => sum + ring.length, 0));
  const box: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
  let at = 0;
  for (const ring of rings)
    ring.forEach(([x, y], i) => {
      const [nx, ny] = ring[(i + 1) % ring.length] as readonly [number, number];
      edges.set([x, y, nx, ny], at);
      at += 4;
      box[0] = Math.min(box[0], x);
      box[1] = Math.min(box[1], y);
      box[2] = Math.max(box[2], x);
      box[3] = Math.max(box[3], y);
    });
  return { edges, box };
}

/** Inside by winding parity over all rings of all polygons. */
function holds(polygons: readonly (readonly Ring[])[], x: number, y: number): boolean {
  return polygons.some((polygon) => {
    let inside = false;
    for (const ring of polygon)
      ring.forEach(([ax, ay], i) => {
        const [bx, by] = ring[(i + 1) % ring.length] as readonly [number, number];
        if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) inside = !inside;
      });
    return inside;
  });
}

function tooNear(a: Lies, b: Lies, clearance: number): boolean {
  if (
    b.box[0] > a.box[2] + clearance ||
    b.box[1] > a.box[3] + clearance ||
    a.box[1] > b.box[3] + clearance
  )
    return false;
  // One point of every polygon of the one inside the other: then one lies within the other, even if
  // no lines come near.
  if (
    a.polygons.some((polygon) => within(polygon, b)) ||
    b.polygons.some((polygon) => within(polygon, a))
  )
    return true;
  const least = Math.max(0, clearance);
  const [ea, eb] = [near(a.edges, b.box, least), near(b.edges, a.box, least)];
  for (let i = 0; i < ea.length; i += 4) {
    for (let j = 0; j < eb.length; j += 4) {
      if (segmentsNearer(ea, i, eb, j, least)) return true;
    }
  }
  return false;
}

function within(polygon: readonly Ring[], other: Lies): boolean {
  const [x, y] = polygon[0]?.[0] ?? [Number.NaN, Number.NaN];
  return holds(other.polygons, x, y) && !onRim(other.edges, x, y);
}

const onRim = (edges: Float64Array, x: number, y: number): boolean => {
  for (let i = 0; i < edges.length; i += 4)
    if (pointSegment(x, y, edges, i) < SLACK_MM) return true;
  return false;
};

function near(
  edges: Float64Array,
  box: readonly [number, number, number, number],
  by: number,
): Float64Array {
  const kept: number[] = [];
  for (let i = 0; i < edges.length; i += 4) {
    const [ax, ay, bx, by2] = [
      edges[i] as number,
      edges[i + 1] as number,
      edges[i + 2] as number,
      edges[i + 3] as number,
    ];
    if (
      Math.max(ax, bx) >= box[0] - by &&
      Math.min(ax, bx) <= box[2] + by &&
      Math.max(ay, by2) >= box[1] - by &&
      Math.min(ay, by2) <= box[3] + by
    )
      kept.push(ax, ay, bx, by2);
  }
  return Float64Array.from(kept);
}

/** Boxes of two lines farther apart than this: most pairs need no closer look. */
function boxesApart(
  a: Float64Array,
  i: number,
  b: Float64Array,
  j: number,
  least: number,
): boolean {
  const [ax, ay, bx, by] = [
    a[i] as number,
    a[i + 1] as number,
    a[i + 2] as number,
    a[i + 3] as number,
  ];
  const [cx, cy, dx, dy] = [
    b[j] as number,
    b[j + 1] as number,
    b[j + 2] as number,
    b[j + 3] as number,
  ];
  return (
    (ax > bx ? ax : bx) + least < (cx < dx ? cx : dx) ||
    (cx > dx ? cx : dx) + least < (ax < bx ? ax : bx) ||
    (ay > by ? ay : by) + least < (cy < dy ? cy : dy) ||
    (cy > dy ? cy : dy) + least < (ay < by ? ay : by)
  );
}

function segmentsNearer(
  a: Float64Array,
  i: number,
  b: Float64Array,
  j: number,
  least: number,
): boolean {
  if (boxesApart(a, i, b, j, least)) return false;
  if (least > 0) {
    const d = Math.min(
      pointSegment(a[i] as number, a[i + 1] as number, b, j),
      pointSegment(a[i + 2] as number, a[i + 3] as number, b, j),
      pointSegment(b[j] as number, b[j + 1] as number, a, i),
      pointSegment(b[j + 2] as number, b[j + 3] as number, a, i),
    );
    if (d < least) return true;
  }
  return crossDeeply(a, i, b, j);
}

function pointSegment(x: number, y: number, e: Float64Array, k: number): number {
  const [ax, ay] = [e[k] as number, e[k + 1] as number];
  const [dx, dy] = [(e[k + 2] as number) - ax, (e[k + 3] as number) - ay];
  const square = dx * dx + dy * dy;
  const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square));
  return Math.hypot(x - ax - t * dx, y - ay - t * dy);
}

/**
 * Whether two lines cross with their ends farther than the slack from the other: touching is no
 * crossing.
 */
function crossDeeply(a: Float64Array, i: number, b: Float64Array, j: number): boolean {
  return !boxesApart(a, i, b, j, 0) && endsApart(a, i, b, j) && endsApart(b, j, a, i);
}

/**
 * Whether the ends of the second line lie on both sides of the first, each by more than the slack.
 */
function endsApart(e: Float64Array, k: number, f: Float64Array, m: number): boolean {
  const [ax, ay] = [e[k] as number, e[k + 1] as number];
  const [dx, dy] = [(e[k + 2] as number) - ax, (e[k + 3] as number) - ay];
  const length = Math.hypot(dx, dy) || 1;
  const p = (dx * ((f[m + 1] as number) - ay) - dy * ((f[m] as number) - ax)) / length;
  const q = (dx * ((f[m + 3] as number) - ay) - dy * ((f[m + 2] as number) - ax)) / length;
  return (p > SLACK_MM && q < -SLACK_MM) || (p < -SLACK_MM && q > SLACK_MM);
}

/** Any point outside the rim by more than the slack, or any line across it. */
function sticksOut(one: Lies, rim: readonly (readonly Ring[])[]): boolean {
  const { edges } = edgesOf(rim);
  for (let i = 0; i < one.edges.length; i += 4) {
    const [x, y] = [one.edges[i] as number, one.edges[i + 1] as number];
    if (!holds(rim, x, y) && !onRim(edges, x, y)) return true;
    for (let j = 0; j < edges.length; j += 4) if (crossDeeply(one.edges, i, edges, j)) return true;
  }
  // A hole of the stock may lie wholly inside a shape.
  return rim.some((polygon) =>
    polygon
      .slice(1)
      .some((hole) => hole.some(([x, y]) => holds(one.polygons, x, y) && !onRim(one.edges, x, y))),
  );
}
