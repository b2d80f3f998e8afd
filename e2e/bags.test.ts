/**
 * Bag after bag: what belongs in is put in or noted as lacking, then the bag is closed; a scanner
 * finds the bag of a label.
 */
import { bagCode } from "@elm-basket/core/stock/bag.ts";
import { By, Key, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { demoClass, fetchText, openDemo } from "./journey.ts";

let window: Window;
let driver: WebDriver;
let [classUrl, bags] = ["", ""];
const text = async () => (await driver.findElement(By.css("body"))).getText();
const count = async () => (await (await find(driver, By.css("[data-bag-count]"))).getText()).trim();
const mainIs = (word: string) =>
  find(driver, By.xpath(`//button[@data-main][contains(., "${word}")]`));

beforeAll(async () => {
  window = await openWindow();
  driver = window.driver;
  await openDemo(driver);
  classUrl = await demoClass(driver, "Seed tins");
  bags = classUrl.replace("/classes/", "/bags/");
}, 120_000);
afterAll(() => window.close());

describe("a bag", () => {
  it("closes when each line is in or its lack is noted, and the lack stays", async () => {
    await driver.get(`${bags}?bag=1`);
    await find(driver, byText("h2", "Zoë-Maëlys"));
    expect(await violations(driver)).toEqual([]);
    const lines = Number(/0 of (\d+)/u.exec(await count())?.[1]);
    expect(lines).toBeGreaterThan(4);
    await press(driver, By.css("[aria-label='Note that Twine or cord is lacking']"));
    await press(driver, byText("button", "none left"));
    await waitFor(async () => (await count()) === `1 of ${lines}`, "the lack was not noted");
    await mainIs("All the rest in");
    await (await find(driver, By.css("body"))).sendKeys(" ");
    await waitFor(async () => (await count()) === `${lines} of ${lines}`, "not all is in");
    await press(driver, By.xpath("//button[@data-main][contains(., 'Close it')]"));
    await waitFor(
      async () => !(await driver.getCurrentUrl()).endsWith("bag=1"),
      "the next bag did not come",
    );
    await driver.get(`${classUrl}/pack`);
    await find(driver, byText("h2", "1 of 14 bags closed"));
    await find(driver, byText("h3", "1 thing is lacking"));
    await find(driver, byText("li", "Twine or cord, none left"));
    // It comes in after all: the note goes, the bag stays closed.
    await driver.get(`${bags}?bag=1`);
    await press(driver, By.css("[aria-label='Put in Twine or cord']"));
    await waitFor(async () => !(await text()).includes("lacking"), "the lack is still noted");
    await driver.get(`${classUrl}/pack`);
    await find(driver, byText("h2", "1 of 14 bags closed"));
    expect(await text()).not.toContain("is lacking");
    await driver.get(`${bags}?bag=1`);
    await press(driver, byText("button", "Open it again"));
    await mainIs("Close it");
  }, 240_000);

  it("of which a film is not weeded is closed only when that is noted; taken out again, it opens", async () => {
    await driver.get(`${bags}?bag=3`);
    await find(driver, byText("span", "not weeded yet"));
    await press(driver, By.xpath("//button[@data-main][contains(., 'What is ready is in')]"));
    await mainIs("Films are not ready");
    await press(driver, By.css("[data-main]"));
    await waitFor(
      async () => (await text()).includes("Its films are not ready"),
      "nothing was said",
    );
    for (const film of ["Harbour gloss", "Poppy gloss"]) {
      await press(driver, By.css(`[aria-label='Note that ${film} is lacking']`));
      await press(driver, byText("button", "follows later"));
      await find(driver, By.css(`[aria-label='${film} is lacking']`));
    }
    await press(driver, By.xpath("//button[@data-main][contains(., 'Close it')]"));
    await waitFor(
      async () => !(await driver.getCurrentUrl()).endsWith("bag=3"),
      "the next bag did not come",
    );
    await driver.get(`${bags}?bag=3`);
    await find(driver, byText("p", "Closed, with what is lacking noted"));
    await press(driver, By.css("[aria-label='Harbour gloss is lacking']"));
    await waitFor(async () => !(await text()).includes("Closed"), "it is still closed");
  }, 240_000);

  it("is found by the code on its label, as a scanner types it; a foreign code is told", async () => {
    const { title, when } = JSON.parse(
      (await fetchText(driver, `${classUrl}/files/class.json`)).text,
    );
    const type = async (code: string) =>
      (await driver.findElement(By.css("body"))).sendKeys(code, Key.ENTER);
    await type(bagCode({ title, date: when.date }, "9"));
    await waitFor(
      async () => (await driver.getCurrentUrl()).endsWith("bag=9"),
      "the bag of the label did not come",
    );
    await type(bagCode({ title: "Another class", date: when.date }, "5"));
    await waitFor(
      async () => (await text()).includes("That label is of another class"),
      "the other class was not told",
    );
    expect(await driver.getCurrentUrl()).toMatch(/bag=9$/u);
    await type("4006381333931");
    await waitFor(
      async () => (await text()).includes("That is no kit label"),
      "a foreign code was not told",
    );
    await press(driver, byText("button", "Scan a label"));
    await find(driver, byText("h2", "Scan a label"));
    expect(await violations(driver)).toEqual([]);
    await press(driver, By.xpath("//*[@role='dialog']//button[.='Close']"));
  }, 120_000);

  it("fits a phone", async () => {
    await setViewport(driver, 390, 844);
    await driver.get(`${bags}?bag=2`);
    await find(driver, byText("h2", "Bartholomew"));
    await press(driver, byText("button", "All bags"));
    await press(driver, By.xpath("//nav[@aria-label='Bags']//button[contains(., 'Ruairí')]"));
    await find(driver, byText("h2", "Ruairí"));
    expect(
      await driver.executeScript("return document.documentElement.scrollWidth - innerWidth"),
    ).toBeLessThanOrEqual(0);
    await setViewport(driver, 1280, 800);
  }, 120_000);
});
