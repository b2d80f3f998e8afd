"use client";

import { type LengthUnit, showLength, showSize } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useTransition } from "react";
import type { ScrapRow } from "@/data/scraps.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { throwScrapAway } from "./actions.ts";

/** Every scrap as a shape, all to one scale, so that a glance tells what could still come of it. */
export function ScrapBox({ scraps, unit }: { scraps: readonly ScrapRow[]; unit: LengthUnit }) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const boxes = scraps.map(({ outline }) => extent(outline));
  const largest = Math.max(...boxes.flatMap(({ width, height }) => [width, height]));
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(170px,1fr))] gap-x-6 gap-y-5">
      {scraps.map(({ label, film, outline, holes, bought }, i) => {
        const { x, y, width, height } = boxes[i] as (typeof boxes)[number];
        const px = largest / 150;
        return (
          <li key={label} className="grid content-end gap-1">
            <svg
              viewBox={`${x - px} ${y - px} ${largest + 2 * px} ${height + 2 * px}`}
              className="w-full"
              role="img"
              aria-label={`Scrap ${label}, ${film.name}, ${showLength(width, unit)} by ${showLength(height, unit)}`}
            >
              <path
                d={[outline, ...holes].map((ring) => `M${ring.map(([a, b]) => `${a} ${b}`).join("L")}Z`).join("")}
                fill={film.colour}
                fillRule="evenodd"
                stroke="var(--color-ink)"
                strokeWidth={1.2 * px}
              />
            </svg>
            <p className="font-bold">
              <FilmDot colour={film.colour} /> {label}
            </p>
            <p className="text-sm text-soft">
              {film.name}, {showSize({ width, height }, unit)}
              {bought && `, bought ${bought}`}
            </p>
            <button
              type="button"
              className="verb justify-self-start text-sm"
              disabled={busy}
              aria-label={`Throw scrap ${label} away`}
              onClick={() =>
                start(async () => {
                  await throwScrapAway(label);
                  router.refresh();
                })
              }
            >
              Throw away
            </button>
          </li>
        );
      })}
    </ul>
  );
}

function extent(outline: readonly (readonly [number, number])[]): { x: number; y: number; width: number; height: number } {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
