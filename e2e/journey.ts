/** Steps that several journeys share: what a host does with hands. */
import { By, Key, until, type WebDriver } from "selenium-webdriver";
import { byText, find, hears, press, unfold, WAIT_MS, waitFor } from "./browser.ts";

export const BASE = process.env.ELM_BASE ?? "http://127.0.0.1:3000";
export const SECOND = process.env.ELM_SECOND ?? BASE;

export async function openDemo(driver: WebDriver, base = BASE): Promise<void> {
  await driver.get(`${base}/sign-in`);
  await press(driver, byText("button", "Open the demo studio"));
  // Right after the server has started, with all else that starts, the first page takes its time.
  await waitFor(
    async () => (await driver.findElements(byText("h1", "Tonight"))).length > 0,
    "Tonight did not come",
    120_000,
  );
}

/** A studio of a newcomer, with nothing in it. */
export async function openNewStudio(
  driver: WebDriver,
  studio: string,
  person: string,
  email: string,
): Promise<void> {
  await driver.get(`${BASE}/sign-in`);
  await unfold(driver);
  const form = "//form[.//input[@name='studio']]";
  for (const [name, value] of Object.entries({
    studio,
    person,
    email,
    password: "eleven herons in a yard",
  }))
    await (await find(driver, By.xpath(`${form}//input[@name='${name}']`))).sendKeys(value);
  await press(driver, By.xpath(`${form}//button[@type='submit' or not(@type)]`));
  await find(driver, byText("h1", "Tonight"));
}

/** Address of a demo class, without the station. */
export async function demoClass(driver: WebDriver, title: string): Promise<string> {
  await driver.get(`${BASE}/classes`);
  const href = (await (await find(driver, By.partialLinkText(title))).getAttribute("href")) ?? "";
  return href.replace(/\/plan$/u, "");
}

export async function type(driver: WebDriver, name: string, text: string): Promise<void> {
  const input = await find(driver, By.css(`[name="${name}"]`));
  await input.clear();
  await input.sendKeys(text);
}

/**
 * Sets a field as the browser does for dates, times and lists of names, whatever the locale of the
 * machine.
 */
export async function setField(driver: WebDriver, selector: string, value: string): Promise<void> {
  const element = await find(driver, By.css(selector));
  await hears(driver, element);
  await driver.executeScript(
    `const [el, value] = arguments;
     const proto = el instanceof HTMLTextAreaElement ? HTMLTextAreaElement.prototype : el instanceof HTMLSelectElement ? HTMLSelectElement.prototype : HTMLInputElement.prototype;
     Object.getOwnPropertyDescriptor(proto, "value").set.call(el, value);
     el.dispatchEvent(new Event("input", { bubbles: true }));
     el.dispatchEvent(new Event("change", { bubbles: true }));`,
    element,
    value,
  );
}

export async function saved(driver: WebDriver): Promise<void> {
  await waitFor(async () => {
    const notes = await driver.findElements(By.css("[data-save-state]"));
    const states = await Promise.all(notes.map((note) => note.getAttribute("data-save-state")));
    return states.length > 0 && states.every((state) => state === "saved");
  }, "the change was not saved");
}

/** All seats drawn by the worker. */
export async function lettered(driver: WebDriver, seats: number): Promise<void> {
  await waitFor(
    async () =>
      (await (await driver.findElement(By.css("main"))).getText()).includes(`${seats} lettered`),
    `${seats} seats were not lettered`,
  );
}

/** Opens a part of the design at Letter, by its name. */
export async function openPart(driver: WebDriver, name: string): Promise<void> {
  await press(
    driver,
    By.xpath(
      `//li[@data-part]//button[@aria-expanded='false'][./span[1][normalize-space(.)='${name}']]`,
    ),
  );
}

/** Something more in the design, by its words in the list that “Add” opens. */
export async function addToDesign(driver: WebDriver, what: string): Promise<void> {
  await press(driver, By.xpath("//button[@aria-expanded='false'][normalize-space(.)='Add']"));
  await press(
    driver,
    By.xpath(`//button[./span[1][normalize-space(.)='${what}'] or @aria-label='${what}']`),
  );
}

/** Link by which participants choose, from the drawer at Letter that is opened for it. */
export async function choiceLink(driver: WebDriver): Promise<string> {
  const shut = By.xpath("//details[not(@open)]/summary[contains(., 'Participants choose')]");
  if ((await driver.findElements(shut)).length > 0) await press(driver, shut);
  const link = await driver.wait(until.elementLocated(By.css("[data-choose-link]")), WAIT_MS);
  return (await link.getAttribute("href")) ?? "";
}

