/**
 * What an element looks like: presentation attributes, style sheets, style attributes, inherited
 * values.
 */
import colours from "color-string";
import type { SvgNode } from "./svg-tree.ts";

const INHERITED = [
  "fill",
  "fill-rule",
  "stroke",
  "stroke-width",
  "stroke-linecap",
  "stroke-linejoin",
  "stroke-miterlimit",
  "stroke-dasharray",
  "color",
  "visibility",
  "fill-opacity",
  "stroke-opacity",
  "clip-rule",
  "marker",
  "marker-start",
  "marker-mid",
  "marker-end",
] as const;
const OWN = [
  "opacity",
  "display",
  "clip-path",
  "mask",
  "filter",
  "stop-color",
  "vector-effect",
] as const;
const KNOWN: ReadonlySet<string> = new Set([...INHERITED, ...OWN]);

export type Style = Readonly<Record<string, string>>;

export const FIRST_STYLE: Style = {
  fill: "black",
  stroke: "none",
  "stroke-width": "1",
  color: "black",
};

export interface StyleRule {
  readonly tag: string;
  readonly id: string;
  readonly classes: readonly string[];
  readonly declarations: Style;
}

/**
 * Rules of a style sheet with plain selectors (tag, .class, #id); what is more involved is counted
 * as left out.
 */
export function readStyleSheet(text: string): { rules: StyleRule[]; skipped: number } {
  const rules: StyleRule[] = [];
  let skipped = 0;
  const plain = text.replace(/\/\*[\s\S]*?\*\//gu, "").replace(/@[a-z-]+[^;{]*;/giu, () => {
    skipped += 1;
    return "";
  });
  for (const [, selectors, body] of plain.matchAll(/([^{}]+)\{([^{}]*)\}/gu)) {
    const declarations = readDeclarations(body ?? "");
    for (const selector of (selectors ?? "").split(",")) {
      const match = /^(\*|[a-z][a-z0-9]*)?((?:[.#][\w-]+)*)$/iu.exec(selector.trim());
      if (!match || selector.trim() === "") {
        skipped += 1;
        continue;
      }
      const parts = match[2]?.match(/[.#][\w-]+/gu) ?? [];
      rules.push({
        tag: match[1] === "*" ? "" : (match[1] ?? ""),
        id: parts.find((part) => part.startsWith("#"))?.slice(1) ?? "",
        classes: parts.filter((part) => part.startsWith(".")).map((part) => part.slice(1)),
        declarations,
      });
    }
  }
  return { rules: rules.sort((a, b) => weight(a) - weight(b)), skipped };
}

const weight = (rule: StyleRule): number =>
  (rule.id ? 100 : 0) + rule.classes.length * 10 + (rule.tag ? 1 : 0);

function readDeclarations(text: string): Record<string, string> {
  return Object.fromEntries(
    text.split(";").flatMap((line): [string, string][] => {
      const colon = line.indexOf(":");
      const name = line.slice(0, colon).trim().toLowerCase();
      return colon > 0 && KNOWN.has(name)
        ? [
            [
              name,
              line
                .slice(colon + 1)
                .replace(/!important/u, "")
                .trim(),
            ],
          ]
        : [];
    }),
  );
}

export function styleOf(node: SvgNode, parent: Style, rules: readonly StyleRule[]): Style {
  const inherited = Object.fromEntries(
    INHERITED.flatMap((name) => (parent[name] === undefined ? [] : [[name, parent[name]]])),
  );
  const attributes = Object.fromEntries(
    Object.entries(node.attributes).filter(([name]) => KNOWN.has(name)),
  );
  const classes = new Set((node.attributes.class ?? "").split(/\s+/u));
  const sheet = rules
    .filter(
      (rule) =>
        (!rule.tag || rule.tag === node.name) &&
        (!rule.id || rule.id === node.attributes.id) &&
        rule.classes.every((name) => classes.has(name)),
    )
    .map(({ declarations }) => declarations);
  const merged: Record<string, string> = Object.assign(
    {},
    inherited,
    attributes,
    ...sheet,
    readDeclarations(node.attributes.style ?? ""),
  );
  for (const [name, value] of Object.entries(merged))
    if (value === "inherit") merged[name] = parent[name] ?? "";
  return merged;
}

export type Paint =
  | { readonly kind: "none" }
  | { readonly kind: "colour"; readonly colour: string; readonly alpha: number }
  | { readonly kind: "reference"; readonly id: string }
  | { readonly kind: "unknown"; readonly text: string };

/** A paint as an upper-case `#RRGGBB`, a reference to a gradient, or none. */
export function readPaint(text: string | undefined, color: string | undefined): Paint {
  const value = (text ?? "").trim();
  if (value === "" || value === "none" || value === "transparent") return { kind: "none" };
  if (/^(currentcolor|context-fill|context-stroke)$/iu.test(value))
    return color && !/^currentcolor$/iu.test(color)
      ? readPaint(color, undefined)
      : { kind: "colour", colour: "#000000", alpha: 1 };
  const reference = /^url\(\s*["']?#([^"')]+)["']?\s*\)/u.exec(value);
  if (reference) return { kind: "reference", id: reference[1] as string };
  const found = colours.get.rgb(value) ?? hslToRgb(value);
  if (!found) return { kind: "unknown", text: value.slice(0, 40) };
  return {
    kind: "colour",
    colour: `#${found
      .slice(0, 3)
      .map((n) =>
        Math.round(n as number)
          .toString(16)
          .padStart(2, "0"),
      )
      .join("")}`.toUpperCase(),
    alpha: found[3] as number,
  };
}

function hslToRgb(value: string): [number, number, number, number] | null {
  const hsl = colours.get.hsl(value);
  if (!hsl) return null;
  const [h = 0, s = 0, l = 0, alpha = 1] = [
    hsl[0],
    (hsl[1] ?? 0) / 100,
    (hsl[2] ?? 0) / 100,
    hsl[3],
  ];
  const channel = (n: number): number => {
    const k = (n + h / 30) % 12;
    return 255 * (l - s * Math.min(l, 1 - l) * Math.max(-1, Math.min(k - 3, 9 - k, 1)));
  };
  return [channel(0), channel(8), channel(4), alpha];
}

/** A share from 0 to 1, as `0.5` or `50%`; 1 when it is not said. */
export function readShare(text: string | undefined): number {
  const match = /^\s*([\d.]+)\s*(%?)\s*$/u.exec(text ?? "");
  return match ? Math.min(1, Number(match[1]) / (match[2] ? 100 : 1)) : 1;
}
