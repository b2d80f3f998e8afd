import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { By, Key, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, press, setLanguage, type Window, waitFor } from "./browser.ts";
import {
  addToDesign,
  BASE,
  choiceLink,
  choose,
  demoClass,
  fetchText,
  fill,
  lettered,
  makeClass,
  openDemo,
  openPart,
  SECOND,
  saved,
} from "./journey.ts";

const folder = mkdtempSync(join(tmpdir(), "elm-art-"));
let host: Window;
let phone: Window;
beforeAll(async () => {
  [host, phone] = await Promise.all([openWindow(), openWindow(390, 844)]);
  await openDemo(host.driver);
});
afterAll(async () => {
  await Promise.all([host.close(), phone.close()]);
  rmSync(folder, { recursive: true, force: true });
});

const file = (name: string, text: string): string => {
  writeFileSync(join(folder, name), text);
  return join(folder, name);
};
const closeDialog = async (driver: WebDriver) => {
  await press(driver, By.xpath("//*[@role='dialog']//button[normalize-space(.)='Close']"));
  await waitFor(
    async () => (await driver.findElements(By.css("[role=dialog]"))).length === 0,
    "the dialog stayed",
  );
};
const classDocument = async (driver: WebDriver, address: string) =>
  JSON.parse((await fetchText(driver, `${address}/files/class.json`)).text);

describe("art from outside", () => {
  let address = "";

  it("is read colour by colour, with what was left out; comes in only with its licence", async () => {
    const { driver } = host;
    address = await makeClass(driver, "Art", ["Ines", "Bo"]);
    await lettered(driver, 2);
    await addToDesign(driver, "Art");
    const leaf = file(
      "leaf.svg",
      '<svg viewBox="0 0 40 40"><circle cx="20" cy="20" r="18" fill="#1F4E79"/><path d="M20 4L30 36H10z" fill="#C8452F"/><text>hi</text></svg>',
    );
    await (await find(driver, By.css("[role=dialog] input[type=file]"))).sendKeys(leaf);
    await find(driver, byText("li", "Text was left out"));
    expect(await driver.findElements(By.css("[role=dialog] select"))).toHaveLength(2);
    const take = By.xpath("//button[normalize-space(.)='Take it into the design']");
    expect(await (await driver.findElement(take)).isEnabled()).toBe(false);
    await (await find(driver, By.xpath("//label[.='Licence']/following::input[1]"))).sendKeys(
      "own drawing",
    );
    await press(driver, take);
    await find(driver, byText("p", "own drawing"));
    await saved(driver);
    const { design } = (await classDocument(driver, address)).things[0];
    expect(design.items.at(-1)).toMatchObject({
      kind: "art",
      name: "leaf",
      licence: "own drawing",
    });
  });

  it("what is no drawing is refused with the reason, and nothing is lost", async () => {
    const { driver } = host;
    await addToDesign(driver, "Art");
    for (const [name, text, words] of [
      ["bomb.svg", '<!DOCTYPE svg [<!ENTITY a "b">]><svg>&a;</svg>', "declares entities"],
      ["text.svg", "<svg><text>only</text></svg>", "Convert it to outlines"],
      ["not.svg", "plain words", "not a well-formed SVG"],
    ] as const) {
      await (await find(driver, By.css("[role=dialog] input[type=file]"))).sendKeys(
        file(name, text),
      );
      await find(driver, By.xpath(`//*[@role='alert'][contains(., "${words}")]`));
    }
    await closeDialog(driver);
    await lettered(driver, 2);
  });

  it("a frame goes round everything, and can be taken out again", async () => {
    const { driver } = host;
    const paths = async () =>
      (await driver.findElements(By.css('[data-seat="1"] svg path'))).length;
    const before = await paths();
    await addToDesign(driver, "A frame");
    await find(driver, byText("label", "round everything"));
    expect(
      await (await find(driver, By.css("[aria-label='Distance of the frame']"))).getAttribute(
        "value",
      ),
    ).toMatch(/ mm$/u);
    await saved(driver);
    expect(await paths()).toBeGreaterThanOrEqual(before);
    expect((await classDocument(driver, address)).things[0].design.items.at(-1)).toMatchObject({
      form: "frame",
      around: 4,
    });
  });
});

