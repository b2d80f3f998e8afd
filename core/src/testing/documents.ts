/** Class documents for tests: the demo's, and variations. */
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { type ClassDocument, readClassDocument } from "../document/document.ts";
import { type OneThing, oneThing } from "./one-thing.ts";

export function demoClass(name: string): ClassDocument {
  const path = fileURLToPath(new URL(`../../../demo/${name}.json`, import.meta.url));
  const read = readClassDocument(JSON.parse(readFileSync(path, "utf8")));
  if (!read.ok) throw new Error(`${name}: ${read.path}: ${read.message}`);
  return read.value;
}

/** A class of the demo that makes one thing. */
export const demoDocument = (name: string): OneThing => oneThing(demoClass(name));

export function withNames(document: OneThing, names: readonly string[]): OneThing {
  return {
    ...document,
    seats: names.map((name, i) => ({ seat: String(i + 1), fields: { name, word: "Kale" } })),
  };
}

const SYLLABLES = ["ma", "ri", "lo", "ben", "ka", "tho", "wen", "sa", "ul", "ing", "é", "ø"];

/** Made-up names of two to four syllables, the same for the same seed. */
export function madeUpNames(count: number, random: () => number): string[] {
  return Array.from({ length: count }, () => {
    const name = Array.from(
      { length: 2 + Math.floor(random() * 3) },
      () => SYLLABLES[Math.floor(random() * SYLLABLES.length)],
    ).join("");
    return name.charAt(0).toUpperCase() + name.slice(1);
  });
}
