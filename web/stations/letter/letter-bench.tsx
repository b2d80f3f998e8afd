"use client";

import type { Severity } from "@elm-basket/core/advice/finding.ts";
import { slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { type ReactNode, useMemo, useState } from "react";
import type { OwnFont } from "@/data/fonts.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Button } from "@/ui/button.tsx";
import { Choice } from "@/ui/choice.tsx";
import { ProgressBar } from "@/ui/progress-bar.tsx";
import { type ChoicesOfClass, ChoicesPanel } from "./choices-panel.tsx";
import { OwnFontsProvider } from "./fonts.tsx";
import { LayersPanel } from "./layers-panel.tsx";
import { Recipe } from "./recipe.tsx";
import { RosterDialog } from "./roster-dialog.tsx";
import { SchoolChoice } from "./school-choice.tsx";
import { SeatDialog } from "./seat-dialog.tsx";
import { SeatGrid } from "./seat-grid.tsx";
import { SeatTable } from "./seat-table.tsx";
import { type Lettering, useLettering } from "./use-lettering.ts";

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly versions: { readonly design: number; readonly seats: number };
  readonly unit: LengthUnit;
  readonly labels: Readonly<Record<string, string>>;
  readonly troubled: readonly { readonly seat: string; readonly severity: Severity }[];
  readonly ownFonts: readonly OwnFont[];
  readonly choices: ChoicesOfClass;
  readonly children: ReactNode;
}

export function LetterBench({ classId, document, versions, unit, labels, troubled, ownFonts, choices, children }: Props) {
  const design = usePart(classId, "design", document.design, versions.design, (answer) => (answer.document as ClassDocument).design);
  const seats = usePart(classId, "seats", document.seats, versions.seats, (answer) => (answer.document as ClassDocument).seats);
  const { blank, vinyls } = document;
  const parts = useMemo(() => ({ design: design.value, blank, vinyls, seats: seats.value }), [design.value, blank, vinyls, seats.value]);
  const lettering = useLettering(parts);
  const [view, setView] = useState<"blanks" | "names">(document.seats.length === 0 ? "names" : "blanks");
  const [pasting, setPasting] = useState(false);
  const [opened, setOpened] = useState<string | null>(null);
  const seat = seats.value.find((row) => row.seat === opened);
  return (
    <OwnFontsProvider value={ownFonts}>
      <div className="grid gap-x-6 gap-y-8 lg:grid-cols-[265px_1fr_290px]">
        <section className="lg:border-rule lg:border-r lg:pr-5">
          <Recipe design={design.value} vinyls={vinyls} unit={unit} drawn={lettering.drawn} onChange={design.change} />
          <div className="mt-4">
            <SaveNote editor={design} />
          </div>
        </section>
        <section>
          <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
            <Choice
              label="Seats as"
              value={view}
              onChange={setView}
              options={[
                ["blanks", "On the blanks"],
                ["names", "Names"],
              ]}
            />
            <Progress lettering={lettering} />
            <Button onClick={() => setPasting(true)}>Paste names</Button>
          </div>
          {view === "blanks" ? (
            <SeatGrid blank={blank} vinyls={vinyls} seats={seats.value} drawn={lettering.drawn} measured={lettering.measured} labels={labels} troubled={troubled} onOpen={setOpened} />
          ) : (
            <SeatTable seats={seats.value} slots={slotsOf(design.value)} drawn={lettering.drawn} onChange={seats.change} />
          )}
          <div className="mt-3">
            <SaveNote editor={seats} />
          </div>
          <RosterDialog open={pasting} onOpenChange={setPasting} slots={slotsOf(design.value)} now={seats.value} onTake={(next, label) => seats.change(next, label)} />
          <SeatDialog
            seat={seat}
            label={seat ? (labels[seat.seat] ?? seat.fields.name ?? "") : ""}
            design={design.value}
            blank={blank}
            vinyls={vinyls}
            unit={unit}
            lettering={lettering}
            onChange={(next, label) =>
              seats.change(
                seats.value.map((row) => (row.seat === next.seat ? next : row)),
                label,
              )
            }
            onClose={() => setOpened(null)}
          />
        </section>
        <section className="lg:border-rule lg:border-l lg:pl-5">
          <SchoolChoice design={design.value} vinyls={vinyls} drawn={lettering.drawn} seats={seats.value} unit={unit} ground={blank.colour} onChange={design.change} />
          <LayersPanel design={design.value} vinyls={vinyls} drawn={lettering.drawn} unit={unit} stencil={document.technique === "stencil"} onChange={design.change} />
          <h2 className="mt-6 text-lg">Findings</h2>
          {children}
          <ChoicesPanel
            classId={classId}
            choices={choices}
            labels={labels}
            vinyls={vinyls}
            offered={design.value.offered}
            onOffer={(offered, label) => design.change({ ...design.value, offered }, label)}
          />
        </section>
      </div>
    </OwnFontsProvider>
  );
}

function Progress({ lettering }: { lettering: Lettering }) {
  const { failure, busy, share, drawn, stop } = lettering;
  if (share !== null)
    return (
      <span className="flex items-center gap-3 text-soft text-sm">
        <ProgressBar value={share} max={1} className="w-28" label="Lettering" />
        {Math.round(share * 100)} %
        <button type="button" className="verb" onClick={stop}>
          Stop
        </button>
      </span>
    );
  return (
    <p role="status" className="text-soft text-sm">
      {failure ?? (busy ? "lettering …" : drawn ? `${drawn.seats.length} lettered in ${Math.max(1, Math.round(drawn.ms))} ms` : "")}
    </p>
  );
}
