/**
 * What a studio learns: a figure of its own is looked at, used, and given up again; the log is
 * searched; a film is tried, and the trial counts.
 */
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, type WebDriver } from "selenium-webdriver";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, choose, demoClass, fetchText, openDemo, setField } from "./journey.ts";

let host: Window;
let bottles = "";
const driver = (): WebDriver => host.driver;
const shows = (words: string) =>
  find(driver(), By.xpath(`//main//*[contains(normalize-space(.), "${words}")]`));
const inWeeding = (button: string) =>
  By.xpath(`//section[@data-model='weeding']//button[contains(normalize-space(.), "${button}")]`);
const picture = join(mkdtempSync(join(tmpdir(), "elm-picture-")), "sample.png");

beforeAll(async () => {
  host = await openWindow();
  await openDemo(driver());
  bottles = await demoClass(driver(), "Rowing");
  writeFileSync(
    picture,
    await sharp({ create: { width: 900, height: 600, channels: 3, background: "#3b7a57" } })
      .png()
      .toBuffer(),
  );
});
afterAll(async () => {
  await host.close();
});

describe("what the log says of weeding", () => {
  it("is offered with what it rests on, and with what it moves before it is used", async () => {
    await driver().get(`${BASE}/logbook`);
    await find(driver(), byText("h3", "Your weeding runs 1."));
    expect(await violations(driver())).toEqual([]);
    await press(driver(), inWeeding("see what it moves"));
    await shows("Weeding that is left for the");
    await press(driver(), inWeeding("Use 1."));
    await find(driver(), inWeeding("First guess again"));
    await shows("In use since");
  });

  it("is what the classes to come are planned by, and the one that is over is not", async () => {
    const cloche = await demoClass(driver(), "Glass cloche");
    await driver().get(`${cloche}/plan`);
    await press(
      driver(),
      By.xpath(
        "//*[contains(text(), \"Evenings' work\")]/following::button[contains(@class, 'reckoned')][1]",
      ),
    );
    await find(
      driver(),
      By.xpath("//*[@role='dialog']//*[contains(., 'Weeding: Your own log: ')]"),
    );
    await driver().get(`${bottles}/look-back`);
    await find(driver(), byText("h2", "Weeding took"));
    expect(await (await find(driver(), By.css("main"))).getText()).toMatch(
      /Weeding against plan\s+1[2-9]\d %/u,
    );
  });

  it("is given up again by one press, which says what goes back", async () => {
    await driver().get(`${BASE}/logbook`);
    await press(driver(), inWeeding("First guess again"));
    await shows("What goes back");
    await press(driver(), inWeeding("First guess again"));
    await find(driver(), inWeeding("see what it moves"));
  });
});

describe("the log", () => {
  it("is searched by film and kind, kept in the address, and saved as a file", async () => {
    await driver().get(`${BASE}/logbook`);
    await (await find(driver(), By.css("input[name='q']"))).sendKeys("Regatta");
    await setField(driver(), "select[name='about']", "flaws");
    await press(driver(), By.xpath("//button[normalize-space(.)='Look']"));
    await shows("folded on itself");
    expect(await driver().getCurrentUrl()).toMatch(/q=Regatta&about=flaws/u);
    expect(await violations(driver())).toEqual([]);
    const href =
      (await (await find(driver(), By.partialLinkText("Save as CSV"))).getAttribute("href")) ?? "";
    const file = await fetchText(driver(), href.replace(BASE, ""));
    expect([file.status, file.type]).toEqual([200, "text/csv; charset=utf-8"]);
    await setViewport(driver(), 360, 780);
    expect(await widerThanScreen(driver())).toBeLessThanOrEqual(0);
    await setViewport(driver(), 1280, 800);
  });
});

describe("a trial", () => {
  it("is begun, looked at with a picture, and counts before the rule; the advice at Measure says so", async () => {
    await driver().get(`${BASE}/shelf?tab=trials`);
    await press(driver(), byText("button", "Begin a trial"));
    const film = await find(
      driver(),
      By.xpath("//form//label[contains(., 'Film')]/following::input[1]"),
    );
    await film.clear();
    await film.sendKeys("Regatta white gloss");
    await choose(driver(), "What it goes through", "hand");
    await press(driver(), byText("button", "Keep the trial"));
    const card = "//article[starts-with(@aria-label, 'Regatta white gloss')]";
    for (let i = 1; i <= 5; i++) {
      await press(driver(), By.xpath(`${card}//button[normalize-space(.)='Washed once more']`));
      await find(driver(), By.xpath(`${card}//p[contains(., '${i} wash')]`));
    }
    await choose(driver(), "What became of Bold letters", "held");
    await (await find(driver(), By.xpath(`(${card}//input[@type='file'])[1]`))).sendKeys(picture);
    const image = await find(driver(), By.xpath(`${card}//img`));
    await waitFor(
      async () =>
        Number(await driver().executeScript("return arguments[0].naturalWidth", image)) === 900,
      "the picture is not seen",
    );
    await shows("It bears washing by hand.");
    expect(await violations(driver())).toEqual([]);
    await press(driver(), By.xpath(`${card}//button[contains(., 'Let this count')]`));
    await find(driver(), By.xpath(`${card}//*[contains(., 'This counts before the rule')]`));
    await driver().get(`${bottles}/measure`);
    await shows("Your trial on glazed ceramic");
    await driver().get(`${BASE}/shelf?tab=trials`);
    await press(driver(), By.xpath(`${card}//button[contains(., 'Let the rule decide')]`));
    await find(
      driver(),
      By.xpath(`${card}//*[contains(., 'The rule for its kind still decides')]`),
    );
    await press(driver(), By.xpath(`${card}//button[normalize-space(.)='Remove']`));
    await press(driver(), By.xpath(`${card}//button[contains(., 'Take it out')]`));
    await waitFor(
      async () => (await driver().findElements(By.xpath(card))).length === 0,
      "the trial was not taken out",
    );
  });
});

describe("a note", () => {
  it("with a picture stays with the class", async () => {
    await driver().get(`${bottles}/look-back`);
    await (
      await find(
        driver(),
        By.xpath("//label[contains(., 'What to remember')]/following::textarea[1]"),
      )
    ).sendKeys("The lamp from the left shows bubbles");
    await (
      await find(driver(), By.xpath("//section[.//h2[contains(., 'A note')]]//input[@type='file']"))
    ).sendKeys(picture);
    await find(driver(), By.xpath("//section[.//h2[contains(., 'A note')]]//img"));
    await press(driver(), byText("button", "Keep the note"));
    await find(
      driver(),
      By.xpath("//section[h2='Noted']//li[contains(., 'The lamp from the left')]//img"),
    );
    expect(await violations(driver())).toEqual([]);
    await driver().navigate().refresh();
    await find(
      driver(),
      By.xpath("//section[h2='Noted']//li[contains(., 'The lamp from the left')]//img"),
    );
  });
});
