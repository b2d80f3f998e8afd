import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { studioLog } from "@/data/log.ts";
import { download } from "@/requests/download.ts";
import { logFile, MOST_ROWS } from "@/stations/logbook/log-file.ts";
import { searchOf } from "@/stations/logbook/log-search.ts";

/** The log as it is searched. */
export async function GET(request: Request): Promise<Response> {
  const host = await requireHost();
  const search = searchOf(Object.fromEntries(new URL(request.url).searchParams));
  const rows = await withStudio(host.studioId, (sql) => studioLog(sql, search, MOST_ROWS));
  return download(logFile(rows), "text/csv; charset=utf-8", "log.csv");
}
