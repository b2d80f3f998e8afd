"use client";

import type { PlanJson } from "@elm-basket/core/plan/plan-json.ts";
import { showClock, showMinutes } from "@elm-basket/core/units/time.ts";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useState, useTransition } from "react";
import type { KitRow } from "@/data/making.ts";
import { isTyping } from "@/stations/frame/rail.tsx";
import { SeverityMark } from "@/ui/marks.tsx";
import { Reassembly } from "@/ui/reassembly.tsx";
import { type WeedAct, weedAct } from "./actions.ts";
import { LostPiece } from "./lost-piece.tsx";
import { type BenchPiece, WeedPicture } from "./weed-picture.tsx";

interface QueueKit {
  readonly seat: string;
  readonly label: string;
  readonly minutes: number;
  readonly weeded: boolean;
  readonly cut: boolean;
  readonly changed: boolean;
  readonly technique: KitRow["weed"]["technique"];
  readonly recut: string | null;
}

interface Props {
  readonly classId: string;
  readonly kit: Omit<KitRow, "weedingSince"> & { readonly label: string; readonly weedingSince: number | null };
  /** Server's clock when the page was made, so that a wrong clock here does not falsify the timer. */
  readonly now: number;
  /** Whether this studio weeds on the mat. */
  readonly onMat: boolean;
  readonly queue: readonly QueueKit[];
  readonly pieces: readonly BenchPiece[];
  /** One picture for each thing and copy in the bag; pieces of different things lie on different film. */
  readonly parts: readonly { readonly key: string; readonly title: string; readonly out: boolean; readonly pieces: readonly BenchPiece[] }[];
  readonly vinyls: readonly { readonly id: string; readonly name: string; readonly colour: string; readonly family: string }[];
  /** Colours of this kit that are cut in parts. */
  readonly splits: PlanJson["splits"];
}

const ADVICE = {
  plain: "Plain weeding: burnish first, start at a corner, peel low and slowly.",
  lighterCut: "Thin strokes: cut it lighter and slower; peel along the strokes, not against them.",
  reverse: "Weed in reverse: tape over everything, take the backing off, weed the waste off the tape.",
  bolder: "Strokes this thin tear. Letter says what helps here: thicker, larger, bolder or another film is safer than patience.",
} as const;

