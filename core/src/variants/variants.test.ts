/** Variants keep only what differs, and what follows from it follows. */
import { describe, expect, it } from "vitest";
import { classDocumentSchema } from "../document/document.ts";
import { STARTERS } from "../starters/specs.ts";
import { starterProject } from "../starters/starter-projects.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { figuresOf } from "./figures.ts";
import {
  freeVariantId,
  scaled,
  soundVariant,
  type Variant,
  variantOf,
  variantSchema,
} from "./variant.ts";

const variant = (more: Partial<Variant>): Variant =>
  variantSchema.parse({ id: "one", name: "One", ...more });
const slate = demoClass("slate-numbers");

describe("a variant", () => {
  it("that says nothing is the project under another name", () => {
    const { title, ...rest } = variantOf(slate, variant({}));
    const { title: own, ...before } = slate;
    expect(title).toBe(`${own}, One`);
    expect(rest.things).toEqual(before.things);
    expect(rest.vinyls).toEqual(before.vinyls);
  });

  it("of another film: its name, kind and colour; what it costs is not known", () => {
    const film = slate.vinyls[0];
    const next = variantOf(
      slate,
      variant({
        films: [
          { id: film?.id ?? "", name: "Rust, matte", family: "permanentMatte", colour: "#8A4B2A" },
        ],
      }),
    );
    expect(next.vinyls[0]).toMatchObject({
      id: film?.id,
      name: "Rust, matte",
      family: "permanentMatte",
      colour: "#8A4B2A",
    });
    expect(next.vinyls[0]?.stock.price).toBeUndefined();
    expect(classDocumentSchema.safeParse(next).error?.issues ?? []).toEqual([]);
  });

  it("twice as large: lengths twice, what keeps off lips as it was, the design on its face", () => {
    expect(
      scaled(
        {
          kind: "straightCup",
          diameter: 82,
          height: 95,
          rimClearance: 25,
          footClearance: 6,
          wrapAngle: 120,
        },
        2,
      ),
    ).toEqual({
      kind: "straightCup",
      diameter: 164,
      height: 190,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    });
    expect(
      scaled(
        {
          kind: "outline",
          outline: [
            [0, 0],
            [10, 0],
            [10, 5],
          ],
        },
        1.5,
      ),
    ).toEqual({
      kind: "outline",
      outline: [
        [0, 0],
        [15, 0],
        [15, 7.5],
      ],
    }); // prettier-ignore
    const [small, large] = [
      figuresOf(variantOf(slate, variant({ scale: 0.8 })), testFonts),
      figuresOf(variantOf(slate, variant({ scale: 1.2 })), testFonts),
    ];
    expect(large.filmCm2).toBeGreaterThan(1.5 * small.filmCm2);
  });

  it("with its reverse: one more side of the same object, cut and planned with it", () => {
    const next = variantOf(slate, variant({ reverse: true }));
    expect(next.things).toHaveLength(2);
    expect(next.things[1]?.sideOf).toBe(next.things[0]?.id);
    expect(classDocumentSchema.safeParse(next).error?.issues ?? []).toEqual([]);
    const [one, two] = [figuresOf(slate, testFonts), figuresOf(next, testFonts)];
    expect(two.filmCm2 / one.filmCm2).toBeCloseTo(2, 1);
    expect(two.classMinutes).toBeGreaterThan(one.classMinutes);
    expect(variantOf(next, variant({ reverse: true })).things).toHaveLength(2);
  });

  it("steps and materials follow what changes", () => {
    const mug = starterProject(
      STARTERS.find(({ thing }) => thing.blank.shape.kind === "straightCup")?.id ?? "",
    );
    if (!mug) throw new Error("no cup");
    const film = mug.vinyls[0];
    const glitter = variantOf(
      mug,
      variant({
        films: [{ id: film?.id ?? "", name: "Glitter", family: "glitter", colour: "#C9A84A" }],
      }),
    );
    expect(glitter.supplies.map(({ name }) => name)).toContain("Transfer tape, strong");
    expect(mug.supplies.map(({ name }) => name)).not.toContain("Transfer tape, strong");
  });

  it("forgets films and things that the project has no more", () => {
    const said = variant({
      films: [{ id: "gone", name: "Gone", family: "glitter", colour: "#000000" }],
      blanks: [{ thing: "gone", colour: "#000000" }],
    });
    expect(soundVariant(slate, said)).toMatchObject({ films: [], blanks: [] });
  });

  it("has an id of its own", () => {
    expect(freeVariantId([], "Autumn, small")).toBe("autumn-small");
    expect(freeVariantId([{ id: "autumn-small" }], "Autumn, small")).toBe("autumn-small-2");
    expect(freeVariantId([], "12")).toBe("variant");
  });
});

describe("figures to compare", () => {
  it("of a variant that is the project in all but its name are the project's", () => {
    for (const name of ["seed-tins", "moth-cloche", "slate-numbers"]) {
      const project = { ...demoClass(name), seats: [] };
      expect(figuresOf(variantOf(project, variant({})), testFonts)).toEqual(
        figuresOf(project, testFonts),
      );
    }
  });

  it("are those of a class of eight, and say what has no price", () => {
    const figures = figuresOf(slate, testFonts);
    expect(figures.seats).toBe(8);
    expect(figures.stops).toBe(0);
    expect(figures.missing).toEqual([]);
    expect(figures.materials).toBeGreaterThan(0);
    const bare = figuresOf(
      { ...slate, supplies: slate.supplies.map((line) => ({ ...line, pack: { size: 1 } })) },
      testFonts,
    );
    expect(bare.missing.length).toBeGreaterThan(5);
    expect(bare.materials).toBeLessThan(figures.materials);
  });
});
