/** Several things as one class: what is done once, what is told shorter, what waits. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema, type Thing } from "../document/document.ts";
import { alternativeTo, broughtIn, copyOf, newThing, otherSideOf } from "../document/new-thing.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { isLike, thingsWithoutSteps, titleOfStep } from "../document/steps-of-things.ts";
import { madeOf } from "../document/thing-document.ts";
import { makePlan } from "../plan/plan.ts";
import { SECOND_SHARE, secondPace } from "../scheduling/pace.ts";
import { type Step, stepSchema } from "../scheduling/step.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { withoutThing, withThing, withToolsOf } from "./add-thing.ts";
import { NOTHING_TAKEN, withProposal } from "./merge.ts";
import { propose } from "./propose.ts";
import { stepsOfSet } from "./set-steps.ts";
import { starterClass } from "./starter.ts";
import { starterSet } from "./starter-set.ts";
import { kept } from "./told.ts";

const tins = demoClass("seed-tins");
const base = starterClass({
  title: "Market evening",
  when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 240 },
  setting: { kind: "room", place: "" },
  blankName: "Tag",
  material: "sealedWood",
  blankColour: "#D9C29A",
  shape: { kind: "flat", width: 70, height: 40 },
  technique: "decal",
  films: [tins.vinyls[0] as ClassDocument["vinyls"][number]],
  seats: ["Ned", "Ivy", "Odile"].map((name, i) => ({ seat: String(i + 1), fields: { name } })),
});
const ways = { schools: schoolsSchema.parse({}), share: SECOND_SHARE, document: base };
const tag = base.things[0] as Thing;
const cup: Thing = {
  ...tag,
  id: "cup",
  title: "Cup",
  blank: {
    ...tag.blank,
    name: "Cup",
    material: "glazed",
    shape: {
      kind: "straightCup",
      diameter: 82,
      height: 95,
      rimClearance: 25,
      footClearance: 6,
      wrapAngle: 120,
    },
  },
};
const sign: Thing = { ...tag, id: "sign", title: "Sign", technique: "openStencil" };
const minutes = (steps: readonly Step[]) => steps.reduce((sum, step) => sum + step.minutes, 0);
const with_ = (document: ClassDocument, thing: Thing): ClassDocument =>
  classDocumentSchema.parse({ ...document, ...withThing(document, thing, { ...ways, document }) });

/** A class that makes these things, as it is proposed. */
const of = (things: Thing[]): ClassDocument => {
  const bare: ClassDocument = {
    ...base,
    things,
    steps: [],
    supplies: [],
    tools: [],
    preparation: [],
    proposed: NOTHING_TAKEN,
  };
  return withProposal(bare, propose(bare));
};

