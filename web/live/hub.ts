/**
 * Who waits for news of which class, in this process; news come from the database, whichever
 * process made them.
 */
import { pool } from "../data/client.ts";

type Listener = (version: number) => void;
/** Runs tell their version with the class; benches only whose they are. */
export type Channel = "elm_live" | "elm_bench";

interface Hub {
  readonly listeners: Map<string, Set<Listener>>;
  readonly closers: Set<() => void>;
  readonly ready: Map<Channel, Promise<unknown>>;
}

const holder = globalThis as typeof globalThis & { elmHub?: Hub };

function hub(): Hub {
  holder.elmHub ??= { listeners: new Map(), closers: new Set(), ready: new Map() };
  return holder.elmHub;
}

const keyOf = (channel: Channel, workshopId: string): string => `${channel} ${workshopId}`;

function newsOf(channel: Channel, payload: string): { workshop: string; version: number } {
  return channel === "elm_live"
    ? (JSON.parse(payload) as { workshop: string; version: number })
    : { workshop: payload, version: -1 };
}

/**
 * Postgres.js listens again by itself after a lost connection; everybody is then told to look,
 * since news may have been missed.
 */
function listening(channel: Channel): Promise<unknown> {
  const own = hub();
  const there = own.ready.get(channel);
  if (there) return there;
  const begun = pool()
    .listen(
      channel,
      (payload) => {
        const news = newsOf(channel, payload);
        for (const listener of own.listeners.get(keyOf(channel, news.workshop)) ?? [])
          listener(news.version);
      },
      () => {
        for (const [key, set] of own.listeners)
          if (key.startsWith(channel)) for (const listener of set) listener(-1);
      },
    )
    .catch((error: unknown) => {
      own.ready.delete(channel);
      throw error;
    });
  own.ready.set(channel, begun);
  return begun;
}

/** @returns a function that ends the subscription */
export async function subscribe(
  workshopId: string,
  listener: Listener,
  channel: Channel = "elm_live",
): Promise<() => void> {
  await listening(channel);
  const { listeners } = hub();
  const key = keyOf(channel, workshopId);
  const set = listeners.get(key) ?? new Set();
  set.add(listener);
  listeners.set(key, set);
  return () => {
    set.delete(listener);
    if (set.size === 0) listeners.delete(key);
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
