import { describe, expect, it } from "vitest";
import type { SheetRow } from "@/data/making.ts";
import { undrawn, withOutlines } from "./load-drawing.ts";

const kit = (name: string, pieces: readonly [string, string][]) => ({
  seat: name,
  name,
  label: name,
  x: 1,
  y: 2,
  width: 30,
  height: 10,
  pieces: pieces.map(([id, path]) => ({ id, path })),
  marks: "",
  own: { bin: "sheet-1", x: 0, y: 0, turn: 0 },
});
const sheet = {
  nn: 1,
  hash: "h",
  vinyl: "film",
  cutAt: null,
  meta: {
    kits: [
      kit("1", [["1-film-1", "M0 0L1 1Z"]]),
      kit("2", [
        ["2-film-1", "M5 5L6 6Z"],
        ["2-film-2", "M7 7L8 8Z"],
      ]),
    ],
  },
} as unknown as SheetRow;

describe("the outlines of a load", () => {
  it("are left out of the page, with all that says where a kit lies still there", () => {
    const sent = undrawn(sheet);
    expect(JSON.stringify(sent)).not.toContain("M5 5");
    expect(
      sent.meta.kits.map(({ name, x, pieces }) => [name, x, pieces.map(({ id }) => id)]),
    ).toEqual([
      ["1", 1, ["1-film-1"]],
      ["2", 1, ["2-film-1", "2-film-2"]],
    ]);
  });

  it("come back to where they were", () => {
    const drawing = Object.fromEntries(
      sheet.meta.kits.flatMap(({ pieces }) => pieces.map(({ id, path }) => [id, path])),
    );
    expect(withOutlines(undrawn(sheet).meta, drawing)).toEqual(sheet.meta);
  });

  it("that are missing are empty, and break nothing", () => {
    expect(withOutlines(undrawn(sheet).meta, {}).kits[0]?.pieces).toEqual([
      { id: "1-film-1", path: "" },
    ]);
  });
});
