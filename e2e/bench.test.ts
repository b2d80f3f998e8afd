/**
 * The bench with several hands: two helpers by the link and the host, a server that is killed, a
 * device that loses its network.
 */

import type { ChildProcess } from "node:child_process";
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freePort } from "../scripts/machine/ports.mjs";
import { answers, serveWeb } from "../scripts/machine/serve.mjs";
import { violations } from "./accessibility.ts";
import {
  byText,
  find,
  openWindow,
  press,
  setOnline,
  setViewport,
  type Window,
  waitFor,
} from "./browser.ts";
import { BASE, fill, makeClass, openDemo } from "./journey.ts";

const FILMS = 40;
let windows: Window[] = [];
let port = 0;
let server: ChildProcess;
let own = "";

const serve = async () => {
  const databaseUrl = process.env.ELM_DATABASE_URL ?? "";
  server = serveWeb({ databaseUrl, port, demo: true, quiet: true });
  await answers(`http://127.0.0.1:${port}/sign-in`, server);
};
/** Ends the process at once, as a power cut does. */
const kill = async () => {
  const gone = new Promise((resolve) => server.once("exit", resolve));
  server.kill("SIGKILL");
  await gone;
};
const mainWord = async (driver: WebDriver) =>
  (await driver.findElement(By.css("[data-main]"))).getText();
const filmOf = async (driver: WebDriver) =>
  (await driver.findElement(By.css("[data-main]"))).getAttribute("data-main");
const body = async (driver: WebDriver) => (await driver.findElement(By.css("body"))).getText();
const doneOf = async (driver: WebDriver) =>
  Number(/(\d+) of \d+ films done/u.exec(await body(driver))?.[1] ?? -1);

/** Has a film in hand: what the last round left begun, or the next. */
async function begin(driver: WebDriver): Promise<void> {
  for (let presses = 0; presses < 5 && !(await mainWord(driver)).startsWith("Done"); presses++) {
    await press(driver, By.css("[data-main]"));
    await driver.sleep(400);
  }
  expect(await mainWord(driver)).toMatch(/^Done/u);
}

/**
 * One film after another by the one main act, until there are none, this one has done so many, or
 * all together have.
 */
async function weed(driver: WebDriver, most: number, together = FILMS): Promise<string[]> {
  const done: string[] = [];
  for (let presses = 0; done.length < most && presses < 40 * FILMS; presses++) {
    const word = await mainWord(driver);
    if (word.startsWith("No more") || (await doneOf(driver)) >= together) return done;
    const film = await filmOf(driver);
    await driver.executeScript("document.querySelector('[data-main]').click()");
    await waitFor(
      async () => (await filmOf(driver)) !== film || (await mainWord(driver)) !== word,
      `nothing came of “${word}”`,
    );
    if (word.startsWith("Done") && film) done.push(film);
  }
  return done;
}

beforeAll(async () => {
  port = await freePort();
  await serve();
  windows = await Promise.all([1, 2, 3].map(() => openWindow(1280, 800)));
  const [host] = windows;
  if (!host) throw new Error("no browser");
  await openDemo(host.driver);
  const names = Array.from(
    { length: FILMS },
    (_, i) => `${["Jo", "Bo", "Ida", "Ute"][i % 4]}${String.fromCharCode(97 + (i % 26))}`,
  );
  const made = await makeClass(host.driver, "Forty films", names);
  own = made.replace(BASE, `http://127.0.0.1:${port}`);
  await host.driver.get(`${own}/cut`);
  for (let n = 1; ; n++) {
    await host.driver.get(`${own}/cut?load=${n}`);
    const buttons = await host.driver.findElements(byText("button", `Load ${n} is cut`));
    if (buttons.length === 0) break;
    await press(host.driver, byText("button", `Load ${n} is cut`));
    await waitFor(
      async () =>
        (await host.driver.findElements(byText("button", "Not cut after all"))).length > 0,
      "the load was not marked",
    );
  }
}, 600_000);

afterAll(async () => {
  for (const window of windows) await window.close();
  server?.kill("SIGTERM");
});

