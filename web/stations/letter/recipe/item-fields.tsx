"use client";

import type { Design, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { itemFieldsWords } from "../words.ts";

export function VinylField({
  value,
  vinyls,
  label = itemFieldsWords().film,
  onChange,
}: {
  value: string;
  vinyls: readonly Vinyl[];
  label?: string;
  onChange: (vinyl: string) => void;
}) {
  return (
    <SelectField
      label={label}
      value={value}
      words={vinyls.map(({ id, name }) => [id, name] as const)}
      onChange={onChange}
    />
  );
}

const alignWords = () =>
  ({ centre: itemFieldsWords().inTheMiddle, left: "left", right: "right" }) as const;

export function AlignField({
  value,
  onChange,
}: {
  value: TextItem["align"];
  onChange: (align: TextItem["align"]) => void;
}) {
  return (
    <SelectField
      label={itemFieldsWords().aligned}
      value={value}
      words={alignWords()}
      onChange={onChange}
    />
  );
}

type Standing = NonNullable<TextItem["on"]>;

const ruleWords = () =>
  ({
    baseline: itemFieldsWords().underTheFeet,
    xHeight: itemFieldsWords().atTheSmallLetters,
    capHeight: itemFieldsWords().overTheCapitals,
  }) as const;
const besideWords = () =>
  ({ left: itemFieldsWords().leftOf, right: itemFieldsWords().rightOf }) as const;

interface StandsProps {
  readonly on: TextItem["on"];
  readonly own: string;
  /** Lines that can be stood on. */
  readonly design: Design;
  /** A line to write on, or something beside the letters. */
  readonly as: "rule" | "beside";
  readonly onChange: (on: Standing | undefined) => void;
}

/**
 * In a row of its own, or on another line: on its foot, at the height of its letters, or beside it.
 */
export function StandsField({ on, own, design, as, onChange }: StandsProps) {
  const say = itemFieldsWords();
  const lines = design.items.filter(
    (item): item is TextItem =>
      item.kind === "text" && item.id !== own && !item.on && item.run === "across",
  );
  if (
    lines.length === 0 ||
    design.items.some((item) => item.kind !== "gap" && item.on?.item === own)
  )
    return null;
  const nameOf = (line: TextItem) =>
    line.slot ? line.slot : `“${(line.text ?? "").slice(0, 16)}”`;
  const choices = lines.flatMap((line): { key: string; words: string; on: Standing }[] =>
    as === "rule"
      ? (["baseline", "xHeight", "capHeight"] as const).map((at) => ({
          key: `${line.id} ${at}`,
          words: `${ruleWords()[at]} ${nameOf(line)}`,
          on: { item: line.id, at, side: "over" as const, gap: 0 },
        }))
      : (["left", "right"] as const).map((side) => ({
          key: `${line.id} ${side}`,
          words: `${besideWords()[side]} ${nameOf(line)}`,
          on: { item: line.id, at: on?.at ?? ("baseline" as const), side, gap: on?.gap ?? 2 },
        })),
  );
  const now = on ? `${on.item} ${as === "rule" ? on.at : on.side}` : "";
  return (
    <SelectField
      label={say.whereItStands}
      value={choices.some(({ key }) => key === now) ? now : ""}
      words={[["", say.inARow] as const, ...choices.map(({ key, words }) => [key, words] as const)]}
      onChange={(key) => onChange(choices.find((choice) => choice.key === key)?.on)}
    />
  );
}

/** What a rule of a part of the design is given. */
export interface RuleProps<T> {
  readonly item: T;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly scale: number;
  readonly design: Design;
  readonly onChange: (item: T, label: string) => void;
}

/** Measures are kept to the thousandth. */
export const tidy = (value: number): number => Math.round(value * 1000) / 1000;
