/**
 * One class played through. The host goes through the steps in their order; each is opened when the
 * room is free and what it follows has
 * reached its gate and dried, and each seat begins it when it is done with what came before and its
 * own piece is dry. At a shared tool it
 * is first come, first served: alone the host stands there and the room waits; with a helper the
 * next step goes on, and people are called
 * away from it when their turn comes. Who is stuck waits for a free pair of hands; help asked for
 * at one step is given before help asked for
 * at the next. All that is left to chance is drawn by name (`chance.ts`), so it does not depend on
 * the order in which it is asked for.
 */

import {
  nameKey,
  normalOf,
  runKey,
  scatterOf,
  scatterTable,
  seatKey,
  uniformOf,
} from "./chance.ts";
import { type Part, partsOf, sigmasOf } from "./parts.ts";
import { checkRehearsal, gateCount, type RehearsalProblem } from "./problem.ts";
import { kthSmallest } from "./select.ts";

/** Names of draws that are no step's. */
const PACE = nameKey("own pace");
const LATE = nameKey("comes late");
const LATE_BY = nameKey("late by");
/** Added to a step's own name. */
const [IS_STUCK, STUCK_AT, STUCK_FOR] = [1, 2, 3];
const NONE = -1;

export class Evening {
  /**
   * Minutes from the beginning: when each step was opened, and when the room went on from it. Of
   * the run played last, as all that follows.
   */
  readonly openAt: Float64Array;
  readonly gateAt: Float64Array;
  /**
   * Step by step, and in each seat by seat: when it began, when it was done; -1 where it takes no
   * part.
   */
  readonly began: Float64Array;
  readonly done: Float64Array;
  /** When it came to the line of a tool. */
  readonly came: Float64Array;
  /**
   * By seat, minutes in which it could not go on: for others, for what dries, for a tool, for help.
   */
  readonly waitRoom: Float64Array;
  readonly waitDry: Float64Array;
  readonly waitTool: Float64Array;
  readonly waitHelp: Float64Array;
  /**
   * By step: minutes waited before it by all; minutes in its line by all, and the most who stood
   * there at once.
   */
  readonly waitBefore: Float64Array;
  readonly lineMinutes: Float64Array;
  readonly longestLine: Int32Array;
  /** Standard deviations by which a seat is slower than the middle. */
  readonly pace: Float64Array;
  /** When a seat came. */
  readonly arrives: Float64Array;

  private readonly parts: readonly Part[];
  private readonly sides: readonly number[];
  /** Lines with a helper that some seat has still before it. */
  private readonly running: number[] = [];
  /** When the last seat was done with a step. */
  private readonly lastDone: Float64Array;
  private readonly paceShare: number;
  private readonly sigmas: readonly number[];
  /** What a seat takes of what a middling one would, by the seat's own pace, for each sigma. */
  private readonly slower: Float64Array;
  /** The rest of the scatter, for each sigma. */
  private readonly scatters: readonly Float64Array[];
  private readonly keys: Int32Array;
  private readonly free: Float64Array;
  private readonly ready: Float64Array;
  private readonly scratch: Float64Array;
  private readonly order: Int32Array;
  private readonly units: readonly Float64Array[];
  private readonly hands: Float64Array;
  private readonly asked: { seat: number; at: number; rest: number }[] = [];
  private readonly talkFrom: number[] = [];
  private readonly talkTo: number[] = [];
  private run = 0;
  private lastComes = 0;
  private readonly late: number[] = [];
  private roomFree = 0;
  private openedLast = 0;

