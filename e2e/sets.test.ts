/** Pairs, sets, two sides and cups from home: from names to run sheet by the screens alone. */
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, press, type Window, waitFor } from "./browser.ts";
import {
  addToDesign,
  BASE,
  choiceLink,
  choose,
  fetchText,
  fill,
  openDemo,
  openNewStudio,
  saved,
  setField,
} from "./journey.ts";

let window: Window;
const driver = () => window.driver;
const text = async () => (await find(driver(), By.css("main"))).getText();
const document = async (address: string) =>
  JSON.parse((await fetchText(driver(), `${address}/files/class.json`)).text);
/** What a person may take for each, minutes; a script is far quicker. */
const MOST_MINUTES = 8;
const MOST_LOADS = 30;

interface Another {
  readonly verb: string;
  readonly blank?: string;
  readonly shape?: string;
  readonly material?: string;
  readonly size?: Readonly<Record<string, string>>;
}
interface Wanted {
  readonly title: string;
  readonly blank: string;
  readonly shape?: string;
  readonly material: string;
  readonly size: Readonly<Record<string, string>>;
  readonly technique: string;
  readonly film: string;
  readonly names: readonly string[];
  readonly more: readonly Another[];
}

async function make({
  title,
  blank,
  shape,
  material,
  size,
  technique,
  film,
  names,
  more,
}: Wanted): Promise<string> {
  await driver().get(`${BASE}/classes/new`);
  await fill(driver(), "Title", title);
  await fill(driver(), "What it is", blank);
  if (shape) await choose(driver(), "Shape", shape);
  for (const [label, length] of Object.entries(size)) await fill(driver(), label, length);
  await choose(driver(), "Made of", material);
  await press(driver(), By.xpath(`//label[.//span[.='${technique}']]`));
  for (const [i, another] of more.entries()) {
    await press(driver(), byText("button", another.verb));
    const own = `//fieldset[@aria-label='Thing ${i + 2}']`;
    if (another.blank) await fill(driver(), "What it is", another.blank, own);
    if (another.shape) await chooseIn(own, "Shape", another.shape);
    for (const [label, length] of Object.entries(another.size ?? {}))
      await fill(driver(), label, length, own);
    if (another.material) await chooseIn(own, "Made of", another.material);
  }
  const known = await driver().findElements(
    By.xpath(
      `//ul[@aria-label='From the shelf']//button[starts-with(normalize-space(.),'${film}')]`,
    ),
  );
  if (known[0]) await known[0].click();
  else {
    await press(driver(), byText("button", "Add a new film"));
    await fill(driver(), "Name of the film", film);
    await choose(driver(), "Family", technique === "Decal" ? "permanentGloss" : "stencil");
    await press(driver(), By.css(`[aria-label="Close ${film}"]`));
  }
  await setField(driver(), "[aria-label='Names, one a line']", names.join("\n"));
  await press(driver(), byText("button", "Make the class"));
  await waitFor(
    async () => /\/classes\/[0-9a-f-]{36}\//u.test(await driver().getCurrentUrl()),
    "the class was not made",
  );
  return (await driver().getCurrentUrl()).replace(/\/[a-z-]+(\?.*)?$/u, "");
}

async function chooseIn(within: string, label: string, value: string): Promise<void> {
  const list = await find(
    driver(),
    By.xpath(`${within}//label[normalize-space(text()[1])="${label}"]/following::select[1]`),
  );
  await driver().executeScript(
    `const [el, value] = arguments;
     Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(el, value);
     el.dispatchEvent(new Event("change", { bubbles: true }));`,
    list,
    value,
  );
}

interface Made {
  readonly things: {
    id: string;
    title: string;
    sideOf?: string;
    choice?: string;
    design: { items: { kind: string; text?: string }[] };
  }[];
  readonly steps: { id: string; thing?: string; like?: string; minutes: number }[];
  readonly seats: {
    seat: string;
    choices?: Record<string, string>;
    things?: Record<string, { shape?: { kind: string } }>;
  }[];
}

