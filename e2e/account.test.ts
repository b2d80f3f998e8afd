/** A host's own account: codes on paper, a forgotten password, devices, a new password. */
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { readClassDocument } from "@elm-basket/core/document/document.ts";
import { strFromU8, unzipSync } from "fflate";
import { By, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations, widerThanScreen } from "./accessibility.ts";
import { byText, find, openWindow, press, setViewport, type Window, waitFor } from "./browser.ts";
import { BASE, choose, openDemo, openNewStudio } from "./journey.ts";

const EMAIL = "ash@account.example";
const FIRST = "eleven herons in a yard";
const SECOND = "nine otters on a raft";
let [own, second]: Window[] = [];
let codes: string[] = [];

const first = () => own?.driver as WebDriver;
const elsewhere = () => second?.driver as WebDriver;
const body = async (driver: WebDriver) => (await driver.findElement(By.css("body"))).getText();
const type = async (driver: WebDriver, name: string, text: string, within = "") => {
  const field = await find(driver, By.css(`${within} [name="${name}"]`));
  await field.clear();
  await field.sendKeys(text);
};
async function signIn(driver: WebDriver, password: string): Promise<void> {
  await driver.get(`${BASE}/sign-in`);
  await type(driver, "email", EMAIL);
  await type(driver, "password", password);
  await press(driver, byText("button", "Sign in"));
}

beforeAll(async () => {
  [own, second] = await Promise.all([openWindow(), openWindow()]);
  await openNewStudio(first(), "Ash and Rush", "Ash", EMAIL);
});
afterAll(() => Promise.all([own?.close(), second?.close()]));

describe("recovery codes", () => {
  it("are offered where there are none, need the password, and are shown once", async () => {
    await press(first(), byText("a", "Make recovery codes"));
    await find(first(), byText("h1", "Your account"));
    expect(await violations(first())).toEqual([]);
    const form = "form[aria-label='Recovery codes']";
    await type(first(), "password", "not my password", form);
    await press(first(), byText("button", "Make recovery codes"));
    await find(first(), byText("p", "That is not your password now."));
    await type(first(), "password", FIRST, form);
    await press(first(), byText("button", "Make recovery codes"));
    const list = await find(first(), By.css("[data-codes]"));
    codes = (await list.getText()).split("\n").map((line) => line.trim());
    expect(codes).toHaveLength(8);
    expect(await violations(first())).toEqual([]);
    await first().navigate().refresh();
    await find(first(), byText("p", "8 of your recovery codes are unused"));
    expect(await body(first())).not.toContain(codes[0]);
  });

  it("let in who forgot the password, once, and sign out everywhere else", async () => {
    await elsewhere().get(`${BASE}/sign-in`);
    await press(elsewhere(), byText("a", "Forgotten password"));
    await find(elsewhere(), byText("h1", "Forgotten password"));
    expect(await violations(elsewhere())).toEqual([]);
    await setViewport(elsewhere(), 360, 760);
    expect(await widerThanScreen(elsewhere())).toBe(0);
    await setViewport(elsewhere(), 1280, 800);
    await type(elsewhere(), "email", EMAIL);
    await type(elsewhere(), "code", (codes[0] ?? "").toUpperCase());
    await type(elsewhere(), "fresh", "password123");
    await press(elsewhere(), byText("button", "Set the password"));
    await find(elsewhere(), byText("p", "among the passwords that are tried first"));
    await type(elsewhere(), "email", EMAIL);
    await type(elsewhere(), "code", codes[0] ?? "");
    await type(elsewhere(), "fresh", SECOND);
    await press(elsewhere(), byText("button", "Set the password"));
    await find(elsewhere(), byText("p", "7 of your recovery codes are unused"));
    await first().get(`${BASE}/settings`);
    await find(first(), byText("h2", "Sign in"));
  });
});

describe("devices", () => {
  it("are seen by name, and are signed out from another", async () => {
    await signIn(first(), SECOND);
    await find(first(), byText("h1", "Tonight"));
    await elsewhere().get(`${BASE}/settings/account`);
    await waitFor(
      async () => (await elsewhere().findElements(byText("button", "sign out"))).length > 0,
      "the other device is not listed",
    );
    expect(await body(elsewhere())).toContain("Chrome on Linux");
    await setViewport(elsewhere(), 360, 760);
    expect(await widerThanScreen(elsewhere())).toBe(0);
    await setViewport(elsewhere(), 1280, 800);
    await press(elsewhere(), byText("button", "Sign out everywhere else"));
    await waitFor(
      async () =>
        (await elsewhere().findElements(byText("button", "Sign out everywhere else"))).length === 0,
      "the other device is still there",
    );
    await first().get(`${BASE}/settings`);
    await find(first(), byText("h2", "Sign in"));
  });
});

