"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { FilmView } from "@/bench/film.ts";
import type { Mark, MarkAnswer } from "@/bench/marks-schema.ts";
import { replayed } from "@/bench/replay.ts";
import { type BenchFilm, type BenchNews, fromWire, type WireFilm } from "@/bench/wire.ts";
import { freshId } from "@/ui/fresh-id.ts";
import { benchHookWords } from "../words.ts";
import { handsOf, leftBehind, readOutbox, writeOutbox } from "./outbox.ts";

export interface BenchPort {
  readonly films: ReadonlyMap<string, BenchFilm>;
  readonly hands: string;
  /** Server's clock, epoch ms. */
  now(): number;
  readonly connected: boolean;
  /** Marks kept here because they could not be told yet. */
  readonly waiting: number;
  /** What went otherwise than was pressed. */
  readonly said: string;
  /** The link was taken back. */
  readonly closed: boolean;
  mark(
    film: string,
    act: Mark["act"],
    more?: Partial<Pick<Mark, "pieces" | "reason" | "through">>,
  ): void;
  hush(): void;
}

const BEAT_MS = 30_000;
const RETRY_MS = 2500;
/** As many as one telling may carry. */
const AT_ONCE = 100;

const known = (wire: readonly WireFilm[]): Map<string, BenchFilm> =>
  new Map(wire.map((row) => [row[0], fromWire(row)]));

/**
 * What is no longer planned is no longer on the bench; what is older than what is known is no news.
 */
function merged(
  films: ReadonlyMap<string, BenchFilm>,
  wire: readonly WireFilm[],
): ReadonlyMap<string, BenchFilm> {
  const next = new Map(films);
  for (const row of wire) {
    const film = fromWire(row);
    if ((next.get(film.film)?.version ?? -1) > film.version) continue;
    if (film.planned) next.set(film.film, film);
    else next.delete(film.film);
  }
  return next;
}

interface Wanted {
  readonly bench: string;
  readonly name: string;
  readonly wire: readonly WireFilm[];
  readonly version: number;
  readonly serverNow: number;
}

/**
 * The films of a bench, live, with what was done here on top until the server has it; keeps working
 * without network.
 */
