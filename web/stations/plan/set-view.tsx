"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import type { Effect } from "@/planning/effect.ts";
import { EffectTable } from "@/stations/frame/effect-table.tsx";
import { Button } from "@/ui/button.tsx";
import type { FacePicture } from "@/ui/face-picture.ts";
import { SeatFace, useOwnFaces } from "@/ui/seat-face.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { swapEffect, swapVinyls } from "./swap-actions.ts";
import { setViewWords } from "./words.ts";

interface SetSeat {
  readonly seat: string;
  /** Of the piece it brings. */
  readonly shape?: BlankShape;
  readonly label: string;
  readonly layers: readonly { readonly vinyl: string; readonly path: string }[];
}

/** One thing on its blank, for some of the seats that make it. */
export interface SetFaces {
  readonly thing: string;
  readonly title: string;
  readonly blank: Blank;
  /** Null where the blank leaves none. */
  readonly face: FacePicture | null;
  readonly seats: readonly SetSeat[];
}

interface Props {
  readonly classId: string;
  readonly faces: readonly SetFaces[];
  readonly vinyls: readonly Vinyl[];
  /** Of the class, of which the first are shown. */
  readonly count: number;
}

/**
 * All designs in their colours on their blanks, and what it would look like and take with two
 * vinyls exchanged.
 */
export function SetView({ classId, faces, vinyls, count }: Props) {
  const say = setViewWords();
  const router = useRouter();
  const all = faces.flatMap(({ seats }) => seats);
  const used = vinyls.filter(({ id }) =>
    all.some(({ layers }) => layers.some(({ vinyl }) => vinyl === id)),
  );
  const most = Math.max(0, ...faces.map(({ seats }) => seats.length));
  const [pair, setPair] = useState<readonly [string, string]>(["", ""]);
  const [effect, setEffect] = useState<Effect | null>(null);
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const [a, b] = pair;
  const swapping = a !== "" && b !== "" && a !== b;
  const shown = swapping
    ? vinyls.map((vinyl) =>
        vinyl.id === a
          ? colourOf(vinyl, vinyls, b)
          : vinyl.id === b
            ? colourOf(vinyl, vinyls, a)
            : vinyl,
      )
    : vinyls;
  const pick = (next: readonly [string, string]) => {
    setPair(next);
    setEffect(null);
    setSaid("");
    if (next[0] === "" || next[1] === "" || next[0] === next[1]) return;
    start(async () => {
      const answer = await swapEffect(classId, next[0], next[1]);
      setEffect(answer);
      if (!answer) setSaid(say.whatThatWouldTakeCould);
    });
  };
  const take = () =>
    start(async () => {
      const answer = await swapVinyls(classId, a, b);
      setSaid(say.exchangedUndoPutsItBack(answer));
      setPair(["", ""]);
      setEffect(null);
      router.refresh();
    });
  const films = [["", "choose"] as const, ...vinyls.map(({ id, name }) => [id, name] as const)];
  const nameOf = (id: string) => vinyls.find((vinyl) => vinyl.id === id)?.name ?? id;
  return (
    <section aria-label={say.theSet} aria-busy={busy}>
      <h2 className="mt-8 mb-2 text-lg">{say.theSetSideBySide}</h2>
      <p className="mb-3 text-soft text-sm">{say.lookAtAllDesigns}</p>
      {faces.map((own) => (
        <ThingFaces key={own.thing} own={own} several={faces.length > 1} vinyls={shown} />
      ))}
      {count > most && (
        <p className="mb-3 text-soft text-sm">{say.theFirstOfLetterShows(most, count)}</p>
      )}
      {used.length > 1 && (
        <div className="mt-4 border-rule border-t pt-3">
          <div className="flex flex-wrap items-end gap-3 text-sm">
            <SelectField
              label={say.whatIf}
              value={a}
              words={films}
              onChange={(id) => pick([id, b])}
            />
            <SelectField label={say.and} value={b} words={films} onChange={(id) => pick([a, id])} />
            <p className="min-h-11 py-2.5">{say.changedPlaces}</p>
          </div>
          {swapping && (
            <>
              <p role="status" className="mt-2">
                {busy && !effect
                  ? say.workingOutWhatThatTakes
                  : effect
                    ? say.drawnAboveAsItWould
                    : said}
              </p>
              {effect && <EffectTable effect={effect} otherwise="exchanged" nameOf={nameOf} />}
              <div className="mt-3 flex flex-wrap gap-3">
                <Button tone="main" disabled={busy} onClick={take}>
                  {say.exchangeThem}
                </Button>
                <Button disabled={busy} onClick={() => pick(["", ""])}>
                  {say.leaveThem}
                </Button>
              </div>
            </>
          )}
          {!swapping && said && <p role="status">{said}</p>}
        </div>
      )}
    </section>
  );
}

function colourOf(vinyl: Vinyl, vinyls: readonly Vinyl[], other: string): Vinyl {
  return { ...vinyl, colour: vinyls.find(({ id }) => id === other)?.colour ?? vinyl.colour };
}

function ThingFaces({
  own,
  several,
  vinyls,
}: {
  own: SetFaces;
  several: boolean;
  vinyls: readonly Vinyl[];
}) {
  const { face } = own;
  const brought = useOwnFaces(own.blank, own.seats);
  if (!face || own.seats.length === 0) return null;
  return (
    <>
      {several && <h3 className="mb-1 font-bold">{own.title}</h3>}
      <ul className="mb-4 grid grid-cols-[repeat(auto-fill,minmax(120px,1fr))] gap-3">
        {own.seats.map(({ seat, label, layers }) => (
          <li key={seat}>
            <SeatFace
              face={brought.get(seat) ?? face}
              vinyls={vinyls}
              drawn={{ layers }}
              edge="var(--color-rule-strong)"
              name={several ? `${own.title}, ${label}` : label}
              maxHeight={130}
            />
            <span className="block truncate text-soft text-sm">{label}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
