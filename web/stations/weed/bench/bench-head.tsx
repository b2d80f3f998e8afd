"use client";

import type { Clock } from "@elm-basket/core/units/time.ts";
import { isDone, minutesLeft, paceOf } from "@elm-basket/core/weeding/queue.ts";
import Link from "next/link";
import { secondsAt } from "@/bench/replay.ts";
import type { BenchFacts } from "@/data/films.ts";
import { timeIn } from "@/ui/dates.ts";
import { benchHeadWords } from "../words.ts";
import type { QueueRow } from "./film-list.tsx";

interface Props {
  /** The host's way back to the class; null for a helper. */
  readonly bench: string | null;
  readonly facts: BenchFacts;
  readonly clock: Clock;
  readonly rows: readonly QueueRow[];
  readonly hands: string;
  /** Server's clock, epoch ms. */
  readonly now: number;
  /** On a narrow screen, whether the list is shown in the film's place. */
  readonly list: boolean;
  readonly onList: () => void;
}

/** How far the bench is, when it will be through at this pace, and who is on what. */
export function BenchHead({ bench, facts, clock, rows, hands, now, list, onList }: Props) {
  const say = benchHeadWords();
  const done = rows.filter(isDone);
  const around = rows.filter((film) => film.state === "held" && film.heldBy !== hands);
  return (
    <header className="flex flex-wrap items-center gap-x-5 gap-y-1 border-rule border-b px-5 py-2">
      <h1 className="text-2xl">{say.weed}</h1>
      {bench !== null && (
        <Link className="verb flex min-h-11 items-center" href={`/classes/${bench}/weed`}>
          {say.toTheClass}
        </Link>
      )}
      <p className="text-soft [overflow-wrap:anywhere]">
        {say.ofFilmsDone(facts.title, done.length, rows.length)}
      </p>
      <Through rows={rows} facts={facts} clock={clock} now={now} />
      {around.length > 0 && (
        <p className="text-soft text-sm" data-around>
          {around
            .slice(0, 3)
            .map(({ by, label }) => say.isOn(by, label))
            .join(", ")}
          {say.andMore(around.length)}
        </p>
      )}
      <button
        type="button"
        className="verb min-h-11 lg:hidden"
        aria-expanded={list}
        onClick={onList}
      >
        {say.toTheFilmAllFilms(list)}
      </button>
    </header>
  );
}

function Through({ rows, facts, clock, now }: Pick<Props, "rows" | "facts" | "clock" | "now">) {
  const say = benchHeadWords();
  const done = rows.filter(isDone);
  const cut = rows.filter(({ state }) => state === "waiting" || state === "held");
  const uncut = rows.length - done.length - cut.length;
  if (cut.length === 0) return <p className="ml-auto">{say.allFilmsAreWeededStill(uncut)}</p>;
  const pace = paceOf(done.map(({ minutes, seconds }) => ({ minutes, actual: seconds / 60 })));
  const hands = new Set(
    rows.flatMap(({ state, heldBy, by }) => (state === "held" ? [heldBy || by] : [])),
  ).size;
  const left = (at: number) =>
    minutesLeft(
      cut.map((film) => ({
        ...film,
        minutes: Math.max(0, film.minutes - secondsAt(film, now) / 60 / at),
      })),
      at,
      hands,
    );
  const clockAt = (minutes: number) => timeIn(facts.zone, new Date(now + minutes * 60_000), clock);
  return (
    <p className="ml-auto" data-pace>
      {say.atThisPaceDone} <b className="font-head text-xl">{clockAt(left(pace))}</b>{" "}
      <span className="text-soft text-sm">{say.asEstimatedNotCutYet(clockAt(left(1)), uncut)}</span>
    </p>
  );
}
