import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { listGoods } from "@/data/goods.ts";
import { download } from "@/requests/download.ts";
import { goodsFile } from "@/stations/shelf/goods-file.ts";

export async function GET(): Promise<Response> {
  const host = await requireHost();
  const rows = await withStudio(host.studioId, listGoods);
  const body = goodsFile(rows, host.studio.settings.prices.currency);
  return download(body, "text/csv; charset=utf-8", "goods.csv");
}
