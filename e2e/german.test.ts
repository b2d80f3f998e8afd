/** The desk in its second language: chosen on a device, kept there, and whole on every page. */
import { readdirSync } from "node:fs";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, choose, demoClass, openDemo } from "./journey.ts";
import { overflowing } from "./page-measures.ts";

let window: Window;
let tins = "";
const STATIONS = readdirSync(new URL("../web/app/classes/[id]/", import.meta.url)).filter((name) =>
  ["plan", "measure", "letter", "cut", "weed", "pack", "teach", "look-back", "rehearse"].includes(
    name,
  ),
);

beforeAll(async () => {
  window = await openWindow();
  await openDemo(window.driver);
  tins = await demoClass(window.driver, "Seed tins");
});
afterAll(() => window.close());

describe("German", () => {
  it("is chosen under Your account, at once, and by its own name", async () => {
    const { driver } = window;
    await driver.get(`${BASE}/settings/account`);
    await choose(driver, "Language of this device", "de");
    await find(driver, byText("h1", "Ihr Konto"));
    expect(await (await find(driver, By.css("html"))).getAttribute("lang")).toBe("de");
    expect(await violations(driver)).toEqual([]);
    await driver.get(BASE);
    await find(driver, byText("h1", "Heute Abend"));
  });

  it.each(["/", "/classes", "/projects", "/shelf", "/logbook", "/settings", "/settings/account"])(
    "%s fits a phone and a desk",
    async (page) => {
      const { driver } = window;
      await driver.get(BASE + page);
      await find(driver, By.css("h1"));
      for (const width of [360, 1280]) {
        await setViewport(driver, width, 800);
        expect(await overflowing(driver), String(width)).toEqual([]);
      }
      expect(await violations(driver)).toEqual([]);
    },
  );

  it.each(STATIONS)("station %s is German, fits, and breaks no rule", async (station) => {
    const { driver } = window;
    await setViewport(driver, 1280, 800);
    await driver.get(`${tins}/${station}`);
    await find(driver, By.css("main h2"));
    const nav = await (await find(driver, By.css("nav[aria-label=Stationen]"))).getText();
    expect(nav).toContain("Entgittern");
    await waitFor(
      async () =>
        !/misst …|wird geplant/u.test(await (await find(driver, By.css("main"))).getText()),
      "it goes on measuring",
      60_000,
    );
    for (const width of [360, 1280]) {
      await setViewport(driver, width, 800);
      expect(await overflowing(driver), String(width)).toEqual([]);
    }
    expect(await violations(driver)).toEqual([]);
  });

  it("is this device's alone, and is taken back as it was chosen", async () => {
    const other = await openWindow();
    try {
      await openDemo(other.driver);
      expect(await (await find(other.driver, By.css("html"))).getAttribute("lang")).toBe("en");
    } finally {
      await other.close();
    }
    const { driver } = window;
    await setViewport(driver, 1280, 800);
    await driver.get(`${BASE}/settings/account`);
    await choose(driver, "Sprache dieses Geräts", "en");
    await find(driver, byText("h1", "Your account"));
  });
});
