"use client";

import {
  OUTCOME_WORDS,
  provedBy,
  sayRounds,
  WEAR_WORDS,
  worstOf,
} from "@elm-basket/core/trials/rounds.ts";
import type { Trial } from "@elm-basket/core/trials/trial.ts";
import { OUTCOMES, WEARS, type Wear } from "@elm-basket/core/trials/trial-kinds.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import type { TrialRow } from "@/data/trials.ts";
import { Button } from "@/ui/button.tsx";
import { filmWords } from "@/ui/craft/films.ts";
import { showDate } from "@/ui/dates.ts";
import { PictureField } from "@/ui/picture-field.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { useAct } from "@/ui/use-act.ts";
import { trialsBenchWords } from "../words.ts";
import { letTrialCount, saveTrial, takeTrialOut } from "./trial-actions.ts";
import { TrialForm } from "./trial-form.tsx";

export interface TriedFilm {
  readonly name: string;
  readonly proved: Vinyl["proved"] | null;
}

interface Props {
  readonly rows: readonly TrialRow[];
  /** Films on the shelf. */
  readonly films: readonly TriedFilm[];
  readonly today: string;
}

/**
 * Trials beside each other, those of one kind of wear in one row, so that films are compared at a
 * glance.
 */
export function TrialsBench({ rows, films, today }: Props) {
  const say = trialsBenchWords();
  const [film, setFilm] = useState("");
  const [open, setOpen] = useState<string | null>(null);
  const shown = rows.filter(({ trial }) => film === "" || trial.film === film);
  const names = [...new Set(rows.map(({ trial }) => trial.film))].sort();
  return (
    <section aria-label={say.trials}>
      <p className="mb-4 max-w-3xl text-soft">{say.whatAFilmGoesThrough}</p>
      <div className="mb-5 flex flex-wrap items-end gap-4">
        {names.length > 1 && (
          <SelectField
            label={say.ofWhichFilm}
            value={film}
            words={[["", say.allFilms] as const, ...names.map((name) => [name, name] as const)]}
            onChange={setFilm}
          />
        )}
        {open !== "new" && (
          <Button tone={rows.length === 0 ? "main" : "plain"} onClick={() => setOpen("new")}>
            {say.beginATrial}
          </Button>
        )}
      </div>
      {open === "new" && (
        <TrialForm
          films={films.map(({ name }) => name)}
          today={today}
          onDone={() => setOpen(null)}
        />
      )}
      {WEARS.map((wear) => {
        const own = shown.filter(({ trial }) => trial.wear === wear);
        if (own.length === 0) return null;
        return (
          <section key={wear} className="mb-8" aria-label={WEAR_WORDS[wear]}>
            <h2 className="mb-2 text-xl first-letter:uppercase">{WEAR_WORDS[wear]}</h2>
            <div className="grid items-start gap-x-8 gap-y-6 md:grid-cols-2 xl:grid-cols-3">
              {own.map((row) =>
                open === row.id ? (
                  <TrialForm
                    key={row.id}
                    row={row}
                    films={films.map(({ name }) => name)}
                    today={today}
                    onDone={() => setOpen(null)}
                  />
                ) : (
                  <TrialCard
                    key={row.id}
                    row={row}
                    film={films.find(
                      ({ name }) => name.toLowerCase() === row.trial.film.toLowerCase(),
                    )}
                    onChange={() => setOpen(row.id)}
                  />
                ),
              )}
            </div>
          </section>
        );
      })}
    </section>
  );
}

const TONES = {
  held: "text-elm",
  faded: "text-ochre",
  lifting: "text-brick",
  off: "text-brick",
} as const;
const roundDone = (): Readonly<Record<Wear, string>> => ({
  hand: trialsBenchWords().washedOnce,
  dishwasher: trialsBenchWords().washedOnce,
  weather: trialsBenchWords().aMonth,
  rubbing: trialsBenchWords().rubbedOnce,
});

