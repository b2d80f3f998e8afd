"use client";

import type { SeatThing } from "@/live/seat-view.ts";
/** A seat's decal on its piece in true proportion, as it lies on the table. */
import { useFollowWords } from "./use-follow-words.ts";

export function ThingPicture({
  thing,
  name,
  maxHeight,
  dark = false,
}: {
  thing: SeatThing;
  name: string;
  maxHeight: number | string;
  dark?: boolean;
}) {
  const { box } = thing;
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const line = Math.max(width, height) / 240;
  return (
    <svg
      viewBox={`${box.minX - line} ${box.minY - line} ${width + 2 * line} ${height + 2 * line}`}
      className="h-auto w-full"
      style={{ maxHeight }}
      role="img"
      aria-label={useFollowWords().picture(name, thing.title, thing.out)}
    >
      <path
        d={thing.outline}
        fill={thing.colour}
        stroke={dark ? "var(--color-stage-soft)" : "var(--color-soft)"}
        strokeWidth={line}
        strokeLinejoin="round"
      />
      {thing.layers.map((layer) => (
        <path
          key={layer.colour + layer.path.length}
          d={layer.path}
          fill={layer.colour}
          fillRule="evenodd"
          stroke="var(--color-ink)"
          strokeOpacity={0.35}
          strokeWidth={line / 3}
        />
      ))}
    </svg>
  );
}
