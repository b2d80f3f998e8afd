/**
 * Server-sent events of a bench: what changed is read once in this process and sent as the same
 * bytes to all who follow.
 */
import { withStudio } from "../data/client.ts";
import { giveBackLapsed, listFilms, newestFilm } from "../data/films.ts";
import { eventStream } from "../live/event-stream.ts";
import { subscribe } from "../live/hub.ts";
import type { Bench } from "./access.ts";
import { type BenchNews, toWire } from "./wire.ts";

interface Room {
  readonly send: Set<(bytes: Uint8Array) => void>;
  version: number;
  reading: boolean;
  asked: boolean;
  stop(): void;
}

const holder = globalThis as typeof globalThis & { elmBenches?: Map<string, Promise<Room>> };
const encoder = new TextEncoder();

/**
 * Rows are numbered before they are written: one with a lower number may be written a moment later.
 */
const OVERLAP = 64;
const LAPSE_MS = 20_000;
/** Marks that come together are told together. */
const GATHER_MS = 120;

function rooms(): Map<string, Promise<Room>> {
  holder.elmBenches ??= new Map();
  return holder.elmBenches;
}

async function newsSince(
  studioId: string,
  workshopId: string,
  since: number,
): Promise<{ version: number; bytes: Uint8Array; empty: boolean }> {
  const rows = await withStudio(studioId, (sql) =>
    listFilms(sql, workshopId, Math.max(0, since - OVERLAP)),
  );
  const version = rows.reduce((most, row) => Math.max(most, row.version), since);
  const news: BenchNews = { now: Date.now(), films: rows.map(toWire) };
  return {
    version,
    bytes: encoder.encode(`id: ${version}\ndata: ${JSON.stringify(news)}\n\n`),
    empty: rows.length === 0,
  };
}

async function openRoom(studioId: string, workshopId: string): Promise<Room> {
  const send = new Set<(bytes: Uint8Array) => void>();
  const room: Room = {
    send,
    version: await withStudio(studioId, (sql) => newestFilm(sql, workshopId)),
    reading: false,
    asked: false,
    stop: () => {},
  };
  const read = async (): Promise<void> => {
    room.asked = true;
    if (room.reading) return;
    room.reading = true;
    while (room.asked) {
      room.asked = false;
      await new Promise((resolve) => setTimeout(resolve, GATHER_MS));
      const news = await newsSince(studioId, workshopId, room.version).catch(() => null);
      if (!news || news.empty) continue;
      room.version = news.version;
      for (const one of send) one(news.bytes);
    }
    room.reading = false;
  };
  const unsubscribe = await subscribe(workshopId, () => void read(), "elm_bench");
  const lapses = setInterval(
    () =>
      void withStudio(studioId, (sql) => giveBackLapsed(sql, workshopId)).catch(() => undefined),
    LAPSE_MS,
  );
  room.stop = () => {
    clearInterval(lapses);
    unsubscribe();
  };
  return room;
}

/**
 * Into the room of this bench; a room that was left by the last while one came in is opened anew.
 */
async function enter(
  studioId: string,
  workshopId: string,
  send: (bytes: Uint8Array) => void,
): Promise<() => void> {
  const all = rooms();
  for (;;) {
    const pending = all.get(workshopId) ?? openRoom(studioId, workshopId);
    all.set(workshopId, pending);
    const room = await pending.catch((error: unknown) => {
      all.delete(workshopId);
      throw error;
    });
    if (all.get(workshopId) !== pending) continue;
    room.send.add(send);
    return () => {
      room.send.delete(send);
      if (room.send.size > 0) return;
      room.stop();
      all.delete(workshopId);
    };
  }
}

/** @param still asked now and then: whether who follows may still */
export function benchStream(
  { studioId, workshopId }: Bench,
  since: number,
  signal: AbortSignal,
  still: () => Promise<boolean>,
): Response {
  return eventStream(
    signal,
    async ({ write }) => {
      const leave = await enter(studioId, workshopId, write);
      // What happened between the page and this line.
      const missed = await newsSince(studioId, workshopId, since).catch(() => null);
      if (missed) write(missed.bytes);
      return leave;
    },
    ({ end }) =>
      void still()
        .then((may) => may || end())
        // The database is away for a moment: asked again at the next sign of life.
        .catch(() => undefined),
  );
}