function TrialCard({
  row,
  film,
  onChange,
}: {
  row: TrialRow;
  film: TriedFilm | undefined;
  onChange: () => void;
}) {
  const say = trialsBenchWords();
  const { trial, id } = row;
  const { busy, said, act } = useAct();
  const save = (next: Trial) => act(() => saveTrial(id, next, trial));
  const set = (sample: string, patch: Partial<Trial["samples"][number]>) =>
    save({
      ...trial,
      samples: trial.samples.map((one) => (one.id === sample ? { ...one, ...patch } : one)),
    });
  const worst = worstOf(trial);
  return (
    <article
      className="border-rule border-t pt-3"
      aria-busy={busy}
      aria-label={`${trial.film}, ${filmWords().MATERIAL_WORDS[trial.material]}`}
      data-trial={id}
    >
      <header className="flex items-baseline justify-between gap-3">
        <h3 className="text-lg leading-tight">{trial.film}</h3>
        {worst && <b className={`shrink-0 ${TONES[worst]}`}>{OUTCOME_WORDS[worst]}</b>}
      </header>
      <p className="text-soft">
        {say.onBegun(
          filmWords().MATERIAL_WORDS[trial.material],
          sayRounds(trial),
          showDate(trial.began, "short"),
          trial.how,
        )}
      </p>
      <ul className="mt-2">
        {trial.samples.map((sample) => (
          <li key={sample.id} className="border-rule border-b py-2">
            <div className="flex flex-wrap items-center justify-between gap-x-3">
              <b>{sample.label}</b>
              <select
                aria-label={say.whatBecame(sample.label)}
                className={`min-h-11 font-bold ${sample.outcome ? TONES[sample.outcome] : ""}`}
                value={sample.outcome ?? ""}
                disabled={busy}
                onChange={(event) => {
                  const outcome = OUTCOMES.find((one) => one === event.target.value);
                  const { outcome: _, round: __, ...rest } = sample;
                  save({
                    ...trial,
                    samples: trial.samples.map((one) =>
                      one.id === sample.id
                        ? outcome
                          ? { ...rest, outcome, round: trial.rounds }
                          : rest
                        : one,
                    ),
                  });
                }}
              >
                <option value="">{say.notLooked}</option>
                {OUTCOMES.map((outcome) => (
                  <option key={outcome} value={outcome}>
                    {OUTCOME_WORDS[outcome]}
                  </option>
                ))}
              </select>
            </div>
            {(sample.note ||
              (sample.outcome && sample.outcome !== "held" && sample.round !== undefined)) && (
              <p className="text-soft text-sm">
                {say.seenAfter(sample.outcome, sample.round)}
                {sample.note}
              </p>
            )}
            <PictureField
              label={say.aPicture}
              alt={`${sample.label}, ${trial.film}`}
              id={sample.picture ?? null}
              onChange={(picture) =>
                picture ? set(sample.id, { picture }) : save(withoutPicture(trial, sample.id))
              }
            />
          </li>
        ))}
      </ul>
      {trial.note && <p className="mt-2">{trial.note}</p>}
      <Counts
        trial={trial}
        film={film}
        busy={busy}
        onLet={(counts) => act(() => letTrialCount(id, counts))}
      />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button disabled={busy} onClick={() => save({ ...trial, rounds: trial.rounds + 1 })}>
          {roundDone()[trial.wear]}
        </Button>
        <Button disabled={busy} onClick={onChange}>
          {say.change}
        </Button>
        <TakeOut busy={busy} onOut={() => act(() => takeTrialOut(id))} />
      </div>
      {said && (
        <p role="alert" className="mt-2 text-brick">
          {said}
        </p>
      )}
    </article>
  );
}

const withoutPicture = (trial: Trial, id: string): Trial => ({
  ...trial,
  samples: trial.samples.map((sample) => {
    const { picture: _, ...rest } = sample;
    return sample.id === id ? rest : sample;
  }),
});

/** What it says of the film, and whether that counts before the rule. */
function Counts({
  trial,
  film,
  busy,
  onLet,
}: {
  trial: Trial;
  film: TriedFilm | undefined;
  busy: boolean;
  onLet: (counts: boolean) => void;
}) {
  const say = trialsBenchWords();
  const own = provedBy(trial);
  if (!own) return null;
  if (!film) return <p className="mt-2 text-soft">{say.isNotOnTheShelf(trial.film)}</p>;
  const inForce =
    own.washing === undefined
      ? film.proved?.outdoors === own.outdoors
      : film.proved?.washing === own.washing;
  return (
    <p className="mt-2">
      {say.text(sayFound(own), inForce)}{" "}
      <button
        type="button"
        className="verb min-h-11"
        disabled={busy}
        onClick={() => onLet(!inForce)}
      >
        {say.letTheRuleDecideLet(inForce)}
      </button>
    </p>
  );
}

function sayFound({ washing, outdoors }: NonNullable<Vinyl["proved"]>): string {
  const say = trialsBenchWords();
  if (outdoors !== undefined) return say.itBearsTheWeather(outdoors);
  return {
    none: say.itBearsNoWashing,
    handOnly: say.itDoesNotBear,
    hand: say.itBearsWashingByHand,
    dishwasher: say.itBearsADishwasher,
  }[washing ?? "hand"];
}

function TakeOut({ busy, onOut }: { busy: boolean; onOut: () => void }) {
  const say = trialsBenchWords();
  const [sure, setSure] = useState(false);
  if (!sure)
    return (
      <Button disabled={busy} onClick={() => setSure(true)}>
        {say.remove}
      </Button>
    );
  return (
    <>
      <Button tone="stop" disabled={busy} onClick={onOut}>
        {say.takeItOutPicturesToo}
      </Button>
      <Button disabled={busy} onClick={() => setSure(false)}>
        {say.keepIt}
      </Button>
    </>
  );
}
