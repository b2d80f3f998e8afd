import { describe, expect, it, vi } from "vitest";
import { insist } from "./insist.ts";

const notFetched = () => Object.assign(new Error("no network"), { name: "ChunkLoadError" });

describe("code that is fetched when it is needed", () => {
  it("is asked for until it is there", async () => {
    vi.useFakeTimers();
    try {
      const load = vi.fn<() => Promise<string>>();
      load.mockRejectedValueOnce(notFetched()).mockRejectedValueOnce(notFetched());
      load.mockResolvedValue("there");
      const got = insist(load);
      await vi.runAllTimersAsync();
      await expect(got).resolves.toBe("there");
      expect(load).toHaveBeenCalledTimes(3);
    } finally {
      vi.useRealTimers();
    }
  });

  it("that came and does not run is asked for once: waiting mends nothing", async () => {
    const load = vi.fn(async () => Promise.reject(new TypeError("broken")));
    await expect(insist(load)).rejects.toThrow("broken");
    expect(load).toHaveBeenCalledTimes(1);
  });
});
