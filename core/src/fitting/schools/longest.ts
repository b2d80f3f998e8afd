import { type School, smallest } from "../problem.ts";

/** Longest sets the size: one letter height for all, the largest that every seat bears. */
export const longestSetsTheSize: School = (seats) => {
  const least = smallest(seats);
  if (!least) return { seats: [], binding: null };
  const { scale, binding } = least.space.largest;
  return {
    seats: seats.map(({ seat }) => ({ seat, scale })),
    binding: { seat: least.seat, by: binding },
  };
};
