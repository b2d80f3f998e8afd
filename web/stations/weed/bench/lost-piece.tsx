"use client";

import { useEffect, useRef } from "react";
import type { FilmPiece } from "@/bench/film.ts";
import { lostPieceWords } from "../words.ts";

const reasons = () => [
  lostPieceWords().lost,
  lostPieceWords().torn,
  lostPieceWords().foldedOnItself,
  lostPieceWords().notCutThrough,
];

interface LostProps {
  readonly pieces: readonly FilmPiece[];
  readonly picked: ReadonlySet<string>;
  readonly onPick: (piece: string) => void;
  readonly onTake: (reason: string) => void;
  readonly onLeave: () => void;
}

/** In the column beside the picture, which it asks to be touched; below it on narrow screens. */
export function LostPiece({ pieces, picked, onPick, onTake, onLeave }: LostProps) {
  const say = lostPieceWords();
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    panel.current?.focus({ preventScroll: true });
    panel.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return (
    <div
      ref={panel}
      role="dialog"
      aria-label={say.lostAPiece}
      tabIndex={-1}
      onKeyDown={(event) => event.key === "Escape" && onLeave()}
      className="border-brick border-t-2 bg-brick-tint p-4 outline-none"
    >
      <p className="font-bold">{say.whichPiecesFailed}</p>
      <p className="text-sm">{say.touchThemOnThePicture(picked.size, pieces.length)}</p>
      {pieces.length > 1 && (
        <div className="mt-2 flex max-h-40 flex-wrap gap-1.5 overflow-y-auto">
          {pieces.map(({ id }, i) => (
            <button
              key={id}
              type="button"
              aria-pressed={picked.has(id)}
              aria-label={say.piece(i)}
              onClick={() => onPick(id)}
              className={`min-h-11 min-w-11 rounded-card border-[1.5px] border-brick font-bold ${picked.has(id) ? "bg-brick text-white" : "bg-card text-brick"}`}
            >
              {i + 1}
            </button>
          ))}
        </div>
      )}
      <p className="mt-4 font-bold">{say.whatHappened}</p>
      <p className="text-sm">{say.itIsLaidAtOnce}</p>
      <div className="mt-2 grid gap-2">
        {reasons().map((reason) => (
          <button
            key={reason}
            type="button"
            className="min-h-11 rounded-card border-[1.5px] border-brick px-4 text-left font-bold text-brick hover:bg-card"
            onClick={() => onTake(reason)}
          >
            {reason}
          </button>
        ))}
        <button type="button" className="verb min-h-11" onClick={onLeave}>
          {say.nothingGo}
        </button>
      </div>
    </div>
  );
}
