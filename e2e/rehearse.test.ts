/**
 * A class is rehearsed: what it says, one evening looked at, a way taken and undone, what it takes
 * for granted changed.
 */
import { By, Key, until, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { find, openWindow, type Window } from "./browser.ts";
import { choose, demoClass, openDemo } from "./journey.ts";

let window: Window;
let driver: WebDriver;
let slate = "";

const xpath = (path: string) => find(driver, By.xpath(path));
const text = async (css: string) => (await find(driver, By.css(css))).getText();
/** Played, and every way tried. */
async function rehearsed(): Promise<string> {
  await driver.wait(
    async () =>
      Number(
        await (await find(driver, By.css("[data-rehearsed]"))).getAttribute("data-rehearsed"),
      ) > 0,
    60_000,
  );
  await driver.wait(until.elementLocated(By.css("[data-way]")), 120_000);
  return text("[data-rehearsed] h2");
}

beforeAll(async () => {
  window = await openWindow(1280, 900);
  driver = window.driver;
  await openDemo(driver);
  slate = await demoClass(driver, "Slate");
});
afterAll(async () => window.close());

describe("rehearsing the slate class", () => {
  it("says when nine in ten evenings are over, and where the line is", async () => {
    await driver.get(`${slate}/teach`);
    await (await xpath("//a[normalize-space()='Rehearse']")).click();
    const said = await rehearsed();
    expect(said).toMatch(/Nine times in ten you end by \d\d:\d\d/u);
    expect(said).toContain("heat gun");
  });

  it("plays one evening; a seat that is touched tells its own", async () => {
    const slider = await find(driver, By.css("input[type=range]"));
    await slider.sendKeys(Key.END);
    expect(await text("[data-tally]")).toContain("10 done");
    const seat = await find(driver, By.css("[aria-label='One evening'] button[aria-pressed]"));
    const first = await seat.getAttribute("aria-label");
    // One stop of the Tab key; arrows go from seat to seat.
    await seat.sendKeys(Key.ARROW_RIGHT);
    expect(await seat.getAttribute("aria-label")).not.toBe(first);
    await seat.sendKeys(Key.ENTER);
    expect(await text("[data-seat-evening]")).toMatch(/waits .* in all/u);
  });

  it("a way is taken by one press, rehearsed anew, and undone by one", async () => {
    const before = await text("[data-rehearsed] h2");
    await (await xpath("//li[@data-way='moreTool']//button")).click();
    await driver.wait(async () => (await text("[data-rehearsed] h2")) !== before, 60_000);
    await rehearsed();
    const again = await driver.findElements(
      By.xpath("//li[@data-way='moreTool'][contains(., 'instead of 1')]"),
    );
    expect(again).toHaveLength(0);
    await (await xpath("//button[contains(normalize-space(),'Undo')]")).click();
    await driver.wait(async () => (await text("[data-rehearsed] h2")) === before, 60_000);
  });

  it("what it takes for granted is changed where it is read, and kept", async () => {
    const before = await rehearsed();
    await choose(driver, "The room goes on", "all");
    await driver.wait(async () => (await text("[data-rehearsed] h2")) !== before, 60_000);
    await driver.wait(
      async () =>
        (await driver.findElements(By.xpath("//*[normalize-space()='Saved']"))).length > 0,
      20_000,
    );
    await driver.navigate().refresh();
    await rehearsed();
    expect(
      await (
        await xpath("//label[contains(.,'The room goes on')]/following::select[1]")
      ).getAttribute("value"),
    ).toBe("all");
    await (await xpath("//button[contains(normalize-space(),'Undo')]")).click();
    await driver.wait(async () => (await text("[data-rehearsed] h2")) === before, 60_000);
  });
});