/** Sheets name their things, materials and run sheet are there. */
async function comesThrough(
  address: string,
): Promise<{ made: Made; seats: string[]; steps: string }> {
  await driver().get(`${address}/cut`);
  await waitFor(async () => /1 · /u.test(await text()), "nothing was laid", 60_000);
  const made = await document(address);
  const sheets: { text: string }[] = [];
  for (let nn = 1; nn <= MOST_LOADS; nn++) {
    const found = await Promise.all(
      made.vinyls.map(({ id }: { id: string }) =>
        fetchText(driver(), `${address}/files/sheets/${String(nn).padStart(2, "0")}-${id}.svg`),
      ),
    );
    const there = found.filter(({ status }) => status === 200);
    if (there.length === 0) break;
    sheets.push(...there);
  }
  const groups = sheets.flatMap(({ text: svg }: { text: string }) =>
    [
      ...svg.matchAll(
        /<g class="kit"[^>]*data-seat="([^"]+)"[^>]*?(?:data-thing="([^"]+)")?[^>]*>/gu,
      ),
    ].map(([whole, seat]) => `${seat} ${/data-thing="([^"]+)"/u.exec(whole)?.[1] ?? ""}`),
  );
  await driver().get(`${address}/teach`);
  await find(driver(), byText("button", "Add a step"));
  expect(await violations(driver())).toEqual([]);
  return {
    made,
    seats: [...new Set(groups)].sort(),
    steps: (await fetchText(driver(), `${address}/files/run-sheet.csv`)).text,
  };
}

async function within<T>(work: () => Promise<T>): Promise<T> {
  const begun = Date.now();
  const done = await work();
  expect((Date.now() - begun) / 60_000).toBeLessThan(MOST_MINUTES);
  return done;
}

beforeAll(async () => {
  window = await openWindow();
  await openNewStudio(
    driver(),
    "Otter Yard",
    "Bram Quill",
    `bram-${Date.now()}@otter-yard.example`,
  );
}, 120_000);
afterAll(async () => window.close());

const CUP = { Diameter: "82 mm", Height: "95 mm" };

