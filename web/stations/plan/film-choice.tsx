"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import { FilmFields } from "@/stations/frame/film-fields.tsx";
import { FilmDot } from "@/ui/marks.tsx";
import { filmName, freeFilmId, isAmong, newFilm } from "../frame/new-film";
import { filmChoiceWords } from "./words.ts";

interface Props {
  readonly films: readonly Vinyl[];
  readonly shelf: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly currency: string;
  readonly error: string | undefined;
  readonly onChange: (films: Vinyl[]) => void;
}

/** Its colours: from the shelf or new; the first is that of the names. */
export function FilmChoice({ films, shelf, unit, currency, error, onChange }: Props) {
  const say = filmChoiceWords();
  const [open, setOpen] = useState<string | null>(null);
  const add = (film: Vinyl, inHand: boolean) => {
    onChange([...films, film]);
    setOpen(inHand ? film.id : null);
  };
  const free = shelf.filter((film) => !isAmong(films, film));
  return (
    <fieldset>
      <legend className="mb-2 font-bold font-head text-xl">{say.itsFilms}</legend>
      <ul>
        {films.map((film, i) => (
          <li
            key={film.id}
            className={`border-rule border-b py-2 ${open === film.id ? "bg-paper px-3" : ""}`}
          >
            <div className="flex items-center gap-3">
              <FilmDot colour={film.colour} size={24} />
              <b className="flex-1">{film.name}</b>
              {i === 0 && films.length > 1 && (
                <span className="text-soft text-sm">{say.forTheNames}</span>
              )}
              <button
                type="button"
                className="verb min-h-11"
                aria-label={say.text(open, film.id, film.name)}
                onClick={() => setOpen(open === film.id ? null : film.id)}
              >
                {say.closeChange(open, film.id)}
              </button>
              <button
                type="button"
                className="verb min-h-11"
                aria-label={say.remove(film.name)}
                onClick={() => onChange(films.filter(({ id }) => id !== film.id))}
              >
                {say.remove2}
              </button>
            </div>
            {open === film.id && (
              <div className="pt-2">
                <FilmFields
                  film={film}
                  unit={unit}
                  currency={currency}
                  onChange={(next) =>
                    onChange(films.map((old) => (old.id === film.id ? next : old)))
                  }
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      {free.length > 0 && (
        <ul className="my-2 flex flex-wrap gap-2" aria-label={say.fromTheShelf}>
          {free.slice(0, 16).map((film) => (
            <li key={film.id}>
              <button
                type="button"
                className="flex min-h-11 items-center gap-2 rounded-card border border-edge bg-paper px-3 hover:border-elm"
                onClick={() => add({ ...film, id: freeFilmId(films, film.name) }, false)}
              >
                <FilmDot colour={film.colour} /> {filmName(film, shelf)}
              </button>
            </li>
          ))}
        </ul>
      )}
      <button type="button" className="verb min-h-11" onClick={() => add(newFilm(films), true)}>
        {say.addANewFilm}
      </button>
      {error && (
        <p role="alert" className="text-brick text-sm">
          {error}
        </p>
      )}
    </fieldset>
  );
}
