/** What to buy of which offer, so that what is lacking costs least. */
import type { Good, Offer } from "./good.ts";

/**
 * What a square decimetre costs, minor units: of film by its sheet or roll, of tape by the piece of
 * the offer. Null where price or size is not known.
 */
export function pricePerDm2(
  { film }: Pick<Good, "film">,
  { price, size, each }: Offer,
): number | null {
  const piece = film?.stock ?? each;
  return price === undefined || !piece
    ? null
    : (price * MM2_PER_DM2) / (size * piece.width * piece.height);
}
const MM2_PER_DM2 = 10_000;

export interface Purchase {
  readonly packs: readonly { readonly offer: Offer; readonly packs: number }[];
  /** Minor units. */
  readonly price: number;
  /** How much it brings. */
  readonly brings: number;
}

/** Rounding noise must not buy a whole pack. */
const PACK_SLACK = 1e-9;
/**
 * Mixed packs are reckoned exactly for whole numbers up to here; beyond, and for parts, one kind of
 * pack is bought.
 */
const MOST_MIXED = 5000;

const purchaseOf = (packs: Purchase["packs"]): Purchase => ({
  packs,
  price: packs.reduce((sum, { offer, packs: n }) => sum + n * (offer.price ?? 0), 0),
  brings: packs.reduce((sum, { offer, packs: n }) => sum + n * offer.size, 0),
});

/** The least money first, then as much as possible for it. */
const better = (a: Purchase, b: Purchase | null): boolean =>
  b === null || a.price < b.price || (a.price === b.price && a.brings > b.brings + PACK_SLACK);

/**
 * Packs of any of the offers whose price is known. Null where none is known or nothing is lacking.
 */
export function bestPurchase(offers: readonly Offer[], lacking: number): Purchase | null {
  if (lacking <= PACK_SLACK) return null;
  const known = offers.filter(({ price }) => price !== undefined);
  const single = known.reduce<Purchase | null>((best, offer) => {
    const one = purchaseOf([{ offer, packs: Math.ceil(lacking / offer.size - PACK_SLACK) }]);
    return better(one, best) ? one : best;
  }, null);
  const wanted = Math.ceil(lacking - PACK_SLACK);
  if (known.length < 2 || wanted > MOST_MIXED || known.some(({ size }) => !Number.isInteger(size)))
    return single;
  return mixed(known, wanted);
}

/**
 * Covering by whole packs: dynamic programming over the amount still lacking, O(wanted x offers).
 */
function mixed(offers: readonly Offer[], wanted: number): Purchase {
  const price: number[] = [0];
  const brings: number[] = [0];
  const last: number[] = [-1];
  for (let n = 1; n <= wanted; n++) {
    price[n] = Number.POSITIVE_INFINITY;
    for (const [i, offer] of offers.entries()) {
      const rest = Math.max(0, n - offer.size);
      const sum = (price[rest] as number) + (offer.price ?? 0);
      const amount = (brings[rest] as number) + offer.size;
      if (sum < (price[n] as number) || (sum === price[n] && amount > (brings[n] as number)))
        [price[n], brings[n], last[n]] = [sum, amount, i];
    }
  }
  const packs = offers.map(() => 0);
  for (let n = wanted; n > 0; ) {
    const i = last[n] as number;
    packs[i] = (packs[i] ?? 0) + 1;
    n = Math.max(0, n - (offers[i] as Offer).size);
  }
  return purchaseOf(
    offers.flatMap((offer, i) =>
      (packs[i] ?? 0) > 0 ? [{ offer, packs: packs[i] as number }] : [],
    ),
  );
}
