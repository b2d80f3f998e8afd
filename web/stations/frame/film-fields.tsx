"use client";

import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import {
  ADHESIVES,
  FINISHES,
  PROVED_WASHING,
  VINYL_FAMILIES,
} from "@elm-basket/core/weeding/families.ts";
import type { Vinyl, VinylStock } from "@elm-basket/core/weeding/vinyl.ts";
import { filmWords } from "@/ui/craft/films.ts";
import { Field } from "@/ui/field.tsx";
import { LengthField, MoneyField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { filmFieldsWords } from "./words.ts";

const stockWords = () =>
  ({
    sheet: filmFieldsWords().sheets,
    roll: filmFieldsWords().aRoll,
    pack: filmFieldsWords().packsOfColours,
  }) as const;
const turnWords = () =>
  ({
    free: filmFieldsWords().anyWayRound,
    half: filmFieldsWords().uprightOrUpsideDown,
    none: filmFieldsWords().uprightOnly,
  }) as const;
const adhesiveWords = (): Record<string, string> => ({
  "": filmFieldsWords().theUsual,
  weak: filmFieldsWords().weak,
  waterBased: filmFieldsWords().waterBased,
  solvent: filmFieldsWords().solvent,
});

type Proved = NonNullable<Vinyl["proved"]>;
/** What trials are about: washing and weather. */
const washingWords = (): Record<string, string> => ({
  "": filmFieldsWords().notTried,
  none: filmFieldsWords().noWashing,
  handOnly: filmFieldsWords().washingByHand,
  hand: filmFieldsWords().washingByHand2,
  dishwasher: filmFieldsWords().aDishwasher,
});
const weatherWords = (): Record<string, string> => ({
  "": filmFieldsWords().notTried,
  yes: filmFieldsWords().bearsIt,
  no: filmFieldsWords().doesNotBear,
});

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
  const say = filmFieldsWords();
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
    onChange(proved ? { ...film, proved } : unproved, say.whatAFilmBears);
  };
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
      <TextField
        label={say.nameOfTheFilm}
        value={film.name}
        maxLength={80}
        required={say.giveTheFilmAName}
        onChange={(name) => set({ name }, say.nameOfAFilm)}
      />
      <SelectField
        label={say.family}
        value={film.family}
        words={VINYL_FAMILIES.map((one) => [one, filmWords().FAMILY_WORDS[one]] as const)}
        onChange={(family) => set({ family }, say.familyOfAFilm)}
      />
      <ColourField
        label={say.colour}
        value={film.colour}
        onChange={(colour) => set({ colour }, say.colourOfAFilm)}
      />
      <ColourField
        label={say.tintOfTheBacking}
        value={film.backing ?? null}
        onChange={(backing) => set({ backing }, say.tintOfABacking)}
        onNone={() => onChange(bare, say.tintOfABacking)}
      />
      <SelectField
        label={say.glue}
        value={film.adhesive ?? ""}
        words={{
          "": adhesiveWords()[""] ?? "",
          ...Object.fromEntries(ADHESIVES.map((one) => [one, adhesiveWords()[one] ?? one])),
        }}
        onChange={(glue) => {
          const adhesive = ADHESIVES.find((one) => one === glue);
          onChange(adhesive ? { ...film, adhesive } : unglued, say.glueOfAFilm);
        }}
      />
      <SelectField
        label={say.finish}
        value={film.finish ?? ""}
        words={[["", say.theUsual] as const, ...FINISHES.map((one) => [one, one] as const)]}
        onChange={(word) => {
          const finish = FINISHES.find((one) => one === word);
          onChange(finish ? { ...film, finish } : unfinished, say.finishOfAFilm);
        }}
      />
      <SelectField
        label={say.youFoundThatItBears}
        hint={film.proved ? say.countsBeforeWhatIsSaid : ""}
        value={film.proved?.washing ?? ""}
        words={washingWords()}
        onChange={(word) => setProved({ washing: PROVED_WASHING.find((one) => one === word) })}
      />
      <SelectField
        label={say.weatherAsYouFound}
        value={film.proved?.outdoors === undefined ? "" : film.proved.outdoors ? "yes" : "no"}
        words={weatherWords()}
        onChange={(word) => setProved({ outdoors: word === "" ? undefined : word === "yes" })}
      />
      {film.proved && (
        <TextField
          label={say.howYouKnow}
          value={film.proved.note}
          maxLength={120}
          onChange={(note) =>
            film.proved && set({ proved: { ...film.proved, note } }, say.howAFilmWasTried)
          }
        />
      )}
      <SelectField
        label={say.itsPatternMayLie}
        value={film.turns}
        words={turnWords()}
        onChange={(turns) => set({ turns }, say.patternOfAFilm)}
      />
      <SelectField
        label={say.soldAs}
        value={stock.kind}
        words={stockWords()}
        onChange={(kind) => set({ stock: stockAs(kind, stock) }, say.howAFilmIsSold)}
      />
      {stock.kind === "pack" && (
        <TextField
          label={say.nameOfThePack}
          value={stock.pack}
          maxLength={60}
          required={say.filmsOfOnePackBear}
          onChange={(pack) => setStock({ pack }, say.packOfAFilm)}
        />
      )}
      <LengthField
        label={say.widthOfTheRollWidth(stock.kind)}
        mm={stock.width}
        unit={unit}
        onChange={(width) => setStock({ width }, say.sizeOfAFilm)}
      />
      <LengthField
        label={say.lengthOfTheRollHeight(stock.kind)}
        mm={stock.height}
        unit={unit}
        onChange={(height) => setStock({ height }, say.sizeOfAFilm)}
      />
      {stock.kind === "pack" && (
        <>
          <NumberField
            label={say.ofThisColour}
            value={stock.count}
            least={1}
            most={1000}
            onChange={(count) => setStock({ count }, say.sheetsInAPack)}
          />
          <NumberField
            label={say.sheetsInAPackAll}
            value={stock.sheets}
            least={1}
            most={1000}
            onChange={(sheets) => setStock({ sheets }, say.sheetsInAPack)}
          />
        </>
      )}
      {!shelf && (
        <>
          <NumberField
            label={say.rollsAtHandSheets(stock.kind)}
            value={stock.have}
            least={0}
            most={10_000}
            digits={2}
            onChange={(have) => setStock({ have }, say.filmAtHand)}
          />
          <MoneyField
            label={say.priceOf(
              stock.kind === "roll" ? say.aRoll : say.aPackASheet(stock.kind),
              currency,
            )}
            minor={stock.price ?? null}
            currency={currency}
            onChange={(price) => set({ stock: priced(stock, price) }, say.priceOfAFilm)}
          />
        </>
      )}
      <NumberField
        label={say.roundsOfTheBlade}
        value={film.passes}
        least={1}
        most={4}
        onChange={(passes) => set({ passes }, say.roundsOfTheBlade)}
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
  const say = filmFieldsWords();
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
              <span className="shrink-0 text-soft text-sm">{say.notSaid}</span>
            ) : (
              <button type="button" className="verb shrink-0 text-sm" onClick={onNone}>
                {say.takeAway}
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
    return {
      kind,
      pack: filmFieldsWords().packOfColours,
      width,
      height,
      count: 2,
      sheets: 12,
      have,
      ...cost,
    };
  return {
    kind,
    width,
    height:
      kind === "roll" && height < 1000 ? 3000 : kind === "sheet" && height > 1000 ? width : height,
    have,
    ...cost,
  };
}
