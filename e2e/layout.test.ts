/**
 * How kits lie, by hand and by search; parts, recuts, shared mats, files that come back, and the
 * set seen together.
 */
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import {
  byText,
  find,
  openWindow,
  press,
  setViewport,
  unfold,
  type Window,
  waitFor,
} from "./browser.ts";
import {
  BASE,
  choose,
  demoClass,
  emptyScrapBox,
  fetchText,
  makeClass,
  openDemo,
  saved,
} from "./journey.ts";

let window: Window;
let driver: WebDriver;
let address = "";
const folder = mkdtempSync(join(tmpdir(), "elm-layout-"));
const NAMES = ["Ines", "Øyvind", "Bartholomew", "Mette", "Tomasz", "Ruairí", "Zoë-Maëlys O'Hara"];

const text = async (): Promise<string> => (await find(driver, By.css("main"))).getText();
const shows = (words: string) =>
  waitFor(async () => (await text()).includes(words), `"${words}" was not shown`, 40_000);
const drawing = async () => (await find(driver, By.css("figure svg"))).getAttribute("aria-label");
const kit = (name: string) =>
  find(driver, By.xpath(`//*[name()='g'][*[name()='title' and .="${name}"]]`));
/** Value of a kit in the list of kits. */
const kitValue = async (name: string): Promise<string> =>
  (await (await find(driver, By.xpath(`//option[.="${name}"]`))).getAttribute("value")) ?? "";
/** Corner of a kit's box on the drawing, mm. */
const corner = async (name: string): Promise<[number, number]> => {
  const box = await (await kit(name)).findElement(By.css("rect"));
  return [Number(await box.getAttribute("x")), Number(await box.getAttribute("y"))];
};

beforeAll(async () => {
  window = await openWindow();
  driver = window.driver;
  await openDemo(driver);
  // Other journeys leave scraps of the same film: here kits are to lie on fresh film.
  await emptyScrapBox(driver, "H-");
  address = (await makeClass(driver, "Tins by hand", NAMES)).replace(/\/letter$/u, "");
  await driver.get(`${address}/cut`);
  await press(driver, byText("label", "Tight, least vinyl"));
  await saved(driver);
  await shows("drag a kit, or choose");
});

afterAll(async () => {
  await window.close();
  rmSync(folder, { recursive: true, force: true });
});

describe("kits moved by hand", () => {
  it("a dragged kit stays where it was put, and so do all others", async () => {
    const [mette, ines] = [await corner("Mette"), await corner("Ines")];
    const grip = await kit("Mette");
    await driver
      .actions()
      .move({ origin: grip })
      .press()
      .move({ origin: grip, x: 0, y: 160 })
      .release()
      .perform();
    await shows("1 kit was laid by hand and stays.");
    await waitFor(async () => (await corner("Mette"))[1] > mette[1] + 20, "the kit was not moved");
    expect(await corner("Ines")).toEqual(ines);
    await find(driver, byText("button", "Undo: Mette laid by hand"));
  });

  it("without dragging: chosen in the list and moved by buttons, with the keyboard alone", async () => {
    const before = await corner("Mette");
    await choose(driver, "Move by hand", await kitValue("Mette"));
    await choose(driver, "by", "10");
    const down = await find(driver, By.css("[aria-label='Move down']"));
    await down.sendKeys(Key.ENTER);
    await down.sendKeys(Key.ENTER);
    await waitFor(
      async () => Math.abs((await corner("Mette"))[1] - before[1] - 20) < 0.01,
      "the kit was not moved by 20 mm",
    );
  });

  it("refuses what would not cut clean, and puts it back", async () => {
    const before = await corner("Mette");
    await choose(driver, "Move by hand", await kitValue("Mette"));
    const left = await find(driver, By.css("[aria-label='Move left']"));
    // While a move is being laid the button rests: a press then does nothing.
    for (let n = 0; n < 30; n++) await driver.executeScript("arguments[0].click()", left);
    await shows("There the blade would leave the film.");
    await waitFor(
      async () => (await (await kit("Mette")).getAttribute("transform")) === null,
      "it was left off the film",
    );
    expect(await corner("Mette")).toEqual(before);
  });

  it("passes the accessibility check, then everything is laid again", async () => {
    expect(await violations(driver)).toEqual([]);
    const before = await corner("Mette");
    await press(driver, byText("button", "Lay all again"));
    await waitFor(async () => (await corner("Mette"))[1] < before[1] - 20, "it was not laid again");
  });
});

