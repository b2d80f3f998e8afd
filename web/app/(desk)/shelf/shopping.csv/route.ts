import { csvText } from "@elm-basket/core/roster/roster.ts";
import { moneyText } from "@elm-basket/core/supplies/price.ts";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import { wantedGoods } from "@/data/promises.ts";
import { shelfGoods, shoppingList } from "@/stations/shelf/shelf-view.ts";
import { todayIn } from "@/ui/dates.ts";

export async function GET(): Promise<Response> {
  const host = await requireHost();
  const { currency } = host.studio.settings.prices;
  const goods = await withStudio(host.studioId, async (sql) => shelfGoods(await listGoods(sql), await wantedGoods(sql, todayIn(host.studio.zone))));
  const rows = shoppingList(goods).map((line) => [line.shop, line.name, line.unit, line.lacking, line.packs, line.size, line.price === null ? "not known" : moneyText(line.price, currency), line.for]);
  const text = csvText([["shop", "item", "unit", "lacking", "packs", "in a pack", "price", "for"], ...rows]);
  return new Response(text, { headers: { "content-type": "text/csv; charset=utf-8", "content-disposition": 'attachment; filename="shopping-list.csv"', "cache-control": "no-store" } });
}
