/** One evening of a rehearsal, to be looked at: who was at what, when. */
import { Evening } from "./evening.ts";
import type { PlayedSeat, Turn } from "./played-seat.ts";
import type { RehearsalProblem } from "./problem.ts";

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
