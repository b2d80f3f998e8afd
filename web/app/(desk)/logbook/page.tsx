import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { Metadata } from "next";
import Link from "next/link";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { studioLog } from "@/data/log.ts";
import { LOG_WORDS } from "@/stations/look-back/log-words.ts";
import { showDate, timeIn, todayIn } from "@/ui/dates.ts";

export const metadata: Metadata = { title: "Logbook" };

export default async function LogbookPage() {
  const host = await requireHost();
  const rows = await withStudio(host.studioId, studioLog);
  const zone = host.studio.zone;
  return (
    <>
      <h1 className="mb-6 text-4xl">{rows.length === 0 ? "Nothing logged yet" : "What really happened"}</h1>
      <ul className="border-rule border-t">
        {rows.map((row) => (
          <li key={row.id} className="grid gap-x-6 border-rule border-b py-2 sm:grid-cols-[170px_1fr_auto]">
            <span className="text-soft">
              {showDate(todayIn(zone, row.at), "short")}, {timeIn(zone, row.at, host.studio.settings.clock)}
            </span>
            <span>
              <b>{LOG_WORDS[row.kind]}</b>
              {row.seat && ` · seat ${row.seat}`}
              {row.step && ` · ${row.step.replaceAll("-", " ")}`}
              {typeof row.body.reason === "string" && ` · ${row.body.reason}`}
              {" · "}
              <Link href={`/classes/${row.workshopId}/look-back`} className="text-soft underline">
                {row.title}
              </Link>
            </span>
            <span>{row.minutes !== null && (row.minutes < 1 ? `${Math.round(row.minutes * 60)} s` : showMinutes(row.minutes))}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