describe("the recipe", () => {
  it("opens one part at a time, and is put into another order by keys alone; undone it is as it was", async () => {
    const { driver } = host;
    const address = await makeClass(driver, "Order", ["Ines"]);
    await lettered(driver, 1);
    await addToDesign(driver, "A fixed line");
    await saved(driver);
    await openPart(driver, "name");
    expect(await driver.findElements(By.css("li[data-part] [aria-expanded='true']"))).toHaveLength(
      1,
    );
    const order = async () =>
      (await classDocument(driver, address)).things[0].design.items
        .map((item: { kind: string; slot?: string }) => item.slot ?? item.kind)
        .join(" ");
    expect(await order()).toBe("name gap text");
    const handle = await find(driver, By.css("[aria-label='Move name']"));
    await driver.executeScript("arguments[0].focus()", handle);
    for (const key of [Key.SPACE, Key.ARROW_DOWN, Key.SPACE]) {
      await driver.actions().sendKeys(key).perform();
      await driver.sleep(400);
    }
    await saved(driver);
    await waitFor(async () => (await order()) === "text gap name", "the order is what it was");
    expect(
      await driver.executeScript("return document.activeElement.getAttribute('aria-label')"),
    ).toBe("Move name");
    await press(driver, byText("button", "Undo: Order of the design"));
    await waitFor(async () => (await order()) === "name gap text", "it was not undone");
  });
});

describe("the seats", () => {
  it("are one stop of the Tab key; arrows go from one to the next", async () => {
    const { driver } = host;
    await driver.get(`${await demoClass(driver, "Seed tins")}/letter`);
    await lettered(driver, 14);
    expect(await driver.findElements(By.css("[data-rove][tabindex='0']"))).toHaveLength(1);
    await driver.executeScript("document.querySelector('[data-rove]').focus()");
    const at = () =>
      driver.executeScript<string>("return document.activeElement.getAttribute('aria-label')");
    for (const [key, seat] of [
      [Key.ARROW_RIGHT, "2"],
      [Key.END, "14"],
      [Key.HOME, "1"],
    ] as const) {
      await driver.actions().sendKeys(key).perform();
      expect(await at()).toMatch(new RegExp(`^Seat ${seat},`, "u"));
    }
  });
});

describe("one seat's own", () => {
  it("a size, a break and letters moved stay with the person over a new list of names", async () => {
    const { driver } = host;
    const address = await makeClass(driver, "Own", ["Ines", "Maximiliane von Ahlen"]);
    await lettered(driver, 2);
    await press(driver, By.css("[data-seat='2'] button"));
    await find(driver, By.css("[role=dialog]"));
    await press(driver, byText("label", "in two lines"));
    await fill(driver, "Size of name, this seat", "95");
    await press(driver, By.xpath("//*[@role='dialog']//summary[contains(., 'Move letters')]"));
    await fill(driver, "Space in Ma", "10", "//*[@role='dialog']");
    await closeDialog(driver);
    await saved(driver);
    const { seats: before, things } = await classDocument(driver, address);
    expect(before[1].things[things[0].id].own).toEqual({
      "first-name": { breakAt: 11, size: 0.95, nudges: { Ma: 0.01 } },
    });
    await press(driver, byText("button", "Paste names"));
    await (await find(driver, By.css("textarea"))).sendKeys("Maximiliane von Ahlen\nBo\nInes");
    await press(driver, byText("button", "Replace by these 3"));
    await lettered(driver, 3);
    await saved(driver);
    const { seats } = await classDocument(driver, address);
    expect(seats[0].things[things[0].id].own["first-name"].breakAt).toBe(11);
    expect(seats[1].things).toBeUndefined();
  });

  it("its fragile places are marked, and typing shows the decal at once", async () => {
    const { driver } = host;
    await press(driver, By.css("[data-seat='1'] button"));
    await waitFor(
      async () =>
        !(await (await find(driver, By.css("[role=dialog]"))).getText()).includes("measuring"),
      "the places were not looked for",
    );
    await closeDialog(driver);
    await press(driver, By.xpath("//button[@role='tab'][.='Names']"));
    const input = await find(driver, By.css('input[aria-label="name of seat 2"]'));
    await input.sendKeys(" Ek", Key.TAB);
    await saved(driver);
    await press(driver, byText("button", "On the blanks"));
    await waitFor(
      async () =>
        (await (await find(driver, By.css('[data-seat="2"]'))).getText()).includes("Bo Ek"),
      "the name did not come",
    );
  });
});

