"use client";

import type { Paper } from "@elm-basket/print/pages.ts";
import { useState } from "react";
import { SelectField } from "@/ui/select-field.tsx";
import { printFilesWords } from "./words.ts";

const filesSaid = (): readonly (readonly [string, string, string])[] => [
  ["run-sheet.pdf", printFilesWords().runSheetAndTableLists, printFilesWords().forYouOnPaper],
  ["cue-cards.pdf", printFilesWords().cueCards, printFilesWords().forYourHandTheTime],
  ["step-cards.pdf", printFilesWords().stepCards, printFilesWords().fourToAPage],
  ["placement.pdf", printFilesWords().placementSheets, printFilesWords().trueSizeARuler],
  ["care-cards.pdf", printFilesWords().careCards, printFilesWords().oneASeatDated],
];

/** What is printed for a class, on the paper at hand. */
export function PrintFiles({ classId, usual }: { classId: string; usual: Paper }) {
  const say = printFilesWords();
  const [paper, setPaper] = useState<Paper>(usual);
  return (
    <section className="mt-6" aria-label={say.toPrint}>
      <h2 className="mb-2 text-lg">{say.toPrint}</h2>
      <SelectField
        label={say.paper}
        value={paper}
        words={[
          ["a4", "A4"],
          ["letter", say.letter],
        ]}
        onChange={(value) => setPaper(value === "letter" ? "letter" : "a4")}
      />
      <ul className="mt-1">
        {filesSaid().map(([name, title, what]) => (
          <li key={name} className="border-rule border-b py-1.5">
            <a
              className="verb inline-flex min-h-9 items-center"
              href={`/classes/${classId}/files/${name}?paper=${paper}`}
              download
            >
              {say.pdf(title)}
            </a>{" "}
            <span className="text-soft text-sm">{what}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
