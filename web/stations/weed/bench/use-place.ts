"use client";

import { useMemo, useRef } from "react";
import type { BenchFilm } from "@/bench/wire.ts";

/** Hands that were seen so long ago have gone home, ms. */
const SEEN_MS = 10 * 60_000;

/** Which of the hands at this bench these are, so that they do not all reach for the same film. */
export function usePlace(rows: readonly Pick<BenchFilm, "heldBy">[], hands: string): number {
  const seen = useRef(new Map<string, number>());
  return useMemo(() => {
    const now = Date.now();
    for (const { heldBy } of rows) if (heldBy !== "") seen.current.set(heldBy, now);
    const here = [
      ...new Set(
        [...seen.current].flatMap(([id, at]) => (now - at < SEEN_MS ? [id] : [])).concat(hands),
      ),
    ].sort();
    return here.indexOf(hands);
  }, [rows, hands]);
}
