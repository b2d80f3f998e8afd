/**
 * Film round a stencil against what one load takes and what the face bears; longer mats, and the
 * film they ask for.
 */
import { describe, expect, it } from "vitest";
import { applyRemedy } from "../advice/remedy.ts";
import { speak } from "../advice/words-en.ts";
import type { Cutter } from "../cutting/cutter.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import type { ClassDocument, Thing } from "../document/document.ts";
import { boxHeight, boxOf, boxWidth } from "../geometry/polygon.ts";
import { makePlan } from "../plan/plan.ts";
import { starterClass } from "../proposal/starter.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { isRemedy } from "../testing/remedies.ts";
import type { Technique } from "../weeding/techniques.ts";
import { binFor } from "./load-room.ts";

const film = demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number];
const mat = (id: string): Cutter =>
  (CUTTER_PROFILES.find((one) => one.id === id) as (typeof CUTTER_PROFILES)[number]).cutter;
const wide: ClassDocument["vinyls"][number] = {
  ...film,
  family: "stencil",
  stock: { kind: "roll", width: 304.8, height: 3000, have: 1 },
};

interface Wanted {
  readonly technique?: Technique;
  readonly face: readonly [number, number];
  readonly cutter: Cutter;
  readonly words: readonly string[];
  readonly border?: number;
  readonly margin?: number;
  readonly vinyl?: ClassDocument["vinyls"][number];
}

function made({
  technique = "openStencil",
  face: [width, height],
  cutter,
  words,
  border = 12,
  margin = 2,
  vinyl = wide,
}: Wanted): ClassDocument {
  const base = starterClass({
    title: "Kiosk boards",
    when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 120 },
    setting: { kind: "room", place: "" },
    blankName: "Board",
    material: "paintedWood",
    blankColour: "#FFFFFF",
    shape: { kind: "flat", width, height },
    technique,
    films: [vinyl],
    cutter,
    seats: [],
  });
  const [thing] = base.things as [Thing];
  const design = {
    ...thing.design,
    ...(thing.design.stencil ? { stencil: { ...thing.design.stencil, filmMargin: border } } : {}),
  };
  return {
    ...base,
    things: [
      { ...thing, design, blank: { ...thing.blank, margin: { rule: "byHand", mm: margin } } },
    ],
    seats: words.map((name, i) => ({ seat: String(i + 1), fields: { name } })),
  };
}
const found = (document: ClassDocument, code: string) =>
  makePlan(document, testFonts).findings.find((one) => one.code === code);

describe("a border that one load does not take", () => {
  const narrow = mat("narrow");
  const load = binFor(wide, narrow);
  // Letters nearly as tall as the load, with a border of 12 mm wanted: seven of them, for fourteen
  // seats.
  const document = made({
    face: [270, load.width - 1],
    cutter: narrow,
    words: Array.from({ length: 14 }, () => "HIM"),
  });

  it("gives way, so that no letter is cut lengthwise and no seat takes three loads", () => {
    const plan = makePlan(document, testFonts);
    expect(boxHeight(plan.kits[0]?.box ?? { minX: 0, minY: 0, maxX: 0, maxY: 0 })).toBeGreaterThan(
      load.width - 2 * 12,
    );
    expect(plan.kits.every(({ part }) => part === null)).toBe(true);
    expect(plan.kits).toHaveLength(14);
    expect(plan.laidOut.unplaced).toEqual([]);
    expect(plan.laidOut.sheets.length).toBeLessThanOrEqual(14);
    for (const kit of plan.kits) {
      expect(kit.pad).toBeGreaterThanOrEqual(1);
      expect(kit.pad).toBeLessThan(12);
      expect(Math.min(boxWidth(kit.box), boxHeight(kit.box)) + 2 * kit.pad).toBeLessThanOrEqual(
        load.width + 1e-6,
      );
    }
  });

  it("is told, with what is left, and what to do", () => {
    const finding = found(document, "narrowBorder");
    expect(finding).toMatchObject({ severity: "check", values: { wanted: 12, seats: 14 } });
    if (finding)
      expect(speak(finding, "mm", (seat) => `Seat ${seat}`).sentence).toMatch(
        /letters stay whole.*Mask beyond it/u,
      );
  });

  it("where the load has room, nothing gives way and nothing is said", () => {
    const roomy = made({ face: [200, 60], cutter: mat("small"), words: ["HIM"] });
    expect(makePlan(roomy, testFonts).kits.every(({ pad }) => pad === 12)).toBe(true);
    expect(found(roomy, "narrowBorder")).toBeUndefined();
  });

  it("a long row of letters is parted between two of them, never through one", () => {
    const row = made({ face: [700, load.width - 26], cutter: narrow, words: ["HIMALIA"] });
    const plan = makePlan(row, testFonts);
    expect(plan.kits.length).toBeGreaterThan(1);
    expect(
      plan.kits
        .flatMap(({ part }) => part?.seams ?? [])
        .every(({ through }) => through.length === 0),
    ).toBe(true);
  });
});

