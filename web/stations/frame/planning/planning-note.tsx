"use client";

import { useParams } from "next/navigation";
import { planningNoteWords } from "../words.ts";
import { planningWords } from "./planning-words.ts";
import { usePlanning } from "./use-planning.ts";

/**
 * What goes on while a station is fetched and its class is planned. What is there at once shows
 * nothing in between.
 */
export function PlanningNote() {
  const say = planningNoteWords();
  const { id } = useParams<{ id: string }>();
  const progress = usePlanning(id);
  return (
    <div role="status" className="appears-late border-elm border-l-4 bg-paper px-4 py-3">
      <p className="font-bold text-lg">{planningWords(progress)}</p>
      <p className="text-soft">{progress ? say.afterAChangeAClass : say.oneMoment}</p>
      <div className="mt-3 h-1.5 max-w-md bg-rule" aria-hidden>
        <div
          className="h-full bg-elm"
          style={{ width: `${Math.round((progress?.share ?? 0.08) * 100)}%` }}
        />
      </div>
    </div>
  );
}
