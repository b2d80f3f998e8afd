import { daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { showTime } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import { notFound } from "next/navigation";
import { type ReactNode, Suspense } from "react";
import { isHost, type Member, requireMember } from "@/account/session.ts";
import { classesLayoutWords } from "@/app/words.ts";
import { classHead } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { lastEdit, lastUndone } from "@/data/edits.ts";
import { framedTitle } from "@/planning/class-title.ts";
import { isId } from "@/planning/planned-class.ts";
import { Guide } from "@/stations/frame/guide/guide.tsx";
import { loadClass } from "@/stations/frame/load.ts";
import { Rail } from "@/stations/frame/rail.tsx";
import { type Readiness, readiness } from "@/stations/frame/readiness.ts";
import { type StationKey, stationsInOrder } from "@/stations/frame/stations.ts";
import { Undo } from "@/stations/frame/undo.tsx";
import { showDate, showDaysAway, todayIn } from "@/ui/dates.ts";

/** The way through a class stays where it is, also while no plan can be made of it. */
const nothingPlanned = () => everywhere({ state: "stop", line: classesLayoutWords().noPlan });
const onlyRecords = () => everywhere({ state: "waits", line: classesLayoutWords().namesErased });
const BEING_PLANNED = everywhere({ state: "waits", line: "…" });

function everywhere(readiness: Readiness): Record<StationKey, Readiness> {
  return Object.fromEntries(stationsInOrder().map(({ key }) => [key, readiness])) as Record<
    StationKey,
    Readiness
  >;
}

export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }) =>
  framedTitle((await params).id);

export default async function ClassFrame({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const say = classesLayoutWords();
  const { id } = await params;
  const member = await requireMember();
  const host = isHost(member);
  if (!isId(id)) notFound();
  // Its head is there at once; what stands under it may have to be planned first.
  const { head, edit, undone } = await withStudio(member.studioId, async (sql) => ({
    head: await classHead(sql, id),
    edit: await lastEdit(sql, id),
    undone: await lastUndone(sql, id),
  }));
  if (!head) notFound();
  const facts = [
    `${showDate(head.date)}, ${showTime(head.time, member.studio.settings.clock)}`,
    head.setting.place || say.aRoomCraftAlong(head.setting.kind),
    head.seats === 1 ? say.oneSeat : say.seats(head.seats),
    showDaysAway(daysBetween(todayIn(head.zone), head.date)),
  ];
  return (
    <div className="mx-auto min-h-screen max-w-[1440px] px-4 pt-4 pb-10 sm:px-7">
      <header className="mb-4">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <p className="text-soft text-sm">
            <Link href="/" className="font-bold text-elm-dark no-print hover:underline">
              {say.tonight}
            </Link>
            <span className="no-print"> · </span>
            {facts.join(" · ")}
          </p>
          {host && (
            <span className="no-print">
              <Undo classId={id} label={edit?.label ?? null} redo={undone?.label ?? null} />
            </span>
          )}
        </div>
        <h1 className="mt-0.5 mb-4 text-[28px] [overflow-wrap:anywhere]">{head.title}</h1>
        <Suspense fallback={<Rail classId={id} stations={BEING_PLANNED} keys={openTo(member)} />}>
          <PlannedRail id={id} keys={openTo(member)} />
        </Suspense>
      </header>
      <Suspense fallback={null}>
        <BesidePlan id={id} host={host} />
      </Suspense>
      <main>{children}</main>
    </div>
  );
}

/** The stations that somebody may go to. */
const openTo = (member: Member): readonly StationKey[] =>
  stationsInOrder()
    .map(({ key }) => key)
    .filter((key) => isHost(member) || HELPERS.includes(key));
const HELPERS: readonly StationKey[] = ["cut", "weed", "pack"];

async function PlannedRail({ id, keys }: { id: string; keys: readonly StationKey[] }) {
  const loaded = await loadClass(id);
  if (!loaded.ok)
    return (
      <Rail
        classId={id}
        stations={loaded.stored.namesErasedAt ? onlyRecords() : nothingPlanned()}
        keys={keys}
      />
    );
  const { planned, kits, sheets, host, run } = loaded.data;
  return (
    <Rail
      classId={id}
      keys={keys}
      stations={readiness({
        plan: planned.plan,
        kits,
        sheets,
        unit: host.studio.unit,
        ended: !!run?.endedAt,
        host: isHost(host),
      })}
    />
  );
}

/** What goes with the class at every station: its guide, or why it cannot be planned. */
async function BesidePlan({ id, host }: { id: string; host: boolean }) {
  const say = classesLayoutWords();
  const loaded = await loadClass(id);
  if (loaded.ok) return host ? <Guide id={id} data={loaded.data} /> : null;
  const { namesErasedAt } = loaded.stored;
  if (!host)
    return (
      <p role="alert" className="mb-6 border-brick border-l-4 bg-brick-tint p-4">
        {namesErasedAt ? say.theNamesOfThisClass : say.noPlanCanBeMade}
      </p>
    );
  if (namesErasedAt)
    return (
      <p className="mb-6 border-rule-strong border-l-4 bg-paper p-4">
        {say.theNamesOfThisClass2(
          showDate(todayIn(loaded.stored.document.when.zone, namesErasedAt)),
        )}{" "}
        <Link className="verb" href={`/classes/${id}/look-back`}>
          {say.lookBack}
        </Link>
        {say.withNewNamesPut}{" "}
        <Link className="verb" href={`/classes/${id}/plan`}>
          {say.plan}
        </Link>
        {say.itIsPlannedAgain}
      </p>
    );
  return (
    <p role="alert" className="mb-6 border-brick border-l-4 bg-brick-tint p-4">
      {say.noPlanCanBeMade2(loaded.message)}{" "}
      <Link className="verb" href={`/classes/${id}/plan`}>
        {say.plan}
      </Link>
      {say.itsBlanks}{" "}
      <Link className="verb" href={`/classes/${id}/measure`}>
        {say.measure}
      </Link>
      {say.itsDesign}{" "}
      <Link className="verb" href={`/classes/${id}/letter`}>
        {say.letter}
      </Link>
      .
    </p>
  );
}
