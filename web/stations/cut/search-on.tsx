"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import type { SearchStatus } from "@/planning/searches.ts";
import { Button } from "@/ui/button.tsx";
import { searchOn, stopSearch } from "./layout-actions.ts";

const LOOK_MS = 1000;

/** A search for less vinyl that goes on until it is stopped, while the host does something else. */
export function SearchOn({ classId }: { classId: string }) {
  const router = useRouter();
  const [status, setStatus] = useState<SearchStatus | null>(null);
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const watching = status !== null;
  useEffect(() => {
    const look = () =>
      fetch(`/classes/${classId}/searching`, { cache: "no-store" })
        .then((response) =>
          response.ok
            ? (response.json() as Promise<{ search: SearchStatus | null }>)
            : { search: null },
        )
        .then(({ search }) => setStatus(search))
        .catch(() => undefined);
    void look();
    if (!watching) return;
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => clearInterval(timer);
  }, [classId, watching]);
  const begin = () =>
    start(async () => {
      const answer = await searchOn(classId);
      setSaid(answer.ok ? "" : answer.message);
      if (answer.ok)
        setStatus({ running: true, seconds: 0, round: 0, plannedMm2: 0, bestMm2: 0, loads: 0 });
    });
  const end = (take: boolean) =>
    start(async () => {
      const answer = await stopSearch(classId, take);
      setStatus(null);
      setSaid(answer.ok ? (take ? "Laid like that." : "") : answer.message);
      router.refresh();
    });
  const saved = status ? status.plannedMm2 - status.bestMm2 : 0;
  return (
    <div className="mt-3 grid gap-2 text-sm">
      {status ? (
        <>
          <p role="status">
            <b>{status.running ? "Searching" : "Searched"}</b> {clock(status.seconds)}, round{" "}
            {status.round}.{" "}
            {status.round === 0
              ? "Nothing compared yet."
              : saved > 0
                ? `Saves ${(saved / 10_000).toFixed(1)} dm² of ${(status.plannedMm2 / 10_000).toFixed(1)}.`
                : "Nothing better so far."}
          </p>
          <Button disabled={busy || saved <= 0} onClick={() => end(true)}>
            Stop, and lay them like that
          </Button>
          <button
            type="button"
            className="verb min-h-10"
            disabled={busy}
            onClick={() => end(false)}
          >
            Stop, leave them as they are
          </button>
        </>
      ) : (
        <Button disabled={busy} onClick={begin}>
          Search on for less vinyl
        </Button>
      )}
      {said && (
        <p role="status" className="text-soft">
          {said}
        </p>
      )}
    </div>
  );
}

const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
