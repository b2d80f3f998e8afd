"use client";

import { frontSize } from "@elm-basket/core/blanks/shape.ts";
import { stencilSchema } from "@elm-basket/core/lettering/recipe.ts";
import { type ClassDocument, MOST_THINGS, TECHNIQUES, type Technique, type Thing } from "@elm-basket/core/plan/document.ts";
import { isPainted } from "@elm-basket/core/plan/technique.ts";
import { TECHNIQUE_WORDS } from "@elm-basket/core/plan/technique-words-en.ts";
import { type LengthUnit, showSize } from "@elm-basket/core/units/length.ts";
import Link from "next/link";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { BlankSketch } from "@/ui/blank-sketch.tsx";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly version: number;
  readonly unit: LengthUnit;
  /** Things of the studio's projects, to begin another from. */
  readonly known: readonly { readonly title: string; readonly thing: Thing }[];
}

type Things = Pick<ClassDocument, "things">;

/** What every seat makes: one thing, or several beside each other. */
export function ThingsPanel({ classId, document, version, unit, known }: Props) {
  const editor = usePart<Things>(classId, "class", { things: document.things }, version, (answer) => ({ things: (answer.document as ClassDocument).things }));
  const things = editor.value.things;
  const first = things[0] as Thing;
  const put = (next: Thing[], label: string) => editor.change({ things: next }, label);
  const set = (id: string, patch: Partial<Thing>, label: string) =>
    put(
      things.map((thing) => (thing.id === id ? { ...thing, ...patch } : thing)),
      label,
    );
  const add = (thing: Thing, label: string) => put([...things, thing], label);
  const choice = things.find((thing) => thing.choice)?.choice ?? "kind";
  return (
    <section aria-label="What is made">
      {things.length > 1 && <h2 className="mt-8 mb-2 text-lg">What each seat makes</h2>}
      {things.length === 1 ? (
        <div className="mt-5 max-w-80">
          <TechniqueField thing={first} onChange={(technique) => set(first.id, withTechnique(first, technique), TECHNIQUE_WORDS[technique].name)} />
        </div>
      ) : (
        <ul className="border-rule border-t">
          {things.map((thing) => (
            <li key={thing.id} className="grid gap-3 border-rule border-b py-3 sm:grid-cols-[90px_1fr]">
              <div className="max-w-24">
                <BlankSketch blank={thing.blank} />
              </div>
              <div className="grid content-start gap-2">
                <div className="grid grid-cols-2 gap-3">
                  <TextField
                    label="Called"
                    value={thing.title}
                    maxLength={60}
                    required="Call it by what it is, such as tag or jug."
                    onChange={(title) => set(thing.id, { title }, "Name of a thing")}
                  />
                  <TechniqueField thing={thing} onChange={(technique) => set(thing.id, withTechnique(thing, technique), TECHNIQUE_WORDS[technique].name)} />
                  {thing.sideOf === undefined && (
                    <NumberField label="For each seat" value={thing.perSeat} least={1} most={20} onChange={(perSeat) => set(thing.id, { perSeat }, "How many of a thing")} />
                  )}
                </div>
                <p className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
                  <span className="text-soft">
                    {showSize(frontSize(thing.blank.shape), unit)}
                    {thing.sideOf ? ` · another side of ${things.find(({ id }) => id === thing.sideOf)?.title ?? thing.sideOf}` : ""}
                    {thing.choice ? " · each seat makes one of these" : ""}
                  </span>
                  <Link className="verb" href={`/classes/${classId}/measure?thing=${thing.id}`}>
                    measure it
                  </Link>
                  <Link className="verb" href={`/classes/${classId}/letter?thing=${thing.id}`}>
                    letter it
                  </Link>
                  <button type="button" className="verb" aria-label={`Take ${thing.title} out`} onClick={() => put(withoutThing(things, thing.id), `${thing.title} taken out`)}>
                    take out
                  </button>
                </p>
              </div>
            </li>
          ))}
        </ul>
      )}
      {things.length < MOST_THINGS && (
        <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-1">
          <button type="button" className="verb min-h-11" onClick={() => add(copyOf(things, first), "Another thing")}>
            Add another thing
          </button>
          <button
            type="button"
            className="verb min-h-11"
            onClick={() => add({ ...copyOf(things, first, "back"), title: `${first.title}, back`.slice(0, 60), sideOf: first.id, perSeat: 1 }, "Another side")}
          >
            another side
          </button>
          <button
            type="button"
            className="verb min-h-11"
            onClick={() =>
              put(
                [
                  ...things.map((thing) => (thing.sideOf === undefined ? { ...thing, choice: thing.choice ?? choice } : thing)),
                  { ...copyOf(things, first), title: `${first.title}, another size`.slice(0, 60), choice },
                ],
                "An alternative for each seat",
              )
            }
          >
            an alternative for each seat
          </button>
          {known.length > 0 && (
            <div className="w-56">
              <SelectField
                label="one from Projects"
                value=""
                words={[["", "choose"] as const, ...known.map(({ title }, i) => [String(i), title] as const)]}
                onChange={(at) => {
                  const found = known[Number(at)];
                  if (at !== "" && found) add(inFilmsOf(found.thing, document, things), `${found.title} added`);
                }}
              />
            </div>
          )}
          <SaveNote editor={editor} />
        </div>
      )}
    </section>
  );
}

