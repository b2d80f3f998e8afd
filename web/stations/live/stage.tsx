"use client";

import { fillers, nextStep, notBefore, projectedEnd } from "@elm-basket/core/live/run.ts";
import Link from "next/link";
import { type ReactNode, useCallback, useEffect, useMemo, useState, useTransition } from "react";
import { stageAct } from "@/live/actions.ts";
import { type LiveClass, type StageState, stepsOfRun } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";
import type { SeatThing } from "@/live/seat-view.ts";
import { useLive } from "@/live/use-live.ts";
import { isTyping } from "@/stations/frame/rail.tsx";
import { timeIn, todayIn } from "@/ui/dates.ts";
import { useLetterKeys } from "../frame/use-letter-keys.ts";
import { type Asked, StageDialog } from "./stage-dialog.tsx";
import { StageSide } from "./stage-side.tsx";
import { StageLobby, StageWords } from "./stage-words.tsx";
import { StepLine } from "./step-line.tsx";
import { stageWords } from "./words.ts";

const MINUTE = 60_000;

interface Props {
  readonly classId: string;
  readonly live: LiveClass;
  readonly initial: StageState;
  /** Strands of each seat's kit. */
  readonly done: Readonly<Record<string, number>>;
  /** What is made, as the first seat has it. */
  readonly picture: readonly SeatThing[];
  /** Without the host's words and without acts: for a wall that all see. */
  readonly projector: boolean;
  /** How phones come in, for the wall. */
  readonly join: ReactNode;
}

