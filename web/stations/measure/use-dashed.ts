"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { FaceReading } from "@elm-basket/core/blanks/read-face.ts";
import type { Polygons } from "@elm-basket/core/geometry/polygon.ts";
import { useEffect, useMemo, useState } from "react";
import { insist } from "@/ui/insist.ts";

/** The dashed line of a blank as the page came with it. */
export interface Dashed {
  readonly blank: Blank;
  readonly polygons: Polygons;
}

interface Reckoning {
  readonly dashedOf: (reading: FaceReading) => Polygons;
}

const faceKey = ({ shape, margin, keepOuts, reserve, specimens, handle }: Blank): string =>
  JSON.stringify([shape, margin, keepOuts, reserve, specimens, handle]);

/**
 * Where the design may go: as it came, or worked out once the blank is another. Empty for the
 * moment that takes the first time.
 */
export function useDashed(blank: Blank, reading: FaceReading, came: Dashed | null): Polygons {
  const same = came !== null && faceKey(came.blank) === faceKey(blank);
  const [reckoning, setReckoning] = useState<Reckoning | null>(null);
  useEffect(() => {
    if (!same && !reckoning) void insist(() => import("./dashed.ts")).then(setReckoning);
  }, [same, reckoning]);
  return useMemo(
    () => (same ? came.polygons : (reckoning?.dashedOf(reading) ?? [])),
    [same, came, reckoning, reading],
  );
}
