import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import {
  BASE,
  demoClass,
  fetchText,
  lettered,
  makeClass,
  openDemo,
  SECOND,
  saved,
} from "./journey.ts";

let host: Window;
let phone: Window;
beforeAll(async () => {
  [host, phone] = await Promise.all([openWindow(), openWindow(390, 844)]);
  await openDemo(host.driver);
});
afterAll(async () => {
  await Promise.all([host.close(), phone.close()]);
});

const stepShown = async (driver: WebDriver) =>
  (await driver.findElements(By.css("h1[data-step]")))[0]?.getAttribute("data-step");

describe("live and follow, on two server processes", () => {
  it("a step change on one reaches a follower on the other in under half a second", async () => {
    const address = await makeClass(host.driver, "Live one", ["Ines", "Bo", "Zoë-Maëlys O'Hara"]);
    await host.driver.get(`${address}/teach`);
    const link =
      (await (await find(host.driver, By.css("[data-follow-link]"))).getAttribute("href")) ?? "";
    await phone.driver.get(link.replace(BASE, SECOND));
    await find(phone.driver, byText("h1", "Not begun yet"));
    await host.driver.get(address.replace("/classes/", "/live/"));
    await press(host.driver, byText("button", "Begin the class"));
    // Its date is days away: that is asked about, and a stray key begins nothing.
    expect(await stepShown(phone.driver)).toBeUndefined();
    await press(host.driver, byText("button", "Begin all the same"));
    await waitFor(
      async () => (await stepShown(phone.driver)) === "welcome",
      "the phone did not begin",
    );
    // Both pages note the moment their step changes; both clocks are this machine's.
    const note =
      "window.changedAt = 0; new MutationObserver(() => { window.changedAt = window.changedAt || Date.now(); }).observe(document.querySelector('h1[data-step]'), { attributes: true, childList: true, characterData: true, subtree: true });";
    await Promise.all([host.driver.executeScript(note), phone.driver.executeScript(note)]);
    await press(host.driver, byText("button", "Next step"));
    await waitFor(
      async () =>
        (await stepShown(phone.driver)) === "clean" && (await stepShown(host.driver)) === "clean",
      "the step did not arrive",
    );
    const [at, there] = (await Promise.all(
      [host.driver, phone.driver].map((driver) => driver.executeScript("return window.changedAt")),
    )) as [number, number];
    expect(Math.abs(there - at)).toBeLessThan(500);
  });

  it("hold, a minute more and back show on the phone", async () => {
    await press(host.driver, byText("button", "Hold"));
    await find(phone.driver, byText("p", "Held"));
    await press(host.driver, byText("button", "Go on"));
    await press(host.driver, byText("button", "A minute more"));
    await waitFor(
      async () =>
        /^([4-5]):\d\d$/u.test(await (await find(phone.driver, By.css("[data-left]"))).getText()),
      "the minute did not arrive",
    );
    await press(host.driver, byText("button", "Back"));
    await waitFor(async () => (await stepShown(phone.driver)) === "welcome", "back did not arrive");
  });

  it("a participant who is stuck is seen by the host, by name", async () => {
    const choice = await find(phone.driver, By.css("select"));
    await choice.sendKeys("Zoë");
    await press(phone.driver, byText("button", "I'm stuck"));
    await press(phone.driver, byText("button", "It lies crooked"));
    await find(phone.driver, byText("p", "sees that you are stuck"));
    await find(host.driver, byText("li", "Zoë-Maëlys O'Hara"));
    await find(host.driver, byText("li", "It lies crooked"));
    expect(await (await find(host.driver, By.css("header"))).getText()).toContain("1 stuck");
  });

  it("the link shows this class and nothing else; a renewed link closes the old one", async () => {
    const url = await phone.driver.getCurrentUrl();
    expect(await phone.driver.getPageSource()).not.toContain("Lantern Lane");
    await phone.driver.get(`${SECOND}/classes`);
    expect(await phone.driver.getCurrentUrl()).toContain("/sign-in");
    await phone.driver.get(`${url}x`);
    await find(phone.driver, byText("h1", "nothing at this address"));
    await phone.driver.get(url);
    await find(phone.driver, By.css("h1[data-step]"));
  });

  it("the end is logged, planned against actual", async () => {
    const live = await host.driver.getCurrentUrl();
    const last = () => host.driver.findElements(byText("button", "End the class"));
    while ((await last()).length === 0) {
      const before = await stepShown(host.driver);
      await press(host.driver, byText("button", "Next step"));
      await waitFor(
        async () => (await stepShown(host.driver)) !== before,
        "the step did not change",
      );
    }
    await press(host.driver, byText("button", "End the class"));
    await press(host.driver, byText("button", "End it"));
    await find(host.driver, byText("h1", "The class has ended"));
    await find(phone.driver, byText("h1", "That was the class"));
    await host.driver.get(`${live.replace("/live/", "/classes/")}/look-back`);
    await find(host.driver, byText("h2", "The steps took"));
    expect(
      await host.driver.findElements(
        By.xpath("//main//caption[.='Minutes of each step']/..//tbody/tr"),
      ),
    ).not.toHaveLength(0);
  });
});

