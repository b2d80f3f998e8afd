/**
 * The shelf, by hand: goods, offers, what came and went, lists, scraps, and what classes draw on.
 */
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, choose, fetchText, fill, openNewStudio, saved, setField } from "./journey.ts";

let window: Window;
const driver = () => window.driver;
const text = async () => (await find(driver(), By.css("main"))).getText();
const shows = (words: string | RegExp) =>
  waitFor(
    async () =>
      typeof words === "string" ? (await text()).includes(words) : words.test(await text()),
    `${words} was not shown`,
    40_000,
  );
const inHand = (name: string) => press(driver(), By.css(`[aria-label="Take ${name} in hand"]`));

beforeAll(async () => {
  window = await openWindow();
  await openNewStudio(driver(), "Otter Bend", "Ada Kale", `ada-${Date.now()}@otter-bend.example`);
});
afterAll(() => window.close());

async function write(what: string, amount: string): Promise<void> {
  await choose(driver(), "What happened", what);
  await fill(driver(), "How many", amount);
  await press(driver(), byText("button", "Write it"));
}

describe("goods", () => {
  it("are put on an empty shelf, named, offered, and come in; what is wrong is said beside the field", async () => {
    await driver().get(`${BASE}/shelf`);
    await shows("The shelf is empty");
    await press(driver(), byText("button", "Put a good on the shelf"));
    await fill(driver(), "Good", "Pebble tag");
    await choose(driver(), "Kind", "blank");
    await press(driver(), byText("button", "Add an offer"));
    await fill(driver(), "Usual shop", "Quay Crafts");
    await fill(driver(), "In a pack", "6");
    await fill(driver(), "Price, GBP", "10.80");
    await shows("£1.80 each");
    await saved(driver());
    await write("received", "20");
    await shows("Written down: 20 pieces here now.");
    await write("spoiled", "30");
    await shows("Only 20 is known to be there");
    await write("counted", "18");
    await shows("Written down: 18 pieces here now.");
    await shows("−2");
    await driver().navigate().refresh();
    await shows("Everything the coming classes need is here");
    await inHand("Pebble tag");
    await shows("came in");
    expect(
      await (
        await find(
          driver(),
          By.xpath("//label[normalize-space(.)='Usual shop']/following::input[1]"),
        )
      ).getAttribute("value"),
    ).toBe("Quay Crafts");
  });

  it("what is changed can be undone; a name that is there already is refused", async () => {
    await fill(driver(), "Keep at least", "25");
    await shows("Undo: What is kept");
    await press(driver(), byText("button", "Undo: What is kept"));
    await waitFor(
      async () =>
        (await (
          await find(
            driver(),
            By.xpath("//label[normalize-space(.)='Keep at least']/following::input[1]"),
          )
        ).getAttribute("value")) === "0",
      "what is kept was not put back",
    );
    await press(driver(), By.xpath("//*[@data-in-hand]//button[normalize-space(.)='close']"));
    await press(driver(), byText("button", "Put a good on the shelf"));
    await fill(driver(), "Good", "pebble TAG");
    await shows("is on the shelf already");
    await driver().get(`${BASE}/shelf`);
    await inHand("New good");
    await press(driver(), byText("button", "Take it off the shelf"));
    await waitFor(async () => !(await text()).includes("New good"), "it was not taken off");
  });

  it("two windows at one good: what does not collide is merged, what does is told", async () => {
    await inHand("Pebble tag");
    const [first] = await driver().getAllWindowHandles();
    await driver().switchTo().newWindow("tab");
    await driver().get(`${BASE}/shelf`);
    await inHand("Pebble tag");
    await fill(driver(), "Keep at least", "12");
    await saved(driver());
    await waitFor(
      async () => (await fetchText(driver(), "/shelf/goods.csv")).text.includes(",18,12,"),
      "the first was not saved",
    );
    await driver().close();
    await driver()
      .switchTo()
      .window(first ?? "");
    await fill(driver(), "In a pack", "12");
    await waitFor(
      async () =>
        (await fetchText(driver(), "/shelf/goods.csv")).text.includes(
          ",18,12,Quay Crafts,12,10.80,GBP",
        ),
      "the two changes were not merged",
    );
    await driver().switchTo().newWindow("tab");
    await driver().get(`${BASE}/shelf`);
    await inHand("Pebble tag");
    await fill(driver(), "In a pack", "6");
    await waitFor(
      async () =>
        (await fetchText(driver(), "/shelf/goods.csv")).text.includes("Quay Crafts,6,10.80"),
      "the third was not saved",
    );
    await driver().close();
    await driver()
      .switchTo()
      .window(first ?? "");
    await fill(driver(), "In a pack", "24");
    await shows("changed the same first");
    expect((await fetchText(driver(), "/shelf/goods.csv")).text).toContain(
      "Quay Crafts,6,10.80,GBP",
    );
  });

  it("come out as a list and in again; what it would change is told first", async () => {
    const list = (await fetchText(driver(), `${BASE}/shelf/goods.csv`)).text;
    await driver().get(`${BASE}/shelf`);
    await press(driver(), byText("button", "Bring a list in"));
    const pasted = "//*[@role='dialog']//textarea";
    const paste = async (words: string) => {
      await find(driver(), By.xpath(pasted));
      await setField(driver(), "[role=dialog] textarea", words);
    };
    const dialog = async () => (await find(driver(), By.css("[role=dialog]"))).getText();
    await paste(list);
    await waitFor(
      async () => (await dialog()).includes("The same as now: 1."),
      "the same list was not known",
    );
    await paste(`${list}Brass ring,part,,40,,,,,\nRibbon,sash,m,3,,,,,\n`);
    await waitFor(
      async () =>
        (await dialog()).includes("New: 1.") &&
        (await dialog()).includes("there is no kind “sash”"),
      "what is new was not told",
    );
    await press(
      driver(),
      By.xpath("//*[@role='dialog']//button[normalize-space(.)='Take this one']"),
    );
    await waitFor(
      async () => (await dialog()).includes("Put on the shelf: 1."),
      "the list was not taken",
    );
    await driver().get(`${BASE}/shelf`);
    await shows("Brass ring");
  });
});

