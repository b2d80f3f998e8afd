/**
 * The run sheet to scale: what the room does, what dries by itself, which tool is taken; the
 * promised end as a line.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import type { RunSheet } from "@elm-basket/core/scheduling/run-sheet.ts";
import { runLanesWords } from "./words.ts";

interface Bar {
  readonly id: string;
  readonly from: number;
  readonly minutes: number;
  readonly words: string;
  readonly title: string;
  readonly kind: "critical" | "slack" | "dries" | "tool";
}

interface Lane {
  readonly name: string;
  readonly bars: readonly Bar[];
}

const WIDTH = 1000;
const NAMES = 118;
const ROW = 30;
/** Letters of 12 px are some 6.2 wide. */
const LETTER = 6.2;

type Classed = Pick<ClassDocument, "steps" | "tools" | "things" | "when" | "fromEnd">;

export function RunLanes({ document, sheet }: { document: Classed; sheet: RunSheet }) {
  const begin = document.fromEnd ? document.when.minutes - sheet.endMinute : 0;
  // One that has to begin before its time is drawn from there.
  const planned = document.when.minutes + Math.max(0, -begin);
  const all = Math.max(sheet.endMinute, planned, 1);
  const x = (minute: number) => NAMES + ((WIDTH - NAMES - 4) * minute) / all;
  const lanes = lanesOf(document, sheet, Math.max(0, begin));
  const height = 22 + lanes.length * ROW + 8;
  const ticks = Array.from(
    { length: Math.floor(all / tickOf(all)) + 1 },
    (_, i) => i * tickOf(all),
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="w-full min-w-[640px]"
      role="img"
      aria-label={runLanesWords().stepsToScaleMinutes(sheet.endMinute, document.when.minutes)}
    >
      <defs>
        <pattern
          id="dries"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="var(--color-ochre-tint)" />
          <line x1="0" x2="0" y1="0" y2="7" stroke="var(--color-ochre)" strokeWidth="2.4" />
        </pattern>
      </defs>
      {ticks.map((minute) => (
        <g key={minute}>
          <line
            x1={x(minute)}
            x2={x(minute)}
            y1="16"
            y2={height - 6}
            stroke="var(--color-rule)"
            strokeWidth="1"
          />
          <text
            x={x(minute)}
            y="11"
            fontSize="11"
            textAnchor={x(minute) > WIDTH - 12 ? "end" : "middle"}
            fill="var(--color-soft)"
          >
            {minute}
          </text>
        </g>
      ))}
      {lanes.map((lane, i) => (
        <g key={lane.name} transform={`translate(0 ${20 + i * ROW})`}>
          <text x="0" y="18" fontSize="13" fill="var(--color-ink)">
            {lane.name.length > 18 ? `${lane.name.slice(0, 17)}…` : lane.name}
          </text>
          {lane.bars.map((bar) => {
            const width = Math.max(2, x(bar.from + bar.minutes) - x(bar.from) - 2);
            const room = Math.floor((width - 8) / LETTER);
            return (
              <g key={bar.id}>
                <title>{bar.title}</title>
                <rect
                  x={x(bar.from)}
                  y="3"
                  width={width}
                  height="22"
                  fill={
                    bar.kind === "dries"
                      ? "url(#dries)"
                      : bar.kind === "critical"
                        ? "var(--color-elm)"
                        : "var(--color-elm-tint)"
                  }
                  stroke={bar.kind === "dries" ? "var(--color-ochre)" : "var(--color-elm)"}
                />
                {room >= 4 && bar.kind !== "dries" && (
                  <text
                    x={x(bar.from) + 4}
                    y="18"
                    fontSize="12"
                    fill={bar.kind === "critical" ? "var(--color-paper)" : "var(--color-ink)"}
                  >
                    {bar.words.length > room ? `${bar.words.slice(0, room - 1)}…` : bar.words}
                  </text>
                )}
              </g>
            );
          })}
        </g>
      ))}
      <line
        x1={x(planned)}
        x2={x(planned)}
        y1="14"
        y2={height - 4}
        stroke={sheet.endMinute > document.when.minutes ? "var(--color-brick)" : "var(--color-ink)"}
        strokeWidth="2"
      />
    </svg>
  );
}

const tickOf = (minutes: number): number =>
  [5, 10, 15, 30, 60, 120, 240].find((tick) => minutes / tick <= 12) ?? 480;

function lanesOf(
  { steps, tools, things, fromEnd = false }: Classed,
  sheet: RunSheet,
  begin: number,
): Lane[] {
  const say = runLanesWords();
  const own = new Map(steps.map((step) => [step.id, step]));
  const titles = new Map(steps.map((step) => [step.id, titleOfStep(step, things)]));
  const at = new Map(sheet.steps.map((row) => [row.id, row]));
  const bar = (row: RunSheet["steps"][number], kind: Bar["kind"]): Bar => ({
    id: row.id,
    from: begin + row.startMinute,
    minutes: row.minutes,
    words: titles.get(row.id) ?? row.id,
    title: say.min(titles.get(row.id), row.minutes, row.critical, row.slack, fromEnd),
    kind,
  });
  const room = sheet.steps.filter(({ id }) => own.get(id)?.who !== "queue");
  const queued = tools.flatMap((tool): Lane[] => {
    const rows = sheet.steps.filter(
      ({ id }) => own.get(id)?.who === "queue" && own.get(id)?.tool === tool.id,
    );
    return rows.length === 0
      ? []
      : [
          {
            name: `${tool.count} × ${tool.name}`,
            bars: rows.map((row) => bar(row, row.critical ? "critical" : "slack")),
          },
        ];
  });
  const waits = steps.flatMap((step) =>
    (step.after ?? []).flatMap(({ step: before, wait }): Bar[] => {
      const from = at.get(before);
      return wait > 0 && from
        ? [
            {
              id: `${before}-${step.id}`,
              from: begin + from.startMinute + from.minutes,
              minutes: wait,
              words: titles.get(before) ?? "",
              title: say.driesMin(titles.get(before), wait),
              kind: "dries",
            },
          ]
        : [];
    }),
  );
  return [
    { name: say.theRoom, bars: room.map((row) => bar(row, row.critical ? "critical" : "slack")) },
    ...queued,
    // What dries at the same time lies in lanes of its own.
    ...laid(waits).map((bars, i): Lane => ({ name: say.driesByItself(i), bars })),
  ];
}

function laid(bars: readonly Bar[]): Bar[][] {
  const lanes: Bar[][] = [];
  for (const bar of [...bars].sort((a, b) => a.from - b.from)) {
    const lane = lanes.find((row) => row.every((other) => other.from + other.minutes <= bar.from));
    if (lane) lane.push(bar);
    else lanes.push([bar]);
  }
  return lanes;
}