describe("a search that goes on", () => {
  it("runs until it is stopped; the page answers meanwhile, and a reload finds it again", async () => {
    await press(driver, byText("button", "Search on for less vinyl"));
    await shows("Searching");
    await driver.navigate().refresh();
    await shows("Searching");
    await waitFor(async () => /round [1-9]/u.test(await text()), "no round was finished", 60_000);
    await press(driver, byText("button", "Stop, leave them as they are"));
    await find(driver, byText("button", "Search on for less vinyl"));
  });
});

describe("a cut file that comes back", () => {
  const upload = async (name: string, body: string) => {
    const file = join(folder, name);
    writeFileSync(file, body);
    await unfold(driver);
    await (await find(driver, By.css("input[type=file]"))).sendKeys(file);
  };

  it("is recognised; a kit that was moved elsewhere is laid so; another drawing is refused in words", async () => {
    const { text: svg } = await fetchText(driver, `${address}/files/sheets/01-harbourgloss.svg`);
    await upload("same.svg", svg);
    await shows("7 of 7 kits as planned.");
    const seat = /data-seat="(\d+)"/u.exec(svg)?.[1] ?? "";
    await upload(
      "moved.svg",
      svg.replace(`data-seat="${seat}"`, `data-seat="${seat}" transform="translate(0 60)"`),
    );
    await shows("was moved by 60 mm.");
    await press(driver, byText("button", "Lay the moved ones like that"));
    await find(driver, byText("button", "Undo: 1 kit laid as in the file"));
    await upload(
      "other.svg",
      '<svg xmlns="http://www.w3.org/2000/svg" width="9mm" height="9mm"><path d="M0 0L9 0L9 9Z"/></svg>',
    );
    await shows("That is no cut file of this workshop");
  });
});

describe("cutter, mat and film", () => {
  it("another mat lays the kits anew; film with a direction keeps them upright; without a mat thin film is stopped", async () => {
    const before = await drawing();
    await unfold(driver);
    await choose(driver, "Cutter and mat", "narrowFree");
    await shows("without a mat it slips in the cutter");
    await waitFor(async () => (await drawing()) !== before, "the kits were not laid anew");
    await unfold(driver);
    await choose(driver, "Kits lie on Harbour gloss", "none");
    await saved(driver);
    await waitFor(
      async () => (await driver.findElements(By.xpath("//button[.='Turn']"))).length === 0,
      "kits could still be turned by hand",
    );
  });
});

describe("a design longer than the mat", () => {
  it("is cut in parts, with a picture of how they go together, at Cut and at Weed", async () => {
    const long = (
      await makeClass(driver, "A long sign", ["Ines", "Zoë-Maëlys O'Hara"], ["700 mm", "160 mm"])
    ).replace(/\/letter$/u, "");
    await driver.get(`${long}/cut`);
    await shows("is cut in 3 parts with crosses to join them by");
    await shows("How the parts go together");
    await shows("Lay cross upon cross");
    const { text: svg } = await fetchText(driver, `${long}/files/sheets/01-harbourgloss.svg`);
    expect(svg).toContain('class="mark"');
    await driver.get(`${long}/weed`);
    await shows("3 parts. Lay cross upon cross");
    await setViewport(driver, 360, 740);
    await driver.get(`${long}/cut`);
    await shows("How the parts go together");
    expect(await widerThanScreen(driver)).toBeLessThanOrEqual(0);
    await setViewport(driver, 1280, 800);
  });
});

