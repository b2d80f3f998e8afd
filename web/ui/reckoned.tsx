"use client";

import { type ReactNode, useState } from "react";
import { DialogClose, DialogShell, DialogTitle } from "./dialog-shell.tsx";

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

/** A computed figure that opens to the sum behind it. */
export function Reckoned({
  children,
  reckoning,
  className = "",
}: {
  children: ReactNode;
  reckoning: Reckoning;
  className?: string;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className={`reckoned ${className}`}
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${textOf(children)}: show the sum`}
        onClick={() => setOpen(true)}
      >
        {children}
      </button>
      {open && (
        <DialogShell
          open
          onOpenChange={setOpen}
          veil="bg-ink/20"
          className="inset-y-0 right-0 w-full max-w-md overflow-y-auto border-rule-strong border-l bg-paper p-8 text-ink"
        >
          <p className="text-soft text-sm">How this figure comes about</p>
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
              <span className="text-soft">School: </span>
              {reckoning.school}
            </p>
          )}
          {reckoning.rounding && (
            <p className="mt-3">
              <span className="text-soft">Rounding: </span>
              {reckoning.rounding}
            </p>
          )}
          {reckoning.rests && (
            <p className="mt-3">
              <span className="text-soft">Rests on: </span>
              {reckoning.rests}
            </p>
          )}
          <DialogClose className="verb mt-8">Close</DialogClose>
        </DialogShell>
      )}
    </>
  );
}

function textOf(node: ReactNode): string {
  if (typeof node === "string" || typeof node === "number") return String(node);
  return Array.isArray(node) ? node.map(textOf).join("") : "Figure";
}

/** A figure with its name, as the columns at the right of a station show them. */
export function FigureRow({
  name,
  children,
  reckoning,
}: {
  name: string;
  children: ReactNode;
  reckoning?: Reckoning;
}) {
  return (
    <div className="flex items-baseline justify-between gap-4 border-rule border-b py-2.5">
      <span>{name}</span>
      <span className="shrink-0 text-right font-bold font-head text-lg">
        {reckoning ? <Reckoned reckoning={reckoning}>{children}</Reckoned> : children}
      </span>
    </div>
  );
}
