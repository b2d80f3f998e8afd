/** Films as they are listed, and a new one among them. */
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { newFilmWords } from "./words.ts";

/** Its name; of two that are called the same and look the same, how it is sold as well. */
export function filmName(film: Vinyl, all: readonly Vinyl[]): string {
  const twins = all.filter(
    ({ name, colour }) => name === film.name && colour.toLowerCase() === film.colour.toLowerCase(),
  );
  return twins.length > 1 ? `${film.name}, ${film.stock.kind}` : film.name;
}
/** Whether a film is one of these already: the same, sold in the same form. */
export const isAmong = (films: readonly Vinyl[], { name, family, colour, stock }: Vinyl): boolean =>
  films.some(
    (own) =>
      own.name === name &&
      own.family === family &&
      own.colour === colour &&
      own.stock.kind === stock.kind &&
      own.stock.width === stock.width &&
      own.stock.height === stock.height,
  );
/** A short id that no film of the class has. */
export function freeFilmId(films: readonly Pick<Vinyl, "id">[], name: string): string {
  const stem =
    (
      name
        .toLowerCase()
        .match(/[a-z0-9]+/gu)
        ?.join("") ?? ""
    )
      .replace(/^[^a-z]+/u, "")
      .slice(0, 24) || "film";
  for (let n = 1; ; n++) {
    const id = n === 1 ? stem : `${stem}${n}`;
    if (!films.some((film) => film.id === id)) return id;
  }
}

export function newFilm(films: readonly Pick<Vinyl, "id">[]): Vinyl {
  return {
    id: freeFilmId(films, "film"),
    name: newFilmWords().newFilm,
    family: "permanentGloss",
    colour: "#2B5DA8",
    turns: "free",
    passes: 1,
    stock: { kind: "sheet", width: 304.8, height: 304.8, have: 0 },
  };
}
