/**
 * Cost per seat, price for a wanted margin, break-even. Integer minor units, rounded up: a host
 * never undercharges by rounding.
 */
import type { Prices } from "./price.ts";

export const MATERIAL_KINDS = ["film", "blank", "consumable", "tools"] as const;
export type MaterialKind = (typeof MATERIAL_KINDS)[number];
export const COST_KINDS = [
  ...MATERIAL_KINDS,
  "hoursBefore",
  "hoursIn",
  "hoursAfter",
  "venue",
  "post",
] as const;
export type CostKind = (typeof COST_KINDS)[number];

export interface CostLine {
  readonly id: string;
  readonly usedValue: number;
  readonly priced: boolean;
  /** A consumable when it is not said. */
  readonly kind?: MaterialKind;
  /** Bought once, however many come: one seat more adds nothing. */
  readonly shared?: boolean;
}

export interface CostInput {
  readonly lines: readonly CostLine[];
  readonly prepMinutes: number;
  readonly seats: number;
  /** Minutes of the class itself. */
  readonly classMinutes?: number;
  /** Whether kits are posted. */
  readonly posted?: boolean;
}

export interface Cost {
  /** Of what has a price. */
  readonly materials: number;
  /** All hours that count. */
  readonly labour: number;
  readonly venue: number;
  readonly post: number;
  readonly total: number;
  /** The total by what it is spent on; kinds that cost nothing are left out. The sums are exact. */
  readonly kinds: readonly { readonly kind: CostKind; readonly minor: number }[];
  /**
   * What one seat more adds, minor units, not rounded: its materials, its share of the preparation,
   * its postage.
   */
  readonly oneMore: number;
  /** False when the price of something needed is not known: then nothing is claimed of a seat. */
  readonly complete: boolean;
  /** Ids of what has no price. */
  readonly missing: readonly string[];
  readonly perSeat: number | null;
  readonly price: number | null;
  /**
   * Fewest paying seats that cover what does not grow with seats plus their own materials; null
   * when no number does, or none can be told.
   */
  readonly breakEvenSeats: number | null;
}

export function costOf(
  { lines, prepMinutes, seats, classMinutes = 0, posted = false }: CostInput,
  prices: Prices,
): Cost {
  const materials = up(lines.reduce((sum, line) => sum + line.usedValue, 0));
  const hours = {
    hoursBefore: paid(prepMinutes, prices),
    hoursIn: prices.countsClass ? paid(classMinutes, prices) : 0,
    hoursAfter: paid(prices.minutesAfter ?? 0, prices),
  };
  const labour = hours.hoursBefore + hours.hoursIn + hours.hoursAfter;
  const post = posted ? seats * (prices.post ?? 0) : 0;
  const total = materials + labour + prices.venue + post;
  const missing = lines.filter(({ priced }) => !priced).map(({ id }) => id);
  const spent = { ...byKind(lines, materials), ...hours, venue: prices.venue, post };
  const grows =
    lines.reduce((sum, { usedValue, shared }) => sum + (shared ? 0 : usedValue), 0) +
    (prepMinutes / 60) * prices.hourlyRate;
  const known = {
    materials,
    labour,
    venue: prices.venue,
    post,
    total,
    kinds: COST_KINDS.flatMap((kind) => (spent[kind] === 0 ? [] : [{ kind, minor: spent[kind] }])),
    oneMore: seats === 0 ? 0 : grows / seats + (posted ? (prices.post ?? 0) : 0),
    complete: missing.length === 0,
    missing,
  };
  const asked = prices.seatPrice ?? null;
  if (!known.complete || seats === 0)
    return { ...known, perSeat: null, price: asked, breakEvenSeats: null };
  const perSeat = Math.ceil(total / seats);
  const price = asked ?? Math.ceil(perSeat / (1 - prices.margin) - 1e-6);
  const earned = price - materials / seats - (posted ? (prices.post ?? 0) : 0);
  return {
    ...known,
    perSeat,
    price,
    breakEvenSeats: earned > 0 ? Math.ceil((labour + prices.venue) / earned - 1e-9) : null,
  };
}
const up = (minor: number): number => Math.max(0, Math.ceil(minor - 1e-6));
const paid = (minutes: number, { hourlyRate }: Prices): number => up((minutes / 60) * hourlyRate);
/**
 * Whole units by kind that add up to the whole: what rounding leaves goes to the largest fractions
 * (largest remainder, Hamilton 1792).
 */
function byKind(lines: readonly CostLine[], whole: number): Record<MaterialKind, number> {
  const exact = MATERIAL_KINDS.map((kind) => ({
    kind,
    value: lines.reduce(
      (sum, line) => sum + ((line.kind ?? "consumable") === kind ? line.usedValue : 0),
      0,
    ),
  }));
  const floors = new Map(exact.map(({ kind, value }) => [kind, Math.floor(value + 1e-9)]));
  const left = whole - [...floors.values()].reduce((sum, minor) => sum + minor, 0);
  const order = [...exact].sort(
    (a, b) =>
      b.value - Math.floor(b.value + 1e-9) - (a.value - Math.floor(a.value + 1e-9)) ||
      MATERIAL_KINDS.indexOf(a.kind) - MATERIAL_KINDS.indexOf(b.kind),
  );
  for (const { kind } of order.slice(0, left)) floors.set(kind, (floors.get(kind) ?? 0) + 1);
  return Object.fromEntries(floors) as Record<MaterialKind, number>;
}

export interface SeatsWhatIf {
  readonly seats: number;
  readonly perSeat: number;
  /** At this price, what is left of all seats; below zero it is lost. */
  readonly left: number;
}
/**
 * The same class with other numbers of seats: what grows grows by a seat's share, the rest stays.
 * Empty where a price is missing.
 */
export function withSeats(cost: Cost, seats: number, wanted: readonly number[]): SeatsWhatIf[] {
  const { price } = cost;
  if (price === null || cost.perSeat === null || seats === 0) return [];
  return wanted
    .filter((n) => n > 0)
    .map((n) => {
      const total = up(cost.total + (n - seats) * cost.oneMore);
      return { seats: n, perSeat: Math.ceil(total / n), left: n * price - total };
    });
}
