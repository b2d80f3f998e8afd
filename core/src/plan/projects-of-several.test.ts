/**
 * Whole projects of several things, as hosts bring them: what is counted, cut, told and waited for.
 */
import { describe, expect, it } from "vitest";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import {
  type ClassDocument,
  classDocumentSchema,
  readClassDocument,
  type Thing,
} from "../document/document.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import { type RecipeItem, stencilSchema } from "../lettering/recipe.ts";
import { type MoreOf, starterSet } from "../proposal/starter-set.ts";
import { SECOND_SHARE } from "../scheduling/pace.ts";
import type { Plan } from "../stages/stages.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { planFiles } from "./files.ts";
import { makePlan } from "./plan.ts";

const tins = demoClass("seed-tins");
const film = (
  id: string,
  name: string,
  family: ClassDocument["vinyls"][number]["family"],
  colour: string,
): ClassDocument["vinyls"][number] => ({
  id,
  name,
  family,
  colour,
  turns: "free",
  passes: 1,
  stock: { kind: "sheet", width: 304.8, height: 304.8, have: 0 },
});
const cutter = (id: string): ClassDocument["cutter"] =>
  (
    CUTTER_PROFILES.find((profile) => profile.id === id) ??
    (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number])
  ).cutter;
const seats = (count: number) =>
  Array.from({ length: count }, (_, i) => ({
    seat: String(i + 1),
    fields: { name: ["Ines", "Bo", "Mette", "Tomasz", "Øyvind"][i % 5] ?? "Ines" },
  }));
const line = (id: string, text: string, vinyl: string, more: object = {}): RecipeItem =>
  ({ ...PLAIN_LINE, id, text, font: "zilla-slab", vinyl, size: 12, ...more }) as RecipeItem;
const withDesign = (
  thing: Thing,
  items: readonly RecipeItem[],
  more: Partial<Thing> = {},
): Thing => ({ ...thing, ...more, design: { ...thing.design, ...more.design, items: [...items] } });

interface Project {
  readonly blank: MoreOf["blank"];
  readonly technique: Thing["technique"];
  readonly films: ClassDocument["vinyls"];
  readonly more: readonly MoreOf[];
  readonly seats: number;
  readonly machine?: string;
  readonly minutes?: number;
}
const project = ({
  blank,
  technique,
  films,
  more,
  seats: count,
  machine = "small",
  minutes = 240,
}: Project): ClassDocument =>
  starterSet(
    {
      title: "A class",
      when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes },
      setting: { kind: "room", place: "" },
      blankName: blank.name,
      material: blank.material,
      blankColour: blank.colour,
      shape: blank.shape,
      technique,
      films,
      cutter: cutter(machine),
      seats: seats(count),
    },
    more,
    SECOND_SHARE,
  );
const codes = (plan: Plan) => plan.findings.map(({ code }) => code);
const cup = {
  name: "Mug",
  material: "glazed",
  colour: "#E9D9B0",
  shape: {
    kind: "straightCup",
    diameter: 82,
    height: 95,
    rimClearance: 12,
    footClearance: 6,
    wrapAngle: 120,
  },
} as const;

