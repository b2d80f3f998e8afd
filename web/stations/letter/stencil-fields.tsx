"use client";

import type { StencilRule } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { LengthField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { stencilFieldsWords } from "./words.ts";

const islandWords = () =>
  ({
    onTape: stencilFieldsWords().rideOnTheTape,
    bridged: stencilFieldsWords().hangOnBridges,
  }) as const;

/** How a stencil is held together, and how far its film goes round the letters. */
export function StencilFields({
  rule,
  unit,
  letters,
  onChange,
}: {
  rule: StencilRule;
  unit: LengthUnit;
  letters: readonly string[];
  onChange: (rule: StencilRule, label: string) => void;
}) {
  const say = stencilFieldsWords();
  return (
    <div className="mt-4 grid gap-2">
      <h3 className="text-base">{say.theStencil}</h3>
      <p className="text-soft text-sm">{say.theLettersAreWeededOut}</p>
      <SelectField
        label={say.insidesOfLetters}
        value={rule.islands}
        words={islandWords()}
        onChange={(islands) => onChange({ ...rule, islands }, say.insidesOfTheStencil)}
      />
      {rule.islands === "bridged" && (
        <>
          <LengthField
            label={say.widthOfABridge}
            mm={rule.bridgeMm}
            unit={unit}
            least={0.3}
            most={20}
            step={0.2}
            onChange={(bridgeMm) => onChange({ ...rule, bridgeMm }, say.widthOfTheBridges)}
          />
          {letters.length > 0 && (
            <details>
              <summary className="verb inline-block text-sm">{say.moveBridges}</summary>
              <ul className="grid grid-cols-2 gap-x-4 gap-y-1 py-2">
                {letters.map((letter) => (
                  <li key={letter} className="flex items-center justify-between gap-2 text-sm">
                    <b className="w-5">{letter}</b>
                    <select
                      aria-label={say.bridgeOf(letter)}
                      className="min-h-9 py-0"
                      value={rule.angles[letter] ?? ""}
                      onChange={(event) =>
                        onChange(
                          { ...rule, angles: withAngle(rule.angles, letter, event.target.value) },
                          say.bridgeOf(letter),
                        )
                      }
                    >
                      <option value="">{say.thinnestPlace}</option>
                      <option value="0">{say.top}</option>
                      <option value="90">{say.right}</option>
                      <option value="180">{say.foot}</option>
                      <option value="270">{say.left}</option>
                    </select>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
      <SelectField
        label={say.filmIsCut}
        value={rule.film ?? "margin"}
        words={{
          margin: say.soFarRoundTheLetters,
          blank: say.toTheBlanksOwnOutline,
        }}
        onChange={(film) =>
          onChange(film === "blank" ? { ...rule, film } : marginOnly(rule), say.howTheFilmIsCut)
        }
      />
      <span className="flex items-center justify-between">
        {say.filmRound}
        <span className="w-32">
          <LengthField
            label=""
            name={say.filmRoundTheLetters}
            mm={rule.filmMargin}
            unit={unit}
            least={2}
            most={200}
            onChange={(filmMargin) => onChange({ ...rule, filmMargin }, say.filmRoundTheLetters)}
          />
        </span>
      </span>
    </div>
  );
}

function marginOnly({ film: _, ...rule }: StencilRule): StencilRule {
  return rule;
}

function withAngle(
  angles: StencilRule["angles"],
  letter: string,
  value: string,
): StencilRule["angles"] {
  const { [letter]: _, ...rest } = angles;
  return value === "" ? rest : { ...rest, [letter]: Number(value) };
}
