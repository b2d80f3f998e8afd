"use client";

import { useRouter } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import type { SheetRow } from "@/data/making.ts";
import { type LoadDrawing, withOutlines } from "./load-drawing.ts";

const AGAIN_MS = 3000;

export interface LoadShown {
  readonly sheet: SheetRow;
  /** Whether there are outlines yet. */
  readonly drawn: boolean;
  /** What is shown is the load of before: nothing is sent by it. */
  readonly stale: boolean;
}

/**
 * A load with its outlines once they are fetched; they stay until those of the next are there. Asks
 * again while there is no network, and for the page where the load is another by now.
 */
export function useLoadDrawing(classId: string, sheet: SheetRow): LoadShown {
  const router = useRouter();
  const { nn, hash } = sheet;
  const [found, setFound] = useState<{ readonly hash: string; readonly drawing: LoadDrawing }>();
  useEffect(() => {
    let over = false;
    let again: ReturnType<typeof setTimeout>;
    const ask = async () => {
      const answer = await asked(`/classes/${classId}/loads/${nn}?of=${hash}`);
      if (over) return;
      if (answer === "another") router.refresh();
      else if (answer === null) again = setTimeout(() => void ask(), AGAIN_MS);
      else setFound({ hash, drawing: answer });
    };
    void ask();
    return () => {
      over = true;
      clearTimeout(again);
    };
  }, [classId, nn, hash, router]);
  const drawing = found?.hash === hash ? found.drawing : null;
  // What was drawn last stands until the next is there: nothing flickers when a kit is laid
  // elsewhere.
  const last = useRef<SheetRow>(undefined);
  const now = useMemo(
    () => (drawing ? { ...sheet, meta: withOutlines(sheet.meta, drawing) } : null),
    [sheet, drawing],
  );
  useEffect(() => {
    if (now) last.current = now;
  }, [now]);
  const shown = now ?? (last.current?.nn === nn ? last.current : null);
  return { sheet: shown ?? sheet, drawn: shown !== null, stale: shown !== null && now === null };
}

/**
 * The outlines; that the load is planned anew or gone; or null where nothing could be had just now.
 */
async function asked(address: string): Promise<LoadDrawing | "another" | null> {
  try {
    const response = await fetch(address);
    if (response.status === 409 || response.status === 404) return "another";
    return response.ok ? ((await response.json()) as LoadDrawing) : null;
  } catch {
    return null;
  }
}
