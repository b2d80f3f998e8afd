/** Things to be added to a class, and seats without what they say of others. */
import { USUAL_STENCIL } from "../lettering/recipe-kinds.ts";
import { isPainted } from "../weeding/technique.ts";
import type { Technique } from "../weeding/techniques.ts";
import type { ClassDocument, Thing } from "./document.ts";
import { starterDesign } from "./starter-design.ts";

const TITLE_LENGTH = 60;
const ID_LENGTH = 20;
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
/**
 * A thing from elsewhere is cut from the films of this class: the one of the same id where there is
 * one, otherwise the first.
 */
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
/**
 * Seats without what they say of things that are not made; the same seats where they say nothing of
 * any.
 */
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
