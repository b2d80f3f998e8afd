import { describe, expect, it } from "vitest";
import { PlanFault } from "../faults/plan-fault.ts";
import { difference as cutOff } from "../geometry/boolean.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  polygonArea,
  polygonsArea,
  rectRing,
} from "../geometry/polygon.ts";
import { rectangle, withoutCorner } from "../stages/scrap-shapes.ts";
import type { PlanSheet } from "../stages/sheets.ts";
import { isWorthKeeping, remains } from "./remains.ts";

const sheet = (more: Partial<PlanSheet>): PlanSheet =>
  ({
    stock: "sheet",
    width: 304.8,
    height: 120,
    mirrored: false,
    kits: [],
    scraps: [],
    ...more,
  }) as unknown as PlanSheet;
const film = { stock: { kind: "sheet" as const, width: 304.8, height: 304.8, have: 0 } };
const kit = (x: number, y: number, width: number, height: number) =>
  ({ box: { x, y, width, height } }) as unknown as PlanSheet["kits"][number];
const sizes = (found: ReturnType<typeof remains>) =>
  found.map((one) =>
    [boxWidth(boxOf([one])), boxHeight(boxOf([one]))].map((mm) => Math.round(mm * 10) / 10),
  );

describe("what a load leaves", () => {
  it("of a sheet: below the load, and beside it where the load is narrower", () => {
    expect(sizes(remains(sheet({}), film))).toEqual([[304.8, 184.8]]);
    expect(sizes(remains(sheet({ width: 200 }), film))).toEqual([
      [304.8, 184.8],
      [104.8, 120],
    ]);
  });

  it("nothing that is narrower than is worth keeping, and nothing of a roll", () => {
    expect(remains(sheet({ height: 280 }), film)).toEqual([]);
    expect(remains(sheet({ stock: "roll" }), film)).toEqual([]);
  });

  it("of a scrap: its outline less its kits, as shapes that kits can be laid on again", () => {
    const scraps = [{ label: "K-07", outline: [[rectangle(200, 150)]] }];
    const kits = [kit(3, 3, 94, 94)];
    const [rest, ...others] = remains(
      sheet({ stock: "scrap", width: 200, height: 150, kits, scraps }),
      film,
    );
    expect(others).toEqual([]);
    // An L: what is left after a corner of 100 by 100 was cut off.
    expect(polygonArea(rest as never)).toBeCloseTo(200 * 150 - 100 * 100, 0);
    expect(
      polygonArea([withoutCorner(200, 150, { width: 100, height: 100 }, "topLeft")]),
    ).toBeCloseTo(polygonArea(rest as never), 0);
  });

  it("of a scrap that kits part in two, both parts, the larger first; slivers are waste", () => {
    const scraps = [{ label: "K-08", outline: [[rectangle(300, 100)]] }];
    const found = remains(
      sheet({ stock: "scrap", width: 300, height: 100, kits: [kit(123, 0, 44, 100)], scraps }),
      film,
    );
    expect(sizes(found)).toEqual([
      [130, 100],
      [120, 100],
    ]);
    expect(
      remains(
        sheet({ stock: "scrap", width: 300, height: 100, kits: [kit(10, 10, 280, 80)], scraps }),
        film,
      ),
    ).toEqual([]);
  });

  it("cut face down, the rest is kept as it lies face up", () => {
    const outline = [[withoutCorner(200, 150, { width: 80, height: 60 }, "topRight")]];
    const flipped = outline.map((polygon) =>
      polygon.map((ring) => ring.map(([x, y]): [number, number] => [200 - x, y])),
    );
    const up = remains(
      sheet({ stock: "scrap", width: 200, height: 150, scraps: [{ label: "a", outline }] }),
      film,
    );
    const down = remains(
      sheet({
        stock: "scrap",
        width: 200,
        height: 150,
        mirrored: true,
        scraps: [{ label: "a", outline: flipped }],
      }),
      film,
    );
    expect(polygonsArea(cutOff(up, down))).toBeLessThan(1);
    expect(polygonsArea(cutOff(down, up))).toBeLessThan(1);
  });
});

describe("worth keeping", () => {
  it("is what a small decal can still be cut out of", () => {
    expect(isWorthKeeping([rectRing(0, 0, 41, 41)])).toBe(true);
    expect(isWorthKeeping([rectRing(0, 0, 39, 400)])).toBe(false);
    // An L whose arms are narrow holds no such square, though its box is large.
    expect(isWorthKeeping([withoutCorner(300, 300, { width: 270, height: 270 }, "topRight")])).toBe(
      false,
    );
  });
});

describe("a rectangle with a corner gone", () => {
  it.each(["topLeft", "topRight", "bottomLeft", "bottomRight"] as const)(
    "%s: six corners, the area less what is gone",
    (corner) => {
      const ring = withoutCorner(100, 80, { width: 30, height: 20 }, corner);
      expect(ring).toHaveLength(6);
      expect(polygonArea([ring])).toBeCloseTo(100 * 80 - 30 * 20, 9);
      const at = {
        topLeft: [0, 0],
        topRight: [100, 0],
        bottomLeft: [0, 80],
        bottomRight: [100, 80],
      }[corner];
      expect(ring.some(([x, y]) => x === at[0] && y === at[1])).toBe(false);
    },
  );

  it("is refused where what is gone reaches across", () => {
    expect(() => withoutCorner(100, 80, { width: 100, height: 20 }, "topLeft")).toThrow(PlanFault);
  });
});
