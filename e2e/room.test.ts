/**
 * Phones in the room: a server of its own with a door on a second loopback address, which stands
 * for the hall's network.
 */
import type { ChildProcess } from "node:child_process";
import { rmSync } from "node:fs";
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freePort } from "../scripts/machine/ports.mjs";
import { answers, roomBetween, serveRoom, serveWeb } from "../scripts/machine/serve.mjs";
import { violations, widerThanScreen } from "./accessibility.ts";
import { byText, find, openWindow, press, type Window, waitFor } from "./browser.ts";
import { choose, demoClass, fetchText, openDemo, setField } from "./journey.ts";

const [HALL, HOTSPOT] = ["127.0.0.2", "127.0.0.3"];
const between = roomBetween();
let [host, phone]: Window[] = [];
let server: ChildProcess;
let door: ChildProcess;
let [port, roomPort] = [0, 0];
let [base, teach, typed] = ["", "", ""];

const open = (wanted: string) => {
  door = serveRoom({ ...between, wanted, port: roomPort, webPort: port });
};
const shut = async () => {
  const gone = new Promise((resolve) => door.once("exit", resolve));
  door.kill("SIGTERM");
  await gone;
};
const hosts = () => host?.driver as WebDriver;
const phones = () => phone?.driver as WebDriver;
const body = async (driver: WebDriver) => (await driver.findElement(By.css("body"))).getText();

beforeAll(async () => {
  [port, roomPort] = [await freePort(), await freePort()];
  base = `http://127.0.0.1:${port}`;
  const databaseUrl = process.env.ELM_DATABASE_URL ?? "";
  server = serveWeb({ databaseUrl, port, room: between, demo: true, quiet: true });
  await answers(`${base}/sign-in`, server);
  [host, phone] = await Promise.all([openWindow(), openWindow(390, 844)]);
  await openDemo(hosts());
  teach = `${(await demoClass(hosts(), "Seed tins")).replace(/^http:\/\/[^/]+/u, base)}/teach`;
});
afterAll(async () => {
  door?.kill("SIGTERM");
  server?.kill("SIGTERM");
  await Promise.all([host?.close(), phone?.close()]);
  rmSync(between.folder, { recursive: true, force: true });
});

describe("without a door", () => {
  it("Teach says that no phone can come in, and how it is opened", async () => {
    await hosts().get(teach);
    expect(await (await find(hosts(), By.css("[data-room]"))).getText()).toContain("no phone");
    await press(hosts(), byText("a", "Let the phones in"));
    await find(hosts(), byText("h1", "Phones in the room"));
    expect(await body(hosts())).toContain("npm start -- --room");
    expect(await violations(hosts())).toEqual([]);
  });
});

describe("with a door", () => {
  it("link, picture and the code to type are those of the room", async () => {
    open(HALL);
    await waitFor(async () => {
      await hosts().get(teach);
      const link = await hosts().findElement(By.css("[data-follow-link]"));
      return ((await link.getAttribute("href")) ?? "").startsWith(`http://${HALL}:${roomPort}/f/`);
    }, "Teach does not show the room's address");
    typed = await (await find(hosts(), By.css("[data-room] b"))).getText();
    expect(typed).toMatch(new RegExp(`^${HALL}:${roomPort}/[a-z2-9]{5}$`, "u"));
  });

  it("the stage shows on the wall how to come in, before it begins", async () => {
    await hosts().get(teach.replace("/classes/", "/live/").replace("/teach", "?view=projector"));
    const join = await find(hosts(), By.css("[data-join]"));
    expect(await join.getText()).toContain(typed);
    expect(await violations(hosts())).toEqual([]);
  });

  it("a phone types the code, wrong and right, and is in the class", async () => {
    await phones().get(`http://${HALL}:${roomPort}/`);
    await find(phones(), byText("h1", "Follow your class"));
    expect(await violations(phones())).toEqual([]);
    expect(await widerThanScreen(phones())).toBe(0);
    await setField(phones(), "#code", "zzzzz");
    await press(phones(), byText("button", "Go to the class"));
    await find(phones(), By.css("[role=alert]"));
    expect(await body(phones())).toContain("zzzzz");
    await setField(phones(), "#code", (typed.split("/")[1] ?? "").toUpperCase());
    await press(phones(), byText("button", "Go to the class"));
    await choose(phones(), "You are", "4");
    await find(phones(), By.css("main svg path"));
  });

  it("what is pressed reaches the host, and the host sees that phones are there", async () => {
    await press(phones(), byText("button", "All here"));
    await find(phones(), byText("p", "knows that you have everything"));
    await hosts().get(teach);
    await waitFor(
      async () => /connections? from/u.test(await body(hosts())),
      "nobody is seen to be connected",
    );
  });

  it("nothing of the desk answers there, nor what the code opens answers elsewhere", async () => {
    for (const path of ["/sign-in", "/classes", "/room", "/live/x", "/bench/x", "/settings"]) {
      const answer = await fetch(`http://${HALL}:${roomPort}${path}`, { redirect: "manual" });
      expect([path, answer.status]).toEqual([path, 404]);
    }
    const code = typed.split("/")[1];
    const inside = await fetch(`http://${HALL}:${roomPort}/${code}`, { redirect: "manual" });
    expect(inside.headers.get("location")).toMatch(/^\/f\/[a-z2-9]{12}$/u);
    const elsewhere = await fetch(`${base}/r/${code}`, {
      redirect: "manual",
      headers: { "x-elm-room": "guessed" },
    });
    expect(elsewhere.status).toBe(404);
    expect((await fetch(`${base}/room/state`)).status).toBe(401);
    expect((await fetchText(hosts(), `${base}/room/state`)).text).toContain(HALL);
  });

  it("a door that goes: the page holds on and keeps what is pressed; another network, another link", async () => {
    await shut();
    await press(phones(), byText("button", "Something is missing"));
    await press(phones(), byText("button", "Tell the host"));
    await waitFor(async () => (await body(phones())).includes("waits"), "nothing waits");
    await hosts().get(`${base}/room`);
    open(HOTSPOT);
    await waitFor(async () => {
      await hosts().get(`${base}/room`);
      return (await body(hosts())).includes(`${HOTSPOT}:${roomPort}`);
    }, "the new network's address is not shown");
    expect(await violations(hosts())).toEqual([]);
    await shut();
    open(HALL);
    await waitFor(
      async () => (await body(phones())).includes("knows what is missing"),
      "what waited was not told when the door was open again",
      60_000,
    );
    // A page that is open sees by itself that the network is another one.
    await waitFor(
      async () => (await body(hosts())).includes(`${HALL}:${roomPort}`),
      "the open page did not follow the network",
    );
  });
});
