/** The sizing of a set: one design per seat, one school over all of them. */
import type { Fit, FitSpace } from "./fit-space.ts";

export interface SeatDesign {
  readonly seat: string;
  readonly space: FitSpace;
  /** Width at scale 1, mm. */
  readonly width: number;
}

export interface SizedSeat {
  readonly seat: string;
  readonly scale: number;
}

export interface Sizing {
  readonly seats: readonly SizedSeat[];
  /** The seat that decides, and what stops it; null when a size was given by hand. */
  readonly binding: { readonly seat: string; readonly by: Fit["binding"] } | null;
}

/** A school gives each seat its scale; it never exceeds what the seat's own fit bears. */
export type School = (seats: readonly SeatDesign[], fixedScale: number) => Sizing;

export function smallest(seats: readonly SeatDesign[]): SeatDesign | undefined {
  return seats.reduce<SeatDesign | undefined>(
    (least, seat) =>
      least && least.space.largest.scale <= seat.space.largest.scale ? least : seat,
    undefined,
  );
}
