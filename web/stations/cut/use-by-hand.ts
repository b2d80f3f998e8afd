"use client";

import { type HandMove, layByHand } from "@elm-basket/core/stages/by-hand.ts";
import { useRouter } from "next/navigation";
import {
  type PointerEvent,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  useTransition,
} from "react";
import type { SheetMeta } from "@/data/making.ts";
import { type HandRules, handSheet } from "./hand-sheet.ts";
import { moveKit } from "./layout-actions.ts";
import { byHandHookWords } from "./words.ts";

export interface ByHand {
  readonly chosen: string | null;
  /** Where the chosen kit is shown, away from where it lies, mm and degrees as on the sheet. */
  readonly away: { readonly dx: number; readonly dy: number; readonly turn: HandMove["turn"] };
  readonly moved: boolean;
  readonly clash: boolean;
  readonly busy: boolean;
  readonly said: string;
  choose(kit: string | null): void;
  nudge(dx: number, dy: number): void;
  turnBy(degrees: 90 | 180): void;
  grab(event: PointerEvent<SVGGElement>, kit: string): void;
}

const STILL = { dx: 0, dy: 0, turn: 0 } as const;
/** Presses that follow each other this fast are one move. */
const SETTLE_MS = 900;

/**
 * Moving kits on the drawing: shown at once, refused where it would not cut clean, saved when the
 * hand rests.
 */
export function useByHand(
  classId: string,
  nn: number,
  hash: string,
  meta: SheetMeta,
  rules: HandRules,
): ByHand {
  const say = byHandHookWords();
  const router = useRouter();
  const [chosen, setChosen] = useState<string | null>(null);
  const [away, setAway] = useState<ByHand["away"]>(STILL);
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const dragging = useRef(false);
  const sheet = useMemo(() => handSheet(meta, rules), [meta, rules]);
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  const moved = away.dx !== 0 || away.dy !== 0 || away.turn !== 0;
  const laid = useMemo(
    () => (chosen && moved ? layByHand(sheet, { kit: chosen, ...away }) : null),
    [sheet, chosen, away, moved],
  );
  const settle = useCallback(
    (kit: string, move: ByHand["away"]) =>
      start(async () => {
        const answer = await moveKit(classId, nn, hash, { kit, ...move }).catch(() => ({
          ok: false as const,
          message: say.noNetwork,
        }));
        setSaid(answer.ok ? say.laidThere : answer.message);
        if (!answer.ok) setAway(STILL);
        router.refresh();
      }),
    [classId, nn, hash, router, say.noNetwork, say.laidThere],
  );
  useEffect(() => {
    clearTimeout(rest.current);
    if (!chosen || !moved || dragging.current) return;
    rest.current = setTimeout(() => settle(chosen, away), SETTLE_MS);
    return () => clearTimeout(rest.current);
  }, [chosen, moved, away, settle]);
  // A new layout of the load has arrived: the kit lies there now.
  const seen = useRef(hash);
  useEffect(() => {
    if (seen.current === hash) return;
    seen.current = hash;
    setAway(STILL);
  }, [hash]);
  const choose = (kit: string | null) => {
    if (moved && chosen && kit !== chosen) settle(chosen, away);
    setChosen(kit);
    setAway(STILL);
  };
  const grab = (event: PointerEvent<SVGGElement>, kit: string) => {
    const svg = event.currentTarget.ownerSVGElement;
    const matrix = svg?.getScreenCTM()?.inverse();
    if (!svg || !matrix || busy || event.button !== 0) return;
    event.preventDefault();
    choose(kit);
    dragging.current = true;
    const at = (e: { clientX: number; clientY: number }) =>
      new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix);
    const from = at(event);
    const onMove = (e: globalThis.PointerEvent) => {
      const now = at(e);
      setAway({ dx: now.x - from.x, dy: now.y - from.y, turn: 0 });
    };
    const end = (cancelled: boolean) => {
      window.removeEventListener("pointermove", onMove);
      window.removeEventListener("pointerup", onUp);
      window.removeEventListener("pointercancel", onCancel);
      dragging.current = false;
      // A new object, so that resting begins.
      setAway((now) => (cancelled ? STILL : { ...now }));
    };
    const onUp = () => end(false);
    const onCancel = () => end(true);
    window.addEventListener("pointermove", onMove);
    window.addEventListener("pointerup", onUp);
    window.addEventListener("pointercancel", onCancel);
  };
  return {
    chosen,
    away,
    moved,
    clash: laid !== null && !laid.ok,
    busy,
    said: laid && !laid.ok ? say.thereTheBladeWouldLeave(laid.reason) : said,
    choose,
    nudge: (dx, dy) => setAway((now) => ({ ...now, dx: now.dx + dx, dy: now.dy + dy })),
    turnBy: (degrees) =>
      setAway((now) => ({ ...now, turn: ((now.turn + degrees) % 360) as HandMove["turn"] })),
    grab,
  };
}
