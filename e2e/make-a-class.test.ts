import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { readSheet } from "../core/src/testing/sheet-reader.ts";
import { byText, find, openWindow, press, type Window, waitFor } from "./browser.ts";
import {
  BASE,
  fetchText,
  fillNewClass,
  lettered,
  makeClass,
  NAMES,
  openDemo,
  saved,
  type,
} from "./journey.ts";

let window: Window;
beforeAll(async () => {
  window = await openWindow();
});
afterAll(() => window.close());

describe("signing in", () => {
  it("is refused with a wrong password, and what was typed stays", async () => {
    const { driver } = window;
    await driver.get(`${BASE}/classes`);
    await find(driver, byText("h2", "Sign in"));
    await type(driver, "email", "host@lantern-lane.example");
    await type(driver, "password", "not the password");
    await press(
      driver,
      By.xpath("//form[.//input[@name='password']]//button[normalize-space(.)='Sign in']"),
    );
    expect(await (await find(driver, By.css("[role=alert]"))).getText()).toContain(
      "do not belong together",
    );
    expect(await (await find(driver, By.css('[name="email"]'))).getAttribute("value")).toBe(
      "host@lantern-lane.example",
    );
  });

  it("works with the right one, ends with sign-out, and pages are closed after", async () => {
    const { driver } = window;
    await type(driver, "password", "lantern-lane-demo");
    await press(
      driver,
      By.xpath("//form[.//input[@name='password']]//button[normalize-space(.)='Sign in']"),
    );
    await find(driver, byText("h1", "Tonight"));
    await press(driver, byText("button", "Sign out"));
    await find(driver, byText("h2", "Sign in"));
    await driver.get(`${BASE}/classes`);
    expect(await driver.getCurrentUrl()).toContain("/sign-in");
  });
});

describe("from nothing to cut files", () => {
  let address = "";

  it("fourteen pasted names on a face of 70 x 40 mm are lettered", async () => {
    const { driver } = window;
    await openDemo(driver);
    address = await makeClass(driver, "Tags for the village hall", NAMES);
    expect(await driver.getCurrentUrl()).toContain("/letter");
    await lettered(driver, 14);
    // The face, where the design may go, and one colour of lettering on each.
    expect(await driver.findElements(By.css("[data-seat] svg path"))).toHaveLength(3 * 14);
  });

  it("the sheets come out: millimetres, every seat once, inside the edge", async () => {
    const { driver } = window;
    await driver.get(`${address}/cut`);
    const href =
      (await (await find(driver, By.css("a[aria-label='This load, SVG']"))).getAttribute("href")) ??
      "";
    const { status, type: kind, text } = await fetchText(driver, href);
    expect([status, kind]).toEqual([200, "image/svg+xml"]);
    const sheet = readSheet(text);
    const cut = sheet.paths.filter(({ className }) => className === "cut");
    expect(new Set(cut.map(({ seat }) => seat)).size).toBe(14);
    expect(sheet.width).toBeLessThanOrEqual(292.1);
    for (const [x, y] of cut.flatMap(({ rings }) => rings.flat()))
      expect(x > 3 && y > 3 && x < sheet.width - 3 && y < sheet.height - 3).toBe(true);
    const hpgl = await fetchText(driver, href.replace(".svg", ".hpgl"));
    expect(hpgl.text.startsWith("IN;")).toBe(true);
    for (const { piece } of cut) expect(hpgl.text).toContain(`CO "${piece}";`);
  });

  it("all as a zip, the labels as PDF, the class as a document that comes back the same", async () => {
    const { driver } = window;
    expect((await fetchText(driver, `${address}/files/sheets.zip`)).text.startsWith("PK")).toBe(
      true,
    );
    expect((await fetchText(driver, `${address}/files/labels.pdf`)).text.startsWith("%PDF-")).toBe(
      true,
    );
    const document = JSON.parse((await fetchText(driver, `${address}/files/class.json`)).text);
    expect(document.seats.map(({ fields }: { fields: { name: string } }) => fields.name)).toEqual(
      NAMES,
    );
    expect((await fetchText(driver, `${address}/files/run-sheet.ics`)).text).toContain(
      "BEGIN:VCALENDAR",
    );
    expect((await fetchText(driver, `${address}/files/../../../../etc/passwd`)).status).toBe(404);
    expect((await fetchText(driver, `${address}/files/sheets/99-harbour.svg`)).status).toBe(404);
  });

  it("marked as cut, the basket and the rail know", async () => {
    const { driver } = window;
    await driver.get(`${address}/cut`);
    await press(driver, byText("button", "is cut"));
    await find(driver, byText("button", "Not cut after all"));
    await find(driver, byText("a", "1 of 1 load"));
  });
});

