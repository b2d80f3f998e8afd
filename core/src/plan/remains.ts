/**
 * What a load leaves of its film that is worth keeping: the rest of a sheet, and of every scrap
 * that lay on the mat.
 */
import { difference } from "../geometry/boolean.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  mapPoints,
  type Polygon,
  rectRing,
} from "../geometry/polygon.ts";
import { inscribedBox } from "../nesting/inscribed.ts";
import type { PlanSheet } from "../stages/sheets.ts";
import type { Vinyl } from "../weeding/vinyl.ts";

/** Less than this on a side is waste. */
export const WORTH_KEEPING_MM = 40;
/** The waste round kits is cut off so far from their boxes, mm. */
const CUT_OFF_MM = 3;
/** A box holds no outline of more corners. */
const MOST_CORNERS = 200;

/**
 * Outlines whose own box starts at 0, 0, the largest first; of a roll everything stays on the roll.
 */
export function remains(
  sheet: Pick<PlanSheet, "stock" | "height" | "width" | "mirrored" | "kits" | "scraps">,
  { stock }: Pick<Vinyl, "stock">,
): Polygon[] {
  if (sheet.stock === "roll") return [];
  if (sheet.stock === "sheet") {
    // A sheet is trimmed straight below its load, then beside it.
    const [beside, below] = [stock.width - sheet.width, stock.height - sheet.height].map(
      (mm) => Math.round(mm * 10) / 10,
    ) as [number, number];
    return [
      { width: stock.width, height: below },
      { width: beside, height: sheet.height },
    ].flatMap(({ width, height }): Polygon[] =>
      Math.min(width, height) < WORTH_KEEPING_MM ? [] : [[rectRing(0, 0, width, height)]],
    );
  }
  const used = sheet.kits.map(
    ({ box: { x, y, width, height } }): Polygon => [
      rectRing(x - CUT_OFF_MM, y - CUT_OFF_MM, x + width + CUT_OFF_MM, y + height + CUT_OFF_MM),
    ],
  );
  return sheet.scraps
    .flatMap(({ outline }) => difference(outline, used))
    .filter(
      (polygon) => isWorthKeeping(polygon) && polygon.every((ring) => ring.length <= MOST_CORNERS),
    )
    .map((polygon) =>
      atOrigin(
        sheet.mirrored
          ? (mapPoints([polygon], ([x, y]) => [sheet.width - x, y])[0] as Polygon)
          : polygon,
      ),
    )
    .sort((a, b) => boxArea(b) - boxArea(a));
}

/** A rectangle of that size on both sides can still be cut out of it. */
export function isWorthKeeping(polygon: Polygon): boolean {
  const box = inscribedBox([polygon]);
  return box !== null && Math.min(boxWidth(box), boxHeight(box)) >= WORTH_KEEPING_MM;
}

function atOrigin(polygon: Polygon): Polygon {
  const { minX, minY } = boxOf([polygon]);
  return mapPoints([polygon], ([x, y]) => [
    Math.round((x - minX) * 10) / 10,
    Math.round((y - minY) * 10) / 10,
  ])[0] as Polygon;
}

const boxArea = (polygon: Polygon): number =>
  boxWidth(boxOf([polygon])) * boxHeight(boxOf([polygon]));
