/**
 * What the log says of the last time a class was taught: planned and actual of the same steps, what
 * was left out or put in, what went wrong.
 */

/** A row of the log, as far as a class goes on. */
export interface LogLine {
  readonly id: string;
  readonly kind: string;
  readonly at: number;
  readonly seat: string | null;
  readonly step: string | null;
  readonly minutes: number | null;
  readonly body: Readonly<Record<string, string | number | boolean>>;
}

export interface PlannedStep {
  readonly id: string;
  readonly minutes: number;
}

export interface StepTaught {
  readonly id: string;
  /** As planned; of what was put in on the evening, as it was put in. */
  readonly planned: number;
  readonly actual: number;
  readonly putIn: boolean;
}

export interface RunLog {
  /** In the order in which they were done. */
  readonly steps: readonly StepTaught[];
  /** Steps of the plan that were left out, or never reached. */
  readonly leftOut: readonly string[];
  readonly flaws: readonly {
    readonly seat: string;
    readonly step: string | null;
    readonly reason: string;
  }[];
  /**
   * Who was stuck at which step, with what, and how many minutes until help came, it went on, or
   * the step was over.
   */
  readonly stuck: readonly {
    readonly seat: string;
    readonly step: string;
    readonly what: string;
    readonly minutes: number | null;
  }[];
  readonly notes: readonly {
    readonly step: string | null;
    readonly note: string;
    readonly picture: string | null;
  }[];
  /**
   * Of each step, how long those who had said done waited until the room went on, in the mean;
   * whoever said nothing is in none.
   */
  readonly waits: readonly {
    readonly step: string;
    readonly seats: number;
    readonly minutes: number;
    readonly longest: { readonly seat: string; readonly minutes: number };
  }[];
  /**
   * Minutes on the clock at each step that were no work: something dried, or the step was held.
   * Only where a minute or more.
   */
  readonly stood: readonly { readonly step: string; readonly minutes: number }[];
  /** What participants said afterwards; the last word of each. */
  readonly felt: readonly { readonly seat: string; readonly what: string }[];
  /** Minutes from the beginning to the end; null while it goes on. */
  readonly minutes: number | null;
}

const idsOf = (value: unknown): string[] =>
  typeof value === "string" && value !== "" ? value.split(" ") : [];

/**
 * Entries that were taken back do not count: a slip of the finger, a loss that was none. What takes
 * back may itself have been taken back later.
 */
export function standing<T extends LogLine>(log: readonly T[]): T[] {
  const gone = new Set<string>();
  for (const { id, kind, body } of log.toReversed())
    if (!gone.has(id))
      for (const other of kind === "undone"
        ? idsOf(body.of)
        : kind === "found"
          ? idsOf(body.lost)
          : [])
        gone.add(other);
  return log.filter(({ id, kind }) => !gone.has(id) && kind !== "undone" && kind !== "found");
}

/**
 * Only the last run counts: a class may be taught twice. @param putIn steps that were put in during
 * it
 */
