"use client";

import type { TextItem } from "@elm-basket/core/lettering/recipe.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { SelectField } from "@/ui/select-field.tsx";

/** Name of an item at the left, its vinyls at the right. */
export function ItemHead({ name, vinyls }: { name: string; vinyls: readonly Vinyl[] }) {
  return (
    <p className="flex items-center justify-between gap-2">
      <span className="font-bold capitalize">{name}</span>
      <span className="inline-flex items-center gap-1.5 text-sm">
        {vinyls.length === 1 ? vinyls[0]?.name : `${vinyls.length} vinyls`}
        {vinyls.map((vinyl) => (
          <FilmDot key={vinyl.id} colour={vinyl.colour} />
        ))}
      </span>
    </p>
  );
}

export function VinylField({ value, vinyls, label = "Vinyl", onChange }: { value: string; vinyls: readonly Vinyl[]; label?: string; onChange: (vinyl: string) => void }) {
  return <SelectField label={label} value={value} words={vinyls.map(({ id, name }) => [id, name] as const)} onChange={onChange} />;
}

const ALIGN_WORDS = { centre: "in the middle", left: "left", right: "right" } as const;

export function AlignField({ value, onChange }: { value: TextItem["align"]; onChange: (align: TextItem["align"]) => void }) {
  return <SelectField label="Lies" value={value} words={ALIGN_WORDS} onChange={onChange} />;
}

/** What a rule of a part of the design is given. */
export interface RuleProps<T> {
  readonly item: T;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly scale: number;
  readonly onChange: (item: T, label: string) => void;
}

/** Measures are kept to the thousandth. */
export const tidy = (value: number): number => Math.round(value * 1000) / 1000;