describe("what people get wrong", () => {
  it("a class without title, without film or with a senseless size is not made, and nothing typed is lost", async () => {
    const { driver } = window;
    await fillNewClass(driver, {
      title: "",
      names: ["Ines", "Bo"],
      size: ["as wide as it goes", "40 mm"],
    });
    await find(driver, byText("p", "Not a length"));
    await press(driver, By.css("[aria-label='Remove Harbour gloss']"));
    await press(driver, byText("button", "Make the class"));
    await find(driver, By.xpath("//*[@role='alert'][contains(., 'title')]"));
    await find(driver, By.xpath("//*[@role='alert'][contains(., 'film')]"));
    expect(
      await (await find(driver, By.css("[aria-label='Names, one a line']"))).getAttribute("value"),
    ).toBe("Ines\nBo");
  });

  it("a letter that no font has is a stop with a name, and is gone when the seat is taken out; undo brings it back", async () => {
    const { driver } = window;
    await makeClass(driver, "A name from far away", ["Ines", "李"]);
    await find(driver, byText("p", "none of the fonts here has 李"));
    await press(driver, byText("button", "Take the seat out"));
    await lettered(driver, 1);
    await waitFor(
      async () => (await driver.findElements(By.css("[data-seat]"))).length === 1,
      "the seat is still there",
    );
    await press(driver, byText("button", "Undo: Take the seat out"));
    await waitFor(
      async () => (await driver.findElements(By.css("[data-seat]"))).length === 2,
      "the seat did not come back",
    );
  });

  it("a face of 20 mm and a name of forty letters end in findings, not in an error", async () => {
    const { driver } = window;
    await makeClass(driver, "Tiny", ["Maximiliane-Theodora von und zu Hohenstein"], ["20", "20"]);
    await find(driver, byText("p", "at its thinnest"));
    await makeClass(driver, "Too tiny", ["Ines"], ["10", "10"]);
    expect(await (await find(driver, By.css("[role=alert]"))).getText()).toContain(
      "margin leaves no face",
    );
  });

  it("no names: every station answers and says what to do", async () => {
    const { driver } = window;
    const address = await makeClass(driver, "Nobody yet", []);
    for (const station of [
      "plan",
      "measure",
      "letter",
      "cut",
      "weed",
      "pack",
      "teach",
      "look-back",
    ]) {
      await driver.get(`${address}/${station}`);
      await find(driver, By.css("main h2"));
      expect(await driver.getPageSource()).not.toContain("That did not work");
    }
    // An empty file would look like a mistake of the printer: it is refused in words.
    for (const name of ["sheets.zip", "labels.pdf"]) {
      const { status, text } = await fetchText(driver, `${address}/files/${name}`);
      expect([name, status]).toEqual([name, 409]);
      expect(text).toContain("no names");
    }
  });
});

describe("names by hand", () => {
  it("are typed line by line with Enter, saved by themselves, and are there after a reload", async () => {
    const { driver } = window;
    const address = await makeClass(driver, "Typed", ["Ines"]);
    await press(driver, byText("button", "Names"));
    const first = await find(driver, By.css('input[aria-label="name of seat 1"]'));
    await first.sendKeys(" B.", Key.ENTER);
    const second = await waitFor(
      async () => (await driver.findElements(By.css('input[aria-label="name of seat 2"]')))[0],
      "no second line",
    );
    await second.sendKeys("Zoë-Maëlys");
    await saved(driver);
    await driver.get(`${address}/letter`);
    await lettered(driver, 2);
    expect(await (await find(driver, By.css('[data-seat="2"]'))).getText()).toContain("Zoë-Maëlys");
  });
});

describe("making one", () => {
  it("a day is typed as people write it, and seats are drawn while names are typed", async () => {
    const { driver } = window;
    await driver.get(`${BASE}/classes/new`);
    const date = await find(driver, By.xpath("//label[.='Date']/following::input[1]"));
    await date.sendKeys(Key.chord(Key.CONTROL, "a"), "31.2.2027", Key.TAB);
    await find(driver, byText("p", "A day such as"));
    await date.sendKeys(Key.chord(Key.CONTROL, "a"), "1/3/2027", Key.TAB);
    expect(await date.getAttribute("value")).toBe("Mon 1 Mar 2027");
    const time = await find(driver, By.xpath("//label[.='Time']/following::input[1]"));
    await time.sendKeys(Key.chord(Key.CONTROL, "a"), "2.30 pm", Key.TAB);
    expect(await time.getAttribute("value")).toBe("14:30");
    await press(driver, By.xpath("//ul[@aria-label='From the shelf']//button[1]"));
    await find(driver, byText("h3", "What a seat will look like"));
    await (await find(driver, By.css("[aria-label='Names, one a line']"))).sendKeys("Ines\nBo");
    const drawn = By.xpath(
      "//section[@aria-label='The seats as they will be']//li[.//*[local-name()='path'][@fill-rule='evenodd']]",
    );
    await waitFor(
      async () => (await driver.findElements(drawn)).length === 2,
      "the seats were not drawn",
    );
  });
});
