/** Items held side by side in one rigid block, and where each lies once the block is laid. */
import { boxHeight, boxOf, boxWidth, moved } from "../geometry/polygon.ts";
import type { ShapeItem, ShapePlacement } from "./problem.ts";
import { skyline } from "./strategies/skyline.ts";
import { cosSin } from "./turned.ts";

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
 * coordinates. Only for parts that share a turn.
 * @param id of the block, no other's: items may be called anything
 */
export function blockOf(id: string, parts: readonly Part[], clearance: number): Block {
  const [only] = parts;
  if (only && parts.length === 1)
    return {
      item: { ...only.item, id },
      members: only.members.map((own) => ({
        id: own,
        placed: ({ x, y, turn }) => ({ id: own, x, y, turn }),
      })),
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
  const at = (i: number) => offsets.get(i) ?? ([0, 0] as const);
  return {
    item: {
      id,
      polygons: parts.flatMap(({ item }, i) => moved(item.polygons, ...at(i))),
      turns: sharedTurns(parts.map(({ item }) => item)),
    },
    members: parts.flatMap(({ members }, i) =>
      members.map((own): Member => ({ id: own, placed: (block) => turnedWith(own, at(i), block) })),
    ),
  };
}

/** Turns that all of them allow; what allows none of its own may lie as it is. */
export function sharedTurns(items: readonly Pick<ShapeItem, "turns">[]): number[] {
  const [first, ...others] = items.map(({ turns }) => (turns.length > 0 ? turns : [0]));
  return (first ?? [0]).filter((turn) => others.every((turns) => turns.includes(turn)));
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
