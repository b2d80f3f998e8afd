"use client";

import { FAMILY_WORDS } from "@elm-basket/core/films/film-words-en.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import {
  ADHESIVES,
  FINISHES,
  PROVED_WASHING,
  VINYL_FAMILIES,
} from "@elm-basket/core/weeding/families.ts";
import type { Vinyl, VinylStock } from "@elm-basket/core/weeding/vinyl.ts";
import { Field } from "@/ui/field.tsx";
import { LengthField, MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";

const STOCK_WORDS = { sheet: "sheets", roll: "a roll", pack: "packs of colours" } as const;
const TURN_WORDS = {
  free: "any way round",
  half: "upright or upside down",
  none: "upright only",
} as const;
const ADHESIVE_WORDS: Record<string, string> = {
  "": "the usual one",
  weak: "weak",
  waterBased: "water-based",
  solvent: "solvent",
};

type Proved = NonNullable<Vinyl["proved"]>;
/** What trials are about: washing and weather. */
const WASHING_WORDS: Record<string, string> = {
  "": "not tried",
  none: "no washing",
  handOnly: "washing by hand, but no dishwasher",
  hand: "washing by hand",
  dishwasher: "a dishwasher",
};
const WEATHER_WORDS: Record<string, string> = {
  "": "not tried",
  yes: "bears it",
  no: "does not bear it",
};

/** Null where nothing of it is known any more. */
const found = ({ washing, outdoors, note }: Proved): Proved | null =>
  washing === undefined && outdoors === undefined
    ? null
    : { ...(washing ? { washing } : {}), ...(outdoors === undefined ? {} : { outdoors }), note };

interface Props {
  readonly film: Vinyl;
  readonly unit: LengthUnit;
  readonly currency: string;
  /** On the shelf itself price and count have places of their own. */
  readonly shelf?: boolean;
  readonly onChange: (film: Vinyl, label: string) => void;
}

/** All that is known of a film; what nobody said stays empty. */
export function FilmFields({ film, unit, currency, shelf = false, onChange }: Props) {
  const set = (patch: Partial<Vinyl>, label: string) => onChange({ ...film, ...patch }, label);
  const { stock } = film;
  const setStock = (patch: Partial<VinylStock>, label: string) =>
    set({ stock: { ...stock, ...patch } as VinylStock }, label);
  const { backing: _, ...bare } = film;
  const { adhesive: __, ...unglued } = film;
  const { finish: ___, ...unfinished } = film;
  const { proved: ____, ...unproved } = film;
  const setProved = (patch: { washing?: Proved["washing"]; outdoors?: Proved["outdoors"] }) => {
    const proved = found({ note: "", ...film.proved, ...patch });
    onChange(proved ? { ...film, proved } : unproved, "What a film bears");
  };
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
      <TextField
        label="Name of the film"
        value={film.name}
        maxLength={80}
        required="Give the film a name."
        onChange={(name) => set({ name }, "Name of a film")}
      />
      <SelectField
        label="Family"
        value={film.family}
        words={VINYL_FAMILIES.map((one) => [one, FAMILY_WORDS[one]] as const)}
        onChange={(family) => set({ family }, "Family of a film")}
      />
      <ColourField
        label="Colour"
        value={film.colour}
        onChange={(colour) => set({ colour }, "Colour of a film")}
      />
      <ColourField
        label="Tint of the backing"
        value={film.backing ?? null}
        onChange={(backing) => set({ backing }, "Tint of a backing")}
        onNone={() => onChange(bare, "Tint of a backing")}
      />
      <SelectField
        label="Glue"
        value={film.adhesive ?? ""}
        words={{
          "": ADHESIVE_WORDS[""] ?? "",
          ...Object.fromEntries(ADHESIVES.map((one) => [one, ADHESIVE_WORDS[one] ?? one])),
        }}
        onChange={(glue) => {
          const adhesive = ADHESIVES.find((one) => one === glue);
          onChange(adhesive ? { ...film, adhesive } : unglued, "Glue of a film");
        }}
      />
      <SelectField
        label="Finish"
        value={film.finish ?? ""}
        words={[["", "the usual one"] as const, ...FINISHES.map((one) => [one, one] as const)]}
        onChange={(word) => {
          const finish = FINISHES.find((one) => one === word);
          onChange(finish ? { ...film, finish } : unfinished, "Finish of a film");
        }}
      />
      <SelectField
        label="You found that it bears"
        hint={film.proved ? "Counts before what is said of its kind." : ""}
        value={film.proved?.washing ?? ""}
        words={WASHING_WORDS}
        onChange={(word) => setProved({ washing: PROVED_WASHING.find((one) => one === word) })}
      />
      <SelectField
        label="Weather, as you found"
        value={film.proved?.outdoors === undefined ? "" : film.proved.outdoors ? "yes" : "no"}
        words={WEATHER_WORDS}
        onChange={(word) => setProved({ outdoors: word === "" ? undefined : word === "yes" })}
      />
      {film.proved && (
        <TextField
          label="How you know"
          value={film.proved.note}
          maxLength={120}
          onChange={(note) =>
            film.proved && set({ proved: { ...film.proved, note } }, "How a film was tried")
          }
        />
      )}
      <SelectField
        label="Its pattern may lie"
        value={film.turns}
        words={TURN_WORDS}
        onChange={(turns) => set({ turns }, "Pattern of a film")}
      />
      <SelectField
        label="Sold as"
        value={stock.kind}
        words={STOCK_WORDS}
        onChange={(kind) => set({ stock: stockAs(kind, stock) }, "How a film is sold")}
      />
      {stock.kind === "pack" && (
        <TextField
          label="Name of the pack"
          value={stock.pack}
          maxLength={60}
          required="Films of one pack bear the same name."
          onChange={(pack) => setStock({ pack }, "Pack of a film")}
        />
      )}
      <LengthField
        label={stock.kind === "roll" ? "Width of the roll" : "Width of a sheet"}
        mm={stock.width}
        unit={unit}
        onChange={(width) => setStock({ width }, "Size of a film")}
      />
      <LengthField
        label={stock.kind === "roll" ? "Length of the roll" : "Height of a sheet"}
        mm={stock.height}
        unit={unit}
        onChange={(height) => setStock({ height }, "Size of a film")}
      />
      {stock.kind === "pack" && (
        <>
          <NumberField
            label="Of this colour in a pack"
            value={stock.count}
            least={1}
            most={1000}
            onChange={(count) => setStock({ count }, "Sheets in a pack")}
          />
          <NumberField
            label="Sheets in a pack, all colours"
            value={stock.sheets}
            least={1}
            most={1000}
            onChange={(sheets) => setStock({ sheets }, "Sheets in a pack")}
          />
        </>
      )}
      {!shelf && (
        <>
          <NumberField
            label={stock.kind === "roll" ? "Rolls at hand" : "Sheets at hand"}
            value={stock.have}
            least={0}
            most={10_000}
            digits={2}
            onChange={(have) => setStock({ have }, "Film at hand")}
          />
          <MoneyField
            label={`Price of ${stock.kind === "roll" ? "a roll" : stock.kind === "pack" ? "a pack" : "a sheet"}, ${currency}`}
            minor={stock.price ?? null}
            currency={currency}
            onChange={(price) => set({ stock: priced(stock, price) }, "Price of a film")}
          />
        </>
      )}
      <NumberField
        label="Rounds of the blade"
        value={film.passes}
        least={1}
        most={4}
        onChange={(passes) => set({ passes }, "Rounds of the blade")}
      />
    </div>
  );
}