export function runLog(
  log: readonly LogLine[],
  planned: readonly PlannedStep[],
  putIn: readonly PlannedStep[],
): RunLog {
  const own = standing(log);
  const begin = own.map(({ kind }) => kind).lastIndexOf("liveStart");
  const run = begin < 0 ? [] : own.slice(begin);
  const start = run[0];
  const end = run.find(({ kind }) => kind === "liveEnd");
  const minutes = new Map<string, number>();
  for (const { kind, step, minutes: took } of run)
    if (kind === "liveStep" && step !== null)
      minutes.set(step, (minutes.get(step) ?? 0) + Math.max(0, took ?? 0));
  const known = new Map<string, PlannedStep & { readonly putIn: boolean }>([
    ...planned.map((step) => [step.id, { ...step, putIn: false }] as const),
    ...putIn.map((step) => [step.id, { ...step, putIn: true }] as const),
  ]);
  return {
    steps: [...minutes].flatMap(([id, actual]): StepTaught[] => {
      const step = known.get(id);
      return step ? [{ id, planned: step.minutes, actual, putIn: step.putIn }] : [];
    }),
    leftOut: end
      ? planned.flatMap(({ id }) => (minutes.has(id) ? [] : [id]))
      : run.flatMap(({ kind, step }) =>
          kind === "skipped" && step !== null && !minutes.has(step) ? [step] : [],
        ),
    flaws: run.flatMap(({ kind, seat, step, body }) =>
      kind === "flaw" && seat !== null ? [{ seat, step, reason: String(body.reason ?? "") }] : [],
    ),
    stuck: run.flatMap((row, i) => stuckAt(row, run.slice(i + 1))),
    // What is noted of a class that was not taught from here stands all the same.
    notes: (begin < 0 ? own : run).flatMap(({ kind, step, body }) =>
      kind === "note" && typeof body.note === "string"
        ? [
            {
              step,
              note: body.note,
              picture: typeof body.picture === "string" ? body.picture : null,
            },
          ]
        : [],
    ),
    waits: waitsIn(run),
    stood: stoodIn(run),
    felt: [
      ...new Map(
        run.flatMap(({ kind, seat, body }) =>
          kind === "felt" && seat !== null ? [[seat, String(body.what ?? "")] as const] : [],
        ),
      ).entries(),
    ].map(([seat, what]) => ({ seat, what })),
    minutes: start && end ? (end.at - start.at) / 60_000 : null,
  };
}

function stuckAt(
  { kind, seat, step, at, body }: LogLine,
  later: readonly LogLine[],
): RunLog["stuck"][number][] {
  if (kind !== "stuck" || seat === null || step === null) return [];
  const over = later.find(
    (row) =>
      (row.seat === seat && row.step === step && ["helped", "done", "stuck"].includes(row.kind)) ||
      row.kind === "liveEnd",
  );
  return [
    {
      seat,
      step,
      what: String(body.what ?? ""),
      minutes: over ? Math.max(0, (over.at - at) / 60_000) : null,
    },
  ];
}

function waitsIn(run: readonly LogLine[]): RunLog["waits"][number][] {
  return run.flatMap((end, i): RunLog["waits"][number][] => {
    if (end.kind !== "liveStep" || end.step === null) return [];
    const done = new Map(
      run
        .slice(0, i)
        .flatMap(({ kind, seat, step, at }) =>
          kind === "done" && seat !== null && step === end.step ? [[seat, at] as const] : [],
        ),
    );
    const own = [...done].map(([seat, at]) => ({
      seat,
      minutes: Math.max(0, (end.at - at) / 60_000),
    }));
    const [first] = [...own].sort((a, b) => b.minutes - a.minutes);
    return first
      ? [
          {
            step: end.step,
            seats: own.length,
            minutes: own.reduce((sum, { minutes }) => sum + minutes, 0) / own.length,
            longest: first,
          },
        ]
      : [];
  });
}

function stoodIn(run: readonly LogLine[]): RunLog["stood"][number][] {
  let from = run[0]?.at ?? 0;
  return run.flatMap(({ kind, step, at, minutes }): RunLog["stood"][number][] => {
    if (kind === "skipped") from = at;
    if (kind !== "liveStep" || step === null) return [];
    const stood = (at - from) / 60_000 - (minutes ?? 0);
    from = at;
    return stood >= 1 ? [{ step, minutes: stood }] : [];
  });
}

/**
 * Planned and actual of the steps that were done: both count the same steps, holds and drying in
 * neither.
 */
export function totals(steps: readonly StepTaught[]): {
  readonly planned: number;
  readonly actual: number;
} {
  return {
    planned: steps.reduce((sum, { planned }) => sum + planned, 0),
    actual: steps.reduce((sum, { actual }) => sum + actual, 0),
  };
}

/**
 * How often each cause was named, the most frequent first; of equal ones the first that was named.
 */
export function byCause(
  reasons: readonly string[],
): { readonly cause: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  for (const reason of reasons)
    counts.set(reason || "not said", (counts.get(reason || "not said") ?? 0) + 1);
  return [...counts].map(([cause, count]) => ({ cause, count })).sort((a, b) => b.count - a.count);
}
