/**
 * A class that goes on: drying is asked about, slips are taken back, people are helped, and a phone
 * without network loses nothing.
 */
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import {
  byText,
  find,
  openWindow,
  press,
  setOnline,
  setViewport,
  type Window,
  waitFor,
} from "./browser.ts";
import { choose, demoClass, openDemo } from "./journey.ts";

let host: Window;
let phone: Window;
let [live, link] = ["", ""];

const stepShown = async (driver: WebDriver) =>
  (await driver.findElements(By.css("h1[data-step]")))[0]?.getAttribute("data-step");
const text = async (driver: WebDriver, css: string) => (await find(driver, By.css(css))).getText();
async function onTo(step: string): Promise<void> {
  await waitFor(async () => {
    if ((await stepShown(host.driver)) === step) return true;
    const wait = await host.driver.findElements(byText("button", "Go there and wait"));
    if (wait[0]) await wait[0].click();
    else await press(host.driver, byText("button", "Next step"));
    await host.driver.sleep(400);
    return false;
  }, `${step} did not come`);
}

beforeAll(async () => {
  [host, phone] = await Promise.all([openWindow(), openWindow(390, 844)]);
  await openDemo(host.driver);
  const slate = await demoClass(host.driver, "Slate");
  await host.driver.get(`${slate}/teach`);
  link = (await (await find(host.driver, By.css("[data-follow-link]"))).getAttribute("href")) ?? "";
  live = slate.replace("/classes/", "/live/");
});
afterAll(async () => {
  await Promise.all([host.close(), phone.close()]);
});

describe("before the class", () => {
  it("a phone shows the own piece and what is laid ready; the host sees who lacks what", async () => {
    await phone.driver.get(link);
    await choose(phone.driver, "You are", "4");
    await find(phone.driver, By.css("main svg path"));
    expect(await violations(phone.driver)).toEqual([]);
    await host.driver.get(live);
    await find(host.driver, byText("p", "Nobody has said yet"));
    await press(phone.driver, byText("button", "Something is missing"));
    await press(phone.driver, byText("button", "Tell the host"));
    await find(phone.driver, byText("p", "knows what is missing"));
    await waitFor(
      async () => (await text(host.driver, "[data-readiness]")).includes("1 lack"),
      "the host does not see it",
    );
    await press(phone.driver, byText("button", "All here"));
    await waitFor(
      async () => /1 of 10 have everything$/mu.test(await text(host.driver, "[data-readiness]")),
      "the host does not see that all is there",
    );
  });
});

