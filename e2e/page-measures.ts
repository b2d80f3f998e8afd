/**
 * What can be measured on any page: whether it fits, whether its controls can be hit and seen to
 * have the focus.
 */
import type { WebDriver } from "selenium-webdriver";
import type chrome from "selenium-webdriver/chrome.js";

/** What reaches beyond the right edge of the screen, and is in nothing that scrolls by itself. */
export const overflowing = (driver: WebDriver): Promise<string[]> =>
  driver.executeScript(`
    const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
    if (wide <= 0) return [];
    const found = [];
    for (const element of document.querySelectorAll("body *")) {
      const { right, width } = element.getBoundingClientRect();
      if (width === 0 || right <= document.documentElement.clientWidth + 1) continue;
      let inside = element.parentElement, scrolls = false;
      while (inside && inside !== document.body) {
        if (["auto", "scroll", "hidden", "clip"].includes(getComputedStyle(inside).overflowX)) scrolls = true;
        inside = inside.parentElement;
      }
      if (!scrolls) found.push(element.tagName.toLowerCase() + " " + (element.getAttribute("class") ?? "").slice(0, 60) + " to " + Math.round(right));
    }
    return ["page is " + wide + " px too wide", ...found.slice(0, 4)];`);

/**
 * Controls under 24 by 24 px (WCAG 2.2, 2.5.8). Links in a sentence are exempt, as the rule says,
 * and what has that much room round
 * it; a box counts with its label.
 */
export const smallTargets = (driver: WebDriver): Promise<string[]> =>
  driver.executeScript(`
    const controls = [...document.querySelectorAll("button, a[href], input:not([type=hidden]), select, textarea, summary, [role=tab]")];
    const seen = (e) => e.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && e.getBoundingClientRect().width > 1 && !e.closest("[aria-hidden=true], .sr-only") && e.getAttribute("aria-hidden") !== "true";
    const boxOf = (e) => {
      const own = e.getBoundingClientRect(), label = e.matches("input[type=checkbox], input[type=radio]") ? e.closest("label") : null;
      return label ? label.getBoundingClientRect() : own;
    };
    const inSentence = (e) => getComputedStyle(e).display === "inline" && [...e.parentElement.childNodes].some((node) => node !== e && node.textContent.trim().length > 1);
    const shown = controls.filter(seen);
    const boxes = shown.map(boxOf);
    return shown.flatMap((e, i) => {
      const box = boxes[i];
      if ((box.width >= 23.5 && box.height >= 23.5) || inSentence(e)) return [];
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      const crowded = boxes.some((other, k) => k !== i && !shown[k].contains(e) && !e.contains(shown[k]) && Math.hypot(Math.max(other.x - x, 0, x - other.right), Math.max(other.y - y, 0, y - other.bottom)) < 12);
      return crowded ? [e.tagName.toLowerCase() + " “" + (e.getAttribute("aria-label") ?? e.textContent).trim().slice(0, 40) + "” " + Math.round(box.width) + " × " + Math.round(box.height)] : [];
    });`);

/** Controls that look the same with and without the focus, reached by key. */
export const unseenFocus = (driver: WebDriver): Promise<string[]> =>
  driver.executeScript(`
    // What is hidden behind its label shows nothing by itself.
    const look = (e) => [e.getBoundingClientRect().width > 2 ? e : null, e.closest("label"), e.parentElement].filter(Boolean).map((one) => {
      const s = getComputedStyle(one);
      return [s.outlineStyle, s.outlineWidth, s.outlineColor, s.boxShadow, s.borderColor, s.backgroundColor, s.textDecorationThickness].join();
    }).join("|");
    const before = document.activeElement;
    const found = [];
    for (const e of document.querySelectorAll("button, a[href], input:not([type=hidden]), select, textarea, summary, [tabindex='0']")) {
      if (!e.checkVisibility() || e.disabled || e.tabIndex < 0 || e.closest("[inert]")) continue;
      e.blur();
      const without = look(e);
      e.focus({ preventScroll: true, focusVisible: true });
      if (document.activeElement === e && look(e) === without) found.push(e.tagName.toLowerCase() + " “" + (e.getAttribute("aria-label") ?? e.name ?? e.textContent ?? "").trim().slice(0, 40) + "”");
      e.blur();
    }
    before?.focus?.({ preventScroll: true });
    return found;`);

/**
 * Bytes of the scripts that a page names itself, as they were sent, compressed: not those of pages
 * that its links lead to.
 */
export const scriptBytes = (driver: WebDriver): Promise<number> =>
  driver.executeScript(`
    return fetch(location.href).then((answer) => answer.text()).then((html) => {
      const named = new Set([...html.matchAll(/(?:src|href)="([^"]+[.]js)[^"]*"/g)].map(([, src]) => new URL(src, location.href).pathname));
      const sent = performance.getEntriesByType("resource").map(({ name, encodedBodySize }) => [new URL(name).pathname, encodedBodySize]);
      return [...new Map(sent)].reduce((sum, [path, bytes]) => sum + (named.has(path) ? bytes : 0), 0);
    });`);

interface Spoken {
  readonly nodeId: string;
  readonly ignored: boolean;
  readonly role?: { readonly value: string };
  readonly name?: { readonly value: string };
  readonly properties?: readonly {
    readonly name: string;
    readonly value: { readonly value: unknown };
  }[];
}

/** The page as a screen reader is given it: what it says and does not hide. */
export async function spoken(
  driver: WebDriver,
): Promise<
  readonly { role: string; name: string; focusable: boolean; level: number; live: string }[]
> {
  const { nodes } = (await (driver as chrome.Driver).sendAndGetDevToolsCommand(
    "Accessibility.getFullAXTree",
    {},
  )) as unknown as { nodes: readonly Spoken[] };
  return nodes
    .filter(({ ignored }) => !ignored)
    .map(({ role, name, properties = [] }) => {
      const of = (wanted: string) => properties.find((one) => one.name === wanted)?.value.value;
      return {
        role: role?.value ?? "",
        name: (name?.value ?? "").trim(),
        focusable: of("focusable") === true,
        level: Number(of("level") ?? 0),
        live: String(of("live") ?? ""),
      };
    });
}

/** Roles that take the focus and say nothing by themselves. */
const UNSPOKEN = new Set(["RootWebArea", "generic", "none", "scrollbar", "dialog", "WebArea"]);

/**
 * What somebody who only listens could not tell: controls without a name, no or several main parts,
 * headings that leave a rank out.
 */
export async function unspoken(driver: WebDriver): Promise<string[]> {
  const nodes = await spoken(driver);
  const found = nodes
    .filter(({ role, name, focusable }) => focusable && name === "" && !UNSPOKEN.has(role))
    .map(({ role }) => `a ${role} without a name`);
  const mains = nodes.filter(({ role }) => role === "main").length;
  if (mains !== 1) found.push(`${mains} main parts`);
  const navigations = nodes.filter(({ role }) => role === "navigation");
  if (navigations.some(({ name }) => name === "")) found.push("a navigation without a name");
  const names = navigations.map(({ name }) => name);
  if (new Set(names).size < names.length)
    found.push(`navigations of one name: ${names.join(", ")}`);
  nodes
    .filter(({ role }) => role === "heading")
    .reduce((before, { level, name }) => {
      if (level > before + 1) found.push(`“${name}” is a heading of rank ${level} after ${before}`);
      return level;
    }, 0);
  return [...new Set(found)];
}
