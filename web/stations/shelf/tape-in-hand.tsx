"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useState } from "react";
import type { TapePiece } from "@/data/taping.ts";
import { Button } from "@/ui/button.tsx";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { showSize } from "@/ui/figures.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { useAct } from "@/ui/use-act.ts";
import { countTapeUse, keepTapePiece, throwTapeAway } from "./tape-actions.ts";
import { tapeInHandWords } from "./words.ts";

const tackSaid = () =>
  ({
    low: tapeInHandWords().lowTack,
    medium: tapeInHandWords().medium,
    strong: tapeInHandWords().strong,
  }) as const;
/** Three to five times is usual; dust and fibres end it sooner, paper tape serves once. */
const USUAL_USES = 4;

/**
 * Pieces of transfer tape that were used and kept: how often each has been laid, and when it is
 * worn.
 */
export function TapeInHand({ pieces, unit }: { pieces: readonly TapePiece[]; unit: LengthUnit }) {
  const say = tapeInHandWords();
  const { busy, said, act } = useAct();
  const [tack, setTack] = useState<TapePiece["tack"]>("medium");
  const [width, setWidth] = useState(150);
  const [height, setHeight] = useState(100);
  const [most, setMost] = useState(USUAL_USES);
  return (
    <section className="mt-8 max-w-3xl" aria-label={say.tapeInHand} aria-busy={busy}>
      <h2 className="mb-1 text-xl">{say.tapeInHand}</h2>
      <p className="mb-2 text-soft">{say.backOnItsLinerAfter}</p>
      {pieces.length > 0 && (
        <ul>
          {pieces.map((piece) => {
            const worn = piece.uses >= piece.most;
            return (
              <li
                key={piece.id}
                className="grid grid-cols-[56px_1fr_auto] items-center gap-3 border-rule border-b py-1"
              >
                <b>{piece.label}</b>
                <span className={worn ? "text-ochre" : ""}>
                  {say.laidOfTimes(
                    showSize(piece, unit),
                    tackSaid()[piece.tack],
                    piece.uses,
                    piece.most,
                    worn,
                  )}
                </span>
                <span className="flex flex-wrap justify-end gap-x-4">
                  <button
                    type="button"
                    className="verb min-h-11"
                    disabled={busy}
                    aria-label={say.laidOnce(piece.label)}
                    onClick={() => act(() => countTapeUse(piece.id, 1))}
                  >
                    {say.laidOnce2}
                  </button>
                  {piece.uses > 0 && (
                    <button
                      type="button"
                      className="verb min-h-11"
                      disabled={busy}
                      aria-label={say.laidOnceLess(piece.label)}
                      onClick={() => act(() => countTapeUse(piece.id, -1))}
                    >
                      {say.onceLess}
                    </button>
                  )}
                  <button
                    type="button"
                    className="verb min-h-11"
                    disabled={busy}
                    aria-label={say.throwAway(piece.label)}
                    onClick={() => act(() => throwTapeAway(piece.id))}
                  >
                    {say.thrownAway}
                  </button>
                </span>
              </li>
            );
          })}
        </ul>
      )}
      <div className="mt-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-5">
        <SelectField<TapePiece["tack"]>
          label={say.tack}
          value={tack}
          words={tackSaid()}
          onChange={setTack}
        />
        <LengthField
          label={say.widthOfThePiece}
          mm={width}
          unit={unit}
          least={5}
          most={10_000}
          onChange={setWidth}
        />
        <LengthField
          label={say.heightOfThePiece}
          mm={height}
          unit={unit}
          least={5}
          most={10_000}
          onChange={setHeight}
        />
        <NumberField
          label={say.timesItCanBeUsed}
          value={most}
          least={1}
          most={100}
          onChange={setMost}
        />
        <Button
          disabled={busy}
          onClick={() => act(() => keepTapePiece({ tack, width, height, most }))}
        >
          {say.keepAPiece}
        </Button>
      </div>
      {said && (
        <p role="alert" className="mt-2 text-brick">
          {said}
        </p>
      )}
    </section>
  );
}
