"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { Say } from "@/live/says.ts";
import { freshId } from "@/ui/fresh-id.ts";
import type { FollowWords } from "./follow-words-en.ts";

const RETRY_MS = 4000;

function read(key: string): Say[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(kept) ? (kept as Say[]) : [];
  } catch {
    return [];
  }
}

function readSaid(key: string): Readonly<Record<string, Say["kind"]>> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "{}");
    return typeof kept === "object" && kept !== null ? (kept as Record<string, Say["kind"]>) : {};
  } catch {
    return {};
  }
}

function write(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Storage is switched off: what waits lives as long as the page.
  }
}

export interface Saying {
  /** What the host has not heard yet. */
  readonly waiting: number;
  /** What was said last at each step by this phone; what was refused is not among it. */
  readonly said: Readonly<Record<string, Say["kind"]>>;
  /** Why it was not counted. */
  readonly refused: keyof FollowWords["refused"] | null;
  say(kind: Say["kind"], step: string, what?: string): void;
}

/**
 * What is pressed waits here until the host's server has it, also over a reload and without
 * network; nothing is told twice.
 */
export function useSays(code: string, seat: string, now: () => number): Saying {
  const key = `elm-says-${code}`;
  const [waiting, setWaiting] = useState<readonly Say[]>([]);
  const own = `elm-said-${code}-${seat}`;
  const [said, setSaid] = useState<Readonly<Record<string, Say["kind"]>>>({});
  const [refused, setRefused] = useState<Saying["refused"]>(null);
  const busy = useRef(false);
  // Each name has said its own; a reload remembers.
  useEffect(() => setSaid(readSaid(own)), [own]);
  const put = useCallback(
    (next: readonly Say[]) => {
      write(key, next);
      setWaiting(next);
    },
    [key],
  );
  const tell = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      for (let box = read(key); box.length > 0; box = read(key)) {
        const own = box.filter(({ seat: whose }) => whose === box[0]?.seat).slice(0, 50);
        const response = await fetch(`/f/${code}/says`, {
          method: "POST",
          headers: { "content-type": "application/json" },
          body: JSON.stringify(own),
        });
        if (response.status === 429) break;
        const sent = new Set(own.map(({ mark }) => mark));
        if (!response.ok)
          setRefused(
            response.status === 404 ? "closed" : response.status < 500 ? "unsayable" : null,
          );
        // What the server will never take does not wait for ever.
        if (response.status >= 500) break;
        if (response.ok) {
          const { answers } = (await response.json()) as {
            answers: { mark: string; ok: boolean }[];
          };
          setRefused(answers.some(({ ok }) => !ok) ? "over" : null);
        }
        put(read(key).filter(({ mark }) => !sent.has(mark)));
      }
    } catch {
      // No network: it waits.
    } finally {
      busy.current = false;
      setWaiting(read(key));
    }
  }, [code, key, put]);
  useEffect(() => {
    setWaiting(read(key));
    void tell();
    const timer = setInterval(() => void tell(), RETRY_MS);
    const again = () => void tell();
    window.addEventListener("online", again);
    return () => {
      clearInterval(timer);
      window.removeEventListener("online", again);
    };
  }, [key, tell]);
  const say = useCallback(
    (kind: Say["kind"], step: string, what = "") => {
      setSaid((before) => {
        const next = { ...before, [step]: kind };
        write(own, next);
        return next;
      });
      put([...read(key), { mark: freshId(), seat, kind, step, what, at: Math.round(now()) }]);
      void tell();
    },
    [key, now, own, put, seat, tell],
  );
  return { waiting: waiting.length, said, refused, say };
}
