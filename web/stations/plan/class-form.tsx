"use client";

import { isZone } from "@elm-basket/core/calendar/zone-names.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Clock } from "@elm-basket/core/units/time.ts";
import { useMemo } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Field } from "@/ui/field.tsx";
import { LongTextField, NumberField, TextField } from "@/ui/fields.tsx";
import { DateField, TimeField } from "@/ui/when-fields.tsx";
import { classFormWords } from "./words.ts";

type Basics = Pick<
  ClassDocument,
  "title" | "summary" | "when" | "setting" | "spareKits" | "spareSupplies"
>;
const basicsOf = (document: ClassDocument): Basics => ({
  title: document.title,
  summary: document.summary,
  when: document.when,
  setting: document.setting,
  spareKits: document.spareKits,
  spareSupplies: document.spareSupplies,
});

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly version: number;
  /** How many are enough, and by what. */
  readonly spares?: string;
  readonly today: string;
  readonly clock: Clock;
}

export function ClassForm({ classId, document, version, spares, today, clock }: Props) {
  const say = classFormWords();
  const initial = useMemo(() => basicsOf(document), [document]);
  const editor = usePart<Basics>(classId, "class", initial, version, (answer) =>
    basicsOf(answer.document as ClassDocument),
  );
  const { value, change } = editor;
  const when = (patch: Partial<Basics["when"]>, label: string) =>
    change({ ...value, when: { ...value.when, ...patch } }, label);
  return (
    <div className="grid gap-3">
      <TextField
        label={say.title}
        value={value.title}
        maxLength={120}
        required={say.giveTheClassATitle}
        onChange={(title) => change({ ...value, title }, say.title)}
      />
      <DateField
        label={say.date}
        value={value.when.date}
        today={today}
        onChange={(date) => when({ date }, say.date)}
      />
      <div className="grid grid-cols-2 gap-3">
        <TimeField
          label={say.time}
          value={value.when.time}
          clock={clock}
          onChange={(time) => when({ time }, say.time)}
        />
        <NumberField
          label={say.minutes}
          value={value.when.minutes}
          least={10}
          most={1440}
          step={5}
          onChange={(minutes) => when({ minutes }, say.length)}
        />
        <Field label={say.held}>
          {(props) => (
            <select
              {...props}
              value={value.setting.kind}
              onChange={(event) =>
                change(
                  {
                    ...value,
                    setting: {
                      ...value.setting,
                      kind: event.target.value as "room" | "craftAlong",
                    },
                  },
                  say.roomOrCraftAlong,
                )
              }
            >
              <option value="room">{say.inARoom}</option>
              <option value="craftAlong">{say.craftAlong}</option>
            </select>
          )}
        </Field>
      </div>
      <TextField
        label={say.place}
        value={value.setting.place}
        maxLength={160}
        onChange={(place) => change({ ...value, setting: { ...value.setting, place } }, say.place)}
      />
      <TextField
        label={say.timeZone}
        value={value.when.zone}
        required={say.aTimeZoneSuch}
        error={say.aTimeZoneSuch2(isZone(value.when.zone))}
        onChange={(zone) => when({ zone }, say.timeZone)}
      />
      <LongTextField
        label={say.whatTheClass}
        rows={3}
        value={value.summary}
        onChange={(summary) => change({ ...value, summary }, say.summary)}
      />
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label={say.spareCutKits}
          value={value.spareKits}
          least={0}
          most={100}
          onChange={(spareKits) => change({ ...value, spareKits }, say.spareKits)}
        />
        <NumberField
          label={say.spareBlanks}
          value={value.spareSupplies}
          least={0}
          most={100}
          onChange={(spareSupplies) => change({ ...value, spareSupplies }, say.spareBlanks)}
        />
      </div>
      {spares && <p className="text-soft text-sm">{spares}</p>}
      <SaveNote editor={editor} />
    </div>
  );
}
