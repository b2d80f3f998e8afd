import type { School } from "../problem.ts";

/** Same width: the widest that every seat can reach; the seat that cannot go wider decides. */
export const sameWidth: School = (seats) => {
  const reach = seats.map((seat) => ({ ...seat, most: seat.space.largest.scale * seat.width }));
  const least = reach.reduce<(typeof reach)[number] | undefined>(
    (a, b) => (a && a.most <= b.most ? a : b),
    undefined,
  );
  if (!least) return { seats: [], binding: null };
  return {
    seats: seats.map(({ seat, space, width }) => ({
      seat,
      scale: Math.min(space.largest.scale, least.most / width),
    })),
    binding: { seat: least.seat, by: least.space.largest.binding },
  };
};