describe("three pairs of hands on forty films", () => {
  it("a helper comes by the link, says its name, and sees this bench only", async () => {
    const [host, first, second] = windows.map(({ driver }) => driver) as [
      WebDriver,
      WebDriver,
      WebDriver,
    ];
    await host.get(`${own}/weed`);
    await find(host, byText("h2", `${FILMS} of ${FILMS} films to weed`));
    await press(host, byText("button", "Make a link for helpers"));
    const link = (await (await find(host, By.css("[data-bench-link]"))).getAttribute("href")) ?? "";
    expect(await violations(host)).toEqual([]);
    for (const [driver, name] of [
      [first, "Mette"],
      [second, "Zoë-Maëlys O'Hara of the long lane"],
    ] as const) {
      await driver.get(link);
      await find(driver, byText("h1", "Help to weed"));
      await fill(driver, "Your first name", name);
      await press(driver, byText("button", "To the bench"));
      await find(driver, By.css("[data-main]"));
      await find(driver, By.css("svg[data-zoom]"));
    }
    expect(await violations(first)).toEqual([]);
    await first.get(`${own}/weed`);
    await waitFor(
      async () => (await first.getCurrentUrl()).includes("sign-in"),
      "a helper saw the class",
    );
    await first.get(link);
    await find(first, By.css("[data-main]"));
    await host.get(own.replace("/classes/", "/bench/"));
    await find(host, By.css("svg[data-zoom]"));
    expect(await violations(host)).toEqual([]);
  }, 300_000);

  it("nobody is given what another has; everybody sees it at once", async () => {
    const [host, first] = windows.map(({ driver }) => driver) as [WebDriver, WebDriver];
    await press(first, byText("button", "Start weeding"));
    await waitFor(
      async () => (await body(host)).includes("Mette is on"),
      "the host did not see that",
    );
    // The film that stood first at the host is in another's hands now: the host is led to the next.
    const [taken, next] = [await filmOf(first), await filmOf(host)];
    expect(next).not.toBe(taken);
    // Who asks for it all the same is led on, too.
    await host.get(
      `${own.replace("/classes/", "/bench/")}?film=${encodeURIComponent(taken ?? "")}`,
    );
    await find(host, By.css("svg[data-zoom]"));
    expect(await mainWord(host)).toMatch(/^Next film/u);
    await press(host, By.css("[data-main]"));
    await waitFor(
      async () => (await mainWord(host)).startsWith("Start weeding"),
      "no other film came",
    );
  }, 300_000);

  it("loses nothing and does nothing twice, though the server is killed and a device is away", async () => {
    const [host, first, second] = windows.map(({ driver }) => driver) as [
      WebDriver,
      WebDriver,
      WebDriver,
    ];
    await Promise.all([host, first, second].map((driver) => weed(driver, FILMS, 15)));
    // Two that begin the same film in the same moment: it is one's, and counts once.
    // Twice the same, with a while between: what one did last may not have reached the others yet.
    const seen = async () => (await Promise.all([host, first, second].map(doneOf))).join(" ");
    const agreed = async () => {
      const [at, done = -1] = [await seen(), await doneOf(host)];
      await host.sleep(1500);
      return done >= 15 && at === `${done} ${done} ${done}` && at === (await seen()) && done;
    };
    const before = await waitFor(agreed, "not all saw the same films done");
    // One goes away with a film in hand, finishes it and one more; the server dies meanwhile.
    await begin(second);
    await waitFor(
      async () => (await body(host)).includes("Zoë-Maëlys O'Hara of the long lane is on"),
      "the film in hand was not seen",
    );
    await setOnline(second, false);
    const alone = await weed(second, 2);
    expect(alone).toHaveLength(2);
    await find(second, By.css("[data-offline]"));
    await begin(host);
    // Who is away cannot know what another takes meanwhile: a film of both counts once.
    const all = before + new Set([...alone, await filmOf(host)]).size;
    await kill();
    await press(host, By.css("[data-main]"));
    await find(host, By.css("[data-offline]"));
    await serve();
    await waitFor(
      async () => (await host.findElements(By.css("[data-offline]"))).length === 0,
      "the host did not come back",
    );
    await setOnline(second, true);
    await waitFor(
      async () => (await second.findElements(By.css("[data-offline]"))).length === 0,
      "the device did not come back",
    );
    await waitFor(
      async () => (await Promise.all([host, first, second].map(doneOf))).every((n) => n === all),
      `what was done without network is not there: ${before} before, ${all} expected`,
    );
    await Promise.all([weed(host, FILMS), weed(first, FILMS), weed(second, FILMS)]);
    await waitFor(
      async () => (await Promise.all([host, first, second].map(doneOf))).every((n) => n === FILMS),
      "not all films are done",
    );
    await host.get(`${own}/weed`);
    await find(host, byText("h2", `All ${FILMS} films are weeded`));
    await host.get(`${new URL(own).origin}/logbook?about=weeding`);
    const classId = /[0-9a-f-]{36}/u.exec(own)?.[0];
    const rows = await host.findElements(
      By.xpath(
        `//main//section[./h3//a[contains(@href, '${classId}')]]//li[contains(., 'Kit weeded')]`,
      ),
    );
    expect(rows).toHaveLength(FILMS);
  }, 600_000);

  it("a link that was taken back is of no use, also to who has the page open", async () => {
    const [host, first] = windows.map(({ driver }) => driver) as [WebDriver, WebDriver];
    const link = await first.getCurrentUrl();
    await host.get(`${own}/weed`);
    await press(host, byText("button", "Take it back"));
    await find(host, byText("button", "Make a link for helpers"));
    await first.executeScript("window.dispatchEvent(new Event('online'))");
    await find(first, byText("p", "This link is not in use any more"));
    await first.get(link);
    await waitFor(
      async () => !(await body(first)).includes("films done"),
      "the bench is still there",
    );
  }, 300_000);
});

describe("at the bench alone", () => {
  it("undoes a slip, counts insides, shows the true size, and fits a phone", async () => {
    const [host] = windows.map(({ driver }) => driver) as [WebDriver];
    await host.get(own.replace("/classes/", "/bench/"));
    await find(host, byText("p", "Everything is weeded"));
    await press(host, By.css("nav li label input[type=checkbox]"));
    await press(host, By.css("nav[aria-label='Films'] li button"));
    await find(host, By.css("svg[data-zoom]"));
    await (await find(host, By.css("body"))).sendKeys("u");
    await waitFor(async () => (await doneOf(host)) === FILMS - 1, "it was not taken back");
    await press(host, byText("button", "True size"));
    await press(host, byText("button", "It fits"));
    const scale = Number(
      await (await find(host, By.css("svg[data-scale]"))).getAttribute("data-scale"),
    );
    expect(scale).toBeGreaterThan(2);
    expect(await violations(host)).toEqual([]);
    await press(host, byText("button", "Back to the bench"));
    await press(host, By.css("button[aria-label='Larger']"));
    expect(
      Number(await (await find(host, By.css("svg[data-zoom]"))).getAttribute("data-zoom")),
    ).toBeGreaterThan(1);
    await setViewport(host, 390, 844);
    expect(
      await host.executeScript("return document.documentElement.scrollWidth - innerWidth"),
    ).toBeLessThanOrEqual(0);
    await setViewport(host, 1280, 800);
  }, 300_000);
});
