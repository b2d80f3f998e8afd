import { type School, smallest } from "../problem.ts";

/** Fill the box: every seat as large as its own face bears. */
export const fillTheBox: School = (seats) => {
  const least = smallest(seats);
  return {
    seats: seats.map(({ seat, space }) => ({ seat, scale: space.largest.scale })),
    binding: least ? { seat: least.seat, by: least.space.largest.binding } : null,
  };
};