describe("classes draw on the shelf", () => {
  let address = "";
  it("a new class finds what is here, with its price; what it wants is seen on the shelf", async () => {
    await driver().get(`${BASE}/classes/new`);
    await fill(driver(), "Title", "Pebble tags");
    await press(driver(), byText("button", "Add a new film"));
    await setField(driver(), "[aria-label='Names, one a line']", "Ines\nBo\nZoë");
    await fill(driver(), "What it is", "Pebble tag");
    await press(driver(), byText("button", "Make the class"));
    await waitFor(
      async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver().getCurrentUrl()),
      "the class was not made",
    );
    address = (await driver().getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
    await driver().get(`${address}/pack`);
    const row = async () =>
      (await find(driver(), By.xpath("//tr[.//b[.='Pebble tag']]"))).getText();
    await waitFor(async () => /Pebble tag.*\n?.*18/su.test(await row()), "the stock was not found");
    const document = JSON.parse((await fetchText(driver(), `${address}/files/class.json`)).text);
    expect(
      document.supplies.find(({ name }: { name: string }) => name === "Pebble tag"),
    ).toMatchObject({ have: 18, pack: { size: 6, price: 1080 } });
    await driver().get(`${BASE}/shelf`);
    await shows(/4 Pebble tags/u);
    await shows(/wants? what is not here/u);
    const shopping = await fetchText(driver(), `${BASE}/shelf/shopping.csv`);
    expect(shopping.text).toContain("Parcel bag");
    expect(shopping.text).not.toContain("Pebble tag,");
  });

  it("what is counted at Pack is written down on the shelf; the box for the room takes its share and gives it back", async () => {
    await driver().get(`${address}/pack`);
    await press(driver(), By.css('[aria-label="Change Parcel bag"]'));
    await fill(driver(), "At hand", "9");
    await saved(driver());
    const box = `${address.replace("/classes/", "/bags/")}?bag=room%20box`;
    await driver().get(box);
    await press(driver(), By.xpath("//button[@data-main][contains(., 'All in')]"));
    await press(driver(), By.xpath("//button[@data-main][contains(., 'Close it')]"));
    await waitFor(
      async () => !(await driver().getCurrentUrl()).includes("room%20box"),
      "the next bag did not come",
    );
    await driver().get(box);
    await shows("Closed");
    const bags = async () =>
      (await fetchText(driver(), `${BASE}/shelf/goods.csv`)).text.match(
        /Parcel bag,[a-z]+,piece,(\d+)/u,
      )?.[1];
    expect(await bags()).toBe("8");
    await driver().get(`${address}/pack`);
    await shows("1 used already");
    await driver().get(box);
    await press(driver(), byText("button", "Open it again"));
    await find(driver(), By.xpath("//button[@data-main][contains(., 'Close it')]"));
    expect(await bags()).toBe("9");
  });
});

describe("the scrap box", () => {
  it("takes a scrap by its measures, shows it, and lets it be changed and thrown away", async () => {
    await driver().get(`${BASE}/shelf?tab=scraps`);
    await press(driver(), byText("button", "Put a scrap in"));
    await choose(driver(), "It is", "corner");
    await fill(driver(), "Width", "180");
    await fill(driver(), "Height", "120");
    await fill(driver(), "Gone in width", "200");
    await waitFor(
      async () =>
        (await (await find(driver(), By.css("[role=dialog]"))).getText()).includes(
          "must be smaller",
        ),
      "too large a corner was taken",
    );
    await fill(driver(), "Gone in width", "90");
    await press(driver(), byText("button", "Put it in the box"));
    await shows("180 × 120 mm");
    await press(driver(), By.css('[aria-label^="Change scrap"]'));
    await fill(driver(), "Label", "Drawer 1");
    await press(driver(), byText("button", "Save it"));
    await waitFor(
      async () =>
        (await (await find(driver(), By.css("[role=dialog]"))).getText()).includes(
          "A label such as K-07",
        ),
      "a label with a space was taken",
    );
    await fill(driver(), "Label", "Drawer-1");
    await press(driver(), byText("button", "Save it"));
    await shows("Drawer-1");
    await press(driver(), By.css('[aria-label="Throw scrap Drawer-1 away"]'));
    await shows("The box is empty");
  });
});

describe("the shelf is there for everybody", () => {
  it.each(["", "?tab=film", "?tab=scraps", "?tab=tools"])(
    "shelf%s passes the checks of accessibility, and fits a phone",
    async (tab) => {
      await driver().get(`${BASE}/shelf${tab}`);
      await find(driver(), By.css("h1"));
      expect(await violations(driver())).toEqual([]);
      await setViewport(driver(), 390, 844);
      expect(
        await driver().executeScript("return document.documentElement.scrollWidth"),
      ).toBeLessThanOrEqual(390);
      await setViewport(driver(), 1280, 800);
    },
  );

  it("keyboard alone takes a good in hand and puts it down", async () => {
    await driver().get(`${BASE}/shelf`);
    const button = await find(driver(), By.css('[aria-label="Take Pebble tag in hand"]'));
    await driver().executeScript("arguments[0].focus()", button);
    await driver().actions().sendKeys(Key.ENTER).perform();
    await find(driver(), By.css("[data-in-hand]"));
  });
});
