import { describe, expect, it } from "vitest";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  oneThingSchema as classDocumentSchema,
  makePlan,
  type OneThing,
  oneThing,
  wholeClass,
} from "../testing/one-thing.ts";
import { swappedVinyls as swapInClass } from "./swap.ts";

const swappedVinyls = (document: OneThing, from: string, to: string): OneThing =>
  oneThing(swapInClass(wholeClass(document), from, to));

const tins = demoDocument("seed-tins");
const [a, b] = tins.vinyls.map(({ id }) => id) as [string, string];

describe("two vinyls that change places", () => {
  it("every piece is cut from the other, and nothing else changes", () => {
    const [before, after] = [tins, swappedVinyls(tins, a, b)].map((document) =>
      makePlan(document, testFonts),
    ) as [ReturnType<typeof makePlan>, ReturnType<typeof makePlan>];
    const area = (plan: typeof before, vinyl: string) =>
      plan.kits
        .filter((kit) => kit.vinyl === vinyl)
        .reduce((sum, kit) => sum + kit.pieces.reduce((own, piece) => own + piece.areaMm2, 0), 0);
    expect(area(after, a)).toBeCloseTo(area(before, b), 6);
    expect(area(after, b)).toBeCloseTo(area(before, a), 6);
    expect(area(before, a)).not.toBeCloseTo(area(before, b), 0);
  });

  it("twice is as before, also for what seats have of their own; places kept in these films are forgotten", () => {
    const seats = tins.seats.map((seat, i) =>
      i === 1
        ? { ...seat, own: { [tins.design.items[0]?.id ?? ""]: { vinyl: b, size: 0.9 } } }
        : seat,
    );
    const kept = [
      { kit: "1", vinyl: a, bin: "sheet-1", x: 0, y: 0, turn: 0 },
      { kit: "1", vinyl: b, bin: "sheet-1", x: 0, y: 0, turn: 0 },
    ];
    const document = classDocumentSchema.parse({
      ...tins,
      seats,
      layout: { ...tins.layout, kept },
    });
    const once = swappedVinyls(document, a, b);
    expect(once.seats[1]?.own).toEqual({
      [tins.design.items[0]?.id ?? ""]: { vinyl: a, size: 0.9 },
    });
    expect(once.layout.kept).toEqual([]);
    expect(swappedVinyls(once, a, b)).toEqual({
      ...document,
      layout: { ...document.layout, kept: [] },
    });
  });
});