  /** @throws RehearsalError */
  constructor(
    private readonly problem: RehearsalProblem,
    private readonly seed: number,
  ) {
    checkRehearsal(problem);
    const { steps, seats, tools, helpers, ownPace } = problem;
    this.parts = partsOf(problem);
    this.sides = this.parts.flatMap(({ kind }, s) => (kind === "side" ? [s] : []));
    this.paceShare = Math.sqrt(Math.min(1, Math.max(0, ownPace)));
    this.sigmas = sigmasOf(steps);
    this.slower = new Float64Array(this.sigmas.length * seats);
    this.scatters = this.sigmas.map((sigma) =>
      scatterTable(sigma * Math.sqrt(1 - this.paceShare ** 2)),
    );
    const [ofSteps, ofSeats, ofBoth] = [
      () => new Float64Array(steps.length),
      () => new Float64Array(seats),
      () => new Float64Array(steps.length * seats),
    ];
    this.openAt = ofSteps();
    this.lastDone = ofSteps();
    this.gateAt = ofSteps();
    this.waitBefore = ofSteps();
    this.lineMinutes = ofSteps();
    this.longestLine = new Int32Array(steps.length);
    this.began = ofBoth();
    this.done = ofBoth();
    this.came = ofBoth();
    this.waitRoom = ofSeats();
    this.waitDry = ofSeats();
    this.waitTool = ofSeats();
    this.waitHelp = ofSeats();
    this.pace = ofSeats();
    this.arrives = ofSeats();
    this.free = ofSeats();
    this.ready = ofSeats();
    this.scratch = ofSeats();
    this.keys = new Int32Array(seats);
    this.order = new Int32Array(seats);
    this.units = Object.values(tools).map((count) => new Float64Array(count));
    this.hands = new Float64Array(1 + helpers);
  }

  /** @returns minutes after which it was over: when the last gate was reached */
  play(run: number): number {
    this.begin(run);
    let end = 0;
    for (let s = 0; s < this.parts.length; s++)
      end = Math.max(end, this.step(s, this.parts[s] as Part));
    return end;
  }

  private begin(run: number): void {
    const { late, seats } = this.problem;
    this.run = runKey(this.seed, run);
    for (const own of [
      this.waitRoom,
      this.waitDry,
      this.waitTool,
      this.waitHelp,
      this.waitBefore,
      this.lineMinutes,
      this.longestLine,
      this.lastDone,
      this.hands,
      this.free,
    ])
      own.fill(0);
    for (const own of [this.began, this.done, this.came]) own.fill(NONE);
    for (const own of this.units) own.fill(0);
    this.talkFrom.length = 0;
    this.talkTo.length = 0;
    this.lastComes = 0;
    this.late.length = 0;
    this.running.length = 0;
    this.roomFree = 0;
    this.openedLast = 0;
    for (let seat = 0; seat < seats; seat++) {
      const key = seatKey(this.run, seat);
      this.keys[seat] = key;
      const pace = normalOf(uniformOf(key, PACE));
      this.pace[seat] = pace;
      for (let i = 0; i < this.sigmas.length; i++)
        this.slower[i * seats + seat] = Math.exp(
          (this.sigmas[i] as number) * this.paceShare * pace,
        );
      const isLate = late.share > 0 && uniformOf(key, LATE) < late.share;
      const at = isLate ? -Math.log(uniformOf(key, LATE_BY)) * late.minutes : 0;
      this.arrives[seat] = at;
      this.free[seat] = at;
      if (at > this.lastComes) this.lastComes = at;
      if (isLate) this.late.push(seat);
    }
  }

  /** @returns when its gate was reached */
  private step(s: number, part: Part): number {
    const since = this.opened(s, part);
    const at = this.openAt[s] as number;
    if (this.sides.length > 0) this.stillRunning(at);
    if (part.kind === "talk") {
      this.gateAt[s] = at + this.talkMinutes(part);
      this.talkFrom.push(at);
      this.talkTo.push(this.gateAt[s] as number);
      this.hands[0] = Math.max(this.hands[0] as number, this.gateAt[s] as number);
    } else {
      if (part.kind === "group") this.together(s, part, at, since);
      else this.atTool(s, part, at, since);
      this.gateAt[s] = this.gateOf(s, part, at);
      if (part.kind !== "group") this.stood(this.gateAt[s] as number);
    }
    if (part.kind !== "side") this.roomFree = this.gateAt[s] as number;
    return this.gateAt[s] as number;
  }

  private stillRunning(at: number): void {
    this.running.length = 0;
    for (const side of this.sides)
      if ((this.lastDone[side] as number) > at) this.running.push(side);
  }

