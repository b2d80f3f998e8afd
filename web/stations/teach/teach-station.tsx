import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { timedSteps } from "@elm-basket/core/plan/tables.ts";
import { concernedSchools } from "@elm-basket/core/proposal/concerned.ts";
import { listsOf } from "@elm-basket/core/proposal/merge.ts";
import type { PlacingAdvice } from "@elm-basket/core/proposal/placing.ts";
import { schoolsOf } from "@elm-basket/core/proposal/situation.ts";
import { SECOND_SHARE } from "@elm-basket/core/scheduling/pace.ts";
import type { Begins } from "@elm-basket/core/scheduling/run-sheet.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showMinutes, showTime } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import { withStudio } from "@/data/client.ts";
import { studioPace } from "@/data/pace.ts";
import { codeFor } from "@/live/link-code.ts";
import { proposedFor } from "@/planning/proposal.ts";
import { SHORT_LENGTH } from "@/room/passes.ts";
import { readState } from "@/room/state.ts";
import { FindingsOfPlan } from "@/stations/frame/findings-of-plan.tsx";
import { loadPlanned, type StationData } from "@/stations/frame/load.ts";
import { stationOf } from "@/stations/frame/readiness.ts";
import { FileButton, LinkButton } from "@/ui/button.tsx";
import { learnedWords } from "@/ui/craft/learned.ts";
import { placingWords } from "@/ui/craft/placing.ts";
import { showDate } from "@/ui/dates.ts";
import { QrPicture } from "@/ui/qr-picture.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { RenewLink } from "@/ui/renew-link.tsx";
import { RoomNow } from "@/ui/room-now.tsx";
import { sayFault } from "@/ui/room-words-en.ts";
import { Sideways } from "@/ui/sideways.tsx";
import { phonesAddress, reachOf } from "@/ui/site-address.ts";
import { PrintButton } from "./print-button.tsx";
import { PrintFiles } from "./print-files.tsx";
import { RunLanes } from "./run-lanes.tsx";
import { StepsBench } from "./steps-bench.tsx";
import { WaysPanel } from "./ways-panel.tsx";
import { teachStationWords } from "./words.ts";

