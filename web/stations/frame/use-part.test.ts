// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

const router = { refresh: vi.fn() };
const save = vi.fn();
vi.mock("next/navigation", () => ({ useRouter: () => router }));
vi.mock("./actions.ts", () => ({ saveClassPart: save }));
const { usePart } = await import("./use-part.ts");
const { flushParts } = await import("./pending.ts");

type Value = { readonly title: string };
type Answer = Parameters<Parameters<typeof usePart<Value>>[4]>[0];
const pick = ({ document }: Answer) => document as unknown as Value;
/** What was sent: value, version, label, and what it was changed from. */
const sent = () =>
  save.mock.calls.map(([, , value, version, label, base]) => [
    value.title,
    version,
    label,
    base.title,
  ]);
const kept = (title: string, version: number) => ({ ok: true, version, document: { title } });
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

const open = (title = "Tins", version = 1) =>
  renderHook(
    ({ title, version }: { title: string; version: number }) =>
      usePart<Value>("class", "class", { title }, version, pick),
    { initialProps: { title, version } },
  );

beforeEach(() => {
  vi.useFakeTimers();
  save.mockReset();
  save.mockRejectedValue(new Error("network"));
  router.refresh.mockReset();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});
const asksBeforeLeaving = () => {
  const leaving = new Event("beforeunload", { cancelable: true });
  window.dispatchEvent(leaving);
  return leaving.defaultPrevented;
};

describe("a part that saves itself", () => {
  it("shows an edit at once and saves half a second after the last one of its kind", async () => {
    save.mockResolvedValueOnce(kept("Tin cans", 2));
    const { result } = open();
    for (const title of ["Tin", "Tin c", "Tin cans"]) {
      act(() => result.current.change({ title }, "title"));
      expect([result.current.value.title, result.current.state]).toEqual([title, "unsaved"]);
      await pass(400);
    }
    expect(save).not.toHaveBeenCalled();
    expect(asksBeforeLeaving()).toBe(true);
    await pass(100);
    expect(sent()).toEqual([["Tin cans", 1, "title", "Tins"]]);
    expect(result.current.state).toBe("saved");
    expect(router.refresh).toHaveBeenCalledTimes(1);
    expect(asksBeforeLeaving()).toBe(false);
  });

  it("saves edits of several kinds one after the other, each from what the one before left", async () => {
    save.mockResolvedValueOnce(kept("one", 2)).mockResolvedValueOnce(kept("two", 3));
    const { result } = open();
    act(() => result.current.change({ title: "one" }, "title"));
    act(() => result.current.change({ title: "two" }, "place"));
    await pass(500);
    expect(sent()).toEqual([
      ["one", 1, "title", "Tins"],
      ["two", 2, "place", "one"],
    ]);
    expect(router.refresh).toHaveBeenCalledTimes(1);
  });

  it("keeps what was not saved while there is no network, and tries again by itself", async () => {
    save.mockRejectedValueOnce(new Error("network")).mockResolvedValueOnce(kept("Cups", 2));
    const { result } = open();
    act(() => result.current.change({ title: "Cups" }, "title"));
    await pass(500);
    expect([result.current.value.title, result.current.state]).toEqual(["Cups", "offline"]);
    expect(asksBeforeLeaving()).toBe(true);
    await pass(2900);
    expect(save).toHaveBeenCalledTimes(1);
    await pass(100);
    expect(sent().at(-1)).toEqual(["Cups", 1, "title", "Tins"]);
    expect(result.current.state).toBe("saved");
  });

  it("is saved at once, and once, by whoever needs it saved", async () => {
    save.mockImplementation(async (_class, _part, value, version) =>
      kept(value.title, version + 1),
    );
    const { result } = open();
    act(() => result.current.change({ title: "Jars" }, "title"));
    const answers = await act(() => Promise.all([flushParts(), flushParts()]));
    expect(answers).toEqual([true, true]);
    expect(sent()).toEqual([["Jars", 1, "title", "Tins"]]);
    await pass(1000);
    expect(save).toHaveBeenCalledTimes(1);
    save.mockRejectedValueOnce(new Error("network"));
    act(() => result.current.change({ title: "Lids" }, "title"));
    expect(await act(() => flushParts())).toBe(false);
  });

  it("says what does not fit and where, and saves the next edit that does", async () => {
    save
      .mockResolvedValueOnce({ ok: false, reason: "invalid", path: "$.title", message: "give one" })
      .mockResolvedValueOnce(kept("Tins again", 2));
    const { result } = open();
    act(() => result.current.change({ title: "" }, "title"));
    await pass(500);
    expect(result.current.error).toEqual({ path: "title", message: "give one" });
    expect(result.current.state).toBe("unsaved");
    act(() => result.current.change({ title: "Tins again" }, "title"));
    await pass(500);
    expect(result.current.error).toBeUndefined();
    expect(result.current.state).toBe("saved");
  });

  it("says that the class is gone", async () => {
    save.mockResolvedValueOnce({ ok: false, reason: "gone" });
    const { result } = open();
    act(() => result.current.change({ title: "x" }, "title"));
    await pass(500);
    expect(result.current.error?.message).toBe("This class is no longer there.");
  });
});

