"use client";

import {
  isLabelSheet,
  LABEL_SHEETS,
  type LabelSheetId,
  sheetWords,
} from "@elm-basket/print/label-sheets.ts";
import { useEffect, useState } from "react";
import { FileButton } from "@/ui/button.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { labelLinksWords } from "./words.ts";

export interface LabelKind {
  readonly href: string;
  readonly words: string;
  /** Sheets that have room for them; all where it is left out. */
  readonly sheets?: readonly LabelSheetId[];
}

/** This device prints on it: other labels lie in another printer. */
const KEPT = "elm:label-sheet";

/** Labels of several kinds for the sheet that lies in the printer. */
export function LabelLinks({ kinds, usual }: { kinds: readonly LabelKind[]; usual: LabelSheetId }) {
  const say = labelLinksWords();
  const [sheet, setSheet] = useState(usual);
  useEffect(() => {
    const kept = localStorage.getItem(KEPT) ?? "";
    if (isLabelSheet(kept)) setSheet(kept);
  }, []);
  const choose = (next: LabelSheetId) => {
    setSheet(next);
    localStorage.setItem(KEPT, next);
  };
  return (
    <div className="grid gap-2">
      <SelectField<LabelSheetId>
        label={say.sheetOfLabels}
        value={sheet}
        words={(Object.keys(LABEL_SHEETS) as LabelSheetId[]).map(
          (id) => [id, sheetWords(id)] as const,
        )}
        onChange={choose}
      />
      <div className="flex flex-wrap gap-2">
        {kinds.map(({ href, words, sheets }) => {
          const room = !sheets || sheets.includes(sheet);
          return (
            <FileButton
              key={words}
              href={`${href}${href.includes("?") ? "&" : "?"}sheet=${room ? sheet : usual}`}
              download
            >
              {words}
              {!room && <span className="font-normal text-sm">{say.onPlainPaperTooSmall}</span>}
            </FileButton>
          );
        })}
      </div>
    </div>
  );
}