describe("the class goes on", () => {
  it("what is not dry is asked about; who goes there waits, on both screens", async () => {
    const { driver } = host;
    await press(driver, byText("button", "Begin the class"));
    await press(driver, byText("button", "Begin all the same"));
    await onTo("seal-edges");
    expect(await text(driver, "[data-waits]")).toMatch(/not before \d\d:\d\d/u);
    await press(driver, byText("button", "Next step"));
    await find(driver, byText("h2", "Dry at"));
    await press(driver, byText("button", "Stay here"));
    expect(await stepShown(driver)).toBe("seal-edges");
    await onTo("coat-1");
    expect(await text(driver, "[data-drying]")).toContain("not before");
    await waitFor(
      async () => (await text(phone.driver, "[data-drying]")).includes("It dries"),
      "the phone does not say that it dries",
    );
    expect(await violations(driver)).toEqual([]);
    expect(await violations(phone.driver)).toEqual([]);
  });

  it("a slip is taken back; something is put in; a note and a flaw are kept", async () => {
    const { driver } = host;
    await press(driver, byText("button", "Leave out"));
    await waitFor(async () => (await stepShown(driver)) === "fan", "nothing was left out");
    await press(driver, byText("button", "Undo"));
    await waitFor(
      async () => (await stepShown(driver)) === "coat-1",
      "the slip was not taken back",
    );
    await press(phone.driver, byText("button", "I'm stuck"));
    await press(phone.driver, byText("button", "I am behind"));
    await find(driver, byText("li", "I am behind"));
    await press(driver, byText("button", "helped"));
    await waitFor(
      async () => (await driver.findElements(byText("li", "I am behind"))).length === 0,
      "it is still said to be stuck",
    );
    await press(driver, byText("button", "Note, flaw"));
    await press(driver, byText("button", "Put something in"));
    await (await find(driver, By.xpath("//label[contains(.,'What is done')]//input"))).sendKeys(
      "Tea",
    );
    await press(driver, byText("button", "After this step"));
    await waitFor(
      async () => (await text(driver, "ol[aria-label='Steps']")).includes("Tea"),
      "tea was not put in",
    );
    await press(driver, byText("button", "Note, flaw"));
    await press(driver, byText("button", "A flaw at a seat"));
    await (await find(driver, By.xpath("//label[contains(.,'Whose')]//select/option[2]"))).click();
    await press(driver, byText("button", "Note it"));
    await waitFor(
      async () => (await driver.findElements(By.css("[role=dialog]"))).length === 0,
      "the dialog stays",
    );
  });

  it("letters steer the stage only where they are wanted, and never on a button that has the focus", async () => {
    const { driver } = host;
    const body = () => find(driver, By.css("body"));
    const isHeld = async () => (await driver.findElements(byText("button", "Go on"))).length > 0;
    const h = async () => {
      await (await body()).sendKeys("h");
      await driver.sleep(700);
    };
    await driver.executeScript("document.activeElement?.blur()");
    await h();
    expect(await isHeld()).toBe(true);
    await h();
    expect(await isHeld()).toBe(false);
    await (await find(driver, byText("button", "Leave out"))).sendKeys("h");
    await driver.sleep(700);
    expect(await isHeld()).toBe(false);
    await driver.executeScript("document.activeElement?.blur()");
    await press(driver, byText("button", "Letter keys on"));
    await driver.executeScript("document.activeElement?.blur()");
    await h();
    expect(await isHeld()).toBe(false);
    await driver.navigate().refresh();
    await press(driver, byText("button", "Letter keys off"));
    await find(driver, byText("button", "Letter keys on"));
    expect(await driver.getTitle()).toBe("Live · Slate house numbers · Elm Basket");
  });

  it("a second phone of one name is not counted until the host lets it in; the host may change back", async () => {
    const second = await openWindow(390, 844);
    const asks = (window: Window) => find(window.driver, byText("p", "Another phone goes by"));
    const letIn = async () => {
      await find(host.driver, By.css("[data-phone='4']"));
      await press(host.driver, byText("button", "let it in instead"));
    };
    try {
      await second.driver.get(link);
      await choose(second.driver, "You are", "4");
      await press(second.driver, byText("button", "I'm stuck"));
      await press(second.driver, byText("button", "I am behind"));
      await asks(second);
      expect(await violations(second.driver)).toEqual([]);
      await find(host.driver, By.css("[data-phone='4']"));
      expect(await violations(host.driver)).toEqual([]);
      expect(await host.driver.findElements(byText("li", "I am behind"))).toHaveLength(0);
      await press(host.driver, byText("button", "keep the first"));
      await find(second.driver, byText("p", "keeps another phone"));
      await choose(second.driver, "You are", "");
      await choose(second.driver, "You are", "4");
      await press(second.driver, byText("button", "I can go on again"));
      await asks(second);
      await letIn();
      await find(second.driver, byText("p", "Good, you can go on"));
      await press(phone.driver, byText("button", "Done"));
      await asks(phone);
      await letIn();
      await find(phone.driver, byText("p", "sees that you are done"));
    } finally {
      await second.close();
    }
  });

  it("at the heat gun each phone knows its turn", async () => {
    await onTo("fan");
    await find(host.driver, By.css("[data-line]"));
    const turn = await text(phone.driver, "[data-turn]");
    expect(turn).toMatch(/your turn|before you/u);
    for (
      let i = 0;
      i < 4 && !(await text(phone.driver, "[data-turn]")).includes("your turn");
      i++
    ) {
      await press(host.driver, byText("button", "through"));
      await host.driver.sleep(700);
    }
    expect(await text(phone.driver, "[data-turn]")).toContain("your turn");
  });
});

