"use client";

import type { ReactNode } from "react";
import type { FilmView } from "@/bench/film.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { filmNotesWords } from "../words.ts";

interface Props {
  readonly view: FilmView;
  readonly insides: number;
  readonly ticked: ReadonlySet<number>;
  readonly onTick: (n: number) => void;
}

/** Counting is the check; then where to start, which way, how the lines are seen, what is sharp. */
export function FilmNotes({ view, insides, ticked, onTick }: Props) {
  const say = filmNotesWords();
  const { out, says, pieces } = view;
  return (
    <div>
      <h2 className="text-lg">{say.text(out, pieces.length)}</h2>
      <p className="mb-1 text-soft text-sm">
        {say.noInsidesOnlyTheField(insides, out, ticked.size)}
      </p>
      <div className="flex max-h-40 flex-wrap gap-1.5 overflow-y-auto">
        {Array.from({ length: insides }, (_, i) => i + 1).map((n) => (
          <button
            key={n}
            type="button"
            aria-pressed={ticked.has(n)}
            aria-label={say.insideIsThereInsidePicked(out, n)}
            onClick={() => onTick(n)}
            className={`min-h-11 min-w-11 rounded-card border-2 border-elm font-bold ${ticked.has(n) ? "bg-elm text-white" : "text-elm-dark"}`}
          >
            {n}
          </button>
        ))}
      </div>
      <ul className="mt-3 border-rule border-t">
        {says.peel.map((text, i) => (
          <Hint key={text} severity={i === 0 ? "tip" : text.startsWith("Hold") ? "check" : "tip"}>
            {text}
          </Hint>
        ))}
        <Hint severity={view.weed.technique === "plain" ? "tip" : "check"}>{says.technique}</Hint>
        <Hint severity="tip">{says.lines.join(" ")}</Hint>
        <Hint severity="tip">{says.where}</Hint>
        <Hint severity="check">{say.hooksAndBladesAreSharp}</Hint>
      </ul>
    </div>
  );
}

function Hint({ severity, children }: { severity: "check" | "tip"; children: ReactNode }) {
  return (
    <li className="flex list-none gap-3 border-rule border-b py-2">
      <span className="pt-1">
        <SeverityMark severity={severity} />
      </span>
      <span>{children}</span>
    </li>
  );
}
