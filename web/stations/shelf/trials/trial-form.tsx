"use client";

import { WEAR_WORDS } from "@elm-basket/core/trials/rounds.ts";
import type { Trial } from "@elm-basket/core/trials/trial.ts";
import { MOST_SAMPLES, type Wear } from "@elm-basket/core/trials/trial-kinds.ts";
import { useState } from "react";
import type { TrialRow } from "@/data/trials.ts";
import { Button } from "@/ui/button.tsx";
import { filmWords } from "@/ui/craft/films.ts";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { useAct } from "@/ui/use-act.ts";
import { DateField } from "@/ui/when-fields.tsx";
import { trialFormWords } from "../words.ts";
import { saveTrial } from "./trial-actions.ts";

interface Props {
  /** None for a new trial. */
  readonly row?: TrialRow;
  readonly films: readonly string[];
  readonly today: string;
  readonly onDone: () => void;
}

/** Film wants two days before the first wash; three are better. */
const USUAL_CURE_HOURS = 72;
const fresh = (films: readonly string[], today: string): Trial => ({
  film: films[0] ?? "",
  material: "glazed",
  began: today,
  cureHours: USUAL_CURE_HOURS,
  wear: "dishwasher",
  how: "",
  rounds: 0,
  samples: [
    { id: "a", label: trialFormWords().boldLetters, note: "" },
    { id: "b", label: trialFormWords().thinStrokes, note: "" },
  ],
  note: "",
});

/** What is tried, how, and on which samples; nothing is kept before it is said. */
export function TrialForm({ row, films, today, onDone }: Props) {
  const say = trialFormWords();
  const [trial, setTrial] = useState<Trial>(row?.trial ?? fresh(films, today));
  const { busy, said, act } = useAct();
  const set = (patch: Partial<Trial>) => setTrial((now) => ({ ...now, ...patch }));
  const setSample = (id: string, patch: Partial<Trial["samples"][number]>) =>
    set({ samples: trial.samples.map((one) => (one.id === id ? { ...one, ...patch } : one)) });
  return (
    <form
      className="mb-6 border-rule-strong border-l-2 pl-4"
      aria-label={row ? say.changeTheTrial(row.trial.film) : say.aNewTrial}
      aria-busy={busy}
      onSubmit={(event) => {
        event.preventDefault();
        act(() => saveTrial(row?.id ?? null, trial, row?.trial ?? null), onDone);
      }}
    >
      <div className="grid max-w-2xl grid-cols-1 gap-3 sm:grid-cols-2">
        <TextField
          label={say.film}
          value={trial.film}
          maxLength={80}
          required={say.sayWhichFilm}
          onChange={(film) => set({ film })}
        />
        <SelectField<Trial["material"]>
          label={say.on}
          value={trial.material}
          words={filmWords().MATERIAL_WORDS}
          onChange={(material) => set({ material })}
        />
        <SelectField<Wear>
          label={say.whatItGoesThrough}
          value={trial.wear}
          words={WEAR_WORDS}
          onChange={(wear) => set({ wear })}
        />
        <TextField
          label={say.howInAFewWords}
          value={trial.how}
          maxLength={200}
          onChange={(how) => set({ how })}
        />
        <DateField
          label={say.begunOn}
          value={trial.began}
          today={today}
          onChange={(began) => set({ began })}
        />
        <NumberField
          label={say.curedBeforeHours}
          value={trial.cureHours}
          least={0}
          most={10_000}
          onChange={(cureHours) => set({ cureHours })}
        />
        <NumberField
          label={say.monthsSoFarRounds(trial.wear)}
          value={trial.rounds}
          least={0}
          most={10_000}
          onChange={(rounds) => set({ rounds })}
        />
      </div>
      <p className="mt-3 font-bold">{say.samples}</p>
      <ul>
        {trial.samples.map((sample, i) => (
          <li key={sample.id} className="grid items-end gap-3 py-1 sm:grid-cols-[1fr_1.5fr_auto]">
            <TextField
              label={say.sample(i)}
              value={sample.label}
              maxLength={60}
              required={say.sayWhichSample}
              onChange={(label) => setSample(sample.id, { label })}
            />
            <TextField
              label={say.seenOn(sample.label)}
              value={sample.note}
              maxLength={200}
              onChange={(note) => setSample(sample.id, { note })}
            />
            <Button
              disabled={trial.samples.length === 1}
              aria-label={say.remove(sample.label)}
              onClick={() => set({ samples: trial.samples.filter(({ id }) => id !== sample.id) })}
            >
              {say.remove2}
            </Button>
          </li>
        ))}
      </ul>
      {trial.samples.length < MOST_SAMPLES && (
        <Button
          onClick={() =>
            set({
              samples: [
                ...trial.samples,
                { id: freeId(trial), label: say.sample2(trial.samples.length), note: "" },
              ],
            })
          }
        >
          {say.anotherSample}
        </Button>
      )}
      <div className="mt-3 max-w-2xl">
        <TextField
          label={say.whatToRemember}
          value={trial.note}
          maxLength={300}
          onChange={(note) => set({ note })}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-3">
        <Button type="submit" tone="main" disabled={busy}>
          {row ? say.keepWhatWasChanged : say.keepTheTrial}
        </Button>
        <Button disabled={busy} onClick={onDone}>
          {say.cancel}
        </Button>
      </div>
      {said && (
        <p role="alert" className="mt-2 text-brick">
          {said}
        </p>
      )}
    </form>
  );
}

function freeId({ samples }: Trial): string {
  const used = new Set(samples.map(({ id }) => id));
  for (let n = 1; ; n++) if (!used.has(`s${n}`)) return `s${n}`;
}
