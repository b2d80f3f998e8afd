"use client";

import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import type { ClassDocument, Thing } from "@elm-basket/core/document/document.ts";
import { MOST_THINGS } from "@elm-basket/core/document/document-kinds.ts";
import {
  alternativeTo,
  broughtIn,
  copyOf,
  newThing,
  otherSideOf,
  seatsMaking,
  withTechnique,
} from "@elm-basket/core/document/new-thing.ts";
import type { MadeParts } from "@elm-basket/core/proposal/add-thing.ts";
import type { SetWays } from "@elm-basket/core/proposal/set-steps.ts";
import type { Facts } from "@elm-basket/core/stages/facts.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { flushParts } from "@/stations/frame/pending.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { showSize } from "@/ui/figures.ts";
import { insist } from "@/ui/insist.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { takeThingOut } from "./thing-actions.ts";
import { thingsPanelWords } from "./words.ts";

/** Of sets only. */
const BlankSketch = dynamic(
  () => insist(() => import("@/ui/blank-sketch.tsx")).then((all) => all.BlankSketch),
  { loading: Fetching },
);

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly version: number;
  readonly unit: LengthUnit;
  /** How this studio works, and how much quicker a second like thing goes. */
  readonly ways: Omit<SetWays, "document" | "facts"> & {
    readonly facts: readonly (Facts & { readonly thing: string })[];
  };
  /** Things of the studio's projects, to begin another from. */
  readonly known: readonly { readonly title: string; readonly thing: Thing }[];
}

/**
 * With a thing come its steps and materials, and so all that proposes them: asked for when somebody
 * is about to add one.
 */
const adding = () => insist(() => import("@elm-basket/core/proposal/add-thing.ts"));

const partsOf = ({
  things,
  steps,
  tools,
  supplies,
  preparation,
  proposed,
}: ClassDocument): MadeParts => ({
  things,
  steps,
  tools,
  supplies,
  preparation,
  ...(proposed ? { proposed } : {}),
});

/**
 * What every seat makes: one thing, or several beside each other. A thing brings its steps and
 * materials, and takes them along.
 */
