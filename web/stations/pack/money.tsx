import { isPosted } from "@elm-basket/core/calendar/dates.ts";
import { type CostKind, withSeats } from "@elm-basket/core/supplies/cost.ts";
import { moneyText } from "@elm-basket/core/supplies/money.ts";
import { counted } from "@elm-basket/core/units/counted.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { BreakEven } from "./break-even.tsx";

const KIND_WORDS: Record<CostKind, string> = {
  film: "Film",
  blank: "Blanks",
  consumable: "Tape, paint and what is used up",
  tools: "Wear of tools",
  hoursBefore: "Your hours before",
  hoursIn: "Your hours in the class",
  hoursAfter: "Your hours after",
  venue: "Venue",
  post: "Postage",
};
const MOST_NAMED = 4;

function list(names: readonly string[]): string {
  const shown = names.slice(0, MOST_NAMED).join(", ");
  return names.length > MOST_NAMED ? `${shown} and ${names.length - MOST_NAMED} more` : shown;
}

/**
 * What a seat costs and on what it is spent; what is asked for it; what one more or one fewer would
 * change.
 */
export function Money({ data }: { data: StationData }) {
  const { plan, document } = data.planned;
  const { cost } = plan;
  const { prices } = document;
  const money = (minor: number) => moneyText(minor, prices.currency);
  const seats = plan.seats.length;
  const nameOf = new Map(plan.supplies.map((line) => [line.id, line.name]));
  if (cost.perSeat === null)
    return (
      <>
        <h2 className="text-lg">What a seat costs is not known yet</h2>
        <p>
          {seats === 0
            ? "Nobody is in this class yet."
            : `There is no price for ${list(cost.missing.map((id) => nameOf.get(id) ?? id))}. What has a price comes to ${money(cost.total)} for the class, your hours and the venue included.`}
        </p>
      </>
    );
  const perSeat = cost.perSeat;
  const posted = isPosted(document);
  const others = withSeats(cost, seats, [seats - 1, seats, seats + 1]);
  return (
    <>
      <FigureRow
        name="Cost per seat"
        reckoning={{
          title: `${money(perSeat)} a seat`,
          lines: [
            ...cost.kinds.map(({ kind, minor }) => ({
              what: KIND_WORDS[kind],
              value: money(minor),
            })),
            { what: "Together", value: money(cost.total) },
            { what: "Seats", value: String(seats) },
          ],
          rule: "What the class uses up, not what is bought: of sheets and rolls the share that is cut off, of a tool its share of wear. What is left over belongs to stock.",
          rounding: "Up to the next whole penny: rounding must not undercharge.",
        }}
      >
        {money(perSeat)}
      </FigureRow>
      {posted && prices.post === undefined && (
        <p className="py-2 text-ochre">
          Without postage: what a kit costs to post is not said yet.
        </p>
      )}
      {prices.budget !== undefined && perSeat > prices.budget && (
        <p className="flex gap-3 py-2 text-ochre" data-over-budget>
          <span className="pt-1">
            <SeverityMark severity="check" />
          </span>
          {money(perSeat - prices.budget)} over what a seat may cost.
        </p>
      )}
      <Spent kinds={cost.kinds} total={cost.total} seats={seats} money={money} />
      {cost.price !== null && (
        <FigureRow
          name="Price a seat"
          reckoning={
            prices.seatPrice === undefined
              ? {
                  title: `${money(cost.price)} a seat`,
                  lines: [
                    { what: "Cost per seat", value: money(perSeat) },
                    {
                      what: "Margin wanted, of the price",
                      value: `${Math.round(prices.margin * 100)} %`,
                    },
                    { what: "Cost ÷ (1 − margin)", value: money(cost.price) },
                  ],
                  rule: "The margin is a share of the price, so the cost is divided by what is left of one.",
                  rounding: "Up to the next whole penny.",
                }
              : {
                  title: `${money(cost.price)} a seat, as you set it`,
                  lines: [
                    { what: "Cost per seat", value: money(perSeat) },
                    {
                      what: "What remains of the price",
                      value: `${Math.round((1 - perSeat / Math.max(1, cost.price)) * 100)} %`,
                    },
                  ],
                  rule: "You set this price; without it the margin would.",
                  rounding: "None.",
                }
          }
        >
          {money(cost.price)}
        </FigureRow>
      )}
      {cost.price !== null && (
        <FigureRow name="Margin of the price">{`${Math.round((1 - perSeat / Math.max(1, cost.price)) * 100)} %`}</FigureRow>
      )}
      {prices.shopPrice !== undefined && (
        <FigureRow
          name="Beside the shop's"
          reckoning={{
            title: `${money(prices.shopPrice)} finished in a shop`,
            lines: [
              { what: "Cost per seat", value: money(perSeat) },
              { what: "In a shop", value: money(prices.shopPrice) },
            ],
            rule: "What you typed in, beside what a seat costs you: nobody but you is paid for the making.",
          }}
        >
          {perSeat <= prices.shopPrice
            ? `${money(prices.shopPrice - perSeat)} less`
            : `${money(perSeat - prices.shopPrice)} more`}
        </FigureRow>
      )}
      {others.length > 0 && (
        <table
          className="mt-3 w-full text-left text-sm tabular-nums"
          aria-label="With other numbers of seats"
        >
          <thead className="text-soft">
            <tr className="border-rule-strong border-b">
              <th className="py-1 font-normal">seats</th>
              <th className="text-right font-normal">cost a seat</th>
              <th className="text-right font-normal">left over, of all</th>
            </tr>
          </thead>
          <tbody>
            {others.map((row) => (
              <tr
                key={row.seats}
                className={`border-rule border-b ${row.seats === seats ? "font-bold" : ""}`}
              >
                <th scope="row" className="py-1.5 font-[inherit]">
                  {row.seats}
                  {row.seats === seats
                    ? ", as planned"
                    : row.seats > seats
                      ? ", one more"
                      : ", one fewer"}
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
              {KIND_WORDS[kind]}
            </span>
            <span className="tabular-nums text-soft">
              {money(minor)}, {Math.round((100 * minor) / total)} %
            </span>
          </li>
        ))}
      </ul>
      <p className="sr-only">for {counted(seats, "seat")}</p>
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
