"use client";

import type { ArtItem } from "@elm-basket/core/lettering/recipe.ts";
import { LengthField, NumberField, TextField } from "@/ui/fields.tsx";
import { artRuleWords } from "../words.ts";
import { AlignField, type RuleProps, StandsField, tidy, VinylField } from "./item-fields.tsx";

export function ArtRule({
  item,
  vinyls,
  unit,
  scale,
  design,
  slots,
  onHeight,
  onBring,
  onChange,
}: RuleProps<ArtItem> & {
  slots: readonly string[];
  onHeight: (mm: number) => void;
  onBring: () => void;
}) {
  const say = artRuleWords();
  const { on: _, ...inRow } = item;
  return (
    <div>
      <div className="field-rows grid gap-1">
        <LengthField
          label={say.height}
          name={artRuleWords().heightOfArt(item.name)}
          mm={tidy(item.size * scale)}
          unit={unit}
          least={1}
          most={1000}
          onChange={onHeight}
        />
      </div>
      <details className="mt-1">
        <summary className="verb inline-block text-sm">{say.moreRules}</summary>
        <div className="field-rows grid gap-2 py-2">
          <StandsField
            on={item.on}
            own={item.id}
            design={design}
            as="beside"
            onChange={(on) => onChange(on ? { ...item, on } : inRow, say.whereStands(item.name))}
          />
          {item.on && (
            <LengthField
              label={say.toTheLetters}
              mm={tidy(item.on.gap * scale)}
              unit={unit}
              allowZero
              most={500}
              onChange={(mm) =>
                item.on &&
                onChange(
                  { ...item, on: { ...item.on, gap: tidy(mm / scale) } },
                  say.roomBeside(item.name),
                )
              }
            />
          )}
          <AlignField
            value={item.align}
            onChange={(align) => onChange({ ...item, align }, say.aligned(item.name))}
          />
          {item.layers.map((layer, i) => (
            <VinylField
              // biome-ignore lint/suspicious/noArrayIndexKey: layers have no identity but their order
              key={i}
              label={say.layer(i)}
              value={layer.vinyl}
              vinyls={vinyls}
              onChange={(vinyl) =>
                onChange(
                  {
                    ...item,
                    layers: item.layers.map((old, k) => (k === i ? { ...old, vinyl } : old)),
                  },
                  say.vinylOf(item.name),
                )
              }
            />
          ))}
          <NumberField
            label={say.thickenASide}
            unit="mm"
            value={item.thickenMm}
            least={0}
            most={5}
            step={0.05}
            digits={2}
            onChange={(thickenMm) => onChange({ ...item, thickenMm }, say.thickened(item.name))}
          />
          <TextField
            label={say.called}
            value={item.name}
            maxLength={80}
            required={say.giveTheArtAName}
            onChange={(name) => onChange({ ...item, name }, say.nameOfArt)}
          />
          <TextField
            label={say.licence}
            value={item.licence}
            maxLength={200}
            onChange={(licence) => onChange({ ...item, licence }, say.licenceOfArt)}
          />
          <TextField
            label={say.whereIt}
            value={item.source}
            maxLength={200}
            onChange={(source) => onChange({ ...item, source }, say.sourceOfArt)}
          />
          <PictureSet item={item} slots={slots} onBring={onBring} onChange={onChange} />
        </div>
      </details>
    </div>
  );
}

/** A small set of pictures, of which each seat has one: by its name in the roster. */
function PictureSet({
  item,
  slots,
  onBring,
  onChange,
}: {
  item: ArtItem;
  slots: readonly string[];
  onBring: () => void;
  onChange: (item: ArtItem, label: string) => void;
}) {
  const say = artRuleWords();
  const { slot, ...fixed } = item;
  return (
    <div className="grid gap-1 border-rule border-t pt-2 text-sm">
      {slot === undefined ? (
        <button
          type="button"
          className="verb min-h-9 justify-self-start"
          onClick={() =>
            onChange(
              { ...item, slot: freeName(slots, "picture") },
              say.aChoiceForEachSeat(item.name),
            )
          }
        >
          {say.letEachSeatChooseAmong}
        </button>
      ) : (
        <>
          <p>
            {say.eachSeat} <b>{slot}</b>:
          </p>
          <ul>
            <li>{say.unlessItSaysAnother(item.name)}</li>
            {item.others.map((other, i) => (
              <li key={other.name} className="flex justify-between gap-3">
                {other.name}
                <button
                  type="button"
                  className="verb"
                  aria-label={say.remove(other.name)}
                  onClick={() =>
                    onChange(
                      { ...item, others: item.others.filter((_, k) => k !== i) },
                      say.removed(other.name),
                    )
                  }
                >
                  {say.remove2}
                </button>
              </li>
            ))}
          </ul>
          <p className="flex gap-4">
            {item.others.length < 12 && (
              <button type="button" className="verb min-h-9" onClick={onBring}>
                {say.bringInAnother}
              </button>
            )}
            <button
              type="button"
              className="verb min-h-9"
              onClick={() => onChange({ ...fixed, others: [] }, say.forAll(item.name))}
            >
              {say.theSameForAll}
            </button>
          </p>
        </>
      )}
    </div>
  );
}

function freeName(taken: readonly string[], stem: string): string {
  for (let n = 1; ; n++) {
    const name = n === 1 ? stem : `${stem}${n}`;
    if (!taken.includes(name)) return name;
  }
}
