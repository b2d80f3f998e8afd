import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, demoClass, lettered, makeClass, openDemo } from "./journey.ts";

const STATIONS = [
  "plan",
  "measure",
  "letter",
  "cut",
  "weed",
  "pack",
  "teach",
  "look-back",
] as const;
let window: Window;
let tins = "";
beforeAll(async () => {
  window = await openWindow();
  await openDemo(window.driver);
  tins = await demoClass(window.driver, "Seed tins");
});
afterAll(() => window.close());

describe("each view passes the accessibility rules (WCAG 2.2 AA)", () => {
  it.each([
    "/",
    "/classes",
    "/classes/new",
    "/projects",
    "/reckoner",
    "/shelf",
    "/shelf?tab=scraps",
    "/shelf?tab=tools",
    "/shelf?tab=trials",
    "/shelf/shopping",
    "/logbook",
    "/settings",
  ])("%s", async (path) => {
    await window.driver.get(`${BASE}${path}`);
    await find(window.driver, By.css("h1"));
    expect(await violations(window.driver)).toEqual([]);
    expect(await widerThanScreen(window.driver)).toBeLessThanOrEqual(0);
  });

  it("a project with its variants, and the sheet on which one is changed", async () => {
    const { driver } = window;
    await driver.get(`${BASE}/projects`);
    await waitFor(
      async () => !(await (await find(driver, By.css("main"))).getText()).includes("being drawn"),
      "they were not drawn",
      60_000,
    );
    await press(driver, By.css("[aria-label='Variants of Seed tins for the allotment society']"));
    await find(driver, By.css("[data-variant='Autumn'] dl"));
    expect(await violations(driver)).toEqual([]);
    await press(driver, By.css("[aria-label='Change Autumn']"));
    await find(driver, By.css("[role='dialog']"));
    expect(await violations(driver)).toEqual([]);
  });

  it.each(STATIONS)("station %s", async (station) => {
    await window.driver.get(`${tins}/${station}`);
    await find(window.driver, By.css("main h2"));
    if (station === "letter") await lettered(window.driver, 14);
    expect(await violations(window.driver)).toEqual([]);
  });

  it("the live view and the page for participants, also at 360 px", async () => {
    const { driver } = window;
    await driver.get(tins.replace("/classes/", "/live/"));
    await find(driver, By.css("h1"));
    expect(await violations(driver)).toEqual([]);
    await driver.get(`${tins}/teach`);
    const link =
      (await (await find(driver, By.css("[data-follow-link]"))).getAttribute("href")) ?? "";
    await setViewport(driver, 360, 780);
    await driver.get(link);
    await find(driver, By.css("h1"));
    expect(await violations(driver)).toEqual([]);
    expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
    await setViewport(driver, 1280, 800);
  });
});

describe("by keyboard alone", () => {
  it("1 to 8 go to the stations, and ? tells the keys", async () => {
    const { driver } = window;
    await driver.get(`${tins}/plan`);
    for (const [i, station] of STATIONS.entries()) {
      await waitFor(
        async () => {
          await driver
            .actions()
            .sendKeys(String(i + 1))
            .perform();
          await driver.sleep(200);
          return (await driver.getCurrentUrl()).endsWith(`/${station}`);
        },
        `key ${i + 1} did not lead to ${station}`,
      );
      await find(driver, By.css("main h2"));
    }
    await driver.actions().sendKeys("?").perform();
    await find(driver, byText("h2", "Keys"));
    await driver.actions().sendKeys(Key.ESCAPE).perform();
    await waitFor(
      async () => (await driver.findElements(By.css("[role=dialog]"))).length === 0,
      "the list of keys stayed",
    );
  });

  it("a figure opens to its sum and closes, focus comes back", async () => {
    const { driver } = window;
    await driver.get(`${tins}/measure`);
    const figure = await find(driver, By.css(".reckoned"));
    await driver.executeScript("arguments[0].focus()", figure);
    await driver.actions().sendKeys(Key.ENTER).perform();
    const drawer = await find(driver, By.css("[role=dialog]"));
    expect(await drawer.getText()).toContain("radius");
    await driver.actions().sendKeys(Key.ESCAPE).perform();
    await waitFor(
      async () =>
        (await driver.executeScript("return document.activeElement.className")) ===
        (await figure.getAttribute("class")),
      "focus was lost",
    );
  });

  it("digits typed into a field stay in the field", async () => {
    const { driver } = window;
    await driver.get(`${tins}/plan`);
    const title = await find(driver, By.css("main input"));
    await title.sendKeys("4");
    await driver.sleep(300);
    expect(await driver.getCurrentUrl()).toContain("/plan");
    await title.sendKeys(Key.BACK_SPACE);
  });
});

describe("drawings are true", () => {
  it("the blank on screen has the proportion of its measures", async () => {
    const { driver } = window;
    const address = await makeClass(driver, "Proportion", ["Ines"], ["7 3/4 in", "19 cm"]);
    await driver.get(`${address}/measure`);
    await find(driver, By.css("[data-part=blank]"));
    const box = (await driver.executeScript(
      "const r = document.querySelector('[data-part=blank]').getBoundingClientRect(); return [r.width, r.height]",
    )) as [number, number];
    expect(box[0] / box[1]).toBeCloseTo(196.85 / 190, 2);
  });

  it("a length typed in inches changes the face, and a senseless one is refused in place", async () => {
    const { driver } = window;
    const width = await find(driver, By.xpath("//label[.='Width']/following::input[1]"));
    await width.sendKeys(Key.chord(Key.CONTROL, "a"), "3 1/2", Key.ENTER);
    await find(driver, byText("span", "89 mm × 190 mm"));
    await width.sendKeys(Key.chord(Key.CONTROL, "a"), "wide", Key.ENTER);
    expect(await (await find(driver, By.css("[role=alert]"))).getText()).toContain("5 1/2 in");
  });
});

describe("many seats", () => {
  it("two hundred names are lettered, cut and answered for", async () => {
    const { driver } = window;
    const names = Array.from(
      { length: 200 },
      (_, i) =>
        `${["Ines", "Bo", "Théo", "Anneliese", "Øyvind"][i % 5]} ${String.fromCharCode(65 + (i % 26))}`,
    );
    const address = await makeClass(driver, "Two hundred", names);
    await lettered(driver, 200);
    expect((await driver.findElements(By.css("[data-seat]"))).length).toBe(60);
    await driver.get(`${address}/cut`);
    await find(driver, byText("h2", "Loads, in this order"));
    const bytes = await driver.executeScript("return document.documentElement.outerHTML.length");
    expect(Number(bytes)).toBeLessThan(1_000_000);
    await press(driver, byText("a", "2 · Harbour gloss"));
    await waitFor(
      async () => (await driver.getCurrentUrl()).includes("load=2"),
      "the second load did not open",
    );
  });
});