describe("a longer mat", () => {
  const words = ["HIMALIAN"];
  const wanted = { face: [380, 90] as const, cutter: mat("small"), words, border: 6 };

  it("is offered by one press where film off a roll is at hand, and then nothing is parted", () => {
    const document = made(wanted);
    const finding = found(document, "kitInParts");
    const remedy = finding?.remedies.find(isRemedy("useCutter"));
    expect(remedy?.values.profile).toBe("long");
    if (!remedy) return;
    const after = applyRemedy(document, remedy);
    expect(after.cutter.cutHeight).toBeGreaterThan(500);
    expect(found(after, "kitInParts")).toBeUndefined();
  });

  it("with short sheets only, it is said that film from a roll is needed, and how long, and no mat is offered that would not help", () => {
    const sheets: ClassDocument["vinyls"][number] = {
      ...wide,
      stock: { kind: "sheet", width: 304.8, height: 304.8, have: 4 },
    };
    const document = made({ ...wanted, vinyl: sheets });
    const finding = found(document, "kitInParts");
    expect(finding?.remedies.some(({ code }) => code === "useCutter")).toBe(false);
    const length = makePlan(
      { ...document, layout: { ...document.layout, split: false } },
      testFonts,
    ).kits[0];
    const needed =
      Math.max(boxWidth(length?.box as never), boxHeight(length?.box as never)) +
      2 * (6 + mat("long").edgeMargin);
    expect(Number(finding?.values.roll)).toBeGreaterThanOrEqual(needed);
    expect(Number(finding?.values.roll)).toBeLessThan(needed + 10);
    if (finding)
      expect(speak(finding, "mm", (seat) => `Seat ${seat}`).sentence).toMatch(
        /film from a roll is needed, at least \d+ mm/u,
      );
  });
});

describe("film larger than the face", () => {
  it("is said with what to trim it to, and the border that fits; taken, nothing is said any more", () => {
    const document = made({
      face: [480, 90],
      cutter: mat("wide"),
      words: ["LIDO"],
      border: 30,
      vinyl: { ...wide, stock: { ...wide.stock, width: 610 } as never },
    });
    const finding = found(document, "borderOverFace");
    expect(finding).toMatchObject({ severity: "check", values: { trim: 90, across: 0 } });
    const remedy = finding?.remedies.find(({ code }) => code === "lessBorder");
    expect(remedy).toBeDefined();
    if (!remedy) return;
    const after = applyRemedy(document, remedy);
    expect(found(after, "borderOverFace")).toBeUndefined();
    const kit = makePlan(after, testFonts).kits[0];
    expect(
      boxHeight(boxOf(kit?.pieces.map(({ polygon }) => polygon) ?? [])) + 2 * (kit?.pad ?? 0),
    ).toBeLessThanOrEqual(90 + 0.05);
  });

  it("of a decal nothing is said, nor where the film lies inside the face", () => {
    expect(
      found(
        made({ technique: "decal", face: [200, 60], cutter: mat("small"), words: ["LIDO"] }),
        "borderOverFace",
      ),
    ).toBeUndefined();
    expect(
      found(
        made({ face: [200, 60], cutter: mat("small"), words: ["LIDO"], border: 6, margin: 7 }),
        "borderOverFace",
      ),
    ).toBeUndefined();
  });
});
