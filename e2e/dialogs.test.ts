import { By, Key, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import {
  byText,
  find,
  openWindow,
  press,
  setOnline,
  setViewport,
  unfold,
  type Window,
  waitFor,
} from "./browser.ts";
import {
  addToDesign,
  choiceLink,
  choose,
  demoClass,
  lettered,
  openDemo,
  openPart,
} from "./journey.ts";

let window: Window;
let tins = "";
beforeAll(async () => {
  window = await openWindow();
  await openDemo(window.driver);
  tins = await demoClass(window.driver, "Seed tins");
});
afterAll(() => window.close());

const close = async (driver: WebDriver) => {
  await driver.actions().sendKeys(Key.ESCAPE).perform();
  await waitFor(
    async () => (await driver.findElements(By.css("[role=dialog]"))).length === 0,
    "the dialog stayed",
  );
};

describe("what opens over the page passes the accessibility rules, and closes by key", () => {
  it.each([
    ["one seat", "[data-seat='1'] button", null],
    ["the fonts", '[aria-label^="Font of name"]', "name"],
  ] as const)("%s", async (_, selector, part) => {
    const { driver } = window;
    await driver.get(`${tins}/letter`);
    await lettered(driver, 14);
    if (part) await openPart(driver, part);
    await press(driver, By.css(selector));
    await find(driver, By.css("[role=dialog]"));
    await driver.sleep(500);
    expect(await violations(driver)).toEqual([]);
    await close(driver);
  });

  it("art", async () => {
    const { driver } = window;
    await addToDesign(driver, "Art");
    await find(driver, By.css("[role=dialog]"));
    expect(await violations(driver)).toEqual([]);
    await close(driver);
  });
});

describe("by keyboard", () => {
  const focused = (driver: WebDriver) =>
    driver.executeScript<string>(
      "return document.activeElement.getAttribute('aria-label') ?? document.activeElement.textContent",
    );

  it("a dialog gives the focus back to what opened it", async () => {
    const { driver } = window;
    await driver.get(`${tins}/letter`);
    await lettered(driver, 14);
    const opener = await find(
      driver,
      By.xpath("//button[@aria-expanded='false'][normalize-space(.)='Add']"),
    );
    await driver.executeScript("arguments[0].focus()", opener);
    await driver.actions().sendKeys(Key.ENTER).perform();
    await find(driver, byText("button", "A line for each seat"));
    // Past the three kinds of lines to art.
    await driver.actions().sendKeys(Key.TAB, Key.TAB, Key.TAB, Key.TAB, Key.ENTER).perform();
    await find(driver, By.css("[role=dialog]"));
    await close(driver);
    await waitFor(async () => (await focused(driver)).includes("Add"), "the focus is lost");
  });

  it("without network a sum that was never opened comes when the network is back; the page stays, and the focus", async () => {
    const { driver } = window;
    await driver.get(`${tins}/cut`);
    const figure = await find(driver, By.css(".reckoned"));
    const name = await figure.getAttribute("aria-label");
    await driver.executeScript("arguments[0].focus()", figure);
    await setOnline(driver, false);
    try {
      await driver.actions().sendKeys(Key.ENTER).perform();
      await find(driver, byText("p", "it comes when the network is back"));
      expect(await figure.isDisplayed()).toBe(true);
    } finally {
      await setOnline(driver, true);
    }
    await find(driver, By.css("[role=dialog]"));
    await close(driver);
    await waitFor(async () => (await focused(driver)) === name, "the focus is lost");
  });

  it("single keys go to a station until they are switched off, also after a reload; the list of keys is reached without them", async () => {
    const { driver } = window;
    const at = async () => (await driver.getCurrentUrl()).split("/").pop();
    await driver.get(`${tins}/plan`);
    await find(driver, By.css("[aria-current=page]"));
    await driver.actions().sendKeys("2").perform();
    await waitFor(async () => (await at()) === "measure", "2 did not go to Measure");
    await driver.actions().sendKeys("?").perform();
    const box = await find(
      driver,
      By.xpath("//*[@role='dialog']//label[contains(., 'Single keys')]//input"),
    );
    expect(await violations(driver)).toEqual([]);
    await driver.executeScript("arguments[0].click()", box);
    await close(driver);
    await driver.navigate().refresh();
    await find(driver, By.css("[aria-current=page]"));
    await driver.sleep(400);
    await driver.actions().sendKeys("1").sendKeys("?").perform();
    await driver.sleep(600);
    expect(await at()).toBe("measure");
    expect(await driver.findElements(By.css("[role=dialog]"))).toEqual([]);
    await driver.executeScript(
      "arguments[0].focus()",
      await find(driver, By.xpath("//nav[@aria-label='Stations']//button[.='Keys']")),
    );
    await driver.actions().sendKeys(Key.ENTER).perform();
    await driver.executeScript(
      "arguments[0].click()",
      await find(driver, By.xpath("//*[@role='dialog']//label[contains(., 'Single keys')]//input")),
    );
    await close(driver);
  });

  it("on a narrow screen the thread of stations shows the one that is open", async () => {
    const { driver } = window;
    await setViewport(driver, 360, 780);
    await driver.get(`${tins}/teach`);
    const seen = () =>
      driver.executeScript<boolean>(
        "const b = document.querySelector('nav[aria-label=Stations] [aria-current=page]')?.getBoundingClientRect(); return !!b && b.left >= 0 && b.right <= innerWidth + 30",
      );
    await waitFor(seen, "the station lies outside of the screen");
    await setViewport(driver, 1280, 800);
  });
});

describe("curved blanks", () => {
  it.each([
    ["Terracotta", "Laid flat"],
    ["Glass cloche", "Where it creases"],
  ])("%s: both drawings pass, with every part of the form open", async (title, second) => {
    const { driver } = window;
    await driver.get(`${await demoClass(driver, title)}/measure`);
    await find(driver, By.css("figure svg"));
    await unfold(driver);
    expect(await violations(driver)).toEqual([]);
    await press(driver, byText("button", second));
    await driver.sleep(400);
    expect(await violations(driver)).toEqual([]);
  });
});

describe("the page on which participants choose", () => {
  it("passes, fits a phone of 360 px, and is used by keyboard alone", async () => {
    const { driver } = window;
    await driver.get(`${tins}/letter`);
    const link = await choiceLink(driver);
    await setViewport(driver, 360, 780);
    await driver.get(link);
    await choose(driver, "You are", "2");
    await find(driver, By.css("main svg"));
    expect(await violations(driver)).toEqual([]);
    expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
    const name = await find(driver, By.xpath("//label[contains(., 'name')]//input"));
    await name.sendKeys(Key.chord(Key.CONTROL, "a"), "Maximiliane-Theodora von und zu Hohenstein");
    await driver.sleep(1500);
    expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
    await driver.actions().sendKeys(Key.TAB, Key.TAB).perform();
    expect(await driver.executeScript("return document.activeElement.tagName")).toMatch(
      /INPUT|BUTTON/u,
    );
    await setViewport(driver, 1280, 800);
  });
});

describe("Measure and Letter on a small tablet", () => {
  it.each(["measure", "letter"])("%s is no wider than the screen", async (station) => {
    const { driver } = window;
    await setViewport(driver, 768, 1024);
    await driver.get(`${tins}/${station}`);
    await find(driver, By.css("main h2"));
    await driver.sleep(600);
    expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
    await setViewport(driver, 1280, 800);
  });
});
