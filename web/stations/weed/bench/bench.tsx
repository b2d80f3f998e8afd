"use client";

import { addDays } from "@elm-basket/core/calendar/dates.ts";
import type { Clock } from "@elm-basket/core/units/time.ts";
import {
  ALL_FILMS,
  inQueue,
  isDone,
  nextFilm,
  type QueueFilter,
  type QueueOrder,
} from "@elm-basket/core/weeding/queue.ts";
import { useCallback, useEffect, useMemo, useState } from "react";
import { secondsAt } from "@/bench/replay.ts";
import type { WireFilm } from "@/bench/wire.ts";
import type { BenchFacts } from "@/data/films.ts";
import { labelOf } from "@/stations/frame/labels.ts";
import { isTyping } from "@/stations/frame/rail.tsx";
import { LinkButton } from "@/ui/button.tsx";
import { useLetterKeys } from "../../frame/use-letter-keys.ts";
import { benchWords } from "../words.ts";
import { BenchActs } from "./bench-acts.tsx";
import { BenchHead } from "./bench-head.tsx";
import { FilmList, type QueueRow, stateWords } from "./film-list.tsx";
import { FilmNotes } from "./film-notes.tsx";
import { FilmPicture, insidesOf } from "./film-picture.tsx";
import { LightPanel } from "./light-panel.tsx";
import { LostPiece } from "./lost-piece.tsx";
import { NameGate } from "./name-gate.tsx";
import { Notices } from "./notices.tsx";
import { useBench, useViews } from "./use-bench.ts";
import { usePlace } from "./use-place.ts";

interface Props {
  readonly bench: string;
  /** The host's name; null for a helper, who says the own. */
  readonly host: string | null;
  readonly facts: BenchFacts;
  readonly vinyls: readonly {
    readonly id: string;
    readonly name: string;
    readonly colour: string;
  }[];
  readonly clock: Clock;
  readonly wire: readonly WireFilm[];
  readonly version: number;
  readonly now: number;
  readonly first: string;
  readonly order: QueueOrder;
  /** By seat, by how many days its kit is due earlier: it travels farther. */
  readonly earlier: Readonly<Record<string, number>>;
}

/**
 * Films whose pictures are fetched ahead, from either end of the queue: enough for a good while
 * without network.
 */
const AHEAD = 5;

export function Bench(props: Props) {
  const [name, setName] = useState(props.host ?? "");
  return name === "" ? (
    <NameGate bench={props.bench} title={props.facts.title} onName={setName} />
  ) : (
    <BenchOf {...props} name={name} />
  );
}

