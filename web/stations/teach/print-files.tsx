"use client";

import type { Paper } from "@elm-basket/print/pages.ts";
import { useState } from "react";
import { SelectField } from "@/ui/select-field.tsx";

const FILES: readonly (readonly [string, string, string])[] = [
  ["run-sheet.pdf", "Run sheet and table lists", "for you, on paper"],
  ["cue-cards.pdf", "Cue cards", "for your hand: the time, what you say, what comes next"],
  ["step-cards.pdf", "Step cards", "four to a page, with drawings of this project"],
  ["placement.pdf", "Placement sheets", "true size, a ruler on each, larger pieces in tiles"],
  ["care-cards.pdf", "Care cards", "one a seat, dated from the class"],
];

/** What is printed for a class, on the paper at hand. */
export function PrintFiles({ classId, usual }: { classId: string; usual: Paper }) {
  const [paper, setPaper] = useState<Paper>(usual);
  return (
    <section className="mt-6" aria-label="To print">
      <h2 className="mb-2 text-lg">To print</h2>
      <SelectField
        label="Paper"
        value={paper}
        words={[
          ["a4", "A4"],
          ["letter", "Letter"],
        ]}
        onChange={(value) => setPaper(value === "letter" ? "letter" : "a4")}
      />
      <ul className="mt-1">
        {FILES.map(([name, title, what]) => (
          <li key={name} className="border-rule border-b py-1.5">
            <a
              className="verb inline-flex min-h-9 items-center"
              href={`/classes/${classId}/files/${name}?paper=${paper}`}
              download
            >
              {title}, PDF
            </a>{" "}
            <span className="text-soft text-sm">{what}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
