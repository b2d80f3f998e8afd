"use client";

import { factsOf, vinylOf } from "@elm-basket/core/stock/film-of.ts";
import type { Good } from "@elm-basket/core/stock/good.ts";
import { filmUnit, GOOD_KINDS, MOST_AMOUNT } from "@elm-basket/core/stock/good-kinds.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import dynamic from "next/dynamic";
import { goodsWords } from "@/ui/craft/goods.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { NumberField, TextField } from "@/ui/fields.tsx";
import { moneyText, showSize } from "@/ui/figures.ts";
import { insist } from "@/ui/insist.ts";
import { FilmDot, SeverityMark } from "@/ui/marks.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import type { ShelfGood } from "./shelf-view.ts";
import type { GoodEditor } from "./use-good.ts";
import { WantedBar } from "./wanted-bar.tsx";
import { goodRowWords } from "./words.ts";

/** Asked for when a film is opened. */
const FilmFields = dynamic(
  () => insist(() => import("@/stations/frame/film-fields.tsx")).then((all) => all.FilmFields),
  { loading: Fetching },
);

export const GRID =
  "grid grid-cols-[minmax(0,1fr)_36px_104px] items-center gap-x-3 gap-y-1 md:grid-cols-[minmax(150px,1.4fr)_64px_minmax(150px,1.6fr)_96px_56px_88px]";
/** What people buy in this many of is a kind a host chooses; film is made as film. */
const KINDS = GOOD_KINDS.filter((kind) => kind !== "film");

/** A good as it is read: what it is, what is here, who wants it, what is free. */
export function GoodLine({
  good,
  unit,
  currency,
  onOpen,
}: {
  good: ShelfGood;
  unit: LengthUnit;
  currency: string;
  onOpen: () => void;
}) {
  const say = goodRowWords();
  const usual = good.offers[0];
  return (
    <div className={`${GRID} border-rule border-b py-2.5`}>
      <div className="min-w-0">
        <button
          type="button"
          className="min-h-6 max-w-full text-left hover:underline"
          aria-label={say.takeInHand(good.name)}
          onClick={onOpen}
        >
          {good.film && (
            <>
              <FilmDot colour={good.film.colour} />{" "}
            </>
          )}
          <b className="[overflow-wrap:anywhere]">{good.name}</b>{" "}
          <span className="text-soft text-sm">
            {goodsWords().unitWord(good.unit)}
            {good.film && ` ${showSize(good.film.stock, unit)}`}
          </span>
        </button>
      </div>
      <p className="text-right">{goodsWords().tidyAmount(good.onHand)}</p>
      <div className="hidden md:block">
        <WantedBar good={good} />
      </div>
      <Free good={good} />
      <p className="hidden text-right text-soft md:block">
        {good.reorderAt === null ? "–" : goodsWords().tidyAmount(good.reorderAt)}
      </p>
      <p className="hidden text-right md:block">
        {usual?.price === undefined ? (
          <span className="text-soft">{say.notKnown}</span>
        ) : (
          moneyText(usual.price, currency)
        )}
        {usual && usual.size !== 1 && (
          <span className="block text-soft text-sm">
            {say.forSaid(goodsWords().tidyAmount(usual.size))}
          </span>
        )}
      </p>
    </div>
  );
}

function Free({ good: { free, reorderAt } }: { good: ShelfGood }) {
  const say = goodRowWords();
  if (free < 0)
    return (
      <p className="flex items-center justify-end gap-1.5 whitespace-nowrap font-bold text-brick">
        <SeverityMark severity="stop" size={12} /> {say.short(goodsWords().tidyAmount(-free))}
      </p>
    );
  if (reorderAt !== null && free < reorderAt)
    return (
      <p className="flex items-center justify-end gap-1.5 whitespace-nowrap font-bold text-ochre">
        <SeverityMark severity="check" size={12} /> {say.free(goodsWords().tidyAmount(free))}
      </p>
    );
  return <p className="text-right">{goodsWords().tidyAmount(free)}</p>;
}

interface InHand {
  readonly good: ShelfGood;
  readonly editor: GoodEditor;
  readonly unit: LengthUnit;
  readonly currency: string;
  readonly onClose: () => void;
}

/** The good in hand: its words are fields at the same place. */
export function GoodInHand({ good, editor, unit, currency, onClose }: InHand) {
  const say = goodRowWords();
  const { value, change, error } = editor;
  const set = (patch: Partial<Good>, label: string) => change({ ...value, ...patch }, label);
  const wrong = (field: string) => (error?.field === field ? error.message : undefined);
  const { reorderAt: _, ...anyway } = value;
  return (
    <>
      {value.film ? (
        <FilmFields
          film={vinylOf("inhand", { ...value, film: value.film }, good.onHand)}
          unit={unit}
          currency={currency}
          shelf
          onChange={(film, label) => {
            const { price } = film.stock;
            const [usual = { id: "a", shop: "", size: 1 }, ...others] = value.offers;
            const { price: __, ...unpriced } = usual;
            change(
              {
                ...value,
                name: film.name,
                unit: filmUnit(film.stock),
                film: factsOf(film),
                offers: [price === undefined ? unpriced : { ...unpriced, price }, ...others],
              },
              label,
            );
          }}
        />
      ) : (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <div className="col-span-2">
            <TextField
              label={say.good}
              value={value.name}
              maxLength={120}
              required={say.sayWhat}
              error={wrong("name")}
              onChange={(name) => set({ name }, say.name)}
            />
          </div>
          <SelectField
            label={say.kind}
            value={value.kind}
            words={KINDS.map((kind) => [kind, goodsWords().GOOD_WORDS[kind]] as const)}
            onChange={(kind) => set({ kind }, say.kind)}
          />
          <TextField
            label={say.countedIn}
            value={value.unit}
            maxLength={20}
            onChange={(unitWord) => set({ unit: unitWord }, say.unit)}
          />
        </div>
      )}
      <div className="mt-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-4">
        <NumberField
          label={say.keepAtLeast}
          hint={say.buyAgainWhenLess}
          value={value.reorderAt ?? 0}
          least={0}
          most={MOST_AMOUNT}
          digits={3}
          onChange={(reorderAt) =>
            change(reorderAt === 0 ? anyway : { ...value, reorderAt }, say.whatIsKept)
          }
        />
        <div className="col-span-2 sm:col-span-3">
          <WantedBar good={good} />
          <p className="text-sm">
            {goodsWords().tidyAmount(good.onHand)} {say.here}{" "}
            {goodsWords().tidyAmount(good.wanted.amount)} {say.wanted}{" "}
            {good.free < 0
              ? say.short(goodsWords().tidyAmount(-good.free))
              : say.free(goodsWords().tidyAmount(good.free))}
            {say.onItWhatIsChanged(good.classes)}
          </p>
        </div>
      </div>
      <p className="mt-2 flex flex-wrap gap-5 text-sm">
        <span role="status" className="text-soft" data-save-state={editor.state}>
          {say.savingNotSavedSaved(editor.state)}
        </span>
        {editor.undo && (
          <button type="button" className="verb" onClick={editor.undo}>
            {say.undo(editor.undoLabel)}
          </button>
        )}
        <button type="button" className="verb" onClick={onClose}>
          {say.close}
        </button>
        {(editor.trouble || error) && (
          <span role="alert" className="text-brick">
            {editor.trouble || error?.message}
          </span>
        )}
      </p>
    </>
  );
}
