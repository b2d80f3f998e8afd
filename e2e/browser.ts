/** A headless Chromium with a true viewport. */
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import {
  Browser,
  Builder,
  By,
  error,
  until,
  type WebDriver,
  type WebElement,
} from "selenium-webdriver";
import chrome from "selenium-webdriver/chrome.js";

process.env.SE_OFFLINE = "true";

export interface Window {
  readonly driver: WebDriver;
  close(): Promise<void>;
}

export const WAIT_MS = 20_000;

export async function openWindow(width = 1280, height = 800, downloads?: string): Promise<Window> {
  const profile = mkdtempSync(join(tmpdir(), "elm-browser-"));
  const options = new chrome.Options();
  options.setChromeBinaryPath("/usr/bin/chromium");
  const flags = [
    "headless=new",
    "disable-gpu",
    "disable-dev-shm-usage",
    "disable-quic",
    "no-first-run",
    "disable-background-networking",
    "disable-component-update",
    "disable-sync",
    "force-device-scale-factor=1",
    "hide-scrollbars",
    `user-data-dir=${profile}`,
    "lang=en-GB",
  ];
  options.addArguments(...flags.map((flag) => `--${flag}`));
  if (process.getuid?.() === 0) options.addArguments("--no-sandbox");
  if (downloads)
    options.setUserPreferences({
      "download.default_directory": downloads,
      "download.prompt_for_download": false,
    });
  const driver = await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder("/usr/bin/chromedriver"))
    .build();
  await setViewport(driver, width, height);
  const get = driver.get.bind(driver);
  // A page is there when what it waits for is there, too: until then a line says what is being
  // done.
  driver.get = async (url) => {
    await get(url);
    await driver
      .wait(async () => (await driver.findElements(By.css(".appears-late"))).length === 0, WAIT_MS)
      .catch(() => undefined);
  };
  return {
    driver,
    close: async () => {
      await driver.quit();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

export async function setViewport(driver: WebDriver, width: number, height: number): Promise<void> {
  await (driver as chrome.Driver).sendDevToolsCommand("Emulation.setDeviceMetricsOverride", {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
}

/** What a window's browser says of the languages its reader knows, as a header has it. */
export async function setLanguage(driver: WebDriver, accepted: string): Promise<void> {
  const devtools = driver as chrome.Driver;
  await devtools.sendDevToolsCommand("Network.enable", {});
  await devtools.sendDevToolsCommand("Network.setExtraHTTPHeaders", {
    headers: { "Accept-Language": accepted },
  });
}

/** Takes the network away from a window, or gives it back. */
export async function setOnline(driver: WebDriver, on: boolean): Promise<void> {
  const devtools = driver as chrome.Driver;
  await devtools.sendDevToolsCommand("Network.enable", {});
  await devtools.sendDevToolsCommand("Network.emulateNetworkConditions", {
    offline: !on,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: -1,
  });
}

export async function shoot(driver: WebDriver, file: string): Promise<void> {
  writeFileSync(file, Buffer.from(await driver.takeScreenshot(), "base64"));
}

export const byText = (tag: string, text: string) =>
  By.xpath(`//${tag}[contains(normalize-space(.), ${quoted(text)})]`);
const quoted = (text: string): string => (text.includes("'") ? `"${text}"` : `'${text}'`);

const MOST_TRIES = 5;

/**
 * What is drawn anew between being found and being used is found again; a press that found nothing
 * has pressed nothing.
 */
async function again<T>(work: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await work();
    } catch (trouble) {
      if (tries >= MOST_TRIES || !(trouble instanceof error.StaleElementReferenceError))
        throw trouble;
    }
  }
}

export async function find(driver: WebDriver, locator: By): Promise<WebElement> {
  return again(async () => {
    const element = await driver.wait(until.elementLocated(locator), WAIT_MS);
    return driver.wait(until.elementIsVisible(element), WAIT_MS);
  });
}

export async function press(driver: WebDriver, locator: By): Promise<void> {
  await again(async () => {
    const element = await find(driver, locator);
    await driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", element);
    await driver.wait(until.elementIsEnabled(element), WAIT_MS);
    await hears(driver, element);
    await element.click();
  });
}

const DEAF_MS = 5000;

/**
 * What the server has drawn shows before its script has come, and what is pressed or typed is lost
 * until then: a person sees that nothing happened and does it once more. Where no script will ever come, it is
 * tried all the same.
 */
export async function hears(driver: WebDriver, element: WebElement): Promise<void> {
  const awake = () =>
    driver.executeScript<boolean>(
      "return Object.keys(arguments[0]).some((key) => key.startsWith('__react'))",
      element,
    );
  await driver.wait(awake, DEAF_MS).catch((trouble: unknown) => {
    if (!(trouble instanceof error.TimeoutError)) throw trouble;
  });
}

/** Opens every fold of the page, and those that were drawn within them. */
export async function unfold(driver: WebDriver): Promise<void> {
  const SHUT = By.css("details:not([open])");
  for (let deep = 0; deep < 4; deep++) {
    const shut = await driver.findElements(SHUT);
    if (shut.length === 0) return;
    for (const fold of shut) {
      await hears(driver, fold);
      await driver.executeScript("arguments[0].open = true", fold);
    }
    // What lies within is drawn once its opening was heard.
    await driver.sleep(150);
  }
}

export async function waitFor<T>(
  what: () => Promise<T | false | null | undefined>,
  message: string,
  timeoutMs = WAIT_MS,
): Promise<T> {
  const end = Date.now() + timeoutMs;
  let last: unknown;
  while (Date.now() < end) {
    try {
      const value = await what();
      if (value) return value;
    } catch (error) {
      last = error;
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  throw new Error(`${message}${last instanceof Error ? `: ${last.message.split("\n")[0]}` : ""}`);
}
