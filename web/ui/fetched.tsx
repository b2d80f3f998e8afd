"use client";

const AGAIN_MS = 1500;

/**
 * Code that is fetched when it is needed is asked for again until it is there: a network that comes
 * and goes takes no page away.
 */
export async function insist<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }
}

/** Stands in until it is there; seen only where that takes a while. */
export function Fetching() {
  return (
    <p
      role="status"
      className="appears-late fixed right-4 bottom-4 z-50 border border-rule-strong bg-paper px-4 py-2"
    >
      One moment. Without network it comes when the network is back.
    </p>
  );
}
