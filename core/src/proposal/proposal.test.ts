/** No combination that a host can choose gets an empty, contradictory or forbidden proposal. */
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { describe, expect, it } from "vitest";
import { MATERIALS, type Material } from "../blanks/blank-kinds.ts";
import { GROUND_BY, GROUND_WORKS } from "../blanks/ground-kinds.ts";
import { surfaceOf } from "../blanks/ground-of.ts";
import type { BlankShape } from "../blanks/shape.ts";
import { isCup, isRound } from "../blanks/shape-size.ts";
import { type ClassDocument, classDocumentSchema, type Thing } from "../document/document.ts";
import { HANDED_OVER, MOST_THINGS } from "../document/document-kinds.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { surfaceAdvice, tapeAdvice } from "../films/film-choice.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { SCHOOLS, type SchoolName } from "../studio/settings-kinds.ts";
import { demoClass } from "../testing/documents.ts";
import { proposalTable } from "../testing/proposal-table.ts";
import { VINYL_FAMILIES, type VinylFamily } from "../weeding/families.ts";
import { isPainted } from "../weeding/technique.ts";
import { TECHNIQUES, type Technique } from "../weeding/techniques.ts";
import { listsOf, NOTHING_TAKEN, withProposal } from "./merge.ts";
import { brokenBy } from "./order.ts";
import { type Proposal, propose } from "./propose.ts";
import { starterClass } from "./starter.ts";
import { starterSet } from "./starter-set.ts";

const film = (family: VinylFamily, id = "film") => ({
  ...(demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number]),
  id,
  family,
});

const SHAPES: Readonly<Record<string, BlankShape>> = {
  flat: { kind: "flat", width: 300, height: 220 },
  long: { kind: "flat", width: 880, height: 300 },
  small: { kind: "round", diameter: 60 },
  straight: {
    kind: "straightCup",
    diameter: 82,
    height: 95,
    rimClearance: 25,
    footClearance: 6,
    wrapAngle: 120,
  },
  tapered: {
    kind: "taperedCup",
    topDiameter: 72,
    bottomDiameter: 60,
    height: 110,
    rimClearance: 25,
    footClearance: 6,
    wrapAngle: 120,
    warp: true,
  },
  ball: { kind: "ball", diameter: 90, wrapAngle: 90 },
};

const input = (
  technique: Technique,
  material: Material,
  family: VinylFamily,
  shape: BlankShape,
) => ({
  title: "A class",
  when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 120 },
  setting: { kind: "room" as const, place: "" },
  blankName: "Piece",
  material,
  blankColour: "#D9C29A",
  shape,
  technique,
  films: [film(family)],
  seats: ["Ned", "Ivy", "Odile", "Bram"].map((name, i) => ({
    seat: String(i + 1),
    fields: { name },
  })),
});

const textOf = ({ steps, materials, preparation, placing, care }: Proposal): string =>
  JSON.stringify([
    steps.map(({ say, doIt, check, show }) => [say, doIt, check, show]),
    materials.map(({ name }) => name),
    preparation.map(({ say }) => say),
    placing.map(({ text }) => text),
    care.map(({ participant }) => participant),
  ]);

