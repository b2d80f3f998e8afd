/**
 * Nobody needs the JSON file: every leaf of a class document has a control at its station, or a
 * reason why not.
 */
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { classDocumentSchema } from "@elm-basket/core/document/document.ts";
import { describe, expect, it } from "vitest";
import * as z from "zod";
import { CONTROLS, controlFor } from "./controls.ts";
import * as said from "./words-en.ts";

interface Json {
  readonly type?: string;
  readonly anyOf?: readonly Json[];
  readonly oneOf?: readonly Json[];
  readonly const?: unknown;
  readonly properties?: Readonly<Record<string, Json>>;
  readonly additionalProperties?: Json | boolean;
  readonly items?: Json;
}

/** Paths of all values a document may hold: `things[].blank.shape<round>.diameter`. */
function leavesOf(schema: Json, path = ""): string[] {
  const ways = schema.anyOf ?? schema.oneOf;
  if (ways)
    return ways.flatMap((way) => {
      const kind = way.properties?.kind?.const ?? way.properties?.rule?.const;
      return leavesOf(way, typeof kind === "string" ? `${path}<${kind}>` : path);
    });
  if (schema.type === "object") {
    const own = Object.entries(schema.properties ?? {}).flatMap(([key, value]) =>
      leavesOf(value, path === "" ? key : `${path}.${key}`),
    );
    return typeof schema.additionalProperties === "object"
      ? [...own, ...leavesOf(schema.additionalProperties, `${path}{}`)]
      : own;
  }
  return schema.type === "array" && schema.items ? leavesOf(schema.items, `${path}[]`) : [path];
}

const leaves = [...new Set(leavesOf(z.toJSONSchema(classDocumentSchema, { io: "input" }) as Json))];

const folder = fileURLToPath(new URL("..", import.meta.url));
/** What a view of the frame says. */
function wordsOf(file: string): string {
  const name = file.replace(".tsx", "").replace(/-(\w)/gu, (_, letter) => letter.toUpperCase());
  return Object.values(new Map(Object.entries(said)).get(name) ?? {})
    .map(String)
    .join("\n");
}

/** The source of a station's views, and of what they are made of. */
function sourceOf(station: string): string {
  const names = readdirSync(`${folder}${station}`, { recursive: true, encoding: "utf8" }).filter(
    (name) => /\.tsx?$/u.test(name) && !name.includes(".test.") && name !== "controls.ts",
  );
  const own = names.map((name) => readFileSync(`${folder}${station}/${name}`, "utf8"));
  // What it shares with another station lies in the frame.
  const shared = new Map<string, string>();
  const share = (text: string, pattern: RegExp) => {
    for (const [, name = ""] of text.matchAll(pattern)) {
      if (shared.has(name)) continue;
      shared.set(name, readFileSync(`${folder}frame/${name}`, "utf8") + wordsOf(name));
      share(shared.get(name) ?? "", /"\.\/([\w-]+\.tsx)"/gu);
    }
  };
  for (const text of own) share(text, /@\/stations\/frame\/([\w-]+\.tsx)"/gu);
  return [...own, ...shared.values()].join("\n");
}
const sources = new Map<string, string>();

describe("every leaf of a class document", () => {
  it("is found by walking the schema", () => {
    expect(leaves.length).toBeGreaterThan(200);
    expect(leaves).toContain("things[].blank.shape<round>.diameter");
    expect(leaves).toContain("seats[].things{}.own{}.font");
  });

  it.each(leaves)("%s is changed somewhere, or has a reason", (leaf) => {
    const control = controlFor(leaf);
    expect(control, `no control is named for ${leaf}`).not.toBeNull();
    if (!control) return;
    if ("exempt" in control) {
      expect(control.exempt.length).toBeGreaterThan(10);
      return;
    }
    const source = sources.get(control.station) ?? sourceOf(control.station);
    sources.set(control.station, source);
    expect(
      source.includes(control.name),
      `“${control.name}” stands nowhere at ${control.station}`,
    ).toBe(true);
  });

  it("no control is named for what no document holds", () => {
    expect(
      CONTROLS.filter(([pattern]) => !leaves.some((leaf) => pattern.test(leaf))).map(([pattern]) =>
        String(pattern),
      ),
    ).toEqual([]);
  });
});
