/**
 * What a studio's log comes to, model by model: what could be used in the place of first guesses,
 * and whether that is worth a word.
 */

import type { Figures } from "../figures/figures.ts";
import {
  type Deed,
  deedKind,
  MONTHS_OF_QUARTERS,
  minutesOf,
  type Quarter,
  quarterOf,
  samePlace,
  WEEDING_TERMS,
  type WeedingTerm,
} from "../figures/terms.ts";
import { WEEDING_COEFFICIENTS } from "../weeding/difficulty.ts";
import { type Learned, learnFactor, type Observed, PRIOR, type Prior, rangeOf } from "./factor.ts";
import { grouped } from "./grouped.ts";
import { learnWeeding, type WeededKit } from "./weeding.ts";

export type Model = keyof Figures;
export const MODELS = ["weeding", "cutting", "steps", "drying"] as const satisfies readonly Model[];

export interface Seen {
  readonly weeding: readonly WeededKit[];
  readonly cutting: readonly (Observed & { readonly cutter: string })[];
  readonly steps: readonly (Observed & { readonly step: string })[];
  readonly drying: readonly (Observed & { readonly place: string; readonly date: string })[];
}

/** One figure of a model: a term of weeding, a cutter, a kind of step, a room. */
export interface Part {
  readonly what: string;
  readonly guess: number;
  /** As the log says. */
  readonly learned: number;
  /** As it is reckoned with now. */
  readonly used: number;
  readonly observations: number | null;
}

export interface Offer<M extends Model = Model> extends Learned {
  readonly model: M;
  readonly range: readonly [number, number];
  /** By how much what is in use differs from first guesses; 1 where they are in use. */
  readonly used: number;
  /** Whether it is worth a word: seen often enough, and off by more than it is unsure. */
  readonly worth: boolean;
  /** How many more observations it takes before anything is offered. */
  readonly lacking: number;
  readonly parts: readonly Part[];
  readonly figures: Figures[M] | null;
}

/** Observations below which nothing is offered. */
export const LEAST_SEEN: Readonly<Record<Model, number>> = {
  weeding: 8,
  cutting: 3,
  steps: 8,
  drying: 3,
};
/** Less than this is no news. */
const NEWS = Math.log(1.05);
/** Of a kind of step, a room, a time of year beside the studio's own factor. */
const OF_A_PART: Prior = { ...PRIOR, studios: 0.2 };
const LEAST_OF_A_PART = 2;

const rounded = (value: number): number => Math.round(value * 100) / 100;

type Own = Learned & { readonly used: number };
const offered = <M extends Model>(
  model: M,
  own: Own,
  parts: readonly Part[],
  figures: Figures[M] | null,
): Offer<M> => {
  const off = Math.abs(Math.log(own.factor / own.used));
  const lacking = Math.max(0, LEAST_SEEN[model] - own.observations);
  return {
    ...own,
    model,
    range: rangeOf(own),
    worth: lacking === 0 && off >= Math.max(NEWS, own.spread),
    lacking,
    parts,
    figures: own.observations > 0 ? figures : null,
  };
};

/** @param inUse what the studio's classes reckon with */
export function offersOf(seen: Seen, inUse: Figures): { readonly [M in Model]: Offer<M> } {
  return {
    weeding: weedingOffer(seen.weeding, inUse),
    cutting: cuttingOffer(seen.cutting, inUse),
    steps: stepsOffer(seen.steps, inUse),
    drying: dryingOffer(seen.drying, inUse),
  };
}

function weedingOffer(kits: readonly WeededKit[], inUse: Figures): Offer<"weeding"> {
  const learned = learnWeeding(kits);
  const used = inUse.weeding?.minutes ?? WEEDING_COEFFICIENTS;
  const minutes = Object.fromEntries(
    WEEDING_TERMS.map((term) => [term, Math.round(learned.minutes[term] * 1000) / 1000]),
  ) as Record<WeedingTerm, number>;
  const { factor, spread, observations, classes, usual } = learned;
  const share = usual ? minutesOf(usual, used) / minutesOf(usual, WEEDING_COEFFICIENTS) : 1;
  const parts = WEEDING_TERMS.map(
    (term): Part => ({
      what: term,
      guess: WEEDING_COEFFICIENTS[term],
      learned: minutes[term],
      used: used[term],
      observations: null,
    }),
  );
  return offered("weeding", { factor, spread, observations, classes, used: share }, parts, {
    minutes,
    observations: Math.max(1, observations),
    classes: Math.max(1, classes),
  });
}

