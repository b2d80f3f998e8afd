/** What a seat has of its own stays with its person when the roster is pasted again. */
import type { ClassDocument } from "./document.ts";

type Seat = ClassDocument["seats"][number];

/**
 * The same name in the same seat first, then the same name wherever it is now, if it was there only
 * once.
 */
export function carriedOver(next: readonly Seat[], before: readonly Seat[]): Seat[] {
  const key = ({ fields }: Seat) =>
    (fields.name ?? Object.values(fields)[0] ?? "").trim().toLowerCase();
  const kept = before.filter(
    ({ things, choices, hand }) =>
      things !== undefined || choices !== undefined || hand !== undefined,
  );
  const sameSeat = new Map(kept.map((seat) => [`${seat.seat}\n${key(seat)}`, seat]));
  const sameName = new Map<string, Seat | null>();
  for (const seat of before) sameName.set(key(seat), sameName.has(key(seat)) ? null : seat);
  return next.map((seat) => {
    const from =
      sameSeat.get(`${seat.seat}\n${key(seat)}`) ??
      (key(seat) === "" ? null : sameName.get(key(seat)));
    if (!from) return seat;
    return {
      ...seat,
      ...(from.things && !seat.things ? { things: from.things } : {}),
      ...(from.choices && !seat.choices ? { choices: from.choices } : {}),
      ...(from.hand && !seat.hand ? { hand: from.hand } : {}),
    };
  });
}
