/** Server-sent events of one class: the state at once, then after every change. */
import { eventStream } from "./event-stream.ts";
import { subscribe } from "./hub.ts";
import { type LiveStep, liveState } from "./state.ts";

export function liveStream(studioId: string, workshopId: string, steps: readonly LiveStep[], signal: AbortSignal): Response {
  return eventStream(signal, async ({ write }) => {
    const send = async () => {
      const state = await liveState(studioId, workshopId, steps).catch(() => null);
      if (state) write(`id: ${state.version}\ndata: ${JSON.stringify(state)}\n\n`);
    };
    const unsubscribe = await subscribe(workshopId, () => void send());
    await send();
    return unsubscribe;
  });
}
