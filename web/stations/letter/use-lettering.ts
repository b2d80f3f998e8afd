"use client";

import { useEffect, useRef, useState } from "react";
import type { LetterAnswer, LetterJob } from "@/workers/letter-protocol.ts";

type Drawn = Extract<LetterAnswer, { kind: "drawn" }>;

export interface Lettering {
  readonly drawn: Drawn | null;
  readonly busy: boolean;
  readonly failure: string | null;
}

/** Letters in a worker whenever the parts change; the last drawing stays until the next is ready. */
export function useLettering(parts: Omit<LetterJob, "job">): Lettering {
  const worker = useRef<Worker>(undefined);
  const count = useRef(0);
  const waiting = useRef<LetterJob>(undefined);
  const ready = useRef(false);
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const [busy, setBusy] = useState(true);
  const [failure, setFailure] = useState<string | null>(null);
  useEffect(() => {
    const made = new Worker(new URL("../../workers/letter.worker.ts", import.meta.url), { type: "module" });
    made.onmessage = (event: MessageEvent<LetterAnswer>) => {
      if (event.data.kind === "ready") {
        ready.current = true;
        if (waiting.current) made.postMessage(waiting.current);
        return;
      }
      if (event.data.job !== count.current) return;
      setBusy(false);
      if (event.data.kind === "drawn") {
        setDrawn(event.data);
        setFailure(null);
      } else if (event.data.message !== "replaced") setFailure(event.data.message);
    };
    made.onerror = () => {
      setBusy(false);
      setFailure("The lettering could not be started in this browser.");
    };
    worker.current = made;
    return () => {
      ready.current = false;
      made.terminate();
    };
  }, []);
  const { design, blank, vinyls, seats } = parts;
  useEffect(() => {
    count.current += 1;
    setBusy(true);
    waiting.current = { job: count.current, design, blank, vinyls, seats };
    if (ready.current) worker.current?.postMessage(waiting.current);
  }, [design, blank, vinyls, seats]);
  return { drawn, busy, failure };
}
