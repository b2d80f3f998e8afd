import type { StoredPlan } from "@/data/making.ts";

export interface SeatSize {
  readonly seat: string;
  readonly width: number;
  readonly height: number;
}

/** How large each seat's design of a thing is, mm; seats that do not make it are left out. */
export function sizesOf(plan: Pick<StoredPlan, "seats">, thing: string): SeatSize[] {
  return plan.seats.flatMap(({ seat, width, height, things }) => {
    if (!things) return [{ seat, width, height }];
    const own = things.find((one) => one.thing === thing);
    return own ? [{ seat, width: own.width, height: own.height }] : [];
  });
}
