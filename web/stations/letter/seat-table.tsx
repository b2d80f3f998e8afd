"use client";

import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
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
  drawn,
  onChange,
}: {
  seats: Seats;
  slots: readonly string[];
  drawn: Extract<LetterAnswer, { kind: "drawn" }> | null;
  onChange: (seats: Seats, label: string) => void;
}) {
  const columns = [...new Set(["name", ...slots])];
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
