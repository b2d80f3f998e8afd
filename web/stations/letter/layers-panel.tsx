"use client";

import { TAPE_BEYOND_MM } from "@elm-basket/core/blanks/snips.ts";
import type { Design } from "@elm-basket/core/lettering/recipe.ts";
import { USUAL_STENCIL } from "@elm-basket/core/lettering/recipe-kinds.ts";
import { mergedVinyl, vinylsOf } from "@elm-basket/core/lettering/recipe-reads.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import dynamic from "next/dynamic";
import type { Drawn } from "@/stations/frame/use-lettering.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { showLength } from "@/ui/figures.ts";
import { insist } from "@/ui/insist.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { Reckoned } from "@/ui/reckoned.tsx";
import { layersPanelWords } from "./words.ts";

/** Asked for where the class paints through a stencil. */
const StencilFields = dynamic(
  () => insist(() => import("./stencil-fields.tsx")).then((all) => all.StencilFields),
  { loading: Fetching },
);

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
  const say = layersPanelWords();
  const used = vinylsOf(design).flatMap((id) => vinyls.find((vinyl) => vinyl.id === id) ?? []);
  const counts = (id: string) =>
    (drawn?.seats ?? []).map(
      (seat) => seat.layers.find((layer) => layer.vinyl === id)?.pieces ?? 0,
    );
  return (
    <section>
      <h2 className="mb-1 text-lg">{say.oneLayerLayersFirst(used.length)}</h2>
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
                  ? say.noPieces
                  : say.piecesASeat(
                      Math.min(...pieces),
                      Math.max(...pieces) > Math.min(...pieces) ? say.to(Math.max(...pieces)) : "",
                    )}
              </span>
              {i > 0 && (
                <button
                  type="button"
                  className="verb w-full pl-5 text-sm"
                  onClick={() =>
                    onChange(
                      mergedVinyl(design, vinyl.id, used[i - 1]?.id ?? vinyl.id),
                      say.mergedInto(vinyl.name, used[i - 1]?.name),
                    )
                  }
                >
                  {say.mergeInto(used[i - 1]?.name)}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {drawn && drawn.tape.width > 0 && (
        <p className="flex justify-between gap-3 border-rule border-b py-1.5">
          {say.tapeForAKit}
          <Reckoned
            reckoning={{
              title: say.tapeOf(
                showLength(drawn.tape.width, unit),
                showLength(drawn.tape.height, unit),
              ),
              lines: [
                {
                  what: say.largestDesignOfTheSet,
                  value: `${showLength(drawn.tape.width - 2 * TAPE_BEYOND_MM, unit)} × ${showLength(drawn.tape.height - 2 * TAPE_BEYOND_MM, unit)}`,
                },
                { what: say.beyondItOnEverySide, value: showLength(9, unit) },
              ],
              rule: say.theTapeIsCut,
            }}
          >
            {say.text(showLength(drawn.tape.width, unit), showLength(drawn.tape.height, unit))}
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
