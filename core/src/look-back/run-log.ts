/** What the log says of the last time a class was taught: planned and actual of the same steps, what was left out or put in, what went wrong. */

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
  readonly flaws: readonly { readonly seat: string; readonly step: string | null; readonly reason: string }[];
  /** Who was stuck at which step, with what, and how many minutes until help came, it went on, or the step was over. */
  readonly stuck: readonly { readonly seat: string; readonly step: string; readonly what: string; readonly minutes: number | null }[];
  readonly notes: readonly { readonly step: string | null; readonly note: string }[];
  /** Minutes from the beginning to the end; null while it goes on. */
  readonly minutes: number | null;
}

const idsOf = (value: unknown): string[] => (typeof value === "string" && value !== "" ? value.split(" ") : []);

/** Entries that were taken back do not count: a slip of the finger, a loss that was none. What takes back may itself have been taken back later. */
export function standing<T extends LogLine>(log: readonly T[]): T[] {
  const gone = new Set<string>();
  for (const { id, kind, body } of log.toReversed()) if (!gone.has(id)) for (const other of kind === "undone" ? idsOf(body.of) : kind === "found" ? idsOf(body.lost) : []) gone.add(other);
  return log.filter(({ id, kind }) => !gone.has(id) && kind !== "undone" && kind !== "found");
}

/** Only the last run counts: a class may be taught twice. @param putIn steps that were put in during it */
export function runLog(log: readonly LogLine[], planned: readonly PlannedStep[], putIn: readonly PlannedStep[]): RunLog {
  const own = standing(log);
  const begin = own.map(({ kind }) => kind).lastIndexOf("liveStart");
  const run = begin < 0 ? [] : own.slice(begin);
  const start = run[0];
  const end = run.find(({ kind }) => kind === "liveEnd");
  const minutes = new Map<string, number>();
  for (const { kind, step, minutes: took } of run) if (kind === "liveStep" && step !== null) minutes.set(step, (minutes.get(step) ?? 0) + Math.max(0, took ?? 0));
  const known = new Map<string, PlannedStep & { readonly putIn: boolean }>([
    ...planned.map((step) => [step.id, { ...step, putIn: false }] as const),
    ...putIn.map((step) => [step.id, { ...step, putIn: true }] as const),
  ]);
  return {
    steps: [...minutes].flatMap(([id, actual]): StepTaught[] => {
      const step = known.get(id);
      return step ? [{ id, planned: step.minutes, actual, putIn: step.putIn }] : [];
    }),
    leftOut: end ? planned.flatMap(({ id }) => (minutes.has(id) ? [] : [id])) : run.flatMap(({ kind, step }) => (kind === "skipped" && step !== null && !minutes.has(step) ? [step] : [])),
    flaws: run.flatMap(({ kind, seat, step, body }) => (kind === "flaw" && seat !== null ? [{ seat, step, reason: String(body.reason ?? "") }] : [])),
    stuck: run.flatMap((row, i) => stuckAt(row, run.slice(i + 1))),
    notes: run.flatMap(({ kind, step, body }) => (kind === "note" && typeof body.note === "string" ? [{ step, note: body.note }] : [])),
    minutes: start && end ? (end.at - start.at) / 60_000 : null,
  };
}

function stuckAt({ kind, seat, step, at, body }: LogLine, later: readonly LogLine[]): RunLog["stuck"][number][] {
  if (kind !== "stuck" || seat === null || step === null) return [];
  const over = later.find((row) => (row.seat === seat && row.step === step && ["helped", "done", "stuck"].includes(row.kind)) || row.kind === "liveEnd");
  return [{ seat, step, what: String(body.what ?? ""), minutes: over ? Math.max(0, (over.at - at) / 60_000) : null }];
}

/** Planned and actual of the steps that were done: both count the same steps, holds and drying in neither. */
export function totals(steps: readonly StepTaught[]): { readonly planned: number; readonly actual: number } {
  return { planned: steps.reduce((sum, { planned }) => sum + planned, 0), actual: steps.reduce((sum, { actual }) => sum + actual, 0) };
}

/** How often each cause was named, the most frequent first; of equal ones the first that was named. */
export function byCause(reasons: readonly string[]): { readonly cause: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  for (const reason of reasons) counts.set(reason || "not said", (counts.get(reason || "not said") ?? 0) + 1);
  return [...counts].map(([cause, count]) => ({ cause, count })).sort((a, b) => b.count - a.count);
}
