/**
 * Instances for layout, made by seed: names, mixed art, odd scraps, and sheets cut up so that the
 * perfect layout is known.
 */
import { difference, unionRings } from "@elm-basket/core/geometry/boolean.ts";
import {
  type Point,
  type Polygons,
  polygonArea,
  type Ring,
  rectRing,
} from "@elm-basket/core/geometry/polygon.ts";
import { seededRandom } from "@elm-basket/core/geometry/random.ts";
import type { ShapeItem, ShapeScrap } from "@elm-basket/core/nesting/problem.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { madeUpNames } from "../core/src/testing/documents.ts";

export const STRIP_MM = 292;
export const SHEET_MM = 292;
const HALF_TURNS = [0, 180];
const QUARTER_TURNS = [0, 90, 180, 270];
const EM_MM = 22;
const FLATNESS_EM = 0.001;
const fonts = diskFonts();

/** Names in a joined script, each one held together, as a class of beginners would have them. */
export function nameItems(count: number, seed: number, font = "pacifico"): ShapeItem[] {
  const face = fonts(font);
  if (!face) throw new Error(`there is no font ${font}`);
  return madeUpNames(count, seededRandom(seed)).map((name, i) => {
    const rings = face
      .shape(name)
      .flatMap((glyph) =>
        face
          .rings(glyph.glyph, FLATNESS_EM)
          .map((ring): Ring => ring.map(([x, y]) => [(x + glyph.x) * EM_MM, y * EM_MM])),
      );
    return { id: `n${i}`, polygons: unionRings(rings), turns: HALF_TURNS };
  });
}

export const circle = (r: number, n = 40): Ring =>
  Array.from(
    { length: n },
    (_, i): Point => [r * Math.cos((2 * Math.PI * i) / n), r * Math.sin((2 * Math.PI * i) / n)],
  );

function star(points: number, outer: number, inner: number): Polygons {
  return [
    [
      Array.from({ length: 2 * points }, (_, i): Point => {
        const r = i % 2 === 0 ? outer : inner;
        const a = (Math.PI * i) / points - Math.PI / 2;
        return [r * Math.cos(a), r * Math.sin(a)];
      }),
    ],
  ];
}

/** Two arcs from stalk to tip. */
function leaf(length: number, width: number): Polygons {
  const n = 24;
  const side = (sign: number): Point[] =>
    Array.from(
      { length: n + 1 },
      (_, i): Point => [(length * i) / n, (sign * width * Math.sin((Math.PI * i) / n)) / 2],
    );
  return [[[...side(1), ...side(-1).reverse().slice(1, -1)]]];
}

/** Rings, stars and leaves of many sizes: half their width, mm. */
export function artItems(
  count: number,
  seed: number,
  [least, most]: readonly [number, number] = [14, 44],
): ShapeItem[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, i): ShapeItem => {
    const size = least + random() * (most - least);
    const kind = i % 3;
    const polygons: Polygons =
      kind === 0
        ? [[circle(size), [...circle(size * (0.55 + random() * 0.25))].reverse()]]
        : kind === 1
          ? star(5 + Math.floor(random() * 3), size, size * 0.45)
          : leaf(2.2 * size, (0.5 + random() * 0.5) * size);
    return { id: `a${i}`, polygons, turns: QUARTER_TURNS };
  });
}

/** A dozen odd scraps: rectangles with a corner or a bite missing, wedges, strips. */
export function oddScraps(count: number, seed: number): ShapeScrap[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, i): ShapeScrap => {
    const [w, h] = [70 + random() * 110, 45 + random() * 80];
    const [p, q] = [0.3 + random() * 0.4, 0.3 + random() * 0.4];
    const shapes: Ring[] = [
      [
        [0, 0],
        [w, 0],
        [w, h * q],
        [w * p, h * q],
        [w * p, h],
        [0, h],
      ],
      [
        [0, 0],
        [w, 0],
        [w * (1 - p / 2), h],
        [0, h * q],
      ],
      [
        [0, 0],
        [w, 0],
        [w, h],
        [w * 0.75, h],
        [w * 0.7, h * p],
        [w * 0.3, h * p],
        [w * 0.25, h],
        [0, h],
      ],
      [
        [0, h * 0.4],
        [w * 0.3, 0],
        [w * 0.9, h * 0.1],
        [w, h * 0.7],
        [w * 0.5, h],
        [w * 0.1, h * 0.9],
      ],
    ];
    return { id: `scrap-${i + 1}`, polygon: [[shapes[i % shapes.length] as Ring]] };
  });
}

const ROUND_TRIES = 4000;
const ROUND_GAP_MM = 3;
const LEAST_SCRAP_MM2 = 400;

/**
 * What is left of a sheet from which round kits of all sizes were cut as close as they would go,
 * cut apart by scissors along straight lines.
 */
