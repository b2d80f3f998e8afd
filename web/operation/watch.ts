/** Every request of this process: counted, timed, and logged where that is wanted. */

import { randomUUID } from "node:crypto";
import { subscribe } from "node:diagnostics_channel";
import type { IncomingMessage, Server, ServerResponse } from "node:http";
import { log } from "./log.ts";
import { openStreams, requestSeconds } from "./metrics.ts";
import { routeLabel } from "./route-label.ts";

const ID = "x-request-id";
/** What a proxy in front may have named it; anything else is no id. */
const IS_ID = /^[\w-]{8,64}$/u;
/** As `0`, a connection that ended before its answer. */
const CUT_OFF = 0;

interface Begun {
  readonly request: IncomingMessage;
  readonly response: ServerResponse;
  readonly server: Server;
}

/** @param except servers that are not looked at */
export function watchRequests(except: readonly Server[] = []): void {
  subscribe("http.server.request.start", (message) => {
    const { request, response, server } = message as Begun;
    if (!except.includes(server)) watch(request, response);
  });
}

function watch(request: IncomingMessage, response: ServerResponse): void {
  const begun = performance.now();
  const given = request.headers[ID];
  const id = typeof given === "string" && IS_ID.test(given) ? given : randomUUID();
  request.headers[ID] = id;
  response.setHeader(ID, id);
  const route = routeLabel(request.url ?? "/");
  const method = request.method ?? "";
  const stream = route.endsWith("/events");
  if (stream) openStreams.inc({ route });
  response.once("close", () => {
    const seconds = (performance.now() - begun) / 1000;
    const status = response.writableFinished ? response.statusCode : CUT_OFF;
    if (stream) openStreams.dec({ route });
    else requestSeconds.observe({ method, route, status }, seconds);
    log().info({ id, method, route, status, ms: Math.round(seconds * 1000) });
  });
}
