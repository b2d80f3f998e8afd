/**
 * Boxes with a side in common joined to larger ones, again and again: what was cut from one sheet by
 * straight cuts comes together so. The few that are left are laid like any boxes.
 */
import { SAME_MM } from "../../geometry/tolerance.ts";
import {
  type BoxFill,
  type BoxSearch,
  type BoxSpot,
  lookCost,
  type SkylineBox,
  searchBoxes,
} from "./skyline.ts";

/** Several boxes side by side that are laid as one. */
interface Block extends SkylineBox {
  readonly of: readonly BoxSpot[];
}

/** Orders in which the blocks of one joining are laid. */
const ORDERS = 40;
/** Looking for two to join, after each join again: each two boxes are as dear as so many spans. */
const JOIN_COST = 40;
/** More boxes have a side in common by chance, and each joining takes long. */
const MOST_BOXES = 150;
/** Of the sides that some have in common, so many have it by chance: not joined along this time. */
const DOUBTED = 0.1;
/** Joinings that come to nothing new before it is left at that. */
const MOST_IDLE = 200;

/** Share of the work for joining. */
const JOINING_SHARE = 0.3;

interface JoiningSearch extends BoxSearch {
  /** See `giveOf`. */
  readonly give: number;
}

/** The better of boxes as they are and of boxes joined, as far as the work goes. */
export function layBoxes(
  boxes: readonly SkylineBox[],
  width: number,
  height: number,
  search: JoiningSearch,
): { readonly fill: BoxFill; readonly work: number } {
  const all = boxes.map((_, i) => i);
  const { work, better } = search;
  const { fill: joined, work: spent } = searchJoined(boxes, all, width, height, {
    ...search,
    work: work * JOINING_SHARE,
  });
  // All are in, and none of the film before the end is left over.
  if (joined?.spots.length === boxes.length && joined.area >= width * joined.length * (1 - 1e-9))
    return { fill: joined, work: spent };
  const plain = searchBoxes(boxes, all, width, height, { ...search, work: work - spent });
  return { fill: joined && better(joined, plain) ? joined : plain, work };
}

/** The best that joined boxes come to; null where none have a side in common. */
export function searchJoined(
  boxes: readonly SkylineBox[],
  among: readonly number[],
  width: number,
  height: number,
  { work, random, better, give }: JoiningSearch,
): { readonly fill: BoxFill | null; readonly work: number } {
  let best: BoxFill | null = null;
  let spent = 0;
  const same = Math.max(10 * SAME_MM, give);
  const joining = JOIN_COST * among.length ** 2;
  if (among.length > MOST_BOXES) return { fill: null, work: 0 };
  for (let idle = 0; spent + joining < work && idle < MOST_IDLE; idle++) {
    // All are believed at first.
    const doubted = idle === 0 ? 0 : DOUBTED;
    const blocks = joined(boxes, among, { width, height, same, doubted, random });
    spent += joining;
    if (blocks.length === among.length) break;
    const order = blocks.map((_, i) => i);
    const each = ORDERS * lookCost(blocks.length);
    const fill = searchBoxes(blocks, order, width, height, { work: each, random, better });
    spent += each;
    const apart = takenApart(fill, blocks);
    if (!best || better(apart, best)) [best, idle] = [apart, 0];
    if (best.spots.length === among.length && blocks.length === 1) break;
  }
  return { fill: best, work: spent };
}

interface Joining {
  readonly width: number;
  readonly height: number;
  /** Sides that differ by less are equal, mm. */
  readonly same: number;
  /** Share of such sides that are passed over. */
  readonly doubted: number;
  readonly random: () => number;
}