  /** Sets when it is opened. @returns since when only drying kept it */
  private opened(s: number, { kind, before, holds }: Part): number {
    let since = kind === "side" ? this.openedLast : Math.max(this.openedLast, this.roomFree);
    let at = since;
    for (const { step, wait } of before) {
      const gate = this.gateAt[step] as number;
      since = Math.max(since, gate);
      at = Math.max(at, gate + wait);
    }
    // Two lines at one tool, or more lines than people to stand there, come one after the other.
    if (kind === "side") {
      const running = this.sides.filter(
        (other) => other < s && (this.gateAt[other] as number) > at,
      );
      const sameTool = running.filter((other) =>
        (this.parts[other]?.holds ?? []).some(({ tool }) => holds.some((own) => own.tool === tool)),
      );
      const gates = running.map((other) => this.gateAt[other] as number).sort((a, b) => b - a);
      at = Math.max(
        at,
        ...sameTool.map((other) => this.gateAt[other] as number),
        gates[this.problem.helpers] ?? 0,
      );
    }
    this.openAt[s] = at;
    this.openedLast = at;
    return since;
  }

  /** Somebody stood at a tool until then. */
  private stood(until: number): void {
    let first = 0;
    for (let i = 1; i < this.hands.length; i++)
      if ((this.hands[i] as number) < (this.hands[first] as number)) first = i;
    this.hands[first] = Math.max(this.hands[first] as number, until);
  }

  private minutesOf(seat: number, { law, median, key, scatter }: Part): number {
    if (law === "fixed") return median;
    const p = uniformOf(this.keys[seat] as number, key);
    // The median of exponential times is ln 2 of their mean.
    if (law === "exponential") return (-Math.log(p) * median) / Math.LN2;
    return (
      median *
      (this.slower[scatter * this.keys.length + seat] as number) *
      scatterOf(this.scatters[scatter] as Float64Array, p)
    );
  }

  /** Of the host's own steps: nobody's pace but the host's. */
  private talkMinutes({ law, median, key, sigma }: Part): number {
    return law === "fixed" ? median : median * Math.exp(sigma * normalOf(uniformOf(this.run, key)));
  }

  /** When the seat's own piece lets it begin. */
  private ownReady(seat: number, { own }: Part): number {
    let ready = 0;
    for (const { step, wait } of own) {
      const done = this.done[step * this.problem.seats + seat] as number;
      if (done >= 0 && done + wait > ready) ready = done + wait;
    }
    return ready;
  }

  private together(s: number, part: Part, at: number, since: number): void {
    const { seats: takers } = part;
    const { free, keys, began, done } = this;
    const { stuck, seats } = this.problem;
    const row = s * seats;
    const hasOwn = part.own.length > 0;
    const isAway = this.running.length > 0;
    this.asked.length = 0;
    for (let i = 0; i < takers.length; i++) {
      const seat = takers[i] as number;
      const wasFree = free[seat] as number;
      const ready = hasOwn ? this.ownReady(seat, part) : 0;
      let from = wasFree > at ? wasFree : at;
      if (ready > from) from = ready;
      if (isAway) from = this.backFrom(seat, from);
      if (from - wasFree > 1e-9) this.countWait(seat, s, from, ready > at ? ready : at, since);
      let until = from + this.minutesOf(seat, part);
      if (isAway) until = this.calledAway(seat, from, until);
      began[row + seat] = from;
      done[row + seat] = until;
      free[seat] = until;
      if (stuck.chance > 0) {
        const key = keys[seat] as number;
        if (uniformOf(key, part.key + IS_STUCK) < stuck.chance) {
          const rest = (until - from) * uniformOf(key, part.key + STUCK_AT);
          this.asked.push({ seat, at: until - rest, rest });
        }
      }
    }
    if (this.asked.length > 0) this.helped(row, part.key);
  }

