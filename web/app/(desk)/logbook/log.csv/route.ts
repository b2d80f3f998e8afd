import { csvText } from "@elm-basket/core/roster/roster.ts";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { studioLog } from "@/data/log.ts";
import { LOG_WORDS } from "@/stations/frame/log-words.ts";
import { searchOf } from "@/stations/logbook/log-search.ts";
import { sayOf } from "@/stations/logbook/log-text.ts";

/** More rows than a spreadsheet is pleasant with; the newest are kept. */
const MOST_ROWS = 20_000;

/** The log as it is searched, for a spreadsheet; times in UTC. */
export async function GET(request: Request): Promise<Response> {
  const host = await requireHost();
  const search = searchOf(Object.fromEntries(new URL(request.url).searchParams));
  const rows = await withStudio(host.studioId, (sql) => studioLog(sql, search, MOST_ROWS));
  const body = csvText([
    ["at", "class", "what", "seat", "step", "film", "minutes", "words"],
    ...rows.map((row) => [
      row.at.toISOString(),
      row.title,
      LOG_WORDS[row.kind],
      row.seat ?? "",
      row.step ?? "",
      row.film ?? "",
      row.minutes === null ? "" : Math.round(row.minutes * 100) / 100,
      sayOf(row),
    ]),
  ]);
  return new Response(body, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="log.csv"',
      "cache-control": "no-store",
    },
  });
}
