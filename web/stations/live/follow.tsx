"use client";

import { sayPlacing } from "@elm-basket/core/plan/placing-words-en.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showClock } from "@elm-basket/core/units/time.ts";
import { useCallback, useEffect, useState, useTransition } from "react";
import { seatSays } from "@/live/actions.ts";
import type { LiveClass, LiveState } from "@/live/state.ts";
import { useLive } from "@/live/use-live.ts";
import { timeIn } from "@/ui/dates.ts";
import { SeverityMark } from "@/ui/marks.tsx";

/** The participant's phone: the step, the time left, done or stuck. */
export function Follow({ code, live, initial }: { code: string; live: LiveClass; initial: LiveState }) {
  const minutesOf = useCallback((index: number) => live.steps[index]?.minutes ?? 0, [live.steps]);
  const { state, connected, secondsLeft, drySeconds, now } = useLive(`/f/${code}/events`, initial, minutesOf);
  const [seat, setSeat] = useState("");
  const [said, setSaid] = useState<{ step: string; kind: "done" | "stuck"; message: string }>();
  const [busy, start] = useTransition();
  useEffect(() => setSeat(localStorage.getItem(`elm-seat-${code}`) ?? ""), [code]);
  const choose = (next: string) => {
    setSeat(next);
    localStorage.setItem(`elm-seat-${code}`, next);
  };
  const step = live.steps[state.stepIndex];
  const own = step && liesOf(step.places[seat], live.unit);
  const say = (kind: "done" | "stuck") =>
    step &&
    start(async () => {
      const answer = await seatSays(code, seat, kind, step.id).catch(() => ({ ok: false, message: "No connection. Try again, or raise your hand." }));
      setSaid({ step: step.id, kind, message: answer.message });
    });
  const mine = said && step && said.step === step.id ? said : undefined;
  return (
    <div className="mx-auto flex min-h-screen max-w-xl flex-col bg-paper">
      <header className="flex items-baseline justify-between gap-4 border-rule border-b px-5 py-3">
        <b className="[overflow-wrap:anywhere]">{live.title}</b>
        {state.running && (
          <span className="shrink-0 text-soft">
            {state.stepIndex + 1} of {live.steps.length}
          </span>
        )}
      </header>
      <main className="flex-1 px-5 py-5">
        {!connected && (
          <p role="status" className="mb-4 border-ochre border-l-4 bg-ochre-tint p-3">
            No connection at the moment. Your page catches up by itself.
          </p>
        )}
        {state.running && step ? (
          <>
            <h1 className="text-4xl" data-step={step.id}>
              {step.title}
            </h1>
            <p className={`my-1 font-bold font-head text-6xl ${secondsLeft < 0 ? "text-brick" : ""}`} suppressHydrationWarning data-left>
              {drySeconds > 0 ? showClock(drySeconds) : secondsLeft < 0 ? `+${showClock(-secondsLeft)}` : showClock(secondsLeft)}
            </p>
            {drySeconds > 0 && (
              <p className="mb-2 border-ochre border-l-4 bg-ochre-tint p-3 text-lg" data-drying>
                It has to dry first: not before {timeIn(live.zone, new Date(now + drySeconds * 1000), live.clock)}. Leave it alone until then.
              </p>
            )}
            <p className="mb-4 text-soft">
              {state.heldAt ? "Held: your host is explaining something." : live.steps[state.stepIndex + 1] ? `then: ${live.steps[state.stepIndex + 1]?.title}` : "the last step"}
            </p>
            {step.doIt && <p className="mb-3 text-xl">{step.doIt}</p>}
            {step.lies && (
              <p className="mb-3 text-lg" data-lies>
                <b>{own ? "Yours lies: " : "Where: "}</b>
                {own ?? step.lies}
              </p>
            )}
            {step.check && (
              <p className="mb-3 text-lg">
                <b>Check: </b>
                {step.check}
              </p>
            )}
            {step.care && (
              <p className="flex gap-3 border-rule border-t py-3 text-lg">
                <span className="pt-1">
                  <SeverityMark severity="check" />
                </span>
                {step.care}
              </p>
            )}
          </>
        ) : (
          <>
            <h1 className="mb-3 text-4xl">{state.ended ? "That was the class" : "Not begun yet"}</h1>
            <p className="text-lg">{state.ended ? live.farewell : "Keep this page open: it starts by itself when your host does."}</p>
          </>
        )}
        {live.seats.length > 0 && !state.ended && (
          <label className="mt-6 block text-soft">
            You are
            <select className="mt-1 block w-full text-ink" value={seat} onChange={(event) => choose(event.target.value)}>
              <option value="">choose your name</option>
              {live.seats.map((row) => (
                <option key={row.seat} value={row.seat}>
                  {row.label}
                </option>
              ))}
            </select>
          </label>
        )}
        <p role="status" className="mt-3 text-elm-dark">
          {mine?.message}
        </p>
      </main>
      {state.running && (
        <div className="sticky bottom-0 grid grid-cols-[1fr_1.5fr] border-rule-strong border-t bg-paper">
          <button type="button" disabled={busy || !seat} aria-pressed={mine?.kind === "stuck"} onClick={() => say("stuck")} className="min-h-20 font-bold text-brick text-xl disabled:text-soft">
            I'm stuck
          </button>
          <button
            type="button"
            disabled={busy || !seat}
            aria-pressed={mine?.kind === "done"}
            onClick={() => say("done")}
            className="min-h-20 bg-elm font-bold text-white text-xl disabled:bg-rule disabled:text-soft"
          >
            {mine?.kind === "done" ? "✓ Done" : "Done"}
          </button>
        </div>
      )}
    </div>
  );
}

/** Of whoever has chosen their name: their own figures, in the place of the class's from least to most. */
function liesOf(place: readonly (number | null)[] | undefined, unit: LengthUnit): string | null {
  if (!place) return null;
  const [left = null, right = null, above, below, arc] = place;
  return sayPlacing([{ left, right, above: above ?? 0, below: below ?? 0, ...(arc === undefined || arc === null ? {} : { arcFromHandle: arc }) }], unit);
}
