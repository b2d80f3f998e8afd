"use client";

import { freeOfferId } from "@elm-basket/core/stock/film-of.ts";
import type { Good, Offer } from "@elm-basket/core/stock/good.ts";
import { MOST_AMOUNT, MOST_OFFERS } from "@elm-basket/core/stock/good-kinds.ts";
import { bestPurchase, pricePerDm2 } from "@elm-basket/core/stock/offers.ts";
import { countedIn, tidyAmount } from "@elm-basket/core/stock/words-en.ts";
import { moneyText } from "@elm-basket/core/supplies/money.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { LengthField, MoneyField, NumberField, TextField } from "@/ui/fields.tsx";

interface Props {
  readonly good: Good;
  readonly currency: string;
  readonly unit: LengthUnit;
  readonly lacking: number;
  readonly onChange: (offers: Offer[], label: string) => void;
}

/** Where it can be had: shop, pack and price; the first is the usual one. */
export function OfferList({ good, currency, unit, lacking, onChange }: Props) {
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
          const perDm2 = pricePerDm2(good, offer);
          return (
            <li
              key={offer.id}
              className="grid grid-cols-[1fr_72px_92px] items-end gap-2 border-rule border-b py-2"
            >
              <TextField
                label={i === 0 ? "Usual shop" : "Shop"}
                value={offer.shop}
                maxLength={80}
                onChange={(shop) => set(offer.id, { ...offer, shop }, "Shop")}
              />
              {kind === "film" ? (
                <p className="pb-3 text-soft text-sm">
                  {good.film?.stock.kind === "pack" ? "a pack" : `a ${good.unit}`}
                </p>
              ) : (
                <NumberField
                  label="In a pack"
                  value={offer.size}
                  least={0.001}
                  most={MOST_AMOUNT}
                  digits={3}
                  onChange={(size) => set(offer.id, { ...offer, size }, "Pack")}
                />
              )}
              <MoneyField
                label={`Price, ${currency}`}
                minor={offer.price ?? null}
                currency={currency}
                onChange={(price) =>
                  set(offer.id, price === null ? unpriced : { ...unpriced, price }, "Price")
                }
              />
              {kind === "tape" && (
                <div className="col-span-3 grid grid-cols-2 gap-2">
                  {(["width", "height"] as const).map((side) => (
                    <LengthField
                      key={side}
                      label={side === "width" ? "Width of one" : "Length of one"}
                      mm={offer.each?.[side] ?? 0}
                      unit={unit}
                      allowZero
                      most={side === "width" ? 10_000 : 1_000_000}
                      onChange={(mm) => set(offer.id, withSide(offer, side, mm), "Size of tape")}
                    />
                  ))}
                </div>
              )}
              <p className="col-span-3 flex gap-4 text-soft text-sm">
                <span className="flex-1">
                  {[
                    offer.price !== undefined &&
                      offer.size !== 1 &&
                      `${moneyText(Math.round(offer.price / offer.size), currency)} each`,
                    perDm2 !== null && `${moneyText(Math.round(perDm2), currency)} a dm²`,
                  ]
                    .filter(Boolean)
                    .join(", ")}
                </span>
                {i > 0 && (
                  <button
                    type="button"
                    className="verb"
                    onClick={() =>
                      onChange(
                        [offer, ...offers.filter(({ id }) => id !== offer.id)],
                        "Usual offer",
                      )
                    }
                  >
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
        <button
          type="button"
          className="verb min-h-11"
          onClick={() =>
            onChange([...offers, { id: freeOfferId(offers), shop: "", size: 1 }], "Offer")
          }
        >
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

/** The side that is typed first stands for both until the other is. */
function withSide({ each, ...offer }: Offer, side: "width" | "height", mm: number): Offer {
  if (mm === 0) return offer;
  return { ...offer, each: { width: mm, height: mm, ...each, [side]: mm } };
}
