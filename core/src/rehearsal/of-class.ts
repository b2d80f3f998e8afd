/**
 * A class document as it is played through: people, paces, tools, and what the studio takes for
 * granted.
 */

import type { ClassDocument } from "../document/document.ts";
import { USUAL_REHEARSAL } from "../document/document-kinds.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { madeOf, thingDocument } from "../document/thing-document.ts";
import type { Step } from "../scheduling/step.ts";
import { type RehearsalProblem, type RehearsalStep, sigmaOfQuartile } from "./problem.ts";

/**
 * Half of the scatter of a step belongs to the person: who is slow at one thing is slow at others.
 * First guess.
 */
const OWN_PACE = 0.5;
/**
 * What takes everybody the same, and a talk, runs a little over or under; minutes at a tool are
 * mostly the tool's. First guesses.
 */
const [SAME_SIGMA, TOOL_SIGMA] = [0.12, 0.25];

/**
 * Minutes into the class at which the first step begins: later than at its beginning where it is
 * counted back from the end. @throws ScheduleError
 */
export const beginsAt = (document: ClassDocument): number =>
  document.fromEnd ? Math.max(0, document.when.minutes - runSheetOf(document).endMinute) : 0;

/** Minutes are counted from the first step. @throws ScheduleError */
export function rehearsalOf(document: ClassDocument): RehearsalProblem {
  const { steps, seats, tools, setting, when } = document;
  const ways = document.rehearsal ?? USUAL_REHEARSAL;
  const isRoom = setting.kind === "room";
  const place = new Map(seats.map(({ seat }, i) => [seat, i]));
  const takingOf = new Map(
    [...new Set(steps.flatMap(({ thing }) => thing ?? []))].map((thing) => [
      thing,
      madeOf(document, thing).length === seats.length
        ? null
        : thingDocument(document, thing).seats.flatMap(({ seat }) => place.get(seat) ?? []),
    ]),
  );
  const before = new Map(steps.map((step, i) => [step.id, steps[i - 1]?.id]));
  const known = new Set(tools.map(({ id }) => id));
  return {
    steps: runSheetOf(document).steps.flatMap(({ id }): RehearsalStep[] => {
      const step = steps.find((one) => one.id === id);
      if (!step) return [];
      const taking = step.thing === undefined ? null : takingOf.get(step.thing);
      const first = before.get(id);
      return [
        {
          id,
          who: step.who,
          ...paceOf(step),
          law: "lognormal",
          after: step.after ?? (first === undefined ? [] : [{ step: first, wait: 0 }]),
          tools:
            step.who === "queue"
              ? { [step.tool !== undefined && known.has(step.tool) ? step.tool : NO_TOOL]: 1 }
              : {},
          gate: step.gate ?? ways.gate,
          ...(taking ? { taking } : {}),
        },
      ];
    }),
    tools: {
      ...Object.fromEntries(tools.map(({ id, count }) => [id, count])),
      ...(steps.some(({ who, tool }) => who === "queue" && (tool === undefined || !known.has(tool)))
        ? { [NO_TOOL]: 1 }
        : {}),
    },
    seats: seats.length,
    helpers: setting.helpers ?? 0,
    endAt: when.minutes - beginsAt(document),
    ownPace: OWN_PACE,
    // At home whoever comes late or is stuck keeps nobody: the host goes on, and answers in
    // writing.
    late: isRoom ? { share: ways.lateShare, minutes: ways.lateMinutes } : { share: 0, minutes: 0 },
    stuck: isRoom
      ? { chance: ways.stuckShare, minutes: ways.stuckMinutes }
      : { chance: 0, minutes: 0 },
  };
}

/** One after the other, at a tool that the list of tools does not have. */
const NO_TOOL = "one-place";

/**
 * Minutes hold for the slow quarter; where nobody said when half are done, everybody takes as long.
 */
function paceOf({
  who,
  minutes,
  half,
}: Pick<Step, "who" | "minutes" | "half">): Pick<RehearsalStep, "median" | "sigma"> {
  if (half !== undefined && half < minutes)
    return { median: half, sigma: sigmaOfQuartile(half, minutes) };
  return { median: minutes, sigma: who === "queue" ? TOOL_SIGMA : SAME_SIGMA };
}
