"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import type { SheetMeta } from "@/data/making.ts";
import { showLength } from "@/ui/figures.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { layAgain } from "./layout-actions.ts";
import type { ByHand } from "./use-by-hand.ts";
import { handPanelWords } from "./words.ts";

const STEPS_MM = [0.5, 2, 10] as const;
const arrows = () =>
  [
    ["←", handPanelWords().left, -1, 0],
    ["↑", handPanelWords().up, 0, -1],
    ["↓", handPanelWords().down, 0, 1],
    ["→", handPanelWords().right, 1, 0],
  ] as const;

interface Props {
  readonly classId: string;
  readonly vinyl: string;
  readonly meta: SheetMeta;
  readonly unit: LengthUnit;
  readonly hand: ByHand;
  /** How many kits of this vinyl were laid by hand. */
  readonly byHand: number;
}

/** Moving without dragging, and laying the rest again. */
export function HandPanel({ classId, vinyl, meta, unit, hand, byHand }: Props) {
  const say = handPanelWords();
  const router = useRouter();
  const [step, setStep] = useState<number>(2);
  const [busy, start] = useTransition();
  const again = (everything: boolean) =>
    start(async () => {
      await layAgain(classId, vinyl, everything);
      router.refresh();
    });
  const key =
    "min-h-11 min-w-11 border-[1.5px] border-elm font-bold text-elm-dark hover:bg-elm-tint disabled:border-rule-strong disabled:text-soft";
  return (
    <fieldset className="mt-3 border-rule border-t pt-2" aria-busy={busy || hand.busy}>
      <legend className="sr-only">{say.moveAKitByHand}</legend>
      <div className="flex flex-wrap items-end gap-2 text-sm">
        <SelectField
          label={say.moveByHand}
          value={hand.chosen ?? ""}
          words={[
            ["", say.dragAKitOrChoose] as const,
            ...meta.kits.map(({ name, label }) => [name, label] as const),
          ]}
          onChange={(kit) => hand.choose(kit || null)}
        />
        <SelectField
          label={say.by}
          value={String(step)}
          words={STEPS_MM.map((mm) => [String(mm), showLength(mm, unit)] as const)}
          onChange={(mm) => setStep(Number(mm))}
        />
        <div className="flex gap-2">
          {arrows().map(([sign, words, dx, dy]) => (
            <button
              key={words}
              type="button"
              className={key}
              aria-label={say.move(words)}
              disabled={!hand.chosen || hand.busy}
              onClick={() => hand.nudge(dx * step, dy * step)}
            >
              {sign}
            </button>
          ))}
          {meta.turn && (
            <button
              type="button"
              className={`${key} px-3`}
              disabled={!hand.chosen || hand.busy}
              onClick={() => hand.turnBy(meta.turn ?? 90)}
            >
              {say.turn}
            </button>
          )}
        </div>
        {byHand > 0 && (
          <>
            <button
              type="button"
              className="verb min-h-11"
              disabled={busy}
              onClick={() => again(false)}
            >
              {say.layTheRestAgain}
            </button>
            <button
              type="button"
              className="verb min-h-11"
              disabled={busy}
              onClick={() => again(true)}
            >
              {say.layAllAgain}
            </button>
          </>
        )}
      </div>
      <p role="status" className={`min-h-6 text-sm ${hand.clash ? "text-brick" : "text-soft"}`}>
        {say.laying(hand.busy, busy, hand.said, byHand)}
      </p>
    </fieldset>
  );
}
