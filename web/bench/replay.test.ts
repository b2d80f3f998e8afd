import { describe, expect, it } from "vitest";
import type { Mark } from "./marks-schema.ts";
import { replayed, secondsAt } from "./replay.ts";
import { type BenchFilm, fromWire, toWire } from "./wire.ts";

const film: BenchFilm = {
  film: "3:gold",
  seat: "3",
  thing: "tin",
  copy: 1,
  vinyl: "gold",
  part: null,
  load: 2,
  position: 4,
  again: false,
  pieces: 7,
  reverse: false,
  minutes: 5.2,
  planned: true,
  state: "waiting",
  seconds: 0,
  since: null,
  weededAt: null,
  by: "",
  heldBy: "",
  version: 9,
};
const mark = (act: Mark["act"], at: number, more: Partial<Mark> = {}): Mark => ({
  mark: `mark-${act}-${at}`,
  act,
  at,
  film: "3:gold",
  worked: 0,
  pieces: [],
  reason: "",
  through: false,
  ...more,
});
const after = (...marks: Mark[]) => replayed(film, marks, "hands-of-ruairi", "Ruairí");

describe("what was done without network", () => {
  it("keeps time over a pause", () => {
    const now = after(mark("take", 1000), mark("rest", 61_000), mark("take", 121_000));
    expect(now).toMatchObject({
      state: "held",
      by: "Ruairí",
      heldBy: "hands-of-ruairi",
      seconds: 60,
    });
    expect(secondsAt(now, 181_000)).toBe(120);
    expect(secondsAt(after(mark("take", 1000), mark("done", 31_000)), 500_000)).toBe(30);
  });

  it.each([
    ["done", "done"],
    ["flawed", "flawed"],
    ["give", "waiting"],
    ["reopen", "waiting"],
  ] as const)("%s: it stands as %s", (act, state) => {
    expect(after(mark("take", 1000), mark(act, 2000))).toMatchObject({
      state,
      heldBy: "",
      since: null,
    });
  });

  it("a loss of all of it puts it back before the cut; of some of it the rest goes on, or is through", () => {
    expect(after(mark("lost", 1000)).state).toBe("uncut");
    expect(after(mark("take", 1000), mark("lost", 2000, { pieces: ["3-gold-1"] })).state).toBe(
      "held",
    );
    expect(
      after(mark("take", 1000), mark("lost", 2000, { pieces: ["3-gold-1"], through: true })).state,
    ).toBe("done");
  });

  it("marks of other films change nothing", () => {
    expect(replayed(film, [mark("done", 1000, { film: "4:gold" })], "h", "n")).toBe(film);
  });
});

describe("films on the wire", () => {
  it("come as they went", () => {
    const row = {
      ...film,
      sheet: film.load,
      technique: "plain",
      since: null,
      weededAt: null,
      by: null,
      heldBy: null,
    } as const;
    expect(fromWire(toWire(row))).toEqual(film);
  });
});
