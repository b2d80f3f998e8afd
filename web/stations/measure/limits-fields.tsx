"use client";

import type { Blank, KeepOut, Reserve, Specimen } from "@elm-basket/core/blanks/blank.ts";
import { HANDLE_SCHOOLS, type HandleSchool, SIDES } from "@elm-basket/core/blanks/blank-kinds.ts";
import { isCup } from "@elm-basket/core/blanks/shape-size.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { LengthField, TextField } from "@/ui/fields.tsx";
import { Rows } from "@/ui/rows.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { Section } from "./section.tsx";
import { limitsFieldsWords } from "./words.ts";

const keepOutWords = (): Record<KeepOut["kind"], string> => ({
  groove: limitsFieldsWords().groove,
  seam: limitsFieldsWords().seam,
  hole: limitsFieldsWords().hole,
  knob: limitsFieldsWords().knob,
  other: limitsFieldsWords().somethingElse,
});
const handleWords = () =>
  ({
    drinker: limitsFieldsWords().facingTheDrinker,
    guest: limitsFieldsWords().facingTheGuestOpposite,
    both: limitsFieldsWords().onBothSidesTwice,
  }) as const;

interface Props {
  readonly blank: Blank;
  readonly unit: LengthUnit;
  readonly onChange: (blank: Blank, label: string) => void;
}

/**
 * What of the face is not free, and how the pieces differ: open only where there is something to
 * say.
 */
export function LimitsFields({
  blank,
  unit,
  cupSide,
  onChange,
}: Props & { cupSide: HandleSchool }) {
  return (
    <div className="grid">
      {isCup(blank.shape) && (
        <HandleField blank={blank} unit={unit} cupSide={cupSide} onChange={onChange} />
      )}
      <KeepOutsField blank={blank} unit={unit} onChange={onChange} />
      <ReserveField blank={blank} unit={unit} onChange={onChange} />
      <SpecimensField blank={blank} unit={unit} onChange={onChange} />
    </div>
  );
}

function HandleField({ blank, unit, cupSide, onChange }: Props & { cupSide: HandleSchool }) {
  const say = limitsFieldsWords();
  const { handle } = blank;
  const set = (school: string) => {
    const { handle: _, ...rest } = blank;
    const found = HANDLE_SCHOOLS.find((one) => one === school);
    onChange(
      found ? { ...blank, handle: { school: found, clear: handle?.clear ?? 20 } } : rest,
      say.handle,
    );
  };
  return (
    <Section
      title={handle ? say.handle2(handleWords()[handle.school]) : say.handleNone}
      open={!!handle}
    >
      <SelectField
        label={say.theDesignLies}
        hint={say.schoolsDiffer}
        value={handle?.school ?? ""}
        words={[
          ["", say.noHandle] as const,
          ...[cupSide, ...HANDLE_SCHOOLS.filter((one) => one !== cupSide)].map(
            (one) => [one, say.text(handleWords()[one], one, cupSide)] as const,
          ),
        ]}
        onChange={set}
      />
      {handle && (
        <LengthField
          label={say.clearOfTheMiddle}
          mm={handle.clear}
          unit={unit}
          allowZero
          onChange={(clear) =>
            onChange({ ...blank, handle: { ...handle, clear } }, say.clearOfTheHandle)
          }
        />
      )}
    </Section>
  );
}

function KeepOutsField({ blank, unit, onChange }: Props) {
  const say = limitsFieldsWords();
  const set = (keepOuts: KeepOut[], label: string) => onChange({ ...blank, keepOuts }, label);
  const add = () =>
    set(
      [
        ...blank.keepOuts,
        { kind: "hole", form: "round", x: 0, y: 0, width: 6, height: 6, clearance: 3 },
      ],
      say.oneMoreKeepOut,
    );
  return (
    <Section
      title={say.holesGroovesSeamsNoneKeep(blank.keepOuts.length)}
      open={blank.keepOuts.length > 0}
    >
      <Rows
        rows={blank.keepOuts}
        className="grid grid-cols-2 gap-2 border-rule border-b pb-3"
        out={{
          name: (i) => say.removeKeepOut(i),
          words: say.remove,
          label: say.aKeepOutRemoved,
        }}
        onChange={set}
      >
        {(row, change, i) => {
          const edit = (patch: Partial<typeof row>) => change({ ...row, ...patch }, say.keepOut);
          return (
            <>
              <select
                aria-label={say.kindOfKeepOut(i)}
                value={row.kind}
                onChange={(event) => edit({ kind: event.target.value as KeepOut["kind"] })}
              >
                {Object.entries(keepOutWords()).map(([kind, words]) => (
                  <option key={kind} value={kind}>
                    {words}
                  </option>
                ))}
              </select>
              <select
                aria-label={say.formOfKeepOut(i)}
                value={row.form}
                onChange={(event) => edit({ form: event.target.value as KeepOut["form"] })}
              >
                <option value="round">{say.round}</option>
                <option value="rect">{say.straightSides}</option>
              </select>
              <LengthField
                label={say.rightOfTheMiddle}
                signed
                mm={row.x}
                unit={unit}
                onChange={(x) => edit({ x })}
              />
              <LengthField
                label={say.belowTheMiddle}
                signed
                mm={row.y}
                unit={unit}
                onChange={(y) => edit({ y })}
              />
              <LengthField
                label={say.width}
                mm={row.width}
                unit={unit}
                onChange={(width) => edit({ width })}
              />
              <LengthField
                label={say.height}
                mm={row.height}
                unit={unit}
                onChange={(height) => edit({ height })}
              />
              <LengthField
                label={say.keepAway}
                mm={row.clearance}
                unit={unit}
                allowZero
                onChange={(clearance) => edit({ clearance })}
              />
            </>
          );
        }}
      </Rows>
      {blank.keepOuts.length < 20 && (
        <button type="button" className="verb justify-self-start" onClick={add}>
          {say.addSomethingToKeepClear}
        </button>
      )}
    </Section>
  );
}

