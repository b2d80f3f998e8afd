"use client";

import { nextStep, projectedEnd } from "@elm-basket/core/live/run.ts";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type FollowedClass, isNewer, type LiveState, stepsOfRun } from "@/live/live-class.ts";
import type { SeatView } from "@/live/seat-view.ts";
import { useLive } from "@/live/use-live.ts";
import { timeIn } from "@/ui/dates.ts";
import type { Language } from "@/ui/language.ts";
import { AllSteps } from "./all-steps.tsx";
import { FollowActs } from "./follow-acts.tsx";
import { FollowLobby } from "./follow-lobby.tsx";
import { FollowStep } from "./follow-step.tsx";
import { followWords } from "./follow-words.ts";
import { FollowWordsProvider } from "./use-follow-words.ts";
import { useSays } from "./use-says.ts";

interface Kept {
  readonly state: LiveState;
  readonly offset: number;
}

/** Storage may be switched off: then the page lives as long as it is open. */
function kept<T>(key: string): T | null {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "null") as T | null;
  } catch {
    return null;
  }
}
function keep(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // As above.
  }
}

const LARGER = "125%";

/**
 * The participant's phone: what to do now, with the own piece; done or stuck; all steps. It goes on
 * without network.
 */
export function Follow({
  code,
  language,
  live,
  initial,
}: {
  code: string;
  language: Language;
  live: FollowedClass;
  initial: LiveState;
}) {
  const say = followWords(language);
  const { state, awaySince, refused, now, take } = useLive<LiveState>(
    `/f/${code}/events`,
    initial,
    (next) =>
      keep(`elm-live-${code}`, { state: next, offset: next.now - Date.now() } satisfies Kept),
  );
  const [seat, setSeat] = useState("");
  const [view, setView] = useState<SeatView | null>(null);
  const [larger, setLarger] = useState(false);
  const [all, setAll] = useState(false);
  const [keeps, setKeeps] = useState(false);
  // Times are those of the class until the page knows where it is.
  const [zone, setZone] = useState(live.zone);
  const clockNow = useRef(now);
  clockNow.current = now;
  const says = useSays(
    code,
    seat,
    useCallback(() => clockNow.current, []),
  );
  useEffect(() => {
    setSeat(kept<string>(`elm-seat-${code}`) ?? "");
    setLarger(kept<boolean>("elm-larger") ?? false);
    if (live.atHome) setZone(Intl.DateTimeFormat().resolvedOptions().timeZone || live.zone);
    // Opened without network it shows what it knew last, on the clock that goes on.
    const last = kept<Kept>(`elm-live-${code}`);
    if (last && isNewer(last.state, initial))
      take({ ...last.state, now: Date.now() + last.offset });
    // Without TLS browsers keep no pages: then this one has to stay open.
    if ("serviceWorker" in navigator)
      void navigator.serviceWorker
        .register("/follow-worker.js", { scope: "/f/" })
        .then(() => setKeeps(true))
        .catch(() => {});
  }, [code, live, initial, take]);
  useEffect(() => {
    document.documentElement.style.fontSize = larger ? LARGER : "";
  }, [larger]);
  useEffect(() => {
    if (!seat) return setView(null);
    const from = kept<SeatView>(`elm-view-${code}-${seat}`);
    if (from) setView(from);
    const stop = new AbortController();
    void fetch(`/f/${code}/seat?seat=${encodeURIComponent(seat)}`, { signal: stop.signal })
      .then(async (response) => {
        if (!response.ok) return;
        const fresh = (await response.json()) as SeatView;
        keep(`elm-view-${code}-${seat}`, fresh);
        setView(fresh);
      })
      .catch(() => {});
    return () => stop.abort();
  }, [code, seat]);
  const steps = useMemo(() => stepsOfRun(live, state.inserted), [live, state.inserted]);
  const step = steps.find(({ id }) => id === state.stepId);
  const next = nextStep(steps, state);
  const clock = (at: number) => timeIn(zone, new Date(at), live.clock);
  const me = live.seats.find((row) => row.seat === seat);
  return (
    <FollowWordsProvider value={say}>
      <div lang={language} className="mx-auto flex min-h-screen max-w-xl flex-col bg-paper">
        {/* The step comes by itself: who listens is told, too. */}
        <p role="status" className="sr-only">
          {state.running && step ? step.title : ""}
        </p>
        {awaySince !== null && (
          <p role="status" className="bg-ochre-tint px-5 py-3" data-away>
            <b>
              {say.away(
                !refused,
                timeIn(zone, new Date(awaySince + (now - Date.now())), live.clock),
              )}
            </b>{" "}
            {say.goOn(!refused)}
            {says.waiting > 0 && say.waiting(says.waiting)}
          </p>
        )}
        <header className="flex items-baseline justify-between gap-4 border-rule border-b px-5 py-3">
          <b className="[overflow-wrap:anywhere]">{live.title}</b>
          {state.running && step && (
            <span className="shrink-0 text-soft" suppressHydrationWarning>
              {say.place(
                steps.indexOf(step) + 1,
                steps.length,
                clock(projectedEnd(steps, state, now)),
              )}
            </span>
          )}
        </header>
        <main className="flex-1 px-5 py-5">
          {state.running && step ? (
            <FollowStep
              step={step}
              next={next}
              steps={steps}
              state={state}
              now={now}
              seat={seat}
              view={view}
              label={me?.label ?? ""}
              clock={clock}
            />
          ) : (
            <FollowLobby
              live={live}
              state={state}
              now={now}
              zone={zone}
              view={view}
              label={me?.label ?? ""}
              says={says}
              keeps={keeps}
            />
          )}
          {live.seats.length > 0 && !state.ended && (
            <label className="mt-6 block text-soft">
              {say.youAre}
              <select
                className="mt-1 block min-h-11 w-full text-ink"
                value={seat}
                onChange={(event) => {
                  setSeat(event.target.value);
                  keep(`elm-seat-${code}`, event.target.value);
                  says.here(event.target.value);
                }}
              >
                <option value="">{say.chooseName}</option>
                {live.seats.map((row) => (
                  <option key={row.seat} value={row.seat}>
                    {row.label}
                  </option>
                ))}
              </select>
            </label>
          )}
          <p className="mt-5 flex flex-wrap gap-x-6">
            {!state.ended && (
              <button
                type="button"
                className="verb min-h-11"
                aria-expanded={all}
                onClick={() => setAll(!all)}
              >
                {say.steps(all)}
              </button>
            )}
            <button
              type="button"
              className="verb min-h-11"
              aria-pressed={larger}
              onClick={() => {
                keep("elm-larger", !larger);
                setLarger(!larger);
              }}
            >
              {say.text(larger)}
            </button>
          </p>
          {(all || state.ended) && (
            <AllSteps steps={steps} state={state} view={view} label={me?.label ?? ""} />
          )}
        </main>
        {state.running && step && <FollowActs step={step.id} seat={seat} says={says} />}
      </div>
    </FollowWordsProvider>
  );
}
