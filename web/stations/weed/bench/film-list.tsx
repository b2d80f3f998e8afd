"use client";

import { showMinutes } from "@elm-basket/core/units/time.ts";
import {
  type FilmState,
  QUEUE_ORDERS,
  type QueueFilter,
  type QueueOrder,
} from "@elm-basket/core/weeding/queue.ts";
import { useState } from "react";
import type { BenchFilm } from "@/bench/wire.ts";
import { filmListWords } from "../words.ts";

export interface QueueRow extends BenchFilm {
  readonly label: string;
  readonly due: string;
}

interface Props {
  readonly rows: readonly QueueRow[];
  readonly filter: QueueFilter;
  readonly onFilter: (filter: QueueFilter) => void;
  readonly vinyls: readonly {
    readonly id: string;
    readonly name: string;
    readonly colour: string;
  }[];
  readonly loads: readonly number[];
  readonly current: string;
  readonly hands: string;
  readonly onOpen: (film: string) => void;
}

const orderWords = (): Record<QueueOrder, string> => ({
  load: filmListWords().byLoad,
  hard: filmListWords().hardFirst,
  due: filmListWords().dueFirst,
});
/** Rows that are drawn: a thousand kits are a long list. */
const AT_ONCE = 60;

export function FilmList({ rows, filter, onFilter, vinyls, loads, current, hands, onOpen }: Props) {
  const say = filmListWords();
  const [most, setMost] = useState(AT_ONCE);
  const at = rows.findIndex(({ film }) => film === current);
  const from = Math.max(0, Math.min(at - 4, rows.length - most));
  const shown = rows.slice(from, from + most);
  const colours = new Map(vinyls.map((vinyl) => [vinyl.id, vinyl]));
  const orders = QUEUE_ORDERS.filter(
    (order) => order !== "due" || new Set(rows.map(({ due }) => due)).size > 1,
  );
  return (
    <nav aria-label={say.films} className="flex min-h-0 flex-col">
      <div className="grid grid-cols-2 gap-2 border-rule border-b p-2">
        <select
          aria-label={say.inWhichOrder}
          className="min-h-11 min-w-0"
          value={filter.order}
          onChange={(event) => onFilter({ ...filter, order: event.target.value as QueueOrder })}
        >
          {orders.map((order) => (
            <option key={order} value={order}>
              {orderWords()[order]}
            </option>
          ))}
        </select>
        <input
          aria-label={say.findAFilm}
          placeholder={say.find}
          className="min-h-11 min-w-0"
          value={filter.text}
          maxLength={60}
          onChange={(event) => onFilter({ ...filter, text: event.target.value })}
        />
        {vinyls.length > 1 && (
          <select
            aria-label={say.whichFilm}
            className="min-h-11 min-w-0"
            value={filter.vinyl}
            onChange={(event) => onFilter({ ...filter, vinyl: event.target.value })}
          >
            <option value="">{say.allFilms}</option>
            {vinyls.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        )}
        {loads.length > 1 && (
          <select
            aria-label={say.whichLoad}
            className="min-h-11 min-w-0"
            value={filter.load ?? ""}
            onChange={(event) =>
              onFilter({
                ...filter,
                load: event.target.value === "" ? null : Number(event.target.value),
              })
            }
          >
            <option value="">{say.allLoads}</option>
            {loads.map((load) => (
              <option key={load} value={load}>
                {say.load(load)}
              </option>
            ))}
          </select>
        )}
      </div>
      <ul className="min-h-0 flex-1 overflow-y-auto">
        {from > 0 && <li className="p-3 text-soft text-sm">{say.before(from)}</li>}
        {shown.map((row, i) => (
          <li key={row.film}>
            {filter.order === "load" && shown[i - 1]?.load !== row.load && (
              <p className="bg-card px-3 pt-3 pb-1 text-soft text-sm">
                {row.load === null
                  ? say.notLaidYet
                  : say.load2(row.load, colours.get(row.vinyl)?.name, row.vinyl)}
              </p>
            )}
            <button
              type="button"
              aria-current={row.film === current ? "true" : undefined}
              onClick={() => onOpen(row.film)}
              className={`grid min-h-[52px] w-full grid-cols-[22px_1fr] items-center gap-2 border-rule border-b border-l-4 py-1.5 pr-2 pl-2 text-left ${row.film === current ? "border-l-elm bg-paper" : "border-l-transparent"}`}
            >
              <span
                aria-hidden
                className="size-4 border border-rule-strong"
                style={{ background: colours.get(row.vinyl)?.colour }}
              />
              <span className="leading-tight">
                <span
                  className={`block [overflow-wrap:anywhere] ${row.state === "waiting" || row.heldBy === hands ? "font-bold" : "text-soft"}`}
                >
                  {row.label}
                  {vinyls.length > 1 && (
                    <span className="sr-only">, {colours.get(row.vinyl)?.name}</span>
                  )}
                </span>
                <span className="block text-soft text-sm">{stateWords(row, hands)}</span>
              </span>
            </button>
          </li>
        ))}
        {from + most < rows.length && (
          <li>
            <button
              type="button"
              className="verb min-h-11 px-3"
              onClick={() => setMost(most + AT_ONCE)}
            >
              {say.more(rows.length, from, most)}
            </button>
          </li>
        )}
        <li className="px-3">
          <label className="flex min-h-11 items-center gap-2 text-sm">
            <input
              type="checkbox"
              checked={filter.withDone}
              onChange={(event) => onFilter({ ...filter, withDone: event.target.checked })}
            />{" "}
            {say.finishedOnesToo}
          </label>
        </li>
        {rows.length === 0 && <li className="p-3 text-soft">{say.nothingHereToWeed}</li>}
      </ul>
    </nav>
  );
}

const stateWordsSaid = (): Record<Exclude<FilmState, "waiting" | "held">, string> => ({
  uncut: filmListWords().notCutYet,
  changed: filmListWords().lettersChangedSinceTheCut,
  done: filmListWords().done,
  flawed: filmListWords().doneSmallFlaw,
});

export function stateWords(
  row: Pick<QueueRow, "state" | "by" | "heldBy" | "minutes" | "reverse" | "again">,
  hands: string,
): string {
  const say = filmListWords();
  const again = say.cutAgain(row.again);
  if (row.state === "held") return say.inYourHands(row.heldBy, hands, again, row.by);
  if (row.state === "waiting")
    return say.about(again, showMinutes(Math.max(1, row.minutes)), row.reverse);
  return say.text(again, stateWordsSaid()[row.state], row.state, row.by);
}