describe("fonts", () => {
  it("are chosen by what they are good for, with the smallest safe letters", async () => {
    const { driver } = host;
    await makeClass(driver, "Fonts", ["Ines"]);
    await lettered(driver, 1);
    await openPart(driver, "name");
    await press(driver, By.css('[aria-label^="Font of name"]'));
    const dialog = await find(driver, By.css("[role=dialog]"));
    expect(await dialog.getText()).toMatch(/from \d+(\.\d)? mm/u);
    await press(driver, By.xpath("//*[@role='dialog']//button[contains(., 'Baloo 2 Bold')]"));
    await find(driver, byText("p", "Baloo 2 Bold"));
    await saved(driver);
  });

  it("one's own is checked, noted with its licence, and letters", async () => {
    const { driver } = host;
    await press(driver, By.css('[aria-label^="Font of name"]'));
    await press(driver, byText("summary", "Bring in a font of your own"));
    const fill = async (path: string) => {
      await (await find(driver, By.css('[role=dialog] input[name="file"]'))).sendKeys(path);
      for (const [name, text] of [
        ["family", "House slab"],
        ["licence", "bought for classes"],
      ] as const) {
        const input = await find(driver, By.css(`[role=dialog] input[name="${name}"]`));
        await input.clear();
        await input.sendKeys(text);
      }
      await press(driver, byText("button", "Bring it in"));
    };
    await fill(file("broken.ttf", "this is no font"));
    await find(driver, By.xpath("//*[@role='alert'][contains(., 'That is no TTF or OTF file')]"));
    await fill(fileURLToPath(new URL("../fonts/files/zilla-slab.ttf", import.meta.url)));
    await find(driver, By.xpath("//*[@role='status'][contains(., 'House slab is among')]"));
    await press(driver, By.xpath("//*[@role='dialog']//button[contains(., 'House slab')]"));
    await find(driver, byText("p", "House slab"));
    await saved(driver);
    await waitFor(
      async () => (await driver.findElements(By.css('[data-seat="1"] svg path'))).length > 2,
      "it does not letter",
    );
    const own = (await driver.executeScript("return document.fonts.size")) as number;
    expect(own).toBeGreaterThan(0);
  });
});

describe("stencils", () => {
  it("islands hang on bridges, which can be moved", async () => {
    const { driver } = host;
    await driver.get(`${BASE}/classes`);
    const href =
      (await (
        await find(driver, By.partialLinkText("Slate house numbers"))
      ).getAttribute("href")) ?? "";
    const address = href.replace(/\/plan$/u, "");
    await driver.get(`${address}/letter`);
    await lettered(driver, 10);
    const path = async () =>
      (await driver.findElements(By.css('[data-seat="1"] svg path'))).at(-1)?.getAttribute("d");
    const before = await path();
    await press(driver, byText("summary", "Move bridges"));
    await choose(driver, "Bridge of 8", "90");
    await waitFor(async () => (await path()) !== before, "the bridge did not move");
    await saved(driver);
    await press(driver, byText("button", "Undo: Bridge of 8"));
    await waitFor(async () => (await path()) === before, "the bridge did not go back");
  });
});

