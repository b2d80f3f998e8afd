"use client";

import type { Cutter } from "@elm-basket/core/cutting/cutter.ts";
import { CUTTER_PROFILES } from "@elm-basket/core/cutting/cutter-profiles.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { type LengthUnit, showLength, showSize } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { LengthField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";

interface Props {
  readonly classId: string;
  readonly cutter: Cutter;
  readonly vinyls: readonly Vinyl[];
  /** The film of the load that is looked at. */
  readonly vinyl: string;
  readonly version: number;
  readonly unit: LengthUnit;
  /** What the studio does with tired mats. */
  readonly mats: Schools["mats"];
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

const MAT_WORDS = {
  wash: "A mat that no longer holds: scrape it, spray, rinse and dry it; it grips again for a while.",
  replace: "A mat that no longer holds is replaced.",
} as const;

/** Which machine and mat, and how this film is cut. */
export function MachineChoice({ classId, cutter, vinyls, vinyl, version, unit, mats }: Props) {
  const part = usePart<{ cutter: Cutter; vinyls: readonly Vinyl[] }>(
    classId,
    "class",
    { cutter, vinyls },
    version,
    (answer) => {
      const document = answer.document as ClassDocument;
      return { cutter: document.cutter, vinyls: document.vinyls };
    },
  );
  const own = part.value.cutter;
  const profile = CUTTER_PROFILES.find(({ cutter: { name } }) => name === own.name);
  const film = part.value.vinyls.find(({ id }) => id === vinyl);
  const changeCutter = (next: Partial<Cutter>, label: string) =>
    part.change({ ...part.value, cutter: { ...own, ...next } }, label);
  const changeFilm = (next: Partial<Vinyl>, label: string) =>
    part.change(
      {
        ...part.value,
        vinyls: part.value.vinyls.map((one) => (one.id === vinyl ? { ...one, ...next } : one)),
      },
      label,
    );
  const dared =
    profile &&
    (profile.most.width > profile.cutter.cutWidth || profile.most.height > profile.cutter.cutHeight)
      ? profile
      : null;
  const most = dared !== null && own.cutHeight >= dared.most.height - 0.01;
  return (
    <details className="mt-4">
      <summary className="verb min-h-10">Cutter, mat and film</summary>
      <div className="grid gap-3 pt-2 text-sm">
        <SelectField
          label="Cutter and mat"
          value={profile?.id ?? ""}
          words={[
            ...(profile ? [] : [["", own.name] as const]),
            ...CUTTER_PROFILES.map(({ id, cutter: { name } }) => [id, shortly(name)] as const),
          ]}
          onChange={(id) => {
            const next = CUTTER_PROFILES.find((one) => one.id === id);
            if (next) changeCutter(next.cutter, `Cut on: ${next.cutter.name}`);
          }}
        />
        {own.matless ? (
          <p className="text-soft">Without a mat: only film on a thick backing is fed by itself.</p>
        ) : (
          <p className="text-soft">
            {MAT_WORDS[mats]} Cover off before, back on after: a bare mat loses its tack. After
            cutting turn it over and bend the mat away from the film; film pulled off the mat curls.
          </p>
        )}
        <p className="text-soft">
          Cuts {showSize({ width: own.cutWidth, height: own.cutHeight }, unit)}, keeps{" "}
          {showLength(own.edgeMargin, unit)} free inside the film's edge.
        </p>
        {dared && (
          <label className="flex min-h-10 items-center gap-3">
            <input
              type="checkbox"
              checked={most}
              onChange={(event) =>
                changeCutter(
                  event.target.checked
                    ? { cutWidth: dared.most.width, cutHeight: dared.most.height }
                    : { cutWidth: dared.cutter.cutWidth, cutHeight: dared.cutter.cutHeight },
                  "How far the cutter goes",
                )
              }
            />
            As far as it reaches, {showSize(dared.most, unit)}
          </label>
        )}
        <MachineFields cutter={own} unit={unit} onChange={changeCutter} />
        {film && (
          <>
            <SelectField
              label={`Kits lie on ${film.name}`}
              value={film.turns}
              words={TURNS}
              onChange={(turns) => changeFilm({ turns }, `Direction of ${film.name}`)}
            />
            <SelectField
              label="The blade goes round"
              value={String(film.passes)}
              words={PASSES}
              onChange={(passes) =>
                changeFilm({ passes: Number(passes) }, `Passes on ${film.name}`)
              }
            />
          </>
        )}
        <SaveNote editor={part} />
      </div>
    </details>
  );
}

/**
 * What a machine can do, measured by whoever owns it; what is changed makes it a machine of one's
 * own.
 */
function MachineFields({
  cutter,
  unit,
  onChange,
}: {
  cutter: Cutter;
  unit: LengthUnit;
  onChange: (next: Partial<Cutter>, label: string) => void;
}) {
  return (
    <details>
      <summary className="verb min-h-9">This machine's own figures</summary>
      <div className="grid grid-cols-2 gap-2 pt-2">
        <div className="col-span-2">
          <TextField
            label="Called"
            value={cutter.name}
            maxLength={80}
            required="Give the cutter a name."
            onChange={(name) => onChange({ name }, "Name of the cutter")}
          />
        </div>
        <LengthField
          label="Cuts, width"
          mm={cutter.cutWidth}
          unit={unit}
          most={5000}
          onChange={(cutWidth) => onChange({ cutWidth }, "Width of a cut")}
        />
        <LengthField
          label="Cuts, length"
          mm={cutter.cutHeight}
          unit={unit}
          most={50_000}
          onChange={(cutHeight) => onChange({ cutHeight }, "Length of a cut")}
        />
        <LengthField
          label="Free at the edge"
          mm={cutter.edgeMargin}
          unit={unit}
          allowZero
          most={50}
          onChange={(edgeMargin) => onChange({ edgeMargin }, "Free at the edge of film")}
        />
        <NumberField
          label="Load and unload"
          unit="min"
          value={cutter.loadMinutes}
          least={0}
          most={60}
          step={0.5}
          digits={2}
          onChange={(loadMinutes) => onChange({ loadMinutes }, "Minutes of loading")}
        />
        <NumberField
          label="Cuts"
          unit="mm/s"
          value={cutter.cutSpeed}
          least={1}
          most={2000}
          step={5}
          onChange={(cutSpeed) => onChange({ cutSpeed }, "Speed of cutting")}
        />
        <NumberField
          label="Travels"
          unit="mm/s"
          value={cutter.travelSpeed}
          least={1}
          most={5000}
          step={10}
          onChange={(travelSpeed) => onChange({ travelSpeed }, "Speed of travel")}
        />
        <NumberField
          label="A lift of the blade"
          unit="s"
          value={cutter.liftSeconds}
          least={0}
          most={10}
          step={0.05}
          digits={3}
          onChange={(liftSeconds) => onChange({ liftSeconds }, "Seconds of a lift")}
        />
        <NumberField
          label="A corner"
          unit="s"
          value={cutter.cornerSeconds}
          least={0}
          most={1}
          step={0.002}
          digits={4}
          onChange={(cornerSeconds) => onChange({ cornerSeconds }, "Seconds of a corner")}
        />
        <NumberField
          label="Blade offset"
          unit="mm"
          value={cutter.knifeOffset}
          least={0}
          most={2}
          step={0.05}
          digits={3}
          onChange={(knifeOffset) => onChange({ knifeOffset }, "Offset of the blade")}
        />
        <NumberField
          label="Overcut"
          unit="mm"
          value={cutter.overcut}
          least={0}
          most={5}
          step={0.1}
          digits={2}
          onChange={(overcut) => onChange({ overcut }, "Overcut")}
        />
        <label className="col-span-2 flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            checked={cutter.matless}
            onChange={(event) =>
              onChange({ matless: event.target.checked }, "With or without a mat")
            }
          />{" "}
          cuts without a mat
        </label>
      </div>
    </details>
  );
}

/** The column is narrow, and the field's label says what it is. */
const shortly = (name: string): string => name.replace(/ matted cutter| roll cutter| cutter/u, "");
