/** What a seat may cost at most, against what it costs. */
import type { ClassRule } from "../rule.ts";
import { leaveIt } from "../rule.ts";

/** Said as soon as what has a price is more than that, also where other prices are missing. */
export const moneyRules: ClassRule = ({ document: { prices, seats }, cost }) => {
  if (prices.budget === undefined || seats.length === 0) return [];
  const perSeat = cost.perSeat ?? Math.ceil(cost.total / seats.length);
  const over = perSeat - prices.budget;
  if (over <= 0) return [];
  const most = [...cost.kinds].sort((a, b) => b.minor - a.minor)[0];
  const values = {
    over,
    perSeat,
    budget: prices.budget,
    currency: prices.currency,
    most: most?.kind ?? "",
    share: most ? Math.round((100 * most.minor) / Math.max(1, cost.total)) : 0,
    missing: cost.missing.length,
  };
  return [
    {
      code: "overBudget",
      severity: "check",
      where: {},
      values,
      remedies: [leaveIt({ code: "overBudget", where: {} })],
    },
  ];
};
