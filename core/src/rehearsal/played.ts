/** One evening of a rehearsal, to be looked at: who was at what, when. */
import { Evening } from "./evening.ts";
import type { RehearsalProblem } from "./problem.ts";

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

export interface PlayedEvening {
  readonly end: number;
  /** Of each step: when it was opened, and when the room went on. */
  readonly steps: readonly { readonly open: number; readonly gate: number }[];
  readonly seats: readonly PlayedSeat[];
}

/** @throws RehearsalError */
export function playedEvening(problem: RehearsalProblem, seed: number, run: number): PlayedEvening {
  const evening = new Evening(problem, seed);
  const end = evening.play(run);
  const { steps, seats } = problem;
  const at = (all: Float64Array, s: number, seat: number) => all[s * seats + seat] as number;
  return {
    end,
    steps: steps.map((_, s) => ({
      open: evening.openAt[s] as number,
      gate: evening.gateAt[s] as number,
    })),
    seats: Array.from({ length: seats }, (_, seat) => ({
      arrives: evening.arrives[seat] as number,
      waited: [evening.waitRoom, evening.waitDry, evening.waitTool, evening.waitHelp].reduce(
        (sum, own) => sum + (own[seat] as number),
        0,
      ),
      turns: steps.flatMap((_, s): Turn[] => {
        const from = at(evening.began, s, seat);
        if (from < 0) return [];
        const came = at(evening.came, s, seat);
        return [{ step: s, came: came < 0 ? from : came, from, to: at(evening.done, s, seat) }];
      }),
    })),
  };
}

export type SeatMoment =
  | { readonly at: "absent" | "waiting" | "done" }
  | { readonly at: "working" | "inLine"; readonly step: number };

/** What a seat is at after so many minutes. A turn at a tool goes before what it was called away from. */
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
