"use client";

import { useState } from "react";
import { useFollowWords } from "./use-follow-words.ts";
import type { Saying } from "./use-says.ts";

/** Under this name the phone remembers that it was said. */
const FELT = "felt";

/**
 * Afterwards, for whoever likes: how the pace was, and what was hardest. Only the host reads it.
 */
export function FollowFelt({ says }: { says: Saying }) {
  const { felt, tell, refused } = useFollowWords();
  const [pace, setPace] = useState("");
  const [hardest, setHardest] = useState("");
  if (says.said[FELT] === "felt")
    return (
      <p role="status" className="mt-6 text-elm-dark">
        {says.refused ? refused[says.refused] : felt.thanks}
      </p>
    );
  return (
    <form
      className="mt-6 border-rule border-t pt-4"
      aria-label={felt.label}
      onSubmit={(event) => {
        event.preventDefault();
        says.say(
          "felt",
          FELT,
          [pace && `The pace was ${pace}.`, hardest.trim()].filter(Boolean).join(" "),
        );
      }}
    >
      <p className="font-bold">{felt.question}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {Object.entries(felt.paces).map(([one, words]) => (
          <button
            key={one}
            type="button"
            aria-pressed={pace === one}
            className={`min-h-11 rounded-card border px-3 ${pace === one ? "border-elm bg-elm font-bold text-white" : "border-rule-strong"}`}
            onClick={() => setPace(pace === one ? "" : one)}
          >
            {words}
          </button>
        ))}
      </div>
      <label className="mt-3 block text-soft">
        {felt.hardest}
        <input
          className="mt-1 block min-h-11 w-full text-ink"
          value={hardest}
          maxLength={150}
          onChange={(event) => setHardest(event.target.value)}
        />
      </label>
      <button
        type="submit"
        disabled={!pace && !hardest.trim()}
        className="mt-3 min-h-11 rounded-card bg-elm px-4 font-bold text-white disabled:opacity-50"
      >
        {tell}
      </button>
    </form>
  );
}
