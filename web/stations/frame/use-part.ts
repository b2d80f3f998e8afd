"use client";

import type { Collision } from "@elm-basket/core/stages/merge.ts";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Part } from "@/data/class-documents.ts";
import { type SaveAnswer, saveClassPart } from "./actions.ts";
import { registerPart } from "./pending.ts";
import { partHookWords } from "./words.ts";

export type SaveState = "saved" | "saving" | "unsaved" | "offline";

/** Where in the part, as a path such as `steps[2].title`, and what is wrong. */
export interface SaveError {
  readonly path: string;
  readonly message: string;
}

/** What another window saved meanwhile, and where that collides with what was changed here. */
export interface Stale<T> {
  readonly theirs: T;
  readonly collisions: readonly Collision[];
}

export interface PartEditor<T> {
  readonly value: T;
  readonly state: SaveState;
  readonly error: SaveError | undefined;
  /** Set when another window saved first: what it saved. */
  readonly stale: Stale<T> | undefined;
  change(next: T, label: string): void;
  takeTheirs(): void;
  keepMine(): void;
}

const DELAY_MS = 500;
const RETRY_MS = 3000;

/**
 * A part of the class that saves itself: edits show at once, are saved shortly after in order, and
 * are kept while the network is away. A save that another window overtook is told, never lost.
 */
export function usePart<T>(
  classId: string,
  part: Part,
  initial: T,
  initialVersion: number,
  pick: (answer: SaveAnswer & { document: unknown }) => T,
): PartEditor<T> {
  const w = partHookWords();
  const router = useRouter();
  const [value, setValue] = useState(initial);
  const [state, setState] = useState<SaveState>("saved");
  const [error, setError] = useState<SaveError>();
  const [stale, setStale] = useState<Stale<T>>();
  const version = useRef(initialVersion);
  // What was last known to be saved: from it another window's changes are told apart from ours.
  const base = useRef(initial);
  // Edits that wait: one of each kind in a row, so that undo takes back one thing at a time.
  const pending = useRef<{ value: T; label: string }[]>([]);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const queue = useRef<Promise<boolean>>(Promise.resolve(true));
  const sending = useRef(false);
  // While another window's change collides with ours nothing is sent: the next edit would carry
  // ours over theirs unasked.
  const held = useRef(false);
  const pickRef = useRef(pick);
  pickRef.current = pick;

  // A refresh of the page brings newer values (undo, remedies): they are taken when nothing of ours
  // waits.
  useEffect(() => {
    if (
      pending.current.length > 0 ||
      sending.current ||
      held.current ||
      initialVersion <= version.current
    )
      return;
    version.current = initialVersion;
    base.current = initial;
    setValue(initial);
    setStale(undefined);
  }, [initial, initialVersion]);

  const send = useCallback(
    async (next: { value: T; label: string }): Promise<boolean> => {
      setState("saving");
      const answer = await saveClassPart(
        classId,
        part,
        next.value,
        version.current,
        next.label,
        base.current,
      ).catch(() => null);
      if (answer === null) {
        pending.current.unshift(next);
        setState("offline");
        return false;
      }
      if (answer.ok) {
        version.current = answer.version;
        base.current = pickRef.current(answer);
        // Merged with what another window saved: shown unless somebody types on.
        if (pending.current.length === 0) setValue(base.current);
        setError(undefined);
        setState(pending.current.length > 0 ? "unsaved" : "saved");
        if (pending.current.length === 0) router.refresh();
        return true;
      }
      if (answer.reason === "stale") {
        version.current = answer.version;
        base.current = pickRef.current(answer);
        held.current = true;
        pending.current = [];
        setStale({ theirs: pickRef.current(answer), collisions: answer.collisions });
      } else
        setError(
          answer.reason === "invalid"
            ? { path: answer.path.replace(/^\$\.?/u, ""), message: answer.message }
            : { path: "", message: w.thisClassIsNoLonger },
        );
      setState("unsaved");
      return false;
    },
    [classId, part, router, w.thisClassIsNoLonger],
  );

  /** Saves what waits, one after the other; false when it could not be saved. */
  const flush = useCallback((): Promise<boolean> => {
    clearTimeout(timer.current);
    const drain = async (): Promise<boolean> => {
      if (held.current) return false;
      for (let next = pending.current.shift(); next; next = pending.current.shift()) {
        sending.current = true;
        const done = await send(next);
        sending.current = false;
        if (done) continue;
        if (pending.current.length > 0) timer.current = setTimeout(() => void flush(), RETRY_MS);
        return false;
      }
      return true;
    };
    // Whoever asks waits for those that asked before: two that woke at the same moment would send
    // at once, and the first answer would say "saved" for both.
    queue.current = queue.current.then(drain, drain);
    return queue.current;
  }, [send]);
  useEffect(() => registerPart(flush), [flush]);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (pending.current.length > 0 || sending.current || held.current) event.preventDefault();
    };
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, []);

  const change = useCallback(
    (next: T, label: string) => {
      setValue(next);
      setState("unsaved");
      if (held.current) return;
      if (pending.current.at(-1)?.label === label) pending.current.pop();
      pending.current.push({ value: next, label });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), DELAY_MS);
    },
    [flush],
  );
  const takeTheirs = useCallback(() => {
    held.current = false;
    if (stale !== undefined) setValue(stale.theirs);
    setStale(undefined);
    setState("saved");
    router.refresh();
  }, [stale, router]);
  const keepMine = useCallback(() => {
    setStale(undefined);
    held.current = false;
    change(value, w.keptOverAnotherWindowsChange);
  }, [change, value, w.keptOverAnotherWindowsChange]);
  return { value, state, error, stale, change, takeTheirs, keepMine };
}
