"use client";

import { isZone } from "@elm-basket/core/calendar/dates.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { useMemo, useState } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { Field } from "@/ui/field.tsx";

type Basics = Pick<ClassDocument, "title" | "when" | "setting" | "spareKits" | "spareSupplies">;
const basicsOf = (document: ClassDocument): Basics => ({ title: document.title, when: document.when, setting: document.setting, spareKits: document.spareKits, spareSupplies: document.spareSupplies });

export function ClassForm({ classId, document, version }: { classId: string; document: ClassDocument; version: number }) {
  const initial = useMemo(() => basicsOf(document), [document]);
  const editor = usePart<Basics>(classId, "class", initial, version, (answer) => basicsOf(answer.document as ClassDocument));
  const { value, change } = editor;
  const [zone, setZone] = useState<string>();
  const when = (patch: Partial<Basics["when"]>, label: string) => change({ ...value, when: { ...value.when, ...patch } }, label);
  return (
    <div className="grid gap-3">
      <Field label="Title">{(props) => <input {...props} value={value.title} maxLength={120} onChange={(event) => change({ ...value, title: event.target.value }, "Title")} />}</Field>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Date">{(props) => <input {...props} type="date" value={value.when.date} onChange={(event) => event.target.value && when({ date: event.target.value }, "Date")} />}</Field>
        <Field label="Time">{(props) => <input {...props} type="time" value={value.when.time} onChange={(event) => event.target.value && when({ time: event.target.value }, "Time")} />}</Field>
        <Field label="Minutes">
          {(props) => (
            <input
              {...props}
              type="number"
              min={10}
              max={1440}
              value={value.when.minutes}
              onChange={(event) => Number(event.target.value) >= 10 && when({ minutes: Math.min(1440, Math.round(Number(event.target.value))) }, "Length")}
            />
          )}
        </Field>
        <Field label="Held">
          {(props) => (
            <select
              {...props}
              value={value.setting.kind}
              onChange={(event) => change({ ...value, setting: { ...value.setting, kind: event.target.value as "room" | "craftAlong" } }, "Room or craft-along")}
            >
              <option value="room">in a room</option>
              <option value="craftAlong">craft-along</option>
            </select>
          )}
        </Field>
      </div>
      <Field label="Place">
        {(props) => <input {...props} value={value.setting.place} maxLength={160} onChange={(event) => change({ ...value, setting: { ...value.setting, place: event.target.value } }, "Place")} />}
      </Field>
      <Field label="Time zone" error={zone !== undefined && !isZone(zone) ? "A time zone such as Europe/London." : undefined}>
        {(props) => (
          <input
            {...props}
            value={zone ?? value.when.zone}
            onChange={(event) => {
              setZone(event.target.value);
              if (isZone(event.target.value)) when({ zone: event.target.value }, "Time zone");
            }}
          />
        )}
      </Field>
      <div className="grid grid-cols-2 gap-3">
        <Field label="Spare cut kits">
          {(props) => <input {...props} type="number" min={0} max={100} value={value.spareKits} onChange={(event) => change({ ...value, spareKits: clamp(event.target.value) }, "Spare kits")} />}
        </Field>
        <Field label="Spare blanks">
          {(props) => (
            <input {...props} type="number" min={0} max={100} value={value.spareSupplies} onChange={(event) => change({ ...value, spareSupplies: clamp(event.target.value) }, "Spare blanks")} />
          )}
        </Field>
      </div>
      <SaveNote editor={editor} />
    </div>
  );
}

const clamp = (text: string): number => Math.min(100, Math.max(0, Math.round(Number(text) || 0)));
