/**
 * How often a page asks the database: seldom, and no oftener for a hundred and sixty seats than for
 * fourteen. Counted by a server of its own, so that nobody else asks meanwhile.
 */
import type { ChildProcess } from "node:child_process";
import type { WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freePort } from "../scripts/machine/ports.mjs";
import { answers, serveWeb } from "../scripts/machine/serve.mjs";
import { openWindow, type Window } from "./browser.ts";
import { demoClass, openDemo } from "./journey.ts";

/** Questions of one page; three of them belong to each transaction that it makes. */
const MOST = 45;
/** A station reads its class, what has been done of it, and the shelf. */
const MOST_OF_STATION = 80;
/** Classes differ in more than their seats: scraps, what is cut already. */
const OTHER_THINGS = 5;
const STATIONS = ["plan", "letter", "measure", "cut", "weed", "pack", "teach", "look-back"];

let window: Window;
let server: ChildProcess;
let [base, metrics] = ["", ""];
const driver = (): WebDriver => window.driver;

beforeAll(async () => {
  const [port, metricsPort] = [await freePort(), await freePort()];
  base = `http://127.0.0.1:${port}`;
  metrics = `http://127.0.0.1:${metricsPort}/metrics`;
  process.env.ELM_METRICS_PORT = String(metricsPort);
  server = serveWeb({
    databaseUrl: process.env.ELM_DATABASE_URL ?? "",
    port,
    demo: true,
    quiet: true,
  });
  delete process.env.ELM_METRICS_PORT;
  await answers(`${base}/sign-in`, server);
  window = await openWindow();
  await openDemo(driver());
});
afterAll(async () => {
  server?.kill("SIGTERM");
  await window?.close();
});

async function counted(): Promise<number> {
  const text = await (await fetch(metrics)).text();
  return Number(/^elm_queries_total (\d+)$/mu.exec(text)?.[1] ?? Number.NaN);
}

/** Of a page as it is fetched the second time: what a version fixes is known by then. */
async function questions(path: string): Promise<number> {
  const cookie = (await driver().manage().getCookies())
    .map(({ name, value }) => `${name}=${value}`)
    .join("; ");
  const get = async () => {
    const answer = await fetch(`${base}${path}`, { headers: { cookie }, redirect: "manual" });
    expect(answer.status, path).toBe(200);
    await answer.text();
  };
  await get();
  const before = await counted();
  await get();
  return (await counted()) - before;
}

describe("a page asks the database", () => {
  it.each([
    "/",
    "/classes",
    "/classes/new",
    "/projects",
    "/shelf",
    "/shelf/shopping",
    "/logbook",
    "/settings",
    "/settings/account",
  ])("%s: seldom", async (path) => {
    const count = await questions(path);
    expect(count, path).toBeGreaterThan(0);
    expect(count, path).toBeLessThanOrEqual(MOST);
  });

  it("stations: seldom, and for many seats as for few", async () => {
    const pathOf = async (title: string) => new URL(await demoClass(driver(), title)).pathname;
    const [few, many] = [await pathOf("Seed tins"), await pathOf("Night")];
    for (const station of STATIONS) {
      const [ofFew, ofMany] = [
        await questions(`${few}/${station}`),
        await questions(`${many}/${station}`),
      ];
      expect(ofMany, `${station} of 160`).toBeLessThanOrEqual(MOST_OF_STATION);
      expect(ofMany - ofFew, `${station}: ${ofFew} of 14, ${ofMany} of 160`).toBeLessThanOrEqual(
        OTHER_THINGS,
      );
    }
  });
});
