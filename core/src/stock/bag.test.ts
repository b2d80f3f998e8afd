import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { supplySchema } from "../supplies/supply.ts";
import {
  type BagFilm,
  bagCode,
  bagOf,
  lackingLines,
  openLines,
  readBagCode,
  roomBox,
} from "./bag.ts";

const supply = (id: string, more: object = {}) =>
  supplySchema.parse({ id, name: id, per: "seat", amount: 1, unit: "piece", ...more });
const film = (name: string): BagFilm => ({
  film: name,
  thing: "tag",
  copy: 1,
  vinyl: "gold",
  pieces: 6,
  ready: true,
});
const supplies = [
  supply("ring", { amount: 2 }),
  supply("twine", { amount: 0.4, unit: "m", thing: "board" }),
  supply("scraper", { uses: 50 }),
  supply("heat-gun", { per: "shared", uses: 200 }),
  supply("wipes", { per: "table", amount: 3, seats: 4 }),
];

describe("a seat's bag", () => {
  it("holds its films and what one seat uses up, by how many it makes", () => {
    const lines = bagOf([film("3:gold")], supplies, (thing) => (thing === "board" ? 2 : 1));
    expect(lines.map(({ id }) => id)).toEqual(["film:3:gold", "line:ring", "line:twine"]);
    expect(lines[2]).toMatchObject({ amount: 0.8, unit: "m" });
  });

  it("is open until each line is in or noted", () => {
    const lines = bagOf([film("3:gold")], supplies, () => 1);
    const marks = new Map<string, "in" | "lack">([
      ["film:3:gold", "in"],
      ["line:ring", "lack"],
    ]);
    expect(openLines(lines, marks).map(({ id }) => id)).toEqual(["line:twine"]);
    expect(lackingLines(lines, marks).map(({ id }) => id)).toEqual(["line:ring"]);
  });
});

describe("the box for the room", () => {
  it("holds what is shared, what comes back, and the spares", () => {
    const need = (line: string) =>
      ({ ring: 26, scraper: 12, "heat-gun": 1, wipes: 9, twine: 4.8 })[line] ?? 0;
    const lines = roomBox(supplies, need, () => Array.from({ length: 12 }, () => 1));
    expect(lines.map((line) => [line.id, line.what === "material" ? line.amount : 0])).toEqual([
      ["line:ring", 2],
      ["line:scraper", 12],
      ["line:heat-gun", 1],
      ["line:wipes", 9],
    ]);
  });
});

describe("the code on a kit's label", () => {
  const tins = { title: "Seed tins", date: "2027-03-06" };

  it("comes back as its seat, in its own class only", () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/u), (seat) => {
        expect(readBagCode(` ${bagCode(tins, seat)}\n`, tins)).toEqual({ ok: true, seat });
        // Another day of the same class, and another class on the same day.
        for (const other of [
          { ...tins, date: "2027-03-07" },
          { ...tins, title: "Seed tins, evening" },
        ])
          expect(readBagCode(bagCode(tins, seat), other)).toEqual({
            ok: false,
            why: "otherClass",
            date: "2027-03-06",
          });
      }),
      { seed: 4, numRuns: 40 },
    );
    for (const text of [
      "",
      "4006381333931",
      "EB/2027-03-06/",
      "EB/2027-03-06/3",
      "EB/2027-03-06/3/4/5",
      "https://example.org/EB/x/3",
    ])
      expect(readBagCode(text, tins)).toMatchObject({ ok: false, why: "foreign" });
  });
});