describe("a pair of mugs with two texts", () => {
  const made = project({
    blank: cup,
    technique: "decal",
    films: [
      film("moss", "Moss gloss", "permanentGloss", "#2E5B3A"),
      film("fern", "Fern gloss", "permanentGloss", "#6FA46B"),
    ],
    more: [{ role: "also", blank: { ...cup, name: "Second mug" }, technique: "decal", perSeat: 1 }],
    seats: 14,
  });
  const [first, second] = made.things as [Thing, Thing];
  const document = classDocumentSchema.parse({
    ...made,
    setSizing: "sameHeight",
    use: { ...made.use, washing: "hand" },
    things: [
      withDesign(first, [line("text", "Third verse", "moss")]),
      withDesign(second, [line("text", "is ours", "fern", { font: "pacifico", join: true })]),
    ],
  });
  const plan = makePlan(document, testFonts);

  it("each seat gets both, in one bag, each in its shade", () => {
    for (const { seat } of document.seats)
      expect(
        plan.kits.filter((kit) => kit.seat === seat).map(({ thing, vinyl }) => `${thing} ${vinyl}`),
      ).toEqual([`${first.id} moss`, `${second.id} fern`]);
    expect(plan.laidOut.use.map(({ vinyl, loads }) => [vinyl, loads])).toEqual([
      ["moss", 1],
      ["fern", 1],
    ]);
    expect(plan.laidOut.sheets.every(({ mirrored }) => !mirrored)).toBe(true);
  });

  it("stands at one letter height on both", () => {
    const heights = plan.things.map(({ lettered }) => lettered.seats[0]?.lines[0]?.heightMm ?? 0);
    expect(heights[0]).toBeCloseTo(heights[1] ?? 0, 6);
  });

  it("told of the rim, with a remedy, for the mugs", () => {
    const rim = plan.findings.filter(({ code }) => code === "rimTooClose");
    expect(rim.length).toBeGreaterThan(0);
    expect(rim.flatMap(({ remedies }) => remedies).some(({ code }) => code === "raiseRim")).toBe(
      true,
    );
  });

  it("cleaned and taped once, placed twice, the second time quicker", () => {
    const of = (id: string) => document.steps.filter((step) => step.id === id || step.like === id);
    expect(of("clean")).toHaveLength(1);
    expect(of("tape")).toHaveLength(1);
    expect(of("place").map(({ thing }) => thing)).toEqual([first.id, second.id]);
    expect(of("place")[1]?.minutes).toBeLessThan(of("place")[0]?.minutes ?? 0);
  });

  it("pressed on from the middle, in a holder for every two", () => {
    const place = document.steps.find(({ id }) => id === "place");
    expect(place?.say).toMatch(/middle of the letters first, then out to each side/u);
    expect(plan.supplies.find(({ name }) => name === "Cradle")?.need).toBe(7);
    expect(document.steps.find(({ id }) => id === "peel")?.say).toMatch(/shiny side of its liner/u);
  });

  it("needs two mugs and two pieces of tape a seat, one wipe", () => {
    const need = (name: RegExp) =>
      plan.supplies.filter((supply) => name.test(supply.name)).map((supply) => supply.perSeat);
    expect(need(/mug/iu)).toEqual([1, 1]);
    // A piece for each of the two, as long on the roll as fourteen of them take beside each other.
    expect(need(/^Transfer tape/u)).toHaveLength(2);
    for (const metres of need(/^Transfer tape/u)) expect(metres).toBeGreaterThan(0.01);
    expect(need(/wipe/iu)).toEqual([1]);
  });
});

describe("a set of three kinds", () => {
  const tag = {
    name: "Tag",
    material: "paintedWood",
    colour: "#22292B",
    shape: { kind: "round", diameter: 76 },
  } as const;
  const board = {
    name: "Board",
    material: "sealedWood",
    colour: "#8A6A4B",
    shape: { kind: "flat", width: 170, height: 930 },
  } as const;
  const jug = {
    name: "Jug",
    material: "enamel",
    colour: "#FBF9F4",
    shape: {
      kind: "straightCup",
      diameter: 140,
      height: 200,
      rimClearance: 30,
      footClearance: 20,
      wrapAngle: 100,
    },
  } as const;
  const made = project({
    blank: tag,
    technique: "decal",
    films: [
      film("white", "Chalk matte", "permanentMatte", "#F4F2EA"),
      film("black", "Soot matte", "permanentMatte", "#1F1F22"),
    ],
    more: [
      { role: "also", blank: board, technique: "decal", perSeat: 1 },
      { role: "also", blank: jug, technique: "decal", perSeat: 1 },
    ],
    seats: 6,
    machine: "long",
  });
  const [tags, tall, jugs] = made.things as [Thing, Thing, Thing];
  const scraps = [
    {
      label: "K-01",
      vinyl: "white",
      outline: [
        [0, 0],
        [260, 0],
        [260, 180],
        [0, 180],
      ] as [number, number][],
      holes: [],
    },
  ];
  const document = classDocumentSchema.parse({
    ...made,
    scraps,
    things: [
      { ...tags, perSeat: 4, prepareDays: 6 },
      withDesign(
        tall,
        [line("tall", "HARBOUR NIGHTS", "white", { run: "down", size: 60, font: "oswald" })],
        { prepareDays: 3 },
      ),
      withDesign(jugs, [line("saying", "fill me twice", "black")]),
    ],
  });
  const plan = makePlan(document, testFonts);

  it("four tags, a board and a jug each: one list, one evening, one price", () => {
    for (const { seat } of document.seats) {
      const own = plan.kits.filter(
        (kit) => kit.seat === seat && (kit.part === null || kit.part.n === 1),
      );
      expect(own.filter(({ thing }) => thing === tags.id)).toHaveLength(4);
      expect(new Set(own.map(({ thing }) => thing)).size).toBe(3);
    }
    expect(plan.supplies.find(({ name }) => name === "Tag")?.need).toBe(
      4 * 6 + document.spareSupplies,
    );
    expect(plan.runSheet.steps.at(-1)?.id).toBe("finish");
  });

  it("rests of white first; nothing is cut through a letter of the long text, which is taken in parts", () => {
    expect(plan.laidOut.use.find(({ vinyl }) => vinyl === "white")?.scrapKits).toBeGreaterThan(0);
    const long = plan.kits.filter((kit) => kit.thing === tall.id && kit.seat === "1");
    expect(long.length).toBeGreaterThan(1);
    expect(
      long.flatMap(({ part }) => part?.seams ?? []).every(({ through }) => through.length === 0),
    ).toBe(true);
  });

  it("weak tape on the painted tags, the usual one elsewhere; alcohol for the enamel only", () => {
    const tape = (thing: string) =>
      document.supplies.find(
        (supply) => supply.thing === thing && supply.name.startsWith("Transfer tape"),
      )?.name;
    expect(tape(tags.id)).toContain("low");
    expect(tape(jugs.id)).toContain("medium");
    const clean = document.steps.filter(({ id }) => id.startsWith("clean"));
    expect(clean.find(({ thing }) => thing === jugs.id)?.say).toMatch(/alcohol/iu);
    expect(clean.find(({ thing }) => thing === undefined)?.say).toMatch(/without alcohol/iu);
  });

  it("blanks are ready on their own days", () => {
    expect(
      plan.deadlines
        .filter(({ code }) => code === "prepareBlanksBy")
        .map(({ thing, daysBefore }) => [thing, daysBefore]),
    ).toEqual([
      [tags.id, 6],
      [undefined, 4],
      [tall.id, 3],
    ]);
  });
});

