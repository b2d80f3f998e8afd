/**
 * A class played through many times: how likely it ends in time, who waits for what, and where. The
 * same seed gives the same evenings.
 */
import { Evening } from "./evening.ts";
import type { RehearsalProblem, RehearsalStep } from "./problem.ts";

export interface Spread {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

export interface StepRehearsed {
  readonly id: string;
  /**
   * Minutes from the beginning when the step is opened, and when so many are done that the room
   * goes on.
   */
  readonly begins: Spread;
  readonly ends: Spread;
  /** Minutes a seat that takes part waited before it, in the mean. */
  readonly waiting: number;
  /** Seats that were still at it when the class was over, in the mean. */
  readonly unfinished: number;
}

export interface QueueRehearsed {
  readonly step: string;
  readonly tools: readonly string[];
  /** Minutes in line of a seat that takes part, in the mean. */
  readonly waiting: number;
  /** Most who stood in line at once. */
  readonly longest: Spread;
  /** Minutes from the beginning between which the tool is wanted, in the middle of all runs. */
  readonly from: number;
  readonly to: number;
}

export interface Rehearsed {
  readonly runs: number;
  /** Share of the runs that were over by the end that was promised. */
  readonly pOnTime: number;
  readonly p50: number;
  readonly p90: number;
  readonly mean: number;
  /**
   * Minutes a seat waited, in the mean, by what it waited for; and what one seat in ten waits at
   * least, over all runs.
   */
  readonly waiting: {
    readonly mean: number;
    readonly p90: number;
    readonly room: number;
    readonly drying: number;
    readonly tools: number;
    readonly help: number;
  };
  readonly queues: readonly QueueRehearsed[];
  readonly byStep: readonly StepRehearsed[];
  /** How many runs ended within each minute: from `from`, one minute each. */
  readonly ends: { readonly from: number; readonly counts: readonly number[] };
}

/** Waits of seats are counted by the tenth of a minute, up to a day. */
const WAIT_BINS = 14_400;

/** At `share` of sorted numbers, between the two that are next to it (Hyndman and Fan, type 7). */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  const a = sorted[low] ?? 0;
  return a + (at - low) * ((sorted[Math.min(sorted.length - 1, low + 1)] ?? a) - a);
}

/**
 * Runs are played in portions, so that whoever waits sees how far it is; the result is the same.
 */
export class Rehearsal {
  played = 0;
  private readonly evening: Evening;
  private readonly ends: Float64Array;
  private readonly opens: Float32Array;
  private readonly gates: Float32Array;
  private readonly lines: Int32Array;
  private readonly waitBins = new Float64Array(WAIT_BINS + 1);
  private readonly waitBefore: Float64Array;
  private readonly lineMinutes: Float64Array;
  private readonly unfinished: Float64Array;
  private readonly waits = { room: 0, drying: 0, tools: 0, help: 0 };

  /** @throws RehearsalError */
  constructor(
    private readonly problem: RehearsalProblem,
    private readonly runs: number,
    seed: number,
  ) {
    this.evening = new Evening(problem, seed);
    const { length } = problem.steps;
    this.ends = new Float64Array(runs);
    this.opens = new Float32Array(runs * length);
    this.gates = new Float32Array(runs * length);
    this.lines = new Int32Array(runs * length);
    this.waitBefore = new Float64Array(length);
    this.lineMinutes = new Float64Array(length);
    this.unfinished = new Float64Array(length);
  }

  /** @returns whether there are more */
  play(most: number): boolean {
    for (const until = Math.min(this.runs, this.played + most); this.played < until; this.played++)
      this.playOne(this.played);
    return this.played < this.runs;
  }

  private playOne(run: number): void {
    const { evening, runs } = this;
    const { seats } = this.problem;
    const end = evening.play(run);
    this.ends[run] = end;
    for (let s = 0; s < evening.openAt.length; s++) {
      this.opens[s * runs + run] = evening.openAt[s] as number;
      this.gates[s * runs + run] = evening.gateAt[s] as number;
      this.lines[s * runs + run] = evening.longestLine[s] as number;
      this.waitBefore[s] = (this.waitBefore[s] as number) + (evening.waitBefore[s] as number);
      this.lineMinutes[s] = (this.lineMinutes[s] as number) + (evening.lineMinutes[s] as number);
      for (let seat = 0; seat < seats; seat++)
        if ((evening.done[s * seats + seat] as number) > end + 1e-6)
          this.unfinished[s] = (this.unfinished[s] as number) + 1;
    }
    for (let seat = 0; seat < evening.waitRoom.length; seat++) {
      const others = evening.waitRoom[seat] as number;
      const dry = evening.waitDry[seat] as number;
      const tool = evening.waitTool[seat] as number;
      const help = evening.waitHelp[seat] as number;
      this.waits.room += others;
      this.waits.drying += dry;
      this.waits.tools += tool;
      this.waits.help += help;
      const bin = Math.min(WAIT_BINS, Math.round((others + dry + tool + help) * 10));
      this.waitBins[bin] = (this.waitBins[bin] as number) + 1;
    }
  }

