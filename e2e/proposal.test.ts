/**
 * What is proposed, and what the host makes of it: a project to start from, an evening's task, a
 * changed step, another way, an order refused, pages to print.
 */

import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { addDays } from "../core/src/calendar/dates.ts";
import { byText, find, openWindow, press, type Window, waitFor } from "./browser.ts";
import {
  BASE,
  choose,
  fetchText,
  fill,
  lettered,
  openNewStudio,
  saved,
  setField,
} from "./journey.ts";

let host: Window;
let address = "";

beforeAll(async () => {
  host = await openWindow(1280, 800);
  await openNewStudio(
    host.driver,
    "Proposal Room",
    "Sunniva",
    `sunniva-${Date.now()}@proposal.example`,
  );
});
afterAll(() => host.close());

const main = async () => (await find(host.driver, By.css("main"))).getText();
const row = (id: string) => `//li[@data-step='${id}']`;

describe("a class of a project to start from", () => {
  it("is found among the projects of a new studio, drawn, and made with names", async () => {
    const { driver } = host;
    await driver.get(`${BASE}/projects`);
    await find(driver, byText("h2", "to start from"));
    await driver.wait(
      async () =>
        driver.executeScript<boolean>(
          "const one = document.querySelector(\"[data-starter='hut-mask'] img\"); one?.scrollIntoView(); return !!one && one.complete && one.naturalWidth > 50;",
        ),
      60_000,
    );
    // The list may be drawn anew under the hands while its pictures come.
    await waitFor(async () => {
      const search = await find(driver, By.css("input[type='search']"));
      if ((await search.getAttribute("value")) !== "changing")
        await search.sendKeys(Key.chord(Key.CONTROL, "a"), "changing");
      return (await driver.findElements(By.css("[data-starter]"))).length === 1;
    }, "the search did not find one");
    await press(
      driver,
      By.xpath("//*[@data-starter='hut-mask']//a[contains(., 'Make a class of it')]"),
    );
    await find(driver, byText("h1", "Make a class"));
    await setField(
      driver,
      "[aria-label='Names, one a line']",
      ["Ned", "Ivy", "Odile", "Rosa"].join("\n"),
    );
    await press(driver, byText("button", "Make the class"));
    await waitFor(
      async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver.getCurrentUrl()),
      "the class was not made",
    );
    address = (await driver.getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
  });

  it("Plan has the blanks' coats on their evenings; a task that is done stays done", async () => {
    const { driver } = host;
    await driver.get(`${address}/plan`);
    const words = await main();
    expect(words).toMatch(/Sand/u);
    expect(words).toMatch(/Paint.*first coat/u);
    expect(words).toMatch(/evening of/u);
    await press(driver, By.css("[aria-label^='Sand'][type='checkbox']"));
    await waitFor(
      async () =>
        (await driver.findElement(By.css("[aria-label^='Sand'][type='checkbox']"))).isSelected(),
      "not marked",
    );
    await driver.navigate().refresh();
    await waitFor(
      async () =>
        (await driver.findElement(By.css("[aria-label^='Sand'][type='checkbox']"))).isSelected(),
      "the mark was lost",
    );
    await driver.get(BASE);
    expect(await main()).not.toMatch(/Sand: Hut sign/u);
  });

  it("Tonight draws the evenings to come, and a task of the blanks is ticked off where it is listed", async () => {
    const { driver } = host;
    // Due first of all there is, whatever else waits: an evening holds only so much.
    await driver.get(`${address}/plan`);
    const planned = (await (
      await find(driver, By.css("[aria-label='Date: choose on a calendar']"))
    ).getAttribute("data-date")) as string;
    await fill(driver, "Date", addDays(planned, -9));
    await saved(driver);
    await driver.get(BASE);
    const picture = await find(
      driver,
      By.css("[aria-label='The evenings to come'] svg[role='img']"),
    );
    expect(await picture.getAttribute("aria-label")).toMatch(/min/u);
    const label = await find(driver, By.xpath("//main//li//label[input[@type='checkbox']]"));
    const title = await label.getText();
    await (await label.findElement(By.css("input"))).click();
    await waitFor(async () => !(await main()).includes(title), `"${title}" is still to be done`);
    await driver.get(`${address}/plan`);
    expect(
      await (
        await find(driver, By.css(`[aria-label^='${title.slice(0, 12)}'][type='checkbox']`))
      ).isSelected(),
    ).toBe(true);
    await press(driver, By.css(`[aria-label^='${title.slice(0, 12)}'][type='checkbox']`));
    await fill(driver, "Date", planned);
    await saved(driver);
  });

  it("Teach says why; what the host changes is theirs, with what was proposed, and is taken back by one press", async () => {
    const { driver } = host;
    await driver.get(`${address}/teach`);
    expect(await (await find(driver, By.xpath(row("seal-edges")))).getText()).toMatch(/Why:/u);
    expect((await driver.findElements(By.css("[data-proposal='steps']"))).length).toBe(0);
    await press(driver, By.xpath(`${row("press")}//button[contains(., 'change')]`));
    await fill(driver, "Minutes", "31", row("press"));
    await saved(driver);
    await driver.navigate().refresh();
    const note = await find(driver, By.xpath(`${row("press")}//li[contains(., 'yours')]`));
    expect(await note.getText()).toMatch(/Minutes: yours, was \d+; \d+ are proposed/u);
    await press(
      driver,
      By.xpath(`${row("press")}//button[starts-with(normalize-space(.), 'Take')]`),
    );
    await waitFor(
      async () =>
        (await driver.findElements(By.xpath(`${row("press")}//li[contains(., 'yours')]`)))
          .length === 0,
      "it was not taken",
    );
  });

  it("another way changes steps at once; undo and the way before bring them back", async () => {
    const { driver } = host;
    await choose(driver, "Edges of a stencil", "none");
    await waitFor(
      async () => (await driver.findElements(By.xpath(row("seal-edges")))).length === 0,
      "the step is still there",
    );
    await press(driver, byText("button", "Undo:"));
    await waitFor(
      async () => (await driver.findElements(By.xpath(row("seal-edges")))).length === 1,
      "undo did not bring the step back",
    );
    await choose(driver, "Edges of a stencil", "none");
    await waitFor(
      async () => (await driver.findElements(By.xpath(row("seal-edges")))).length === 0,
      "the step is still there",
    );
    await choose(driver, "Edges of a stencil", "medium");
    await waitFor(
      async () =>
        /matte medium/u.test(
          await (await driver.findElement(By.xpath(row("seal-edges")))).getText(),
        ),
      "the step did not come",
    );
  });

  it("the ways are compared in their whole wording, and one is taken from there", async () => {
    const { driver } = host;
    await press(driver, By.css("[aria-label^='Compare the wording: Edges of a stencil']"));
    const dialog = await find(driver, By.css("[role='dialog'] [data-way='none']"));
    expect(await dialog.getText()).toMatch(/No such step this way/u);
    expect(
      await (await driver.findElement(By.css("[role='dialog'] [data-way='medium']"))).getText(),
    ).toMatch(/This is your way/u);
    await press(
      driver,
      By.xpath(
        "//*[@role='dialog']//*[@data-way='ground']//button[contains(., 'Work so in this class')]",
      ),
    );
    await waitFor(
      async () =>
        /ground/u.test(await (await driver.findElement(By.xpath(row("seal-edges")))).getText()),
      "the way was not taken",
    );
  });

  it("counted back from the end the class ends when it is to end", async () => {
    const { driver } = host;
    const head = async () => (await driver.findElement(By.css("main h2"))).getText();
    const before = await head();
    await press(driver, By.xpath("//label[contains(., 'Counted back from the end')]//input"));
    await waitFor(
      async () => (await head()) !== before || /too long/u.test(before),
      "nothing moved",
    );
    expect(await main()).toMatch(/as late as may be/u);
    await press(driver, By.xpath("//label[contains(., 'Counted back from the end')]//input"));
    await waitFor(async () => (await head()) === before, "it did not come back");
  });

  it("an order that the craft forbids is refused with the reason, by keyboard, too", async () => {
    const { driver } = host;
    const handle = await find(
      driver,
      By.xpath(`${row("coat-1")}//button[starts-with(@aria-label, 'Move')]`),
    );
    await driver.executeScript(
      "arguments[0].scrollIntoView({block: 'center'}); arguments[0].focus()",
      handle,
    );
    await press(driver, By.xpath(`${row("coat-1")}//button[contains(., 'change')]`));
    await press(driver, By.xpath(`${row("coat-1")}//button[normalize-space(.)='up']`));
    const alert = await find(driver, By.css("[role='alert']"));
    expect(await alert.getText()).toMatch(/Not moved.*unsealed edge/u);
    await (await driver.switchTo().activeElement()).sendKeys(Key.ESCAPE);
  });

  it("pages to print come as PDF, on the paper that is asked for", async () => {
    const { driver } = host;
    for (const name of [
      "step-cards.pdf",
      "cue-cards.pdf",
      "care-cards.pdf",
      "placement.pdf",
      "run-sheet.pdf",
    ]) {
      const file = await fetchText(driver, `${address}/files/${name}?paper=letter`);
      expect([name, file.status, file.type]).toEqual([name, 200, "application/pdf"]);
      expect(file.text.startsWith("%PDF-")).toBe(true);
    }
  });

  it("Pack has each amount with its sum, and nothing contradicts the proposal", async () => {
    const { driver } = host;
    await driver.get(`${address}/pack`);
    await press(driver, By.css("[aria-label^='Change Paint for the ground']"));
    expect(await main()).toMatch(/cm² x \d/u);
    expect((await driver.findElements(By.css("[data-proposal]"))).length).toBe(0);
  });
});

