"use client";

import { freeOfferId, type Good, MOST_AMOUNT, MOST_OFFERS, type Offer } from "@elm-basket/core/stock/good.ts";
import { bestPurchase } from "@elm-basket/core/stock/offers.ts";
import { countedIn, tidyAmount } from "@elm-basket/core/stock/words-en.ts";
import { moneyText } from "@elm-basket/core/supplies/price.ts";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";

interface Props {
  readonly good: Good;
  readonly currency: string;
  readonly lacking: number;
  readonly onChange: (offers: Offer[], label: string) => void;
}

/** Where it can be had: shop, pack and price; the first is the usual one. */
export function OfferList({ good, currency, lacking, onChange }: Props) {
  const { offers, kind } = good;
  const set = (id: string, next: Offer, label: string) =>
    onChange(
      offers.map((offer) => (offer.id === id ? next : offer)),
      label,
    );
  const best = bestPurchase(offers, lacking);
  return (
    <section aria-label="Where it can be had">
      <h3 className="border-rule border-b pb-1 font-head text-base">Where it can be had</h3>
      <ul>
        {offers.map((offer, i) => {
          const { price: _, ...unpriced } = offer;
          return (
            <li key={offer.id} className="grid grid-cols-[1fr_72px_92px] items-end gap-2 border-rule border-b py-2">
              <TextField label={i === 0 ? "Usual shop" : "Shop"} value={offer.shop} maxLength={80} onChange={(shop) => set(offer.id, { ...offer, shop }, "Shop")} />
              {kind === "film" ? (
                <p className="pb-3 text-soft text-sm">{good.film?.stock.kind === "pack" ? "a pack" : `a ${good.unit}`}</p>
              ) : (
                <NumberField label="In a pack" value={offer.size} least={0.001} most={MOST_AMOUNT} digits={3} onChange={(size) => set(offer.id, { ...offer, size }, "Pack")} />
              )}
              <MoneyField
                label={`Price, ${currency}`}
                minor={offer.price ?? null}
                currency={currency}
                onChange={(price) => set(offer.id, price === null ? unpriced : { ...unpriced, price }, "Price")}
              />
              <p className="col-span-3 flex gap-4 text-soft text-sm">
                <span className="flex-1">
                  {[
                    offer.price !== undefined && offer.size !== 1 && `${moneyText(Math.round(offer.price / offer.size), currency)} each`,
                    offer.price !== undefined && good.film && `${moneyText(Math.round(perDm2(good.film.stock, offer.price / offer.size)), currency)} a dm²`,
                  ]
                    .filter(Boolean)
                    .join(", ")}
                </span>
                {i > 0 && (
                  <button type="button" className="verb" onClick={() => onChange([offer, ...offers.filter(({ id }) => id !== offer.id)], "Usual offer")}>
                    make it the usual one
                  </button>
                )}
                <button
                  type="button"
                  className="verb"
                  aria-label={`Take the offer ${offer.shop || i + 1} away`}
                  onClick={() =>
                    onChange(
                      offers.filter(({ id }) => id !== offer.id),
                      "Offer taken away",
                    )
                  }
                >
                  take away
                </button>
              </p>
            </li>
          );
        })}
      </ul>
      {offers.length < MOST_OFFERS && (
        <button type="button" className="verb min-h-11" onClick={() => onChange([...offers, { id: freeOfferId(offers), shop: "", size: 1 }], "Offer")}>
          Add an offer
        </button>
      )}
      {lacking > 0 && (
        <p className="text-sm">
          {countedIn(lacking, good.unit)} to buy
          {best
            ? `: ${best.packs.map(({ offer, packs }) => `${packs} × ${tidyAmount(offer.size)}${offer.shop ? ` at ${offer.shop}` : ""}`).join(" and ")}, ${moneyText(best.price, currency)}.`
            : "; no price is known."}
        </p>
      )}
    </section>
  );
}

/** Films of other sizes and forms are compared by their area: a hand's breadth by a hand's breadth. */
const perDm2 = ({ width, height }: { readonly width: number; readonly height: number }, price: number): number => (price * 10_000) / (width * height);
