"use client";

/** Smaller and larger, by one step a press. */
export function Stepper({ label, onStep }: { label: string; onStep: (by: 1 | -1) => void }) {
  const look = "min-h-9 min-w-9 border border-rule-strong bg-paper font-bold text-lg leading-none hover:border-elm";
  return (
    <span className="inline-flex">
      <button type="button" className={`${look} rounded-l-card`} aria-label={`${label}: smaller`} onClick={() => onStep(-1)}>
        −
      </button>
      <button type="button" className={`${look} rounded-r-card border-l-0`} aria-label={`${label}: larger`} onClick={() => onStep(1)}>
        +
      </button>
    </span>
  );
}

/** What is stepped, with its value now, and the two presses at the end of the row. */
export function StepRow({ words, label, onStep }: { words: string; label: string; onStep: (by: 1 | -1) => void }) {
  return (
    <span className="col-span-2 flex items-center justify-between gap-2 text-sm">
      {words}
      <Stepper label={label} onStep={onStep} />
    </span>
  );
}
