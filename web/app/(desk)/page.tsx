import { isSpare } from "@elm-basket/core/document/kit-ref.ts";
import { type Clock, showMinutes, showTime } from "@elm-basket/core/units/time.ts";
import type { Metadata } from "next";
import Link from "next/link";
import { freeOn } from "@/account/free-evenings.ts";
import { isHost, requireMember } from "@/account/session.ts";
import { recoveryOf } from "@/data/accounts.ts";
import { calendarLink } from "@/data/calendar-links.ts";
import { withStudio } from "@/data/client.ts";
import { RefreshWhenPlanned } from "@/stations/frame/planning/refresh-when-planned.tsx";
import { SampleClass } from "@/stations/plan/sample-class.tsx";
import { CalendarLink } from "@/stations/tonight/calendar-link.tsx";
import { EveningsAhead } from "@/stations/tonight/evenings-ahead.tsx";
import { FirstVisit } from "@/stations/tonight/first-visit.tsx";
import { HelperTonight } from "@/stations/tonight/helper-tonight.tsx";
import { loadTonight, type TonightView } from "@/stations/tonight/load-tonight.ts";
import type { TaskKind, TonightTask } from "@/stations/tonight/task.ts";
import { TickTasks } from "@/stations/tonight/tick-tasks.tsx";
import { Basket, strandsDone } from "@/ui/basket.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { showDate, todayIn } from "@/ui/dates.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { Reckoned } from "@/ui/reckoned.tsx";
import { siteAddress } from "@/ui/site-address.ts";
import { STRANDS } from "@/ui/weave.tsx";
import { basketWords } from "@/ui/words.ts";
import { tonightWords } from "../words.ts";

export const generateMetadata = (): Metadata => ({ title: tonightWords().tonight });

const BAR: Record<TaskKind, string> = {
  order: "bg-ink",
  blanks: "bg-ochre",
  print: "bg-rule-strong",
  cut: "bg-elm",
  weed: "bg-elm-mid",
  tape: "bg-backing",
  pack: "bg-slate",
  post: "bg-faint",
};
const act = (): Record<TaskKind, string> => ({
  order: tonightWords().shoppingList,
  blanks: tonightWords().seeTheBlanks,
  print: tonightWords().toTheLabels,
  cut: tonightWords().goToTheCutter,
  weed: tonightWords().startWeeding,
  tape: tonightWords().layTape,
  pack: tonightWords().pack,
  post: tonightWords().seeTheParcels,
});

