/**
 * Where two outlines come near each other, exactly: corners against edges, each with the direction
 * in which they would have to part.
 */

/** Of two shapes that lie: what a move of them changes in their distance there. */
export interface Contact {
  readonly a: number;
  readonly b: number;
  /** From a to b, of length 1. */
  readonly nx: number;
  readonly ny: number;
  /** As they lie now, mm. */
  readonly distance: number;
}

export interface Outline {
  readonly width: number;
  readonly height: number;
  /** Edges as x1, y1, x2, y2 from the top left of the box, mm; ring after ring. */
  readonly edges: Float64Array;
  /** Where in `edges` each polygon ends. */
  readonly ends: readonly number[];
}

/** Of all directions round, one contact each is kept: a nearer one speaks for those beside it. */
const DIRECTIONS = 64;
const least = new Float64Array(DIRECTIONS);
const leastX = new Float64Array(DIRECTIONS);
const leastY = new Float64Array(DIRECTIONS);

/**
 * Corners of either that are nearer than `reach` to an edge of the other, the nearest for each
 * direction. Parting along them parts the shapes: the way to an edge's line is never longer than
 * the way to the edge.
 */
export function contactsInto(
  contacts: Contact[],
  [a, b]: readonly [number, number],
  [one, other]: readonly [Outline, Outline],
  [dx, dy]: readonly [number, number],
  reach: number,
): void {
  least.fill(reach);
  cornersInto(one.edges, other, dx, dy, reach, 1);
  cornersInto(other.edges, one, -dx, -dy, reach, -1);
  for (let k = 0; k < DIRECTIONS; k++) {
    const distance = least[k] as number;
    if (distance < reach)
      contacts.push({ a, b, nx: leastX[k] as number, ny: leastY[k] as number, distance });
  }
}

let nearEdges = new Float64Array(1024);

/** Corners of `other`, which lies at dx, dy, against the edges of one. */
function cornersInto(
  edges: Float64Array,
  other: Outline,
  dx: number,
  dy: number,
  reach: number,
  sign: 1 | -1,
): void {
  const corners = other.edges;
  const [x0, x1] = [dx - reach, dx + other.width + reach];
  const [y0, y1] = [dy - reach, dy + other.height + reach];
  if (nearEdges.length < edges.length) nearEdges = new Float64Array(2 * edges.length);
  const own = nearEdges;
  let n = 0;
  let [left, right, top, bottom] = [
    Number.POSITIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
    Number.POSITIVE_INFINITY,
    Number.NEGATIVE_INFINITY,
  ];
  for (let k = 0; k < edges.length; k += 4) {
    const ax = edges[k] as number;
    const ay = edges[k + 1] as number;
    const bx = edges[k + 2] as number;
    const by = edges[k + 3] as number;
    if ((ax < x0 && bx < x0) || (ax > x1 && bx > x1)) continue;
    if ((ay < y0 && by < y0) || (ay > y1 && by > y1)) continue;
    own[n] = ax;
    own[n + 1] = ay;
    own[n + 2] = bx;
    own[n + 3] = by;
    n += 4;
    left = Math.min(left, ax, bx);
    right = Math.max(right, ax, bx);
    top = Math.min(top, ay, by);
    bottom = Math.max(bottom, ay, by);
  }
  if (n === 0) return;
  const reach2 = reach * reach;
  for (let k = 0; k < corners.length; k += 4) {
    const px = (corners[k] as number) + dx;
    const py = (corners[k + 1] as number) + dy;
    if (px < left - reach || px > right + reach || py < top - reach || py > bottom + reach)
      continue;
    for (let i = 0; i < n; i += 4) {
      const ax = own[i] as number;
      const ay = own[i + 1] as number;
      const ux = (own[i + 2] as number) - ax;
      const uy = (own[i + 3] as number) - ay;
      const wx = px - ax;
      const wy = py - ay;
      if (wx < (ux < 0 ? ux : 0) - reach || wx > (ux > 0 ? ux : 0) + reach) continue;
      if (wy < (uy < 0 ? uy : 0) - reach || wy > (uy > 0 ? uy : 0) + reach) continue;
      const t = Math.max(0, Math.min(1, (wx * ux + wy * uy) / (ux * ux + uy * uy)));
      const ex = wx - t * ux;
      const ey = wy - t * uy;
      const square = ex * ex + ey * ey;
      if (square >= reach2 || square === 0) continue;
      const distance = Math.sqrt(square);
      const [nx, ny] = [(sign * ex) / distance, (sign * ey) / distance];
      const at = Math.floor(((Math.atan2(ny, nx) / Math.PI + 1) / 2) * DIRECTIONS) % DIRECTIONS;
      if (distance >= (least[at] as number)) continue;
      least[at] = distance;
      leastX[at] = nx;
      leastY[at] = ny;
    }
  }
}

