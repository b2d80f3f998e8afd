import { kitRef } from "@elm-basket/core/document/kit-ref.ts";
import type { StoredPlan } from "@/data/making.ts";
import { labelsWords } from "./words.ts";

/** Seat -> what people call it; spares by number. */
export function labelsOf(plan: Pick<StoredPlan, "seats">): Record<string, string> {
  return Object.fromEntries(plan.seats.map(({ seat, label }) => [seat, label]));
}

export function labelOf(labels: Readonly<Record<string, string>>, seat: string): string {
  const ref = kitRef(seat);
  return (
    labels[seat] ?? (ref.kind === "spare" ? labelsWords().spare(ref.n) : labelsWords().seat(seat))
  );
}
