// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { SheetMeta } from "@/data/making.ts";

const router = { refresh: vi.fn() };
const move = vi.fn();
vi.mock("next/navigation", () => ({ useRouter: () => router }));
vi.mock("./layout-actions.ts", () => ({ moveKit: move }));
const { useByHand } = await import("./use-by-hand.ts");

/** Two squares of 20 mm on film of 200 x 100, 10 mm apart. */
const kit = (name: string, x: number) => ({
  name,
  own: { bin: "sheet-1", x, y: 30, turn: 0 },
  pieces: [{ id: `${name}-1`, path: `M${x - 10} 20L${x + 10} 20L${x + 10} 40L${x - 10} 40Z` }],
});
const META = {
  width: 200,
  height: 100,
  edgeMargin: 3,
  mirrored: false,
  clearance: 2,
  usable: "",
  scraps: [],
  bins: [{ bin: "sheet-1", x: 0, y: 0 }],
  kits: [kit("1", 40), kit("2", 70)],
} as unknown as SheetMeta;
const RULES = { counters: false, reach: { width: 200, height: 100 } };
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const open = () =>
  renderHook(({ hash }) => useByHand("class", 1, hash, META, RULES), {
    initialProps: { hash: "as it was" },
  });

beforeEach(() => {
  vi.useFakeTimers();
  move.mockReset();
  move.mockResolvedValue({ ok: true });
  router.refresh.mockReset();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe("moving a kit by hand", () => {
  it("presses that follow each other are one move, saved when the hand rests", async () => {
    const { result, rerender } = open();
    act(() => result.current.choose("1"));
    for (let i = 0; i < 3; i++) {
      act(() => result.current.nudge(0, 5));
      await pass(800);
    }
    act(() => result.current.turnBy(90));
    expect(move).not.toHaveBeenCalled();
    expect(result.current).toMatchObject({
      moved: true,
      clash: false,
      away: { dx: 0, dy: 15, turn: 90 },
    });
    await pass(900);
    expect(move.mock.calls).toEqual([
      ["class", 1, "as it was", { kit: "1", dx: 0, dy: 15, turn: 90 }],
    ]);
    expect(result.current.said).toBe("Laid there.");
    expect(router.refresh).toHaveBeenCalledTimes(1);
    // The new layout comes: the kit lies there now, and is not sent again.
    rerender({ hash: "as it is" });
    expect(result.current.away).toEqual({ dx: 0, dy: 0, turn: 0 });
    await pass(5000);
    expect(move).toHaveBeenCalledTimes(1);
  });

  it("four quarters are none", async () => {
    const { result } = open();
    act(() => result.current.choose("1"));
    for (let i = 0; i < 4; i++) act(() => result.current.turnBy(90));
    expect(result.current.moved).toBe(false);
    await pass(2000);
    expect(move).not.toHaveBeenCalled();
  });

  it("says while it is held why it would not cut clean there", () => {
    const { result } = open();
    act(() => result.current.choose("1"));
    act(() => result.current.nudge(7, 0));
    expect([result.current.clash, result.current.said]).toEqual([false, ""]);
    act(() => result.current.nudge(2, 0));
    expect([result.current.clash, result.current.said]).toEqual([true, "Too near to another kit."]);
    act(() => result.current.nudge(-40, 0));
    expect([result.current.clash, result.current.said]).toEqual([
      true,
      "There the blade would leave the film.",
    ]);
  });

  it("what was refused lies where it lay, with the reason; so without a network", async () => {
    const { result } = open();
    move.mockResolvedValueOnce({ ok: false, message: "This load was cut meanwhile." });
    act(() => result.current.choose("1"));
    act(() => result.current.nudge(0, 10));
    await pass(900);
    expect(result.current).toMatchObject({ moved: false, said: "This load was cut meanwhile." });
    move.mockRejectedValueOnce(new Error("network"));
    act(() => result.current.nudge(0, 10));
    await pass(900);
    expect(result.current).toMatchObject({ moved: false, said: "No network: it was not moved." });
  });

  it("taking up another kit saves the one before at once", async () => {
    const { result } = open();
    act(() => result.current.choose("1"));
    act(() => result.current.nudge(0, 10));
    await act(async () => result.current.choose("2"));
    expect(move.mock.calls.map(([, , , own]) => own)).toEqual([
      { kit: "1", dx: 0, dy: 10, turn: 0 },
    ]);
    expect(result.current).toMatchObject({ chosen: "2", moved: false });
    await pass(5000);
    expect(move).toHaveBeenCalledTimes(1);
  });
});
