/** Painted shapes, from bottom to top, as one layer a colour. */
import { difference, unionPolygons } from "../geometry/boolean.ts";
import { boxOf, type Polygons, polygonsArea } from "../geometry/polygon.ts";

export interface PaintedShape {
  readonly colour: string;
  readonly polygons: Polygons;
}

export interface ColourLayer {
  readonly colour: string;
  readonly polygons: Polygons;
  readonly area: number;
}

/** Slivers left where two colours were meant to meet exactly, mm²: nothing one could weed. */
const SLIVER_MM2 = 1e-3;

/**
 * Layers in the order the colours first appear, lowest first. Unless they are to lie on each other,
 * upper shapes are
 * cut out of lower ones of another colour.
 */
export function stacked(shapes: readonly PaintedShape[], stack: boolean): ColourLayer[] {
  const seen = new Map<string, Polygons[]>();
  for (const { colour } of shapes) if (!seen.has(colour)) seen.set(colour, []);
  if (stack || seen.size === 1)
    for (const { colour, polygons } of shapes) seen.get(colour)?.push(polygons);
  else
    shapes.forEach(({ colour, polygons }, i) => {
      const above = shapes
        .slice(i + 1)
        .filter((other) => other.colour !== colour && overlap(other.polygons, polygons));
      seen
        .get(colour)
        ?.push(
          above.length === 0
            ? polygons
            : difference(polygons, unionPolygons(above.flatMap((other) => other.polygons))),
        );
    });
  return [...seen].flatMap(([colour, parts]) => {
    const polygons = unionPolygons(parts.flat()).filter(
      (polygon) => polygonsArea([polygon]) > SLIVER_MM2,
    );
    return polygons.length === 0 ? [] : [{ colour, polygons, area: polygonsArea(polygons) }];
  });
}

function overlap(a: Polygons, b: Polygons): boolean {
  const [p, q] = [boxOf(a), boxOf(b)];
  return p.minX <= q.maxX && q.minX <= p.maxX && p.minY <= q.maxY && q.minY <= p.maxY;
}