describe("steps of a set", () => {
  it("of one thing are what they always were", () => {
    expect(stepsOfSet([tag], ways).map(kept)).toEqual(base.steps);
  });

  it("a second like thing: cleaning, weeding and taping grow, placing is told shorter and takes 65 %", () => {
    const pair = with_(base, copyOf(base.things, tag));
    const [first, second] = pair.things as [Thing, Thing];
    const step = (id: string) => pair.steps.find((one) => one.id === id) as Step;
    const alone = (id: string) => base.steps.find((step) => step.id === id)?.minutes ?? 0;
    expect(step("tape").minutes).toBe(alone("tape") + Math.ceil(alone("tape") * SECOND_SHARE));
    expect(step("tape").thing).toBeUndefined();
    expect(step("place").thing).toBe(first.id);
    const again = step(`place-${second.id}`);
    expect(again).toMatchObject({
      thing: second.id,
      like: "place",
      minutes: Math.ceil(alone("place") * SECOND_SHARE),
    });
    expect(again.say.startsWith("As on the ")).toBe(true);
    expect(pair.steps.filter(({ title }) => title === step("welcome").title)).toHaveLength(1);
    expect(minutes(pair.steps)).toBeLessThan(2 * minutes(base.steps));
    expect(minutes(pair.steps)).toBeGreaterThan(minutes(base.steps));
  });

  it("what is cleaned otherwise is cleaned apart, before it is placed", () => {
    const both = with_(base, cup);
    const clean = both.steps.find(({ id }) => id === "clean-cup") as Step;
    expect(clean.say).toMatch(/alcohol/iu);
    expect(clean.care).toMatch(/burns/iu);
    expect(
      both.steps.find(({ id }) => id === "place-cup")?.after?.map(({ step }) => step),
    ).toContain("clean-cup");
    expect(isLike(tag, cup)).toBe(false);
    expect(both.steps.some(({ like }) => like !== undefined)).toBe(false);
  });

  it("a second side waits until the first is dry, and then the piece is turned onto a clean cloth", () => {
    const one = of([sign]);
    const back = otherSideOf(one.things, sign);
    const both = with_(one, back);
    const turn = both.steps.find(
      ({ thing, title }) => thing === back.id && title === "Turn it over",
    ) as Step;
    const start = new Map(runSheetOf(both).steps.map((step) => [step.id, step]));
    const peeled = start.get("peel-film") as { startMinute: number; minutes: number };
    expect(
      (start.get(turn.id)?.startMinute ?? 0) - peeled.startMinute - peeled.minutes,
    ).toBeGreaterThanOrEqual(60);
    for (const step of both.steps.filter(({ thing, id }) => thing === back.id && id !== turn.id))
      expect(start.get(step.id)?.startMinute ?? 0).toBeGreaterThan(
        start.get(turn.id)?.startMinute ?? 0,
      );
  });

  it("of alternatives made alike everybody makes one: no step and no minute more", () => {
    const { things, added } = alternativeTo(base.things, tag);
    const next = with_({ ...base, things }, added);
    expect(next.steps).toEqual(base.steps);
    expect(thingsWithoutSteps(next.things, next.steps)).toEqual([]);
  });

  it("what the host put in is for all, and stays as it is", () => {
    const tea: Step = { ...(base.steps[0] as Step), id: "tea", title: "Tea", minutes: 10 };
    const both = with_(
      { ...base, steps: [...base.steps.slice(0, 4), tea, ...base.steps.slice(4)] },
      copyOf(base.things, tag),
    );
    expect(both.steps.find(({ id }) => id === "tea")).toMatchObject({ title: "Tea", minutes: 10 });
    expect(both.steps.find(({ id }) => id === "tea")?.thing).toBeUndefined();
  });

  it("drying of one thing is filled with the making of another", () => {
    const both = with_(of([sign]), { ...tag, id: "tag2" });
    const alone = runSheetOf(of([sign])).endMinute;
    const added = minutes(both.steps) - minutes(stepsOfSet([sign], ways));
    expect(runSheetOf(both).endMinute).toBeLessThan(alone + added);
  });

  it("are listed in the order in which they are done, and what is not for all says for which", () => {
    for (const [first, ...others] of [
      [tag, sign, cup],
      [sign, tag, cup],
      [cup, tag, sign],
      [sign, cup],
    ] as [Thing, ...Thing[]][]) {
      let document = of([first]);
      for (const thing of others) document = with_(document, thing);
      expect(runSheetOf(document).steps.map(({ id }) => id)).toEqual(
        document.steps.map(({ id }) => id),
      );
    }
    const three = with_(with_(with_(base, sign), cup), { ...tag, id: "fob", title: "Fob" });
    expect(three.steps.find(({ id }) => id === "weed")?.title).toBe(
      "Look over the film: Tag, Cup, Fob",
    );
  });

  it("twelve painted things are not planned beyond what a class takes: the rest is told to be missing", () => {
    let document = of([sign]);
    for (let i = 0; i < 11; i++) document = with_(document, copyOf(document.things, sign));
    expect(document.things).toHaveLength(12);
    expect(document.steps.length).toBeLessThanOrEqual(60);
    expect(thingsWithoutSteps(document.things, document.steps).length).toBeGreaterThan(0);
  });

  it("the end comes last of all, and steps are named with their thing", () => {
    const three = with_(with_(base, cup), sign);
    const sheet = runSheetOf(three).steps;
    expect(sheet.at(-1)?.id).toBe("finish");
    const titles = three.steps.map((step) => titleOfStep(step, three.things));
    expect(titles).toContain("Place and press: Cup");
    expect(titleOfStep({ title: "Turn the cup", thing: "cup" }, three.things)).toBe("Turn the cup");
    expect(titleOfStep({ title: "Place", thing: undefined }, three.things)).toBe("Place");
  });

  it("any set makes a sound run sheet; taken out again, a thing leaves nothing behind", () => {
    const kinds = fc.constantFrom("tag", "cup", "sign", "side", "or") as fc.Arbitrary<string>;
    fc.assert(
      fc.property(
        fc.array(kinds, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 1, max: 3 }),
        (rows, perSeat) => {
          let document = base;
          for (const kind of rows) {
            if (kind === "or") {
              const { things, added } = alternativeTo(document.things, document.things[0] as Thing);
              document = with_({ ...document, things }, added);
            } else if (kind === "side")
              document = with_(document, otherSideOf(document.things, document.things[0] as Thing));
            else
              document = with_(document, {
                ...copyOf(document.things, kind === "cup" ? cup : kind === "sign" ? sign : tag),
                perSeat,
              });
            expect(thingsWithoutSteps(document.things, document.steps)).toEqual([]);
            for (const step of document.steps) stepSchema.parse(step);
            const sheet = runSheetOf(document);
            expect(sheet.steps).toHaveLength(document.steps.length);
            expect(sheet.steps.at(-1)?.id).toBe("finish");
          }
          for (const { id } of [...document.things.slice(1)].reverse())
            if (document.things.some((thing) => thing.id === id))
              document = classDocumentSchema.parse({
                ...document,
                ...withoutThing(document, id, { ...ways, document }),
              });
          const bare = (steps: readonly Step[]) =>
            steps.map(({ id, minutes: own, thing }) => [id, own, thing]);
          expect(bare(document.steps)).toEqual(bare(base.steps));
          expect(document.supplies).toEqual(base.supplies);
        },
      ),
      { seed: 1616, numRuns: 60 },
    );
  });
});

