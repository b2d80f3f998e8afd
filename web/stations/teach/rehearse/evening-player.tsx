"use client";

import type { PlayedEvening } from "@elm-basket/core/rehearsal/played.ts";
import {
  type PlayedSeat,
  type SeatMoment,
  seatAt,
  stepsDone,
} from "@elm-basket/core/rehearsal/played-seat.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { useEffect, useState } from "react";
import { Button } from "@/ui/button.tsx";
import { SeatBasket } from "@/ui/seat-basket.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { eveningPlayerWords } from "../words.ts";
import type { Report } from "./use-rehearsal.ts";

interface Props {
  readonly evening: PlayedEvening;
  readonly run: number;
  readonly found: Report;
  readonly seats: readonly { readonly seat: string; readonly label: string }[];
  readonly titles: readonly string[];
  readonly at: (minute: number) => string;
  readonly onPlay: (run: number) => void;
}

/** Minutes of the class in a second. */
const speeds = () =>
  ({
    "1": eveningPlayerWords().aMinuteASecond,
    "4": eveningPlayerWords().n4MinutesASecond,
    "12": eveningPlayerWords().n12MinutesASecond,
  }) as const;
const FRAME_MS = 120;
const STRANDS = 5;

/**
 * One evening as the basket filling. Who stands in line or has not come is marked; a seat that is
 * touched tells its own evening.
 */
export function EveningPlayer({ evening, run, found, seats, titles, at, onPlay }: Props) {
  const say = eveningPlayerWords();
  const [minute, setMinute] = useState(0);
  const [speed, setSpeed] = useState<keyof ReturnType<typeof speeds>>("4");
  const [going, setGoing] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const end = Math.max(
    evening.end,
    ...evening.seats.flatMap(({ turns }) => turns.map(({ to }) => to)),
  );
  useEffect(() => {
    if (!going) return;
    const timer = setInterval(
      () => setMinute((before) => Math.min(end, before + (Number(speed) * FRAME_MS) / 1000)),
      FRAME_MS,
    );
    return () => clearInterval(timer);
  }, [going, speed, end]);
  useEffect(() => {
    if (minute >= end) setGoing(false);
  }, [minute, end]);
  const press = () => {
    if (minute >= end) setMinute(0);
    setGoing(minute >= end || !going);
  };
  const moments = evening.seats.map((seat) => seatAt(seat, minute));
  const tally = (kind: SeatMoment["at"]) => moments.filter((moment) => moment.at === kind).length;
  const open = evening.steps.findLastIndex(({ open: from }) => from <= minute);
  // Whoever has nothing in hand while the host speaks listens.
  const listens = found.talks.some(
    (step) =>
      (evening.steps[step]?.open ?? 0) <= minute && minute < (evening.steps[step]?.gate ?? 0),
  );
  const at0 = evening.seats[seats.findIndex(({ seat }) => seat === chosen)];
  return (
    <section className="mt-6 border-rule border-t pt-4" aria-label={say.oneEvening}>
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-lg">
          {say.oneEvening2(at(minute))}{" "}
          <span className="font-normal font-text text-base text-soft">
            {minute >= end ? say.allDone : (titles[open] ?? "")}
          </span>
        </h2>
        <div className="flex flex-wrap items-end gap-2">
          <Button onClick={press}>{say.stopOnceMorePlay(going, minute, end)}</Button>
          <Button disabled={run === found.usual} onClick={() => onPlay(found.usual)}>
            {say.aUsual}
          </Button>
          <Button disabled={run === found.bad} onClick={() => onPlay(found.bad)}>
            {say.aBad}
          </Button>
        </div>
      </div>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-[1fr_180px]">
        <label className="block">
          <span className="sr-only">{say.minuteOfTheEvening}</span>
          <input
            type="range"
            className="w-full"
            min={0}
            max={Math.ceil(end)}
            step={0.5}
            value={minute}
            onChange={(event) => setMinute(Number(event.target.value))}
            aria-valuetext={at(minute)}
          />
        </label>
        <SelectField label={say.pace} value={speed} words={speeds()} onChange={setSpeed} />
      </div>
      <p className="mb-3 tabular-nums" data-tally>
        {tally("working")} {say.atWork} {tally("waiting")} {say.listeningWaiting(listens)},{" "}
        {tally("inLine")} {say.inLine}
        {tally("absent") > 0 ? say.notHereYet(tally("absent")) : ""}
        {tally("done") > 0 ? say.done(tally("done")) : ""}
      </p>
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <SeatBasket
          columns={seats.length > 60 ? 16 : undefined}
          {...(chosen === null ? {} : { chosen })}
          onChoose={(seat) => setChosen(seat === chosen ? null : seat)}
          seats={seats.map(({ seat, label }, i) => {
            const own = evening.seats[i];
            const moment = moments[i];
            return {
              seat,
              label,
              done:
                own && own.turns.length > 0
                  ? Math.floor((STRANDS * stepsDone(own, minute)) / own.turns.length)
                  : 0,
              trouble: moment?.at === "inLine" || moment?.at === "absent",
            };
          })}
          words={(seat) =>
            words(moments[seats.findIndex((own) => own.seat === seat)], titles, listens)
          }
        />
        {at0 && chosen !== null ? (
          <SeatEvening
            seat={at0}
            label={seats.find(({ seat }) => seat === chosen)?.label ?? chosen}
            titles={titles}
            minute={minute}
            at={at}
          />
        ) : (
          <p className="text-soft">{say.touchASeatItTells}</p>
        )}
      </div>
    </section>
  );
}

function words(
  moment: SeatMoment | undefined,
  titles: readonly string[],
  listens: boolean,
): string {
  const say = eveningPlayerWords();
  if (!moment) return "";
  switch (moment.at) {
    case "absent":
      return say.notHereYet2;
    case "waiting":
      return say.listensWaits(listens);
    case "done":
      return say.done2;
    case "inLine":
      return say.inLine2(titles[moment.step]);
    case "working":
      return titles[moment.step] ?? "";
  }
}

function SeatEvening({
  seat,
  label,
  titles,
  minute,
  at,
}: {
  seat: PlayedSeat;
  label: string;
  titles: readonly string[];
  minute: number;
  at: (minute: number) => string;
}) {
  const say = eveningPlayerWords();
  return (
    <div data-seat-evening>
      <p className="mb-1">
        <b>{label}</b>
        {seat.arrives > 0.5 ? say.comesAt(at(seat.arrives)) : ""}
        {say.waits} {showMinutes(Math.round(seat.waited))} {say.inAll}
      </p>
      <ol className="text-sm">
        {seat.turns.map((turn) => (
          <li
            key={turn.step}
            className={`flex justify-between gap-3 border-rule border-b py-1 ${turn.from <= minute && minute < turn.to ? "font-bold" : turn.to <= minute ? "text-soft" : ""}`}
          >
            <span>{titles[turn.step]}</span>
            <span className="shrink-0 tabular-nums">
              {at(turn.from)}, {showMinutes(Math.max(1, Math.round(turn.to - turn.from)))}
              {turn.from - turn.came > 0.5
                ? say.inLine3(showMinutes(Math.round(turn.from - turn.came)))
                : ""}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