  /** The run whose end lies at `share` of all that were played. */
  runAt(share: number): number {
    const order = Array.from({ length: this.played }, (_, run) => run).sort(
      (a, b) => (this.ends[a] as number) - (this.ends[b] as number) || a - b,
    );
    return order[Math.round(share * Math.max(0, order.length - 1))] ?? 0;
  }

  /** Of the runs played so far. */
  report(): Rehearsed {
    const { problem, played } = this;
    const { steps, seats, endAt } = problem;
    const ends = this.ends.slice(0, played).sort();
    const each = Math.max(1, played * seats);
    const { room, drying, tools, help } = this.waits;
    return {
      runs: played,
      pOnTime:
        played === 0
          ? 0
          : ends.reduce((sum, end) => sum + (end <= endAt + 1e-6 ? 1 : 0), 0) / played,
      p50: quantile(ends, 0.5),
      p90: quantile(ends, 0.9),
      mean: ends.reduce((sum, end) => sum + end, 0) / Math.max(1, played),
      waiting: {
        mean: (room + drying + tools + help) / each,
        p90: this.seatWait(0.9),
        room: room / each,
        drying: drying / each,
        tools: tools / each,
        help: help / each,
      },
      queues: steps.flatMap((step, s) =>
        step.who !== "host" && Object.keys(step.tools).length > 0 ? [this.queueOf(step, s)] : [],
      ),
      byStep: steps.map((step, s) => ({
        id: step.id,
        begins: this.spread(this.opens, s),
        ends: this.spread(this.gates, s),
        waiting: (this.waitBefore[s] as number) / Math.max(1, played * this.takers(step)),
        unfinished: (this.unfinished[s] as number) / Math.max(1, played),
      })),
      ends: binned(ends),
    };
  }

  private takers({ taking }: RehearsalStep): number {
    return taking?.length ?? this.problem.seats;
  }

  private queueOf(step: RehearsalStep, s: number): QueueRehearsed {
    return {
      step: step.id,
      tools: Object.keys(step.tools),
      waiting: (this.lineMinutes[s] as number) / Math.max(1, this.played * this.takers(step)),
      longest: this.spread(this.lines, s),
      from: this.spread(this.opens, s).p50,
      to: this.spread(this.gates, s).p50,
    };
  }

  private spread(all: Float32Array | Int32Array, s: number): Spread {
    const own = Float64Array.from(all.subarray(s * this.runs, s * this.runs + this.played)).sort();
    return { p10: quantile(own, 0.1), p50: quantile(own, 0.5), p90: quantile(own, 0.9) };
  }

  /** Waits of single seats, to a tenth of a minute. */
  private seatWait(share: number): number {
    const all = this.waitBins.reduce((sum, count) => sum + count, 0);
    let below = 0;
    for (let bin = 0; bin <= WAIT_BINS; bin++) {
      below += this.waitBins[bin] as number;
      if (below >= share * all && all > 0) return bin / 10;
    }
    return 0;
  }
}

function binned(sorted: Float64Array): Rehearsed["ends"] {
  if (sorted.length === 0) return { from: 0, counts: [] };
  const from = Math.floor(sorted[0] as number);
  const counts = new Array<number>(Math.floor(sorted[sorted.length - 1] as number) - from + 1).fill(
    0,
  );
  for (const end of sorted)
    counts[Math.floor(end) - from] = (counts[Math.floor(end) - from] as number) + 1;
  return { from, counts };
}

/** All runs at once. @throws RehearsalError */
export function rehearse(problem: RehearsalProblem, runs: number, seed: number): Rehearsed {
  const rehearsal = new Rehearsal(problem, runs, seed);
  rehearsal.play(runs);
  return rehearsal.report();
}
