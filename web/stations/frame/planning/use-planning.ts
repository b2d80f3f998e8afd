"use client";

import { useEffect, useState } from "react";
import type { PlanningProgress } from "@/planning/progress.ts";

const EVERY_MS = 350;

/**
 * How far the plan of a class has come; `undefined` until it was asked for, null when none is being
 * made.
 */
export function usePlanning(classId: string | undefined): PlanningProgress | null | undefined {
  const [progress, setProgress] = useState<PlanningProgress | null>();
  useEffect(() => {
    if (!classId) return;
    let here = true;
    const ask = async () => {
      try {
        const response = await fetch(`/classes/${classId}/planning`, { cache: "no-store" });
        const read = response.ok
          ? ((await response.json()) as { progress: PlanningProgress | null })
          : null;
        if (here && read) setProgress(read.progress);
      } catch {
        // The connection is gone: the next one asks again.
      }
      if (here) timer = window.setTimeout(ask, EVERY_MS);
    };
    let timer = window.setTimeout(ask, EVERY_MS);
    return () => {
      here = false;
      window.clearTimeout(timer);
    };
  }, [classId]);
  return progress;
}
