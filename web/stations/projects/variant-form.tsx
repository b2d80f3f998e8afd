"use client";

import { SEASONS } from "@elm-basket/core/starters/spec.ts";
import { LEAST_SCALE, MOST_SCALE, MOST_VARIANTS } from "@elm-basket/core/variants/limits.ts";
import type { Variant } from "@elm-basket/core/variants/variant.ts";
import { VINYL_FAMILIES, type VinylFamily } from "@elm-basket/core/weeding/families.ts";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { CheckField } from "@/ui/choice.tsx";
import { filmWords } from "@/ui/craft/films.ts";
import { Dialog } from "@/ui/dialog.tsx";
import { Field } from "@/ui/field.tsx";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { saveVariant, takeVariantOut } from "./actions.ts";
import { seasonsWords, variantFormWords } from "./words.ts";

/** Films and blanks of the project, in whose places a variant may put others. */
export interface ProjectShape {
  readonly films: readonly {
    readonly id: string;
    readonly name: string;
    readonly family: VinylFamily;
    readonly colour: string;
  }[];
  readonly blanks: readonly {
    readonly thing: string;
    readonly title: string;
    readonly colour: string;
  }[];
}

type Draft = Omit<Variant, "id">;
const EMPTY: Draft = { name: "", season: "any", films: [], blanks: [], scale: 1, reverse: false };

interface Props {
  readonly project: string;
  readonly shape: ProjectShape;
  readonly currency: string;
}

export function NewVariant({ project, shape, currency, full }: Props & { full: number }) {
  const say = variantFormWords();
  const [open, setOpen] = useState(false);
  if (full >= MOST_VARIANTS) return <p>{say.aProjectHasAtMost(MOST_VARIANTS)}</p>;
  return (
    <>
      <Button tone="main" onClick={() => setOpen(true)}>
        {say.addAVariant}
      </Button>
      <Dialog open={open} onOpenChange={setOpen} title={say.aNewVariant} wide>
        <VariantForm
          project={project}
          shape={shape}
          currency={currency}
          first={EMPTY}
          onDone={() => setOpen(false)}
        />
      </Dialog>
    </>
  );
}

export function VariantEditor({ project, shape, currency, variant }: Props & { variant: Variant }) {
  const say = variantFormWords();
  const [open, setOpen] = useState(false);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <p className="flex gap-5">
      <button
        type="button"
        className="verb min-h-11"
        aria-label={say.change(variant.name)}
        onClick={() => setOpen(true)}
      >
        {say.change2}
      </button>
      <button
        type="button"
        className="verb min-h-11"
        aria-label={say.remove(variant.name)}
        disabled={busy}
        onClick={() => start(async () => setSaid(await takeVariantOut(project, variant.id)))}
      >
        {say.remove2}
      </button>
      {said && <span role="alert">{said}</span>}
      <Dialog open={open} onOpenChange={setOpen} title={variant.name} wide>
        <VariantForm
          project={project}
          shape={shape}
          currency={currency}
          first={variant}
          id={variant.id}
          onDone={() => setOpen(false)}
        />
      </Dialog>
    </p>
  );
}

