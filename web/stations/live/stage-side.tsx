import { dryings, notBefore, secondsLeft } from "@elm-basket/core/live/run.ts";
import { mayDry } from "@elm-basket/core/proposal/paced.ts";
import { showClock, showMinutes } from "@elm-basket/core/units/time.ts";
import type { ReactNode } from "react";
import type { LiveClass, LiveStep, StageState } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";
import { SeatBasket } from "@/ui/seat-basket.tsx";
import { type Coming, comingAfter } from "./coming.ts";
import { SecondPhones } from "./second-phones.tsx";
import { Questions } from "./stage-questions.tsx";
import { stageSideWords } from "./words.ts";

interface Props {
  readonly live: LiveClass;
  readonly steps: readonly LiveStep[];
  readonly step: LiveStep | undefined;
  readonly state: StageState;
  readonly now: number;
  readonly done: Readonly<Record<string, number>>;
  readonly projector: boolean;
  readonly join: ReactNode;
  readonly clock: (at: number) => string;
  readonly onAct: (act: StageAct) => void;
}

const [MOST_LACKING, MOST_LINE] = [6, 5];

/** The clock of the step, everything that dries, whose turn it is, who is stuck, and the basket. */
export function StageSide({
  live,
  steps,
  step,
  state,
  now,
  done,
  projector,
  join,
  clock,
  onAct,
}: Props) {
  const say = stageSideWords();
  const labels = new Map(live.seats.map(({ seat, label }) => [seat, label]));
  const name = (seat: string) => say.seat(labels.get(seat), seat);
  const titles = new Map(steps.map(({ id, title }) => [id, title]));
  const stuck = state.marks.filter(({ kind }) => kind === "stuck");
  const finished = new Set(
    state.marks.flatMap(({ kind, step: at, seat }) =>
      kind === "done" && at === state.stepId ? [seat] : [],
    ),
  );
  const drying = state.running
    ? dryings(steps, state, now).filter((one) => one.step !== state.stepId)
    : [];
  return (
    <aside className="px-8 py-6 lg:min-h-0 lg:overflow-y-auto" aria-label={say.whereTheClass}>
      {!state.running && !state.ended && join}
      {state.running && step && <StepClock step={step} state={state} now={now} clock={clock} />}
      {!projector &&
        state.running &&
        step?.after
          .filter((before) => isLooked(before, state, now))
          .map(({ step: of }) => (
            <Touched
              key={of}
              asks
              title={titles.get(of) ?? ""}
              onTouch={(dry) => onAct({ act: "dry", of, dry })}
            />
          ))}
      {drying.length > 0 && (
        <ul className="mb-4 text-lg" aria-label={say.whatDries}>
          {drying.map((one) => (
            <li
              key={`${one.of} ${one.step}`}
              className="border-stage-rule border-b py-2"
              data-dries={one.step}
            >
              <span className="flex justify-between gap-3">
                <span>{titles.get(one.step)}</span>
                <b className="shrink-0 text-stage-ochre">{say.from(clock(one.until))}</b>
              </span>
              <span className="flex items-center gap-3 text-base text-stage-soft">
                {say.dries(titles.get(one.of))}
                <span className="h-2.5 flex-1 border border-stage-soft">
                  <span
                    className="block h-full bg-stage-ochre"
                    style={{
                      width: `${Math.min(100, (100 * (now - one.from)) / (one.until - one.from))}%`,
                    }}
                  />
                </span>
                <span className="tabular-nums" suppressHydrationWarning>
                  {showClock((one.until - now) / 1000)}
                </span>
              </span>
              {!projector && mayDry(one.of) && (
                <Touched
                  title={titles.get(one.of) ?? ""}
                  onTouch={(dry) => onAct({ act: "dry", of: one.of, dry })}
                />
              )}
            </li>
          ))}
        </ul>
      )}
      {state.line && step?.tool && (
        <div className="mb-4 text-lg" data-line>
          <p className="text-stage-soft">
            {say.throughWaiting(
              step.tool.name,
              state.line.through.length,
              state.line.waiting.length,
            )}
          </p>
          <ul>
            {state.line.turn.map((seat) => (
              <li
                key={seat}
                className="flex items-center justify-between gap-3 border-stage-rule border-b py-1.5"
              >
                <b>{name(seat)}</b>
                {!projector && (
                  <button
                    type="button"
                    className="min-h-11 font-bold underline underline-offset-4"
                    onClick={() => onAct({ act: "seatDone", seat })}
                  >
                    {say.through}
                  </button>
                )}
              </li>
            ))}
          </ul>
          {state.line.waiting.length > 0 && (
            <p className="py-1.5 text-stage-soft">
              {say.thenSaid} {state.line.waiting.slice(0, MOST_LINE).map(name).join(", ")}
              {state.line.waiting.length > MOST_LINE
                ? say.andMore(state.line.waiting.length, MOST_LINE)
                : ""}
            </p>
          )}
        </div>
      )}
      {!projector && stuck.length > 0 && (
        <Questions
          stuck={stuck}
          here={state.stepId}
          now={now}
          name={name}
          titles={titles}
          onAct={onAct}
        />
      )}
      {!projector && state.phones.length > 0 && (
        <SecondPhones phones={state.phones} name={name} onAct={onAct} />
      )}
      {!projector && !state.running && !state.ended && (
        <Readiness live={live} state={state} name={name} />
      )}
      <SeatBasket
        dark
        columns={live.seats.length > 40 ? 16 : 5}
        seats={live.seats.map(({ seat, label }) => ({
          seat,
          label,
          done: state.running ? (finished.has(seat) ? 5 : 0) : (done[seat] ?? 0),
          // Who is stuck is the host's to know, not the room's.
          trouble: !projector && stuck.some((mark) => mark.seat === seat),
        }))}
        {...(state.running
          ? {
              words: (seat: string) =>
                !projector && stuck.some((mark) => mark.seat === seat)
                  ? say.stuck
                  : say.doneWithThisStep(finished.has(seat)),
            }
          : {})}
      />
      {state.running && step && <ToCome steps={comingAfter(steps, step.id)} />}
    </aside>
  );
}

