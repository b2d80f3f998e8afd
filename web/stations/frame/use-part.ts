"use client";

import { useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Part } from "@/data/class-documents.ts";
import { type SaveAnswer, saveClassPart } from "./actions.ts";

export type SaveState = "saved" | "saving" | "unsaved" | "offline";

export interface PartEditor<T> {
  readonly value: T;
  readonly state: SaveState;
  readonly error: string | undefined;
  /** Set when another window saved first: what it saved. */
  readonly stale: T | undefined;
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
export function usePart<T>(classId: string, part: Part, initial: T, initialVersion: number, pick: (answer: SaveAnswer & { document: unknown }) => T): PartEditor<T> {
  const router = useRouter();
  const [value, setValue] = useState(initial);
  const [state, setState] = useState<SaveState>("saved");
  const [error, setError] = useState<string>();
  const [stale, setStale] = useState<T>();
  const version = useRef(initialVersion);
  const pending = useRef<{ value: T; label: string } | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const running = useRef(false);
  const pickRef = useRef(pick);
  pickRef.current = pick;

  // A refresh of the page brings newer values (undo, remedies): they are taken when nothing of ours waits.
  useEffect(() => {
    if (pending.current || running.current || initialVersion <= version.current) return;
    version.current = initialVersion;
    setValue(initial);
    setStale(undefined);
  }, [initial, initialVersion]);

  const flush = useCallback(async () => {
    const next = pending.current;
    if (!next || running.current) return;
    running.current = true;
    pending.current = null;
    setState("saving");
    const answer = await saveClassPart(classId, part, next.value, version.current, next.label).catch(() => null);
    running.current = false;
    if (answer === null) {
      pending.current ??= next;
      setState("offline");
      timer.current = setTimeout(() => void flush(), RETRY_MS);
      return;
    }
    if (answer.ok) {
      version.current = answer.version;
      setError(undefined);
      setState(pending.current ? "unsaved" : "saved");
      if (pending.current) void flush();
      else router.refresh();
    } else if (answer.reason === "stale") {
      version.current = answer.version;
      setStale(pickRef.current(answer));
      setState("unsaved");
    } else {
      setState("unsaved");
      setError(answer.reason === "invalid" ? `${answer.path.replace(/^\$\.?/u, "")}: ${answer.message}` : "This class is no longer there.");
    }
  }, [classId, part, router]);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (pending.current || running.current) event.preventDefault();
    };
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, []);

  const change = useCallback(
    (next: T, label: string) => {
      setValue(next);
      setState("unsaved");
      pending.current = { value: next, label };
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), DELAY_MS);
    },
    [flush],
  );
  const takeTheirs = useCallback(() => {
    pending.current = null;
    if (stale !== undefined) setValue(stale);
    setStale(undefined);
    setState("saved");
    router.refresh();
  }, [stale, router]);
  const keepMine = useCallback(() => {
    setStale(undefined);
    change(value, "Kept over another window's change");
  }, [change, value]);
  return { value, state, error, stale, change, takeTheirs, keepMine };
}
