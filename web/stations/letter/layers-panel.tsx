"use client";

import { TAPE_BEYOND_MM } from "@elm-basket/core/blanks/snips.ts";
import type { Design, StencilRule } from "@elm-basket/core/lettering/recipe.ts";
import { USUAL_STENCIL } from "@elm-basket/core/lettering/recipe-kinds.ts";
import { mergedVinyl, vinylsOf } from "@elm-basket/core/lettering/recipe-reads.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import type { Drawn } from "@/stations/frame/use-lettering.ts";
import { LengthField } from "@/ui/fields.tsx";
import { FilmDot } from "@/ui/marks.tsx";
import { Reckoned } from "@/ui/reckoned.tsx";
import { SelectField } from "@/ui/select-field.tsx";

interface Props {
  readonly design: Design;
  readonly vinyls: readonly Vinyl[];
  readonly drawn: Drawn | null;
  readonly unit: LengthUnit;
  readonly stencil: boolean;
  readonly onChange: (design: Design, label: string) => void;
}

/**
 * Layers by colour, in the order they are cut, with their pieces; the tape that covers all of them.
 */
export function LayersPanel({ design, vinyls, drawn, unit, stencil, onChange }: Props) {
  const used = vinylsOf(design).flatMap((id) => vinyls.find((vinyl) => vinyl.id === id) ?? []);
  const counts = (id: string) =>
    (drawn?.seats ?? []).map(
      (seat) => seat.layers.find((layer) => layer.vinyl === id)?.pieces ?? 0,
    );
  return (
    <section>
      <h2 className="mb-1 text-lg">
        {used.length === 1 ? "One layer" : `${used.length} layers, first at the bottom`}
      </h2>
      <ul>
        {used.map((vinyl, i) => {
          const pieces = counts(vinyl.id).filter((n) => n > 0);
          return (
            <li
              key={vinyl.id}
              className="flex flex-wrap items-baseline justify-between gap-x-3 border-rule border-b py-1.5"
            >
              <span>
                <FilmDot colour={vinyl.colour} /> {vinyl.name}
              </span>
              <span className="text-soft text-sm">
                {pieces.length === 0
                  ? "no pieces"
                  : `${Math.min(...pieces)}${Math.max(...pieces) > Math.min(...pieces) ? ` to ${Math.max(...pieces)}` : ""} pieces a seat`}
              </span>
              {i > 0 && (
                <button
                  type="button"
                  className="verb w-full pl-5 text-sm"
                  onClick={() =>
                    onChange(
                      mergedVinyl(design, vinyl.id, used[i - 1]?.id ?? vinyl.id),
                      `${vinyl.name} merged into ${used[i - 1]?.name}`,
                    )
                  }
                >
                  merge into {used[i - 1]?.name}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {drawn && drawn.tape.width > 0 && (
        <p className="flex justify-between gap-3 border-rule border-b py-1.5">
          Tape for a kit
          <Reckoned
            reckoning={{
              title: `Tape of ${showLength(drawn.tape.width, unit)} × ${showLength(drawn.tape.height, unit)}`,
              lines: [
                {
                  what: "Largest design of the set, all layers, with the film round it of a stencil",
                  value: `${showLength(drawn.tape.width - 2 * TAPE_BEYOND_MM, unit)} × ${showLength(drawn.tape.height - 2 * TAPE_BEYOND_MM, unit)}`,
                },
                { what: "Beyond it on every side", value: showLength(9, unit) },
              ],
              rule: "The tape is cut a little larger than the design, and large enough for all layers, also those that stick out beyond the first.",
            }}
          >
            {showLength(drawn.tape.width, unit)} × {showLength(drawn.tape.height, unit)}
          </Reckoned>
        </p>
      )}
      {stencil && (
        <StencilFields
          rule={design.stencil ?? USUAL_STENCIL}
          unit={unit}
          letters={stencilLetters(drawn)}
          onChange={(rule, label) => onChange({ ...design, stencil: rule }, label)}
        />
      )}
    </section>
  );
}

/** Letters with an inside, as far as Latin ones and digits go: those a bridge can be moved for. */
const ISLANDS = /[abdegopqABDOPQR04689&@]/gu;

function stencilLetters(drawn: Drawn | null): string[] {
  const all = (drawn?.seats ?? []).flatMap((seat) =>
    seat.lines.flatMap((line) => line.text.match(ISLANDS) ?? []),
  );
  return [...new Set(all)].sort().slice(0, 24);
}

const ISLAND_WORDS = {
  onTape: "ride on the tape or liner, are pressed down one by one",
  bridged: "hang on bridges",
} as const;

function StencilFields({
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
  return (
    <div className="mt-4 grid gap-2">
      <h3 className="text-base">The stencil</h3>
      <p className="text-soft text-sm">
        The letters are weeded out and painted; the film round them stays, and is used once.
      </p>
      <SelectField
        label="Insides of letters"
        value={rule.islands}
        words={ISLAND_WORDS}
        onChange={(islands) => onChange({ ...rule, islands }, "Insides of the stencil")}
      />
      {rule.islands === "bridged" && (
        <>
          <LengthField
            label="Width of a bridge"
            mm={rule.bridgeMm}
            unit={unit}
            least={0.3}
            most={20}
            step={0.2}
            onChange={(bridgeMm) => onChange({ ...rule, bridgeMm }, "Width of the bridges")}
          />
          {letters.length > 0 && (
            <details>
              <summary className="verb inline-block text-sm">Move bridges</summary>
              <ul className="grid grid-cols-2 gap-x-4 gap-y-1 py-2">
                {letters.map((letter) => (
                  <li key={letter} className="flex items-center justify-between gap-2 text-sm">
                    <b className="w-5">{letter}</b>
                    <select
                      aria-label={`Bridge of ${letter}`}
                      className="min-h-9 py-0"
                      value={rule.angles[letter] ?? ""}
                      onChange={(event) =>
                        onChange(
                          { ...rule, angles: withAngle(rule.angles, letter, event.target.value) },
                          `Bridge of ${letter}`,
                        )
                      }
                    >
                      <option value="">thinnest place</option>
                      <option value="0">top</option>
                      <option value="90">right</option>
                      <option value="180">foot</option>
                      <option value="270">left</option>
                    </select>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
      <SelectField
        label="Film is cut"
        value={rule.film ?? "margin"}
        words={{
          margin: "so far round the letters",
          blank: "to the blank's own outline: it centres itself",
        }}
        onChange={(film) =>
          onChange(film === "blank" ? { ...rule, film } : marginOnly(rule), "How the film is cut")
        }
      />
      <span className="flex items-center justify-between">
        film round it
        <span className="w-32">
          <LengthField
            label=""
            name="Film round the letters"
            mm={rule.filmMargin}
            unit={unit}
            least={2}
            most={200}
            onChange={(filmMargin) => onChange({ ...rule, filmMargin }, "Film round the letters")}
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