describe("a kit that failed", () => {
  it("is laid at once on the rest of its own sheet, and is whole again when that is cut", async () => {
    const own = (await makeClass(driver, "Torn tins", ["Ines", "Øyvind", "Mette"])).replace(
      /\/letter$/u,
      "",
    );
    await driver.get(`${own}/cut`);
    await press(driver, byText("button", "Load 1 is cut"));
    await shows("on the rest and put it into the scrap box.");
    const label = /write (H-\d+)/u.exec(await text())?.[1] ?? "";
    const pdf = await fetchText(driver, `${BASE}/shelf/scrap-labels.pdf?only=${label}`);
    expect(pdf).toMatchObject({ status: 200, type: "application/pdf" });
    const bench = (seat: string) => `${own.replace("/classes/", "/bench/")}?seat=${seat}`;
    const lost = async (reason: string) => {
      await press(driver, byText("button", reason));
      await waitFor(
        async () => (await driver.findElements(By.css("[role='dialog']"))).length === 0,
        "it was not taken",
      );
      await waitFor(async () => {
        await driver.get(`${own}/weed`);
        return (await text()).includes("on load");
      }, "it was not laid again");
    };
    await driver.get(bench("3"));
    await find(driver, By.css("svg[data-zoom]"));
    await press(driver, byText("button", "Lost a piece"));
    await lost("torn");
    await driver.get(`${own}/cut`);
    await shows("Mette again");
    await shows("Load 2 is cut");
    expect(await drawing()).toContain("1 scrap");
    await press(driver, byText("button", "Load 2 is cut"));
    await waitFor(
      async () => (await driver.findElements(byText("button", "Not cut after all"))).length > 0,
      "it was not marked",
    );
    await driver.get(`${own}/weed`);
    await waitFor(async () => (await text()).includes("cut: weed it"), "it is still to be cut");
    // One piece of another: touched on the picture, and alone on its load.
    await driver.get(bench("2"));
    await find(driver, By.css("svg[data-zoom]"));
    await press(driver, byText("button", "Lost a piece"));
    expect(await violations(driver)).toEqual([]);
    await press(driver, By.css("[role='dialog'] button[aria-label='Piece 1']"));
    await shows("1 of");
    await (await driver.findElements(By.css("path[data-piece^='2-']"))).at(-1)?.click();
    await shows("2 of");
    await press(driver, By.css("[role='dialog'] button[aria-label='Piece 1']"));
    await shows("1 of");
    await lost("lost");
    const pieces = async (load: number) => {
      await driver.get(`${own}/cut?load=${load}`);
      await find(driver, byText("button", `Load ${load} is cut`));
      const file = await (await driver.findElement(By.css("a[href$='.svg']"))).getAttribute("href");
      return (
        (await fetchText(driver, file ?? "")).text.match(/data-piece="recut-2-/gu)?.length ?? 0
      );
    };
    await waitFor(async () => (await pieces(3)) === 1, "more than the piece is cut again");
  });
});

describe("the set", () => {
  it("is seen on its blanks, exchanging two vinyls is reckoned first, done, and undone", async () => {
    const tins = await demoClass(driver, "Seed tins");
    await driver.get(`${tins}/plan`);
    const colours = async () => {
      const paths = await driver.findElements(
        By.css("section[aria-label='The set'] li:first-child svg path[fill-rule='evenodd']"),
      );
      return Promise.all(paths.map((path) => path.getAttribute("fill")));
    };
    await shows("The set, side by side");
    const before = await colours();
    expect(before.length).toBe(2);
    await choose(driver, "What if", "harbour");
    await choose(driver, "and", "poppy");
    await shows("Drawn above as it would be.");
    await shows("exchanged");
    expect(await colours()).toEqual([...before].reverse());
    await press(driver, byText("button", "Exchange them"));
    await shows("Exchanged. Undo puts it back.");
    await press(driver, byText("button", "Undo: Harbour gloss and Poppy gloss exchanged"));
    await waitFor(
      async () => JSON.stringify(await colours()) === JSON.stringify(before),
      "the colours were not put back",
    );
    expect(await violations(driver)).toEqual([]);
  });

  it("films of several colours share a mat when the host likes", async () => {
    const tins = await demoClass(driver, "Seed tins");
    await driver.get(`${tins}/cut`);
    await press(driver, byText("span", "Change"));
    await press(driver, byText("label", "Several colours on one mat"));
    await shows("lay all of these, then load once");
    await press(driver, byText("button", "Undo: Shared mats"));
    await waitFor(async () => !(await text()).includes("lay all of these"), "it was not undone");
  });
});
