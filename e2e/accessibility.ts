/** What the rules of WCAG 2.2 AA find on the page as it is, and whether it fits the screen. */
import AxeBuilder from "@axe-core/webdriverjs";
import type { WebDriver } from "selenium-webdriver";

export async function violations(driver: WebDriver): Promise<string[]> {
  const found = await new AxeBuilder(driver)
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
    .analyze();
  return found.violations.map(
    (violation) =>
      `${violation.id}: ${violation.nodes.map((node) => node.html.slice(0, 120)).join(" | ")}`,
  );
}

export const widerThanScreen = (driver: WebDriver) =>
  driver.executeScript(
    "return document.documentElement.scrollWidth - document.documentElement.clientWidth",
  );
