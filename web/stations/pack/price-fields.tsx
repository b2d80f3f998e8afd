"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { CheckField } from "@/ui/choice.tsx";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";

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
          label="Currency"
          value={prices.currency}
          maxLength={3}
          required="Three letters such as GBP."
          error={/^[A-Z]{3}$/u.test(prices.currency) ? undefined : "Three letters such as GBP."}
          onChange={(currency) => put({ currency: currency.toUpperCase() }, "Currency")}
        />
        <MoneyField
          label="An hour of yours"
          minor={prices.hourlyRate}
          currency={prices.currency}
          mayBeUnknown={false}
          onChange={(hourlyRate) => put({ hourlyRate: hourlyRate ?? 0 }, "Hourly rate")}
        />
        <MoneyField
          label="The venue"
          minor={prices.venue}
          currency={prices.currency}
          mayBeUnknown={false}
          onChange={(venue) => put({ venue: venue ?? 0 }, "Venue")}
        />
        <NumberField
          label="Margin of the price"
          unit="%"
          value={Math.round(prices.margin * 100)}
          least={0}
          most={95}
          step={5}
          onChange={(percent) => put({ margin: percent / 100 }, "Margin")}
        />
        <MoneyField
          label="Price a seat, if it is set"
          minor={prices.seatPrice ?? null}
          currency={prices.currency}
          onChange={(price) =>
            editor.change(
              { prices: price === null ? open : { ...open, seatPrice: price } },
              "Price a seat",
            )
          }
        />
        <MoneyField
          label="Finished in a shop it costs"
          minor={prices.shopPrice ?? null}
          currency={prices.currency}
          onChange={(price) =>
            editor.change(
              { prices: price === null ? uncompared : { ...uncompared, shopPrice: price } },
              "Price in a shop",
            )
          }
        />
        <MoneyField
          label="A seat may cost at most"
          minor={prices.budget ?? null}
          currency={prices.currency}
          onChange={(price) =>
            editor.change(
              { prices: price === null ? unlimited : { ...unlimited, budget: price } },
              "Budget of a seat",
            )
          }
        />
        {document.setting.kind !== "room" && (
          <MoneyField
            label="Postage of a kit"
            minor={prices.post ?? null}
            currency={prices.currency}
            onChange={(price) =>
              editor.change(
                { prices: price === null ? unposted : { ...unposted, post: price } },
                "Postage",
              )
            }
          />
        )}
        <NumberField
          label="Minutes after the class"
          unit="min"
          value={prices.minutesAfter ?? 0}
          least={0}
          most={1440}
          step={5}
          onChange={(minutesAfter) => put({ minutesAfter }, "Minutes after the class")}
        />
        <div className="self-end">
          <CheckField
            label="Pay for the hours of the class, too"
            checked={prices.countsClass ?? false}
            onChange={(countsClass) => put({ countsClass }, "Hours of the class")}
          />
        </div>
      </div>
      <SaveNote editor={editor} />
    </div>
  );
}
