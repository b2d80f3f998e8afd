/** Who waits for news of which class, in this process; news come from the database, whichever process made them. */
import { pool } from "../data/client.ts";

type Listener = (version: number) => void;

interface Hub {
  readonly listeners: Map<string, Set<Listener>>;
  readonly closers: Set<() => void>;
  ready: Promise<unknown> | null;
}

const holder = globalThis as typeof globalThis & { elmHub?: Hub };

function hub(): Hub {
  holder.elmHub ??= { listeners: new Map(), closers: new Set(), ready: null };
  return holder.elmHub;
}

/** Postgres.js listens again by itself after a lost connection; everybody is then told to look, since news may have been missed. */
function listening(): Promise<unknown> {
  const own = hub();
  own.ready ??= pool()
    .listen(
      "elm_live",
      (payload) => {
        const news = JSON.parse(payload) as { workshop: string; version: number };
        for (const listener of own.listeners.get(news.workshop) ?? []) listener(news.version);
      },
      () => {
        for (const set of own.listeners.values()) for (const listener of set) listener(-1);
      },
    )
    .catch((error: unknown) => {
      own.ready = null;
      throw error;
    });
  return own.ready;
}

/** @returns a function that ends the subscription */
export async function subscribe(workshopId: string, listener: Listener): Promise<() => void> {
  await listening();
  const { listeners } = hub();
  const set = listeners.get(workshopId) ?? new Set();
  set.add(listener);
  listeners.set(workshopId, set);
  return () => {
    set.delete(listener);
    if (set.size === 0) listeners.delete(workshopId);
  };
}

/** Streams that are open when the server is asked to stop would hold it up. */
export function onShutdown(close: () => void): () => void {
  hub().closers.add(close);
  return () => hub().closers.delete(close);
}

export function closeStreams(): void {
  for (const close of hub().closers) close();
}