describe("participants choose", () => {
  let address = "";
  it("a spelling and a colour by their link, on another server; the host takes it", async () => {
    const { driver } = host;
    address = await makeClass(driver, "Choosing", ["Zoe", "Bo"]);
    await lettered(driver, 2);
    const link = await choiceLink(driver);
    await phone.driver.get(link.replace(BASE, SECOND));
    await choose(phone.driver, "You are", "1");
    await find(phone.driver, By.css("main svg"));
    const name = await find(phone.driver, By.xpath("//label[contains(., 'name')]//input"));
    await name.sendKeys(Key.chord(Key.CONTROL, "a"), "Zoë");
    await press(phone.driver, byText("button", "Ask for this"));
    await find(phone.driver, byText("p", "Your host has it"));
    expect((await classDocument(driver, address)).seats[0].fields.name).toBe("Zoe");
    await driver.navigate().refresh();
    await find(driver, byText("li", "asks for name “Zoë”"));
    await press(driver, byText("button", "Take it"));
    await waitFor(
      async () => (await classDocument(driver, address)).seats[0].fields.name === "Zoë",
      "it was not taken",
    );
    await find(driver, byText("button", "Undo: Choice of seat 1"));
  });

  it("speaks German where the phone does: all of its own words, and what is refused", async () => {
    const { driver } = phone;
    await setLanguage(driver, "de-AT,de;q=0.9,en;q=0.5");
    try {
      await driver.navigate().refresh();
      await find(driver, byText("h1", "Ihr Name, so wie er geschnitten wird"));
      expect(
        await (await find(driver, By.css("main"))).findElement(By.xpath("..")).getAttribute("lang"),
      ).toBe("de");
      expect(await driver.getTitle()).toBe("Auswählen · Elm Basket");
      await choose(driver, "Sie sind", "2");
      await find(driver, By.css("main svg[aria-label='Ihr Motiv im richtigen Größenverhältnis']"));
      await press(driver, byText("button", "So wünsche ich es mir"));
      await find(driver, byText("p", "Ihre Kursleitung hat den Wunsch bekommen"));
      expect(await violations(driver)).toEqual([]);
      const text = async () => (await find(driver, By.css("body"))).getText();
      expect(await text()).not.toMatch(/your|host|choose/iu);
      // The class itself, for whoever follows it, but what the host wrote.
      await host.driver.get(`${address}/teach`);
      const follow = await find(host.driver, By.css("[data-follow-link]"));
      await driver.get((await follow.getAttribute("href")) ?? "");
      await choose(driver, "Sie sind", "2");
      await find(driver, byText("h2", "Ihres, Bo"));
      await find(driver, byText("p", "Diese Seite beginnt von selbst"));
      expect(await driver.getTitle()).toBe("Dem Kurs folgen · Elm Basket");
      expect(await text()).not.toMatch(/your host|choose|begins|missing/iu);
      expect(await violations(driver)).toEqual([]);
    } finally {
      await setLanguage(driver, "en-GB,en");
    }
  });

  it("locked names are shown and not asked for; the link shows no more than that", async () => {
    const { driver } = host;
    await driver.get(`${address}/letter`);
    const link = await choiceLink(driver);
    await press(driver, byText("button", "Lock the names"));
    await find(driver, byText("button", "Open them again"));
    await phone.driver.get(link);
    await find(phone.driver, byText("h1", "The names are locked"));
    expect(await phone.driver.findElements(byText("button", "Ask for this"))).toHaveLength(0);
    expect(await phone.driver.getPageSource()).not.toContain("Lantern Lane");
    const url = await phone.driver.getCurrentUrl();
    await phone.driver.get(url.replace("/c/", "/f/"));
    await find(phone.driver, byText("h1", "nothing at this address"));
  });
});

describe("names that look like a slip", () => {
  it("are offered to be tidied, and put back by undo", async () => {
    const { driver } = host;
    const address = await makeClass(driver, "Slips", ["ines", "BARTHOLOMEW", "Mette"]);
    await find(driver, byText("p", "looks like a slip"));
    await press(driver, byText("button", "Tidy them all"));
    await waitFor(
      async () => (await classDocument(driver, address)).seats[0].fields.name === "Ines",
      "they were not tidied",
    );
    await press(driver, byText("button", "Undo: Tidy them all"));
    await waitFor(
      async () => (await classDocument(driver, address)).seats[1].fields.name === "BARTHOLOMEW",
      "they did not come back",
    );
  });
});

describe("a long list of names", () => {
  it("has only the rows in sight, Enter goes on through all of them and makes one more at the end", async () => {
    const { driver } = host;
    const address = await makeClass(
      driver,
      "Three hundred",
      Array.from({ length: 300 }, (_, i) => `Bo ${i + 1}`),
    );
    await press(driver, byText("button", "Names"));
    const rows = () => driver.findElements(By.css("tr[data-index]"));
    await waitFor(async () => (await rows()).length > 10, "no rows");
    expect((await rows()).length).toBeLessThan(120);
    const seat300 = By.css("[aria-label='name of seat 300']");
    await waitFor(async () => {
      await driver.executeScript("window.scrollTo(0, document.documentElement.scrollHeight)");
      return (await driver.findElements(seat300)).length > 0;
    }, "the end of the list did not come into sight");
    const last = await find(driver, seat300);
    await last.sendKeys(Key.chord(Key.CONTROL, "a"), "Zoë", Key.ENTER);
    const focused = () =>
      driver.executeScript<string>("return document.activeElement.getAttribute('aria-label')");
    await waitFor(async () => (await focused()) === "name of seat 301", "no line was made");
    await driver.switchTo().activeElement().sendKeys("Ines", Key.TAB);
    await driver.executeScript("window.scrollTo(0, 0)");
    const first = await find(driver, By.css("[aria-label='name of seat 1']"));
    await first.sendKeys(Key.ENTER);
    await waitFor(async () => (await focused()) === "name of seat 2", "Enter did not go on");
    await saved(driver);
    const { seats } = await classDocument(driver, address);
    expect([seats.length, seats[299].fields.name, seats[300].fields.name]).toEqual([
      301,
      "Zoë",
      "Ines",
    ]);
  });
});