/** A file of the application, fetched with the browser's own session. */
export async function fetchText(
  driver: WebDriver,
  url: string,
): Promise<{ status: number; type: string; text: string }> {
  return driver.executeAsyncScript(
    `const [url, done] = arguments;
     fetch(url).then(async (r) => done({ status: r.status, type: r.headers.get("content-type") ?? "", text: await r.text() })).catch((e) => done({ status: 0, type: "", text: String(e) }));`,
    url,
  );
}

export const NAMES = [
  "Zoë-Maëlys O'Hara",
  "Nguyễn Thị Ánh",
  "Øyvind",
  "Bartholomew",
  "Ines",
  "Jo",
  "Mette",
  "Mette",
  "Tomasz",
  "Siân",
  "Anneliese",
  "Ruairí",
  "Oluwaseun",
  "Ffion",
];

/**
 * Types into a field by its label, or by its spoken name where the label stands at the head of a
 * column, and leaves it.
 */
export async function fill(
  driver: WebDriver,
  label: string,
  text: string,
  within = "",
): Promise<void> {
  const q = label.includes("'") ? `"${label}"` : `'${label}'`;
  const locator = By.xpath(
    `${within}//input[@aria-label=${q}] | ${within}//textarea[@aria-label=${q}] | ${within}//label[normalize-space(.)=${q}]/following::*[self::input or self::textarea][1]`,
  );
  const field = await find(driver, locator);
  await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", field);
  await hears(driver, field);
  await field.sendKeys(Key.chord(Key.CONTROL, "a"), text === "" ? Key.DELETE : text, Key.TAB);
}

interface NewClass {
  readonly title: string;
  readonly names: readonly string[];
  readonly size?: readonly [string, string];
  /** Name of a film on the shelf. */
  readonly film?: string;
}

/** Fills the form of a new class; does not send it. */
export async function fillNewClass(
  driver: WebDriver,
  { title, names, size = ["70 mm", "40 mm"], film = "Harbour gloss" }: NewClass,
): Promise<void> {
  await driver.get(`${BASE}/classes/new`);
  await fill(driver, "Title", title);
  await fill(driver, "Width", size[0]);
  await fill(driver, "Height", size[1]);
  await press(
    driver,
    By.xpath(`//ul[@aria-label='From the shelf']//button[normalize-space(.)='${film}']`),
  );
  await setField(driver, "[aria-label='Names, one a line']", names.join("\n"));
}

/** Makes a class from nothing through the form; ends at its Letter station. */
export async function makeClass(
  driver: WebDriver,
  title: string,
  names: readonly string[],
  size: readonly [string, string] = ["70 mm", "40 mm"],
): Promise<string> {
  await fillNewClass(driver, { title, names, size });
  await press(driver, byText("button", "Make the class"));
  await waitFor(
    async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver.getCurrentUrl()),
    "the class was not made",
  );
  return (await driver.getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
}

/** Chooses in a list by its label, by the value of the choice. */
export async function choose(driver: WebDriver, label: string, value: string): Promise<void> {
  const list = await find(
    driver,
    By.xpath(
      `//select[@aria-label="${label}"] | //label[normalize-space(text()[1])="${label}"]/following::select[1] | //label[normalize-space(text()[1])="${label}"]//select`,
    ),
  );
  await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", list);
  await driver.executeScript(
    `const [el, value] = arguments;
     Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(el, value);
     el.dispatchEvent(new Event("change", { bubbles: true }));`,
    list,
    value,
  );
}

/** Types a length into its field as a host does, and leaves it with Enter. */
export async function typeLength(driver: WebDriver, label: string, text: string): Promise<void> {
  const input = await find(driver, By.xpath(`//label[.="${label}"]/following::input[1]`));
  await input.sendKeys(Key.chord(Key.CONTROL, "a"), text, Key.ENTER);
}

/** Throws away all scraps whose label begins so. */
export async function emptyScrapBox(driver: WebDriver, begin: string): Promise<void> {
  await driver.get(`${BASE}/shelf?tab=scraps`);
  const buttons = () => driver.findElements(By.css(`[aria-label^='Throw scrap ${begin}']`));
  for (let left = await buttons(); left.length > 0; left = await buttons()) {
    await left[0]?.click();
    await waitFor(
      async () => (await buttons()).length < left.length,
      "the scrap was not thrown away",
    );
  }
}
