"use client";

import { useState } from "react";
import type { Saying } from "./use-says.ts";

const STUCK_WITH = [
  "It will not come off its backing",
  "It lies crooked",
  "I am behind",
  "Something is missing",
] as const;

/** Done, or stuck and with what. Without a name the buttons say why they cannot be pressed. */
export function FollowActs({ step, seat, says }: { step: string; seat: string; says: Saying }) {
  const [asking, setAsking] = useState(false);
  const [what, setWhat] = useState("");
  const said = says.said[step];
  const stuck = (words: string) => {
    says.say("stuck", step, words.trim());
    setAsking(false);
    setWhat("");
  };
  return (
    <div className="sticky bottom-0 border-rule-strong border-t bg-paper">
      <p role="status" className="px-5 pt-2 text-elm-dark empty:hidden">
        {says.refused ||
          (said === "done"
            ? "Your host sees that you are done."
            : said === "stuck"
              ? "Your host sees that you are stuck."
              : said === "helped"
                ? "Good: it goes again."
                : !seat
                  ? "Choose your name above, and these buttons reach your host."
                  : "")}
      </p>
      {asking && (
        <form
          className="grid gap-2 px-5 py-3"
          aria-label="With what"
          onSubmit={(event) => {
            event.preventDefault();
            stuck(what);
          }}
        >
          <div className="flex flex-wrap gap-2">
            {STUCK_WITH.map((words) => (
              <button
                key={words}
                type="button"
                className="min-h-11 rounded-card border border-edge px-3"
                onClick={() => stuck(words)}
              >
                {words}
              </button>
            ))}
          </div>
          <label className="block text-soft">
            Or in your words
            <input
              className="mt-1 block min-h-11 w-full text-ink"
              value={what}
              maxLength={200}
              onChange={(event) => setWhat(event.target.value)}
            />
          </label>
          <div className="flex gap-3">
            <button
              type="submit"
              className="min-h-11 rounded-card bg-brick px-4 font-bold text-white"
            >
              Tell the host
            </button>
            <button type="button" className="verb min-h-11" onClick={() => setAsking(false)}>
              not now
            </button>
          </div>
        </form>
      )}
      <div className="mt-2 grid grid-cols-[1fr_1.5fr]">
        {said === "stuck" ? (
          <button
            type="button"
            disabled={!seat}
            onClick={() => says.say("helped", step)}
            className="min-h-20 font-bold text-xl disabled:text-soft"
          >
            It goes again
          </button>
        ) : (
          <button
            type="button"
            disabled={!seat}
            aria-expanded={asking}
            onClick={() => setAsking(!asking)}
            className="min-h-20 font-bold text-brick text-xl disabled:text-soft"
          >
            I'm stuck
          </button>
        )}
        <button
          type="button"
          disabled={!seat}
          aria-pressed={said === "done"}
          onClick={() => says.say("done", step)}
          className="min-h-20 bg-elm font-bold text-white text-xl disabled:bg-rule disabled:text-soft"
        >
          {said === "done" ? "✓ Done" : "Done"}
        </button>
      </div>
    </div>
  );
}
