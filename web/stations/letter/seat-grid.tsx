"use client";

import type { ThingDocument } from "@elm-basket/core/document/thing-document.ts";
import type { Severity } from "@elm-basket/core/findings/finding.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import type { StoredLayer } from "@/stations/frame/stored-faces.ts";
import type { Drawn } from "@/stations/frame/use-lettering.ts";
import { Button } from "@/ui/button.tsx";
import type { FacePicture } from "@/ui/face-picture.ts";
import { decimal } from "@/ui/figures.ts";
import { SeatFace } from "@/ui/seat-face.tsx";
import { useRoving } from "@/ui/use-roving.ts";
import type { MeasuredSeat } from "@/workers/letter-protocol.ts";
import { seatGridWords } from "./words.ts";

const SHOWN_AT_ONCE = 60;
const EDGE: Record<Severity, string> = {
  stop: "var(--color-brick)",
  check: "var(--color-ochre)",
  tip: "var(--color-rule-strong)",
};

interface Props {
  readonly face: FacePicture | null;
  /** Of pieces that seats bring. */
  readonly ownFaces: ReadonlyMap<string, FacePicture>;
  readonly vinyls: readonly Vinyl[];
  readonly seats: ThingDocument["seats"];
  readonly drawn: Drawn | null;
  readonly stored: Readonly<Record<string, readonly StoredLayer[]>>;
  readonly measured: ReadonlyMap<string, MeasuredSeat>;
  readonly labels: Readonly<Record<string, string>>;
  readonly troubled: readonly { readonly seat: string; readonly severity: Severity }[];
  readonly onOpen: (seat: string) => void;
}

/**
 * All seats at once, each on its face in true proportion and in the vinyl's colour. A press opens
 * one.
 */
export function SeatGrid({
  face,
  ownFaces,
  vinyls,
  seats,
  drawn,
  stored,
  measured,
  labels,
  troubled,
  onOpen,
}: Props) {
  const say = seatGridWords();
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  const rove = useRoving<HTMLUListElement>(Math.min(shown, seats.length));
  const bySeat = new Map(drawn?.seats.map((seat) => [seat.seat, seat]));
  if (seats.length === 0) return <p className="py-10 text-lg">{say.noNamesYetPressPaste}</p>;
  if (!face) return <p className="py-10 text-lg">{say.theBlankLeavesNoFace}</p>;
  return (
    <>
      <ul
        ref={rove.list}
        onKeyDown={rove.onKeyDown}
        className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-3.5 gap-y-3"
      >
        {seats.slice(0, shown).map(({ seat, fields, own, shape }, place) => {
          const trouble = troubled.find((entry) => entry.seat === seat)?.severity;
          const name = labels[seat] ?? fields.name ?? Object.values(fields)[0] ?? "";
          const thinnest = measured.get(seat)?.thinnest;
          const picture = bySeat.get(seat);
          return (
            <li key={seat} data-seat={seat}>
              <button
                type="button"
                {...rove.stop(place)}
                className="block w-full text-left"
                aria-label={say.seatLookCloser(seat, name)}
                onClick={() => onOpen(seat)}
              >
                <SeatFace
                  face={ownFaces.get(seat) ?? face}
                  vinyls={vinyls}
                  drawn={picture ?? (stored[seat] ? { layers: stored[seat] } : undefined)}
                  edge={trouble ? EDGE[trouble] : "var(--color-rule-strong)"}
                  name={name}
                />
                <span className="mt-1 flex justify-between gap-2 text-sm">
                  <span className="truncate">
                    {seat} · {name || <i className="text-soft">{say.empty}</i>}
                    {shape && <i className="text-soft"> {say.ownPiece}</i>}
                    {own && Object.keys(own).length > 0 && (
                      <b title={say.hasSomethingOfItsOwn}> *</b>
                    )}
                  </span>
                  <span className="shrink-0 text-soft" title={say.thinnestStroke}>
                    {!picture
                      ? drawn
                        ? "–"
                        : say.measuring
                      : picture.missing
                        ? "?"
                        : thinnest === undefined
                          ? say.measuring
                          : say.mm(decimal(thinnest, 1))}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {seats.length > shown && (
        <Button className="mt-4" onClick={() => setShown((n) => n + 120)}>
          {say.showMore(seats.length, shown)}
        </Button>
      )}
    </>
  );
}
