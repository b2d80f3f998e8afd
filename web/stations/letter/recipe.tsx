"use client";

import type { Design, RecipeItem, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import { STUDIO_FONTS, studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { Field } from "@/ui/field.tsx";
import { FilmDot } from "@/ui/marks.tsx";
import { Reckoned } from "@/ui/reckoned.tsx";
import type { LetterAnswer } from "@/workers/letter-protocol.ts";

interface Props {
  readonly design: Design;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly drawn: Extract<LetterAnswer, { kind: "drawn" }> | null;
  readonly onChange: (design: Design, label: string) => void;
}

const KIND_WORDS = { script: "Scripts, joined", sans: "Plain", rounded: "Rounded", slab: "Slab", stencil: "Stencil" } as const;
const CASE_WORDS = { asTyped: "as typed", upper: "CAPITALS", lower: "small letters", title: "Capital First" } as const;

/** The design, read from top to bottom. The app computes where things go; the host sets the rules. */
export function Recipe({ design, vinyls, unit, drawn, onChange }: Props) {
  const items = design.items;
  const setItem = (index: number, item: RecipeItem, label: string) => onChange({ ...design, items: items.map((old, i) => (i === index ? item : old)) }, label);
  const remove = (index: number) => onChange({ ...design, items: items.filter((_, i) => i !== index) }, "A part taken out");
  const scale = drawn?.seats[0]?.scale ?? 1;
  const heightOf = (id: string) => drawn?.seats.flatMap((seat) => seat.lines).find((line) => line.item === id)?.heightMm;
  const add = (item: RecipeItem, gap: boolean) =>
    onChange({ ...design, items: [...items, ...(gap && items.length > 0 ? [{ kind: "gap" as const, id: freeId(items, "gap"), size: 3 }] : []), item] }, "A line more");
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
                  <Stepper label="Gap" onStep={(by) => setItem(index, { ...item, size: Math.max(0, Math.round((item.size + by * 0.5) * 10) / 10) }, "Gap")} />
                </span>
              </div>
            )}
            {item.kind === "art" && (
              <div>
                <ItemHead name={item.name} vinyl={vinyls.find(({ id }) => id === item.vinyl)} />
                <p className="text-soft text-sm">
                  art, {showLength(item.size * scale, unit)} tall, {item.polygons.length} {item.polygons.length === 1 ? "part" : "parts"} · {item.licence}
                </p>
                <div className="mt-1 flex items-center justify-between">
                  <Stepper label="Size of the art" onStep={(by) => setItem(index, { ...item, size: Math.max(1, item.size + by * 0.5) }, `Size of ${item.name}`)} />
                  <button type="button" className="verb text-sm" onClick={() => remove(index)}>
                    take out
                  </button>
                </div>
              </div>
            )}
            {item.kind === "text" && (
              <TextRule
                item={item}
                vinyls={vinyls}
                unit={unit}
                heightMm={heightOf(item.id)}
                design={design}
                last={items.filter(({ kind }) => kind === "text").length === 1}
                onChange={(next, label) => setItem(index, next, label)}
                onRemove={() => remove(index)}
              />
            )}
          </li>
        ))}
      </ul>
      <p className="mt-3">
        <button type="button" className="verb" onClick={() => add(textLine(items, vinyls, { slot: freeSlot(items) }), true)}>
          Add a line per seat
        </button>{" "}
        ·{" "}
        <button type="button" className="verb" onClick={() => add(textLine(items, vinyls, { text: "Welcome" }), true)}>
          Add a fixed line
        </button>
      </p>
    </>
  );
}

function textLine(items: readonly RecipeItem[], vinyls: readonly Vinyl[], what: { slot: string } | { text: string }): TextItem {
  return {
    kind: "text",
    id: freeId(items, "line"),
    ...what,
    font: "oswald",
    vinyl: vinyls[0]?.id ?? "",
    size: 7,
    by: "capHeight",
    letterCase: "upper",
    trackingEm: 0.04,
    join: false,
    mayNarrow: items.some(({ kind }) => kind === "text"),
  };
}