/** Joined as long as two have a side in common, and what they come to fits. */
function joined(
  boxes: readonly SkylineBox[],
  among: readonly number[],
  { width, height, same, doubted, random }: Joining,
): Block[] {
  const fits = ({ width: w, height: h, mayTurn }: SkylineBox) =>
    (w <= width + same && h <= height + same) ||
    (mayTurn && h <= width + same && w <= height + same);
  let blocks = among.map((index): Block => {
    const box = boxes[index] as SkylineBox;
    return { ...box, of: [{ index, x: 0, y: 0, turned: false }] };
  });
  const believed = new Map<number, boolean>();
  const isBelieved = (side: number) => {
    const key = Math.round(side / same);
    const said = believed.get(key) ?? random() >= doubted;
    believed.set(key, said);
    return said;
  };
  for (let left = true; left; ) {
    left = false;
    // What only two have in common they have because they were one; of others it is a guess.
    for (const [a, b] of pairsOf(blocks, { same, random, isBelieved })) {
      const one = together(a, b, same).find(fits);
      if (!one) continue;
      blocks = [...blocks.filter((block) => block !== a && block !== b), one];
      left = true;
      break;
    }
  }
  return blocks.map((block) => squeezed(block, { width, height, same }));
}

/** Rounded sides add up to a little more than they were cut from: that is taken from all places. */
function squeezed(
  block: Block,
  { width, height, same }: Pick<Joining, "width" | "height" | "same">,
): Block {
  const within = (length: number) =>
    [width, height].find((side) => length > side && length <= side + same) ?? length;
  const [w, h] = [within(block.width), within(block.height)];
  if (w === block.width && h === block.height) return block;
  const of = block.of.map((spot) => ({
    ...spot,
    x: (spot.x * w) / block.width,
    y: (spot.y * h) / block.height,
  }));
  return { ...block, width: w, height: h, of };
}

/** Two with a side in common, from the sides that fewest share. */
function pairsOf(
  blocks: readonly Block[],
  {
    same,
    random,
    isBelieved,
  }: Pick<Joining, "same" | "random"> & { isBelieved: (side: number) => boolean },
): [Block, Block][] {
  const all = blocks
    .flatMap((block) => [block.width, block.height].map((side) => ({ block, side })))
    .filter(({ side }) => isBelieved(side))
    .sort((a, b) => a.side - b.side);
  const sides: Set<Block>[] = [];
  all.forEach(({ block, side }, i) => {
    const last = all[i - 1];
    if (last && side - last.side < same) sides[sides.length - 1]?.add(block);
    else sides.push(new Set([block]));
  });
  return sides
    .filter(({ size }) => size > 1)
    .map((holders) => ({ holders: [...holders], by: holders.size + random() }))
    .sort((a, b) => a.by - b.by)
    .flatMap(({ holders }): [Block, Block][] => {
      const first = Math.floor(random() * holders.length);
      return holders.flatMap((other, i): [Block, Block][] =>
        i === first ? [] : [[holders[first] as Block, other]],
      );
    });
}

/** The ways in which two lie side by side along the whole of a side. */
function together(a: Block, b: Block, same: number): Block[] {
  const waysOf = (block: Block) => (block.mayTurn ? [block, turned(block)] : [block]);
  return waysOf(a).flatMap((one) =>
    waysOf(b).flatMap((other): Block[] =>
      Math.abs(one.width - other.width) < same
        ? [
            {
              width: Math.max(one.width, other.width),
              height: one.height + other.height,
              mayTurn: one.mayTurn && other.mayTurn,
              of: [...one.of, ...other.of.map((spot) => ({ ...spot, y: spot.y + one.height }))],
            },
          ]
        : Math.abs(one.height - other.height) < same
          ? [
              {
                width: one.width + other.width,
                height: Math.max(one.height, other.height),
                mayTurn: one.mayTurn && other.mayTurn,
                of: [...one.of, ...other.of.map((spot) => ({ ...spot, x: spot.x + one.width }))],
              },
            ]
          : [],
    ),
  );
}

/** Rows for columns; each of its boxes is turned by a quarter. */
const turned = ({ width, height, mayTurn, of }: Block): Block => ({
  width: height,
  height: width,
  mayTurn,
  of: of.map(({ index, x, y, turned: was }) => ({ index, x: y, y: x, turned: !was })),
});

function takenApart({ spots, area, length }: BoxFill, blocks: readonly Block[]): BoxFill {
  return {
    spots: spots.flatMap((spot) => {
      const block = blocks[spot.index] as Block;
      const { of } = spot.turned ? turned(block) : block;
      return of.map((one) => ({ ...one, x: one.x + spot.x, y: one.y + spot.y }));
    }),
    area,
    length,
  };
}
