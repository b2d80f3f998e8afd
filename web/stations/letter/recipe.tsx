"use client";

import { type Design, type RecipeItem, SHAPE_FORMS, slotsOf, type TextItem, withoutItem } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import { LengthField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { ArtDialog } from "./art-dialog.tsx";
import { ArtRule } from "./art-rule.tsx";
import { tidy } from "./item-fields.tsx";
import { FORM_WORDS, freeId, freeSlot, newLine, newShape, writingLines } from "./new-items.ts";
import { ShapeRule } from "./shape-rule.tsx";
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
  const remove = (index: number) => onChange({ ...design, items: withoutLooseGaps(withoutItem(items, items[index]?.id ?? "")) }, "A part taken out");
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
  const writable = items.find((item): item is TextItem => item.kind === "text" && !item.on && item.run === "across" && !items.some((other) => other.kind !== "gap" && other.on?.item === item.id));
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
                design={design}
                vinyls={vinyls}
                unit={unit}
                scale={scale}
                slots={slotsOf(design)}
                onHeight={(mm) => onChange(withHeight(design, item, mm, item.size * scale), `Size of ${item.name}`)}
                onBring={() => setBringing(item.id)}
                onChange={(next, label) => setItem(index, next, label)}
              />
            )}
            {item.kind === "shape" && <ShapeRule item={item} design={design} vinyls={vinyls} unit={unit} scale={scale} onChange={(next, label) => setItem(index, next, label)} />}
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
                  remove
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
        {writable && (
          <button type="button" className="verb" onClick={() => onChange({ ...design, items: [...items, ...writingLines(items, writable, first)] }, "Lines to write on")}>
            Add lines to write on
          </button>
        )}
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

const drawnItems = (items: readonly RecipeItem[]): number => items.filter(({ kind }) => kind !== "gap").length;
const OVERLAP_WORDS = { layered: "the lower line lies over the upper", cutOut: "the upper is cut out beneath it" } as const;

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