export function ColourField({
  label,
  value,
  onChange,
  onNone,
}: {
  label: string;
  value: string | null;
  onChange: (colour: string) => void;
  onNone?: () => void;
}) {
  return (
    <Field label={label}>
      {(props) => (
        <span className="flex items-center gap-2">
          <input
            {...props}
            type="color"
            className="h-11 w-full min-w-12 p-1"
            value={value ?? "#ffffff"}
            onChange={(event) => onChange(event.target.value)}
          />
          {onNone &&
            (value === null ? (
              <span className="shrink-0 text-soft text-sm">not said</span>
            ) : (
              <button type="button" className="verb shrink-0 text-sm" onClick={onNone}>
                take away
              </button>
            ))}
        </span>
      )}
    </Field>
  );
}

function priced(stock: VinylStock, price: number | null): VinylStock {
  const { price: _, ...rest } = stock;
  return (price === null ? rest : { ...rest, price }) as VinylStock;
}

function stockAs(kind: VinylStock["kind"], { width, height, have, price }: VinylStock): VinylStock {
  const cost = price === undefined ? {} : { price };
  if (kind === "pack")
    return { kind, pack: "Pack of colours", width, height, count: 2, sheets: 12, have, ...cost };
  return {
    kind,
    width,
    height:
      kind === "roll" && height < 1000 ? 3000 : kind === "sheet" && height > 1000 ? width : height,
    have,
    ...cost,
  };
}
