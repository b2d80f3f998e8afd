import { showClock } from "@elm-basket/core/units/time.ts";
import type { StageState } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";
import { questionsOf } from "./questions-of.ts";
import { stageQuestionsWords } from "./words.ts";

interface Props {
  readonly stuck: StageState["marks"];
  /** The step that goes on. */
  readonly here: string;
  readonly now: number;
  readonly name: (seat: string) => string;
  readonly titles: ReadonlyMap<string, string>;
  readonly onAct: (act: StageAct) => void;
}

const [MOST_SHOWN, MOST_NAMED] = [6, 4];

/** Who is stuck, with what, and since when; what several ask is answered once for all. */
export function Questions({ stuck, here, now, name, titles, onAct }: Props) {
  const say = stageQuestionsWords();
  const questions = questionsOf(stuck, here);
  const left = questions.slice(MOST_SHOWN).reduce((sum, { seats }) => sum + seats.length, 0);
  return (
    <ul className="mb-4 text-lg" aria-label={say.stuck}>
      {questions.slice(0, MOST_SHOWN).map(({ step, what, seats }) => {
        const [first] = seats;
        if (!first) return null;
        const several = seats.length > 1;
        return (
          <li key={`${step} ${what}`} className="border-stage-rule border-b py-2">
            <span className="flex items-center justify-between gap-3">
              <span>{several ? say.areStuck(seats.length) : name(first.seat)}</span>
              <span className="flex shrink-0 items-center gap-3">
                <b className="text-stage-brick" suppressHydrationWarning>
                  {say.text(several, showClock((now - first.at) / 1000))}
                </b>
                <button
                  type="button"
                  className="min-h-11 font-bold underline underline-offset-4"
                  onClick={() =>
                    onAct(
                      several
                        ? { act: "answered", step, what }
                        : { act: "helped", seat: first.seat, step },
                    )
                  }
                >
                  {say.answeredForAllHelped(several)}
                </button>
              </span>
            </span>
            {(what !== "" || step !== here || several) && (
              <span className="block text-base text-stage-soft">
                {step === here ? "" : `${titles.get(step) ?? ""}: `}
                {what}
                {several &&
                  say.text2(
                    seats
                      .slice(0, MOST_NAMED)
                      .map(({ seat }) => name(seat))
                      .join(", "),
                    seats.length,
                    MOST_NAMED,
                  )}
              </span>
            )}
          </li>
        );
      })}
      {left > 0 && <li className="py-2 text-stage-soft">{say.andMore(left)}</li>}
    </ul>
  );
}