export function useBench({ bench, name, wire, version, serverNow }: Wanted): BenchPort {
  const [server, setServer] = useState(() => known(wire) as ReadonlyMap<string, BenchFilm>);
  const [outbox, setOutbox] = useState<readonly Mark[]>([]);
  const [hands, setHands] = useState("");
  const [connected, setConnected] = useState(true);
  const [closed, setClosed] = useState(false);
  const [said, setSaid] = useState("");
  const offset = useRef(0);
  const told = useRef({
    outbox: outbox as readonly Mark[],
    busy: false,
    again: false,
    holding: "",
  });
  useEffect(() => {
    offset.current = serverNow - Date.now();
    const own = handsOf(bench);
    setHands(own);
    const kept = readOutbox(bench, own);
    told.current.outbox = kept;
    setOutbox(kept);
  }, [bench, serverNow]);
  const now = useCallback(() => Date.now() + offset.current, []);
  const put = useCallback(
    (own: string, next: readonly Mark[]) => {
      told.current.outbox = next;
      writeOutbox(bench, own, next);
      setOutbox(next);
    },
    [bench],
  );

  const tell = useCallback(async () => {
    const state = told.current;
    if (!hands || !name || closed) return;
    if (state.busy) {
      state.again = true;
      return;
    }
    state.busy = true;
    try {
      do {
        state.again = false;
        const marks = state.outbox.slice(0, AT_ONCE);
        const response = await fetch(`/bench/${bench}/marks`, {
          method: "POST",
          body: JSON.stringify({ hands, name, holding: state.holding, marks }),
          signal: AbortSignal.timeout(20_000),
          keepalive: true,
        });
        if (response.status === 404) return setClosed(true);
        if (!response.ok) throw new Error(String(response.status));
        const answer = (await response.json()) as {
          now: number;
          answers: MarkAnswer[];
          films: WireFilm[];
        };
        offset.current = answer.now - Date.now();
        const done = new Set(marks.map(({ mark }) => mark));
        setServer((films) => merged(films, answer.films));
        put(
          hands,
          told.current.outbox.filter(({ mark }) => !done.has(mark)),
        );
        setConnected(true);
        const refused = answer.answers
          .flatMap((one) =>
            one.ok ? [] : [{ ...one, act: marks.find(({ mark }) => mark === one.mark)?.act }],
          )
          .at(-1);
        if (refused) setSaid(refusal(refused.why, refused.by, refused.act));
        state.again ||= told.current.outbox.length > 0;
      } while (state.again);
    } catch {
      setConnected(false);
    } finally {
      state.busy = false;
    }
  }, [bench, hands, name, closed, put]);

  // News, and what was missed while away.
  useEffect(() => {
    if (!hands || closed) return;
    const source = new EventSource(`/bench/${bench}/events?since=${version}`);
    source.onmessage = (event) => {
      const news = JSON.parse(event.data) as BenchNews;
      offset.current = news.now - Date.now();
      setServer((films) => merged(films, news.films));
    };
    source.onopen = () => {
      setConnected(true);
      void tell();
    };
    source.onerror = () => setConnected(false);
    const beat = setInterval(() => void tell(), BEAT_MS);
    const retry = setInterval(() => told.current.outbox.length > 0 && void tell(), RETRY_MS);
    const online = () => void tell();
    window.addEventListener("online", online);
    return () => {
      source.close();
      clearInterval(beat);
      clearInterval(retry);
      window.removeEventListener("online", online);
    };
  }, [bench, hands, version, tell, closed]);

  // Tabs that were closed with something untold: it is told for them.
  useEffect(() => {
    if (!hands || !name) return;
    for (const other of leftBehind(bench, hands)) {
      const marks = readOutbox(bench, other);
      if (marks.length === 0 || (marks.at(-1)?.at ?? 0) > now() - BEAT_MS) continue;
      void fetch(`/bench/${bench}/marks`, {
        method: "POST",
        body: JSON.stringify({ hands: other, name, holding: "", marks: marks.slice(0, AT_ONCE) }),
      })
        .then((response) => response.ok && writeOutbox(bench, other, marks.slice(AT_ONCE)))
        .catch(() => undefined);
    }
  }, [bench, hands, name, now]);

  const films = useMemo(() => {
    if (outbox.length === 0) return server;
    const next = new Map(server);
    for (const film of new Set(outbox.map((mark) => mark.film))) {
      const row = server.get(film);
      if (row) next.set(film, replayed(row, outbox, hands, name));
    }
    return next;
  }, [server, outbox, hands, name]);

  useEffect(() => {
    told.current.holding =
      [...films.values()].find(({ heldBy }) => heldBy === hands && hands !== "")?.film ?? "";
  }, [films, hands]);

  const mark = useCallback<BenchPort["mark"]>(
    (film, act, more = {}) => {
      const at = now();
      const since = films.get(film)?.since ?? null;
      const worked = since === null ? 0 : Math.min(4 * 3600, Math.max(0, (at - since) / 1000));
      setSaid("");
      put(hands, [
        ...told.current.outbox,
        { mark: freshId(), at, film, act, worked, pieces: [], reason: "", through: false, ...more },
      ]);
      void tell();
    },
    [films, hands, now, put, tell],
  );
  return {
    films,
    hands,
    now,
    connected,
    waiting: outbox.length,
    said,
    closed,
    mark,
    hush: () => setSaid(""),
  };
}

function refusal(
  why: "gone" | "held" | "already",
  by: string,
  act: Mark["act"] | undefined,
): string {
  const say = benchHookWords();
  if (why === "gone") return say.thatFilmIsNotPlanned;
  if (why === "held") return say.hasThatFilmInHand(by);
  return say.hasFinishedThatFilmMeanwhile(act, by);
}

/**
 * Pictures of the films that come next, fetched ahead, so that the bench goes on without network.
 */
export function useViews(
  bench: string,
  wanted: readonly string[],
): ReadonlyMap<string, FilmView | "missing"> {
  const [views, setViews] = useState<ReadonlyMap<string, FilmView | "missing">>(new Map());
  const asked = useRef(new Set<string>());
  const key = wanted.join("|");
  useEffect(() => {
    let stopped = false;
    const fetchAll = async () => {
      for (const film of key === "" ? [] : key.split("|")) {
        if (stopped || asked.current.has(film)) continue;
        asked.current.add(film);
        try {
          const response = await fetch(`/bench/${bench}/film?film=${encodeURIComponent(film)}`);
          const view = response.ok ? ((await response.json()) as FilmView) : "missing";
          setViews((all) => new Map(all).set(film, view));
        } catch {
          asked.current.delete(film);
        }
      }
    };
    void fetchAll();
    const again = setInterval(() => void fetchAll(), RETRY_MS);
    return () => {
      stopped = true;
      clearInterval(again);
    };
  }, [bench, key]);
  return views;
}
