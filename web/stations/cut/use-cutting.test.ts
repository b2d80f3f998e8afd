// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

const router = { refresh: vi.fn() };
vi.mock("next/navigation", () => ({ useRouter: () => router }));
const { useCutting } = await import("./use-cutting.ts");

const asked = vi.fn();
const seen = (state: string | null) => ({
  ok: true,
  json: async () => ({ job: state === null ? null : { state }, silent: false, film: null }),
});
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("fetch", asked);
  asked.mockReset();
  router.refresh.mockReset();
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("watching the cutter", () => {
  it("looks now and then while nothing is cut, often while something is, and refreshes at the end", async () => {
    asked.mockResolvedValue(seen(null));
    const { result } = renderHook(() => useCutting("class"));
    await pass(0);
    await pass(3999);
    expect(asked).toHaveBeenCalledTimes(1);
    asked.mockResolvedValue(seen("cutting"));
    await pass(1);
    expect(result.current.job?.state).toBe("cutting");
    await pass(1800);
    expect(asked).toHaveBeenCalledTimes(5);
    expect(router.refresh).not.toHaveBeenCalled();
    asked.mockResolvedValue(seen("finished"));
    await pass(600);
    expect(router.refresh).toHaveBeenCalledTimes(1);
    await pass(600);
    expect(asked).toHaveBeenCalledTimes(6);
  });

  it("says that it is away, keeps what was seen, and goes on", async () => {
    asked.mockResolvedValueOnce(seen("paused")).mockRejectedValueOnce(new Error("network"));
    const { result } = renderHook(() => useCutting("class"));
    await pass(0);
    asked.mockResolvedValue({ ok: false });
    await pass(600);
    expect([result.current.offline, result.current.job?.state]).toEqual([true, "paused"]);
    await pass(600);
    expect(result.current.offline).toBe(true);
    asked.mockResolvedValue(seen("paused"));
    await pass(600);
    expect(result.current.offline).toBe(false);
  });

  it("a job that was over before it was looked at refreshes the page, too", async () => {
    asked.mockResolvedValue(seen(null));
    const { result } = renderHook(() => useCutting("class"));
    await pass(0);
    await act(async () => result.current.begun());
    expect(router.refresh).toHaveBeenCalledTimes(1);
  });

  it("asks for nothing more once the page is left, also where an answer was on its way", async () => {
    let answer: (value: unknown) => void = () => {};
    asked.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
    const { unmount } = renderHook(() => useCutting("class"));
    unmount();
    await act(async () => answer(seen("cutting")));
    await pass(60_000);
    expect(asked).toHaveBeenCalledTimes(1);
  });
});
