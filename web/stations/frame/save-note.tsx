"use client";

import type { PartEditor, SaveError } from "./use-part.ts";

const WORDS = {
  saved: "Saved",
  saving: "Saving …",
  unsaved: "Not saved yet",
  offline: "No connection: kept here, saving again soon",
} as const;

const SHOWN = 4;

function shown(value: unknown): string {
  if (value === undefined || value === "") return "nothing";
  const text = typeof value === "string" ? `“${value}”` : JSON.stringify(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}

const sayError = ({ path, message }: SaveError): string =>
  path === "" ? message : `${path}: ${message}`;

export function SaveNote<T>({ editor }: { editor: PartEditor<T> }) {
  return (
    <div className="text-sm">
      <p
        role="status"
        className={editor.state === "offline" ? "text-brick" : "text-soft"}
        data-save-state={editor.state}
      >
        {WORDS[editor.state]}
      </p>
      {editor.error && (
        <p role="alert" className="text-brick">
          {sayError(editor.error)}
        </p>
      )}
      {editor.stale !== undefined && (
        <div
          role="alert"
          className="mt-2 border-brick border-l-4 bg-brick-tint p-3 text-base"
          data-stale
        >
          <p className="mb-2">
            Another window changed the same first. Yours is still here, not saved.
          </p>
          <ul className="mb-2">
            {editor.stale.collisions.slice(0, SHOWN).map(({ path, mine, theirs }) => (
              <li key={path} className="[overflow-wrap:anywhere]">
                <b>{path}</b>: here {shown(mine)}, there {shown(theirs)}
              </li>
            ))}
          </ul>
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
