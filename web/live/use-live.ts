"use client";

import { useEffect, useState } from "react";
import type { LiveState } from "./state.ts";

export interface Live {
  readonly state: LiveState;
  readonly connected: boolean;
  /** Seconds left of the step; below zero when over. Counts the holds and the minutes added. */
  readonly secondsLeft: number;
  /** Seconds until what dries is dry; 0 when nothing keeps the step from beginning. */
  readonly drySeconds: number;
  /** Server's clock, ms. */
  readonly now: number;
  take(state: LiveState): void;
}

const TICK_MS = 250;

/** The state of a run, kept in step by the server; a client that was away catches up by the version number. */
export function useLive(url: string, initial: LiveState, minutesOf: (index: number) => number): Live {
  const [state, setState] = useState(initial);
  const [offset, setOffset] = useState(0);
  const [now, setNow] = useState(initial.now);
  const [connected, setConnected] = useState(true);
  const take = (next: LiveState) => {
    setOffset(next.now - Date.now());
    setState((old) => (next.version >= old.version ? next : old));
  };
  useEffect(() => {
    const source = new EventSource(url);
    source.onmessage = (event) => {
      setConnected(true);
      const next = JSON.parse(event.data) as LiveState;
      setOffset(next.now - Date.now());
      // A new run begins at version 1 again: what the server says last is right.
      setState((old) => (next.version >= old.version || next.startedAt !== old.startedAt ? next : old));
    };
    source.onopen = () => setConnected(true);
    source.onerror = () => setConnected(false);
    return () => source.close();
  }, [url]);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now() + offset), TICK_MS);
    return () => clearInterval(timer);
  }, [offset]);
  const until = state.heldAt ?? now;
  // While something dries the step has not begun.
  const from = Math.max(state.stepStartedAt, state.notBefore ?? 0);
  const spent = Math.max(0, (until - from) / 1000 - state.heldSeconds);
  const drySeconds = state.running ? Math.max(0, ((state.notBefore ?? 0) - now) / 1000) : 0;
  return { state, connected, now, drySeconds, secondsLeft: minutesOf(state.stepIndex) * 60 + state.extraSeconds - spent, take };
}
