"use client";

import type { TextItem } from "@elm-basket/core/lettering/recipe.ts";
import { ownColumn } from "@elm-basket/core/roster/columns.ts";
import { Field } from "@/ui/field.tsx";
import { LengthField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { FontField } from "../fonts.tsx";
import { AlignField, type RuleProps, StandsField, VinylField } from "./item-fields.tsx";
import { NudgeFields } from "./nudge-fields.tsx";

const CASE_WORDS = {
  asTyped: "as typed",
  upper: "CAPITALS",
  lower: "small letters",
  title: "Capital First",
} as const;
const BY_WORDS = { capHeight: "capitals", xHeight: "small letters" } as const;
const MARK_WORDS = {
  asDrawn: "stand apart, as drawn",
  joined: "brought onto their letters",
  bridged: "bridged to their letters",
  dropped: "dots of i and j dropped",
} as const;

interface Props extends Omit<RuleProps<TextItem>, "scale"> {
  readonly heightMm: number | undefined;
  readonly sample: string;
  /** The only part of the design. */
  readonly last: boolean;
  readonly onHeight: (mm: number) => void;
}

const RUN_WORDS = {
  across: "across",
  down: "turned, read downwards",
  up: "turned, read upwards",
  stacked: "letter below letter",
} as const;

/** One line of the recipe: what it says, and by which rules it is set. */
export function TextRule({
  item,
  vinyls,
  unit,
  heightMm,
  sample,
  design,
  last,
  onHeight,
  onChange,
}: Props) {
  const what = item.slot ?? "fixed line";
  const family = vinyls.find(({ id }) => id === item.vinyl)?.family;
  const { on: _, ...inRow } = item;
  return (
    <div>
      <div className="grid gap-2">
        {item.text !== undefined && (
          <div>
            <Field label="Text">
              {(props) => (
                <input
                  {...props}
                  className="w-full"
                  maxLength={200}
                  value={item.text}
                  onChange={(event) =>
                    onChange({ ...item, text: event.target.value }, "Fixed text")
                  }
                />
              )}
            </Field>
          </div>
        )}
        <FontField
          label={`Font of ${what}`}
          value={item.font}
          sample={sample}
          family={family}
          unit={unit}
          onChange={(font) =>
            onChange({ ...item, font: font.id, join: font.joined }, `Font of ${what}`)
          }
        />
        <VinylField
          value={item.vinyl}
          vinyls={vinyls}
          onChange={(vinyl) => onChange({ ...item, vinyl }, `Vinyl of ${what}`)}
        />
        <div className="field-rows grid gap-1">
          {heightMm !== undefined && (
            <LengthField
              label={`Height of ${BY_WORDS[item.by]}`}
              name={`Height of ${what}`}
              mm={Math.round(heightMm * 100) / 100}
              unit={unit}
              least={0.5}
              most={1000}
              onChange={onHeight}
            />
          )}
          <NumberField
            label="Spacing, ‰"
            name={`Spacing of ${what}`}
            value={Math.round(item.trackingEm * 1000)}
            least={-300}
            most={2000}
            step={10}
            onChange={(thousandths) =>
              onChange({ ...item, trackingEm: thousandths / 1000 }, `Spacing of ${what}`)
            }
          />
        </div>
      </div>
      <details className="mt-1">
        <summary className="verb inline-block text-sm">More rules</summary>
        <div className="field-rows grid gap-2 py-2">
          <SelectField
            label="Letters"
            value={item.letterCase}
            words={CASE_WORDS}
            onChange={(letterCase) => onChange({ ...item, letterCase }, `Case of ${what}`)}
          />
          <StandsField
            on={item.on}
            own={item.id}
            design={design}
            as="beside"
            onChange={(on) => onChange(on ? { ...item, on } : inRow, `Where ${what} stands`)}
          />
          <AlignField
            value={item.align}
            onChange={(align) => onChange({ ...item, align }, `${what} aligned`)}
          />
          <div>
            <SelectField
              label="Dots and accents"
              value={item.marks}
              words={MARK_WORDS}
              onChange={(marks) => onChange({ ...item, marks }, `Dots of ${what}`)}
            />
          </div>
          <NumberField
            label="Thicken, a side"
            name={`Thicken ${what}`}
            unit="mm"
            value={item.thickenMm}
            least={0}
            most={5}
            step={0.05}
            digits={2}
            onChange={(thickenMm) => onChange({ ...item, thickenMm }, `${what} thickened`)}
          />
          <NumberField
            label="Open insides to"
            name={`Open the insides of ${what}`}
            unit="mm"
            value={item.openCountersMm}
            least={0}
            most={5}
            step={0.1}
            digits={2}
            onChange={(openCountersMm) => onChange({ ...item, openCountersMm }, `${what} opened`)}
          />
          <SelectField
            label="Runs"
            value={item.run}
            words={RUN_WORDS}
            onChange={(run) => onChange({ ...item, run }, `${what} runs another way`)}
          />
          <SelectField
            label="Height is judged by the"
            value={item.by}
            words={BY_WORDS}
            onChange={(by) => onChange({ ...item, by }, `Height of ${what}`)}
          />
          {item.slot !== undefined && (
            <TextField
              label="Column it is filled from"
              value={item.slot}
              maxLength={31}
              error={undefined}
              onChange={(typed) => {
                const slot = ownColumn(typed);
                if (slot) onChange({ ...item, slot }, `Column ${slot}`);
              }}
            />
          )}
          <div>
            <NudgeFields
              text={sample}
              nudges={item.nudges}
              onChange={(nudges, label) => onChange({ ...item, nudges: nudges ?? {} }, label)}
            />
          </div>
        </div>
      </details>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <label className="inline-flex min-h-6 items-center gap-2">
          <input
            type="checkbox"
            checked={item.join}
            onChange={(event) =>
              onChange({ ...item, join: event.target.checked }, `Letters of ${what} joined`)
            }
          />{" "}
          join letters
        </label>
        {!last && (
          <label className="inline-flex min-h-6 items-center gap-2">
            <input
              type="checkbox"
              checked={item.mayNarrow}
              onChange={(event) =>
                onChange({ ...item, mayNarrow: event.target.checked }, `${what} may be narrower`)
              }
            />{" "}
            may be set smaller
          </label>
        )}
      </div>
    </div>
  );
}
