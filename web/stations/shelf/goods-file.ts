/** What is on the shelf, as the file that the shelf reads back. */
import { goodsCsv } from "@elm-basket/core/stock/goods-csv.ts";
import { goodOf } from "@elm-basket/core/stock/stored-good.ts";
import type { GoodRow } from "@/data/goods.ts";

export const goodsFile = (rows: readonly GoodRow[], currency: string): string =>
  goodsCsv(
    rows.map((row) => ({ good: goodOf(row), here: row.onHand })),
    currency,
  );
