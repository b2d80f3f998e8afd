/** Server-sent events of one class: the state at once, then after every change. */
import { onShutdown, subscribe } from "./hub.ts";
import { type LiveStep, liveState } from "./state.ts";

const KEEP_ALIVE_MS = 15_000;

export function liveStream(studioId: string, workshopId: string, steps: readonly LiveStep[], signal: AbortSignal): Response {
  const encoder = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      let open = true;
      const write = (text: string) => open && controller.enqueue(encoder.encode(text));
      const send = async () => {
        const state = await liveState(studioId, workshopId, steps).catch(() => null);
        if (state) write(`id: ${state.version}\ndata: ${JSON.stringify(state)}\n\n`);
      };
      const unsubscribe = await subscribe(workshopId, () => void send());
      const beat = setInterval(() => write(": still here\n\n"), KEEP_ALIVE_MS);
      const forget = onShutdown(() => end());
      end = () => {
        if (!open) return;
        open = false;
        clearInterval(beat);
        forget();
        unsubscribe();
        try {
          controller.close();
        } catch {
          // The other side closed first: nothing is left to close.
        }
      };
      signal.addEventListener("abort", end);
      write("retry: 1500\n\n");
      await send();
    },
    cancel() {
      end();
    },
  });
  return new Response(body, { headers: { "content-type": "text/event-stream; charset=utf-8", "cache-control": "no-cache, no-transform", "x-accel-buffering": "no" } });
}
