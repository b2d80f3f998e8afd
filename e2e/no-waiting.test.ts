/**
 * Nobody looks at a page that does not say what it waits for, and no page waits for what it does
 * not show.
 */
import postgres from "postgres";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { find, openWindow, type Window, waitFor } from "./browser.ts";
import { BASE, demoClass, fetchText, openDemo } from "./journey.ts";

let window: Window;
let address = "";
const id = () => address.split("/").pop() ?? "";
const text = () => window.driver.executeScript<string>("return document.body.innerText");

/** As though its document had changed since it was planned. */
async function outdated(): Promise<void> {
  const owner = postgres(process.env.ELM_OWNER_URL ?? "", { max: 1 });
  await owner`update workshops set plan_hash = 'of before' where id = ${id()}`;
  await owner.end();
}

beforeAll(async () => {
  window = await openWindow();
  await openDemo(window.driver);
  address = await demoClass(window.driver, "Seed tins");
}, 60_000);
afterAll(() => window?.close());

describe("a class whose plan is of an older document", () => {
  it("stands at Tonight with its figures of before, is planned meanwhile, and the page says both", async () => {
    // Away from links, which fetch ahead and would have it planned; and as it is sent: a small
    // class is planned before one has read it.
    await window.driver.get(`${address}/planning`);
    await outdated();
    const { text: sent } = await fetchText(window.driver, `${BASE}/`);
    expect(
      sent.includes("its figures are those of before the last change"),
      "Tonight says nothing of it",
    ).toBe(true);
    await window.driver.get(`${BASE}/`);
    expect(await text()).toContain("Tonight");
    await waitFor(
      async () => !(await text()).includes("those of before"),
      "Tonight never had the new plan",
      60_000,
    );
  }, 120_000);

  it("shows its head and the way through at once, and then the station", async () => {
    await outdated();
    await window.driver.get(`${address}/plan`);
    await outdated();
    await window.driver.executeScript(
      "arguments[0].click()",
      await find(window.driver, By.css("nav[aria-label=Stations] a[href$='/cut']")),
    );
    await waitFor(
      async () => (await window.driver.getCurrentUrl()) === `${address}/cut`,
      "the station was never come to",
    );
    await find(window.driver, By.css("main svg[role=img]"));
    expect(await text()).not.toContain("Fetching the page");
  }, 120_000);

  it("tells how far planning has come to its own host only", async () => {
    const { status, text: body } = await fetchText(window.driver, `${address}/planning`);
    expect(status).toBe(200);
    expect(JSON.parse(body)).toHaveProperty("progress");
    expect((await fetch(`${address}/planning`)).status).toBe(401);
  });
});

describe("the address of a class", () => {
  it("leads to its first station, and whoever is not signed in to the door", async () => {
    const bare = await fetch(address, { redirect: "manual" });
    expect([bare.status, new URL(bare.headers.get("location") ?? "", BASE).pathname]).toEqual([
      307,
      `${new URL(address).pathname}/plan`,
    ]);
    const strange = await fetch(`${address}/cut`, { redirect: "manual" });
    expect([strange.status, new URL(strange.headers.get("location") ?? "", BASE).pathname]).toEqual(
      [307, "/sign-in"],
    );
  });
});

describe("a class that is not there", () => {
  it.each(["cut", "letter", "plan"])(
    "is not found, and does not begin to load: %s",
    async (station) => {
      for (const none of ["00000000-0000-4000-8000-000000000000", "nothing"])
        expect((await fetchText(window.driver, `${BASE}/classes/${none}/${station}`)).status).toBe(
          404,
        );
    },
  );
});

describe("what a page sends", () => {
  const KB = 1000;
  let many = "";
  beforeAll(async () => {
    many = (await demoClass(window.driver, "clipboard")).split("/").pop() ?? "";
  });

  it.each([
    ["/", 150],
    ["/projects", 400],
    ["/classes/ID/cut", 110],
    ["/classes/ID/plan", 260],
    ["/classes/ID/pack", 130],
    ["/classes/ID/look-back", 40],
  ])("%s of a hundred and sixty seats is no more than %i kB", async (path, most) => {
    const { text: html } = await fetchText(window.driver, `${BASE}${path.replace("ID", many)}`);
    expect(html.length).toBeLessThan(most * KB);
  });
});
