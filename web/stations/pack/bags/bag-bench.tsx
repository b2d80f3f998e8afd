"use client";

import { readBagCode } from "@elm-basket/core/stock/bag.ts";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useOptimistic, useState, useTransition } from "react";
import { isTyping } from "@/stations/frame/rail.tsx";
import { SeverityMark } from "@/ui/marks.tsx";
import { bagBenchWords } from "../words.ts";
import { type BagAct, bagAct } from "./bag-actions.ts";
import { BagList, type BagRow } from "./bag-list.tsx";
import { BagPictures, type BagPiece } from "./bag-pictures.tsx";
import { CameraScan } from "./camera-scan.tsx";
import { LackForm } from "./lack-form.tsx";
import { useWedge } from "./use-wedge.ts";

export interface ShownLine {
  readonly id: string;
  readonly name: string;
  readonly amount: string;
  /** Of a film, its colour. */
  readonly colour: string | null;
  readonly ready: boolean;
  readonly hint: string;
  readonly state: "in" | "lack" | null;
  readonly note: string;
}

interface Props {
  readonly classId: string;
  readonly title: string;
  readonly date: string;
  readonly bag: string;
  /** Name of the box for the room among the bags. */
  readonly room: string;
  readonly rows: readonly BagRow[];
  readonly lines: readonly ShownLine[];
  readonly picture: readonly BagPiece[];
}

