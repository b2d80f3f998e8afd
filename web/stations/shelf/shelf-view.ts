/** What the shelf shows of each good, ready for the screen. */
import type { GoodRow } from "@/data/goods.ts";
import type { Wanted } from "@/data/promises.ts";

export const TABS = ["goods", "film", "scraps", "tools", "trials"] as const;
export type Tab = (typeof TABS)[number];

export interface ShelfGood extends GoodRow {
  readonly wanted: Wanted;
  /** What is here and wanted by nobody; less than nothing is lacking. */
  readonly free: number;
}

const TOOLS: readonly string[] = ["tool", "blade", "mat"];
export const tabOf = ({ kind }: Pick<GoodRow, "kind">): Tab =>
  kind === "film" ? "film" : TOOLS.includes(kind) ? "tools" : "goods";

const NOTHING: Wanted = { amount: 0, classes: [] };

export function shelfGoods(
  rows: readonly GoodRow[],
  wanted: ReadonlyMap<string, Wanted>,
): ShelfGood[] {
  return rows.map((row) => {
    const own = wanted.get(row.id) ?? NOTHING;
    return { ...row, wanted: own, free: Number((row.onHand - own.amount).toFixed(4)) };
  });
}

/**
 * What is to be bought of a good: what the classes lack, or what brings it back above where it is
 * to be bought again.
 */
export function lackingOf({ free, reorderAt }: Pick<ShelfGood, "free" | "reorderAt">): number {
  if (free < 0) return -free;
  return reorderAt !== null && free < reorderAt ? reorderAt - free : 0;
}