export function WeedBench({ classId, kit, now, onMat, queue, pieces, parts, vinyls, splits }: Props) {
  const router = useRouter();
  const [busy, start] = useTransition();
  const [asking, setAsking] = useState(false);
  const [failed, setFailed] = useState<ReadonlySet<string>>(new Set());
  const toggle = (piece: string) => setFailed((before) => new Set(before.has(piece) ? [...before].filter((other) => other !== piece) : [...before, piece]));
  const seconds = useTimer(kit.weedingSeconds, kit.weedingSince, now);
  const counters = pieces.reduce((sum, piece) => sum + piece.counters, 0);
  const islands = pieces.reduce((sum, piece) => sum + piece.islands, 0);
  const goes = parts.filter(({ out }) => out).flatMap((part) => part.pieces);
  const stays = parts.filter(({ out }) => !out).flatMap((part) => part.pieces);
  const at = queue.findIndex(({ seat }) => seat === kit.seat);
  const go = useCallback((row: QueueKit | undefined) => row && router.push(`/classes/${classId}/weed?kit=${encodeURIComponent(row.seat)}`, { scroll: false }), [router, classId]);
  const act = useCallback(
    (what: WeedAct, next = false) =>
      start(async () => {
        await weedAct(classId, kit.seat, what);
        setAsking(false);
        setFailed(new Set());
        const following = queue.find((row) => row.seat !== kit.seat && !row.weeded);
        if (next && following) go(following);
        router.refresh();
      }),
    [classId, kit.seat, queue, go, router],
  );
  const running = kit.weedingSince !== null;
  const main = useCallback(
    () => act(kit.weeded ? { act: "reopen" } : running || kit.weedingSeconds > 0 ? { act: "done" } : { act: "start" }, !kit.weeded && (running || kit.weedingSeconds > 0)),
    [act, kit.weeded, kit.weedingSeconds, running],
  );
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      const key = event.key.toLowerCase();
      if (key === " " && !(event.target as HTMLElement).closest("button, a")) {
        event.preventDefault();
        main();
      }
      if (key === "p") act({ act: running ? "pause" : "start" });
      if (key === "l") setAsking(true);
      if (key === "f" && !kit.weeded) act({ act: "flawed" }, true);
      if (event.key === "ArrowRight") go(queue[at + 1]);
      if (event.key === "ArrowLeft") go(queue[at - 1]);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [act, main, running, kit.weeded, go, queue, at]);
  const left = queue.filter(({ weeded }) => !weeded);
  return (
    <div className="pb-24" aria-busy={busy}>
      <div className="grid gap-x-6 gap-y-6 lg:grid-cols-[220px_1fr_280px]">
        <nav aria-label="Kits" className="lg:max-h-[560px] lg:overflow-y-auto">
          <p className="mb-2 text-soft text-sm">{left.length === 0 ? "All weeded." : `${left.length} to weed, about ${showMinutes(left.reduce((sum, row) => sum + row.minutes, 0))}`}</p>
          <ul>
            {queue.map((row) => (
              <li key={row.seat}>
                <Link
                  href={`/classes/${classId}/weed?kit=${encodeURIComponent(row.seat)}`}
                  scroll={false}
                  aria-current={row.seat === kit.seat ? "true" : undefined}
                  className={`grid min-h-11 grid-cols-[38px_1fr] items-center border-rule border-b border-l-4 py-1.5 pl-2 ${row.seat === kit.seat ? "border-l-elm bg-paper" : "border-l-transparent"}`}
                >
                  <span className={row.weeded ? "text-elm" : "font-bold"}>{row.weeded ? "✓" : row.seat.replace("spare-", "s")}</span>
                  <span className="leading-tight">
                    <span className={`block [overflow-wrap:anywhere] ${row.weeded ? "text-soft" : "font-bold"}`}>{row.label}</span>
                    <span className="block text-soft text-sm">
                      {row.recut
                        ? `cut again: ${row.recut}`
                        : row.changed
                          ? "letters changed since the cut"
                          : row.weeded
                            ? "weeded"
                            : `about ${Math.max(1, Math.round(row.minutes))} min${row.technique === "reverse" ? " · reverse" : ""}${row.cut ? "" : " · not cut yet"}`}
                    </span>
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </nav>
        <div>
          {parts.length === 0 && <p className="py-10 text-lg">This seat has nothing to weed.</p>}
          {parts.map((part) => (
            <section key={part.key} className="mb-4" aria-label={part.title || undefined}>
              {parts.length > 1 && <h3 className="mb-1 text-lg">{part.title}</h3>}
              <WeedPicture pieces={part.pieces} vinyls={vinyls} label={kit.label} stencil={part.out} picking={asking ? { picked: failed, onPick: toggle } : null} />
            </section>
          ))}
          {splits.map((split) => (
            <div key={split.layer} className="mt-4">
              <Reassembly split={split} pieces={pieces.filter(({ vinyl }) => vinyl === split.layer)} colour={vinyls.find(({ id }) => id === split.layer)?.colour ?? ""} name={kit.label} />
            </div>
          ))}
        </div>
        <section>
          <h2 className="text-2xl [overflow-wrap:anywhere]">{kit.label}</h2>
          {kit.recutReason && <Hint severity="stop">To be cut again: {kit.recutReason}.</Hint>}
          {kit.changed && <Hint severity="stop">The letters changed since this kit was cut. Cut it again, or put the old letters back.</Hint>}
          {asking && (
            <LostPiece
              vinyls={vinyls.filter(({ id }) => pieces.some((piece) => piece.vinyl === id))}
              pieces={pieces}
              picked={failed}
              onPick={toggle}
              onTake={(reason, vinyl) => act({ act: "recut", reason, vinyl, pieces: [...failed] }, true)}
              onLeave={() => {
                setAsking(false);
                setFailed(new Set());
              }}
            />
          )}
          <div hidden={asking}>
            {stays.length > 0 && <PieceCheck key={`${kit.seat} stays`} pieces={stays.length} insides={counters} out={false} />}
            {goes.length > 0 && <PieceCheck key={`${kit.seat} goes`} pieces={goes.length} insides={islands} out />}
            <ul className="mt-4">
              {stays.length > 0 && <Hint severity="tip">{ADVICE[kit.weed.technique]}</Hint>}
              {goes.length > 0 && (
                <Hint severity="tip">Lift each letter from its middle with the hook, low and slowly{islands > 0 ? "; hold its inside down with tweezers" : ""}. The film round it stays whole.</Hint>
              )}
              {islands > 0 && <Hint severity="tip">An inside that came along goes straight back to its place, with the hook; it must lie there before the stencil is laid.</Hint>}
              {kit.weed.smallParts > 0 && (
                <Hint severity="check">
                  {kit.weed.smallParts} small {kit.weed.smallParts === 1 ? "part" : "parts"}: hold them down with a fingertip when the waste passes.
                </Hint>
              )}
              {kit.weed.tails > 0 && stays.length > 0 && <Hint severity="tip">Long thin arms: work along them, not against.</Hint>}
              <Hint severity="tip">{onMat ? "On the mat, which holds it still." : "Off the mat: it can be turned, and held to the light."}</Hint>
              {stays.length > 0 && <Hint severity="tip">Waste longer than a hand? Cut it off.</Hint>}
              <Hint severity="check">Hooks and blades are sharp: cap them when you put them down.</Hint>
            </ul>
          </div>
        </section>
      </div>
      <div className="no-print fixed inset-x-0 bottom-0 z-30 grid grid-cols-[1fr_1fr_1fr] border-rule-strong border-t bg-card sm:grid-cols-[1fr_1fr_1fr_1fr_1.3fr]">
        <p className="hidden items-center justify-center font-bold font-head text-3xl sm:flex" data-timer>
          {showClock(seconds)}
        </p>
        <Act keyName="P" onClick={() => act({ act: running ? "pause" : "start" })} disabled={busy || kit.weeded}>
          {running ? "Pause" : kit.weedingSeconds > 0 ? "Go on" : "Start"}
        </Act>
        <Act keyName="L" tone="text-brick" onClick={() => setAsking(true)} disabled={busy}>
          Lost a piece
        </Act>
        <Act keyName="F" tone="text-ochre" onClick={() => act({ act: "flawed" }, true)} disabled={busy || kit.weeded} className="hidden sm:flex">
          Done, small flaw
        </Act>
        <button type="button" disabled={busy} onClick={main} className="flex min-h-[72px] items-center justify-center gap-3 bg-elm font-bold text-white text-xl hover:bg-elm-dark disabled:opacity-80">
          {kit.weeded ? "Not done after all" : running || kit.weedingSeconds > 0 ? "Done" : "Start weeding"}
          <kbd className="hidden rounded-card border border-white/50 px-2 font-text text-sm sm:inline">space</kbd>
        </button>
      </div>
    </div>
  );
}

function Act({ keyName, tone = "text-ink", className = "flex", ...rest }: { keyName: string; tone?: string } & React.ComponentProps<"button">) {
  return (
    <button type="button" {...rest} className={`${className} min-h-[72px] items-center justify-center gap-2.5 border-rule border-l px-2 font-bold text-lg hover:bg-paper disabled:text-soft ${tone}`}>
      {rest.children}
      <kbd className="hidden rounded-card border border-current px-1.5 font-text text-xs sm:inline">{keyName}</kbd>
    </button>
  );
}

function Hint({ severity, children }: { severity: "stop" | "check" | "tip"; children: React.ReactNode }) {
  return (
    <li className="flex list-none gap-3 border-rule border-b py-2.5">
      <span className="pt-1">
        <SeverityMark severity={severity} />
      </span>
      <span>{children}</span>
    </li>
  );
}

/** Counting is the check: what must remain and which insides are picked out; of a stencil what is taken out and which insides must stay. */
function PieceCheck({ pieces, insides, out }: { pieces: number; insides: number; out: boolean }) {
  const [picked, setPicked] = useState<ReadonlySet<number>>(new Set());
  const toggle = (n: number) => setPicked((before) => new Set(before.has(n) ? [...before].filter((m) => m !== n) : [...before, n]));
  return (
    <>
      <h3 className="mt-4 mb-2 text-lg">
        {out ? "Take out" : "Must remain"}: {pieces} {pieces === 1 ? "piece" : "pieces"}
      </h3>
      <p className="mb-1 text-soft text-sm">
        {out
          ? insides === 0
            ? "No insides: only the field stays."
            : `Insides that must stay: ${picked.size} of ${insides} seen`
          : insides === 0
            ? "No insides to pick out."
            : `Insides to pick out: ${picked.size} of ${insides}`}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {Array.from({ length: Math.min(insides, 40) }, (_, i) => i + 1).map((n) => (
          <button
            key={n}
            type="button"
            aria-pressed={picked.has(n)}
            aria-label={out ? `Inside ${n} is there` : `Inside ${n} picked out`}
            onClick={() => toggle(n)}
            className={`min-h-11 min-w-11 rounded-card border-2 border-elm font-bold ${picked.has(n) ? "bg-elm text-white" : "text-elm-dark"}`}
          >
            {n}
          </button>
        ))}
      </div>
    </>
  );
}

function useTimer(kept: number, since: number | null, serverNow: number): number {
  const [offset] = useState(() => serverNow - Date.now());
  const [tick, setTick] = useState(serverNow);
  useEffect(() => {
    if (since === null) return;
    const timer = setInterval(() => setTick(Date.now() + offset), 500);
    return () => clearInterval(timer);
  }, [since, offset]);
  return kept + (since === null ? 0 : Math.max(0, (tick - since) / 1000));
}
