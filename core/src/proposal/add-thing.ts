/** One thing more or less in a class: its steps, tools and materials come and go with it. */

import type { ClassDocument, Thing } from "../document/document.ts";
import { withoutStep } from "../scheduling/reorder.ts";
import { soundTasks } from "../scheduling/tasks.ts";
import { withProposal } from "./merge.ts";
import { propose } from "./propose.ts";
import { type SetWays, withoutStepsOf, withStepsOf } from "./set-steps.ts";
import { withoutSuppliesOf, withSuppliesOf } from "./set-supplies.ts";
import { situationOf } from "./situation.ts";
import { kept } from "./told.ts";
import { toolsOf } from "./tools.ts";

/** What a thing brings along. */
export type MadeParts = Pick<
  ClassDocument,
  "things" | "steps" | "tools" | "supplies" | "preparation" | "proposed"
>;
type Made = MadeParts & Pick<ClassDocument, "vinyls">;

export function withThing(made: Made, thing: Thing, ways: SetWays): MadeParts {
  const { things, steps, tools, supplies, preparation, proposed, vinyls } = made;
  if (proposed) return proposedAnew({ ...made, things: [...things, thing] }, ways);
  return {
    things: [...things, thing],
    steps: withStepsOf(steps, things, thing, ways).map(kept),
    tools: withToolsOf(tools, [thing], ways),
    supplies: withSuppliesOf(supplies, things, thing, {
      ...ways,
      document: { ...ways.document, vinyls },
    }).map(kept),
    preparation,
  };
}

/** The proposal for what is made now, merged with what the host made of the one before. */
export function proposedAnew(made: Made, { document, schools, share, facts }: SetWays): MadeParts {
  const next = { ...document, ...made };
  const { things, steps, tools, supplies, preparation, proposed } = withProposal(
    next,
    propose(next, { schools, share, ...(facts ? { facts } : {}) }),
  );
  return { things, steps, tools, supplies, preparation, ...(proposed ? { proposed } : {}) };
}

/** What the room has stays; of what several things need there is one entry. */
export function withToolsOf(
  tools: ClassDocument["tools"],
  things: readonly Thing[],
  { document, schools }: Pick<SetWays, "document" | "schools">,
): ClassDocument["tools"] {
  const more = toolsOf(
    things.map((thing) =>
      situationOf(
        { ...document, things: [...document.things.filter(({ id }) => id !== thing.id), thing] },
        thing.id,
        schools,
      ),
    ),
  );
  return [...tools, ...more.filter(({ id }) => !tools.some((tool) => tool.id === id))];
}

/** What belongs to a thing alone goes with it, also where the host made it their own. */
function withoutRowsOf(made: Made, thing: string): Made {
  const gone = made.steps.filter((step) => step.thing === thing);
  return {
    ...made,
    steps: gone.reduce<ClassDocument["steps"]>(
      (steps, { id }) => withoutStep(steps, id),
      made.steps,
    ),
    supplies: made.supplies.filter((line) => line.thing !== thing),
    preparation: made.preparation.filter((task) => task.thing !== thing),
  };
}

/**
 * Sides go with their object; a single thing is no alternative any more. Tools stay: they are in
 * the room.
 */
export function withoutThing(made: Made, id: string, ways: SetWays): MadeParts {
  const gone = made.things.filter((thing) => thing.id === id || thing.sideOf === id).reverse();
  let taken = made;
  for (const thing of gone) {
    const left = taken.things.filter((one) => one.id !== thing.id);
    taken = taken.proposed
      ? { ...taken, ...proposedAnew({ ...withoutRowsOf(taken, thing.id), things: left }, ways) }
      : {
          ...taken,
          things: left,
          steps: withoutStepsOf(taken.steps, left, thing, ways),
          supplies: withoutSuppliesOf(taken.supplies, left, thing),
        };
  }
  const { things, steps, tools, supplies, preparation, proposed } = taken;
  const isAlone = (choice: string) => things.filter((thing) => thing.choice === choice).length < 2;
  return {
    things: things.map((thing) => {
      const { choice, ...rest } = thing;
      return choice !== undefined && isAlone(choice) ? rest : thing;
    }),
    steps,
    tools,
    supplies,
    preparation: soundTasks(
      preparation.filter(
        ({ thing }) => thing === undefined || things.some(({ id }) => id === thing),
      ),
    ),
    ...(proposed ? { proposed } : {}),
  };
}
