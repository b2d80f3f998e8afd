"use client";

import { FAMILY_WORDS } from "@elm-basket/core/films/film-words-en.ts";
import { MOST_NAMES } from "@elm-basket/core/reckoner/limits.ts";
import type { Question } from "@elm-basket/core/reckoner/question.ts";
import type { Answer } from "@elm-basket/core/reckoner/reckon.ts";
import { moneyText } from "@elm-basket/core/supplies/money.ts";
import { type LengthUnit, showLength, showSize } from "@elm-basket/core/units/length.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { VINYL_FAMILIES } from "@elm-basket/core/weeding/families.ts";
import { TECHNIQUE_WORDS } from "@elm-basket/core/weeding/technique-words-en.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import type { Reckoned } from "@/workers/plan.server.ts";
import { BlankFields } from "./more-things.tsx";
import { classOfReckoning, reckonFor } from "./reckon-actions.ts";

const FIRST: Question = {
  blank: {
    name: "Wooden board",
    material: "sealedWood",
    colour: "#D9C29A",
    shape: { kind: "flat", width: 300, height: 200 },
  },
  technique: "decal",
  family: "permanentGloss",
  words: ["Henriette", "Ned"],
  names: 12,
};

/** Typed here, answered there; nothing is kept until it is made a class. */
export function Reckoner({ unit }: { unit: LengthUnit }) {
  const [question, setQuestion] = useState<Question>(FIRST);
  const [found, setFound] = useState<{ readonly of: Question; readonly reckoned: Reckoned } | null>(
    null,
  );
  const [busy, start] = useTransition();
  const set = (patch: Partial<Question>) => setQuestion((before) => ({ ...before, ...patch }));
  const failed: Reckoned = { ok: false, message: "No answer came. Try again." };
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
            label="Made as"
            value={question.technique}
            words={TECHNIQUES.map((one) => [one, TECHNIQUE_WORDS[one].name] as const)}
            onChange={(technique: Technique) => set({ technique })}
          />
          <SelectField
            label="Film"
            value={question.family}
            words={VINYL_FAMILIES.map((one) => [one, FAMILY_WORDS[one]] as const)}
            onChange={(family) => set({ family })}
          />
        </div>
        <TextField
          label="Names or words"
          hint="With commas between; the widest decides how large they all are."
          value={question.words.join(", ")}
          maxLength={600}
          required="Give at least one name or word."
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
          label="How many pieces"
          value={question.names}
          least={1}
          most={MOST_NAMES}
          onChange={(names) => set({ names })}
        />
        <Button tone="main" disabled={busy} onClick={ask}>
          {busy ? "Reckoning …" : "Reckon"}
        </Button>
      </div>
      <div aria-live="polite">
        {found && !found.reckoned.ok && (
          <p role="alert" className="border-brick border-l-4 bg-brick-tint p-4">
            {found.reckoned.message}
          </p>
        )}
        {!found && <p className="text-soft">The answer stands here.</p>}
        {found && answer && (
          <>
            <Figures question={found.of} answer={answer} unit={unit} />
            <Button className="mt-5" disabled={busy} onClick={() => make(found.of)}>
              Make a class of it
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
  const { face, design, film, materials, preparation, cost } = answer;
  const { names } = question;
  const amount = (value: number) => String(Number(value.toFixed(2)));
  const hands = preparation.reduce((sum, { minutes }) => sum + minutes, 0);
  return (
    <>
      <h2 className="mb-2 text-xl">
        {names} × {question.blank.name}
      </h2>
      <FigureRow
        name="The design, at most"
        reckoning={{
          title: showSize(design, unit),
          lines: [
            { what: "What may carry it", value: showSize(face, unit) },
            { what: "Left free all round", value: showLength(face.margin, unit) },
            { what: "The widest", value: design.widest },
            { what: "Its letters stand", value: showLength(design.letterHeight, unit) },
          ],
          rule: "All at one size: as large as the widest fits the face without its margin.",
        }}
      >
        {showSize(design, unit)}
      </FigureRow>
      <FigureRow
        name="Film"
        reckoning={{
          title: `${amount(film.sheets)} ${film.sheets === 1 ? "sheet" : "sheets"} of ${showSize(film, unit)}`,
          lines: [
            {
              what: "A name with the room it is weeded in",
              value: `${Math.round(film.cm2PerName)} cm²`,
            },
            { what: "Loads of the cutter", value: String(film.loads) },
          ],
          rule: "Laid as a class would be: kits side by side, separable by straight cuts, the test cut with them.",
        }}
      >
        {amount(film.sheets)} {film.sheets === 1 ? "sheet" : "sheets"}
      </FigureRow>
      <FigureRow
        name="Weeding"
        reckoning={{
          title: showMinutes(film.weedMinutes),
          lines: [{ what: "A name, on average", value: showMinutes(film.weedMinutes / names) }],
          rule: "Of a practised hand, by pieces, insides, small parts and length; beginners take two to three times as long.",
        }}
      >
        {showMinutes(film.weedMinutes)}
      </FigureRow>
      <FigureRow
        name="A class takes"
        reckoning={{
          title: showMinutes(answer.classMinutes),
          lines: [],
          rule: "Steps as they are proposed for beginners, for the slow quarter, what dries included. Make a class of it to see and change them.",
        }}
      >
        {showMinutes(answer.classMinutes)}
      </FigureRow>
      <FigureRow
        name={
          cost.missing.length === 0
            ? "Materials for one"
            : `Materials for one, without ${cost.missing.length} that have no price`
        }
        reckoning={{
          title: moneyText(cost.materials, cost.currency),
          lines: cost.missing.map((name) => ({ what: name, value: "no price" })),
          rule: "What is used up, by the packs and prices of your shelf; what has no price there is not counted.",
        }}
      >
        {moneyText(cost.materials, cost.currency)}
      </FigureRow>
      {answer.endRise !== null && (
        <p className="border-rule border-b py-2">
          Cut straight, its ends would run {showLength(answer.endRise, unit)} off level on this
          taper; it is cut bent, and runs level.
        </p>
      )}
      {answer.largestPatch !== null && (
        <p className="border-rule border-b py-2">
          On this bulge a piece lies down without a crease up to{" "}
          {showLength(2 * answer.largestPatch, unit)} across.
        </p>
      )}
      {preparation.length > 0 && (
        <>
          <h3 className="mt-4 text-lg">Before, {showMinutes(hands)} of your hands</h3>
          <ol>
            {preparation.map(({ title, minutes, waitMinutes }) => (
              <li key={title} className="border-rule border-b py-1">
                {title}: {showMinutes(minutes)}
                {waitMinutes > 0 ? `, then ${showMinutes(waitMinutes)} to dry` : ""}
              </li>
            ))}
          </ol>
        </>
      )}
      <h3 className="mt-4 text-lg">Materials</h3>
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
      {answer.stops > 0 && (
        <p className="mt-3 text-brick">
          {answer.stops === 1 ? "One thing" : `${answer.stops} things`} would stop it from being
          cut; made a class, it says what, with ways out.
        </p>
      )}
    </>
  );
}