function clockAfter(start: string, minutes: number): string {
  const [h = 0, m = 0] = start.split(":").map(Number);
  const at = h * 60 + m + Math.round(minutes / 5) * 5;
  return `${String(Math.floor(at / 60) % 24).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
}

export default async function TonightPage() {
  const say = tonightWords();
  const host = await requireMember();
  const view = await loadTonight(host);
  if (!isHost(host)) return <HelperTonight view={view} />;
  const [code, recovery] = await withStudio(
    host.studioId,
    async (sql) => [await calendarLink(sql, host), await recoveryOf(sql, host.personId)] as const,
  );
  const noCodes = recovery.madeAt === null && !host.studio.is_demo;
  const { evening_start: start } = host.studio;
  const { clock } = host.studio.settings;
  const free = freeOn(host.studio, todayIn(host.studio.zone));
  const minutes = Math.round(view.plan.minutes);
  return (
    <div className="grid gap-x-12 gap-y-10 lg:grid-cols-[minmax(0,1fr)_410px]">
      <section className="min-w-0">
        <p className="text-soft">
          {say.youHave(showDate(view.today), showMinutes(free), showTime(start, clock))}
        </p>
        <h1 className="mt-1 mb-5 text-[44px] leading-[1.1]">
          {minutes === 0 ? (
            say.tonightNothingPresses
          ) : (
            <>
              {say.tonight2}{" "}
              <Reckoned
                reckoning={{
                  title: say.tonight3(showMinutes(minutes)),
                  lines: view.tasks.map((task) => ({
                    what: `${task.title}, ${task.detail}`,
                    value: say.ofSaid(showMinutes(task.minutes), showMinutes(task.allMinutes)),
                  })),
                  rule: say.workIsTaken(
                    view.plan.bindingDate ? showDate(view.plan.bindingDate) : say.theNextDeadline,
                  ),
                  school: say.earliestDueDateFirstEven,
                  rounding: say.toWholeMinutes,
                }}
              >
                {showMinutes(minutes)}
              </Reckoned>{" "}
              {minutes > free
                ? say.ofWork
                : say.ofWorkDoneByAbout(showTime(clockAfter(start, minutes), clock))}
            </>
          )}
        </h1>
        {minutes > 0 && <EveningBar tasks={view.tasks} free={free} start={start} clock={clock} />}
        <ul className="mt-4">
          {view.tasks.map((task, i) => (
            <li
              key={task.id}
              className="grid grid-cols-[64px_1fr_auto] items-center gap-5 border-rule border-b py-4"
            >
              <p className="text-right leading-none">
                <span className="block font-bold font-head text-2xl">
                  {Math.round(task.minutes)}
                </span>
                <span className="text-soft text-sm">{say.min}</span>
              </p>
              <div>
                {task.marks && task.marks.length > 0 ? (
                  <TickTasks classId={task.classId} marks={task.marks} />
                ) : (
                  <p className="font-bold text-lg leading-tight">{task.title}</p>
                )}
                <p className="text-soft text-sm">
                  {task.detail} ·{" "}
                  {task.missed ? (
                    <span className="font-bold text-ochre">
                      {say.wasDue(showDate(task.missed, "short"))}
                    </span>
                  ) : (
                    say.by(showDate(task.dueDate, "short"))
                  )}
                  {task.minutes < task.allMinutes - 0.5 &&
                    say.stayForLaterEvenings(showMinutes(task.allMinutes - task.minutes))}
                </p>
              </div>
              <LinkButton href={task.href} tone={i === 0 ? "main" : "plain"}>
                {act()[task.kind]}
              </LinkButton>
            </li>
          ))}
        </ul>
        <Wet rows={view.wet} />
        <Fullness view={view} />
        <EveningsAhead days={view.ahead} all={view.all} />
        {!view.none && <CalendarLink site={await siteAddress()} code={code} />}
        {view.classes.length === 0 && !view.none && (
          <p className="mt-4 text-lg">
            {say.noClassInTheNext}{" "}
            <Link className="verb" href="/classes/new">
              {say.makeAClass}
            </Link>
          </p>
        )}
        {view.none && <FirstVisit host={host} sample={<SampleClass />} />}
        {noCodes && (
          <p className="mt-8 max-w-2xl border-rule border-t pt-4 text-soft">
            {say.aForgottenPasswordCannot}{" "}
            <Link className="verb" href="/settings/account">
              {say.makeRecoveryCodes}
            </Link>{" "}
            {say.andKeepThemOnPaper}
          </p>
        )}
      </section>
      <Baskets view={view} clock={clock} />
    </div>
  );
}

/** What can no longer be dry in time is said the day it comes to that. */
function Wet({ rows }: { rows: TonightView["wet"] }) {
  const say = tonightWords();
  if (rows.length === 0) return null;
  return (
    <section
      className="mt-5 border-brick border-l-4 bg-brick-tint px-4 py-3"
      aria-label={say.whatCannotBeDry}
    >
      <ul>
        {rows.map(({ classId, title, task, dry, date }) => (
          <li key={classId} className="flex gap-3 py-1">
            <SeverityMark severity="stop" />
            <span>
              {say.canBeDry(title, task, showDate(dry), showDate(date))}{" "}
              <Link className="verb" href={`/classes/${classId}/plan`}>
                {say.toItsBlanks}
              </Link>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/**
 * What the evenings do not hold is said as soon as it is known, with ways out that were tried over
 * the same evenings.
 */
function Fullness({ view }: { view: TonightView }) {
  const say = tonightWords();
  const full = view.ahead.filter(({ over }) => over >= 1);
  const [first] = full;
  if (!first) return null;
  const sum = Math.round(full.reduce((all, { over }) => all + over, 0));
  return (
    <section
      className="mt-5 border-ochre border-l-4 bg-ochre-tint px-4 py-3"
      aria-label={say.whatDoesNotFit}
    >
      <p className="flex gap-3">
        <SeverityMark severity="check" />
        <span>
          {showMinutes(sum)} {say.doNotFit}{" "}
          {full.length === 1
            ? say.asks(showDate(first.date))
            : say.eveningsFromOnAsk(full.length, showDate(first.date))}{" "}
          {say.forMore} {say.itHoldsTheyHold(full.length)}.
        </span>
      </p>
      {view.waysOut.length > 0 ? (
        <ul className="mt-2">
          {view.waysOut.map(({ words, href, saves }) => (
            <li key={words} className="py-1">
              {words}:{" "}
              {Math.round(saves) >= sum
                ? say.thenAllOfItFits
                : say.moreWouldFit(showMinutes(Math.round(saves)))}
              .{" "}
              <Link href={href} className="verb">
                {say.goThere}
              </Link>
            </li>
          ))}
        </ul>
      ) : (
        <p className="mt-2">
          {say.noWayOutWasFound}{" "}
          <Link href="/settings" className="verb">
            {say.freeEvenings}
          </Link>
        </p>
      )}
    </section>
  );
}

function EveningBar({
  tasks,
  free,
  start,
  clock,
}: {
  tasks: readonly TonightTask[];
  free: number;
  start: string;
  clock: Clock;
}) {
  const all = Math.max(
    free,
    tasks.reduce((sum, task) => sum + task.minutes, 0),
  );
  return (
    <div>
      <div className="flex justify-between text-soft text-sm">
        <span>{showTime(start, clock)}</span>
        <span>{showTime(clockAfter(start, all), clock)}</span>
      </div>
      <div
        className="flex h-7 gap-0.5 border-rule-strong border-y bg-paper"
        role="img"
        aria-label={tonightWords().theEveningsWorkInOrder}
      >
        {tasks.map((task) => (
          <div
            key={task.id}
            className={BAR[task.kind]}
            style={{ width: `${(100 * task.minutes) / all}%` }}
          />
        ))}
      </div>
    </div>
  );
}

function Baskets({ view, clock }: { view: TonightView; clock: Clock }) {
  const say = tonightWords();
  return (
    <section>
      <div className="mb-3 flex items-baseline justify-between">
        <h2 className="text-xl">{say.basketsOnTheGo}</h2>
        <Link className="verb" href="/classes/new">
          {say.makeAClass}
        </Link>
      </div>
      <ul>
        {view.classes.map(({ row, kits, stops, labels, planning }) => {
          const seats = kits
            .filter(({ seat }) => !isSpare(seat))
            .map((kit) => ({
              seat: kit.seat,
              label: labels[kit.seat] ?? kit.seat,
              done: strandsDone(kit),
            }));
          const tally = STRANDS.slice(1).map((strand, i) => ({
            strand: basketWords().strands[strand],
            n: seats.filter(({ done }) => done > i + 1).length,
          }));
          return (
            <li key={row.id} className="grid grid-cols-[148px_1fr] gap-5 border-rule border-b py-4">
              <Basket seats={seats} />
              <div>
                <Link
                  href={`/classes/${row.id}/plan`}
                  className="font-bold text-lg leading-tight hover:underline"
                >
                  {row.title}
                </Link>
                <p className="text-soft text-sm">
                  {say.seats(
                    showDate(row.class_date, "short"),
                    showTime(row.class_time, clock),
                    row.seats,
                  )}
                </p>
                <p className="mt-1.5">
                  {seats.length === 0
                    ? say.noNamesYet2
                    : tally.map(({ strand, n }) => `${n} ${strand}`).join(", ")}
                </p>
                {planning && <RefreshWhenPlanned classId={row.id} before={kits.length > 0} />}
                {stops > 0 && (
                  <p className="mt-1 flex items-center gap-2 font-bold text-brick">
                    <SeverityMark severity="stop" size={13} />{" "}
                    {say.somethingStopsItThingsStop(stops)}
                  </p>
                )}
              </div>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
