"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import type { Answered, Say, Says } from "@/live/says.ts";
import { freshId } from "@/ui/fresh-id.ts";
import { phoneSign } from "@/ui/phone-sign.ts";
import type { FollowWords } from "./follow-words-en.ts";

const RETRY_MS = 4000;
/** Where the host has to let this phone in first, it is asked that much later. */
const ASK_AGAIN_MS = 10_000;

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
  say(kind: Exclude<Say["kind"], "here">, step: string, what?: string): void;
  /** The name was chosen: this phone speaks for that seat, if no other one does. */
  here(seat: string): void;
}

/** Why the last of what was sent was not counted. */
function refusalOf(answers: readonly Answered[]): Saying["refused"] {
  for (const why of ["turnedAway", "taken"] as const)
    if (answers.some((answer) => answer.why === why)) return why;
  return answers.some(({ ok }) => !ok) ? "over" : null;
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
  const chosen = useRef(seat);
  chosen.current = seat;
  const notBefore = useRef(0);
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
    if (busy.current || Date.now() < notBefore.current) return;
    busy.current = true;
    try {
      for (let box = read(key); box.length > 0; box = read(key)) {
        const own = box.filter(({ seat: whose }) => whose === box[0]?.seat).slice(0, 50);
        const response = await fetch(`/f/${code}/says`, {
          method: "POST",
          headers: { "content-type": "application/json" },
          body: JSON.stringify({ phone: phoneSign(), says: own } satisfies Says),
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
          const { answers } = (await response.json()) as { answers: Answered[] };
          // Under a name that was given up nothing waits any more.
          const waits = own[0]?.seat === chosen.current;
          if (waits) setRefused(refusalOf(answers));
          for (const { mark, why } of answers) if (waits && why === "taken") sent.delete(mark);
        }
        put(read(key).filter(({ mark }) => !sent.has(mark)));
        if (sent.size < own.length) {
          notBefore.current = Date.now() + ASK_AGAIN_MS;
          break;
        }
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
  const press = useCallback(
    (more: Pick<Say, "seat" | "kind" | "step" | "what">) => {
      put([...read(key), { mark: freshId(), ...more, at: Math.round(now()) }]);
      notBefore.current = 0;
      void tell();
    },
    [key, now, put, tell],
  );
  const say = useCallback<Saying["say"]>(
    (kind, step, what = "") => {
      setSaid((before) => {
        const next = { ...before, [step]: kind };
        write(own, next);
        return next;
      });
      press({ seat, kind, step, what });
    },
    [own, press, seat],
  );
  const here = useCallback(
    (name: string) => {
      chosen.current = name;
      setRefused(null);
      if (name) press({ seat: name, kind: "here", step: "", what: "" });
    },
    [press],
  );
  return { waiting: waiting.length, said, refused, say, here };
}
