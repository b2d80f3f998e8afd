/**
 * The kinds of instance by which the layout is judged: names in three faces, mixed art with holes,
 * odd scraps with holes, sheets cut up into rectangles and into pieces that are not convex. Goals
 * are ratios, so that they hold for any seed.
 */
import { difference, unionPolygons, unionRings } from "@elm-basket/core/geometry/boolean.ts";
import { simplified } from "@elm-basket/core/geometry/path.ts";
import {
  mapPoints,
  type Point,
  type Polygons,
  polygonArea,
  polygonsArea,
  type Ring,
} from "@elm-basket/core/geometry/polygon.ts";
import { seededRandom } from "@elm-basket/core/geometry/random.ts";
import type { ShapeItem, ShapeScrap } from "@elm-basket/core/nesting/problem.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import { madeUpNames } from "../core/src/testing/documents.ts";
import { artItems, circle, cutUpSheet, oddScraps } from "./instances.ts";

const FACES = ["pacifico", "lobster", "yellowtail"];
const HALF_TURNS = [0, 180];
const QUARTER_TURNS = [0, 90, 180, 270];
const NAME_EM_MM = 20;
const FLATNESS_EM = 0.002;
/** Corners of one name. */
const MOST_CORNERS = 90;
const COARSER = 1.3;
const fonts = diskFonts();

function written(text: string, face: string, em: number): Polygons {
  const font = fonts(face);
  if (!font) throw new Error(`there is no font ${face}`);
  const polygons = unionRings(
    font
      .shape(text)
      .flatMap((glyph) =>
        font
          .rings(glyph.glyph, FLATNESS_EM)
          .map((ring): Ring => ring.map(([x, y]) => [(x + glyph.x) * em, y * em])),
      ),
  );
  const corners = (among: Polygons) => among.flat().reduce((n, ring) => n + ring.length, 0);
  let plain = polygons;
  for (let by = FLATNESS_EM * em; corners(plain) > MOST_CORNERS; by *= COARSER)
    plain = unionPolygons(
      polygons.map((polygon) =>
        polygon.map((ring) => simplified(ring, by)).filter((ring) => ring.length > 2),
      ),
    );
  return plain;
}

export const facesNames = (count: number, seed: number): ShapeItem[] =>
  madeUpNames(count, seededRandom(seed)).map((name, i) => ({
    id: `n${i}`,
    polygons: written(name, FACES[i % FACES.length] as string, NAME_EM_MM),
    turns: HALF_TURNS,
  }));

/** Names, stars, leaves, rings, bands that are open on one side, and numerals. */
export function mixedArt(count: number, seed: number): ShapeItem[] {
  const random = seededRandom(seed);
  const drawn = artItems(count, seed);
  const names = facesNames(count, seed);
  return Array.from({ length: count }, (_, i): ShapeItem => {
    const kind = i % 6;
    if (kind === 0) return { ...(names[i] as ShapeItem), turns: QUARTER_TURNS };
    if (kind === 1)
      return { id: `b${i}`, polygons: band(18 + 26 * random()), turns: QUARTER_TURNS };
    if (kind === 2) {
      const numeral = `${Math.floor(10 * random())}`;
      return { id: `d${i}`, polygons: written(numeral, "baloo-2", 60), turns: QUARTER_TURNS };
    }
    return drawn[i] as ShapeItem;
  });
}

/** Half a ring. */
function band(size: number): Polygons {
  const half = (r: number) => circle(r).filter((_, i) => i <= 20);
  return [[[...half(size), ...half(0.75 * size).reverse()]]];
}

/** Odd scraps, each with one or two round holes. */
export function holedScraps(count: number, seed: number): ShapeScrap[] {
  const random = seededRandom(seed);
  return oddScraps(count, seed).map(({ id, polygon }) => {
    const box = polygon
      .flat(2)
      .reduce((m, [x, y]) => [Math.max(m[0], x), Math.max(m[1], y)], [0, 0]);
    const holes = Array.from({ length: 1 + Math.floor(2 * random()) }, (): Ring => {
      const [x, y, r] = [
        random() * (box[0] as number),
        random() * (box[1] as number),
        6 + 12 * random(),
      ];
      return circle(r).map(([px, py]): Point => [px + x, py + y]);
    });
    const left = difference(polygon, unionRings(holes));
    const largest = [...left].sort((a, b) => polygonArea(b) - polygonArea(a))[0];
    return { id, polygon: largest ? [largest] : polygon };
  });
}

/** A sheet cut by slanted cuts, and neighbours joined again two by two: most are not convex. */
export function cutUpOddly(pieces: number, seed: number): ShapeItem[] {
  const random = seededRandom(seed);
  let parts = cutUpSheet(Math.round(1.6 * pieces), seed).map(({ polygons }) => polygons);
  const corners = parts.flat(2).flat();
  while (parts.length > pieces) {
    parts.sort((a, b) => polygonsArea(a) - polygonsArea(b));
    const [first, ...rest] = parts as [Polygons, ...Polygons[]];
    const joined = rest.flatMap((other, k) => {
      const both = unionPolygons([...first, ...other]);
      return both.length === 1 && both[0]?.length === 1 ? [{ k, both }] : [];
    });
    const one = joined[Math.floor(random() * joined.length)];
    parts = one ? [...rest.filter((_, k) => k !== one.k), one.both] : rest;
  }
  return parts.map((polygons, i) => ({
    id: `p${i}`,
    polygons: mapPoints(polygons, (point) => nearest(corners, point)),
    turns: QUARTER_TURNS,
  }));
}

/** Joining rounds: the corners as they were cut are put back. */
const nearest = (points: readonly Point[], [x, y]: Point): Point =>
  points.reduce((best, p) =>
    Math.hypot(p[0] - x, p[1] - y) < Math.hypot(best[0] - x, best[1] - y) ? p : best,
  );
