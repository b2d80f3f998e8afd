"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showLength } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import type { SheetMeta } from "@/data/making.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { layAgain } from "./layout-actions.ts";
import type { ByHand } from "./use-by-hand.ts";

const STEPS_MM = [0.5, 2, 10] as const;
const ARROWS = [
  ["←", "left", -1, 0],
  ["↑", "up", 0, -1],
  ["↓", "down", 0, 1],
  ["→", "right", 1, 0],
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
      <legend className="sr-only">Move a kit by hand</legend>
      <div className="flex flex-wrap items-end gap-2 text-sm">
        <SelectField
          label="Move by hand"
          value={hand.chosen ?? ""}
          words={[
            ["", "drag a kit, or choose"] as const,
            ...meta.kits.map(({ name, label }) => [name, label] as const),
          ]}
          onChange={(kit) => hand.choose(kit || null)}
        />
        <SelectField
          label="by"
          value={String(step)}
          words={STEPS_MM.map((mm) => [String(mm), showLength(mm, unit)] as const)}
          onChange={(mm) => setStep(Number(mm))}
        />
        <div className="flex gap-2">
          {ARROWS.map(([sign, words, dx, dy]) => (
            <button
              key={words}
              type="button"
              className={key}
              aria-label={`Move ${words}`}
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
              Turn
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
              Lay the rest again
            </button>
            <button
              type="button"
              className="verb min-h-11"
              disabled={busy}
              onClick={() => again(true)}
            >
              Lay all again
            </button>
          </>
        )}
      </div>
      <p role="status" className={`min-h-6 text-sm ${hand.clash ? "text-brick" : "text-soft"}`}>
        {hand.busy || busy
          ? "Laying …"
          : `${hand.said} ${byHand > 0 ? `${byHand} ${byHand === 1 ? "kit was" : "kits were"} laid by hand and ${byHand === 1 ? "stays" : "stay"}.` : ""}`}
      </p>
    </fieldset>
  );
}
