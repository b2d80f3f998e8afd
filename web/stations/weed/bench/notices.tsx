"use client";

import type { BenchPort } from "./use-bench.ts";

/**
 * What the hands should know of now: no network, what went otherwise than was pressed, and how to
 * take the last film back.
 */
export function Notices({
  port,
  last,
  onUndo,
  onHush,
}: {
  port: BenchPort;
  last: { label: string } | null;
  onUndo: () => void;
  onHush: () => void;
}) {
  if (port.closed)
    return (
      <p role="alert" className="border-brick border-l-4 bg-brick-tint px-4 py-2">
        This link is not in use any more. Ask your host for a new one
        {port.waiting > 0 ? `; ${port.waiting} of your marks could not be told` : ""}.
      </p>
    );
  return (
    <>
      {!port.connected && (
        <p role="status" className="border-ochre border-l-4 bg-ochre-tint px-4 py-2" data-offline>
          No network. Go on:{" "}
          {port.waiting === 0
            ? "nothing is waiting to be told"
            : `${port.waiting} ${port.waiting === 1 ? "mark is" : "marks are"} kept here and told as soon as it is back`}
          .
        </p>
      )}
      {port.said && (
        <p
          role="status"
          className="flex flex-wrap items-center gap-4 border-slate border-l-4 bg-slate-tint px-4 py-1"
        >
          {port.said}
          <button type="button" className="verb min-h-9" onClick={port.hush}>
            All right
          </button>
        </p>
      )}
      {last && (
        <p
          role="status"
          className="flex flex-wrap items-center gap-4 border-elm border-l-4 bg-elm-tint px-4 py-1"
        >
          <span className="[overflow-wrap:anywhere]">{last.label} is done.</span>
          <button type="button" className="verb min-h-9" onClick={onUndo}>
            Not done after all (U)
          </button>
          <button
            type="button"
            className="verb ml-auto min-h-9"
            aria-label="Hide this line"
            onClick={onHush}
          >
            ✕
          </button>
        </p>
      )}
    </>
  );
}
