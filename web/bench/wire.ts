/** Films on their way to the bench: a thousand kits as rows of bare values. */
import type { FilmState } from "@elm-basket/core/weeding/queue.ts";
import type { FilmPlace, FilmRow } from "../data/films.ts";

export interface BenchFilm extends FilmPlace {
  readonly load: number | null;
  readonly position: number;
  readonly pieces: number;
  readonly reverse: boolean;
  readonly minutes: number;
  readonly planned: boolean;
  readonly state: FilmState;
  readonly seconds: number;
  /** Epoch ms of the server; null while no clock runs. */
  readonly since: number | null;
  readonly weededAt: number | null;
  readonly by: string;
  readonly heldBy: string;
  /** Grows with every change; what is older than what is known is no news. */
  readonly version: number;
}

export type WireFilm = readonly [
  film: string,
  seat: string,
  thing: string,
  copy: number,
  vinyl: string,
  part: number | null,
  load: number | null,
  position: number,
  again: 0 | 1,
  pieces: number,
  reverse: 0 | 1,
  minutes: number,
  planned: 0 | 1,
  state: FilmState,
  seconds: number,
  since: number | null,
  weededAt: number | null,
  by: string,
  heldBy: string,
  version: number,
];

/** Tenths are what minutes and seconds mean here. */
const tenth = (value: number): number => Math.round(value * 10) / 10;
const flag = (on: boolean): 0 | 1 => (on ? 1 : 0);

export const toWire = (row: FilmRow): WireFilm => [
  row.film,
  row.seat,
  row.thing,
  row.copy,
  row.vinyl,
  row.part,
  row.sheet,
  row.position,
  flag(row.again),
  row.pieces,
  flag(row.technique === "reverse" || row.technique === "bolder"),
  tenth(row.minutes),
  flag(row.planned),
  row.state,
  tenth(row.seconds),
  row.since?.getTime() ?? null,
  row.weededAt?.getTime() ?? null,
  row.by ?? "",
  row.heldBy ?? "",
  row.version,
];

export function fromWire([
  film,
  seat,
  thing,
  copy,
  vinyl,
  part,
  load,
  position,
  again,
  pieces,
  reverse,
  minutes,
  planned,
  state,
  seconds,
  since,
  weededAt,
  by,
  heldBy,
  version,
]: WireFilm): BenchFilm {
  return {
    film,
    seat,
    thing,
    copy,
    vinyl,
    part,
    load,
    position,
    again: again === 1,
    pieces,
    reverse: reverse === 1,
    minutes,
    planned: planned === 1,
    state,
    seconds,
    since,
    weededAt,
    by,
    heldBy,
    version,
  };
}

/** What is news to a bench. */
export interface BenchNews {
  /** Server's clock, epoch ms. */
  readonly now: number;
  readonly films: readonly WireFilm[];
}