describe("variants of a project", () => {
  it("a project to start from is kept, gets a variant, is compared, and a class is made of it", async () => {
    const { driver } = host;
    await driver.get(`${BASE}/projects`);
    await find(driver, By.css("[data-starter='walkers-mugs']"));
    await waitFor(
      async () => !(await main()).includes("being drawn"),
      "they were not drawn",
      60_000,
    );
    await press(
      driver,
      By.xpath("//*[@data-starter='walkers-mugs']//button[contains(., 'keep it')]"),
    );
    await find(driver, byText("h2", "The project itself"));
    await press(driver, byText("button", "Add a variant"));
    await press(driver, byText("button", "Keep the variant"));
    expect(await (await find(driver, By.css("[role='dialog'] [role='alert']"))).getText()).toMatch(
      /Say what it is/u,
    );
    await fill(driver, "Name of the variant", "Espresso");
    await fill(driver, "Size of the blanks", "70");
    await press(driver, byText("button", "Keep the variant"));
    const card = await find(driver, By.css("[data-variant='Espresso']"));
    expect(await card.getText()).toMatch(/70 % of the size/u);
    await waitFor(
      async () =>
        /cm² less/u.test(
          await (await driver.findElement(By.css("[data-variant='Espresso']"))).getText(),
        ),
      "its film was not compared",
    );
    await press(
      driver,
      By.xpath("//*[@data-variant='Espresso']//a[contains(., 'Make a class of it')]"),
    );
    await find(driver, byText("h1", "Make a class"));
    await setField(driver, "[aria-label='Names, one a line']", "Ned\nIvy");
    await press(driver, byText("button", "Make the class"));
    await waitFor(
      async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver.getCurrentUrl()),
      "the class was not made",
    );
    expect(await (await find(driver, By.css("h1"))).getText()).toMatch(/Espresso/u);
  });
});

