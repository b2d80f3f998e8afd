"use client";

import { useState } from "react";
import { bagListWords } from "../words.ts";

export interface BagRow {
  readonly bag: string;
  readonly label: string;
  readonly packed: boolean;
  readonly ready: boolean;
  readonly lacks: number;
}

/** Rows that are drawn: a thousand bags are a long list. */
const AT_ONCE = 60;

/** All bags of the class, and how each stands. */
export function BagList({
  rows,
  bag,
  text,
  shown,
  onText,
  onOpen,
}: {
  rows: readonly BagRow[];
  bag: string;
  text: string;
  shown: boolean;
  onText: (text: string) => void;
  onOpen: (bag: string) => void;
}) {
  const say = bagListWords();
  const [most, setMost] = useState(AT_ONCE);
  const wanted = text.trim().toLocaleLowerCase();
  const found = rows.filter(
    ({ label, bag: seat }) =>
      wanted === "" || label.toLocaleLowerCase().includes(wanted) || seat === wanted,
  );
  const at = found.findIndex((row) => row.bag === bag);
  const from = Math.max(0, Math.min(at - 4, found.length - most));
  return (
    <nav
      aria-label={say.bags}
      className={`min-h-0 flex-col border-rule lg:flex lg:border-r ${shown ? "flex" : "hidden"}`}
    >
      <div className="border-rule border-b p-2">
        <input
          aria-label={say.findABag}
          placeholder={say.nameOrSeat}
          className="min-h-11 w-full"
          value={text}
          maxLength={60}
          onChange={(event) => onText(event.target.value)}
        />
      </div>
      <ul className="min-h-0 flex-1 overflow-y-auto">
        {found.slice(from, from + most).map((row) => (
          <li key={row.bag}>
            <button
              type="button"
              aria-current={row.bag === bag ? "true" : undefined}
              onClick={() => onOpen(row.bag)}
              className={`grid min-h-[52px] w-full grid-cols-[26px_1fr] items-center border-rule border-b border-l-4 py-1.5 pr-2 pl-2 text-left ${row.bag === bag ? "border-l-elm bg-paper" : "border-l-transparent"}`}
            >
              <span aria-hidden className="text-elm">
                {row.packed ? "✓" : ""}
              </span>
              <span className="leading-tight">
                <span
                  className={`block [overflow-wrap:anywhere] ${row.packed ? "text-soft" : "font-bold"}`}
                >
                  {row.label}
                </span>
                <span className={`block text-sm ${row.lacks > 0 ? "text-ochre" : "text-soft"}`}>
                  {say.lackingClosedOpenNotReady(row.lacks, row.packed, row.ready)}
                </span>
              </span>
            </button>
          </li>
        ))}
        {from + most < found.length && (
          <li>
            <button
              type="button"
              className="verb min-h-11 px-3"
              onClick={() => setMost(most + AT_ONCE)}
            >
              {say.more(found.length, from, most)}
            </button>
          </li>
        )}
      </ul>
    </nav>
  );
}
