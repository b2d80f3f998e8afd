/**
 * Blanks stained, sealed or painted by the host on the evenings before instead of by participants
 * in the class.
 */
import type { ClassDocument } from "../document/document.ts";
import { withoutStep } from "../scheduling/reorder.ts";
import { deedOf } from "./order.ts";
import { propose } from "./propose.ts";

type Parts = Pick<ClassDocument, "things" | "steps" | "preparation" | "proposed">;

const GROUND = /^ground-\d+$/u;

/**
 * Steps without it, whoever followed them following what they followed, and its tasks among the
 * preparation; null where nothing of it is done in the class.
 */
export function groundBefore(document: ClassDocument): Parts | null {
  const meant = new Set(
    document.things.flatMap(({ id, blank }) =>
      blank.ground && blank.ground.what !== "none" && blank.ground.by === "class" ? [id] : [],
    ),
  );
  if (meant.size === 0) return null;
  const things = document.things.map((thing) =>
    meant.has(thing.id) && thing.blank.ground
      ? {
          ...thing,
          blank: { ...thing.blank, ground: { ...thing.blank.ground, by: "host" as const } },
        }
      : thing,
  );
  const gone = document.steps
    .filter(
      (step) => GROUND.test(deedOf(step)) && (step.thing === undefined || meant.has(step.thing)),
    )
    .map(({ id }) => id);
  const known = new Set(document.preparation.map(({ id }) => id));
  const added = propose({ ...document, things })
    .preparation.filter(
      ({ id, thing }) => !known.has(id) && (thing === undefined || meant.has(thing)),
    )
    .map(({ because: _, ...task }) => task);
  const { proposed } = document;
  return {
    things,
    steps: gone.reduce((left, id) => withoutStep(left, id), [...document.steps]),
    preparation: [...document.preparation, ...added],
    ...(proposed
      ? {
          proposed: {
            ...proposed,
            steps: proposed.steps.filter(({ id }) => !gone.includes(id)),
            preparation: [...proposed.preparation, ...added.map(({ id }) => ({ id }))],
          },
        }
      : {}),
  };
}