describe("a first class", () => {
  it("a new studio is led through one, thing by thing, and leaves when it likes", async () => {
    const novice = await openWindow(1280, 800);
    const { driver } = novice;
    try {
      await openNewStudio(driver, "First Room", "Bo", `bo-${Date.now()}@first.example`);
      await driver.get(BASE);
      await press(driver, byText("a", "Be led through a first class"));
      await setField(driver, "[aria-label='Names, one a line']", "Ned\nIvy");
      await press(driver, byText("button", "Make the class"));
      await find(driver, By.css("[data-guide='when']"));
      const guide = async () =>
        (await driver.findElement(By.css("[data-guide]"))).getAttribute("data-guide");
      for (const wanted of ["measure", "surface", "names"]) {
        if ((await guide()) === "blanks")
          await press(
            driver,
            By.xpath("//*[@data-guide]//button[starts-with(normalize-space(.), 'Seen')]"),
          );
        const before = await guide();
        await press(
          driver,
          By.xpath("//*[@data-guide]//button[starts-with(normalize-space(.), 'Seen')]"),
        );
        await waitFor(
          async () => (await driver.findElements(By.css(`[data-guide='${before}']`))).length === 0,
          "it did not move on",
        );
        if ((await guide()) === "blanks")
          await press(
            driver,
            By.xpath("//*[@data-guide]//button[starts-with(normalize-space(.), 'Seen')]"),
          );
        await find(driver, By.css(`[data-guide='${wanted}']`));
      }
      await waitFor(
        async () => (await driver.getCurrentUrl()).endsWith("/letter"),
        "it did not go to Letter",
      );
      await driver.navigate().refresh();
      await find(driver, By.css("[data-guide='names']"));
      await press(driver, byText("button", "leave the guide"));
      await waitFor(
        async () => (await driver.findElements(By.css("[data-guide]"))).length === 0,
        "it did not leave",
      );
    } finally {
      await novice.close();
    }
  });
});

