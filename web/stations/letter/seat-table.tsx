"use client";

import type { Slot } from "@elm-basket/core/lettering/recipe.ts";
import type { ClassDocument, Thing } from "@elm-basket/core/plan/document.ts";
import { alternativeOf } from "@elm-basket/core/plan/thing-document.ts";
import { LONGEST_FIELD, MOST_SEATS } from "@elm-basket/core/roster/roster.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import type { LetterAnswer } from "@/workers/letter-protocol.ts";

type Seats = ClassDocument["seats"];
const SHOWN_AT_ONCE = 100;

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
  const columns = [...new Set(["name", ...slots.map(({ slot }) => slot)])];
  const alternatives = [...new Set(things.flatMap(({ choice }) => (choice ? [choice] : [])))];
  const choose = (seat: string, choice: string, thing: string) =>
    onChange(
      seats.map((row) => (row.seat === seat ? { ...row, choices: { ...row.choices, [choice]: thing } } : row)),
      `What seat ${seat} makes`,
    );
  const choicesOf = new Map(slots.map(({ slot, choices }) => [slot, choices]));
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  const missing = new Map(drawn?.seats.map((seat) => [seat.seat, seat.missing]));
  const set = (seat: string, column: string, text: string) =>
    onChange(
      seats.map((row) => (row.seat === seat ? { ...row, fields: { ...row.fields, [column]: text.slice(0, LONGEST_FIELD) } } : row)),
      `${column} of seat ${seat}`,
    );
  const add = () => onChange([...seats, { seat: nextSeat(seats), fields: {} }], "A seat more");
  const move = (from: HTMLInputElement) => {
    const inputs = [...(from.closest("table")?.querySelectorAll<HTMLInputElement>(`input[data-column="${from.dataset.column}"]`) ?? [])];
    const next = inputs[inputs.indexOf(from) + 1];
    if (next) next.focus();
    else if (seats.length < MOST_SEATS) {
      add();
      setTimeout(() => [...document.querySelectorAll<HTMLInputElement>(`input[data-column="${from.dataset.column}"]`)].pop()?.focus(), 50);
    }
  };
  return (
    <>
      <table className="w-full text-left">
        <thead className="text-soft text-sm">
          <tr>
            <th className="w-14 py-1 font-normal">Seat</th>
            {columns.map((column) => (
              <th key={column} className="font-normal capitalize">
                {column}
              </th>
            ))}
            {alternatives.map((choice) => (
              <th key={choice} className="font-normal">
                Makes
              </th>
            ))}
            <th className="w-20 font-normal">
              <span className="sr-only">Take out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {seats.slice(0, shown).map((row) => (
            <tr key={row.seat}>
              <td className="pr-2 font-bold">{row.seat}</td>
              {columns.map((column) => (
                <td key={column} className="pr-2 pb-1">
                  <input
                    className="w-full"
                    list={choicesOf.get(column) ? `choices-${column}` : undefined}
                    data-column={column}
                    aria-label={`${column} of seat ${row.seat}`}
                    aria-invalid={missing.get(row.seat) ? true : undefined}
                    maxLength={LONGEST_FIELD}
                    value={row.fields[column] ?? ""}
                    onChange={(event) => set(row.seat, column, event.target.value)}
                    onKeyDown={(event) => {
                      if (event.key === "Enter") {
                        event.preventDefault();
                        move(event.currentTarget);
                      }
                    }}
                  />
                </td>
              ))}
              {alternatives.map((choice) => (
                <td key={choice} className="pr-2 pb-1">
                  <select
                    className="w-full"
                    aria-label={`What seat ${row.seat} makes`}
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
                  aria-label={`Take seat ${row.seat} out`}
                  onClick={() =>
                    onChange(
                      seats.filter(({ seat }) => seat !== row.seat),
                      `Seat ${row.seat} taken out`,
                    )
                  }
                >
                  take out
                </button>
              </td>
            </tr>
          ))}
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
      {seats.length > shown && (
        <Button className="mt-3 mr-3" onClick={() => setShown((n) => n + 200)}>
          Show more ({seats.length - shown})
        </Button>
      )}
      {seats.length < MOST_SEATS && (
        <Button className="mt-3" onClick={add}>
          Add a seat
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