describe("from names to run sheet", () => {
  it(
    "a pair of cups with two texts: one letter height, told once and then shorter",
    () =>
      within(async () => {
        const address = await make({
          title: "Choir pair",
          blank: "Mug",
          shape: "straightCup",
          material: "glazed",
          size: CUP,
          technique: "Decal",
          film: "Plum gloss",
          names: ["Ines", "Bo", "Mette"],
          more: [{ verb: "Add another thing" }],
        });
        const [first, second] = (await document(address)).things;
        await driver().get(`${address}/letter?thing=${second.id}`);
        await addToDesign(driver(), "A fixed line");
        await saved(driver());
        await press(driver(), By.xpath("//label[.//span[.='One letter height']]"));
        await saved(driver());
        const { made, seats, steps } = await comesThrough(address);
        expect(made.things[1]?.design.items.some((item) => item.text === "Welcome")).toBe(true);
        expect(seats.filter((seat) => !seat.startsWith("spare"))).toEqual(
          ["1", "2", "3"].flatMap((seat) => [`${seat} ${first.id}`, `${seat} ${second.id}`]).sort(),
        );
        expect(made.steps.filter(({ like }) => like).length).toBeGreaterThan(0);
        expect(steps.match(/Clean the blank/gu)).toHaveLength(1);
        await driver().get(`${address}/measure`);
        expect(await driver().findElements(By.css("nav[aria-label='Things'] svg"))).toHaveLength(2);
        expect(await violations(driver())).toEqual([]);
      }),
    480_000,
  );

  it(
    "two glasses of one design: two of the same for each seat",
    () =>
      within(async () => {
        const address = await make({
          title: "Two glasses",
          blank: "Glass",
          shape: "straightCup",
          material: "glass",
          size: CUP,
          technique: "Decal",
          film: "Plum gloss",
          names: ["Ines", "Bo"],
          more: [{ verb: "Add another thing" }],
        });
        await driver().get(`${address}/plan`);
        const { things } = await document(address);
        await press(driver(), By.css(`[aria-label="Remove ${things[1].title}"]`));
        // The press is an action of its own: nothing on the page says "saving" at once.
        await waitFor(
          async () => (await document(address)).things.length === 1,
          "the second thing was not removed",
        );
        await press(driver(), byText("button", "a copy of it"));
        await saved(driver());
        const { made, seats } = await comesThrough(address);
        expect(JSON.stringify(made.things[1]?.design)).toBe(JSON.stringify(made.things[0]?.design));
        expect(seats).toHaveLength(4);
      }),
    480_000,
  );

  it(
    "a set of three kinds with one colour in common; and what it would be without one",
    () =>
      within(async () => {
        const address = await make({
          title: "Quay set",
          blank: "Tag",
          material: "paintedWood",
          size: { Width: "76 mm", Height: "76 mm" },
          technique: "Decal",
          film: "Plum gloss",
          names: ["Ned", "Ivy", "Odile"],
          more: [
            {
              verb: "Add another thing",
              blank: "Tall board",
              material: "sealedWood",
              size: { Width: "150 mm", Height: "200 mm" },
            },
            {
              verb: "Add another thing",
              blank: "Jug",
              shape: "straightCup",
              material: "enamel",
              size: { Diameter: "110 mm", Height: "140 mm" },
            },
          ],
        });
        const { made, seats } = await comesThrough(address);
        expect(made.things).toHaveLength(3);
        expect(seats).toHaveLength(9);
        await driver().get(`${address}/pack`);
        await press(driver(), By.css("[aria-label='With Jug']"));
        await waitFor(
          async () => (await text()).includes("Without Jug, planned anew"),
          "what it would be without the jug was not told",
          60_000,
        );
        expect((await document(address)).things).toHaveLength(3);
        expect(await text()).toContain("without a price");
        expect(await violations(driver())).toEqual([]);
      }),
    480_000,
  );

  it(
    "a panel with two sides: the second waits until the first is dry",
    () =>
      within(async () => {
        const address = await make({
          title: "Turn round",
          blank: "Panel",
          material: "paintedWood",
          size: { Width: "220 mm", Height: "150 mm" },
          technique: "Open stencil",
          film: "Sheer stencil",
          names: ["Ines", "Bo"],
          more: [{ verb: "another side" }],
        });
        const { made, seats, steps } = await comesThrough(address);
        expect(made.things[1]?.sideOf).toBe(made.things[0]?.id);
        expect(seats).toHaveLength(4);
        const order = steps.split(/\r?\n/u).map((line) => line.split(",")[3] ?? "");
        const [peel, turn] = [
          order.findIndex((title) => title.includes("Peel the film: Panel")),
          order.findIndex((title) => title.includes("Turn it over")),
        ];
        expect(peel).toBeGreaterThan(0);
        expect(turn).toBeGreaterThan(peel);
      }),
    480_000,
  );

  it(
    "two board sizes, of which each seat has one",
    () =>
      within(async () => {
        const address = await make({
          title: "Two boards",
          blank: "Long board",
          material: "sealedWood",
          size: { Width: "240 mm", Height: "100 mm" },
          technique: "Open stencil",
          film: "Sheer stencil",
          names: ["Ines", "Bo", "Mette"],
          more: [
            {
              verb: "an alternative for each seat",
              blank: "Tall board",
              size: { Width: "120 mm", Height: "180 mm" },
            },
          ],
        });
        const { things } = await document(address);
        await driver().get(`${address}/letter`);
        await press(driver(), By.xpath("//button[@role='tab'][.='Names']"));
        await choose(driver(), "What seat 2 makes", things[1].id);
        await saved(driver());
        const { seats, made } = await comesThrough(address);
        expect(seats).toEqual([`1 ${things[0].id}`, `2 ${things[1].id}`, `3 ${things[0].id}`]);
        // Everybody makes one board: nothing is told twice.
        expect(made.steps.some(({ like }) => like)).toBe(false);
      }),
    480_000,
  );

  it(
    "a cup brought from home is measured by the participant's link, checked, and taken by the host",
    () =>
      within(async () => {
        const address = await make({
          title: "Cups from home",
          blank: "House mug",
          shape: "straightCup",
          material: "glazed",
          size: CUP,
          technique: "Decal",
          film: "Plum gloss",
          names: ["Ines", "Bo", "Mette"],
          more: [
            {
              verb: "an alternative for each seat",
              blank: "Own cup",
              shape: "straightCup",
              size: CUP,
            },
          ],
        });
        const { things } = await document(address);
        const own = things[1];
        await driver().get(`${address}/measure?thing=${own.id}`);
        await press(driver(), By.xpath("//label[contains(.,'Each brings their own')]/input"));
        await saved(driver());
        await driver().get(`${address}/letter`);
        const link = await choiceLink(driver());
        await driver().get(link);
        await setField(driver(), "main select", "2");
        await press(driver(), By.xpath(`//label[contains(.,'${own.title}')]/input[@type='radio']`));
        await press(driver(), By.xpath("//label[contains(.,'widest in the middle')]"));
        await waitFor(
          async () => (await text()).includes("Still to measure"),
          "what is missing was not told",
        );
        for (const [label, length] of Object.entries({
          "Once round, at the rim": "25 cm",
          "Once round, at the foot": "220 mm",
          Height: "9.5 cm",
          "Once round, at the widest": "8 cm",
        }))
          await fill(driver(), label, length);
        await waitFor(
          async () => (await text()).includes("at least 12 cm"),
          "a diameter was taken for once round",
        );
        await fill(driver(), "Once round, at the widest", "33 cm");
        await waitFor(
          async () => (await text()).includes("That can be a cup"),
          "the measures were not taken",
        );
        expect(await violations(driver())).toEqual([]);
        await press(driver(), byText("button", "Ask for this"));
        await waitFor(
          async () => (await text()).includes("Your host has it"),
          "it was not asked for",
        );
        await driver().get(`${address}/letter`);
        await waitFor(
          async () => (await text()).includes(`to make the ${own.title}`),
          "the host does not see it",
        );
        await press(driver(), byText("button", "Take it"));
        await waitFor(
          async () =>
            (await document(address)).seats[1].things?.[own.id]?.shape?.kind === "bulgedCup",
          "it was not taken",
        );
        const { seats, made } = await comesThrough(address);
        expect(made.seats[1]?.choices).toEqual({ [own.choice]: own.id });
        expect(seats).toContain(`2 ${own.id}`);
        await driver().get(`${address}/measure?thing=${own.id}`);
        await waitFor(
          async () => (await text()).includes("1 of 1 measured"),
          "Measure does not show it",
        );
      }),
    480_000,
  );
});

describe("the demo's set", () => {
  it("stands on one line at every station that works on a thing, on a phone, too", async () => {
    await driver().manage().deleteAllCookies();
    await openDemo(driver());
    await driver().get(`${BASE}/classes`);
    const address = (
      (await (await find(driver(), By.partialLinkText("Quay market"))).getAttribute("href")) ?? ""
    ).replace(/\/plan$/u, "");
    for (const station of ["plan", "measure", "letter"]) {
      await driver().get(`${address}/${station}`);
      await find(driver(), By.css("section[aria-label='The set on one line']"));
      expect(await driver().findElements(By.css("nav[aria-label='Things'] a"))).toHaveLength(3);
    }
    await driver().get(`${address.replace("/classes/", "/bags/")}?bag=1`);
    await find(driver(), By.css("[data-bag-count]"));
    expect(await text()).toContain("Tag, number 2:");
    expect(await violations(driver())).toEqual([]);
  }, 240_000);
});