describe("a panel with two sides for a narrow machine", () => {
  const panel = {
    name: "Panel",
    material: "paintedWood",
    colour: "#B8622B",
    shape: { kind: "flat", width: 300, height: 220 },
  } as const;
  const made = project({
    blank: panel,
    technique: "decal",
    films: [
      {
        ...film("white", "Chalk thick", "thickBacked", "#FFFFFF"),
        stock: { kind: "roll", width: 120, height: 3000, have: 0 },
      },
    ],
    more: [{ role: "side", blank: panel, technique: "decal", perSeat: 1 }],
    seats: 14,
    machine: "narrowNoMat",
  });
  const [front, back] = made.things as [Thing, Thing];
  const rule = (at: "baseline" | "xHeight" | "capHeight", more: object = {}): RecipeItem =>
    ({
      kind: "shape",
      id: `rule-${at.toLowerCase()}`,
      form: "line",
      vinyl: "white",
      size: 3,
      band: 1.5,
      points: 5,
      align: "centre",
      on: { item: "pair", at, side: "over", gap: 0 },
      ...more,
    }) as RecipeItem;
  const document = classDocumentSchema.parse({
    ...made,
    things: [
      withDesign(front, [
        line("pair", "Aa", "white", { size: 60 }),
        rule("capHeight"),
        rule("xHeight", { dash: { on: 12, off: 8 } }),
        rule("baseline"),
        { kind: "gap", id: "gap-1", size: 10, overlap: "layered" },
        line("words", "seed swap", "white", { size: 20 }),
      ]),
      withDesign(back, [line("words", "winter", "white", { size: 40 })], {
        blank: { ...back.blank, colour: "#1F1F22" },
      }),
    ],
  });
  const plan = makePlan(document, testFonts);

  it("both sides are cut: twice the film of one, as many kits", () => {
    for (const { seat } of document.seats)
      expect(
        new Set(plan.kits.filter((kit) => kit.seat === seat).map(({ thing }) => thing)),
      ).toEqual(new Set([front.id, back.id]));
    expect(
      plan.supplies.filter(({ name }) => name === "Panel").map(({ perSeat }) => perSeat),
    ).toEqual([1]);
    expect(
      plan.supplies.find(({ unit }) => unit === "roll" && plan.document.vinyls.length > 0)?.need ??
        0,
    ).toBeGreaterThan(0);
  });

  it("strong film on soft paint quarrels, and is told; the finished side lies on a clean cloth", () => {
    expect(codes(plan)).toContain("tapeQuarrel");
    const turn = document.steps.find(({ title }) => title === "Turn it over");
    expect(turn?.show).toMatch(/cloth/iu);
    expect(turn?.check).toMatch(/grit/iu);
  });

  it("letters meet the lines: the rules are as many pieces as are cut, and none is longer than asked", () => {
    const kit = plan.kits.find(({ thing, seat }) => thing === front.id && seat === "1");
    expect(kit?.pieces.length ?? 0).toBeGreaterThan(3);
  });
});

