"use client";

import type { Material } from "@elm-basket/core/blanks/blank-kinds.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import { MOST_THINGS } from "@elm-basket/core/document/document-kinds.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import { ColourField } from "@/stations/frame/film-fields.tsx";
import { ShapeFields, shapeAs } from "@/stations/frame/shape-fields.tsx";
import { filmWords } from "@/ui/craft/films.ts";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { shapeWords } from "../frame/shape-words";
import { moreThingsWords } from "./words.ts";

export interface BlankValue {
  readonly name: string;
  readonly material: Material;
  readonly colour: string;
  readonly shape: BlankShape;
}

/**
 * One thing more that each seat makes, another side of the first, or what may be made instead of
 * it.
 */
export interface MoreThing {
  readonly role: "also" | "side" | "instead";
  readonly blank: BlankValue;
  readonly technique: Technique;
  readonly perSeat: number;
}

interface FieldsProps {
  readonly value: BlankValue;
  readonly unit: LengthUnit;
  readonly errors: Readonly<Record<string, string>>;
  /** Where it stands in the form, as errors name it. */
  readonly path: string;
  readonly onChange: (value: BlankValue) => void;
}

export function BlankFields({ value, unit, errors, path, onChange }: FieldsProps) {
  const say = moreThingsWords();
  const set = (patch: Partial<BlankValue>) => onChange({ ...value, ...patch });
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <TextField
          label={say.whatIt}
          value={value.name}
          maxLength={120}
          error={errors[`${path}.name`]}
          onChange={(name) => set({ name })}
        />
        <SelectField
          label={say.shape}
          value={value.shape.kind}
          words={shapeWords()}
          onChange={(kind) => set({ shape: shapeAs(kind, value.shape) })}
        />
      </div>
      <ShapeFields
        key={value.shape.kind}
        shape={value.shape}
        unit={unit}
        onChange={(shape) => set({ shape })}
      />
      {Object.entries(errors).map(
        ([at, message]) =>
          at.startsWith(`${path}.shape`) && (
            <p key={at} role="alert" className="text-brick text-sm">
              {message}
            </p>
          ),
      )}
      <div className="grid grid-cols-[1fr_90px] gap-4">
        <SelectField
          label={say.madeOf}
          value={value.material}
          words={filmWords().MATERIAL_WORDS}
          onChange={(material) => set({ material })}
        />
        <ColourField
          label={say.itsColour}
          value={value.colour}
          onChange={(colour) => set({ colour })}
        />
      </div>
    </>
  );
}

interface Props {
  readonly first: BlankValue & { readonly technique: Technique };
  readonly more: readonly MoreThing[];
  readonly unit: LengthUnit;
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (more: MoreThing[]) => void;
}

/** Most classes make one thing; a verb at its end adds the next. */
export function MoreThings({ first, more, unit, errors, onChange }: Props) {
  const say = moreThingsWords();
  const { technique, ...blank } = first;
  const add = (role: MoreThing["role"]) =>
    onChange([
      ...more,
      {
        role,
        blank: role === "also" ? { ...blank, name: blank.name } : blank,
        technique,
        perSeat: 1,
      },
    ]);
  return (
    <>
      {more.map((thing, i) => {
        const set = (patch: Partial<MoreThing>) =>
          onChange(more.map((old, k) => (k === i ? { ...old, ...patch } : old)));
        return (
          <fieldset
            // biome-ignore lint/suspicious/noArrayIndexKey: such rows have no identity but their place
            key={i}
            className="grid gap-4 border-rule border-t pt-3"
            aria-label={say.thing(i)}
          >
            <div className="grid grid-cols-2 gap-4">
              <SelectField
                label={say.eachSeatMakes}
                value={thing.role}
                words={{
                  also: say.asWell(blank.name.toLowerCase()),
                  side: say.onTheOtherSide(blank.name.toLowerCase()),
                  instead: say.orTheFirstAsEach,
                }}
                onChange={(role) => set(role === "side" ? { role, blank, perSeat: 1 } : { role })}
              />
              {thing.role === "also" && (
                <NumberField
                  label={say.forEachSeat}
                  value={thing.perSeat}
                  least={1}
                  most={20}
                  onChange={(perSeat) => set({ perSeat })}
                />
              )}
              <SelectField
                label={say.madeAs}
                value={thing.technique}
                words={TECHNIQUES.map(
                  (one) => [one, techniqueWords().TECHNIQUE_WORDS[one].name] as const,
                )}
                onChange={(next) => set({ technique: next })}
              />
              <button
                type="button"
                className="verb min-h-11 self-end justify-self-start"
                onClick={() => onChange(more.filter((_, k) => k !== i))}
              >
                {say.notThis}
              </button>
            </div>
            {thing.role === "side" ? (
              <p className="text-soft text-sm">{say.theSamePieceTurnedRound}</p>
            ) : (
              <BlankFields
                value={thing.blank}
                unit={unit}
                errors={errors}
                path={`more.${i}.blank`}
                onChange={(next) => set({ blank: next })}
              />
            )}
          </fieldset>
        );
      })}
      {more.length < MOST_THINGS - 1 && (
        <p className="flex flex-wrap gap-x-5">
          <button type="button" className="verb min-h-11" onClick={() => add("also")}>
            {say.addAnotherThing}
          </button>
          <button type="button" className="verb min-h-11" onClick={() => add("side")}>
            {say.anotherSide}
          </button>
          <button type="button" className="verb min-h-11" onClick={() => add("instead")}>
            {say.anAlternativeForEachSeat}
          </button>
        </p>
      )}
    </>
  );
}