describe("two tabs of one class", () => {
  it("a stale save is told, nothing is lost, and either may be kept", async () => {
    const { driver } = host;
    const address = await makeClass(driver, "Two tabs", ["Ines", "Bo"]);
    await lettered(driver, 2);
    const first = await driver.getWindowHandle();
    await driver.switchTo().newWindow("tab");
    await setViewport(driver, 1280, 800);
    await driver.get(`${address}/letter`);
    await lettered(driver, 2);
    await press(driver, byText("label", "Fill the box"));
    await saved(driver);
    const second = await driver.getWindowHandle();
    await driver.switchTo().window(first);
    await press(driver, byText("label", "Same width"));
    await find(driver, By.css("[data-stale]"));
    expect(await (await find(driver, By.css("[data-stale]"))).getText()).toContain("not saved");
    expect(
      await driver.executeScript(
        "return document.querySelector('input[name=school]:checked').closest('label').innerText",
      ),
    ).toContain("Same width");
    // While it is asked nothing more is sent: a further edit must not carry this one over theirs.
    await press(driver, byText("label", "Height by hand"));
    await driver.sleep(1500);
    const school = async () =>
      JSON.parse((await fetchText(driver, `${address}/files/class.json`)).text).things[0].design
        .school;
    expect(await school()).toBe("fillBox");
    await press(driver, byText("label", "Same width"));
    await press(driver, byText("button", "Keep mine"));
    await saved(driver);
    await driver.switchTo().window(second);
    await driver.get(`${address}/letter`);
    await lettered(driver, 2);
    expect(
      await driver.executeScript(
        "return document.querySelector('input[name=school]:checked').closest('label').innerText",
      ),
    ).toContain("Same width");
    await driver.close();
    await driver.switchTo().window(first);
  });
});

describe("the bench", () => {
  it("keeps the timer over a reload, finishes a kit, and takes a lost piece back to the cutter", async () => {
    const { driver } = host;
    const address = await demoClass(driver, "Slate house numbers");
    await driver.get(address.replace("/classes/", "/bench/"));
    // Nothing is cut yet: it may be weeded all the same.
    await press(driver, byText("button", "Weed it all the same"));
    await waitFor(
      async () => (await (await find(driver, By.css("[data-timer]"))).getText()) !== "0:00",
      "the timer stands still",
    );
    await waitFor(
      async () => (await driver.findElements(byText("button", "Done"))).length > 0,
      "the film was not taken",
    );
    await driver.sleep(700);
    await driver.navigate().refresh();
    const after = await waitFor(async () => {
      const text = await (await find(driver, By.css("[data-timer]"))).getText();
      return text !== "0:00" && text;
    }, "the timer was lost");
    expect(after).toMatch(/^0:0[1-9]|0:1\d$/u);
    const film = await (await find(driver, By.css("[data-main]"))).getAttribute("data-main");
    await press(driver, By.css("[data-main]"));
    await waitFor(
      async () =>
        (await (await find(driver, By.css("[data-main]"))).getAttribute("data-main")) !== film,
      "the next film did not come",
    );
    await waitFor(
      async () =>
        (await (await find(driver, By.css("body"))).getText()).includes("1 of 11 films done"),
      "it was not counted",
    );
    await press(driver, byText("button", "Lost a piece"));
    await press(driver, byText("button", "torn"));
    await find(driver, By.css("[data-waiting='0']"));
    await waitFor(async () => {
      // Asked for anew, not reloaded: a reload does not wait for what a page sends after its first
      // lines.
      await driver.get(`${address}/weed`);
      return (await (await find(driver, By.css("body"))).getText()).includes("To be cut again");
    }, "it is not on the list");
    await find(driver, byText("h2", "To be cut again"));
    await find(driver, byText("summary", "What failed so far: 1"));
  });
});
