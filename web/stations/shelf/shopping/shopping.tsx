import Link from "next/link";
import { FileButton } from "@/ui/button.tsx";
import { goodsWords } from "@/ui/craft/goods.ts";
import { showDate } from "@/ui/dates.ts";
import { moneyText } from "@/ui/figures.ts";
import { shoppingWords } from "../words.ts";
import { BuyLine, NotBought, PrintButton } from "./buy-line.tsx";
import type { Shopping } from "./load-shopping.ts";
import { priceOf, type ShoppingLine } from "./shopping-list.ts";

/**
 * What to buy, shop by shop; what is ticked goes onto the shelf. For paper and for a phone in the
 * shop.
 */
export function ShoppingPage({ view, currency }: { view: Shopping; currency: string }) {
  const say = shoppingWords();
  const { lines, only, today } = view;
  const shops = [...new Set(lines.map(({ shop }) => shop))];
  const query = only ? `?for=${only.id}` : "";
  return (
    <div className="max-w-3xl">
      <div className="mb-1 flex flex-wrap items-start justify-between gap-4">
        <h1 className="text-4xl leading-tight">{headline(lines, currency, only?.title ?? null)}</h1>
        <div className="flex items-center gap-5">
          <PrintButton />
          {lines.length > 0 && (
            <FileButton href={`/shelf/shopping.csv${query}`} download className="print:hidden">
              {say.csv}
            </FileButton>
          )}
        </div>
      </div>
      <p className="mb-3 text-soft">
        {say.lessWhatIsHere}{" "}
        {only ? (
          <Link className="verb print:hidden" href="/shelf/shopping">
            {say.forAllClasses}
          </Link>
        ) : (
          <Link className="verb print:hidden" href="/shelf">
            {say.toTheShelf}
          </Link>
        )}
      </p>
      {!only && view.classes.length > 1 && (
        <details className="mb-3 print:hidden">
          <summary className="verb min-h-11 py-2">{say.forOneClassAlone}</summary>
          <ul className="grid gap-x-6 sm:grid-cols-2">
            {view.classes.map(({ id, title }) => (
              <li key={id}>
                <Link
                  className="verb inline-flex min-h-11 items-center"
                  href={`/shelf/shopping?for=${id}`}
                >
                  {title}
                </Link>
              </li>
            ))}
          </ul>
        </details>
      )}
      {view.unplanned.length > 0 && (
        <p className="mb-3 text-ochre">
          {say.notCountedAsNobody(view.unplanned.length, view.unplanned.join(", "))}
        </p>
      )}
      {shops.map((shop) => {
        const own = lines.filter((line) => line.shop === shop);
        return (
          <section key={shop} className="mt-5" aria-label={say.noShopSaid(shop)}>
            <h2 className="flex flex-wrap items-baseline justify-between gap-3 border-rule-strong border-b pb-1 text-xl">
              {say.noShopSaid(shop)}
              <span className="font-normal font-text text-base">{sumWords(own, currency)}</span>
            </h2>
            <ul>
              {own.map((line) => (
                <BuyLine
                  key={`${line.good} ${line.size} ${line.packs}`}
                  line={line}
                  currency={currency}
                  orderBy={
                    line.orderBy === null
                      ? ""
                      : line.orderBy < today
                        ? say.orderNow
                        : say.orderBy(showDate(line.orderBy, "short"))
                  }
                />
              ))}
            </ul>
          </section>
        );
      })}
      {view.bought.length > 0 && (
        <section className="mt-8 print:hidden" aria-label={say.boughtLately}>
          <h2 className="border-rule-strong border-b pb-1 text-xl">{say.boughtInTheLastTwo}</h2>
          <ul>
            {view.bought.map(({ mark, name, unit, amount, note }) => (
              <li
                key={mark}
                className="flex flex-wrap items-center justify-between gap-x-4 border-rule border-b"
              >
                <span className="py-2 [overflow-wrap:anywhere]">
                  <b>{name}</b>{" "}
                  <span className="text-soft">
                    +{goodsWords().countedIn(amount, unit)}
                    {note && `, ${note}`}
                  </span>
                </span>
                <NotBought mark={mark} name={name} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

/** A price that is not known is said, never counted as nothing. */
function sumWords(lines: readonly ShoppingLine[], currency: string): string {
  const say = shoppingWords();
  const prices = lines.map(priceOf);
  const known = prices.filter((price) => price !== null);
  const open = prices.length - known.length;
  const sum = moneyText(
    known.reduce((all, price) => all + price, 0),
    currency,
  );
  if (known.length === 0) return say.priceNotKnownPrices(open);
  return say.andWithoutAPrice(open, sum);
}

function headline(lines: readonly ShoppingLine[], currency: string, title: string | null): string {
  const say = shoppingWords();
  const whose = say.forSaid(title);
  if (lines.length === 0) return say.nothingToBuy(whose);
  const things = new Set(lines.map(({ good }) => good)).size;
  return say.buy(things, whose, sumWords(lines, currency));
}
