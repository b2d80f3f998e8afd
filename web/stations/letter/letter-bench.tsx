"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import {
  type ThingDocument,
  thingDocument,
  thingOf,
  withThing,
} from "@elm-basket/core/document/thing-document.ts";
import type { Severity } from "@elm-basket/core/findings/finding.ts";
import type { Design } from "@elm-basket/core/lettering/recipe.ts";
import { fillableSlots, type Slot } from "@elm-basket/core/lettering/recipe-reads.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { goesOf } from "@elm-basket/core/weeding/technique.ts";
import dynamic from "next/dynamic";
import { type ReactNode, useMemo, useState } from "react";
import type { OwnFont } from "@/data/fonts.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import type { StoredLayer } from "@/stations/frame/stored-faces.ts";
import { type Lettering, useLettering } from "@/stations/frame/use-lettering.ts";
import { usePart } from "@/stations/frame/use-part.ts";
import { Button } from "@/ui/button.tsx";
import { Choice } from "@/ui/choice.tsx";
import type { FacePicture } from "@/ui/face-picture.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { insist } from "@/ui/insist.ts";
import { ProgressBar } from "@/ui/progress-bar.tsx";
import { useOwnFaces } from "@/ui/seat-face.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { useOnce } from "@/ui/use-once.ts";
import { type ChoicesOfClass, ChoicesPanel } from "./choices-panel.tsx";
import { OwnFontsProvider } from "./fonts.tsx";
import { LayersPanel } from "./layers-panel.tsx";
import { Recipe } from "./recipe/recipe.tsx";
import { SchoolChoice } from "./school-choice.tsx";
import { SeatGrid } from "./seat-grid.tsx";
import type { ThingLetters } from "./set-sizing.tsx";
import { letterBenchWords } from "./words.ts";

/** Asked for when they are opened, or where a class has them. */
const RosterDialog = dynamic(
  () => insist(() => import("./roster-dialog.tsx")).then((all) => all.RosterDialog),
  { loading: Fetching },
);
const SeatDialog = dynamic(
  () => insist(() => import("./seat-dialog.tsx")).then((all) => all.SeatDialog),
  { loading: Fetching },
);
const SeatTable = dynamic(
  () => insist(() => import("./seat-table.tsx")).then((all) => all.SeatTable),
  { loading: Fetching },
);

const SetSizingChoice = dynamic(
  () => insist(() => import("./set-sizing.tsx")).then((all) => all.SetSizingChoice),
  { loading: Fetching },
);

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly thing: string;
  readonly versions: { readonly class: number; readonly design: number; readonly seats: number };
  /** Letters of all things as planned, and the scale at which the set holds this one. */
  readonly set: { readonly things: readonly ThingLetters[]; readonly most: number | null };
  readonly unit: LengthUnit;
  readonly labels: Readonly<Record<string, string>>;
  readonly troubled: readonly { readonly seat: string; readonly severity: Severity }[];
  /** The first seats as they were planned last, until they are lettered. */
  readonly stored: Readonly<Record<string, readonly StoredLayer[]>>;
  /** The blank's; null where it leaves none. */
  readonly face: FacePicture | null;
  readonly ownFonts: readonly OwnFont[];
  readonly choices: ChoicesOfClass;
  readonly children: ReactNode;
}

