import type { RunLog } from "@elm-basket/core/look-back/run-log.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { labelOf } from "@/stations/frame/labels.ts";
import { waitedWords } from "./words.ts";

const MOST_SHOWN = 6;

/** Who waited for what: quick ones for the room, the room for what dried. */
export function Waited({
  taught,
  labels,
  titleOf,
}: {
  taught: RunLog;
  labels: Readonly<Record<string, string>>;
  titleOf: (step: string) => string;
}) {
  const say = waitedWords();
  const waits = [...taught.waits]
    .filter(({ minutes }) => minutes >= 0.5)
    .sort((a, b) => b.minutes * b.seats - a.minutes * a.seats);
  if (waits.length === 0 && taught.stood.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">{say.whoWaited}</h2>
      <ul>
        {taught.stood.map(({ step, minutes }) => (
          <li key={`stood ${step}`} className="border-rule border-b py-1.5">
            {say.theRoomStood(showMinutes(minutes))} <b>{titleOf(step)}</b>
            {say.driedOrHeld}
          </li>
        ))}
        {waits.slice(0, MOST_SHOWN).map(({ step, seats, minutes, longest }) => (
          <li key={step} className="border-rule border-b py-1.5">
            <b>{titleOf(step)}</b>: {say.oneWhoWasDone(seats)} {say.waited}{" "}
            {showMinutes(Math.max(1, Math.round(minutes)))} {say.eachOnAverage(seats)}
            {longest.minutes >= 1 && seats > 1
              ? `; ${labelOf(labels, longest.seat)} ${showMinutes(Math.round(longest.minutes))}`
              : ""}
            .
          </li>
        ))}
      </ul>
      <p className="mt-1 text-soft text-sm">{say.ofThoseOnlyWhoSaid}</p>
    </section>
  );
}
