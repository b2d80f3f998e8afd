"use client";

import type { ClassDocument, Thing } from "@elm-basket/core/document/document.ts";
import { alternativeOf } from "@elm-basket/core/document/thing-document.ts";
import type { Slot } from "@elm-basket/core/lettering/recipe-reads.ts";
import { LONGEST_FIELD, MOST_SEATS } from "@elm-basket/core/roster/roster.ts";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useRef } from "react";
import { Button } from "@/ui/button.tsx";
import type { LetterAnswer } from "@/workers/letter-protocol.ts";
import { seatTableWords } from "./words.ts";

type Seats = ClassDocument["seats"];
/** Beyond, only the rows in sight are there. */
const ALL_AT_ONCE = 100;
/** A row, px: the true ones are measured as they come into sight. */
const ROW_PX = 48;

/** Names by hand; Enter goes to the next line, and makes one at the end. */
export function SeatTable({
  seats,
  slots,
  things,
  drawn,
  onChange,
}: {
  seats: Seats;
  slots: readonly Slot[];
  things: readonly Thing[];
  drawn: Extract<LetterAnswer, { kind: "drawn" }> | null;
  onChange: (seats: Seats, label: string) => void;
}) {
  const say = seatTableWords();
  const columns = [...new Set(["name", ...slots.map(({ slot }) => slot)])];
  const alternatives = [...new Set(things.flatMap(({ choice }) => (choice ? [choice] : [])))];
  const choose = (seat: string, choice: string, thing: string) =>
    onChange(
      seats.map((row) =>
        row.seat === seat ? { ...row, choices: { ...row.choices, [choice]: thing } } : row,
      ),
      say.whatSeatMakes(seat),
    );
  const choicesOf = new Map(slots.map(({ slot, choices }) => [slot, choices]));
  const table = useRef<HTMLTableElement>(null);
  const virtual = useWindowVirtualizer({
    count: seats.length,
    estimateSize: () => ROW_PX,
    overscan: 20,
    scrollMargin: table.current?.offsetTop ?? 0,
    enabled: seats.length > ALL_AT_ONCE,
  });
  const inSight = seats.length > ALL_AT_ONCE ? virtual.getVirtualItems() : null;
  const rows = inSight
    ? inSight.flatMap(({ index }) => (seats[index] ? [{ row: seats[index], index }] : []))
    : seats.map((row, index) => ({ row, index }));
  const above = inSight?.[0] ? inSight[0].start - virtual.options.scrollMargin : 0;
  const below = inSight
    ? Math.max(
        0,
        virtual.getTotalSize() - ((inSight.at(-1)?.end ?? 0) - virtual.options.scrollMargin),
      )
    : 0;
  const missing = new Map(drawn?.seats.map((seat) => [seat.seat, seat.missing]));
  const set = (seat: string, column: string, text: string) =>
    onChange(
      seats.map((row) =>
        row.seat === seat
          ? { ...row, fields: { ...row.fields, [column]: text.slice(0, LONGEST_FIELD) } }
          : row,
      ),
      say.ofSeat(column, seat),
    );
  const add = () => onChange([...seats, { seat: nextSeat(seats), fields: {} }], say.aSeat);
  const move = (from: HTMLInputElement, index: number) => {
    const next = () =>
      table.current?.querySelector<HTMLInputElement>(
        `[data-index="${index + 1}"] input[data-column="${from.dataset.column}"]`,
      );
    if (index + 1 >= seats.length) {
      if (seats.length >= MOST_SEATS) return;
      add();
    } else if (next()) return next()?.focus();
    if (seats.length > ALL_AT_ONCE) virtual.scrollToIndex(Math.min(index + 1, seats.length - 1));
    setTimeout(() => next()?.focus(), 50);
  };
  return (
    <>
      <table ref={table} className="w-full text-left" aria-rowcount={seats.length + 1}>
        <thead className="text-soft text-sm">
          <tr>
            <th className="w-14 py-1 font-normal">{say.seat}</th>
            {columns.map((column) => (
              <th key={column} className="font-normal capitalize">
                {column}
              </th>
            ))}
            {alternatives.map((choice) => (
              <th key={choice} className="font-normal">
                {say.makes}
              </th>
            ))}
            <th className="w-20 font-normal">
              <span className="sr-only">{say.remove}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {above > 0 && (
            <tr aria-hidden>
              <td style={{ height: above }} />
            </tr>
          )}
          {rows.map(({ row, index }) => (
            <tr
              key={row.seat}
              data-index={index}
              ref={inSight ? virtual.measureElement : undefined}
              aria-rowindex={index + 2}
            >
              <td className="pr-2 font-bold">{row.seat}</td>
              {columns.map((column) => (
                <td key={column} className="pr-2 pb-1">
                  <input
                    className="w-full"
                    list={choicesOf.get(column) ? `choices-${column}` : undefined}
                    data-column={column}
                    aria-label={say.ofSeat(column, row.seat)}
                    aria-invalid={missing.get(row.seat) ? true : undefined}
                    maxLength={LONGEST_FIELD}
                    value={row.fields[column] ?? ""}
                    onChange={(event) => set(row.seat, column, event.target.value)}
                    onKeyDown={(event) => {
                      if (event.key === "Enter") {
                        event.preventDefault();
                        move(event.currentTarget, index);
                      }
                    }}
                  />
                </td>
              ))}
              {alternatives.map((choice) => (
                <td key={choice} className="pr-2 pb-1">
                  <select
                    className="w-full"
                    aria-label={say.whatSeatMakes(row.seat)}
                    value={alternativeOf({ things: [...things] }, row, choice) ?? ""}
                    onChange={(event) => choose(row.seat, choice, event.target.value)}
                  >
                    {things
                      .filter((thing) => thing.choice === choice)
                      .map(({ id, title }) => (
                        <option key={id} value={id}>
                          {title}
                        </option>
                      ))}
                  </select>
                </td>
              ))}
              <td>
                <button
                  type="button"
                  className="verb text-sm"
                  aria-label={say.removeSeat(row.seat)}
                  onClick={() =>
                    onChange(
                      seats.filter(({ seat }) => seat !== row.seat),
                      say.seatRemoved(row.seat),
                    )
                  }
                >
                  {say.remove2}
                </button>
              </td>
            </tr>
          ))}
          {below > 0 && (
            <tr aria-hidden>
              <td style={{ height: below }} />
            </tr>
          )}
        </tbody>
      </table>
      {slots.map(
        ({ slot, choices }) =>
          choices && (
            <datalist key={slot} id={`choices-${slot}`}>
              {choices.map((choice) => (
                <option key={choice} value={choice} />
              ))}
            </datalist>
          ),
      )}
      {seats.length < MOST_SEATS && (
        <Button className="mt-3" onClick={add}>
          {say.addASeat}
        </Button>
      )}
    </>
  );
}

function nextSeat(seats: Seats): string {
  const taken = new Set(seats.map(({ seat }) => seat));
  let n = seats.length + 1;
  while (taken.has(String(n))) n++;
  return String(n);
}
