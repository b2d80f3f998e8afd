/**
 * Parts of a design that stand on another line: rules on which letters are written, pictures and
 * words beside it.
 */
import { type Box, boxWidth, EMPTY_BOX, isEmptyBox, joinBoxes } from "../geometry/polygon.ts";
import { Bounded } from "../memory/bounded.ts";
import { type Cell, cellBox, type FontLookup, movedCell, withInk } from "./compose-row.ts";
import { Ink } from "./ink.ts";
import type { Design, RecipeItem, ShapeItem, TextItem } from "./recipe.ts";
import { shapePolygons } from "./shapes.ts";

type Standing = Exclude<RecipeItem, { kind: "gap" }> & { readonly on: NonNullable<TextItem["on"]> };

export const isStanding = (item: RecipeItem): item is Standing =>
  item.kind !== "gap" && item.on !== undefined;

/** Writing lines reach this share beyond the widest word on either side. */
const REACH = 0.06;

function lineOf(design: Design, { on }: Standing): { index: number; item: TextItem } | null {
  const index = design.items.findIndex(({ id }) => id === on.item);
  const item = design.items[index];
  return item?.kind === "text" ? { index, item } : null;
}

/**
 * Rules without a width of their own are as wide as the widest word of the set that stands on them,
 * the same for all.
 */
export function withRules(design: Design, rows: readonly (readonly Cell[])[]): Cell[][] {
  const widths = design.items.map((item) => {
    const line =
      isStanding(item) && item.kind === "shape" && item.form === "line" && item.width === undefined
        ? lineOf(design, item)
        : null;
    return line
      ? Math.max(0, ...rows.map((row) => inkWidth(row[line.index]))) * (1 + 2 * REACH)
      : null;
  });
  return rows.map((row) =>
    row.map((cell, i) => {
      const [item, width] = [design.items[i], widths[i]];
      if (item?.kind !== "shape" || width === null || width === undefined) return cell;
      // Where nothing is written there are no lines to write on.
      const line = isStanding(item) ? lineOf(design, item) : null;
      const written = line !== null && inkWidth(row[line.index]) > 0;
      return withInk(cell, item.vinyl, written && width > 0 ? ruleInk({ ...item, width }) : null);
    }),
  );
}

const MOST_RULES = 40;
const rules = new Bounded<Ink>(MOST_RULES);
/** The same outline for all seats, and as long as the widest word is the same. */
const ruleInk = (item: ShapeItem): Ink =>
  rules.take(JSON.stringify(item), () => new Ink(shapePolygons(item)));

const inkOf = (cell: Cell | undefined): Box => (cell ? cellBox(cell) : EMPTY_BOX);
function inkWidth(cell: Cell | undefined): number {
  const ink = inkOf(cell);
  return isEmptyBox(ink) ? 0 : boxWidth(ink);
}

/**
 * How far below the baseline of its line it comes to stand, at scale 1. A rule touches the letters:
 * under their feet, over their heads, through the middle of the small ones' height.
 */
export function standBelow(design: Design, item: Standing, fonts: FontLookup): number {
  const line = lineOf(design, item);
  if (!line) return 0;
  const above = heightAt(line.item, item.on.at, fonts);
  if (item.kind !== "shape" || item.form !== "line") return -above;
  if (item.on.at === "baseline") return item.size;
  return item.on.at === "xHeight" ? item.size / 2 - above : -above;
}

function heightAt(
  { font, size, by }: TextItem,
  at: Standing["on"]["at"],
  fonts: FontLookup,
): number {
  if (at === "baseline") return 0;
  const face = fonts(font);
  if (!face || by === at) return size;
  return at === "xHeight"
    ? (size * face.xHeight) / face.capHeight
    : (size * face.capHeight) / face.xHeight;
}

/**
 * What stands left or right of its line is moved there; the row is then in the middle as a whole.
 */
export function besideLines(design: Design, row: readonly Cell[]): Cell[] {
  if (!design.items.some((item) => isStanding(item) && item.on.side !== "over")) return [...row];
  const next = [...row];
  design.items.forEach((item, i) => {
    const line = isStanding(item) && item.on.side !== "over" ? lineOf(design, item) : null;
    const [cell, ref] = [next[i], line ? inkOf(next[line.index]) : null];
    if (!cell || !ref || !isStanding(item) || isEmptyBox(ref) || isEmptyBox(inkOf(cell))) return;
    const own = inkOf(cell);
    next[i] = movedCell(
      cell,
      item.on.side === "left"
        ? ref.minX - item.on.gap - own.maxX
        : ref.maxX + item.on.gap - own.minX,
      0,
    );
  });
  const all = joinBoxes(next.map(cellBox));
  return isEmptyBox(all)
    ? next
    : next.map((cell) => movedCell(cell, -(all.minX + all.maxX) / 2, 0));
}
