"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { SearchOn } from "./search-on.tsx";

type Layout = ClassDocument["layout"];
const MODES = [
  ["trimmer", "Straight cuts between kits"],
  ["tight", "Tight, least vinyl"],
  ["bySeat", "Seat by seat, in order"],
  ["byThing", "Thing by thing"],
] as const;
const SEARCHES = [
  [0.6, "a moment"],
  [5, "5 s"],
  [20, "20 s"],
] as const;

/** How the kits lie: three ways, and what each allows. */
export function LayoutChoice({
  classId,
  layout,
  version,
  scraps,
  several,
  unit,
}: {
  classId: string;
  layout: Layout;
  version: number;
  scraps: number;
  several: boolean;
  unit: LengthUnit;
}) {
  const part = usePart<{ layout: Layout }>(classId, "class", { layout }, version, (answer) => ({
    layout: (answer.document as ClassDocument).layout,
  }));
  const own = part.value.layout;
  const change = (more: Partial<Layout>, label: string) =>
    part.change({ layout: { ...own, ...more, kept: more.kept ?? [] } }, label);
  return (
    <fieldset className="mt-5">
      <legend className="mb-1 text-soft text-sm">How the kits lie</legend>
      <div className="border-[1.5px] border-elm">
        {MODES.filter(([mode]) => several || mode !== "byThing" || own.mode === mode).map(
          ([mode, words]) => (
            <label
              key={mode}
              className={`flex min-h-11 cursor-pointer items-center gap-2 px-3 font-bold text-sm ${own.mode === mode ? "bg-elm text-white" : "text-elm-dark"}`}
            >
              <input
                type="radio"
                className="sr-only"
                name="layout-mode"
                checked={own.mode === mode}
                onChange={() => change({ mode }, `Kits laid: ${words.toLowerCase()}`)}
              />
              {words}
            </label>
          ),
        )}
      </div>
      {own.mode === "tight" && (
        <div className="mt-3">
          <SelectField
            label="Search for"
            value={String(
              SEARCHES.reduce(
                (best, [seconds]) =>
                  Math.abs(seconds - own.seconds) < Math.abs(best - own.seconds) ? seconds : best,
                0.6,
              ),
            )}
            words={SEARCHES.map(([seconds, words]) => [String(seconds), words] as const)}
            onChange={(seconds) => change({ seconds: Number(seconds) }, "Searched longer")}
          />
        </div>
      )}
      <details className="mt-2">
        <summary className="min-h-9 list-none text-sm [&::-webkit-details-marker]:hidden">
          <span className="text-soft">{allowed(own, unit)}. </span>
          <span className="verb">Change</span>
        </summary>
        <div className="mt-1 grid text-sm">
          <Tick
            words={`Scraps first (${scraps} in the box)`}
            on={own.useScraps}
            onChange={(useScraps) => change({ useScraps }, "Scraps")}
          />
          <Tick
            words="Kits may be turned"
            on={own.mayTurn}
            onChange={(mayTurn) => change({ mayTurn }, "Turning of kits")}
          />
          {own.mode === "tight" && (
            <Tick
              words="At any angle, in steps of 30°"
              on={own.anyAngle}
              onChange={(anyAngle) => change({ anyAngle }, "Angles of kits")}
            />
          )}
          {own.mode === "tight" && (
            <Tick
              words="Small kits inside counters"
              on={own.counters}
              onChange={(counters) => change({ counters }, "Kits inside counters")}
            />
          )}
          <Tick
            words="Longer than a load: cut in parts"
            on={own.split}
            onChange={(split) => change({ split }, "Parts of long kits")}
          />
          <Tick
            words="Thin parts lighter and slower"
            on={own.lighterIntricate}
            onChange={(lighterIntricate) => change({ lighterIntricate }, "Lighter cut")}
          />
          {own.trim && (
            <Tick
              words="Several colours on one mat"
              on={own.shareMat}
              onChange={(shareMat) => change({ shareMat }, "Shared mats")}
            />
          )}
          <Tick
            words="Trim the vinyl first"
            on={own.trim}
            onChange={(trim) => change({ trim }, "Trimming")}
          />
        </div>
        <div className="mt-2 grid grid-cols-2 gap-2 text-sm">
          <LengthField
            label="Between kits"
            mm={own.clearance}
            unit={unit}
            allowZero
            most={50}
            onChange={(clearance) => change({ clearance }, "Room between kits")}
          />
          <LengthField
            label="Film round a kit"
            mm={own.weedPad}
            unit={unit}
            least={0.5}
            most={50}
            onChange={(weedPad) => change({ weedPad }, "Film round a kit")}
          />
          {own.split && (
            <LengthField
              label="Halves overlap"
              mm={own.splitOverlap}
              unit={unit}
              allowZero
              most={20}
              onChange={(splitOverlap) => change({ splitOverlap }, "Overlap of halves")}
            />
          )}
          {own.mode === "tight" && (
            <NumberField
              label="Start of the search"
              value={own.seed}
              least={0}
              most={1e9}
              onChange={(seed) => change({ seed }, "Start of the search")}
            />
          )}
        </div>
      </details>
      {own.mode === "tight" && <SearchOn classId={classId} />}
      <SaveNote editor={part} />
    </fieldset>
  );
}

/** What is allowed, in a line, so that it is read without opening anything. */
function allowed({ useScraps, mayTurn, trim, split, clearance }: Layout, unit: LengthUnit): string {
  const words = [
    useScraps ? "scraps first" : "no scraps",
    mayTurn ? "kits may turn" : "kits upright",
    trim ? "vinyl trimmed" : "whole sheets",
    ...(split ? ["long kits cut in parts"] : []),
    `${showLength(clearance, unit)} apart`,
  ];
  return words.join(", ").replace(/^./u, (letter) => letter.toUpperCase());
}

function Tick({
  words,
  on,
  onChange,
}: {
  words: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-10 items-center gap-3">
      <input type="checkbox" checked={on} onChange={(event) => onChange(event.target.checked)} />
      {words}
    </label>
  );
}
