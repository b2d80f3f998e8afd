"use client";

import type { TextItem } from "@elm-basket/core/lettering/recipe.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { Field } from "@/ui/field.tsx";
import { FilmDot } from "@/ui/marks.tsx";

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
  return (
    <Field label={label}>
      {(props) => (
        <select {...props} className="w-full" value={value} onChange={(event) => onChange(event.target.value)}>
          {vinyls.map((vinyl) => (
            <option key={vinyl.id} value={vinyl.id}>
              {vinyl.name}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

export function AlignField({ value, onChange }: { value: TextItem["align"]; onChange: (align: TextItem["align"]) => void }) {
  return (
    <Field label="Lies">
      {(props) => (
        <select {...props} className="w-full" value={value} onChange={(event) => onChange(event.target.value as TextItem["align"])}>
          <option value="centre">in the middle</option>
          <option value="left">left</option>
          <option value="right">right</option>
        </select>
      )}
    </Field>
  );
}
