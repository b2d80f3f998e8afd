"use client";

import { MOST_NAMES } from "@elm-basket/core/reckoner/limits.ts";
import type { Question } from "@elm-basket/core/reckoner/question.ts";
import type { Answer } from "@elm-basket/core/reckoner/reckon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { VINYL_FAMILIES } from "@elm-basket/core/weeding/families.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { filmWords } from "@/ui/craft/films.ts";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { moneyText, plainNumber, showLength, showSize } from "@/ui/figures.ts";
import { FigureRow } from "@/ui/reckoned.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import type { Reckoned } from "@/workers/plan.server.ts";
import { BlankFields } from "./more-things.tsx";
import { classOfReckoning, reckonFor } from "./reckon-actions.ts";
import { reckonerWords } from "./words.ts";

const first = (): Question => ({
  blank: {
    name: reckonerWords().woodenBoard,
    material: "sealedWood",
    colour: "#D9C29A",
    shape: { kind: "flat", width: 300, height: 200 },
  },
  technique: "decal",
  family: "permanentGloss",
  words: [reckonerWords().henriette, reckonerWords().ned],
  names: 12,
});

/** Typed here, answered there; nothing is kept until it is made a class. */
export function Reckoner({ unit }: { unit: LengthUnit }) {
  const w = reckonerWords();
  const [question, setQuestion] = useState<Question>(first());
  const [found, setFound] = useState<{ readonly of: Question; readonly reckoned: Reckoned } | null>(
    null,
  );
  const [busy, start] = useTransition();
  const set = (patch: Partial<Question>) => setQuestion((before) => ({ ...before, ...patch }));
  const failed: Reckoned = { ok: false, message: w.noAnswerCameTryAgain };
  const ask = () =>
    start(async () =>
      setFound({ of: question, reckoned: await reckonFor(question).catch(() => failed) }),
    );
  // Of what was answered: the fields may say something else by now.
  const make = (of: Question) =>
    start(async () => setFound({ of, reckoned: await classOfReckoning(of) }));
  const answer = found?.reckoned.ok ? found.reckoned.answer : null;
  return (
    <div className="grid gap-x-14 gap-y-8 lg:grid-cols-[1fr_1.2fr]" aria-busy={busy}>
      <div className="grid content-start gap-4">
        <BlankFields
          value={question.blank}
          unit={unit}
          errors={{}}
          path="blank"
          onChange={(blank) => set({ blank })}
        />
        <div className="grid grid-cols-2 gap-4">
          <SelectField
            label={w.madeAs}
            value={question.technique}
            words={TECHNIQUES.map(
              (one) => [one, techniqueWords().TECHNIQUE_WORDS[one].name] as const,
            )}
            onChange={(technique: Technique) => set({ technique })}
          />
          <SelectField
            label={w.film}
            value={question.family}
            words={VINYL_FAMILIES.map((one) => [one, filmWords().FAMILY_WORDS[one]] as const)}
            onChange={(family) => set({ family })}
          />
        </div>
        <TextField
          label={w.namesOrWords}
          hint={w.withCommasBetweenTheWidest}
          value={question.words.join(", ")}
          maxLength={600}
          required={w.giveAtLeastOneName}
          onChange={(text) =>
            set({
              words: text
                .split(",")
                .map((word) => word.trim())
                .filter(Boolean)
                .slice(0, 40),
            })
          }
        />
        <NumberField
          label={w.howManyPieces}
          value={question.names}
          least={1}
          most={MOST_NAMES}
          onChange={(names) => set({ names })}
        />
        <Button tone="main" disabled={busy} onClick={ask}>
          {w.reckoningReckon(busy)}
        </Button>
      </div>
      <div aria-live="polite">
        {found && !found.reckoned.ok && (
          <p role="alert" className="border-brick border-l-4 bg-brick-tint p-4">
            {found.reckoned.message}
          </p>
        )}
        {!found && <p className="text-soft">{w.theAnswerStandsHere}</p>}
        {found && answer && (
          <>
            <Figures question={found.of} answer={answer} unit={unit} />
            <Button className="mt-5" disabled={busy} onClick={() => make(found.of)}>
              {w.makeAClass}
            </Button>
          </>
        )}
      </div>
    </div>
  );
}