function VariantForm({
  project,
  shape,
  currency,
  first,
  id,
  onDone,
}: Props & { first: Draft; id?: string; onDone: () => void }) {
  const say = variantFormWords();
  const [draft, setDraft] = useState<Draft>(first);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const set = (patch: Partial<Draft>) => setDraft((before) => ({ ...before, ...patch }));
  const save = () =>
    start(async () => {
      const answer =
        draft.name.trim() === ""
          ? say.sayWhatItIsSuch
          : await saveVariant(project, id === undefined ? draft : { ...draft, id });
      setSaid(answer);
      if (answer === "") onDone();
    });
  return (
    <div className="grid gap-4" aria-busy={busy}>
      <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <TextField
          label={say.nameOfTheVariant}
          value={draft.name}
          maxLength={60}
          onChange={(name) => set({ name })}
        />
        <SelectField
          label={say.season}
          value={draft.season}
          words={SEASONS.map((season) => [season, seasonsWords()[season]] as const)}
          onChange={(season) => set({ season: season as Draft["season"] })}
        />
        <NumberField
          label={say.sizeOfTheBlanks}
          hint={say.theDesignFollowsItsFace}
          unit="%"
          value={Math.round(100 * draft.scale)}
          least={100 * LEAST_SCALE}
          most={100 * MOST_SCALE}
          onChange={(percent) => set({ scale: percent / 100 })}
        />
        <MoneyField
          label={say.suchAThing(currency)}
          minor={draft.shopPrice ?? null}
          currency={currency}
          onChange={(price) => {
            const { shopPrice: _, ...rest } = draft;
            setDraft(price === null ? rest : { ...rest, shopPrice: price });
          }}
        />
      </div>
      <CheckField
        label={say.flatPiecesAreMade}
        checked={draft.reverse}
        onChange={(reverse) => set({ reverse })}
      />
      {shape.films.map((film) => (
        <OtherFilm
          key={film.id}
          film={film}
          now={draft.films.find((one) => one.id === film.id)}
          onChange={(next) =>
            set({
              films: [
                ...draft.films.filter((one) => one.id !== film.id),
                ...(next ? [{ ...next, id: film.id }] : []),
              ],
            })
          }
        />
      ))}
      {shape.blanks.map(({ thing, title: name, colour }) => {
        const own = draft.blanks.find((one) => one.thing === thing)?.colour;
        return (
          <Colour
            key={thing}
            label={say.colourOf(name)}
            value={own ?? colour}
            onChange={(next) =>
              set({
                blanks: [
                  ...draft.blanks.filter((one) => one.thing !== thing),
                  ...(next.toLowerCase() === colour.toLowerCase() ? [] : [{ thing, colour: next }]),
                ],
              })
            }
          />
        );
      })}
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
      <p className="flex gap-3">
        <Button tone="main" disabled={busy} onClick={save}>
          {say.savingKeepTheVariant(busy)}
        </Button>
        <Button onClick={onDone}>{say.cancel}</Button>
      </p>
    </div>
  );
}

type OtherFilmValue = Omit<Variant["films"][number], "id">;

function OtherFilm({
  film,
  now,
  onChange,
}: {
  film: ProjectShape["films"][number];
  now: OtherFilmValue | undefined;
  onChange: (next: OtherFilmValue | null) => void;
}) {
  const say = variantFormWords();
  const value = now ?? film;
  return (
    <fieldset className="grid items-start gap-3 border-rule border-t pt-3 sm:grid-cols-[1.2fr_1fr_1fr_auto]">
      <legend className="sr-only">{say.insteadOf(film.name)}</legend>
      <CheckField
        label={say.anotherFilm(film.name)}
        checked={now !== undefined}
        onChange={(other) =>
          onChange(other ? { name: film.name, family: film.family, colour: film.colour } : null)
        }
      />
      {now && (
        <>
          <TextField
            label={say.itsName}
            value={value.name}
            maxLength={80}
            required={say.sayWhatFilm}
            onChange={(name) => onChange({ ...now, name })}
          />
          <SelectField
            label={say.kind}
            value={value.family}
            words={VINYL_FAMILIES.map(
              (family) => [family, filmWords().FAMILY_WORDS[family]] as const,
            )}
            onChange={(family) => onChange({ ...now, family })}
          />
          <Colour
            label={say.itsColour}
            value={value.colour}
            onChange={(colour) => onChange({ ...now, colour })}
          />
        </>
      )}
    </fieldset>
  );
}

function Colour({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (colour: string) => void;
}) {
  return (
    <Field label={label}>
      {(props) => (
        <input
          {...props}
          type="color"
          className="h-11 w-20"
          value={value.toLowerCase()}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  );
}
