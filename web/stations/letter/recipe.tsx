"use client";

import { type ArtItem, type Design, type RecipeItem, SHAPE_FORMS, type ShapeItem } from "@elm-basket/core/lettering/recipe.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import { Field } from "@/ui/field.tsx";
import { Stepper, StepRow } from "@/ui/stepper.tsx";
import { ArtDialog } from "./art-dialog.tsx";
import { AlignField, ItemHead, VinylField } from "./item-fields.tsx";
import { FORM_WORDS, freeId, freeSlot, newLine, newShape } from "./new-items.ts";
import { TextRule } from "./text-rule.tsx";
import type { Drawn } from "./use-lettering.ts";

interface Props {
  readonly design: Design;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly drawn: Drawn | null;
  readonly onChange: (design: Design, label: string) => void;
}

const stepped = (value: number, by: number, least: number) => Math.max(least, Math.round((value + by) * 10) / 10);

/** The design, read from top to bottom. The app computes where things go; the host sets the rules. */
export function Recipe({ design, vinyls, unit, drawn, onChange }: Props) {
  const [bringing, setBringing] = useState(false);
  const items = design.items;
  const setItem = (index: number, item: RecipeItem, label: string) => onChange({ ...design, items: items.map((old, i) => (i === index ? item : old)) }, label);
  const remove = (index: number) => onChange({ ...design, items: items.filter((_, i) => i !== index) }, "A part taken out");
  const move = (index: number, by: 1 | -1) => {
    const next = [...items];
    const [item] = next.splice(index, 1);
    if (item) next.splice(index + by, 0, item);
    onChange({ ...design, items: next }, "Order of the design");
  };
  const scale = drawn?.seats[0]?.scale ?? 1;
  const lineOf = (id: string) => drawn?.seats.flatMap((seat) => seat.lines).find((line) => line.item === id);
  const add = (item: RecipeItem, label = "A part more") =>
    onChange(
      { ...design, items: [...items, ...(items.length > 0 && !(item.kind === "shape" && item.around !== undefined) ? [{ kind: "gap" as const, id: freeId(items, "gap"), size: 3 }] : []), item] },
      label,
    );
  const first = vinyls[0]?.id ?? "";
  const lines = items.filter(({ kind }) => kind === "text").length;
  return (
    <>
      <h2 className="mb-2 text-lg">The design, top to bottom</h2>
      <ul className="border-rule border-t">
        {items.map((item, index) => (
          <li key={item.id} className="border-rule border-b py-3">
            {item.kind === "gap" && (
              <div className="flex items-center justify-between">
                <span className="font-bold">gap</span>
                <span className="flex items-center gap-3">
                  <span>{showLength(item.size * scale, unit)}</span>
                  <Stepper label="Gap" onStep={(by) => setItem(index, { ...item, size: stepped(item.size, by * 0.5, 0) }, "Gap")} />
                </span>
              </div>
            )}
            {item.kind === "art" && <ArtRule item={item} vinyls={vinyls} unit={unit} scale={scale} onChange={(next, label) => setItem(index, next, label)} />}
            {item.kind === "shape" && <ShapeRule item={item} vinyls={vinyls} unit={unit} scale={scale} onChange={(next, label) => setItem(index, next, label)} />}
            {item.kind === "text" && (
              <TextRule
                item={item}
                vinyls={vinyls}
                unit={unit}
                heightMm={lineOf(item.id)?.heightMm}
                sample={(item.text ?? lineOf(item.id)?.text ?? "").slice(0, 24)}
                design={design}
                last={lines === 1}
                onChange={(next, label) => setItem(index, next, label)}
              />
            )}
            <p className="mt-1 flex gap-4 text-sm">
              {index > 0 && (
                <button type="button" className="verb" aria-label={`Move part ${index + 1} up`} onClick={() => move(index, -1)}>
                  up
                </button>
              )}
              {index < items.length - 1 && (
                <button type="button" className="verb" aria-label={`Move part ${index + 1} down`} onClick={() => move(index, 1)}>
                  down
                </button>
              )}
              {(item.kind === "text" ? lines > 1 : items.length > 1) && (
                <button type="button" className="verb ml-auto" onClick={() => remove(index)}>
                  take out
                </button>
              )}
            </p>
          </li>
        ))}
      </ul>
      <p className="mt-3 flex flex-wrap gap-x-4 gap-y-1">
        <button type="button" className="verb" onClick={() => add(newLine(items, first, { slot: freeSlot(items) }), "A line more")}>
          Add a line per seat
        </button>
        <button type="button" className="verb" onClick={() => add(newLine(items, first, { text: "Welcome" }), "A line more")}>
          Add a fixed line
        </button>
        <button type="button" className="verb" onClick={() => setBringing(true)}>
          Add art
        </button>
        {SHAPE_FORMS.map((form) => (
          <button key={form} type="button" className="verb" onClick={() => add(newShape(items, first, form), `A ${FORM_WORDS[form]} more`)}>
            Add a {FORM_WORDS[form]}
          </button>
        ))}
      </p>
      <ArtDialog open={bringing} onOpenChange={setBringing} vinyls={vinyls} id={freeId(items, "art")} onTake={(art) => add(art, `${art.name} brought in`)} />
    </>
  );
}

