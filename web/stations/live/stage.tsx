"use client";

import { showClock } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import { AlertDialog } from "radix-ui";
import { useCallback, useEffect, useState, useTransition } from "react";
import { type StageAct, stageAct } from "@/live/actions.ts";
import type { LiveClass, LiveState } from "@/live/state.ts";
import { useLive } from "@/live/use-live.ts";
import { isTyping } from "@/stations/frame/rail.tsx";
import { Basket } from "@/ui/basket.tsx";
import { timeIn, todayIn } from "@/ui/dates.ts";

const MS = 60_000;

/** The host's view: dark, big, readable from four metres; keys or a clicker. */
export function Stage({ classId, live, initial, done }: { classId: string; live: LiveClass; initial: LiveState; done: Readonly<Record<string, number>> }) {
  const minutesOf = useCallback((index: number) => live.steps[index]?.minutes ?? 0, [live.steps]);
  const { state, connected, secondsLeft, drySeconds, now, take } = useLive(`/live/${classId}/events`, initial, minutesOf);
  const [busy, start] = useTransition();
  const act = useCallback(
    (what: StageAct) =>
      start(async () => {
        const next = await stageAct(classId, what, state.version).catch(() => null);
        if (next) take(next);
      }),
    [classId, state.version, take],
  );
  const last = state.stepIndex >= live.steps.length - 1;
  const [asking, setAsking] = useState<"begin" | "end" | null>(null);
  // Beginning on another day and ending are asked about: a clicker in a pocket presses often.
  const otherDay = todayIn(live.zone, new Date(now)) !== live.date;
  const main = useCallback(() => {
    const what = !state.running ? "begin" : last ? "end" : "next";
    if (what === "end" || (what === "begin" && otherDay)) setAsking(what);
    else act(what);
  }, [act, last, otherDay, state.running]);
  const answer = (yes: boolean) => {
    if (yes && asking) act(asking);
    setAsking(null);
  };
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || asking) return;
      const key = event.key.toLowerCase();
      const forward = key === " " || key === "arrowright" || key === "pagedown";
      if (forward && !(key === " " && (event.target as HTMLElement).closest("button, a"))) {
        event.preventDefault();
        // A clicker's forward key must neither begin nor end the class by accident.
        if (state.running && !last) act("next");
        else if (key === " ") main();
      } else if (key === "arrowleft" || key === "pageup") act("back");
      else if (key === "h") act("hold");
      else if (key === "+") act("minute");
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [act, main, last, state.running, asking]);
  const step = live.steps[state.stepIndex];
  // From the plan's own times, so that drying waits between steps count.
  const ahead = live.endMinute - (step ? step.startMinute + step.minutes : 0);
  const ends = now + (Math.max(0, secondsLeft) / 60 + ahead) * MS;
  const stuck = state.marks.filter(({ kind }) => kind === "stuck");
  const finished = state.marks.filter(({ kind }) => kind === "done").length;
  return (
    <div className="flex min-h-screen flex-col bg-stage text-stage-text">
      <header className="flex flex-wrap items-center gap-x-8 gap-y-1 border-stage-rule border-b px-8 py-3 text-lg">
        <Link href={`/classes/${classId}/teach`} className="font-bold hover:underline">
          {live.title}
        </Link>
        <span className="text-stage-soft">{state.running ? `Step ${state.stepIndex + 1} of ${live.steps.length}` : state.ended ? "Ended" : "Not begun"}</span>
        <span className="text-stage-soft">
          {live.seats.length} seats{state.running && ` · ${finished} done`}
          {stuck.length > 0 && <b className="text-stage-brick"> · {stuck.length} stuck</b>}
        </span>
        {!connected && (
          <b role="status" className="text-stage-ochre">
            No connection: the clock goes on, trying again
          </b>
        )}
        <span className="ml-auto text-stage-soft">
          {state.running && (
            <>
              Ends <b className="text-stage-text">{timeIn(live.zone, new Date(ends), live.clock)}</b>, planned {timeIn(live.zone, new Date(state.startedAt + live.endMinute * MS), live.clock)}
            </>
          )}
        </span>
        <b className="font-head text-3xl" suppressHydrationWarning>
          {timeIn(live.zone, new Date(now), live.clock)}
        </b>
      </header>
      <main className="grid flex-1 lg:grid-cols-[1fr_370px]">
        <section className="px-8 py-8 lg:border-stage-rule lg:border-r">
          {state.running && step ? (
            <>
              <h1 className="mb-6 max-w-4xl text-[clamp(2.4rem,5vw,4.2rem)]" data-step={step.id}>
                {step.title}
              </h1>
              <StepWords step={step} />
            </>
          ) : (
            <>
              <h1 className="mb-4 text-6xl">{state.ended ? "The class has ended" : live.steps.length === 0 ? "This class has no steps" : "Ready when you are"}</h1>
              <p className="text-2xl text-stage-soft">{state.ended ? "What it took is in the log: see Look back." : `${live.steps.length} steps, ${live.endMinute} minutes. Space begins.`}</p>
            </>
          )}
        </section>
        <aside className="px-8 py-8">
          {state.running && step && (
            <>
              <p className={`font-bold font-head text-[clamp(4rem,9vw,7rem)] leading-none ${secondsLeft < 0 ? "text-stage-brick" : ""}`} suppressHydrationWarning aria-live="off" data-left>
                {drySeconds > 0 ? showClock(drySeconds) : secondsLeft < 0 ? `+${showClock(-secondsLeft)}` : showClock(secondsLeft)}
              </p>
              {drySeconds > 0 && (
                <p className="mt-2 font-bold text-2xl text-stage-ochre" role="status" data-drying>
                  Drying: not before {timeIn(live.zone, new Date(now + drySeconds * 1000), live.clock)}
                </p>
              )}
              <p className="mt-2 mb-6 text-stage-soft text-xl">
                {drySeconds > 0 ? "then a step of" : state.heldAt ? "held: the clock stands at" : secondsLeft < 0 ? "over the" : "left of"} {step.minutes}
                {state.extraSeconds > 0 && ` + ${state.extraSeconds / 60}`} min
              </p>
              <ul className="text-xl">
                {stuck.slice(0, 6).map((mark) => (
                  <li key={mark.seat} className="flex justify-between border-stage-rule border-b py-2.5">
                    <span>{live.seats.find(({ seat }) => seat === mark.seat)?.label ?? `Seat ${mark.seat}`}</span>
                    <b className="text-stage-brick" suppressHydrationWarning>
                      stuck {showClock((now - mark.at) / 1000)}
                    </b>
                  </li>
                ))}
              </ul>
            </>
          )}
          <div className="mt-6">
            <Basket
              dark
              columns={live.seats.length > 40 ? 16 : 5}
              seats={live.seats.map(({ seat, label }) => ({ seat, label, done: done[seat] ?? 0, trouble: stuck.some((mark) => mark.seat === seat) }))}
            />
          </div>
        </aside>
      </main>
      <AlertDialog.Root open={asking !== null} onOpenChange={(open) => !open && setAsking(null)}>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-40 bg-stage/70" />
          <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(34rem,92vw)] -translate-x-1/2 -translate-y-1/2 border border-stage-soft bg-stage p-8 text-stage-text">
            <AlertDialog.Title className="mb-2 text-3xl">{asking === "end" ? "End the class?" : "Begin on another day?"}</AlertDialog.Title>
            <AlertDialog.Description className="mb-6 text-stage-soft text-xl">
              {asking === "end" ? "Every phone is told that it is over, and the minutes go into the log." : `This class is planned for ${live.date}. Phones that follow it begin, too.`}
            </AlertDialog.Description>
            <div className="flex justify-end gap-4">
              <AlertDialog.Cancel className="min-h-14 border border-stage-soft px-6 font-bold text-xl" onClick={() => answer(false)}>
                {asking === "end" ? "Go on" : "Not now"}
              </AlertDialog.Cancel>
              <AlertDialog.Action className="min-h-14 bg-stage-elm px-6 font-bold text-stage text-xl" onClick={() => answer(true)}>
                {asking === "end" ? "End it" : "Begin all the same"}
              </AlertDialog.Action>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
      <StepLine live={live} state={state} />
      <div className="grid grid-cols-2 border-stage-rule border-t sm:grid-cols-[1fr_1fr_1fr_1.4fr]">
        <StageButton keyName="←" disabled={busy || !state.running || state.stepIndex === 0} onClick={() => act("back")}>
          Back
        </StageButton>
        <StageButton keyName="H" disabled={busy || !state.running} onClick={() => act("hold")}>
          {state.heldAt ? "Go on" : "Hold"}
        </StageButton>
        <StageButton keyName="+" disabled={busy || !state.running} onClick={() => act("minute")}>
          A minute more
        </StageButton>
        <button type="button" disabled={busy || live.steps.length === 0} onClick={main} className="min-h-20 bg-stage-elm font-bold text-2xl text-stage disabled:opacity-70">
          {!state.running ? (state.ended ? "Begin once more" : "Begin the class") : last ? "End the class" : "Next step"}
        </button>
      </div>
    </div>
  );
}

