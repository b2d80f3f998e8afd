"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useActionState, useState } from "react";
import type { FormAnswer } from "@/account/actions.ts";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { makeClass } from "./actions.ts";

interface ProjectChoice {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly slots: readonly string[];
}

const SIZES = {
  flat: { width: "Width of the face", height: "Height of the face" },
  round: { width: "Diameter of the face", height: "" },
  straightCup: { width: "Diameter of the cup", height: "Height of the cup" },
} as const;
type Shape = keyof typeof SIZES;

export function NewClassForm({ projects, chosen, zone, unit, date }: { projects: readonly ProjectChoice[]; chosen: string; zone: string; unit: LengthUnit; date: string }) {
  const [answer, act, busy] = useActionState<FormAnswer | null, FormData>(makeClass, null);
  const typed = answer?.typed;
  const [project, setProject] = useState(chosen);
  const [shape, setShape] = useState<Shape>("flat");
  const found = projects.find(({ id }) => id === project);
  const columns = found ? [...new Set(["name", ...found.slots])] : ["name"];
  const inches = unit === "inFraction" || unit === "inDecimal";
  return (
    <form action={act} className="grid gap-x-14 gap-y-8 lg:grid-cols-2" key={JSON.stringify(typed ?? {})}>
      <div className="grid content-start gap-4">
        <h2 className="text-xl">What and when</h2>
        <Field label="Of">
          {(props) => (
            <select {...props} name="project" value={project} onChange={(event) => setProject(event.target.value)}>
              <option value="">nothing yet: a blank and names</option>
              {projects.map(({ id, title }) => (
                <option key={id} value={id}>
                  {title}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Title" error={answer?.fields?.title}>
          {(props) => <input key={project} {...props} name="title" required maxLength={120} defaultValue={typed?.title ?? found?.title ?? ""} />}
        </Field>
        <div className="grid grid-cols-2 gap-4">
          <Field label="Date" error={answer?.fields?.date}>
            {(props) => <input {...props} type="date" name="date" required defaultValue={typed?.date ?? date} />}
          </Field>
          <Field label="Time" error={answer?.fields?.time}>
            {(props) => <input {...props} type="time" name="time" required defaultValue={typed?.time ?? "14:00"} />}
          </Field>
          <Field label="Minutes" error={answer?.fields?.minutes}>
            {(props) => <input key={project} {...props} type="number" name="minutes" min={10} max={1440} required defaultValue={typed?.minutes ?? found?.minutes ?? 90} />}
          </Field>
          <Field label="Time zone" error={answer?.fields?.zone}>
            {(props) => <input {...props} name="zone" required defaultValue={typed?.zone ?? zone} />}
          </Field>
        </div>
        <div className="grid grid-cols-2 gap-4">
          <Field label="Held">
            {(props) => (
              <select {...props} name="kind" defaultValue={typed?.kind ?? "room"}>
                <option value="room">in a room</option>
                <option value="craftAlong">as a live craft-along</option>
              </select>
            )}
          </Field>
          <Field label="Place" error={answer?.fields?.place}>
            {(props) => <input {...props} name="place" maxLength={160} defaultValue={typed?.place} />}
          </Field>
        </div>
        {project === "" ? (
          <fieldset className="grid gap-4">
            <legend className="mb-2 font-bold font-head text-xl">The blank</legend>
            <div className="grid grid-cols-2 gap-4">
              <Field label="What it is">{(props) => <input {...props} name="blankName" maxLength={120} defaultValue={typed?.blankName ?? "Wooden tag"} />}</Field>
              <Field label="Shape">
                {(props) => (
                  <select {...props} name="shape" value={shape} onChange={(event) => setShape(event.target.value as Shape)}>
                    <option value="flat">flat, rectangular face</option>
                    <option value="round">flat, round face</option>
                    <option value="straightCup">straight cup</option>
                  </select>
                )}
              </Field>
              <Field label={SIZES[shape].width} error={answer?.fields?.width} hint={inches ? "7 3/4, 7.75, 19 cm" : "70, 19 cm, 7 3/4 in"}>
                {(props) => <input {...props} name="width" defaultValue={typed?.width ?? (inches ? "2 3/4" : "70 mm")} />}
              </Field>
              {SIZES[shape].height ? (
                <Field label={SIZES[shape].height} error={answer?.fields?.height}>
                  {(props) => <input {...props} name="height" defaultValue={typed?.height ?? (inches ? "1 1/2" : "40 mm")} />}
                </Field>
              ) : (
                <input type="hidden" name="height" value="1" />
              )}
            </div>
          </fieldset>
        ) : (
          <>
            <input type="hidden" name="blankName" value="" />
            <input type="hidden" name="shape" value="flat" />
            <input type="hidden" name="width" value="" />
            <input type="hidden" name="height" value="" />
          </>
        )}
      </div>
      <div className="grid content-start gap-4">
        <h2 className="text-xl">Who comes</h2>
        <Field
          label={columns.length > 1 ? `One line a seat: ${columns.join(", ")} (commas or tabs between)` : "One name a line"}
          hint="Paste from a spreadsheet or a list. You can add and change names later."
          error={answer?.fields?.names}
        >
          {(props) => <textarea {...props} name="names" rows={16} spellCheck={false} className="w-full font-text" defaultValue={typed?.names} />}
        </Field>
        {answer && (
          <p role="alert" className="text-brick">
            {answer.message}
          </p>
        )}
        <Button type="submit" tone="main" disabled={busy}>
          {busy ? "Making …" : "Make the class"}
        </Button>
      </div>
    </form>
  );
}
