"use client";

import { boxHeight, boxOfPoints, boxWidth } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import type { Film, ScrapRow } from "@/data/scraps.ts";
import { Button, FileButton } from "@/ui/button.tsx";
import { Fetching } from "@/ui/fetched.tsx";
import { showSize } from "@/ui/figures.ts";
import { insist } from "@/ui/insist.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { throwScrapAway } from "./scrap-actions.ts";
import { ScrapShape } from "./scrap-shape.tsx";
import { scrapBoxWords } from "./words.ts";

/** Asked for when a scrap is put in or looked at. */
const ScrapForm = dynamic(
  () => insist(() => import("./scrap-form.tsx")).then((all) => all.ScrapForm),
  { loading: Fetching },
);

/** Every scrap as a shape, all to one scale, so that a glance tells what could still come of it. */
export function ScrapBox({
  scraps,
  films,
  unit,
  today,
}: {
  scraps: readonly ScrapRow[];
  films: readonly Film[];
  unit: LengthUnit;
  today: string;
}) {
  const say = scrapBoxWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [inHand, setInHand] = useState<ScrapRow | "new" | null>(null);
  const sizes = scraps.map(({ outline }) => {
    const box = boxOfPoints(outline);
    return { width: boxWidth(box), height: boxHeight(box) };
  });
  const largest = Math.max(1, ...sizes.flatMap(({ width, height }) => [width, height]));
  return (
    <section aria-label={say.scrapBox}>
      <div className="mb-4 flex flex-wrap items-center gap-3">
        <p className="flex-1 text-soft">{say.whatACutLoadLeaves}</p>
        <Button onClick={() => setInHand("new")}>{say.putAScrap}</Button>
        {scraps.length > 0 && (
          <FileButton href="/shelf/scrap-labels.pdf" download>
            {say.printLabelsForThem}
          </FileButton>
        )}
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-6 gap-y-5">
        {scraps.map((scrap, i) => {
          const { label, film, outline, holes, bought, plannedFor } = scrap;
          return (
            <li key={label} className="grid content-end gap-1">
              <ScrapShape
                outline={outline}
                holes={holes}
                colour={film.colour}
                unit={unit}
                label={say.scrap(label, film.name)}
                scale={largest}
              />
              <p className="font-bold">
                <FilmDot colour={film.colour} /> {label}
              </p>
              <p className="text-sm text-soft">
                {say.text(film.name, showSize(sizes[i] as (typeof sizes)[number], unit), bought)}
              </p>
              {plannedFor && <p className="text-sm">{say.forSaid(plannedFor)}</p>}
              <p className="flex gap-4">
                <button
                  type="button"
                  className="verb text-sm"
                  aria-label={say.changeScrap(label)}
                  onClick={() => setInHand(scrap)}
                >
                  {say.change}
                </button>
                <button
                  type="button"
                  className="verb text-sm"
                  disabled={busy}
                  aria-label={say.throwScrapAway(label)}
                  onClick={() =>
                    start(async () => {
                      await throwScrapAway(label);
                      router.refresh();
                    })
                  }
                >
                  {say.throwAway}
                </button>
              </p>
            </li>
          );
        })}
      </ul>
      {scraps.length === 0 && <p className="py-6 text-soft">{say.theBoxIsEmpty}</p>}
      {inHand && (
        <ScrapForm
          key={inHand === "new" ? "new" : inHand.label}
          open
          onOpenChange={() => setInHand(null)}
          films={films}
          unit={unit}
          today={today}
          scrap={inHand === "new" ? null : inHand}
        />
      )}
    </section>
  );
}
