/** The basket as it is looked at, and what its strands say. */
import { counted } from "@elm-basket/core/units/counted.ts";
import { type BasketSeat, STRANDS, Weave, type WeaveProps } from "./weave.tsx";

export function Basket(props: WeaveProps) {
  const { seats } = props;
  if (seats.length === 0) return <p className="text-soft text-sm">No seats yet.</p>;
  return <Weave {...props} label={`${counted(seats.length, "seat")}: ${tallied(seats)}`} />;
}

export const tallied = (seats: readonly BasketSeat[]): string =>
  STRANDS.map((strand, i) => `${seats.filter(({ done }) => done > i).length} ${strand}`).join(", ");

/** Where a seat is on the way to its bag. */
export function progressWords({ done, lacks = 0 }: BasketSeat): string {
  const now = STRANDS[done - 1] ?? "nothing done";
  return lacks === 0 ? now : `${now}, ${lacks} lacking`;
}

export function strandsDone(
  kit: { cut: boolean; weeded: boolean; checked: boolean; packed: boolean } | undefined,
): number {
  if (!kit) return 0;
  if (kit.packed) return 5;
  if (kit.checked) return 4;
  if (kit.weeded) return 3;
  return kit.cut ? 2 : 1;
}
