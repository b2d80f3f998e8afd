import type { Cost } from "@elm-basket/core/supplies/cost.ts";
import { moneyText } from "@/ui/figures.ts";
import { FigureRow } from "@/ui/reckoned.tsx";
import { breakEvenWords } from "./words.ts";

const [WIDTH, HEIGHT, LEFT, BOTTOM] = [380, 150, 8, 22] as const;

/** What comes in and what goes out as seats grow: where the lines meet nothing is lost. */
export function BreakEven({
  cost,
  price,
  seats,
  currency,
}: {
  cost: Pick<Cost, "total" | "oneMore" | "breakEvenSeats">;
  price: number;
  seats: number;
  currency: string;
}) {
  const say = breakEvenWords();
  const even = cost.breakEvenSeats;
  const most = Math.max(4, Math.ceil(1.4 * Math.max(seats, Math.min(even ?? 0, 3 * seats))));
  const costAt = (n: number) => Math.max(0, cost.total + (n - seats) * cost.oneMore);
  const top = Math.max(costAt(most), price * most, 1);
  const x = (n: number) => LEFT + (n / most) * (WIDTH - 2 * LEFT);
  const y = (minor: number) => HEIGHT - BOTTOM - (minor / top) * (HEIGHT - BOTTOM - 20);
  const money = (minor: number) => moneyText(Math.round(minor), currency);
  return (
    <>
      <FigureRow
        name={breakEvenWords().seatsToBreakEven}
        reckoning={{
          title: say.neverAtThisPriceSeat(even),
          lines: [
            { what: say.aSeatBrings, value: money(price) },
            { what: say.oneMoreSeatCosts, value: money(cost.oneMore) },
            { what: say.allOf(seats), value: money(cost.total) },
          ],
          rule: say.yourHoursAndTheVenue,
          rounding: say.upToAWholeSeat,
        }}
      >
        {say.neverAtThisPrice(even)}
      </FigureRow>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="mt-1 w-full"
        role="img"
        aria-label={say.costAndIncomeBySeats(even, seats)}
      >
        <line x1={LEFT} y1={y(0)} x2={WIDTH - LEFT} y2={y(0)} stroke="var(--color-ink)" />
        <line
          x1={x(0)}
          y1={y(costAt(0))}
          x2={x(most)}
          y2={y(costAt(most))}
          stroke="var(--color-ochre)"
          strokeWidth="2"
        />
        <line
          x1={x(0)}
          y1={y(0)}
          x2={x(most)}
          y2={y(price * most)}
          stroke="var(--color-elm)"
          strokeWidth="2"
        />
        <line
          x1={x(seats)}
          y1={8}
          x2={x(seats)}
          y2={y(0)}
          stroke="var(--color-soft)"
          strokeDasharray="4 3"
        />
        {even !== null && even <= most && (
          <circle
            cx={x(even)}
            cy={y(price * even)}
            r="4.5"
            fill="var(--color-card)"
            stroke="var(--color-ink)"
            strokeWidth="1.6"
          />
        )}
        <text
          x={x(most)}
          y={y(price * most) - 6}
          textAnchor="end"
          fontSize="12"
          fill="var(--color-elm-dark)"
        >
          {say.income}
        </text>
        <text
          x={x(most)}
          y={y(costAt(most)) + 15}
          textAnchor="end"
          fontSize="12"
          fill="var(--color-ochre)"
        >
          {say.cost}
        </text>
        <text
          x={x(seats)}
          y={HEIGHT - 6}
          textAnchor="middle"
          fontSize="12"
          fill="var(--color-soft)"
        >
          {say.planned(seats)}
        </text>
      </svg>
    </>
  );
}
