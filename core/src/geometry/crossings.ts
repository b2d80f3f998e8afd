import type { Ring } from "./polygon.ts";

interface Edge {
  readonly ax: number;
  readonly ay: number;
  readonly bx: number;
  readonly by: number;
  readonly minX: number;
  readonly maxX: number;
  readonly minY: number;
  readonly maxY: number;
}

/** Pairs of edges that are looked at; a second of work holds some fifty million. */
const MOST_PAIRS = 10_000_000;

/**
 * How often edges cross properly, as far as `most`: infinity where that is passed, or where more
 * lie over each other than can be looked at. What takes a boolean operation so long is told before.
 */
export function crossingsUpTo(rings: readonly Ring[], most: number): number {
  const edges = rings.flatMap(edgesOf).sort((a, b) => a.minX - b.minX);
  let beside: Edge[] = [];
  let pairs = 0;
  let crossings = 0;
  for (const edge of edges) {
    beside = beside.filter(({ maxX }) => maxX > edge.minX);
    pairs += beside.length;
    if (pairs > MOST_PAIRS) return Number.POSITIVE_INFINITY;
    for (const other of beside)
      if (other.minY < edge.maxY && edge.minY < other.maxY && cross(edge, other)) crossings++;
    if (crossings > most) return Number.POSITIVE_INFINITY;
    beside.push(edge);
  }
  return crossings;
}

function edgesOf(ring: Ring): Edge[] {
  return ring.map(([ax, ay], i): Edge => {
    const [bx, by] = ring[(i + 1) % ring.length] as Ring[number];
    const [minX, maxX, minY, maxY] = [
      Math.min(ax, bx),
      Math.max(ax, bx),
      Math.min(ay, by),
      Math.max(ay, by),
    ];
    return { ax, ay, bx, by, minX, maxX, minY, maxY };
  });
}

/** Each has its ends on either side of the other. */
function cross(a: Edge, b: Edge): boolean {
  return apart(a, b) && apart(b, a);
}

function apart({ ax, ay, bx, by }: Edge, other: Edge): boolean {
  const side = (x: number, y: number) => (bx - ax) * (y - ay) - (by - ay) * (x - ax);
  return side(other.ax, other.ay) * side(other.bx, other.by) < 0;
}
