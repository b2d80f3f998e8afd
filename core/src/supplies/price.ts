/** Cost per seat, price for a wanted margin, break-even. Integer minor units, rounded up: a host never undercharges by rounding. */
import { z } from "zod";

export const pricesSchema = z.strictObject({
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/u, "three letters such as GBP")
    .default("GBP"),
  hourlyRate: z.number().int().min(0).max(10_000_000).default(0),
  venue: z.number().int().min(0).max(1_000_000_000).default(0),
  margin: z.number().min(0).max(0.95).default(0.3).describe("share of the price that is to remain"),
  seatPrice: z.number().int().min(0).max(1_000_000_000).optional(),
  shopPrice: z.number().int().min(0).max(1_000_000_000).optional().describe("what such a thing costs finished in shops"),
});
export type Prices = z.infer<typeof pricesSchema>;

export interface CostLine {
  readonly id: string;
  readonly usedValue: number;
  readonly priced: boolean;
}

export interface CostInput {
  readonly lines: readonly CostLine[];
  readonly prepMinutes: number;
  readonly seats: number;
}

export interface Cost {
  /** Of what has a price. */
  readonly materials: number;
  readonly labour: number;
  readonly venue: number;
  readonly total: number;
  /** False when the price of something needed is not known: then nothing is claimed of a seat. */
  readonly complete: boolean;
  /** Ids of what has no price. */
  readonly missing: readonly string[];
  readonly perSeat: number | null;
  readonly price: number | null;
  /** Fewest paying seats that cover what does not grow with seats plus their own materials; null when no number does, or none can be told. */
  readonly breakEvenSeats: number | null;
}

export function costOf({ lines, prepMinutes, seats }: CostInput, prices: Prices): Cost {
  const materials = Math.max(0, Math.ceil(lines.reduce((sum, line) => sum + line.usedValue, 0) - 1e-6));
  const labour = Math.max(0, Math.ceil((prepMinutes / 60) * prices.hourlyRate - 1e-6));
  const total = materials + labour + prices.venue;
  const missing = lines.filter(({ priced }) => !priced).map(({ id }) => id);
  const known = { materials, labour, venue: prices.venue, total, complete: missing.length === 0, missing };
  const asked = prices.seatPrice ?? null;
  if (!known.complete || seats === 0) return { ...known, perSeat: null, price: asked, breakEvenSeats: null };
  const perSeat = Math.ceil(total / seats);
  const price = asked ?? Math.ceil(perSeat / (1 - prices.margin) - 1e-6);
  const earned = price - materials / seats;
  return { ...known, perSeat, price, breakEvenSeats: earned > 0 ? Math.ceil((labour + prices.venue) / earned - 1e-9) : null };
}

/** Currencies whose smallest unit is not a hundredth, as ISO 4217 has them. */
const DIGITS: Readonly<Record<string, number>> = { JPY: 0, KRW: 0, ISK: 0, CLP: 0, VND: 0, HUF: 2, KWD: 3, BHD: 3, OMR: 3, JOD: 3, TND: 3 };
export const minorDigits = (currency: string): number => DIGITS[currency] ?? 2;

/** `1250`, `GBP` -> `12.50 GBP`; words and symbols belong to the interface. */
export function moneyText(minor: number, currency: string): string {
  const digits = minorDigits(currency);
  return `${(minor / 10 ** digits).toFixed(digits)} ${currency}`;
}
