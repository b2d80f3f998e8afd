import { addMonths } from "@elm-basket/core/calendar/dates.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { type RunLog, runLog, standing } from "@elm-basket/core/look-back/run-log.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { cutUse, goodsUsed } from "@/data/class-use.ts";
import { withStudio } from "@/data/client.ts";
import { type LogRow, listLog } from "@/data/log.ts";
import { modelViews } from "@/planning/seen.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { Learned } from "@/stations/frame/learned/learned.tsx";
import { loadRecorded, type StationData } from "@/stations/frame/load.ts";
import { LinkButton } from "@/ui/button.tsx";
import { todayIn } from "@/ui/dates.ts";
import { decimal } from "@/ui/figures.ts";
import { FigureRow } from "@/ui/reckoned.tsx";
import { lastAnswers } from "./answers.ts";
import { ClassUsed } from "./class-used.tsx";
import { NamesKept } from "./names-kept.tsx";
import { NewNote } from "./new-note.tsx";
import { type ChartRow, PlannedActualChart } from "./planned-actual-chart.tsx";
import { Questions } from "./questions.tsx";
import { Waited } from "./waited.tsx";
import { WentWrong } from "./went-wrong.tsx";
import { lookBackStationWords } from "./words.ts";

export async function LookBackStation({
  id,
}: {
  id: string;
  query: Record<string, string | undefined>;
}) {
  const say = lookBackStationWords();
  const data = await loadRecorded(id);
  if (!data) return null;
  const [log, goods, cut, models] = await withStudio(
    data.host.studioId,
    async (sql) =>
      [
        await listLog(sql, id),
        await goodsUsed(sql, id),
        await cutUse(sql, id),
        await modelViews(sql),
      ] as const,
  );
  const { document, namesErasedAt } = data.planned;
  const months = data.host.studio.settings.keepNamesMonths;
  const names = namesErasedAt ? null : (
    <NamesKept
      classId={id}
      over={todayIn(document.when.zone) > document.when.date}
      until={months === null ? null : addMonths(document.when.date, months)}
    />
  );
  const lines = log.map((row) => ({ ...row, at: row.at.getTime() }));
  const taught = runLog(
    lines,
    data.planned.plan.runSheet.steps,
    (data.run?.inserted ?? []).map(({ step }) => step),
  );
  const steps = stepRows(data, taught);
  const weeding = weedRows(data, log);
  if (steps.length === 0 && weeding.length === 0)
    return (
      <div className="grid max-w-xl gap-4">
        <h2 className="text-2xl">{say.nothingToLookBack}</h2>
        <p>{say.minutesAreLoggedByThemselves}</p>
        <LinkButton href={`/classes/${id}/weed`} tone="main" className="justify-self-start">
          {say.goToWeed}
        </LinkButton>
        <NewNote classId={id} />
        {taught.notes.length > 0 && <WentWrong data={data} taught={taught} lost={[]} />}
        {names}
      </div>
    );
  const lost = standing(lines).filter(({ kind }) => kind === "lost");
  const things = thingRows(data, steps, lost);
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_320px]">
      <section>
        {steps.length > 0 && (
          <>
            <h2 className="mb-1 text-2xl">{sentence(steps, say.theStepsTook)}</h2>
            <PlannedActualChart rows={steps} name={lookBackStationWords().minutesOfEachStep} />
            {taught.leftOut.length > 0 && (
              <p className="mt-1 text-soft">
                {say.leftOutWhatWasLeft(
                  taught.leftOut.map((step) => titleIn(data, step)).join(", "),
                )}
              </p>
            )}
          </>
        )}
        {weeding.length > 0 && (
          <>
            <h2 className="mt-6 mb-1 text-2xl">{sentence(weeding, say.weedingTook)}</h2>
            <PlannedActualChart rows={weeding} name={lookBackStationWords().minutesOfEachKit} />
          </>
        )}
        <Waited
          taught={taught}
          labels={labelsOf(data.planned.plan)}
          titleOf={(step) => titleIn(data, step)}
        />
        <WentWrong
          data={data}
          taught={taught}
          lost={lost.map(({ seat, body }) => ({
            seat: seat ?? "",
            reason: String(say.lost(body.reason)),
          }))}
        />
      </section>
      <aside>
        <Ratio name={lookBackStationWords().classAgainstPlan} rows={steps} />
        <Ratio name={lookBackStationWords().weedingAgainstPlan} rows={weeding} />
        {things.length > 1 && <ThingTable rows={things} />}
        <Learned host={data.host} views={models.views.filter(({ asks }) => asks)} />
        <ClassUsed goods={goods} cut={cut} />
        <Questions classId={id} answers={lastAnswers(log)} />
        <NewNote classId={id} />
        {names}
      </aside>
    </div>
  );
}

