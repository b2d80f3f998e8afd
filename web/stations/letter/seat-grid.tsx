"use client";

import type { Severity } from "@elm-basket/core/advice/finding.ts";
import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { memo, useState } from "react";
import { Button } from "@/ui/button.tsx";
import type { DrawnSeat, LetterAnswer } from "@/workers/letter-protocol.ts";

const SHOWN_AT_ONCE = 60;
const EDGE: Record<Severity, string> = { stop: "var(--color-brick)", check: "var(--color-ochre)", tip: "var(--color-rule-strong)" };

interface Props {
  readonly blank: Blank;
  readonly vinyls: readonly Vinyl[];
  readonly seats: ClassDocument["seats"];
  readonly drawn: Extract<LetterAnswer, { kind: "drawn" }> | null;
  readonly labels: Readonly<Record<string, string>>;
  readonly troubled: readonly { readonly seat: string; readonly severity: Severity }[];
}

/** All seats at once, each on its face in true proportion and in the vinyl's colour. */
export function SeatGrid({ blank, vinyls, seats, drawn, labels, troubled }: Props) {
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  const bySeat = new Map(drawn?.seats.map((seat) => [seat.seat, seat]));
  if (seats.length === 0) return <p className="py-10 text-lg">No names yet. Press “Paste names”, or type them under “Names”.</p>;
  return (
    <>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-3.5 gap-y-3">
        {seats.slice(0, shown).map(({ seat, fields }) => {
          const own = bySeat.get(seat);
          const trouble = troubled.find((entry) => entry.seat === seat)?.severity;
          const name = labels[seat] ?? fields.name ?? Object.values(fields)[0] ?? "";
          return (
            <li key={seat} data-seat={seat}>
              <SeatFace blank={blank} vinyls={vinyls} drawn={own} edge={trouble ? EDGE[trouble] : "var(--color-rule-strong)"} name={name} />
              <p className="mt-1 flex justify-between gap-2 text-sm">
                <span className="truncate">
                  {seat} · {name || <i className="text-soft">empty</i>}
                </span>
                <span className="shrink-0 text-soft" title="thinnest stroke">
                  {own ? (own.missing ? "?" : `${own.thinnest.toFixed(1)} mm`) : "–"}
                </span>
              </p>
            </li>
          );
        })}
      </ul>
      {seats.length > shown && (
        <Button className="mt-4" onClick={() => setShown((n) => n + 120)}>
          Show more ({seats.length - shown})
        </Button>
      )}
    </>
  );
}

export const SeatFace = memo(function SeatFace({ blank, vinyls, drawn, edge, name }: { blank: Blank; vinyls: readonly Vinyl[]; drawn: DrawnSeat | undefined; edge: string; name: string }) {
  const { width, height, marginMm } = readFace(blank);
  const line = width / 200;
  const round = blank.shape.kind === "round";
  const inner = { w: Math.max(0, width - 2 * marginMm), h: Math.max(0, height - 2 * marginMm) };
  const dash = { fill: "none", stroke: "var(--color-faint)", strokeWidth: line * 0.7, strokeDasharray: `${line * 3} ${line * 3}`, opacity: 0.7 };
  return (
    <svg
      viewBox={`${-width / 2 - line} ${-height / 2 - line} ${width + 2 * line} ${height + 2 * line}`}
      className="w-full"
      style={{ maxHeight: 220 }}
      role="img"
      aria-label={`${name}: the face with its lettering`}
    >
      {round ? (
        <circle r={width / 2} fill={blank.colour} stroke={edge} strokeWidth={line * 2} />
      ) : (
        <rect x={-width / 2} y={-height / 2} width={width} height={height} rx={line * 2} fill={blank.colour} stroke={edge} strokeWidth={line * 2} />
      )}
      {round ? <circle r={inner.w / 2} {...dash} /> : <rect x={-inner.w / 2} y={-inner.h / 2} width={inner.w} height={inner.h} {...dash} />}
      {drawn?.layers.map((layer) => (
        <path key={layer.vinyl} d={layer.path} fill={vinyls.find(({ id }) => id === layer.vinyl)?.colour ?? "var(--color-ink)"} fillRule="evenodd" />
      ))}
    </svg>
  );
});
