/** One thing more or less in a class: its steps, tools and materials come and go with it. */

import { USUAL_STENCIL } from "../lettering/recipe-kinds.ts";
import { withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import { situationOf } from "../proposal/situation.ts";
import { kept } from "../proposal/told.ts";
import { toolsOf } from "../proposal/tools.ts";
import { withoutStep } from "../scheduling/reorder.ts";
import { soundTasks } from "../scheduling/tasks.ts";
import type { ClassDocument, Thing } from "./document.ts";
import type { Technique } from "./document-kinds.ts";
import { type SetWays, withoutStepsOf, withStepsOf } from "./set-steps.ts";
import { withoutSuppliesOf, withSuppliesOf } from "./set-supplies.ts";
import { starterDesign } from "./starter-design.ts";
import { isPainted } from "./technique.ts";

/** What a thing brings along. */
export type MadeParts = Pick<
  ClassDocument,
  "things" | "steps" | "tools" | "supplies" | "preparation" | "proposed"
>;
type Made = MadeParts & Pick<ClassDocument, "vinyls">;

const TITLE_LENGTH = 60;
const ID_LENGTH = 20;

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

/** Sides go with their object; a single thing is no alternative any more. Tools stay: they are in the room. */
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

export function freeThingId(things: readonly Pick<Thing, "id">[], title: string): string {
  const letters = title.toLowerCase().match(/[a-z0-9]+/gu) ?? [];
  const base =
    letters
      .join("")
      .replace(/^[^a-z]+/u, "")
      .slice(0, ID_LENGTH) || "thing";
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}${n}`;
    if (!things.some((thing) => thing.id === id)) return id;
  }
}

/** Its own name where nothing else is called so, otherwise with the next number. */
function freeTitle(things: readonly Pick<Thing, "title">[], title: string): string {
  const stem = title.replace(/ \d+$/u, "");
  for (let n = 1; ; n++) {
    const tried = (n === 1 ? title : `${stem.slice(0, TITLE_LENGTH - 4)} ${n}`).slice(
      0,
      TITLE_LENGTH,
    );
    if (!things.some((thing) => thing.title === tried)) return tried;
  }
}

function called(things: readonly Thing[], thing: Omit<Thing, "id">, title: string): Thing {
  const free = freeTitle(things, title);
  return { ...thing, id: freeThingId(things, free), title: free };
}

/** Something else: a tag with the name, to be measured and lettered. */
export function newThing({ things, vinyls }: Pick<ClassDocument, "things" | "vinyls">): Thing {
  const blank: Thing["blank"] = {
    name: "Wooden tag",
    material: "sealedWood",
    colour: "#D9C29A",
    shape: { kind: "flat", width: 70, height: 40 },
    margin: { rule: "bySize" },
    keepOuts: [],
    reserve: [],
    specimens: [],
  };
  return called(
    things,
    {
      title: "Tag",
      technique: "decal",
      blank,
      design: starterDesign("decal", vinyls[0]?.id ?? ""),
      perSeat: 1,
    },
    "Tag",
  );
}

export function copyOf(things: readonly Thing[], thing: Thing): Thing {
  const { choice: _, sideOf: __, ...rest } = thing;
  return called(things, rest, thing.title);
}

export function otherSideOf(things: readonly Thing[], thing: Thing): Thing {
  const { choice: _, ...rest } = thing;
  return {
    ...called(things, rest, `${thing.title.slice(0, TITLE_LENGTH - 8)}, back`),
    sideOf: thing.id,
    perSeat: 1,
  };
}

/** A thing of which each seat makes this or the other; both bear the name of the choice. */
export function alternativeTo(
  things: readonly Thing[],
  thing: Thing,
): { readonly things: Thing[]; readonly added: Thing } {
  const choice = thing.choice ?? thing.id;
  const chosen = things.map((one) => (one.id === thing.id ? { ...one, choice } : one));
  return { things: chosen, added: { ...copyOf(chosen, thing), choice } };
}

/** A thing from elsewhere is cut from the films of this class: the one of the same id where there is one, otherwise the first. */
export function broughtIn(
  { things, vinyls }: Pick<ClassDocument, "things" | "vinyls">,
  thing: Thing,
): Thing {
  const first = vinyls[0]?.id ?? "";
  const to = (id: string) => (vinyls.some((vinyl) => vinyl.id === id) ? id : first);
  const design = JSON.parse(JSON.stringify(thing.design), (key, value) =>
    key === "vinyl" && typeof value === "string" ? to(value) : value,
  ) as Thing["design"];
  return copyOf(things, { ...thing, design: { ...design, offered: [] } });
}

/** Painted, a design needs a rule for its film and islands; it keeps the one it has. */
export const withTechnique = (thing: Thing, technique: Technique): Thing => ({
  ...thing,
  technique,
  design:
    isPainted(technique) && !thing.design.stencil
      ? { ...thing.design, stencil: USUAL_STENCIL }
      : thing.design,
});

type Seat = ClassDocument["seats"][number];

/** Seats without what they say of things that are not made; the same seats where they say nothing of any. */
export function seatsMaking(seats: readonly Seat[], things: readonly Pick<Thing, "id">[]): Seat[] {
  const made = new Set(things.map(({ id }) => id));
  const kept = <T>(
    record: Readonly<Record<string, T>>,
    thingOf: (key: string, value: T) => string | null,
  ): Record<string, T> =>
    Object.fromEntries(
      Object.entries(record).filter(([key, value]) => {
        const thing = thingOf(key, value);
        return thing === null || made.has(thing);
      }),
    );
  return seats.map((seat) => {
    const { things: own, choices, ...rest } = seat;
    const fields = kept(seat.fields, (name) =>
      name.includes(".") ? name.slice(0, name.indexOf(".")) : null,
    );
    const left = {
      things: kept(own ?? {}, (thing) => thing),
      choices: kept(choices ?? {}, (_, thing) => thing),
    };
    const next: Seat = {
      ...rest,
      fields,
      ...(Object.keys(left.things).length > 0 ? { things: left.things } : {}),
      ...(Object.keys(left.choices).length > 0 ? { choices: left.choices } : {}),
    };
    return JSON.stringify(next) ===
      JSON.stringify({
        ...rest,
        fields: seat.fields,
        ...(own ? { things: own } : {}),
        ...(choices ? { choices } : {}),
      })
      ? seat
      : next;
  });
}
