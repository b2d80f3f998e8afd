import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { byText, find, openWindow, press, type Window, waitFor } from "./browser.ts";
import { BASE, choose, demoClass, makeClass, openDemo, saved, typeLength } from "./journey.ts";

let window: Window;
beforeAll(async () => {
  window = await openWindow();
  await openDemo(window.driver);
});
afterAll(() => window.close());

const shape = (value: string) => choose(window.driver, "Shape", value);
/** Width and height of what is drawn, px. */
const drawn = (selector: string): Promise<[number, number]> =>
  window.driver.executeScript(
    `const r = document.querySelector(${JSON.stringify(selector)}).getBoundingClientRect(); return [r.width, r.height]`,
  );

describe("any blank", () => {
  let address = "";

  it("a flat tag becomes a tapered pot: measures are asked, the drawing is true", async () => {
    const { driver } = window;
    address = await makeClass(driver, "Any blank", ["Ines", "Bartholomew"], ["100 mm", "120 mm"]);
    await driver.get(`${address}/measure`);
    await shape("taperedCup");
    await typeLength(driver, "Diameter at the top", "4 in");
    await typeLength(driver, "Diameter at the foot", "7 cm");
    await typeLength(driver, "Height", "110");
    await saved(driver);
    const [width, height] = await drawn("[data-part=blank]");
    expect(width / height).toBeCloseTo(101.6 / 110, 2);
    await find(driver, byText("span", "Cut straight it would rise"));
  });

  it("bent or straight, by one press; straight is said, and bent again by its remedy", async () => {
    const { driver } = window;
    await press(driver, byText("label", "bend the design to the taper"));
    await saved(driver);
    await press(driver, byText("button", "Bend the design to the taper"));
    await waitFor(
      async () =>
        (
          await driver.findElements(
            By.xpath("//input[@type='checkbox'][@checked or following::text()]"),
          )
        ).length > 0,
      "the box is gone",
    );
    await waitFor(
      async () =>
        driver.executeScript(
          "return [...document.querySelectorAll('label')].find((l) => l.innerText.includes('bend the design')).querySelector('input').checked",
        ),
      "the design was not bent",
    );
  });

  it("the cup can be turned: the design goes out of sight", async () => {
    const { driver } = window;
    const slider = await find(driver, By.css('input[type="range"]'));
    const share = async () =>
      Number(
        (await (await find(driver, By.css("[data-visible-share]"))).getText()).match(/^\d+/u)?.[0],
      );
    expect(await share()).toBe(100);
    await driver.executeScript("arguments[0].focus()", slider);
    for (let i = 0; i < 24; i++) await slider.sendKeys(Key.ARROW_RIGHT);
    expect(await share()).toBeLessThan(30);
    await press(driver, By.xpath("//button[normalize-space(.)='front']"));
    expect(await share()).toBe(100);
  });

  it("keep-outs and space for later are taken in, measured pieces set the size", async () => {
    const { driver } = window;
    await shape("roundedFlat");
    await press(driver, byText("summary", "Holes, grooves, seams"));
    await press(driver, byText("button", "Add something to keep clear of"));
    await find(driver, By.css("[data-keep-out]"));
    await press(driver, byText("summary", "Space for twine"));
    await press(driver, byText("button", "Keep space for something"));
    await press(driver, byText("summary", "Pieces measured one by one"));
    await press(driver, byText("button", "Measure a piece"));
    const across = await find(driver, By.css('input[aria-label="Piece 1 across"]'));
    await across.sendKeys(Key.chord(Key.CONTROL, "a"), "90", Key.ENTER);
    await saved(driver);
    await find(driver, byText("span", "Planned with the smallest"));
    await driver.navigate().refresh();
    await find(driver, By.css("[data-keep-out]"));
    expect(
      await (await find(driver, By.css('input[aria-label="Piece 1 across"]'))).getAttribute(
        "value",
      ),
    ).toBe("90 mm");
  });

  it("a height typed by mistake is taken back by 0, and a row is taken out for good", async () => {
    const { driver } = window;
    const height = By.css('input[aria-label="Piece 1 height"]');
    for (const [typed, shown] of [
      ["70", "70 mm"],
      ["0", "0 mm"],
    ] as const) {
      await (await find(driver, height)).sendKeys(Key.chord(Key.CONTROL, "a"), typed, Key.ENTER);
      await saved(driver);
      await driver.navigate().refresh();
      expect(await (await find(driver, height)).getAttribute("value")).toBe(shown);
    }
    await press(driver, By.css('[aria-label="Remove keep-out 1"]'));
    await saved(driver);
    await driver.navigate().refresh();
    await find(driver, byText("summary", "Holes, grooves, seams: none"));
    await find(driver, byText("summary", "Pieces measured: 1"));
  });

  it("measures that leave no face are not taken, with the reason; what was there stays", async () => {
    const { driver } = window;
    await shape("straightCup");
    await saved(driver);
    await typeLength(driver, "Clear of the rim", "105");
    expect(await (await find(driver, By.css("[role=alert]"))).getText()).toContain(
      "leave no height",
    );
    await driver.navigate().refresh();
    await find(driver, byText("option", "straight cup"));
    expect(
      await (
        await find(driver, By.xpath("//label[.='Clear of the rim']/following::input[1]"))
      ).getAttribute("value"),
    ).not.toBe("105 mm");
  });
});

describe("the demo's curved blanks", () => {
  it("the cloche: a crease map with its verdicts and snips; the ring is opened by one press and put back by undo", async () => {
    const { driver } = window;
    const address = await demoClass(driver, "Glass cloche");
    await driver.get(`${address}/measure`);
    await press(driver, byText("button", "Where it creases"));
    await find(driver, By.css('[data-verdict="creases"]'));
    expect((await driver.findElements(By.css("figure svg line"))).length).toBeGreaterThan(4);
    await press(driver, byText("button", "Open the closed rings"));
    await waitFor(
      async () => (await driver.findElements(By.css('[data-verdict="creases"]'))).length === 0,
      "the ring still creases",
    );
    await press(driver, byText("button", "Undo: Open the closed rings"));
    await waitFor(
      async () => (await driver.findElements(By.css('[data-verdict="creases"]'))).length > 0,
      "the ring did not come back",
    );
  });

  it("the pot, laid flat: a piece of ring in true proportion", async () => {
    const { driver } = window;
    await driver.get(`${await demoClass(driver, "Terracotta")}/measure`);
    await press(driver, byText("button", "Laid flat"));
    await find(driver, byText("figcaption", "bent to the ring"));
  });
});

describe("what it goes through", () => {
  it("the advice follows, and is kept", async () => {
    const { driver } = window;
    const address = await makeClass(driver, "Mugs", ["Ines"]);
    await driver.get(`${address}/measure`);
    await shape("straightCup");
    await choose(driver, "It", "dishwasher");
    await find(driver, byText("li", "Fades or buckles in a dishwasher"));
    await saved(driver);
    await driver.get(`${address}/measure`);
    await find(driver, byText("li", "Fades or buckles in a dishwasher"));
    expect(await (await find(driver, By.css("main"))).getText()).toContain(
      "no food-contact material",
    );
  });

  it("nobody else's class can be measured", async () => {
    const { driver } = window;
    await driver.get(`${BASE}/classes/00000000-0000-4000-8000-000000000000/measure`);
    await find(driver, byText("h1", "nothing at this address"));
  });
});
