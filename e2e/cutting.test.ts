/**
 * The Cut station and the cutter stand-in: looked at, sent, watched, broken off, and back at the
 * truth.
 */
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, emptyScrapBox, fetchText, makeClass, openDemo, SECOND, saved } from "./journey.ts";

let window: Window;
let driver: WebDriver;
let address = "";
const CUTTER_PAGE = process.env.ELM_CUTTER_PAGE ?? "";
const NAMES = ["Ines", "Øyvind", "Bartholomew", "Mette", "Tomasz", "Ruairí"];

const text = async (): Promise<string> => (await find(driver, By.css("main"))).getText();
const shows = (words: string, message = `"${words}" was not shown`) =>
  waitFor(async () => (await text()).includes(words), message, 40_000);
const fault = (name: string) =>
  fetch(`${CUTTER_PAGE}/fault/${name}`, { method: "POST", redirect: "manual" });

/** Ticks every question and gives a reason for every stop. */
async function lookAtEverything(): Promise<void> {
  for (const box of await driver.findElements(
    By.css("[aria-label='At the cutter'] input[type=checkbox]:not(:checked)"),
  ))
    await box.click();
  for (const input of await driver.findElements(By.css("[aria-label^='Reason to go on']"))) {
    await input.clear();
    await input.sendKeys("tried on a rest yesterday");
  }
}

beforeAll(async () => {
  window = await openWindow();
  driver = window.driver;
  await openDemo(driver);
  // Other classes leave scraps of the same film: here it begins on a fresh sheet.
  await emptyScrapBox(driver, "H-");
  address = (await makeClass(driver, "Tins to cut", NAMES)).replace(/\/letter$/u, "");
  await driver.get(`${address}/cut`);
  await shows("Before you press start");
});

afterAll(() => window.close());

describe("the Cut station", () => {
  it("does not send a load before everything is looked at", async () => {
    await press(driver, byText("button", "Send to cutter"));
    await shows("still open before you press start");
    expect(await driver.findElements(By.css("progress"))).toHaveLength(0);
  });

  it("keeps the setting that a test cut found", async () => {
    await press(driver, byText("button", "Test cut first"));
    await press(driver, byText("button", "Cut the squares"));
    await find(driver, byText("p", "The squares are being cut."));
    await waitFor(
      async () => (await (await fetch(CUTTER_PAGE)).text()).includes("15 of 15 pieces"),
      "the test squares were not cut",
    );
    await press(driver, By.css("[aria-label='Force 120 g at 42 mm/s lifts clean']"));
    await shows("Force 120 g and 42 mm/s, as the last test cut found.");
    const file = await fetchText(driver, `${address}/files/test-cut.hpgl`);
    expect(file.text.match(/^FS\d+;$/gmu)).toHaveLength(15);
  });

  it("passes the accessibility check and lays the kits another way, which can be undone", async () => {
    expect(await violations(driver)).toEqual([]);
    const before = await (await find(driver, By.css("figure svg"))).getAttribute("aria-label");
    await press(driver, byText("label", "Tight, least vinyl"));
    await saved(driver);
    await waitFor(
      async () =>
        (await (await find(driver, By.css("figure svg"))).getAttribute("aria-label")) !== before,
      "the kits were not laid anew",
    );
    await press(driver, byText("button", "Undo:"));
    await waitFor(
      async () =>
        (await (await find(driver, By.css("figure svg"))).getAttribute("aria-label")) === before,
      "the layout was not put back",
    );
  });

  it("power loss in the middle: what is cut is known, also by the other server, and the rest is offered", async () => {
    await driver.get(`${address}/cut`);
    await shows("Before you press start");
    // The test squares are still in.
    await press(driver, byText("button", "Take the film out of the cutter"));
    await press(driver, byText("button", "Load the film"));
    await shows("In the cutter: film of");
    await lookAtEverything();
    await press(driver, byText("button", "Send to cutter"));
    await waitFor(async () => /Cutting: [1-9]\d* of/u.test(await text()), "nothing was cut");
    await press(driver, byText("button", "Pause"));
    await shows("Paused at");
    await fault("powerLoss");
    await press(driver, byText("button", "Go on cutting"));
    await shows("The cutter lost its power.");
    const done = Number(/(\d+) of \d+ pieces are cut/u.exec(await text())?.[1]);
    expect(done).toBeGreaterThan(0);
    await driver.get(`${address.replace(BASE, SECOND)}/cut`);
    await shows(`${done} of`);
    await driver.get(`${address}/cut`);
    await find(driver, byText("button", "Cut the rest"));
  });

  it("cuts the rest, and then the kits are cut and the left-over sheet is in the scrap box", async () => {
    await lookAtEverything();
    await press(driver, byText("button", "Cut the rest"));
    await shows("This load is cut.");
    await shows("Came through, of what was planned");
    await press(driver, byText("button", "Take the film out of the cutter"));
    await waitFor(
      async () =>
        (await driver.findElements(byText("button", "Take the film out of the cutter"))).length ===
        0,
      "the film is still in",
    );
    await driver.get(`${address}/weed`);
    await shows("Bartholomew");
    await driver.get(`${BASE}/shelf?tab=scraps`);
    await find(driver, By.css("[aria-label^='Scrap H-']"));
  });

  it("a dull blade leaves small pieces that a second pass cuts", async () => {
    await driver.get(
      `${(await makeClass(driver, "Dull tins", ["Ji", "Zoë"])).replace(/\/letter$/u, "")}/cut`,
    );
    await shows("Before you press start");
    await lookAtEverything();
    await fault("dullBlade");
    await press(driver, byText("button", "Send to cutter"));
    await shows("not through");
    await shows("The blade is dull");
    await lookAtEverything();
    await press(driver, byText("button", "Cut the rest"));
    await shows("This load is cut.");
  });

  it("goes on at 360 px, and a wrong load number shows the first", async () => {
    await driver.get(`${address}/cut?load=99`);
    await shows("This load is cut.");
    await setViewport(driver, 360, 740);
    expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
  });
});
