"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { CheckField } from "@/ui/choice.tsx";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { priceFieldsWords } from "./words.ts";

type Prices = Pick<ClassDocument, "prices">;

/**
 * What the class is reckoned with: an hour, the venue, the margin, or a price that is set already.
 */
export function PriceFields({
  classId,
  document,
  version,
}: {
  classId: string;
  document: ClassDocument;
  version: number;
}) {
  const say = priceFieldsWords();
  const editor = usePart<Prices>(
    classId,
    "class",
    { prices: document.prices },
    version,
    (answer) => ({ prices: (answer.document as ClassDocument).prices }),
  );
  const { prices } = editor.value;
  const put = (patch: Partial<Prices["prices"]>, label: string) =>
    editor.change({ prices: { ...prices, ...patch } }, label);
  const { seatPrice: _, ...open } = prices;
  const { shopPrice: __, ...uncompared } = prices;
  const { budget: ___, ...unlimited } = prices;
  const { post: ____, ...unposted } = prices;
  return (
    <div className="mt-3 grid gap-2">
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label={say.currency}
          value={prices.currency}
          maxLength={3}
          required={say.threeLettersSuchAsGbp}
          error={say.threeLettersSuchAsGbp2(/^[A-Z]{3}$/u.test(prices.currency))}
          onChange={(currency) => put({ currency: currency.toUpperCase() }, say.currency)}
        />
        <MoneyField
          label={say.anHourOfYours}
          minor={prices.hourlyRate}
          currency={prices.currency}
          mayBeUnknown={false}
          onChange={(hourlyRate) => put({ hourlyRate: hourlyRate ?? 0 }, say.hourlyRate)}
        />
        <MoneyField
          label={say.theVenue}
          minor={prices.venue}
          currency={prices.currency}
          mayBeUnknown={false}
          onChange={(venue) => put({ venue: venue ?? 0 }, say.venue)}
        />
        <NumberField
          label={say.marginOfThePrice}
          unit="%"
          value={Math.round(prices.margin * 100)}
          least={0}
          most={95}
          step={5}
          onChange={(percent) => put({ margin: percent / 100 }, say.margin)}
        />
        <MoneyField
          label={say.priceASeat}
          minor={prices.seatPrice ?? null}
          currency={prices.currency}
          onChange={(price) =>
            editor.change(
              { prices: price === null ? open : { ...open, seatPrice: price } },
              say.priceASeat2,
            )
          }
        />
        <MoneyField
          label={say.finishedInAShop}
          minor={prices.shopPrice ?? null}
          currency={prices.currency}
          onChange={(price) =>
            editor.change(
              { prices: price === null ? uncompared : { ...uncompared, shopPrice: price } },
              say.priceInAShop,
            )
          }
        />
        <MoneyField
          label={say.aSeatMayCost}
          minor={prices.budget ?? null}
          currency={prices.currency}
          onChange={(price) =>
            editor.change(
              { prices: price === null ? unlimited : { ...unlimited, budget: price } },
              say.budgetOfASeat,
            )
          }
        />
        {document.setting.kind !== "room" && (
          <MoneyField
            label={say.postageOfAKit}
            minor={prices.post ?? null}
            currency={prices.currency}
            onChange={(price) =>
              editor.change(
                { prices: price === null ? unposted : { ...unposted, post: price } },
                say.postage,
              )
            }
          />
        )}
        <NumberField
          label={say.minutesAfterTheClass}
          unit="min"
          value={prices.minutesAfter ?? 0}
          least={0}
          most={1440}
          step={5}
          onChange={(minutesAfter) => put({ minutesAfter }, say.minutesAfterTheClass)}
        />
        <div className="self-end">
          <CheckField
            label={say.payForTheHours}
            checked={prices.countsClass ?? false}
            onChange={(countsClass) => put({ countsClass }, say.hoursOfTheClass)}
          />
        </div>
      </div>
      <SaveNote editor={editor} />
    </div>
  );
}
