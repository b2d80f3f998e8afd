/** The door on a loopback address of its own, before an application that tells what it was asked. */

import { mkdtempSync, rmSync } from "node:fs";
import { createServer, type IncomingMessage, request, type Server } from "node:http";
import { connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { roomDoor } from "./door.ts";
import { addressOf, readState, writeState } from "./state.ts";

const ROOM = "127.0.0.2";
const asked: { method: string; url: string; headers: IncomingMessage["headers"]; body: string }[] =
  [];
let [app, door]: Server[] = [];
let [appPort, doorPort] = [0, 0];
const portOf = (server: Server | undefined) =>
  (server?.address() as { port: number } | undefined)?.port ?? 0;
const listen = (server: Server | undefined, host: string) =>
  new Promise<void>((done) => server?.listen(0, host, done));

beforeAll(async () => {
  app = createServer((req, res) => {
    let body = "";
    req.on("data", (part) => {
      body += part;
    });
    req.on("end", () => {
      asked.push({ method: req.method ?? "", url: req.url ?? "", headers: req.headers, body });
      if (req.url?.endsWith("/events")) {
        res.writeHead(200, { "content-type": "text/event-stream" });
        res.write("data: one\n\n");
        return;
      }
      res.writeHead(200, { "set-cookie": "elm_session=stolen", etag: "e" });
      res.end("hello");
    });
  });
  await listen(app, "127.0.0.1");
  appPort = portOf(app);
  door = roomDoor({ host: "127.0.0.1", port: appPort }, "the secret");
  await listen(door, ROOM);
  doorPort = portOf(door);
});
afterAll(() => {
  for (const server of [app, door]) {
    server?.closeAllConnections();
    server?.close();
  }
});

function ask(
  path: string,
  { method = "GET", headers = {}, body = "" } = {},
): Promise<{ status: number; headers: IncomingMessage["headers"]; text: string }> {
  return new Promise((resolve, reject) => {
    const sent = request({ host: ROOM, port: doorPort, path, method, headers }, (came) => {
      let text = "";
      came.on("data", (part) => {
        text += part;
      });
      came.on("end", () => resolve({ status: came.statusCode ?? 0, headers: came.headers, text }));
    });
    sent.on("error", reject);
    sent.end(body);
  });
}

describe("the door to the room", () => {
  it("hands on what is asked, as nobody: no cookies in, none out, and says itself where it came from", async () => {
    const answer = await ask("/f/abcdefghjkmn", {
      headers: {
        cookie: "elm_session=mine",
        "x-forwarded-for": "10.0.0.1",
        "x-elm-room": "guessed",
        "next-action": "40f0",
        authorization: "Basic x",
        "accept-language": "de",
      },
    });
    expect(answer).toMatchObject({ status: 200, text: "hello" });
    expect(answer.headers["set-cookie"]).toBeUndefined();
    expect(answer.headers.etag).toBe("e");
    const headers = asked.at(-1)?.headers ?? {};
    expect(headers).toMatchObject({ "x-elm-room": "the secret", "accept-language": "de" });
    expect(headers["x-forwarded-for"]).toMatch(/^127\./u);
    for (const name of ["cookie", "next-action", "authorization"])
      expect(headers[name]).toBeUndefined();
  });

  it("hands on what participants say, and not more than they can have to say", async () => {
    const says = await ask("/f/abcdefghjkmn/says", { method: "POST", body: '[{"a":1}]' });
    expect(says.status).toBe(200);
    expect(asked.at(-1)?.body).toBe('[{"a":1}]');
    const before = asked.length;
    const much = await ask("/f/abcdefghjkmn/says", {
      method: "POST",
      headers: { "content-length": 100_000 },
    }).catch(() => ({ status: 0 }));
    expect([0, 413]).toContain(much.status);
    const endless = ask("/f/abcdefghjkmn/says", {
      method: "POST",
      headers: { "transfer-encoding": "chunked" },
      body: "x".repeat(200_000),
    });
    await expect(endless).rejects.toThrow();
    expect(asked).toHaveLength(before);
  });

  it("answers itself what is nothing for participants, and the application hears nothing of it", async () => {
    const before = asked.length;
    for (const path of ["/sign-in", "/classes", "/room/state", "/bench/abc"])
      expect(await ask(path)).toMatchObject({ status: 404 });
    expect(await ask("/sign-in", { method: "POST" })).toMatchObject({ status: 404 });
    expect(asked).toHaveLength(before);
  });

  it("a stream is heard at once, and ends with whoever follows", async () => {
    const socket = connect(doorPort, ROOM);
    socket.write("GET /f/abcdefghjkmn/events HTTP/1.1\r\nhost: room\r\n\r\n");
    const heard = await new Promise<string>((resolve) => {
      let text = "";
      socket.on("data", (part) => {
        text += part;
        if (text.includes("data: one")) resolve(text);
      });
    });
    expect(heard).toContain("text/event-stream");
    const open = () => new Promise<number>((done) => app?.getConnections((_, n) => done(n)));
    const during = await open();
    socket.destroy();
    await expect.poll(open).toBeLessThan(during);
  });

  it("one device does not hold all its places: further connections are closed, others get in", async () => {
    const narrow = roomDoor({ host: "127.0.0.1", port: appPort }, "x", 3);
    await listen(narrow, ROOM);
    const open = (from: string) =>
      connect({ port: portOf(narrow), host: ROOM, localAddress: from }).on("error", () => {});
    const sockets = Array.from({ length: 3 }, () => open("127.0.0.4"));
    await Promise.all(sockets.map((socket) => new Promise((done) => socket.once("connect", done))));
    await new Promise((done) => open("127.0.0.4").once("close", done));
    const other = open("127.0.0.5");
    other.write("GET /icon.svg HTTP/1.1\r\nhost: room\r\n\r\n");
    const heard = await new Promise<string>((done) =>
      other.once("data", (part) => done(`${part}`)),
    );
    expect(heard).toContain("200");
    // A place that is given back is there for the next.
    sockets[0]?.destroy();
    await expect
      .poll(async () => {
        const again = open("127.0.0.4");
        again.write("GET /icon.svg HTTP/1.1\r\nhost: room\r\n\r\n");
        const said = await new Promise((done) => {
          again.once("data", () => done(true));
          again.once("close", () => done(false));
        });
        again.destroy();
        return said;
      })
      .toBe(true);
    narrow.closeAllConnections();
    narrow.close();
  });

  it("while the application is away it says so, and asks to come again", async () => {
    const lonely = roomDoor({ host: "127.0.0.1", port: 1 }, "x");
    await listen(lonely, ROOM);
    const answer = await fetch(`http://${ROOM}:${portOf(lonely)}/f/abcdefghjkmn`);
    expect(answer.status).toBe(503);
    expect(answer.headers.get("retry-after")).toBe("2");
    expect(await answer.text()).toContain("One moment");
    lonely.close();
  });
});

describe("how the door is", () => {
  it("is read by all, and is forgotten when nothing was said for long", () => {
    const folder = mkdtempSync(join(tmpdir(), "elm-room-state-"));
    const file = join(folder, "state.json");
    expect(readState(file)).toBeNull();
    const state = { at: 1000, address: ROOM, port: 3000, fault: null, phones: 4, others: [] };
    writeState(file, state);
    expect(readState(file, 2000)).toEqual(state);
    expect(addressOf(readState(file, 2000))).toBe("http://127.0.0.2:3000");
    expect(readState(file, 60_000)).toBeNull();
    expect(addressOf({ ...state, address: null })).toBeNull();
    expect(readState("")).toBeNull();
    rmSync(folder, { recursive: true });
  });
});
