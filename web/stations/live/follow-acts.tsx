"use client";

import { useState } from "react";
import { useFollowWords } from "./use-follow-words.ts";
import type { Saying } from "./use-says.ts";

/** Done, or stuck and with what. Without a name the buttons say why they cannot be pressed. */
export function FollowActs({ step, seat, says }: { step: string; seat: string; says: Saying }) {
  const { acts, tell, refused } = useFollowWords();
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
        {says.refused
          ? refused[says.refused]
          : said === "done" || said === "stuck" || said === "helped"
            ? acts[said]
            : !seat
              ? acts.nameFirst
              : ""}
      </p>
      {asking && (
        <form
          className="grid gap-2 px-5 py-3"
          aria-label={acts.withWhat}
          onSubmit={(event) => {
            event.preventDefault();
            stuck(what);
          }}
        >
          <div className="flex flex-wrap gap-2">
            {Object.entries(acts.stuckWith).map(([told, words]) => (
              <button
                key={told}
                type="button"
                className="min-h-11 rounded-card border border-edge px-3"
                onClick={() => stuck(told)}
              >
                {words}
              </button>
            ))}
          </div>
          <label className="block text-soft">
            {acts.yourWords}
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
              {tell}
            </button>
            <button type="button" className="verb min-h-11" onClick={() => setAsking(false)}>
              {acts.notNow}
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
            {acts.goesAgain}
          </button>
        ) : (
          <button
            type="button"
            disabled={!seat}
            aria-expanded={asking}
            onClick={() => setAsking(!asking)}
            className="min-h-20 font-bold text-brick text-xl disabled:text-soft"
          >
            {acts.amStuck}
          </button>
        )}
        <button
          type="button"
          disabled={!seat}
          aria-pressed={said === "done"}
          onClick={() => says.say("done", step)}
          className="min-h-20 bg-elm font-bold text-white text-xl disabled:bg-rule disabled:text-soft"
        >
          {acts.isDone(said === "done")}
        </button>
      </div>
    </div>
  );
}
