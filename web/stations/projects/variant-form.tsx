"use client";

import { FAMILY_WORDS } from "@elm-basket/core/films/film-words-en.ts";
import { SEASONS } from "@elm-basket/core/starters/spec.ts";
import { LEAST_SCALE, MOST_SCALE, MOST_VARIANTS } from "@elm-basket/core/variants/limits.ts";
import type { Variant } from "@elm-basket/core/variants/variant.ts";
import { VINYL_FAMILIES, type VinylFamily } from "@elm-basket/core/weeding/families.ts";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { CheckField } from "@/ui/choice.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { Field } from "@/ui/field.tsx";
import { MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { saveVariant, takeVariantOut } from "./actions.ts";
import { SEASON_WORDS } from "./season-words.ts";

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
  const [open, setOpen] = useState(false);
  if (full >= MOST_VARIANTS) return <p>A project has at most {MOST_VARIANTS} variants.</p>;
  return (
    <>
      <Button tone="main" onClick={() => setOpen(true)}>
        Add a variant
      </Button>
      <Dialog open={open} onOpenChange={setOpen} title="A new variant" wide>
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
  const [open, setOpen] = useState(false);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <p className="flex gap-5">
      <button
        type="button"
        className="verb min-h-11"
        aria-label={`Change ${variant.name}`}
        onClick={() => setOpen(true)}
      >
        change
      </button>
      <button
        type="button"
        className="verb min-h-11"
        aria-label={`Remove ${variant.name}`}
        disabled={busy}
        onClick={() => start(async () => setSaid(await takeVariantOut(project, variant.id)))}
      >
        remove
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
  const [draft, setDraft] = useState<Draft>(first);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const set = (patch: Partial<Draft>) => setDraft((before) => ({ ...before, ...patch }));
  const save = () =>
    start(async () => {
      const answer =
        draft.name.trim() === ""
          ? "Say what it is, such as Autumn or Large."
          : await saveVariant(project, id === undefined ? draft : { ...draft, id });
      setSaid(answer);
      if (answer === "") onDone();
    });
  return (
    <div className="grid gap-4" aria-busy={busy}>
      <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-4">
        <TextField
          label="Name of the variant"
          value={draft.name}
          maxLength={60}
          onChange={(name) => set({ name })}
        />
        <SelectField
          label="Season"
          value={draft.season}
          words={SEASONS.map((season) => [season, SEASON_WORDS[season]] as const)}
          onChange={(season) => set({ season: season as Draft["season"] })}
        />
        <NumberField
          label="Size of the blanks"
          hint="The design follows its face; what keeps off a rim stays."
          unit="%"
          value={Math.round(100 * draft.scale)}
          least={100 * LEAST_SCALE}
          most={100 * MOST_SCALE}
          onChange={(percent) => set({ scale: percent / 100 })}
        />
        <MoneyField
          label={`Such a thing in a shop, ${currency}`}
          minor={draft.shopPrice ?? null}
          currency={currency}
          onChange={(price) => {
            const { shopPrice: _, ...rest } = draft;
            setDraft(price === null ? rest : { ...rest, shopPrice: price });
          }}
        />
      </div>
      <CheckField
        label="Flat pieces are made on their other side, too"
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
            label={`Colour of ${name}`}
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
          {busy ? "Saving …" : "Keep the variant"}
        </Button>
        <Button onClick={onDone}>Cancel</Button>
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
  const value = now ?? film;
  return (
    <fieldset className="grid items-start gap-3 border-rule border-t pt-3 sm:grid-cols-[1.2fr_1fr_1fr_auto]">
      <legend className="sr-only">Instead of {film.name}</legend>
      <CheckField
        label={`Another film than ${film.name}`}
        checked={now !== undefined}
        onChange={(other) =>
          onChange(other ? { name: film.name, family: film.family, colour: film.colour } : null)
        }
      />
      {now && (
        <>
          <TextField
            label="Its name"
            value={value.name}
            maxLength={80}
            required="Say what film it is."
            onChange={(name) => onChange({ ...now, name })}
          />
          <SelectField
            label="Kind"
            value={value.family}
            words={VINYL_FAMILIES.map((family) => [family, FAMILY_WORDS[family]] as const)}
            onChange={(family) => onChange({ ...now, family })}
          />
          <Colour
            label="Its colour"
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
