/**
 * Reads a cut sheet's SVG back, by itself: shares no code with the writer, so that it can check it.
 */

export interface ReadPath {
  readonly className: string;
  readonly piece: string;
  readonly seat: string;
  readonly rings: readonly (readonly (readonly [number, number])[])[];
}

export interface ReadSheet {
  readonly width: number;
  readonly height: number;
  readonly attributes: Readonly<Record<string, string>>;
  readonly paths: readonly ReadPath[];
}

const attribute = (tag: string, name: string): string =>
  new RegExp(`\\b${name}="([^"]*)"`, "u").exec(tag)?.[1] ?? "";

export function readSheet(svg: string): ReadSheet {
  const root = /<svg[^>]*>/u.exec(svg)?.[0] ?? "";
  const paths: ReadPath[] = [];
  let seat = "";
  for (const [tag] of svg.matchAll(/<g [^>]*>|<\/g>|<path [^>]*>/gu)) {
    if (tag.startsWith("<g")) seat = attribute(tag, "data-seat");
    else if (tag.startsWith("</g")) seat = "";
    else
      paths.push({
        className: attribute(tag, "class"),
        piece: attribute(tag, "data-piece"),
        seat,
        rings: readRings(attribute(tag, "d")),
      });
  }
  const names = [
    "width",
    "height",
    "viewBox",
    "data-vinyl",
    "data-sheet",
    "data-stock",
    "data-mirrored",
    "data-clearance",
  ];
  return {
    width: Number.parseFloat(attribute(root, "width")),
    height: Number.parseFloat(attribute(root, "height")),
    attributes: Object.fromEntries(names.map((name) => [name, attribute(root, name)])),
    paths,
  };
}

function readRings(d: string): (readonly [number, number])[][] {
  if (/[^MLZ\d\s.,-]/u.test(d))
    throw new Error(`only absolute M, L, Z are expected: ${d.slice(0, 60)}`);
  return d
    .split("M")
    .slice(1)
    .map((part) =>
      [...part.matchAll(/(-?\d+(?:\.\d+)?)[ ,](-?\d+(?:\.\d+)?)/gu)].map(
        (m) => [Number(m[1]), Number(m[2])] as const,
      ),
    );
}

/** Area by even-odd filling: outer less holes, from the sum of signed areas of nested rings. */
export function evenOddArea(rings: ReadPath["rings"]): number {
  const areas = rings.map((ring) =>
    Math.abs(
      ring.reduce(
        (sum, [x, y], i) =>
          sum +
          x * (ring[(i + 1) % ring.length]?.[1] ?? 0) -
          y * (ring[(i + 1) % ring.length]?.[0] ?? 0),
        0,
      ) / 2,
    ),
  );
  return areas.reduce((sum, area, i) => sum + (i === 0 ? area : -area), 0);
}

/** Whether a point lies inside by the even-odd rule, or within `slack` of the border, mm. */
export function insideEvenOdd(
  point: readonly [number, number],
  rings: ReadPath["rings"],
  slack: number,
): boolean {
  const [px, py] = point;
  let inside = false;
  for (const ring of rings)
    ring.forEach(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length] as readonly [number, number];
      if (ay > py !== by > py && px < ax + ((py - ay) / (by - ay)) * (bx - ax)) inside = !inside;
    });
  return inside || cornersToEdges([[point]], rings) <= slack;
}

/**
 * Least distance between two sets of rings, mm: every corner of one against every edge of the
 * other.
 */
export function distanceBetween(a: ReadPath["rings"], b: ReadPath["rings"]): number {
  return Math.min(cornersToEdges(a, b), cornersToEdges(b, a));
}

function cornersToEdges(corners: ReadPath["rings"], edges: ReadPath["rings"]): number {
  let least = Number.POSITIVE_INFINITY;
  for (const [px, py] of corners.flat()) {
    for (const ring of edges) {
      ring.forEach(([ax, ay], i) => {
        const [bx, by] = ring[(i + 1) % ring.length] as readonly [number, number];
        const [dx, dy] = [bx - ax, by - ay];
        const t = Math.min(
          1,
          Math.max(0, ((px - ax) * dx + (py - ay) * dy) / (dx * dx + dy * dy || 1)),
        );
        least = Math.min(least, Math.hypot(px - ax - t * dx, py - ay - t * dy));
      });
    }
  }
  return least;
}
