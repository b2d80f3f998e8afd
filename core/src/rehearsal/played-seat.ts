/** One seat's part of an evening that was played. */
export interface Turn {
  /** By its place among the steps. */
  readonly step: number;
  /** Minutes from the beginning: when it came to the tool's line, began, and was done. */
  readonly came: number;
  readonly from: number;
  readonly to: number;
}

export interface PlayedSeat {
  readonly arrives: number;
  readonly turns: readonly Turn[];
  /** Minutes waited in all. */
  readonly waited: number;
}
export type SeatMoment =
  | { readonly at: "absent" | "waiting" | "done" }
  | { readonly at: "working" | "inLine"; readonly step: number };
/**
 * What a seat is at after so many minutes. A turn at a tool goes before what it was called away
 * from.
 */

export function seatAt({ arrives, turns }: PlayedSeat, minute: number): SeatMoment {
  if (minute < arrives) return { at: "absent" };
  const now = turns
    .filter(({ from, to }) => from <= minute && minute < to)
    .sort((a, b) => b.from - a.from)[0];
  if (now) return { at: "working", step: now.step };
  const line = turns.find(({ came, from }) => came <= minute && minute < from);
  if (line) return { at: "inLine", step: line.step };
  return turns.every(({ to }) => to <= minute) ? { at: "done" } : { at: "waiting" };
}

export const stepsDone = ({ turns }: PlayedSeat, minute: number): number =>
  turns.reduce((sum, { to }) => sum + (to <= minute ? 1 : 0), 0);
