"use client";

import { showClock } from "@elm-basket/core/units/time.ts";
import type { ComponentProps } from "react";
import { benchActsWords } from "../words.ts";

interface Props {
  readonly film: string;
  readonly seconds: number;
  /** It is done, or in other hands: nothing is to be timed here. */
  readonly rests: boolean;
  readonly running: boolean;
  readonly begun: boolean;
  /** What the main act does now. */
  readonly word: string;
  readonly onMain: () => void;
  readonly onPause: () => void;
  readonly onLost: (() => void) | null;
  readonly onFlawed: () => void;
}

/** One row of large acts with their keys; the main one is filled, at the right. */
export function BenchActs({
  film,
  seconds,
  rests,
  running,
  begun,
  word,
  onMain,
  onPause,
  onLost,
  onFlawed,
}: Props) {
  const say = benchActsWords();
  return (
    <div className="grid grid-cols-[1fr_1fr_1fr_1.3fr] border-rule-strong border-t bg-card sm:grid-cols-[236px_1fr_1fr_1fr_300px]">
      <p
        className="hidden items-center justify-center font-bold font-head text-3xl sm:flex"
        data-timer
      >
        {showClock(seconds)}
      </p>
      <Act keyName="P" onClick={onPause} disabled={rests}>
        {say.pauseGoOnStart(running, begun)}
      </Act>
      <Act keyName="L" tone="text-brick" onClick={onLost ?? undefined} disabled={onLost === null}>
        {say.lostAPiece}
      </Act>
      <Act keyName="F" tone="text-ochre" onClick={onFlawed} disabled={!begun}>
        {say.doneSmallFlaw}
      </Act>
      {/* The second press of a double click would begin the next film. */}
      <button
        type="button"
        onClick={(event) => event.detail < 2 && onMain()}
        className="flex min-h-[76px] items-center justify-center gap-3 bg-elm px-2 font-bold text-lg text-white hover:bg-elm-dark sm:text-xl"
        data-main={film}
      >
        {word}
        <kbd className="hidden rounded-card border border-white/50 px-2 font-text text-sm sm:inline">
          {say.space}
        </kbd>
      </button>
    </div>
  );
}

function Act({
  keyName,
  tone = "text-ink",
  className = "flex",
  ...rest
}: { keyName: string; tone?: string } & ComponentProps<"button">) {
  return (
    <button
      type="button"
      {...rest}
      className={`${className} min-h-[76px] items-center leading-tight justify-center gap-2.5 border-rule border-l px-1 font-bold hover:bg-paper disabled:text-soft ${tone}`}
    >
      {rest.children}
      <kbd className="hidden rounded-card border border-current px-1.5 font-text text-xs sm:inline">
        {keyName}
      </kbd>
    </button>
  );
}
