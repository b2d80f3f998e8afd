import { readdirSync, readFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { fileURLToPath } from "node:url";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { levelFrom, madeLog } from "./log.ts";
import { openStreams, requestSeconds, serveMetrics } from "./metrics.ts";
import { ROUTES, routeLabel } from "./route-label.ts";
import { watchRequests } from "./watch.ts";

describe("the pattern of an address", () => {
  it.each([
    ["/", "/"],
    ["/classes/0b3f0c1e-0000-4000-8000-000000000000/cut?seat=3", "/classes/:/cut"],
    ["/f/quillfeather/events", "/f/:/events"],
    ["/classes/x/files/labels-for-ines.pdf", "/classes/:/files/:"],
    ["/_next/static/chunks/main.js", "/_next/"],
    ["/classes/new", "/classes/new"],
    ["/wp-admin/setup.php", "other"],
    ["/classes/cut/cut/cut", "other"],
    ["/classes//cut", "other"],
    ["/classes/x/files/sheets/2.svg", "/classes/:/files/:"],
  ])("%s is %s", (path, label) => {
    expect(routeLabel(path)).toBe(label);
  });

  it("is one of the pages' and routes' that the folders have", () => {
    const folder = fileURLToPath(new URL("../app", import.meta.url));
    const routes = (readdirSync(folder, { recursive: true }) as string[])
      .filter((path) => /(^|\/)(page\.tsx|route\.ts)$/u.test(path))
      .map((path) =>
        `/${path}`
          .replace(/\/[^/]+$/u, "")
          .replace(/\/\([^)]+\)/gu, "")
          .replace(/\[[^\]]+\]+/gu, ":"),
      )
      .map((path) => path || "/");
    expect(routes.length).toBeGreaterThan(40);
    expect([...ROUTES].sort()).toEqual([...new Set(routes)].sort());
  });
});

describe("the log", () => {
  const said = (level: ReturnType<typeof levelFrom>) => {
    const lines: string[] = [];
    return { lines, own: madeLog({ write: (line) => void lines.push(line) }, level) };
  };

  it("is one line of JSON, by its level; an error of the database says its code alone", () => {
    const { lines, own } = said(levelFrom(undefined));
    own.info("a request");
    own.error(
      {
        err: Object.assign(new Error('invalid input: "Ines"'), {
          code: "22P02",
          severity: "ERROR",
        }),
      },
      "failed",
    );
    own.error({ err: new RangeError("no room") }, "failed");
    expect(lines).toHaveLength(2);
    const [database, other] = lines.map((line) => JSON.parse(line));
    expect(database).toMatchObject({
      level: "error",
      msg: "failed",
      err: { type: "Error", code: "22P02" },
    });
    expect(lines[0]).not.toContain("Ines");
    expect(database.err.stack[0]).toMatch(/^at /u);
    expect(other.err).toMatchObject({ type: "RangeError", message: "no room" });
  });

  it("has the level that is asked for, and the usual one for a word that is none", () => {
    expect([levelFrom("info"), levelFrom("loud"), levelFrom("")]).toEqual(["info", "warn", "warn"]);
  });
});

describe("a process that is watched", () => {
  let pages: Server;
  let metrics: Server;
  const at = (server: Server) => `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const listening = (server: Server) =>
    new Promise<Server>((resolve) =>
      server.listening ? resolve(server) : server.once("listening", () => resolve(server)),
    );

  beforeAll(async () => {
    metrics = await listening(serveMetrics(0));
    watchRequests([metrics]);
    pages = createServer((request, response) => {
      if (request.url?.endsWith("/events")) response.writeHead(200).write("data: 1\n\n");
      else
        response
          .writeHead(request.url === "/shelf" ? 200 : 404)
          .end(request.headers["x-request-id"]);
    });
    await listening(pages.listen(0, "127.0.0.1"));
  });
  afterAll(() => {
    pages.closeAllConnections();
    pages.close();
    metrics.close();
  });
  const text = async () => (await fetch(`${at(metrics)}/metrics`)).text();

  it("counts requests by pattern and status, and not those for its own figures", async () => {
    requestSeconds.reset();
    for (const path of ["/shelf", "/shelf", "/classes/quill/cut"])
      await (await fetch(at(pages) + path)).text();
    await text();
    const found = await text();
    expect(found).toContain(
      'elm_request_seconds_count{method="GET",route="/shelf",status="200"} 2',
    );
    expect(found).toContain(
      'elm_request_seconds_count{method="GET",route="/classes/:/cut",status="404"} 1',
    );
    expect(found).not.toContain("quill");
    expect(found).not.toContain('route="other"');
    expect(found).toMatch(/^process_cpu_seconds_total /mu);
  });

  it("gives each request an id, or keeps the one a proxy gave", async () => {
    const own = await fetch(`${at(pages)}/shelf`);
    expect(await own.text()).toBe(own.headers.get("x-request-id"));
    const given = await fetch(`${at(pages)}/shelf`, { headers: { "x-request-id": "proxy-00001" } });
    expect(given.headers.get("x-request-id")).toBe("proxy-00001");
    const odd = await fetch(`${at(pages)}/shelf`, { headers: { "x-request-id": "<b>" } });
    expect(odd.headers.get("x-request-id")).toMatch(/^[0-9a-f-]{36}$/u);
  });

  it("knows how many streams are open", async () => {
    const count = async () =>
      (await openStreams.get()).values.find(({ labels }) => labels.route === "/f/:/events")
        ?.value ?? 0;
    const before = await count();
    const leaving = new AbortController();
    await fetch(`${at(pages)}/f/code/events`, { signal: leaving.signal });
    expect(await count()).toBe(before + 1);
    leaving.abort();
    await expect.poll(count).toBe(before);
  });

  it("gives its figures at one address only", async () => {
    expect((await fetch(`${at(metrics)}/`)).status).toBe(404);
    expect((await fetch(`${at(metrics)}/metrics`, { method: "POST" })).status).toBe(404);
    expect(readFileSync(new URL("./metrics.ts", import.meta.url), "utf8")).toContain('"127.0.0.1"');
  });
});
