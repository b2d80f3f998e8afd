"use client";

import type { Design, RecipeItem } from "@elm-basket/core/lettering/recipe.ts";
import { slotsOf, withoutItem } from "@elm-basket/core/lettering/recipe-reads.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import dynamic from "next/dynamic";
import { lazy, useRef, useState } from "react";
import type { Drawn } from "@/stations/frame/use-lettering.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { LengthField } from "@/ui/fields.tsx";
import { showLength } from "@/ui/figures.ts";
import { insist } from "@/ui/insist.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { Sortable } from "@/ui/sortable.tsx";
import { useOnce } from "@/ui/use-once.ts";
import { formWords, recipeWords } from "../words.ts";
import { AddPart } from "./add-part.tsx";
import { freeId } from "./free-id.ts";
import { tidy } from "./item-fields.tsx";
import { type Part, partsOf, reordered, withoutLooseGaps } from "./recipe-order.ts";
import { GapRow, RecipeRow } from "./recipe-row.tsx";
import { artSummary, shapeSummary, TextSummary } from "./summaries.tsx";
import { withHeight } from "./with-height.ts";

/** Asked for when art is brought in, or a row is opened, which shows all that is in it at once. */
const ArtDialog = dynamic(
  () => insist(() => import("./art-dialog.tsx")).then((all) => all.ArtDialog),
  { loading: Fetching },
);
const ArtRule = lazy(() =>
  insist(() => import("./art-rule.tsx")).then((all) => ({ default: all.ArtRule })),
);
const ShapeRule = lazy(() =>
  insist(() => import("./shape-rule.tsx")).then((all) => ({ default: all.ShapeRule })),
);
const TextRule = lazy(() =>
  insist(() => import("./text-rule.tsx")).then((all) => ({ default: all.TextRule })),
);

interface Props {
  readonly design: Design;
  readonly vinyls: readonly Vinyl[];
  readonly unit: LengthUnit;
  readonly drawn: Drawn | null;
  readonly onChange: (design: Design, label: string) => void;
}

const overlapWords = () =>
  ({
    layered: recipeWords().theLowerLineLiesOver,
    cutOut: recipeWords().theUpperIsCutOut,
  }) as const;

const nameOf = (part: Part): string =>
  part.kind === "text"
    ? recipeWords().fixedLine(part.slot)
    : part.kind === "art"
      ? part.name
      : formWords()[part.form];

/**
 * The design, read from top to bottom: a row a part, of which one at a time is open. The app
 * computes where things go; the host sets the rules.
 */
