/** Browsers read constants and plain readers, files are read by schemas: they say the same. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cutterSchema } from "../cutting/cutter.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { rehearsalSchema } from "../document/document.ts";
import { USUAL_REHEARSAL } from "../document/document-kinds.ts";
import { stencilSchema } from "../lettering/recipe.ts";
import { USUAL_STENCIL } from "../lettering/recipe-kinds.ts";
import { addressSchema } from "../posting/posting.ts";
import { readAddress } from "../posting/read-address.ts";
import { factsOf, vinylOf } from "../stock/film-of.ts";
import { filmFactsSchema } from "../stock/good.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { USUAL_SCHOOLS } from "../studio/settings-kinds.ts";
import { vinylSchema } from "../weeding/vinyl.ts";

describe("what is usual", () => {
  it("is what a file has that says nothing", () => {
    expect(stencilSchema.parse({})).toEqual(USUAL_STENCIL);
    expect(schoolsSchema.parse({})).toEqual(USUAL_SCHOOLS);
    expect(rehearsalSchema.parse({})).toEqual(USUAL_REHEARSAL);
  });

  it("makes cutters that a file may have", () => {
    for (const { cutter } of CUTTER_PROFILES) expect(cutterSchema.parse(cutter)).toEqual(cutter);
    const { name, cutWidth, cutHeight } = CUTTER_PROFILES[0]?.cutter ?? {};
    expect(cutterSchema.parse({ name, cutWidth, cutHeight })).toEqual(CUTTER_PROFILES[0]?.cutter);
  });
});

describe("a film", () => {
  const stocks = [
    { kind: "sheet", width: 300, height: 300, have: 4, price: 120 },
    { kind: "roll", width: 300, height: 5000, have: 0.5 },
    { kind: "pack", pack: "Harbour", width: 300, height: 300, count: 2, sheets: 10, have: 1 },
  ];
  it.each(stocks)("sold as a $kind goes to the shelf and comes back the same", (stock) => {
    const film = vinylSchema.parse({
      id: "harbour",
      name: "Harbour gloss",
      family: "permanentGloss",
      colour: "#1f4e79",
      finish: "gloss",
      stock,
    });
    const facts = factsOf(film);
    expect(filmFactsSchema.parse(facts)).toEqual(facts);
    const price = film.stock.price;
    const offer = { id: "a", shop: "", size: 1, ...(price === undefined ? {} : { price }) };
    const back = vinylOf(film.id, { name: film.name, film: facts, offers: [offer] }, stock.have);
    expect(back).toEqual(film);
    expect(vinylSchema.parse(back)).toEqual(back);
  });
});

describe("an address", () => {
  it("is taken by the form if and only if it may be kept", () => {
    const text = (maxLength: number) =>
      fc.oneof(fc.string({ maxLength }), fc.constantFrom("", "  ", " 1 Reed Lane "));
    fc.assert(
      fc.property(
        text(130),
        fc.array(text(90), { maxLength: 8 }),
        text(70),
        (name, lines, country) => {
          const read = readAddress({ name, lines, country });
          const kept = addressSchema.safeParse({
            name,
            lines: lines.filter((line) => line.trim() !== ""),
            country,
          });
          expect(read.fault === null).toBe(kept.success);
          if (read.fault === null) expect(read.address).toEqual(kept.data);
          else expect(read.fault.part).toBe(kept.error?.issues[0]?.path[0]);
        },
      ),
      { seed: 20261130, numRuns: 400 },
    );
  });
});
