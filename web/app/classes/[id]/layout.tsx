import { daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { showTime } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import type { ReactNode } from "react";
import { withStudio } from "@/data/client.ts";
import { lastEdit, lastUndone } from "@/data/edits.ts";
import { framedTitle } from "@/planning/class-title.ts";
import { Guide } from "@/stations/frame/guide/guide.tsx";
import { loadStation } from "@/stations/frame/load.ts";
import { Rail } from "@/stations/frame/rail.tsx";
import { type Readiness, readiness } from "@/stations/frame/readiness.ts";
import { STATIONS, type StationKey } from "@/stations/frame/stations.ts";
import { Undo } from "@/stations/frame/undo.tsx";
import { showDate, showDaysAway, todayIn } from "@/ui/dates.ts";

/** The way through a class stays where it is, also while no plan can be made of it. */
const NOTHING_PLANNED = Object.fromEntries(STATIONS.map(({ key }) => [key, { state: "stop", line: "no plan" }])) as Record<StationKey, Readiness>;

export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }) => framedTitle((await params).id);

export default async function ClassFrame({ params, children }: { params: Promise<{ id: string }>; children: ReactNode }) {
  const { id } = await params;
  const loaded = await loadStation(id);
  const host = loaded.ok ? loaded.data.host : loaded.host;
  const document = loaded.ok ? loaded.data.planned.document : loaded.stored.document;
  const [edit, undone] = await withStudio(host.studioId, async (sql) => [await lastEdit(sql, id), await lastUndone(sql, id)] as const);
  const away = daysBetween(todayIn(document.when.zone), document.when.date);
  const facts = [
    `${showDate(document.when.date)}, ${showTime(document.when.time, host.studio.settings.clock)}`,
    document.setting.place || (document.setting.kind === "room" ? "a room" : "craft-along"),
    `${document.seats.length} seats`,
    showDaysAway(away),
  ];
  return (
    <div className="mx-auto min-h-screen max-w-[1440px] px-4 pt-4 pb-10 sm:px-7">
      <header className="mb-4">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <p className="text-soft text-sm">
            <Link href="/" className="font-bold text-elm-dark no-print hover:underline">
              Tonight
            </Link>
            <span className="no-print"> · </span>
            {facts.join(" · ")}
          </p>
          <span className="no-print">
            <Undo classId={id} label={edit?.label ?? null} redo={undone?.label ?? null} />
          </span>
        </div>
        <h1 className="mt-0.5 mb-4 text-[28px] [overflow-wrap:anywhere]">{document.title}</h1>
        <Rail
          classId={id}
          stations={
            loaded.ok ? readiness({ plan: loaded.data.planned.plan, kits: loaded.data.kits, sheets: loaded.data.sheets, unit: host.studio.unit, ended: !!loaded.data.run?.endedAt }) : NOTHING_PLANNED
          }
        />
      </header>
      {loaded.ok && <Guide id={id} data={loaded.data} />}
      {!loaded.ok && (
        <p role="alert" className="mb-6 border-brick border-l-4 bg-brick-tint p-4">
          No plan can be made of this class: {loaded.message}. Change the blank at{" "}
          <Link className="verb" href={`/classes/${id}/measure`}>
            Measure
          </Link>{" "}
          or the design at{" "}
          <Link className="verb" href={`/classes/${id}/letter`}>
            Letter
          </Link>
          .
        </p>
      )}
      <main>{children}</main>
    </div>
  );
}
