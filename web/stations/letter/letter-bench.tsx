"use client";

import type { Severity } from "@elm-basket/core/advice/finding.ts";
import { slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { type ReactNode, useMemo, useState } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Button } from "@/ui/button.tsx";
import { Recipe } from "./recipe.tsx";
import { RosterDialog } from "./roster-dialog.tsx";
import { SchoolChoice } from "./school-choice.tsx";
import { SeatGrid } from "./seat-grid.tsx";
import { SeatTable } from "./seat-table.tsx";
import { useLettering } from "./use-lettering.ts";

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly versions: { readonly design: number; readonly seats: number };
  readonly unit: LengthUnit;
  readonly labels: Readonly<Record<string, string>>;
  readonly troubled: readonly { readonly seat: string; readonly severity: Severity }[];
  readonly children: ReactNode;
}

export function LetterBench({ classId, document, versions, unit, labels, troubled, children }: Props) {
  const design = usePart(classId, "design", document.design, versions.design, (answer) => (answer.document as ClassDocument).design);
  const seats = usePart(classId, "seats", document.seats, versions.seats, (answer) => (answer.document as ClassDocument).seats);
  const { blank, vinyls } = document;
  const parts = useMemo(() => ({ design: design.value, blank, vinyls, seats: seats.value }), [design.value, blank, vinyls, seats.value]);
  const lettering = useLettering(parts);
  const [view, setView] = useState<"blanks" | "names">(document.seats.length === 0 ? "names" : "blanks");
  const [pasting, setPasting] = useState(false);
  return (
    <div className="grid gap-x-6 gap-y-8 lg:grid-cols-[265px_1fr_290px]">
      <section className="lg:border-rule lg:border-r lg:pr-5">
        <Recipe design={design.value} vinyls={vinyls} unit={unit} drawn={lettering.drawn} onChange={design.change} />
        <div className="mt-4">
          <SaveNote editor={design} />
        </div>
      </section>
      <section>
        <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <div role="tablist" aria-label="Seats as" className="flex">
            {(["blanks", "names"] as const).map((name) => (
              <button
                key={name}
                type="button"
                role="tab"
                aria-selected={view === name}
                className={`min-h-10 border border-elm px-4 font-bold first:rounded-l-card last:rounded-r-card ${view === name ? "bg-elm text-white" : "text-elm-dark"}`}
                onClick={() => setView(name)}
              >
                {name === "blanks" ? "On the blanks" : "Names"}
              </button>
            ))}
          </div>
          <p role="status" className="text-soft text-sm">
            {lettering.failure ?? (lettering.busy ? "lettering …" : lettering.drawn ? `${lettering.drawn.seats.length} lettered in ${Math.max(1, Math.round(lettering.drawn.ms))} ms` : "")}
          </p>
          <Button onClick={() => setPasting(true)}>Paste names</Button>
        </div>
        {view === "blanks" ? (
          <SeatGrid blank={blank} vinyls={vinyls} seats={seats.value} drawn={lettering.drawn} labels={labels} troubled={troubled} />
        ) : (
          <SeatTable seats={seats.value} slots={slotsOf(design.value)} drawn={lettering.drawn} onChange={seats.change} />
        )}
        <div className="mt-3">
          <SaveNote editor={seats} />
        </div>
        <RosterDialog open={pasting} onOpenChange={setPasting} slots={slotsOf(design.value)} now={seats.value} onTake={(next, label) => seats.change(next, label)} />
      </section>
      <section className="lg:border-rule lg:border-l lg:pl-5">
        <SchoolChoice design={design.value} vinyls={vinyls} drawn={lettering.drawn} seats={seats.value} unit={unit} onChange={design.change} />
        <h2 className="mt-6 text-lg">Findings</h2>
        {children}
      </section>
    </div>
  );
}