function TechniqueField({ thing, onChange }: { thing: Thing; onChange: (technique: Technique) => void }) {
  return (
    <SelectField label="Made as" hint={TECHNIQUE_WORDS[thing.technique].what} value={thing.technique} words={TECHNIQUES.map((one) => [one, TECHNIQUE_WORDS[one].name] as const)} onChange={onChange} />
  );
}

/** Painted, a design needs a rule for its film and islands; it keeps the one it has. */
const withTechnique = (thing: Thing, technique: Technique): Thing => ({
  ...thing,
  technique,
  design: isPainted(technique) && !thing.design.stencil ? { ...thing.design, stencil: stencilSchema.parse({}) } : thing.design,
});

function freeThingId(things: readonly Thing[], stem: string): string {
  const base =
    (
      stem
        .toLowerCase()
        .match(/[a-z0-9]+/gu)
        ?.join("") ?? ""
    )
      .replace(/^[^a-z]+/u, "")
      .slice(0, 20) || "thing";
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}${n}`;
    if (!things.some((thing) => thing.id === id)) return id;
  }
}

function copyOf(things: readonly Thing[], thing: Thing, stem = thing.title): Thing {
  const { choice: _, sideOf: __, ...rest } = thing;
  return { ...rest, id: freeThingId(things, stem), title: `${thing.title} ${things.length + 1}`.slice(0, 60) };
}

/** Sides go with their object; a single thing is no alternative any more. */
function withoutThing(things: readonly Thing[], id: string): Thing[] {
  const left = things.filter((thing) => thing.id !== id && thing.sideOf !== id);
  const alone = (choice: string | undefined) => left.filter((thing) => thing.choice === choice).length < 2;
  return left.map((thing) => {
    const { choice, ...rest } = thing;
    return choice !== undefined && alone(choice) ? rest : thing;
  });
}

/** A thing from elsewhere is cut from the films of this class: the one of its colour where there is one, otherwise the first. */
function inFilmsOf(thing: Thing, { vinyls }: Pick<ClassDocument, "vinyls">, things: readonly Thing[]): Thing {
  const first = vinyls[0]?.id ?? "";
  const to = (id: string) => (vinyls.some((vinyl) => vinyl.id === id) ? id : first);
  const design = JSON.parse(JSON.stringify(thing.design), (key, value) => (key === "vinyl" && typeof value === "string" ? to(value) : value)) as Thing["design"];
  return { ...copyOf(things, thing), title: thing.title, design: { ...design, offered: [] } };
}
