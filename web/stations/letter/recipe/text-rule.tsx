"use client";

import type { TextItem } from "@elm-basket/core/lettering/recipe.ts";
import { ownColumn } from "@elm-basket/core/roster/columns.ts";
import { Field } from "@/ui/field.tsx";
import { LengthField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { FontField } from "../font-field.tsx";
import { textRuleWords } from "../words.ts";
import { AlignField, type RuleProps, StandsField, VinylField } from "./item-fields.tsx";
import { NudgeFields } from "./nudge-fields.tsx";

const caseWords = () =>
  ({
    asTyped: textRuleWords().asTyped,
    upper: textRuleWords().capitals,
    lower: textRuleWords().smallLetters,
    title: textRuleWords().capitalFirst,
  }) as const;
const byWords = () =>
  ({
    capHeight: textRuleWords().capitals2,
    xHeight: textRuleWords().smallLetters,
  }) as const;
const markWords = () =>
  ({
    asDrawn: textRuleWords().standApartAsDrawn,
    joined: textRuleWords().broughtOntoTheirLetters,
    bridged: textRuleWords().bridgedToTheirLetters,
    dropped: textRuleWords().dotsOfIAndJ,
  }) as const;

interface Props extends Omit<RuleProps<TextItem>, "scale"> {
  readonly heightMm: number | undefined;
  readonly sample: string;
  /** The only part of the design. */
  readonly last: boolean;
  readonly onHeight: (mm: number) => void;
}

const runWords = () =>
  ({
    across: "across",
    down: textRuleWords().turnedReadDownwards,
    up: textRuleWords().turnedReadUpwards,
    stacked: textRuleWords().letterBelowLetter,
  }) as const;

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
  const say = textRuleWords();
  const what = say.fixedLine(item.slot);
  const family = vinyls.find(({ id }) => id === item.vinyl)?.family;
  const { on: _, ...inRow } = item;
  return (
    <div>
      <div className="grid gap-2">
        {item.text !== undefined && (
          <div>
            <Field label={say.text}>
              {(props) => (
                <input
                  {...props}
                  className="w-full"
                  maxLength={200}
                  value={item.text}
                  onChange={(event) =>
                    onChange({ ...item, text: event.target.value }, say.fixedText)
                  }
                />
              )}
            </Field>
          </div>
        )}
        <FontField
          label={say.fontOf(what)}
          value={item.font}
          sample={sample}
          family={family}
          unit={unit}
          onChange={(font) =>
            onChange({ ...item, font: font.id, join: font.joined }, say.fontOf(what))
          }
        />
        <VinylField
          value={item.vinyl}
          vinyls={vinyls}
          onChange={(vinyl) => onChange({ ...item, vinyl }, say.vinylOf(what))}
        />
        <div className="field-rows grid gap-1">
          {heightMm !== undefined && (
            <LengthField
              label={say.heightOf(byWords()[item.by])}
              name={textRuleWords().heightOf2(what)}
              mm={Math.round(heightMm * 100) / 100}
              unit={unit}
              least={0.5}
              most={1000}
              onChange={onHeight}
            />
          )}
          <NumberField
            label={say.spacing}
            name={textRuleWords().spacingOf(what)}
            value={Math.round(item.trackingEm * 1000)}
            least={-300}
            most={2000}
            step={10}
            onChange={(thousandths) =>
              onChange({ ...item, trackingEm: thousandths / 1000 }, say.spacingOf(what))
            }
          />
        </div>
      </div>
      <details className="mt-1">
        <summary className="verb inline-block text-sm">{say.moreRules}</summary>
        <div className="field-rows grid gap-2 py-2">
          <SelectField
            label={say.letters}
            value={item.letterCase}
            words={caseWords()}
            onChange={(letterCase) => onChange({ ...item, letterCase }, say.caseOf(what))}
          />
          <StandsField
            on={item.on}
            own={item.id}
            design={design}
            as="beside"
            onChange={(on) => onChange(on ? { ...item, on } : inRow, say.whereStands(what))}
          />
          <AlignField
            value={item.align}
            onChange={(align) => onChange({ ...item, align }, say.aligned(what))}
          />
          <div>
            <SelectField
              label={say.dotsAndAccents}
              value={item.marks}
              words={markWords()}
              onChange={(marks) => onChange({ ...item, marks }, say.dotsOf(what))}
            />
          </div>
          <NumberField
            label={say.thickenASide}
            name={textRuleWords().thickenWhat(what)}
            unit="mm"
            value={item.thickenMm}
            least={0}
            most={5}
            step={0.05}
            digits={2}
            onChange={(thickenMm) => onChange({ ...item, thickenMm }, say.thickened(what))}
          />
          <NumberField
            label={say.openInsides}
            name={textRuleWords().openTheInsidesOf(what)}
            unit="mm"
            value={item.openCountersMm}
            least={0}
            most={5}
            step={0.1}
            digits={2}
            onChange={(openCountersMm) => onChange({ ...item, openCountersMm }, say.opened(what))}
          />
          <SelectField
            label={say.runs}
            value={item.run}
            words={runWords()}
            onChange={(run) => onChange({ ...item, run }, say.runsAnotherWay(what))}
          />
          <SelectField
            label={say.heightIsJudged}
            value={item.by}
            words={byWords()}
            onChange={(by) => onChange({ ...item, by }, say.heightOf2(what))}
          />
          {item.slot !== undefined && (
            <TextField
              label={say.columnItIsFilled}
              value={item.slot}
              maxLength={31}
              error={undefined}
              onChange={(typed) => {
                const slot = ownColumn(typed);
                if (slot) onChange({ ...item, slot }, say.column(slot));
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
              onChange({ ...item, join: event.target.checked }, say.lettersOfJoined(what))
            }
          />{" "}
          {say.joinLetters}
        </label>
        {!last && (
          <label className="inline-flex min-h-6 items-center gap-2">
            <input
              type="checkbox"
              checked={item.mayNarrow}
              onChange={(event) =>
                onChange({ ...item, mayNarrow: event.target.checked }, say.mayBeNarrower(what))
              }
            />{" "}
            {say.mayBeSetSmaller}
          </label>
        )}
      </div>
    </div>
  );
}
