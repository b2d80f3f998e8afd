"use client";

import { useRouter } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import type { SheetRow } from "@/data/making.ts";
import { type LoadDrawing, withOutlines } from "./load-drawing.ts";

const AGAIN_MS = 3000;

/** A load with its outlines once they are fetched; `drawn` tells whether there are any yet. Asks again while there is no network, and for the page where the load is another by now. */
export function useLoadDrawing(
  classId: string,
  sheet: SheetRow,
): { readonly sheet: SheetRow; readonly drawn: boolean } {
  const router = useRouter();
  const { nn, hash } = sheet;
  const [found, setFound] = useState<{ readonly hash: string; readonly drawing: LoadDrawing }>();
  useEffect(() => {
    let over = false;
    let again: ReturnType<typeof setTimeout>;
    const ask = async () => {
      const response = await fetch(`/classes/${classId}/loads/${nn}?of=${hash}`).catch(() => null);
      if (over) return;
      if (response?.ok) setFound({ hash, drawing: (await response.json()) as LoadDrawing });
      else if (response?.status === 409) router.refresh();
      else again = setTimeout(() => void ask(), AGAIN_MS);
    };
    void ask();
    return () => {
      over = true;
      clearTimeout(again);
    };
  }, [classId, nn, hash, router]);
  const drawing = found?.hash === hash ? found.drawing : null;
  // What was drawn last stands until the next is there: nothing flickers when a kit is laid elsewhere.
  const last = useRef<SheetRow>(undefined);
  const now = useMemo(
    () => (drawing ? { ...sheet, meta: withOutlines(sheet.meta, drawing) } : null),
    [sheet, drawing],
  );
  useEffect(() => {
    if (now) last.current = now;
  }, [now]);
  const shown = now ?? (last.current?.nn === nn ? last.current : null);
  return shown ? { sheet: shown, drawn: true } : { sheet, drawn: false };
}
