"use client";

import { useState } from "react";
import { lackFormWords } from "../words.ts";

const lackReasons = () => [
  lackFormWords().noneLeft,
  lackFormWords().broken,
  lackFormWords().wrongOne,
  lackFormWords().followsLater,
];

/** Why it lacks, by one touch or in words. */
export function LackForm({
  onNote,
  onLeave,
}: {
  onNote: (note: string) => void;
  onLeave: () => void;
}) {
  const say = lackFormWords();
  const [note, setNote] = useState("");
  return (
    <form
      className="mt-2 flex flex-wrap items-center gap-2 bg-ochre-tint p-2"
      onSubmit={(event) => {
        event.preventDefault();
        onNote(note);
      }}
    >
      {lackReasons().map((reason) => (
        <button
          key={reason}
          type="button"
          className="min-h-11 rounded-card border-[1.5px] border-ochre px-3 font-bold text-ochre hover:bg-card"
          onClick={() => onNote(reason)}
        >
          {reason}
        </button>
      ))}
      <input
        aria-label={say.whatIsTheMatter}
        placeholder={say.orInYourWords}
        className="min-h-11 flex-1"
        value={note}
        maxLength={120}
        onChange={(event) => setNote(event.target.value)}
      />
      <button type="submit" className="verb min-h-11">
        {say.noteIt}
      </button>
      <button type="button" className="verb min-h-11" onClick={onLeave}>
        {say.leaveIt}
      </button>
    </form>
  );
}