function freeId(items: readonly RecipeItem[], stem: string): string {
  let n = items.length + 1;
  while (items.some(({ id }) => id === `${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}

const SLOTS = ["name", "word", "number", "date", "line"];
function freeSlot(items: readonly RecipeItem[]): string {
  const taken = new Set(items.flatMap((item) => (item.kind === "text" && item.slot ? [item.slot] : [])));
  return SLOTS.find((slot) => !taken.has(slot)) ?? `slot${taken.size + 1}`;
}

function ItemHead({ name, vinyl }: { name: string; vinyl: Vinyl | undefined }) {
  return (
    <p className="flex items-center justify-between gap-2">
      <span className="font-bold capitalize">{name}</span>
      <span className="inline-flex items-center gap-1.5 text-sm">
        {vinyl?.name} <FilmDot colour={vinyl?.colour ?? "transparent"} />
      </span>
    </p>
  );
}

function Stepper({ label, onStep }: { label: string; onStep: (by: 1 | -1) => void }) {
  const look = "min-h-9 min-w-9 border border-rule-strong bg-paper font-bold text-lg leading-none hover:border-elm";
  return (
    <span className="inline-flex">
      <button type="button" className={`${look} rounded-l-card`} aria-label={`${label}: smaller`} onClick={() => onStep(-1)}>
        −
      </button>
      <button type="button" className={`${look} rounded-r-card border-l-0`} aria-label={`${label}: larger`} onClick={() => onStep(1)}>
        +
      </button>
    </span>
  );
}

interface RuleProps {
  readonly item: TextItem;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly heightMm: number | undefined;
  readonly design: Design;
  readonly last: boolean;
  readonly onChange: (item: TextItem, label: string) => void;
  readonly onRemove: () => void;
}

function TextRule({ item, vinyls, unit, heightMm, design, last, onChange, onRemove }: RuleProps) {
  const what = item.slot ?? "fixed line";
  const font = studioFont(item.font);
  return (
    <div>
      <ItemHead name={what} vinyl={vinyls.find(({ id }) => id === item.vinyl)} />
      <p className="mb-2 text-soft text-sm">
        {font?.family}
        {item.join ? ", letters joined" : ""},{" "}
        {heightMm === undefined ? (
          "…"
        ) : (
          <Reckoned
            className="text-ink"
            reckoning={{
              title: `${what}: capitals of ${heightMm.toFixed(1)} mm`,
              lines: [
                { what: "Height in the recipe", value: `${item.size} (only the proportion to the other lines counts)` },
                { what: "Scale that the school gives", value: `× ${(heightMm / item.size).toFixed(3)}` },
                { what: "Height as cut", value: `${heightMm.toFixed(2)} mm` },
              ],
              rule: "Letters are judged by the height of their capitals, as drawn, not by the box round the name: descenders must not shrink it.",
              school: design.school === "longest" ? "Longest sets the size: one height for all seats." : "The first seat is shown.",
              rounding: "To a tenth of a millimetre, for showing.",
            }}
          >
            {showLength(heightMm, unit)} tall
          </Reckoned>
        )}
        {item.mayNarrow ? ", at most as wide as the widest name" : ""}
      </p>
      <div className="grid grid-cols-2 gap-2">
        {item.text !== undefined && (
          <div className="col-span-2">
            <Field label="Text">
              {(props) => <input {...props} className="w-full" maxLength={200} value={item.text} onChange={(event) => onChange({ ...item, text: event.target.value }, "Fixed text")} />}
            </Field>
          </div>
        )}
        <Field label="Font">
          {(props) => (
            <select
              {...props}
              className="w-full"
              value={item.font}
              onChange={(event) => onChange({ ...item, font: event.target.value, join: studioFont(event.target.value)?.joined ?? false }, `Font of ${what}`)}
            >
              {Object.entries(KIND_WORDS).map(([kind, words]) => (
                <optgroup key={kind} label={words}>
                  {STUDIO_FONTS.filter((entry) => entry.kind === kind).map((entry) => (
                    <option key={entry.id} value={entry.id}>
                      {entry.family}
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
          )}
        </Field>
        <Field label="Vinyl">
          {(props) => (
            <select {...props} className="w-full" value={item.vinyl} onChange={(event) => onChange({ ...item, vinyl: event.target.value }, `Vinyl of ${what}`)}>
              {vinyls.map((vinyl) => (
                <option key={vinyl.id} value={vinyl.id}>
                  {vinyl.name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Letters">
          {(props) => (
            <select {...props} className="w-full" value={item.letterCase} onChange={(event) => onChange({ ...item, letterCase: event.target.value as TextItem["letterCase"] }, `Case of ${what}`)}>
              {Object.entries(CASE_WORDS).map(([value, words]) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          )}
        </Field>
        <div className="col-span-2 flex flex-wrap items-center gap-x-4 gap-y-2 text-sm text-soft">
          <span className="inline-flex items-center gap-2">
            size
            <Stepper label={`Size of ${what}`} onStep={(by) => onChange({ ...item, size: Math.max(1, Math.round((item.size + by * 0.5) * 10) / 10) }, `Size of ${what}`)} />
          </span>
          <span className="inline-flex items-center gap-2">
            spacing
            <Stepper
              label={`Spacing of ${what}`}
              onStep={(by) => onChange({ ...item, trackingEm: Math.min(2, Math.max(-0.3, Math.round((item.trackingEm + by * 0.01) * 100) / 100)) }, `Spacing of ${what}`)}
            />
          </span>
        </div>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <label className="inline-flex min-h-6 items-center gap-2">
          <input type="checkbox" checked={item.join} onChange={(event) => onChange({ ...item, join: event.target.checked }, `Letters of ${what} joined`)} /> join letters
        </label>
        {!last && (
          <>
            <label className="inline-flex min-h-6 items-center gap-2">
              <input type="checkbox" checked={item.mayNarrow} onChange={(event) => onChange({ ...item, mayNarrow: event.target.checked }, `${what} may be narrower`)} /> may be set smaller
            </label>
            <button type="button" className="verb" onClick={onRemove}>
              take out
            </button>
          </>
        )}
      </div>
    </div>
  );
}