/** The host's view: dark, big, readable from four metres; keys, a clicker, or touch. */
export function Stage({ classId, live, initial, done, picture, projector, join }: Props) {
  const say = stageWords();
  const { state, connected, now, take } = useLive(`/live/${classId}/events`, initial);
  const [busy, start] = useTransition();
  const [asked, setAsked] = useState<Asked | null>(null);
  const [failed, setFailed] = useState(false);
  const act = useCallback(
    (what: StageAct) =>
      start(async () => {
        const next = await stageAct(classId, what, state.version).catch(() => null);
        setFailed(next === null);
        if (next) take(next);
      }),
    [classId, state.version, take],
  );
  const steps = useMemo(() => stepsOfRun(live, state.inserted), [live, state.inserted]);
  const step = steps.find(({ id }) => id === state.stepId);
  const next = nextStep(steps, state);
  const last = state.running && next === null;
  // Beginning on another day and ending are asked about: a clicker in a pocket presses often. So is
  // what is not dry yet.
  const otherDay = todayIn(live.zone, new Date(now)) !== live.date;
  const forward = useCallback(() => {
    if (!next) return;
    const dry = notBefore(next, { ...state, ends: { ...state.ends, [state.stepId]: now } });
    if (dry !== null && dry > now + 1000)
      setAsked({ what: "early", step: next, until: dry, instead: fillers(steps, state, now) });
    else act({ act: "next" });
  }, [act, next, now, state, steps]);
  const main = useCallback(() => {
    if (!state.running) {
      if (otherDay) setAsked({ what: "begin" });
      else act({ act: "begin" });
    } else if (last) setAsked({ what: "end" });
    else forward();
  }, [act, forward, last, otherDay, state.running]);
  const [letters, setLetters] = useLetterKeys();
  useEffect(() => {
    if (projector) return;
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || asked || event.ctrlKey || event.metaKey || event.altKey) return;
      const key = event.key.toLowerCase();
      const onButton = (event.target as HTMLElement).closest("button, a") !== null;
      // Letters are for whoever wants them: a voice that dictates, or a cat on the keyboard,
      // presses them, too.
      if (key.length === 1 && key !== " " && (!letters || onButton)) return;
      if (key === " " || key === "arrowright" || key === "pagedown") {
        if (key === " " && onButton) return;
        event.preventDefault();
        // A clicker's forward key must neither begin nor end the class by accident.
        if (state.running && !last) forward();
        else if (key === " ") main();
        return;
      }
      if (!state.running) {
        if (key === "n") setAsked({ what: "note" });
        return;
      }
      if (key === "arrowleft" || key === "pageup") act({ act: "back" });
      else if (key === "h") act({ act: "hold" });
      else if (key === "+") act({ act: "minutes", by: 1 });
      else if (key === "-") act({ act: "minutes", by: -1 });
      else if (key === "z") act({ act: "undo" });
      else if (key === "s") act({ act: "skip" });
      else if (key === "i") setAsked({ what: "insert" });
      else if (key === "n") setAsked({ what: "note" });
      else if (key === "f") setAsked({ what: "flaw" });
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [act, asked, forward, last, letters, main, projector, state.running]);
  const clock = (at: number) => timeIn(live.zone, new Date(at), live.clock);
  const ends = projectedEnd(steps, state, now);
  const planned = state.startedAt + live.endMinute * MINUTE;
  return (
    <div className="flex min-h-dvh flex-col bg-stage text-stage-text lg:h-dvh">
      <header className="flex flex-wrap items-center gap-x-8 gap-y-1 border-stage-rule border-b px-8 py-3 text-lg">
        {projector ? (
          <b>{live.title}</b>
        ) : (
          <Link href={`/classes/${classId}/teach`} className="font-bold hover:underline">
            {live.title}
          </Link>
        )}
        <span className="text-stage-soft">
          {state.running && step
            ? say.stepOf(steps.indexOf(step), steps.length)
            : say.endedNotBegun(state.ended)}
        </span>
        <span className="text-stage-soft">
          {say.text(live.seats.length)}
          {say.done(state.running, state.done)}
          {state.stuck > 0 && !projector && (
            <b className="text-stage-brick"> {say.stuck(state.stuck)}</b>
          )}
        </span>
        {!connected && (
          <b role="status" className="text-stage-ochre">
            {say.noConnectionTheClockGoes}
          </b>
        )}
        {failed && connected && (
          <b role="alert" className="text-stage-brick">
            {say.thatWasNotKeptPress}
          </b>
        )}
        {!projector && (
          <button
            type="button"
            className="min-h-11 text-base text-stage-soft underline underline-offset-4"
            aria-pressed={letters}
            onClick={() => setLetters(!letters)}
          >
            {say.letterKeysOnLetterKeys(letters)}
          </button>
        )}
        <span className="ml-auto text-stage-soft" data-ends>
          {state.running && (
            <>
              {say.ends}{" "}
              <b className={ends > planned + MINUTE ? "text-stage-ochre" : "text-stage-text"}>
                {clock(ends)}
              </b>
              {say.planned(clock(planned))}
            </>
          )}
        </span>
        <b className="font-head text-3xl" suppressHydrationWarning>
          {clock(now)}
        </b>
      </header>
      <main className="grid min-h-0 flex-1 lg:grid-cols-[1fr_370px] 2xl:grid-cols-[1fr_480px]">
        <section
          className="flex min-w-0 flex-col px-8 py-6 lg:min-h-0 lg:overflow-y-auto lg:border-stage-rule lg:border-r"
          aria-label={say.theStep}
        >
          {state.running && step ? (
            <StageWords
              live={live}
              steps={steps}
              step={step}
              next={next}
              state={state}
              now={now}
              picture={picture}
              projector={projector}
              clock={clock}
              onInstead={(to) => act({ act: "next", to })}
            />
          ) : (
            <StageLobby
              classId={classId}
              live={live}
              state={state}
              now={now}
              picture={picture}
              projector={projector}
              clock={clock}
            />
          )}
        </section>
        <StageSide
          live={live}
          steps={steps}
          step={step}
          state={state}
          now={now}
          done={done}
          projector={projector}
          join={join}
          clock={clock}
          onAct={act}
        />
      </main>
      <StepLine live={live} steps={steps} state={state} now={now} clock={clock} />
      {!projector && (
        <>
          <StageDialog
            asked={asked}
            live={live}
            clock={clock}
            onAct={act}
            onClose={() => setAsked(null)}
          />
          <div
            data-letters={letters ? "on" : "off"}
            onClickCapture={letGo}
            className="group grid grid-cols-3 border-stage-rule border-t sm:grid-cols-[repeat(7,1fr)_1.8fr]"
          >
            <StageButton
              keyName="←"
              disabled={busy || !state.running || Object.keys(state.ends).length === 0}
              onClick={() => act({ act: "back" })}
            >
              {say.back}
            </StageButton>
            <StageButton
              keyName="Z"
              disabled={busy || !state.running || state.last === null}
              onClick={() => act({ act: "undo" })}
            >
              {say.undo}
            </StageButton>
            <StageButton
              keyName="H"
              disabled={busy || !state.running}
              onClick={() => act({ act: "hold" })}
            >
              {say.goOnHold(state.heldAt)}
            </StageButton>
            <StageButton
              keyName="−"
              disabled={busy || !state.running}
              onClick={() => act({ act: "minutes", by: -1 })}
            >
              {say.aMinuteLess}
            </StageButton>
            <StageButton
              keyName="+"
              disabled={busy || !state.running}
              onClick={() => act({ act: "minutes", by: 1 })}
            >
              {say.aMinute}
            </StageButton>
            <StageButton
              keyName="S"
              disabled={busy || !state.running || last}
              onClick={() => act({ act: "skip" })}
            >
              {say.leaveOut}
            </StageButton>
            <StageButton
              keyName={state.running ? "N F I" : "N"}
              disabled={busy}
              onClick={() => setAsked({ what: state.running ? "more" : "note" })}
            >
              {say.noteFlawNote(state.running)}
            </StageButton>
            <button
              type="button"
              disabled={busy || live.steps.length === 0}
              onClick={main}
              className="col-span-2 min-h-20 bg-stage-elm font-bold text-2xl text-stage disabled:opacity-70 sm:col-span-1"
            >
              {say.beginOnceMoreBegin(state.running, state.ended, last)}
            </button>
          </div>
        </>
      )}
    </div>
  );
}

/**
 * Pressed with a finger or a mouse it does not keep the focus: the next letter is for the stage. By
 * keyboard it stays where it is.
 */
function letGo(event: React.MouseEvent<HTMLElement>): void {
  const button = (event.target as HTMLElement).closest("button");
  if (event.detail > 0) button?.blur();
}

function StageButton({ keyName, ...rest }: { keyName: string } & React.ComponentProps<"button">) {
  return (
    <button
      type="button"
      {...rest}
      className="flex min-h-20 flex-wrap items-center justify-center gap-x-2 border-stage-rule border-r px-2 font-bold hover:bg-stage-rule disabled:text-stage-soft"
    >
      {rest.children}
      <kbd
        aria-hidden
        className={`hidden rounded-card border border-stage-soft px-2 font-text text-sm xl:inline ${keyName === "←" ? "" : "group-data-[letters=off]:hidden"}`}
      >
        {keyName}
      </kbd>
    </button>
  );
}
