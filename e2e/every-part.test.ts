/**
 * A newcomer's studio: classes of every kind are made by what is visible alone, and each part is
 * changed where it is read.
 */
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, press, unfold, type Window, waitFor } from "./browser.ts";
import {
  addToDesign,
  BASE,
  choose,
  fetchText,
  fill,
  openNewStudio,
  openPart,
  saved,
  setField,
} from "./journey.ts";

const folder = mkdtempSync(join(tmpdir(), "elm-every-"));
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
const document = async (address: string) =>
  JSON.parse((await fetchText(driver(), `${address}/files/class.json`)).text);

interface Film {
  readonly name: string;
  readonly family: string;
  readonly price?: string;
}
interface Wanted {
  readonly title: string;
  readonly blank?: string;
  readonly material: string;
  readonly shape?: string;
  readonly size?: Readonly<Record<string, string>>;
  readonly technique: string;
  readonly films: readonly Film[];
  readonly names: readonly string[];
}

/** Fills the form as a newcomer does, from an empty shelf. */
async function make({
  title,
  blank,
  material,
  shape,
  size = {},
  technique,
  films,
  names,
}: Wanted): Promise<string> {
  await driver().get(`${BASE}/classes/new`);
  await fill(driver(), "Title", title);
  if (blank) await fill(driver(), "What it is", blank);
  if (shape) await choose(driver(), "Shape", shape);
  for (const [label, length] of Object.entries(size)) await fill(driver(), label, length);
  await choose(driver(), "Made of", material);
  await press(driver(), By.xpath(`//label[.//span[.='${technique}']]`));
  for (const { name, family, price } of films) {
    await press(driver(), byText("button", "Add a new film"));
    await fill(driver(), "Name of the film", name);
    await choose(driver(), "Family", family);
    if (price) await fill(driver(), "Price of a sheet, GBP", price);
    await press(driver(), By.css(`[aria-label="Close ${name}"]`));
  }
  await setField(driver(), "[aria-label='Names, one a line']", names.join("\n"));
  await press(driver(), byText("button", "Make the class"));
  await waitFor(
    async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver().getCurrentUrl()),
    "the class was not made",
  );
  return (await driver().getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
}

/** Sheets, materials and run sheet are there; returns what is bought. */
async function comesThrough(address: string): Promise<string> {
  await driver().get(`${address}/cut`);
  await shows(/1 · /u);
  await driver().get(`${address}/teach`);
  await find(driver(), byText("button", "Add a step"));
  const { vinyls } = await document(address);
  const sheet = await fetchText(driver(), `${address}/files/sheets/01-${vinyls[0].id}.svg`);
  expect(sheet.text).toContain('class="cut"');
  expect(
    (await fetchText(driver(), `${address}/files/run-sheet.csv`)).text.split("\n").length,
  ).toBeGreaterThan(5);
  await driver().get(`${address}/pack`);
  return text();
}

beforeAll(async () => {
  window = await openWindow();
  await openNewStudio(
    driver(),
    "Heron Yard",
    "Wren Askew",
    `wren-${Date.now()}@heron-yard.example`,
  );
});
afterAll(async () => {
  await window.close();
  rmSync(folder, { recursive: true, force: true });
});

describe("a new studio makes", () => {
  it("a two-colour mug class; price is claimed only when every price is there", async () => {
    const address = await make({
      title: "Two-colour mugs",
      blank: "White mug",
      material: "glazed",
      shape: "straightCup",
      technique: "Decal",
      films: [
        { name: "Plum gloss", family: "permanentGloss", price: "1.90" },
        { name: "Mint gloss", family: "permanentGloss", price: "1.90" },
      ],
      names: ["Ines", "Bo", "Zoë"],
    });
    await driver().get(`${address}/letter`);
    await shows("3 lettered");
    expect((await document(address)).vinyls.map(({ name }: { name: string }) => name)).toEqual([
      "Plum gloss",
      "Mint gloss",
    ]);
    await comesThrough(address);
    expect(await text()).not.toMatch(/break even \d/iu);
    const supplies = (await document(address)).supplies as { name: string }[];
    for (const { name } of supplies) {
      await press(driver(), By.css(`[aria-label="Change ${name}"]`));
      await fill(driver(), "Price of a pack, GBP", "1.00");
      await press(driver(), By.css(`[aria-label="Close ${name}"]`));
    }
    await saved(driver());
    await shows(/Cost per seat\s+£\d+\.\d\d/u);
    expect(await text()).not.toContain("no price");
  });

  it.each([
    [
      "an open stencil on raw wood",
      {
        material: "rawWood",
        technique: "Open stencil",
        films: [{ name: "Stencil film", family: "removable" }],
      },
      /sponge/iu,
    ],
    [
      "a mask on a painted board",
      {
        material: "paintedWood",
        technique: "Mask",
        films: [{ name: "Low tack film", family: "removable" }],
      },
      /paint/iu,
    ],
    [
      "an iron-on stencil on coir",
      {
        material: "coir",
        technique: "Iron-on stencil",
        films: [{ name: "Iron-on film", family: "ironOn" }],
        size: { Width: "600 mm", Height: "400 mm" },
      },
      /press cloth/iu,
    ],
  ] as const)("%s", async (title, kind, bought) => {
    const address = await make({
      size: { Width: "200 mm", Height: "90 mm" },
      ...kind,
      title,
      names: ["Ines", "Bo"],
    });
    await driver().get(`${address}/letter`);
    await shows("2 lettered");
    expect(await comesThrough(address)).toMatch(bought);
    const { steps } = await document(address);
    expect(
      steps.some(({ after }: { after?: { wait?: number }[] }) =>
        after?.some(({ wait }) => (wait ?? 0) > 0),
      ),
    ).toBe(true);
  });
});