/** Each cutter by itself; the one with most loads speaks for all. */
function cuttingOffer(loads: Seen["cutting"], inUse: Figures): Offer<"cutting"> {
  const own = grouped(loads, ({ cutter }) => cutter)
    .map((of) => ({ cutter: of[0]?.cutter ?? "", learned: learnFactor(of) }))
    .sort((a, b) => b.learned.observations - a.learned.observations)
    .slice(0, MOST_CUTTERS);
  const usedOf = (cutter: string) =>
    inUse.cutting?.find((one) => one.cutter === cutter)?.factor ?? 1;
  const parts = own.map(
    ({ cutter, learned }): Part => ({
      what: cutter,
      guess: 1,
      learned: rounded(learned.factor),
      used: usedOf(cutter),
      observations: learned.observations,
    }),
  );
  const [first] = own;
  const enough = own.filter(({ learned }) => learned.observations >= LEAST_SEEN.cutting);
  return offered(
    "cutting",
    { ...(first?.learned ?? learnFactor([])), used: usedOf(first?.cutter ?? "") },
    parts,
    enough.map(({ cutter, learned }) => ({
      cutter,
      factor: rounded(learned.factor),
      observations: learned.observations,
      classes: learned.classes,
    })),
  );
}
const MOST_CUTTERS = 10;

/** Parts that differ from the whole by more than is no news, by name. */
function apart<T extends Observed>(
  rows: readonly T[],
  whole: number,
  nameOf: (row: T) => string | null,
): Map<string, Learned> {
  const named = rows.flatMap((row) => {
    const name = nameOf(row);
    return name === null ? [] : [{ ...row, name, ratio: row.ratio / whole }];
  });
  const own = grouped(named, ({ name }) => name).flatMap((of) =>
    of.length < LEAST_OF_A_PART ? [] : [[of[0]?.name ?? "", learnFactor(of, OF_A_PART)] as const],
  );
  return new Map(own.filter(([, { factor }]) => Math.abs(Math.log(factor)) >= NEWS));
}

function stepsOffer(rows: Seen["steps"], inUse: Figures): Offer<"steps"> {
  const taught = rows.filter(({ step }) => deedKind(step) !== null);
  const whole = learnFactor(taught);
  const kinds = apart(taught, whole.factor, ({ step }) => deedKind(step));
  const used = inUse.steps;
  const deeds: Partial<Record<Deed, number>> = Object.fromEntries(
    [...kinds].map(([deed, { factor }]) => [deed, rounded(factor * whole.factor)]),
  );
  const parts = [...kinds].map(
    ([deed, { observations }]): Part => ({
      what: deed,
      guess: 1,
      learned: deeds[deed as Deed] ?? 1,
      used: used?.deeds[deed as Deed] ?? used?.factor ?? 1,
      observations,
    }),
  );
  const offer = offered("steps", { ...whole, used: used?.factor ?? 1 }, parts, {
    factor: rounded(whole.factor),
    deeds,
    observations: Math.max(1, whole.observations),
    classes: Math.max(1, whole.classes),
  });
  // Where the whole holds, one kind of step may still be far off.
  const far = [...kinds].some(
    ([deed, { spread }]) =>
      Math.abs(
        Math.log((deeds[deed as Deed] ?? 1) / (used?.deeds[deed as Deed] ?? used?.factor ?? 1)),
      ) >= Math.max(2 * NEWS, 2 * spread),
  );
  return { ...offer, worth: offer.worth || (offer.lacking === 0 && far) };
}

function dryingOffer(rows: Seen["drying"], inUse: Figures): Offer<"drying"> {
  const whole = learnFactor(rows);
  const rooms = apart(rows, whole.factor, ({ place }) => place.trim() || null);
  const room = (place: string): number =>
    [...rooms].find(([name]) => samePlace(name, place))?.[1].factor ?? 1;
  const quarters = apart(
    rows.map((row) => ({ ...row, ratio: row.ratio / room(row.place) })),
    whole.factor,
    ({ date }) => quarterOf(date),
  );
  const used = inUse.drying;
  const parts = [
    ...[...rooms].map(
      ([place, { factor, observations }]): Part => ({
        what: place,
        guess: 1,
        learned: rounded(factor * whole.factor),
        used:
          (used?.factor ?? 1) *
          (used?.rooms.find((own) => samePlace(own.place, place))?.factor ?? 1),
        observations,
      }),
    ),
    ...MONTHS_OF_QUARTERS.flatMap((quarter): Part[] => {
      const own = quarters.get(quarter);
      return own
        ? [
            {
              what: quarter,
              guess: 1,
              learned: rounded(own.factor * whole.factor),
              used: (used?.factor ?? 1) * (used?.quarters[quarter] ?? 1),
              observations: own.observations,
            },
          ]
        : [];
    }),
  ];
  return offered("drying", { ...whole, used: used?.factor ?? 1 }, parts, {
    factor: rounded(whole.factor),
    rooms: [...rooms]
      .slice(0, MOST_ROOMS)
      .map(([place, { factor }]) => ({ place, factor: rounded(factor) })),
    quarters: Object.fromEntries(
      [...quarters].map(([quarter, { factor }]) => [quarter as Quarter, rounded(factor)]),
    ),
    observations: Math.max(1, whole.observations),
    classes: Math.max(1, whole.classes),
  });
}
const MOST_ROOMS = 20;
