import { describe, expect, it } from "vitest";
import { demoClass } from "../testing/documents.ts";
import { factsOf, freeOfferId, offerOf, vinylOf } from "./film-of.ts";
import { filmIdentity, goodSchema, sameFilm } from "./good.ts";
import { guessKind } from "./good-kinds.ts";

const film = demoClass("seed-tins").vinyls[0] as ReturnType<typeof demoClass>["vinyls"][number];

describe("a film of the shelf", () => {
  it("taken apart and put together is the same film", () => {
    for (const name of ["seed-tins", "rowing-bottles", "slate-numbers", "night-sky-clipboard"])
      for (const vinyl of demoClass(name).vinyls) {
        const { price, have } = vinyl.stock;
        expect(
          vinylOf(
            vinyl.id,
            {
              name: vinyl.name,
              film: factsOf(vinyl),
              offers: [{ id: "a", shop: "", size: 1, ...(price === undefined ? {} : { price }) }],
            },
            have,
          ),
        ).toEqual(vinyl);
      }
  });

  it("is the same whatever its price and stock, and another in another size or colour", () => {
    const facts = factsOf(film);
    expect(
      sameFilm(
        facts,
        factsOf({
          ...film,
          colour: film.colour.toLowerCase(),
          stock: { ...film.stock, have: 99, price: 1 },
        }),
      ),
    ).toBe(true);
    expect(sameFilm(facts, factsOf({ ...film, passes: 3 }))).toBe(false);
    expect(filmIdentity(facts)).toBe(filmIdentity(factsOf({ ...film, passes: 3 })));
    expect(filmIdentity(facts)).not.toBe(
      filmIdentity(factsOf({ ...film, stock: { ...film.stock, width: 200 } })),
    );
  });
});

describe("a good", () => {
  it("is a film exactly when it says which", () => {
    expect(goodSchema.safeParse({ kind: "film", name: "X" }).success).toBe(false);
    expect(goodSchema.safeParse({ kind: "part", name: "X", film: factsOf(film) }).success).toBe(
      false,
    );
    expect(goodSchema.safeParse({ kind: "film", name: "X", film: factsOf(film) }).success).toBe(
      true,
    );
    expect(goodSchema.safeParse({ kind: "part", name: "  " }).success).toBe(false);
    expect(
      goodSchema.safeParse({ kind: "part", name: "X", offers: [{ id: "a" }, { id: "a" }] }).success,
    ).toBe(false);
  });

  it("has its first offer as the usual one, and ids that are free", () => {
    const offers = [
      { id: "a", shop: "Quay", size: 6 },
      { id: "b", shop: "Lane", size: 1 },
    ];
    expect(offerOf({ offers }).shop).toBe("Quay");
    expect(offerOf({ offers }, "b").shop).toBe("Lane");
    expect(offerOf({ offers }, "gone").shop).toBe("Quay");
    expect(offerOf({ offers: [] })).toMatchObject({ size: 1 });
    expect(freeOfferId(offers)).toBe("c");
  });

  it.each([
    ["Painted clipboard", "blank", "blank"],
    ["Outdoor paint, chalk white", "paint", "paint"],
    ["Transfer tape, medium", "tape", "tape"],
    ["Parcel bag", "bag", "packaging"],
    ["Weeding hook", "hook", "tool"],
    ["Split ring", "ring", "part"],
    ["Alcohol wipe", "wipe", "consumable"],
  ])("%s is first taken for: %s, %s", (name, id, kind) => {
    expect(guessKind({ id, name, per: "seat", uses: 1 })).toBe(kind);
  });
});
