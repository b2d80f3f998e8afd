import type { Severity } from "@elm-basket/core/findings/finding.ts";
import type { CSSProperties } from "react";
import { marksWords } from "./words.ts";

/**
 * Each gravity has its own shape, so that it reads without colour; the word is for screen readers.
 */
export function SeverityMark({ severity, size = 16 }: { severity: Severity; size?: number }) {
  const say = marksWords();
  const word = { stop: say.stop, check: say.check, tip: say.tip }[severity];
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      role="img"
      aria-label={word}
      className="shrink-0"
    >
      {severity === "stop" && <path d="M8 0.5L15.5 8L8 15.5L0.5 8Z" fill="var(--color-brick)" />}
      {severity === "check" && <path d="M8 1L15.5 15H0.5Z" fill="var(--color-ochre)" />}
      {severity === "tip" && <circle cx="8" cy="8" r="7" fill="var(--color-slate)" />}
    </svg>
  );
}

export type KnotState = "full" | "half" | "empty" | "stop" | "waits";

export function Knot({ state }: { state: KnotState }) {
  const say = marksWords();
  const word = {
    full: "ready",
    half: "begun",
    empty: say.notBegun,
    stop: say.somethingStops,
    waits: say.beingPlanned,
  }[state];
  return (
    <svg
      width="18"
      height="18"
      viewBox="0 0 18 18"
      role="img"
      aria-label={word}
      className="shrink-0"
    >
      {state === "stop" ? (
        <path d="M9 0.5L17.5 9L9 17.5L0.5 9Z" fill="var(--color-brick)" />
      ) : (
        <>
          <circle
            cx="9"
            cy="9"
            r="7"
            fill={state === "full" ? "var(--color-elm)" : "var(--color-card)"}
            stroke={
              state === "empty" || state === "waits" ? "var(--color-edge)" : "var(--color-elm)"
            }
            strokeWidth="1.8"
          />
          {state === "half" && <path d="M9 2A7 7 0 0 0 9 16Z" fill="var(--color-elm)" />}
        </>
      )}
    </svg>
  );
}

/**
 * A film's colour with its name: a square of film with a corner lifted, rimmed, so that white films
 * show on card.
 */
export function FilmDot({ colour, size = 14 }: { colour: string; size?: number }) {
  return (
    <span
      aria-hidden
      className="film-dot"
      style={
        { "--film": colour, ...(size === 14 ? {} : { "--dot": `${size}px` }) } as CSSProperties
      }
    />
  );
}
