"use client";

import { DialogClose, DialogShell, DialogTitle } from "./dialog-shell.tsx";
import { reckonedSheetWords } from "./words.ts";

export interface Reckoning {
  readonly title: string;
  /** Inputs and steps of the sum, in order. */
  readonly lines: readonly { readonly what: string; readonly value: string }[];
  /** The rule in a sentence, as one would say it to a beginner. */
  readonly rule: string;
  readonly school?: string;
  readonly rounding?: string;
  /** What its minutes were learned from, or that they are first guesses. */
  readonly rests?: string;
}

/** The sum behind a figure, beside the page. */
export function ReckonedSheet({
  reckoning,
  onClose,
}: {
  reckoning: Reckoning;
  onClose: () => void;
}) {
  const say = reckonedSheetWords();
  return (
    <DialogShell
      open
      onOpenChange={(open) => !open && onClose()}
      veil="bg-ink/20"
      className="inset-y-0 right-0 w-full max-w-md overflow-y-auto border-rule-strong border-l bg-paper p-8 text-ink"
    >
      <p className="text-soft text-sm">{say.howThisFigureComesAbout}</p>
      <DialogTitle className="mb-4 text-2xl">{reckoning.title}</DialogTitle>
      <dl className="border-rule border-t">
        {reckoning.lines.map((line) => (
          <div key={line.what} className="flex justify-between gap-6 border-rule border-b py-2">
            <dt>{line.what}</dt>
            <dd className="text-right font-bold">{line.value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4">{reckoning.rule}</p>
      {reckoning.school && (
        <p className="mt-3">
          <span className="text-soft">{say.school} </span>
          {reckoning.school}
        </p>
      )}
      {reckoning.rounding && (
        <p className="mt-3">
          <span className="text-soft">{say.rounding} </span>
          {reckoning.rounding}
        </p>
      )}
      {reckoning.rests && (
        <p className="mt-3">
          <span className="text-soft">{say.restsOn} </span>
          {reckoning.rests}
        </p>
      )}
      <DialogClose className="verb mt-8">{say.close}</DialogClose>
    </DialogShell>
  );
}