export async function TeachStation({
  id,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const say = teachStationWords();
  const data = await loadPlanned(id);
  if (!data) return null;
  const { planned, host, run } = data;
  const { clock } = host.studio.settings;
  const sheet = runSheetOf(planned.document);
  const rows = timedSteps({ document: planned.document, runSheet: sheet });
  const steps = new Map(planned.document.steps.map((step) => [step.id, step]));
  const pace = await withStudio(host.studioId, studioPace);
  const { proposal, open } = await proposedFor(host, planned.document, planned.plan.facts);
  const anew = runSheetOf({
    ...planned.document,
    steps: listsOf(proposal).steps as unknown as typeof planned.document.steps,
    tools: withNeeded(planned.document.tools, proposal.tools),
  });
  const titles = new Map(
    planned.document.steps.map((step) => [step.id, titleOfStep(step, planned.document.things)]),
  );
  const { things } = planned.document;
  const end = rows.reduce(
    (latest, row) => (row.endInstant > latest.endInstant ? row : latest),
    rows[0] ?? { end: planned.document.when.time, endInstant: 0 },
  );
  const over = sheet.endMinute - planned.document.when.minutes;
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_320px] print:block">
      <section className="min-w-0">
        <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
          <h2 className="text-2xl">
            {showTime(rows[0]?.start ?? planned.document.when.time, clock)} {say.to}{" "}
            {showTime(end.end, clock)}
            {over > 0 ? say.tooLong(showMinutes(over)) : say.toSpare(showMinutes(-over))}
          </h2>
          <div className="no-print flex flex-wrap gap-2">
            <LinkButton tone="main" href={`/live/${id}`}>
              {run && !run.endedAt ? say.backToTheLiveView : say.goLive}
            </LinkButton>
            <LinkButton href={`/classes/${id}/rehearse`}>{say.rehearse}</LinkButton>
            <PrintButton />
            <FileButton href={`/classes/${id}/files/run-sheet.ics`} download>
              {say.calendar}
            </FileButton>
            <FileButton href={`/classes/${id}/files/run-sheet.csv`} download>
              {say.csv}
            </FileButton>
          </div>
        </div>
        <p className="hidden print:block">
          {planned.document.title} · {showDate(planned.document.when.date)}
        </p>
        <Sideways label={say.theClassInTime}>
          <RunLanes document={planned.document} sheet={sheet} />
        </Sideways>
        <p className="no-print mt-1 text-soft text-sm">
          {say.filledNothingMayMake}
          {say.countedBackFromTheEnd(planned.document.fromEnd)}
        </p>
        <StepsBench
          classId={id}
          document={planned.document}
          version={planned.versions.class}
          end={end.end}
          times={rows.map((row, i) => ({
            id: row.id,
            start: showTime(row.start, clock),
            minutes: row.minutes,
            waves: row.waves,
            dries: sheet.steps[i]?.drying ?? [],
            begins: beginsWords(sheet.steps[i]?.begins, titles),
            gap:
              i > 0
                ? Math.max(
                    0,
                    (sheet.steps[i]?.startMinute ?? 0) -
                      ((sheet.steps[i - 1]?.startMinute ?? 0) + (sheet.steps[i - 1]?.minutes ?? 0)),
                  )
                : 0,
          }))}
          because={Object.fromEntries(
            proposal.steps.map(({ id: step, because }) => [step, because]),
          )}
          open={open}
          anew={{ steps: proposal.steps.length, minutes: anew.endMinute }}
        />
      </section>
      <aside className="no-print">
        <FigureRow
          name={teachStationWords().theClassTakes}
          reckoning={{
            title: showMinutes(sheet.endMinute),
            lines: [
              {
                what: say.allStepsOneAfterAnother,
                value: showMinutes(sheet.steps.reduce((sum, step) => sum + step.minutes, 0)),
              },
              { what: say.cannotBeShorter, value: showMinutes(sheet.bound) },
              {
                what: say.aPractisedHandAlone,
                value: showMinutes(
                  proposal.steps.reduce((sum, { practisedMinutes }) => sum + practisedMinutes, 0),
                ),
              },
              { what: say.plannedLength, value: showMinutes(planned.document.when.minutes) },
              ...sheet.steps
                .filter(({ waves }) => waves > 1)
                .map((step) => ({
                  what: say.turns(steps.get(step.id)?.title),
                  value: String(step.waves),
                })),
            ],
            rule: teachStationWords().oneStepAtATime,
            school: say.longestRemainingChainFirstImproved,
            rests: say.minutesDryingWhatYouTyped(
              learnedWords().restsOn(planned.document.figures, "steps"),
              learnedWords().restsOn(planned.document.figures, "drying"),
            ),
          }}
        >
          {showMinutes(sheet.endMinute)}
        </FigureRow>
        {things.length > 1 && (
          <FigureRow
            name={teachStationWords().aSecondLikeThing}
            reckoning={{
              title: say.ofTheFirst(Math.round(100 * pace.share)),
              lines: [
                { what: say.firstGuess, value: `${Math.round(100 * SECOND_SHARE)} %` },
                { what: say.pairsOfSteps, value: String(pace.learned) },
              ],
              rule: say.beginnersDoTheSame,
            }}
          >
            {Math.round(100 * pace.share)} %
          </FigureRow>
        )}
        <WaysPanel
          classId={id}
          handsOver={planned.document.handsOver ?? "weeded"}
          practised={planned.document.practised ?? false}
          fromEnd={planned.document.fromEnd ?? false}
          helpers={planned.document.setting.helpers ?? 0}
          schools={schoolsOf(planned.document, host.studio.settings.schools)}
          concerned={concernedSchools(planned.document)}
          follows={planned.document.proposed !== undefined}
        />
        <PrintFiles
          classId={id}
          usual={host.studio.unit === "mm" || host.studio.unit === "cm" ? "a4" : "letter"}
        />
        <PlacingFigures
          placing={planned.plan.placing ?? []}
          things={things}
          unit={host.studio.unit}
        />
        <PlacingOrder rows={proposal.placing} things={things} />
        <FindingsOfPlan
          classId={id}
          plan={planned.plan}
          of={({ code }) => stationOf(code) === "teach"}
          unit={host.studio.unit}
          quiet={say.itEndsInTime}
        />
        <FollowLink classId={id} studioId={host.studioId} />
      </aside>
    </div>
  );
}

type Row = StationData["planned"]["plan"]["placing"][number];

