import { afterEach, describe, expect, it, vi } from "vitest";
import { late } from "./late-words.ts";

const page = (lang: string) =>
  vi.stubGlobal("document", { documentElement: { lang } } as unknown as Document);
afterEach(() => vi.unstubAllGlobals());

describe("words of another language", () => {
  it("are not asked for on a page in English", () => {
    page("en");
    const load = vi.fn(async () => ({ hello: "Hallo" }));
    late(load);
    expect(load).not.toHaveBeenCalled();
  });

  it("are asked for once, when the scripts start; what is drawn before waits for them", async () => {
    page("de");
    const load = vi.fn(async () => ({ hello: "Hallo" }));
    const german = late(load);
    const waited: unknown[] = [];
    for (let n = 0; n < 2; n++)
      try {
        german();
      } catch (thrown) {
        waited.push(thrown);
      }
    expect(waited).toHaveLength(2);
    expect(waited[0]).toBeInstanceOf(Promise);
    expect(waited[1]).toBe(waited[0]);
    await waited[0];
    expect(german()).toEqual({ hello: "Hallo" });
    expect(load).toHaveBeenCalledTimes(1);
  });
});
