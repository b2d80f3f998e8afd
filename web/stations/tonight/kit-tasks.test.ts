import type { Task } from "@elm-basket/core/scheduling/task.ts";
import { describe, expect, it } from "vitest";
import { type KitWork, kitTasks } from "./kit-tasks.ts";
import { lastCoat } from "./ways-out.ts";

const row: KitWork["row"] = {
  id: "c",
  title: "Clipboards",
  class_date: "2027-01-02",
  class_time: "17:00",
  zone: "Europe/London",
  minutes: 90,
  setting: { kind: "craftAlong", place: "" },
  seats: 4,
  lead_days: null,
};
const left: KitWork["left"] = {
  id: "c",
  weedLeft: 40,
  weedKits: 4,
  cutLeft: 12,
  sheetsLeft: 2,
  packLeft: 8,
  tapeLeft: 4,
};
const seats = ["1", "2", "3", "4"].map((seat) => ({
  seat,
  weedLeft: 10,
  tapeLeft: 1,
  packed: false,
}));
const work = (more: Partial<KitWork> = {}): KitWork => ({
  row,
  left,
  handsOver: "weeded",
  seats,
  parcels: [],
  destinations: [],
  printed: false,
  today: "2026-11-29",
  ...more,
});
const told = (given: KitWork) =>
  kitTasks(given).map(({ kind, title, dueDate, allMinutes }) => [kind, title, dueDate, allMinutes]);

describe("what is left to do about kits", () => {
  it("each by its day, post and all; parcels without an address are asked for with the rest", () => {
    expect(told(work())).toEqual([
      ["cut", "Cut 2 loads", "2026-12-17", 12],
      ["weed", "Weed 4 kits, hard ones first", "2026-12-20", 40],
      ["pack", "Check and pack the kits", "2026-12-22", 8],
      ["print", "Print labels and cards", "2026-12-22", 15],
      ["post", "Post 4 parcels, 4 without an address", "2026-12-23", 24],
    ]);
  });

  it("what travels farther is weeded, packed and posted earlier, and counted once", () => {
    const given = work({
      parcels: [
        { seat: "2", postBy: "2026-12-09", posted: false },
        { seat: "1", postBy: "2026-12-23", posted: false },
      ],
      destinations: [
        { country: "Canada", parcels: 1, left: 1, postBy: "2026-12-09", known: true },
        { country: "", parcels: 1, left: 1, postBy: "2026-12-23", known: false },
      ],
    });
    const rows = told(given);
    expect(rows).toContainEqual(["weed", "Weed 1 kit that travels farther", "2026-12-06", 10]);
    expect(rows).toContainEqual(["weed", "Weed 3 kits, hard ones first", "2026-12-20", 30]);
    expect(rows).toContainEqual([
      "pack",
      "Check and pack 1 kit that travels farther",
      "2026-12-08",
      2,
    ]);
    expect(rows).toContainEqual(["post", "Post 1 parcel to Canada", "2026-12-09", 21]);
    expect(rows).toContainEqual(["post", "Post 3 parcels, 2 without an address", "2026-12-23", 23]);
    for (const kind of ["weed", "pack"] as const)
      expect(
        rows
          .filter(([one]) => one === kind)
          .reduce((sum, [, , , minutes]) => sum + Number(minutes), 0),
      ).toBe(kind === "weed" ? 40 : 8);
  });

  it("in a room nothing is posted; what is printed is not asked for again; tape has its own line", () => {
    const rows = told(
      work({
        row: { ...row, setting: { kind: "room", place: "" } },
        printed: true,
        handsOver: "taped",
      }),
    );
    expect(rows.map(([kind]) => kind)).toEqual(["cut", "weed", "tape", "pack"]);
    expect(rows[2]).toEqual(["tape", "Lay tape on 4 kits", "2027-01-01", 6]);
  });

  it("kits handed over as they are cut are not weeded; what is overdue is due tonight and says when it was", () => {
    const tasks = kitTasks(work({ handsOver: "cut", today: "2026-12-21" }));
    expect(tasks.map(({ kind }) => kind)).not.toContain("weed");
    expect(tasks[0]).toMatchObject({ kind: "cut", dueDate: "2026-12-21", missed: "2026-12-17" });
  });
});

describe("one coat fewer", () => {
  const task = (id: string): Task => ({
    id,
    title: id,
    minutes: 10,
    after: [],
    waitMinutes: 0,
    say: "",
    care: "",
  });
  it("is the last of a numbered row, never the only one", () => {
    expect(lastCoat(["sand", "paint-1", "paint-2", "glue-1"].map(task))?.id).toBe("paint-2");
    expect(lastCoat(["seal-board-1", "seal-board-2", "seal-board-3"].map(task))?.id).toBe(
      "seal-board-3",
    );
    expect(lastCoat(["paint-1", "glue-1", "glue-2"].map(task))).toBeNull();
    expect(lastCoat(["paint-2"].map(task))).toBeNull();
  });
});