describe("without network", () => {
  it("a phone goes on, keeps what is pressed over a reload, and catches up", async () => {
    const { driver } = phone;
    await driver.navigate().refresh();
    await find(driver, By.css("h1[data-step]"));
    await waitFor(
      async () =>
        (await driver.executeScript("return navigator.serviceWorker.controller !== null")) === true,
      "the page is not kept for later",
    );
    await driver.navigate().refresh();
    await find(driver, By.css("main svg path"));
    await setOnline(driver, false);
    await press(driver, byText("button", "Done"));
    await find(driver, By.css("[data-away]"));
    await driver.navigate().refresh();
    expect(await stepShown(driver)).toBe("fan");
    await waitFor(
      async () => (await text(driver, "[data-away]")).includes("goes out later: 1"),
      "what was pressed is not told to wait",
    );
    await setOnline(driver, true);
    await waitFor(
      async () => (await driver.findElements(By.css("[data-away]"))).length === 0,
      "it did not come back",
    );
    await waitFor(
      async () => / 5 through|[1-9] through/u.test(await text(host.driver, "[data-line]")),
      "what was pressed did not arrive",
    );
  });

  it("a host's page says so, and goes on by itself", async () => {
    const { driver } = host;
    await setOnline(driver, false);
    await find(driver, byText("b", "No connection"));
    await press(driver, byText("button", "Hold"));
    await setOnline(driver, true);
    await waitFor(
      async () => !(await text(driver, "header")).includes("No connection"),
      "it did not come back",
    );
  });

  it("a second device takes over, at both sizes; the projector shows none of the host's words", async () => {
    const { driver } = host;
    for (const [width, height] of [
      [1280, 800],
      [1920, 1080],
    ] as const) {
      await setViewport(driver, width, height);
      await driver.get(live);
      await find(driver, By.css("h1[data-step]"));
      expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
      expect(
        await driver.executeScript(
          "return document.documentElement.scrollHeight - window.innerHeight",
        ),
      ).toBeLessThanOrEqual(0);
    }
    await setViewport(driver, 1280, 800);
    await driver.get(`${live}?view=projector`);
    await find(driver, By.css("h1[data-step]"));
    expect(await driver.findElements(byText("dt", "Say"))).toHaveLength(0);
    expect(await driver.findElements(byText("button", "Next step"))).toHaveLength(0);
  });
});

describe("afterwards", () => {
  it("who took part may say how it was; only the host reads it", async () => {
    await host.driver.get(live);
    await waitFor(
      async () => {
        if ((await host.driver.findElements(byText("button", "End the class"))).length > 0)
          return true;
        const wait = await host.driver.findElements(byText("button", "Go there and wait"));
        if (wait[0]) await wait[0].click();
        else await press(host.driver, byText("button", "Next step"));
        await host.driver.sleep(400);
        return false;
      },
      "the last step did not come",
      60_000,
    );
    await press(host.driver, byText("button", "End the class"));
    await press(host.driver, byText("button", "End it"));
    await press(phone.driver, byText("button", "just right"));
    await press(phone.driver, byText("button", "Tell the host"));
    await find(phone.driver, byText("p", "Thank you: your host reads it"));
    expect(await violations(phone.driver)).toEqual([]);
    expect(await widerThanScreen(phone.driver)).toBeLessThanOrEqual(0);
    await host.driver.get(`${live.replace("/live/", "/classes/")}/look-back`);
    await find(host.driver, byText("h2", "Participants say"));
    expect(await text(host.driver, "main")).toContain("The pace was just right.");
  });

  it("what was put in, the flaw and the three answers stand at Look back, also after a reload", async () => {
    const { driver } = host;
    await driver.get(`${live.replace("/live/", "/classes/")}/look-back`);
    await find(driver, byText("h2", "The steps took"));
    const words = await text(driver, "main");
    expect(words).toContain("lies crooked");
    expect(words).toContain("Stuck");
    const answer = await find(
      driver,
      By.xpath("//label[contains(.,'What will you do differently')]/following::textarea[1]"),
    );
    await answer.sendKeys("Open the window first");
    await press(driver, byText("button", "Keep it"));
    await find(driver, byText("p", "Kept, with this class"));
    await driver.navigate().refresh();
    const kept = await find(
      driver,
      By.xpath("//label[contains(.,'What will you do differently')]/following::textarea[1]"),
    );
    expect(await kept.getAttribute("value")).toBe("Open the window first");
  });

  it("a link that was renewed is not answered any more, and says so", async () => {
    const { driver } = host;
    await driver.get(`${live.replace("/live/", "/classes/")}/teach`);
    await press(driver, byText("button", "new link"));
    await waitFor(
      async () => (await text(phone.driver, "[data-away]")).includes("no longer gets an answer"),
      "the phone follows on",
      60_000,
    );
  });
});