describe("two windows", () => {
  const collision = { path: "title", base: "Tins", mine: "Mine", theirs: "Theirs" };
  const overtaken = async () => {
    save.mockResolvedValueOnce({
      ok: false,
      reason: "stale",
      version: 7,
      document: { title: "Theirs" },
      collisions: [collision],
    });
    const opened = open();
    act(() => opened.result.current.change({ title: "Mine" }, "title"));
    await pass(500);
    return opened;
  };

  it("what collides is told, and nothing is sent before it is decided", async () => {
    const { result } = await overtaken();
    expect(result.current.value.title).toBe("Mine");
    expect(result.current.stale).toEqual({ theirs: { title: "Theirs" }, collisions: [collision] });
    act(() => result.current.change({ title: "Mine, more" }, "title"));
    await pass(5000);
    expect(save).toHaveBeenCalledTimes(1);
    expect(await act(() => flushParts())).toBe(false);
    expect(asksBeforeLeaving()).toBe(true);
  });

  it("mine is saved over theirs when that is chosen", async () => {
    const { result } = await overtaken();
    save.mockResolvedValueOnce(kept("Mine", 8));
    act(() => result.current.keepMine());
    await pass(500);
    expect(sent().at(-1)?.slice(0, 2)).toEqual(["Mine", 7]);
    expect(sent().at(-1)?.[3]).toBe("Theirs");
    expect(result.current.stale).toBeUndefined();
    expect(result.current.state).toBe("saved");
  });

  it("theirs is taken when that is chosen", async () => {
    const { result } = await overtaken();
    act(() => result.current.takeTheirs());
    expect([result.current.value.title, result.current.state]).toEqual(["Theirs", "saved"]);
    await pass(5000);
    expect(save).toHaveBeenCalledTimes(1);
    expect(asksBeforeLeaving()).toBe(false);
  });

  it("what was merged on the server is shown, unless one types on", async () => {
    save.mockResolvedValueOnce(kept("merged", 3));
    const { result } = open();
    act(() => result.current.change({ title: "mine" }, "title"));
    await pass(500);
    expect(result.current.value.title).toBe("merged");
    let answer: (value: unknown) => void = () => {};
    save.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
    act(() => result.current.change({ title: "typed" }, "title"));
    await pass(500);
    act(() => result.current.change({ title: "typed on" }, "title"));
    await act(async () => answer(kept("merged again", 4)));
    expect(result.current.value.title).toBe("typed on");
  });

  it("a newer page is taken where nothing of one's own waits, an older one never", async () => {
    const { result, rerender } = open("Tins", 4);
    rerender({ title: "Undone", version: 5 });
    expect(result.current.value.title).toBe("Undone");
    rerender({ title: "Late", version: 5 });
    expect(result.current.value.title).toBe("Undone");
    act(() => result.current.change({ title: "Mine" }, "title"));
    rerender({ title: "Theirs", version: 6 });
    expect(result.current.value.title).toBe("Mine");
  });
});