/**
 * What a hand measures before it lays the design down; of names of different lengths from the least
 * to the most.
 */
function PlacingFigures({
  placing,
  things,
  unit,
}: {
  placing: readonly Row[];
  things: StationData["planned"]["document"]["things"];
  unit: LengthUnit;
}) {
  if (placing.length === 0) return null;
  return (
    <section className="mt-5">
      <h2 className="mb-1 text-lg">{teachStationWords().whereItLies}</h2>
      <ul>
        {things.map(({ id, title }) => {
          const rows = placing.filter(({ thing }) => thing === undefined || thing === id);
          if (rows.length === 0) return null;
          return (
            <li key={id} className="border-rule border-b py-1.5">
              {things.length > 1 && <b>{title}: </b>}
              {placingWords().sayPlacing(rows, unit)}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

async function FollowLink({ classId, studioId }: { classId: string; studioId: string }) {
  const w = teachStationWords();
  const code = await codeFor(studioId, classId, "follow");
  const address = await phonesAddress();
  const url = `${address}/f/${code}`;
  const room = readState();
  return (
    <section className="mt-7">
      <h2 className="mb-2 text-lg">{w.forParticipantsPhones}</h2>
      <QrPicture text={url} label={w.qrCodeOfTheLink} />
      <a href={url} className="verb [overflow-wrap:anywhere]" data-follow-link>
        {url.replace(/^https?:\/\//u, "")}
      </a>
      {room?.address ? (
        <p className="mt-2" data-room>
          {w.toTypeInTheRoom}{" "}
          <b className="text-lg">
            {address.replace("http://", "")}/{code.slice(0, SHORT_LENGTH)}
          </b>
          <br />
          <span className="text-soft text-sm">
            <RoomNow initial={room} />{" "}
            <Link href="/room" className="verb">
              {w.aPhoneCannotReach}
            </Link>
          </span>
        </p>
      ) : (
        reachOf(address) === "alone" && (
          <p className="mt-2 bg-ochre-tint px-3 py-2" data-room>
            {room ? sayFault(room) : w.onlyThisComputerCanOpen}{" "}
            <Link href="/room" className="verb">
              {w.letThePhones}
            </Link>
          </p>
        )
      )}
      <p className="my-2 text-soft text-sm">{w.showsTheStepTheTime}</p>
      <RenewLink classId={classId} />
    </section>
  );
}

/** How it is laid: in which order, held by what, begun where, with the reason. */
function PlacingOrder({
  rows,
  things,
}: {
  rows: readonly (PlacingAdvice & { readonly thing: string })[];
  things: StationData["planned"]["document"]["things"];
}) {
  return (
    <section className="mt-5">
      <h2 className="mb-1 text-lg">{teachStationWords().howItIsLaid}</h2>
      {things.map(({ id, title }) => {
        const own = rows.filter(({ thing }) => thing === id);
        return (
          own.length > 0 && (
            <div key={id}>
              {things.length > 1 && <h3 className="mt-2 font-bold">{title}</h3>}
              <ul>
                {own.map(({ text, because }) => (
                  <li key={text} className="border-rule border-b py-1.5">
                    {text} <span className="text-soft text-sm">{because}</span>
                  </li>
                ))}
              </ul>
            </div>
          )
        );
      })}
    </section>
  );
}

type Tools = StationData["planned"]["document"]["tools"];
/** The room's own tools, and those that are proposed beside them. */
const withNeeded = (own: Tools, proposed: Tools | readonly Tools[number][]): Tools => [
  ...own,
  ...proposed.filter(({ id }) => !own.some((tool) => tool.id === id)),
];

function beginsWords(begins: Begins | undefined, titles: ReadonlyMap<string, string>): string {
  const say = teachStationWords();
  if (!begins || begins.why === "first") return "";
  const step = titles.get(begins.step) ?? begins.step;
  if (begins.why === "late") return say.noLaterBecauseFollows(step);
  if (begins.why === "lateToDry") return say.noLaterBecauseItDries(begins.wait, step);
  if (begins.why === "dries") return say.beginsWhenHasDriedMin(step, begins.wait);
  // One after the other is what one expects: it is not said of every step.
  return say.beginsWhenIsDoneNobody(begins.why, step);
}

/** Dark modules of the code as one path in the ink's colour. */
