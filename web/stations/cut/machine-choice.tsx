"use client";

import type { Cutter } from "@elm-basket/core/cutting/cutter.ts";
import { CUTTER_PROFILES } from "@elm-basket/core/cutting/cutter-profiles.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { LengthField, NumberField, TextField } from "@/ui/fields.tsx";
import { showLength, showSize } from "@/ui/figures.ts";
import { Fold } from "@/ui/fold.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { machineChoiceWords } from "./words.ts";

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

const turnsSaid = () =>
  [
    ["free", machineChoiceWords().anyWayRound],
    ["half", machineChoiceWords().uprightOrUpsideDown],
    ["none", machineChoiceWords().uprightOnly],
  ] as const;

const passesSaid = () =>
  [
    ["1", machineChoiceWords().once],
    ["2", machineChoiceWords().n2Times],
    ["3", machineChoiceWords().n3Times],
  ] as const;

const matWords = () =>
  ({
    wash: machineChoiceWords().aMatToWash,
    replace: machineChoiceWords().aMatThatNoLonger,
  }) as const;

/** Which machine and mat, and how this film is cut. */
export function MachineChoice({ classId, cutter, vinyls, vinyl, version, unit, mats }: Props) {
  const say = machineChoiceWords();
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
    <Fold
      className="mt-4"
      summary={<summary className="verb min-h-10">{say.cutterMatAndFilm}</summary>}
    >
      <div className="grid gap-3 pt-2 text-sm">
        <SelectField
          label={say.cutterAndMat}
          value={profile?.id ?? ""}
          words={[
            ...(profile ? [] : [["", own.name] as const]),
            ...CUTTER_PROFILES.map(({ id, cutter: { name } }) => [id, shortly(name)] as const),
          ]}
          onChange={(id) => {
            const next = CUTTER_PROFILES.find((one) => one.id === id);
            if (next) changeCutter(next.cutter, say.cutOn(next.cutter.name));
          }}
        />
        {own.matless ? (
          <p className="text-soft">{say.withoutAMatOnlyFilm}</p>
        ) : (
          <p className="text-soft">{say.coverOffBeforeBack(matWords()[mats])}</p>
        )}
        <p className="text-soft">
          {say.cutsKeepsFreeInside(
            showSize({ width: own.cutWidth, height: own.cutHeight }, unit),
            showLength(own.edgeMargin, unit),
          )}
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
                  say.howFarTheCutterGoes,
                )
              }
            />
            {say.asFarAsItReaches(showSize(dared.most, unit))}
          </label>
        )}
        <MachineFields cutter={own} unit={unit} onChange={changeCutter} />
        {film && (
          <>
            <SelectField
              label={say.kitsLie(film.name)}
              value={film.turns}
              words={turnsSaid()}
              onChange={(turns) => changeFilm({ turns }, say.directionOf(film.name))}
            />
            <SelectField
              label={say.theBladeGoesRound}
              value={String(film.passes)}
              words={passesSaid()}
              onChange={(passes) => changeFilm({ passes: Number(passes) }, say.passesOn(film.name))}
            />
          </>
        )}
        <SaveNote editor={part} />
      </div>
    </Fold>
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
  const say = machineChoiceWords();
  return (
    <Fold summary={<summary className="verb min-h-9">{say.thisMachinesOwnFigures}</summary>}>
      <div className="grid grid-cols-2 gap-2 pt-2">
        <div className="col-span-2">
          <TextField
            label={say.called}
            value={cutter.name}
            maxLength={80}
            required={say.giveTheCutterAName}
            onChange={(name) => onChange({ name }, say.nameOfTheCutter)}
          />
        </div>
        <LengthField
          label={say.cutsWidth}
          mm={cutter.cutWidth}
          unit={unit}
          most={5000}
          onChange={(cutWidth) => onChange({ cutWidth }, say.widthOfACut)}
        />
        <LengthField
          label={say.cutsLength}
          mm={cutter.cutHeight}
          unit={unit}
          most={50_000}
          onChange={(cutHeight) => onChange({ cutHeight }, say.lengthOfACut)}
        />
        <LengthField
          label={say.freeAtTheEdge}
          mm={cutter.edgeMargin}
          unit={unit}
          allowZero
          most={50}
          onChange={(edgeMargin) => onChange({ edgeMargin }, say.freeAtTheEdge2)}
        />
        <NumberField
          label={say.loadAndUnload}
          unit="min"
          value={cutter.loadMinutes}
          least={0}
          most={60}
          step={0.5}
          digits={2}
          onChange={(loadMinutes) => onChange({ loadMinutes }, say.minutesOfLoading)}
        />
        <NumberField
          label={say.cuts}
          unit="mm/s"
          value={cutter.cutSpeed}
          least={1}
          most={2000}
          step={5}
          onChange={(cutSpeed) => onChange({ cutSpeed }, say.speedOfCutting)}
        />
        <NumberField
          label={say.travels}
          unit="mm/s"
          value={cutter.travelSpeed}
          least={1}
          most={5000}
          step={10}
          onChange={(travelSpeed) => onChange({ travelSpeed }, say.speedOfTravel)}
        />
        <NumberField
          label={say.aLiftOfTheBlade}
          unit="s"
          value={cutter.liftSeconds}
          least={0}
          most={10}
          step={0.05}
          digits={3}
          onChange={(liftSeconds) => onChange({ liftSeconds }, say.secondsOfALift)}
        />
        <NumberField
          label={say.aCorner}
          unit="s"
          value={cutter.cornerSeconds}
          least={0}
          most={1}
          step={0.002}
          digits={4}
          onChange={(cornerSeconds) => onChange({ cornerSeconds }, say.secondsOfACorner)}
        />
        <NumberField
          label={say.bladeOffset}
          unit="mm"
          value={cutter.knifeOffset}
          least={0}
          most={2}
          step={0.05}
          digits={3}
          onChange={(knifeOffset) => onChange({ knifeOffset }, say.offsetOfTheBlade)}
        />
        <NumberField
          label={say.overcut}
          unit="mm"
          value={cutter.overcut}
          least={0}
          most={5}
          step={0.1}
          digits={2}
          onChange={(overcut) => onChange({ overcut }, say.overcut)}
        />
        <label className="col-span-2 flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            checked={cutter.matless}
            onChange={(event) => onChange({ matless: event.target.checked }, say.withOrWithoutAMat)}
          />{" "}
          {say.cutsWithoutAMat}
        </label>
      </div>
    </Fold>
  );
}

/** The column is narrow, and the field's label says what it is. */
const shortly = (name: string): string => name.replace(/ matted cutter| roll cutter| cutter/u, "");
