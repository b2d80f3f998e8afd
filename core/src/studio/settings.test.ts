import { describe, expect, it } from "vitest";
import { readSettings, studioSettingsSchema } from "./settings.ts";
import { SCHOOLS, type SchoolName, USUAL_SCHOOLS } from "./settings-kinds.ts";

const usual = studioSettingsSchema.parse({});
const OWN = {
  prices: { currency: "EUR", hourlyRate: 2400, venue: 3500, margin: 0.25 },
  freeMinutes: { monday: 0, friday: 180 },
  daysOff: [{ from: "2026-12-24", to: "2026-12-26", why: "with the family" }],
  clock: "12",
  weekStart: "sunday",
  film: { name: "Harbour gloss", family: "permanentGloss", colour: "#1f4e79" },
  tack: "low",
  schools: { peel: "dry", mats: "wash" },
  keepNamesMonths: 6,
} as const;
const own = studioSettingsSchema.parse(OWN);

describe("settings of a studio", () => {
  it("nobody has said anything: what is usual, every way among those that there are", () => {
    expect(readSettings(undefined)).toEqual(usual);
    expect(readSettings(null)).toEqual(usual);
    expect(readSettings("nothing")).toEqual(usual);
    expect(readSettings([1, 2])).toEqual(usual);
    expect(usual.schools).toEqual(USUAL_SCHOOLS);
    for (const [name, way] of Object.entries(usual.schools))
      expect(SCHOOLS[name as SchoolName]).toContain(way);
  });

  it("are read as they were said; ways that were not said are the usual ones", () => {
    const read = readSettings(OWN);
    expect(read).toEqual(own);
    expect(read.schools).toEqual({ ...USUAL_SCHOOLS, peel: "dry", mats: "wash" });
    expect(readSettings(JSON.parse(JSON.stringify(read)))).toEqual(read);
  });

  it.each([
    ["a clock there is not", { clock: "thirteen" }, { clock: usual.clock }],
    ["a tape there is not", { tack: "fierce" }, { tack: usual.tack }],
    ["a film without its family", { film: { name: "Harbour" } }, { film: null }],
    [
      "an evening that ends before it begins",
      { daysOff: [{ from: "2026-12-26", to: "2026-12-24" }] },
      { daysOff: [] },
    ],
    ["names kept for no time", { keepNamesMonths: 0 }, { keepNamesMonths: null }],
    ["a cutter of another age", { cutter: { width: -1 } }, { cutter: usual.cutter }],
    ["a setting that nobody knows any more", { lamp: "on" }, {}],
  ])("%s is passed over, and all else stays", (_, wrong, instead) => {
    expect(readSettings({ ...OWN, ...wrong })).toEqual({ ...own, ...instead });
  });

  it("of a group only what does not fit is passed over", () => {
    const { prices } = readSettings({
      ...OWN,
      prices: { ...OWN.prices, hourlyRate: -5, venue: 1 },
    });
    expect(prices).toEqual({ ...own.prices, hourlyRate: usual.prices.hourlyRate, venue: 1 });
    const { schools } = readSettings({
      ...OWN,
      schools: { peel: "boil", mats: "wash", moon: "full" },
    });
    expect(schools).toEqual({ ...USUAL_SCHOOLS, mats: "wash" });
    const { freeMinutes } = readSettings({ ...OWN, freeMinutes: { monday: 99_999, friday: 60 } });
    expect(freeMinutes).toEqual({ friday: 60 });
  });

  it("several faults at once take no more than what they are in", () => {
    const read = readSettings({ ...OWN, clock: 5, tack: 7, prices: { ...OWN.prices, margin: 3 } });
    expect(read).toEqual({
      ...own,
      clock: usual.clock,
      tack: usual.tack,
      prices: { ...own.prices, margin: usual.prices.margin },
    });
    // What a host said of names is kept whatever else is wrong: they go when they were to go.
    expect(read.keepNamesMonths).toBe(6);
  });
});
