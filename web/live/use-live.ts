"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { isNewer, type LiveState } from "./live-class.ts";

export interface Live<S extends LiveState> {
  readonly state: S;
  readonly connected: boolean;
  /** The server answers, but does not let this page follow any more. */
  readonly refused: boolean;
  /** Since when it is not, ms of this device's clock. */
  readonly awaySince: number | null;
  /** Server's clock, ms. */
  readonly now: number;
  take(state: S): void;
}

const TICK_MS = 250;
/** The server gives a sign of life every fifteen seconds. */
const SILENT_MS = 35_000;
const AGAIN_MS = 4000;
/**
 * A device's clock may stand anywhere: the offset of the quickest answer is nearest to the truth.
 */
const OFFSETS = 8;

/**
 * The state of a run, kept in step by the server; a client that was away catches up by the version
 * number.
 */
export function useLive<S extends LiveState>(
  url: string,
  initial: S,
  keep?: (state: S) => void,
): Live<S> {
  const [state, setState] = useState(initial);
  const [now, setNow] = useState(initial.now);
  const [awaySince, setAwaySince] = useState<number | null>(null);
  const [refused, setRefused] = useState(false);
  const began = useRef(initial.now);
  const offsets = useRef<number[]>([]);
  const last = useRef(initial);
  const kept = useRef(keep);
  kept.current = keep;
  const take = useCallback((next: S) => {
    offsets.current = [...offsets.current, next.now - Date.now()].slice(-OFFSETS);
    if (!isNewer(next, last.current)) return;
    last.current = next;
    setState(next);
    kept.current?.(next);
  }, []);
  useEffect(() => {
    if (offsets.current.length === 0) offsets.current = [began.current - Date.now()];
    let source: EventSource | null = null;
    let heard = Date.now();
    const away = () => setAwaySince((since) => since ?? Date.now());
    const here = () => {
      heard = Date.now();
      setAwaySince(null);
      setRefused(false);
    };
    const open = () => {
      source?.close();
      heard = Date.now();
      const made = new EventSource(url);
      made.onmessage = (event) => {
        here();
        take(JSON.parse(event.data) as S);
      };
      made.addEventListener("beat", here);
      made.onopen = here;
      made.onerror = () => {
        away();
        // The browser tries again by itself, but not after an answer that was none.
        if (made.readyState !== EventSource.CLOSED) return;
        setRefused(navigator.onLine);
        setTimeout(() => source === made && open(), AGAIN_MS);
      };
      source = made;
    };
    open();
    // A network that is gone without a word closes nothing: what is not heard of for long is away.
    const watch = setInterval(() => {
      if (Date.now() - heard < SILENT_MS) return;
      away();
      open();
    }, AGAIN_MS);
    window.addEventListener("offline", away);
    window.addEventListener("online", open);
    return () => {
      clearInterval(watch);
      window.removeEventListener("offline", away);
      window.removeEventListener("online", open);
      const last = source;
      source = null;
      last?.close();
    };
  }, [url, take]);
  useEffect(() => {
    const timer = setInterval(
      () => setNow(Date.now() + Math.max(...(offsets.current.length > 0 ? offsets.current : [0]))),
      TICK_MS,
    );
    return () => clearInterval(timer);
  }, []);
  return { state, connected: awaySince === null, refused, awaySince, now, take };
}
