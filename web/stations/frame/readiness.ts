/** What each station has to say for itself: how far it is, and one line on what counts there. */

import { isSpare } from "@elm-basket/core/document/kit-ref.ts";
import type { FindingCode } from "@elm-basket/core/findings/finding.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { KitRow, SheetRow, StoredPlan } from "@/data/making.ts";
import { showSize } from "@/ui/figures.ts";
import type { KnotState } from "@/ui/marks.tsx";
import type { StationKey } from "./stations.ts";
import { readinessWords } from "./words.ts";

export interface Readiness {
  readonly state: KnotState;
  readonly line: string;
}

const STATION_OF: Record<FindingCode, StationKey> = {
  missingGlyph: "letter",
  noFontHasGlyph: "letter",
  thinStroke: "letter",
  lettersApart: "letter",
  emptySeat: "letter",
  noSeats: "letter",
  sameName: "letter",
  longName: "letter",
  tooSmall: "letter",
  kitTooLarge: "cut",
  kitInParts: "cut",
  narrowBorder: "letter",
  borderOverFace: "letter",
  barelySeen: "letter",
  unseenCuts: "weed",
  needsMat: "cut",
  rimTooClose: "measure",
  wideOnCup: "measure",
  runsOver: "teach",
  overBudget: "pack",
  wetGround: "teach",
  idleWait: "teach",
  timeMoved: "plan",
  timeTwice: "plan",
  smallParts: "weed",
  mirrored: "cut",
  rawWood: "measure",
  glassBacks: "measure",
  closedCounters: "letter",
  tightCounter: "letter",
  looseMarks: "letter",
  offLevel: "measure",
  creases: "measure",
  mayCrease: "measure",
  looseIslands: "letter",
  untidyNames: "letter",
  unevenBlanks: "measure",
  ownUnmeasured: "measure",
  insideBelowGround: "letter",
  manyColours: "letter",
  nearShades: "plan",
  homeBlanks: "measure",
  twiceTheVinyl: "measure",
  filmUnsuited: "measure",
  liftsFibres: "measure",
  tapeQuarrel: "measure",
  notIronOn: "plan",
  foodContact: "measure",
  missingWord: "letter",
  unknownPicture: "letter",
  artRepaired: "letter",
  personalUseOnly: "letter",
  belowGround: "letter",
};

export const stationOf = (code: string): StationKey => STATION_OF[code as FindingCode] ?? "plan";

export interface ReadinessInput {
  readonly plan: StoredPlan;
  readonly kits: readonly KitRow[];
  readonly sheets: readonly Pick<SheetRow, "cutAt">[];
  readonly unit: LengthUnit;
  readonly ended: boolean;
  /** What is to be bought is a host's matter. */
  readonly host: boolean;
}

const part = (done: number, all: number): KnotState =>
  all > 0 && done >= all ? "full" : done > 0 ? "half" : "empty";

export function readiness({
  plan,
  kits,
  sheets,
  unit,
  ended,
  host,
}: ReadinessInput): Record<StationKey, Readiness> {
  const say = readinessWords();
  const stops = (key: StationKey) =>
    plan.findings.some((finding) => finding.severity === "stop" && stationOf(finding.code) === key);
  const checks = (key: StationKey) =>
    plan.findings.filter((finding) => finding.severity !== "tip" && stationOf(finding.code) === key)
      .length;
  const withStop = (key: StationKey, state: KnotState): KnotState => (stops(key) ? "stop" : state);
  const seats = plan.seats.length;
  const own = kits.filter(({ seat }) => !isSpare(seat));
  const cut = sheets.filter(({ cutAt }) => cutAt).length;
  const weeded = kits.filter((kit) => kit.weeded).length;
  const packed = own.filter((kit) => kit.packed).length;
  const short = plan.supplies.filter((line) => line.packs > 0).length;
  const weedLeft = kits.filter((kit) => !kit.weeded).reduce((sum, kit) => sum + kit.weedMinutes, 0);
  // Handed over to be weeded by those who take part: the host has nothing of it before.
  const inClass = plan.evenings.weedingMinutes === 0;
  return {
    plan: {
      state: withStop("plan", seats > 0 ? "full" : "half"),
      line:
        plan.things && plan.things.length > 1
          ? say.things(seats, plan.things.length)
          : say.seat(seats),
    },
    measure: {
      state: withStop("measure", checks("measure") > 0 ? "half" : "full"),
      line: measured(plan, unit),
    },
    letter: {
      state: withStop("letter", seats === 0 ? "empty" : checks("letter") > 0 ? "half" : "full"),
      line:
        seats === 0
          ? say.noNamesYet
          : checks("letter") > 0
            ? say.finding(checks("letter"))
            : say.allSound,
    },
    cut: {
      state: withStop("cut", part(cut, sheets.length)),
      line: say.nothingToCutOfLoad(sheets.length, cut),
    },
    weed: {
      state: part(weeded, kits.length),
      line:
        kits.length === 0
          ? say.noKits
          : weeded === kits.length
            ? say.allWeeded
            : weeded > 0
              ? say.ofSaid(weeded, kits.length)
              : inClass
                ? say.inTheClass
                : showMinutes(weedLeft),
    },
    pack: {
      state: part(packed, own.length),
      line: host
        ? say.ofPackedToBuyAll(packed, own.length, short)
        : say.packedOf(packed, own.length),
    },
    teach: {
      state: withStop("teach", ended ? "full" : plan.runSheet.steps.length > 0 ? "half" : "empty"),
      line: ended
        ? say.taught
        : plan.runSheet.steps.length === 0
          ? say.noSteps
          : showMinutes(plan.runSheet.endMinute),
    },
    "look-back": {
      state: ended ? "full" : "empty",
      line: say.runLoggedAfterTheClass(ended),
    },
  };
}

/** Longest line under a knot of the thread. */
const LINE_LETTERS = 24;

function measured({ face, things = [] }: ReadinessInput["plan"], unit: LengthUnit): string {
  if (things.length < 2) return showSize(face, unit);
  const titles = things.map(({ title }) => title.toLowerCase()).join(", ");
  return readinessWords().things2(titles.length, LINE_LETTERS, titles, things.length);
}
