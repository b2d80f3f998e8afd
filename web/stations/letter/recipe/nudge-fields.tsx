"use client";

import type { Exception } from "@elm-basket/core/lettering/recipe.ts";
import { NumberField } from "@/ui/fields.tsx";
import { nudgeFieldsWords } from "../words.ts";

type Nudges = NonNullable<Exception["nudges"]>;
/** More pairs than these are a sentence: nobody moves them one by one. */
const MOST_PAIRS = 24;

interface Props {
  /** Whose pairs of letters can be moved. */
  readonly text: string;
  readonly nudges: Nudges | undefined;
  readonly onChange: (nudges: Nudges | undefined, label: string) => void;
}

/** Single letters moved by hand, by the pair, in thousandths of their size. */
export function NudgeFields({ text, nudges, onChange }: Props) {
  const say = nudgeFieldsWords();
  const letters = [...text.trim()];
  const pairs = [
    ...new Set([
      ...Object.keys(nudges ?? {}),
      ...letters.slice(1).map((letter, i) => `${letters[i]}${letter}`),
    ]),
  ];
  if (pairs.length === 0) return null;
  return (
    <details className="mt-1">
      <summary className="verb inline-block text-sm">{say.moveLettersThousandthsOfTheir}</summary>
      <ul className="grid grid-cols-2 gap-x-4 gap-y-1 py-2">
        {pairs.slice(0, MOST_PAIRS).map((pair) => (
          <li key={pair}>
            <NumberField
              label={pair}
              name={nudgeFieldsWords().spaceIn(pair)}
              value={Math.round((nudges?.[pair] ?? 0) * 1000)}
              least={-500}
              most={500}
              step={10}
              onChange={(thousandths) =>
                onChange(withNudge(nudges, pair, thousandths / 1000), say.lettersMoved(pair))
              }
            />
          </li>
        ))}
      </ul>
    </details>
  );
}

/** A pair that is moved by nothing is not kept. */
function withNudge(nudges: Nudges | undefined, pair: string, em: number): Nudges | undefined {
  const { [pair]: _, ...others } = nudges ?? {};
  const next = em === 0 ? others : { ...others, [pair]: em };
  return Object.keys(next).length > 0 ? next : undefined;
}
