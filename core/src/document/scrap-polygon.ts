/** A scrap as an outline to lay kits on. */
import { boxOf, type Polygon, type Ring } from "../geometry/polygon.ts";

/** As a polygon whose own box starts at 0, 0: outer ring, then holes. */
export function scrapPolygon({
  outline,
  holes,
}: {
  readonly outline: Ring;
  readonly holes: readonly Ring[];
}): Polygon {
  const box = boxOf([[outline]]);
  return [outline, ...holes].map((ring) =>
    ring.map(([x, y]): [number, number] => [x - box.minX, y - box.minY]),
  );
}
