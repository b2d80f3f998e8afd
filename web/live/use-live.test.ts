// @vitest-environment happy-dom
import { act, cleanup, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { LiveState } from "./live-class.ts";
import { useLive } from "./use-live.ts";

class Source {
  static readonly CLOSED = 2;
  static made: Source[] = [];
  readyState = 1;
  onmessage: ((event: { data: string }) => void) | null = null;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  beat: (() => void) | null = null;
  constructor(readonly url: string) {
    Source.made.push(this);
  }
  addEventListener(_name: string, listener: () => void) {
    this.beat = listener;
  }
  close() {
    this.readyState = Source.CLOSED;
  }
  tell(state: LiveState) {
    this.onmessage?.({ data: JSON.stringify(state) });
  }
}
const last = () => Source.made.at(-1) as Source;
const openOnes = () => Source.made.filter(({ readyState }) => readyState !== Source.CLOSED);
const NOON = Date.UTC(2026, 11, 5, 12);
/** Of a run, as the server's clock says it was. */
const at = (version: number, now = Date.now()): LiveState =>
  ({ version, startedAt: NOON, now }) as unknown as LiveState;
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

beforeEach(() => {
  vi.useFakeTimers({ now: NOON });
  vi.stubGlobal("EventSource", Source);
  Source.made = [];
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("following a class", () => {
  it("takes what is newer, and nothing older that comes late", () => {
    const keep = vi.fn();
    const { result } = renderHook(() => useLive("/events", at(3), keep));
    act(() => last().tell(at(5)));
    act(() => last().tell(at(4)));
    expect(result.current.state.version).toBe(5);
    expect(keep.mock.calls.map(([state]) => state.version)).toEqual([5]);
  });

  it("keeps the server's time, whatever this device's clock says, by the quickest answer", async () => {
    const { result } = renderHook(() => useLive("/events", at(1, NOON + 90_000)));
    await pass(250);
    expect(result.current.now).toBe(NOON + 90_250);
    // Two seconds on its way: it says less.
    act(() => last().tell(at(2, Date.now() + 88_000)));
    await pass(250);
    expect(result.current.now).toBe(NOON + 90_500);
  });

  it("is away from an error until it is heard again", async () => {
    const { result } = renderHook(() => useLive("/events", at(1)));
    expect(result.current.connected).toBe(true);
    await pass(1000);
    act(() => last().onerror?.());
    expect([result.current.connected, result.current.awaySince]).toEqual([false, NOON + 1000]);
    await pass(1000);
    act(() => last().onerror?.());
    expect(result.current.awaySince).toBe(NOON + 1000);
    act(() => last().beat?.());
    expect(result.current.connected).toBe(true);
  });

  it("opens another stream where the browser gives up, and says that it was refused", async () => {
    const { result } = renderHook(() => useLive("/events", at(1)));
    const first = last();
    first.readyState = Source.CLOSED;
    act(() => first.onerror?.());
    expect(result.current.refused).toBe(true);
    await pass(4000);
    expect(Source.made).toHaveLength(2);
    act(() => last().onopen?.());
    expect([result.current.refused, result.current.connected]).toEqual([false, true]);
  });

  it("a stream that is silent for long is given up for a new one; there is never more than one", async () => {
    const { result } = renderHook(() => useLive("/events", at(1)));
    await pass(32_000);
    expect(Source.made).toHaveLength(1);
    await pass(4000);
    expect(result.current.connected).toBe(false);
    expect([Source.made.length, openOnes().length]).toEqual([2, 1]);
    act(() => last().tell(at(2)));
    expect(result.current.connected).toBe(true);
  });

  it("leaves nothing open or running behind", async () => {
    const { unmount } = renderHook(() => useLive("/events", at(1)));
    const first = last();
    first.readyState = Source.CLOSED;
    act(() => first.onerror?.());
    unmount();
    await pass(60_000);
    expect(Source.made).toHaveLength(1);
    expect(openOnes()).toEqual([]);
    expect(vi.getTimerCount()).toBe(0);
  });
});
