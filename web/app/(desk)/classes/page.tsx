import { daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { type Clock, showTime } from "@elm-basket/core/units/time.ts";
import type { Metadata } from "next";
import Link from "next/link";
import { requireHost } from "@/account/session.ts";
import { type ClassListRow, listClasses } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { ImportClass } from "@/stations/plan/import-class.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { showDate, showDaysAway, todayIn } from "@/ui/dates.ts";

export const metadata: Metadata = { title: "Classes" };

export default async function ClassesPage() {
  const host = await requireHost();
  const rows = await withStudio(host.studioId, listClasses);
  const today = todayIn(host.studio.zone);
  const { clock } = host.studio.settings;
  const coming = rows.filter((row) => row.class_date >= today);
  const past = rows.filter((row) => row.class_date < today).reverse();
  return (
    <>
      <div className="mb-6 flex flex-wrap items-end justify-between gap-4">
        <h1 className="text-4xl">{coming.length === 0 ? "No class ahead" : `${coming.length} ${coming.length === 1 ? "class" : "classes"} ahead`}</h1>
        <div className="flex flex-wrap gap-3">
          <ImportClass />
          <LinkButton href="/classes/new" tone="main">
            Make a class
          </LinkButton>
        </div>
      </div>
      <ClassRows rows={coming} today={today} clock={clock} />
      {past.length > 0 && (
        <>
          <h2 className="mt-10 mb-2 text-xl">Taught</h2>
          <ClassRows rows={past} today={today} clock={clock} />
        </>
      )}
    </>
  );
}

function ClassRows({ rows, today, clock }: { rows: readonly ClassListRow[]; today: string; clock: Clock }) {
  return (
    <ul className="border-rule border-t">
      {rows.map((row) => (
        <li key={row.id} className="grid gap-x-6 border-rule border-b py-3 sm:grid-cols-[180px_1fr_auto]">
          <span className="text-soft">
            {showDate(row.class_date, "short")}, {showTime(row.class_time, clock)}
          </span>
          <Link href={`/classes/${row.id}/plan`} className="font-bold text-lg [overflow-wrap:anywhere] hover:underline">
            {row.title}
          </Link>
          <span className="text-soft">
            {row.seats} seats · {row.setting.kind === "room" ? row.setting.place || "a room" : "craft-along"} · {showDaysAway(daysBetween(today, row.class_date))}
          </span>
        </li>
      ))}
    </ul>
  );
}