describe("two board sizes in one class", () => {
  const long = {
    name: "Framed board",
    material: "paintedWood",
    colour: "#FFFFFF",
    shape: { kind: "flat", width: 480, height: 210 },
  } as const;
  const bare = {
    name: "Door board",
    material: "rawWood",
    colour: "#C9A878",
    shape: { kind: "flat", width: 430, height: 280 },
  } as const;
  const made = project({
    blank: long,
    technique: "openStencil",
    films: [film("sheer", "Stencil film", "stencil", "#A9C7C2")],
    more: [{ role: "instead", blank: bare, technique: "openStencil", perSeat: 1 }],
    seats: 8,
    machine: "long",
    minutes: 60,
  });
  const [framed, door] = made.things as [Thing, Thing];
  const word = [
    line("lido", "Pier", "sheer", { font: "lobster", join: true, size: 40 }),
    { kind: "gap", id: "gap-1", size: 6, overlap: "layered" } as RecipeItem,
    line("small", "cold and open", "sheer", { size: 10, mayNarrow: true }),
  ];
  const document = classDocumentSchema.parse({
    ...made,
    things: [framed, door].map((thing) =>
      withDesign(thing, word, {
        design: { ...thing.design, stencil: stencilSchema.parse({ filmMargin: 12 }) },
      }),
    ),
    seats: made.seats.map((seat, i) =>
      i % 2 === 1 ? { ...seat, choices: { [framed.choice ?? ""]: door.id } } : seat,
    ),
  });
  const plan = makePlan(document, testFonts);

  it("each seat's stencil is sized to its own board, and nobody makes two", () => {
    for (const [i, { seat }] of document.seats.entries())
      expect(
        new Set(plan.kits.filter((kit) => kit.seat === seat).map(({ thing }) => thing)),
      ).toEqual(new Set([i % 2 === 1 ? door.id : framed.id]));
    const [a, b] = plan.things.map(({ lettered }) => lettered.seats[0]?.width ?? 0);
    expect(a).not.toBeCloseTo(b ?? 0, 1);
  });

  it("letters go and insides stay, the joined word is one outline", () => {
    expect(plan.kits.every(({ goes }) => goes === "out")).toBe(true);
    const script =
      plan.kits
        .find(({ seat, part }) => seat === "1" && part === null)
        ?.pieces.map(({ areaMm2 }) => areaMm2) ?? [];
    expect(script.filter((area) => area > 400).length).toBeLessThanOrEqual(2);
  });

  it("blanks are counted by who makes them, and an hour is told to be too short", () => {
    const need = (name: string) => plan.supplies.find((supply) => supply.name === name)?.need;
    expect([need("Framed board"), need("Door board")]).toEqual([
      4 + document.spareSupplies,
      4 + document.spareSupplies,
    ]);
    expect(codes(plan)).toContain("runsOver");
  });

  it("what stayed on the backing is told how to rescue; on a matt ground edges are rubbed again; sponges dab", () => {
    const say = (id: string) =>
      document.steps.find((step) => step.id === id || step.id.startsWith(`${id}-`))?.say ?? "";
    expect(say("place")).toMatch(/stayed on the backing is lifted with the hook/u);
    expect(say("press")).toMatch(/rub again round every letter/u);
    expect(say("coat-1")).toMatch(/dab straight down/u);
  });

  it("raw wood is sealed or told, and only for the board that is raw", () => {
    const raw = plan.findings.filter(({ code }) => code === "rawWood" || code === "liftsFibres");
    expect(raw.every(({ where }) => where.thing === door.id)).toBe(true);
  });
});

describe("a class of one thing", () => {
  it("in version 1 and in version 2 gives the same bytes in every file", async () => {
    const { things, seats: rows, recuts: _, ...rest } = tins;
    const [thing] = things as [Thing];
    const first = {
      ...rest,
      version: 1,
      technique: "decal",
      blank: { ...thing.blank, name: thing.title },
      design: thing.design,
      seats: rows.map(({ things: own, choices: __, ...seat }) => ({
        ...seat,
        ...(own?.[thing.id]?.own ? { own: own[thing.id]?.own } : {}),
      })),
      recuts: [],
    };
    const read = readClassDocument(JSON.parse(JSON.stringify(first)));
    expect(read.ok).toBe(true);
    if (!read.ok) return;
    const named = { ...tins, things: [{ ...thing, blank: { ...thing.blank, name: thing.title } }] };
    const a = new Map(planFiles(makePlan(read.value, testFonts)));
    const b = new Map(planFiles(makePlan(named, testFonts)));
    for (const [name, text] of a) if (name !== "plan.json") expect(b.get(name), name).toEqual(text);
    for (const [name, text] of a)
      if (name.endsWith(".svg")) expect(text).not.toContain("data-thing");
  });
});
