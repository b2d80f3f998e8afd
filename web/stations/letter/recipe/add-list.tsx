"use client";

import type { Design, RecipeItem, ShapeItem, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import { SHAPE_FORMS } from "@elm-basket/core/lettering/recipe-kinds.ts";
import type { ReactNode } from "react";
import { addListWords, formWords } from "../words.ts";
import { freeSlot, newLine, newShape, writingLines } from "./new-items.ts";

export interface AddProps {
  readonly design: Design;
  /** The film that what is new is cut from at first. */
  readonly vinyl: string;
  readonly onAdd: (items: readonly RecipeItem[], label: string) => void;
  readonly onBring: () => void;
}

/** All that a design can be given more of. */
export function AddList({
  design: { items },
  vinyl,
  onAdd,
  onBring,
  id,
  shut,
}: AddProps & { readonly id: string; readonly shut: () => void }) {
  const say = addListWords();
  const take = (act: () => void) => () => {
    shut();
    act();
  };
  const writable = items.find(
    (item): item is TextItem =>
      item.kind === "text" &&
      !item.on &&
      item.run === "across" &&
      !items.some((other) => other.kind !== "gap" && other.on?.item === item.id),
  );
  return (
    <ul id={id} className="border border-rule-strong bg-paper">
      <Row
        onPress={take(() => onAdd([newLine(items, vinyl, { slot: freeSlot(items) })], say.aLine))}
        what={say.aLineForEachSeat}
      >
        {say.filledFromTheNames}
      </Row>
      <Row
        onPress={take(() => onAdd([newLine(items, vinyl, { text: say.welcome })], say.aLine))}
        what={say.aFixedLine}
      >
        {say.theSameOnEverySeat}
      </Row>
      {writable && (
        <Row
          onPress={take(() => onAdd(writingLines(items, writable, vinyl), say.linesToWrite))}
          what={say.linesToWrite}
        >
          {say.under}
          {writable.slot ?? (writable.text ?? "").slice(0, 16)}”
        </Row>
      )}
      <Row onPress={take(onBring)} what={say.art}>
        {say.fromAnSvgFile}
      </Row>
      <li className="flex flex-wrap px-1.5 py-1">
        {SHAPE_FORMS.map((form) => (
          <button
            key={form}
            type="button"
            aria-label={say.a(formWords()[form])}
            className="grid min-h-11 min-w-11 justify-items-center gap-0.5 px-1.5 py-1 text-sm hover:bg-elm-tint"
            onClick={take(() =>
              onAdd([newShape(items, vinyl, form)], say.aMore(formWords()[form])),
            )}
          >
            <FormPicture form={form} />
            {formWords()[form]}
          </button>
        ))}
      </li>
    </ul>
  );
}

function Row({
  what,
  onPress,
  children,
}: {
  what: string;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <li className="border-rule border-b">
      <button
        type="button"
        className="block min-h-11 w-full px-3 py-1.5 text-left leading-tight hover:bg-elm-tint"
        onClick={onPress}
      >
        <span className="block font-bold">{what}</span>
        <span className="block text-soft text-sm">{children}</span>
      </button>
    </li>
  );
}

function FormPicture({ form }: { form: ShapeItem["form"] }) {
  const ink = { fill: "none", stroke: "var(--color-ink)", strokeWidth: 2 } as const;
  return (
    <svg width="24" height="20" viewBox="0 0 24 20" aria-hidden="true">
      {form === "line" && <path d="M2 10H22" {...ink} />}
      {form === "dot" && <circle cx="12" cy="10" r="4" fill="var(--color-ink)" />}
      {form === "star" && (
        <path
          d="M12 1.5l2.4 5.6 6.1.5-4.7 4 1.5 6-5.3-3.2-5.3 3.2 1.5-6-4.7-4 6.1-.5z"
          fill="var(--color-ink)"
        />
      )}
      {form === "ring" && <circle cx="12" cy="10" r="7.5" {...ink} />}
      {form === "frame" && <rect x="2.5" y="3" width="19" height="14" {...ink} />}
    </svg>
  );
}
