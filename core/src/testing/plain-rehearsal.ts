/**
 * The rehearsal once more, as plainly as it can be written: what the fast one is held against, in
 * results and in time.
 */
import {
  nameKey,
  normalOf,
  runKey,
  scatterOf,
  scatterTable,
  seatKey,
  uniformOf,
} from "../rehearsal/chance.ts";
import { gateCount, type RehearsalProblem, type RehearsalStep } from "../rehearsal/problem.ts";

interface Did {
  readonly came: number;
  readonly from: number;
  readonly to: number;
}

interface Person {
  readonly seat: number;
  readonly key: number;
  readonly pace: number;
  readonly arrives: number;
  free: number;
  waited: number;
  readonly did: Map<string, Did>;
}

export interface PlainEvening {
  readonly end: number;
  readonly gates: ReadonlyMap<string, number>;
  readonly people: readonly Person[];
}

export const plainTables = ({ steps, ownPace }: RehearsalProblem): Map<number, Float64Array> =>
  new Map(
    steps.map(({ sigma }) => [sigma, scatterTable(sigma * Math.sqrt(1 - Math.sqrt(ownPace) ** 2))]),
  );

export function plainEvening(
  problem: RehearsalProblem,
  seed: number,
  run: number,
  tables = plainTables(problem),
): PlainEvening {
  const { steps, seats, helpers, late, stuck, ownPace } = problem;
  const own = runKey(seed, run);
  const people = Array.from({ length: seats }, (_, seat): Person => {
    const key = seatKey(own, seat);
    const isLate = late.share > 0 && uniformOf(key, nameKey("comes late")) < late.share;
    const arrives = isLate ? -Math.log(uniformOf(key, nameKey("late by"))) * late.minutes : 0;
    return {
      seat,
      key,
      pace: normalOf(uniformOf(key, nameKey("own pace"))),
      arrives,
      free: arrives,
      waited: 0,
      did: new Map(),
    };
  });
  const minutes = (person: Person, step: RehearsalStep): number => {
    if (step.law === "fixed" || (step.law === "lognormal" && step.sigma === 0)) return step.median;
    const p = uniformOf(person.key, nameKey(step.id));
    if (step.law === "exponential") return (-Math.log(p) * step.median) / Math.LN2;
    const slower = Math.exp(step.sigma * Math.sqrt(ownPace) * person.pace);
    return step.median * slower * scatterOf(tables.get(step.sigma) ?? scatterTable(step.sigma), p);
  };
  const units = new Map(
    Object.entries(problem.tools).map(([tool, count]) => [tool, new Array<number>(count).fill(0)]),
  );
  const hands = new Array<number>(1 + helpers).fill(0);
  const gates = new Map<string, number>();
  const talks: { from: number; to: number }[] = [];
  const isSide = (step: RehearsalStep) => step.who === "queue" && helpers > 0;
  const isLine = (step: RehearsalStep) =>
    step.who === "queue" || (step.who !== "host" && Object.keys(step.tools).length > 0);
  let [roomFree, opened] = [0, 0];

  for (const [s, step] of steps.entries()) {
    let at = isSide(step) ? opened : Math.max(opened, roomFree);
    for (const { step: first, wait } of step.after)
      at = Math.max(at, (gates.get(first) ?? 0) + wait);
    if (isSide(step)) {
      const running = steps
        .slice(0, s)
        .filter((other) => isSide(other) && (gates.get(other.id) ?? 0) > at);
      const ends = running.map((other) => gates.get(other.id) ?? 0).sort((a, b) => b - a);
      for (const other of running)
        if (Object.keys(other.tools).some((tool) => Object.hasOwn(step.tools, tool)))
          at = Math.max(at, gates.get(other.id) ?? 0);
      at = Math.max(at, ends[helpers] ?? 0);
    }
    opened = at;
    const takers =
      step.who === "host"
        ? []
        : people.filter(({ seat }) => !step.taking || step.taking.includes(seat));
    const ready = (person: Person) =>
      Math.max(
        0,
        ...step.after.map(({ step: first, wait }) => {
          const before = steps.find(({ id }) => id === first) as RehearsalStep;
          const done = person.did.get(first);
          return done && (wait > 0 || isSide(before)) ? done.to + wait : 0;
        }),
      );
    if (step.who === "host") {
      const said =
        step.law === "fixed" || step.sigma === 0
          ? step.median
          : step.median * Math.exp(step.sigma * normalOf(uniformOf(own, nameKey(step.id))));
      gates.set(step.id, at + said);
      talks.push({ from: at, to: at + said });
      hands[0] = Math.max(hands[0] as number, at + said);
    } else if (isLine(step)) {
      const queue = takers
        .map((person) => ({ person, came: Math.max(at, person.free, ready(person)) }))
        .sort((a, b) => a.came - b.came || a.person.seat - b.person.seat);
      for (const { person, came } of queue) {
        let from = came;
        for (const [tool, count] of Object.entries(step.tools))
          if (count > 0)
            from = Math.max(
              from,
              [...(units.get(tool) ?? [])].sort((a, b) => a - b)[count - 1] ?? 0,
            );
        const turns = steps
          .slice(0, s)
          .flatMap((other) => (isSide(other) ? (person.did.get(other.id) ?? []) : []));
        for (
          let turn = turns.find((one) => one.from < from + minutes(person, step) && one.to > from);
          turn;
          turn = turns.find((one) => one.from < from + minutes(person, step) && one.to > from)
        )
          from = turn.to;
        const to = from + minutes(person, step);
        for (const [tool, count] of Object.entries(step.tools)) {
          const sorted = (units.get(tool) ?? []).sort((a, b) => a - b);
          sorted.fill(to, 0, count);
        }
        person.did.set(step.id, { came, from, to });
        if (isSide(step)) continue;
        person.waited += idle(person, steps.slice(0, s).filter(isSide), talks, from);
        person.free = to;
      }
    } else {
      const sides = steps.slice(0, s).filter(isSide);
      const asked: { person: Person; at: number; rest: number }[] = [];
      for (const person of takers) {
        let from = Math.max(at, person.free, ready(person));
        for (const side of sides) {
          const turn = person.did.get(side.id);
          if (turn && turn.from <= from && turn.to > from) from = turn.to;
        }
        let to = from + minutes(person, step);
        for (const side of sides) {
          const turn = person.did.get(side.id);
          if (turn && turn.from > from && turn.from < to) to += turn.to - turn.from;
        }
        person.waited += idle(person, sides, talks, from);
        person.did.set(step.id, { came: from, from, to });
        person.free = to;
        if (stuck.chance > 0 && uniformOf(person.key, nameKey(step.id) + 1) < stuck.chance) {
          const rest = (to - from) * uniformOf(person.key, nameKey(step.id) + 2);
          asked.push({ person, at: to - rest, rest });
        }
      }
      for (const { person, at: since, rest } of asked.sort(
        (a, b) => a.at - b.at || a.person.seat - b.person.seat,
      )) {
        const who = hands.indexOf(Math.min(...hands));
        const from = Math.max(since, hands[who] as number);
        const to = from - Math.log(uniformOf(person.key, nameKey(step.id) + 3)) * stuck.minutes;
        hands[who] = to;
        person.waited += from - since;
        person.did.set(step.id, {
          came: 0,
          from: person.did.get(step.id)?.from ?? 0,
          to: to + rest,
        });
        person.free = to + rest;
      }
    }
    if (step.who !== "host") gates.set(step.id, gateOf(step, takers, at));
    if (isLine(step)) {
      const who = hands.indexOf(Math.min(...hands));
      hands[who] = Math.max(hands[who] as number, gates.get(step.id) ?? 0);
    }
    if (!isSide(step)) roomFree = gates.get(step.id) ?? 0;
  }
  return { end: Math.max(0, ...gates.values()), gates, people };
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** Since it was last busy, but for what was heard or spent at a helper's tool. */
function idle(
  { did, free }: Person,
  sides: readonly RehearsalStep[],
  talks: readonly Span[],
  until: number,
): number {
  const busy = [...talks, ...sides.flatMap(({ id }): readonly Span[] => [did.get(id) ?? []].flat())]
    .map(({ from, to }) => ({ from: Math.max(from, free), to: Math.min(to, until) }))
    .sort((a, b) => a.from - b.from);
  let [left, at] = [until - free, free];
  for (const { from, to } of busy) {
    if (to <= Math.max(from, at)) continue;
    left -= to - Math.max(from, at);
    at = to;
  }
  return left;
}

/** The soonest moment at which enough of those who have come by then are done. */
function gateOf({ id, gate }: RehearsalStep, takers: readonly Person[], at: number): number {
  for (const moment of [at, ...takers.flatMap(({ did }) => did.get(id)?.to ?? [])].sort(
    (a, b) => a - b,
  )) {
    if (moment < at) continue;
    const here = takers.filter(({ arrives }) => arrives <= moment);
    if (
      here.filter(({ did }) => (did.get(id)?.to ?? 0) <= moment).length >=
      gateCount(gate, here.length)
    )
      return moment;
  }
  return at;
}