describe("a new password", () => {
  it("is taken with the old one, and then the old one opens nothing", async () => {
    const driver = elsewhere();
    await driver.get(`${BASE}/settings/account`);
    const form = "form:has(input[name=again])";
    const change = async (now: string, next: string, again = next) => {
      await type(driver, "password", now, form);
      await type(driver, "fresh", next, form);
      await type(driver, "again", again, form);
      await press(driver, byText("button", "Change the password"));
    };
    await change(FIRST, "seven swifts over a mill");
    await find(driver, byText("p", "That is not your password now."));
    await change(SECOND, "seven swifts over a mill", "seven swifts over a hill");
    await find(driver, byText("p", "The two are not the same."));
    await change(SECOND, "Ash and Rush");
    await find(driver, byText("p", "others know it, too"));
    await change(SECOND, "seven swifts over a mill");
    await find(driver, byText("p", "Changed. Every other device is signed out"));
    await signIn(first(), SECOND);
    await find(first(), byText("p", "do not belong together"));
    await signIn(first(), "seven swifts over a mill");
    await find(first(), byText("h1", "Tonight"));
  });

  it("is not the demo's to have", async () => {
    await first().manage().deleteAllCookies();
    await openDemo(first());
    await first().get(`${BASE}/settings/account`);
    await find(first(), byText("p", "open to everybody"));
    expect(await first().findElements(byText("button", "Change the password"))).toEqual([]);
  });
});

/** Brings the demo's tins in as a class of some days ago. */
async function bringTins(driver: WebDriver, daysAgo: number): Promise<string> {
  const file = fileURLToPath(new URL("../demo/seed-tins.json", import.meta.url));
  const document = JSON.parse(readFileSync(file, "utf8"));
  document.when.date = new Date(Date.now() - daysAgo * 86_400_000).toISOString().slice(0, 10);
  const moved = join(mkdtempSync(join(tmpdir(), "tins-")), "tins.json");
  writeFileSync(moved, JSON.stringify(document));
  await driver.get(`${BASE}/classes`);
  await driver.findElement(By.css("input[type=file]")).sendKeys(moved);
  await waitFor(
    async () => /\/classes\/[0-9a-f-]{36}/u.test(await driver.getCurrentUrl()),
    "the class was not brought in",
  );
  return (await driver.getCurrentUrl()).replace(/\/[a-z-]+$/u, "");
}

describe("participants' names", () => {
  let over = "";

  it("are erased of a class that is over, at Look back, when that is said twice", async () => {
    const driver = elsewhere();
    await driver.manage().deleteAllCookies();
    await signIn(driver, "seven swifts over a mill");
    await find(driver, byText("h1", "Tonight"));
    over = await bringTins(driver, 80);
    await driver.get(`${over}/look-back`);
    await press(driver, byText("button", "Erase the names of this class now"));
    await press(driver, byText("button", "Keep them"));
    await press(driver, byText("button", "Erase the names of this class now"));
    expect(await violations(driver)).toEqual([]);
    await press(driver, byText("button", "Erase them"));
    await find(driver, byText("p", "The names of this class were erased on"));
    for (const station of ["plan", "letter", "weed", "pack", "look-back", "teach"]) {
      await driver.get(`${over}/${station}`);
      await find(driver, byText("p", "The names of this class were erased on"));
      expect(await body(driver)).not.toContain("Bartholomew");
    }
  });

  it("go by themselves after months that Settings is told, which asks where some would go at once", async () => {
    const driver = elsewhere();
    const kept = await bringTins(driver, 80);
    await driver.get(`${BASE}/settings`);
    const label = "Names and texts of decals are kept";
    await choose(driver, label, "3");
    await waitFor(
      async () => (await driver.findElements(byText("p", "Saved"))).length > 0,
      "three months were not saved",
    );
    await choose(driver, label, "1");
    await find(driver, byText("p", "One class is older than that"));
    expect(await violations(driver)).toEqual([]);
    await press(driver, byText("button", "Leave as it was"));
    await driver.navigate().refresh();
    const list = await find(driver, By.xpath(`//label[.="${label}"]/following::select[1]`));
    expect(await list.getAttribute("value")).toBe("3");
    await driver.get(`${kept}/look-back`);
    await find(driver, byText("p", "Names and the texts of decals are erased on"));
  });
});

