/** Kits that failed are cut again, on scraps, and what was cut before stays as it was. */
import { describe, expect, it } from "vitest";
import { sheetSvg } from "../cutting/svg.ts";
import { ONLY_THING } from "../document/document-kinds.ts";
import { kitsInBags } from "../stages/kits.ts";
import { demoDocument } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  type OneThing as ClassDocument,
  oneThingSchema as classDocumentSchema,
  makePlan,
} from "../testing/one-thing.ts";

const tins = demoDocument("seed-tins");
const [film, second] = tins.vinyls.map(({ id }) => id) as [string, string];
const scrap = (label: string, width: number, height: number, more: object = {}) => ({
  label,
  vinyl: film,
  outline: [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ],
  ...more,
});
const planOf = (over: object) =>
  makePlan(classDocumentSchema.parse({ ...tins, ...over }) as ClassDocument, testFonts);
const again = (seat: string, round = 1, vinyl = film) => ({ seat, vinyl, round, copy: 1 });

describe("what is cut again", () => {
  const before = planOf({});
  const plan = planOf({
    recuts: [again("3"), again("7")],
    scraps: [scrap("L-1", 200, 120, { later: true })],
  });

  it("comes on loads of its own after the others, which stay byte for byte", () => {
    const count = before.laidOut.sheets.length;
    expect(plan.laidOut.sheets.slice(0, count).map(sheetSvg)).toEqual(
      before.laidOut.sheets.map(sheetSvg),
    );
    const more = plan.laidOut.sheets.slice(count);
    expect(more.map(({ nn, vinyl }) => ({ nn, vinyl }))).toEqual([{ nn: count + 1, vinyl: film }]);
    expect(more[0]?.kits.map(({ seat }) => seat).sort()).toEqual(["recut-1", "recut-2"]);
  });

  it("lies on a scrap that came after cutting began, and on fresh film where there is none", () => {
    expect(plan.laidOut.sheets.at(-1)?.scraps.map(({ label }) => label)).toEqual(["L-1"]);
    const bare = planOf({ recuts: [again("3")] });
    expect(bare.laidOut.sheets.at(-1)?.scraps).toEqual([]);
    expect(bare.laidOut.sheets.at(-1)?.kits.map(({ seat }) => seat)).toEqual(["recut-1"]);
  });

  it("has the same shapes under its own name, and says on the film for whom", () => {
    const pieces = (seat: string) =>
      plan.kits.find((kit) => kit.seat === seat && kit.vinyl === film)?.pieces ?? [];
    expect(pieces("recut-1").map(({ polygon }) => polygon)).toEqual(
      pieces("3").map(({ polygon }) => polygon),
    );
    for (const { id } of pieces("recut-1")) expect(id.startsWith(`recut-1-${film}-`)).toBe(true);
    const ids = plan.kits.flatMap((kit) => kit.pieces.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    expect(
      plan.laidOut.sheets
        .at(-1)
        ?.kits.map(({ note }) => note)
        .every((note) => note.endsWith(" again")),
    ).toBe(true);
  });

  it("a later round does not move an earlier one, and takes no scrap twice", () => {
    const scraps = [
      scrap("L-1", 200, 120, { later: true }),
      scrap("L-2", 200, 120, { later: true }),
    ];
    const more = planOf({ recuts: [again("3"), again("7"), again("5", 2)], scraps });
    const count = plan.laidOut.sheets.length;
    expect(more.laidOut.sheets.slice(0, count).map(sheetSvg)).toEqual(
      plan.laidOut.sheets.map(sheetSvg),
    );
    expect(more.laidOut.sheets.at(-1)?.scraps.map(({ label }) => label)).toEqual(["L-2"]);
  });

  it("goes into the bag in place of what failed, in that vinyl only; the last of several counts", () => {
    const recuts = [again("3"), again("3", 2)];
    const twice = planOf({ recuts });
    const bags = kitsInBags(twice.kits, recuts, ONLY_THING);
    expect(bags.filter(({ seat }) => seat.startsWith("recut"))).toEqual([]);
    const of = (vinyl: string) =>
      bags
        .filter((kit) => kit.seat === "3" && kit.vinyl === vinyl)
        .flatMap(({ pieces }) => pieces.map(({ id }) => id));
    expect(of(film).every((id) => id.startsWith(`recut-2-${film}-`))).toBe(true);
    expect(of(second).every((id) => id.startsWith(`3-${second}-`))).toBe(true);
    expect(bags.length).toBe(before.kits.length);
  });

  it("of single pieces only these are cut, and only these are new in the bag", () => {
    const recuts = [{ ...again("3"), pieces: [2] }];
    const one = planOf({ recuts });
    const whole = before.kits.find((kit) => kit.seat === "3" && kit.vinyl === film);
    const fresh = one.kits.find((kit) => kit.recut !== null);
    expect(whole?.pieces.length).toBeGreaterThan(2);
    expect(fresh?.pieces.map(({ id, polygon }) => ({ id, polygon }))).toEqual([
      { id: `recut-1-${film}-2`, polygon: whole?.pieces[1]?.polygon },
    ]);
    expect(fresh?.weed.minutes).toBeLessThan(whole?.weed.minutes ?? 0);
    const inBag = kitsInBags(one.kits, recuts, ONLY_THING).find(
      (kit) => kit.seat === "3" && kit.vinyl === film,
    );
    expect(inBag?.pieces.map(({ id }) => id)).toEqual(
      whole?.pieces.map(({ id }, i) => (i === 1 ? `recut-1-${film}-2` : id)),
    );
    // All of it after a piece of it: nothing of the first cut is left.
    const all = [...recuts, again("3", 2)];
    const twice = kitsInBags(planOf({ recuts: all }).kits, all, ONLY_THING).find(
      (kit) => kit.seat === "3" && kit.vinyl === film,
    );
    expect(twice?.pieces.every(({ id }) => id.startsWith(`recut-2-${film}-`))).toBe(true);
    // A piece that is no longer there is passed over.
    expect(planOf({ recuts: [{ ...again("3"), pieces: [99] }] }).laidOut.sheets.length).toBe(
      before.laidOut.sheets.length,
    );
  });

  it("a seat that was taken out meanwhile is passed over", () => {
    expect(planOf({ recuts: [again("nobody")] }).laidOut.sheets.length).toBe(
      before.laidOut.sheets.length,
    );
  });
});