export function ThingsPanel({
  classId,
  document,
  version,
  unit,
  ways: { facts, ...studio },
  known,
}: Props) {
  const say = thingsPanelWords();
  const editor = usePart<MadeParts>(classId, "class", partsOf(document), version, (answer) =>
    partsOf(answer.document as ClassDocument),
  );
  const router = useRouter();
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const { things } = editor.value;
  const made = { ...editor.value, vinyls: document.vinyls };
  const ways: SetWays = {
    ...studio,
    document: { ...document, ...editor.value },
    facts: new Map(facts.map((own) => [own.thing, own])),
  };
  const first = things[0] as Thing;
  const set = (id: string, patch: Partial<Thing>, label: string) =>
    editor.change(
      {
        ...editor.value,
        things: things.map((thing) => (thing.id === id ? { ...thing, ...patch } : thing)),
      },
      label,
    );
  const add = (thing: Thing, label: string, before: readonly Thing[] = things) =>
    start(async () => {
      const { withThing } = await adding();
      const next = withThing({ ...made, things: [...before] }, thing, ways);
      setSaid(broughtWords(thing, editor.value, next));
      editor.change(next, label);
    });
  const out = (thing: Thing) =>
    start(async () => {
      const { withoutThing } = await adding();
      const left = withoutThing(made, thing.id, ways);
      if (seatsMaking(document.seats, left.things).some((seat, i) => seat !== document.seats[i]))
        return outWithSeats(thing);
      setSaid(say.isOutWithItsSteps(thing.title));
      editor.change(left, say.removed(thing.title));
    });
  // Seats have something of their own on it: that goes with it, and comes back with a second undo.
  const outWithSeats = (thing: Thing) =>
    start(async () => {
      const done = (await flushParts()) && (await takeThingOut(classId, thing.id));
      setSaid(say.isOutWithItsSteps2(done, thing.title));
      router.refresh();
    });
  const alternative = (thing: Thing) => {
    const { things: chosen, added } = alternativeTo(things, thing);
    add(added, say.anAlternativeForEachSeat, chosen);
  };
  const full = things.length >= MOST_THINGS;
  return (
    <section
      aria-label={say.whatIsMade}
      aria-busy={busy}
      onFocusCapture={() => void adding()}
      onPointerEnter={() => void adding()}
    >
      {things.length > 1 && <h2 className="mt-8 mb-2 text-lg">{say.whatEachSeatMakes}</h2>}
      {things.length === 1 ? (
        <div className="mt-5 max-w-80">
          <TechniqueField
            thing={first}
            onChange={(technique) =>
              set(
                first.id,
                withTechnique(first, technique),
                techniqueWords().TECHNIQUE_WORDS[technique].name,
              )
            }
          />
        </div>
      ) : (
        <ul className="border-rule border-t">
          {things.map((thing) => (
            <li
              key={thing.id}
              className="grid gap-3 border-rule border-b py-3 sm:grid-cols-[90px_1fr]"
              aria-label={thing.title}
            >
              <div className="max-w-24">
                <BlankSketch blank={thing.blank} />
              </div>
              <div className="grid content-start gap-2">
                <div className="grid grid-cols-2 gap-3 sm:grid-cols-[1fr_1fr_96px]">
                  <TextField
                    label={say.called}
                    value={thing.title}
                    maxLength={60}
                    required={say.callIt}
                    onChange={(title) => set(thing.id, { title }, say.nameOfAThing)}
                  />
                  <TechniqueField
                    thing={thing}
                    brief
                    onChange={(technique) =>
                      set(
                        thing.id,
                        withTechnique(thing, technique),
                        techniqueWords().TECHNIQUE_WORDS[technique].name,
                      )
                    }
                  />
                  {thing.sideOf === undefined && (
                    <NumberField
                      label={say.forEachSeat}
                      value={thing.perSeat}
                      least={1}
                      most={20}
                      onChange={(perSeat) => set(thing.id, { perSeat }, say.howManyOfAThing)}
                    />
                  )}
                </div>
                <div className="flex flex-wrap items-center gap-x-4 text-sm">
                  <span className="w-full text-soft">
                    {showSize(frontSize(thing.blank.shape), unit)}
                    {thing.sideOf
                      ? say.anotherSide(
                          things.find(({ id }) => id === thing.sideOf)?.title,
                          thing.sideOf,
                        )
                      : ""}
                    {say.eachSeatMakes(thing.choice)}
                  </span>
                  <Link
                    className="verb inline-flex min-h-9 items-center"
                    href={`/classes/${classId}/measure?thing=${thing.id}`}
                  >
                    {say.measureIt}
                  </Link>
                  <Link
                    className="verb inline-flex min-h-9 items-center"
                    href={`/classes/${classId}/letter?thing=${thing.id}`}
                  >
                    {say.letterIt}
                  </Link>
                  {!full && (
                    <>
                      <ThingVerb
                        name={thingsPanelWords().copyOf(thing.title)}
                        words={say.copy}
                        onPress={() => add(copyOf(things, thing), say.onceMore(thing.title))}
                      />
                      {thing.sideOf === undefined && (
                        <>
                          <ThingVerb
                            name={thingsPanelWords().anotherSideOf(thing.title)}
                            words={say.anotherSide2}
                            onPress={() => add(otherSideOf(things, thing), say.anotherSide3)}
                          />
                          <ThingVerb
                            name={thingsPanelWords().anAlternativeTo(thing.title)}
                            words={say.anAlternative}
                            onPress={() => alternative(thing)}
                          />
                        </>
                      )}
                    </>
                  )}
                  <PrepareDays
                    thing={thing}
                    onChange={(next) =>
                      editor.change(
                        {
                          ...editor.value,
                          things: things.map((old) => (old.id === thing.id ? next : old)),
                        },
                        say.dayOfABlank,
                      )
                    }
                  />
                  <ThingVerb
                    name={thingsPanelWords().removeOf(thing.title)}
                    words={say.remove}
                    onPress={() => out(thing)}
                  />
                </div>
              </div>
            </li>
          ))}
        </ul>
      )}
      {!full && (
        <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-1">
          <button
            type="button"
            className="verb min-h-11"
            onClick={() => add(newThing(document), say.anotherThing)}
          >
            {say.addAnotherThing}
          </button>
          {things.length === 1 && (
            <>
              <button
                type="button"
                className="verb min-h-11"
                onClick={() => add(copyOf(things, first), say.onceMore(first.title))}
              >
                {say.aCopy}
              </button>
              <button
                type="button"
                className="verb min-h-11"
                onClick={() => add(otherSideOf(things, first), say.anotherSide3)}
              >
                {say.anotherSide2}
              </button>
              <button type="button" className="verb min-h-11" onClick={() => alternative(first)}>
                {say.anAlternativeForEachSeat2}
              </button>
            </>
          )}
          {known.length > 0 && (
            <div className="w-56">
              <SelectField
                label={say.oneFromProjects}
                value=""
                words={[
                  ["", "choose"] as const,
                  ...known.map(({ title }, i) => [String(i), title] as const),
                ]}
                onChange={(at) => {
                  const found = known[Number(at)];
                  if (at !== "" && found)
                    add(
                      broughtIn({ things, vinyls: document.vinyls }, found.thing),
                      say.added(found.title),
                    );
                }}
              />
            </div>
          )}
          <SaveNote editor={editor} />
        </div>
      )}
      {said && (
        <p role="status" className="mt-1 text-sm">
          {said}
        </p>
      )}
    </section>
  );
}

