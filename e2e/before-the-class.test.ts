/**
 * What surrounds the kits: the shopping list, parcels and their addresses, tape laid beforehand,
 * the host's own calendar and days off.
 */
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, choose, fetchText, fill, fillNewClass, openDemo, setField } from "./journey.ts";

let window: Window;
let own = "";
const driver = () => window.driver;
const text = async () => (await find(driver(), By.css("main"))).getText();
const shows = (words: string | RegExp) =>
  waitFor(
    async () =>
      typeof words === "string" ? (await text()).includes(words) : words.test(await text()),
    `${words} was not shown`,
    60_000,
  );
const here = (label: string) => By.css(`[aria-label="${label}"]`);
const idOf = (url: string) => /[0-9a-f-]{36}/u.exec(url)?.[0] ?? "";

beforeAll(async () => {
  window = await openWindow();
  await openDemo(driver());
  await fillNewClass(driver(), {
    title: "Gulls by post",
    names: ["Zoë-Maëlys", "Bo", "Bo", "Ida"],
  });
  await choose(driver(), "Held", "craftAlong");
  await press(driver(), byText("button", "Make the class"));
  await waitFor(
    async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver().getCurrentUrl()),
    "the class was not made",
  );
  own = (await driver().getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
  await driver().get(`${own}/pack`);
  await find(driver(), byText("h2", "0 of 4 bags closed"));
}, 300_000);
afterAll(() => window.close());

describe("the shopping list", () => {
  it("goes by shop; what is ticked off comes onto the shelf and can be taken back", async () => {
    await driver().get(`${BASE}/shelf/shopping`);
    await shows(/Buy \d+ things/u);
    await find(driver(), By.xpath("//h2[contains(., 'Corner Craft')]"));
    expect(await violations(driver())).toEqual([]);
    await press(driver(), here("Bought: Care card"));
    await shows("Bought in the last two days");
    await waitFor(
      async () => (await driver().findElements(here("Bought: Care card"))).length === 0,
      "what was bought is still on the list",
    );
    await press(driver(), here("Not bought after all: Care card"));
    await find(driver(), here("Bought: Care card"));
    await waitFor(
      async () =>
        (await driver().findElements(here("Not bought after all: Care card"))).length === 0,
      "it is still among what was bought",
    );
  });

  it("of one class alone it buys what Pack says, on a phone, too, and as a file", async () => {
    await driver().get(`${own}/pack`);
    const short = Number(/Buy (\d+) material/u.exec(await text())?.[1] ?? 0);
    await press(driver(), byText("a", "Shopping list"));
    await shows(`Buy ${short} things for Gulls by post`);
    await setViewport(driver(), 390, 844);
    expect(await widerThanScreen(driver())).toBeLessThanOrEqual(0);
    await setViewport(driver(), 1280, 800);
    const file = await fetchText(driver(), `/shelf/shopping.csv?for=${idOf(own)}`);
    expect(file.type).toMatch(/text\/csv/u);
    expect(file.text.split("\r\n")[0]).toBe(
      "shop,item,unit,lacking,packs,in a pack,price,order by,for",
    );
  });
});

