import { csvText } from "@elm-basket/core/roster/roster.ts";
import { moneyText } from "@elm-basket/core/supplies/money.ts";
import { requireHost } from "@/account/session.ts";
import { shelfShoppingCsvWords } from "@/app/words.ts";
import { download } from "@/requests/download.ts";
import { loadShopping } from "@/stations/shelf/shopping/load-shopping.ts";
import { priceOf } from "@/stations/shelf/shopping/shopping-list.ts";

/** The list of the page, with `for` of one class alone. */
export async function GET(request: Request): Promise<Response> {
  const say = shelfShoppingCsvWords();
  const host = await requireHost();
  const { currency } = host.studio.settings.prices;
  const { lines } = await loadShopping(
    host,
    new URL(request.url).searchParams.get("for") ?? undefined,
  );
  const rows = lines.map((line) => {
    const price = priceOf(line);
    return [
      line.shop,
      line.name,
      line.unit,
      line.lacking,
      line.packs,
      line.size,
      price === null ? say.notKnown : moneyText(price, currency),
      line.orderBy ?? "",
      line.for.join("; "),
    ];
  });
  const text = csvText([
    ["shop", "item", "unit", "lacking", "packs", say.inAPack, "price", say.orderBy, "for"],
    ...rows,
  ]);
  return download(text, "text/csv; charset=utf-8", "shopping-list.csv");
}
