import { isPosted } from "@elm-basket/core/calendar/dates.ts";
import { type CostKind, withSeats } from "@elm-basket/core/supplies/cost.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { moneyText } from "@/ui/figures.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { BreakEven } from "./break-even.tsx";
import { moneyWords } from "./words.ts";

const kindWords = (): Record<CostKind, string> => ({
  film: moneyWords().film,
  blank: moneyWords().blanks,
  consumable: moneyWords().tapePaint,
  tools: moneyWords().wearOfTools,
  hoursBefore: moneyWords().yourHoursBefore,
  hoursIn: moneyWords().yourHoursInTheClass,
  hoursAfter: moneyWords().yourHoursAfter,
  venue: moneyWords().venue,
  post: moneyWords().postage,
});
const MOST_NAMED = 4;

function list(names: readonly string[]): string {
  const shown = names.slice(0, MOST_NAMED).join(", ");
  return moneyWords().andMore(names.length, MOST_NAMED, shown);
}

/**
 * What a seat costs and on what it is spent; what is asked for it; what one more or one fewer would
 * change.
 */
export function Money({ data }: { data: StationData }) {
  const say = moneyWords();
  const { plan, document } = data.planned;
  const { cost } = plan;
  const { prices } = document;
  const money = (minor: number) => moneyText(minor, prices.currency);
  const seats = plan.seats.length;
  const nameOf = new Map(plan.supplies.map((line) => [line.id, line.name]));
  if (cost.perSeat === null)
    return (
      <>
        <h2 className="text-lg">{say.whatASeatCosts}</h2>
        <p>
          {seats === 0
            ? say.nobodyIsInThisClass
            : say.thereIsNoPrice(
                list(cost.missing.map((id) => nameOf.get(id) ?? id)),
                money(cost.total),
              )}
        </p>
      </>
    );
  const perSeat = cost.perSeat;
  const posted = isPosted(document);
  const others = withSeats(cost, seats, [seats - 1, seats, seats + 1]);
  return (
    <>
      <FigureRow
        name={moneyWords().costPerSeatName}
        reckoning={{
          title: say.aSeat(money(perSeat)),
          lines: [
            ...cost.kinds.map(({ kind, minor }) => ({
              what: kindWords()[kind],
              value: money(minor),
            })),
            { what: say.together, value: money(cost.total) },
            { what: say.seats, value: String(seats) },
          ],
          rule: say.whatTheClassUsesUp,
          rounding: say.upToTheNextWhole,
        }}
      >
        {money(perSeat)}
      </FigureRow>
      {posted && prices.post === undefined && (
        <p className="py-2 text-ochre">{say.withoutPostageWhatAKit}</p>
      )}
      {prices.budget !== undefined && perSeat > prices.budget && (
        <p className="flex gap-3 py-2 text-ochre" data-over-budget>
          <span className="pt-1">
            <SeverityMark severity="check" />
          </span>
          {say.overWhatASeatMay(money(perSeat - prices.budget))}
        </p>
      )}
      <Spent kinds={cost.kinds} total={cost.total} seats={seats} money={money} />
      {cost.price !== null && (
        <FigureRow
          name={moneyWords().priceASeat}
          reckoning={
            prices.seatPrice === undefined
              ? {
                  title: say.aSeat(money(cost.price)),
                  lines: [
                    { what: say.costPerSeat, value: money(perSeat) },
                    {
                      what: say.marginWantedOfThePrice,
                      value: `${Math.round(prices.margin * 100)} %`,
                    },
                    { what: say.cost1Margin, value: money(cost.price) },
                  ],
                  rule: say.theMarginIsAShare,
                  rounding: say.upToTheNextWhole2,
                }
              : {
                  title: say.aSeatAsYouSet(money(cost.price)),
                  lines: [
                    { what: say.costPerSeat, value: money(perSeat) },
                    {
                      what: say.whatRemainsOfThePrice,
                      value: `${Math.round((1 - perSeat / Math.max(1, cost.price)) * 100)} %`,
                    },
                  ],
                  rule: say.youSetThisPrice,
                  rounding: say.none,
                }
          }
        >
          {money(cost.price)}
        </FigureRow>
      )}
      {cost.price !== null && (
        <FigureRow
          name={moneyWords().marginOfThePrice}
        >{`${Math.round((1 - perSeat / Math.max(1, cost.price)) * 100)} %`}</FigureRow>
      )}
      {prices.shopPrice !== undefined && (
        <FigureRow
          name={moneyWords().besideTheShops}
          reckoning={{
            title: say.finishedInAShop(money(prices.shopPrice)),
            lines: [
              { what: say.costPerSeat, value: money(perSeat) },
              { what: say.inAShop, value: money(prices.shopPrice) },
            ],
            rule: say.whatYouTypedInBeside,
          }}
        >
          {perSeat <= prices.shopPrice
            ? say.less(money(prices.shopPrice - perSeat))
            : say.more(money(perSeat - prices.shopPrice))}
        </FigureRow>
      )}
      {others.length > 0 && (
        <table
          className="mt-3 w-full text-left text-sm tabular-nums"
          aria-label={say.withOtherNumbersOfSeats}
        >
          <thead className="text-soft">
            <tr className="border-rule-strong border-b">
              <th className="py-1 font-normal">{say.seats2}</th>
              <th className="text-right font-normal">{say.costASeat}</th>
              <th className="text-right font-normal">{say.leftOverOfAll}</th>
            </tr>
          </thead>
          <tbody>
            {others.map((row) => (
              <tr
                key={row.seats}
                className={`border-rule border-b ${row.seats === seats ? "font-bold" : ""}`}
              >
                <th scope="row" className="py-1.5 font-[inherit]">
                  {say.text(row.seats, seats)}
                </th>
                <td className="text-right">{money(row.perSeat)}</td>
                <td className={`text-right ${row.left < 0 ? "text-brick" : ""}`}>
                  {money(row.left)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {cost.price !== null && (
        <BreakEven cost={cost} price={cost.price} seats={seats} currency={prices.currency} />
      )}
    </>
  );
}

/**
 * The total as one bar, in the order of the work; each part has its words and its share of a seat.
 */
function Spent({
  kinds,
  total,
  seats,
  money,
}: {
  kinds: readonly { kind: CostKind; minor: number }[];
  total: number;
  seats: number;
  money: (minor: number) => string;
}) {
  if (total <= 0) return null;
  return (
    <div className="py-2">
      <svg viewBox="0 0 380 18" className="w-full" aria-hidden>
        {kinds.map(({ kind, minor }, i) => {
          const before = kinds.slice(0, i).reduce((sum, row) => sum + row.minor, 0);
          return (
            <rect
              key={kind}
              x={(380 * before) / total}
              y={0}
              width={Math.max(0.5, (380 * minor) / total - 1)}
              height={18}
              fill={TONES[kind]}
            />
          );
        })}
      </svg>
      <ul className="mt-1 text-sm">
        {kinds.map(({ kind, minor }) => (
          <li key={kind} className="flex items-baseline justify-between gap-3 py-0.5">
            <span>
              <span
                aria-hidden
                className="mr-2 inline-block size-2.5"
                style={{ background: TONES[kind] }}
              />
              {kindWords()[kind]}
            </span>
            <span className="tabular-nums text-soft">
              {money(minor)}, {Math.round((100 * minor) / total)} %
            </span>
          </li>
        ))}
      </ul>
      <p className="sr-only">{moneyWords().forSaid(seats)}</p>
    </div>
  );
}

const TONES: Record<CostKind, string> = {
  film: "var(--color-elm)",
  blank: "var(--color-elm-dark)",
  consumable: "var(--color-elm-mid)",
  tools: "var(--color-backing)",
  hoursBefore: "var(--color-ochre)",
  hoursIn: "var(--color-rule-strong)",
  hoursAfter: "var(--color-faint)",
  venue: "var(--color-slate)",
  post: "var(--color-brick)",
};
