/** Films between the shelf and class documents. */
import type { Vinyl, VinylStock } from "../weeding/vinyl.ts";
import type { FilmFacts, Good, Offer } from "./good.ts";

const USUAL: Offer = { id: "a", shop: "", size: 1 };
/** The offer that is meant, or the usual one. */
export const offerOf = ({ offers }: Pick<Good, "offers">, id?: string | null): Offer =>
  offers.find((offer) => offer.id === id) ?? offers[0] ?? USUAL;
/** The next free id of an offer. */
export function freeOfferId(offers: readonly Offer[]): string {
  for (let n = 0; ; n++) {
    const id = n < 26 ? String.fromCharCode(97 + n) : `o${n}`;
    if (!offers.some((offer) => offer.id === id)) return id;
  }
}
/** What a class document says of a film, taken apart: facts, name and price belong to the shelf. */
export function factsOf({ id: _, name: __, stock, ...rest }: Vinyl): FilmFacts {
  const { have: ___, price: ____, ...form } = stock;
  return { ...rest, stock: form as FilmFacts["stock"] };
}
/** A film of the shelf as class documents name it. */
export function vinylOf(
  id: string,
  { name, film, offers }: Pick<Good, "name" | "offers"> & { readonly film: FilmFacts },
  onHand: number,
  offer?: string | null,
): Vinyl {
  const { price } = offerOf({ offers }, offer);
  const stock = { ...film.stock, have: onHand, ...(price === undefined ? {} : { price }) };
  return { id, ...film, name, stock: stock as VinylStock };
}
