import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { byCause, type RunLog } from "@elm-basket/core/look-back/run-log.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { wentWrongWords } from "./words.ts";

const MOST_SHOWN = 12;

/**
 * Flaws by cause, who was stuck where and for how long, what was lost beforehand, and what the host
 * noted.
 */
export function WentWrong({
  data,
  taught,
  lost,
}: {
  data: StationData;
  taught: RunLog;
  lost: readonly { readonly seat: string; readonly reason: string }[];
}) {
  const w = wentWrongWords();
  const labels = labelsOf(data.planned.plan);
  const { document } = data.planned;
  const titleOf = (id: string | null) => {
    const step = document.steps.find((one) => one.id === id);
    return step
      ? titleOfStep(step, document.things)
      : (data.run?.inserted.find((one) => one.step.id === id)?.step.title ?? "");
  };
  const steps = [...new Set(taught.stuck.map(({ step }) => step))];
  const { notes } = taught;
  if (
    taught.flaws.length + taught.stuck.length + lost.length + notes.length + taught.felt.length ===
    0
  )
    return null;
  return (
    <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-2">
      {taught.flaws.length + lost.length > 0 && (
        <section>
          <h2 className="mb-1 text-lg">{w.flaws}</h2>
          <Causes
            title={w.inTheClass}
            rows={taught.flaws.map(({ seat, step, reason }) => ({
              reason,
              who: `${labelOf(labels, seat)}${step ? `, ${titleOf(step)}` : ""}`,
            }))}
          />
          <Causes
            title={w.beforeIt}
            rows={lost.map(({ seat, reason }) => ({ reason, who: labelOf(labels, seat) }))}
          />
        </section>
      )}
      {steps.length > 0 && (
        <section>
          <h2 className="mb-1 text-lg">{w.stuck}</h2>
          <ul>
            {steps.map((step) => {
              const own = taught.stuck.filter((one) => one.step === step);
              const known = own.flatMap(({ minutes }) => (minutes === null ? [] : [minutes]));
              return (
                <li key={step} className="border-rule border-b py-2">
                  <b>{titleOf(step)}</b>
                  {w.text(own.length)}
                  {known.length > 0 &&
                    w.eachUntilItWent(
                      showMinutes(
                        Math.max(
                          1,
                          Math.round(
                            known.reduce((sum, minutes) => sum + minutes, 0) / known.length,
                          ),
                        ),
                      ),
                    )}
                  <p className="text-soft text-sm">
                    {w.more(
                      own
                        .slice(0, MOST_SHOWN)
                        .map(
                          ({ seat, what }) => `${labelOf(labels, seat)}${what ? ` (${what})` : ""}`,
                        )
                        .join(", "),
                      own.length,
                      MOST_SHOWN,
                    )}
                  </p>
                </li>
              );
            })}
          </ul>
        </section>
      )}
      {taught.felt.length > 0 && (
        <section>
          <h2 className="mb-1 text-lg">{w.participantsSay}</h2>
          <ul>
            {byCause(taught.felt.map(({ what }) => what)).map(({ cause, count }) => (
              <li key={cause} className="border-rule border-b py-1.5">
                {cause} {count > 1 && <b>{w.times(count)}</b>}
              </li>
            ))}
          </ul>
        </section>
      )}
      {notes.length > 0 && (
        <section>
          <h2 className="mb-1 text-lg">{w.noted}</h2>
          <ul>
            {notes.map(({ step, note, picture }) => (
              <li key={`${step} ${note} ${picture}`} className="border-rule border-b py-2">
                {note} {step && <span className="text-soft text-sm">{titleOf(step)}</span>}
                {picture && (
                  <a
                    href={`/pictures/${picture}`}
                    target="_blank"
                    rel="noreferrer"
                    className="mt-1 block"
                  >
                    {/* biome-ignore lint/performance/noImgElement: it is small already, and only its studio may read it */}
                    <img
                      src={`/pictures/${picture}`}
                      alt={w.aPictureOfTheClass(note)}
                      loading="lazy"
                      className="max-h-48 border border-rule"
                    />
                  </a>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Causes({
  title,
  rows,
}: {
  title: string;
  rows: readonly { readonly reason: string; readonly who: string }[];
}) {
  const say = wentWrongWords();
  if (rows.length === 0) return null;
  return (
    <>
      <h3 className="mt-2 text-soft text-sm">{title}</h3>
      <ul>
        {byCause(rows.map(({ reason }) => reason)).map(({ cause, count }) => (
          <li key={cause} className="border-rule border-b py-1.5">
            <b>{cause}</b>
            {say.text2(count)}
            <p className="text-soft text-sm">
              {rows
                .filter(({ reason }) => say.notSaid(reason) === cause)
                .slice(0, MOST_SHOWN)
                .map(({ who }) => who)
                .join("; ")}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}
