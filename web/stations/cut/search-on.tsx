"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";
import type { SearchStatus } from "@/planning/searches.ts";
import { Button } from "@/ui/button.tsx";
import { decimal } from "@/ui/figures.ts";
import { searchOn, stopSearch } from "./layout-actions.ts";
import { searchOnWords } from "./words.ts";

const LOOK_MS = 1000;

/** A search for less vinyl that goes on until it is stopped, while the host does something else. */
export function SearchOn({ classId }: { classId: string }) {
  const say = searchOnWords();
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
      setSaid(answer.ok ? say.laidLike(take) : answer.message);
      router.refresh();
    });
  const saved = status ? status.plannedMm2 - status.bestMm2 : 0;
  return (
    <div className="mt-3 grid gap-2 text-sm">
      {status ? (
        <>
          <p role="status">
            <b>{say.searchingSearched(status.running)}</b> {clock(status.seconds)}
            {say.round} {status.round}.{" "}
            {status.round === 0
              ? say.nothingComparedYet
              : saved > 0
                ? say.savesDm(decimal(saved / 10_000, 1), decimal(status.plannedMm2 / 10_000, 1))
                : say.nothingBetterSoFar}
          </p>
          <Button disabled={busy || saved <= 0} onClick={() => end(true)}>
            {say.stopAndLayThemLike}
          </Button>
          <button
            type="button"
            className="verb min-h-10"
            disabled={busy}
            onClick={() => end(false)}
          >
            {say.stopLeaveThem}
          </button>
        </>
      ) : (
        <Button disabled={busy} onClick={begin}>
          {say.searchOnForLessVinyl}
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
