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
        label="Title"
        value={value.title}
        maxLength={120}
        required="Give the class a title."
        onChange={(title) => change({ ...value, title }, "Title")}
      />
      <DateField
        label="Date"
        value={value.when.date}
        today={today}
        onChange={(date) => when({ date }, "Date")}
      />
      <div className="grid grid-cols-2 gap-3">
        <TimeField
          label="Time"
          value={value.when.time}
          clock={clock}
          onChange={(time) => when({ time }, "Time")}
        />
        <NumberField
          label="Minutes"
          value={value.when.minutes}
          least={10}
          most={1440}
          step={5}
          onChange={(minutes) => when({ minutes }, "Length")}
        />
        <Field label="Held">
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
                  "Room or craft-along",
                )
              }
            >
              <option value="room">in a room</option>
              <option value="craftAlong">craft-along</option>
            </select>
          )}
        </Field>
      </div>
      <TextField
        label="Place"
        value={value.setting.place}
        maxLength={160}
        onChange={(place) => change({ ...value, setting: { ...value.setting, place } }, "Place")}
      />
      <TextField
        label="Time zone"
        value={value.when.zone}
        required="A time zone such as Europe/London."
        error={isZone(value.when.zone) ? undefined : "A time zone such as Europe/London."}
        onChange={(zone) => when({ zone }, "Time zone")}
      />
      <LongTextField
        label="What the class is, in a sentence"
        rows={3}
        value={value.summary}
        onChange={(summary) => change({ ...value, summary }, "Summary")}
      />
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label="Spare cut kits"
          value={value.spareKits}
          least={0}
          most={100}
          onChange={(spareKits) => change({ ...value, spareKits }, "Spare kits")}
        />
        <NumberField
          label="Spare blanks"
          value={value.spareSupplies}
          least={0}
          most={100}
          onChange={(spareSupplies) => change({ ...value, spareSupplies }, "Spare blanks")}
        />
      </div>
      {spares && <p className="text-soft text-sm">{spares}</p>}
      <SaveNote editor={editor} />
    </div>
  );
}
