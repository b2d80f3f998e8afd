import type { RunLog } from "@elm-basket/core/look-back/run-log.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { labelOf } from "@/stations/frame/labels.ts";

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
  const waits = [...taught.waits]
    .filter(({ minutes }) => minutes >= 0.5)
    .sort((a, b) => b.minutes * b.seats - a.minutes * a.seats);
  if (waits.length === 0 && taught.stood.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">Who waited for what</h2>
      <ul>
        {taught.stood.map(({ step, minutes }) => (
          <li key={`stood ${step}`} className="border-rule border-b py-1.5">
            The room stood {showMinutes(minutes)} at <b>{titleOf(step)}</b>: dried, or held.
          </li>
        ))}
        {waits.slice(0, MOST_SHOWN).map(({ step, seats, minutes, longest }) => (
          <li key={step} className="border-rule border-b py-1.5">
            <b>{titleOf(step)}</b>: {seats === 1 ? "one who was done" : `${seats} who were done`}{" "}
            waited {showMinutes(Math.max(1, Math.round(minutes)))}{" "}
            {seats === 1 ? "" : "each, on average"}
            {longest.minutes >= 1 && seats > 1
              ? `; ${labelOf(labels, longest.seat)} ${showMinutes(Math.round(longest.minutes))}`
              : ""}
            .
          </li>
        ))}
      </ul>
      <p className="mt-1 text-soft text-sm">
        Of those only who said done on a phone, or were marked on the stage.
      </p>
    </section>
  );
}