const total = (rows: readonly ChartRow[], pick: (row: ChartRow) => number) =>
  rows.reduce((sum, row) => sum + pick(row), 0);

function sentence(rows: readonly ChartRow[], begin: string): string {
  const [planned, actual] = [total(rows, (row) => row.planned), total(rows, (row) => row.actual)];
  const worst = rows.reduce((a, b) => (b.actual - b.planned > a.actual - a.planned ? b : a));
  const off = worst.actual - worst.planned;
  return lookBackStationWords().planned(
    begin,
    showMinutes(actual),
    showMinutes(planned),
    off >= 1 ? lookBackStationWords().mostOver(worst.name, showMinutes(off)) : "",
  );
}

function Ratio({ name, rows }: { name: string; rows: readonly ChartRow[] }) {
  const say = lookBackStationWords();
  const [planned, actual] = [total(rows, (row) => row.planned), total(rows, (row) => row.actual)];
  if (planned === 0) return null;
  return (
    <FigureRow
      name={name}
      reckoning={{
        title: `${Math.round((100 * actual) / planned)} %`,
        lines: [
          { what: say.planned2, value: say.min(decimal(planned, 1)) },
          { what: say.actualFromTheLog, value: say.min2(decimal(actual, 1)) },
          { what: say.entries, value: String(rows.length) },
        ],
        rule: say.actualMinutesByPlannedMinutes,
      }}
    >
      {Math.round((100 * actual) / planned)} %
    </FigureRow>
  );
}

interface ThingRow {
  readonly title: string;
  readonly planned: number;
  readonly actual: number;
  readonly lost: number;
}

/**
 * Minutes of steps that belong to one thing, and what failed of it; nothing of what was done for
 * all at once.
 */
function thingRows(
  { planned }: StationData,
  steps: readonly StepRow[],
  lost: readonly Pick<LogRow, "body">[],
): ThingRow[] {
  const { things } = planned.document;
  if (things.length < 2) return [];
  return things.map(({ id, title }) => {
    const own = steps.filter(({ thing }) => thing === id);
    return {
      title,
      planned: total(own, (row) => row.planned),
      actual: total(own, (row) => row.actual),
      lost: lost.filter(({ body }) =>
        String(body.things ?? "")
          .split(" ")
          .includes(id),
      ).length,
    };
  });
}

function ThingTable({ rows }: { rows: readonly ThingRow[] }) {
  const say = lookBackStationWords();
  return (
    <table className="mt-4 mb-2 w-full text-left text-sm tabular-nums">
      <caption className="mb-1 text-left font-bold font-head text-lg">{say.byThing}</caption>
      <thead className="text-soft">
        <tr className="border-rule-strong border-b">
          <th className="py-1 font-normal">{say.itsOwnSteps}</th>
          <th className="text-right font-normal">{say.planned3}</th>
          <th className="text-right font-normal">{say.took}</th>
          <th className="text-right font-normal">{say.failed}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.title} className="border-rule border-b">
            <th scope="row" className="py-1.5 font-normal">
              {row.title}
            </th>
            <td className="text-right">{row.planned > 0 ? showMinutes(row.planned) : "–"}</td>
            <td className="text-right">
              {row.actual > 0 ? showMinutes(row.actual) : say.notLogged}
            </td>
            <td className="text-right">{row.lost}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type StepRow = ChartRow & { readonly thing: string | undefined };

const titleIn = ({ planned: { document } }: StationData, id: string): string => {
  const step = document.steps.find((one) => one.id === id);
  return step ? titleOfStep(step, document.things) : id;
};

function stepRows(data: StationData, { steps }: RunLog): StepRow[] {
  const titles = new Map((data.run?.inserted ?? []).map(({ step }) => [step.id, step.title]));
  return steps.map(({ id, planned, actual, putIn }) => ({
    name: putIn ? lookBackStationWords().putIn(titles.get(id), id) : titleIn(data, id),
    thing: data.planned.document.steps.find((step) => step.id === id)?.thing,
    planned,
    actual,
  }));
}

function weedRows(data: StationData, log: readonly LogRow[]): ChartRow[] {
  const labels = labelsOf(data.planned.plan);
  return data.kits.flatMap((kit) => {
    const actual = log.filter(
      (row) => row.seat === kit.seat && row.kind === "weeded" && row.minutes !== null,
    );
    if (actual.length === 0) return [];
    return [
      {
        name: labelOf(labels, kit.seat),
        planned: kit.weedMinutes,
        actual: actual.reduce((sum, row) => sum + (row.minutes ?? 0), 0),
      },
    ];
  });
}