describe("materials of a set", () => {
  it("each thing has its own blank, counted by how many of it are made; tape grows; wipes serve all", () => {
    const two = with_(base, {
      ...copyOf(base.things, tag),
      blank: { ...tag.blank, name: "Round tag" },
      perSeat: 2,
    });
    const blanks = two.supplies.filter(({ name }) => name === "Tag" || name === "Round tag");
    expect(blanks.map(({ name, thing }) => [name, thing])).toEqual([
      ["Tag", tag.id],
      ["Round tag", two.things[1]?.id],
    ]);
    const tape = makePlan(two, testFonts).supplies.filter(({ name }) =>
      name.startsWith("Transfer tape"),
    );
    // The second is made twice; on a dusty ground each takes its own piece.
    const [first = 0, second = 0] = tape.map(({ perSeat }) => perSeat);
    expect(first).toBeGreaterThan(0);
    expect(second).toBeCloseTo(2 * first, 2);
    expect(two.supplies.filter(({ id }) => id.startsWith("wipe"))).toHaveLength(1);
    expect(two.supplies.filter(({ id }) => id.startsWith("wipe"))[0]?.thing).toBeUndefined();
    expect(madeOf(two, two.things[1]?.id)).toEqual([2, 2, 2]);
  });

  it("what another technique needs is there: paint and sponges for a sign beside a tag", () => {
    const names = with_(base, sign).supplies.map(({ name }) => name);
    expect(names.some((name) => /^Paint for the face/u.test(name))).toBe(true);
    expect(names.some((name) => /sponge/iu.test(name))).toBe(true);
  });

  it("a second side needs no second blank", () => {
    expect(
      with_(base, otherSideOf(base.things, tag)).supplies.filter(({ name }) => name === "Tag"),
    ).toHaveLength(1);
  });
});

describe("a thing that is added", () => {
  it("asks for a tool once, however many things of a set need it, and leaves the room's own as it is", () => {
    const painted = (["openStencil", "mask", "ironOnStencil"] as const).map((technique) => ({
      ...tag,
      technique,
    }));
    expect(withToolsOf([], painted, ways).map(({ id }) => id)).toEqual(["fan", "heat-gun", "iron"]);
    const own = [{ id: "fan", name: "The loud fan", count: 4, hot: false }];
    expect(withToolsOf(own, painted, ways).map(({ id, count }) => [id, count])).toEqual([
      ["fan", 4],
      ["heat-gun", 1],
      ["iron", 1],
    ]);
  });

  it("has a name and an id of its own, however often", () => {
    let document = base;
    for (let i = 0; i < 5; i++) document = with_(document, newThing(document));
    expect(new Set(document.things.map(({ id }) => id)).size).toBe(6);
    expect(new Set(document.things.map(({ title }) => title)).size).toBe(6);
  });

  it("from elsewhere is cut from films of this class", () => {
    const clipboard = demoClass("night-sky-clipboard").things[0] as Thing;
    const thing = broughtIn(base, clipboard);
    const next = with_(base, thing);
    expect(next.things).toHaveLength(2);
  });

  it("at once with a class from nothing: a board, its back and another size", () => {
    const made = starterSet(
      {
        title: base.title,
        when: base.when,
        setting: base.setting,
        seats: base.seats,
        blankName: "Board",
        material: "paintedWood",
        blankColour: "#22292B",
        shape: { kind: "flat", width: 300, height: 220 },
        technique: "openStencil",
        films: base.vinyls,
      },
      [
        { role: "side", blank: tag.blank, technique: "openStencil", perSeat: 1 },
        {
          role: "instead",
          blank: { ...tag.blank, name: "Long board" },
          technique: "openStencil",
          perSeat: 1,
        },
      ],
      SECOND_SHARE,
    );
    const read = classDocumentSchema.parse(made);
    expect(
      read.things.map(({ title, sideOf, choice }) => [title, sideOf !== undefined, choice]),
    ).toEqual([
      ["Board", false, "thing"],
      ["Board, back", true, undefined],
      ["Long board", false, "thing"],
    ]);
  });
});

describe("the pace of a second like thing", () => {
  it("is a first guess until classes were held, and moves towards what they took", () => {
    expect(secondPace([])).toEqual({ share: SECOND_SHARE, learned: 0 });
    expect(secondPace([{ first: 10, second: 9 }]).share).toBeCloseTo(
      (3 * SECOND_SHARE + 0.9) / 4,
      3,
    );
    const many = secondPace(Array.from({ length: 40 }, () => ({ first: 10, second: 8 })));
    expect(many.share).toBeGreaterThan(0.78);
    expect(many.learned).toBe(40);
  });

  it("what says nothing is passed over, and one odd evening does not decide", () => {
    expect(
      secondPace([
        { first: 0, second: 5 },
        { first: 5, second: 0 },
      ]),
    ).toEqual({ share: SECOND_SHARE, learned: 0 });
    expect(secondPace([{ first: 1, second: 100 }]).share).toBeLessThan(1);
  });
});