/** What the room does next, and what then dries by itself. */
function ToCome({ steps }: { steps: readonly Coming[] }) {
  const say = stageSideWords();
  if (steps.length === 0) return null;
  return (
    <section className="mt-6" aria-label={say.toCome}>
      <h2 className="mb-1 text-lg text-stage-elm">{say.toCome}</h2>
      <ol>
        {steps.map(({ id, title, minutes, dries }) => (
          <li key={id} className="flex justify-between gap-3 border-stage-rule border-b py-1.5">
            <span className="min-w-0">
              {title}
              {dries > 0 && (
                <span className="block text-sm text-stage-ochre">
                  {say.thenDries(showMinutes(dries))}
                </span>
              )}
            </span>
            <span className="shrink-0 text-stage-soft">{showMinutes(minutes)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Whether the step waits for something that nobody has found dry yet. */
const isLooked = (
  { step, wait }: LiveStep["after"][number],
  { ends, dry = {} }: StageState,
  now: number,
): boolean => {
  if (wait <= 0 || !Object.hasOwn(ends, step) || !mayDry(step)) return false;
  const touched = dry[step];
  return touched === undefined || touched < (ends[step] as number) || touched > now;
};

/**
 * Touched at an edge with a clean knuckle: the clock gives way to what is so, and the next class
 * knows it.
 */
function Touched({
  title,
  asks = false,
  onTouch,
}: {
  title: string;
  asks?: boolean;
  onTouch: (dry: boolean) => void;
}) {
  const say = stageSideWords();
  return (
    <span className="flex flex-wrap items-center gap-x-5 text-base">
      {asks && <span className="text-stage-soft">{say.dryToTheTouch(title)}</span>}
      <button
        type="button"
        className="min-h-11 font-bold underline underline-offset-4"
        onClick={() => onTouch(true)}
        aria-label={say.itIsDry(title)}
      >
        {say.itIsDry2}
      </button>
      <button
        type="button"
        className="min-h-11 underline underline-offset-4"
        onClick={() => onTouch(false)}
        aria-label={say.notDryYetFiveMinutes(title)}
      >
        {say.notYet5Min}
      </button>
    </span>
  );
}

function StepClock({
  step,
  state,
  now,
  clock,
}: Pick<Props, "state" | "now" | "clock"> & { step: LiveStep }) {
  const say = stageSideWords();
  const left = secondsLeft(step, state, now);
  const dry = Math.max(0, ((notBefore(step, state) ?? 0) - now) / 1000);
  return (
    <>
      <p
        className={`font-bold font-head text-[clamp(4rem,9vw,7rem)] leading-none ${left < 0 ? "text-stage-brick" : ""}`}
        suppressHydrationWarning
        aria-live="off"
        data-left
      >
        {dry > 0 ? showClock(dry) : left < 0 ? `+${showClock(-left)}` : showClock(left)}
      </p>
      {dry > 0 && (
        <p className="mt-2 font-bold text-2xl text-stage-ochre" role="status" data-drying>
          {say.dryingNotBefore(clock(now + dry * 1000))}
        </p>
      )}
      <p className="mt-2 mb-5 text-stage-soft text-xl">
        {say.text(dry, state.heldAt, left, step.minutes)}
        {state.extraSeconds !== 0 &&
          ` ${state.extraSeconds > 0 ? "+" : "−"} ${Math.abs(state.extraSeconds) / 60}`}{" "}
        {say.min}
      </p>
    </>
  );
}

/** Before the class: whose kit is there, and who lacks what. */
function Readiness({
  live,
  state,
  name,
}: Pick<Props, "live" | "state"> & { name: (seat: string) => string }) {
  const say = stageSideWords();
  const ready = state.ready.filter(({ kind }) => kind === "ready").length;
  const missing = state.ready.filter(({ kind }) => kind === "missing");
  if (state.ready.length === 0)
    return <p className="mb-4 text-lg text-stage-soft">{say.nobodyHasSaidYet}</p>;
  return (
    <div className="mb-4 text-lg" data-readiness>
      <p>
        <b>{ready}</b> {say.ofHaveEverything(live.seats.length)}
        {missing.length > 0 && (
          <b className="text-stage-brick">{say.lackSomething(missing.length)}</b>
        )}
      </p>
      <ul>
        {missing.slice(0, MOST_LACKING).map(({ seat, what }) => (
          <li key={seat} className="border-stage-rule border-b py-2">
            {name(seat)}
            {what && <span className="text-stage-soft">: {what}</span>}
          </li>
        ))}
        {missing.length > MOST_LACKING && (
          <li className="py-2 text-stage-soft">{say.andMore2(missing.length, MOST_LACKING)}</li>
        )}
      </ul>
    </div>
  );
}
