"use client";

import type { PartEditor } from "./use-part.ts";

const WORDS = { saved: "Saved", saving: "Saving …", unsaved: "Not saved yet", offline: "No connection: kept here, saving again soon" } as const;

export function SaveNote<T>({ editor }: { editor: PartEditor<T> }) {
  return (
    <div className="text-sm">
      <p role="status" className={editor.state === "offline" ? "text-brick" : "text-soft"} data-save-state={editor.state}>
        {WORDS[editor.state]}
      </p>
      {editor.error && (
        <p role="alert" className="text-brick">
          {editor.error}
        </p>
      )}
      {editor.stale !== undefined && (
        <div role="alert" className="mt-2 border-brick border-l-4 bg-brick-tint p-3 text-base" data-stale>
          <p className="mb-2">Another window changed this first. Yours is still here, not saved.</p>
          <button type="button" className="verb mr-4" onClick={editor.keepMine}>
            Keep mine
          </button>
          <button type="button" className="verb" onClick={editor.takeTheirs}>
            Take theirs
          </button>
        </div>
      )}
    </div>
  );
}
