"use client";

import { freeOfferId } from "@elm-basket/core/stock/film-of.ts";
import type { Good, Offer } from "@elm-basket/core/stock/good.ts";
import { MOST_AMOUNT, MOST_OFFERS } from "@elm-basket/core/stock/good-kinds.ts";
import { bestPurchase, pricePerDm2 } from "@elm-basket/core/stock/offers.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { goodsWords } from "@/ui/craft/goods.ts";
import { LengthField, MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { moneyText } from "@/ui/figures.ts";
import { offerListWords } from "./words.ts";

interface Props {
  readonly good: Good;
  readonly currency: string;
  readonly unit: LengthUnit;
  readonly lacking: number;
  readonly onChange: (offers: Offer[], label: string) => void;
}

/** Where it can be had: shop, pack and price; the first is the usual one. */
export function OfferList({ good, currency, unit, lacking, onChange }: Props) {
  const say = offerListWords();
  const { offers, kind } = good;
  const set = (id: string, next: Offer, label: string) =>
    onChange(
      offers.map((offer) => (offer.id === id ? next : offer)),
      label,
    );
  const best = bestPurchase(offers, lacking);
  return (
    <section aria-label={say.whereItCanBeHad}>
      <h3 className="border-rule border-b pb-1 font-head text-base">{say.whereItCanBeHad}</h3>
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
                label={say.usualShopShop(i)}
                value={offer.shop}
                maxLength={80}
                onChange={(shop) => set(offer.id, { ...offer, shop }, say.shop)}
              />
              {kind === "film" ? (
                <p className="pb-3 text-soft text-sm">
                  {say.aPack(good.film?.stock.kind, good.unit)}
                </p>
              ) : (
                <NumberField
                  label={say.inAPack}
                  value={offer.size}
                  least={0.001}
                  most={MOST_AMOUNT}
                  digits={3}
                  onChange={(size) => set(offer.id, { ...offer, size }, say.pack)}
                />
              )}
              <MoneyField
                label={say.price(currency)}
                minor={offer.price ?? null}
                currency={currency}
                onChange={(price) =>
                  set(offer.id, price === null ? unpriced : { ...unpriced, price }, say.price2)
                }
              />
              {kind === "tape" && (
                <div className="col-span-3 grid grid-cols-2 gap-2">
                  {(["width", "height"] as const).map((side) => (
                    <LengthField
                      key={side}
                      label={say.widthOfOneLength(side)}
                      mm={offer.each?.[side] ?? 0}
                      unit={unit}
                      allowZero
                      most={side === "width" ? 10_000 : 1_000_000}
                      onChange={(mm) => set(offer.id, withSide(offer, side, mm), say.sizeOfTape)}
                    />
                  ))}
                </div>
              )}
              <p className="col-span-3 flex gap-4 text-soft text-sm">
                <span className="flex-1">
                  {[
                    offer.price !== undefined &&
                      offer.size !== 1 &&
                      say.each(moneyText(Math.round(offer.price / offer.size), currency)),
                    perDm2 !== null && say.aDm(moneyText(Math.round(perDm2), currency)),
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
                        say.usualOffer,
                      )
                    }
                  >
                    {say.makeItTheUsual}
                  </button>
                )}
                <button
                  type="button"
                  className="verb"
                  aria-label={say.takeTheOfferAway(offer.shop, i)}
                  onClick={() =>
                    onChange(
                      offers.filter(({ id }) => id !== offer.id),
                      say.offerTakenAway,
                    )
                  }
                >
                  {say.takeAway}
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
            onChange([...offers, { id: freeOfferId(offers), shop: "", size: 1 }], say.offer)
          }
        >
          {say.addAnOffer}
        </button>
      )}
      {lacking > 0 && (
        <p className="text-sm">
          {goodsWords().countedIn(lacking, good.unit)} {say.toBuy}
          {best
            ? say.text2(
                best.packs
                  .map(({ offer, packs }) =>
                    say.text(packs, goodsWords().tidyAmount(offer.size), offer.shop),
                  )
                  .join(say.and),
                moneyText(best.price, currency),
              )
            : say.noPriceIsKnown}
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