describe("parcels", () => {
  it("addresses come from a list; whose they are is certain, or they are left out and said", async () => {
    await driver().get(`${BASE}/parcels/${idOf(own)}`);
    await shows("4 parcels, 4 without an address");
    await press(driver(), byText("button", "Bring a list of addresses"));
    await setField(
      driver(),
      "[aria-label='Addresses, with headings']",
      'seat,name,street,postcode,town,country\n,zoe-maelys,"1 Reed Lane",EM1 1QW,Elmford,\n,Bo,2 Quay Road,EM2 2QW,Elmford,\n3,Bo the second,3 Tin Street,9104,Sivfjord,Norway\n9,Nobody,4 Tin Street,,Elmford,\n',
    );
    await waitFor(
      async () =>
        (await (await find(driver(), By.css("[role='dialog']"))).getText()).includes(
          "there is no seat 9",
        ),
      "the odd line was not said",
    );
    expect(await (await find(driver(), By.css("[role='dialog']"))).getText()).toContain(
      "more than one seat or line is called Bo",
    );
    expect(await violations(driver())).toEqual([]);
    await press(driver(), byText("button", "Keep these 2"));
    await shows("4 parcels, 2 without an address");
    await shows("3 Tin Street, 9104 Sivfjord, Norway");
  });

  it("one is written by hand; what is posted stays so, also after a reload", async () => {
    await press(driver(), By.css("[aria-label^='Write the address of Ida']"));
    await fill(driver(), "Street, postcode and town, a line each", "5 Heron Walk");
    await press(driver(), byText("button", "Keep it"));
    await shows("4 parcels, 1 without an address");
    await press(driver(), By.css("[aria-label^='Ida'][type='checkbox']"));
    await shows("1 of 4 parcels posted");
    await driver().navigate().refresh();
    await shows("1 of 4 parcels posted");
    expect(await violations(driver())).toEqual([]);
  });

  it("what travels farther goes earlier, and Tonight says so; labels and list are files of the host alone", async () => {
    await press(driver(), here("Say how long the post takes to Norway"));
    await find(driver(), here("Days to Norway"));
    const row = By.xpath("//section[@aria-label='Where they go']//tr[contains(., 'Norway')]");
    await waitFor(
      async () => !(await (await find(driver(), row)).getText()).includes("way not known"),
      "the way to Norway is not known",
    );
    const pdf = await fetchText(driver(), `/parcels/${idOf(own)}/address-labels.pdf?sheet=a4-21`);
    expect([pdf.status, pdf.type]).toEqual([200, "application/pdf"]);
    const list = await fetchText(driver(), `/parcels/${idOf(own)}/parcels.csv`);
    expect(list.text).toContain("Sivfjord");
    for (const path of ["address-labels.pdf", "parcels.csv"])
      expect(
        (await fetch(`${BASE}/parcels/${idOf(own)}/${path}`, { redirect: "manual" })).status,
      ).not.toBe(200);
    await setViewport(driver(), 390, 844);
    expect(await widerThanScreen(driver())).toBeLessThanOrEqual(0);
    await setViewport(driver(), 1280, 800);
  });

  it("addresses are erased when the host says so, and what was posted stays", async () => {
    await press(driver(), byText("button", "Erase all addresses now"));
    await press(driver(), byText("button", "Erase them"));
    await shows("its address is erased");
    await shows("1 of 4 parcels posted");
    expect(await text()).not.toContain("Sivfjord");
  });
});

describe("labels", () => {
  it.each(["labels.pdf", "film-labels.pdf", "blank-labels.pdf", "table-labels.pdf"])(
    "%s on a sheet of Letter and of A4",
    async (name) => {
      for (const sheet of ["letter-10", "a4-24"]) {
        const file = await fetchText(
          driver(),
          `${own.replace(BASE, "")}/files/${name}?sheet=${sheet}`,
        );
        expect([file.status, file.type]).toEqual([200, "application/pdf"]);
      }
    },
  );
});

describe("tape laid beforehand", () => {
  it("is listed by its cut size as soon as kits are handed over taped", async () => {
    await driver().get(`${own}/teach`);
    await choose(driver(), "Kits are handed over", "taped");
    await driver().sleep(1500);
    await driver().get(`${own}/weed`);
    await shows("Tape to be laid on 4 of 4 kits");
    await shows(/tape, 4 pieces of .+ × .+, .+ of a roll/u);
    await shows("4 are not weeded yet");
    expect(await violations(driver())).toEqual([]);
  });
});

describe("the host's own evenings", () => {
  it("a day off holds nothing, and stays after a reload", async () => {
    await driver().get(`${BASE}/settings`);
    const day = new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10);
    await fill(driver(), "From", day, "//section[@aria-label='Days off']");
    await press(
      driver(),
      By.xpath("//section[@aria-label='Days off']//button[normalize-space(.)='Add it']"),
    );
    await find(driver(), By.css("[aria-label^='Remove the day off']"));
    await waitFor(
      async () => (await driver().findElements(By.css("[data-save-state='saved']"))).length > 0,
      "it was not saved",
    );
    await driver().navigate().refresh();
    await press(driver(), By.css("[aria-label^='Remove the day off']"));
    await waitFor(
      async () =>
        (await driver().findElements(By.css("[aria-label^='Remove the day off']"))).length === 0,
      "it was not taken out",
    );
  });

  it("a calendar reads them under a private address until it is taken back", async () => {
    await driver().get(BASE);
    await press(driver(), byText("summary", "In your own calendar"));
    await press(driver(), byText("button", "Make a private address"));
    const address = await (await find(driver(), By.css("[data-calendar-address]"))).getText();
    const read = () => fetch(`${BASE}${new URL(address).pathname}`);
    const answer = await read();
    expect([answer.status, answer.headers.get("content-type")]).toEqual([
      200,
      "text/calendar; charset=utf-8",
    ]);
    const ics = (await answer.text()).replaceAll("\r\n ", "");
    expect(ics).toContain("SUMMARY:Gulls by post");
    expect(ics).toMatch(/min of making ready/u);
    expect(ics).not.toContain("Zoë");
    await press(driver(), byText("button", "Take it back"));
    await waitFor(
      async () => (await driver().findElements(By.css("[data-calendar-address]"))).length === 0,
      "it was not taken back",
    );
    expect((await read()).status).toBe(404);
    expect((await fetch(`${BASE}/calendar/mine`)).status).toBe(401);
  });
});
