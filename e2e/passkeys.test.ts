/** A device that keeps a passkey signs its person in; the browser's own made-up device holds it. */
import { By, type WebDriver } from "selenium-webdriver";
import type { Driver } from "selenium-webdriver/chrome.js";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { violations } from "./accessibility.ts";
import { byText, find, openWindow, press, type Window, waitFor } from "./browser.ts";
import { BASE, openNewStudio, type } from "./journey.ts";

/** Devices keep keys for names, not for figures. */
const NAMED = BASE.replace("127.0.0.1", "localhost");
const PASSWORD = "eleven herons in a yard";
let window: Window;
const driver = (): WebDriver => window.driver;
let device = "";
const told = (command: string, given: object): Promise<unknown> =>
  (driver() as Driver).sendAndGetDevToolsCommand(command, given) as unknown as Promise<unknown>;
/** What the person does when the device asks: its finger is the right one, or it is not. */
const finger = (right: boolean) =>
  told("WebAuthn.setUserVerified", { authenticatorId: device, isUserVerified: right });

beforeAll(async () => {
  window = await openWindow();
  await openNewStudio(driver(), "Keys and Kettles", "Tansy", "tansy@passkeys.example");
  await told("WebAuthn.enable", {});
  const made = (await told("WebAuthn.addVirtualAuthenticator", {
    options: {
      protocol: "ctap2",
      transport: "internal",
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
    },
  })) as { authenticatorId: string };
  device = made.authenticatorId;
});
afterAll(() => window.close());

const signInHere = async () => {
  await driver().get(`${NAMED}/sign-in`);
  await type(driver(), "email", "tansy@passkeys.example");
  await type(driver(), "password", PASSWORD);
  await press(driver(), byText("button", "Sign in"));
  await find(driver(), byText("h1", "Tonight"));
};
const keep = async (password: string) => {
  const field = await find(driver(), By.css("form[aria-label='A passkey more'] input"));
  await field.clear();
  await field.sendKeys(password);
  await press(driver(), byText("button", "Keep a passkey"));
};
const signOut = async () => {
  await press(driver(), byText("button", "Sign out"));
  await find(driver(), byText("h2", "Sign in"));
};

describe("a passkey", () => {
  it("is not promised where the address is figures: that is said, with what would do", async () => {
    await driver().get(`${BASE}/settings/account`);
    await keep(PASSWORD);
    await find(driver(), byText("p", "this one is figures only"));
  });

  it("is kept by the password, and then opens the studio without it", async () => {
    await signInHere();
    await driver().get(`${NAMED}/settings/account`);
    await keep("not my password");
    await find(driver(), byText("p", "That is not your password now."));
    await keep(PASSWORD);
    await find(driver(), byText("p", "this device signs you in from now on"));
    await find(driver(), By.css("ul[aria-label='Passkeys'] li"));
    expect(await violations(driver())).toEqual([]);
    await keep(PASSWORD);
    await find(driver(), byText("p", "keeps a passkey for you already"));
    await signOut();
    expect(await violations(driver())).toEqual([]);
    await press(driver(), byText("button", "Sign in with a passkey"));
    await find(driver(), byText("h1", "Tonight"));
    await driver().get(`${NAMED}/settings/account`);
    await find(driver(), byText("span", "last used"));
  });

  it("opens nothing to another finger, nor after it was removed", async () => {
    await signOut();
    await finger(false);
    await press(driver(), byText("button", "Sign in with a passkey"));
    await find(driver(), byText("p", "No passkey was used"));
    await finger(true);
    await signInHere();
    await driver().get(`${NAMED}/settings/account`);
    await press(driver(), byText("button", "remove"));
    await waitFor(
      async () =>
        (await driver().findElements(By.css("ul[aria-label='Passkeys'] li"))).length === 0,
      "it is still listed",
    );
    await signOut();
    await press(driver(), byText("button", "Sign in with a passkey"));
    await find(driver(), byText("p", "belongs to no account here"));
  });
});
