"use client";

import type { Blank, KeepOut, Reserve, Specimen } from "@elm-basket/core/blanks/blank.ts";
import { HANDLE_SCHOOLS, type HandleSchool, SIDES } from "@elm-basket/core/blanks/blank-kinds.ts";
import { isCup } from "@elm-basket/core/blanks/shape-size.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { LengthField, TextField } from "@/ui/fields.tsx";
import { Rows } from "@/ui/rows.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { Section } from "./section.tsx";

const KEEP_OUT_WORDS: Record<KeepOut["kind"], string> = {
  groove: "groove",
  seam: "seam",
  hole: "hole",
  knob: "knob",
  other: "something else",
};
const HANDLE_WORDS = {
  drinker: "facing the drinker",
  guest: "facing the guest opposite",
  both: "on both sides, twice the vinyl",
} as const;

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
  const { handle } = blank;
  const set = (school: string) => {
    const { handle: _, ...rest } = blank;
    const found = HANDLE_SCHOOLS.find((one) => one === school);
    onChange(
      found ? { ...blank, handle: { school: found, clear: handle?.clear ?? 20 } } : rest,
      "Handle",
    );
  };
  return (
    <Section
      title={handle ? `Handle: ${HANDLE_WORDS[handle.school]}` : "Handle: none"}
      open={!!handle}
    >
      <SelectField
        label="The design lies"
        hint="Schools differ: so that the drinker reads it, or whoever sits opposite. The seat's hand decides on which side the handle is."
        value={handle?.school ?? ""}
        words={[
          ["", "no handle"] as const,
          ...[cupSide, ...HANDLE_SCHOOLS.filter((one) => one !== cupSide)].map(
            (one) => [one, `${HANDLE_WORDS[one]}${one === cupSide ? ", your way" : ""}`] as const,
          ),
        ]}
        onChange={set}
      />
      {handle && (
        <LengthField
          label="Clear of the middle of the handle"
          mm={handle.clear}
          unit={unit}
          allowZero
          onChange={(clear) =>
            onChange({ ...blank, handle: { ...handle, clear } }, "Clear of the handle")
          }
        />
      )}
    </Section>
  );
}

function KeepOutsField({ blank, unit, onChange }: Props) {
  const set = (keepOuts: KeepOut[], label: string) => onChange({ ...blank, keepOuts }, label);
  const add = () =>
    set(
      [
        ...blank.keepOuts,
        { kind: "hole", form: "round", x: 0, y: 0, width: 6, height: 6, clearance: 3 },
      ],
      "One more keep-out",
    );
  return (
    <Section
      title={
        blank.keepOuts.length === 0
          ? "Holes, grooves, seams: none"
          : `Keep clear of ${blank.keepOuts.length}`
      }
      open={blank.keepOuts.length > 0}
    >
      <Rows
        rows={blank.keepOuts}
        className="grid grid-cols-2 gap-2 border-rule border-b pb-3"
        out={{
          name: (i) => `Remove keep-out ${i + 1}`,
          words: "remove",
          label: "A keep-out removed",
        }}
        onChange={set}
      >
        {(row, change, i) => {
          const edit = (patch: Partial<typeof row>) => change({ ...row, ...patch }, "Keep-out");
          return (
            <>
              <select
                aria-label={`Kind of keep-out ${i + 1}`}
                value={row.kind}
                onChange={(event) => edit({ kind: event.target.value as KeepOut["kind"] })}
              >
                {Object.entries(KEEP_OUT_WORDS).map(([kind, words]) => (
                  <option key={kind} value={kind}>
                    {words}
                  </option>
                ))}
              </select>
              <select
                aria-label={`Form of keep-out ${i + 1}`}
                value={row.form}
                onChange={(event) => edit({ form: event.target.value as KeepOut["form"] })}
              >
                <option value="round">round</option>
                <option value="rect">straight sides</option>
              </select>
              <LengthField
                label="Right of the middle"
                signed
                mm={row.x}
                unit={unit}
                onChange={(x) => edit({ x })}
              />
              <LengthField
                label="Below the middle"
                signed
                mm={row.y}
                unit={unit}
                onChange={(y) => edit({ y })}
              />
              <LengthField
                label="Width"
                mm={row.width}
                unit={unit}
                onChange={(width) => edit({ width })}
              />
              <LengthField
                label="Height"
                mm={row.height}
                unit={unit}
                onChange={(height) => edit({ height })}
              />
              <LengthField
                label="Keep away"
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
          Add something to keep clear of
        </button>
      )}
    </Section>
  );
}

function ReserveField({ blank, unit, onChange }: Props) {
  const set = (reserve: Reserve[], label: string) => onChange({ ...blank, reserve }, label);
  return (
    <Section
      title={
        blank.reserve.length === 0
          ? "Space for twine, flowers: none"
          : `Space kept for later: ${blank.reserve.length}`
      }
      open={blank.reserve.length > 0}
    >
      <Rows
        rows={blank.reserve}
        className="grid grid-cols-2 gap-2 border-rule border-b pb-3"
        out={{ name: (i) => `Remove space ${i + 1}`, words: "remove", label: "Space given back" }}
        onChange={set}
      >
        {(row, change) => {
          const edit = (patch: Partial<typeof row>) =>
            change({ ...row, ...patch }, "Space for later");
          return (
            <>
              <SelectField
                label="At the"
                value={row.side}
                words={SIDES.map((side) => [side, side] as const)}
                onChange={(side) => edit({ side })}
              />
              <LengthField
                label="Keep free"
                mm={row.mm}
                unit={unit}
                onChange={(mm) => edit({ mm })}
              />
              <TextField
                label="For"
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
            set([...blank.reserve, { side: "top", mm: 15, what: "" }], "Space kept for later")
          }
        >
          Keep space for something
        </button>
      )}
    </Section>
  );
}

/** Hand-made blanks differ: measure several, plan with the smallest. */
function SpecimensField({ blank, unit, onChange }: Props) {
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
    <Section
      title={
        blank.specimens.length === 0
          ? "Pieces measured one by one: none"
          : `Pieces measured: ${blank.specimens.length}, the smallest counts`
      }
      open={blank.specimens.length > 0}
    >
      <Rows
        rows={blank.specimens}
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        out={{
          name: (i) => `Remove piece ${i + 1}`,
          words: "remove",
          label: "A measured piece removed",
        }}
        onChange={set}
      >
        {(row, change, i) => {
          const edit = (patch: Partial<typeof row>) =>
            change({ ...row, ...patch }, "A measured piece");
          return (
            <>
              <LengthField
                label={i === 0 ? "Across" : ""}
                name={`Piece ${i + 1} across`}
                mm={row.across}
                unit={unit}
                onChange={(across) => edit({ across })}
              />
              <LengthField
                label={i === 0 ? "Height" : ""}
                name={`Piece ${i + 1} height`}
                mm={row.down ?? 0}
                unit={unit}
                allowZero
                onChange={(down) =>
                  change(down > 0 ? { ...row, down } : { across: row.across }, "A measured piece")
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
          set([...blank.specimens, { ...(first ?? { across: size }) }], "One more measured piece")
        }
      >
        Measure {blank.specimens.length === 0 ? "a piece" : "one more"}
      </button>
    </Section>
  );
}
