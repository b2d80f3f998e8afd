/**
 * From the recipe and the seats' fields to one design per seat, at scale 1, baselines level over
 * the whole set.
 */
import { difference, unionPolygons } from "../geometry/boolean.ts";
import {
  type Box,
  boxOf,
  boxWidth,
  EMPTY_BOX,
  isEmptyBox,
  joinBoxes,
  type Point,
  type Polygons,
} from "../geometry/polygon.ts";
import { Bounded } from "../memory/bounded.ts";
import {
  type Cell,
  cellBox,
  composeRow,
  type FontLookup,
  type LineInfo,
  lettersOf,
  movedCell,
  type SeatFields,
  scaledCell,
  withInk,
} from "./compose-row.ts";
import { Ink } from "./ink.ts";
import { LetteringMemory } from "./lettering-memory.ts";
import type { Design, ShapeItem } from "./recipe.ts";
import { shapeAround } from "./shapes.ts";
import { besideLines, isStanding, standBelow, withRules } from "./standing.ts";

export interface ComposedLine extends LineInfo {
  readonly ink: Ink;
}

export interface ComposedPart {
  readonly item: string;
  readonly vinyl: string;
  readonly ink: Ink;
  /** Name of the picture, where seats may have others. */
  readonly picture?: string;
}

/**
 * The same object for the same seat as long as nothing of it changed: what is made of it later can
 * be kept with it.
 */
export interface ComposedSeat {
  readonly seat: string;
  readonly lines: readonly ComposedLine[];
  /** Art and shapes. */
  readonly art: readonly ComposedPart[];
}

/** @throws PlanFault when the design names a font that was not handed in. */
export function composeSet(
  design: Design,
  seats: readonly SeatFields[],
  fonts: FontLookup,
  toleranceEm: number,
  memory = new LetteringMemory(),
): ComposedSeat[] {
  const wide = seats.map((seat) => composeRow(design, seat, { fonts, toleranceEm, memory }));
  const rows = withRules(design, narrowedRows(design, wide));
  const below = design.items.map((item) =>
    isStanding(item) ? standBelow(design, item, fonts) : 0,
  );
  const offsets = offsetsOf(design, seats, rows, below);
  const stacked = rows.map((row, index) =>
    besideLines(
      design,
      row.map((cell, i) => movedCell(cell, alignShift(design, row, i), offsets[index]?.[i] ?? 0)),
    ),
  );
  const framed = withSurrounds(design, stacked).map((row) => cutUnder(design, row));
  return framed.map((row, index) => {
    const seat = seats[index]?.seat ?? "";
    return memory.seats.take(seatKey(seat, row), () => composed(seat, row));
  });
}

/** All that a seat's design consists of, and where each of it lies. */
const seatKey = (seat: string, row: readonly Cell[]): string =>
  JSON.stringify([
    seat,
    row.map(({ key, line, parts }) => [
      key,
      line?.narrowed,
      parts.map(({ vinyl, ink }) => [vinyl, ink.key]),
    ]),
  ]);

function composed(seat: string, row: readonly Cell[]): ComposedSeat {
  return {
    seat,
    lines: row.flatMap((cell) => {
      const ink = cell.parts[0]?.ink;
      return cell.line && ink ? [{ ...cell.line, glyphs: lettersOf(cell), ink }] : [];
    }),
    art: row.flatMap((cell) =>
      cell.line
        ? []
        : cell.parts
            .filter(({ ink }) => !ink.isEmpty)
            .map((part) => ({ item: cell.item, ...part })),
    ),
  };
}

/**
 * A line that may narrow is at most as wide as the widest other line of the set: measured over all
 * seats,
 * because against its own seat a long word under "Jo" would shrink to nothing.
 */
function narrowedRows(design: Design, rows: readonly (readonly Cell[])[]): Cell[][] {
  const keeps = design.items.map((item) => item.kind === "text" && !item.mayNarrow);
  const limit = Math.max(
    0,
    ...rows.flatMap((row) => row.filter((_, i) => keeps[i]).map(cellWidth)),
  );
  return rows.map((row) =>
    row.map((cell, i) => {
      const item = design.items[i];
      const width = cellWidth(cell);
      if (item?.kind !== "text" || !item.mayNarrow || !cell.line || limit === 0 || width <= limit)
        return cell;
      const small = scaledCell(cell, limit / width);
      return { ...small, line: small.line && { ...small.line, narrowed: true } };
    }),
  );
}

const cellWidth = (cell: Cell): number => boxWidth(cellBox(cell));

/** Aligned to a side, an item goes to where the seat's widest item ends. */
function alignShift(design: Design, row: readonly Cell[], index: number): number {
  const item = design.items[index];
  if (!item || item.kind === "gap" || item.align === "centre") return 0;
  const free = (Math.max(0, ...row.map(cellWidth)) - cellWidth(row[index] as Cell)) / 2;
  return item.align === "left" ? -free : free;
}

/**
 * A seat with a size or a line break of its own is stacked by itself: it must not push everybody's
 * lines apart.
 */
function offsetsOf(
  design: Design,
  seats: readonly SeatFields[],
  rows: readonly (readonly Cell[])[],
  below: readonly number[],
): number[][] {
  const alone = seats.map(({ own }) =>
    Object.values(own ?? {}).some(
      ({ size, breakAfter, breakAt }) =>
        size !== undefined || breakAfter !== undefined || breakAt !== undefined,
    ),
  );
  const common = stackOffsets(
    design,
    rows.filter((_, i) => !alone[i]),
    below,
  );
  return rows.map((row, i) => (alone[i] ? stackOffsets(design, [row], below) : common));
}

/**
 * y of every item's baseline: each row is as tall as the tallest ink of any seat, so that
 * descenders never run into the next line and all baselines lie level across the set.
 */