interface RuleProps<T> {
  readonly item: T;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly scale: number;
  readonly onChange: (item: T, label: string) => void;
}

function ArtRule({ item, vinyls, unit, scale, onChange }: RuleProps<ArtItem>) {
  const parts = item.layers.reduce((sum, { polygons }) => sum + polygons.length, 0);
  const used = new Set(item.layers.map(({ vinyl }) => vinyl));
  return (
    <div>
      <ItemHead name={item.name} vinyls={vinyls.filter(({ id }) => used.has(id))} />
      <p className="text-soft text-sm">
        art, {parts} {parts === 1 ? "part" : "parts"} · {item.licence}
        {item.source ? ` · ${item.source}` : ""}
      </p>
      <div className="mt-1 grid grid-cols-2">
        <StepRow
          words={`height ${showLength(item.size * scale, unit)}`}
          label={`Size of ${item.name}`}
          onStep={(by) => onChange({ ...item, size: stepped(item.size, by * 0.5, 1) }, `Size of ${item.name}`)}
        />
      </div>
      <details className="mt-1">
        <summary className="verb inline-block text-sm">More rules</summary>
        <div className="grid grid-cols-2 gap-2 py-2">
          <AlignField value={item.align} onChange={(align) => onChange({ ...item, align }, `${item.name} aligned`)} />
          {item.layers.map((layer, i) => (
            <VinylField
              // biome-ignore lint/suspicious/noArrayIndexKey: layers have no identity but their order
              key={i}
              label={`Layer ${i + 1}`}
              value={layer.vinyl}
              vinyls={vinyls}
              onChange={(vinyl) => onChange({ ...item, layers: item.layers.map((old, k) => (k === i ? { ...old, vinyl } : old)) }, `Vinyl of ${item.name}`)}
            />
          ))}
        </div>
      </details>
    </div>
  );
}

function ShapeRule({ item, vinyls, unit, scale, onChange }: RuleProps<ShapeItem>) {
  const name = FORM_WORDS[item.form];
  const surrounds = item.form === "ring" || item.form === "frame";
  const { around, ...loose } = item;
  return (
    <div>
      <ItemHead name={name} vinyls={vinyls.filter(({ id }) => id === item.vinyl)} />
      <div className="mt-1 grid grid-cols-2 gap-2">
        <VinylField value={item.vinyl} vinyls={vinyls} onChange={(vinyl) => onChange({ ...item, vinyl }, `Vinyl of the ${name}`)} />
        {around === undefined && <AlignField value={item.align} onChange={(align) => onChange({ ...item, align }, `${name} aligned`)} />}
        {around === undefined ? (
          <StepRow
            words={`${item.form === "line" ? "thickness" : "height"} ${showLength(item.size * scale, unit)}`}
            label={`Size of the ${name}`}
            onStep={(by) => onChange({ ...item, size: stepped(item.size, by * (item.form === "line" ? 0.2 : 1), 0.4) }, `Size of the ${name}`)}
          />
        ) : (
          <StepRow
            words={`away from the rest, ${showLength(around * scale, unit)}`}
            label={`Distance of the ${name}`}
            onStep={(by) => onChange({ ...item, around: stepped(around, by * 0.5, 0) }, `Distance of the ${name}`)}
          />
        )}
        {item.width !== undefined && around === undefined && (
          <StepRow
            words={`width ${showLength(item.width * scale, unit)}`}
            label={`Width of the ${name}`}
            onStep={(by) => onChange({ ...item, width: stepped(item.width ?? 20, by * 2, 1) }, `Width of the ${name}`)}
          />
        )}
        {item.form === "star" && (
          <Field label="Points">
            {(props) => (
              <input
                {...props}
                type="number"
                min={3}
                max={24}
                value={item.points}
                onChange={(event) => event.target.valueAsNumber >= 3 && onChange({ ...item, points: Math.min(24, Math.round(event.target.valueAsNumber)) }, "Points of the star")}
              />
            )}
          </Field>
        )}
        {surrounds && (
          <>
            <StepRow
              words={`band ${showLength(item.band * scale, unit)}`}
              label={`Band of the ${name}`}
              onStep={(by) => onChange({ ...item, band: stepped(item.band, by * 0.2, 0.4) }, `Band of the ${name}`)}
            />
            <label className="col-span-2 inline-flex min-h-8 items-center gap-2 text-sm">
              <input type="checkbox" checked={around !== undefined} onChange={(event) => onChange(event.target.checked ? { ...item, around: 4 } : loose, `${name} round everything`)} /> round
              everything
            </label>
          </>
        )}
      </div>
    </div>
  );
}