/** What would be wrong of any piece, whoever proposes it. */
function forbidden(document: ClassDocument, proposal: Proposal): string[] {
  const thing = document.things[0] as Thing;
  const wrong: string[] = [];
  const { steps, materials } = proposal;
  const ids = steps.map(({ id }) => id);
  const surface = surfaceOf(thing.blank.material, thing.blank.ground ?? { what: "none" });
  const words = textOf(proposal);
  const asksAlcohol = [
    ...steps.flatMap(({ doIt }) => doIt),
    ...materials.map(({ name }) => name),
  ].some((text) => /alcohol/iu.test(text) && !/no alcohol|no solvent|without alcohol/iu.test(text));
  if (
    surfaceAdvice(surface).clean !== "alcohol" &&
    surfaceAdvice(thing.blank.material).clean !== "alcohol" &&
    asksAlcohol
  )
    wrong.push("alcohol where it harms");
  if (
    surface === "paintedWood" &&
    materials.some(({ name }) => /tape, (strong|medium)/iu.test(name))
  )
    wrong.push("tape stronger than the paint");
  if (
    thing.technique === "ironOnStencil" &&
    materials.some(({ name }) => /Transfer tape/u.test(name))
  )
    wrong.push("transfer tape for film with a liner");
  if (
    isPainted(thing.technique) &&
    proposal.care.some(({ participant }) => /wash/iu.test(participant))
  )
    wrong.push("a painted piece to be washed");
  if (!isPainted(thing.technique) && /stencil is spent|paint that has to dry/iu.test(words))
    wrong.push("paint where there is none");
  if (
    isCup(thing.blank.shape) &&
    !isPainted(thing.technique) &&
    !proposal.placing.some(({ text }) => /rim/u.test(text))
  )
    wrong.push("a rim without clearance");
  if (
    isRound(thing.blank.shape) &&
    !isPainted(thing.technique) &&
    !materials.some(({ id }) => id === "holder")
  )
    wrong.push("nothing that holds what rolls");
  for (const { id, because } of [...steps, ...materials, ...proposal.preparation])
    if (because.trim() === "") wrong.push(`${id} without a reason`);
  for (const { id, title, doIt, minutes, half } of steps)
    if (title === "" || doIt === "" || minutes < 1 || (half ?? 0) > minutes)
      wrong.push(`${id} is empty`);
  for (const { id, amount } of materials) if (!(amount > 0)) wrong.push(`${id} in no amount`);
  wrong.push(...brokenBy(steps).map(({ first, later }) => `${first} after ${later}`));
  if (
    !ids.includes("welcome") ||
    ids.at(-1) !== "finish" ||
    !/counted back/u.test(steps.at(-1)?.check ?? "")
  )
    wrong.push("no beginning or no end");
  const sheet = runSheetOf(asClass(document, proposal));
  const start = new Map(sheet.steps.map((row) => [row.id, row]));
  for (const step of steps)
    for (const { step: before, wait } of step.after ?? []) {
      const done = start.get(before);
      if (!done || done.startMinute + done.minutes + wait > (start.get(step.id)?.startMinute ?? 0))
        wrong.push(`${step.id} does not wait for ${before}`);
    }
  return wrong;
}

function asClass(document: ClassDocument, proposal: Proposal): ClassDocument {
  const lists = listsOf(proposal);
  return classDocumentSchema.parse({
    ...document,
    steps: lists.steps,
    supplies: lists.supplies,
    preparation: lists.preparation,
    tools: proposal.tools,
  });
}

describe.each(TECHNIQUES)("every blank, made as %s", (technique) => {
  it.each(Object.keys(SHAPES))("%s: of every material and film", (name) => {
    for (const material of MATERIALS)
      for (const family of VINYL_FAMILIES) {
        const document = starterClass(
          input(technique, material, family, SHAPES[name] as BlankShape),
        );
        const proposal = propose(document);
        expect([material, family, ...forbidden(document, proposal)]).toEqual([material, family]);
        // What a class from nothing begins with is this proposal.
        expect(document.steps).toEqual(listsOf(proposal).steps);
      }
  });

  it("every way of working, one changed at a time, and every ground", () => {
    const base = starterClass(
      input(technique, "rawWood", "permanentGloss", SHAPES.flat as BlankShape),
    );
    for (const name of Object.keys(SCHOOLS) as SchoolName[])
      for (const way of SCHOOLS[name]) {
        const document = { ...base, schools: { [name]: way } };
        expect([name, way, ...forbidden(document, propose(document))]).toEqual([name, way]);
      }
    for (const what of GROUND_WORKS)
      for (const by of GROUND_BY)
        for (const handsOver of HANDED_OVER) {
          const things = base.things.map((thing) => ({
            ...thing,
            blank: {
              ...thing.blank,
              ground: { what, by, coats: 2, faces: "both" as const, sand: true },
            },
          }));
          const document = classDocumentSchema.parse({ ...base, things, handsOver });
          expect([what, by, handsOver, ...forbidden(document, propose(document))]).toEqual([
            what,
            by,
            handsOver,
          ]);
        }
  });
});

describe("one source", () => {
  it.each(MATERIALS)("tape and cleaning on %s are what the advice beside it says", (material) => {
    for (const family of VINYL_FAMILIES) {
      const document = starterClass(input("decal", material, family, SHAPES.flat as BlankShape));
      const proposal = propose(document, { schools: schoolsSchema.parse({ rawWood: "bare" }) });
      const ready = propose(document).preparation.some(({ id }) => id.startsWith("paint"))
        ? "paintedWood"
        : material;
      const { tack } = tapeAdvice(family, ready);
      const tape = proposal.materials
        .filter(({ name }) => name.startsWith("Transfer tape"))
        .map(({ name }) => name);
      if (tack === "none") expect(tape).toEqual([]);
      else expect(tape.every((name) => name.includes(tack))).toBe(true);
    }
  });
});

