"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { SetSizing } from "@elm-basket/core/document/document-kinds.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { showLength } from "@/ui/figures.ts";
import { setSizingWords } from "./words.ts";

/** How high the letters of each thing are as the class is planned now. */
export interface ThingLetters {
  readonly id: string;
  readonly title: string;
  readonly letterMm: number | null;
  readonly held: boolean;
}

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly version: number;
  readonly unit: LengthUnit;
  readonly things: readonly ThingLetters[];
}

const ways = (): readonly (readonly [SetSizing, string, string])[] => [
  ["each", setSizingWords().eachThingByItself, setSizingWords().asLargeAsItsOwn],
  ["sameHeight", setSizingWords().oneLetterHeight, setSizingWords().theyReadAsASet],
  ["sameShare", setSizingWords().theSameShareOfEach, setSizingWords().largeThingsCarryLargeLetters],
];

/** Whether the things of a seat are sized as a set; what it brings is said in figures. */
export function SetSizingChoice({ classId, document, version, unit, things }: Props) {
  const say = setSizingWords();
  const editor = usePart<{ setSizing: SetSizing }>(
    classId,
    "class",
    { setSizing: document.setSizing ?? "each" },
    version,
    (answer) => ({
      setSizing: (answer.document as ClassDocument).setSizing ?? "each",
    }),
  );
  const chosen = editor.value.setSizing;
  const figures = things.flatMap(({ title, letterMm, held }) =>
    letterMm === null
      ? []
      : [say.text(title, showLength(Math.round(letterMm * 10) / 10, unit), held)],
  );
  return (
    <fieldset>
      <legend className="mb-2 font-bold font-head text-lg">{say.throughTheSet}</legend>
      {ways().map(([way, name, why]) => (
        <label
          key={way}
          className={`flex min-h-11 cursor-pointer items-start gap-2 border-rule border-b border-l-4 py-1.5 pl-2 ${way === chosen ? "border-l-elm bg-paper" : "border-l-transparent"}`}
        >
          <input
            type="radio"
            name="set-sizing"
            className="mt-1.5 shrink-0"
            checked={way === chosen}
            onChange={() =>
              editor.change({ setSizing: way }, say.throughTheSet2(name.toLowerCase()))
            }
          />
          <span>
            <span className="block font-bold leading-tight">{name}</span>
            <span className="block text-soft text-sm leading-snug">{why}</span>
          </span>
        </label>
      ))}
      <p className="mt-2 text-sm">
        {say.lettersAsPlanned} {figures.length === 0 ? say.noneYet : figures.join(", ")}
      </p>
      <SaveNote editor={editor} />
    </fieldset>
  );
}
