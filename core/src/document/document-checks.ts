/**
 * What no schema of a single field can see: names that stand twice, and names of what is not there.
 */
import { slotsOf, vinylsOfItem } from "../lettering/recipe-reads.ts";
import { circleOf, sayCircle } from "../scheduling/circle.ts";
import type { ClassDocument, Thing } from "./document.ts";
import { isReserved } from "./kit-ref.ts";

type Issue = (path: (string | number)[], message: string) => void;

export function checkDocument(document: ClassDocument, issue: Issue): void {
  const lists = {
    things: document.things.map(({ id }) => id),
    seats: document.seats.map(({ seat }) => seat),
    vinyls: document.vinyls.map(({ id }) => id),
    steps: document.steps.map(({ id }) => id),
    tools: document.tools.map(({ id }) => id),
    supplies: document.supplies.map(({ id }) => id),
    preparation: document.preparation.map(({ id }) => id),
    scraps: document.scraps.map(({ label }) => label),
  };
  const nameOf = { seats: "seat", scraps: "label" } as Readonly<Record<string, string>>;
  for (const [list, values] of Object.entries(lists))
    for (const index of repeats(values))
      issue([list, index, nameOf[list] ?? "id"], `"${values[index]}" is there twice`);
  const vinyls = new Set(lists.vinyls);
  const needFilm = (vinyl: string | undefined, path: (string | number)[]) => {
    if (vinyl !== undefined && !vinyls.has(vinyl))
      issue(path, `there is no vinyl "${vinyl}" in this document`);
  };
  document.things.forEach(({ design }, t) => {
    design.items.forEach((item, i) => {
      for (const vinyl of vinylsOfItem(item))
        needFilm(vinyl, ["things", t, "design", "items", i, "vinyl"]);
    });
    design.offered.forEach((vinyl, i) => {
      needFilm(vinyl, ["things", t, "design", "offered", i]);
    });
  });
  document.scraps.forEach(({ vinyl }, i) => {
    needFilm(vinyl, ["scraps", i, "vinyl"]);
  });
  checkThings(document.things, issue);
  checkSeats(document, needFilm, issue);
  checkSteps(document, issue);
  checkTasks(document, issue);
  document.supplies.forEach(({ thing }, i) => {
    if (thing !== undefined && !lists.things.includes(thing))
      issue(["supplies", i, "thing"], `there is no thing "${thing}" in this document`);
  });
}

function checkThings(things: readonly Thing[], issue: Issue): void {
  things.forEach((thing, i) => {
    if (thing.sideOf === undefined) return;
    const object = things.find(({ id }) => id === thing.sideOf);
    if (!object || object === thing)
      issue(["things", i, "sideOf"], `"${thing.sideOf}" is no other thing of this document`);
    else if (object.sideOf !== undefined)
      issue(
        ["things", i, "sideOf"],
        `"${thing.sideOf}" is itself a side of "${object.sideOf}"; name that`,
      );
    else if (thing.choice !== undefined)
      issue(
        ["things", i, "choice"],
        `a side goes with its object: leave the choice to "${object.id}"`,
      );
  });
}

function checkSeats(
  { seats, things }: Pick<ClassDocument, "seats" | "things">,
  needFilm: (vinyl: string | undefined, path: (string | number)[]) => void,
  issue: Issue,
): void {
  const ids = new Set(things.map(({ id }) => id));
  const slots = new Set([
    "name",
    "word",
    "number",
    ...things.flatMap(({ design }) => slotsOf(design)),
  ]);
  const ofThing = new Set(
    things.flatMap(({ id, design }) => slotsOf(design).map((slot) => `${id}.${slot}`)),
  );
  seats.forEach(({ seat, fields, things: own, choices }, index) => {
    if (isReserved(seat))
      issue(
        ["seats", index, "seat"],
        `"${seat}" is what a kit that is spare or cut again is called: give the seat another name`,
      );
    for (const slot of Object.keys(fields))
      if (!slots.has(slot) && !ofThing.has(slot))
        issue(["seats", index, "fields", slot], `the design has no slot "${slot}"`);
    for (const [thing, settings] of Object.entries(own ?? {})) {
      if (!ids.has(thing))
        issue(["seats", index, "things", thing], `there is no thing "${thing}" in this document`);
      for (const [item, { vinyl }] of Object.entries(settings.own ?? {}))
        needFilm(vinyl, ["seats", index, "things", thing, "own", item, "vinyl"]);
    }
    for (const [choice, thing] of Object.entries(choices ?? {}))
      if (!things.some((one) => one.id === thing && one.choice === choice))
        issue(["seats", index, "choices", choice], `"${thing}" is no alternative of "${choice}"`);
  });
}

/** Indexes of values that stood earlier in the list. */
function repeats(values: readonly string[]): number[] {
  const seen = new Set<string>();
  return values.flatMap((value, index) => {
    const again = seen.has(value);
    seen.add(value);
    return again ? [index] : [];
  });
}

/** Tasks name other tasks and things; a circle could never be dated. */
function checkTasks(
  { preparation, things }: Pick<ClassDocument, "preparation" | "things">,
  issue: Issue,
): void {
  const known = new Set(preparation.map(({ id }) => id));
  preparation.forEach(({ after, thing }, index) => {
    after.forEach((before, i) => {
      if (!known.has(before))
        issue(["preparation", index, "after", i], `there is no task "${before}"`);
    });
    if (thing !== undefined && !things.some(({ id }) => id === thing))
      issue(["preparation", index, "thing"], `there is no thing "${thing}" in this document`);
  });
  const circle = circleOf(
    preparation.map(({ id, after }) => ({ id, after: after.map((step) => ({ step })) })),
  );
  const [first] = circle;
  if (first !== undefined)
    issue(
      ["preparation", preparation.findIndex(({ id }) => id === first), "after"],
      `these tasks wait for each other: ${[...circle, first].join(", ")}`,
    );
}

/** Steps name earlier steps, tools and things; a circle is told whole. */
function checkSteps(
  { steps, tools, things }: Pick<ClassDocument, "steps" | "tools" | "things">,
  issue: Issue,
): void {
  const known = new Set(steps.map(({ id }) => id));
  const circle = circleOf(steps);
  if (circle.length > 0)
    issue(["steps", steps.findIndex(({ id }) => id === circle[0]), "after"], sayCircle(circle));
  const earlier = new Set<string>();
  steps.forEach((step, index) => {
    for (const [i, { step: before }] of (step.after ?? []).entries())
      if (!known.has(before))
        issue(["steps", index, "after", i, "step"], `there is no step "${before}"`);
      else if (circle.length === 0 && !earlier.has(before))
        issue(["steps", index, "after", i, "step"], `"${before}" is no earlier step`);
    if (step.who === "queue" && !tools.some(({ id }) => id === step.tool))
      issue(["steps", index, "tool"], "a step with a queue names one of the tools");
    else if (step.tool !== undefined && !tools.some(({ id }) => id === step.tool))
      issue(["steps", index, "tool"], `there is no tool "${step.tool}" in this document`);
    if (step.like !== undefined && (step.like === step.id || !known.has(step.like)))
      issue(["steps", index, "like"], `there is no other step "${step.like}"`);
    if (step.thing !== undefined && !things.some(({ id }) => id === step.thing))
      issue(["steps", index, "thing"], `there is no thing "${step.thing}" in this document`);
    earlier.add(step.id);
  });
}
