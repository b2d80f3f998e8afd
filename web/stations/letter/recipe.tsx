"use client";

import { type ArtItem, type Design, type RecipeItem, SHAPE_FORMS, type ShapeItem, slotsOf } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import { LengthField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
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

/** The design, read from top to bottom. The app computes where things go; the host sets the rules. */
export function Recipe({ design, vinyls, unit, drawn, onChange }: Props) {
  // The art that is brought in: a part of its own, or another picture of one that is there.
  const [bringing, setBringing] = useState<string | null>(null);
  const items = design.items;
  const setItem = (index: number, item: RecipeItem, label: string) => onChange({ ...design, items: items.map((old, i) => (i === index ? item : old)) }, label);
  const remove = (index: number) => onChange({ ...design, items: withoutLooseGaps(items.filter((_, i) => i !== index)) }, "A part taken out");
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
      {
        ...design,
        items: [
          ...items,
          ...(items.length > 0 && !(item.kind === "shape" && item.around !== undefined) ? [{ kind: "gap" as const, id: freeId(items, "gap"), size: 3, overlap: "layered" as const }] : []),
          item,
        ],
      },
      label,
    );
  const first = vinyls[0]?.id ?? "";
  return (
    <>
      <h2 className="mb-2 text-lg">The design, top to bottom</h2>
      <ul className="border-rule border-t">
        {items.map((item, index) => (
          <li key={item.id} className="border-rule border-b py-3">
            {item.kind === "gap" && (
              <div className="flex flex-wrap items-center justify-between gap-2">
                <span className="font-bold">{item.size < 0 ? "overlap" : "gap"}</span>
                <span className="flex items-center gap-3">
                  <span className="w-32">
                    <LengthField
                      label=""
                      name={`Gap ${index + 1}`}
                      mm={tidy(item.size * scale)}
                      unit={unit}
                      signed
                      least={-500}
                      most={1000}
                      onChange={(mm) => setItem(index, { ...item, size: tidy(mm / scale) }, mm < 0 ? "Overlap" : "Gap")}
                    />
                  </span>
                </span>
                {item.size < 0 && (
                  <span className="w-full">
                    <SelectField label="Where two films overlap" value={item.overlap} words={OVERLAP_WORDS} onChange={(overlap) => setItem(index, { ...item, overlap }, "How films overlap")} />
                  </span>
                )}
              </div>
            )}
            {item.kind === "art" && (
              <ArtRule
                item={item}
                vinyls={vinyls}
                unit={unit}
                scale={scale}
                slots={slotsOf(design)}
                onHeight={(mm) => onChange(withHeight(design, item, mm, item.size * scale), `Size of ${item.name}`)}
                onBring={() => setBringing(item.id)}
                onChange={(next, label) => setItem(index, next, label)}
              />
            )}
            {item.kind === "shape" && <ShapeRule item={item} vinyls={vinyls} unit={unit} scale={scale} onChange={(next, label) => setItem(index, next, label)} />}
            {item.kind === "text" && (
              <TextRule
                item={item}
                vinyls={vinyls}
                unit={unit}
                heightMm={lineOf(item.id)?.heightMm}
                onHeight={(mm) => onChange(withHeight(design, item, mm, lineOf(item.id)?.heightMm ?? 0), `Size of ${item.slot ?? "fixed line"}`)}
                sample={(item.text ?? lineOf(item.id)?.text ?? "").slice(0, 24)}
                design={design}
                last={drawnItems(items) === 1}
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
              {drawnItems(items) > (item.kind === "gap" ? 0 : 1) && (
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
        <button type="button" className="verb" onClick={() => setBringing("")}>
          Add art
        </button>
        {SHAPE_FORMS.map((form) => (
          <button key={form} type="button" className="verb" onClick={() => add(newShape(items, first, form), `A ${FORM_WORDS[form]} more`)}>
            Add a {FORM_WORDS[form]}
          </button>
        ))}
      </p>
      <ArtDialog
        open={bringing !== null}
        onOpenChange={(open) => setBringing(open ? (bringing ?? "") : null)}
        vinyls={vinyls}
        id={freeId(items, "art")}
        onTake={(art) => {
          const into = items.findIndex((item) => item.id === bringing);
          const whole = items[into];
          const { name, layers, licence, source } = art;
          if (whole?.kind === "art") setItem(into, { ...whole, others: [...whole.others, { name, layers, licence, source }] }, `${name} brought in`);
          else add(art, `${name} brought in`);
        }}
      />
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

function ArtRule({ item, vinyls, unit, scale, slots, onHeight, onBring, onChange }: RuleProps<ArtItem> & { slots: readonly string[]; onHeight: (mm: number) => void; onBring: () => void }) {
  const parts = item.layers.reduce((sum, { polygons }) => sum + polygons.length, 0);
  const used = new Set(item.layers.map(({ vinyl }) => vinyl));
  return (
    <div>
      <ItemHead name={item.name} vinyls={vinyls.filter(({ id }) => used.has(id))} />
      <p className="text-soft text-sm">
        art, {parts} {parts === 1 ? "part" : "parts"} · {item.licence}
        {item.source ? ` · ${item.source}` : ""}
      </p>
      <div className="mt-1 grid grid-cols-2 gap-2">
        <LengthField label="Height" name={`Height of ${item.name}`} mm={tidy(item.size * scale)} unit={unit} least={1} most={1000} onChange={onHeight} />
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
          <NumberField
            label="Thicken, a side"
            unit="mm"
            value={item.thickenMm}
            least={0}
            most={5}
            step={0.05}
            digits={2}
            onChange={(thickenMm) => onChange({ ...item, thickenMm }, `${item.name} thickened`)}
          />
          <TextField label="Called" value={item.name} maxLength={80} required="Give the art a name." onChange={(name) => onChange({ ...item, name }, "Name of art")} />
          <TextField label="Licence" value={item.licence} maxLength={200} onChange={(licence) => onChange({ ...item, licence }, "Licence of art")} />
          <TextField label="Where it is from" value={item.source} maxLength={200} onChange={(source) => onChange({ ...item, source }, "Source of art")} />
          <PictureSet item={item} slots={slots} onBring={onBring} onChange={onChange} />
        </div>
      </details>
    </div>
  );
}

/** A small set of pictures, of which each seat has one: by its name in the roster. */
function PictureSet({ item, slots, onBring, onChange }: { item: ArtItem; slots: readonly string[]; onBring: () => void; onChange: (item: ArtItem, label: string) => void }) {
  const { slot, ...fixed } = item;
  return (
    <div className="col-span-2 grid gap-1 border-rule border-t pt-2 text-sm">
      {slot === undefined ? (
        <button type="button" className="verb min-h-9 justify-self-start" onClick={() => onChange({ ...item, slot: freeName(slots, "picture") }, `${item.name}: a choice for each seat`)}>
          Let each seat choose among several
        </button>
      ) : (
        <>
          <p>
            Each seat has one of these, by the column <b>{slot}</b>:
          </p>
          <ul>
            <li>{item.name}, unless it says another</li>
            {item.others.map((other, i) => (
              <li key={other.name} className="flex justify-between gap-3">
                {other.name}
                <button
                  type="button"
                  className="verb"
                  aria-label={`Take ${other.name} out`}
                  onClick={() => onChange({ ...item, others: item.others.filter((_, k) => k !== i) }, `${other.name} taken out`)}
                >
                  take out
                </button>
              </li>
            ))}
          </ul>
          <p className="flex gap-4">
            {item.others.length < 12 && (
              <button type="button" className="verb min-h-9" onClick={onBring}>
                Bring in another
              </button>
            )}
            <button type="button" className="verb min-h-9" onClick={() => onChange({ ...fixed, others: [] }, `${item.name} for all`)}>
              the same for all
            </button>
          </p>
        </>
      )}
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
          <LengthField
            label={item.form === "line" ? "Thickness" : "Height"}
            name={`Size of the ${name}`}
            mm={tidy(item.size * scale)}
            unit={unit}
            least={0.2}
            most={1000}
            onChange={(mm) => onChange({ ...item, size: tidy(mm / scale) }, `Size of the ${name}`)}
          />
        ) : (
          <LengthField
            label="Away from the rest"
            name={`Distance of the ${name}`}
            mm={tidy(around * scale)}
            unit={unit}
            allowZero
            most={500}
            onChange={(mm) => onChange({ ...item, around: tidy(mm / scale) }, `Distance of the ${name}`)}
          />
        )}
        {item.width !== undefined && around === undefined && (
          <LengthField
            label="Width"
            name={`Width of the ${name}`}
            mm={tidy(item.width * scale)}
            unit={unit}
            least={0.5}
            most={2000}
            onChange={(mm) => onChange({ ...item, width: tidy(mm / scale) }, `Width of the ${name}`)}
          />
        )}
        {item.form === "line" && <DashFields item={item} unit={unit} scale={scale} onChange={onChange} />}
        {item.form === "star" && <NumberField label="Points" value={item.points} least={3} most={24} onChange={(points) => onChange({ ...item, points }, "Points of the star")} />}
        {surrounds && (
          <>
            <LengthField
              label="Band"
              name={`Band of the ${name}`}
              mm={tidy(item.band * scale)}
              unit={unit}
              least={0.2}
              most={200}
              onChange={(mm) => onChange({ ...item, band: tidy(mm / scale) }, `Band of the ${name}`)}
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

/** A bar drawn and left out in turns, as school lines have it. */
function DashFields({ item, unit, scale, onChange }: Omit<RuleProps<ShapeItem>, "vinyls">) {
  const { dash, ...solid } = item;
  return (
    <>
      <label className="col-span-2 inline-flex min-h-9 items-center gap-2 text-sm">
        <input
          type="checkbox"
          checked={dash !== undefined}
          onChange={(event) => onChange(event.target.checked ? { ...item, dash: { on: 4, off: 3 } } : solid, event.target.checked ? "Bar dashed" : "Bar in one")}
        />{" "}
        dashed
      </label>
      {dash && (
        <>
          <LengthField
            label="Dash"
            mm={tidy(dash.on * scale)}
            unit={unit}
            least={0.2}
            most={500}
            onChange={(mm) => onChange({ ...item, dash: { ...dash, on: tidy(mm / scale) } }, "Length of a dash")}
          />
          <LengthField
            label="Left out"
            mm={tidy(dash.off * scale)}
            unit={unit}
            least={0.2}
            most={500}
            onChange={(mm) => onChange({ ...item, dash: { ...dash, off: tidy(mm / scale) } }, "Space between dashes")}
          />
        </>
      )}
    </>
  );
}

const tidy = (value: number): number => Math.round(value * 1000) / 1000;
const drawnItems = (items: readonly RecipeItem[]): number => items.filter(({ kind }) => kind !== "gap").length;
const OVERLAP_WORDS = { layered: "the lower line lies over the upper", cutOut: "the upper is cut out beneath it" } as const;

function freeName(taken: readonly string[], stem: string): string {
  for (let n = 1; ; n++) {
    const name = n === 1 ? stem : `${stem}${n}`;
    if (!taken.includes(name)) return name;
  }
}

/**
 * An item at a height that was typed. Alone it sets the size of the whole, by hand: against nothing else a proportion would
 * change nothing. Among others it changes its proportion to them.
 */
function withHeight(design: Design, item: Exclude<RecipeItem, { kind: "gap" }>, mm: number, now: number): Design {
  const alone = drawnItems(design.items) === 1;
  if (alone) return { ...design, school: "fixedHeight", fixedScale: Math.min(100, Math.max(0.01, mm / item.size)) };
  const size = Math.min(1000, Math.max(0.1, tidy(now > 0 ? (item.size * mm) / now : mm)));
  return { ...design, items: design.items.map((old) => (old.id === item.id ? { ...old, size } : old)) as RecipeItem[] };
}

/** A gap stands between two parts: at either end, or beside another, it parts nothing. */
function withoutLooseGaps(items: readonly RecipeItem[]): RecipeItem[] {
  const last = items.findLastIndex(({ kind }) => kind !== "gap");
  return items.filter((item, i) => item.kind !== "gap" || (i > 0 && i < last && items[i - 1]?.kind !== "gap"));
}
