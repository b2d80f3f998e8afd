"use client";

import { BLADE_WORN_MM } from "@elm-basket/core/cutting/preflight.ts";
import { bladeAdvice, sayBlade } from "@elm-basket/core/cutting/wear.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { useState } from "react";
import type { BladeFilm, LoadOutcome, MatRow } from "@/data/wear.ts";
import { Button } from "@/ui/button.tsx";
import { TextField } from "@/ui/fields.tsx";
import { decimal } from "@/ui/figures.ts";
import { useAct } from "@/ui/use-act.ts";
import { bladeIsNew, keepMat, matAct } from "./wear-actions.ts";
import { toolWearWords } from "./words.ts";

interface Props {
  /**
   * The day on which the blade came that is in, as it is read; empty where none was ever changed.
   */
  readonly since: string;
  readonly films: readonly BladeFilm[];
  readonly outcomes: readonly LoadOutcome[];
  readonly mats: readonly MatRow[];
  readonly school: Schools["mats"];
}

const metres = (mm: number): string => `${decimal(mm / 1000, mm < 10_000 ? 1 : 0)} m`;
const loads = (n: number): string => toolWearWords().text(n);

/** What blade and mats have gone through, and what the last loads say of them. */
export function ToolWear({ since, films, outcomes, mats, school }: Props) {
  const texts = toolWearWords();
  const { busy, said, act } = useAct();
  const [name, setName] = useState("");
  const cut = films.reduce((sum, { mm }) => sum + mm, 0);
  const most = Math.max(1, ...films.map(({ mm }) => mm));
  const advice = bladeAdvice(outcomes);
  const flawed = outcomes.reduce((sum, load) => sum + load.flawed, 0);
  return (
    <section
      className="mt-8 grid max-w-4xl gap-x-12 gap-y-8 md:grid-cols-2"
      aria-label={texts.bladeAndMats}
      aria-busy={busy}
    >
      <div>
        <h2 className="mb-1 text-xl">
          {texts.theBlade} {cut === 0 ? texts.nothingCutYet : texts.cut(metres(cut))}
        </h2>
        <p className="text-soft">{texts.countedFromTheFirstLoad(since)}</p>
        <ul className="my-2">
          {films.map(({ film, mm }) => (
            <li
              key={film}
              className="grid grid-cols-[1fr_auto] gap-x-4 border-rule border-b py-1.5"
            >
              <span className="[overflow-wrap:anywhere]">{texts.filmNoLongerKnown(film)}</span>
              <span>{metres(mm)}</span>
              <span
                className="col-span-2 mt-1 block h-1.5 bg-elm-mid"
                style={{ width: `${Math.max(1, (100 * mm) / most)}%` }}
              />
            </li>
          ))}
        </ul>
        <p className={advice === "change" || advice === "force" ? "text-ochre" : ""}>
          {sayBlade[advice]}
          {flawed > 0 &&
            texts.inAllOfPieces(
              flawed,
              outcomes.reduce((sum, { pieces }) => sum + pieces, 0),
            )}
        </p>
        {cut > BLADE_WORN_MM && advice !== "change" && (
          <p className="text-ochre">{texts.overWorthALookBefore(metres(BLADE_WORN_MM))}</p>
        )}
        <p className="mt-1 text-soft text-sm">{texts.sharpCap}</p>
        <Button className="mt-3" disabled={busy} onClick={() => act(bladeIsNew)}>
          {texts.aNewBlade}
        </Button>
      </div>
      <div>
        <h2 className="mb-1 text-xl">{texts.mats}</h2>
        <p className="text-soft">{texts.loadsAreCounted(school)}</p>
        <ul className="my-2">
          {mats.map((mat) => (
            <li key={mat.id} className="border-rule border-b py-1.5">
              <p>
                <b className="[overflow-wrap:anywhere]">{mat.name}</b>
                {mat.inUse && <span className="text-elm-dark"> {texts.inUse}</span>}:{" "}
                {loads(mat.uses)}{" "}
                {mat.cleanedAt
                  ? texts.sinceItWasCleaned(loads(mat.allUses), mat.cleanings)
                  : texts.soFar}
              </p>
              <p className="flex flex-wrap gap-x-5">
                {!mat.inUse && (
                  <button
                    type="button"
                    className="verb min-h-11"
                    disabled={busy}
                    aria-label={texts.isInNow(mat.name)}
                    onClick={() => act(() => matAct(mat.id, "in"))}
                  >
                    {texts.itIsInNow}
                  </button>
                )}
                <button
                  type="button"
                  className="verb min-h-11"
                  disabled={busy}
                  aria-label={texts.isCleaned(mat.name)}
                  onClick={() => act(() => matAct(mat.id, "cleaned"))}
                >
                  {texts.cleaned}
                </button>
                <button
                  type="button"
                  className="verb min-h-11"
                  disabled={busy}
                  aria-label={texts.throwAway(mat.name)}
                  onClick={() => act(() => matAct(mat.id, "gone"))}
                >
                  {texts.thrownAway}
                </button>
              </p>
            </li>
          ))}
        </ul>
        <div className="grid grid-cols-[1fr_auto] items-end gap-3">
          <TextField label={texts.anotherMat} value={name} maxLength={40} onChange={setName} />
          <Button
            disabled={busy || name.trim() === ""}
            onClick={() => {
              act(
                () => keepMat(name),
                () => setName(""),
              );
            }}
          >
            {texts.keepIt}
          </Button>
        </div>
      </div>
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
    </section>
  );
}