function StageButton({ keyName, ...rest }: { keyName: string } & React.ComponentProps<"button">) {
  return (
    <button type="button" {...rest} className="flex min-h-20 items-center justify-center gap-3 border-stage-rule border-r font-bold text-xl hover:bg-stage-rule disabled:text-stage-soft">
      {rest.children}
      <kbd className="hidden rounded-card border border-stage-soft px-2 font-text text-sm sm:inline">{keyName}</kbd>
    </button>
  );
}

function StepWords({ step }: { step: LiveClass["steps"][number] }) {
  const rows = [
    ["Say", step.say],
    ["Show", step.show],
    ["Check", step.check],
    ["Care", step.care],
  ] as const;
  return (
    <dl className="grid max-w-4xl gap-4">
      {rows
        .filter(([, words]) => words)
        .map(([name, words]) => (
          <div key={name} className={`grid grid-cols-[92px_1fr] ${name === "Care" ? "text-stage-ochre" : ""}`}>
            <dt className={`pt-1 font-bold font-head text-lg ${name === "Care" ? "" : "text-stage-elm"}`}>{name}</dt>
            <dd className="text-[clamp(1.25rem,2vw,1.6rem)] leading-snug">{words}</dd>
          </div>
        ))}
    </dl>
  );
}

/** All steps to scale of their minutes, with where the class is. */
function StepLine({ live, state }: { live: LiveClass; state: LiveState }) {
  const total = live.steps.reduce((sum, step) => sum + step.minutes, 0) || 1;
  return (
    <ol className="flex gap-1 px-8 py-4" aria-label="Steps">
      {live.steps.map((step, i) => {
        const now = state.running && i === state.stepIndex;
        const past = state.ended || (state.running && i < state.stepIndex);
        return (
          <li key={step.id} style={{ width: `${(100 * step.minutes) / total}%` }} className="min-w-0">
            <div className={`h-7 border ${now ? "border-stage-text bg-stage-text" : past ? "border-stage-elm bg-stage-elm" : "border-stage-elm bg-stage-rule"}`} />
            <p className={`mt-1 truncate text-sm ${now ? "font-bold" : "text-stage-soft"}`} title={step.title}>
              {step.title}
            </p>
          </li>
        );
      })}
    </ol>
  );
}
