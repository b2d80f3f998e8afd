import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { act, isPlain, no, takes, unusable } from "./act.ts";

const WEB = fileURLToPath(new URL("..", import.meta.url));
const filesOf = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (entry.name.startsWith(".") || entry.name === "node_modules") return [];
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return filesOf(path);
    return /\.tsx?$/u.test(entry.name) ? [path] : [];
  });

describe("server actions", () => {
  const files = filesOf(WEB)
    .map((path) => ({ path: path.slice(WEB.length), text: readFileSync(path, "utf8") }))
    .filter(({ text }) => /^"use server";/u.test(text));

  it("are all made by the wrapper, wherever they are", () => {
    expect(files.length).toBeGreaterThan(20);
    for (const { path, text } of files) {
      const said = [...text.matchAll(/^export (?!type\b|interface\b)(.*)$/gmu)].map(
        ([, line]) => line,
      );
      expect(said.length, path).toBeGreaterThan(0);
      for (const line of said) expect(line, path).toMatch(/^const \w+ = act\(/u);
    }
  });

  it("hide nowhere else: no function of another file says that it is one", () => {
    for (const path of filesOf(WEB)) {
      const text = readFileSync(path, "utf8");
      if (!path.endsWith("act.test.ts") && !/^"use server";/u.test(text))
        expect(/^\s*"use server"/mu.test(text), path).toBe(false);
    }
  });
});

describe("the wrapper", () => {
  const add = act(
    [takes.id, takes.count, takes.on.optional()],
    no,
    async (id: string, by: number, on?: boolean) => ({ ok: true, message: `${id} ${by} ${on}` }),
  );
  const ID = "6f3d1c9e-2a40-4f5a-9b7e-0c1d2e3f4a5b";

  it("hands on what fits, and what may be left out", async () => {
    expect(await add(ID, 3, true)).toEqual({ ok: true, message: `${ID} 3 true` });
    expect(await add(ID, 0)).toEqual({ ok: true, message: `${ID} 0 undefined` });
  });

  it("answers in words what does not fit, and the work is not begun", async () => {
    const wrong = add as (...given: unknown[]) => Promise<{ ok: boolean; message: string }>;
    for (const given of [
      [],
      ["not an id", 1],
      [ID, "1"],
      [ID, Number.NaN],
      [ID, 1e20],
      [ID, -1],
      [ID, 1, "yes"],
      [{ toString: () => ID }, 1],
      [[ID], 1],
      [null, 1],
    ])
      expect(await wrong(...given), JSON.stringify(given)).toEqual({
        ok: false,
        message: unusable(),
      });
  });

  it("says of a null byte that it is one: what was pasted holds it, not the page", async () => {
    const named = act(
      [takes.text],
      no,
      async (): Promise<{ ok: boolean; message: string }> => ({
        ok: true,
        message: "",
      }),
    );
    expect((await named("Ines\0")).message).toMatch(/null byte/u);
    const form = new FormData();
    form.set("title", "a\0b");
    const filled = act([takes.form], no, async () => no(""));
    expect((await filled(form)).message).toMatch(/null byte/u);
  });

  it("what is said beyond its arguments is not heard, and faults inside stay faults", async () => {
    const wrong = add as (...given: unknown[]) => Promise<unknown>;
    expect(await wrong(ID, 1, false, "\0", new Map())).toMatchObject({ ok: true });
    const broken = act([], no, async (): Promise<ReturnType<typeof no>> => {
      throw new Error("the database is away");
    });
    await expect(broken()).rejects.toThrow("away");
  });
});

describe("plain values", () => {
  it("are what JSON and forms have, without null bytes, whatever they are", () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6 }), (value) => {
        expect(isPlain(value)).toBe(!JSON.stringify(value).includes("\\u0000"));
      }),
      { seed: 17, numRuns: 500 },
    );
    const form = new FormData();
    form.set("name", "Zoë");
    expect(isPlain(form)).toBe(true);
    form.set("more", "a\0b");
    expect(isPlain(form)).toBe(false);
  });

  it("are neither endless nor of another kind", () => {
    let deep: unknown = 1;
    for (let i = 0; i < 100; i++) deep = [deep];
    const circle: Record<string, unknown> = {};
    circle.self = circle;
    for (const value of [
      deep,
      circle,
      new Map(),
      new Date(),
      Promise.resolve(1),
      () => 1,
      Infinity,
    ])
      expect(isPlain(value)).toBe(false);
    expect(isPlain(Array.from({ length: 2_000_001 }, () => 0))).toBe(false);
  });
});