export function BagBench({ classId, title, date, bag, room, rows, lines, picture }: Props) {
  const say = bagBenchWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const [lacking, setLacking] = useState("");
  const [scan, setScan] = useState(false);
  const [text, setText] = useState("");
  const [list, setList] = useState(false);
  const [shown, mark] = useOptimistic(lines, (before, act: BagAct) =>
    "lines" in act
      ? before.map((line) =>
          act.lines.includes(line.id)
            ? {
                ...line,
                state: act.act === "out" ? null : act.act,
                note: act.act === "lack" ? act.note : "",
              }
            : line,
        )
      : before,
  );
  const at = rows.findIndex((row) => row.bag === bag);
  const row = rows[at];
  const go = useCallback(
    (next: string) =>
      router.push(`/bags/${classId}?bag=${encodeURIComponent(next)}`, { scroll: false }),
    [router, classId],
  );
  const next = useMemo(
    () => [...rows.slice(at + 1), ...rows.slice(0, Math.max(0, at))].find(({ packed }) => !packed),
    [rows, at],
  );
  const act = useCallback(
    (what: BagAct, then?: () => void) =>
      start(async () => {
        mark(what);
        const answer = await bagAct(classId, bag, what).catch(() => ({
          ok: false as const,
          message: bagBenchWords().noConnection,
        }));
        setSaid(answer.ok ? "" : answer.message);
        if (answer.ok && then) then();
        else router.refresh();
      }),
    [classId, bag, mark, router],
  );
  const open = shown.filter(({ state }) => state === null);
  const ready = open.filter((line) => line.ready);
  const packed = row?.packed ?? false;
  const main = useCallback(() => {
    if (packed) return next && go(next.bag);
    if (open.length === 0)
      return act({ act: "close" }, () => (next ? go(next.bag) : router.refresh()));
    if (ready.length > 0) return act({ act: "in", lines: ready.map(({ id }) => id) });
    setSaid(say.itsFilmsAreNotReady);
  }, [packed, next, go, open.length, ready, act, router, say.itsFilmsAreNotReady]);
  const read = useCallback(
    (code: string) => {
      const found = readBagCode(code, { title, date });
      setText("");
      if (found.ok && rows.some((one) => one.bag === found.seat)) {
        setSaid("");
        setScan(false);
        go(found.seat);
      } else
        setSaid(
          found.ok
            ? say.thereIsNoSeat(found.seat)
            : found.why === "otherClass"
              ? say.thatLabelIsOfAnother(found.date)
              : say.thatIsNoKitLabel,
        );
    },
    [title, date, rows, go, say.thereIsNoSeat, say.thatLabelIsOfAnother, say.thatIsNoKitLabel],
  );
  useWedge(read);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || scan) return;
      if (event.key === " " && !(event.target as HTMLElement).closest("button, a, summary")) {
        event.preventDefault();
        main();
      }
      if (event.key === "ArrowRight") go(rows[at + 1]?.bag ?? bag);
      if (event.key === "ArrowLeft") go(rows[Math.max(0, at - 1)]?.bag ?? bag);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [main, go, rows, at, bag, scan]);
  const bags = rows.filter((one) => one.bag !== room);
  const closed = bags.filter((one) => one.packed).length;
  const lacks = rows.reduce((sum, one) => sum + one.lacks, 0);
  return (
    <div className="flex h-dvh flex-col overflow-hidden" aria-busy={busy}>
      <header className="flex flex-wrap items-center gap-x-5 gap-y-1 border-rule border-b px-5 py-2">
        <h1 className="text-2xl">
          <Link href={`/classes/${classId}/pack`}>{say.pack}</Link>
        </h1>
        <p className="text-soft [overflow-wrap:anywhere]">
          {say.ofBagsClosed(title, closed, bags.length)}
        </p>
        {lacks > 0 && <p className="text-ochre">{say.lacking(lacks)}</p>}
        <button
          type="button"
          className="verb min-h-11 lg:hidden"
          aria-expanded={list}
          onClick={() => setList(!list)}
        >
          {say.toTheBagAllBags(list)}
        </button>
        <button type="button" className="verb ml-auto min-h-11" onClick={() => setScan(true)}>
          {say.scanALabel}
        </button>
      </header>
      {said && (
        <p
          role="alert"
          className="flex flex-wrap items-center gap-4 border-ochre border-l-4 bg-ochre-tint px-4 py-1"
        >
          {said}
          <button type="button" className="verb min-h-9" onClick={() => setSaid("")}>
            {say.allRight}
          </button>
        </p>
      )}
      <main className="grid min-h-0 flex-1 content-start overflow-y-auto lg:content-stretch lg:grid-cols-[236px_1fr_360px] lg:overflow-hidden">
        <BagList rows={rows} bag={bag} text={text} shown={list} onText={setText} onOpen={go} />
        <section
          className={`bg-paper p-4 lg:block lg:min-h-0 lg:overflow-y-auto ${list ? "hidden" : ""}`}
          aria-label={say.whatBelongs}
        >
          <h2 className="mb-1 text-2xl [overflow-wrap:anywhere]">
            {say.noBag(row?.label)}{" "}
            <span className="font-normal font-text text-base text-soft">
              {say.oneBoxSeat(bag, room)}
            </span>
          </h2>
          {packed && (
            <p className="mb-2 text-elm-dark">
              {say.closed}
              {row && row.lacks > 0 ? say.withWhatIsLackingNoted : ""}.
            </p>
          )}
          <ul>
            {shown.map((line) => (
              <li key={line.id} className="border-rule border-b py-1.5">
                <div className="grid grid-cols-[22px_1fr_auto] items-center gap-3">
                  {line.colour ? (
                    <span
                      aria-hidden
                      className="size-5 border border-rule-strong"
                      style={{ background: line.colour }}
                    />
                  ) : (
                    <span />
                  )}
                  <span className="leading-tight [overflow-wrap:anywhere]">
                    <b>{line.name}</b> <span className="text-soft">{line.amount}</span>
                    {line.hint && (
                      <span className={`block text-sm ${line.ready ? "text-soft" : "text-ochre"}`}>
                        {line.hint}
                      </span>
                    )}
                    {line.state === "lack" && (
                      <span className="block text-ochre text-sm">{say.lacking2(line.note)}</span>
                    )}
                  </span>
                  <span className="flex gap-2">
                    <button
                      type="button"
                      aria-pressed={line.state === "in"}
                      aria-label={say.isInPut(line.state, line.name)}
                      disabled={!line.ready && line.state !== "in"}
                      onClick={(event) =>
                        event.detail < 2 &&
                        act({ act: line.state === "in" ? "out" : "in", lines: [line.id] })
                      }
                      className={`min-h-11 min-w-16 rounded-card border-[1.5px] px-3 font-bold ${line.state === "in" ? "border-elm bg-elm text-white" : "border-elm text-elm-dark disabled:border-rule-strong disabled:text-soft"}`}
                    >
                      {say.inIn(line.state)}
                    </button>
                    <button
                      type="button"
                      aria-pressed={line.state === "lack"}
                      aria-label={say.isLackingNote(line.state, line.name)}
                      onClick={() =>
                        line.state === "lack"
                          ? act({ act: "out", lines: [line.id] })
                          : setLacking(line.id)
                      }
                      className={`min-h-11 rounded-card border-[1.5px] px-3 font-bold ${line.state === "lack" ? "border-ochre bg-ochre text-white" : "border-rule-strong text-ochre"}`}
                    >
                      {say.lacks}
                    </button>
                  </span>
                </div>
                {lacking === line.id && (
                  <LackForm
                    onNote={(note) => {
                      setLacking("");
                      act({ act: "lack", lines: [line.id], note });
                    }}
                    onLeave={() => setLacking("")}
                  />
                )}
              </li>
            ))}
            {shown.length === 0 && <li className="py-4 text-lg">{say.nothingGoes}</li>}
          </ul>
        </section>
        <aside
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is scrolled by keys, too
          tabIndex={0}
          className="border-rule p-4 lg:min-h-0 lg:overflow-y-auto lg:border-l"
          aria-label={say.whatItLooksLike}
        >
          {bag === room ? (
            <p className="text-soft">{say.whatIsSharedWhatComes}</p>
          ) : (
            <BagPictures picture={picture} label={row?.label ?? ""} />
          )}
          <p className="mt-4 flex gap-3 text-sm">
            <span className="pt-1">
              <SeverityMark severity="check" />
            </span>
            {say.bladesAndHooksAreCapped}
          </p>
        </aside>
      </main>
      <div className="grid grid-cols-[1fr_1.4fr] border-rule-strong border-t bg-card sm:grid-cols-[236px_1fr_360px]">
        <p
          className="hidden items-center justify-center font-bold font-head text-2xl sm:flex"
          data-bag-count
        >
          {say.ofSaid(shown.length, open.length)}
        </p>
        <button
          type="button"
          disabled={!packed}
          onClick={() => act({ act: "open" })}
          className="min-h-[76px] border-rule border-l px-2 font-bold text-lg hover:bg-paper disabled:text-soft"
        >
          {say.openItAgain}
        </button>
        <button
          type="button"
          disabled={busy}
          onClick={(event) => event.detail < 2 && main()}
          data-main
          className="flex min-h-[76px] items-center justify-center gap-3 bg-elm px-2 font-bold text-white text-xl hover:bg-elm-dark disabled:opacity-80"
        >
          {packed
            ? next
              ? say.nextBag
              : say.allAreClosed
            : say.closeItAll(open.length, ready.length, shown.length)}
          <kbd className="hidden rounded-card border border-white/50 px-2 font-text text-sm sm:inline">
            {say.space}
          </kbd>
        </button>
      </div>
      {scan && <CameraScan onRead={read} onClose={() => setScan(false)} said={said} />}
    </div>
  );
}
