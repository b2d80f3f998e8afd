"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { faultWords } from "@/ui/craft/faults.ts";
import type { LetterAnswer, LetterJob, MeasuredSeat } from "@/workers/letter-protocol.ts";
import { letteringHookWords } from "./words.ts";

export type Drawn = Extract<LetterAnswer, { kind: "drawn" }>;

export interface Lettering {
  readonly drawn: Drawn | null;
  /** Strokes and small parts by seat; they come a little after the drawing. */
  readonly measured: ReadonlyMap<string, MeasuredSeat>;
  readonly busy: boolean;
  /** Share done of a large set; null when it goes too fast to tell. */
  readonly share: number | null;
  readonly failure: string | null;
  /** Hard places of the seat that was looked at last. */
  readonly inspected: Inspected | null;
  inspect(seat: string): void;
  /** Stops a large set; the drawing stays as it was. */
  stop(): void;
}

export type Inspected = Extract<LetterAnswer, { kind: "inspected" }>;

const NONE: ReadonlyMap<string, MeasuredSeat> = new Map();

/**
 * Letters in a worker whenever the parts change; the last drawing stays until the next is ready.
 */
export function useLettering(parts: Omit<LetterJob, "job">): Lettering {
  const say = letteringHookWords();
  const worker = useRef<Worker>(undefined);
  const count = useRef(0);
  const waiting = useRef<LetterJob>(undefined);
  const ready = useRef(false);
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const [measured, setMeasured] = useState(NONE);
  const [busy, setBusy] = useState(true);
  const [share, setShare] = useState<number | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [inspected, setInspected] = useState<Inspected | null>(null);

  const start = useCallback(() => {
    const made = new Worker(new URL("../../workers/letter.worker.ts", import.meta.url), {
      type: "module",
    });
    made.onmessage = (event: MessageEvent<LetterAnswer>) => {
      const answer = event.data;
      if (answer.kind === "ready") {
        ready.current = true;
        if (waiting.current) made.postMessage(waiting.current);
        return;
      }
      if (answer.kind === "inspected") {
        setInspected(answer);
        return;
      }
      if (answer.job !== count.current) return;
      switch (answer.kind) {
        case "progress":
          setShare(answer.share);
          return;
        case "quick":
          setDrawn((old) => old && { ...old, seats: withSeats(old.seats, answer.seats) });
          return;
        case "measured":
          setMeasured(new Map(answer.seats.map((seat) => [seat.seat, seat])));
          return;
        case "drawn":
          setDrawn(answer);
          setFailure(null);
          break;
        case "failed":
          setFailure(
            answer.fault
              ? faultWords().sayFault(answer.fault)
              : letteringHookWords().theLettersCouldNotBeDrawn,
          );
      }
      setBusy(false);
      setShare(null);
    };
    made.onerror = () => {
      setBusy(false);
      setFailure(say.theLetteringCould);
    };
    worker.current = made;
  }, [say.theLetteringCould]);

  const end = useCallback(() => {
    ready.current = false;
    worker.current?.terminate();
  }, []);

  useEffect(() => {
    start();
    return end;
  }, [start, end]);

  const { design, blank, technique, vinyls, seats, most } = parts;
  useEffect(() => {
    count.current += 1;
    setBusy(true);
    waiting.current = { job: count.current, design, blank, technique, vinyls, seats, most };
    if (ready.current) worker.current?.postMessage(waiting.current);
  }, [design, blank, technique, vinyls, seats, most]);

  const stop = useCallback(() => {
    waiting.current = undefined;
    end();
    setBusy(false);
    setShare(null);
    setFailure(say.stoppedTheNextChangeLetters);
    start();
  }, [start, end, say.stoppedTheNextChangeLetters]);
  const inspect = useCallback((seat: string) => worker.current?.postMessage({ inspect: seat }), []);
  return { drawn, measured, busy, share, failure, inspected, inspect, stop };
}

function withSeats(all: Drawn["seats"], some: Drawn["seats"]): Drawn["seats"] {
  const fresh = new Map(some.map((seat) => [seat.seat, seat]));
  const known = new Set(all.map(({ seat }) => seat));
  return [
    ...all.map((seat) => fresh.get(seat.seat) ?? seat),
    ...some.filter(({ seat }) => !known.has(seat)),
  ];
}
