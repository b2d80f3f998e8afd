"use client";

import type { PlayedEvening } from "@elm-basket/core/rehearsal/played.ts";
import type { Tried } from "@elm-basket/core/rehearsal/try-ways.ts";
import { useCallback, useEffect, useRef, useState } from "react";
import { faultWords } from "@/ui/craft/faults.ts";
import type { RehearseAnswer, RehearseJob } from "@/workers/rehearse-protocol.ts";
import { rehearsalHookWords } from "../words.ts";

export type Report = Extract<RehearseAnswer, { kind: "rehearsed" }>;

export interface RehearsalState {
  /** The last rehearsal; it stays until the next is there. */
  readonly found: Report | null;
  readonly tried: Tried | null;
  readonly progress: { readonly share: number; readonly what: "playing" | "trying" } | null;
  readonly failure: string | null;
  readonly evening: { readonly run: number; readonly evening: PlayedEvening } | null;
  play(run: number): void;
}

/** Rehearses in a worker whenever the class or the seed changes. */
export function useRehearsal({
  document,
  schools,
  facts,
  weedMinutes,
  share,
  seed,
}: Omit<RehearseJob, "job">): RehearsalState {
  const worker = useRef<Worker>(undefined);
  const waiting = useRef<RehearseJob>(undefined);
  const ready = useRef(false);
  const count = useRef(0);
  const [found, setFound] = useState<Report | null>(null);
  const [tried, setTried] = useState<Tried | null>(null);
  const [progress, setProgress] = useState<RehearsalState["progress"]>({
    share: 0,
    what: "playing",
  });
  const [failure, setFailure] = useState<string | null>(null);
  const [evening, setEvening] = useState<RehearsalState["evening"]>(null);

  useEffect(() => {
    const made = new Worker(new URL("../../../workers/rehearse.worker.ts", import.meta.url), {
      type: "module",
    });
    made.onmessage = ({ data: answer }: MessageEvent<RehearseAnswer>) => {
      if (answer.kind === "ready") {
        ready.current = true;
        if (waiting.current) made.postMessage(waiting.current);
        return;
      }
      if (answer.kind === "played") {
        setEvening(answer);
        return;
      }
      if (answer.job !== count.current) return;
      if (answer.kind === "progress") setProgress(answer);
      else if (answer.kind === "failed") {
        setFailure(
          answer.fault ? faultWords().sayFault(answer.fault) : rehearsalHookWords().loadThePageAnew,
        );
        setProgress(null);
      } else if (answer.kind === "tried") {
        setTried(answer.tried);
        setProgress(null);
      } else {
        setFound(answer);
        setFailure(null);
        made.postMessage({ play: answer.usual });
      }
    };
    made.onerror = () => {
      setProgress(null);
      setFailure(rehearsalHookWords().itCouldNotBeRehearsed);
    };
    worker.current = made;
    return () => {
      ready.current = false;
      made.terminate();
    };
  }, []);

  useEffect(() => {
    count.current += 1;
    setTried(null);
    setProgress({ share: 0, what: "playing" });
    waiting.current = { job: count.current, document, schools, facts, weedMinutes, share, seed };
    if (ready.current) worker.current?.postMessage(waiting.current);
  }, [document, schools, facts, weedMinutes, share, seed]);

  const play = useCallback((run: number) => worker.current?.postMessage({ play: run }), []);
  return { found, tried, progress, failure, evening, play };
}