/**
 * One is stained overnight, another wiped on the day: a day of its own only where the host says so.
 */
function PrepareDays({ thing, onChange }: { thing: Thing; onChange: (thing: Thing) => void }) {
  const say = thingsPanelWords();
  const { prepareDays, ...usual } = thing;
  if (thing.sideOf !== undefined) return null;
  if (prepareDays === undefined)
    return (
      <ThingVerb
        name={thingsPanelWords().aDayOfItsOwn(thing.title)}
        words={say.blanksOnAnotherDay}
        onPress={() => onChange({ ...thing, prepareDays: 7 })}
      />
    );
  return (
    <div className="flex flex-wrap items-end gap-4">
      <div className="w-44">
        <NumberField
          label={say.itsBlanksReadyDaysBefore}
          value={prepareDays}
          least={0}
          most={365}
          onChange={(days) => onChange({ ...thing, prepareDays: days })}
        />
      </div>
      <ThingVerb
        name={thingsPanelWords().theBlanksWithTheOthers(thing.title)}
        words={say.withTheOthers}
        onPress={() => onChange(usual)}
      />
    </div>
  );
}

function ThingVerb({ name, words, onPress }: { name: string; words: string; onPress: () => void }) {
  return (
    <button
      type="button"
      className="verb min-h-9 justify-self-start text-sm"
      aria-label={name}
      onClick={onPress}
    >
      {words}
    </button>
  );
}

/** What came along with a thing, so that nothing changes unsaid. */
function broughtWords({ title, sideOf }: Thing, before: MadeParts, after: MadeParts): string {
  const say = thingsPanelWords();
  const minutes = (steps: MadeParts["steps"]) => steps.reduce((sum, step) => sum + step.minutes, 0);
  const [steps, more, lines] = [
    after.steps.length - before.steps.length,
    minutes(after.steps) - minutes(before.steps),
    after.supplies.length - before.supplies.length,
  ];
  const parts = [
    say.moreNoMoreSteps(steps),
    say.moreInTheClass(more),
    ...(lines > 0 ? [say.moreOnTheMaterialsList(lines)] : []),
  ];
  return say.added2(title, parts.join(", "), sideOf);
}

function TechniqueField({
  thing,
  brief = false,
  onChange,
}: {
  thing: Thing;
  brief?: boolean;
  onChange: (technique: Technique) => void;
}) {
  return (
    <SelectField
      label={thingsPanelWords().madeAs}
      hint={brief ? "" : techniqueWords().TECHNIQUE_WORDS[thing.technique].what}
      value={thing.technique}
      words={TECHNIQUES.map((one) => [one, techniqueWords().TECHNIQUE_WORDS[one].name] as const)}
      onChange={onChange}
    />
  );
}