export function LetterBench({
  classId,
  document,
  thing,
  versions,
  set,
  unit,
  labels,
  troubled,
  stored,
  face,
  ownFonts,
  choices,
  children,
}: Props) {
  const say = letterBenchWords();
  const { design: first, blank, technique } = thingOf(document, thing);
  const design = usePart(
    classId,
    `design:${thing}`,
    first,
    versions.design,
    (answer) => thingOf(answer.document as ClassDocument, thing).design,
  );
  const seats = usePart(
    classId,
    "seats",
    document.seats,
    versions.seats,
    (answer) => (answer.document as ClassDocument).seats,
  );
  const { vinyls } = document;
  // What this thing's seats are, of the class's; what is changed in them goes back into those.
  const view = useMemo(
    () => thingDocument({ ...document, seats: seats.value }, thing),
    [document, seats.value, thing],
  );
  const changeSeats = (next: ThingDocument["seats"], label: string) =>
    seats.change(
      withThing({ ...document, seats: seats.value }, { ...view, seats: next }).seats,
      label,
    );
  const { most } = set;
  const parts = useMemo(
    () => ({ design: design.value, blank, technique, vinyls, seats: view.seats, most }),
    [design.value, blank, technique, vinyls, view.seats, most],
  );
  const columns = useMemo(
    () => columnsOf(document.things.map((one) => (one.id === thing ? design.value : one.design))),
    [document.things, thing, design.value],
  );
  const slots = useMemo(() => columns.map(({ slot }) => slot), [columns]);
  const lettering = useLettering(parts);
  const ownFaces = useOwnFaces(blank, view.seats);
  const [shown, setShown] = useState<"blanks" | "names">(
    document.seats.length === 0 ? "names" : "blanks",
  );
  const [pasting, setPasting] = useState(false);
  const [opened, setOpened] = useState<string | null>(null);
  const seat = view.seats.find((row) => row.seat === opened);
  const [pastes, looks] = [useOnce(pasting), useOnce(seat !== undefined)];
  return (
    <OwnFontsProvider value={ownFonts}>
      <div className="grid gap-x-6 gap-y-8 lg:grid-cols-[285px_minmax(0,1fr)_285px]">
        <section className="lg:border-rule lg:border-r lg:pr-5">
          <Recipe
            design={design.value}
            vinyls={vinyls}
            unit={unit}
            drawn={lettering.drawn}
            onChange={design.change}
          />
          {document.things.length > 1 && (
            <div className="mt-4">
              <SelectField
                label={say.takeTheDesign}
                value=""
                words={[
                  ["", say.leaveThis] as const,
                  ...document.things
                    .filter((one) => one.id !== thing)
                    .map((one) => [one.id, one.title] as const),
                ]}
                onChange={(from) => {
                  const other = document.things.find((one) => one.id === from);
                  // How a stencil is held together belongs to what it is painted on.
                  const { stencil } = design.value;
                  if (other)
                    design.change(
                      { ...other.design, ...(stencil ? { stencil } : {}) },
                      say.designOf(other.title),
                    );
                }}
              />
            </div>
          )}
          <div className="mt-4">
            <SaveNote editor={design} />
          </div>
        </section>
        <section>
          <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
            <Choice
              label={say.seatsAs}
              value={shown}
              onChange={setShown}
              options={[
                ["blanks", say.onTheBlanks],
                ["names", say.names],
              ]}
            />
            <Progress lettering={lettering} />
            <Button onClick={() => setPasting(true)}>{say.pasteNames}</Button>
          </div>
          {shown === "blanks" ? (
            <SeatGrid
              face={face}
              ownFaces={ownFaces}
              vinyls={vinyls}
              seats={view.seats}
              drawn={lettering.drawn}
              stored={stored}
              measured={lettering.measured}
              labels={labels}
              troubled={troubled}
              onOpen={setOpened}
            />
          ) : (
            <SeatTable
              seats={seats.value}
              slots={columns}
              things={document.things}
              drawn={lettering.drawn}
              onChange={seats.change}
            />
          )}
          <div className="mt-3">
            <SaveNote editor={seats} />
          </div>
          {pastes && (
            <RosterDialog
              open={pasting}
              onOpenChange={setPasting}
              slots={slots}
              now={seats.value}
              onTake={(next, label) => seats.change(next, label)}
            />
          )}
          {looks && (
            <SeatDialog
              seat={seat}
              label={seat ? (labels[seat.seat] ?? seat.fields.name ?? "") : ""}
              design={design.value}
              blank={blank}
              face={(seat && ownFaces.get(seat.seat)) ?? face}
              vinyls={vinyls}
              unit={unit}
              countable={document.things.length > 1 || thingOf(document, thing).perSeat > 1}
              lettering={lettering}
              onChange={(next, label) =>
                changeSeats(
                  view.seats.map((row) => (row.seat === next.seat ? next : row)),
                  label,
                )
              }
              onClose={() => setOpened(null)}
            />
          )}
        </section>
        <section className="grid content-start gap-6 lg:border-rule lg:border-l lg:pl-5">
          <div>
            <h2 className="text-lg">{say.findings}</h2>
            {children}
          </div>
          <div>
            <SchoolChoice
              design={design.value}
              vinyls={vinyls}
              drawn={lettering.drawn}
              seats={view.seats}
              unit={unit}
              ground={blank.colour}
              held={most !== null}
              onChange={design.change}
            />
            {document.things.length > 1 && (
              <SetSizingChoice
                classId={classId}
                document={document}
                version={versions.class}
                unit={unit}
                things={set.things}
              />
            )}
          </div>
          <LayersPanel
            design={design.value}
            vinyls={vinyls}
            drawn={lettering.drawn}
            unit={unit}
            stencil={goesOf(technique) === "out"}
            onChange={design.change}
          />
          <ChoicesPanel
            classId={classId}
            choices={choices}
            labels={labels}
            things={document.things}
            unit={unit}
            vinyls={vinyls}
            offered={design.value.offered}
            onOffer={(offered, label) => design.change({ ...design.value, offered }, label)}
          />
        </section>
      </div>
    </OwnFontsProvider>
  );
}

/** What seats fill in over all things; a word that several things use stands once. */
function columnsOf(designs: readonly Design[]): Slot[] {
  return [...new Map(designs.flatMap(fillableSlots).map((slot) => [slot.slot, slot])).values()];
}

function Progress({ lettering }: { lettering: Lettering }) {
  const say = letterBenchWords();
  const { failure, busy, share, drawn, stop } = lettering;
  if (share !== null)
    return (
      <span className="flex items-center gap-3 text-soft text-sm">
        <ProgressBar value={share} max={1} className="w-28" label={say.lettering} />
        {Math.round(share * 100)} %
        <button type="button" className="verb" onClick={stop}>
          {say.stop}
        </button>
      </span>
    );
  return (
    <p role="status" className="text-soft text-sm">
      {failure ??
        (busy
          ? say.lettering2
          : drawn
            ? say.letteredInMs(drawn.seats.length, Math.max(1, Math.round(drawn.ms)))
            : "")}
    </p>
  );
}
