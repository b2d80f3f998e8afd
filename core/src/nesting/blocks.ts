/** Items held side by side in one rigid block, and where each lies once the block is laid. */
import { boxHeight, boxOf, boxWidth, moved } from "../geometry/polygon.ts";
import type { ShapeItem, ShapePlacement } from "./problem.ts";
import { cosSin } from "./raster.ts";
import { skyline } from "./strategies/skyline.ts";

export interface Member {
  readonly id: string;
  /** Where the member lies when the block is turned about its origin and moved. */
  placed(block: Pick<ShapePlacement, "x" | "y" | "turn">): Omit<ShapePlacement, "bin">;
}

export interface Block {
  readonly item: ShapeItem;
  readonly members: readonly Member[];
}

/** What lies side by side in the block: one rigid item standing for one or several. */
interface Part {
  readonly item: ShapeItem;
  readonly members: readonly string[];
}

/**
 * Parts beside and below each other so that their common box is small; a single part keeps its own
 * coordinates.
 */
export function blockOf(parts: readonly Part[], clearance: number): Block {
  const [only] = parts;
  if (only && parts.length === 1)
    return {
      item: only.item,
      members: only.members.map((id) => ({ id, placed: ({ x, y, turn }) => ({ id, x, y, turn }) })),
    };
  const boxes = parts.map(({ item }) => boxOf(item.polygons));
  const sizes = boxes.map((box) => ({
    width: boxWidth(box) + clearance,
    height: boxHeight(box) + clearance,
    mayTurn: false,
  }));
  const order = sizes
    .map((_, i) => i)
    .sort(
      (a, b) =>
        (sizes[b] as { height: number }).height - (sizes[a] as { height: number }).height || a - b,
    );
  const widest = Math.max(...sizes.map(({ width }) => width));
  const total = sizes.reduce((sum, { width }) => sum + width, 0);
  const tried = Array.from(
    { length: WIDTHS },
    (_, i) => widest + ((total - widest) * i) / (WIDTHS - 1),
  ).map((width) => {
    const fill = skyline(sizes, order, width + 1e-6, Number.POSITIVE_INFINITY);
    const wide = Math.max(
      ...fill.spots.map(({ index, x }) => x + (sizes[index] as { width: number }).width),
    );
    return { fill, area: wide * fill.length };
  });
  const { fill } = tried.reduce((best, one) => (one.area < best.area - 1e-9 ? one : best));
  const offsets = new Map(
    fill.spots.map(({ index, x, y }) => [
      index,
      [
        x - (boxes[index] as { minX: number }).minX,
        y - (boxes[index] as { minY: number }).minY,
      ] as const,
    ]),
  );
  const turns = parts[0]?.item.turns.filter((turn) =>
    parts.every(({ item }) => item.turns.includes(turn)),
  ) ?? [0];
  const at = (i: number) => offsets.get(i) ?? ([0, 0] as const);
  return {
    item: {
      id: `block ${parts[0]?.item.id ?? ""}`,
      polygons: parts.flatMap(({ item }, i) => moved(item.polygons, ...at(i))),
      turns: turns.length > 0 ? turns : [0],
    },
    members: parts.flatMap(({ members }, i) =>
      members.map((id): Member => ({ id, placed: (block) => turnedWith(id, at(i), block) })),
    ),
  };
}

function turnedWith(
  id: string,
  [ox, oy]: readonly [number, number],
  { x, y, turn }: Pick<ShapePlacement, "x" | "y" | "turn">,
): Omit<ShapePlacement, "bin"> {
  const [c, s] = cosSin(turn);
  return { id, x: c * ox - s * oy + x, y: s * ox + c * oy + y, turn };
}

/** Widths tried for a block, from its widest part to all in a row. */
const WIDTHS = 12;