function ReserveField({ blank, unit, onChange }: Props) {
  const say = limitsFieldsWords();
  const set = (reserve: Reserve[], label: string) => onChange({ ...blank, reserve }, label);
  return (
    <Section
      title={say.spaceForTwineFlowersNone(blank.reserve.length)}
      open={blank.reserve.length > 0}
    >
      <Rows
        rows={blank.reserve}
        className="grid grid-cols-2 gap-2 border-rule border-b pb-3"
        out={{ name: (i) => say.removeSpace(i), words: say.remove, label: say.spaceGivenBack }}
        onChange={set}
      >
        {(row, change) => {
          const edit = (patch: Partial<typeof row>) =>
            change({ ...row, ...patch }, say.spaceForLater);
          return (
            <>
              <SelectField
                label={say.atThe}
                value={row.side}
                words={SIDES.map((side) => [side, side] as const)}
                onChange={(side) => edit({ side })}
              />
              <LengthField
                label={say.keepFree}
                mm={row.mm}
                unit={unit}
                onChange={(mm) => edit({ mm })}
              />
              <TextField
                label={say.forSaid}
                value={row.what}
                maxLength={80}
                onChange={(what) => edit({ what })}
              />
            </>
          );
        }}
      </Rows>
      {blank.reserve.length < 8 && (
        <button
          type="button"
          className="verb justify-self-start"
          onClick={() =>
            set([...blank.reserve, { side: "top", mm: 15, what: "" }], say.spaceKeptForLater)
          }
        >
          {say.keepSpaceForSomething}
        </button>
      )}
    </Section>
  );
}

/** Hand-made blanks differ: measure several, plan with the smallest. */
function SpecimensField({ blank, unit, onChange }: Props) {
  const say = limitsFieldsWords();
  const set = (specimens: Specimen[], label: string) => onChange({ ...blank, specimens }, label);
  const first = blank.specimens[blank.specimens.length - 1];
  const size =
    "diameter" in blank.shape
      ? blank.shape.diameter
      : "width" in blank.shape
        ? blank.shape.width
        : "topDiameter" in blank.shape
          ? Math.max(blank.shape.topDiameter, blank.shape.bottomDiameter)
          : 80;
  return (
    <Section title={say.piecesMeasured(blank.specimens.length)} open={blank.specimens.length > 0}>
      <Rows
        rows={blank.specimens}
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        out={{
          name: (i) => say.removePiece(i),
          words: say.remove,
          label: say.aMeasuredPieceRemoved,
        }}
        onChange={set}
      >
        {(row, change, i) => {
          const edit = (patch: Partial<typeof row>) =>
            change({ ...row, ...patch }, say.aMeasuredPiece);
          return (
            <>
              <LengthField
                label={say.across(i)}
                name={limitsFieldsWords().pieceAcross(i + 1)}
                mm={row.across}
                unit={unit}
                onChange={(across) => edit({ across })}
              />
              <LengthField
                label={say.height2(i)}
                name={limitsFieldsWords().pieceHeight(i + 1)}
                mm={row.down ?? 0}
                unit={unit}
                allowZero
                onChange={(down) =>
                  change(down > 0 ? { ...row, down } : { across: row.across }, say.aMeasuredPiece)
                }
              />
            </>
          );
        }}
      </Rows>
      <button
        type="button"
        className="verb justify-self-start"
        onClick={() =>
          set([...blank.specimens, { ...(first ?? { across: size }) }], say.oneMoreMeasuredPiece)
        }
      >
        {say.measure(blank.specimens.length)}
      </button>
    </Section>
  );
}