/** Whether two outlines are nearer than `clearance`, cross, or lie in one another: exactly. */
export function tooNear(
  one: Outline,
  other: Outline,
  dx: number,
  dy: number,
  clearance: number,
): boolean {
  if (
    dx >= one.width + clearance ||
    dy >= one.height + clearance ||
    dx + other.width + clearance <= 0 ||
    dy + other.height + clearance <= 0
  )
    return false;
  const contacts: Contact[] = [];
  contactsInto(contacts, [0, 1], [one, other], [dx, dy], clearance);
  if (contacts.length > 0) return true;
  return (
    cross(one.edges, other, dx, dy) || holds(one, other, dx, dy) || holds(other, one, -dx, -dy)
  );
}

function cross(edges: Float64Array, other: Outline, dx: number, dy: number): boolean {
  const [x0, x1] = [dx, dx + other.width];
  const [y0, y1] = [dy, dy + other.height];
  const f = other.edges;
  for (let i = 0; i < edges.length; i += 4) {
    const ax = edges[i] as number;
    const ay = edges[i + 1] as number;
    const bx = edges[i + 2] as number;
    const by = edges[i + 3] as number;
    if ((ax < x0 && bx < x0) || (ax > x1 && bx > x1)) continue;
    if ((ay < y0 && by < y0) || (ay > y1 && by > y1)) continue;
    for (let k = 0; k < f.length; k += 4) {
      const px = (f[k] as number) + dx;
      const py = (f[k + 1] as number) + dy;
      const qx = (f[k + 2] as number) + dx;
      const qy = (f[k + 3] as number) + dy;
      if ((px < ax && qx < ax && px < bx && qx < bx) || (px > ax && qx > ax && px > bx && qx > bx))
        continue;
      const s1 = (bx - ax) * (py - ay) - (by - ay) * (px - ax);
      const s2 = (bx - ax) * (qy - ay) - (by - ay) * (qx - ax);
      const s3 = (qx - px) * (ay - py) - (qy - py) * (ax - px);
      const s4 = (qx - px) * (by - py) - (qy - py) * (bx - px);
      if (s1 > 0 !== s2 > 0 && s3 > 0 !== s4 > 0) return true;
    }
  }
  return false;
}

/** Whether a ring of the other begins inside a polygon of the one, each by the even-odd rule. */
function holds(one: Outline, other: Outline, dx: number, dy: number): boolean {
  const { edges, ends } = one;
  const f = other.edges;
  for (let k = 0; k < f.length; k += 4) {
    // Where the edge before does not end here, a ring begins.
    if (k > 0 && f[k - 2] === f[k] && f[k - 1] === f[k + 1]) continue;
    const x = (f[k] as number) + dx;
    const y = (f[k + 1] as number) + dy;
    let from = 0;
    for (const end of ends) {
      if (isInside(edges, from, end, x, y)) return true;
      from = end;
    }
  }
  return false;
}

function isInside(edges: Float64Array, from: number, end: number, x: number, y: number): boolean {
  let odd = false;
  for (let i = from; i < end; i += 4) {
    const ay = edges[i + 1] as number;
    const by = edges[i + 3] as number;
    if (ay > y === by > y) continue;
    const ax = edges[i] as number;
    if (x < ax + (((edges[i + 2] as number) - ax) * (y - ay)) / (by - ay)) odd = !odd;
  }
  return odd;
}
