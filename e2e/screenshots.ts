/** One current picture of each main view, from the demo data. */
import { fileURLToPath } from "node:url";
import { By } from "selenium-webdriver";
import { byText, find, openWindow, press, setViewport, shoot, waitFor } from "./browser.ts";
import { BASE, choiceLink, choose as chooseIn, demoClass, lettered, openDemo } from "./journey.ts";

const folder = fileURLToPath(new URL("../docs/screenshots/", import.meta.url));
const window = await openWindow();
const { driver } = window;
const picture = (name: string) => shoot(driver, `${folder}${name}.png`);

async function visit(
  url: string,
  name: string,
  ready: By = By.css("main h2, main h1"),
): Promise<void> {
  await driver.get(url);
  await find(driver, ready);
  await driver.sleep(400);
  await picture(name);
}

try {
  await driver.get(`${BASE}/sign-in`);
  await find(driver, byText("h2", "Sign in"));
  await openDemo(driver);
  await driver.sleep(300);
  await waitFor(
    async () => !/being planned/iu.test(await driver.findElement(By.css("main")).getText()),
    "a class is still being planned",
    120_000,
  );
  await picture("tonight");
  const tins = await demoClass(driver, "Seed tins");
  const slates = await demoClass(driver, "Slate house");
  const bottles = await demoClass(driver, "Rowing");
  await visit(`${tins}/plan`, "plan");
  await driver.get(`${await demoClass(driver, "Quay market")}/letter?thing=jug`);
  await lettered(driver, 12);
  await driver.sleep(1500);
  await picture("set");
  await visit(`${await demoClass(driver, "Terracotta")}/measure`, "measure");
  await driver.get(`${await demoClass(driver, "Glass cloche")}/measure`);
  await press(driver, byText("button", "Where it creases"));
  await find(driver, By.css("[data-verdict]"));
  await driver.sleep(300);
  await picture("creases");
  await driver.get(`${tins}/letter`);
  await lettered(driver, 14);
  await driver.sleep(1500);
  await picture("letter");
  await press(driver, By.css("[data-seat='6'] button"));
  await driver.sleep(900);
  await picture("seat");
  await driver.get(`${tins}/letter`);
  const choose = await choiceLink(driver);
  await visit(`${tins}/cut`, "cut");
  await driver.get(`${BASE}/shelf`);
  await press(driver, By.css("[aria-label='Take Seed tin with lid in hand']"));
  await find(driver, byText("td", "counted"));
  await driver.executeScript("window.scrollTo(0, 0)");
  await driver.sleep(300);
  await picture("shelf");
  await visit(`${tins.replace("/classes/", "/bench/")}?order=hard`, "weed");
  await visit(`${tins}/pack`, "pack");
  await visit(`${slates}/teach`, "teach");
  await visit(`${bottles}/look-back`, "look-back");
  await visit(`${BASE}/logbook`, "logbook");
  await driver.get(`${slates}/rehearse`);
  await find(driver, By.css("[data-way]"));
  await driver.sleep(400);
  await picture("rehearse");
  await driver.get(`${BASE}/projects`);
  await press(
    driver,
    By.xpath(
      "//*[@data-project='Seed tins for the allotment society']//a[contains(., 'variants')]",
    ),
  );
  await find(driver, By.css("[data-variant='Autumn'] dl"));
  await driver.executeScript("window.scrollTo(0, 0)");
  await driver.sleep(400);
  await picture("variants");

  await driver.get(`${slates}/teach`);
  const link =
    (await (await find(driver, By.css("[data-follow-link]"))).getAttribute("href")) ?? "";
  await driver.get(slates.replace("/classes/", "/live/"));
  await press(driver, byText("button", "Begin the class"));
  await press(driver, byText("button", "Begin all the same"));
  for (const step of ["clean", "weed", "tape", "place", "press", "seal-edges"]) {
    await press(driver, byText("button", "Next step"));
    await waitFor(
      async () => (await driver.findElements(By.css(`h1[data-step="${step}"]`))).length > 0,
      `${step} did not come`,
    );
  }
  await driver.sleep(400);
  await picture("live");
  await setViewport(driver, 390, 844);
  await visit(link, "follow", By.css("h1[data-step]"));
  await driver.get(choose);
  await chooseIn(driver, "You are", "2");
  await find(driver, By.css("main svg"));
  await driver.sleep(400);
  await picture("choose");
} finally {
  await window.close();
}
