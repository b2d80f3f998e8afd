/**
 * What the craft's knowledge proposes for a class: steps, materials, preparation, placing, care and
 * cautions, each with its reason.
 */

import type { ClassDocument } from "../document/document.ts";
import { SECOND_SHARE } from "../scheduling/pace.ts";
import type { Tool } from "../scheduling/step.ts";
import { MOST_STEPS } from "../scheduling/step-kinds.ts";
import type { Facts } from "../stages/facts.ts";
import type { Schools } from "../studio/settings.ts";
import { type Care, careOf } from "./care.ts";
import { cautionsOf, type ProposedCaution } from "./cautions.ts";
import type { ProposedSupply } from "./materials/proposed-supply.ts";
import { type PlacingAdvice, placingOf } from "./placing.ts";
import { type ProposedTask, tasksOf } from "./preparation/tasks.ts";
import { stepsOfSet } from "./set-steps.ts";
import { suppliesOfSet } from "./set-supplies.ts";
import { type Situation, schoolsOf, situationOf } from "./situation.ts";
import { BREAK_FROM_MINUTES, breakStep } from "./steps/of-thing.ts";
import type { ProposedStep } from "./told.ts";
import { toolsOf } from "./tools.ts";

export interface Proposal {
  readonly steps: readonly ProposedStep[];
  readonly tools: readonly Tool[];
  readonly materials: readonly ProposedSupply[];
  readonly preparation: readonly ProposedTask[];
  readonly placing: readonly (PlacingAdvice & { readonly thing: string })[];
  readonly care: readonly (Care & { readonly thing: string })[];
  readonly cautions: readonly ProposedCaution[];
}

export interface ProposeWays {
  /** The studio's schools; those of the class stand over them. */
  readonly schools?: Schools;
  /** Minutes of a second like thing as a share of the first. */
  readonly share?: number;
  /** By thing, what is known of its lettered designs. */
  readonly facts?: ReadonlyMap<string, Facts>;
}

export function propose(
  document: ClassDocument,
  { schools, share = SECOND_SHARE, facts = new Map() }: ProposeWays = {},
): Proposal {
  const own = schoolsOf(document, schools);
  const situations = document.things.map(({ id }) => situationOf(document, id, own, facts.get(id)));
  const ways = { schools: own, share, document, facts };
  const steps = withBreak(stepsOfSet(document.things, ways) as ProposedStep[]);
  const materials = suppliesOfSet(document.things, ways) as ProposedSupply[];
  const preparation = tasksOfSet(situations);
  const tools = toolsOf(situations);
  return {
    steps,
    tools,
    materials,
    preparation,
    placing: situations.flatMap((s) => placingOf(s).map((row) => ({ thing: s.thing.id, ...row }))),
    care: situations.map((s) => ({ thing: s.thing.id, ...careOf(s) })),
    cautions: cautionsOf(
      { ...document, tools: [...tools], supplies: materials },
      steps,
      preparation,
    ),
  };
}

/** In a long class without a wait of its own, once in the middle. */
function withBreak(steps: readonly ProposedStep[]): ProposedStep[] {
  const all = steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const waits = steps.some(({ after }) => after?.some(({ wait }) => wait >= LONG_WAIT));
  if (all < BREAK_FROM_MINUTES || waits || steps.length >= MOST_STEPS) return [...steps];
  let done = 0;
  const at = steps.findIndex(({ minutes }) => {
    done += minutes;
    return done >= all / 2;
  });
  const before = steps[at];
  const next = steps[at + 1];
  if (!before || !next) return [...steps];
  const rest = { ...breakStep(), after: [{ step: before.id, wait: 0 }] };
  const tied = { ...next, after: [...(next.after ?? []), { step: rest.id, wait: 0 }] };
  return [...steps.slice(0, at + 1), rest, tied, ...steps.slice(at + 2)];
}
/** Minutes of drying in which people rest anyway. */
const LONG_WAIT = 10;

const LONGEST_TITLE = 120;
/** As long as a task's name may be. */
const LONGEST_ID = 41;

/**
 * Of several things each has its own tasks; those of the first keep their names when another comes.
 */
function tasksOfSet(situations: readonly Situation[]): ProposedTask[] {
  return situations.flatMap((s, i) => {
    const own = tasksOf(s);
    if (situations.length === 1) return own;
    const nameOf = (id: string): string => {
      if (i === 0) return id;
      const named = `${id}-${s.thing.id}`;
      // Cut off, two long names could be one: the place in the set tells them apart.
      return named.length <= LONGEST_ID ? named : `${id}-${i + 1}`;
    };
    return own.map((task) => ({
      ...task,
      id: nameOf(task.id),
      after: task.after.map(nameOf),
      thing: s.thing.id,
      title: `${task.title}: ${s.thing.title}`.slice(0, LONGEST_TITLE),
    }));
  });
}
