"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import type { Rehearsed } from "@elm-basket/core/rehearsal/rehearse.ts";
import type { Clock } from "@elm-basket/core/units/time.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { useState } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Button, LinkButton } from "@/ui/button.tsx";
import { ProgressBar } from "@/ui/progress-bar.tsx";
import { Sideways } from "@/ui/sideways.tsx";
import type { RehearseJob } from "@/workers/rehearse-protocol.ts";
import { BandChart } from "./band-chart.tsx";
import { EveningPlayer } from "./evening-player.tsx";
import { Paces, type RehearsedWays } from "./paces.tsx";
import { clockOf } from "./times.ts";
import { type RehearsalState, useRehearsal } from "./use-rehearsal.ts";
import { WaysTried } from "./ways-tried.tsx";

interface Props extends Omit<RehearseJob, "job" | "seed"> {
  readonly classId: string;
  readonly version: number;
  /** When the class begins, epoch ms. */
  readonly opens: number;
  readonly clock: Clock;
  readonly labels: Readonly<Record<string, string>>;
}

const FIRST_SEED = 4711;
/** Shorter waits are no line. */
const LEAST_LINE = 2;

export function RehearseBench({
  classId,
  document,
  version,
  opens,
  clock,
  labels,
  ...given
}: Props) {
  const [seed, setSeed] = useState(FIRST_SEED);
  const editor = usePart<RehearsedWays>(
    classId,
    "class",
    { rehearsal: document.rehearsal ?? null },
    version,
    (answer) => ({
      rehearsal: (answer.document as ClassDocument).rehearsal ?? null,
    }),
  );
  const rehearsal = useRehearsal({ ...given, document, seed });
  const { found, tried, failure } = rehearsal;
  // Counted back from the end the first step begins later than the class; which the rehearsal
  // finds.
  const late = found ? document.when.minutes - found.endAt : 0;
  const at = clockOf(opens + late * 60_000, document.when.zone, clock);
  const titles = new Map(
    document.steps.map((step) => [step.id, titleOfStep(step, document.things)]),
  );
  return (
    <div data-rehearsed={found?.report.runs ?? 0}>
      <div className="mb-4 flex flex-wrap items-start justify-between gap-4">
        <div className="max-w-3xl">
          <h2 className="text-2xl" aria-live="polite">
            {found
              ? sentence(found.report, found.endAt, document, at, titles)
              : failure
                ? "It could not be rehearsed"
                : "Playing it through …"}
          </h2>
          <Working progress={rehearsal.progress} runs={found?.report.runs ?? null} />
        </div>
        <div className="flex flex-wrap gap-2">
          <LinkButton href={`/classes/${classId}/teach`}>Back to the run sheet</LinkButton>
          <Button tone="main" onClick={() => setSeed((before) => before + 1)}>
            Rehearse again
          </Button>
        </div>
      </div>
      {failure && (
        <p role="alert" className="mb-4 border-brick border-l-4 bg-brick-tint p-4">
          {failure}
        </p>
      )}
      <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[1fr_330px]">
        <section className="min-w-0">
          {found && (
            <>
              <Sideways label="How the evenings went">
                <BandChart
                  report={found.report}
                  endAt={found.endAt}
                  steps={document.steps}
                  titles={titles}
                  at={at}
                />
              </Sideways>
              <p className="mt-2 text-soft text-sm">
                Each band: pale from where the quick tenth of the evenings begins, filled between
                the middles, tinted until the slow tenth is done; the line is the middle. Hatched:
                it dries, nobody can go on.
              </p>
              {rehearsal.evening && (
                <EveningPlayer
                  key={`${seed} ${rehearsal.evening.run} ${found.job}`}
                  evening={rehearsal.evening.evening}
                  run={rehearsal.evening.run}
                  found={found}
                  seats={document.seats.map(({ seat }) => ({ seat, label: labels[seat] ?? seat }))}
                  titles={found.steps.map((id) => titles.get(id) ?? id)}
                  at={at}
                  onPlay={rehearsal.play}
                />
              )}
            </>
          )}
        </section>
        <aside>
          <WaysTried classId={classId} tried={tried} document={document} at={at} />
          <Paces
            editor={editor}
            document={document}
            report={found?.report ?? null}
            titles={titles}
            seed={seed}
          />
          <SaveNote editor={editor} />
        </aside>
      </div>
    </div>
  );
}

function Working({ progress, runs }: Pick<RehearsalState, "progress"> & { runs: number | null }) {
  if (progress)
    return (
      <div className="mt-1 flex items-center gap-3 text-soft text-sm">
        <ProgressBar
          value={progress.share}
          max={1}
          label={progress.what === "playing" ? "How much is played" : "How many ways are tried"}
          className="w-40"
        />
        {progress.what === "playing" ? "playing the evenings" : "trying what would change it"}
      </div>
    );
  return runs === null ? null : (
    <p className="text-soft text-sm">
      {runs.toLocaleString("en-GB")} evenings, each with other people’s paces.
    </p>
  );
}

function sentence(
  { pOnTime, p90, queues, waiting }: Rehearsed,
  endAt: number,
  document: ClassDocument,
  at: (minute: number) => string,
  titles: ReadonlyMap<string, string>,
): string {
  const over = p90 - endAt;
  const end = `Nine times in ten you end by ${at(p90)}, ${over >= 1 ? `${showMinutes(Math.round(over))} after the planned end` : over <= -1 ? `${showMinutes(Math.round(-over))} before the planned end` : "as planned"}; in time ${Math.round(100 * pOnTime)} times in a hundred.`;
  const worst = [...queues].sort((a, b) => b.waiting - a.waiting)[0];
  if (worst && worst.waiting >= LEAST_LINE) {
    const tool = document.tools.find(({ id }) => worst.tools.includes(id))?.name.toLowerCase();
    return `${end} They stand in line ${tool ? `for the ${tool}` : `at “${titles.get(worst.step)}”`}, ${showMinutes(Math.round(worst.waiting))} each.`;
  }
  return waiting.mean >= LEAST_LINE
    ? `${end} Each waits ${showMinutes(Math.round(waiting.mean))} in all, ${waiting.drying > waiting.room ? "mostly for what dries" : "mostly for the others"}.`
    : end;
}
