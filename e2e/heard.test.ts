/**
 * What somebody hears who does not see the screen: what happens by itself, what was pressed, and
 * what went wrong. A reader of the plainest kind stands in for theirs: it reads words that change in
 * a region that was there before, and alerts.
 */
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, it } from "vitest";
import { byText, find, openWindow, press, setOnline, type Window, waitFor } from "./browser.ts";
import { BASE, choose, makeClass, openDemo, saved } from "./journey.ts";

let host: Window;
let phone: Window;
let address = "";

beforeAll(async () => {
  [host, phone] = await Promise.all([openWindow(), openWindow(390, 844)]);
  await openDemo(host.driver);
  address = (await makeClass(host.driver, "Heard", ["Ines", "Bo", "Mette"])).replace(
    /\/letter$/u,
    "",
  );
});
afterAll(async () => {
  await Promise.all([host.close(), phone.close()]);
});

/** Begins to listen on the page as it is. */
async function listen(driver: WebDriver): Promise<void> {
  await driver.executeScript(`
    window.heard = [];
    const REGIONS = "[role=status], [role=alert], [role=log], [aria-live=polite], [aria-live=assertive]";
    const known = new WeakSet(document.querySelectorAll(REGIONS));
    const words = (element) => element.textContent.replace(/\\s+/gu, " ").trim();
    const say = (text) => { if (text && window.heard.at(-1) !== text) window.heard.push(text); };
    new MutationObserver((changes) => {
      for (const { target, addedNodes } of changes) {
        const region = (target instanceof Element ? target : target.parentElement)?.closest(REGIONS);
        if (region && known.has(region)) say(words(region));
        for (const node of addedNodes) {
          if (!(node instanceof Element)) continue;
          const alerts = [...node.querySelectorAll("[role=alert]"), ...(node.matches("[role=alert]") ? [node] : [])];
          for (const alert of alerts) say(words(alert));
        }
      }
      for (const region of document.querySelectorAll(REGIONS)) known.add(region);
    }).observe(document.body, { childList: true, characterData: true, subtree: true });`);
}

const heard = (driver: WebDriver): Promise<string[]> => driver.executeScript("return window.heard");

async function hears(driver: WebDriver, words: RegExp): Promise<void> {
  let all: string[] = [];
  await waitFor(async () => {
    all = await heard(driver);
    return all.some((one) => words.test(one));
  }, `${words} was not heard`).catch((trouble: Error) => {
    throw new Error(`${trouble.message}; but: ${all.join(" | ")}`);
  });
}

describe("at the desk", () => {
  it("a change is heard as it is saved, and that it waits for the network", async () => {
    const { driver } = host;
    await driver.get(`${address}/teach`);
    await listen(driver);
    await press(driver, byText("button", "Add a step"));
    await hears(driver, /^Not saved yet/u);
    await hears(driver, /^Saved/u);
    await setOnline(driver, false);
    try {
      await press(driver, byText("button", "Add a step"));
      await hears(driver, /^No connection/u);
    } finally {
      await setOnline(driver, true);
    }
    await saved(driver);
    await hears(driver, /^Saved/u);
  });

  it("what is wrong in a form is heard where it was sent", async () => {
    const { driver } = host;
    await driver.get(`${BASE}/classes/new`);
    await listen(driver);
    await press(driver, byText("button", "Make the class"));
    await hears(driver, /title|what it is|film/iu);
  });

  it("a load is heard as it is cut, and when it is done", async () => {
    const { driver } = host;
    await driver.get(`${address}/cut`);
    await listen(driver);
    for (const box of await driver.findElements(
      By.css("[aria-label='At the cutter'] input[type=checkbox]:not(:checked)"),
    ))
      await box.click();
    for (const input of await driver.findElements(By.css("[aria-label^='Reason to go on']")))
      await input.sendKeys("tried on a rest");
    await press(driver, byText("button", "Send to cutter"));
    await hears(driver, /^Cutting/u);
    await hears(driver, /^This load is cut/u);
    await press(driver, byText("button", "Take the film out of the cutter"));
  });

  it("a film is heard to be weeded, and that the network is away", async () => {
    const { driver } = host;
    await driver.get(address.replace("/classes/", "/bench/"));
    await find(driver, By.css("svg[data-zoom]"));
    await listen(driver);
    await press(driver, byText("button", "Start weeding"));
    await press(driver, byText("button", "Done"));
    await hears(driver, /is done\.$/u);
    await setOnline(driver, false);
    try {
      await press(driver, By.css("[data-main]"));
      await hears(driver, /no network/iu);
    } finally {
      await setOnline(driver, true);
    }
  });
});

describe("on a phone", () => {
  it("a step that comes by itself is heard", async () => {
    await host.driver.get(`${address}/teach`);
    const link =
      (await (await find(host.driver, By.css("[data-follow-link]"))).getAttribute("href")) ?? "";
    await phone.driver.get(link);
    await choose(phone.driver, "You are", "2");
    await listen(phone.driver);
    await host.driver.get(address.replace("/classes/", "/live/"));
    await press(host.driver, byText("button", "Begin the class"));
    await press(host.driver, byText("button", "Begin all the same"));
    const step = await (await find(phone.driver, By.css("h1[data-step]"))).getText();
    await hears(phone.driver, new RegExp(`^${step.slice(0, 12)}`, "u"));
  });
});
