/** A material as it is proposed, with why. */
import type { Supply } from "../../supplies/supply.ts";

export interface ProposedSupply extends Supply {
  readonly because: string;
}

export function supply(
  id: string,
  name: string,
  per: Supply["per"],
  amount: number,
  because: string,
  more: Partial<Supply> = {},
): ProposedSupply {
  return {
    id,
    name,
    per,
    amount,
    unit: "piece",
    pack: { size: 1 },
    have: 0,
    uses: 1,
    spares: true,
    ...more,
    because,
  };
}