describe("a ball with a picture and no words", () => {
  it("is made like any other: art comes in, the line goes, and it is cut for every seat", async () => {
    const address = await make({
      title: "Balls",
      blank: "Glass ball",
      material: "glass",
      shape: "ball",
      technique: "Decal",
      films: [{ name: "Frost film", family: "permanentGloss" }],
      names: ["Ines", "Bo"],
    });
    await driver().get(`${address}/letter`);
    await shows("2 lettered");
    await addToDesign(driver(), "Art");
    const leaf = join(folder, "leaf.svg");
    writeFileSync(
      leaf,
      '<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="40mm" viewBox="0 0 40 40"><path d="M20 4L30 36H10z" fill="#C8452F"/></svg>',
    );
    await (await find(driver(), By.css("[role=dialog] input[type=file]"))).sendKeys(leaf);
    await (await find(driver(), By.xpath("//label[.='Licence']/following::input[1]"))).sendKeys(
      "own drawing",
    );
    await press(driver(), By.xpath("//button[normalize-space(.)='Take it into the design']"));
    await find(driver(), byText("p", "own drawing"));
    await saved(driver());
    // The line goes, and with it the gap that stood between.
    await openPart(driver(), "name");
    await press(driver(), By.css("button[aria-label='Remove name']"));
    const kinds = async () =>
      (await document(address)).things[0].design.items
        .map(({ kind }: { kind: string }) => kind)
        .join();
    await waitFor(async () => (await kinds()) === "art", `the line was not taken out`);
    const [thing] = (await document(address)).things;
    expect(thing.design.items.map(({ kind }: { kind: string }) => kind)).toEqual(["art"]);
    await comesThrough(address);
    const { vinyls } = await document(address);
    const { text: sheet } = await fetchText(
      driver(),
      `${address}/files/sheets/01-${vinyls[0].id}.svg`,
    );
    expect(new Set([...sheet.matchAll(/data-seat="(\d+)"/gu)].map(([, seat]) => seat))).toEqual(
      new Set(["1", "2"]),
    );
  });
});

