/**
 * When each step begins and ends over all evenings, and when the class is over: bands to the scale
 * of time.
 */

import type { Rehearsed } from "@elm-basket/core/rehearsal/rehearse.ts";
import type { Step } from "@elm-basket/core/scheduling/step.ts";
import { bandChartWords } from "../words.ts";

const WIDTH = 900;
const NAMES = 196;
const ROW = 28;
const HEAD = 8;
const LETTERS = 28;
const HISTOGRAM = 96;
/** Bars of the histogram at most; more minutes share one. */
const MOST_BARS = 60;

interface Props {
  readonly report: Rehearsed;
  readonly endAt: number;
  readonly steps: readonly Pick<Step, "id" | "after">[];
  readonly titles: ReadonlyMap<string, string>;
  readonly at: (minute: number) => string;
}

interface Row {
  readonly key: string;
  readonly name: string;
  readonly dries: boolean;
  readonly begins: Rehearsed["byStep"][number]["begins"];
  readonly ends: Rehearsed["byStep"][number]["ends"];
}

export function BandChart({ report, endAt, steps, titles, at }: Props) {
  const say = bandChartWords();
  const rows = rowsOf(report, steps, titles);
  const last = Math.max(
    endAt,
    report.ends.from + report.ends.counts.length,
    ...rows.map(({ ends }) => ends.p90),
  );
  const scale = (minute: number) => NAMES + ((WIDTH - NAMES - 20) * minute) / last;
  const tick = [5, 10, 15, 30, 60, 120].find((minutes) => last / minutes <= 8) ?? 240;
  const height = HEAD + rows.length * ROW + 30;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height + HISTOGRAM + 34}`}
      className="w-full min-w-[560px]"
      role="img"
      aria-label={say.stepsOverInTime(report.runs, Math.round(100 * report.pOnTime))}
    >
      <defs>
        <pattern
          id="rehearsed-dries"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="var(--color-ochre-tint)" />
          <line x1="0" x2="0" y1="0" y2="7" stroke="var(--color-ochre)" strokeWidth="2.4" />
        </pattern>
      </defs>
      {rows.map((row, i) => (
        <g key={row.key} transform={`translate(0 ${HEAD + i * ROW})`}>
          <line x1={NAMES} x2={WIDTH - 16} y1={ROW - 2} y2={ROW - 2} stroke="var(--color-rule)" />
          <text
            x="0"
            y="17"
            fontSize="13"
            fill={row.dries ? "var(--color-soft)" : "var(--color-ink)"}
          >
            {row.name.length > LETTERS ? `${row.name.slice(0, LETTERS - 1)}…` : row.name}
            <title>{row.name}</title>
          </text>
          <Band row={row} scale={scale} />
          <title>
            {say.atInTheMiddleNine(row.name, row.dries, at(row.ends.p50), at(row.ends.p90))}
          </title>
        </g>
      ))}
      {Array.from({ length: Math.floor(last / tick) + 1 }, (_, i) => i * tick).map((minute) => (
        <text
          key={minute}
          x={scale(minute)}
          y={HEAD + rows.length * ROW + 16}
          fontSize="12"
          fill="var(--color-soft)"
          textAnchor={minute === 0 ? "start" : "middle"}
        >
          {at(minute)}
        </text>
      ))}
      <line
        x1={scale(endAt)}
        x2={scale(endAt)}
        y1="0"
        y2={HEAD + rows.length * ROW + 2}
        stroke="var(--color-brick)"
        strokeWidth="2"
      />
      <Ends report={report} endAt={endAt} scale={scale} top={height} at={at} />
    </svg>
  );
}

/**
 * Pale: from where the quick tenth begins; full: between the middles; tinted: until the slow tenth
 * is done. A line at the middle of the end.
 */
function Band({
  row: { begins, ends, dries },
  scale,
}: {
  row: Row;
  scale: (minute: number) => number;
}) {
  const wide = (from: number, to: number) => Math.max(1, scale(to) - scale(from));
  if (dries)
    return (
      <>
        <rect
          x={scale(begins.p50)}
          y="3"
          width={wide(begins.p50, ends.p90)}
          height="18"
          fill="url(#rehearsed-dries)"
        />
        <line
          x1={scale(ends.p50)}
          x2={scale(ends.p50)}
          y1="1"
          y2="23"
          stroke="var(--color-ink)"
          strokeWidth="1.6"
        />
      </>
    );
  return (
    <>
      <rect
        x={scale(begins.p10)}
        y="3"
        width={wide(begins.p10, begins.p50)}
        height="18"
        fill="var(--color-elm-tint)"
        opacity="0.6"
      />
      <rect
        x={scale(begins.p50)}
        y="3"
        width={wide(begins.p50, ends.p50)}
        height="18"
        fill="var(--color-elm)"
      />
      <rect
        x={scale(ends.p50)}
        y="3"
        width={wide(ends.p50, ends.p90)}
        height="18"
        fill="var(--color-elm-tint)"
        stroke="var(--color-elm)"
        strokeWidth="0.6"
      />
      <line
        x1={scale(ends.p50)}
        x2={scale(ends.p50)}
        y1="1"
        y2="23"
        stroke="var(--color-ink)"
        strokeWidth="1.6"
      />
    </>
  );
}

function Ends({
  report,
  endAt,
  scale,
  top,
  at,
}: Pick<Props, "report" | "endAt" | "at"> & { scale: (minute: number) => number; top: number }) {
  const say = bandChartWords();
  const { from, counts } = report.ends;
  const minutes = Math.max(1, Math.ceil(counts.length / MOST_BARS));
  const bars = Array.from({ length: Math.ceil(counts.length / minutes) }, (_, i) => ({
    from: from + i * minutes,
    count: counts.slice(i * minutes, (i + 1) * minutes).reduce((a, b) => a + b, 0),
  }));
  const most = Math.max(1, ...bars.map(({ count }) => count));
  const base = top + HISTOGRAM;
  // Two labels that would lie on each other stand to either side of their lines.
  const apart = Math.abs(scale(report.p90) - scale(endAt)) > 110;
  const side = (before: boolean) => (apart ? "middle" : before ? "end" : "start");
  return (
    <g>
      <text x="0" y={base - 46} fontSize="13" fontWeight="700" fill="var(--color-ink)">
        {say.whenItEnds}
      </text>
      <text x="0" y={base - 27} fontSize="13" fill="var(--color-soft)">
        {say.of100InTime(Math.round(100 * report.pOnTime))}
      </text>
      <text x="0" y={base - 9} fontSize="13" fill="var(--color-soft)">
        {say.halfBy(at(report.p50))}
      </text>
      {bars.map((bar) => {
        const height = (HISTOGRAM - 14) * (bar.count / most);
        const late = bar.from + minutes > endAt + 1e-6;
        return (
          <rect
            key={bar.from}
            x={scale(bar.from)}
            y={base - height}
            width={Math.max(1, scale(bar.from + minutes) - scale(bar.from) - 0.8)}
            height={height}
            fill={late ? "var(--color-brick)" : "var(--color-elm)"}
          />
        );
      })}
      <line x1={NAMES} x2={WIDTH - 16} y1={base} y2={base} stroke="var(--color-ink)" />
      <line
        x1={scale(endAt)}
        x2={scale(endAt)}
        y1={top + 4}
        y2={base}
        stroke="var(--color-brick)"
        strokeWidth="2"
      />
      <text
        x={scale(endAt)}
        y={base + 17}
        fontSize="12"
        fill="var(--color-brick)"
        textAnchor={side(endAt <= report.p90)}
      >
        {say.planned(at(endAt))}
      </text>
      <line
        x1={scale(report.p90)}
        x2={scale(report.p90)}
        y1={top + 10}
        y2={base}
        stroke="var(--color-ink)"
        strokeDasharray="3 3"
      />
      <text
        x={scale(report.p90)}
        y={base + 17}
        fontSize="12"
        fill="var(--color-ink)"
        textAnchor={side(report.p90 < endAt)}
      >
        {say.n9In10(at(report.p90))}
      </text>
    </g>
  );
}

/** Steps in their order, and behind each what then dries for others. */
function rowsOf({ byStep }: Rehearsed, steps: Props["steps"], titles: Props["titles"]): Row[] {
  const waits = steps.flatMap(({ after }) => (after ?? []).filter(({ wait }) => wait > 1));
  return byStep.flatMap((row): Row[] => {
    const longest = Math.max(
      0,
      ...waits.filter(({ step }) => step === row.id).map(({ wait }) => wait),
    );
    const later = ({ p10, p50, p90 }: Row["ends"]) => ({
      p10: p10 + longest,
      p50: p50 + longest,
      p90: p90 + longest,
    });
    const own: Row = {
      key: row.id,
      name: titles.get(row.id) ?? row.id,
      dries: false,
      begins: row.begins,
      ends: row.ends,
    };
    return longest > 0
      ? [
          own,
          {
            key: `${row.id} dries`,
            name: bandChartWords().dries,
            dries: true,
            begins: row.ends,
            ends: later(row.ends),
          },
        ]
      : [own];
  });
}