  /** First come, first served, by whoever is free first. */
  private helped(row: number, key: number): void {
    const { stuck } = this.problem;
    this.asked.sort((a, b) => a.at - b.at || a.seat - b.seat);
    for (const { seat, at, rest } of this.asked) {
      let who = 0;
      for (let i = 1; i < this.hands.length; i++)
        if ((this.hands[i] as number) < (this.hands[who] as number)) who = i;
      const from = Math.max(at, this.hands[who] as number);
      const until =
        from - Math.log(uniformOf(this.keys[seat] as number, key + STUCK_FOR)) * stuck.minutes;
      this.hands[who] = until;
      this.waitHelp[seat] = (this.waitHelp[seat] as number) + from - at;
      this.done[row + seat] = until + rest;
      this.free[seat] = until + rest;
    }
  }

  /** Who is at a helper's tool when the step begins comes back first. */
  private backFrom(seat: number, from: number): number {
    const { seats } = this.problem;
    let back = from;
    for (const side of this.running) {
      const left = this.began[side * seats + seat] as number;
      const came = this.done[side * seats + seat] as number;
      if (left >= 0 && left <= back && came > back) back = came;
    }
    return back;
  }

  /** Nobody stands at two tools at once: it begins when no other turn falls into it. */
  private betweenTurns(seat: number, free: number, minutes: number): number {
    const { seats } = this.problem;
    let from = free;
    for (let again = true; again; ) {
      again = false;
      for (const side of this.running) {
        const left = this.began[side * seats + seat] as number;
        const came = this.done[side * seats + seat] as number;
        if (left < 0 || left >= from + minutes || came <= from) continue;
        from = came;
        again = true;
      }
    }
    return from;
  }

  /** Who is called in the middle of a step ends it so much later. */
  private calledAway(seat: number, from: number, until: number): number {
    const { seats } = this.problem;
    let end = until;
    for (const side of this.running) {
      const left = this.began[side * seats + seat] as number;
      const came = this.done[side * seats + seat] as number;
      if (left > from && left < end) end += came - left;
    }
    return end;
  }

  private atTool(s: number, part: Part, at: number, since: number): void {
    const { seats } = this.problem;
    const row = s * seats;
    const { seats: takers } = part;
    for (let i = 0; i < takers.length; i++) {
      const seat = takers[i] as number;
      this.ready[seat] = Math.max(
        at,
        this.free[seat] as number,
        part.own.length > 0 ? this.ownReady(seat, part) : 0,
      );
    }
    const order = this.byReady(takers);
    let [served, longest] = [0, 0];
    for (let i = 0; i < order.length; i++) {
      const seat = order[i] as number;
      const came = this.ready[seat] as number;
      const minutes = this.minutesOf(seat, part);
      const free = this.unitsFree(part, came);
      const from = this.running.length > 0 ? this.betweenTurns(seat, free, minutes) : free;
      const until = from + minutes;
      this.take(part, until);
      this.came[row + seat] = came;
      this.began[row + seat] = from;
      this.done[row + seat] = until;
      if (until > (this.lastDone[s] as number)) this.lastDone[s] = until;
      // Starts follow each other in the order of the line: whoever has begun by now stands there no
      // more.
      while (served < i && (this.began[row + (order[served] as number)] as number) <= came)
        served++;
      if (from > came + 1e-9) {
        longest = Math.max(longest, i - served + 1);
        this.lineMinutes[s] = (this.lineMinutes[s] as number) + from - came;
      }
      if (part.kind === "side") continue;
      const idle = from - (this.free[seat] as number);
      if (idle > 1e-9) {
        this.waitTool[seat] = (this.waitTool[seat] as number) + from - came;
        this.waitBefore[s] = (this.waitBefore[s] as number) + from - came;
        if (came - (this.free[seat] as number) > 1e-9)
          this.countWait(seat, s, came, Math.max(at, this.ownReady(seat, part)), since);
      }
      this.free[seat] = until;
    }
    this.longestLine[s] = longest;
  }

  /**
   * Takers in the order in which they come; who comes at the same time stays in the order of the
   * seats.
   */
  private byReady(takers: Int32Array): Int32Array {
    const order = this.order.subarray(0, takers.length);
    for (let i = 0; i < takers.length; i++) {
      const seat = takers[i] as number;
      const ready = this.ready[seat] as number;
      let at = i;
      for (; at > 0 && (this.ready[order[at - 1] as number] as number) > ready; at--)
        order[at] = order[at - 1] as number;
      order[at] = seat;
    }
    return order;
  }

