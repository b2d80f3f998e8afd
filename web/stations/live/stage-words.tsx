import { fillers, notBefore } from "@elm-basket/core/live/run.ts";
import { showClock, showMinutes } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import type { LiveClass, LiveStep, StageState } from "@/live/live-class.ts";
import type { SeatThing } from "@/live/seat-view.ts";
import { ThingPicture } from "./thing-picture.tsx";
import { stageWordsWords } from "./words.ts";

interface Common {
  readonly live: LiveClass;
  readonly state: StageState;
  readonly now: number;
  readonly picture: readonly SeatThing[];
  readonly projector: boolean;
  readonly clock: (at: number) => string;
}

interface Props extends Common {
  readonly steps: readonly LiveStep[];
  readonly step: LiveStep;
  readonly next: LiveStep | null;
  readonly onInstead: (step: string) => void;
}

/** More would not fit the screen at the usual size. */
const MANY_LETTERS = 400;

/**
 * The step, large; what is said, shown and checked; what comes next, and what fills the wait for
 * it.
 */
export function StageWords({
  steps,
  step,
  next,
  state,
  now,
  picture,
  projector,
  clock,
  onInstead,
}: Props) {
  const texts = stageWordsWords();
  const thing = picture.find(({ thing: id }) => id === step.thing) ?? picture[0];
  const rows: readonly (readonly [string, string])[] = projector
    ? [
        [texts.doIt, step.doIt],
        [texts.check, step.check],
        [texts.care, step.care],
      ]
    : [
        [texts.say, step.say],
        [texts.show, step.show],
        [texts.where, step.lies],
        [texts.check, step.check],
        [texts.slip, step.slip],
        [texts.care, step.care],
      ];
  const letters = rows.reduce((sum, [, words]) => sum + words.length, 0);
  const size = projector
    ? "text-[clamp(1.5rem,2.6vw,2.4rem)] leading-snug"
    : letters > MANY_LETTERS
      ? "text-[clamp(1rem,1.38vw,1.7rem)] leading-snug"
      : "text-[clamp(1.15rem,1.75vw,1.9rem)] leading-snug";
  const dry = next ? notBefore(next, { ...state, ends: { ...state.ends, [step.id]: now } }) : null;
  const waits = dry !== null && dry > now + 1000;
  const instead = waits ? fillers(steps, state, now) : [];
  return (
    <>
      <h1
        className="mb-4 max-w-4xl text-[clamp(2.2rem,4.6vw,4.6rem)] leading-tight"
        data-step={step.id}
      >
        {step.title}
      </h1>
      <div className="grid flex-1 content-start gap-x-8 gap-y-5 xl:grid-cols-[1fr_minmax(220px,32%)]">
        <dl className="grid content-start gap-3.5">
          {rows
            .filter(([, words]) => words)
            .map(([name, words]) => (
              <div
                key={name}
                className={`grid grid-cols-[84px_1fr] ${name === texts.care ? "text-stage-ochre" : ""}`}
              >
                <dt
                  className={`pt-1 font-bold font-head text-lg ${name === texts.care ? "" : "text-stage-elm"}`}
                >
                  {name}
                </dt>
                <dd className={size}>{words}</dd>
              </div>
            ))}
        </dl>
        {thing && (
          <div className="max-w-sm">
            <ThingPicture
              thing={thing}
              name={stageWordsWords().whatItBecomes}
              maxHeight="34vh"
              dark
            />
          </div>
        )}
      </div>
      <div className="mt-5 border-stage-rule border-t pt-3 text-xl">
        {next ? (
          <p>
            <span className="text-stage-soft">{texts.thenSaid} </span>
            <b>{next.title}</b>
            {waits && (
              <b className="text-stage-ochre" data-waits>
                {texts.notBefore(clock(dry))}
              </b>
            )}
          </p>
        ) : (
          <p className="text-stage-soft">{texts.theLastStep}</p>
        )}
        {!projector && instead.length > 0 && (
          <p className="mt-1" data-instead>
            <span className="text-stage-soft">{texts.meanwhile} </span>
            {instead.slice(0, 3).map((one) => (
              <button
                key={one.id}
                type="button"
                className="mr-4 min-h-11 font-bold underline underline-offset-4"
                onClick={() => onInstead(one.id)}
              >
                {one.title}, {showMinutes(one.minutes)}
              </button>
            ))}
          </p>
        )}
      </div>
    </>
  );
}

/** Before the class and after it. */
export function StageLobby({
  classId,
  live,
  state,
  now,
  picture,
  projector,
  clock,
}: Common & { classId: string }) {
  const say = stageWordsWords();
  const toGo = (live.beginsAt - now) / 1000;
  return (
    <>
      <h1 className="mb-4 text-6xl">
        {say.thisStep(state.running, state.ended, live.steps.length, projector)}
      </h1>
      <p className="text-2xl text-stage-soft" suppressHydrationWarning>
        {state.running
          ? say.itWasRemovedMeanwhile
          : state.ended
            ? live.farewell
            : toGo > 0 && toGo < 86_400
              ? `It begins at ${clock(live.beginsAt)}, in ${toGo < 3600 ? showClock(toGo) : showMinutes(Math.round(toGo / 60))}.`
              : say.text(live.steps.length, showMinutes(live.endMinute))}
        {say.spaceBegins(projector, state.ended, state.running, live.steps.length)}
      </p>
      {state.ended && !projector && (
        <p className="mt-4 text-2xl">
          <Link className="underline underline-offset-4" href={`/classes/${classId}/look-back`}>
            {say.lookBack}
          </Link>
        </p>
      )}
      <div className="mt-8 flex flex-wrap gap-8">
        {picture.map((thing) => (
          <div key={thing.thing} className="w-[min(26rem,80vw)]">
            <ThingPicture thing={thing} name={stageWordsWords().whatIsMade} maxHeight="40vh" dark />
          </div>
        ))}
      </div>
      {!projector && !state.ended && (
        <p className="mt-auto pt-6 text-stage-soft">
          <a
            className="underline underline-offset-4"
            href={`/live/${classId}?view=projector`}
            target="_blank"
            rel="noreferrer"
          >
            {say.aViewForTheProjector}
          </a>
        </p>
      )}
    </>
  );
}