describe("a sample class", () => {
  it("is made by one press in an empty studio, with its seats lettered", async () => {
    const novice = await openWindow(1280, 800);
    const { driver } = novice;
    try {
      await openNewStudio(driver, "Second Room", "Ivy", `ivy-${Date.now()}@first.example`);
      await press(driver, byText("button", "Just look round a sample class"));
      await waitFor(
        async () => (await driver.getCurrentUrl()).endsWith("/letter"),
        "it was not made",
        60_000,
      );
      await lettered(driver, 6);
      expect(await (await find(driver, By.css("h1"))).getText()).toMatch(/^Sample: /u);
    } finally {
      await novice.close();
    }
  });
});

describe("the reckoner", () => {
  it("answers without a class, refuses a blank without a face, opens each figure, and makes a class of it", async () => {
    const { driver } = host;
    await driver.get(`${BASE}/reckoner`);
    await fill(driver, "How many pieces", "30");
    await press(driver, byText("button", "Reckon"));
    await find(driver, byText("h2", "30 × Wooden board"));
    const words = await main();
    expect(words).toMatch(/Transfer tape/u);
    expect(words).toMatch(/\d+ sheets?/u);
    await press(driver, By.css("main .reckoned"));
    expect(await (await find(driver, By.css("[role='dialog']"))).getText()).toMatch(/Henriette/u);
    await (await driver.switchTo().activeElement()).sendKeys(Key.ESCAPE);
    await fill(driver, "Width", "5 mm");
    await fill(driver, "Height", "5 mm");
    await press(driver, byText("button", "Reckon"));
    expect(await (await find(driver, By.css("main [role='alert']"))).getText()).not.toBe("");
    await fill(driver, "Width", "300 mm");
    await fill(driver, "Height", "200 mm");
    await press(driver, byText("button", "Reckon"));
    await press(driver, byText("button", "Make a class of it"));
    await waitFor(
      async () => /\/classes\/[0-9a-f-]{36}\/plan/u.test(await driver.getCurrentUrl()),
      "the class was not made",
    );
  });
});