describe("what differs by the piece", () => {
  const of = (
    technique: Technique,
    material: Material,
    family: VinylFamily,
    shape: string,
    more: object = {},
  ) =>
    propose({
      ...starterClass(input(technique, material, family, SHAPES[shape] as BlankShape)),
      ...more,
    });
  const step = (proposal: Proposal, id: string) => proposal.steps.find((one) => one.id === id);

  it("a wall is begun in the middle, in pairs; a long board with a slip sheet and marks; a ball with snips", () => {
    expect(step(of("decal", "glazed", "permanentGloss", "straight"), "place")?.say).toMatch(
      /middle of the letters first, then out to each side/u,
    );
    expect(step(of("decal", "glazed", "permanentGloss", "straight"), "place")?.because).toMatch(
      /two turns/u,
    );
    expect(step(of("decal", "sealedWood", "permanentGloss", "long"), "place")?.say).toMatch(
      /parchment/u,
    );
    expect(step(of("decal", "paintedMetal", "permanentGloss", "ball"), "place")?.say).toMatch(
      /Snip the tape/u,
    );
    expect(step(of("decal", "balloon", "permanentGloss", "ball"), "blow-up")).toBeDefined();
  });

  it("glass rests before the tape is peeled; cups are washed by hand after two days", () => {
    expect(step(of("decal", "glass", "glitter", "tapered"), "peel")?.after).toEqual([
      { step: "place", wait: 1 },
    ]);
    expect(of("decal", "glass", "glitter", "tapered").care[0]?.participant).toMatch(
      /by hand.*Glitter fades/u,
    );
  });

  it("glitter lies on a tape of its own; other layers are gathered, or laid one after the other", () => {
    const base = starterClass(
      input("decal", "laminate", "permanentGloss", SHAPES.flat as BlankShape),
    );
    const line = base.things[0]?.design.items[0] as Thing["design"]["items"][number];
    const films = [
      film("permanentGloss", "one"),
      film("permanentMatte", "two"),
      film("glitter", "three"),
    ];
    const items = films.map(({ id }, i) => ({
      ...line,
      id: `line-${i}`,
      vinyl: id,
    })) as Thing["design"]["items"];
    const document = {
      ...base,
      vinyls: films,
      things: base.things.map((thing) => ({ ...thing, design: { ...thing.design, items } })),
    };
    const tapes = (ways: object) =>
      propose({ ...document, schools: ways }).steps.filter(({ id }) => id.startsWith("tape"))
        .length;
    expect(tapes({ layers: "gathered" })).toBe(2);
    expect(tapes({ layers: "single" })).toBe(3);
    const names = propose(document).materials.map(({ name }) => name);
    expect(names).toContain("Transfer tape, strong");
    expect(names).toContain("Transfer tape, medium");
  });

  it("raw wood is sealed or painted before the day; a mask gets its ground in the letters' colour first", () => {
    expect(
      of("decal", "rawWood", "permanentGloss", "flat").preparation.map(({ id }) => id),
    ).toEqual(["sand", "seal-1"]);
    expect(of("mask", "rawWood", "removable", "flat").preparation.map(({ id }) => id)).toEqual([
      "sand",
      "paint-1",
      "paint-2",
    ]);
    expect(
      of("openStencil", "stainedWood", "removable", "flat").preparation.map(({ id }) => id),
    ).toEqual(["sand", "stain"]);
  });

  it("finishing by what it is: a fob's rings in two sizes, a tag's twine, a sign's hanger", () => {
    const named = (blankName: string) =>
      propose(
        starterClass({
          ...input("decal", "clearPlastic", "permanentGloss", SHAPES.small as BlankShape),
          blankName,
        }),
      );
    expect(named("Acrylic fob").materials.map(({ id }) => id)).toEqual(
      expect.arrayContaining(["ring-large", "ring-small", "key-ring", "tassel", "pliers"]),
    );
    expect(step(named("Acrylic fob"), "large-ring")?.say).toMatch(/sideways.*metal meets metal/u);
    expect(named("Wooden tag").materials.find(({ id }) => id === "twine")?.amount).toBe(0.25);
    expect(step(named("Door sign"), "hanger")).toBeDefined();
  });

  it("the word of a practised hand: small decals take 10 to 20 minutes from film to object, beginners two to three times as long", () => {
    const proposal = of("decal", "glazed", "permanentGloss", "flat", { handsOver: "cut" });
    const making = proposal.steps.filter(({ id }) => !["welcome", "finish"].includes(id));
    const practised = making.reduce((sum, { practisedMinutes }) => sum + practisedMinutes, 0);
    const beginners = making.reduce((sum, { minutes }) => sum + minutes, 0);
    expect(practised).toBeGreaterThan(6);
    expect(practised).toBeLessThan(20);
    expect(beginners / practised).toBeGreaterThan(2);
    expect(beginners / practised).toBeLessThan(4);
  });
});

