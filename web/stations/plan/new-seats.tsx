"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { ThingDocument } from "@elm-basket/core/document/thing-document.ts";
import type { Design } from "@elm-basket/core/lettering/recipe.ts";
import type { Technique } from "@elm-basket/core/weeding/techniques.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useMemo } from "react";
import { useLettering } from "@/stations/frame/use-lettering.ts";
import { facePicture } from "@/ui/face-picture.ts";
import { SeatFace } from "@/ui/seat-face.tsx";
import { newSeatsWords } from "./words.ts";

/** What a seat of the class to be looks like: its first thing. */
export interface Look {
  readonly design: Design;
  readonly blank: Blank;
  readonly technique: Technique;
  readonly vinyls: readonly Vinyl[];
}

type Named = Pick<ThingDocument["seats"][number], "seat" | "fields">;

/** Drawn at once; all of them set the size. */
const MOST_DRAWN = 12;
/** More names than these are not lettered to be looked at. */
const MOST_LETTERED = 200;

/**
 * The seats as they will be, drawn while names are typed; before the first name one as an example.
 */
export function NewSeats({ look, seats }: { look: Look; seats: readonly Named[] }) {
  const say = newSeatsWords();
  const example = seats.length === 0;
  const shown = useMemo(
    () =>
      (example ? [exampleOf(look.design)] : seats.slice(0, MOST_LETTERED)).map(
        ({ seat, fields }) => ({ seat, fields, count: 1 }),
      ),
    [example, look.design, seats],
  );
  const parts = useMemo(() => ({ ...look, seats: shown, most: null }), [look, shown]);
  const { drawn, busy, failure } = useLettering(parts);
  const face = useMemo(() => facePicture(look.blank), [look.blank]);
  const bySeat = new Map(drawn?.seats.map((seat) => [seat.seat, seat]));
  if (!face) return <p className="text-soft">{say.theseMeasuresLeaveNoFace}</p>;
  const more = seats.length - MOST_DRAWN;
  return (
    <section aria-label={say.theSeatsAsTheyWill} aria-busy={busy}>
      <h3 className="mb-1 text-base">{say.whatASeatWillLook(example)}</h3>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-3">
        {shown.slice(0, MOST_DRAWN).map(({ seat, fields }) => {
          const name = fields.name ?? Object.values(fields)[0] ?? "";
          return (
            <li key={seat} className="min-w-0">
              <SeatFace
                face={face}
                vinyls={look.vinyls}
                drawn={bySeat.get(seat)}
                edge="var(--color-rule-strong)"
                name={name}
                maxHeight={150}
              />
              <span className="block truncate text-sm">
                {example ? <i className="text-soft">{say.anExample}</i> : `${seat} · ${name}`}
              </span>
            </li>
          );
        })}
      </ul>
      {more > 0 && <p className="mt-1 text-soft text-sm">{say.andMore(more)}</p>}
      {failure && <p className="text-soft text-sm">{failure}</p>}
    </section>
  );
}

/** Words to look at where nobody has been named: what each line is called. */
function exampleOf(design: Design): Named {
  const slots = design.items.flatMap((item) =>
    item.kind === "text" && item.slot !== undefined ? [item.slot] : [],
  );
  return {
    seat: "example",
    fields: Object.fromEntries(slots.map((slot) => [slot, newSeatsWords().marigold12(slot)])),
  };
}
