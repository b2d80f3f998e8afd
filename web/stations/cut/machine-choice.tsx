"use client";

import { CUTTER_PROFILES, type Cutter } from "@elm-basket/core/cutting/cutter.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { type LengthUnit, showLength, showSize } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { SelectField } from "@/ui/select-field.tsx";

interface Props {
  readonly classId: string;
  readonly cutter: Cutter;
  readonly vinyls: readonly Vinyl[];
  /** The film of the load that is looked at. */
  readonly vinyl: string;
  readonly version: number;
  readonly unit: LengthUnit;
}

const TURNS = [
  ["free", "any way round"],
  ["half", "upright or upside down"],
  ["none", "upright only"],
] as const;

const PASSES = [
  ["1", "once"],
  ["2", "2 times"],
  ["3", "3 times"],
] as const;

/** Which machine and mat, and how this film is cut. */
export function MachineChoice({ classId, cutter, vinyls, vinyl, version, unit }: Props) {
  const part = usePart<{ cutter: Cutter; vinyls: readonly Vinyl[] }>(classId, "class", { cutter, vinyls }, version, (answer) => {
    const document = answer.document as ClassDocument;
    return { cutter: document.cutter, vinyls: document.vinyls };
  });
  const own = part.value.cutter;
  const profile = CUTTER_PROFILES.find(({ cutter: { name } }) => name === own.name);
  const film = part.value.vinyls.find(({ id }) => id === vinyl);
  const changeCutter = (next: Partial<Cutter>, label: string) => part.change({ ...part.value, cutter: { ...own, ...next } }, label);
  const changeFilm = (next: Partial<Vinyl>, label: string) => part.change({ ...part.value, vinyls: part.value.vinyls.map((one) => (one.id === vinyl ? { ...one, ...next } : one)) }, label);
  const dared = profile && (profile.most.width > profile.cutter.cutWidth || profile.most.height > profile.cutter.cutHeight) ? profile : null;
  const most = dared !== null && own.cutHeight >= dared.most.height - 0.01;
  return (
    <details className="mt-4">
      <summary className="verb min-h-10">Cutter, mat and film</summary>
      <div className="grid gap-3 pt-2 text-sm">
        <SelectField
          label="Cutter and mat"
          value={profile?.id ?? ""}
          words={[...(profile ? [] : [["", own.name] as const]), ...CUTTER_PROFILES.map(({ id, cutter: { name } }) => [id, shortly(name)] as const)]}
          onChange={(id) => {
            const next = CUTTER_PROFILES.find((one) => one.id === id);
            if (next) changeCutter(next.cutter, `Cut on: ${next.cutter.name}`);
          }}
        />
        <p className="text-soft">
          Cuts {showSize({ width: own.cutWidth, height: own.cutHeight }, unit)}, keeps {showLength(own.edgeMargin, unit)} free inside the film's edge.
        </p>
        {dared && (
          <label className="flex min-h-10 items-center gap-3">
            <input
              type="checkbox"
              checked={most}
              onChange={(event) =>
                changeCutter(
                  event.target.checked ? { cutWidth: dared.most.width, cutHeight: dared.most.height } : { cutWidth: dared.cutter.cutWidth, cutHeight: dared.cutter.cutHeight },
                  "How far the cutter goes",
                )
              }
            />
            As far as it reaches, {showSize(dared.most, unit)}
          </label>
        )}
        {film && (
          <>
            <SelectField label={`Kits lie on ${film.name}`} value={film.turns} words={TURNS} onChange={(turns) => changeFilm({ turns }, `Direction of ${film.name}`)} />
            <SelectField label="The blade goes round" value={String(film.passes)} words={PASSES} onChange={(passes) => changeFilm({ passes: Number(passes) }, `Passes on ${film.name}`)} />
          </>
        )}
        <SaveNote editor={part} />
      </div>
    </details>
  );
}

/** The column is narrow, and the field's label says what it is. */
const shortly = (name: string): string => name.replace(/ matted cutter| roll cutter| cutter/u, "");
