"use client";

import type { PartEditor, SaveError } from "./use-part.ts";
import { saveNoteWords } from "./words.ts";

const words = () =>
  ({
    saved: saveNoteWords().saved,
    saving: saveNoteWords().saving,
    unsaved: saveNoteWords().notSavedYet,
    offline: saveNoteWords().noConnectionKeptHereSaving,
  }) as const;

const SHOWN = 4;

function shown(value: unknown): string {
  if (value === undefined || value === "") return saveNoteWords().nothing;
  const text = typeof value === "string" ? `“${value}”` : JSON.stringify(value);
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}

const sayError = ({ path, message }: SaveError): string =>
  path === "" ? message : `${path}: ${message}`;

export function SaveNote<T>({ editor }: { editor: PartEditor<T> }) {
  const say = saveNoteWords();
  return (
    <div className="text-sm">
      <p
        role="status"
        className={editor.state === "offline" ? "text-brick" : "text-soft"}
        data-save-state={editor.state}
      >
        {words()[editor.state]}
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
          <p className="mb-2">{say.anotherWindowChangedTheSame}</p>
          <ul className="mb-2">
            {editor.stale.collisions.slice(0, SHOWN).map(({ path, mine, theirs }) => (
              <li key={path} className="[overflow-wrap:anywhere]">
                <b>{path}</b>
                {say.hereThere(shown(mine), shown(theirs))}
              </li>
            ))}
          </ul>
          <button type="button" className="verb mr-4" onClick={editor.keepMine}>
            {say.keepMine}
          </button>
          <button type="button" className="verb" onClick={editor.takeTheirs}>
            {say.takeTheirs}
          </button>
        </div>
      )}
    </div>
  );
}
