"use client";

import type { ReactNode } from "react";

interface Props<T> {
  readonly rows: readonly T[];
  /** Of the box round one row; the button to take it out is its last cell. */
  readonly className: string;
  readonly out: {
    readonly name: (index: number) => string;
    readonly words: string;
    /** What an undo is called. */
    readonly label: string;
    /** So many rows must stay. */
    readonly least?: number;
  };
  readonly onChange: (rows: T[], label: string) => void;
  readonly children: (row: T, change: (row: T, label: string) => void, index: number) => ReactNode;
}

/** A list whose rows are edited in place and taken out one by one. */
export function Rows<T>({ rows, className, out, onChange, children }: Props<T>) {
  const change = (index: number) => (row: T, label: string) =>
    onChange(
      rows.map((old, i) => (i === index ? row : old)),
      label,
    );
  return rows.map((row, i) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: such rows have no identity but their place
    <div key={i} className={className}>
      {children(row, change(i), i)}
      <button
        type="button"
        className="verb min-h-10 self-end justify-self-end text-sm"
        aria-label={out.name(i)}
        disabled={rows.length <= (out.least ?? 0)}
        onClick={() =>
          onChange(
            rows.filter((_, k) => k !== i),
            out.label,
          )
        }
      >
        {out.words}
      </button>
    </div>
  ));
}