export function cutOutScraps(seed: number): ShapeScrap[] {
  const random = seededRandom(seed);
  const kits: { x: number; y: number; r: number }[] = [];
  for (let i = 0; i < ROUND_TRIES; i++) {
    const r = 22 + 33 * random() * (1 - i / ROUND_TRIES);
    const [x, y] = [r + random() * (SHEET_MM - 2 * r), r + random() * (SHEET_MM - 2 * r)];
    if (kits.every((kit) => Math.hypot(kit.x - x, kit.y - y) >= kit.r + r + ROUND_GAP_MM))
      kits.push({ x, y, r });
  }
  const gone = unionRings(
    kits.map(({ x, y, r }) =>
      circle(r + ROUND_GAP_MM / 4).map(([px, py]): Point => [px + x, py + y]),
    ),
  );
  const cells = [0, 1, 2, 3].flatMap((row) =>
    [0, 1, 2].map((column) =>
      rectRing(
        (SHEET_MM / 3) * column,
        (SHEET_MM / 4) * row,
        (SHEET_MM / 3) * (column + 1),
        (SHEET_MM / 4) * (row + 1),
      ),
    ),
  );
  return cells
    .flatMap((cell) => difference([[cell]], gone))
    .filter((polygon) => polygonArea(polygon) >= LEAST_SCRAP_MM2)
    .map((polygon, i) => ({ id: `rest-${i + 1}`, polygon: [polygon] }));
}

/**
 * A square sheet cut by random straight lines into convex pieces: the perfect layout is the sheet
 * itself.
 */
export function cutUpSheet(pieces: number, seed: number): ShapeItem[] {
  const random = seededRandom(seed);
  let parts: Ring[] = [
    [
      [0, 0],
      [SHEET_MM, 0],
      [SHEET_MM, SHEET_MM],
      [0, SHEET_MM],
    ],
  ];
  while (parts.length < pieces) {
    parts.sort((a, b) => areaOf(b) - areaOf(a));
    const [largest, ...rest] = parts as [Ring, ...Ring[]];
    parts = [...rest, ...halves(largest, random)];
  }
  return parts.map((ring, i) => ({ id: `p${i}`, polygons: [[ring]], turns: [0] }));
}

const areaOf = (ring: Ring): number =>
  Math.abs(
    ring.reduce(
      (sum, [x, y], i) =>
        sum +
        x * (ring[(i + 1) % ring.length] as Point)[1] -
        y * (ring[(i + 1) % ring.length] as Point)[0],
      0,
    ),
  ) / 2;

function halves(ring: Ring, random: () => number): Ring[] {
  const total = ring.reduce(
    (sum, p, i) => sum + distance(p, ring[(i + 1) % ring.length] as Point),
    0,
  );
  for (;;) {
    const at = random() * total;
    const [a, b] = [along(ring, at), along(ring, (at + total * (0.35 + 0.3 * random())) % total)];
    const first: Point[] = [a.point];
    for (let i = a.edge; i !== b.edge; i = (i + 1) % ring.length)
      first.push(ring[(i + 1) % ring.length] as Point);
    first.push(b.point);
    const second: Point[] = [b.point];
    for (let i = b.edge; i !== a.edge; i = (i + 1) % ring.length)
      second.push(ring[(i + 1) % ring.length] as Point);
    second.push(a.point);
    const share = areaOf(first) / areaOf(ring);
    if (share > 0.25 && share < 0.75) return [first, second];
  }
}

const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

function along(ring: Ring, length: number): { edge: number; point: Point } {
  let left = length;
  for (let edge = 0; edge < ring.length; edge++) {
    const [a, b] = [ring[edge] as Point, ring[(edge + 1) % ring.length] as Point];
    const own = distance(a, b);
    if (left <= own)
      return {
        edge,
        point: [a[0] + ((b[0] - a[0]) * left) / own, a[1] + ((b[1] - a[1]) * left) / own],
      };
    left -= own;
  }
  return { edge: ring.length - 1, point: ring[0] as Point };
}

/** A square sheet cut edge to edge into rectangles. */
export function cutUpRectangles(pieces: number, seed: number): ShapeItem[] {
  const random = seededRandom(seed);
  let parts: [number, number][] = [[SHEET_MM, SHEET_MM]];
  while (parts.length < pieces) {
    parts.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
    const [[w, h], ...rest] = parts as [[number, number], ...[number, number][]];
    const at = 0.25 + 0.5 * random();
    parts = [
      ...rest,
      ...(w > h
        ? ([
            [w * at, h],
            [w * (1 - at), h],
          ] as [number, number][])
        : ([
            [w, h * at],
            [w, h * (1 - at)],
          ] as [number, number][])),
    ];
  }
  return parts.map(([w, h], i) => ({
    id: `r${i}`,
    polygons: [
      [
        [
          [0, 0],
          [w, 0],
          [w, h],
          [0, h],
        ],
      ],
    ],
    turns: [0, 90],
  }));
}
