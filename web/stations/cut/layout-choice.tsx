"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { showLength } from "@/ui/figures.ts";
import { Fold } from "@/ui/fold.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { SearchOn } from "./search-on.tsx";
import { layoutChoiceWords } from "./words.ts";

type Layout = ClassDocument["layout"];
const modes = () =>
  [
    ["trimmer", layoutChoiceWords().straightCutsBetweenKits],
    ["tight", layoutChoiceWords().tightLeastVinyl],
    ["bySeat", layoutChoiceWords().seatBySeatInOrder],
    ["byThing", layoutChoiceWords().thingByThing],
  ] as const;
const searches = () =>
  [
    [0.6, layoutChoiceWords().aMoment],
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
  const say = layoutChoiceWords();
  const part = usePart<{ layout: Layout }>(classId, "class", { layout }, version, (answer) => ({
    layout: (answer.document as ClassDocument).layout,
  }));
  const own = part.value.layout;
  const change = (more: Partial<Layout>, label: string) =>
    part.change({ layout: { ...own, ...more, kept: more.kept ?? [] } }, label);
  return (
    <fieldset className="mt-5">
      <legend className="mb-1 text-soft text-sm">{say.howTheKitsLie}</legend>
      <div className="border-[1.5px] border-elm">
        {modes()
          .filter(([mode]) => several || mode !== "byThing" || own.mode === mode)
          .map(([mode, words]) => (
            <label
              key={mode}
              className={`flex min-h-11 cursor-pointer items-center gap-2 px-3 font-bold text-sm ${own.mode === mode ? "bg-elm text-white" : "text-elm-dark"}`}
            >
              <input
                type="radio"
                className="sr-only"
                name="layout-mode"
                checked={own.mode === mode}
                onChange={() => change({ mode }, say.kitsLaid(words.toLowerCase()))}
              />
              {words}
            </label>
          ))}
      </div>
      {own.mode === "tight" && (
        <div className="mt-3">
          <SelectField
            label={say.searchFor}
            value={String(
              searches().reduce(
                (best, [seconds]) =>
                  Math.abs(seconds - own.seconds) < Math.abs(best - own.seconds) ? seconds : best,
                0.6,
              ),
            )}
            words={searches().map(([seconds, words]) => [String(seconds), words] as const)}
            onChange={(seconds) => change({ seconds: Number(seconds) }, say.searchedLonger)}
          />
        </div>
      )}
      <Fold
        className="mt-2"
        summary={
          <summary className="min-h-9 list-none text-sm [&::-webkit-details-marker]:hidden">
            <span className="text-soft">{allowed(own, unit)}. </span>
            <span className="verb">{say.change}</span>
          </summary>
        }
      >
        <div className="mt-1 grid text-sm">
          <Tick
            words={say.scrapsFirstInTheBox(scraps)}
            on={own.useScraps}
            onChange={(useScraps) => change({ useScraps }, say.scraps)}
          />
          <Tick
            words={say.kitsMayBeTurned}
            on={own.mayTurn}
            onChange={(mayTurn) => change({ mayTurn }, say.turningOfKits)}
          />
          {own.mode === "tight" && (
            <Tick
              words={say.atAnyAngleInSteps}
              on={own.anyAngle}
              onChange={(anyAngle) => change({ anyAngle }, say.anglesOfKits)}
            />
          )}
          {own.mode === "tight" && (
            <Tick
              words={say.smallKitsInsideCounters}
              on={own.counters}
              onChange={(counters) => change({ counters }, say.kitsInsideCounters)}
            />
          )}
          <Tick
            words={say.longerThanALoadCut}
            on={own.split}
            onChange={(split) => change({ split }, say.partsOfLongKits)}
          />
          <Tick
            words={say.thinPartsLighterAndSlower}
            on={own.lighterIntricate}
            onChange={(lighterIntricate) => change({ lighterIntricate }, say.lighterCut)}
          />
          {own.trim && (
            <Tick
              words={say.severalColoursOnOneMat}
              on={own.shareMat}
              onChange={(shareMat) => change({ shareMat }, say.sharedMats)}
            />
          )}
          <Tick
            words={say.trimTheVinylFirst}
            on={own.trim}
            onChange={(trim) => change({ trim }, say.trimming)}
          />
        </div>
        <div className="mt-2 grid grid-cols-2 gap-2 text-sm">
          <LengthField
            label={say.betweenKits}
            mm={own.clearance}
            unit={unit}
            allowZero
            most={50}
            onChange={(clearance) => change({ clearance }, say.roomBetweenKits)}
          />
          <LengthField
            label={say.filmRoundAKit}
            mm={own.weedPad}
            unit={unit}
            least={0.5}
            most={50}
            onChange={(weedPad) => change({ weedPad }, say.filmRoundAKit)}
          />
          {own.split && (
            <LengthField
              label={say.halvesOverlap}
              mm={own.splitOverlap}
              unit={unit}
              allowZero
              most={20}
              onChange={(splitOverlap) => change({ splitOverlap }, say.overlapOfHalves)}
            />
          )}
          {own.mode === "tight" && (
            <NumberField
              label={say.startOfTheSearch}
              value={own.seed}
              least={0}
              most={1e9}
              onChange={(seed) => change({ seed }, say.startOfTheSearch)}
            />
          )}
        </div>
      </Fold>
      {own.mode === "tight" && <SearchOn classId={classId} />}
      <SaveNote editor={part} />
    </fieldset>
  );
}

/** What is allowed, in a line, so that it is read without opening anything. */
function allowed({ useScraps, mayTurn, trim, split, clearance }: Layout, unit: LengthUnit): string {
  const say = layoutChoiceWords();
  const words = [
    say.scrapsFirstNoScraps(useScraps),
    say.kitsMayTurnKitsUpright(mayTurn),
    say.vinylTrimmedWholeSheets(trim),
    ...(split ? [say.longKitsCutInParts] : []),
    say.apart(showLength(clearance, unit)),
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
