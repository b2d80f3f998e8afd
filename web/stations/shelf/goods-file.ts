/** What is on the shelf, as the file that the shelf reads back. */
import { goodsCsv } from "@elm-basket/core/stock/goods-csv.ts";
import type { GoodRow } from "@/data/goods.ts";

export const goodsFile = (rows: readonly GoodRow[], currency: string): string =>
  goodsCsv(
    rows.map(({ kind, name, unit, film, offers, reorderAt, onHand }) => ({
      good: {
        kind,
        name,
        unit,
        offers,
        ...(film ? { film } : {}),
        ...(reorderAt === null ? {} : { reorderAt }),
      },
      here: onHand,
    })),
    currency,
  );
