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
});
export type Prices = z.infer<typeof pricesSchema>;

export interface CostInput {
  readonly usedValue: number;
  readonly prepMinutes: number;
  readonly seats: number;
}

export interface Cost {
  readonly materials: number;
  readonly labour: number;
  readonly venue: number;
  readonly total: number;
  readonly perSeat: number;
  readonly price: number;
  /** Fewest paying seats that cover what does not grow with seats plus their own materials; null when no number does. */
  readonly breakEvenSeats: number | null;
}

export function costOf({ usedValue, prepMinutes, seats }: CostInput, prices: Prices): Cost {
  const materials = Math.ceil(usedValue - 1e-6);
  const labour = Math.ceil((prepMinutes / 60) * prices.hourlyRate - 1e-6);
  const total = materials + labour + prices.venue;
  const perSeat = seats === 0 ? 0 : Math.ceil(total / seats);
  const price = prices.seatPrice ?? Math.ceil(perSeat / (1 - prices.margin) - 1e-6);
  const materialsPerSeat = seats === 0 ? 0 : materials / seats;
  const earned = price - materialsPerSeat;
  return { materials, labour, venue: prices.venue, total, perSeat, price, breakEvenSeats: earned > 0 ? Math.ceil((labour + prices.venue) / earned - 1e-9) : null };
}

/** `1250`, `GBP` -> `12.50 GBP`; words and symbols belong to the interface. */
export function moneyText(minor: number, currency: string): string {
  return `${(minor / 100).toFixed(2)} ${currency}`;
}