function Figures({
  question,
  answer,
  unit,
}: {
  question: Question;
  answer: Answer;
  unit: LengthUnit;
}) {
  const say = reckonerWords();
  const { face, design, film, materials, preparation, cost } = answer;
  const { names } = question;
  const amount = (value: number) => plainNumber(Number(value.toFixed(2)));
  const hands = preparation.reduce((sum, { minutes }) => sum + minutes, 0);
  return (
    <>
      <h2 className="mb-2 text-xl">{say.text(names, question.blank.name)}</h2>
      <FigureRow
        name={reckonerWords().theDesignAtMost}
        reckoning={{
          title: showSize(design, unit),
          lines: [
            { what: say.whatMayCarry, value: showSize(face, unit) },
            { what: say.leftFreeAllRound, value: showLength(face.margin, unit) },
            { what: say.theWidest, value: design.widest },
            { what: say.itsLettersStand, value: showLength(design.letterHeight, unit) },
          ],
          rule: say.allAtOneSize,
        }}
      >
        {showSize(design, unit)}
      </FigureRow>
      <FigureRow
        name={reckonerWords().film}
        reckoning={{
          title: say.ofSaid(amount(film.sheets), film.sheets, showSize(film, unit)),
          lines: [
            {
              what: say.aNameWithTheRoom,
              value: say.cm(Math.round(film.cm2PerName)),
            },
            { what: say.loadsOfTheCutter, value: String(film.loads) },
          ],
          rule: say.laidAsAClassWould,
        }}
      >
        {say.text2(amount(film.sheets), film.sheets)}
      </FigureRow>
      <FigureRow
        name={reckonerWords().weeding}
        reckoning={{
          title: showMinutes(film.weedMinutes),
          lines: [{ what: say.aNameOnAverage, value: showMinutes(film.weedMinutes / names) }],
          rule: reckonerWords().ofAPractisedHand,
        }}
      >
        {showMinutes(film.weedMinutes)}
      </FigureRow>
      <FigureRow
        name={reckonerWords().aClassTakes}
        reckoning={{
          title: showMinutes(answer.classMinutes),
          lines: [],
          rule: say.stepsAsTheyAreProposed,
        }}
      >
        {showMinutes(answer.classMinutes)}
      </FigureRow>
      <FigureRow
        name={reckonerWords().materialsForOne(cost.missing.length)}
        reckoning={{
          title: moneyText(cost.materials, cost.currency),
          lines: cost.missing.map((name) => ({ what: name, value: say.noPrice })),
          rule: reckonerWords().whatIsUsedUp,
        }}
      >
        {moneyText(cost.materials, cost.currency)}
      </FigureRow>
      {answer.endRise !== null && (
        <p className="border-rule border-b py-2">
          {say.cutStraightItsEndsWould(showLength(answer.endRise, unit))}
        </p>
      )}
      {answer.largestPatch !== null && (
        <p className="border-rule border-b py-2">
          {say.onThisBulgeAPiece(showLength(2 * answer.largestPatch, unit))}
        </p>
      )}
      {preparation.length > 0 && (
        <>
          <h3 className="mt-4 text-lg">{say.beforeOfYourHands(showMinutes(hands))}</h3>
          <ol>
            {preparation.map(({ title, minutes, waitMinutes }) => (
              <li key={title} className="border-rule border-b py-1">
                {title}: {showMinutes(minutes)}
                {waitMinutes > 0 ? say.thenToDry(showMinutes(waitMinutes)) : ""}
              </li>
            ))}
          </ol>
        </>
      )}
      <h3 className="mt-4 text-lg">{say.materials}</h3>
      <ul>
        {materials.map(({ name, unit: of, need }) => (
          <li
            key={`${name} ${of}`}
            className="flex justify-between gap-4 border-rule border-b py-1"
          >
            <span>{name}</span>
            <b>
              {amount(need)} {of === "piece" ? "" : of}
            </b>
          </li>
        ))}
      </ul>
      {answer.stops > 0 && <p className="mt-3 text-brick">{say.thingsWouldStop(answer.stops)}</p>}
    </>
  );
}
