"use client";

import Link from "next/link";
import { useRouter, useSelectedLayoutSegment } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { Dialog } from "@/ui/dialog.tsx";
import { Knot } from "@/ui/marks.tsx";
import type { Readiness } from "./readiness.ts";
import { type StationKey, stationsInOrder } from "./stations.ts";
import { useLetterKeys } from "./use-letter-keys.ts";
import { railWords } from "./words.ts";

/** Keys must not act while somebody types, or with a modifier held. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return (
    event.metaKey ||
    event.ctrlKey ||
    event.altKey ||
    !!target?.closest("input, textarea, select, [contenteditable], [role=dialog]")
  );
}

const keysSaid = () =>
  [
    [railWords().n1To8, railWords().goToAStation],
    [railWords().space, railWords().theMainAct],
    ["← →", railWords().theKitOrStepBefore],
    ["P, L, F", railWords().atWeedPauseLost],
    ["H, +", railWords().atTheLiveViewHold],
    ["?", railWords().thisList],
  ] as const;

/** The thread of eight knots: the way through a class. */
export function Rail({
  classId,
  stations,
  keys: open,
}: {
  classId: string;
  stations: Record<StationKey, Readiness>;
  /** Where whoever looks may go. */
  keys: readonly StationKey[];
}) {
  const say = railWords();
  const here = useSelectedLayoutSegment();
  const router = useRouter();
  const [help, setHelp] = useState(false);
  const [letters, setLetters] = useLetterKeys();
  const thread = useRef<HTMLElement>(null);
  // On a narrow screen the station one is at must not lie outside of it.
  useEffect(() => {
    const current =
      here === null ? null : thread.current?.querySelector<HTMLElement>("[aria-current=page]");
    if (current && thread.current)
      thread.current.scrollLeft =
        current.offsetLeft +
        (current.parentElement?.offsetLeft ?? 0) -
        (thread.current.clientWidth - current.offsetWidth) / 2;
  }, [here]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || !letters) return;
      const station = stationsInOrder()[Number(event.key) - 1];
      if (/^[1-8]$/u.test(event.key) && station && open.includes(station.key))
        router.push(`/classes/${classId}/${station.key}`);
      if (event.key === "?") setHelp(true);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [classId, open, router, letters]);
  return (
    <nav ref={thread} aria-label={say.stations} className="no-print relative overflow-x-auto">
      <ol className="relative grid min-w-[820px] grid-cols-8">
        <li aria-hidden className="absolute top-[9px] right-0 left-2 h-[2px] bg-rule-strong" />
        {stationsInOrder().map((station, i) => {
          if (!open.includes(station.key)) return null;
          const current = here === station.key;
          const { state, line } = stations[station.key];
          return (
            <li key={station.key} className="relative">
              <Link
                href={`/classes/${classId}/${station.key}`}
                aria-current={current ? "page" : undefined}
                className={`block pb-2 ${current ? "border-elm border-b-[3px]" : "border-transparent border-b-[3px]"} mr-6`}
              >
                <Knot state={state} />
                <span className={`mt-1.5 block font-bold ${current ? "text-ink" : "text-soft"}`}>
                  {station.name}
                  <span className="sr-only"> {say.key(i)}</span>
                </span>
                <span className={`block text-sm ${state === "stop" ? "text-brick" : "text-soft"}`}>
                  {line}
                </span>
              </Link>
            </li>
          );
        })}
      </ol>
      <button
        type="button"
        className="verb sr-only focus:not-sr-only"
        onClick={() => setHelp(true)}
      >
        {say.keys}
      </button>
      <Dialog open={help} onOpenChange={setHelp} title={say.keys}>
        <ul className="grid gap-1.5">
          {keysSaid().map(([key, act]) => (
            <li key={key} className="flex justify-between gap-6 border-rule border-b pb-1.5">
              <kbd className="font-bold font-text">{key}</kbd>
              <span>{act}</span>
            </li>
          ))}
        </ul>
        <label className="mt-4 flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            checked={letters}
            onChange={(event) => setLetters(event.target.checked)}
          />
          {say.singleKeysActSwitchThem}
        </label>
      </Dialog>
    </nav>
  );
}
