/**
 * Server-sent events of one class: the state at once, then after every change. A change is read
 * once a process, and the same bytes go to all who follow.
 */
import { LINK_REVOKED } from "../data/tokens.ts";
import { log } from "../operation/log.ts";
import { type EventPort, eventStream } from "./event-stream.ts";
import { subscribe } from "./hub.ts";
import { forgetLinks, keptClass } from "./kept.ts";
import { publicState, type StageState } from "./live-class.ts";
import { stageState } from "./state.ts";

/** At most four times a second. */
const SPACING_MS = 250;
const encoder = new TextEncoder();

export type Audience = "stage" | "phones";

/** Whether one may still follow. */
type Still = () => Promise<boolean>;

interface Followed {
  readonly ports: Record<Audience, Map<EventPort, Still>>;
  /** The last news; null before the first. */
  state: StageState | null;
  readAt: number;
  reading: Promise<void> | null;
  again: boolean;
  leave: Promise<() => void> | null;
}

const holder = globalThis as typeof globalThis & { elmFollowed?: Map<string, Followed> };

const eventOf = (state: object, version: number): Uint8Array =>
  encoder.encode(`id: ${version}\ndata: ${JSON.stringify(state)}\n\n`);
const bytesFor = (audience: Audience, state: StageState): Uint8Array =>
  eventOf(audience === "stage" ? state : publicState(state), state.version);

/** Reads once, however many changes come meanwhile, and tells everybody. */
function tell(own: Followed, studioId: string, workshopId: string): Promise<void> {
  if (own.reading) {
    own.again = true;
    return own.reading;
  }
  const read = async () => {
    do {
      own.again = false;
      const early = own.readAt + SPACING_MS - Date.now();
      if (own.state && early > 0) await new Promise((resolve) => setTimeout(resolve, early));
      own.readAt = Date.now();
      const live = await keptClass(studioId, workshopId);
      if (!live) return;
      own.state = await stageState(studioId, workshopId, live);
      for (const audience of ["stage", "phones"] as const) {
        const bytes = bytesFor(audience, own.state);
        for (const port of own.ports[audience].keys()) port.write(bytes);
      }
    } while (own.again);
  };
  own.reading = read()
    .catch((error: unknown) => log().error({ err: error }, "a change could not be read"))
    .finally(() => {
      own.reading = null;
    });
  return own.reading;
}

function followedClass(studioId: string, workshopId: string): Followed {
  holder.elmFollowed ??= new Map();
  const there = holder.elmFollowed.get(workshopId);
  if (there) return there;
  const own: Followed = {
    ports: { stage: new Map(), phones: new Map() },
    state: null,
    readAt: 0,
    reading: null,
    again: false,
    leave: null,
  };
  holder.elmFollowed.set(workshopId, own);
  own.leave = subscribe(workshopId, (version) => {
    if (version === LINK_REVOKED) {
      forgetLinks();
      for (const [port, still] of own.ports.phones) endUnless(still, port);
    } else void tell(own, studioId, workshopId);
  });
  // Without news nobody is followed: whoever comes next tries again.
  own.leave.catch(() => holder.elmFollowed?.delete(workshopId));
  return own;
}

/** Where it cannot be asked, who follows stays: the next sign of life asks again. */
function endUnless(still: Still, port: EventPort): void {
  still().then(
    (may) => may || port.end(),
    () => {},
  );
}

export function liveStream(
  studioId: string,
  workshopId: string,
  audience: Audience,
  signal: AbortSignal,
  still: Still,
): Response {
  return eventStream(
    signal,
    async (port) => {
      const own = followedClass(studioId, workshopId);
      await own.leave;
      own.ports[audience].set(port, still);
      // Every change is told to everybody, so what was told last is what is true; only the clock
      // has gone on.
      if (own.state) port.write(bytesFor(audience, { ...own.state, now: Date.now() }));
      else await tell(own, studioId, workshopId);
      return () => {
        own.ports[audience].delete(port);
        if (
          own.ports.stage.size + own.ports.phones.size > 0 ||
          holder.elmFollowed?.get(workshopId) !== own
        )
          return;
        holder.elmFollowed.delete(workshopId);
        void own.leave?.then((leave) => leave());
      };
    },
    // A link that was renewed, or a host who signed out, follows no more.
    (port) => endUnless(still, port),
  );
}