export function Recipe({ design, vinyls, unit, drawn, onChange }: Props) {
  const say = recipeWords();
  // The art that is brought in: a part of its own, or another picture of one that is there.
  const [bringing, setBringing] = useState<string | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  const [said, setSaid] = useState("");
  const brings = useOnce(bringing !== null);
  const head = useRef<HTMLHeadingElement>(null);
  const { items } = design;
  const parts = partsOf(items);
  const ids = parts.map(({ id }) => id);
  const setItem = (item: RecipeItem, label: string) =>
    onChange({ ...design, items: items.map((old) => (old.id === item.id ? item : old)) }, label);
  const remove = (id: string) => {
    onChange({ ...design, items: withoutLooseGaps(withoutItem(items, id)) }, say.aPartRemoved);
    setOpened(null);
    head.current?.focus();
  };
  const move = (id: string, to: number) => {
    const part = parts.find((one) => one.id === id);
    if (!part || to < 0 || to >= parts.length) return;
    onChange({ ...design, items: [...reordered(items, id, to)] }, say.orderOfTheDesign);
    setSaid(say.isNow(nameOf(part), to, parts.length));
  };
  const scale = drawn?.seats[0]?.scale ?? 1;
  const lineOf = (id: string) =>
    drawn?.seats.flatMap((seat) => seat.lines).find((line) => line.item === id);
  const add = (fresh: readonly RecipeItem[], label: string) => {
    const [first] = fresh;
    if (!first) return;
    const apart =
      items.length > 0 &&
      first.kind !== "gap" &&
      first.on === undefined &&
      !(first.kind === "shape" && first.around !== undefined);
    onChange(
      {
        ...design,
        items: [
          ...items,
          ...(apart
            ? [
                {
                  kind: "gap" as const,
                  id: freeId(items, "gap"),
                  size: 3,
                  overlap: "layered" as const,
                },
              ]
            : []),
          ...fresh,
        ],
      },
      label,
    );
    setOpened(first.id);
  };
  const toggle = (id: string) => (open: boolean) => setOpened(open ? id : null);
  return (
    <>
      <h2 ref={head} tabIndex={-1} className="mb-2 text-lg">
        {say.theDesignTopToBottom}
      </h2>
      <Sortable id="recipe" ids={ids} what={say.part} onMove={move}>
        <ul className="border-rule border-t">
          {items.map((item) => {
            if (item.kind === "gap")
              return (
                <GapRow
                  key={item.id}
                  name={item.size < 0 ? recipeWords().overlap : recipeWords().gap}
                  figure={showLength(Math.abs(item.size * scale), unit)}
                  open={opened === item.id}
                  onOpen={toggle(item.id)}
                >
                  <LengthField
                    label={say.betweenTheTwoLess}
                    mm={tidy(item.size * scale)}
                    unit={unit}
                    signed
                    least={-500}
                    most={1000}
                    onChange={(mm) =>
                      setItem({ ...item, size: tidy(mm / scale) }, say.overlapGap(mm))
                    }
                  />
                  {item.size < 0 && (
                    <div className="mt-2">
                      <SelectField
                        label={say.whereTwoFilmsOverlap}
                        value={item.overlap}
                        words={overlapWords()}
                        onChange={(overlap) => setItem({ ...item, overlap }, say.howFilmsOverlap)}
                      />
                    </div>
                  )}
                  <p className="mt-1 text-right text-sm">
                    <button type="button" className="verb" onClick={() => remove(item.id)}>
                      {say.remove}
                    </button>
                  </p>
                </GapRow>
              );
            const place = ids.indexOf(item.id);
            const name = nameOf(item);
            const line = lineOf(item.id);
            const used = new Set(
              item.kind === "art" ? item.layers.map(({ vinyl }) => vinyl) : [item.vinyl],
            );
            const common = { vinyls, unit, scale, design, onChange: setItem };
            return (
              <RecipeRow
                key={item.id}
                id={item.id}
                name={name}
                vinyls={vinyls.filter(({ id }) => used.has(id))}
                summary={
                  item.kind === "text" ? (
                    <TextSummary
                      item={item}
                      heightMm={line?.heightMm}
                      design={design}
                      unit={unit}
                    />
                  ) : item.kind === "art" ? (
                    artSummary(item, scale, unit)
                  ) : (
                    shapeSummary(item, scale, unit)
                  )
                }
                open={opened === item.id}
                onOpen={toggle(item.id)}
                movable={parts.length > 1}
                acts={
                  <>
                    {place > 0 && (
                      <button
                        type="button"
                        className="verb"
                        aria-label={say.moveUp(name)}
                        onClick={() => move(item.id, place - 1)}
                      >
                        {say.up}
                      </button>
                    )}
                    {place < parts.length - 1 && (
                      <button
                        type="button"
                        className="verb"
                        aria-label={say.moveDown(name)}
                        onClick={() => move(item.id, place + 1)}
                      >
                        {say.down}
                      </button>
                    )}
                    {parts.length > 1 && (
                      <button
                        type="button"
                        className="verb ml-auto"
                        aria-label={say.remove2(name)}
                        onClick={() => remove(item.id)}
                      >
                        {say.remove}
                      </button>
                    )}
                  </>
                }
              >
                {item.kind === "art" && (
                  <ArtRule
                    {...common}
                    item={item}
                    slots={slotsOf(design)}
                    onHeight={(mm) =>
                      onChange(
                        withHeight(design, item, mm, item.size * scale),
                        say.sizeOf(item.name),
                      )
                    }
                    onBring={() => setBringing(item.id)}
                  />
                )}
                {item.kind === "shape" && <ShapeRule {...common} item={item} />}
                {item.kind === "text" && (
                  <TextRule
                    {...common}
                    item={item}
                    heightMm={line?.heightMm}
                    onHeight={(mm) =>
                      onChange(withHeight(design, item, mm, line?.heightMm ?? 0), say.sizeOf(name))
                    }
                    sample={(item.text ?? line?.text ?? "").slice(0, 24)}
                    last={parts.length === 1}
                  />
                )}
              </RecipeRow>
            );
          })}
        </ul>
      </Sortable>
      <p role="status" className="sr-only">
        {said}
      </p>
      <AddPart
        design={design}
        vinyl={vinyls[0]?.id ?? ""}
        onAdd={add}
        onBring={() => setBringing("")}
      />
      {brings && (
        <ArtDialog
          open={bringing !== null}
          onOpenChange={(open) => setBringing(open ? (bringing ?? "") : null)}
          vinyls={vinyls}
          id={freeId(items, "art")}
          onTake={(art) => {
            const whole = items.find((item) => item.id === bringing);
            const { name, layers, licence, source } = art;
            if (whole?.kind === "art")
              setItem(
                { ...whole, others: [...whole.others, { name, layers, licence, source }] },
                say.broughtIn(name),
              );
            else add([art], say.broughtIn(name));
          }}
        />
      )}
    </>
  );
}
