"use client";

import Link from "next/link";
import { useRouter, useSelectedLayoutSegment } from "next/navigation";
import { Dialog } from "radix-ui";
import { useEffect, useState } from "react";
import { Knot } from "@/ui/marks.tsx";
import type { Readiness } from "./readiness.ts";
import { STATIONS, type StationKey } from "./stations.ts";

/** Keys must not act while somebody types, or with a modifier held. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return event.metaKey || event.ctrlKey || event.altKey || !!target?.closest("input, textarea, select, [contenteditable], [role=dialog]");
}

/** The thread of eight knots: the way through a class. */
export function Rail({ classId, stations }: { classId: string; stations: Record<StationKey, Readiness> }) {
  const here = useSelectedLayoutSegment();
  const router = useRouter();
  const [help, setHelp] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const station = STATIONS[Number(event.key) - 1];
      if (/^[1-8]$/u.test(event.key) && station) router.push(`/classes/${classId}/${station.key}`);
      if (event.key === "?") setHelp(true);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [classId, router]);
  return (
    <nav aria-label="Stations" className="no-print overflow-x-auto">
      <ol className="relative grid min-w-[820px] grid-cols-8">
        <li aria-hidden className="absolute top-[9px] right-0 left-2 h-[2px] bg-rule-strong" />
        {STATIONS.map((station, i) => {
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
                  <span className="sr-only"> (key {i + 1})</span>
                </span>
                <span className={`block text-sm ${state === "stop" ? "text-brick" : "text-soft"}`}>{line}</span>
              </Link>
            </li>
          );
        })}
      </ol>
      <Dialog.Root open={help} onOpenChange={setHelp}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/20" />
          <Dialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(28rem,92vw)] -translate-x-1/2 -translate-y-1/2 border border-rule-strong bg-paper p-6" aria-describedby={undefined}>
            <Dialog.Title className="mb-3 text-xl">Keys</Dialog.Title>
            <ul className="grid gap-1.5">
              {[
                ["1 to 8", "go to a station"],
                ["space", "the main act of the station"],
                ["← →", "the kit or step before, after"],
                ["P, L, F", "at Weed: pause, lost a piece, small flaw"],
                ["H, +", "at the live view: hold, one more minute"],
                ["?", "this list"],
              ].map(([key, act]) => (
                <li key={key} className="flex justify-between gap-6 border-rule border-b pb-1.5">
                  <kbd className="font-bold font-text">{key}</kbd>
                  <span>{act}</span>
                </li>
              ))}
            </ul>
            <Dialog.Close className="verb mt-4">Close</Dialog.Close>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </nav>
  );
}
