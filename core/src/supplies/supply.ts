/** What a class needs besides vinyl, and how it is bought. Money is in integer minor units. */
import { z } from "zod";

const amount = z.number().min(0).max(1_000_000);
const money = z.number().int().min(0).max(1_000_000_000);

export const supplySchema = z
  .strictObject({
    id: z.string().regex(/^[a-z][a-z0-9-]{0,40}$/u, "a short id such as transfer-tape"),
    name: z.string().trim().min(1).max(120),
    /** `seat`: per participant and spare; `shared`: for the room; `application`: pieces of tape, used again up to `uses` times by one seat. */
    per: z.enum(["seat", "shared", "application"]),
    amount: amount.default(1),
    unit: z.string().max(20).default("piece"),
    pack: z.strictObject({ size: z.number().positive().max(1_000_000), price: money }).default({ size: 1, price: 0 }),
    have: amount.default(0),
    /** How often one thing serves: tape for applications one after another, a shared tool over its life. */
    uses: z.number().int().positive().max(100_000).default(1),
    substitute: z.string().max(200).optional(),
    spares: z.boolean().default(true),
  })
  .describe("one line of the materials list");
export type Supply = z.infer<typeof supplySchema>;

export interface SupplyLine {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  readonly perSeat: number;
  readonly need: number;
  readonly have: number;
  readonly packs: number;
  readonly packSize: number;
  readonly buy: number;
  readonly leftAfter: number;
  readonly buyPrice: number;
  /** Value of what the class uses up, minor units (not rounded). */
  readonly usedValue: number;
}

export interface SuppliesProblem {
  readonly supplies: readonly Supply[];
  readonly seats: number;
  /** Whole spare kits. */
  readonly spares: number;
}

/** Stock is taken off first, then rounded up to packs. */
export function supplyLines({ supplies, seats, spares }: SuppliesProblem): SupplyLine[] {
  return supplies.map((supply) => {
    const kits = seats + (supply.spares ? spares : 0);
    const perSeat = supply.per === "application" ? Math.ceil(supply.amount / supply.uses) : supply.amount;
    const need = supply.per === "shared" ? supply.amount : perSeat * kits;
    return boughtLine({ ...supply, perSeat: supply.per === "shared" ? 0 : perSeat, need, wear: supply.per === "shared" ? supply.uses : 1 });
  });
}

interface Bought {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  readonly perSeat: number;
  readonly need: number;
  readonly have: number;
  readonly pack: Supply["pack"];
  /** A shared tool that serves many classes costs this class only its share. */
  readonly wear: number;
}

/** Rounding noise must not buy a whole pack. */
const PACK_SLACK = 1e-9;

export function boughtLine({ id, name, unit, perSeat, need, have, pack, wear }: Bought): SupplyLine {
  const packs = Math.max(0, Math.ceil((need - have) / pack.size - PACK_SLACK));
  const buy = packs * pack.size;
  return {
    id,
    name,
    unit,
    perSeat,
    need,
    have,
    packs,
    packSize: pack.size,
    buy,
    leftAfter: Math.max(0, have + buy - need),
    buyPrice: packs * pack.price,
    usedValue: (need * pack.price) / pack.size / wear,
  };
}
