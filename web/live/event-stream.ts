/** Server-sent events: kept alive, ended from either side, let go when the server stops. */
import { onShutdown } from "./hub.ts";

const KEEP_ALIVE_MS = 15_000;
const encoder = new TextEncoder();

export interface EventPort {
  /** Whole events, as text or as bytes that several share. */
  write(event: string | Uint8Array): void;
  end(): void;
}

/**
 * @param open begins to follow; what it returns is done at the end
 * @param beat with every sign of life, such as asking whether who follows still may
 */
export function eventStream(
  signal: AbortSignal,
  open: (port: EventPort) => Promise<() => void>,
  beat: (port: EventPort) => void = () => {},
): Response {
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      let going = true;
      let leave = () => {};
      const write = (event: string | Uint8Array) => {
        if (going) controller.enqueue(typeof event === "string" ? encoder.encode(event) : event);
      };
      end = () => {
        if (!going) return;
        going = false;
        clearInterval(timer);
        forget();
        leave();
        try {
          controller.close();
        } catch {
          // The other side closed first: nothing is left to close.
        }
      };
      const port: EventPort = { write, end: () => end() };
      const timer = setInterval(() => {
        write("event: beat\ndata: still here\n\n");
        beat(port);
      }, KEEP_ALIVE_MS);
      const forget = onShutdown(() => end());
      signal.addEventListener("abort", end);
      write("retry: 1500\n\n");
      leave = await open(port);
      // Ended while it was opening.
      if (!going) leave();
    },
    cancel() {
      end();
    },
  });
  return new Response(body, {
    headers: {
      "content-type": "text/event-stream; charset=utf-8",
      "cache-control": "no-cache, no-transform",
      "x-accel-buffering": "no",
    },
  });
}
