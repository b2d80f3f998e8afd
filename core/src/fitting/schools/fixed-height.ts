import type { School } from "../problem.ts";

/**
 * Fixed height: the size is given; a seat that cannot bear it gets its own largest, and is named.
 */
export const fixedHeight: School = (seats, fixedScale) => {
  const over = seats.find(({ space }) => space.largest.scale < fixedScale);
  return {
    seats: seats.map(({ seat, space }) => ({
      seat,
      scale: Math.min(fixedScale, space.largest.scale),
    })),
    binding: over ? { seat: over.seat, by: over.space.largest.binding } : null,
  };
};
