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
import { thousands } from "@/ui/figures.ts";
import { ProgressBar } from "@/ui/progress-bar.tsx";
import { Sideways } from "@/ui/sideways.tsx";
import type { RehearseJob } from "@/workers/rehearse-protocol.ts";
import { rehearseBenchWords } from "../words.ts";
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
  const say = rehearseBenchWords();
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
              : say.itCouldNotBeRehearsed(failure)}
          </h2>
          <Working progress={rehearsal.progress} runs={found?.report.runs ?? null} />
        </div>
        <div className="flex flex-wrap gap-2">
          <LinkButton href={`/classes/${classId}/teach`}>{say.backToTheRunSheet}</LinkButton>
          <Button tone="main" onClick={() => setSeed((before) => before + 1)}>
            {say.rehearseAgain}
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
              <Sideways label={say.howTheEveningsWent}>
                <BandChart
                  report={found.report}
                  endAt={found.endAt}
                  steps={document.steps}
                  titles={titles}
                  at={at}
                />
              </Sideways>
              <p className="mt-2 text-soft text-sm">{say.eachBandPale}</p>
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
  const say = rehearseBenchWords();
  if (progress)
    return (
      <div className="mt-1 flex items-center gap-3 text-soft text-sm">
        <ProgressBar
          value={progress.share}
          max={1}
          label={say.howMuchIsPlayed(progress.what)}
          className="w-40"
        />
        {say.playingTheEveningsTrying(progress.what)}
      </div>
    );
  return runs === null ? null : (
    <p className="text-soft text-sm">{say.eveningsEachWithOtherPeoples(thousands(runs))}</p>
  );
}

function sentence(
  { pOnTime, p90, queues, waiting }: Rehearsed,
  endAt: number,
  document: ClassDocument,
  at: (minute: number) => string,
  titles: ReadonlyMap<string, string>,
): string {
  const say = rehearseBenchWords();
  const over = p90 - endAt;
  const end = say.nineTimesInTen(
    at(p90),
    over >= 1
      ? say.afterThePlannedEnd(showMinutes(Math.round(over)))
      : over <= -1
        ? say.beforeThePlannedEnd(showMinutes(Math.round(-over)))
        : say.asPlanned,
    Math.round(100 * pOnTime),
  );
  const worst = [...queues].sort((a, b) => b.waiting - a.waiting)[0];
  if (worst && worst.waiting >= LEAST_LINE) {
    const tool = document.tools.find(({ id }) => worst.tools.includes(id))?.name.toLowerCase();
    return say.theyStandInLineEach(
      end,
      tool ? say.forThe(tool) : say.at(titles.get(worst.step)),
      showMinutes(Math.round(worst.waiting)),
    );
  }
  return waiting.mean >= LEAST_LINE
    ? say.eachWaitsInAll(end, showMinutes(Math.round(waiting.mean)), waiting.drying, waiting.room)
    : end;
}