function BenchOf({
  bench,
  host,
  facts,
  earlier,
  vinyls,
  clock,
  wire,
  version,
  now: serverNow,
  first,
  order,
  name,
}: Props & { name: string }) {
  const say = benchWords();
  const port = useBench({ bench, name, wire, version, serverNow });
  const [filter, setFilter] = useState<QueueFilter>({ ...ALL_FILMS, order });
  const [current, setCurrent] = useState(first);
  const [asking, setAsking] = useState(false);
  const [failed, setFailed] = useState<ReadonlySet<string>>(new Set());
  const [light, setLight] = useState(false);
  const [list, setList] = useState(false);
  const [letters] = useLetterKeys();
  const [last, setLast] = useState<{ film: string; label: string } | null>(null);
  const [ticks, setTicks] = useState<Readonly<Record<string, readonly number[]>>>({});
  const [clockNow, setClockNow] = useState(serverNow);
  useEffect(() => {
    const timer = setInterval(() => setClockNow(port.now()), 500);
    return () => clearInterval(timer);
  }, [port.now]);

  const rows = useMemo(() => {
    const several = facts.things.length > 1;
    const titles = new Map(facts.things.map(({ id, title }) => [id, title]));
    return [...port.films.values()].map((film): QueueRow => {
      const what = [
        several ? titles.get(film.thing) : "",
        say.number(film.copy),
        say.part(film.part),
      ];
      return {
        ...film,
        label: [labelOf(facts.labels, film.seat), ...what.filter(Boolean)].join(" · "),
        due: addDays(facts.due, -(earlier[film.seat] ?? 0)),
      };
    });
  }, [port.films, facts, earlier, say.part, say.number]);
  const queue = useMemo(() => inQueue(rows, filter, ({ label }) => label), [rows, filter]);
  const loads = useMemo(
    () =>
      [...new Set(rows.flatMap(({ load }) => (load === null ? [] : [load])))].sort((a, b) => a - b),
    [rows],
  );
  const mine = rows.find(({ heldBy }) => heldBy === port.hands && port.hands !== "");
  const place = usePlace(rows, port.hands);
  // What is in hand stays open; else what was asked for, else what comes next.
  const row =
    rows.find(({ film }) => film === current) ?? mine ?? nextFilm(queue, null, place) ?? queue[0];
  const ahead = useMemo(() => {
    const at = queue.findIndex(({ film }) => film === row?.film);
    const next = [...queue.slice(at + 1), ...queue.slice(0, Math.max(0, at))].filter(
      ({ state }) => state === "waiting",
    );
    return [
      ...new Set([
        ...(row ? [row.film] : []),
        ...next.slice(0, AHEAD).map(({ film }) => film),
        ...next.slice(-AHEAD).map(({ film }) => film),
      ]),
    ];
  }, [queue, row]);
  const views = useViews(bench, ahead);
  const { connected } = port;
  // The others go on from the front: without network one goes from the end, so that nobody does the
  // same.
  const nextAfter = useCallback(
    (film: string | null) =>
      connected
        ? nextFilm(queue, film, place)
        : (queue.findLast(
            (one) => one.film !== film && one.state === "waiting" && views.has(one.film),
          ) ?? null),
    [connected, queue, views, place],
  );
  const following = nextAfter(row?.film ?? null);
  const view = row ? views.get(row.film) : undefined;
  const insides = useMemo(() => (view && view !== "missing" ? insidesOf(view).length : 0), [view]);
  const ticked = useMemo(() => new Set(row ? (ticks[row.film] ?? []) : []), [ticks, row]);
  const open = useCallback((film: string | undefined) => {
    setCurrent(film ?? "");
    setAsking(false);
    setFailed(new Set());
    setList(false);
  }, []);

  const held = row?.state === "held" && row.heldBy === port.hands;
  const others = row?.state === "held" && !held;
  const running = held && row.since !== null;
  const ended = !!row && isDone(row);
  const begun = held && (running || row.seconds > 0);
  const { mark } = port;
  const take = useCallback(() => {
    if (!row) return;
    if (mine && mine.film !== row.film) mark(mine.film, "give");
    mark(row.film, "take");
    setCurrent(row.film);
  }, [row, mine, mark]);
  const end = useCallback(
    (act: "done" | "flawed") => {
      if (!row) return;
      mark(row.film, act);
      setLast({ film: row.film, label: row.label });
      open(nextAfter(row.film)?.film ?? row.film);
    },
    [row, mark, nextAfter, open],
  );
  const main = useCallback(() => {
    if (!row) return;
    if (ended || others) return open(following?.film ?? row.film);
    if (begun) end("done");
    else take();
  }, [row, ended, others, begun, following, open, end, take]);
  const pause = useCallback(() => {
    if (!row || ended || others) return;
    if (running) mark(row.film, "rest");
    else take();
  }, [row, ended, others, running, mark, take]);
  const undo = useCallback(() => {
    const film = last?.film ?? (ended ? row?.film : undefined);
    if (film === undefined) return;
    mark(film, "reopen");
    setLast(null);
    open(film);
  }, [last, ended, row, mark, open]);
  const lose = (reason: string) => {
    if (!row || !view || view === "missing") return;
    const all = failed.size === 0 || failed.size === view.pieces.length;
    mark(row.film, "lost", { reason, pieces: all ? [] : [...failed] });
    open(all ? following?.film : row.film);
  };
  const tick = (n: number) => {
    if (!row) return;
    const known = ticks[row.film] ?? [];
    setTicks({
      ...ticks,
      [row.film]: known.includes(n) ? known.filter((m) => m !== n) : [...known, n],
    });
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || light) return;
      const key = event.key.toLowerCase();
      if (key === " " && !(event.target as HTMLElement).closest("button, a")) {
        event.preventDefault();
        main();
      }
      if (event.key === "ArrowRight" || event.key === "ArrowLeft")
        turn(event.key === "ArrowRight" ? 1 : -1);
      if (!letters) return;
      if (key === "p") pause();
      if (key === "l" && row && !others) setAsking(true);
      if (key === "f" && begun) end("flawed");
      if (key === "u") undo();
      if (key === "t") setLight(true);
    };
    const turn = (by: 1 | -1) => {
      const at = queue.findIndex(({ film }) => film === row?.film);
      open(queue[Math.max(0, at + by)]?.film ?? row?.film);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [main, pause, end, undo, begun, others, queue, row, open, light, letters]);

  const pick = (piece: string) =>
    setFailed(
      (all) => new Set(all.has(piece) ? [...all].filter((one) => one !== piece) : [...all, piece]),
    );
  return (
    <div className="flex h-dvh flex-col overflow-hidden" data-waiting={port.waiting}>
      <BenchHead
        bench={host === null ? null : bench}
        facts={facts}
        clock={clock}
        rows={rows}
        hands={port.hands}
        now={clockNow}
        list={list}
        onList={() => setList(!list)}
      />
      <Notices port={port} last={last} onUndo={undo} onHush={() => setLast(null)} />
      <main className="grid min-h-0 flex-1 content-start overflow-y-auto lg:grid-cols-[236px_1fr_300px] lg:content-stretch lg:overflow-hidden">
        <div
          className={`min-h-0 border-rule lg:flex lg:flex-col lg:border-r ${list ? "flex flex-col" : "hidden"}`}
        >
          <FilmList
            rows={queue}
            filter={filter}
            onFilter={setFilter}
            vinyls={vinyls}
            loads={loads}
            current={row?.film ?? ""}
            hands={port.hands}
            onOpen={open}
          />
        </div>
        <div
          className={`h-[58dvh] min-h-0 bg-paper lg:h-auto lg:overflow-hidden ${list ? "hidden lg:block" : ""}`}
        >
          {!row && (
            <div className="grid justify-items-start gap-4 p-8 text-lg">
              <p>
                {rows.length === 0
                  ? say.thereIsNothingToWeed
                  : say.everythingIsWeededCap(rows.every(isDone))}
              </p>
              {host !== null && rows.length > 0 && rows.every(isDone) && (
                <LinkButton href={`/classes/${bench}/pack`}>{say.toPack}</LinkButton>
              )}
            </div>
          )}
          {row && view === undefined && (
            <p className="p-8 text-lg">{say.fetchingThePictureItsPicture(port.connected)}</p>
          )}
          {row && view === "missing" && <p className="p-8 text-lg">{say.thisFilmIsNotPlanned}</p>}
          {row && view && view !== "missing" && (
            <div className="flex h-full flex-col">
              <div className="min-h-[320px] flex-1">
                <FilmPicture
                  key={row.film}
                  view={view}
                  label={row.label}
                  state={`${vinyls.length > 1 ? `${view.name} · ` : ""}${stateWords(row, port.hands)}`}
                  ticked={ticked}
                  onTick={tick}
                  onLight={() => setLight(true)}
                  picking={asking ? { picked: failed, onPick: pick } : null}
                />
              </div>
            </div>
          )}
        </div>
        {/* Below the picture on a narrow screen, beside it on a wide one. */}
        <aside
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is scrolled by keys, too
          tabIndex={0}
          aria-label={say.whatToDo}
          className={`min-h-0 border-rule p-4 lg:block lg:overflow-y-auto lg:border-l ${list ? "hidden" : ""}`}
        >
          {row &&
            view &&
            view !== "missing" &&
            (asking ? (
              <LostPiece
                pieces={view.pieces}
                picked={failed}
                onPick={pick}
                onTake={lose}
                onLeave={() => setAsking(false)}
              />
            ) : (
              <FilmNotes view={view} insides={insides} ticked={ticked} onTick={tick} />
            ))}
        </aside>
      </main>
      {row && (
        <BenchActs
          film={row.film}
          seconds={secondsAt(row, clockNow)}
          rests={ended || others}
          running={running}
          begun={begun}
          word={
            ended || others
              ? following
                ? say.nextFilm
                : say.noMoreFilms
              : begun
                ? say.done
                : say.startWeedingWeedItAll(row.state)
          }
          onMain={main}
          onPause={pause}
          onLost={others ? null : () => setAsking(true)}
          onFlawed={() => end("flawed")}
        />
      )}
      {light && row && view && view !== "missing" && (
        <LightPanel view={view} label={row.label} onClose={() => setLight(false)} />
      )}
    </div>
  );
}
