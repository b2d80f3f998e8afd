import { kitRef } from "@elm-basket/core/document/kit-ref.ts";
import type { StoredPlan } from "@/data/making.ts";

/** Seat -> what people call it; spares by number. */
export function labelsOf(plan: Pick<StoredPlan, "seats">): Record<string, string> {
  return Object.fromEntries(plan.seats.map(({ seat, label }) => [seat, label]));
}

export function labelOf(labels: Readonly<Record<string, string>>, seat: string): string {
  const ref = kitRef(seat);
  return labels[seat] ?? (ref.kind === "spare" ? `Spare ${ref.n}` : `Seat ${seat}`);
}
