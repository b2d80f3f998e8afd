"use client";

import { showMinutes } from "@elm-basket/core/units/time.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import { useState, useTransition } from "react";
import { LinkButton } from "@/ui/button.tsx";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { Field } from "@/ui/field.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import type { StarterView } from "@/workers/starters-drawn.ts";
import { keepStarter } from "./actions.ts";
import type { StarterLook } from "./starter-looks.ts";
import { seasonsWords, starterListWords } from "./words.ts";

const difficultyWords = () =>
  [
    "",
    starterListWords().everybodyManages,
    starterListWords().somePatience,
    starterListWords().forThoseWhoHaveDone,
  ] as const;

/** Where the figures are not there yet. */
export interface StarterRow extends Omit<StarterView, "figures"> {
  readonly figures:
    | (Omit<StarterView["figures"], "uses" | "pictures"> & {
        readonly cost: string;
        readonly looks: readonly StarterLook[];
      })
    | null;
}

/**
 * Projects to start from, each as it will look; found by words, technique, season and difficulty.
 */
export function StarterList({ rows }: { rows: readonly StarterRow[] }) {
  const say = starterListWords();
  const [words, setWords] = useState("");
  const [technique, setTechnique] = useState<Technique | "">("");
  const [season, setSeason] = useState("");
  const [difficulty, setDifficulty] = useState("");
  const [budget, setBudget] = useState("");
  const shown = rows.filter(
    (row) =>
      (words === "" ||
        `${row.title} ${row.summary} ${row.materials.join(" ")}`
          .toLowerCase()
          .includes(words.toLowerCase())) &&
      (technique === "" || row.techniques.includes(technique)) &&
      (season === "" || row.season === season || row.season === "any") &&
      (difficulty === "" || row.difficulty === Number(difficulty)) &&
      (budget === "" || row.budget === budget),
  );
  return (
    <>
      <div className="mb-5 grid gap-3 sm:grid-cols-3 lg:grid-cols-5">
        <Field label={say.find}>
          {(props) => (
            <input
              {...props}
              type="search"
              className="min-h-11 w-full"
              value={words}
              onChange={(event) => setWords(event.target.value)}
              placeholder={say.mugSlateLeaf}
            />
          )}
        </Field>
        <SelectField
          label={say.madeAs}
          value={technique}
          words={[
            ["", say.anything] as const,
            ...TECHNIQUES.map((one) => [one, techniqueWords().TECHNIQUE_WORDS[one].name] as const),
          ]}
          onChange={(value) => setTechnique(value as Technique | "")}
        />
        <SelectField
          label={say.season}
          value={season}
          words={[
            ["", say.any] as const,
            ...Object.entries(seasonsWords()).filter(([key]) => key !== "any"),
          ]}
          onChange={setSeason}
        />
        <SelectField
          label={say.howHard}
          value={difficulty}
          words={[
            ["", say.any] as const,
            ...[1, 2, 3].map((n) => [String(n), difficultyWords()[n] ?? ""] as const),
          ]}
          onChange={setDifficulty}
        />
        <SelectField
          label={say.budget}
          value={budget}
          words={[
            ["", say.any],
            ["small", say.smallCheapBlanks],
            ["large", say.largerMugsBoardsMats],
          ]}
          onChange={setBudget}
        />
      </div>
      <p className="mb-2 text-soft" aria-live="polite">
        {say.noneIsLikeThatAsk(shown.length, rows.length)}
      </p>
      <ul className="grid gap-x-10 gap-y-2 md:grid-cols-2 xl:grid-cols-3">
        {shown.map((row) => (
          <li
            key={row.id}
            className="grid content-start gap-2 border-rule border-t py-4"
            data-starter={row.id}
          >
            <div className="flex h-40 items-end gap-4">
              {row.figures ? (
                row.figures.looks.map(({ title, src, width, height }) => (
                  // biome-ignore lint/performance/noImgElement: drawn by the program, at any size
                  <img
                    key={src}
                    src={src}
                    alt={title}
                    width={width}
                    height={height}
                    loading="lazy"
                    className="h-full w-auto min-w-0 max-w-full object-contain object-bottom"
                  />
                ))
              ) : (
                <p className="text-soft text-sm">{say.beingDrawn}</p>
              )}
            </div>
            <h3 className="text-lg">{row.title}</h3>
            <p>{row.summary}</p>
            <p className="text-soft text-sm">
              {say.text(
                row.techniques.map((one) => techniqueWords().TECHNIQUE_WORDS[one].name).join(", "),
                seasonsWords()[row.season],
                difficultyWords()[row.difficulty],
                row.held,
              )}
            </p>
            {row.figures && (
              <p className="text-sm">
                {say.classSaid} {showMinutes(row.figures.classMinutes)} {say.weeding}{" "}
                {row.figures.weedMinutes < 1
                  ? say.underAMinute
                  : showMinutes(row.figures.weedMinutes)}{" "}
                {say.aKit}
                {row.figures.blankMinutes > 0
                  ? say.blanksForFour(showMinutes(row.figures.blankMinutes))
                  : ""}{" "}
                · {row.figures.lines} {say.materials} {row.figures.cost}
              </p>
            )}
            <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
              <LinkButton href={`/classes/new?project=starter:${row.id}`}>
                {say.makeAClass}
              </LinkButton>
              <KeepStarter id={row.id} title={row.title} />
            </div>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Among the studio's own it has variants, words and prices of its own. */
function KeepStarter({ id, title }: { id: string; title: string }) {
  const say = starterListWords();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <>
      <button
        type="button"
        className="verb min-h-11"
        aria-label={say.keepAmongYourProjects(title)}
        disabled={busy}
        onClick={() => start(async () => setSaid(await keepStarter(id)))}
      >
        {say.keepingKeepItForVariants(busy)}
      </button>
      {said && <span role="alert">{said}</span>}
    </>
  );
}