describe("every part is changed where it is read", () => {
  let address = "";
  const saysUndo = (words: string) => find(driver(), byText("button", `Undo: ${words}`));

  it("films at Plan: a new one, its name, family and price; another in place of the first; the unused one goes", async () => {
    address = await make({
      title: "Boards",
      blank: "Small board",
      material: "paintedWood",
      technique: "Decal",
      size: { Width: "200 mm", Height: "90 mm" },
      films: [{ name: "Plum gloss", family: "permanentGloss" }],
      names: ["Ines", "Bo", "Mette"],
    });
    await driver().get(`${address}/plan`);
    await press(driver(), byText("button", "Add a new film"));
    await fill(driver(), "Name of the film", "Moss matte", "//section[@aria-label='Films']");
    await choose(driver(), "Family", "removable");
    await fill(driver(), "Price of a sheet, GBP", "2.40", "//section[@aria-label='Films']");
    await saved(driver());
    const { vinyls } = await document(address);
    expect(vinyls.at(-1)).toMatchObject({
      name: "Moss matte",
      family: "removable",
      stock: { price: 240 },
    });
    await press(driver(), By.css('[aria-label="Change Plum gloss"]'));
    await choose(driver(), "Replace it throughout by", vinyls.at(-1).id);
    await saved(driver());
    await waitFor(
      async () => (await document(address)).things[0].design.items[0].vinyl === vinyls.at(-1).id,
      "the film was not replaced",
    );
    await press(driver(), By.css('[aria-label="Remove Plum gloss"]'));
    await saved(driver());
    expect((await document(address)).vinyls).toHaveLength(1);
    expect(await violations(driver())).toEqual([]);
  });

  it("things at Plan: an alternative size, which a seat then has", async () => {
    await press(driver(), byText("button", "an alternative for each seat"));
    await waitFor(
      async () => (await document(address)).things.length === 2,
      "the alternative did not come",
    );
    const { things } = await document(address);
    expect(things).toHaveLength(2);
    expect(things[1].choice).toBe(things[0].choice);
    await driver().get(`${address}/measure?thing=${things[1].id}`);
    await fill(driver(), "Width", "300 mm");
    await saved(driver());
    await waitFor(
      async () => (await document(address)).things[1].blank.shape.width === 300,
      "the second board has not its own size",
    );
    expect((await document(address)).things[0].blank.shape.width).toBe(200);
    await driver().get(`${address}/letter`);
    await press(driver(), By.xpath("//button[@role='tab'][.='Names']"));
    await choose(driver(), "What seat 2 makes", things[1].id);
    await saved(driver());
    await driver().get(`${address}/cut`);
    const { vinyls } = await document(address);
    const { text: sheet } = await fetchText(
      driver(),
      `${address}/files/sheets/01-${vinyls[0].id}.svg`,
    );
    const seats = [...sheet.matchAll(/data-seat="([^"]+)"[^>]*data-thing="([^"]+)"/gu)].map(
      ([, seat, thing]) => `${seat} ${thing}`,
    );
    expect(new Set(seats)).toEqual(
      new Set([`1 ${things[0].id}`, `2 ${things[1].id}`, `3 ${things[0].id}`]),
    );
  });

  it("the design of one thing is taken for another at Letter, and put back", async () => {
    const { things } = await document(address);
    await driver().get(`${address}/letter?thing=${things[0].id}`);
    await openPart(driver(), "name");
    await fill(driver(), "Spacing of name", "40");
    await saved(driver());
    await driver().get(`${address}/letter?thing=${things[1].id}`);
    await choose(driver(), "Take the design of", things[0].id);
    await saved(driver());
    const designs = async () =>
      (await document(address)).things.map(({ design }: { design: object }) =>
        JSON.stringify(design),
      );
    await waitFor(async () => new Set(await designs()).size === 1, "the design was not taken");
    await press(driver(), byText("button", `Undo: Design of ${things[0].title}`));
    await waitFor(async () => new Set(await designs()).size === 2, "it was not put back");
  });

  it("sizes through the set at Letter: one height, told in figures, taken back by undo", async () => {
    await driver().get(`${address}/letter`);
    await press(driver(), By.xpath("//label[.//span[.='One letter height']]"));
    await saved(driver());
    expect((await document(address)).setSizing).toBe("sameHeight");
    await driver().navigate().refresh();
    const figures = async () =>
      [...(await text()).matchAll(/Letters as planned: (.*)/gu)].map(
        ([, words = ""]) => words,
      )[0] ?? "";
    await waitFor(async () => {
      const heights = [...(await figures()).matchAll(/([\d.]+) mm/gu)].map(([, mm]) => mm);
      return heights.length === 2 && heights[0] === heights[1];
    }, "the two boards have not one letter height");
    await press(driver(), byText("button", "Undo: Through the set: one letter height"));
    await waitFor(
      async () => (await document(address)).setSizing === "each",
      "it was not put back",
    );
  });

  it("materials at Pack: a new line by the table, a senseless number refused beside its field, undone and done again", async () => {
    await driver().get(`${address}/pack`);
    await press(driver(), byText("button", "Add a material"));
    await fill(driver(), "Material", "Tea lights");
    await choose(driver(), "Needed", "table");
    await fill(driver(), "How many", "3");
    await fill(driver(), "Seats at a table", "2");
    await fill(driver(), "At hand", "plenty");
    expect(
      await (
        await find(driver(), By.xpath("//*[@role='alert'][contains(., 'A number')]"))
      ).isDisplayed(),
    ).toBe(true);
    await fill(driver(), "At hand", "2");
    await saved(driver());
    const lights = async () =>
      (await document(address)).supplies.find(
        ({ name }: { name: string }) => name === "Tea lights",
      );
    expect(await lights()).toMatchObject({ per: "table", amount: 3, seats: 2, have: 2 });
    await press(driver(), byText("button", "Undo: Stock of a material"));
    await waitFor(async () => (await lights()).have === 0, "it was not undone");
    await press(driver(), byText("button", "Redo: Stock of a material"));
    await waitFor(async () => (await lights()).have === 2, "it was not done again");
    // Three seats and no spares sit at two tables.
    expect((await fetchText(driver(), `${address}/files/supplies.csv`)).text).toMatch(
      /Tea lights.*\b6\b/u,
    );
  });

  it("steps at Teach: added, told, moved by keyboard, copied, taken out", async () => {
    await driver().get(`${address}/teach`);
    const titles = async (): Promise<string[]> =>
      (await document(address)).steps.map(({ title }: { title: string }) => title);
    const before = await titles();
    await press(driver(), byText("button", "Add a step"));
    await fill(driver(), "Title of the step", "Look at last year's boards");
    await fill(driver(), "Minutes", "11");
    await fill(driver(), "What participants read on their phones", "Choose the one you like.");
    await saved(driver());
    expect((await document(address)).steps.at(-1)).toMatchObject({
      title: "Look at last year's boards",
      minutes: 11,
      doIt: "Choose the one you like.",
    });
    await press(driver(), byText("button", "up"));
    await saved(driver());
    expect((await titles()).at(-2)).toBe("Look at last year's boards");
    await press(driver(), By.css(`[aria-label="Close Look at last year's boards"]`));
    const grip = await find(driver(), By.css(`[aria-label="Move Look at last year's boards"]`));
    await driver().executeScript(
      "arguments[0].scrollIntoView({block: 'center'}); arguments[0].focus()",
      grip,
    );
    for (const key of [Key.SPACE, Key.ARROW_UP, Key.SPACE]) {
      await driver().actions().sendKeys(key).perform();
      await driver().sleep(400);
    }
    await waitFor(
      async () => (await titles()).at(-3) === "Look at last year's boards",
      "it was not moved by keyboard",
    );
    await press(driver(), By.css(`[aria-label="Change Look at last year's boards"]`));
    await press(driver(), byText("button", "once more"));
    await waitFor(async () => (await titles()).length === before.length + 2, "it was not copied");
    await press(driver(), byText("button", "remove"));
    await waitFor(
      async () => (await titles()).length === before.length + 1,
      "it was not taken out",
    );
    await saysUndo("");
    expect(await violations(driver())).toEqual([]);
  });

  it("cutter at Cut, lead days at Plan", async () => {
    await driver().get(`${address}/cut`);
    await unfold(driver());
    await fill(driver(), "Free at the edge", "6 mm");
    await saved(driver());
    expect((await document(address)).cutter.edgeMargin).toBe(6);
    await driver().get(`${address}/plan`);
    expect(JSON.stringify((await document(address)).leadDays ?? {})).toBe("{}");
  });

  it("technique at Plan: what is weeded, bought and said follows", async () => {
    await choose(driver(), "Made as", "mask");
    await saved(driver());
    await waitFor(
      async () =>
        (await document(address)).things.some(
          ({ technique }: { technique: string }) => technique === "mask",
        ),
      "the technique did not change",
    );
  });

  it("export, import, export: the same bytes", async () => {
    const first = (await fetchText(driver(), `${address}/files/class.json`)).text;
    const file = join(folder, "class.json");
    writeFileSync(file, first);
    await driver().get(`${BASE}/classes`);
    const before = await driver().getCurrentUrl();
    const input = await driver().findElement(By.css("input[type=file][name=file]"));
    await input.sendKeys(file);
    await waitFor(async () => (await driver().getCurrentUrl()) !== before, "it was not taken in");
    const again = (await driver().getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
    expect((await fetchText(driver(), `${again}/files/class.json`)).text).toBe(first);
  });
});

describe("how the studio works", () => {
  it("times are written as the studio writes them, everywhere", async () => {
    await driver().get(`${BASE}/classes`);
    await shows(/\d\d:\d\d/u);
    const noon = /\b\d{1,2}:\d\d [ap]m\b/u;
    expect(await text()).not.toMatch(noon);
    // Two windows: what the one says of the clock, the other does not take back by saying something
    // else.
    await driver().get(`${BASE}/settings`);
    const [own = ""] = await driver().getAllWindowHandles();
    await driver().switchTo().newWindow("tab");
    await driver().get(`${BASE}/settings`);
    await choose(driver(), "Times as", "12");
    await shows("Saved");
    await driver().close();
    await driver().switchTo().window(own);
    await choose(driver(), "The week begins on", "sunday");
    await shows("Saved");
    for (const path of ["/", "/classes"]) {
      await driver().get(`${BASE}${path}`);
      await shows(noon);
    }
    const [first] = await driver().findElements(By.css("main a[href*='/classes/'][href$='/plan']"));
    await driver().get(((await first?.getAttribute("href")) ?? "").replace(/\/plan$/u, "/teach"));
    await shows(noon);
    await driver().get(`${BASE}/settings`);
    await choose(driver(), "Times as", "24");
    await shows("Saved");
  });
});