describe("a set as large as it may be", () => {
  const twelve = starterSet(
    input("mask", "rawWood", "stencil", SHAPES.flat as BlankShape),
    Array.from({ length: MOST_THINGS - 1 }, (_, i) => ({
      role: "also" as const,
      blank: {
        name: `Sign ${i}`,
        material: "rawWood" as const,
        colour: "#FFFFFF",
        shape: { kind: "flat" as const, width: 200 + i, height: 120 },
      },
      technique: TECHNIQUES[i % TECHNIQUES.length] as Technique,
      perSeat: 2,
    })),
    0.65,
  );
  const framed: ClassDocument = {
    ...twelve,
    things: twelve.things.map((thing) => ({
      ...thing,
      blank: {
        ...thing.blank,
        material: "paintedWood",
        ground: { what: "paint", by: "host", coats: 3, faces: "both", sand: true },
        frame: {
          strip: 20,
          ledge: 0,
          fixed: "glued",
          finish: "stained",
          by: "host",
          sold: 2400,
          kerf: 3,
        },
      },
    })),
    steps: [],
    supplies: [],
    preparation: [],
    proposed: NOTHING_TAKEN,
  };

  it("steps like one that the host has taken out stand for themselves", () => {
    const first = propose(twelve).steps.find(({ like }) => like !== undefined);
    const bare = {
      ...twelve,
      steps: twelve.steps.filter(({ id, like }) => id !== first?.like && like !== first?.like),
    };
    const asked = {
      ...bare,
      proposed: {
        ...NOTHING_TAKEN,
        steps: (twelve.proposed?.steps ?? []).filter(
          ({ id }) => twelve.steps.find((one) => one.id === id)?.like !== first?.like,
        ),
      },
    };
    const merged = withProposal(asked, propose(twelve));
    expect(merged.steps.some(({ id }) => id === first?.id)).toBe(true);
    expect(classDocumentSchema.safeParse(merged).error?.issues ?? []).toEqual([]);
  });

  it("twelve painted and framed things are still a document: no list is longer than one may be", () => {
    const document = withProposal(framed, propose(framed));
    expect(document.preparation.length).toBeGreaterThan(60);
    expect(
      classDocumentSchema
        .safeParse(document)
        .error?.issues.map(({ path, message }) => `${path.join(".")}: ${message}`) ?? [],
    ).toEqual([]);
  });

  it("things whose long names begin alike keep all their tasks", () => {
    const names = ["x", "y", "z"].map((last) => `a-very-very-very-long-thing-${last}`);
    const named = {
      ...framed,
      seats: [],
      things: names.map((id) => ({ ...(framed.things[0] as Thing), id, title: id })),
    };
    const { preparation } = propose(named);
    const perThing = names.map((name) => preparation.filter(({ thing }) => thing === name).length);
    expect(new Set(perThing).size).toBe(1);
    expect(new Set(preparation.map(({ id }) => id)).size).toBe(preparation.length);
    const ids = new Set(preparation.map(({ id }) => id));
    expect(preparation.flatMap(({ after }) => after).filter((id) => !ids.has(id))).toEqual([]);
  });
});

describe("the table in docs", () => {
  it("is what the rules say: npm run proposal-table writes it anew", () => {
    const file = readFileSync(
      fileURLToPath(new URL("../../../docs/proposals.md", import.meta.url)),
      "utf8",
    );
    expect(file.split("<!-- table -->\n\n")[1]).toBe(proposalTable());
  });
});