  /** When all that a seat holds at this step is free, at `came` at the soonest. */
  private unitsFree({ holds }: Part, came: number): number {
    let from = came;
    for (const { tool, count } of holds) {
      const units = this.units[tool] as Float64Array;
      from = Math.max(
        from,
        count === 1 ? least(units) : kthSmallest(Float64Array.from(units), count),
      );
    }
    return from;
  }

  /** Those that are free first are in use until then. */
  private take({ holds }: Part, until: number): void {
    for (const { tool, count } of holds) {
      const units = this.units[tool] as Float64Array;
      for (let n = 0; n < count; n++) units[indexOfLeast(units)] = until;
    }
  }

  /**
   * What the time since it was last busy went to; the host's talk and a turn at a helper's tool are
   * no waiting.
   */
  private countWait(seat: number, s: number, from: number, dry: number, since: number): void {
    const { talkFrom, talkTo } = this;
    const free = this.free[seat] as number;
    let all = from - free;
    for (let i = talkTo.length - 1; i >= 0 && (talkTo[i] as number) > free; i--) {
      const heard = Math.min(talkTo[i] as number, from) - Math.max(talkFrom[i] as number, free);
      if (heard > 0) all -= heard;
    }
    for (const side of this.sides) {
      if ((this.lastDone[side] as number) <= free) continue;
      const cell = side * this.problem.seats + seat;
      const left = Math.max(this.began[cell] as number, free);
      const back = Math.min(this.done[cell] as number, from);
      if (back <= left) continue;
      all -= back - left;
      // What was said meanwhile is counted once.
      for (let i = talkTo.length - 1; i >= 0 && (talkTo[i] as number) > left; i--)
        all += Math.max(
          0,
          Math.min(talkTo[i] as number, back) - Math.max(talkFrom[i] as number, left),
        );
    }
    if (all <= 1e-9) return;
    this.waitBefore[s] = (this.waitBefore[s] as number) + all;
    // The room was free and what it follows was done: only drying kept it, the class's or its own.
    const dried = Math.min(all, Math.max(0, Math.min(dry, from) - Math.max(free, since)));
    this.waitDry[seat] = (this.waitDry[seat] as number) + dried;
    this.waitRoom[seat] = (this.waitRoom[seat] as number) + all - dried;
  }

  /**
   * When so many of those who are here are done that the room goes on; who has not come yet keeps
   * nobody.
   */
  private gateOf(s: number, { seats: takers, gate }: Part, at: number): number {
    const { scratch, late } = this;
    const row = s * this.problem.seats;
    for (let i = 0; i < takers.length; i++)
      scratch[i] = this.done[row + (takers[i] as number)] as number;
    const done = scratch.subarray(0, takers.length);
    if (this.lastComes <= at) {
      const wanted = gateCount(gate, takers.length);
      return wanted === 0 ? at : Math.max(at, kthSmallest(done, wanted));
    }
    let onTime = takers.length;
    for (const seat of late) if ((this.done[row + seat] as number) >= 0) onTime--;
    const hereBy = (moment: number) => {
      let here = onTime;
      for (const seat of late)
        if ((this.done[row + seat] as number) >= 0 && (this.arrives[seat] as number) <= moment)
          here++;
      return here;
    };
    if (gateCount(gate, hereBy(at)) === 0) return at;
    done.sort();
    for (let i = 0; i < done.length; i++)
      if (i + 1 >= gateCount(gate, hereBy(done[i] as number)))
        return Math.max(at, done[i] as number);
    return at;
  }
}

function indexOfLeast(values: Float64Array): number {
  let best = 0;
  for (let i = 1; i < values.length; i++)
    if ((values[i] as number) < (values[best] as number)) best = i;
  return best;
}

const least = (values: Float64Array): number => values[indexOfLeast(values)] as number;
