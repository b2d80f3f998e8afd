"use client";

import { showMinutes } from "@elm-basket/core/units/time.ts";
import { TECHNIQUE_WORDS } from "@elm-basket/core/weeding/technique-words-en.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import { useState, useTransition } from "react";
import { DecalPictureView } from "@/stations/frame/decal-picture.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import type { StarterView } from "@/workers/starters-drawn.ts";
import { keepStarter } from "./actions.ts";
import { SEASON_WORDS } from "./season-words.ts";

const DIFFICULTY_WORDS = [
  "",
  "everybody manages it",
  "some patience",
  "for those who have done one",
] as const;

/** Where the figures are not there yet. */
export interface StarterRow extends Omit<StarterView, "figures"> {
  readonly figures: (Omit<StarterView["figures"], "uses"> & { readonly cost: string }) | null;
}

/**
 * Projects to start from, each as it will look; found by words, technique, season and difficulty.
 */
export function StarterList({ rows }: { rows: readonly StarterRow[] }) {
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
        <Field label="Find">
          {(props) => (
            <input
              {...props}
              type="search"
              className="min-h-11 w-full"
              value={words}
              onChange={(event) => setWords(event.target.value)}
              placeholder="mug, slate, leaf …"
            />
          )}
        </Field>
        <SelectField
          label="Made as"
          value={technique}
          words={[
            ["", "anything"] as const,
            ...TECHNIQUES.map((one) => [one, TECHNIQUE_WORDS[one].name] as const),
          ]}
          onChange={(value) => setTechnique(value as Technique | "")}
        />
        <SelectField
          label="Season"
          value={season}
          words={[
            ["", "any"] as const,
            ...Object.entries(SEASON_WORDS).filter(([key]) => key !== "any"),
          ]}
          onChange={setSeason}
        />
        <SelectField
          label="How hard"
          value={difficulty}
          words={[
            ["", "any"] as const,
            ...[1, 2, 3].map((n) => [String(n), DIFFICULTY_WORDS[n] ?? ""] as const),
          ]}
          onChange={setDifficulty}
        />
        <SelectField
          label="Budget"
          value={budget}
          words={[
            ["", "any"],
            ["small", "small: cheap blanks"],
            ["large", "larger: mugs, boards, mats"],
          ]}
          onChange={setBudget}
        />
      </div>
      <p className="mb-2 text-soft" aria-live="polite">
        {shown.length === 0
          ? "None is like that. Ask for less."
          : `${shown.length} of ${rows.length}`}
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
                row.figures.pictures.map((picture) => (
                  <DecalPictureView key={picture.title} picture={picture} />
                ))
              ) : (
                <p className="text-soft text-sm">being drawn …</p>
              )}
            </div>
            <h3 className="text-lg">{row.title}</h3>
            <p>{row.summary}</p>
            <p className="text-soft text-sm">
              {row.techniques.map((one) => TECHNIQUE_WORDS[one].name).join(", ")} ·{" "}
              {SEASON_WORDS[row.season]} · {DIFFICULTY_WORDS[row.difficulty]}
              {row.held === "craftAlong" ? " · by post and on camera" : ""}
            </p>
            {row.figures && (
              <p className="text-sm">
                Class {showMinutes(row.figures.classMinutes)} · weeding{" "}
                {row.figures.weedMinutes < 1
                  ? "under a minute"
                  : showMinutes(row.figures.weedMinutes)}{" "}
                a kit
                {row.figures.blankMinutes > 0
                  ? `, blanks ${showMinutes(row.figures.blankMinutes)} for four`
                  : ""}{" "}
                · {row.figures.lines} materials; {row.figures.cost}
              </p>
            )}
            <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
              <LinkButton href={`/classes/new?project=starter:${row.id}`}>
                Make a class of it
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
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  return (
    <>
      <button
        type="button"
        className="verb min-h-11"
        aria-label={`Keep ${title} among your projects`}
        disabled={busy}
        onClick={() => start(async () => setSaid(await keepStarter(id)))}
      >
        {busy ? "keeping …" : "keep it, for variants"}
      </button>
      {said && <span role="alert">{said}</span>}
    </>
  );
}