function stackOffsets(
  design: Design,
  rows: readonly (readonly Cell[])[],
  below: readonly number[],
): number[] {
  const inkOf = (i: number): Box =>
    rows.reduce<Box>((all, row) => (row[i] ? joinBoxes([all, cellBox(row[i])]) : all), EMPTY_BOX);
  let y = 0;
  const own = design.items.map((item, i) => {
    if (item.kind === "gap") {
      y += item.size;
      return y;
    }
    if (item.on) return null;
    // What stands on the line needs its room in the row.
    const on = design.items.flatMap((other, k) =>
      isStanding(other) && other.on.item === item.id ? [lowered(inkOf(k), below[k] ?? 0)] : [],
    );
    const ink = joinBoxes([inkOf(i), ...on]);
    if (isEmptyBox(ink)) return y;
    const baseline = y - Math.min(ink.minY, 0);
    y = baseline + Math.max(ink.maxY, 0);
    return baseline;
  });
  return own.map((at, i) => {
    const item = design.items[i] as Design["items"][number];
    return (
      at ??
      (isStanding(item)
        ? (own[design.items.findIndex(({ id }) => id === item.on.item)] ?? 0) + (below[i] ?? 0)
        : 0)
    );
  });
}

const lowered = (box: Box, by: number): Box =>
  isEmptyBox(box) ? box : { ...box, minY: box.minY + by, maxY: box.maxY + by };

/**
 * Rings and frames round everything are the same for all seats: round the widest. Seats with
 * nothing in them get none.
 */
function withSurrounds(design: Design, rows: readonly (readonly Cell[])[]): Cell[][] {
  const surrounds = design.items.flatMap((item) =>
    item.kind === "shape" && item.around !== undefined ? [item] : [],
  );
  if (surrounds.length === 0) return rows.map((row) => [...row]);
  let box = joinBoxes(rows.flatMap((row) => row.map(cellBox)));
  if (isEmptyBox(box)) return rows.map((row) => [...row]);
  // Equal gaps left and right, whatever the widest name does.
  const half = Math.max(-box.minX, box.maxX);
  box = { ...box, minX: -half, maxX: half };
  const drawn = new Map(
    surrounds.map((item: ShapeItem) => [
      item.id,
      { vinyl: item.vinyl, ink: surroundInk(item, box) },
    ]),
  );
  return rows.map((row) => {
    const lettered = row.some((cell) => cell.line && cell.parts.some(({ ink }) => !ink.isEmpty));
    return row.map((cell) => {
      const part = drawn.get(cell.item);
      return part && lettered ? withInk(cell, part.vinyl, part.ink) : cell;
    });
  });
}

const MOST_SURROUNDS = 40;
const surrounds = new Bounded<Ink>(MOST_SURROUNDS);
/**
 * The same outline while the widest name is the same: what is made of the seats is then the same,
 * too.
 */
const surroundInk = (item: ShapeItem, box: Box): Ink =>
  surrounds.take(JSON.stringify([item, box]), () => new Ink(shapeAround(item, box)));

const MOST_CUT = 4000;
const cut = new Bounded<Ink>(MOST_CUT);

/**
 * Where the host wants it, what lies under the item after an overlapping gap is cut out beneath it.
 */
function cutUnder(design: Design, row: readonly Cell[]): Cell[] {
  const next = [...row];
  design.items.forEach((item, i) => {
    if (item.kind !== "gap" || item.size >= 0 || item.overlap !== "cutOut") return;
    const [below, above] = [next[i - 1], next[i + 1]];
    if (!below || !above) return;
    const parts = below.parts.map((part) => {
      const over = above.parts.filter(({ vinyl }) => vinyl !== part.vinyl).map(({ ink }) => ink);
      if (over.length === 0) return part;
      const key = [part.ink, ...over].map((ink) => ink.key).join(" ");
      const left = () =>
        difference(
          part.ink.polygons,
          over.flatMap(({ polygons }) => polygons),
        );
      return { ...part, ink: cut.take(key, () => new Ink(left())) };
    });
    next[i - 1] = { ...below, parts };
  });
  return next;
}

/** Drawn, of one film. */
export interface DrawnPart {
  readonly vinyl: string;
  readonly polygons: Polygons;
}

/** Pieces per vinyl: items of one vinyl that touch or overlap are united. */
export function layersOf(parts: readonly DrawnPart[]): Map<string, Polygons> {
  const layers = new Map<string, Polygons[]>();
  for (const part of parts)
    layers.set(part.vinyl, [...(layers.get(part.vinyl) ?? []), part.polygons]);
  return new Map(
    [...layers].map(([vinyl, own]) => [
      vinyl,
      mayTouch(own) ? unionPolygons(own.flat()) : own.flat(),
    ]),
  );
}

/** Uniting costs far more than looking: parts whose boxes lie apart are left as they are. */
function mayTouch(parts: readonly Polygons[]): boolean {
  const boxes = parts.map(boxOf);
  return boxes.some((a, i) =>
    boxes.some(
      (b, j) =>
        j > i && a.minX <= b.maxX && b.minX <= a.maxX && a.minY <= b.maxY && b.minY <= a.maxY,
    ),
  );
}

const inksOf = ({ lines, art }: ComposedSeat): Ink[] => [...lines, ...art].map(({ ink }) => ink);
export const designOf = (seat: ComposedSeat): Polygons =>
  inksOf(seat).flatMap(({ polygons }) => polygons);
export const designBox = (seat: ComposedSeat): Box => joinBoxes(inksOf(seat).map(({ box }) => box));
/** Corners among which those of its hull are. */
export const designCorners = (seat: ComposedSeat): Point[] =>
  inksOf(seat).flatMap(({ hull }) => hull);
