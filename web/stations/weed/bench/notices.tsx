"use client";

import { noticesWords } from "../words.ts";
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
  const say = noticesWords();
  if (port.closed)
    return (
      <p role="alert" className="border-brick border-l-4 bg-brick-tint px-4 py-2">
        {say.thisLink(port.waiting)}
      </p>
    );
  return (
    <>
      {!port.connected && (
        <p role="status" className="border-ochre border-l-4 bg-ochre-tint px-4 py-2" data-offline>
          {say.noNetworkGoOnKept(port.waiting)}
        </p>
      )}
      {port.said && (
        <p
          role="status"
          className="flex flex-wrap items-center gap-4 border-slate border-l-4 bg-slate-tint px-4 py-1"
        >
          {port.said}
          <button type="button" className="verb min-h-9" onClick={port.hush}>
            {say.allRight}
          </button>
        </p>
      )}
      {last && (
        <p
          role="status"
          className="flex flex-wrap items-center gap-4 border-elm border-l-4 bg-elm-tint px-4 py-1"
        >
          <span className="[overflow-wrap:anywhere]">{say.isDone(last.label)}</span>
          <button type="button" className="verb min-h-9" onClick={onUndo}>
            {say.notDoneAfterAllU}
          </button>
          <button
            type="button"
            className="verb ml-auto min-h-9"
            aria-label={say.hideThisLine}
            onClick={onHush}
          >
            ✕
          </button>
        </p>
      )}
    </>
  );
}
