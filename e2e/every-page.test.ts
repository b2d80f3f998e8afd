/**
 * Every page there is, by the files that make pages: it fits, is hit, is seen to have the focus,
 * and says what it is.
 */
import { readdirSync } from "node:fs";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { find, openWindow, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, choiceLink, demoClass, openDemo } from "./journey.ts";
import { overflowing, scriptBytes, smallTargets, unseenFocus, unspoken } from "./page-measures.ts";

/** From phones to a projector; 640 is a desk at 200 %. */
const WIDTHS = [320, 360, 640, 768, 1024, 1280, 1920];
/** A page is read before all of it works; more than this is felt on a phone. */
const MOST_SCRIPT_BYTES = 200_000;
const APP = new URL("../web/app/", import.meta.url);

/** A page by its folders: groups are no part of an address. */
const PAGES = readdirSync(APP, { recursive: true, encoding: "utf8" })
  .filter((file) => /(^|\/)page\.tsx$/u.test(file))
  .map((file) => `/${file.replace(/(^|\/)page\.tsx$/u, "").replace(/\([^)]*\)\/?/gu, "")}`)
  .sort();

let window: Window;
const known: Record<string, string> = {};

/** Where a page of the demo studio stands. A new kind of page needs its address here. */
function addressOf(page: string): string {
  const address = page.replace(/\/\[[a-z]+\]/gu, (part, at: number) => {
    const found = known[page.slice(0, at)];
    if (found === undefined)
      throw new Error(`No address is known for ${page.slice(0, at)}${part}: add it to this test.`);
    return `/${found}`;
  });
  return `${BASE}${address}`;
}

beforeAll(async () => {
  window = await openWindow();
  const { driver } = window;
  await openDemo(driver);
  const tins = await demoClass(driver, "Seed tins");
  const id = tins.split("/").pop() ?? "";
  for (const under of ["/classes", "/live", "/bags", "/parcels", "/bench"]) known[under] = id;
  known["/join"] = "nolinkatall1";
  await driver.get(`${BASE}/projects`);
  known["/projects"] =
    (await (await find(driver, By.css("main a[href^='/projects/']"))).getAttribute("href"))
      ?.split("/")
      .pop() ?? "";
  await driver.get(`${tins}/letter`);
  known["/c"] = (await choiceLink(driver)).split("/").pop() ?? "";
  await driver.get(`${tins}/teach`);
  known["/f"] =
    (await (await find(driver, By.css("[data-follow-link]"))).getAttribute("href"))
      ?.split("/")
      .pop() ?? "";
});
afterAll(() => window.close());

describe("every page", () => {
  it.each(PAGES)("%s", async (page) => {
    const { driver } = window;
    await setViewport(driver, 1280, 800);
    await driver.get(addressOf(page));
    await find(driver, By.css("h1"));
    await waitFor(
      async () =>
        !(await (await driver.findElement(By.css("body"))).getText()).includes("measuring"),
      "it goes on measuring",
      60_000,
    );
    const bytes = await scriptBytes(driver);
    expect(bytes).toBeGreaterThan(50_000);
    expect(bytes, "scripts of the page, compressed").toBeLessThan(MOST_SCRIPT_BYTES);
    const title = await driver.getTitle();
    expect(title).toMatch(/Elm Basket$|^Seed tins|^Workshop/u);
    if (page.startsWith("/classes/[id]/"))
      expect(title).toMatch(
        /^(Plan|Measure|Letter|Cut|Weed|Pack|Teach|Look back|Rehearse).*Seed tins/u,
      );
    expect(await driver.findElements(By.css("h1")), "one heading of the first rank").toHaveLength(
      1,
    );
    const faults: Record<string, string[]> = {};
    const note = (what: string, found: string[]) =>
      found.length > 0 && Object.assign(faults, { [what]: found });
    note("not spoken", await unspoken(driver));
    note("no focus is seen", await unseenFocus(driver));
    for (const width of WIDTHS) {
      await setViewport(driver, width, 800);
      note(`too wide at ${width}`, await overflowing(driver));
      if (width === 360 || width === 1280)
        note(`too small at ${width}`, await smallTargets(driver));
      if (width === 360) note("rules at 360", await violations(driver));
    }
    expect(faults).toEqual({});
  });
});
