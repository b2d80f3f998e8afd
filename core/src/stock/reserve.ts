/**
 * Goods are promised to classes in the order of their dates: what an earlier class still needs is
 * not there for a later one.
 */
import type { SupplyLine } from "../supplies/supply-lines.ts";
import { roundAmount } from "./ledger.ts";

export interface Claim {
  readonly workshop: string;
  /** Order of the classes: date and time, then when they were made. */
  readonly order: string;
  /** YYYY-MM-DD */
  readonly date: string;
  readonly line: string;
  readonly good: string;
  readonly need: number;
  /** It comes back to the shelf after the class: only classes of the same day want it at once. */
  readonly returns: boolean;
}

export interface Promised {
  readonly good: string;
  readonly onHand: number;
  /** Of the need, what the class has taken already. */
  readonly taken: number;
  /** What is kept for earlier classes. */
  readonly kept: number;
}

function grouped<T>(list: readonly T[], keyOf: (one: T) => string): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const one of list) found.set(keyOf(one), [...(found.get(keyOf(one)) ?? []), one]);
  return found;
}

/** Key of a line of a class. */
export const claimKey = (workshop: string, line: string): string => `${workshop} ${line}`;

/**
 * @param onHand by good
 * @param taken by class and good (`claimKey(workshop, good)`): what its marked work has taken
 * @returns by class and line. Two lines of one class that draw on the same good are served one
 * after the other.
 */
export function promise(
  claims: readonly Claim[],
  onHand: ReadonlyMap<string, number>,
  taken: ReadonlyMap<string, number>,
): Map<string, Promised> {
  const found = new Map<string, Promised>();
  const byGood = grouped(
    [...claims].sort((a, b) => (a.order < b.order ? -1 : a.order > b.order ? 1 : 0)),
    ({ good }) => good,
  );
  for (const [good, own] of byGood) {
    const there = onHand.get(good) ?? 0;
    const unspent = new Map(
      own.map(({ workshop }) => [workshop, taken.get(claimKey(workshop, good)) ?? 0]),
    );
    const open: { claim: Claim; left: number }[] = [];
    for (const claim of own) {
      const spent = Math.min(claim.need, unspent.get(claim.workshop) ?? 0);
      unspent.set(claim.workshop, roundAmount((unspent.get(claim.workshop) ?? 0) - spent));
      const before = open.filter(
        (earlier) => !earlier.claim.returns || (claim.returns && earlier.claim.date === claim.date),
      );
      const kept = Math.min(there, roundAmount(before.reduce((sum, { left }) => sum + left, 0)));
      found.set(claimKey(claim.workshop, claim.line), { good, onHand: there, taken: spent, kept });
      open.push({ claim, left: roundAmount(claim.need - spent) });
    }
  }
  return found;
}

/** What all classes together still want of each good. */
export function wantedOf(
  claims: readonly Claim[],
  taken: ReadonlyMap<string, number>,
): Map<string, number> {
  const wanted = new Map<string, number>();
  for (const [good, own] of grouped(claims, ({ good }) => good)) {
    const byDay = grouped(own, ({ date }) => date);
    const left = (list: readonly Claim[]) =>
      [...grouped(list, ({ workshop }) => workshop)].reduce(
        (sum, [workshop, lines]) =>
          sum +
          Math.max(
            0,
            lines.reduce((n, { need }) => n + need, 0) - (taken.get(claimKey(workshop, good)) ?? 0),
          ),
        0,
      );
    const days = [...byDay.values()].map(left);
    const returns = own.every((claim) => claim.returns);
    wanted.set(
      good,
      roundAmount(returns ? Math.max(0, ...days) : days.reduce((sum, n) => sum + n, 0)),
    );
  }
  return wanted;
}

export type ShelvedLine = SupplyLine & { readonly taken: number; readonly kept: number };

/** Rounding noise must not buy a whole pack. */
const PACK_SLACK = 1e-9;

/**
 * A line of the materials list against the shelf: what the class took counts, what earlier classes
 * keep does not.
 */
export function shelved<
  Line extends Pick<
    SupplyLine,
    "need" | "have" | "packs" | "packSize" | "buy" | "leftAfter" | "price" | "buyPrice"
  >,
>(
  line: Line,
  { onHand, taken, kept }: Omit<Promised, "good">,
): Line & { taken: number; kept: number } {
  const open = Math.max(0, line.need - taken);
  const free = Math.max(0, onHand - kept);
  const packs = Math.max(0, Math.ceil((open - free) / line.packSize - PACK_SLACK));
  const buy = packs * line.packSize;
  return {
    ...line,
    have: onHand,
    taken,
    kept,
    packs,
    buy,
    leftAfter: roundAmount(Math.max(0, free + buy - open)),
    buyPrice: packs * (line.price ?? 0),
  };
}
