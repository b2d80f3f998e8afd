/**
 * The door to the room: a server on the network's address that hands on what participants may ask
 * for, and nothing else. Whoever comes through it is nobody: no cookies in, none out.
 */
import { Agent, createServer, type IncomingMessage, request, type Server } from "node:http";
import { ROOM_HEADER } from "./header.ts";
import { passes } from "./passes.ts";

/** What a participant says at most, bytes; the application has stricter limits of its own. */
const MOST_BYTES = 64_000;
const MOST_CONNECTIONS = 4000;
/** Of one device, which may be a router with a whole table of phones behind it. */
const MOST_OF_ONE = 300;
/** How many bytes a request line and its headers may have. */
const MOST_HEADERS = 16_384;
/** Until a request has come whole. Answers may take as long as they like: streams do. */
const PATIENCE_MS = 15_000;

/** What is handed on of a request: enough for pages, streams and their language. */
const ASKED = [
  "accept",
  "accept-encoding",
  "accept-language",
  "content-type",
  "if-none-match",
  "last-event-id",
  "next-router-prefetch",
  "next-router-segment-prefetch",
  "next-router-state-tree",
  "next-url",
  "rsc",
  "user-agent",
];
const NOT_ANSWERED = new Set(["set-cookie", "connection", "keep-alive", "transfer-encoding"]);

export interface Upstream {
  readonly host: string;
  readonly port: number;
}

/** Ink, paper and elm as in tokens.css, which is not here when the application does not answer. */
const page = (title: string, text: string): string =>
  `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${title}</title><style>body{font:20px/1.5 sans-serif;max-width:30em;margin:2em auto;padding:0 1em;background:#fbf9f4;color:#22292b}a{color:#2d5a45}</style><h1>${title}</h1><p>${text}</p><p><a href="/">Type the code of your class</a></p>`;
const NOTHING_HERE = page(
  "Nothing here",
  "Ask your host for the address, or scan the code on the wall.",
);
const NOT_YET = page(
  "One moment",
  "The host’s computer does not answer. Leave this open and load it again in a moment.",
);

/** @param secret known to the application, which believes nobody else that they came through here */
export function roomDoor(upstream: Upstream, secret: string, mostOfOne = MOST_OF_ONE): Server {
  const agent = new Agent({ keepAlive: true, maxSockets: Number.POSITIVE_INFINITY });
  const door = createServer(
    { maxHeaderSize: MOST_HEADERS, requestTimeout: PATIENCE_MS, headersTimeout: PATIENCE_MS },
    (asked, answer) => {
      const say = (status: number, text: string, more: Record<string, string> = {}) => {
        answer.writeHead(status, { "content-type": "text/html; charset=utf-8", ...more });
        answer.end(text);
      };
      const path = passes(asked.method, asked.url);
      if (path === null) return say(404, NOTHING_HERE);
      if (Number(asked.headers["content-length"] ?? 0) > MOST_BYTES)
        return say(413, "Too much at once.", { connection: "close" });
      const sent = request(
        {
          ...upstream,
          agent,
          method: asked.method,
          path,
          headers: { ...handedOn(asked), [ROOM_HEADER]: secret },
        },
        (came) => {
          answer.writeHead(
            came.statusCode ?? 502,
            Object.fromEntries(
              Object.entries(came.headers).filter(([name]) => !NOT_ANSWERED.has(name)),
            ),
          );
          // A stream has nothing to say at first: what follows it must know that it is open.
          answer.flushHeaders();
          came.pipe(answer);
          came.on("error", () => answer.destroy());
        },
      );
      sent.on("error", () =>
        answer.headersSent ? answer.destroy() : say(503, NOT_YET, { "retry-after": "2" }),
      );
      answer.on("close", () => sent.destroy());
      let bytes = 0;
      asked.on("data", (part: Buffer) => {
        bytes += part.length;
        if (bytes > MOST_BYTES) asked.destroy();
      });
      asked.on("error", () => sent.destroy());
      asked.pipe(sent);
    },
  );
  door.maxConnections = MOST_CONNECTIONS;
  const held = new Map<string, number>();
  door.on("connection", (socket) => {
    const from = socket.remoteAddress ?? "";
    const count = (held.get(from) ?? 0) + 1;
    if (count > mostOfOne) {
      socket.destroy();
      return;
    }
    held.set(from, count);
    socket.once("close", () => {
      const left = (held.get(from) ?? 1) - 1;
      if (left > 0) held.set(from, left);
      else held.delete(from);
    });
  });
  door.on("close", () => agent.destroy());
  return door;
}

function handedOn(asked: IncomingMessage): Record<string, string | string[]> {
  const headers: Record<string, string | string[]> = {
    // Their own word on where they come from is not believed.
    "x-forwarded-for": asked.socket.remoteAddress ?? "",
    ...(asked.headers.host ? { host: asked.headers.host } : {}),
  };
  for (const name of ASKED) {
    const value = asked.headers[name];
    if (value !== undefined) headers[name] = value;
  }
  return headers;
}