describe("several people", () => {
  let third: Window;
  let tins = "";
  beforeAll(async () => {
    third = await openWindow();
  });
  afterAll(() => third?.close());
  const account = () => elsewhere().get(`${BASE}/settings/account`);

  it("a helper comes in by a link, works at the benches, and sees no more", async () => {
    tins = await bringTins(elsewhere(), -8);
    await account();
    await press(elsewhere(), byText("button", "Make a link to join"));
    const link = await (await find(elsewhere(), By.css("[data-invitation]"))).getText();
    expect(await violations(elsewhere())).toEqual([]);
    const { driver } = third;
    await setViewport(driver, 360, 760);
    await driver.get(link);
    await find(driver, byText("h1", "Join Ash and Rush"));
    expect(await widerThanScreen(driver)).toBe(0);
    expect(await violations(driver)).toEqual([]);
    await setViewport(driver, 1280, 800);
    const say = async (name: string, email: string, password: string) => {
      await type(driver, "person", name);
      await type(driver, "email", email);
      await type(driver, "password", password);
      await press(driver, byText("button", "Join"));
    };
    await say("Reed", EMAIL, "four plovers near a weir");
    await find(driver, byText("p", "has an account already"));
    await say("Reed", "reed@account.example", "four plovers near a weir");
    await find(driver, byText("h1", "at the benches"));
    expect(await driver.findElements(byText("a", "Shelf"))).toHaveLength(0);
    expect(await violations(driver)).toEqual([]);
    for (const [page, heading] of [
      ["/settings", "This is for hosts"],
      ["/shelf", "This is for hosts"],
      [tins.replace(BASE, "").concat("/plan"), "This is for hosts"],
    ] as const) {
      await driver.get(BASE + page);
      await find(driver, byText("h1", heading));
    }
    for (const station of ["cut", "weed", "pack"]) {
      await driver.get(`${tins}/${station}`);
      await find(driver, byText("h1", "Seed tins"));
      await find(driver, By.css("main h2"));
      expect(await violations(driver)).toEqual([]);
    }
    expect(await driver.findElements(By.css("nav[aria-label=Stations] a"))).toHaveLength(3);
    await driver.get(link);
    await find(driver, byText("h1", "lets nobody in any more"));
  });

  it("an owner makes a co-host of them, who plans but says not who works here; and removes them", async () => {
    const { driver } = third;
    await account();
    const row = By.css("[data-person='reed@account.example']");
    await find(elsewhere(), row);
    await choose(elsewhere(), "What Reed is", "cohost");
    await waitFor(async () => {
      await driver.get(`${BASE}/settings`);
      return (await driver.findElements(byText("h1", "This is for hosts"))).length === 0;
    }, "Reed is no host");
    await driver.get(`${BASE}/settings/account`);
    await find(driver, byText("h2", "Leave Ash and Rush"));
    expect(await driver.findElements(byText("h2", "Who works here"))).toHaveLength(0);
    expect(await driver.findElements(byText("h2", "Erase the studio"))).toHaveLength(0);
    await driver.get(tins.replace("/classes/", "/bench/"));
    await find(driver, By.css("main"));
    await account();
    await press(elsewhere(), byText("button", "remove"));
    await press(elsewhere(), byText("button", "Remove Reed"));
    await waitFor(
      async () => (await elsewhere().findElements(row)).length === 0,
      "Reed is still listed",
    );
    // A bench that was open then hears no more of the class.
    await waitFor(
      async () => (await body(driver)).includes("not in use any more"),
      "the bench goes on",
      90_000,
    );
    await driver.get(`${BASE}/`);
    await find(driver, byText("h2", "Sign in"));
  });
});

describe("leaving", () => {
  it("takes the work along as one file of open formats", async () => {
    const driver = elsewhere();
    await driver.get(`${BASE}/classes`);
    const tins = fileURLToPath(new URL("../demo/seed-tins.json", import.meta.url));
    await driver.findElement(By.css("input[type=file]")).sendKeys(tins);
    await waitFor(
      async () => /\/classes\/[0-9a-f-]{36}/u.test(await driver.getCurrentUrl()),
      "the class was not brought in",
    );
    const saved = await driver.executeAsyncScript<string>(`
      const done = arguments[0];
      fetch("/settings/studio.zip").then((r) => r.blob()).then((blob) => {
        const reader = new FileReader();
        reader.onload = () => done(reader.result.split(",")[1]);
        reader.readAsDataURL(blob);
      });`);
    const files = unzipSync(Buffer.from(saved, "base64"));
    expect(Object.keys(files)).toEqual(
      expect.arrayContaining(["README.txt", "studio.json", "goods.csv", "log.csv"]),
    );
    const file = files["classes/004-seed-tins-for-the-allotment-society.json"];
    const read = readClassDocument(JSON.parse(strFromU8(file ?? new Uint8Array())));
    const given = readClassDocument(JSON.parse(readFileSync(tins, "utf8")));
    expect(read.ok && read.value.seats).toEqual(given.ok && given.value.seats);
    expect(strFromU8(files["studio.json"] ?? new Uint8Array())).toContain("Ash and Rush");
  });

  it("erases the studio by its name and the password, and then nobody comes in", async () => {
    const driver = elsewhere();
    await driver.get(`${BASE}/settings/account`);
    const form = "form:has(input[name=studio])";
    const erase = async (studio: string, password: string) => {
      await type(driver, "studio", studio, form);
      await type(driver, "password", password, form);
      await press(driver, byText("button", "Erase the studio for good"));
    };
    await erase("Ash", "seven swifts over a mill");
    await find(driver, byText("p", "Type “Ash and Rush”."));
    await erase("Ash and Rush", FIRST);
    await find(driver, byText("p", "That is not your password now."));
    expect(await violations(driver)).toEqual([]);
    await erase("Ash and Rush", "seven swifts over a mill");
    await find(driver, byText("h2", "Sign in"));
    await signIn(driver, "seven swifts over a mill");
    await find(driver, byText("p", "do not belong together"));
  });
});
