import type { EveningAhead } from "@elm-basket/core/calendar/ahead.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { showDate } from "@/ui/dates.ts";
import { Sideways } from "@/ui/sideways.tsx";
import type { TaskKind, TonightTask } from "./task.ts";
import { eveningsAheadWords } from "./words.ts";

const FILL: Record<TaskKind, string> = {
  order: "var(--color-ink)",
  blanks: "var(--color-ochre)",
  print: "var(--color-rule-strong)",
  cut: "var(--color-elm)",
  weed: "var(--color-elm-mid)",
  tape: "var(--color-backing)",
  pack: "var(--color-slate)",
  post: "var(--color-faint)",
};
const words = (): Record<TaskKind, string> => ({
  order: eveningsAheadWords().ordering,
  blanks: eveningsAheadWords().blanks,
  print: eveningsAheadWords().printing,
  cut: eveningsAheadWords().cutting,
  weed: eveningsAheadWords().weeding,
  tape: eveningsAheadWords().taping,
  pack: eveningsAheadWords().packing,
  post: eveningsAheadWords().posting,
});
const [COLUMN, GAP, HEIGHT, FOOT] = [54, 10, 120, 36];

/**
 * The evenings to come to one scale: what each asks, and what it holds as a line; what it does not
 * hold stands over it.
 */
export function EveningsAhead({
  days,
  all,
}: {
  days: readonly EveningAhead[];
  all: Readonly<Record<string, Pick<TonightTask, "kind">>>;
}) {
  const say = eveningsAheadWords();
  if (days.length < 2) return null;
  const most = Math.max(1, ...days.map(({ minutes, free }) => Math.max(minutes, free)));
  const tall = (minutes: number) => (HEIGHT * minutes) / most;
  const kinds = [
    ...new Set(days.flatMap(({ parts }) => parts.flatMap(({ id }) => all[id]?.kind ?? []))),
  ];
  const said = days
    .map(({ date, minutes, over }) =>
      say.text(
        showDate(date, "short"),
        showMinutes(Math.round(minutes)),
        over >= 1 ? say.tooMuch(showMinutes(Math.round(over))) : "",
      ),
    )
    .join("; ");
  return (
    <section className="mt-8" aria-label={say.theEveningsToCome}>
      <h2 className="mb-1 text-xl">{say.theEveningsToCome}</h2>
      <p className="mb-2 flex flex-wrap gap-x-5 text-soft text-sm">
        {kinds.map((kind) => (
          <span key={kind} className="inline-flex items-center gap-1.5">
            <svg width="12" height="12" aria-hidden="true">
              <rect width="12" height="12" fill={FILL[kind]} />
            </svg>
            {words()[kind]}
          </span>
        ))}
        <span>{say.theLine}</span>
      </p>
      <Sideways label={say.eveningByEvening}>
        <svg width={days.length * COLUMN} height={HEIGHT + FOOT + 16} role="img" aria-label={said}>
          {days.map(({ date, minutes, free, over, parts }, i) => {
            const x = i * COLUMN;
            let y = HEIGHT + 14;
            return (
              <g key={date}>
                {stacked(parts, all).map(({ kind, minutes: own }) => {
                  y -= tall(own);
                  return (
                    <rect
                      key={kind}
                      x={x}
                      y={y}
                      width={COLUMN - GAP}
                      height={tall(own)}
                      fill={FILL[kind]}
                    />
                  );
                })}
                {over >= 1 && (
                  <rect
                    x={x}
                    y={HEIGHT + 14 - tall(minutes)}
                    width={COLUMN - GAP}
                    height={tall(over)}
                    fill="none"
                    stroke="var(--color-brick)"
                    strokeWidth="2.5"
                  />
                )}
                <line
                  x1={x - 2}
                  x2={x + COLUMN - GAP + 2}
                  y1={HEIGHT + 14 - tall(free)}
                  y2={HEIGHT + 14 - tall(free)}
                  stroke="var(--color-ink)"
                  strokeWidth="1.5"
                />
                <text
                  x={x + (COLUMN - GAP) / 2}
                  y={HEIGHT + 29}
                  fontSize="12.5"
                  textAnchor="middle"
                  fill="var(--color-ink)"
                >
                  {showDate(date, "short").replace(/ [A-Z][a-z]+$/u, "")}
                </text>
                <text
                  x={x + (COLUMN - GAP) / 2}
                  y={HEIGHT + 45}
                  fontSize="12"
                  textAnchor="middle"
                  fill={over >= 1 ? "var(--color-brick)" : "var(--color-soft)"}
                >
                  {say.min(Math.round(minutes))}
                </text>
              </g>
            );
          })}
        </svg>
      </Sideways>
    </section>
  );
}

/** By kind, so that a colour stands once in a column. */
function stacked(
  parts: EveningAhead["parts"],
  all: Readonly<Record<string, Pick<TonightTask, "kind">>>,
): { kind: TaskKind; minutes: number }[] {
  const sums = new Map<TaskKind, number>();
  for (const { id, minutes } of parts) {
    const kind = all[id]?.kind;
    if (kind) sums.set(kind, (sums.get(kind) ?? 0) + minutes);
  }
  return [...sums].map(([kind, minutes]) => ({ kind, minutes }));
}
