import { goodsCsv } from "@elm-basket/core/stock/goods-csv.ts";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";

export async function GET(): Promise<Response> {
  const host = await requireHost();
  const rows = await withStudio(host.studioId, listGoods);
  const goods = rows.map(({ kind, name, unit, film, offers, reorderAt, onHand }) => ({
    good: {
      kind,
      name,
      unit,
      offers,
      ...(film ? { film } : {}),
      ...(reorderAt === null ? {} : { reorderAt }),
    },
    here: onHand,
  }));
  return new Response(goodsCsv(goods, host.studio.settings.prices.currency), {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="goods.csv"',
      "cache-control": "no-store",
    },
  });
}
